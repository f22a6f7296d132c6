<script setup lang="ts">
import SelectField from '../shell/SelectField.vue'
import { placeLayouts, seatPlan, standings, type Look } from '@hestiad/core'
import { X } from '@lucide/vue'
import { useElementSize } from '@vueuse/core'
import { computed, nextTick, onMounted, onUnmounted, ref, shallowRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import CheckField from '../shell/CheckField.vue'
import ChoiceField from '../shell/ChoiceField.vue'
import { arrowOf, numberOf, onKeys } from '../shell/keys.js'
import { useLook } from '../stores/lookStore.js'
import { usePreferences } from '../stores/preferences.js'
import { drawnView } from './drawn.js'
import { saveFile } from './saveFile.js'
import { createRenderer, hours, type Hour, type Renderer } from './useRenderer.js'
import { turnedHead, viewpoint, type Viewer } from './viewpoint.js'
import WhoIsSeen from './WhoIsSeen.vue'

/** The table from a guest's own eyes, standing, or from the door; by day, at dusk, by candlelight. */
const props = defineProps<{ look: Look; seat: number | null; embedded?: boolean }>()
const emit = defineEmits<{ close: []; sit: [number: number | null] }>()
const { t } = useI18n()
const store = useLook()
const preferences = usePreferences()
const frame = ref<HTMLElement>()
const canvas = ref<HTMLCanvasElement>()
const { width, height } = useElementSize(frame)
const hour = ref<Hour>(props.embedded || preferences.theme === 'evening' ? 'candle' : 'day')
const meal = ref(true)
const squint = ref(false)
const viewer = ref<Viewer>(props.seat === null ? { kind: 'standing' } : { kind: 'seat', number: props.seat })
const head = ref({ yaw: 0, pitch: 0 })
const renderer = shallowRef<Renderer>()
const noWebGl = ref(false)
/** The look as it was when one sat down, and its picture, for the slider. */
const before = props.look
const beforePicture = ref('')
const wipe = ref(0)
const timing = ref({ firstMs: 0, lastMs: 0 })

const plan = computed(() => seatPlan(props.look))
const sitting = computed(() => (viewer.value.kind === 'seat' ? viewer.value.number : null))
const view = computed(() => turnedHead(viewpoint(viewer.value, props.look, plan.value), head.value.yaw, head.value.pitch))
const drawn = computed(() => (noWebGl.value ? drawnView(view.value, props.look, plan.value, standings(props.look), sitting.value, height.value / 0.89) : []))

const hang = computed(() => store.figures?.linens.cloth ?? null)

function optionsOf(look: Look) {
  const seats = seatPlan(look)
  return {
    look,
    plan: seats,
    layouts: placeLayouts(look, seats.places),
    standing: standings(look),
    hang: hang.value,
    hour: hour.value,
    seat: sitting.value,
    meal: meal.value,
    eye: viewpoint(viewer.value, look, seats).eye
  }
}

function draw(quick = false): void {
  if (!renderer.value || width.value < 10) return
  const start = performance.now()
  renderer.value.draw(view.value, Math.round(width.value), Math.round(height.value), quick)
  const took = performance.now() - start
  timing.value = { firstMs: timing.value.firstMs || took, lastMs: took }
}

function rebuild(): void {
  if (!renderer.value) return
  const start = performance.now()
  renderer.value.show(optionsOf(props.look))
  draw()
  timing.value = { firstMs: timing.value.firstMs, lastMs: performance.now() - start }
}

/** The earlier state drawn once from here, kept as a picture. */
function drawBefore(): void {
  if (!renderer.value || !canvas.value) return
  renderer.value.show(optionsOf(before))
  draw()
  beforePicture.value = canvas.value.toDataURL()
  rebuild()
}

let waiting = 0
function drawSoon(quick: boolean): void {
  cancelAnimationFrame(waiting)
  waiting = requestAnimationFrame(() => draw(quick))
}

function turnHead(event: PointerEvent): void {
  const from = { x: event.clientX, y: event.clientY, ...head.value }
  const perPx = 0.84 / Math.max(200, height.value)
  const move = (e: PointerEvent) => {
    head.value = { yaw: from.yaw + (e.clientX - from.x) * perPx, pitch: from.pitch + (e.clientY - from.y) * perPx }
    drawSoon(true)
  }
  const end = () => {
    window.removeEventListener('pointermove', move)
    window.removeEventListener('pointerup', end)
    draw()
  }
  window.addEventListener('pointermove', move)
  window.addEventListener('pointerup', end)
}

const TURN = { yaw: 0.12, pitch: 0.08 } as const
const onKey = onKeys({
  nudge: (event) => {
    const [right, up] = arrowOf(event)
    head.value = { yaw: head.value.yaw - right * TURN.yaw, pitch: head.value.pitch + up * TURN.pitch }
    draw()
  },
  letGo: () => emit('close'),
  seat: (event) => {
    const number = numberOf(event)
    if (number <= plan.value.places.length) sit({ kind: 'seat', number })
  }
})

function sit(next: Viewer): void {
  viewer.value = next
  emit('sit', next.kind === 'seat' ? next.number : null)
}

const viewers = computed(() => [
  ...plan.value.guests.map((guest, i) => ({ value: String(i + 1), label: t('seatView.chair', { number: i + 1, name: guest.name }) })),
  ...(['standing', 'child', 'door'] as const).map((value) => ({ value, label: t(`seatView.${value}`) }))
])

function choose(value: string): void {
  sit(value === 'standing' || value === 'child' || value === 'door' ? { kind: value } : { kind: 'seat', number: Number(value) })
}

async function savePicture(): Promise<void> {
  const blob = await new Promise<Blob | null>((resolve) => canvas.value?.toBlob(resolve, 'image/png'))
  if (blob) saveFile(blob, `${props.look.id}-${sitting.value ?? viewer.value.kind}.png`)
}

async function saveModel(): Promise<void> {
  if (renderer.value) saveFile(await renderer.value.exportGltf(), `${props.look.id}.glb`)
}

onMounted(async () => {
  await nextTick()
  if (!props.embedded) frame.value?.focus()
  try {
    renderer.value = createRenderer(canvas.value!)
  } catch {
    noWebGl.value = true
    return
  }
  const start = performance.now()
  rebuild()
  timing.value = { ...timing.value, firstMs: performance.now() - start }
})
onUnmounted(() => renderer.value?.dispose())
watch([() => props.look, hour, meal, viewer], () => {
  beforePicture.value = ''
  wipe.value = 0
  if (viewer.value.kind !== 'seat' || viewer.value.number !== sitting.value) head.value = { yaw: 0, pitch: 0 }
  rebuild()
})
// the figures come a moment after the look, and with them how far the cloth hangs
watch([() => hang.value?.sideDropMm, () => hang.value?.cornerDropMm], () => rebuild())
watch(viewer, () => (head.value = { yaw: 0, pitch: 0 }), { flush: 'pre' })
watch([width, height], () => draw())
watch(wipe, (share) => {
  if (share > 0 && beforePicture.value === '') drawBefore()
})
watch(head, () => (wipe.value = 0))
</script>

<template>
  <section
    ref="frame"
    class="seat-view"
    :class="{ squint }"
    tabindex="0"
    :aria-label="t('seatView.label')"
    :data-first-ms="timing.firstMs"
    :data-last-ms="timing.lastMs"
    @keydown="onKey"
  >
    <canvas v-show="!noWebGl" ref="canvas" class="picture" @pointerdown="turnHead" />
    <svg
      v-if="noWebGl"
      class="picture"
      :viewBox="`${-width / 2} ${-height / 2} ${width} ${height}`"
      role="img"
      :aria-label="t('seatView.drawn')"
      @pointerdown="turnHead"
    >
      <path v-for="(shape, i) in drawn" :key="i" :d="shape.path" :fill="shape.color" :fill-opacity="shape.opacity" stroke="#2b2420" stroke-opacity="0.35" />
    </svg>
    <img v-if="beforePicture && wipe > 0" class="picture before" :src="beforePicture" alt="" :style="{ clipPath: `inset(0 ${100 - wipe}% 0 0)` }" />
    <svg width="0" height="0" aria-hidden="true">
      <filter id="values">
        <feGaussianBlur stdDeviation="7" />
        <feColorMatrix type="saturate" values="0" />
        <feComponentTransfer>
          <feFuncR type="discrete" tableValues="0.06 0.28 0.5 0.72 0.95" />
          <feFuncG type="discrete" tableValues="0.06 0.28 0.5 0.72 0.95" />
          <feFuncB type="discrete" tableValues="0.06 0.28 0.5 0.72 0.95" />
        </feComponentTransfer>
      </filter>
    </svg>
    <div class="bar top">
      <SelectField
        class="from"
        bare
        :label="t('seatView.from')"
        :model-value="String(sitting ?? viewer.kind)"
        :choices="viewers"
        @update:model-value="choose"
      />
      <ChoiceField v-model="hour" class="hours" :label="t('seatView.hour')" :choices="hours.map((value) => ({ value, label: t(`seatView.hours.${value}`) }))" />
      <el-button v-if="!embedded" class="plain close" :aria-label="t('seatView.close')" @click="emit('close')"><X :size="18" /></el-button>
    </div>
    <div class="bar low">
      <CheckField v-model="squint" :label="t('seatView.squint')" />
      <CheckField v-model="meal" :label="t('seatView.meal')" />
      <label class="wipe"
        >{{ t('seatView.before') }}
        <el-slider v-model="wipe" :disabled="look === before || noWebGl" :show-tooltip="false" :aria-label="t('seatView.wipe')" />
      </label>
      <el-button class="plain link" :disabled="noWebGl" @click="savePicture">{{ t('seatView.png') }}</el-button>
      <el-button class="plain link" :disabled="noWebGl" @click="saveModel">{{ t('seatView.gltf') }}</el-button>
    </div>
    <WhoIsSeen v-if="sitting !== null && store.figures" :look="look" :seat="sitting" :sight="store.figures.sight" />
    <p v-if="noWebGl" class="soft small note" role="status">{{ t('seatView.noWebGl') }}</p>
  </section>
</template>

<style scoped>
.seat-view {
  position: absolute;
  inset: 0;
  z-index: 4;
  overflow: hidden;
  border-radius: 6px;
  background: #cfc4b2;
  touch-action: none;
}

.picture {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  cursor: grab;
}

.before {
  pointer-events: none;
  border-right: 2px solid var(--ember);
}

.squint .picture {
  filter: url('#values');
}

.bar {
  position: absolute;
  left: 12px;
  right: 12px;
  display: flex;
  gap: 12px;
  align-items: center;
  padding: 6px 10px;
  border-radius: var(--radius);
  background: color-mix(in srgb, var(--paper) 90%, transparent);
}

.bar.top {
  top: 10px;
}

.from {
  width: 190px;
}

.hours {
  grid-template-columns: auto 1fr;
  display: grid;
  gap: 8px;
  align-items: center;
  flex: 1;
  max-width: 360px;
}

.close {
  margin-left: auto;
}

.bar.low {
  bottom: 10px;
  flex-wrap: wrap;
}

.wipe {
  display: flex;
  gap: 6px;
  align-items: center;
}

.wipe .el-slider {
  width: 110px;
  margin: 0 12px;
}

.note {
  position: absolute;
  top: 60px;
  left: 24px;
  margin: 0;
}
</style>
