<script setup lang="ts">
import SelectField from '../shell/SelectField.vue'
import {
  changePlaced,
  extentSize,
  hows,
  insides,
  isPliant,
  isSupport,
  panelOf,
  reachLines,
  seatPlan,
  standAs,
  standings,
  withAllAbove,
  type How,
  type Look,
  type Standing
} from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import ChoiceField from '../shell/ChoiceField.vue'
import CountField from '../shell/CountField.vue'
import { useLook } from '../stores/lookStore.js'
import { usePreferences } from '../stores/preferences.js'

/** How a piece stands, leans, hangs or goes round, on or against what, and what that comes to. */
const props = defineProps<{ look: Look; standing: Standing }>()
const { t } = useI18n()
const store = useLook()
const { length, weight } = usePreferences()
const placed = computed(() => props.standing.placed)
const ways = computed(() =>
  hows.filter((how) => how === 'standing' || (how === 'leaning' ? panelOf(props.standing.piece) !== null : isPliant(props.standing.piece)))
)
/** What it can stand on, or lean against, hang over, go round. */
function servingFor(how: How): Standing[] {
  const own = withAllAbove(props.look, placed.value.id)
  return standings(props.look).filter((one) => !own.has(one.placed.id) && one.manner === null && (how !== 'standing' || isSupport(one.piece)))
}
const others = computed(() => servingFor(placed.value.how))
const below = computed(() => standings(props.look).find((one) => one.placed.id === placed.value.on))
const levels = computed(() => (below.value?.piece.kind === 'tray' && placed.value.how === 'standing' ? below.value.piece.upper.length + 1 : 1))
const carried = computed(() => store.resting?.stability.tilts.find((tilt) => tilt.placedId === placed.value.id)?.carriedG ?? 0)

/** Ends a choice the piece cannot keep: what it is on must still serve for the new way. */
function setHow(how: How): void {
  const serves = below.value && (how !== 'standing' || isSupport(below.value.piece))
  const near = serves ? below.value! : nearest(how)
  put(how, how === 'standing' && !serves ? null : (near?.placed.id ?? null))
}

function nearest(how: How): Standing | undefined {
  const far = (one: Standing) => Math.hypot(one.pose.x - props.standing.pose.x, one.pose.y - props.standing.pose.y)
  return servingFor(how).sort((a, b) => far(a) - far(b))[0]
}

const put = (how: How, on: string | null) => store.run(standAs, props.standing, how, on)

function setLevel(level: number): void {
  store.run(changePlaced, placed.value.id, { level, xMm: 0, yMm: 0 }, 'stand-on')
}

const told = computed(() => {
  const { manner, piece } = props.standing
  const lines: string[] = []
  if (manner?.kind === 'leaning' && manner.touchMm > 0)
    lines.push(t('compose.leanTold', { lean: `${Math.round((manner.angleRad * 180) / Math.PI)}°`, touch: length(manner.touchHeightMm) }))
  if (manner?.kind === 'draped') {
    const restMm = placed.value.on === null ? 0 : manner.hangMm - (props.standing.topMm - props.standing.footMm)
    lines.push(restMm > 10 ? t('compose.drapeLies', { rest: length(restMm) }) : t('compose.drapeTold', { hang: length(Math.max(0, manner.hangMm)) }))
  }
  if (manner?.kind === 'around') lines.push(t('compose.ringTold', { has: length(manner.haveMm), needs: length(manner.needMm) }))
  const inside = insides(standings(props.look)).find((one) => one.placedId === placed.value.id)
  if (inside) {
    const name = below.value?.piece.name ?? ''
    const params = {
      name,
      air: length(inside.airMm),
      held: inside.liftMm < 1 ? t('compose.onFloor') : t('compose.heldAbove', { lift: length(inside.liftMm) }),
      height: length(inside.heightMm)
    }
    lines.push(inside.showsMm === null ? t('compose.insideOpen', params) : t('compose.insideTold', { ...params, shows: length(inside.showsMm) }))
  }
  if (piece.kind === 'tray' && piece.form === 'turntable') {
    const reach = reachLines(seatPlan(props.look), { at: props.standing.pose, radiusMm: extentSize(piece.extent).lengthMm / 2 })
    lines.push(t('compose.turntable', { n: reach.filter((line) => line.reached).length, of: reach.length }))
  }
  if ('loadG' in piece && carried.value > 0)
    lines.push(
      piece.loadG === null
        ? t('compose.carriesUnknown', { weight: weight(carried.value) })
        : t('compose.carries', { weight: weight(carried.value), most: weight(piece.loadG) })
    )
  return lines
})
</script>

<template>
  <div class="stack how">
    <ChoiceField
      v-if="ways.length > 1"
      :label="t('compose.how')"
      :model-value="placed.how"
      :choices="ways.map((value) => ({ value, label: t(`compose.hows.${value}`) }))"
      @update:model-value="setHow"
    />
    <div v-if="others.length > 0 || placed.on !== null" class="pair">
      <SelectField
        :class="{ wide: levels === 1 }"
        :label="placed.how === 'standing' ? t('centerpiece.on') : t(`compose.against.${placed.how}`)"
        :model-value="placed.on"
        :none="placed.how === 'draped' ? t('compose.tableEdge') : placed.how === 'standing' ? t('centerpiece.table') : '–'"
        :choices="others.map((one) => ({ value: one.placed.id, label: one.piece.name }))"
        @update:model-value="put(placed.how, $event)"
        @none="put(placed.how, null)"
      />
      <CountField
        v-if="levels > 1"
        :label="t('compose.level')"
        :model-value="placed.level + 1"
        :min="1"
        :max="levels"
        @update:model-value="setLevel($event - 1)"
      />
    </div>
    <p v-for="line in told" :key="line" class="soft small">{{ line }}</p>
  </div>
</template>

<style scoped>
.how {
  gap: 6px;
}

.wide {
  grid-column: 1 / -1;
}

p {
  margin: 0;
}
</style>
