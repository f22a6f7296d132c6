import { composeLooks, createAssessor, lookFigures, type Look, type LookFigures, type WholeLook, type WholeLookOptions } from '@hestiad/core'

export type LooksRequest =
  | { readonly kind: 'compose'; readonly look: Look; readonly options: Omit<WholeLookOptions, 'onProgress'> }
  | { readonly kind: 'measure'; readonly looks: readonly Look[] }
export type LooksReply =
  | { readonly kind: 'found'; readonly done: number; readonly of: number; readonly looks: readonly WholeLook[] }
  | { readonly kind: 'composed'; readonly looks: readonly WholeLook[] }
  | { readonly kind: 'measured'; readonly figures: readonly LookFigures[] }

const reply = (message: LooksReply) => self.postMessage(message)

self.onmessage = ({ data }: MessageEvent<LooksRequest>) => {
  if (data.kind === 'measure') reply({ kind: 'measured', figures: data.looks.map((look) => lookFigures(createAssessor().measure(look))) })
  else {
    const onProgress = (done: number, of: number, looks: readonly WholeLook[]) => {
      reply({ kind: 'found', done, of, looks: [...looks] })
      return true
    }
    reply({ kind: 'composed', looks: composeLooks(data.look, { ...data.options, onProgress }) })
  }
}
