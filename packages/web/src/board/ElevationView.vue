<script setup lang="ts">
import {
  FACE_BELOW_EYES_MM,
  FACE_HALF_HEIGHT_MM,
  FACE_HALF_WIDTH_MM,
  findPiece,
  guestEyes,
  halfLengthMm,
  isSupport,
  pedestals,
  pieceIndex,
  rimHeightMm,
  type Figures,
  type SeatPlan,
  type PlaceLayout,
  type Standing,
  fromFrame
} from '@hestiad/core'
import { computed } from 'vue'
import type { DrawnLook } from './drawnLook.js'
import ElevationPiece from './drawing/ElevationPiece.vue'
import LampElevation from './drawing/LampElevation.vue'
import { glassProfile } from './drawing/paths.js'
import { shade } from './drawing/shade.js'
import { alongMm } from './viewport.js'

/** The table from its long side (or short side, turned), in table millimeters, up positive; the caller sets the transform. */
const props = defineProps<{
  look: DrawnLook
  plan: SeatPlan
  layouts: readonly PlaceLayout[]
  standing: readonly Standing[]
  linens: Figures['linens'] | undefined
  cords: Figures['cords'] | undefined
  turned: boolean
  glow: boolean
  reachMm: number
  /** Nothing is drawn higher than this above the table. */
  topMm: number
}>()

const index = computed(() => pieceIndex(props.look))
const halfMm = computed(() => (props.turned ? props.plan.outline.halfWidthMm : halfLengthMm(props.plan.outline)))
const cloth = computed(() => findPiece(index.value, props.look.linens.clothId, 'cloth'))
const runner = computed(() => index.value.get(props.look.linens.runner?.pieceId ?? ''))

const faces = computed(() =>
  guestEyes(props.plan, props.look.table).map((eye, i) => ({
    number: i + 1,
    x: alongMm(eye, props.turned),
    deep: props.turned ? eye.x : eye.y,
    z: eye.z - FACE_BELOW_EYES_MM
  }))
)
const band = computed(() => {
  if (faces.value.length === 0) return undefined
  const low = Math.min(...faces.value.map((f) => f.z)) - FACE_HALF_HEIGHT_MM
  const high = Math.max(...faces.value.map((f) => f.z)) + FACE_HALF_HEIGHT_MM
  return { low, height: high - low }
})
/** Who sits on the far side or at the ends, nearest last. */
const seen = computed(() => faces.value.filter((f) => f.deep > -60).sort((a, b) => b.deep - a.deep))

/** Pictures on the wall behind that reach into the drawing. */
const pictures = computed(() => props.look.room.behind?.art.filter((one) => one.bottomMm - props.look.table.heightMm < props.topMm) ?? [])

/** The hanging cloth with its hem, deeper at the corners, and folds. */
const hang = computed(() => {
  const drop = props.linens?.cloth
  if (!cloth.value || !drop) return undefined
  const side = Math.min(280, Math.max(0, props.turned ? drop.endDropMm : drop.sideDropMm))
  const end = Math.min(280, Math.max(0, props.turned ? drop.sideDropMm : drop.endDropMm))
  const corner = Math.min(290, Math.max(side, end, (drop.cornerDropMm + Math.max(side, end)) / 2))
  const h = halfMm.value
  const waves = Math.max(4, Math.round(h / 90))
  let hem = ''
  for (let i = 0; i < waves; i++) {
    const x0 = h - (i * 2 * h) / waves
    const x1 = h - ((i + 1) * 2 * h) / waves
    hem += ` Q ${(x0 + x1) / 2} ${-side - (i % 2 === 0 ? 10 : -6)} ${x1} ${i === waves - 1 ? -corner : -side}`
  }
  return {
    path: `M ${-h} 0 L ${h} 0 L ${h + 16} ${-corner} L ${h} ${-corner}${hem} L ${-h - 16} ${-corner} Z`,
    side,
    folds: Array.from({ length: waves - 1 }, (_, i) => -h + ((i + 1) * 2 * h) / waves)
  }
})

/** What the table stands on, as one sees it from here; of pedestals a sixth of a single table wide. */
const legs = computed(() => {
  if (props.plan.supports.length === 0) {
    const on = pedestals(props.look.table, props.plan.outline)
    return on.map((at) => ({ x: alongMm(at, props.turned), halfMm: (halfMm.value * 0.16) / (on.length > 1 ? 2 : 1) }))
  }
  return props.plan.supports.map((support) => {
    const upright = Math.abs(Math.sin(support.turnRad)) > 0.5 !== props.turned
    return { x: alongMm(support, props.turned), halfMm: upright ? support.halfYMm : support.halfXMm }
  })
})

const glasses = computed(() =>
  props.plan.places.flatMap((place) =>
    (props.layouts[place.number - 1]?.layout.items ?? [])
      .filter((item) => item.what === 'glass')
      .map((item, i) => {
        const at = fromFrame(place, props.layouts[place.number - 1]!.mirrored ? { x: -item.x, y: item.y } : item)
        return { key: `${place.number} ${i}`, x: alongMm(at, props.turned), deep: props.turned ? at.x : at.y, glass: item.piece }
      })
  )
)
const plates = computed(() =>
  props.plan.places.map((place) => {
    const widest = props.layouts[place.number - 1]?.layout.items.find((item) => item.what === 'plate')
    const at = fromFrame(place, { x: 0, y: widest?.y ?? 0 })
    return {
      number: place.number,
      x: alongMm(at, props.turned),
      half: widest?.halfXMm ?? 0,
      color: widest?.piece.color ?? '#fff',
      accent: widest?.piece.accent ?? '#ccc'
    }
  })
)
/** From the farthest to the nearest; what is in an opaque wall before that wall, so that it shows as far as it rises above the rim. */
const byDepth = computed(() => {
  const sorted = [...props.standing].sort((a, b) => (props.turned ? b.pose.x - a.pose.x : b.pose.y - a.pose.y) || a.footMm - b.footMm)
  const behind = (one: Standing) => sorted.filter((other) => other.placed.on === one.placed.id && isBehindRim(other, one))
  const withBehind = (one: Standing): Standing[] => [...behind(one).flatMap(withBehind), one]
  const byId = new Map(sorted.map((one) => [one.placed.id, one]))
  const hidden = (one: Standing) => {
    const below = one.placed.on === null ? undefined : byId.get(one.placed.on)
    return below !== undefined && isBehindRim(one, below)
  }
  return sorted.filter((one) => !hidden(one)).flatMap(withBehind)
})

function isBehindRim({ placed }: Standing, { piece }: Standing): boolean {
  return placed.how === 'standing' && placed.level === 0 && isSupport(piece) && rimHeightMm(piece) !== null
}
defineSlots<{ piece(props: { standing: Standing }): unknown }>()
</script>

<template>
  <defs>
    <linearGradient id="faces-band" x1="0" x2="0" y1="0" y2="1">
      <stop offset="0" stop-color="var(--face-band)" stop-opacity="0.15" />
      <stop offset="0.25" stop-color="var(--face-band)" />
      <stop offset="0.75" stop-color="var(--face-band)" />
      <stop offset="1" stop-color="var(--face-band)" stop-opacity="0.15" />
    </linearGradient>
    <radialGradient id="glow">
      <stop offset="0" stop-color="#ffcf7a" stop-opacity="0.75" />
      <stop offset="0.45" stop-color="#f6b45a" stop-opacity="0.22" />
      <stop offset="1" stop-color="#f6b45a" stop-opacity="0" />
    </radialGradient>
  </defs>
  <template v-if="look.room.behind && !turned">
    <rect
      v-for="one in pictures"
      :key="one.id"
      :x="one.xMm - one.widthMm / 2"
      :y="one.bottomMm - look.table.heightMm"
      :width="one.widthMm"
      :height="Math.min(one.heightMm, topMm - one.bottomMm + look.table.heightMm)"
      class="art"
    />
    <rect
      v-for="(socket, i) in look.room.behind.sockets"
      :key="`socket${i}`"
      :x="socket.xMm - 40"
      :y="socket.heightMm - look.table.heightMm - 40"
      width="80"
      height="80"
      rx="12"
      class="socket"
    />
  </template>
  <template v-if="!turned">
    <path v-for="cord in cords ?? []" :key="cord.placedId" :d="`M ${cord.way.map((at) => `${at.x} ${at.z}`).join(' L ')}`" class="cord" />
  </template>
  <rect v-if="band" :x="-reachMm" :y="band.low" :width="2 * reachMm" :height="band.height" fill="url(#faces-band)" />
  <g v-for="face in seen" :key="face.number" :transform="`translate(${face.x} 0)`" class="guest">
    <path
      :d="`M -200 -10 C -200 ${face.z - 190} -120 ${face.z - 135} -46 ${face.z - 118} L -40 ${face.z - 70} L 40 ${face.z - 70} L 46 ${face.z - 118} C 120 ${face.z - 135} 200 ${face.z - 190} 200 -10 Z`"
      fill-opacity="0.5"
    />
    <ellipse :cy="face.z" :rx="FACE_HALF_WIDTH_MM" :ry="FACE_HALF_HEIGHT_MM" />
  </g>
  <rect
    v-for="(leg, i) in legs"
    :key="`leg${i}`"
    :x="leg.x - leg.halfMm"
    y="-300"
    :width="2 * leg.halfMm"
    height="280"
    :fill="shade(look.table.color, -0.15)"
    fill-opacity="0.55"
  />
  <rect :x="-halfMm" y="-30" :width="2 * halfMm" height="30" rx="8" :fill="look.table.color" :stroke="shade(look.table.color, -0.3)" stroke-width="3" />
  <g v-if="cloth && hang">
    <path :d="hang.path" :fill="cloth.color" :stroke="cloth.accent" stroke-width="3.500" stroke-linejoin="round" />
    <line v-for="x in hang.folds" :key="x" :x1="x" :x2="x * 1.005" y1="-14" :y2="-hang.side + 8" :stroke="cloth.accent" stroke-width="2" stroke-opacity="0.6" />
  </g>
  <g v-if="runner && turned && linens?.runner">
    <rect
      :x="-linens.runner.widthMm / 2"
      :y="-Math.min(280, Math.max(0, linens.runner.overhangMm)) - 4"
      :width="linens.runner.widthMm"
      :height="Math.min(280, Math.max(0, linens.runner.overhangMm)) + 4"
      :fill="runner.color"
      :stroke="runner.accent"
      stroke-width="3"
    />
  </g>
  <g v-for="p in plates" :key="`p${p.number}`">
    <path
      :d="`M ${p.x - p.half} 14 Q ${p.x} -6 ${p.x + p.half} 14 L ${p.x + p.half * 0.5} 2 L ${p.x - p.half * 0.5} 2 Z`"
      :fill="p.color"
      :stroke="p.accent"
      stroke-width="2"
      fill-opacity="0.75"
      stroke-opacity="0.75"
    />
  </g>
  <g v-for="g in glasses" :key="g.key" :transform="`translate(${g.x} 2)`">
    <path
      v-if="g.glass.kind === 'glass'"
      :d="glassProfile(g.glass.footMm / 2, g.glass.bowlMm / 2, g.glass.heightMm)"
      :fill="g.glass.color"
      :fill-opacity="g.deep > 0 ? 0.15 : 0.24"
      :stroke-opacity="g.deep > 0 ? 0.5 : 0.8"
      :stroke="g.glass.accent"
      stroke-width="2.500"
    />
  </g>
  <LampElevation :look="look" :top-mm="topMm" />
  <g v-for="piece in byDepth" :key="piece.placed.id">
    <slot name="piece" :standing="piece">
      <g :transform="`translate(${alongMm(piece.pose, turned)} ${piece.footMm})`">
        <ElevationPiece :standing="piece" :index="index" :turned="turned" :glow="glow" />
      </g>
    </slot>
  </g>
</template>

<style scoped>
.art {
  fill: var(--chair);
  stroke: var(--chair-line);
  stroke-width: 10;
}

.socket {
  fill: var(--paper);
  stroke: var(--soft-ink);
  stroke-width: 6;
}

.cord {
  fill: none;
  stroke: var(--soft-ink);
  stroke-width: 5;
  stroke-dasharray: 14 9;
  stroke-linejoin: round;
}

.guest {
  fill: var(--face);
}
</style>
