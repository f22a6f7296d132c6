<script setup lang="ts">
import { beginAnother, everydayOf, nameLook, type Look } from '@hestiad/core'
import { ChevronDown } from '@lucide/vue'
import { ElMessageBox } from 'element-plus/es/components/message-box/index'
import 'element-plus/es/components/message-box/style/css'
import { ref, shallowRef, toRaw } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRoute, useRouter } from 'vue-router'
import { api } from '../api/calls.js'
import { useLook } from '../stores/lookStore.js'
import { tell } from './tell.js'

/** The looks of the occasion: which one is open, the others to go to, and what can be done with this one. */
const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const router = useRouter()
const route = useRoute()
const looks = shallowRef<readonly { readonly id: string; readonly name: string }[]>([])
const acts = ['rename', 'duplicate', 'everyday', 'another', 'remove'] as const
const busy = ref(false)

async function load(shown: boolean): Promise<void> {
  if (!shown) return
  const answer = await api.listOccasions().catch(() => undefined)
  looks.value = answer?.occasions.find((one) => one.id === store.occasionId)?.looks ?? []
}

const goTo = (id: string) => router.push({ name: 'look', params: { id, step: route.params['step'] } })

/** A name for a look, as somebody types it; undefined when they think better of it. */
async function askName(title: string, first: string): Promise<string | undefined> {
  const answer = await ElMessageBox.prompt(t('looks.name'), title, {
    inputValue: first,
    inputValidator: (text: string) => (text.trim() !== '' && text.length <= 200) || t('looks.nameWrong'),
    confirmButtonText: t('looks.keep'),
    cancelButtonText: t('occasions.cancel')
  }).catch(() => undefined)
  return (answer as { value?: string } | undefined)?.value?.trim()
}

async function copyAs(look: Look, name: string | undefined): Promise<void> {
  if (name === undefined) return
  await goTo((await api.copyLook(store.id, { look, name })).id)
}

async function remove(): Promise<void> {
  const sure = await ElMessageBox.confirm(t('looks.removeAsk', { name: props.look.name }), {
    confirmButtonText: t('occasions.removeYes'),
    cancelButtonText: t('occasions.cancel')
  }).catch(() => 'no')
  const next = looks.value.find((one) => one.id !== store.id)
  if (sure !== 'confirm' || !next) return
  const gone = store.id
  await goTo(next.id)
  await api.removeLook(gone)
}

async function run(act: string): Promise<void> {
  busy.value = true
  try {
    if (act === 'rename') {
      const name = await askName(t('looks.rename'), props.look.name)
      if (name) store.run(nameLook, name)
    } else if (act === 'duplicate') await copyAs(props.look, await askName(t('looks.duplicate'), t('looks.copyOf', { name: props.look.name })))
    else if (act === 'everyday') {
      const name = await askName(t('looks.everyday'), t('looks.everydayOf', { name: props.look.name }))
      if (name) await copyAs(everydayOf(toRaw(props.look), name), name)
    } else if (act === 'another') {
      const name = await askName(t('looks.another'), t('looks.nth', { n: looks.value.length + 1 }))
      if (name) await copyAs(beginAnother(props.look, name), name)
    } else if (act === 'remove') await remove()
    else await goTo(act)
  } catch (error) {
    tell('error', (error as Error).message)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <el-dropdown trigger="click" :disabled="busy" :persistent="false" @visible-change="load" @command="run">
    <el-button class="plain name" :aria-label="t('looks.menu', { name: look.name })"
      ><span class="said">{{ look.name }}</span> <ChevronDown :size="14"
    /></el-button>
    <template #dropdown>
      <el-dropdown-menu>
        <el-dropdown-item v-for="one in looks" :key="one.id" :command="one.id" :disabled="one.id === store.id">{{ one.name }}</el-dropdown-item>
        <el-dropdown-item v-for="(act, i) in acts" :key="act" :command="act" :divided="i === 0" :disabled="act === 'remove' && looks.length < 2">{{
          t(`looks.${act}`)
        }}</el-dropdown-item>
      </el-dropdown-menu>
    </template>
  </el-dropdown>
</template>

<style scoped>
.name {
  gap: 4px;
  align-items: center;
  max-width: 220px;
  overflow: hidden;
  border-bottom: 2px solid var(--ember) !important;
  border-radius: 0;
  font-weight: 600 !important;
  white-space: nowrap !important;
}

.said {
  overflow: hidden;
  text-overflow: ellipsis;
}

.name :deep(> span) {
  min-width: 0;
}

.name :deep(svg) {
  flex: none;
}

@media (max-width: 900px) {
  .name {
    max-width: 136px;
  }
}
</style>
