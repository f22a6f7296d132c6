import { replaceEdit, type Edit } from '../edit.js'
import type { Look } from '../look.js'

/** All that a composed look lays in the place of what is laid now: linens, settings, middle, with the pieces and offers it brings. Brief, company and table stay. */
export function layWholeLook(look: Look, composed: Look): Edit {
  const { pieces, offers, linens, setting, kinds, centerpiece, school } = composed
  return replaceEdit(look, 'setting', { ...look, pieces, offers, linens, setting, kinds, centerpiece, school: { ...look.school, pattern: school.pattern } })
}
