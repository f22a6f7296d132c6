import { makeEdit, type Edit } from '../design/edit.js'
import { pieceIndex } from '../design/find.js'
import type { Look, Placed } from '../design/look.js'
import { newPlaced } from '../design/newLook.js'
import { extentSize, isStanding, longerMm, type StandingPiece } from '../design/piece.js'
import { packMost, type PackInto } from '../geometry/packing.js'
import { toFrame, type Point } from '../geometry/point.js'
import { shellMm } from '../reference/materials.js'
import { floorExtent, headroomMm, isSupport, pieceSolids, rimHeightMm, standHeightMm, type Support } from '../solids/pieceSolids.js'
import { isBody } from '../solids/solid.js'
import { numberedId } from '../units/slug.js'
import { heaps, lettingGo, type Hollow, type Lump } from './heap.js'
import { asideMm, restsAboveFloorMm } from './nest.js'
import { standings, type Standing } from './standing.js'

/** A place for one of a piece in or on something, in its frame; `heaped` lies on others. */
export interface FillSpot extends Point {
  readonly heaped: boolean
}

const MOST = 60

/**
 * Places for as many of a piece as go in or on something beside what is there: side by side first, then, where a wall holds them, fruit
 * and pods in a heap, unless none is wished. Null where it carries nothing. Frame of what they are put in, millimeters.
 */
export function fillSpots(look: Look, onId: string, pieceId: string, level = 0, most = MOST, heaped = true): FillSpot[] | null {
  const all = standings(look)
  const below = all.find((one) => one.placed.id === onId)
  const piece = pieceIndex(look).get(pieceId)
  if (!below || !isSupport(below.piece) || below.placed.arrangement || !piece || !isStanding(piece)) return null
  const roomMm = headroomMm(below.piece, level)
  const round = sizeOf(piece)
  if (roomMm !== null && roomMm < 2 * round.halfMm) return []
  const lying = all.filter((one) => one.placed.on === onId && one.placed.level === level).map((one) => asLump(one, below, level))
  const hollow = hollowOf(below, below.piece, level, piece, round.radiusMm)
  const floor = floorOf(below.piece, level)
  const side = lying.length === 0 && floor.kind !== 'oval' ? packMost(floor, round.radiusMm, MOST) : []
  const lumps: Lump[] = side.map((at) => ({ ...at, ...round, zMm: round.halfMm + (hollow.groundMm(at) ?? 0) }))
  const heapsUp = heaped && heaps(piece) && Number.isFinite(hollow.rimMm) && roomMm === null
  const letGo = lettingGo(round, [...lying, ...lumps], hollow)
  while (lumps.length < most) {
    const next = letGo()
    if (!next || (!heapsUp && lies(next, hollow))) break
    lumps.push(next)
  }
  return lumps.map((lump) => ({ x: Math.round(lump.x), y: Math.round(lump.y), heaped: lies(lump, hollow) }))
}

/** Whether a thing lies on others and not on the ground. */
function lies(lump: Lump, hollow: Hollow): boolean {
  return lump.zMm - lump.halfMm > (hollow.groundMm(lump) ?? 0) + 1
}

/** Puts so many of a piece where they go. */
export function fillWith(look: Look, onId: string, pieceId: string, count: number, level = 0): Edit {
  const spots = fillSpots(look, onId, pieceId, level, count) ?? []
  return makeEdit(look, 'put-on', (draft) => {
    const { atMeal } = draft.centerpiece.find((one) => one.id === onId) ?? { atMeal: true }
    for (const { x, y } of spots.slice(0, count))
      draft.centerpiece.push({ ...newPlaced(numberedId(pieceId, draft.centerpiece, 1), pieceId, x, y), on: onId, level, atMeal })
  })
}

/** Of several kinds the largest stands alone so often along a long bowl, in widths of its own; for each there are so many of the next, and of the small ones: our own starting values. */
const LARGE_APART = 2.4
const EACH = [1, 2, 4] as const

export interface Mixed {
  readonly counts: readonly { readonly pieceId: string; readonly count: number }[]
  readonly edit: Edit
}

/**
 * Fills a bowl with several kinds by its length: the largest apart along it, the next between them, the smallest in what is left and on
 * top. What is in it stays. Empty counts where nothing goes in.
 */
export function mixIn(look: Look, onId: string, pieceIds: readonly string[], level = 0): Mixed {
  const below = standings(look).find((one) => one.placed.id === onId)
  const counts: { pieceId: string; count: number }[] = []
  const put: ReturnType<typeof newPlaced>[] = []
  if (below && isSupport(below.piece)) {
    const index = pieceIndex(look)
    const kinds = pieceIds.flatMap((id) => index.get(id) ?? []).filter(isStanding)
    kinds.sort((a, b) => sizeOf(b).radiusMm - sizeOf(a).radiusMm)
    const { lengthMm } = extentSize(floorExtent(below.piece, level))
    const large = kinds[0] ? Math.max(1, Math.floor(lengthMm / (2 * sizeOf(kinds[0]).radiusMm * LARGE_APART))) : 0
    for (const [rank, piece] of kinds.entries()) {
      const wish = large * (EACH[rank] ?? EACH[EACH.length - 1]!)
      const isSmall = rank >= 2
      const now = { ...look, centerpiece: [...look.centerpiece, ...put] }
      const spots = fillSpots(now, onId, piece.id, level, isSmall ? wish : MOST, isSmall) ?? []
      const chosen = isSmall ? spots : spread(spots, wish, rank === 0)
      for (const { x, y } of chosen)
        put.push({ ...newPlaced(numberedId(piece.id, [...look.centerpiece, ...put], 1), piece.id, x, y), on: onId, level, atMeal: below.placed.atMeal })
      if (chosen.length > 0) counts.push({ pieceId: piece.id, count: chosen.length })
    }
  }
  return { counts, edit: makeEdit(look, 'put-on', (draft) => void draft.centerpiece.push(...put)) }
}

/** So many of the spots, evenly along the bowl; those of the largest near its axis. */
function spread(spots: readonly FillSpot[], count: number, onAxis: boolean): FillSpot[] {
  const left = [...spots]
  const far = Math.max(0, ...spots.map(({ x }) => Math.abs(x)))
  return Array.from({ length: Math.min(count, spots.length) }, (_, i) => {
    const x = count === 1 ? 0 : ((2 * i + 1) / count - 1) * far
    const miss = (spot: FillSpot) => Math.abs(spot.x - x) + (onAxis ? 2 * Math.abs(spot.y) : 0)
    const at = left.reduce((best, spot) => (miss(spot) < miss(best) ? spot : best))
    left.splice(left.indexOf(at), 1)
    return at
  })
}

function sizeOf(piece: StandingPiece): { halfMm: number; radiusMm: number } {
  const halfMm = (piece.kind === 'tray' ? piece.rimMm : piece.heightMm) / 2
  if ('extent' in piece) {
    const { lengthMm, widthMm } = extentSize(piece.extent)
    return { halfMm, radiusMm: piece.extent.kind === 'round' ? lengthMm / 2 : Math.hypot(lengthMm, widthMm) / 2 }
  }
  return { halfMm, radiusMm: (piece.kind === 'vessel' ? piece.widestMm + longerMm(piece) : piece.baseMm) / 2 }
}

/** Something that lies there, in the frame of what it lies in, its height from that floor. */
function asLump(one: Standing, below: Standing, level: number): Lump {
  const { halfMm, radiusMm } = sizeOf(one.piece)
  const floorMm = below.footMm + standHeightMm(below.piece, level)
  return { ...toFrame(below.pose, one.pose), radiusMm, halfMm, zMm: one.footMm - floorMm + halfMm }
}

function hollowOf(below: Standing, support: Support, level: number, piece: StandingPiece, radiusMm: number): Hollow {
  const { lengthMm, widthMm } = extentSize(floorExtent(support, level))
  const rim = rimHeightMm(support, level) ?? (support.kind === 'vessel' && support.form !== 'cloche' ? support.heightMm : null)
  const rimMm = rim === null ? Infinity : rim - standHeightMm(support, level)
  const room = { halfXMm: lengthMm / 2, halfYMm: widthMm / 2, rimMm }
  const filledMm = level === 0 ? (below.placed.filling?.heightMm ?? 0) : 0
  if (support.kind === 'vessel' && support.form !== 'lantern' && support.form !== 'cloche') {
    const body = pieceSolids(piece, bare, new Map()).filter(isBody)
    const farthestMm = Math.max(0, support.mouthMm / 2 - shellMm[support.material] - radiusMm)
    return { ...room, groundMm: (at) => (asideMm(support, at) > farthestMm ? null : Math.max(filledMm, restsAboveFloorMm(support, body, at))) }
  }
  const floor = floorOf(support, level)
  return { ...room, groundMm: (at) => (isIn(floor, at, radiusMm) ? filledMm : null) }
}

const bare: Pick<Placed, 'candle' | 'arrangement' | 'part'> = { candle: null, arrangement: null, part: 1 }

type Floor = PackInto | { readonly kind: 'oval'; readonly halfXMm: number; readonly halfYMm: number }

const ROUND = Array.from({ length: 16 }, (_, k) => ({ x: Math.cos((k * Math.PI) / 8), y: Math.sin((k * Math.PI) / 8) }))

function isIn(floor: Floor, { x, y }: Point, radiusMm: number): boolean {
  if (floor.kind === 'round') return Math.hypot(x, y) <= floor.radiusMm - radiusMm + 0.5
  if (floor.kind === 'rect') return Math.abs(x) <= floor.halfXMm - radiusMm + 0.5 && Math.abs(y) <= floor.halfYMm - radiusMm + 0.5
  return ROUND.every((rim) => Math.hypot((x + rim.x * radiusMm) / floor.halfXMm, (y + rim.y * radiusMm) / floor.halfYMm) <= 1)
}

function floorOf(support: Support, level: number): Floor {
  const floor = floorExtent(support, level)
  const { lengthMm, widthMm } = extentSize(floor)
  const wallMm = support.kind === 'vessel' ? shellMm[support.material] : 0
  if (floor.kind === 'round') return { kind: 'round', radiusMm: lengthMm / 2 - wallMm }
  return { kind: floor.kind === 'oval' ? 'oval' : 'rect', halfXMm: lengthMm / 2 - wallMm, halfYMm: widthMm / 2 - wallMm }
}
