<script setup lang="ts">
import {
  applyEdit,
  changeSetting,
  dropItem,
  droppedAs,
  kindKeys,
  kindsByPlace,
  settingItems,
  settingOf,
  takeOut,
  type Dropped,
  type KindKey,
  type Look,
  type SettingItem
} from '@hestiad/core'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { dragging } from '../board/dragging.js'
import MiniTable from '../board/MiniTable.vue'
import StageFrame from '../shell/StageFrame.vue'
import { useLook } from '../stores/lookStore.js'
import { usePreferences } from '../stores/preferences.js'
import SettingCard from './SettingCard.vue'
import { stackCaption } from './stackCaption.js'
import StackView from './StackView.vue'

/** One place setting as large as the window lets it be, from above at scale and its stack drawn apart, with who has it on a small plan. */
const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const { length } = usePreferences()
const key = computed<KindKey>(() => (kindKeys(props.look).includes(store.settingKind) ? store.settingKind : 'A'))
/** The look with glasses where they would stand, while one of them is dragged: the others go along. */
const preview = ref<Look>()
const setting = computed(() => settingOf(preview.value ?? props.look, key.value))
const layout = computed(() => settingItems({ ...props.look, setting: setting.value }))
const moved = ref<{ readonly i: number; readonly x: number; readonly y: number; readonly as: Dropped | null }>()
/** Dessert flatware that is brought in, where it would lie above the plate. */
const ghosts = computed(() =>
  setting.value.dessertAbove
    ? []
    : settingItems({ ...props.look, setting: { ...setting.value, dessertAbove: true } }).items.filter(
        (item) => item.what === 'flatware' && item.halfXMm > item.halfYMm
      )
)

function end(): void {
  moved.value = undefined
  preview.value = undefined
}

/** A thing follows the pointer and is laid as the rules have it where it is let go. */
function begin(event: PointerEvent, item: SettingItem, i: number): void {
  const svg = (event.currentTarget as SVGElement).ownerSVGElement!
  const perPx = 1 / svg.getScreenCTM()!.a
  const base = props.look
  dragging(event, {
    move: (dxPx, dyPx) => {
      const [x, y] = [dxPx * perPx, -dyPx * perPx]
      const at = { x: item.x + x, y: item.y + y }
      const as = droppedAs(base, key.value, item, at)
      const edit = dropItem(base, key.value, item, at)
      const keepsToRule = item.what === 'glass' && as !== 'out'
      moved.value = keepsToRule ? { i, x: 0, y: 0, as } : { i, x, y, as }
      preview.value = keepsToRule && edit ? applyEdit(base, edit) : undefined
      return edit
    },
    drop: (edit) => {
      end()
      if (edit) store.apply(edit)
    },
    cancel: end
  })
}

/** By keys glasses go outward by this much at a time. */
const KEY_MM = 10

/** The same by keys: arrows lay to the left, on the plate or bring in, and move glasses; Delete takes out. */
function onKey(event: KeyboardEvent, item: SettingItem): void {
  const aside =
    item.what === 'glass'
      ? { ArrowLeft: { x: item.x - KEY_MM, y: item.y }, ArrowRight: { x: item.x + KEY_MM, y: item.y } }
      : { ArrowLeft: { x: -layout.value.leftMm, y: item.y }, ArrowRight: { x: 0, y: item.y } }
  const at = { ...aside, ArrowDown: { x: item.x, y: 0 } }[event.key]
  const edit =
    event.key === 'Delete' || event.key === 'Backspace' ? takeOut(props.look, key.value, item) : at ? dropItem(props.look, key.value, item, at) : null
  if (!edit) return
  event.preventDefault()
  event.stopPropagation()
  store.apply(edit)
}

const numbers = computed(() => {
  const places = store.figures?.seats.places ?? []
  return kindsByPlace(props.look, places).flatMap((kind, i) => (kind === key.value ? [i + 1] : []))
})
</script>

<template>
  <StageFrame
    :label="t('sheet.above')"
    :title="t('sheet.above')"
    :size="`${length(layout.widthMm)} × ${length(layout.depthMm)}`"
    :first="t(stackCaption(look, setting))"
    :second="t('settings.laidAt', { key, places: numbers.join(', ') || '–' })"
  >
    <SettingCard
      :card="setting.card"
      :layout="layout"
      :fold="setting.napkin?.fold ?? 'flat'"
      :width="length(layout.widthMm)"
      :depth="length(layout.depthMm)"
      :moved="moved"
      :room-mm="Math.max(0, ...ghosts.map((ghost) => ghost.y + ghost.halfYMm))"
    >
      <g
        v-for="(ghost, i) in ghosts"
        :key="`ghost-${i}`"
        class="ghost"
        role="button"
        tabindex="0"
        :aria-label="t('settings.layAbove', { name: ghost.piece.name })"
        @click="store.run(changeSetting, key, { dessertAbove: true })"
        @keydown.enter.stop.prevent="store.run(changeSetting, key, { dessertAbove: true })"
      >
        <title>{{ t('settings.layAbove', { name: ghost.piece.name }) }}</title>
        <rect :x="ghost.x - ghost.halfXMm" :y="ghost.y - ghost.halfYMm" :width="2 * ghost.halfXMm" :height="2 * ghost.halfYMm" rx="8" />
      </g>
      <template v-for="(item, i) in layout.items" :key="i">
        <rect
          class="grip"
          :class="moved?.i === i && (moved.as ?? 'stays')"
          :x="item.x - Math.max(item.halfXMm, 14) + (moved?.i === i ? moved.x : 0)"
          :y="item.y - Math.max(item.halfYMm, 14) + (moved?.i === i ? moved.y : 0)"
          :width="2 * Math.max(item.halfXMm, 14)"
          :height="2 * Math.max(item.halfYMm, 14)"
          :rx="item.round ? item.halfXMm : 8"
          role="button"
          tabindex="0"
          :aria-label="t('settings.grip', { name: item.piece.name })"
          @pointerdown="begin($event, item, i)"
          @keydown="onKey($event, item)"
        >
          <title>{{ item.piece.name }}</title>
        </rect>
      </template>
    </SettingCard>
    <p class="soft small hint" role="status">{{ moved?.as ? t(`settings.dropped.${moved.as}`) : t('settings.dragHint') }}</p>
    <template #first><StackView :look="look" :setting="setting" /></template>
    <template #second><MiniTable :look="look" numbers /></template>
  </StageFrame>
</template>

<style scoped>
.grip {
  fill: transparent;
  cursor: grab;
}

.grip:hover,
.grip.stays {
  stroke: var(--hairline-strong);
  stroke-width: 2;
  stroke-dasharray: 8 6;
}

.grip:focus-visible {
  outline: none;
  stroke: var(--ember);
  stroke-width: 3;
}

.grip.left,
.grip.on-plate,
.grip.brought-in,
.grip.glasses-out,
.grip.glasses-in {
  stroke: var(--moss);
  stroke-width: 3;
}

.grip.out {
  stroke: var(--ember);
  stroke-width: 3;
  stroke-dasharray: 4 6;
}

.ghost rect {
  fill: var(--moss-soft);
  fill-opacity: 0.5;
  stroke: var(--soft-ink);
  stroke-width: 1.5;
  stroke-dasharray: 8 6;
}

.ghost {
  cursor: pointer;
}

.ghost:focus-visible {
  outline: none;
}

.ghost:focus-visible rect {
  stroke: var(--ember);
  stroke-width: 3;
}

.hint {
  position: absolute;
  top: 0;
  left: 0;
  max-width: 24%;
  margin: 0;
}
</style>
