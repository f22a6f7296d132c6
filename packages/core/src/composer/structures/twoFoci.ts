import { OPEN_MIDDLE_MM } from '../../reference/composition.js'
import type { Cast } from '../cast.js'
import { radiusOf, type Item } from '../item.js'
import { heroWidthMm, isTight, massAt, mirrored, roomAt, type Table } from '../mass.js'
import { besideMm, bothSides, lightsAt } from './lights.js'

/** Twins at equal distance from the middle, each with lights to both sides; the middle stays free for talk or food. */
export function twoFoci(cast: Cast, table: Table): Item[][] {
  const { hero, light } = cast
  const { frame } = table
  if (!hero || hero.count < 2) return []
  return spots(table).flatMap((away) => {
    const one = massAt(table, cast, hero, 'hero', away, 0, Math.min(heroWidthMm(table, away), roomAt(table, -away)) * 0.92)
    const twins = mirrored(one)
    if (!one || !twins || 2 * (away - radiusOf(one)) < OPEN_MIDDLE_MM + 60) return []
    if (!light) return [twins]
    const reach = besideMm(one, light, table.brief)
    const inner = away - reach
    const outer = away + reach
    const out = lightsAt(light, bothSides(outer))
    const inn = lightsAt(light, bothSides(inner))
    const open = 2 * (inner - radiusOf(inn[0]!)) >= OPEN_MIDDLE_MM
    const four = light.count >= 4 && open && outer < frame.halfMm ? [[...twins, ...inn, ...out]] : []
    return [...four, ...(outer < frame.halfMm ? [[...twins, ...out]] : []), ...(open ? [[...twins, ...inn]] : []), ...(isTight(table) ? [twins] : [])]
  })
}

/** At gaps between guests near a quarter of the table from its middle, and there by itself. */
function spots({ frame }: Table): number[] {
  const wanted = (frame.ring ? 0.42 : 0.5) * frame.halfMm
  const bays = frame.bays.filter((x) => x > 150 && Math.abs(x - wanted) < 260)
  return [...new Set([...bays.sort((a, b) => Math.abs(a - wanted) - Math.abs(b - wanted)), wanted, 0.6 * frame.halfMm].map(Math.round))]
}
