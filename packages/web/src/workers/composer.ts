import type { Composed } from '@hestiad/core'
import { askOnce, type Asked } from './asked.js'
import type { ComposeReply, ComposeRequest } from './composer.worker.js'

/** Lays out the middle in a worker of its own, which is ended to cancel. */
export function compose(request: ComposeRequest, onProgress: (done: number, of: number) => void): Asked<Composed> {
  const worker = new Worker(new URL('./composer.worker.ts', import.meta.url), { type: 'module' })
  return askOnce(worker, request, (reply: ComposeReply) => {
    if (reply.kind === 'done') return reply.composed
    onProgress(reply.done, reply.of)
    return undefined
  })
}
