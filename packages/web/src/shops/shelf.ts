import type { Look, Offer, Piece, PieceKind, Shelf } from '@hestiad/core'
import { api } from '../api/calls.js'

/** What the shops sell of some kinds on the day a look's prices are of. @throws where the server is away */
export async function shelfOf(look: Look, kinds: readonly PieceKind[]): Promise<Shelf> {
  const day = look.buying.pricesOn ?? ''
  const answers = await Promise.all(kinds.map((kind) => api.listArticles({ kind, day })))
  const articles = answers.flatMap((answer) => answer.articles)
  return { pieces: articles.map((article) => article.piece as Piece), offers: articles.flatMap((article) => article.offers as readonly Offer[]) }
}
