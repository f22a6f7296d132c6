import {
  costCurve,
  createAssessor,
  type CostCurve,
  lookFigures,
  seatColors,
  type Look,
  type LookFigures,
  type SeenPart,
  type WholeLookOptions
} from '@hestiad/core'

export type LooksRequest =
  | { readonly kind: 'curve'; readonly look: Look; readonly options: Omit<WholeLookOptions, 'onProgress' | 'want'> }
  | { readonly kind: 'measure'; readonly looks: readonly Look[] }
  | { readonly kind: 'seat'; readonly look: Look; readonly seat: number }
export type LooksReply =
  | { readonly kind: 'priced'; readonly done: number; readonly of: number }
  | { readonly kind: 'curve'; readonly curve: CostCurve }
  | { readonly kind: 'measured'; readonly figures: readonly LookFigures[] }
  | { readonly kind: 'seen'; readonly parts: readonly SeenPart[] }

const reply = (message: LooksReply) => self.postMessage(message)

self.onmessage = ({ data }: MessageEvent<LooksRequest>) => {
  if (data.kind === 'measure') reply({ kind: 'measured', figures: data.looks.map((look) => lookFigures(createAssessor().measure(look))) })
  else if (data.kind === 'seat') reply({ kind: 'seen', parts: seatColors(data.look, data.seat) })
  else {
    const onProgress = (done: number, of: number) => {
      reply({ kind: 'priced', done, of })
      return true
    }
    reply({ kind: 'curve', curve: costCurve(data.look, data.options, onProgress) })
  }
}
