import { castDraft } from 'immer'
import { makeEdit, type Edit } from '../edit.js'
import type { Guest, Look } from '../look.js'
import { newGuest } from '../newLook.js'

/** One guest more, at the last place, under a name of their own. */
export function addGuest(look: Look, name: string): Edit {
  let number = look.guests.length + 1
  while (look.guests.some((guest) => guest.id === `guest-${number}`)) number++
  return makeEdit(look, 'guests', (draft) => void draft.guests.push(castDraft({ ...newGuest(number), name })))
}

/** A guest as they are now, in the place they had. */
export function changeGuest(look: Look, guest: Guest): Edit {
  return makeEdit(look, 'guests', (draft) => {
    const at = draft.guests.findIndex((one) => one.id === guest.id)
    if (at >= 0) draft.guests[at] = castDraft(guest)
  })
}

/** A guest stays away: wishes about them and their own kind of setting go too. */
export function removeGuest(look: Look, guestId: string): Edit {
  return makeEdit(look, 'guests', (draft) => {
    draft.guests = draft.guests.filter((guest) => guest.id !== guestId)
    for (const guest of draft.guests) {
      if (guest.near.includes(guestId)) guest.near = guest.near.filter((id) => id !== guestId)
      if (guest.apart.includes(guestId)) guest.apart = guest.apart.filter((id) => id !== guestId)
    }
    if (draft.kinds.byGuest.some((one) => one.guestId === guestId)) draft.kinds.byGuest = draft.kinds.byGuest.filter((one) => one.guestId !== guestId)
  })
}

/** Two guests change places, by the numbers of their places from 1; nothing where there is no such place. */
export function exchangeSeats(look: Look, one: number, other: number): Edit {
  return makeEdit(look, 'seating', ({ guests }) => {
    const [a, b] = [guests[one - 1], guests[other - 1]]
    if (!a || !b) return
    guests[one - 1] = b
    guests[other - 1] = a
  })
}
