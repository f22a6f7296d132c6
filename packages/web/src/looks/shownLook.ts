import { colorFigures, usedIds, type Look, type PieceKind } from '@hestiad/core'
import type { Composer } from 'vue-i18n'
import { list } from '../findings/findingWords.js'

const groups: readonly (readonly [name: string, kinds: readonly PieceKind[]])[] = [
  ['linens', ['cloth', 'runner', 'mat', 'napkin']],
  ['places', ['plate', 'glass', 'flatware']],
  ['flowers', ['stem', 'vessel']],
  ['candles', ['candle', 'holder']],
  ['else', ['ornament', 'tray', 'riser']]
]
const COLORS = 6

/** What a look is of, as host and client read it: a line for each group of things, by their names. */
export function linesOf(look: Look, t: Composer['t']): string[] {
  const used = usedIds(look)
  return groups.flatMap(([name, kinds]) => {
    const names = look.pieces.filter((piece) => used.has(piece.id) && kinds.includes(piece.kind)).map((piece) => piece.name)
    return names.length > 0 ? [t(`looks.client.${name}`, { names: list(names) })] : []
  })
}

/** The colors that take most of what is seen. */
export function colorsOf(look: Look): string[] {
  return colorFigures(look)
    .groups.slice(0, COLORS)
    .map((group) => group.color)
}
