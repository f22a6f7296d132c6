import { applyEdit, type Edit } from '../design/edit.js'
import type { Look } from '../design/look.js'
import type { Riser } from '../design/piece.js'
import { sparePieces } from '../design/spare.js'
import { offSupportMm } from './collisions.js'
import { raiseEdit } from './raiseEdit.js'
import { standings, type Standing } from './standing.js'
import { byVanishing, vanishes, type Vanishes } from './vanishes.js'

/** A free riser put under a piece, and how high the piece's top comes with it. */
export interface RiserFit {
  readonly piece: Riser
  readonly topMm: number
  /** Why it is not noticed; null where it shows. */
  readonly vanishes: Vanishes | null
  readonly edit: Edit
}

const MOST = 3
/** Risers whose heights differ by less serve alike: our own starting value. */
const ALIKE_MM = 15

/**
 * What a riser has to measure for the top of a piece to come to a height above the tabletop, 0 or less where it is as high already; and the free
 * risers of the house that hold it wholly, nearest to that height first, of those about as near first what is not noticed.
 */
export function risersFor(look: Look, standing: Standing, topMm: number): { readonly neededMm: number; readonly risers: readonly RiserFit[] } {
  const neededMm = topMm - standing.topMm
  if (neededMm <= 0) return { neededMm, risers: [] }
  const offMm = (piece: Riser) => Math.abs(piece.heightMm - neededMm)
  const steps = (piece: Riser) => Math.floor(offMm(piece) / ALIKE_MM)
  const unnoticed = byVanishing(look, standing)
  const risers = sparePieces(look)
    .filter((piece): piece is Riser => piece.kind === 'riser')
    .sort((a, b) => steps(a) - steps(b) || unnoticed(a, b) || offMm(a) - offMm(b))
    .flatMap((piece): RiserFit[] => {
      const edit = raiseEdit(look, standing.placed.id, piece.id)
      const after = standings(applyEdit(look, edit))
      const raised = after.find((one) => one.placed.id === standing.placed.id)
      const below = after.find((one) => one.placed.id === raised?.placed.on)
      return raised && offSupportMm(raised, below) === 0 ? [{ piece, topMm: raised.topMm, vanishes: vanishes(look, standing, piece), edit }] : []
    })
  return { neededMm, risers: risers.slice(0, MOST) }
}
