import { pieceIndex } from './find.js'
import type { Look } from './look.js'
import type { Piece } from './piece.js'
import { allSettings, settingIds } from './settingIds.js'

/** What is laid before anything stands in the middle, each piece once: cloth, runner, topper, and all of every kind of setting. */
export function laidPieces(look: Pick<Look, 'pieces' | 'linens' | 'setting' | 'kinds'>): Piece[] {
  const index = pieceIndex(look)
  const { clothId, runner, topper } = look.linens
  const ids = new Set([clothId, runner?.pieceId, topper?.pieceId, ...allSettings(look).flatMap(settingIds)])
  return [...ids].flatMap((id) => (id ? (index.get(id) ?? []) : []))
}
