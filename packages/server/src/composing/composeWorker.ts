import type { MessagePort } from 'node:worker_threads'
import { composeLooks, type Look, type WholeLook, type WholeLookOptions } from '@hestiad/core'

/** How far composing is, and what was found so far. */
export interface ComposeProgress {
  readonly done: number
  readonly of: number
  readonly looks: readonly WholeLook[]
}

export interface ComposeTask {
  readonly base: Look
  readonly options: Omit<WholeLookOptions, 'onProgress'>
  readonly port: MessagePort
}

/** Composes whole looks; how far it is goes to the port. */
export default function compose({ base, options, port }: ComposeTask): readonly WholeLook[] {
  const onProgress = (done: number, of: number, looks: readonly WholeLook[]) => {
    port.postMessage({ done, of, looks: [...looks] } satisfies ComposeProgress)
    return true
  }
  try {
    return composeLooks(base, { ...options, onProgress })
  } finally {
    port.close()
  }
}
