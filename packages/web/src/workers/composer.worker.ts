import { proposeCenterpiece, type CenterpieceProposal, type Look, type ProposeOptions } from '@hestiad/core'

export type ComposeRequest = { readonly look: Look; readonly options: Omit<ProposeOptions, 'onProgress'> }
export type ComposeReply =
  { readonly kind: 'progress'; readonly done: number; readonly of: number } | { readonly kind: 'done'; readonly proposal: CenterpieceProposal | undefined }

const reply = (message: ComposeReply) => self.postMessage(message)

self.onmessage = ({ data }: MessageEvent<ComposeRequest>) => {
  const onProgress = (done: number, of: number) => {
    reply({ kind: 'progress', done, of })
    return true
  }
  reply({ kind: 'done', proposal: proposeCenterpiece(data.look, { ...data.options, onProgress }) })
}
