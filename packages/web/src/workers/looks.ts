import type { CostCurve, LookFigures, SeenPart } from '@hestiad/core'
import { askOnce, type Asked } from './asked.js'
import type { LooksReply, LooksRequest } from './looks.worker.js'

const newWorker = () => new Worker(new URL('./looks.worker.ts', import.meta.url), { type: 'module' })

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
