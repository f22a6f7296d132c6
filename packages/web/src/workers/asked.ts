/** Work under way in a worker of its own: its answer, and a way to stop it. */
export interface Asked<Answer> {
  /** Undefined when it was canceled. */
  readonly answer: Promise<Answer | undefined>
  readonly cancel: () => void
}

/** Asks a worker once, and ends it with its last word or to cancel. `hear` is told every word and gives the answer with the last. */
export function askOnce<Reply, Answer>(worker: Worker, request: unknown, hear: (reply: Reply) => Answer | undefined): Asked<Answer> {
  let cancel = () => {}
  const answer = new Promise<Answer | undefined>((resolve, reject) => {
    cancel = () => {
      worker.terminate()
      resolve(undefined)
    }
    worker.onmessage = ({ data }: MessageEvent<Reply>) => {
      const last = hear(data)
      if (last === undefined) return
      worker.terminate()
      resolve(last)
    }
    worker.onerror = (event) => {
      worker.terminate()
      reject(new Error(event.message))
    }
    worker.postMessage(request)
  })
  return { answer, cancel: () => cancel() }
}
