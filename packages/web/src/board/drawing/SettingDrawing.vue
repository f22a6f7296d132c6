<script setup lang="ts">
import type { Flatware, FoldKind, SettingItem, SettingLayout } from '@hestiad/core'
import NapkinDrawing from './NapkinDrawing.vue'
import { leaf } from './paths.js'
import { shade } from './shade.js'

/** One place setting from above, in the place's frame: x to the guest's right, y inward. */
defineProps<{
  layout: SettingLayout
  fold: FoldKind
  card?: boolean
  mirrored?: boolean
  /** The item that is being dragged, and by how much. */
  moved?: { readonly i: number; readonly x: number; readonly y: number } | undefined
}>()

/** Head up along +y for pieces beside the plate; dessert fork's tines to the right, spoon's bowl to the left. */
function turnOf(item: SettingItem): number {
  if (item.halfXMm <= item.halfYMm) return 0
  return (item.piece as Flatware).role.endsWith('fork') ? -90 : 90
}

function flatwarePath(piece: Flatware): string {
  const l = piece.lengthMm / 2
  const w = piece.widthMm / 2
  const grip = Math.min(7, w * 0.5)
  if (piece.role.endsWith('knife'))
    return `M ${-grip} ${-l} Q 0 ${-l - 4} ${grip} ${-l} L ${grip * 0.8} ${-l * 0.05} L ${w * 0.55} 0 L ${w * 0.55} ${l * 0.7} Q ${w * 0.4} ${l} ${-w * 0.2} ${l} Q ${-w * 0.7} ${l * 0.5} ${-w * 0.55} 0 L ${-grip * 0.8} ${-l * 0.05} Z`
  if (piece.role.endsWith('spoon'))
    return `M ${-grip} ${-l} Q 0 ${-l - 4} ${grip} ${-l} L 3 ${l * 0.3} C ${w * 1.25} ${l * 0.42} ${w * 1.1} ${l} 0 ${l} C ${-w * 1.1} ${l} ${-w * 1.25} ${l * 0.42} -3 ${l * 0.3} Z`
  const tine = w * 0.24
  const tines = [-0.76, -0.25, 0.25, 0.76]
    .map((at) => `M ${at * w - tine / 2} ${l * 0.5} L ${at * w - tine / 2} ${l} L ${at * w + tine / 2} ${l} L ${at * w + tine / 2} ${l * 0.5}`)
    .join(' ')
  return `M ${-grip} ${-l} Q 0 ${-l - 4} ${grip} ${-l} L 3 ${l * 0.2} C ${w} ${l * 0.3} ${w * 0.95} ${l * 0.4} ${w * 0.9} ${l * 0.58} L ${-w * 0.9} ${l * 0.58} C ${-w * 0.95} ${l * 0.4} ${-w} ${l * 0.3} -3 ${l * 0.2} Z ${tines}`
}
</script>

<template>
  <g
    v-for="(item, i) in layout.items"
    :key="i"
    :transform="`translate(${(mirrored ? -item.x : item.x) + (moved?.i === i ? moved.x : 0)} ${item.y + (moved?.i === i ? moved.y : 0)})`"
  >
    <template v-if="item.what === 'plate' || item.what === 'bread-plate'">
      <circle cx="3" cy="-4" :r="item.halfXMm + 1" fill="#2b2420" fill-opacity="0.13" />
      <circle :r="item.halfXMm" :fill="item.piece.color" :stroke="item.piece.accent" stroke-width="2" />
      <circle :r="item.halfXMm * 0.965" fill="none" :stroke="item.piece.accent" stroke-width="2.5" stroke-opacity="0.75" />
      <template v-if="item.leaves">
        <path
          v-for="n in item.leaves.count"
          :key="n"
          :d="leaf(item.halfXMm * 0.6, item.leaves.stem.headMm * 0.62)"
          :transform="`rotate(${(360 * n) / item.leaves.count}) translate(${item.halfXMm * 0.42} 0)`"
          :fill="n % 2 === 0 ? item.leaves.stem.color : shade(item.leaves.stem.color, 0.14)"
          :stroke="shade(item.leaves.stem.color, -0.2)"
          stroke-width="1.2"
        />
      </template>
      <circle :r="item.halfXMm * 0.7" :fill="shade(item.piece.color, 0.25)" :stroke="shade(item.piece.color, -0.18)" stroke-width="1.4" />
      <path
        :d="`M ${-item.halfXMm * 0.56} ${item.halfXMm * 0.3} A ${item.halfXMm * 0.64} ${item.halfXMm * 0.64} 0 0 0 ${item.halfXMm * 0.1} ${item.halfXMm * 0.63}`"
        fill="none"
        stroke="#fff"
        stroke-width="3"
        stroke-linecap="round"
        stroke-opacity="0.7"
      />
    </template>
    <template v-else-if="item.what === 'napkin'">
      <NapkinDrawing :fold="fold" :half-x="item.halfXMm" :half-y="item.halfYMm" :color="item.piece.color" :accent="item.piece.accent" />
    </template>
    <template v-else-if="item.what === 'flatware'">
      <path
        :d="flatwarePath(item.piece as Flatware)"
        :transform="`rotate(${turnOf(item)})`"
        :fill="item.piece.color"
        :stroke="item.piece.accent"
        stroke-width="1.2"
        stroke-linejoin="round"
      />
    </template>
    <template v-else>
      <circle :r="item.halfXMm" :fill="item.piece.color" fill-opacity="0.45" :stroke="item.piece.accent" stroke-width="2.4" />
      <circle :r="item.halfXMm * 0.62" :fill="item.piece.color" fill-opacity="0.5" :stroke="item.piece.accent" stroke-width="1.2" />
      <circle :r="item.halfXMm * 0.1" :fill="item.piece.accent" />
      <path
        :d="`M ${-item.halfXMm * 0.74} ${item.halfXMm * 0.2} A ${item.halfXMm * 0.78} ${item.halfXMm * 0.78} 0 0 0 ${-item.halfXMm * 0.1} ${item.halfXMm * 0.76}`"
        fill="none"
        stroke="#fff"
        stroke-width="4"
        stroke-linecap="round"
        stroke-opacity="0.85"
      />
    </template>
  </g>
  <g v-if="card" :transform="`translate(0 ${layout.depthMm + 26})`">
    <rect x="-42" y="-14" width="84" height="28" rx="2" fill="#fffdf8" stroke="#b8ab92" stroke-width="2" />
    <path d="M -26 2 Q -13 -7 0 2 T 26 2" fill="none" stroke="#6b5f52" stroke-width="2.5" />
  </g>
</template>
