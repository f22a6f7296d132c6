<script setup lang="ts">
import { formatMoney, type BuyList, type Look } from '@hestiad/core'
import { scaleLinear } from 'd3-scale'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'

/** Planned, spent and still open, part by part, on one scale, with the cap where there is one. */
const props = defineProps<{ look: Look; list: BuyList }>()
const { t } = useI18n()
const money = (cents: number) => formatMoney(cents, props.look.money.currency)
const WIDE = 640
const ROW = 24
const EDGE = { left: 96, right: 190 }
const parts = computed(() =>
  (props.look.money.split.kind === 'zones' ? props.list.zones : props.list.groups).filter(
    (part) => part.spentCents + part.openCents > 0 || part.plannedCents || part.capCents !== null
  )
)
const most = computed(() => Math.max(0, ...parts.value.flatMap((part) => [part.spentCents + part.openCents, part.plannedCents ?? 0, part.capCents ?? 0])))
const x = computed(() => scaleLinear([0, Math.max(1, most.value)], [EDGE.left, WIDE - EDGE.right]))
const isOver = (part: { spentCents: number; openCents: number; capCents: number | null }) =>
  part.capCents !== null && part.spentCents + part.openCents > part.capCents
</script>

<template>
  <svg v-if="parts.length > 0" :viewBox="`0 0 ${WIDE} ${parts.length * ROW + 4}`" role="img" :aria-label="t('buy.bars')">
    <g v-for="(part, i) in parts" :key="part.part" :transform="`translate(0 ${i * ROW})`">
      <text :x="EDGE.left - 8" y="16" text-anchor="end">{{ t(`part.${part.part}`) }}</text>
      <rect :x="EDGE.left" y="6" :width="x(part.spentCents) - EDGE.left" height="12" class="spent" />
      <rect
        :x="x(part.spentCents)"
        y="6"
        :width="x(part.spentCents + part.openCents) - x(part.spentCents)"
        height="12"
        class="open"
        :class="{ over: isOver(part) }"
      />
      <line v-if="part.plannedCents !== null" :x1="x(part.plannedCents)" :x2="x(part.plannedCents)" y1="3" y2="21" class="planned" />
      <line v-if="part.capCents !== null" :x1="x(part.capCents)" :x2="x(part.capCents)" y1="3" y2="21" class="cap" />
      <text :x="WIDE - EDGE.right + 8" y="16" class="figures">
        {{ t('buy.barFigures', { spent: money(part.spentCents), open: money(part.openCents) }) }}
      </text>
    </g>
  </svg>
  <p v-if="parts.length > 0" class="soft small key">
    <span><i class="spent" />{{ t('buy.actual') }}</span
    ><span><i class="open" />{{ t('buy.open') }}</span
    ><span v-if="look.buying.planned"><i class="planned" />{{ t('buy.planned') }}</span
    ><span v-if="look.money.split.kind !== 'plain'"><i class="cap" />{{ t('buy.cap') }}</span>
  </p>
</template>

<style scoped>
svg {
  width: 100%;
}

text {
  fill: var(--ink);
  font: 500 12.5px var(--sans);
}

text.figures {
  fill: var(--soft-ink);
  font-variant-numeric: tabular-nums;
}

rect.spent {
  fill: var(--ink);
}

rect.open {
  fill: var(--ember-soft);
  stroke: var(--ember);
}

rect.over {
  fill: var(--ember);
}

.planned {
  stroke: var(--moss);
  stroke-width: 2.5;
}

.cap {
  stroke: var(--ember);
  stroke-width: 2;
  stroke-dasharray: 3 2;
}

.key {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  margin: 0;
}

.key span {
  display: flex;
  gap: 6px;
  align-items: center;
}

.key i {
  width: 14px;
  height: 10px;
}

i.spent {
  background: var(--ink);
}

i.open {
  border: 1px solid var(--ember);
  background: var(--ember-soft);
}

i.planned {
  width: 3px;
  background: var(--moss);
}

i.cap {
  width: 3px;
  background: var(--ember);
}
</style>
