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
export const LIFT_GRAMS = 6000
const PIECES_A_LIFT = 2
/** To lift, carry to the side, set down and come back: our own starting values. */
const SECONDS_A_LIFT = 20
const SECONDS_A_PIECE = 3
/** Between things set down on the sideboard: our own starting value. */
const SIDE_GAP_MM = 20

/** One walk with full hands. */
export interface Lift {
  readonly placedIds: readonly string[]
  /** A tray with all that stands on it, or things in two hands. */
  readonly by: 'tray' | 'hand'
  /** On the sideboard while there is room on it, then somewhere else; null while nobody said how long the sideboard is. */
  readonly to: 'sideboard' | 'elsewhere' | null
}

/** What it takes to clear the middle before people eat. */
export interface Clearing {
  readonly pieces: number
  readonly lifts: readonly Lift[]
  readonly seconds: number
  readonly grams: number
  /** Length of a sideboard they stand on side by side. */
  readonly sideMm: number
  /** Id of a tray of the house, not on the table, on which all would go in one lift; null where there is none or no need. */
  readonly trayId: string | null
}

/** What does not stay at the meal, lift by lift: a tray with handles goes with all on it, everything else two by two, what stands on something first. */
export function clearing(standing: readonly Standing[], tilts: readonly Tilt[], pieces: readonly Piece[], sideboardMm: number | null): Clearing {
  const stays = new Set(atMeal(standing))
  const going = standing.filter((one) => !stays.has(one))
  const gramsOf = new Map(tilts.map((tilt) => [tilt.placedId, tilt.grams]))
  const trays = going.filter((one) => one.piece.kind === 'tray' && one.piece.handles && (gramsOf.get(one.placed.id) ?? 0) <= LIFT_GRAMS)
  const withTray = new Map(trays.map((tray) => [tray, going.filter((one) => one !== tray && isOn(one, tray, going))]))
  const carried = new Set([...withTray].flatMap(([tray, load]) => [tray, ...load]))
  const loose = going.filter((one) => !carried.has(one)).sort((a, b) => b.footMm - a.footMm)
  const loads = [
    ...trays
      .filter((tray) => !trays.some((other) => withTray.get(other)!.includes(tray)))
      .map((tray) => ({ by: 'tray' as const, load: [tray, ...withTray.get(tray)!] })),
    ...Array.from({ length: Math.ceil(loose.length / PIECES_A_LIFT) }, (_, i) => ({
      by: 'hand' as const,
      load: loose.slice(i * PIECES_A_LIFT, (i + 1) * PIECES_A_LIFT)
    }))
  ]
  let sideMm = 0
  const lifts = loads.map(({ by, load }): Lift => {
    sideMm += load.reduce((sum, one) => sum + (one.placed.on === null ? 2 * footRadiusMm(one.foot) + SIDE_GAP_MM : 0), 0)
    return { placedIds: load.map((one) => one.placed.id), by, to: sideboardMm === null ? null : sideMm <= sideboardMm ? 'sideboard' : 'elsewhere' }
  })
  const roots = going.filter((one) => one.placed.on === null)
  const grams = roots.reduce((sum, one) => sum + (gramsOf.get(one.placed.id) ?? 0), 0)
  return {
    pieces: going.length,
    lifts,
    seconds: lifts.length * SECONDS_A_LIFT + going.length * SECONDS_A_PIECE,
    grams,
    sideMm,
    trayId: lifts.length > 1 && grams <= LIFT_GRAMS ? trayFor(roots, standing, pieces) : null
  }
}

/** Whether one thing stands on another, or on something that does. */
function isOn(one: Standing, below: Standing, all: readonly Standing[]): boolean {
  if (one.placed.on === below.placed.id) return true
  const support = all.find((other) => other.placed.id === one.placed.on)
  return support !== undefined && isOn(support, below, all)
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
