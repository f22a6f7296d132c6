import { shallowRef, type ShallowRef } from 'vue'
import type { Asked } from './asked.js'

/** What is under way and how it ended; `run` gives nothing where a newer call took its place. */
export interface Latest<Answer> {
  readonly running: ShallowRef<Asked<Answer> | undefined>
  /** Ends what is under way and begins anew: the answer, undefined in it when that was canceled. @throws what the work throws */
  readonly run: (start: () => Promise<Asked<Answer>>) => Promise<{ readonly answer: Answer | undefined } | undefined>
}

/** Of several calls only the newest counts: those before it are ended, and neither their answers nor their errors are heard. */
export function latest<Answer>(): Latest<Answer> {
  const running = shallowRef<Asked<Answer>>()
  let calls = 0
  async function run(start: () => Promise<Asked<Answer>>): Promise<{ readonly answer: Answer | undefined } | undefined> {
    const call = ++calls
    running.value?.cancel()
    running.value = undefined
    try {
      const own = await start()
      if (call !== calls) {
        own.cancel()
        return undefined
      }
      running.value = own
      const answer = await own.answer
      return call === calls ? { answer } : undefined
    } catch (error) {
      if (call !== calls) return undefined
      throw error
    } finally {
      if (call === calls) running.value = undefined
    }
  }
  return { running, run }
}
