<script setup lang="ts">
import { isLeafy, pieceIndex, seededRandom } from '@hestiad/core'
import { computed } from 'vue'
import type { DrawnLook } from '../drawnLook.js'
import { shade } from './shade.js'

/** The lamp over the middle from the side, in table millimeters, up positive, with what hangs round it; nothing above `topMm` is drawn. */
const props = defineProps<{ look: DrawnLook; topMm: number }>()
const SHADE_MM = 160
const lamp = computed(() => {
  const { fixture } = props.look.room
  if (!fixture) return null
  const low = fixture.bottomMm - props.look.table.heightMm
  const piece = pieceIndex(props.look).get(fixture.greens?.pieceId ?? '')
  const greensLow = low - (fixture.greens?.hangsMm ?? 0)
  if (greensLow >= props.topMm) return null
  return { low, half: fixture.widthMm / 2, piece, greensLow, hangs: low - greensLow, high: Math.min(props.topMm, low + SHADE_MM) }
})
/** Leaves round it, fewer toward their tips; the same every time. */
const leaves = computed(() => {
  if (!lamp.value) return []
  const { half, low, hangs } = lamp.value
  const random = seededRandom(5)
  return Array.from({ length: Math.round(half / 3) }, () => {
    const down = random() ** 1.5
    return { x: (random() * 2 - 1) * (half + 14), y: low + 30 - down * (hangs + 30), turn: -150 + random() * 120, r: 16 + random() * 10, dark: random() < 0.4 }
  })
})
</script>

<template>
  <g v-if="lamp" class="lamp">
    <path
      v-if="lamp.low < topMm"
      :d="`M ${-lamp.half} ${lamp.low} L ${lamp.half} ${lamp.low} L ${lamp.half * 0.8} ${lamp.high} L ${-lamp.half * 0.8} ${lamp.high} Z`"
      fill="#efe6d6"
      stroke="#b7a68c"
      stroke-width="3"
    />
    <template v-if="lamp.piece">
      <ellipse
        v-for="(leaf, i) in leaves.filter((one) => one.y < topMm)"
        :key="i"
        :rx="leaf.r"
        :ry="leaf.r * (isLeafy(lamp.piece) ? 0.38 : 0.9)"
        :transform="`translate(${leaf.x} ${leaf.y}) rotate(${leaf.turn})`"
        :fill="leaf.dark ? shade(lamp.piece.color, -0.2) : lamp.piece.color"
      />
    </template>
  </g>
</template>
