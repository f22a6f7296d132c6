import type { BareFinding, FindingCode, Severity } from '../design/finding.js'
import type { Outline } from '../geometry/outline.js'
import type { LaidItem } from '../settings/settingCrowding.js'
import { offSupportMm, offTableMm, piecesOverlapMm, settingHit } from './collisions.js'
import type { Standing } from './standing.js'

/** What a piece in the middle runs into. Of two pieces that meet, the finding is the later one's. */
export function centerpieceFindings(standing: readonly Standing[], laid: readonly (readonly LaidItem[])[], outline: Outline): BareFinding[] {
  const found: BareFinding[] = []
  const byId = new Map(standing.map((piece) => [piece.placed.id, piece]))
  const say = (piece: Standing, code: FindingCode, severity: Severity, overlapMm: number, because: string, seat = 0, other?: Standing) =>
    found.push({
      code,
      severity,
      at: { kind: 'piece', placedId: piece.placed.id, ...(other ? { otherId: other.placed.id } : {}) },
      measured: seat > 0 ? { overlapMm, seat } : { overlapMm },
      limit: { overlapMm: 0 },
      because
    })
  standing.forEach((piece, i) => {
    const off = offTableMm(piece, outline)
    if (off > 0) say(piece, 'piece.off', 'stop', off, 'falls')
    const overhang = offSupportMm(piece, piece.placed.on === null ? undefined : byId.get(piece.placed.on))
    if (overhang > 0) say(piece, 'piece.support', 'warn', overhang, 'falls')
    const hit = settingHit(piece, laid)
    if (hit) say(piece, 'piece.setting', 'warn', hit.overlapMm, 'in-the-place', hit.number)
    let worst = 0
    let other: Standing | undefined
    for (let j = 0; j < i; j++) {
      const deep = piecesOverlapMm(piece, standing[j]!)
      if (deep <= worst) continue
      worst = deep
      other = standing[j]
    }
    if (other) say(piece, 'piece.piece', 'warn', worst, 'same-spot', 0, other)
  })
  return found
}
