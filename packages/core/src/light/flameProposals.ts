import { moveProposal, standOnTable, takeOffProposal } from '../centerpiece/centerpieceProposals.js'
import { freeSpot, type Surroundings } from '../centerpiece/freeSpot.js'
import type { Standing } from '../centerpiece/standing.js'
import { makeEdit } from '../design/edit.js'
import { changeLamp, dressLamp } from '../design/edits/room.js'
import { piecesOf } from '../design/find.js'
import { byCloseness } from '../design/closeness.js'
import type { FindingOf, Proposal } from '../design/finding.js'
import type { Look, Placed } from '../design/look.js'
import type { Candle, Holder } from '../design/piece.js'
import { flameHeightMm } from '../reference/candles.js'
import { conflictsBetween } from './flameConflicts.js'
import { nearLaid, sleeves, type FlameWorld } from './flameFindings.js'
import { flamesOf } from './flames.js'
import { holderFit } from './holderFit.js'
import { candleOf, candleSwaps, fitsHolder, holderOf, holderSwaps, noCandle, withoutFlames } from './otherCandles.js'

type NearFlame = FindingOf<'flame.near' | 'flame.flame' | 'flame.setting' | 'flame.sleeves'>

/** Move the flame clear, take it down from what burns, put it behind glass, make it flameless, or take the candle out. */
export function nearFlameProposals(look: Look, finding: NearFlame, around: Surroundings, world: Omit<FlameWorld, 'standing'>): Proposal[] {
  const placed = look.centerpiece.find((one) => one.id === finding.at.placedId)
  if (!placed) return []
  const { endMin } = look.occasion
  const clear = (moved: readonly Standing[], others: readonly Standing[]) => {
    if (conflictsBetween(moved, others, endMin, look.school)) return false
    const flames = flamesOf(moved, endMin)
    return nearLaid(flames, world.tinder).length === 0 && sleeves(flames, world).length === 0
  }
  const spot = freeSpot(look, placed.id, around, clear)
  return [
    ...(spot ? [moveProposal(look, placed.id, spot)] : []),
    ...standOnTable(look, placed.id),
    ...holderSwaps(look, placed, (holder) => encloses(holder, candleOf(look, placed)!)),
    ...candleSwaps(look, placed, (other) => fitsHolder(look, placed, other) && other.burn.kind === 'flameless'),
    noCandle(look, placed.id),
    takeOffProposal(look, placed.id)
  ]
}

/** The lamp higher, no greens round it, a flameless candle, or none. */
export function lampFlameProposals(look: Look, { at, measured, limit }: FindingOf<'flame.lamp'>): Proposal[] {
  const placed = look.centerpiece.find((one) => one.id === at.placedId)
  const { fixture } = look.room
  if (!placed || !fixture?.greens) return []
  const heightMm = Math.ceil(fixture.bottomMm + limit.distanceMm - measured.distanceMm)
  return [
    { code: 'raise-fixture', edit: changeLamp(look, { bottomMm: heightMm }), params: { heightMm } },
    { code: 'bare-lamp', edit: dressLamp(look, null), params: { pieceId: fixture.greens.pieceId } },
    ...candleSwaps(look, placed, (other) => fitsHolder(look, placed, other) && other.burn.kind === 'flameless'),
    noCandle(look, placed.id)
  ]
}

/** Whether a holder's glass rises above the whole flame. */
function encloses(holder: Holder, candle: Candle): boolean {
  return holder.chimney !== null && holder.chimney.rimMm >= holder.heightMm + candle.heightMm + flameHeightMm[candle.form]
}

/** Nothing has to be done; who wants to goes flameless. */
export function guidanceProposals(look: Look): Proposal[] {
  return withoutFlames(look)
}

/** Every flame behind glass, flameless candles throughout, or no candles. */
export function householdProposals(look: Look): Proposal[] {
  return [...allEnclosed(look), ...withoutFlames(look)]
}

function allEnclosed(look: Look): Proposal[] {
  const chosen = new Map<string, Holder>()
  for (const placed of look.centerpiece) {
    const [holder, candle] = [holderOf(look, placed as Placed), candleOf(look, placed)]
    if (!holder || candle?.burn.kind !== 'wax' || encloses(holder, candle)) continue
    const other = byCloseness(
      holder,
      piecesOf(look, 'holder').filter((one) => !holderFit(one, candle) && encloses(one, candle))
    )[0]
    if (!other) return []
    chosen.set(placed.id, other)
  }
  if (chosen.size === 0) return []
  const edit = makeEdit(look, 'candles', (draft) => {
    for (const placed of draft.centerpiece) placed.pieceId = chosen.get(placed.id)?.id ?? placed.pieceId
  })
  return [{ code: 'enclose-flames', edit, params: { count: chosen.size } }]
}
