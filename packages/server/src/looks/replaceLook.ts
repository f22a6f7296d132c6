import { randomUUID } from 'node:crypto'
import { isDeepStrictEqual } from 'node:util'
import { lookHash, replaceEdit, type Look } from '@hestiad/core'
import { ApiError } from '../errors.js'
import type { Storage } from '../storage/openStorage.js'
import { openLook } from './lookStore.js'
import { saveEdits, type Saved } from './saveEdits.js'

/**
 * Puts a whole look, imported, in the place of the one there is, as one edit that can be taken back.
 * @throws ApiError not-found, revision-stale with the newer revision, unusable-look
 */
export async function replaceLook(storage: Storage, id: string, base: number, look: Look): Promise<Pick<Saved, 'revision'>> {
  const open = await openLook(storage, id)
  if (open.revision !== base) throw new ApiError('revision-stale', [], { revision: open.revision })
  const next = sharing(open.look, { ...look, id })
  const { patches } = replaceEdit(open.look, 'import', next)
  if (patches.length === 0) return { revision: open.revision }
  const edit = { id: randomUUID(), kind: 'edit', what: 'import', patches } as const
  try {
    return await saveEdits(
      storage,
      id,
      { base, hash: lookHash(next), window: 'import', edits: [{ ...edit, of: edit.id, patches: [...patches] as never }] },
      false
    )
  } catch (error) {
    // somebody was quicker: a whole look is never merged
    if (error instanceof ApiError && error.code === 'revision-conflict') throw new ApiError('revision-stale', [], { revision: error.details['revision'] })
    throw error
  }
}

/** The second look with every member that is the same as in the first as that very object, so that only what differs is in the edit. */
function sharing(old: Look, look: Look): Look {
  const members = Object.entries(look) as [keyof Look, unknown][]
  return Object.fromEntries(members.map(([name, part]) => [name, isDeepStrictEqual(part, old[name]) ? old[name] : part])) as unknown as Look
}
