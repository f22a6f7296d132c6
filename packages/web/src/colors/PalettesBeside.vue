<script setup lang="ts">
import { colorFigures, colorName, houseFit, paletteBeside, paletteOfGroups, worksWith, type ColorGroup, type Look, type Piece } from '@hestiad/core'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { api } from '../api/calls.js'
import { list, percent } from '../findings/findingWords.js'
import SelectField from '../shell/SelectField.vue'
import { useLook } from '../stores/lookStore.js'
import StrengthBars from './StrengthBars.vue'

/** The colors of this table beside those of earlier ones, and what the house has held against its palette. */
const props = defineProps<{ look: Look; groups: readonly ColorGroup[]; chroma: number }>()
const { t } = useI18n()
const store = useLook()
/** So many looks are held against this one. */
const MOST = 12
const MOST_NAMES = 8
/** Fewer cells than for the table itself: only shares are asked for. */
const CELLS = 140
interface Other {
  readonly id: string
  readonly name: string
  readonly groups: readonly ColorGroup[]
  readonly chroma: number
}
const others = shallowRef<readonly Other[]>()
const failed = ref(false)
const chosen = ref<string | null>(null)

async function load(): Promise<void> {
  failed.value = false
  try {
    const { occasions } = await api.listOccasions()
    const looks = occasions.flatMap((one) => one.looks).filter((one) => one.id !== store.id)
    const dated = looks.map(({ id, name, look }) => ({ id, name, look: look as Look }))
    dated.sort((a, b) => b.look.occasion.date.localeCompare(a.look.occasion.date))
    others.value = dated.slice(0, MOST).map(({ id, name, look }) => {
      const { groups, chroma } = colorFigures(look, CELLS)
      return { id, name: `${look.occasion.title}, ${name}`, groups, chroma }
    })
  } catch {
    failed.value = true
  }
}
onMounted(load)

const other = computed(() => others.value?.find((one) => one.id === chosen.value) ?? others.value?.[0])
const beside = computed(() => other.value && paletteBeside(props.groups, other.value.groups))
const colors = (found: readonly { readonly color: string }[]) => list([...new Set(found.map((one) => colorName(one.color)))].slice(0, MOST_NAMES))
const differences = computed(() => {
  if (!beside.value) return ''
  const { sharedShare, added, gone } = beside.value
  return [
    t('colors.beside.shared', { share: percent(sharedShare) }),
    ...(added.length > 0 ? [t('colors.beside.added', { colors: colors(added) })] : []),
    ...(gone.length > 0 ? [t('colors.beside.gone', { colors: colors(gone) })] : []),
    ...(added.length + gone.length === 0 ? [t('colors.beside.same')] : [])
  ].join(' ')
})
const bars = computed(() => [
  { name: t('colors.beside.here'), chroma: props.chroma, isHere: true },
  ...(others.value ?? []).map(({ name, chroma }) => ({ name, chroma, isHere: false }))
])
const rank = computed(() => {
  const all = others.value ?? []
  const below = all.filter((one) => one.chroma < props.chroma).length
  const key = below === all.length ? 'strongest' : below === 0 ? 'quietest' : 'rank'
  return t(`colors.beside.${key}`, { below, n: key === 'rank' ? all.length : all.length + 1 })
})

const palette = computed(() => (props.look.intent.palette.length > 0 ? props.look.intent.palette : paletteOfGroups(props.groups)))
const house = computed(() => houseFit(props.look.pieces, palette.value))
const named = (pieces: readonly Piece[]) => {
  const shown = list(pieces.slice(0, MOST_NAMES).map((piece) => t('colors.house.worksOne', { name: piece.name, n: piece.owned })))
  const more = pieces.length - MOST_NAMES
  return more > 0 ? t('colors.house.more', { names: shown, n: more }, more) : shown
}
/** What has a color of its own and still goes with most of the tables there are, each with how many: it is worth having. */
const atHome = computed(() => {
  const palettes = [...(others.value ?? []).map((one) => paletteOfGroups(one.groups)), palette.value]
  const found = house.value.inColor.map((piece) => ({ piece, n: worksWith(piece, palettes) })).filter(({ n }) => n > palettes.length / 2)
  const first = found.sort((a, b) => b.n - a.n).slice(0, MOST_NAMES)
  return { of: palettes.length, names: list(first.map(({ piece, n }) => t('colors.house.worksWith', { name: piece.name, n, of: palettes.length }))) }
})
</script>

<template>
  <section class="stack">
    <h3>{{ t('colors.beside.title') }}</h3>
    <p v-if="failed" class="row" role="alert">
      {{ t('colors.beside.failed') }} <el-button size="small" @click="load">{{ t('colors.beside.again') }}</el-button>
    </p>
    <el-skeleton v-else-if="!others" :rows="2" animated />
    <p v-else-if="!other || !beside" class="soft tidy">{{ t('colors.beside.none') }}</p>
    <template v-else>
      <SelectField
        :label="t('colors.beside.with')"
        :model-value="other.id"
        :choices="others.map((one) => ({ value: one.id, label: one.name }))"
        @update:model-value="chosen = $event"
      />
      <p class="colors" aria-hidden="true">
        <i v-for="group in other.groups" :key="group.color" :style="{ background: group.color, flexGrow: group.share }" />
      </p>
      <p class="small tidy">
        {{ differences }}
      </p>
      <StrengthBars :bars="bars" />
      <p class="soft small tidy">{{ rank }}</p>
    </template>
  </section>
  <section v-if="groups.length > 1" class="stack">
    <h3>{{ t('colors.house.title') }}</h3>
    <ul class="lines">
      <li>{{ t('colors.house.neutral', { share: percent(house.neutralShare) }) }}</li>
      <li v-if="house.fallOut.length > 0">{{ t('colors.house.falls', { names: named(house.fallOut) }) }}</li>
      <li v-else>{{ t('colors.house.whole') }}</li>
      <li v-if="house.gaps.length > 0">{{ t('colors.house.gap', { colors: colors(house.gaps) }) }}</li>
      <li v-if="atHome.names !== '' && atHome.of > 1">{{ t('colors.house.worksMost', { names: atHome.names }) }}</li>
    </ul>
  </section>
</template>

<style scoped>
.colors {
  display: flex;
  height: 22px;
  margin: 0;
  border: 1px solid var(--hairline);
}

.colors i {
  flex: 1 1 0;
  min-width: 2px;
}
</style>
