import { makeEdit, type Edit } from '../edit.js'
import { findPiece, pieceIndex } from '../find.js'
import type { Look } from '../look.js'

/** A candle in a holder (nothing else takes one), lit with the others or so long before guests arrive; or none. */
export function setCandle(look: Look, placedId: string, candleId: string | null, litBeforeMin: number): Edit {
  const times = look.centerpiece.flatMap((placed) => (placed.candle ? [placed.candle.lightAtMin] : []))
  const usual = times.length > 0 ? Math.min(...times) : Math.max(0, look.occasion.arriveMin - litBeforeMin)
  const holder = findPiece(pieceIndex(look), look.centerpiece.find((one) => one.id === placedId)?.pieceId, 'holder')
  return makeEdit(look, 'candles', (draft) => {
    const placed = draft.centerpiece.find((one) => one.id === placedId)
    if (placed && holder) placed.candle = candleId === null ? null : { candleId, lightAtMin: placed.candle?.lightAtMin ?? usual }
  })
}

/** All candles are lit at a minute of the day; one long before the arrival is taken as after midnight. */
export function lightAll(look: Look, minute: number): Edit {
  const lightAtMin = minute < look.occasion.arriveMin - 720 ? minute + 1440 : minute
  return makeEdit(look, 'candles', (draft) => {
    for (const { candle } of draft.centerpiece) if (candle) candle.lightAtMin = lightAtMin
  })
}
