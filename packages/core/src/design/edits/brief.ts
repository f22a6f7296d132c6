import { makeEdit, type Edit } from '../edit.js'
import type { Intent } from '../intent.js'
import type { Household, Look, Occasion } from '../look.js'

/** Title, place, date, notes of the occasion. */
export function changeOccasion(look: Look, part: Partial<Pick<Occasion, 'title' | 'place' | 'date' | 'notes'>>): Edit {
  return makeEdit(look, 'brief', (draft) => void Object.assign(draft.occasion, part))
}

/** What the look is called among those of its occasion. */
export function nameLook(look: Look, name: string): Edit {
  return makeEdit(look, 'brief', (draft) => void (draft.name = name))
}

/** Guests arrive at another minute; the occasion lasts as long as before. */
export function moveArrival(look: Look, arriveMin: number): Edit {
  return makeEdit(look, 'brief', ({ occasion }) => {
    const lasts = occasion.endMin - occasion.arriveMin
    Object.assign(occasion, { arriveMin, endMin: arriveMin + lasts })
  })
}

/** The occasion ends at a minute of the day; one not after the arrival is taken as after midnight. */
export function endAt(look: Look, minute: number): Edit {
  return makeEdit(look, 'brief', ({ occasion }) => void (occasion.endMin = minute <= occasion.arriveMin ? minute + 1440 : minute))
}

/** Who lives in the house. */
export function changeHousehold(look: Look, part: Partial<Household>): Edit {
  return makeEdit(look, 'brief', (draft) => void Object.assign(draft.household, part))
}

/** What the stylist means with the look. */
export function changeIntent(look: Look, part: Partial<Intent>): Edit {
  return makeEdit(look, 'brief', (draft) => void Object.assign(draft.intent, part))
}
