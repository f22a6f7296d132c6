import { makeEdit } from './edit.js'
import type { FindingCode, Proposal } from './finding.js'
import type { Look } from './look.js'

/** The look breaks a rule on purpose. */
export function meantProposal(look: Look, code: FindingCode): Proposal {
  return { code: 'meant', edit: makeEdit(look, 'school', (draft) => void draft.school.meant.push(code)), params: {} }
}
