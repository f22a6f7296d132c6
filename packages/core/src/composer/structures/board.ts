import type { Cast } from '../cast.js'
import { lengthOf, widthOf } from '../../composition/families.js'
import { item, radiusOf, type Item } from '../item.js'
import { budAt, mirrored, type Table } from '../mass.js'
import { bothSides, lightsAt } from './lights.js'

/** A board with food in threes, twin lights and bud vases beyond its ends. */
export function edibleBoard(cast: Cast, table: Table): Item[][] {
  const { base, hero, accent, light, support } = cast
  if (!base || !accent || base.piece.kind !== 'tray') return []
  const halfX = lengthOf(base.piece) / 2
  const halfY = widthOf(base.piece) / 2
  const board = item(base, 'base', 0, 0)
  const tall = hero && radiusOf(item(hero, 'hero', 0)) <= halfY + 10 ? item(hero, 'hero', 0, 0, { onBase: true }) : null
  const r = radiusOf(item(accent, 'accent', 0))
  if (r > halfY) return []
  const first = tall ? radiusOf(tall) + r + 12 : 0
  const places = tall ? [first, first + 2 * r + 10] : [0, 2 * r + 14, 4 * r + 28]
  const xs = places.filter((x) => x + r <= halfX).flatMap((x) => (x === 0 ? [0] : [-x, x]))
  if (xs.length < 2 || accent.count < xs.length) return []
  const food = xs.map((x) => item(accent, 'accent', x, 0, { onBase: true }))
  const plain = [board, ...(tall ? [tall] : []), ...food]
  const layouts: Item[][] = []
  const x = halfX + 70 + (light ? radiusOf(item(light, 'light', 0)) : 0)
  const lights = light ? lightsAt(light, bothSides(x)) : []
  const buds = support ? mirrored(budAt(table, cast, support, x + (light ? 150 : 10), 0)) : undefined
  if (buds) layouts.push([...plain, ...lights, ...buds])
  if (lights.length > 0) layouts.push([...plain, ...lights])
  if (!light) layouts.push(plain)
  return layouts
}
