import type { Standing } from '../centerpiece/standing.js'
import type { Ornament } from '../design/piece.js'
import { fuelOf, liesFlat, type Fuel } from '../reference/burning.js'
import { isBody, type WorldSolid } from '../solids/solid.js'

/** Something that burns, as a flame meets it. */
export interface Burns {
  readonly solid: WorldSolid
  readonly fuel: Exclude<Fuel, 'none'>
  /** Cloth or paper: clear where it lies well below the flame. */
  readonly flat: boolean
}

/** Light, loose stuff catches at once whatever it is made of: shavings of wood are no board. */
const loose: ReadonlySet<Ornament['form']> = new Set(['moss', 'grass', 'greens', 'garland', 'pods', 'wreath'])

const known = new WeakMap<Standing, readonly Burns[]>()

/** What of a piece burns: its flowers by what they are, the piece itself by its material; its candle and its glass do not. */
export function burnsOf(standing: Standing): readonly Burns[] {
  const earlier = known.get(standing)
  if (earlier) return earlier
  const own = ownFuel(standing)
  const flat = liesFlat.has(standing.piece.material)
  const burns = standing.solids.flatMap((solid): Burns[] => {
    if (solid.part === 'filling') return fillingOf(standing, solid)
    if (solid.part === 'stems' || solid.part === 'heads') return [{ solid, fuel: standing.dryFlowers ? 'dry' : 'fresh', flat: false }]
    return own !== 'none' && isBody(solid) ? [{ solid, fuel: own, flat }] : []
  })
  known.set(standing, burns)
  return burns
}

/** What lies loose in a piece burns as it would on the table. */
function fillingOf({ filling }: Standing, solid: WorldSolid): Burns[] {
  const fuel = filling ? fuelOf[filling.material] : 'none'
  return fuel === 'none' ? [] : [{ solid, fuel, flat: filling !== null && liesFlat.has(filling.material) }]
}

/** How a piece itself takes fire. */
export function ownFuel({ piece }: Standing): Fuel {
  const fuel = fuelOf[piece.material]
  return fuel === 'wood' && piece.kind === 'ornament' && loose.has(piece.form) ? 'dry' : fuel
}
