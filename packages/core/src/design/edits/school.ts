import { makeEdit, type Edit } from '../edit.js'
import type { Look, School } from '../look.js'

/** What the look is measured against. */
export function changeSchool(look: Look, part: Partial<Omit<School, 'meant'>>): Edit {
  return makeEdit(look, 'school', (draft) => void Object.assign(draft.school, part))
}

/** Rules the look breaks on purpose are asked again. */
export function askAgain(look: Look): Edit {
  return makeEdit(look, 'school', (draft) => void (draft.school.meant = []))
}
