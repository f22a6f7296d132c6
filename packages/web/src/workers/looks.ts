import type { CostCurve, LookFigures, SeenPart, WholeLook } from '@hestiad/core'
import { askOnce, type Asked } from './asked.js'
import type { LooksReply, LooksRequest } from './looks.worker.js'

const newWorker = () => new Worker(new URL('./looks.worker.ts', import.meta.url), { type: 'module' })

/** Composes whole looks; each is shown as soon as it is laid. */
export function composeWhole(
  request: Extract<LooksRequest, { kind: 'compose' }>,
  onFound: (done: number, of: number, found: readonly WholeLook[]) => void
): Asked<readonly WholeLook[]> {
  return askOnce(newWorker(), request, (reply: LooksReply) => {
    if (reply.kind === 'composed') return reply.looks
    if (reply.kind === 'found') onFound(reply.done, reply.of, reply.looks)
    return undefined
  })
}

/** The figures looks are compared by. */
export function measureLooks(request: Extract<LooksRequest, { kind: 'measure' }>): Asked<readonly LookFigures[]> {
  return askOnce(newWorker(), request, (reply: LooksReply) => (reply.kind === 'measured' ? reply.figures : undefined))
}

/** What looks of more and less money come to. */
export function priceLooks(request: Extract<LooksRequest, { kind: 'curve' }>, onProgress: (done: number, of: number) => void): Asked<CostCurve> {
  return askOnce(newWorker(), request, (reply: LooksReply) => {
    if (reply.kind === 'curve') return reply.curve
    if (reply.kind === 'priced') onProgress(reply.done, reply.of)
    return undefined
  })
}

/** What a guest sees of each color from the chair. */
export function colorsFromSeat(request: Extract<LooksRequest, { kind: 'seat' }>): Asked<readonly SeenPart[]> {
  return askOnce(newWorker(), request, (reply: LooksReply) => (reply.kind === 'seen' ? reply.parts : undefined))
}
