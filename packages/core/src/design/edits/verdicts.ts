import { makeEdit, type Edit } from '../edit.js'
import type { Look } from '../look.js'
import { MOST_VERDICTS, type Verdict } from '../verdict.js'

/** What somebody says of the look; one says one thing, the last. The oldest go where there are too many. */
export function sayOfLook(look: Look, verdict: Verdict): Edit {
  return makeEdit(look, 'brief', (draft) => {
    draft.verdicts = [...draft.verdicts.filter((one) => one.by !== verdict.by), verdict].slice(-MOST_VERDICTS)
  })
}

/** The look is to be looked at again on a day, ISO; null where it no longer is. */
export function lookAgain(look: Look, on: string | null): Edit {
  return makeEdit(look, 'brief', (draft) => void (draft.lookAgainOn = on))
}

/** What the stylist asks those who are shown the look; empty for nothing. */
export function askOfLook(look: Look, ask: string): Edit {
  return makeEdit(look, 'brief', (draft) => void (draft.ask = ask))
}

/** What somebody said goes again. */
export function unsayOfLook(look: Look, by: string): Edit {
  return makeEdit(look, 'brief', (draft) => void (draft.verdicts = draft.verdicts.filter((one) => one.by !== by)))
}
