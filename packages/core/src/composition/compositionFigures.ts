import type { Standing } from '../centerpiece/standing.js'
import { chromaOf, colorWords } from '../color/colorWords.js'
import { pieceIndex, type PieceIndex } from '../design/find.js'
import { laidPieces } from '../design/laidPieces.js'
import type { Look } from '../design/look.js'
import { isForUse, type Piece, type StandingPiece } from '../design/piece.js'
import { reachMm } from '../geometry/footprint.js'
import { distanceMm } from '../geometry/point.js'
import {
  ACCENT_CHROMA,
  finishOf,
  GRADED,
  GRADED_WITHIN,
  greenMaterials,
  GROUP_GAP_MM,
  GROUP_MOST,
  LEVEL_STEP_MM,
  LOW_MM,
  NEIGHBOR_MM,
  NEIGHBOR_RATIO,
  textureOf
} from '../reference/composition.js'
import type { SeatPlan } from '../seating/seatPlan.js'
import type { Field } from './field.js'
import { coveredShare, freeMiddle, laidPart, type FreeMiddle } from './freeMiddle.js'
import type { MiddleScore } from './score.js'
import { visualWeight } from './visualWeight.js'

/** What the rules of composition measure in the middle of a look, on show. Lengths in mm, shares 0 to 1, ids of placed pieces. */
export interface CompositionFigures {
  readonly middle: Pick<FreeMiddle, 'areaMm2' | 'lengthMm' | 'widthMm'>
  /** Things that stand on the table themselves. */
  readonly things: number
  /** Distinct heights, lowest first. */
  readonly levels: readonly number[]
  /** Neighbors too much of one height, the tallest pair first. */
  readonly alike: readonly (readonly [string, string])[]
  readonly groups: readonly (readonly string[])[]
  /** Groups of three graded tall, medium, small. */
  readonly graded: number
  /** Moment of the visual weight along and across, as a share of half the table. */
  readonly alongShare: number
  readonly acrossShare: number
  readonly covered: number
  /** What eyes prefer, part by part; and how full it is against what the look asks. */
  readonly score: MiddleScore
  /** The piece that takes most of the free width, and its share. */
  readonly widest: { readonly placedId: string; readonly share: number } | null
  /** Pieces with a bare back, each with the numbers of the seats that see it. */
  readonly backs: readonly { readonly placedId: string; readonly seats: readonly number[] }[]
  /** Accent colors with where they are, whether all in one third of the length, and at how many places they are laid as well. */
  readonly accents: readonly { readonly color: string; readonly placedIds: readonly string[]; readonly oneThird: boolean; readonly laid: number }[]
  readonly finishes: readonly string[]
  readonly textures: readonly string[]
  readonly green: boolean
  readonly lit: boolean
  readonly useful: boolean
  /** Clear to both sides of the very middle. */
  readonly openMm: number
}

/** Works out the composition of what stands in the middle. */
export function compositionFigures(
  look: Pick<Look, 'pieces' | 'room'>,
  laidAccents: ReadonlySet<string>,
  standing: readonly Standing[],
  plan: SeatPlan,
  depthMm: number,
  field: Field,
  score: MiddleScore
): CompositionFigures {
  const index = pieceIndex(look)
  const middle = freeMiddle(plan, depthMm)
  const decor = standing.filter((one) => !isForUse(one.piece))
  const groups = groupsOf(decor)
  return {
    middle: { areaMm2: middle.areaMm2, lengthMm: middle.lengthMm, widthMm: middle.widthMm },
    things: decor.filter((one) => one.placed.on === null && one.placed.part === 1).length,
    levels: levelsOf(decor),
    alike: alikeNeighbors(decor),
    groups: groups.map((group) => group.map((one) => one.placed.id)),
    graded: groups.filter(isGraded).length,
    ...balanceOf(decor, index, plan),
    covered: coveredShare(
      middle,
      standing.map((one) => one.spread)
    ),
    score,
    widest: widestOf(standing, field),
    backs: backsOf(standing, plan, look.room.behind !== null),
    accents: accentsOf(standing, index, plan, laidAccents),
    ...materialsOf(standing, index),
    ...checklistOf(standing, index, look.room.fixture !== null),
    openMm: openOf(standing, laidPart(plan).middleMm)
  }
}

function levelsOf(standing: readonly Standing[]): number[] {
  const levels: number[] = []
  for (const topMm of standing.map((one) => one.topMm).sort((a, b) => a - b))
    if (levels.length === 0 || topMm - levels[levels.length - 1]! >= LEVEL_STEP_MM) levels.push(topMm)
  return levels
}

/** Two different things side by side, neither low, nearly of one height. Things of one kind are a pair or a run on purpose. */
function alikeNeighbors(standing: readonly Standing[]): (readonly [string, string])[] {
  const tall = alongX(standing.filter((one) => one.topMm >= LOW_MM))
  const widestMm = Math.max(0, ...tall.map((one) => reachMm(one.foot)))
  const pairs: { readonly ids: readonly [string, string]; readonly topMm: number }[] = []
  tall.forEach((a, i) => {
    for (let j = i + 1; j < tall.length; j++) {
      const b = tall[j]!
      if (b.pose.x - a.pose.x > reachMm(a.foot) + widestMm + NEIGHBOR_MM / 2) break
      if (a.placed.pieceId === b.placed.pieceId || a.rootId === b.rootId) continue
      const near = distanceMm(a.pose, b.pose) - reachMm(a.foot) - reachMm(b.foot) < NEIGHBOR_MM / 2
      const [low, high] = a.topMm < b.topMm ? [a.topMm, b.topMm] : [b.topMm, a.topMm]
      if (near && high / low < NEIGHBOR_RATIO)
        pairs.push({ ids: standing.indexOf(a) < standing.indexOf(b) ? [a.placed.id, b.placed.id] : [b.placed.id, a.placed.id], topMm: high })
    }
  })
  return pairs.sort((a, b) => b.topMm - a.topMm).map((pair) => pair.ids)
}

/** From the left to the right, so that one need not look further than things reach. */
const alongX = (standing: readonly Standing[]): Standing[] => [...standing].sort((a, b) => a.pose.x - b.pose.x)

/** Clusters of things standing close, each on the table by itself; small lights are no members, and what is longer than a group is a run. */
function groupsOf(standing: readonly Standing[]): Standing[][] {
  const roots = alongX(standing.filter((one) => one.placed.on === null && one.placed.part === 1 && one.topMm >= LOW_MM / 2))
  const widestMm = Math.max(0, ...roots.map((one) => reachMm(one.foot)))
  const parent = roots.map((_, i) => i)
  const find = (i: number): number => (parent[i] === i ? i : (parent[i] = find(parent[i]!)))
  roots.forEach((a, i) => {
    for (let j = i + 1; j < roots.length; j++) {
      const b = roots[j]!
      if (b.pose.x - a.pose.x > reachMm(a.foot) + widestMm + GROUP_GAP_MM) break
      const gap = distanceMm(a.pose, b.pose) - reachMm(a.foot) - reachMm(b.foot)
      if (gap < GROUP_GAP_MM) parent[find(i)] = find(j)
    }
  })
  const groups = new Map<number, Standing[]>()
  roots.forEach((one, i) => groups.set(find(i), [...(groups.get(find(i)) ?? []), one]))
  return [...groups.values()].filter((group) => group.length > 1 && group.length <= GROUP_MOST)
}

function isGraded(group: readonly Standing[]): boolean {
  const heights = group.map((one) => one.topMm).sort((a, b) => b - a)
  return group.length === 3 && heights.every((height, i) => Math.abs(height / heights[0]! - GRADED[i]!) <= GRADED_WITHIN)
}

function balanceOf(standing: readonly Standing[], index: PieceIndex, plan: SeatPlan): Pick<CompositionFigures, 'alongShare' | 'acrossShare'> {
  let [sum, x, y] = [0, 0, 0]
  for (const one of standing) {
    const weight = visualWeight(one, index)
    sum += weight
    x += weight * one.pose.x
    y += weight * one.pose.y
  }
  const middleY = plan.outline.kind === 'polygon' ? plan.outline.middleY : 0
  if (sum === 0) return { alongShare: 0, acrossShare: 0 }
  const part = laidPart(plan)
  return { alongShare: (x / sum - part.middleMm) / part.halfMm, acrossShare: (y / sum - middleY) / plan.outline.halfWidthMm }
}

/** What takes most of what is free at its spot between the things really laid. Long flat things lie along the table and are not asked. */
function widestOf(standing: readonly Standing[], field: Field): CompositionFigures['widest'] {
  const asked = standing
    .filter((one) => one.placed.on === null && one.piece.kind !== 'tray')
    .map((one) => {
      const across = one.foot.kind === 'disc' ? 2 * one.foot.radiusMm : 2 * Math.min(one.foot.halfXMm, one.foot.halfYMm)
      // it is nowhere narrower than what is clear all round
      return { one, across, most: across / Math.max(1, 2 * field.clearMm(one.pose)) }
    })
    .sort((a, b) => b.most - a.most)
  let widest: CompositionFigures['widest'] = null
  for (const { one, across, most } of asked) {
    if (widest && most <= widest.share) break
    const enoughMm = widest ? across / widest.share : Infinity
    const freeMm = field.freeWidthMm(one.pose, enoughMm)
    if (freeMm < enoughMm) widest = { placedId: one.placed.id, share: across / Math.max(1, freeMm) }
  }
  return widest
}

/** A back is seen from seats behind it, on its own +y side; at a wall from the room, when it is not turned to the wall. */
function backsOf(standing: readonly Standing[], plan: SeatPlan, atWall: boolean): CompositionFigures['backs'] {
  return standing.flatMap((one) => {
    if (!one.piece.bareBack || !one.placed.atMeal) return []
    const [backX, backY] = [-Math.sin(one.pose.turnRad), Math.cos(one.pose.turnRad)]
    if (atWall) return backY < 0.5 ? [{ placedId: one.placed.id, seats: [0] }] : []
    const seats = plan.places.filter((place) => (place.x - one.pose.x) * backX + (place.y - one.pose.y) * backY > 0).map((place) => place.number)
    return seats.length > 0 ? [{ placedId: one.placed.id, seats }] : []
  })
}

const accentWords = new WeakMap<Piece, string | null>()

/** The word for a piece's color when it is strong enough to be an accent; green is the ground all accents stand on. */
function accentOf(piece: Piece): string | null {
  const known = accentWords.get(piece)
  if (known !== undefined) return known
  const word = chromaOf(piece.color) >= ACCENT_CHROMA ? (colorWords(piece.color)[0] ?? null) : null
  const accent = word === 'green' ? null : word
  accentWords.set(piece, accent)
  return accent
}

/** Accents of what is laid at every place, flatware aside. */
export function accentsLaid(look: Parameters<typeof laidPieces>[0]): ReadonlySet<string> {
  return new Set(laidPieces(look).flatMap((piece) => (piece.kind === 'flatware' ? [] : (accentOf(piece) ?? []))))
}

/** Colors of some chroma by their first word, in pieces and flowers. */
function accentsOf(standing: readonly Standing[], index: PieceIndex, plan: SeatPlan, laid: ReadonlySet<string>): CompositionFigures['accents'] {
  const places = new Map<string, Map<string, number>>()
  const note = (piece: Piece, one: Standing) => {
    const word = accentOf(piece)
    if (word) places.set(word, (places.get(word) ?? new Map<string, number>()).set(one.placed.id, one.pose.x))
  }
  for (const one of standing) {
    note(one.piece, one)
    for (const { stemId } of one.placed.arrangement?.stems ?? []) {
      const stem = index.get(stemId)
      if (stem) note(stem, one)
    }
  }
  const part = laidPart(plan)
  const third = (x: number) => Math.min(2, Math.floor((((x - part.middleMm) / part.halfMm + 1) / 2) * 3))
  return [...places].map(([color, at]) => ({
    color,
    placedIds: [...at.keys()],
    oneThird: !laid.has(color) && new Set([...at.values()].map(third)).size === 1,
    laid: laid.has(color) ? Math.max(1, plan.places.length) : 0
  }))
}

function materialsOf(standing: readonly Standing[], index: PieceIndex): Pick<CompositionFigures, 'finishes' | 'textures'> {
  const materials = new Set<Piece['material']>()
  for (const { piece, candle, placed } of standing) {
    materials.add(piece.material)
    if (candle) materials.add(candle.material)
    for (const { stemId } of placed.arrangement?.stems ?? []) {
      const stem = index.get(stemId)
      if (stem) materials.add(stem.material)
    }
  }
  return { finishes: [...new Set([...materials].map((one) => finishOf[one]))], textures: [...new Set([...materials].map((one) => textureOf[one]))] }
}

/** A candle in it, or a strand of lights. */
export function isLit(piece: Piece | undefined, candle: unknown): boolean {
  return candle !== null || (piece?.kind === 'ornament' && piece.form === 'lights')
}

/** Salt and napkins, a tray, fruit, a bowl of it. */
export function isUseful(piece: StandingPiece): boolean {
  return isForUse(piece) || piece.kind === 'tray' || piece.material === 'fruit' || (piece.kind === 'ornament' && piece.form === 'compote')
}

function checklistOf(standing: readonly Standing[], index: PieceIndex, lamp: boolean): Pick<CompositionFigures, 'green' | 'lit' | 'useful'> {
  const stems = standing.flatMap((one) => (one.placed.arrangement?.stems ?? []).map(({ stemId }) => index.get(stemId)))
  return {
    green: stems.length > 0 || standing.some((one) => greenMaterials.includes(one.piece.material)),
    lit: lamp || standing.some((one) => isLit(one.piece, one.candle)),
    useful: standing.some((one) => isUseful(one.piece))
  }
}

function openOf(standing: readonly Standing[], middleMm: number): number {
  return (
    2 *
    Math.min(
      Infinity,
      ...standing.filter((one) => one.topMm > LOW_MM / 2).map((one) => Math.max(0, Math.hypot(one.pose.x - middleMm, one.pose.y) - reachMm(one.foot)))
    )
  )
}
