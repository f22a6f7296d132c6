<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import { keyTable } from './keys.js'

const shown = defineModel<boolean>({ required: true })
const { t } = useI18n()
</script>

<template>
  <el-dialog v-model="shown" :title="t('keys.title')" width="440">
    <dl>
      <template v-for="{ act, shown: key } in keyTable" :key="act">
        <dt>
          <kbd>{{ key }}</kbd>
        </dt>
        <dd>{{ t(`keys.list.${act}`) }}</dd>
      </template>
    </dl>
  </el-dialog>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: 90px 1fr;
  gap: 8px;
  margin: 0;
}

dd {
  margin: 0;
}
</style>
