<script setup lang="ts">
import { extentSize, hasPost, isOneRound, longerMm, seededRandom, type PieceIndex, type Standing } from '@hestiad/core'
import { computed } from 'vue'
import BloomDrawing from './BloomDrawing.vue'
import { seedOf, stemPlaces } from './blooms.js'
import { isRare } from './forms.js'
import LaidElevation from './LaidElevation.vue'
import { leaf, seenHalfMm, vesselPath } from './paths.js'
import RareElevation from './RareElevation.vue'
import { shade } from './shade.js'

/** A standing piece from the side, its foot at 0 and up positive; `turned` looks along the table. */
const props = defineProps<{ standing: Standing; index: PieceIndex; turned: boolean; glow: boolean }>()
const piece = computed(() => props.standing.piece)

/** How far it is turned away from who looks. */
const turnRad = computed(() => props.standing.pose.turnRad + (props.turned ? Math.PI / 2 : 0))

const stems = computed(() => {
  const { placed, piece: vessel } = props.standing
  if (!placed.arrangement || vessel.kind !== 'vessel') return []
  const turn = longerMm(vessel) > 0 ? turnRad.value : props.turned ? -Math.PI / 2 : 0
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)]
  return stemPlaces(placed.id, placed.arrangement, props.index, longerMm(vessel))
    .map((s) => ({
      ...s,
      across: s.x * cos - s.y * sin,
      deep: s.x * sin + s.y * cos,
      from: longerMm(vessel) > 0 ? 0.9 * s.x * cos : 0,
      up: vessel.heightMm + s.z
    }))
    .sort((a, b) => b.deep - a.deep)
})

/** Half the width seen from this side. */
const half = computed(() => {
  const p = piece.value
  if (!('extent' in p)) return 0
  const { widthMm } = extentSize(p.extent)
  const lengthMm = extentSize(p.extent).lengthMm * props.standing.placed.part
  if (p.extent.kind === 'round') return lengthMm / 2
  return seenHalfMm(lengthMm, widthMm, turnRad.value)
})

/** Forms that are leaves all over. */
const leafy = new Set<string>(['greens', 'garland', 'grass'])

const greens = computed(() => {
  const p = piece.value
  if (p.kind !== 'ornament' || !leafy.has(p.form)) return []
  const random = seededRandom(seedOf(props.standing.placed.id))
  const count = Math.max(6, Math.round(half.value / 4))
  return Array.from({ length: count }, (_, i) => ({
    x: -half.value * 0.9 + ((i + 0.5) / count) * half.value * 1.8,
    z: random() * p.heightMm * 0.3,
    turn: 20 + random() * 140,
    size: p.heightMm * (0.5 + random() * 0.3),
    light: random()
  }))
})
</script>

<template>
  <LaidElevation v-if="standing.manner" :standing="standing" :turned="turned" />
  <RareElevation v-else-if="isRare(piece)" :standing="standing" :half="half" />
  <g v-else-if="piece.kind === 'vessel'">
    <line
      v-for="s in stems"
      :key="`l${s.key}`"
      :x1="s.from"
      :y1="piece.heightMm - 10"
      :x2="s.across"
      :y2="s.up"
      stroke="#6f8a62"
      stroke-width="4"
      stroke-linecap="round"
    />
    <g v-for="s in stems" :key="s.key" :transform="`translate(${s.across} ${s.up})`">
      <BloomDrawing :stem="s.stem" :turn-deg="s.stem.form === 'leafy' ? 90 - s.across * 0.25 : s.turnDeg" />
    </g>
    <path
      v-if="piece.form === 'jug'"
      :d="`M ${piece.widestMm * 0.36} ${piece.heightMm * 0.88} C ${piece.widestMm * 0.95} ${piece.heightMm * 0.9} ${piece.widestMm * 0.85} ${piece.heightMm * 0.3} ${piece.widestMm * 0.46} ${piece.heightMm * 0.28}`"
      fill="none"
      :stroke="piece.accent"
      stroke-width="11"
      stroke-linecap="round"
    />
    <rect
      v-if="standing.filling && standing.placed.filling && piece.material === 'glass'"
      :x="-0.46 * (Math.min(piece.baseMm, piece.mouthMm) + longerMm(piece))"
      :y="piece.heightMm - piece.depthMm"
      :width="0.92 * (Math.min(piece.baseMm, piece.mouthMm) + longerMm(piece))"
      :height="standing.placed.filling.heightMm"
      rx="6"
      :fill="standing.filling.color"
    />
    <path :d="vesselPath(piece, turnRad)" :fill="piece.color" :fill-opacity="piece.material === 'glass' ? 0.45 : 1" :stroke="piece.accent" stroke-width="2.5" />
    <path
      :d="`M ${-piece.widestMm * 0.34} ${piece.heightMm * 0.25} Q ${-piece.widestMm * 0.42} ${piece.heightMm * 0.5} ${-piece.widestMm * 0.3} ${piece.heightMm * 0.75}`"
      fill="none"
      stroke="#fff"
      stroke-width="6"
      stroke-linecap="round"
      stroke-opacity="0.4"
    />
  </g>
  <g v-else-if="piece.kind === 'holder'">
    <template v-if="standing.candle">
      <g :transform="`translate(0 ${piece.heightMm})`">
        <rect
          :x="-standing.candle.diameterMm / 2"
          y="-4"
          :width="standing.candle.diameterMm"
          :height="standing.candle.heightMm + 4"
          rx="3"
          :fill="standing.candle.color"
          :stroke="standing.candle.accent"
          stroke-width="1.5"
        />
        <g :transform="`translate(0 ${standing.candle.heightMm})`">
          <circle v-if="glow" cy="18" r="130" fill="url(#glow)" />
          <circle cy="18" r="42" fill="url(#glow)" />
          <line y1="0" y2="9" stroke="#3a2a1a" stroke-width="2.500" />
          <path d="M 0 44 C 13 24 11 9 0 5 C -11 9 -13 24 0 44 Z" fill="#f39a3d" />
          <path d="M 0 30 C 6 20 5 11 0 8 C -5 11 -6 20 0 30 Z" fill="#ffe9a8" />
        </g>
      </g>
    </template>
    <template v-if="hasPost(piece)">
      <path
        :d="`M ${-piece.baseMm / 2} 0 L ${-piece.baseMm / 2} 5 Q ${-piece.cupMm * 0.3} 10 ${-piece.cupMm * 0.3} ${piece.heightMm * 0.45} L ${-piece.cupMm * 0.3} ${piece.heightMm - 18} L ${-piece.cupMm * 0.62} ${piece.heightMm - 14} L ${-piece.cupMm * 0.62} ${piece.heightMm + 8} L ${piece.cupMm * 0.62} ${piece.heightMm + 8} L ${piece.cupMm * 0.62} ${piece.heightMm - 14} L ${piece.cupMm * 0.3} ${piece.heightMm - 18} L ${piece.cupMm * 0.3} ${piece.heightMm * 0.45} Q ${piece.cupMm * 0.3} 10 ${piece.baseMm / 2} 5 L ${piece.baseMm / 2} 0 Z`"
        :fill="piece.color"
        :stroke="piece.accent"
        stroke-width="2"
      />
    </template>
    <rect
      v-else
      :x="-piece.baseMm / 2"
      y="0"
      :width="piece.baseMm"
      :height="piece.takes === 'tealight' ? 45 : 12"
      rx="7"
      :fill="piece.color"
      :fill-opacity="piece.material === 'glass' ? 0.5 : 1"
      :stroke="piece.accent"
      stroke-width="2"
    />
    <rect
      v-if="piece.chimney"
      :x="-piece.chimney.innerMm / 2"
      :y="piece.heightMm"
      :width="piece.chimney.innerMm"
      :height="piece.chimney.rimMm - piece.heightMm"
      rx="8"
      :fill="piece.color"
      fill-opacity="0.22"
      :stroke="piece.accent"
      stroke-width="2.5"
    />
  </g>
  <g v-else-if="piece.kind === 'riser' && piece.legs">
    <rect
      v-for="x in [-half + 12, half - 26]"
      :key="x"
      :x="x"
      y="0"
      width="14"
      :height="piece.heightMm - 10"
      :fill="piece.color"
      :stroke="piece.accent"
      stroke-width="2"
    />
    <rect :x="-half" :y="piece.heightMm - 16" :width="2 * half" height="16" rx="3" :fill="piece.color" :stroke="piece.accent" stroke-width="2" />
  </g>
  <g v-else-if="piece.kind === 'riser'">
    <path
      :d="`M ${-half * 0.5} 0 L ${half * 0.5} 0 L ${half * 0.18} ${piece.heightMm * 0.3} L ${half * 0.14} ${piece.heightMm - 14} L ${-half * 0.14} ${piece.heightMm - 14} L ${-half * 0.18} ${piece.heightMm * 0.3} Z`"
      :fill="piece.color"
      :stroke="piece.accent"
      stroke-width="2"
    />
    <rect :x="-half" :y="piece.heightMm - 16" :width="2 * half" height="16" rx="4" :fill="piece.color" :stroke="piece.accent" stroke-width="2" />
  </g>
  <rect
    v-else-if="piece.kind === 'tray'"
    :x="-half"
    y="0"
    :width="2 * half"
    :height="piece.rimMm"
    rx="4"
    :fill="piece.color"
    :stroke="piece.accent"
    stroke-width="2"
  />
  <g v-else-if="leafy.has(piece.form)">
    <path
      v-for="(l, i) in greens"
      :key="i"
      :d="leaf(l.size, l.size * 0.24)"
      :transform="`translate(${l.x} ${l.z}) rotate(${l.turn})`"
      :fill="l.light > 0.5 ? piece.color : shade(piece.color, -0.14)"
      :stroke="piece.accent"
      stroke-width="0.8"
    />
  </g>
  <g v-else-if="piece.form === 'compote'">
    <circle
      v-for="i in 5"
      :key="i"
      :cx="(i - 3) * half * 0.34"
      :cy="piece.heightMm * (i % 2 === 0 ? 0.86 : 0.76)"
      :r="half * 0.27"
      :fill="piece.color"
      :stroke="shade(piece.color, -0.28)"
      stroke-width="1.6"
    />
    <path
      :d="`M ${-half} ${piece.heightMm * 0.7} Q ${-half * 0.8} ${piece.heightMm * 0.42} ${-half * 0.14} ${piece.heightMm * 0.4} L ${-half * 0.12} ${piece.heightMm * 0.1} L ${-half * 0.5} 0 L ${half * 0.5} 0 L ${half * 0.12} ${piece.heightMm * 0.1} L ${half * 0.14} ${piece.heightMm * 0.4} Q ${half * 0.8} ${piece.heightMm * 0.42} ${half} ${piece.heightMm * 0.7} Z`"
      :fill="piece.accent"
      :stroke="shade(piece.accent, -0.3)"
      stroke-width="2"
    />
  </g>
  <g v-else-if="piece.form === 'moss' || piece.form === 'beads'">
    <circle
      v-for="i in 13"
      :key="i"
      :cx="((i - 7) / 6.5) * half"
      :cy="piece.heightMm * 0.45"
      :r="piece.heightMm * 0.55"
      :fill="i % 3 === 0 ? shade(piece.color, 0.12) : piece.color"
      :stroke="piece.accent"
      stroke-width="1"
    />
  </g>
  <g v-else-if="piece.form === 'fruit' || piece.form === 'pods'">
    <circle
      v-for="i in isOneRound(piece) ? [2] : [1, 2, 3]"
      :key="i"
      :cx="(i - 2) * half * 0.6"
      :cy="piece.heightMm / 2"
      :r="piece.heightMm / 2"
      :fill="piece.color"
      :stroke="shade(piece.color, -0.28)"
      stroke-width="1.6"
    />
  </g>
  <path
    v-else
    :d="`M ${-half} 0 L ${-half * 0.85} ${piece.heightMm * 0.75} Q ${-half * 0.5} ${piece.heightMm} 0 ${piece.heightMm} Q ${half * 0.5} ${piece.heightMm} ${half * 0.85} ${piece.heightMm * 0.75} L ${half} 0 Z`"
    :fill="piece.color"
    :stroke="piece.accent"
    stroke-width="2.500"
  />
</template>
