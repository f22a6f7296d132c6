<script setup lang="ts">
import { halfLengthMm, spanMm, tableOutline, tableSeams, tableSupports, type Table, type TableShape } from '@hestiad/core'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { outlinePath } from '../board/drawing/paths.js'
import { shade } from '../board/drawing/shade.js'
import { arrowOf, onKeys, timesOf } from '../shell/keys.js'
import { usePreferences } from '../stores/preferences.js'
import { sizesOfShape } from './tableSizes.js'

/** The table alone with its measures: sides are dragged, leaves slid in and out. */
const props = defineProps<{ modelValue: Table }>()
const emit = defineEmits<{ 'update:modelValue': [table: Table] }>()
const { t } = useI18n()
const preferences = usePreferences()
const outline = computed(() => tableOutline(props.modelValue))
const half = computed(() => ({ x: halfLengthMm(outline.value), y: outline.value.halfWidthMm }))
const frame = computed(() => Math.max(half.value.x * 1.3, half.value.y * 2.15))
const view = computed(() => ({ x: -frame.value, y: -frame.value / 1.5, width: 2 * frame.value, height: (2 * frame.value) / 1.5 }))
const middleY = computed(() => (outline.value.kind === 'polygon' ? outline.value.middleY : 0))
const supports = computed(() => tableSupports(props.modelValue, outline.value))
const seams = computed(() => tableSeams(props.modelValue.shape))
const leafLines = computed(() => {
  const { in: count, eachMm } = props.modelValue.leaves
  return Array.from({ length: count + (count > 0 ? 1 : 0) }, (_, i) => (i - count / 2) * eachMm)
})
const sizes = computed(() => sizesOfShape(props.modelValue.shape))
const along = computed(() => sizes.value[0]!)
const across = computed(() => sizes.value.find((size) => size.name === 'widthMm'))
const svg = ref<SVGSVGElement>()
const text = computed(() => frame.value / 11)
const off = computed(() => frame.value * 0.1)
const tick = computed(() => frame.value * 0.03)
/** Fixed while a side is dragged, so that the drawing does not run away under the hand. */
let drag:
  { readonly name: string; readonly from: number; readonly mm: number; readonly scale: number; readonly axis: 'x' | 'y'; readonly mostMm: number } | undefined

function begin(event: PointerEvent, size: { name: string; mm: number; mostMm: number }, axis: 'x' | 'y'): void {
  const box = svg.value!.getBoundingClientRect()
  const many = props.modelValue.shape.kind === 'joined' && axis === 'x' ? props.modelValue.shape.along : 1
  drag = { ...size, axis, from: axis === 'x' ? event.clientX : event.clientY, scale: (2 * view.value.width) / box.width / many }
  ;(event.target as Element).setPointerCapture(event.pointerId)
}

function move(event: PointerEvent): void {
  if (!drag) return
  const step = preferences.unit === 'in' ? 12.7 : 10
  const by = ((drag.axis === 'x' ? event.clientX : event.clientY) - drag.from) * drag.scale
  setSize(drag.name, Math.min(drag.mostMm, Math.max(300, Math.round((drag.mm + by) / step) * step)))
}

function setSize(name: string, mm: number): void {
  emit('update:modelValue', { ...props.modelValue, shape: { ...props.modelValue.shape, [name]: mm } as TableShape })
}

const nudge = (event: KeyboardEvent, size: { name: string; mm: number; mostMm: number }) =>
  onKeys({
    nudge: () => {
      const [right, up] = arrowOf(event)
      setSize(size.name, Math.min(size.mostMm, Math.max(300, size.mm + (right + up) * preferences.nudgeMm() * timesOf(event))))
    }
  })(event)

function leaf(by: 1 | -1): void {
  const { leaves } = props.modelValue
  emit('update:modelValue', { ...props.modelValue, leaves: { ...leaves, in: Math.min(leaves.owned, Math.max(0, leaves.in + by)) } })
}
const deg = (rad: number) => (rad * 180) / Math.PI
</script>

<template>
  <div>
    <svg
      ref="svg"
      :viewBox="`${view.x} ${view.y} ${view.width} ${view.height}`"
      @pointermove="move"
      @pointerup="drag = undefined"
      @pointercancel="drag = undefined"
    >
      <g transform="scale(1 -1)">
        <path :d="outlinePath(outline)" :fill="modelValue.color" :stroke="shade(modelValue.color, -0.35)" :stroke-width="frame / 120" />
        <line
          v-for="x in leafLines"
          :key="x"
          :x1="x"
          :x2="x"
          :y1="-half.y"
          :y2="half.y"
          :stroke="shade(modelValue.color, -0.4)"
          :stroke-width="frame / 200"
          stroke-dasharray="30 20"
        />
        <line
          v-for="(seam, i) in seams"
          :key="`s${i}`"
          :x1="seam[0].x"
          :y1="seam[0].y"
          :x2="seam[1].x"
          :y2="seam[1].y"
          :stroke="shade(modelValue.color, -0.5)"
          :stroke-width="frame / 160"
        />
        <rect
          v-for="(support, i) in supports"
          :key="`p${i}`"
          :x="-support.halfXMm"
          :y="-support.halfYMm"
          :width="2 * support.halfXMm"
          :height="2 * support.halfYMm"
          :transform="`translate(${support.x} ${support.y}) rotate(${deg(support.turnRad)})`"
          :fill="shade(modelValue.color, -0.3)"
          fill-opacity="0.45"
        />
      </g>
      <g class="measure" :stroke-width="frame / 170">
        <path
          :d="`M ${-half.x} ${half.y + off} H ${half.x} M ${-half.x} ${half.y + off - tick} v ${2 * tick} M ${half.x} ${half.y + off - tick} v ${2 * tick}`"
        />
        <text x="0" :y="half.y + off + text * 1.05" text-anchor="middle" :font-size="text">{{ preferences.length(2 * half.x) }}</text>
        <path
          :d="`M ${-half.x - off} ${-half.y} V ${half.y} M ${-half.x - off - tick} ${-half.y} h ${2 * tick} M ${-half.x - off - tick} ${half.y} h ${2 * tick}`"
        />
        <text :transform="`translate(${-half.x - off - text * 0.3} 0) rotate(-90)`" text-anchor="middle" :font-size="text">
          {{ preferences.length(2 * half.y) }}
        </text>
      </g>
      <g
        class="grip x"
        tabindex="0"
        role="slider"
        :aria-label="t('table.drag', { what: t(`table.${along.label}`) })"
        :aria-valuenow="Math.round(along.mm)"
        :aria-valuetext="preferences.length(along.mm)"
        @pointerdown.prevent="begin($event, along, 'x')"
        @keydown="nudge($event, along)"
      >
        <circle :cx="half.x" :cy="-middleY" :r="frame / 24" />
      </g>
      <g
        v-if="across"
        class="grip y"
        tabindex="0"
        role="slider"
        :aria-label="t('table.drag', { what: t(`table.${across.label}`) })"
        :aria-valuenow="Math.round(across.mm)"
        :aria-valuetext="preferences.length(across.mm)"
        @pointerdown.prevent="begin($event, across, 'y')"
        @keydown="nudge($event, across)"
      >
        <circle cx="0" :cy="modelValue.shape.kind === 'joined' ? spanMm(outline) / 2 - middleY : half.y" :r="frame / 24" />
      </g>
    </svg>
    <p v-if="modelValue.leaves.owned > 0 && modelValue.shape.kind !== 'joined' && modelValue.shape.kind !== 'half-round'" class="row small">
      <el-button class="plain link" :disabled="modelValue.leaves.in >= modelValue.leaves.owned" @click="leaf(1)">{{ t('table.slideIn') }}</el-button>
      <el-button class="plain link" :disabled="modelValue.leaves.in === 0" @click="leaf(-1)">{{ t('table.slideOut') }}</el-button>
    </p>
  </div>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  border-radius: var(--radius);
  background: var(--paper);
  touch-action: none;
}

.measure path {
  fill: none;
  stroke: var(--soft-ink);
}

.measure text {
  fill: var(--ink);
  font-family: var(--sans);
  font-weight: 600;
}

.grip circle {
  fill: var(--ember);
  stroke: var(--paper);
  stroke-width: 12;
}

.grip:focus-visible {
  outline: none;
}

.grip:focus-visible circle {
  stroke: var(--ink);
}

.grip.x {
  cursor: ew-resize;
}

.grip.y {
  cursor: ns-resize;
}

p {
  margin: 6px 0 0;
  gap: 14px;
}

button:disabled {
  color: var(--soft-ink);
  text-decoration: none;
  cursor: default;
}
</style>
