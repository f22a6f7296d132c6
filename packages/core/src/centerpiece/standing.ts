import { findPiece, pieceIndex, type PieceIndex } from '../design/find.js'
import type { Look, Placed } from '../design/look.js'
import { extentSize, isStanding, type Candle, type Piece, type StandingPiece } from '../design/piece.js'
import { reachMm, type Footprint } from '../geometry/footprint.js'
import { fromFrame, radians, type Pose } from '../geometry/point.js'
import { pieceSolids, shortened, standHeightMm } from '../solids/pieceSolids.js'
import { solidReachMm, type Solid, type WorldSolid } from '../solids/solid.js'

/** A placed piece worked out in the table's frame. */
export interface Standing {
  readonly placed: Placed
  readonly piece: StandingPiece
  readonly candle: Candle | null
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
  /** Id of the piece that stands on the table below it; its own when it stands there itself. */
  readonly rootId: string
}

interface Known {
  readonly below: Standing | null
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
  const resolve = (placed: Placed): Standing | null => {
    const earlier = done.get(placed.id)
    if (earlier !== undefined) return earlier
    done.set(placed.id, null)
    const support = placed.on === null ? null : byId.get(placed.on)
    const below = support ? resolve(support) : null
    const standing = placed.on !== null && below === null ? null : stand(placed, below, index)
    done.set(placed.id, standing)
    return standing
  }
  return look.centerpiece.map(resolve).filter((standing) => standing !== null)
}

/** Some placed pieces in the table's frame, the first of them on `below` and the rest on each other. */
export function standingsOn(placed: readonly Placed[], below: Standing | undefined, look: Pick<Look, 'pieces'>): Standing[] {
  const index = pieceIndex(look)
  const done = new Map<string, Standing>()
  if (below) done.set(below.placed.id, below)
  return placed.flatMap((one) => {
    const standing = stand(one, one.on === null ? null : (done.get(one.on) ?? null), index)
    if (standing) done.set(one.id, standing)
    return standing ? [standing] : []
  })
}

/** Worked out once per placed object: as long as it, its pieces and its support are the same objects, so is the result. */
function stand(placed: Placed, below: Standing | null, index: PieceIndex): Standing | null {
  const earlier = known.get(placed)
  const parts = partsOf(placed, index)
  if (earlier && earlier.below === below && earlier.parts.every((part, i) => part === parts[i])) return earlier.standing
  const piece = parts[0]
  if (!piece || !isStanding(piece)) return null
  const standing = workOut(placed, piece, below, index)
  known.set(placed, { below, parts, standing })
  return standing
}

function partsOf(placed: Placed, index: PieceIndex): (Piece | undefined)[] {
  const parts = [index.get(placed.pieceId), placed.candle ? index.get(placed.candle.candleId) : undefined]
  for (const line of placed.arrangement?.stems ?? []) parts.push(index.get(line.stemId))
  return parts
}

function workOut(placed: Placed, piece: StandingPiece, below: Standing | null, index: PieceIndex): Standing {
  const own = { x: placed.xMm, y: placed.yMm }
  const at = below ? fromFrame(below.pose, own) : own
  const pose = { ...at, turnRad: radians(placed.turnDeg) + (below?.pose.turnRad ?? 0) }
  const footMm = below ? below.footMm + standHeightMm(below.piece) : 0
  const solids = pieceSolids(piece, placed, index).map((solid) => inTable(solid, pose, footMm))
  const spread = spreadOf(piece, pose, solids, placed.part)
  return {
    placed,
    piece,
    candle: findPiece(index, placed.candle?.candleId, 'candle') ?? null,
    pose,
    footMm,
    topMm: Math.max(...solids.map((solid) => solid.z1Mm)),
    foot: footOf(piece, pose, placed.part),
    spread,
    reachMm: reachMm(spread),
    solids,
    rootId: below ? below.rootId : placed.id
  }
}

/** A solid of a piece's own frame in the table's; written out member by member since thousands are made. */
export function inTable(solid: Solid, { x, y, turnRad }: Pose, footMm: number): WorldSolid {
  const z0Mm = solid.z0Mm + footMm
  const z1Mm = solid.z1Mm + footMm
  if (solid.kind === 'frustum') return { kind: 'frustum', x, y, turnRad, z0Mm, z1Mm, r0Mm: solid.r0Mm, r1Mm: solid.r1Mm, opacity: solid.opacity }
  return { kind: 'box', x, y, turnRad, z0Mm, z1Mm, halfXMm: solid.halfXMm, halfYMm: solid.halfYMm, opacity: solid.opacity }
}

function footOf(piece: StandingPiece, pose: Pose, part: number): Footprint {
  switch (piece.kind) {
    case 'vessel':
    case 'holder':
      return { kind: 'disc', x: pose.x, y: pose.y, radiusMm: piece.baseMm / 2 }
    default: {
      const { lengthMm, widthMm } = extentSize(part < 1 ? shortened(piece.extent, part) : piece.extent)
      if (piece.extent.kind === 'round' && part === 1) return { kind: 'disc', x: pose.x, y: pose.y, radiusMm: lengthMm / 2 }
      return { kind: 'rect', ...pose, halfXMm: lengthMm / 2, halfYMm: widthMm / 2 }
    }
  }
}

function spreadOf(piece: StandingPiece, pose: Pose, solids: readonly WorldSolid[], part: number): Footprint {
  const foot = footOf(piece, pose, part)
  if (foot.kind === 'rect') return foot
  return { ...foot, radiusMm: Math.max(foot.radiusMm, ...solids.map(solidReachMm)) }
}

/** Pieces that stay while people eat. A piece goes when what it stands on goes. */
export function atMeal(all: readonly Standing[]): Standing[] {
  const stays = new Map<string, boolean>()
  for (const standing of all) stays.set(standing.placed.id, standing.placed.atMeal)
  const keeps = (standing: Standing): boolean => {
    if (!stays.get(standing.placed.id)) return false
    const below = standing.placed.on
    return below === null || all.every((other) => other.placed.id !== below || keeps(other))
  }
  return all.filter(keeps)
}
