import { askOnce, type Asked } from './asked.js'
import type { ChangesReply, ChangesRequest } from './changes.worker.js'

/** Measures what one could change on a look. */
export function askChanges(request: ChangesRequest): Asked<ChangesReply> {
  return askOnce(new Worker(new URL('./changes.worker.ts', import.meta.url), { type: 'module' }), request, (reply: ChangesReply) => reply)
}
