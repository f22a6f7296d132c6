<script setup lang="ts">
import { grown, type HeightMap, type Outline } from '@hestiad/core'
import { contours } from 'd3-contour'
import { computed } from 'vue'
import { usePreferences } from '../stores/preferences.js'
import { outlinePath } from './drawing/paths.js'
import type { Viewport } from './viewport.js'

/** How tall a slim thing may be where: bands from the lowest to the highest, each line with its height. */
const props = defineProps<{ map: HeightMap; outline: Outline; depthMm: number; view: Viewport; clipId: string }>()
const preferences = usePreferences()

/** Lines at whole inches or centimeters that matter for things on a table. */
const thresholds = computed(() =>
  preferences.unit === 'in' ? [9, 10, 11, 12, 13, 14, 16, 18].map((inch) => inch * 25.4) : [220, 240, 260, 280, 300, 320, 360, 420, 500]
)

/** Off the table the nearest height goes on, so that bands end at the edge and not before it. */
const values = computed(() => {
  const { columns, rows, heightsMm } = props.map
  const filled = Array.from(heightsMm)
  for (let round = 0; round < 3; round++)
    for (let i = 0; i < filled.length; i++) {
      if (!Number.isNaN(filled[i]!)) continue
      const [row, column] = [Math.floor(i / columns), i % columns]
      const near = [
        [row, column - 1],
        [row, column + 1],
        [row - 1, column],
        [row + 1, column]
      ].flatMap(([r, c]) => (r! >= 0 && r! < rows && c! >= 0 && c! < columns && !Number.isNaN(filled[r! * columns + c!]!) ? [filled[r! * columns + c!]!] : []))
      if (near.length > 0) filled[i] = near.reduce((a, b) => a + b, 0) / near.length
    }
  return softened(
    softened(
      filled.map((mm) => (Number.isNaN(mm) ? 0 : mm)),
      columns,
      rows
    ),
    columns,
    rows
  )
})
/** Each value the mean of its neighborhood: lines of sight leave steps that say nothing to who stands a vase there. */
function softened(list: readonly number[], columns: number, rows: number): number[] {
  return list.map((_, i) => {
    const [row, column] = [Math.floor(i / columns), i % columns]
    let [sum, count] = [0, 0]
    for (let r = Math.max(0, row - 1); r <= Math.min(rows - 1, row + 1); r++)
      for (let c = Math.max(0, column - 1); c <= Math.min(columns - 1, column + 1); c++) {
        sum += list[r * columns + c]!
        count++
      }
    return sum / count
  })
}
const bands = computed(() => {
  const { columns, rows, stepMm } = props.map
  const at = ([x, y]: readonly number[]) => props.view.onPlan({ x: (x! - 0.5 - (columns - 1) / 2) * stepMm, y: (y! - 0.5 - (rows - 1) / 2) * stepMm })
  return contours()
    .size([columns, rows])
    .thresholds(thresholds.value)(values.value)
    .map((band) => {
      const rings = band.coordinates.flat()
      const d = rings
        .map(
          (ring) =>
            `M${ring
              .map((point) => at(point))
              .map((p) => `${p.x.toFixed(1)} ${p.y.toFixed(1)}`)
              .join('L')}Z`
        )
        .join('')
      return { value: band.value, d, opacity: 0.1, label: labelSpot(rings.map((ring) => ring.map(at))) }
    })
})

/** Heights in words, the lowest first; one that would lie over another is left out. */
const labels = computed(() =>
  bands.value.reduce<{ value: number; x: number; y: number }[]>((said, { value, label }) => {
    const covered = !label || said.some((one) => Math.abs(one.x - label.x) < LABEL_PX.width && Math.abs(one.y - label.y) < LABEL_PX.height)
    return covered ? said : [...said, { value, ...label }]
  }, [])
)
const LABEL_PX = { width: 40, height: 15 } as const

/** Where a line crosses the long axis, the leftmost. */
function labelSpot(rings: readonly (readonly { x: number; y: number }[])[]) {
  const middle = props.view.onPlan({ x: 0, y: 0 })
  const [along, across] = props.view.turned ? (['y', 'x'] as const) : (['x', 'y'] as const)
  const within = rings.flat().filter((p) => Math.abs(p[across] - middle[across]) < 14 && Math.abs(p[along] - middle[along]) < 0.36 * props.view.width)
  return within.sort((a, b) => a[along] - b[along])[0]
}
</script>

<template>
  <g class="height-map" :clip-path="`url(#${clipId})`" aria-hidden="true">
    <clipPath :id="clipId">
      <path :d="outlinePath(grown(outline, -depthMm))" :transform="view.planTransform" />
    </clipPath>
    <path v-for="band in bands" :key="band.value" :d="band.d" :fill-opacity="band.opacity" class="band" />
    <text v-for="{ value, x, y } in labels" :key="`t${value}`" :x="x" :y="y - 3" text-anchor="middle">
      {{ preferences.length(value) }}
    </text>
  </g>
</template>

<style scoped>
.height-map {
  pointer-events: none;
}

.band {
  fill: var(--moss);
  stroke: var(--moss);
  stroke-width: 1;
  stroke-opacity: 0.7;
}

text {
  font: 600 11px var(--sans);
  fill: var(--ink);
  paint-order: stroke;
  stroke: var(--paper);
  stroke-width: 3px;
}
</style>
