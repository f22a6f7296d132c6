import { makeEdit, type Edit, type EditName } from './edit.js'
import type { Look } from './look.js'

/** The whole middle as it is in another state of the look. */
export function middleEdit(look: Look, what: EditName, { centerpiece }: Pick<Look, 'centerpiece'>): Edit {
  return makeEdit(look, what, (draft) => void (draft.centerpiece = structuredClone(centerpiece) as typeof draft.centerpiece))
}
