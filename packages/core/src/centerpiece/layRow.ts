import { makeEdit, type Edit } from '../design/edit.js'
import { pieceIndex } from '../design/find.js'
import type { Look } from '../design/look.js'
import { newPlaced } from '../design/newLook.js'
import { isStanding } from '../design/piece.js'
import { overlapMm } from '../geometry/footprint.js'
import { halfLengthMm, type Outline } from '../geometry/outline.js'
import { numberedId } from '../units/slug.js'
import { standings, standingsOn } from './standing.js'

/** A row stops this far short of the ends: our own starting value. */
const SHORT_OF_END_MM = 60

/**
 * Lays one piece over and over along the middle of the table as a runner, `gapMm` of air between (below zero: lapped), leaving out the spots
 * where something stands already.
 *
 * @throws RangeError when the piece is none that stands by itself
 */
export function layRow(look: Look, pieceId: string, gapMm: number, outline: Outline): Edit {
  const piece = pieceIndex(look).get(pieceId)
  if (!piece || !isStanding(piece)) throw new RangeError(`${pieceId} does not stand in the middle`)
  const sample = newPlaced('row', pieceId)
  const { spread } = standingsOn([sample], undefined, look)[0]!
  const lengthMm = spread.kind === 'disc' ? 2 * spread.radiusMm : 2 * spread.halfXMm
  const y = outline.kind === 'polygon' ? outline.middleY : 0
  const stepMm = Math.max(lengthMm / 4, lengthMm + gapMm)
  const runMm = 2 * (halfLengthMm(outline) - SHORT_OF_END_MM)
  const count = Math.max(0, Math.floor((runMm - lengthMm) / stepMm + 1 + 1e-9))
  const there = standings(look).filter((one) => one.placed.on === null)
  const free = Array.from({ length: count }, (_, i) => Math.round((i - (count - 1) / 2) * stepMm)).filter((x) =>
    there.every((one) => overlapMm({ ...spread, x, y }, one.foot) <= 0)
  )
  return makeEdit(look, 'put-on', (draft) => {
    for (const x of free) draft.centerpiece.push(newPlaced(numberedId('row', draft.centerpiece), pieceId, x, y))
  })
}
