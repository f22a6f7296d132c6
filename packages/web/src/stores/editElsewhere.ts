import { applyEdit, lookHash, type Edit, type Look } from '@hestiad/core'
import { api } from '../api/calls.js'
import { newEntry } from './openDocument.js'

const windowId = crypto.randomUUID()

/** Makes one edit on a look that is not open, on the server as it is there now. @throws where it was changed in between or the server is away */
export async function editElsewhere(lookId: string, edit: (look: Look) => Edit): Promise<void> {
  const answer = await api.getLook(lookId)
  const look = answer.look as Look
  const { inverse: _, ...entry } = newEntry(edit(look))
  if (entry.patches.length === 0) return
  await api.saveEdits(lookId, { base: answer.revision, edits: [entry], hash: lookHash(applyEdit(look, entry)), window: windowId })
}
