<script setup lang="ts">
import { isLeafy, type Standing } from '@hestiad/core'
import { computed } from 'vue'
import { alongMm } from '../viewport.js'
import { leaf, polygonPath } from './paths.js'
import { shade } from './shade.js'

/** What leans, hangs over something or lies round it, from the side, from its own foot up. */
const props = defineProps<{ standing: Standing; turned: boolean }>()
const piece = computed(() => props.standing.piece)
/** Each solid as it is seen, left to right and low to high, from the piece's own axis and foot. */
const seen = computed(() =>
  props.standing.solids.map((solid) => {
    const x = alongMm(solid, props.turned) - alongMm(props.standing.pose, props.turned)
    const turn = solid.turnRad + (props.turned ? Math.PI / 2 : 0)
    const half =
      solid.kind === 'frustum' ? Math.max(solid.r0Mm, solid.r1Mm) : Math.abs(solid.halfXMm * Math.cos(turn)) + Math.abs(solid.halfYMm * Math.sin(turn))
    return { x, half, low: solid.z0Mm - props.standing.footMm, high: solid.z1Mm - props.standing.footMm }
  })
)
const leant = computed(() => {
  const [first, last] = [seen.value[0]!, seen.value[seen.value.length - 1]!]
  return polygonPath([
    { x: first.x - first.half, y: first.low },
    { x: first.x + first.half, y: first.low },
    { x: last.x + last.half, y: last.high },
    { x: last.x - last.half, y: last.high }
  ])
})
/** Lines written on a sign, where one sees its face. */
const chalk = computed(() => {
  const front = Math.cos(props.standing.pose.turnRad + (props.turned ? Math.PI / 2 : 0))
  if (piece.value.kind !== 'ornament' || piece.value.form !== 'sign' || front < 0.7) return ''
  const [first, last] = [seen.value[0]!, seen.value[seen.value.length - 1]!]
  return [0.7, 0.5, 0.3].map((t, i) => `M ${first.x - first.half * 0.66} ${last.high * t} h ${first.half * (1.3 - i * 0.3)}`).join(' ')
})
const leafy = computed(() => isLeafy(piece.value))
const tufts = computed(() =>
  seen.value.flatMap(({ x, half, low, high }) => {
    const [wide, tall] = [2 * half, high - low]
    const count = Math.max(4, Math.round(Math.max(wide, tall) / 14))
    return Array.from({ length: count }, (_, i) => {
      const t = (i + 0.5) / count
      return wide > tall
        ? { x: x - half + t * wide, y: low + tall * 0.3, turn: 20 + (i % 5) * 32 }
        : { x: x + ((i % 3) - 1) * half * 0.4, y: low + t * tall, turn: -40 - (i % 4) * 30 }
    })
  })
)
</script>

<template>
  <g v-if="standing.manner?.kind === 'leaning'">
    <path :d="leant" :fill="piece.color" :stroke="piece.accent" stroke-width="3" stroke-linejoin="round" />
    <path v-if="chalk" :d="chalk" fill="none" :stroke="piece.accent" stroke-width="4" stroke-linecap="round" />
  </g>
  <g v-else-if="leafy">
    <path
      v-for="(tuft, i) in tufts"
      :key="i"
      :d="leaf(46, 11)"
      :transform="`translate(${tuft.x} ${tuft.y}) rotate(${tuft.turn})`"
      :fill="i % 2 === 0 ? piece.color : shade(piece.color, -0.14)"
      :stroke="piece.accent"
      stroke-width="0.8"
    />
  </g>
  <g v-else>
    <rect
      v-for="(one, i) in seen"
      :key="i"
      :x="one.x - one.half"
      :y="one.low"
      :width="2 * one.half"
      :height="one.high - one.low"
      rx="4"
      :fill="shade(piece.color, i === 0 ? 0.1 : 0)"
      :stroke="piece.accent"
      stroke-width="2"
    />
  </g>
</template>
