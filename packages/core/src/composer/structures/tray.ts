import type { Cast } from '../cast.js'
import { lengthOf, widthOf } from '../../composition/families.js'
import { isOpenFlame, item, leafGapMm, radiusOf, type Item } from '../item.js'
import { massAt, type Table } from '../mass.js'
import { lightsAt } from './lights.js'

/** A tray at the middle square to the table; on it hero, light and low accent in a triangle; matched lights beyond its ends or nothing. */
export function gatheredTray(cast: Cast, table: Table): Item[][] {
  const { base, hero, light, accent } = cast
  if (!base || !hero || base.piece.kind !== 'tray') return []
  const inner = 2 * base.piece.wallMm + 12
  const halfX = (lengthOf(base.piece) - inner) / 2
  const halfY = (widthOf(base.piece) - inner) / 2
  const tray = item(base, 'base', 0, 0)
  const topMm = table.brief.clearTopMm - base.piece.floorMm
  return [1, 0.85, 0.7].flatMap((scale) => {
    const probe = massAt(table, cast, hero, 'hero', 0, 0, scale * Math.min(2 * halfY * 1.12, 1.05 * halfX), topMm)
    if (!probe) return []
    const foot = widthOf(hero.piece) / 2
    const main = { ...probe, x: -halfX + Math.max(foot + 8, 0.62 * radiusOf(probe)), y: 0, onBase: true }
    const rest = beside(cast, table, main, halfX, halfY)
    const tails = light && !rest.some((one) => one.role === 'light') && light.count >= 2 ? beyond(cast, table, main) : []
    const more = accent && rest.length > 0 ? [[tray, main, ...rest, ...tails]] : []
    return [...more, ...(tails.length > 0 ? [[tray, { ...main, x: 0 }, ...tails]] : []), ...(rest.length > 0 ? [[tray, main, ...rest]] : [])]
  })
}

/** A light at the far end, a second nearer the edge, an accent in the third corner. */
function beside({ light, accent }: Cast, table: Table, main: Item, halfX: number, halfY: number): Item[] {
  const items: Item[] = []
  const from = main.x + radiusOf(main)
  if (light) {
    const one = item(light, 'light', 0)
    const r = radiusOf(one)
    const away = isOpenFlame(one) ? leafGapMm(table.brief) + 2 : r + 14
    const x = Math.max(from + away, 0.3 * halfX)
    if (x + r <= halfX) items.push({ ...one, x, y: 0.34 * halfY * (r < 0.5 * halfY ? 1 : 0), onBase: true })
  }
  if (accent) {
    const r = radiusOf(item(accent, 'accent', 0))
    const lit = items[0]
    const x = lit ? lit.x - 0.1 * halfX : 0.5 * halfX
    const y = -halfY + r + 4
    const touches = lit && Math.hypot(lit.x - x, lit.y - y) < radiusOf(lit) + r + 6
    const clear = x - r > main.x + widthOf(main.option.piece) / 2 + 6
    if (!touches && clear && r <= halfY && x + r <= halfX) items.push(item(accent, 'accent', x, y, { onBase: true }))
  }
  return items
}

/** Matched lights beyond both ends of the tray. */
function beyond({ light, base }: Cast, table: Table, main: Item): Item[] {
  const half = lengthOf(base!.piece) / 2
  const x = Math.max(half + 70 + radiusOf(item(light!, 'light', 0)), radiusOf(main) + leafGapMm(table.brief) + 4)
  return lightsAt(light, [
    [-x, 0],
    [x, 0]
  ])
}
