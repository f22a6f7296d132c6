import {
  composeLooks,
  costCurve,
  createAssessor,
  type CostCurve,
  lookFigures,
  type Look,
  type LookFigures,
  type WholeLook,
  type WholeLookOptions
} from '@hestiad/core'

export type LooksRequest =
  | { readonly kind: 'compose'; readonly look: Look; readonly options: Omit<WholeLookOptions, 'onProgress'> }
  | { readonly kind: 'curve'; readonly look: Look; readonly options: Omit<WholeLookOptions, 'onProgress' | 'want'> }
  | { readonly kind: 'measure'; readonly looks: readonly Look[] }
export type LooksReply =
  | { readonly kind: 'found'; readonly done: number; readonly of: number; readonly looks: readonly WholeLook[] }
  | { readonly kind: 'composed'; readonly looks: readonly WholeLook[] }
  | { readonly kind: 'priced'; readonly done: number; readonly of: number }
  | { readonly kind: 'curve'; readonly curve: CostCurve }
  | { readonly kind: 'measured'; readonly figures: readonly LookFigures[] }

const reply = (message: LooksReply) => self.postMessage(message)

self.onmessage = ({ data }: MessageEvent<LooksRequest>) => {
  if (data.kind === 'measure') reply({ kind: 'measured', figures: data.looks.map((look) => lookFigures(createAssessor().measure(look))) })
  else if (data.kind === 'curve') {
    const onProgress = (done: number, of: number) => {
      reply({ kind: 'priced', done, of })
      return true
    }
    reply({ kind: 'curve', curve: costCurve(data.look, data.options, onProgress) })
  } else {
    const onProgress = (done: number, of: number, looks: readonly WholeLook[]) => {
      reply({ kind: 'found', done, of, looks: [...looks] })
      return true
    }
    reply({ kind: 'composed', looks: composeLooks(data.look, { ...data.options, onProgress }) })
  }
}
