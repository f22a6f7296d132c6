import type { Look } from './look.js'
import type { Piece } from './piece.js'
import { pieceUses, type UseRole } from './pieceUses.js'

/** Parts of a table that are chosen together, and may be kept as they are. */
export const layers = ['linens', 'plates', 'napkins', 'glasses', 'flatware', 'middle'] as const
export type Layer = (typeof layers)[number]

const rolesOf: Readonly<Record<Layer, readonly UseRole[]>> = {
  linens: ['cloth', 'topper', 'runner', 'mat'],
  plates: ['plate', 'bread-plate'],
  napkins: ['napkin'],
  glasses: ['glass'],
  flatware: ['flatware', 'substitute'],
  middle: ['middle', 'candle', 'filling', 'stem', 'lamp']
}

/** Pieces of a layer, each once, in the look's order. */
export function layerPieces(look: Look, layer: Layer): Piece[] {
  const ids = new Set(pieceUses(look).flatMap((use) => (rolesOf[layer].includes(use.role) ? [use.pieceId] : [])))
  const byId = new Map(look.pieces.map((piece) => [piece.id, piece]))
  return [...ids].flatMap((id) => byId.get(id) ?? [])
}

/** Whether two looks have a layer of the very same pieces. */
export function sameLayer(a: Look, b: Look, layer: Layer): boolean {
  const [first, second] = [a, b].map((look) => layerPieces(look, layer).map((piece) => piece.id))
  return first!.length === second!.length && first!.every((id) => second!.includes(id))
}
