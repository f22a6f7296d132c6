import { takeOffProposal, standOnTable } from '../centerpiece/centerpieceProposals.js'
import { inTable, standings, type Standing } from '../centerpiece/standing.js'
import { makeEdit } from '../design/edit.js'
import type { FindingOf, Proposal } from '../design/finding.js'
import { findPiece, pieceIndex } from '../design/find.js'
import type { Look } from '../design/look.js'
import { swapProposals } from '../design/swap.js'
import { pieceSolids } from '../solids/pieceSolids.js'
import { meantProposal } from '../design/meant.js'
import { hidesMoreThan } from './clearHeight.js'
import type { SightLines } from './sightLines.js'

/** Flowers are not cut lower than this above the rim. */
const LEAST_RISE_MM = 40
/** Cut heights are proposed in steps of a quarter inch. */
const CUT_STEP_MM = 6.35

/** Lower it, take it down from its riser, swap it for something that hides nobody, clear it before the meal, or say that it is meant to hide. */
export function sightProposals(look: Look, finding: FindingOf<'sight.hidden'>, lines: SightLines): Proposal[] {
  const { placedId } = finding.at
  const self = standings(look).find((standing) => standing.placed.id === placedId)
  if (!self) return []
  return [
    ...cutLower(look, self, lines),
    ...standOnTable(look, placedId),
    ...lowerSwaps(look, self),
    clearForMeal(look, placedId),
    takeOffProposal(look, placedId),
    meantProposal(look, 'sight.hidden')
  ]
}

/** The tallest cut of an arrangement at which it hides nobody past the limit, by itself. */
function cutLower(look: Look, self: Standing, lines: SightLines): Proposal[] {
  const arrangement = self.placed.arrangement
  if (!arrangement || self.piece.kind !== 'vessel') return []
  const index = pieceIndex(look)
  const vessel = self.piece
  const hides = (riseMm: number) => {
    const solids = pieceSolids(vessel, { candle: null, arrangement: { ...arrangement, riseMm }, part: 1 }, index)
    return hidesMoreThan(
      solids.map((solid) => inTable(solid, self.pose, self.footMm)),
      lines,
      look.school.hiddenPercent / 100
    )
  }
  let low = LEAST_RISE_MM
  let high = arrangement.riseMm
  if (low >= high || hides(low)) return []
  while (high - low > CUT_STEP_MM) {
    const middle = (low + high) / 2
    if (hides(middle)) high = middle
    else low = middle
  }
  const cut = { riseMm: Math.floor(low) }
  const edit = makeEdit(look, 'florals', (draft) => void (draft.centerpiece.find((p) => p.id === self.placed.id)!.arrangement!.riseMm = cut.riseMm))
  const heightMm = self.footMm + vessel.heightMm + cut.riseMm
  return [{ code: 'lower', edit, params: { placedId: self.placed.id, heightMm, byMm: arrangement.riseMm - cut.riseMm } }]
}

/** Lower pieces of the same job: a lower candle for a tall one, a lower holder or vessel for a tall one. */
function lowerSwaps(look: Look, self: Standing): Proposal[] {
  const index = pieceIndex(look)
  const candle = findPiece(index, self.placed.candle?.candleId, 'candle')
  const lowerCandles = candle ? swapProposals(look, candle.id, (other) => other.kind === 'candle' && other.heightMm < candle.heightMm, 2) : []
  const lower = swapProposals(look, self.piece.id, (other) => 'heightMm' in other && 'heightMm' in self.piece && other.heightMm < self.piece.heightMm, 2)
  return [...lowerCandles, ...lower]
}

function clearForMeal(look: Look, placedId: string): Proposal {
  const edit = makeEdit(look, 'clear-for-meal', (draft) => void (draft.centerpiece.find((p) => p.id === placedId)!.atMeal = false))
  return { code: 'clear-for-meal', edit, params: { placedId } }
}
