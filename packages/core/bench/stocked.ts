import type { Look, Offer, Piece } from '@hestiad/core'
import { generateLook } from '../test/support/generateLook.js'

/** A table with nothing in the middle and a cupboard of so many owned pieces: the demo's, and others of the same forms in gray; so many offers at the most. */
export function stocked({ guests, owned, offers }: { guests: number; owned: number; offers: number }): Look {
  const look: Look = { ...generateLook(12, { guests, pieces: 1, manner: 'laid' }), centerpiece: [] }
  const had = look.pieces.filter((piece) => piece.owned > 0)
  const rounds = Math.ceil(Math.max(0, owned - had.length) / had.length)
  const more = Array.from({ length: rounds }, (_, round) => round)
    .flatMap((round) =>
      had.map((piece): Piece => ({ ...piece, id: `${piece.id}-b${round}`, name: `${piece.name}, gray`, color: grays[round % grays.length]! }))
    )
    .slice(0, Math.max(0, owned - had.length))
  const pieces = [...look.pieces, ...more]
  const again = Array.from({ length: Math.max(0, offers - look.offers.length) }, (_, i): Offer => {
    const model = look.offers[i % look.offers.length]!
    return { ...model, id: `${model.id}-b${i}`, pieceId: pieces[(i * 7) % pieces.length]!.id }
  })
  return { ...look, pieces, offers: [...look.offers, ...again].slice(0, Math.max(offers, look.offers.length)) }
}
const grays = ['#b3b1aa', '#8d8a84', '#d4d0c6', '#6f6d69', '#c9c2b2']
