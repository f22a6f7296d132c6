import type { Candle, Piece } from '../design/piece.js'
import { cellsPerFlameless } from './supplies.js'

/** What a small child puts into the mouth: beads and pods; common practice, no source. */
export function isSmallPart(piece: Piece): boolean {
  return piece.kind === 'ornament' && (piece.form === 'beads' || piece.form === 'pods')
}

/** Whether a candle burns on coin cells, which burn who swallows them within hours. */
export function hasCoinCell(candle: Candle | null): boolean {
  return candle?.burn.kind === 'flameless' && cellsPerFlameless[candle.form].use === 'coin-cell'
}
