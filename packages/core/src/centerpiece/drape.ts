import { extentSize, type Ornament } from '../design/piece.js'
import { fromFrame, type Pose } from '../geometry/point.js'
import { opacity } from '../reference/opacity.js'
import { solidFootprint, type WorldSolid } from '../solids/solid.js'

/** How a thing hangs over another, or over the table's edge. */
export interface Drape {
  /** Down each side, along its length; more than the side is high lies on the ground. */
  readonly hangMm: number
  readonly widthMm: number
}

/** How a thing lies round another. */
export interface Ring {
  /** Length it takes to close, or the hole it must have, with the length or hole it has. */
  readonly needMm: number
  readonly haveMm: number
  readonly outerMm: number
}

const THINNEST_MM = 4

interface Spread {
  readonly halfXMm: number
  readonly halfYMm: number
  readonly topMm: number
  readonly groundMm: number
}

/** What a piece's body covers, in the axes of a thing laid over it. */
function spreadBelow(body: readonly WorldSolid[], pose: Pose): Spread {
  const halves = body.map((solid) => {
    const shape = solidFootprint(solid)
    if (shape.kind === 'disc') return [shape.radiusMm, shape.radiusMm] as const
    const [cos, sin] = [Math.abs(Math.cos(shape.turnRad - pose.turnRad)), Math.abs(Math.sin(shape.turnRad - pose.turnRad))]
    return [shape.halfXMm * cos + shape.halfYMm * sin, shape.halfXMm * sin + shape.halfYMm * cos] as const
  })
  return {
    halfXMm: Math.max(...halves.map(([x]) => x)),
    halfYMm: Math.max(...halves.map(([, y]) => y)),
    topMm: Math.max(...body.map((solid) => solid.z1Mm)),
    groundMm: Math.min(...body.map((solid) => solid.z0Mm))
  }
}

/** A garland, beads, lights or a piece of cloth over the middle of a body: its length along its own x hangs down both sides. */
export function drapeOver(piece: Ornament, part: number, pose: Pose, body: readonly WorldSolid[]): { readonly drape: Drape; readonly solids: WorldSolid[] } {
  const below = spreadBelow(body, pose)
  const { lengthMm, widthMm } = extentSize(piece.extent)
  const thickMm = Math.max(THINNEST_MM, piece.heightMm)
  const hangMm = (lengthMm * part) / 2 - below.halfXMm
  const acrossMm = piece.form === 'throw' ? widthMm / 2 - below.halfYMm : 0
  const share = piece.form === 'throw' ? opacity.solid : opacity.airyBranches
  const halfYMm = Math.min(widthMm / 2, piece.form === 'throw' ? below.halfYMm : Infinity)
  const at = (x: number, y: number, halfX: number, halfY: number, downMm: number): WorldSolid => ({
    kind: 'box',
    part: 'body',
    ...fromFrame(pose, { x, y }),
    turnRad: pose.turnRad,
    z0Mm: Math.max(below.groundMm, below.topMm - downMm),
    z1Mm: below.topMm + thickMm,
    halfXMm: halfX,
    halfYMm: halfY,
    opacity: share
  })
  const solids = [at(0, 0, Math.min(below.halfXMm, (lengthMm * part) / 2), halfYMm, 0)]
  for (const side of [-1, 1]) {
    if (hangMm > 0) solids.push(at(side * (below.halfXMm + thickMm / 2), 0, thickMm / 2, halfYMm, hangMm))
    if (acrossMm > 0) solids.push(at(0, side * (below.halfYMm + thickMm / 2), below.halfXMm, thickMm / 2, acrossMm))
  }
  return { drape: { hangMm, widthMm }, solids }
}

/** A length that hangs down from the table's edge, its own x pointing outward. */
export function drapeOverEdge(piece: Ornament, part: number, pose: Pose): { readonly drape: Drape; readonly solids: WorldSolid[] } {
  const { lengthMm, widthMm } = extentSize(piece.extent)
  const thickMm = Math.max(THINNEST_MM, piece.heightMm)
  const hangMm = lengthMm * part
  const solid: WorldSolid = {
    kind: 'box',
    part: 'body',
    ...pose,
    z0Mm: -hangMm,
    z1Mm: thickMm,
    halfXMm: thickMm / 2,
    halfYMm: widthMm / 2,
    opacity: piece.form === 'throw' ? opacity.solid : opacity.airyBranches
  }
  return { drape: { hangMm, widthMm }, solids: [solid] }
}

/** A wreath, or a rope of beads, greens or lights, laid round the foot of a body. */
export function layAround(
  piece: Ornament,
  part: number,
  pose: Pose,
  body: readonly WorldSolid[],
  footMm: number
): { readonly ring: Ring; readonly solids: WorldSolid[] } {
  const { lengthMm, widthMm } = extentSize(piece.extent)
  const innerMm = 2 * Math.max(...body.filter((solid) => solid.z0Mm < footMm + piece.heightMm).map((solid) => reachAt(solid, footMm, footMm + piece.heightMm)))
  const wreath = piece.form === 'wreath'
  const outerMm = wreath ? lengthMm : innerMm + 2 * widthMm
  const ring = wreath
    ? { needMm: innerMm, haveMm: Math.max(0, lengthMm - 2 * piece.heightMm), outerMm }
    : { needMm: Math.PI * (innerMm + widthMm), haveMm: lengthMm * part, outerMm }
  const r = outerMm / 2
  return {
    ring,
    solids: [{ kind: 'frustum', part: 'body', ...pose, z0Mm: footMm, z1Mm: footMm + piece.heightMm, r0Mm: r, r1Mm: r, opacity: opacity.airyBranches }]
  }
}

/** The farthest a solid reaches from its axis between two heights. */
function reachAt(solid: WorldSolid, lowMm: number, highMm: number): number {
  if (solid.kind === 'box') return Math.hypot(solid.halfXMm, solid.halfYMm)
  const at = (zMm: number) =>
    solid.r0Mm + ((solid.r1Mm - solid.r0Mm) * (Math.min(solid.z1Mm, Math.max(solid.z0Mm, zMm)) - solid.z0Mm)) / Math.max(1, solid.z1Mm - solid.z0Mm)
  return Math.max(at(lowMm), at(highMm))
}
