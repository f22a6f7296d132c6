<script setup lang="ts">
import { extentSize, type Standing } from '@hestiad/core'
import { computed } from 'vue'
import { roundCircle } from './forms.js'
import { extentPath, leaf } from './paths.js'
import { shade } from './shade.js'

/** Lanterns, tiered stands, wreaths, signs, scarves and strands of lights from above. */
const props = defineProps<{ standing: Standing }>()
const piece = computed(() => props.standing.piece)
const size = computed(() => ('extent' in piece.value ? extentSize(piece.value.extent) : { lengthMm: 0, widthMm: 0 }))
const wreath = computed(() =>
  piece.value.kind === 'ornament' && piece.value.form === 'wreath' ? roundCircle(size.value.lengthMm / 2 - piece.value.heightMm / 2, 16) : []
)
const bulbs = computed(() => {
  const { lengthMm, widthMm } = size.value
  const count = Math.max(2, Math.round(lengthMm / 60))
  return Array.from({ length: count }, (_, i) => ({ x: ((i + 0.5) / count - 0.5) * lengthMm, y: Math.sin(i * 1.3) * widthMm * 0.32 }))
})
</script>

<template>
  <g v-if="piece.kind === 'vessel'">
    <rect :x="-piece.baseMm / 2 + 4" :y="-piece.baseMm / 2 - 5" :width="piece.baseMm" :height="piece.baseMm" fill="#2b2420" fill-opacity="0.15" />
    <rect
      :x="-piece.baseMm / 2"
      :y="-piece.baseMm / 2"
      :width="piece.baseMm"
      :height="piece.baseMm"
      rx="4"
      :fill="standing.filling?.color ?? piece.color"
      :fill-opacity="standing.filling ? 0.8 : 0.35"
    />
    <rect
      :x="-piece.baseMm / 2"
      :y="-piece.baseMm / 2"
      :width="piece.baseMm"
      :height="piece.baseMm"
      rx="4"
      fill="none"
      :stroke="piece.color"
      stroke-width="9"
    />
    <path
      :d="`M ${-piece.baseMm / 2} ${-piece.baseMm / 2} L ${piece.baseMm / 2} ${piece.baseMm / 2} M ${piece.baseMm / 2} ${-piece.baseMm / 2} L ${-piece.baseMm / 2} ${piece.baseMm / 2}`"
      :stroke="piece.color"
      stroke-width="4"
      fill-opacity="0.5"
      stroke-opacity="0.5"
    />
    <circle r="17" fill="none" :stroke="piece.accent" stroke-width="5" />
  </g>
  <g v-else-if="piece.kind === 'tray'">
    <path :d="extentPath(piece.extent)" fill="#2b2420" fill-opacity="0.14" transform="translate(4 -5)" />
    <path :d="extentPath(piece.extent)" :fill="piece.color" :stroke="piece.accent" stroke-width="3" />
    <circle
      v-for="(tier, i) in piece.upper"
      :key="i"
      :r="tier.diameterMm / 2"
      :fill="shade(piece.color, 0.16 * (i + 1))"
      :stroke="piece.accent"
      stroke-width="3"
    />
    <circle r="9" :fill="piece.accent" />
  </g>
  <g v-else-if="wreath.length > 0">
    <path
      v-for="(tuft, i) in wreath"
      :key="i"
      :d="leaf(44, 11)"
      :transform="`translate(${tuft.x} ${tuft.y}) rotate(${tuft.turn})`"
      :fill="i % 2 === 0 ? piece.color : shade(piece.color, -0.14)"
      :stroke="piece.accent"
      stroke-width="0.8"
    />
  </g>
  <g v-else-if="piece.kind === 'ornament' && piece.form === 'lights'">
    <path :d="`M ${bulbs.map((bulb) => `${bulb.x} ${bulb.y}`).join(' L ')}`" fill="none" :stroke="piece.accent" stroke-width="3" stroke-linejoin="round" />
    <g v-for="(bulb, i) in bulbs" :key="i">
      <circle :cx="bulb.x" :cy="bulb.y" r="16" fill="#ffcf7a" fill-opacity="0.28" />
      <circle :cx="bulb.x" :cy="bulb.y" r="6" :fill="piece.color" stroke="#a98535" stroke-width="1.5" />
    </g>
  </g>
  <g v-else-if="piece.kind === 'ornament' && piece.form === 'shakers'">
    <g v-for="side in [-1, 1]" :key="side" :transform="`translate(${side * (size.lengthMm / 2 - size.widthMm / 2)} 0)`">
      <circle cx="3" cy="-4" :r="size.widthMm / 2" fill="#2b2420" fill-opacity="0.16" />
      <circle :r="size.widthMm / 2" :fill="side < 0 ? shade(piece.color, 0.35) : piece.color" :stroke="piece.accent" stroke-width="2" />
      <circle :r="size.widthMm * 0.2" :fill="piece.accent" />
    </g>
  </g>
  <g v-else-if="piece.kind === 'ornament' && piece.form === 'napkin-holder'">
    <path :d="extentPath(piece.extent, 6)" fill="#2b2420" fill-opacity="0.14" transform="translate(4 -5)" />
    <rect
      :x="-size.lengthMm * 0.46"
      :y="-size.widthMm * 0.3"
      :width="size.lengthMm * 0.92"
      :height="size.widthMm * 0.6"
      fill="#f3eee4"
      stroke="#cfc6b6"
      stroke-width="2"
    />
    <path
      v-for="share in [-0.5, 0.5]"
      :key="share"
      :d="`M ${-size.lengthMm / 2} ${share * size.widthMm} H ${size.lengthMm / 2}`"
      :stroke="piece.color"
      stroke-width="7"
      stroke-linecap="round"
    />
  </g>
  <g v-else-if="piece.kind === 'ornament'">
    <path :d="extentPath(piece.extent, 3)" :fill="piece.color" :stroke="piece.accent" stroke-width="2.5" />
    <path
      v-if="piece.form === 'throw'"
      :d="
        [0.2, 0.5, 0.8]
          .map((t) => `M ${-size.lengthMm / 2} ${(t - 0.5) * size.widthMm} Q 0 ${(t - 0.44) * size.widthMm} ${size.lengthMm / 2} ${(t - 0.5) * size.widthMm}`)
          .join(' ')
      "
      fill="none"
      :stroke="piece.accent"
      stroke-width="2"
      stroke-opacity="0.7"
    />
  </g>
</template>
