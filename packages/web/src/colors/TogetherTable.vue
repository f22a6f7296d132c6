<script setup lang="ts">
import { formatMoney, lastingSpend, together, type CupboardItem, type Lasting, type Look, type TogetherNote, type TogetherRow } from '@hestiad/core'
import { computed, onMounted, ref, shallowRef, toRaw } from 'vue'
import { useI18n } from 'vue-i18n'
import { api } from '../api/calls.js'
import { list } from '../findings/findingWords.js'
import { formatDate } from '../shell/dates.js'

/** What ties the pieces of a look together, piece by piece, from what the cupboard knows of them. */
const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const items = shallowRef<readonly CupboardItem[]>()
const failed = ref(false)

async function load(): Promise<void> {
  failed.value = false
  try {
    items.value = (await api.getCupboard()).items
  } catch {
    failed.value = true
  }
}
onMounted(load)

const ties = computed(() => (items.value ? together(toRaw(props.look), items.value) : undefined))
const names = computed(() => new Map(props.look.pieces.map((piece) => [piece.id, piece.name])))
const rows = computed(() => [...(ties.value?.rows ?? [])].sort((a, b) => b.motif.localeCompare(a.motif) || name(a.pieceId).localeCompare(name(b.pieceId))))
const name = (pieceId: string) => names.value.get(pieceId) ?? ''
const named = (pieceIds: readonly string[]) => list(pieceIds.map(name))
const ages = computed(() =>
  list(
    (['old', 'between', 'new', 'unknown'] as const).flatMap((age) => (ties.value?.ages[age] ? [t(`together.ages.${age}`, { n: ties.value.ages[age] })] : []))
  )
)

const spends = computed(() => (items.value ? lastingSpend(toRaw(props.look), items.value) : []))
const money = (cents: number) => formatMoney(cents, props.look.money.currency)
const spent = computed(() =>
  spends.value
    .filter((one) => one.kinds > 0 && one.lasting !== 'unknown')
    .map((one) =>
      t(
        'together.spent',
        {
          kind: t(`together.lasting.${one.lasting}`),
          n: one.kinds,
          paid: money(one.paidCents),
          buy: one.toBuyCents > 0 ? t('together.toBuy', { sum: money(one.toBuyCents) }) : '',
          gap: one.gapKinds > 0 ? t('together.gap', { n: one.gapKinds }) : ''
        },
        one.kinds
      )
    )
)
const unsaid = computed(() => {
  const kinds = spends.value.find((one) => one.lasting === 'unknown')?.kinds ?? 0
  return kinds > 0 ? t('together.unsaid', { n: kinds }, kinds) : ''
})
const house = computed(() => {
  const of = (lasting: Lasting) => money(spends.value.find((one) => one.lasting === lasting)?.housePaidCents ?? 0)
  return t('together.house', { trend: of('trend'), timeless: of('timeless') })
})

function tell(note: TogetherNote): string {
  switch (note.kind) {
    case 'motif':
      return t('together.note.motif', { motif: note.motif, n: note.pieceIds.length, names: named(note.pieceIds) })
    case 'taste': {
      const met = list([...note.pieceIds.map(name), ...note.dishes])
      return [
        met && t('together.note.taste', { whose: note.whose || t('together.note.honored'), names: met }),
        note.unmet.length > 0 && t('together.note.tasteUnmet', { words: list(note.unmet) }),
        note.couldIds.length > 0 && t('together.note.tasteCould', { names: named(note.couldIds) })
      ]
        .filter(Boolean)
        .join(' ')
    }
    case 'theme':
      if (note.pieceIds.length === 0 && note.dishes.length === 0) return t('together.note.noTheme', { theme: props.look.intent.theme })
      return t('together.note.theme', { theme: props.look.intent.theme, names: list([...note.pieceIds.map(name), ...note.dishes]) })
    case 'literal':
      return t(
        note.count > note.most ? 'together.note.tooLiteral' : 'together.note.tooFaint',
        {
          n: note.count,
          wish: t(`meant.literal.${note.wish}`),
          bound: note.count > note.most ? note.most : note.least
        },
        note.count
      )
    case 'could-show':
      return t('together.note.couldShow', { names: named(note.pieceIds) })
    case 'off-season':
      return t('together.note.offSeason', { names: named(note.pieceIds) }, note.pieceIds.length)
    case 'comes-down':
      return t('together.note.comesDown', { names: named(note.pieceIds), day: formatDate(note.day) }, note.pieceIds.length)
    case 'against-mood':
      return t('together.note.againstMood', { names: named(note.pieceIds), mood: t(`meant.mood.${note.mood}`) }, note.pieceIds.length)
    case 'color-doubt':
      return t('together.note.colorDoubt', { names: named(note.pieceIds) }, note.pieceIds.length)
    case 'one-shine':
      return t('together.note.oneShine', { shine: t(`together.shine.${note.shine}`) })
    case 'one-touch':
      return t(`together.note.${note.touch === 'hard' ? 'allHard' : 'allSoft'}`, { n: note.other, of: note.of }, note.other)
    case 'one-form':
      return t('together.note.oneForm', { names: named(note.pieceIds) })
    case 'uneven':
      return t('together.note.uneven', { large: name(note.largeId), small: name(note.smallId), times: Math.round(note.times) })
  }
}

/** How long the house has it, and for which part of the year. */
function since(row: TogetherRow): string {
  const season = row.isOffSeason ? [t('together.otherSeason')] : row.downOn ? [t('together.until', { day: formatDate(row.downOn) })] : []
  return [t(`together.of.${row.age}`), ...season].join(', ')
}
</script>

<template>
  <section class="stack">
    <h3>{{ t('together.title') }}</h3>
    <p v-if="failed" class="row" role="alert">
      {{ t('together.failed') }} <el-button size="small" @click="load">{{ t('together.again') }}</el-button>
    </p>
    <el-skeleton v-else-if="!ties" :rows="3" animated />
    <p v-else-if="rows.length === 0" class="soft tidy">{{ t('together.nothing') }}</p>
    <template v-else>
      <ul v-if="ties.notes.length > 0" class="lines">
        <li v-for="(note, i) in ties.notes" :key="i">{{ tell(note) }}</li>
      </ul>
      <p class="soft small tidy">{{ t('together.mix', { ages }) }}</p>
      <p v-if="spent.length > 0" class="soft small tidy">{{ spent.join(' ') }} {{ unsaid }} {{ house }}</p>
      <el-table scrollbar-tabindex="0" :data="rows" size="small" :empty-text="t('together.nothing')">
        <el-table-column :label="t('together.piece')" min-width="140">
          <template #default="{ row }">{{ name((row as TogetherRow).pieceId) }}</template>
        </el-table-column>
        <el-table-column :label="t('together.motif')" prop="motif" min-width="84" />
        <el-table-column :label="t('together.feel')" min-width="112">
          <template #default="{ row }"
            >{{ t(`together.shine.${(row as TogetherRow).shine}`) }}, {{ t(`together.texture.${(row as TogetherRow).texture}`) }}</template
          >
        </el-table-column>
        <el-table-column :label="t('together.since')" min-width="116">
          <template #default="{ row }">{{ since(row as TogetherRow) }}</template>
        </el-table-column>
      </el-table>
      <p class="soft small tidy">{{ t('together.from') }}</p>
    </template>
  </section>
</template>
