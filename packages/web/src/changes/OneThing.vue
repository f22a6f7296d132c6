<script setup lang="ts">
import { usedIds, type Look } from '@hestiad/core'
import { computed, ref, toRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import CheckField from '../shell/CheckField.vue'
import ChoiceField from '../shell/ChoiceField.vue'
import PieceSelect from '../shell/PieceSelect.vue'
import { shelfOf } from '../shops/shelf.js'
import { useLook } from '../stores/lookStore.js'
import ChangeList from './ChangeList.vue'
import { useChanges } from './useChanges.js'

/** One thing of the look swapped, left out or added, with what that changes; and of all such changes those that help most. */
const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
type Way = 'for' | 'add' | 'help' | 'fresh'
const way = ref<Way>('for')
const ways = (['for', 'add', 'help', 'fresh'] as const).map((value) => ({ value, label: t(`changes.way.${value}`) }))
const fromShops = ref(false)
const wanted = ref<string | null>(null)
const things = computed(() => {
  const used = usedIds(props.look)
  return props.look.pieces.filter((piece) => used.has(piece.id))
})
const chosen = computed(() => props.look.centerpiece.find((placed) => placed.id === store.selected)?.pieceId)
/** What was asked for last, else what is chosen on the Board, else the napkin. */
const pieceId = computed(() => {
  const has = (id: string | null | undefined) => (things.value.some((piece) => piece.id === id) ? id! : undefined)
  return has(wanted.value) ?? has(chosen.value) ?? has(props.look.setting.napkin?.pieceId) ?? things.value[0]?.id ?? null
})
watch(chosen, (id) => {
  if (id) wanted.value = id
})

const { lists, of, looking, problem, find } = useChanges(toRef(props, 'look'), async (look) => {
  if (way.value !== 'for') return { kind: way.value, look }
  const kind = look.pieces.find((piece) => piece.id === pieceId.value)?.kind
  return pieceId.value && kind ? { kind: 'for', look, pieceId: pieceId.value, shelf: fromShops.value ? await shelfOf(look, [kind]) : undefined } : undefined
})
watch([way, pieceId, fromShops], find)
/** After a swap what one looks at is what came in its place. */
watch(things, (now, before) => {
  const came = now.find((piece) => !before.some((one) => one.id === piece.id))
  const asked = wanted.value ?? before.find((one) => !now.some((piece) => piece.id === one.id))?.id
  if (came && asked && !now.some((piece) => piece.id === asked)) wanted.value = came.id
})

const changes = computed(() => lists.value[0] ?? [])
</script>

<template>
  <section class="stack">
    <p class="soft small">{{ t('changes.says') }}</p>
    <ChoiceField v-model="way" :label="t('changes.how')" :choices="ways" />
    <template v-if="way === 'for'">
      <PieceSelect :label="t('changes.thing')" :model-value="pieceId" :pieces="things" @update:model-value="wanted = $event" />
      <CheckField v-model="fromShops" :label="t('changes.fromShops')" />
    </template>
    <p v-if="problem" class="bad" role="alert">{{ problem }}</p>
    <el-skeleton v-else-if="looking && changes.length === 0" :rows="4" animated />
    <p v-else-if="changes.length === 0" role="status">{{ t(`changes.nothing.${way}`) }}</p>
    <ChangeList :look="look" :of="of" :changes="changes" />
  </section>
</template>

<style scoped>
p {
  margin: 0;
}
</style>
