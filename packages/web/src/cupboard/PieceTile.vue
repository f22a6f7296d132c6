<script setup lang="ts">
import { extentSize, isStanding, pieceSolids, type CupboardItem } from '@hestiad/core'
import { computed } from 'vue'

/** A piece as its photo or, until there is one, drawn from its sizes and colors in a box of 100 by 100. */
const props = defineProps<{ item: CupboardItem }>()
const piece = computed(() => props.item.piece)

/** Silhouette of what stands, from its solids, foot down. */
const profile = computed(() => {
  const p = piece.value
  if (!isStanding(p)) return []
  const solids = pieceSolids(p, { candle: null, arrangement: null, part: 1 }, new Map())
  const reach = (s: (typeof solids)[number], end: 0 | 1) => (s.kind === 'box' ? s.halfXMm : end === 0 ? s.r0Mm : s.r1Mm)
  const top = Math.max(1, ...solids.map((s) => s.z1Mm))
  const wide = Math.max(1, ...solids.flatMap((s) => [reach(s, 0), reach(s, 1)]))
  const scale = Math.min(76 / top, 42 / wide)
  return solids.map((s) => {
    const [a, b] = [reach(s, 0) * scale, reach(s, 1) * scale]
    const [low, high] = [88 - s.z0Mm * scale, 88 - s.z1Mm * scale]
    return `M${50 - a} ${low} L${50 + a} ${low} L${50 + b} ${high} L${50 - b} ${high} Z`
  })
})

/** Length and width of what lies flat, drawn within 84 by 84. */
const flat = computed(() => {
  const p = piece.value
  if ('extent' in p) return scaled(extentSize(p.extent).lengthMm, extentSize(p.extent).widthMm)
  if (p.kind === 'runner' || p.kind === 'flatware') return scaled(p.lengthMm, p.widthMm)
  return scaled(1, 1)
})
function scaled(length: number, width: number) {
  const scale = 84 / Math.max(length, width)
  return { w: length * scale, h: Math.max(3, width * scale) }
}
const rounded = computed(() => 'extent' in piece.value && (piece.value.extent.kind === 'round' || piece.value.extent.kind === 'oval'))
</script>

<template>
  <img v-if="item.facts.photoId" :src="`/api/photos/${item.facts.photoId}/small`" alt="" loading="lazy" />
  <svg v-else viewBox="0 0 100 100" aria-hidden="true">
    <template v-if="piece.kind === 'plate'">
      <circle cx="50" cy="50" r="42" :fill="piece.color" :stroke="piece.accent" stroke-width="2.5" />
      <circle cx="50" cy="50" r="28" fill="none" :stroke="piece.accent" stroke-opacity="0.5" />
    </template>
    <template v-else-if="piece.kind === 'glass' && piece.heightMm < 1.6 * piece.bowlMm">
      <path
        :d="`M${50 - piece.bowlMm / 4} 30 L${50 + piece.bowlMm / 4} 30 L${50 + piece.footMm / 4} 88 L${50 - piece.footMm / 4} 88 Z`"
        :fill="piece.color"
        fill-opacity="0.75"
        :stroke="piece.accent"
      />
    </template>
    <template v-else-if="piece.kind === 'glass'">
      <path
        :d="`M${50 - piece.bowlMm / 5} 14 L${50 + piece.bowlMm / 5} 14 Q${50 + piece.bowlMm / 4.6} 46 52 54 L52 84 L${50 + piece.footMm / 5} 90 L${50 - piece.footMm / 5} 90 L48 84 L48 54 Q${50 - piece.bowlMm / 4.6} 46 ${50 - piece.bowlMm / 5} 14 Z`"
        :fill="piece.color"
        fill-opacity="0.75"
        :stroke="piece.accent"
      />
    </template>
    <g v-else-if="piece.kind === 'flatware'" :fill="piece.color" :stroke="piece.accent" stroke-width="0.8" transform="rotate(30 50 50)">
      <rect x="47.5" y="44" width="5" height="48" rx="2.4" />
      <path v-if="piece.role.endsWith('fork')" d="M41 8 V28 Q41 44 50 46 Q59 44 59 28 V8 H56 V26 H51.5 V8 H48.5 V26 H44 V8 Z" />
      <path v-else-if="piece.role.endsWith('knife')" d="M47 46 V10 Q54 4 56 20 Q57 36 53 46 Z" />
      <ellipse v-else cx="50" cy="26" rx="12" ry="19" />
    </g>
    <template v-else-if="piece.kind === 'napkin'">
      <rect x="16" y="16" width="68" height="68" :fill="piece.color" :stroke="piece.accent" />
      <path d="M16 84 L50 50 L84 84" fill="none" :stroke="piece.accent" />
    </template>
    <template v-else-if="piece.kind === 'stem'">
      <path d="M50 46 Q47 70 52 94" fill="none" stroke="#5f7052" stroke-width="3" />
      <ellipse
        v-for="i in 6"
        :key="i"
        cx="50"
        cy="24"
        rx="9"
        ry="15"
        :fill="piece.color"
        :stroke="piece.accent"
        stroke-width="0.7"
        :transform="`rotate(${i * 60} 50 34)`"
      />
      <circle cx="50" cy="34" r="6" :fill="piece.accent" />
    </template>
    <template v-else-if="piece.kind === 'candle'">
      <rect
        :x="50 - Math.max(3, (piece.diameterMm * 70) / Math.max(piece.heightMm, piece.diameterMm * 1.4) / 2)"
        :y="90 - (piece.heightMm * 70) / Math.max(piece.heightMm, piece.diameterMm * 1.4)"
        :width="2 * Math.max(3, (piece.diameterMm * 70) / Math.max(piece.heightMm, piece.diameterMm * 1.4) / 2)"
        :height="(piece.heightMm * 70) / Math.max(piece.heightMm, piece.diameterMm * 1.4)"
        rx="2"
        :fill="piece.color"
        :stroke="piece.accent"
      />
      <path
        d="M50 6 Q56 14 50 18 Q44 14 50 6"
        fill="#e8a33d"
        :transform="`translate(0 ${70 - (piece.heightMm * 70) / Math.max(piece.heightMm, piece.diameterMm * 1.4)})`"
      />
    </template>
    <template v-else-if="profile.length > 0">
      <path v-for="(d, i) in profile" :key="i" :d="d" :fill="piece.color" :stroke="piece.accent" stroke-width="1.2" stroke-linejoin="round" />
    </template>
    <template v-else-if="piece.kind === 'supply'">
      <rect x="26" y="30" width="48" height="54" rx="4" :fill="piece.color" :stroke="piece.accent" />
      <path d="M26 46 H74" :stroke="piece.accent" />
    </template>
    <template v-else>
      <ellipse v-if="rounded" cx="50" cy="50" :rx="flat.w / 2" :ry="flat.h / 2" :fill="piece.color" :stroke="piece.accent" />
      <rect v-else :x="50 - flat.w / 2" :y="50 - flat.h / 2" :width="flat.w" :height="flat.h" rx="1.5" :fill="piece.color" :stroke="piece.accent" />
    </template>
  </svg>
</template>

<style scoped>
svg,
img {
  display: block;
  width: 100%;
  height: 100%;
  object-fit: cover;
}
</style>
