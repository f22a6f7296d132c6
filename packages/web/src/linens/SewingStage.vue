<script setup lang="ts">
import { cuttingPlan, type Look } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import MiniTable from '../board/MiniTable.vue'
import StageFrame from '../shell/StageFrame.vue'
import { usePreferences } from '../stores/preferences.js'

/** The cutting plan large, the fabric unrolled from the left: every piece to scale with its cut size, strip after strip as one cuts. */
const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const { length } = usePreferences()
const sewing = computed(() => props.look.linens.sewing!)
const plan = computed(() => cuttingPlan(sewing.value))
const EDGE_MM = 150
/** A letter is so wide for its height; words smaller than this share of the rest are not read. */
const LETTER_WIDE = 0.56
const LINES_HIGH = 4
const LEAST_SHARE = 0.7
const colors = ['#c98a6b', '#7e9aa6', '#a7b08a', '#d9c49a', '#b59ac0']

/** As tall as a line of words may be in a piece. */
const letters = computed(() => Math.max(26, Math.min(plan.value.fabricMm, 2.2 * sewing.value.fabricWidthMm) / 42))

const pieces = computed(() => {
  let left = 0
  return plan.value.strips.flatMap((strip) => {
    const x = left
    left += strip.lengthMm
    return strip.pieces.map((piece) => {
      const nth = Math.max(
        0,
        sewing.value.items.findIndex((item) => item.id === piece.itemId)
      )
      const lines = [sewing.value.items[nth]?.name ?? '', length(piece.lengthMm), `× ${length(piece.widthMm)}`]
      return {
        x: x + piece.alongMm,
        y: piece.acrossMm,
        wide: piece.lengthMm,
        high: piece.widthMm,
        color: colors[nth % colors.length],
        lines,
        letters: Math.min(letters.value, piece.widthMm / LINES_HIGH, piece.lengthMm / (LETTER_WIDE * Math.max(...lines.map((line) => line.length))))
      }
    })
  })
})
/** Where it is cut across, from the beginning of the fabric, and how many pieces each strip gives. */
const cuts = computed(() => {
  let at = 0
  return plan.value.strips.map((strip) => ({ atMm: (at += strip.lengthMm), pieces: strip.pieces.length }))
})
</script>

<template>
  <StageFrame
    :label="t('sewing.title')"
    :title="t('sewing.plan')"
    :size="t('sewing.takes', { length: length(plan.fabricMm), bound: length(plan.boundMm) })"
    :first="t('sewing.strips')"
    :second="t('florals.onTable')"
  >
    <svg
      :viewBox="`${-EDGE_MM} ${-EDGE_MM} ${plan.fabricMm + 2 * EDGE_MM} ${sewing.fabricWidthMm + 2 * EDGE_MM}`"
      role="img"
      :aria-label="t('sewing.plan')"
      :style="{ fontSize: `${letters}px` }"
    >
      <rect :width="plan.fabricMm" :height="sewing.fabricWidthMm" class="fabric" />
      <g v-for="(piece, i) in pieces" :key="i">
        <rect :x="piece.x" :y="piece.y" :width="piece.wide" :height="piece.high" :fill="piece.color" class="cut" />
        <g v-if="piece.letters >= LEAST_SHARE * letters" text-anchor="middle" :style="{ fontSize: `${piece.letters}px` }">
          <text v-for="(line, n) in piece.lines" :key="n" :x="piece.x + piece.wide / 2" :y="piece.y + piece.high / 2 + (n - 0.65) * 1.2 * piece.letters">
            {{ line }}
          </text>
        </g>
      </g>
      <line v-for="cut in cuts" :key="cut.atMm" :x1="cut.atMm" :x2="cut.atMm" y1="-60" :y2="sewing.fabricWidthMm + 60" class="across" />
      <text :x="plan.fabricMm / 2" :y="-0.5 * letters - 50" text-anchor="middle">{{ length(plan.fabricMm) }}</text>
      <text :transform="`translate(${-60} ${sewing.fabricWidthMm / 2}) rotate(-90)`" text-anchor="middle">{{ length(sewing.fabricWidthMm) }}</text>
    </svg>
    <template #first>
      <ol class="small">
        <li v-for="cut in cuts" :key="cut.atMm">
          {{ length(cut.atMm) }} <span class="soft">({{ cut.pieces }})</span>
        </li>
      </ol>
    </template>
    <template #second><MiniTable :look="look" close /></template>
  </StageFrame>
</template>

<style scoped>
svg {
  width: 100%;
  height: 100%;
}

ol {
  height: 100%;
  margin: 0;
  padding-left: 24px;
  overflow: auto;
  columns: 2;
}

.fabric {
  fill: var(--chair);
  stroke: var(--chair-line);
  stroke-width: 6;
}

.cut {
  stroke: var(--paper);
  stroke-width: 6;
}

.across {
  stroke: var(--ink);
  stroke-width: 4;
  stroke-dasharray: 26 18;
}

text {
  fill: var(--ink);
  font-family: var(--sans);
}

.cut + g text {
  fill: #2b2420;
}
</style>
