import { findPiece, pieceIndex, type PieceIndex } from '../design/find.js'
import type { Look, Placed } from '../design/look.js'
import { extentSize, isStanding, longerMm, type Candle, type Ornament, type Piece, type StandingPiece } from '../design/piece.js'
import { reachMm, type Footprint } from '../geometry/footprint.js'
import { fromFrame, radians, toFrame, type Pose } from '../geometry/point.js'
import { fuelOf } from '../reference/burning.js'
import { opacityOf } from '../reference/opacity.js'
import { panelOf } from '../solids/panel.js'
import { pieceSolids, shortened, standHeightMm } from '../solids/pieceSolids.js'
import { isBody, solidFootprint, solidReachMm, type Solid, type WorldSolid } from '../solids/solid.js'
import { drapeOver, drapeOverEdge, layAround, type Drape, type Ring } from './drape.js'
import { footOnLumpsMm, heaps, lumpOf } from './heap.js'
import { leanedSolids, leanOn, type Lean } from './lean.js'
import { restsAboveFloorMm } from './nest.js'

/** A placed piece worked out in the table's frame. */
export interface Standing {
  readonly placed: Placed
  readonly piece: StandingPiece
  readonly candle: Candle | null
  /** What lies loose in it. */
  readonly filling: Piece | null
  readonly pose: Pose
  /** Height of its foot above the tabletop, and of its top. */
  readonly footMm: number
  readonly topMm: number
  /** What its foot covers, and the ground below all of it, flowers included. */
  readonly foot: Footprint
  readonly spread: Footprint
  /** Farthest that any of it reaches sideways from its axis. */
  readonly reachMm: number
  readonly solids: readonly WorldSolid[]
  /** Whether any of its flowers are dried, faux or of paper. */
  readonly dryFlowers: boolean
  /** Id of the piece that stands on the table below it; its own when it stands there itself. */
  readonly rootId: string
  /** Id of what bears its weight: what it stands on or hangs over, or whatever it shares with what it leans on or lies round; null for the table. */
  readonly carrierId: string | null
  /** How it leans, hangs or goes round; null for what simply stands, and for what cannot. */
  readonly manner: Manner | null
}

export type Manner = ({ readonly kind: 'leaning' } & Lean) | ({ readonly kind: 'draped' } & Drape) | ({ readonly kind: 'around' } & Ring)

interface Known {
  readonly below: Standing | null
  /** What of a heap lies beside or under it. */
  readonly heap: readonly Standing[]
  /** The pieces it is made of: itself, its candle, its stems. */
  readonly parts: readonly (Piece | undefined)[]
  readonly standing: Standing
}

const known = new WeakMap<Placed, Known>()

/**
 * All placed pieces in the table's frame, in the look's order. A piece whose definition is missing, or that stands on a missing one
 * or in a ring, is left out; the document check reports those.
 */
export function standings(look: Pick<Look, 'centerpiece' | 'pieces'>): Standing[] {
  const index = pieceIndex(look)
  const byId = new Map(look.centerpiece.map((placed) => [placed.id, placed]))
  const done = new Map<string, Standing | null>()
  const heap: Heaps = new Map()
  const resolve = (placed: Placed): Standing | null => {
    const earlier = done.get(placed.id)
    if (earlier !== undefined) return earlier
    done.set(placed.id, null)
    const support = placed.on === null ? null : byId.get(placed.on)
    const below = support ? resolve(support) : null
    const standing = placed.on !== null && below === null ? null : stand(placed, below, heap, index)
    done.set(placed.id, standing)
    return standing
  }
  return look.centerpiece.map(resolve).filter((standing) => standing !== null)
}

/** Some placed pieces in the table's frame, the first of them on `below` and the rest on each other. */
export function standingsOn(placed: readonly Placed[], below: Standing | undefined, look: Pick<Look, 'pieces'>): Standing[] {
  const index = pieceIndex(look)
  const done = new Map<string, Standing>()
  const heap: Heaps = new Map()
  if (below) done.set(below.placed.id, below)
  return placed.flatMap((one) => {
    const standing = stand(one, one.on === null ? null : (done.get(one.on) ?? null), heap, index)
    if (standing) done.set(one.id, standing)
    return standing ? [standing] : []
  })
}

/** Fruit and pods by what they lie in, in the order they are laid: each lies on those before it. */
type Heaps = Map<Standing, Standing[]>
const alone: Standing[] = []

/** Worked out once per placed object: as long as it, its pieces, its support and its heap are the same objects, so is the result. */
function stand(placed: Placed, below: Standing | null, laid: Heaps, index: PieceIndex): Standing | null {
  const earlier = known.get(placed)
  const parts = partsOf(placed, index)
  const piece = parts[0]
  if (!piece || !isStanding(piece)) return null
  const lies = below !== null && placed.how === 'standing' && heaps(piece)
  const heap = lies ? (laid.get(below) ?? []) : alone
  const same =
    earlier?.below === below &&
    earlier.parts.every((part, i) => part === parts[i]) &&
    earlier.heap.length === heap.length &&
    earlier.heap.every((one, i) => one === heap[i])
  const standing = same ? earlier.standing : workOut(placed, piece, below, heap, index)
  if (!same) known.set(placed, { below, parts, heap, standing })
  if (lies) laid.set(below, [...heap, standing])
  return standing
}

function partsOf(placed: Placed, index: PieceIndex): (Piece | undefined)[] {
  const parts = [index.get(placed.pieceId), placed.candle ? index.get(placed.candle.candleId) : undefined]
  for (const line of placed.arrangement?.stems ?? []) parts.push(index.get(line.stemId))
  if (placed.filling) parts.push(index.get(placed.filling.pieceId))
  return parts
}

function workOut(placed: Placed, piece: StandingPiece, below: Standing | null, heap: readonly Standing[], index: PieceIndex): Standing {
  const own = { x: placed.xMm, y: placed.yMm }
  const at = below ? fromFrame(below.pose, own) : own
  const pose = { ...at, turnRad: radians(placed.turnDeg) + (below?.pose.turnRad ?? 0) }
  const upright = pieceSolids(piece, placed, index)
  const beside = placed.how === 'leaning' || placed.how === 'around'
  const footMm = !below
    ? 0
    : beside
      ? below.footMm
      : Math.max(
          below.footMm + standHeightMm(below.piece, placed.level) + Math.max(filledMm(placed, below), liftMm(placed, below, upright)),
          heapedMm(placed, piece, pose, heap)
        )
  const laid = placed.how === 'standing' ? null : laidOn(placed, piece, pose, below, footMm)
  const solids = laid?.solids ?? upright.map((solid) => inTable(solid, pose, footMm))
  const foot = laid ? coverOf(laid.solids) : footOf(piece, pose, placed.part)
  const spread = laid ? foot : spreadOf(foot, solids)
  return {
    placed,
    piece,
    candle: findPiece(index, placed.candle?.candleId, 'candle') ?? null,
    filling: (placed.filling && index.get(placed.filling.pieceId)) ?? null,
    pose,
    footMm: laid?.manner.kind === 'draped' ? Math.min(...solids.map((solid) => solid.z0Mm)) : footMm,
    topMm: Math.max(...solids.map((solid) => solid.z1Mm)),
    foot,
    spread,
    reachMm: laid ? Math.max(...solids.map((solid) => Math.hypot(solid.x - pose.x, solid.y - pose.y) + solidReachMm(solid))) : reachMm(spread),
    solids,
    dryFlowers: (placed.arrangement?.stems ?? []).some(({ stemId }) => fuelOf[index.get(stemId)?.material ?? 'plant'] === 'dry'),
    rootId: below ? below.rootId : placed.id,
    carrierId: below && beside ? below.carrierId : placed.on,
    manner: laid?.manner ?? null
  }
}

/** How high it lies on what was laid before it, at its level. */
function heapedMm({ level }: Placed, piece: StandingPiece, pose: Pose, heap: readonly Standing[]): number {
  const under = heap.flatMap((one) => (one.placed.level === level && heaps(one.piece) ? [lumpOf(one.piece, one.pose, one.footMm)] : []))
  return heaps(piece) && under.length > 0 ? footOnLumpsMm(lumpOf(piece, pose, 0), under) : -Infinity
}

/** How high what lies loose in a thing raises what stands in it. */
function filledMm({ how, level }: Placed, { placed }: Standing): number {
  return how === 'standing' && level === 0 ? (placed.filling?.heightMm ?? 0) : 0
}

/** How much higher than the floor of a vessel a thing comes to rest in it. */
function liftMm(placed: Placed, below: Standing, upright: readonly Solid[]): number {
  if (below.piece.kind !== 'vessel' || placed.how !== 'standing') return 0
  return restsAboveFloorMm(below.piece, upright.filter(isBody), { x: placed.xMm, y: placed.yMm })
}

/** A piece that leans, hangs or goes round; null when such a piece cannot, and it is then taken to stand there. */
function laidOn(placed: Placed, piece: StandingPiece, pose: Pose, below: Standing | null, footMm: number): { manner: Manner; solids: WorldSolid[] } | null {
  const body = below ? bodySolids(below) : []
  if (placed.how === 'leaning') {
    const panel = panelOf(piece)
    if (!panel) return null
    const lean = leanOn(panel, pose, body, footMm)
    return { manner: { kind: 'leaning', ...lean }, solids: leanedSolids(panel, lean.angleRad, pose, footMm, opacityOf(piece.material)) }
  }
  if (!isPliant(piece)) return null
  if (placed.how === 'draped') {
    const { drape, solids } = below ? drapeOver(piece, placed.part, pose, body) : drapeOverEdge(piece, placed.part, pose)
    return { manner: { kind: 'draped', ...drape }, solids }
  }
  if (!below) return null
  const { ring, solids } = layAround(piece, placed.part, pose, body, footMm)
  return { manner: { kind: 'around', ...ring }, solids }
}

/** A piece without its flowers or its candle. */
export function bodySolids(one: Standing): readonly WorldSolid[] {
  return one.solids.filter(isBody)
}

const leafyForms: readonly Ornament['form'][] = ['garland', 'greens', 'wreath']
const pliantForms = ['garland', 'beads', 'greens', 'throw', 'lights', 'wreath']

/** What can hang over something or be laid round it. */
export function isPliant(piece: StandingPiece): piece is Ornament {
  return piece.kind === 'ornament' && pliantForms.includes(piece.form)
}

/** What is drawn leaf by leaf where it hangs, leans or goes round. */
export function isLeafy(piece: Piece | undefined): boolean {
  return piece?.kind === 'ornament' && leafyForms.includes(piece.form)
}

/** The rectangle or disc over several solids. */
function coverOf(solids: readonly WorldSolid[]): Footprint {
  const first = solids[0]!
  if (first.kind === 'frustum') return solidFootprint(first)
  const pose = { x: first.x, y: first.y, turnRad: first.turnRad }
  const reach = solids.map((solid) => {
    const at = toFrame(pose, solid)
    const [x, y] = solid.kind === 'box' ? [solid.halfXMm, solid.halfYMm] : [solid.r0Mm, solid.r0Mm]
    return { x0: at.x - x, x1: at.x + x, y0: at.y - y, y1: at.y + y }
  })
  const [x0, x1, y0, y1] = [
    Math.min(...reach.map((r) => r.x0)),
    Math.max(...reach.map((r) => r.x1)),
    Math.min(...reach.map((r) => r.y0)),
    Math.max(...reach.map((r) => r.y1))
  ]
  const middle = fromFrame(pose, { x: (x0 + x1) / 2, y: (y0 + y1) / 2 })
  return { kind: 'rect', ...middle, turnRad: pose.turnRad, halfXMm: (x1 - x0) / 2, halfYMm: (y1 - y0) / 2 }
}

/** A solid of a piece's own frame in the table's; written out member by member since thousands are made. */
export function inTable(solid: Solid, { x, y, turnRad }: Pose, footMm: number): WorldSolid {
  const z0Mm = solid.z0Mm + footMm
  const z1Mm = solid.z1Mm + footMm
  if (solid.kind === 'frustum')
    return { kind: 'frustum', part: solid.part, x, y, turnRad, z0Mm, z1Mm, r0Mm: solid.r0Mm, r1Mm: solid.r1Mm, opacity: solid.opacity }
  return { kind: 'box', part: solid.part, x, y, turnRad, z0Mm, z1Mm, halfXMm: solid.halfXMm, halfYMm: solid.halfYMm, opacity: solid.opacity }
}

function footOf(piece: StandingPiece, pose: Pose, part: number): Footprint {
  switch (piece.kind) {
    case 'vessel':
      if (piece.form === 'lantern' || piece.form === 'trough')
        return { kind: 'rect', ...pose, halfXMm: (piece.baseMm + longerMm(piece)) / 2, halfYMm: piece.baseMm / 2 }
      return { kind: 'disc', x: pose.x, y: pose.y, radiusMm: piece.baseMm / 2 }
    case 'holder':
      return { kind: 'disc', x: pose.x, y: pose.y, radiusMm: piece.baseMm / 2 }
    default: {
      const { lengthMm, widthMm } = extentSize(part < 1 ? shortened(piece.extent, part) : piece.extent)
      if (piece.extent.kind === 'round' && part === 1) return { kind: 'disc', x: pose.x, y: pose.y, radiusMm: lengthMm / 2 }
      return { kind: 'rect', ...pose, halfXMm: lengthMm / 2, halfYMm: widthMm / 2 }
    }
  }
}

function spreadOf(foot: Footprint, solids: readonly WorldSolid[]): Footprint {
  if (foot.kind === 'rect') {
    const boxes = solids.flatMap((solid) => (solid.kind === 'box' ? [solid] : []))
    return {
      ...foot,
      halfXMm: Math.max(foot.halfXMm, ...boxes.map((one) => one.halfXMm)),
      halfYMm: Math.max(foot.halfYMm, ...boxes.map((one) => one.halfYMm))
    }
  }
  return { ...foot, radiusMm: Math.max(foot.radiusMm, ...solids.map(solidReachMm)) }
}

/** Pieces that stay while people eat. A piece goes when what it stands on goes. */
export function atMeal(all: readonly Standing[]): Standing[] {
  const byId = new Map(all.map((one) => [one.placed.id, one]))
  const stays = new Map<Standing, boolean>()
  const keeps = (one: Standing): boolean => {
    const below = one.placed.on === null ? undefined : byId.get(one.placed.on)
    const known = stays.get(one) ?? (one.placed.atMeal && (!below || keeps(below)))
    stays.set(one, known)
    return known
  }
  return all.filter(keeps)
}
