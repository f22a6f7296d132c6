import { composeMiddles, composePart, type Composed, type ComposeOptions, type Look, type OnlyPart } from '@hestiad/core'

export type ComposeRequest = { readonly look: Look; readonly options: Omit<ComposeOptions, 'onProgress'>; readonly only: OnlyPart | null }
export type ComposeReply = { readonly kind: 'progress'; readonly done: number; readonly of: number } | { readonly kind: 'done'; readonly composed: Composed }

const reply = (message: ComposeReply) => self.postMessage(message)

self.onmessage = ({ data }: MessageEvent<ComposeRequest>) => {
  const onProgress = (done: number, of: number) => {
    reply({ kind: 'progress', done, of })
    return true
  }
  const { look, only } = data
  const options = { ...data.options, onProgress }
  reply({ kind: 'done', composed: only ? composePart(look, only, options) : composeMiddles(look, options) })
}
