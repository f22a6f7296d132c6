import type { BareFinding, Look } from '@hestiad/core'
import { wrap } from 'comlink'
import type { AssessorService, Measurement } from './assessor.worker.js'
import { deltaOf, withDelta } from './delta.js'

/** The assessor in its worker, which is told only what changed since the look it was told last. */
export function startAssessor() {
  const worker = new Worker(new URL('./assessor.worker.ts', import.meta.url), { type: 'module' })
  const service = wrap<AssessorService>(worker)
  let told: Look | undefined
  let answered: Measurement | undefined
  const tell = (look: Look) => {
    const delta = deltaOf(told, look)
    told = look
    if (delta) void service.take(delta)
  }
  const about =
    <T>(ask: () => Promise<T>) =>
    (look: Look): Promise<T> => {
      tell(look)
      return ask()
    }
  return {
    measure: async (look: Look): Promise<Measurement & { readonly tookMs: number }> => {
      tell(look)
      const { delta, tookMs } = await service.measure()
      answered = withDelta(answered, delta) as Measurement
      return { ...answered, tookMs }
    },
    savings: about(() => service.savings()),
    heights: about(() => service.heights()),
    seat: about(() => service.seat()),
    remedies: (look: Look, finding: BareFinding) => {
      tell(look)
      return service.remedies(finding)
    }
  }
}
