import { colorDistance } from '../color/colorWords.js'
import { findPiece, pieceIndex } from '../design/find.js'
import type { Look } from '../design/look.js'
import { extentSize, type Riser } from '../design/piece.js'
import type { Standing } from './standing.js'

/** Why a stand is not noticed: one sees through it, or it is of the color of what it stands on. */
export type Vanishes = 'clear' | 'like-ground'

/** A stand this near in color to its ground is taken for it (OKLab): our own starting value. */
const LIKE_GROUND = 0.08

/** Whether a stand under a piece is noticed; null for one that shows. */
export function vanishes(look: Look, under: Standing, riser: Riser): Vanishes | null {
  if (riser.material === 'glass') return 'clear'
  return colorDistance(riser.color, groundOf(look, under)) < LIKE_GROUND ? 'like-ground' : null
}

/** Those that are not noticed come before those that show, where they are alike in what counts more. */
export function byVanishing(look: Look, under: Standing): (a: Riser, b: Riser) => number {
  const shows = (riser: Riser) => Number(vanishes(look, under, riser) === null)
  return (a, b) => shows(a) - shows(b)
}

/** Color of what a piece stands on: of what carries it, else of the runner, the cloth or the bare table. */
function groundOf(look: Look, { carrierId, pose }: Standing): string {
  const index = pieceIndex(look)
  const carrier = carrierId === null ? undefined : look.centerpiece.find((one) => one.id === carrierId)
  const below = carrier && index.get(carrier.pieceId)
  if (below) return below.color
  const { runner, clothId } = look.linens
  const textile = runner?.lay === 'along' ? index.get(runner.pieceId) : undefined
  const widthMm = textile?.kind === 'runner' ? textile.widthMm : textile?.kind === 'cloth' ? extentSize(textile.extent).widthMm : 0
  if (textile && Math.abs(pose.y) <= widthMm / runner!.folded.width / 2) return textile.color
  return findPiece(index, clothId, 'cloth')?.color ?? look.table.color
}
