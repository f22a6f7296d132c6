import { moveProposal } from '../centerpiece/centerpieceProposals.js'
import { freeSpot, type Surroundings } from '../centerpiece/freeSpot.js'
import { applyEdit, makeEdit } from '../design/edit.js'
import { piecesOf } from '../design/find.js'
import type { FindingOf, Proposal } from '../design/finding.js'
import type { Look, Side } from '../design/look.js'
import { CHAIR_GAP_MM, chairWidthMm, seatRoomMm, wheelchairMm } from '../reference/room.js'
import { lowerProposals } from '../florals/lowerProposals.js'
import { headsProposals, leafProposals, mostGuests, seatingProposals } from '../seating/seatingProposals.js'
import { seatPlan, type SeatPlan } from '../seating/seatPlan.js'

/** A usual booster: our own starting value. */
const BOOSTER_MM = 100

const opposite: Record<Side, Side> = { north: 'south', south: 'north', east: 'west', west: 'east' }

/** Blocks under the table, as far as the surface stays within reach. */
export function wheelchairKneeProposals(look: Look): Proposal[] {
  const { apronMm, heightMm } = look.table
  if (apronMm === null) return []
  const toMm = Math.max(wheelchairMm.surfaceLow, Math.ceil(wheelchairMm.kneeHeight + apronMm))
  const edit = makeEdit(look, 'table', (draft) => void (draft.table.heightMm = Math.min(toMm, wheelchairMm.surfaceHigh)))
  return toMm <= wheelchairMm.surfaceHigh || heightMm > wheelchairMm.surfaceHigh
    ? [{ code: 'raise-table', edit, params: { heightMm: Math.min(toMm, wheelchairMm.surfaceHigh) } }]
    : []
}

/** Places exchanged with whoever has the widest, more room on the edge, fewer guests. */
export function wheelchairWidthProposals(look: Look, finding: FindingOf<'wheelchair.width'>): Proposal[] {
  const { places } = seatPlan(look)
  const from = (finding.at.numbers[0] ?? 1) - 1
  const widest = places
    .map((place, i) => ({ i, widthMm: place.widthMm }))
    .filter(({ i, widthMm }) => widthMm >= wheelchairMm.kneeWidth && !look.guests[i]!.wheelchair && !look.guests[i]!.seatLocked)
    .sort((a, b) => b.widthMm - a.widthMm)
  const swap = widest.slice(0, 1).map(({ i }) => ({
    code: 'swap-seats' as const,
    edit: makeEdit(look, 'seating', (draft) => void ([draft.guests[from], draft.guests[i]] = [draft.guests[i]!, draft.guests[from]!])),
    params: { guestId: look.guests[from]!.id, otherId: look.guests[i]!.id }
  }))
  const wide = (plan: SeatPlan) => plan.places.every((place, i) => !plan.guests[i]!.wheelchair || place.widthMm >= wheelchairMm.kneeWidth)
  return [...swap, ...leafProposals(look), ...headsProposals(look), ...mostGuests(look, wide)]
}

/** Plain chairs, or more room on the edge. */
export function chairProposals(look: Look): Proposal[] {
  const plain = makeEdit(look, 'table', (draft) => {
    draft.table.chair = { kind: 'side', widthMm: Math.min(draft.table.chair.widthMm, chairWidthMm.side) }
    for (const guest of draft.guests) guest.chair = null
  })
  const fits = applyEdit(look, plain)
  const needed = fits.table.chair.widthMm + CHAIR_GAP_MM
  const both = mostGuests(fits, (plan) => plan.places.every((place) => place.side === 'head' || place.widthMm >= needed)).map((proposal) => ({
    ...proposal,
    edit: makeEdit(look, 'guests', (draft) => {
      const after = applyEdit(fits, proposal.edit)
      draft.table = structuredClone(after.table) as typeof draft.table
      draft.guests = structuredClone(after.guests) as typeof draft.guests
    })
  }))
  return [{ code: 'side-chairs', edit: plain, params: {} }, ...seatingProposals(look), ...both]
}

/** A chair as the others have, with a booster for a child. */
export function highChairProposals(look: Look, finding: FindingOf<'high-chair.age'>): Proposal[] {
  const { numbers } = finding.at
  const edit = makeEdit(look, 'guests', (draft) => {
    for (const number of numbers) {
      const guest = draft.guests[number - 1]!
      guest.chair = null
      if (guest.body.kind === 'child') guest.body.boosterMm = BOOSTER_MM
    }
  })
  return [{ code: 'plain-chair', edit, params: {} }]
}

export function benchProposals(look: Look, { limit: { widthMm } }: FindingOf<'bench.short'>): Proposal[] {
  const longer = makeEdit(look, 'table', (draft) => void (draft.table.chair.widthMm = widthMm))
  return [{ code: 'longer-bench', edit: longer, params: { lengthMm: widthMm } }, ...chairProposals(look)]
}

/** Nobody walks behind, the table moved off the wall where there is room opposite, the ends free, a bench, fewer guests. */
export function behindProposals(look: Look, { at: { side }, measured, limit }: FindingOf<'room.behind'>): Proposal[] {
  const missing = limit.clearMm - measured.clearMm
  const other = look.room.clearMm[opposite[side]]
  const shift = makeEdit(look, 'room', (draft) => {
    draft.room.clearMm[side] = (draft.room.clearMm[side] ?? 0) + missing
    if (other !== null) draft.room.clearMm[opposite[side]] = Math.max(0, other - missing)
  })
  const pass = makeEdit(look, 'room', (draft) => void (draft.room.pass = false))
  const bench = makeEdit(look, 'table', (draft) => {
    draft.table.chair = { kind: 'bench', widthMm: Math.max(chairWidthMm.bench, seatRoomMm.bench * draft.guests.length) }
    draft.room.pass = false
  })
  return [
    ...(look.room.pass ? [{ code: 'no-pass' as const, edit: pass, params: {} }] : []),
    ...(other === null || other >= missing ? [{ code: 'shift-table' as const, edit: shift, params: { byMm: missing } }] : []),
    { code: 'bench', edit: bench, params: {} },
    ...seatingProposals(look)
  ]
}

/** The middle lower or shifted from under the lamp; the lamp higher only then. */
export function fixtureProposals(look: Look, { at, measured, limit }: FindingOf<'fixture.low'>, around: Surroundings): Proposal[] {
  if (!look.room.fixture) return []
  const placed = look.centerpiece.find((one) => one.id === at.placedId)
  const overMm = measured.heightMm - limit.heightMm
  const riseMm = placed?.arrangement?.riseMm ?? 0
  const lower = riseMm > overMm ? lowerProposals(look, at.placedId, [(riseMm - overMm) / riseMm - 0.01]) : []
  const lampMm = look.room.fixture.widthMm / 2
  const spot = freeSpot(look, at.placedId, around, (moved) => moved.every((one) => Math.hypot(one.pose.x, one.pose.y) > lampMm + one.reachMm))
  const toMm = Math.ceil(look.room.fixture.bottomMm + measured.heightMm - limit.heightMm)
  const raise = makeEdit(look, 'room', (draft) => void (draft.room.fixture && (draft.room.fixture.bottomMm = toMm)))
  return [...lower, ...(spot ? [moveProposal(look, at.placedId, spot)] : []), { code: 'raise-fixture', edit: raise, params: { heightMm: toMm } }]
}

export function seamProposals(look: Look): Proposal[] {
  return piecesOf(look, 'cloth')
    .sort((a, b) => b.owned - a.owned)
    .slice(0, 3)
    .map((piece) => ({
      code: 'lay-cloth' as const,
      edit: makeEdit(look, 'linens', (draft) => void (draft.linens.clothId = piece.id)),
      params: { pieceId: piece.id }
    }))
}
