import { takeOffProposal } from '../centerpiece/centerpieceProposals.js'
import { atMeal, standings, type Standing } from '../centerpiece/standing.js'
import { makeEdit } from '../design/edit.js'
import type { BareFinding, Proposal } from '../design/finding.js'
import type { Look } from '../design/look.js'
import { meantProposal } from '../design/meant.js'
import { extentSize, type Piece } from '../design/piece.js'
import { footprintMm2 } from '../geometry/footprint.js'
import { floorExtent } from '../solids/pieceSolids.js'
import type { Tilt } from './tilt.js'
import { footRadiusMm } from './tilt.js'

/** One person carries this much at once on a tray with handles, and otherwise so many pieces: common practice, no source. */
const LIFT_GRAMS = 6000
const PIECES_A_LIFT = 2
/** To lift, carry to the side, set down and come back: our own starting values. */
const SECONDS_A_LIFT = 20
const SECONDS_A_PIECE = 3

/** What it takes to clear the middle before people eat. */
export interface Clearing {
  readonly pieces: number
  readonly lifts: number
  readonly seconds: number
  readonly grams: number
  /** Length of a sideboard they stand on side by side. */
  readonly sideMm: number
  /** Id of a tray of the house, not on the table, on which all would go in one lift; null where there is none or no need. */
  readonly trayId: string | null
}

/** Counts the lifts for what does not stay at the meal: a tray with handles goes with all on it, everything else two by two. */
export function clearing(standing: readonly Standing[], tilts: readonly Tilt[], pieces: readonly Piece[]): Clearing {
  const stays = new Set(atMeal(standing))
  const going = standing.filter((one) => !stays.has(one))
  const goingIds = new Set(going.map((one) => one.placed.id))
  const goingOn = new Map<string, number>()
  for (const { rootId } of going) goingOn.set(rootId, (goingOn.get(rootId) ?? 0) + 1)
  const gramsOf = new Map(tilts.map((tilt) => [tilt.placedId, tilt.grams]))
  let lifts = 0
  let loose = 0
  for (const one of going) {
    if (one.placed.on !== null && goingIds.has(one.placed.on)) continue
    if (one.piece.kind === 'tray' && one.piece.handles && (gramsOf.get(one.placed.id) ?? 0) <= LIFT_GRAMS) lifts++
    else loose += goingOn.get(one.rootId)!
  }
  const roots = going.filter((one) => one.placed.on === null)
  lifts += Math.ceil(loose / PIECES_A_LIFT)
  const grams = roots.reduce((sum, one) => sum + (gramsOf.get(one.placed.id) ?? 0), 0)
  return {
    pieces: going.length,
    lifts,
    seconds: lifts * SECONDS_A_LIFT + going.length * SECONDS_A_PIECE,
    grams,
    sideMm: roots.reduce((sum, one) => sum + 2 * footRadiusMm(one.foot) + 20, 0),
    trayId: lifts > 1 && grams <= LIFT_GRAMS ? trayFor(roots, standing, pieces) : null
  }
}

/** The sideboard is too short for what is cleared; nothing where nobody said how long it is. */
export function clearingFindings(look: Pick<Look, 'menu' | 'school'>, cleared: Clearing): BareFinding[] {
  const { sideboardMm } = look.menu
  if (sideboardMm === null || cleared.sideMm <= sideboardMm || look.school.meant.includes('clear.room')) return []
  return [
    {
      code: 'clear.room',
      severity: 'note',
      at: { kind: 'table' },
      measured: { lengthMm: cleared.sideMm },
      limit: { lengthMm: sideboardMm },
      because: 'nowhere-to-go'
    }
  ]
}

/** What leaves stays instead, the widest first, or goes off the table for good; or it is meant so. */
export function clearingProposals(look: Look): Proposal[] {
  const leaving = standings(look).filter((one) => one.placed.on === null && !one.placed.atMeal)
  const widest = [...leaving].sort((a, b) => footRadiusMm(b.foot) - footRadiusMm(a.foot)).slice(0, 3)
  const stays = widest.map((one) => ({
    code: 'keep-at-meal' as const,
    edit: makeEdit(look, 'clear-for-meal', (draft) => void (draft.centerpiece.find((placed) => placed.id === one.placed.id)!.atMeal = true)),
    params: { placedId: one.placed.id }
  }))
  const off = widest.map((one) => takeOffProposal(look, one.placed.id))
  return [...stays, ...off, meantProposal(look, 'clear.room')]
}

/** Things on a tray take this much more room than their feet: our own starting value. */
const TRAY_SLACK = 1.35

/** The smallest tray with handles that is owned, free, and large enough. */
function trayFor(roots: readonly Standing[], standing: readonly Standing[], pieces: readonly Piece[]): string | null {
  const areaMm2 = roots.reduce((sum, one) => sum + footprintMm2(one.foot), 0) * TRAY_SLACK
  const widestMm = Math.max(...roots.map((one) => 2 * footRadiusMm(one.foot)))
  const fitting = pieces.flatMap((piece) => {
    if (piece.kind !== 'tray' || !piece.handles || piece.upper.length > 0 || piece.owned <= standing.filter((one) => one.piece.id === piece.id).length)
      return []
    const { lengthMm, widthMm } = extentSize(floorExtent(piece))
    return lengthMm * widthMm >= areaMm2 && widthMm >= widestMm ? [{ id: piece.id, mm2: lengthMm * widthMm }] : []
  })
  return fitting.sort((a, b) => a.mm2 - b.mm2)[0]?.id ?? null
}
