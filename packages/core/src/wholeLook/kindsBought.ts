import type { PieceKind } from '../design/piece.js'

const few: readonly PieceKind[] = ['cloth', 'runner', 'plate', 'glass', 'napkin', 'stem', 'candle']

/** What of the shops may be laid: with few new what lies at places, wilts or burns; with all new the middle too. */
export const kindsBought: Readonly<Record<'few-new' | 'all-new', readonly PieceKind[]>> = {
  'few-new': few,
  'all-new': [...few, 'flatware', 'vessel', 'holder', 'tray', 'ornament']
}
