import type { Guest } from '../design/look.js'
import type { Dish } from '../design/menu.js'
import { avoidedBy, verdictOf } from './diet.js'

/** Guests who cannot eat a dish by what is said of it, and those for whom nobody has said enough; guests without a diet are in neither. */
export function whoCannotEat(
  dish: Pick<Dish, 'name' | 'contains'>,
  guests: readonly Guest[]
): { readonly cannot: readonly Guest[]; readonly unchecked: readonly Guest[] } {
  const judged = guests.flatMap((guest) => {
    const avoided = avoidedBy(guest.diet)
    return avoided.groups.size + avoided.words.length + avoided.byName.length === 0 ? [] : [{ guest, verdict: verdictOf(dish, avoided) }]
  })
  const those = (verdict: (typeof judged)[number]['verdict']) => judged.filter((one) => one.verdict === verdict).map(({ guest }) => guest)
  return { cannot: those('has-it'), unchecked: those('not-checked') }
}
