import { castDraft } from 'immer'
import { makeEdit, type Edit } from '../edit.js'
import type { Look, Table } from '../look.js'

/** The table as it is now. */
export function changeTable(look: Look, table: Table): Edit {
  return makeEdit(look, 'table', (draft) => void (draft.table = castDraft(table)))
}
