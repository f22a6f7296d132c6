import type { Standing } from '../centerpiece/standing.js'
import type { Look } from '../design/look.js'
import { extentSize, isForUse, longerMm, type StandingPiece } from '../design/piece.js'
import { toFrame, type Point } from '../geometry/point.js'
import { familyIdIn } from './families.js'
import type { Frame } from './frames.js'

/** A thing of the middle as the score sees it, in the frame it is nearest to; what stands on a tray counts with its own spot. */
export interface Scored {
  readonly standing: Standing
  readonly piece: StandingPiece
  readonly familyId: string
  readonly frame: Frame
  readonly world: Point
  readonly x: number
  readonly y: number
  readonly radiusMm: number
  readonly topMm: number
  readonly halfX: number
  readonly halfY: number
  /** Longer than wide, so that it has an axis. */
  readonly isLong: boolean
  /** What all else stands on or lies in: trays, boards, greens. */
  readonly isBase: boolean
  readonly onBase: boolean
  /** Turn against the frame, degrees 0 to 180. */
  readonly turnDeg: number
}

const baseForms = new Set(['garland', 'greens', 'moss', 'throw', 'lights', 'beads', 'grass'])

export function scoredOf(look: Pick<Look, 'pieces'>, standing: readonly Standing[], frames: readonly Frame[]): Scored[] {
  const familyOf = familyIdIn(look.pieces)
  if (frames.length === 0) return []
  return standing.flatMap((one): Scored[] => {
    if (isForUse(one.piece) || one.manner?.kind === 'draped' || one.manner?.kind === 'around') return []
    const earlier = known.get(one)
    if (earlier?.frames === frames && earlier.familyOf === familyOf) return [earlier.scored]
    const scored = scoredIn(one, familyOf, frames)
    known.set(one, { frames, familyOf, scored })
    return [scored]
  })
}

type FamilyOf = (piece: StandingPiece) => string
/** What has not moved is scored as it was. */
const known = new WeakMap<Standing, { readonly frames: readonly Frame[]; readonly familyOf: FamilyOf; readonly scored: Scored }>()

function scoredIn(one: Standing, familyOf: FamilyOf, frames: readonly Frame[]): Scored {
  const frame = nearest(one.pose, frames)
  const at = toFrame(frame.pose, one.pose)
  const { piece } = one
  const { lengthMm, widthMm } = sizeOf(one)
  const isLong = lengthMm * one.placed.part > 1.25 * widthMm
  const turn = (((((one.pose.turnRad - frame.pose.turnRad) * 180) / Math.PI) % 180) + 180) % 180
  const along = Math.abs(turn - 90) > 45
  const [halfX, halfY] = isLong ? (along ? [(lengthMm * one.placed.part) / 2, widthMm / 2] : [widthMm / 2, (lengthMm * one.placed.part) / 2]) : [0, 0]
  const radiusMm = one.spread.kind === 'disc' ? one.spread.radiusMm : Math.max(one.spread.halfXMm, one.spread.halfYMm)
  return {
    standing: one,
    piece,
    familyId: familyOf(piece),
    frame,
    world: one.pose,
    ...at,
    radiusMm,
    topMm: one.topMm,
    halfX: isLong ? halfX : radiusMm,
    halfY: isLong ? halfY : radiusMm,
    isLong,
    isBase: piece.kind === 'tray' || piece.kind === 'riser' || (piece.kind === 'ornament' && baseForms.has(piece.form)),
    onBase: one.placed.on !== null,
    turnDeg: turn
  }
}

/** Length and width of what may have an axis; a trough with its flowers. Zero for what is round about its middle. */
function sizeOf({ piece, spread }: Standing): { readonly lengthMm: number; readonly widthMm: number } {
  if ('extent' in piece) return extentSize(piece.extent)
  if (piece.kind === 'vessel' && spread.kind === 'rect' && longerMm(piece) > 0) return { lengthMm: 2 * spread.halfXMm, widthMm: 2 * spread.halfYMm }
  return { lengthMm: 0, widthMm: 0 }
}

function nearest(at: Point, frames: readonly Frame[]): Frame {
  if (frames.length === 1) return frames[0]!
  const off = (frame: Frame) => {
    const own = toFrame(frame.pose, at)
    return Math.hypot(Math.max(0, Math.abs(own.x) - frame.tableHalfMm), own.y)
  }
  return frames.reduce((best, frame) => (off(frame) < off(best) ? frame : best), frames[0]!)
}
