<script setup lang="ts">
import { extentSize, isOneRound, longerMm, seededRandom, type PieceIndex, type Standing } from '@hestiad/core'
import { computed } from 'vue'
import BloomDrawing from './BloomDrawing.vue'
import { seedOf, stemPlaces } from './blooms.js'
import { isRare } from './forms.js'
import LaidPlan from './LaidPlan.vue'
import { extentPath, leaf, vesselPlan } from './paths.js'
import RarePlan from './RarePlan.vue'
import { shade } from './shade.js'

/** A standing piece from above, around its own axis. */
const props = defineProps<{ standing: Standing; index: PieceIndex }>()
const piece = computed(() => props.standing.piece)
const stems = computed(() => {
  const { placed, piece: vessel } = props.standing
  return placed.arrangement && vessel.kind === 'vessel' ? stemPlaces(placed.id, placed.arrangement, props.index, longerMm(vessel)) : []
})

/** Forms that are leaves all over. */
const leafy = new Set<string>(['greens', 'garland', 'grass'])

/** Fruit heaped in a compote or lying in a group. */
const fruits = computed(() => {
  const p = piece.value
  if (p.kind !== 'ornament') return []
  const { lengthMm } = extentSize(p.extent)
  const r = lengthMm / 2
  if (isOneRound(p)) return [{ x: 0, y: 0, r }]
  if (p.form === 'fruit' || p.form === 'pods')
    return [0, 120, 240].map((a) => ({ x: r * 0.5 * Math.cos((a * Math.PI) / 180), y: r * 0.5 * Math.sin((a * Math.PI) / 180), r: r * 0.47 }))
  return [0, 60, 120, 180, 240, 300]
    .map((a) => ({ x: r * 0.52 * Math.cos((a * Math.PI) / 180), y: r * 0.52 * Math.sin((a * Math.PI) / 180), r: r * 0.32 }))
    .concat([{ x: 0, y: 0, r: r * 0.34 }])
})

/** Tufts of moss, or beads on a string. */
const dots = computed(() => {
  const p = piece.value
  if (p.kind !== 'ornament' || (p.form !== 'moss' && p.form !== 'beads')) return []
  const { lengthMm, widthMm } = extentSize(p.extent)
  const random = seededRandom(seedOf(props.standing.placed.id))
  if (p.form === 'beads')
    return Array.from({ length: Math.round(lengthMm / (widthMm * 0.34)) }, (_, i, all = lengthMm / (widthMm * 0.34)) => ({
      x: (i / all - 0.5) * lengthMm,
      y: Math.sin(i * 0.7) * widthMm * 0.3,
      r: widthMm * 0.17
    }))
  return Array.from({ length: Math.round((lengthMm * widthMm) / 900) }, () => ({
    x: (random() - 0.5) * lengthMm * 0.9,
    y: (random() - 0.5) * widthMm * 0.86,
    r: 18 + random() * 14
  }))
})

/** Leaves of a garland, thick along its middle. */
const garland = computed(() => {
  const p = piece.value
  if (p.kind !== 'ornament' || !leafy.has(p.form)) return []
  const { widthMm } = extentSize(p.extent)
  const lengthMm = extentSize(p.extent).lengthMm * props.standing.placed.part
  const random = seededRandom(seedOf(props.standing.placed.id))
  const count = Math.round(lengthMm / 7)
  return Array.from({ length: count }, (_, i) => ({
    x: -lengthMm / 2 + ((i + 0.5) / count) * lengthMm * 0.92,
    y: (random() - 0.5) * widthMm * 0.3,
    turn: (i % 2 === 0 ? 1 : -1) * (25 + random() * 55),
    size: widthMm * (0.4 + random() * 0.18),
    light: random()
  }))
})
</script>

<template>
  <LaidPlan v-if="standing.manner" :standing="standing" />
  <RarePlan v-else-if="isRare(piece)" :standing="standing" />
  <g v-else-if="piece.kind === 'vessel'">
    <path :d="vesselPlan(piece, piece.widestMm + 4)" fill="#2b2420" fill-opacity="0.15" transform="translate(4 -5)" />
    <path
      :d="vesselPlan(piece, piece.widestMm)"
      :fill="piece.color"
      :fill-opacity="piece.material === 'glass' ? 0.55 : 1"
      :stroke="piece.accent"
      stroke-width="2"
    />
    <path :d="vesselPlan(piece, piece.mouthMm)" :fill="standing.filling?.color ?? shade(piece.color, -0.25)" :stroke="piece.accent" stroke-width="2" />
    <path
      v-if="piece.form === 'jug'"
      :d="`M ${piece.widestMm / 2 - 8} 12 Q ${piece.widestMm / 2 + 34} 0 ${piece.widestMm / 2 - 8} -12`"
      fill="none"
      :stroke="piece.accent"
      stroke-width="9"
      stroke-linecap="round"
    />
    <g v-for="place in stems" :key="place.key" :transform="`translate(${place.x} ${place.y})`">
      <BloomDrawing :stem="place.stem" :turn-deg="place.turnDeg" />
    </g>
  </g>
  <g v-else-if="piece.kind === 'holder'">
    <circle cx="2" cy="-3" :r="piece.baseMm / 2 + 1" fill="#2b2420" fill-opacity="0.18" />
    <circle :r="piece.baseMm / 2" :fill="piece.color" :fill-opacity="piece.material === 'glass' ? 0.6 : 1" :stroke="piece.accent" stroke-width="2" />
    <circle :r="piece.baseMm * 0.36" fill="none" :stroke="shade(piece.color, 0.45)" stroke-width="2" />
    <circle v-if="piece.chimney" :r="piece.chimney.innerMm / 2" fill="none" :stroke="piece.accent" stroke-width="3" stroke-opacity="0.7" />
    <template v-if="standing.candle">
      <circle :r="standing.candle.diameterMm / 2" :fill="standing.candle.color" :stroke="standing.candle.accent" stroke-width="1.5" />
      <circle r="3.500" fill="#3a2a1a" />
      <circle r="5" fill="#ffb347" fill-opacity="0.9" />
    </template>
    <circle v-else :r="piece.cupMm / 2" :fill="shade(piece.color, -0.4)" />
  </g>
  <g v-else-if="piece.kind === 'riser' || piece.kind === 'tray'">
    <path :d="extentPath(piece.extent, 16)" fill="#2b2420" fill-opacity="0.14" transform="translate(4 -5)" />
    <path :d="extentPath(piece.extent, 16)" :fill="piece.color" :stroke="piece.accent" stroke-width="3" />
    <path
      :d="extentPath(piece.extent, 16)"
      :fill="standing.filling?.color ?? 'none'"
      :stroke="shade(piece.color, 0.35)"
      stroke-width="2"
      transform="scale(0.94)"
    />
  </g>
  <g v-else-if="leafy.has(piece.form)">
    <path
      v-for="(l, i) in garland"
      :key="i"
      :d="leaf(l.size, l.size * 0.26)"
      :transform="`translate(${l.x} ${l.y}) rotate(${l.turn})`"
      :fill="l.light > 0.5 ? piece.color : shade(piece.color, -0.14)"
      :stroke="piece.accent"
      stroke-width="0.8"
    />
  </g>
  <g v-else-if="dots.length > 0">
    <circle
      v-for="(dot, i) in dots"
      :key="i"
      :cx="dot.x"
      :cy="dot.y"
      :r="dot.r"
      :fill="i % 3 === 0 ? shade(piece.color, 0.12) : piece.color"
      :stroke="piece.accent"
      stroke-width="1"
    />
  </g>
  <g v-else-if="piece.form === 'compote' || piece.form === 'fruit' || piece.form === 'pods'">
    <path :d="extentPath(piece.extent)" fill="#2b2420" fill-opacity="0.14" transform="translate(4 -5)" />
    <path v-if="piece.form === 'compote'" :d="extentPath(piece.extent)" :fill="piece.accent" :stroke="shade(piece.accent, -0.3)" stroke-width="2.5" />
    <g v-for="(f, i) in fruits" :key="i" :transform="`translate(${f.x} ${f.y})`">
      <circle :r="f.r" :fill="piece.color" :stroke="shade(piece.color, -0.28)" stroke-width="1.6" />
      <circle :r="f.r * 0.3" :cx="-f.r * 0.3" :cy="f.r * 0.32" :fill="shade(piece.color, 0.45)" fill-opacity="0.8" />
      <path v-if="piece.form !== 'pods'" :d="leaf(f.r * 0.5, f.r * 0.16)" fill="#5f7052" :transform="`rotate(${i * 73})`" />
    </g>
  </g>
  <g v-else>
    <path :d="extentPath(piece.extent)" fill="#2b2420" fill-opacity="0.15" transform="translate(3 -4)" />
    <path :d="extentPath(piece.extent)" :fill="piece.color" :stroke="piece.accent" stroke-width="3" />
    <path :d="extentPath(piece.extent)" fill="none" :stroke="shade(piece.color, 0.4)" stroke-width="3" transform="scale(0.66)" />
    <path :d="extentPath(piece.extent)" :fill="piece.accent" transform="scale(0.22)" />
  </g>
</template>
