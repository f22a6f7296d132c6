<script setup lang="ts">
import { extentSize, toFrame, type Standing } from '@hestiad/core'
import { computed } from 'vue'
import { roundCircle } from './forms.js'
import { leaf } from './paths.js'
import { shade } from './shade.js'

/** What leans, hangs over something or lies round it, from above, around its own axis. */
const props = defineProps<{ standing: Standing }>()
const piece = computed(() => props.standing.piece)
/** Its solids in its own frame. */
const boxes = computed(() => {
  const { solids, pose } = props.standing
  return solids.flatMap((solid) => {
    const at = toFrame(pose, solid)
    return solid.kind === 'box' ? [{ x: at.x - solid.halfXMm, y: at.y - solid.halfYMm, width: 2 * solid.halfXMm, height: 2 * solid.halfYMm }] : []
  })
})
const around = computed(() => {
  const { manner } = props.standing
  if (manner?.kind !== 'around' || !('extent' in piece.value)) return []
  const wide = Math.min(extentSize(piece.value.extent).widthMm, 90)
  const radius = Math.max(20, manner.outerMm / 2 - wide / 2)
  const beads = piece.value.kind === 'ornament' && (piece.value.form === 'beads' || piece.value.form === 'lights')
  return roundCircle(radius, beads ? 22 : 15).map((one) => ({ ...one, beads, size: beads ? 10 : wide * 0.6 }))
})
</script>

<template>
  <g v-if="around.length > 0">
    <template v-for="(one, i) in around" :key="i">
      <circle v-if="one.beads" :cx="one.x" :cy="one.y" :r="one.size" :fill="piece.color" :stroke="piece.accent" stroke-width="1" />
      <path
        v-else
        :d="leaf(one.size, one.size * 0.24)"
        :transform="`translate(${one.x} ${one.y}) rotate(${one.turn})`"
        :fill="i % 2 === 0 ? piece.color : shade(piece.color, -0.14)"
        :stroke="piece.accent"
        stroke-width="0.8"
      />
    </template>
  </g>
  <g v-else>
    <rect
      v-for="(one, i) in boxes"
      :key="i"
      :x="one.x"
      :y="one.y"
      :width="one.width"
      :height="one.height"
      rx="3"
      :fill="shade(piece.color, standing.manner?.kind === 'leaning' ? (i - 3) * 0.06 : 0)"
      :stroke="piece.accent"
      :stroke-width="standing.manner?.kind === 'leaning' && i < boxes.length - 1 ? 0 : 2"
    />
  </g>
</template>
