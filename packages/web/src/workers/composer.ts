import type { Composed } from '@hestiad/core'
import type { ComposeReply, ComposeRequest } from './composer.worker.js'

/** Composing under way: its answer, and a way to stop it. */
export interface Composing {
  /** What was composed; undefined when it was canceled. */
  readonly answer: Promise<Composed | undefined>
  readonly cancel: () => void
}

/** Lays out the middle in a worker of its own, which is ended to cancel. */
export function compose(request: ComposeRequest, onProgress: (done: number, of: number) => void): Composing {
  const worker = new Worker(new URL('./composer.worker.ts', import.meta.url), { type: 'module' })
  let cancel = () => {}
  const answer = new Promise<Composed | undefined>((resolve, reject) => {
    cancel = () => {
      worker.terminate()
      resolve(undefined)
    }
    worker.onmessage = ({ data }: MessageEvent<ComposeReply>) => {
      if (data.kind === 'progress') onProgress(data.done, data.of)
      else {
        worker.terminate()
        resolve(data.composed)
      }
    }
    worker.onerror = (event) => {
      worker.terminate()
      reject(new Error(event.message))
    }
    worker.postMessage(request)
  })
  return { answer, cancel: () => cancel() }
}
