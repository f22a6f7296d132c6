<script setup lang="ts">
import { baseIds, baseSetOf, besideBase, isBaseSet, layBaseSet, pieceIndex, type BaseSet, type Look } from '@hestiad/core'
import { computed, onMounted, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { api } from '../api/calls.js'
import { list } from '../findings/findingWords.js'
import FoldAway from '../shell/FoldAway.vue'
import SelectField from '../shell/SelectField.vue'
import TextField from '../shell/TextField.vue'
import type { Kept } from '../stores/kept.js'
import { createNamedKept } from '../stores/namedKept.js'
import { useLook } from '../stores/lookStore.js'

/** Base sets: plates, glasses and flatware kept under a name and laid on any look; said is what of this look differs from the one chosen. */
const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const chosenId = ref<string | null>(null)
const kept = createNamedKept<BaseSet>(
  'base',
  'kept-base-sets',
  (one) => (isBaseSet(one) ? [one] : []),
  (id) => (chosenId.value = id)
)
const { dropped } = kept
onMounted(() => void kept.load())
const chosen = computed(() => kept.list.value.find((one) => one.id === chosenId.value) ?? asLaid.value)
/** The set that lies as it is kept. */
const asLaid = computed(() => kept.list.value.find(({ value }) => isThere(value)))
const isThere = (base: BaseSet) => {
  const { without, with: more } = besideBase(props.look, base)
  return without.length + more.length === 0
}
const name = ref('')
const missing = ref<number>(0)
const nameOf = (id: string) => pieceIndex(props.look).get(id)?.name ?? t('settings.base.elsewhere')
const differs = computed(() => {
  if (!chosen.value) return ''
  const { without, with: more } = besideBase(props.look, chosen.value.value)
  if (without.length + more.length === 0) return t('settings.base.same')
  const parts = [
    ...(without.length > 0 ? [t('settings.base.without', { names: list(without.map(nameOf)) })] : []),
    ...(more.length > 0 ? [t('settings.base.with', { names: list(more.map(nameOf)) })] : [])
  ]
  return t('settings.base.differs', { parts: list(parts) })
})

/** What of it the look has not is brought from the cupboard. */
async function lay({ id, value }: Kept<BaseSet>): Promise<void> {
  chosenId.value = id
  const own = pieceIndex(props.look)
  const asked = baseIds(value).filter((one) => !own.has(one))
  const items = asked.length > 0 ? ((await api.getCupboard().catch(() => undefined))?.items ?? []) : []
  const brought = items.map(({ piece }) => piece).filter((piece) => asked.includes(piece.id))
  missing.value = asked.length - brought.length
  store.run(layBaseSet, value, brought as Look['pieces'])
}

/** Under the name given, else the look's. */
function keep(): void {
  kept.keep(baseSetOf(props.look, name.value.trim() || props.look.name))
  missing.value = 0
  name.value = ''
}
</script>

<template>
  <FoldAway :title="t('settings.base.title')">
    <div class="stack">
      <p class="soft small tidy">{{ t('settings.base.says') }}</p>
      <SelectField
        v-if="kept.list.value.length > 0"
        :label="t('settings.base.choose')"
        :model-value="chosen?.id ?? null"
        :choices="kept.list.value.map(({ id, value }) => ({ value: id, label: value.name }))"
        @update:model-value="chosenId = $event"
      />
      <p v-if="chosen" class="small tidy">{{ differs }}</p>
      <p v-if="chosen" class="row small tidy">
        <el-button v-if="!isThere(chosen.value)" size="small" type="primary" @click="lay(chosen)">{{ t('settings.base.lay') }}</el-button>
        <el-button class="plain link" @click="kept.drop(chosen)">{{ t('settings.base.drop', { name: chosen.value.name }) }}</el-button>
      </p>
      <p v-if="missing > 0" class="bad small tidy" role="status">{{ t('settings.base.missing', { n: missing }, missing) }}</p>
      <p v-if="dropped" class="row small tidy" role="status">
        {{ t('settings.base.dropped', { name: dropped.name }) }} <el-button class="plain link" @click="kept.takeBack()">{{ t('nav.undo') }}</el-button>
      </p>
      <div v-if="!asLaid" class="row named">
        <TextField v-model="name" :label="t('settings.base.name')" :placeholder="look.name" />
        <el-button size="small" @click="keep">{{ t('settings.base.keep') }}</el-button>
      </div>
    </div>
  </FoldAway>
</template>

<style scoped>
.row {
  flex-wrap: wrap;
}

.tidy {
  margin: 0;
}

.named {
  align-items: end;
}
</style>
