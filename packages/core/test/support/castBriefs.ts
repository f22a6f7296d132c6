import { moods, newGuest, type Look, type PaletteEntry, type Piece, type Random } from '@hestiad/core'
import { demoLook } from './looks.js'

/** So many of a kind are in a small cupboard: casts that can be gone through one by one. */
const small: Readonly<Record<string, number>> = {
  cloth: 3,
  runner: 4,
  'plate dinner': 4,
  'plate charger': 3,
  'plate salad': 3,
  'plate bowl': 2,
  napkin: 5,
  'glass water': 4
}

/** A brief of a seed with a small cupboard: table, company, hour, money, palette, mood and liking differ. */
export function castBrief(random: Random): Look {
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!
  const { pieces: all, offers } = demoLook()
  const demo = demoLook(pick(['pearl-anniversary', 'ferry-crew', 'mending-circle', 'ordinary-week']))
  const stock = all.map((piece) => ({ piece, lot: random() })).sort((a, b) => a.lot - b.lot) // prettier-ignore
  const taken = new Map<string, number>()
  const pieces = stock.flatMap(({ piece }) => {
    const job = 'role' in piece && (piece.kind === 'plate' || piece.kind === 'glass') ? `${piece.kind} ${piece.role}` : piece.kind
    const count = (taken.get(job) ?? 0) + 1
    taken.set(job, count)
    // prices differ, so that some has to be bought
    return count <= (small[job] ?? Infinity) ? [{ ...piece, owned: pick([0, piece.owned, piece.owned, 24]) } as Piece] : []
  })
  const colors = pieces.filter((piece) => ['napkin', 'runner', 'cloth', 'plate'].includes(piece.kind)).map((piece) => piece.color)
  const roles = ['base', 'support', 'accent', 'accent'] as const
  const palette: PaletteEntry[] = roles.slice(0, Math.floor(random() * 5)).map((role) => ({ color: pick(colors), role }))
  const endMin = pick([14 * 60, 21 * 60, 23 * 60])
  return {
    ...demo,
    pieces,
    guests: Array.from({ length: 2 + Math.floor(random() * 9) }, (_, i) => newGuest(i + 1)),
    offers: pieces.map((piece, i) => ({
      ...offers[0]!,
      id: `offer-${i}`,
      pieceId: piece.id,
      priceCents: 200 + Math.floor(random() * 2000),
      packSize: pick([1, 4]),
      stock: 40
    })),
    occasion: { ...demo.occasion, arriveMin: endMin - 180, endMin, courses: pick([['main'], ['salad', 'main'], ['soup', 'main', 'dessert']] as const) },
    menu: { ...demo.menu, drinks: pick([['water'], ['water', 'white'], ['water', 'white', 'red']] as const) },
    money: { ...demo.money, totalCents: pick([5_000, 40_000, 90_000]) },
    intent: {
      ...demo.intent,
      palette,
      anchorId: null,
      avoid: [],
      moods: [pick(moods)],
      touches: random() < 0.3 ? [{ kind: 'taste', what: pick(['linen', 'blue', 'brass']), where: 'Ada' }] : []
    }
  }
}
