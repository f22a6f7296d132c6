import type { Cast } from '../cast.js'
import { widthOf } from '../../composition/families.js'
import { item, radiusOf, type Item } from '../item.js'
import { heroWidthMm, massAt, mirrored, type Table } from '../mass.js'
import { besideMm, bothSides, lightsAt, ringSpots } from './lights.js'

const quarters = [0.25, 0.75, 1.25, 1.75].map((part) => part * Math.PI)

/** A mound round a hero: sizes fall outward and nearly touch, the outline an ellipse along the table. */
export function patch(cast: Cast, table: Table): Item[][] {
  const { hero, support, accent, light } = cast
  if (!hero || !accent) return []
  const main = massAt(table, cast, hero, 'hero', 0, 0, heroWidthMm(table) * 0.92)
  if (!main) return []
  const r = radiusOf(item(accent, 'accent', 0))
  const layouts: Item[][] = []
  for (const wide of [true, false]) {
    const items: Item[] = [main]
    let x = radiusOf(main)
    if (support && wide) {
      const probe = massAt(table, cast, support, 'support', 0, 0, 0.6 * 2 * radiusOf(main), 0.72 * table.brief.clearTopMm)
      if (!probe) continue
      x += 10 + radiusOf(probe)
      items.push(...mirrored({ ...probe, x })!)
      x += radiusOf(probe)
    }
    const out = Math.max(widthOf(main.option.piece) / 2 + r + 14, 0.86 * radiusOf(main) + 0.4 * r)
    const angles = support && wide ? [70, 110, 250, 290] : [0, 60, 120, 180, 240, 300]
    items.push(...angles.map((degrees) => item(accent, 'accent', 1.08 * out * Math.cos((degrees * Math.PI) / 180), out * Math.sin((degrees * Math.PI) / 180))))
    if (!(support && wide)) x = Math.max(x, 1.08 * out + r)
    if (accent.count < items.filter((one) => one.role === 'accent').length) continue
    const last = items.find((one) => one.role === 'support') ?? main
    const away = light ? Math.max(x + 30 + radiusOf(item(light, 'light', 0)), Math.abs(last.x) + besideMm(last, light, table.brief, 60)) : 0
    const lights = light ? lightsAt(light, bothSides(away)) : []
    layouts.push([...items, ...lights])
    // where guests sit all round there is more room toward the corners
    if (light && table.frame.ring && light.count >= 4) layouts.push([...items, ...lightsAt(light, ringSpots(besideMm(main, light, table.brief, 60), quarters))])
    if (lights.length > 0) layouts.push(items)
  }
  return layouts
}
