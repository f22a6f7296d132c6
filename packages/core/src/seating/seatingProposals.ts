import { makeEdit } from '../design/edit.js'
import type { Proposal, RemedyCode } from '../design/finding.js'
import { meantProposal } from '../design/meant.js'
import type { Comfort, Guest, Look } from '../design/look.js'
import { placeWidthMm } from '../reference/places.js'
import { capacity, narrowestMm, seatPlan, WIDTH_TOLERANCE_MM, type SeatPlan } from './seatPlan.js'

/** Ways to give each guest more room, the least disturbing first. */
export function seatingProposals(look: Look): Proposal[] {
  return [...leafProposals(look), ...headsProposals(look), ...comfortProposals(look), ...fewerGuestsProposals(look)]
}

export function leafProposals(look: Look): Proposal[] {
  const { leaves } = look.table
  return Array.from({ length: Math.max(0, leaves.owned - leaves.in) }, (_, i) => {
    const count = leaves.in + i + 1
    const edit = makeEdit(look, 'table', (draft) => void (draft.table.leaves.in = count))
    return { code: 'leaf-in' as const, edit, params: { leaves: i + 1, addedMm: (i + 1) * leaves.eachMm } }
  })
}

export function headsProposals(look: Look): Proposal[] {
  const to = look.table.heads === 'open' ? 'closed' : 'open'
  const code: RemedyCode = to === 'open' ? 'heads-open' : 'heads-closed'
  return [{ code, edit: makeEdit(look, 'table', (draft) => void (draft.table.heads = to)), params: {} }]
}

function comfortProposals(look: Look): Proposal[] {
  const narrower: Record<Comfort, Comfort[]> = { roomy: ['usual', 'tight'], usual: ['tight'], tight: [] }
  return narrower[look.school.comfort].map((comfort) => ({
    code: 'comfort' as const,
    edit: makeEdit(look, 'school', (draft) => void (draft.school.comfort = comfort)),
    params: { comfort }
  }))
}

/** Fewer guests with the ends as they are or the other way: as many as the table holds, and as many as have their width. */
function fewerGuestsProposals(look: Look): Proposal[] {
  const fits = Math.min(look.guests.length - 1, capacity(look.table, look.school.comfort))
  const wantedMm = placeWidthMm[look.school.comfort] - WIDTH_TOLERANCE_MM
  return [...(fits >= 1 ? [fewerGuests(look, fits)] : []), ...mostGuests(look, (plan) => narrowestMm(plan.places) >= wantedMm)]
}

/** The ends taken or freed, and the most guests whose knees are clear of every leg with either. */
export function kneeProposals(look: Look): Proposal[] {
  return [...seatingProposals(look), ...mostGuests(look, (plan) => plan.kneesAtLeg.length === 0), meantProposal(look, 'places.knees')]
}

/** The most guests, with the ends taken and with the ends free, for whom a plan is good. */
export function mostGuests(look: Look, good: (plan: SeatPlan) => boolean): Proposal[] {
  const other = look.table.heads === 'open' ? 'closed' : 'open'
  return ([look.table.heads, other] as const).flatMap((heads): Proposal[] => {
    const table = { ...look.table, heads }
    let count = look.guests.length
    while (count > 0 && !good(seatPlan({ ...look, table, guests: staying(look, count) }))) count--
    if (count === 0) return []
    if (count === look.guests.length) return heads === look.table.heads ? [] : headsProposals(look)
    return [fewerGuests(look, count, heads)]
  })
}

/** As many guests as are asked for: the last on the list stay away, the host never. */
function staying(look: Look, count: number): readonly Guest[] {
  const host = look.guests.findIndex((guest) => guest.host)
  if (host < count || count === 0) return look.guests.slice(0, count)
  return [...look.guests.slice(0, count - 1), look.guests[host]!]
}

export function fewerGuests(look: Look, count: number, heads = look.table.heads): Proposal {
  const stay = new Set(staying(look, count).map((guest) => guest.id))
  const edit = makeEdit(look, 'guests', (draft) => {
    draft.table.heads = heads
    draft.guests = draft.guests.filter((guest) => stay.has(guest.id))
    for (const guest of draft.guests) {
      guest.near = guest.near.filter((id) => stay.has(id))
      guest.apart = guest.apart.filter((id) => stay.has(id))
    }
    draft.kinds.byGuest = draft.kinds.byGuest.filter(({ guestId }) => stay.has(guestId))
  })
  return { code: 'fewer-guests', edit, params: { count, awayIds: look.guests.flatMap(({ id }) => (stay.has(id) ? [] : [id])) } }
}
