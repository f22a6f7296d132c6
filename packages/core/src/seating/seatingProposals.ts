import { makeEdit } from '../design/edit.js'
import type { Proposal, RemedyCode } from '../design/finding.js'
import type { Comfort, Look } from '../design/look.js'
import { capacity, narrowestMm, seatPlan } from './seatPlan.js'

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

/** Seats as many as the table holds at the chosen comfort; the last on the list stay away. */
export function fewerGuestsProposals(look: Look): Proposal[] {
  const fits = capacity(look.table, look.school.comfort)
  const counts = [Math.min(look.guests.length - 1, fits), look.guests.length - 1, look.guests.length - 2]
  return [...new Set(counts)].filter((count) => count >= 1 && count < look.guests.length).map((count) => fewerGuests(look, count))
}

export function fewerGuests(look: Look, count: number): Proposal {
  return {
    code: 'fewer-guests',
    edit: makeEdit(look, 'guests', (draft) => void draft.guests.splice(count)),
    params: { count, away: look.guests.length - count, narrowestMm: narrowestMm(seatPlan({ ...look, guests: look.guests.slice(0, count) }).places) }
  }
}
