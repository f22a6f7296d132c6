import { composeMiddles, type Composed, type ComposeOptions, type Look } from '@hestiad/core'

export type ComposeRequest = { readonly look: Look; readonly options: Omit<ComposeOptions, 'onProgress'> }
export type ComposeReply = { readonly kind: 'progress'; readonly done: number; readonly of: number } | { readonly kind: 'done'; readonly composed: Composed }

const reply = (message: ComposeReply) => self.postMessage(message)

self.onmessage = ({ data }: MessageEvent<ComposeRequest>) => {
  const onProgress = (done: number, of: number) => {
    reply({ kind: 'progress', done, of })
    return true
  }
  reply({ kind: 'done', composed: composeMiddles(data.look, { ...data.options, onProgress }) })
}
