<script setup lang="ts">
import { useI18n } from 'vue-i18n'

const shown = defineModel<boolean>({ required: true })
const { t } = useI18n()
const keys = [
  ['arrows', '← ↑ → ↓'],
  ['brackets', '[ ]'],
  ['delete', 'Delete'],
  ['numbers', '1 … 9, 0'],
  ['t', 't'],
  ['g', 'g'],
  ['l', 'l'],
  ['m', 'm'],
  ['v', 'v'],
  ['z', 'z'],
  ['Z', 'Z'],
  ['slash', '/'],
  ['escape', 'Esc']
] as const
</script>

<template>
  <el-dialog v-model="shown" :title="t('keys.title')" width="440">
    <dl>
      <template v-for="[what, key] in keys" :key="what">
        <dt>
          <kbd>{{ key }}</kbd>
        </dt>
        <dd>{{ t(`keys.list.${what}`) }}</dd>
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
