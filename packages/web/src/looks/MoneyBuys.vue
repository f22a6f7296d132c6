<script setup lang="ts">
import { formatMoney, type CostCurve, type Look, type WholeLook, type WholeLookOptions } from '@hestiad/core'
import { scaleLinear } from 'd3-scale'
import { computed, onUnmounted, ref, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import MiniTable from '../board/MiniTable.vue'
import { percent } from '../findings/findingWords.js'
import { latest } from '../workers/latest.js'

/** The best look for each sum of money: where the brief's budget lies on it, and what one step more or less buys. */
const props = defineProps<{ look: Look; optionsFor: (look: Look) => Promise<Omit<WholeLookOptions, 'onProgress' | 'want'>> }>()
const emit = defineEmits<{ lay: [whole: WholeLook] }>()
const { t } = useI18n()
const { running, run } = latest<CostCurve>()
const curve = shallowRef<CostCurve>()
const done = ref(0)
const problem = ref('')
const at = ref(0)
const [WIDE, HIGH, LEFT, LOW, RIGHT] = [640, 240, 44, 26, 34]

async function find(): Promise<void> {
  problem.value = ''
  done.value = 0
  try {
    const end = await run(async () => {
      const [options, { priceLooks }] = await Promise.all([props.optionsFor(props.look), import('../workers/looks.js')])
      return priceLooks({ kind: 'curve', look: props.look, options }, (upTo, of) => (done.value = upTo / of))
    })
    const answer = end?.answer
    if (answer) {
      curve.value = answer
      // the best that the brief lets one spend is looked at first
      at.value = Math.max(0, answer.points.filter((point) => point.spendCents <= answer.budgetCents).length - 1)
    }
  } catch (error) {
    problem.value = (error as Error).message
  }
}
onUnmounted(() => running.value?.cancel())

const money = (cents: number) => formatMoney(cents, props.look.money.currency)
const points = computed(() => curve.value?.points ?? [])
const chosen = computed(() => points.value[at.value])
const drawn = computed(() => {
  const budget = curve.value?.budgetCents ?? 0
  const x = scaleLinear([0, Math.max(budget, ...points.value.map((point) => point.spendCents)) * 1.06 || 1], [LEFT, WIDE - RIGHT]).nice(4)
  const y = scaleLinear([0, 1], [HIGH - LOW, 12])
  const dots = points.value.map((point, i) => ({ i, x: x(point.spendCents), y: y(point.score), said: saidOf(i) }))
  // a sum buys what the best look at or below it is worth: a stair
  const stair = dots.map((dot, i) => (i === 0 ? `M${dot.x} ${dot.y}` : `H${dot.x}V${dot.y}`)).join('') + `H${WIDE - RIGHT}`
  return {
    dots,
    stair: dots.length > 0 ? stair : '',
    budgetX: x(budget),
    ticksX: x.ticks(4).map((cents) => ({ at: x(cents), label: money(cents) })),
    ticksY: y.ticks(4).map((share) => ({ at: y(share), label: percent(share) }))
  }
})

function saidOf(i: number): string {
  const point = points.value[i]!
  return t('looks.moneyPoint', { amount: money(point.spendCents), score: percent(point.score), direction: t(`looks.direction.${point.whole.direction}`) })
}
const steps = computed(() => {
  const [less, more] = [points.value[at.value - 1], points.value[at.value + 1]]
  if (!chosen.value) return []
  const { spendCents, score } = chosen.value
  return [
    ...(more ? [t('looks.moneyStep', { more: money(more.spendCents - spendCents), gain: percent(more.score - score) })] : []),
    ...(less ? [t('looks.moneyLess', { less: money(spendCents - less.spendCents), loss: percent(score - less.score) })] : []),
    ...(curve.value && spendCents > curve.value.budgetCents ? [t('looks.moneyOver')] : [])
  ]
})
</script>

<template>
  <section class="stack">
    <p class="soft small">{{ t('looks.moneySays') }}</p>
    <p class="row">
      <el-button v-if="!running" type="primary" @click="find">{{ t(curve ? 'looks.moneyAgain' : 'looks.moneyFind') }}</el-button>
      <el-button v-else @click="running.cancel()">{{ t('looks.cancel') }}</el-button>
      <el-progress v-if="running" class="progress" :percentage="Math.round(done * 100)" :aria-label="t('looks.composing')" />
    </p>
    <p v-if="problem" class="bad" role="alert">{{ problem }}</p>
    <p v-else-if="curve && points.length === 0" role="status">{{ t('looks.moneyNone') }}</p>
    <template v-if="points.length > 0">
      <svg :viewBox="`0 0 ${WIDE} ${HIGH}`" role="group" :aria-label="t('looks.moneyAxis')">
        <g v-for="tick in drawn.ticksY" :key="`y${tick.label}`">
          <line :x1="LEFT" :x2="WIDE - RIGHT" :y1="tick.at" :y2="tick.at" class="grid" />
          <text :x="LEFT - 6" :y="tick.at + 4" text-anchor="end">{{ tick.label }}</text>
        </g>
        <text v-for="tick in drawn.ticksX" :key="`x${tick.label}`" :x="tick.at" :y="HIGH - 8" text-anchor="middle">{{ tick.label }}</text>
        <line :x1="drawn.budgetX" :x2="drawn.budgetX" y1="12" :y2="HIGH - LOW" class="budget" />
        <text :x="drawn.budgetX - 6" :y="HIGH - LOW - 8" text-anchor="end" class="brief">
          {{ t('looks.moneyBudget', { amount: money(curve!.budgetCents) }) }}
        </text>
        <path :d="drawn.stair" class="stair" />
        <g
          v-for="dot in drawn.dots"
          :key="dot.i"
          :class="{ on: dot.i === at }"
          role="button"
          tabindex="0"
          :aria-label="dot.said"
          :aria-pressed="dot.i === at"
          @click="at = dot.i"
          @keydown.enter="at = dot.i"
          @keydown.space.prevent="at = dot.i"
        >
          <!-- as wide as a finger -->
          <circle :cx="dot.x" :cy="dot.y" r="22" class="hit" />
          <circle :cx="dot.x" :cy="dot.y" :r="dot.i === at ? 9 : 7" class="dot" />
        </g>
      </svg>
      <article v-if="chosen" class="chosen">
        <MiniTable :look="chosen.whole.look" close />
        <div class="stack">
          <strong>{{ saidOf(at) }}</strong>
          <span v-for="step in steps" :key="step" class="soft small">{{ step }}</span>
          <span
            ><el-button type="primary" size="small" @click="emit('lay', chosen.whole)">{{ t('looks.lay') }}</el-button></span
          >
        </div>
      </article>
    </template>
  </section>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
}

text {
  fill: var(--soft-ink);
  font: 12px var(--sans);
}

.brief {
  fill: var(--ember);
}

.grid {
  stroke: var(--hairline);
}

.budget {
  stroke: var(--ember);
  stroke-dasharray: 4 4;
}

.stair {
  fill: none;
  stroke: var(--brass);
  stroke-width: 2;
}

.hit {
  fill: transparent;
  cursor: pointer;
}

.dot {
  fill: var(--paper);
  stroke: var(--brass);
  stroke-width: 3;
  pointer-events: none;
}

.on .dot,
g:focus-visible .dot {
  fill: var(--ember);
  stroke: var(--ember);
}

g[role='button']:focus {
  outline: none;
}

.chosen {
  display: grid;
  grid-template-columns: minmax(140px, 1fr) 1.4fr;
  gap: 16px;
  align-items: center;
}

.chosen :deep(svg) {
  max-height: 150px;
}

.progress {
  flex: 1;
}

p {
  margin: 0;
}
</style>
