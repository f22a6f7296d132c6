import { makeEdit, type Edit } from '../design/edit.js'
import { pieceIndex } from '../design/find.js'
import type { Look, Placed } from '../design/look.js'
import { newPlaced } from '../design/newLook.js'
import { extentSize } from '../design/piece.js'
import type { Point } from '../geometry/point.js'
import { numberedId } from '../units/slug.js'

export const garlandPaths = ['middle', 'wave', 'ring'] as const

export interface GarlandLay {
  readonly pieceId: string
  readonly path: (typeof garlandPaths)[number]
  /** Length along the table that it takes; a ring also has `widthMm` across. */
  readonly lengthMm: number
  readonly widthMm?: number
  readonly middleY?: number
  /** How far it hangs down over the table's edge at each end; not for a ring. */
  readonly dropMm?: number
  /** How far two pieces lie over one another where they are joined. */
  readonly overlapMm?: number
}

/** What a garland on a path comes to. */
export interface LaidGarland {
  readonly edit: Edit
  readonly runMm: number
  /** Whole garlands to have: ceil((run - overlap) / (piece - overlap)), handbook section 6. */
  readonly pieces: number
}

/** It bends in lengths of about this much; two garlands are joined with this overlap. Our own starting values. */
const BEND_MM = 220
const OVERLAP_MM = 60

/**
 * Lays a garland along the middle, in a wave or in a ring: cut into straight lengths that follow the path, one group, each a share of the piece.
 *
 * @throws RangeError when the piece is no ornament with a length
 */
export function layGarland(look: Look, lay: GarlandLay): LaidGarland {
  const piece = pieceIndex(look).get(lay.pieceId)
  if (piece?.kind !== 'ornament') throw new RangeError(`${lay.pieceId} is no garland`)
  const pieceMm = extentSize(piece.extent).lengthMm
  const points = pathPoints(lay)
  const dropMm = lay.path === 'ring' ? 0 : (lay.dropMm ?? 0)
  const runMm = points.slice(1).reduce((sum, point, i) => sum + Math.hypot(point.x - points[i]!.x, point.y - points[i]!.y), 2 * dropMm)
  const overlapMm = lay.overlapMm ?? OVERLAP_MM
  const pieces = Math.max(1, Math.ceil((runMm - overlapMm) / Math.max(1, pieceMm - overlapMm) - 1e-9))
  const used = (runMm + (pieces - 1) * overlapMm) / runMm
  const group = numberedId(
    'garland',
    look.centerpiece.flatMap((placed) => (placed.group === null ? [] : [{ id: placed.group }])),
    1
  )
  const part = (mm: number) => Math.min(0.999, (mm * used) / pieceMm)
  const edit = makeEdit(look, 'put-on', (draft) => {
    for (const end of dropMm > 0 ? [-1, 1] : []) {
      const hanging = newPlaced(numberedId(group, draft.centerpiece, 1), lay.pieceId, Math.round((end * lay.lengthMm) / 2), Math.round(lay.middleY ?? 0))
      draft.centerpiece.push({ ...hanging, turnDeg: end < 0 ? 180 : 0, how: 'draped', group, part: part(dropMm) })
    }
    for (const [from, to] of segments(points)) {
      const lengthMm = Math.hypot(to.x - from.x, to.y - from.y)
      const placed: Placed = {
        ...newPlaced(numberedId(group, draft.centerpiece, 1), lay.pieceId, Math.round((from.x + to.x) / 2), Math.round((from.y + to.y) / 2)),
        turnDeg: Math.round((Math.atan2(to.y - from.y, to.x - from.x) * 1800) / Math.PI) / 10,
        group,
        part: part(lengthMm)
      }
      draft.centerpiece.push(placed as (typeof draft.centerpiece)[number])
    }
  })
  return { edit, runMm, pieces }
}

function segments(points: readonly Point[]): (readonly [Point, Point])[] {
  return points.slice(1).map((to, i) => [points[i]!, to] as const)
}

function pathPoints({ path, lengthMm, widthMm = 0, middleY = 0 }: GarlandLay): Point[] {
  const steps = Math.max(2, Math.round((path === 'ring' ? Math.PI * Math.max(lengthMm, 1) * 0.75 : lengthMm) / BEND_MM))
  return Array.from({ length: steps + 1 }, (_, i) => {
    const t = i / steps
    if (path === 'ring') return { x: (lengthMm / 2) * Math.cos(2 * Math.PI * t), y: middleY + (widthMm / 2) * Math.sin(2 * Math.PI * t) }
    return { x: (t - 0.5) * lengthMm, y: middleY + (path === 'wave' ? 55 * Math.sin(2 * Math.PI * t * Math.max(1, Math.round(lengthMm / 900))) : 0) }
  })
}
