import type { BareFinding } from '../design/finding.js'
import type { Outline } from '../geometry/outline.js'
import type { LaidItem } from '../settings/settingCrowding.js'
import { offSupportMm, offTableMm, piecesOverlapMm, settingHit } from './collisions.js'
import type { Standing } from './standing.js'

/** What a piece in the middle runs into. Of two pieces that meet, the finding is the later one's. */
export function centerpieceFindings(standing: readonly Standing[], laid: readonly (readonly LaidItem[])[], outline: Outline): BareFinding[] {
  const byId = new Map(standing.map((piece) => [piece.placed.id, piece]))
  return standing.flatMap((piece, i): BareFinding[] => {
    const at = { kind: 'piece', placedId: piece.placed.id } as const
    const limit = { overlapMm: 0 }
    const found: BareFinding[] = []
    const off = offTableMm(piece, outline)
    if (off > 0) found.push({ code: 'piece.off', severity: 'stop', at, measured: { overlapMm: off }, limit, because: 'falls' })
    const overhang = offSupportMm(piece, piece.placed.on === null ? undefined : byId.get(piece.placed.on))
    if (overhang > 0) found.push({ code: 'piece.support', severity: 'warn', at, measured: { overlapMm: overhang }, limit, because: 'falls' })
    const hit = settingHit(piece, laid)
    if (hit)
      found.push({ code: 'piece.setting', severity: 'warn', at, measured: { overlapMm: hit.overlapMm, seat: hit.number }, limit, because: 'in-the-place' })
    const met = deepest(piece, standing, i)
    if (met)
      found.push({
        code: 'piece.piece',
        severity: 'warn',
        at: { ...at, otherId: met.other.placed.id },
        measured: { overlapMm: met.overlapMm },
        limit,
        because: 'same-spot'
      })
    return found
  })
}

/** Which of the first so many pieces another runs into deepest. */
function deepest(piece: Standing, standing: readonly Standing[], count: number): { readonly other: Standing; readonly overlapMm: number } | null {
  let met: Standing | null = null
  let deepMm = 0
  const { x, y } = piece.pose
  for (let i = 0; i < count; i++) {
    const other = standing[i]!
    // most are too far off along the table or across it
    const reach = piece.reachMm + other.reachMm
    if (Math.abs(other.pose.x - x) > reach || Math.abs(other.pose.y - y) > reach) continue
    const overlapMm = piecesOverlapMm(piece, other)
    if (overlapMm > deepMm) {
      met = other
      deepMm = overlapMm
    }
  }
  return met && { other: met, overlapMm: deepMm }
}
