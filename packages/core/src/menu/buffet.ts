import { pieceIndex } from '../design/find.js'
import type { Look } from '../design/look.js'
import type { Serving } from './dishes.js'
import { BUFFET_DISH_MM, GUESTS_PER_SHARED } from '../reference/portions.js'

/** A station of the buffet, in the order guests walk. */
export interface BuffetStation {
  readonly what: 'plates' | 'dish' | 'cutlery'
  readonly dishId: string | null
  readonly fromMm: number
  readonly toMm: number
}

/** Plates first, hot mains, sides, salads, bread and sauces, desserts, cutlery and napkins last: common practice, no source. */
const order = ['main', 'soup', 'side', 'salad', 'bread', 'sauce', 'dessert'] as const

/** The run of a buffet from its beginning, each station its width; empty when nothing is served from it. */
export function buffetRun(servings: readonly Serving[]): BuffetStation[] {
  const dishes = servings
    .filter((serving) => serving.service === 'buffet' && serving.vessels > 0)
    .sort((a, b) => order.indexOf(a.dish.portion) - order.indexOf(b.dish.portion))
  if (dishes.length === 0) return []
  const stations = [
    { what: 'plates' as const, dishId: null },
    ...dishes.flatMap(({ dish, vessels }) => Array.from({ length: vessels }, () => ({ what: 'dish' as const, dishId: dish.id }))),
    { what: 'cutlery' as const, dishId: null }
  ]
  return stations.map((station, i) => ({ ...station, fromMm: i * BUFFET_DISH_MM, toMm: (i + 1) * BUFFET_DISH_MM }))
}

/** How many sets of salt and pepper stand in the middle already. */
export function saltOnTable(look: Pick<Look, 'pieces' | 'centerpiece'>): number {
  const index = pieceIndex(look)
  return look.centerpiece.filter(({ pieceId }) => {
    const piece = index.get(pieceId)
    return piece?.kind === 'ornament' && piece.form === 'shakers'
  }).length
}

/** Small things shared at the table, one to every four guests: salt always, butter with bread, sauce as the menu has. */
export function sharedItems(look: Pick<Look, 'guests' | 'menu'>): { readonly what: 'salt' | 'butter' | 'water-jug'; readonly count: number }[] {
  const count = Math.ceil(look.guests.length / GUESTS_PER_SHARED)
  const has = (portion: string) => look.menu.dishes.some((dish) => dish.portion === portion)
  return [
    ...(look.menu.dishes.length > 0 ? [{ what: 'salt' as const, count }] : []),
    ...(has('bread') ? [{ what: 'butter' as const, count }] : []),
    ...(look.menu.drinks.includes('water') ? [{ what: 'water-jug' as const, count }] : [])
  ]
}
