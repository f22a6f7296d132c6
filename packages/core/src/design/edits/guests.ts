import { castDraft, type Draft } from 'immer'
import { makeEdit, type Edit } from '../edit.js'
import type { Guest, Look } from '../look.js'
import { newGuest } from '../newLook.js'

/** One guest more, at the last place, under a name of their own. */
export function addGuest(look: Look, name: string): Edit {
  return makeEdit(look, 'guests', (draft) => void draft.guests.push(castDraft(freshGuest(draft.guests, name))))
}

/** A guest with an id nobody has. */
function freshGuest(guests: readonly { readonly id: string }[], name: string): Guest {
  let number = guests.length + 1
  while (guests.some((guest) => guest.id === `guest-${number}`)) number++
  return { ...newGuest(number), name }
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
  return makeEdit(look, 'guests', (draft) => forget(draft, guestId))
}

function forget(draft: Draft<Look>, guestId: string): void {
  draft.guests = draft.guests.filter((guest) => guest.id !== guestId)
  for (const guest of draft.guests) {
    if (guest.near.includes(guestId)) guest.near = guest.near.filter((id) => id !== guestId)
    if (guest.apart.includes(guestId)) guest.apart = guest.apart.filter((id) => id !== guestId)
  }
  if (draft.kinds.byGuest.some((one) => one.guestId === guestId)) draft.kinds.byGuest = draft.kinds.byGuest.filter((one) => one.guestId !== guestId)
}

/** So many guests, in one step: the last ones stay away, or unnamed ones come. */
export function setGuestCount(look: Look, count: number, nameOf: (number: number) => string): Edit {
  return makeEdit(look, 'guests', (draft) => {
    while (draft.guests.length > count) forget(draft, draft.guests[draft.guests.length - 1]!.id)
    while (draft.guests.length < count) draft.guests.push(castDraft(freshGuest(draft.guests, nameOf(draft.guests.length + 1))))
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

/** Guests by a list in the order of the places, by their names alone or with what it says of them: those already there keep what it does not say, others come or stay away. */
export function nameGuests(look: Look, listed: readonly (Pick<Guest, 'name'> & Partial<Guest>)[]): Edit {
  return makeEdit(look, 'guests', (draft) => {
    while (draft.guests.length > listed.length) forget(draft, draft.guests[draft.guests.length - 1]!.id)
    listed.forEach((one, i) => {
      const guest = draft.guests[i] ?? draft.guests[draft.guests.push(castDraft(freshGuest(draft.guests, one.name))) - 1]!
      Object.assign(guest, castDraft({ ...one, id: guest.id }))
    })
  })
}
