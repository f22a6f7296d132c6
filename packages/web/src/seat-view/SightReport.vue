<script setup lang="ts">
import {
  atMeal,
  behindGuests,
  clearHeightMm,
  flamesOf,
  guestEyes,
  pieceIndex,
  seatPlan,
  sightLines,
  standings,
  FACE_HALF_HEIGHT_MM,
  FACE_BELOW_EYES_MM,
  type Figures,
  type Look
} from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { percent } from '../findings/findingWords.js'
import { usePreferences } from '../stores/preferences.js'
import HeightsChart from './HeightsChart.vue'

/** Who sees whom, what is in the way, how tall each piece could be, and which flames stand at eye level: to be shown to a client. */
const props = defineProps<{ look: Look; sight: Figures['sight'] }>()
const { t } = useI18n()
const { length } = usePreferences()
const index = computed(() => pieceIndex(props.look))
const nameOf = (placedId: string) => index.value.get(props.look.centerpiece.find((one) => one.id === placedId)?.pieceId ?? '')?.name ?? ''
const plan = computed(() => seatPlan(props.look))
const eyes = computed(() => guestEyes(plan.value, props.look.table))
const lines = computed(() => sightLines(eyes.value))
const meal = computed(() => atMeal(standings(props.look)))
const behind = computed(() =>
  behindGuests(props.look, eyes.value, plan.value.outline).map(({ number, from, viewId }) => {
    const view = props.look.room.views.find((one) => one.id === viewId)
    const name = (n: number) => plan.value.guests[n - 1]?.name ?? String(n)
    return {
      key: `${number} ${viewId}`,
      words: t(view?.kind === 'window' ? 'sight.against' : 'sight.behindAt', { name: name(number), view: view?.name ?? '', from: name(from) })
    }
  })
)
const pieces = computed(() => {
  return meal.value
    .filter((one) => one.topMm > lines.value.lowestMm)
    .map((one) => ({
      id: one.placed.id,
      name: one.piece.name,
      topMm: one.topMm,
      clearMm: clearHeightMm(one, lines.value, 0),
      views: props.sight.costs.find((cost) => cost.placedId === one.placed.id)?.blames.length ?? 0
    }))
    .sort((a, b) => b.views - a.views || b.topMm - a.topMm)
})
/** Flames between the lowest and the highest eyes look into somebody's eyes. */
const glare = computed(() => {
  const heights = eyes.value.map((eye) => eye.z)
  const [low, high] = [Math.min(...heights) - FACE_BELOW_EYES_MM - FACE_HALF_HEIGHT_MM, Math.max(...heights) + 40]
  return flamesOf(standings(props.look), props.look.occasion.endMin)
    .filter((flame) => flame.highMm > low && flame.lowMm < high)
    .map((flame) => flame.standing.piece.name)
})
const glareWords = computed(() => [...new Set(glare.value)].map((name) => `${glare.value.filter((one) => one === name).length} × ${name}`).join(', '))
</script>

<template>
  <section class="report" :aria-label="t('sight.title')">
    <h2>{{ t('sight.title') }}</h2>
    <p>{{ t('sight.sum', { seen: sight.seen, pairs: sight.pairs, hidden: percent(sight.meanHidden) }) }}</p>
    <div class="scroll">
      <table>
        <thead>
          <tr>
            <th scope="col">{{ t('sight.who') }}</th>
            <th v-for="(guest, i) in look.guests" :key="guest.id" scope="col" :title="guest.name">{{ i + 1 }}</th>
            <th scope="col">{{ t('sight.sees') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(row, from) in sight.hidden" :key="from">
            <th scope="row">{{ from + 1 }} {{ look.guests[from]?.name }}</th>
            <td v-for="(hidden, to) in row" :key="to" :class="{ self: from === to, bad: hidden > sight.limit }">
              {{ from === to ? '' : hidden < 0.005 ? '·' : percent(hidden) }}
            </td>
            <td>{{ t('ledger.of', { seen: sight.seenBy[from] ?? 0, pairs: sight.count - 1 }) }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <p class="soft small">{{ t('sight.legend', { limit: percent(sight.limit) }) }}</p>
    <h3>{{ t('sight.pieces') }}</h3>
    <p v-if="pieces.length === 0" class="soft">{{ t('sight.allLow') }}</p>
    <ul v-else>
      <li v-for="piece in pieces" :key="piece.id" :class="{ bad: piece.views > 0 }">
        {{ t('sight.piece', { name: nameOf(piece.id), top: length(piece.topMm), clear: length(piece.clearMm), views: piece.views }) }}
      </li>
    </ul>
    <HeightsChart v-if="look.guests.length > 1" :lines="lines" :standing="meal" :limit="sight.limit" :first="sight.costs[0]?.placedId ?? null" />
    <h3>{{ t('sight.behind') }}</h3>
    <p v-if="behind.length === 0" class="soft">{{ t('sight.noBehind') }}</p>
    <ul v-else>
      <li v-for="one in behind" :key="one.key">{{ one.words }}</li>
    </ul>
    <h3>{{ t('sight.glare') }}</h3>
    <p>{{ glare.length === 0 ? t('sight.noGlare') : t('sight.glareAt', { flames: glareWords }) }}</p>
  </section>
</template>

<style scoped>
.report {
  display: grid;
  gap: 8px;
}

.scroll {
  overflow-x: auto;
}

table {
  border-collapse: collapse;
  font-variant-numeric: tabular-nums;
}

th,
td {
  padding: 3px 6px;
  border-bottom: 1px solid var(--hairline);
  text-align: center;
  font-size: 13px;
}

th[scope='row'] {
  text-align: left;
  font-weight: 500;
}

td.bad {
  background: var(--ember-soft);
  color: var(--ink);
  font-weight: 700;
}

li.bad {
  color: var(--ember);
}

.self {
  background: var(--hairline);
}

h2,
h3,
p,
ul {
  margin: 0;
}
</style>
