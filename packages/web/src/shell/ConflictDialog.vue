<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { useLook } from '../stores/lookStore.js'

const { t } = useI18n()
const router = useRouter()
const store = useLook()
const shown = computed(() => store.saveState === 'conflict')

async function keepBoth(): Promise<void> {
  const id = await store.keepBoth(t('conflict.name', { name: store.look?.name ?? '' }))
  await router.push({ name: 'look', params: { id, step: 'centerpiece' } })
}
</script>

<template>
  <el-dialog :model-value="shown" :title="t('conflict.title')" width="440" :show-close="false" :close-on-click-modal="false" :close-on-press-escape="false">
    <p>{{ t('conflict.text') }}</p>
    <template #footer>
      <el-button @click="store.loadNewer()">{{ t('conflict.newer') }}</el-button>
      <el-button type="primary" @click="keepBoth">{{ t('conflict.both') }}</el-button>
    </template>
  </el-dialog>
</template>
