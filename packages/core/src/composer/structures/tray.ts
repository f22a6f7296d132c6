import type { Extent } from '../../design/piece.js'
import type { Cast } from '../cast.js'
import { lengthOf, widthOf } from '../../composition/families.js'
import { isOpenFlame, item, leafGapMm, radiusOf, type Item } from '../item.js'
import { massAt, type Table } from '../mass.js'
import { bothSides, lightsAt } from './lights.js'

/** A tray at the middle square to the table; on it hero, light and low accent in a triangle; matched lights beyond its ends or nothing. */
export function gatheredTray(cast: Cast, table: Table): Item[][] {
  const { base, hero, light, accent } = cast
  if (!base || !hero || base.piece.kind !== 'tray') return []
  const { wallMm, extent } = base.piece
  const inner = 2 * wallMm + 12
  const halfX = (lengthOf(base.piece) - inner) / 2
  const halfY = (widthOf(base.piece) - inner) / 2
  const tray = item(base, 'base', 0, 0)
  const topMm = table.brief.clearTopMm - base.piece.floorMm
  return [1, 0.85, 0.7].flatMap((scale) => {
    const probe = massAt(table, cast, hero, 'hero', 0, 0, scale * Math.min(2 * halfY * 1.12, 1.05 * halfX), topMm)
    if (!probe) return []
    const foot = widthOf(hero.piece) / 2
    const main = { ...probe, x: -Math.min(0.42 * halfX, halfX - foot - 8), y: 0, onBase: true }
    const rest = beside(cast, table, main, halfX, halfY, isRounded(extent))
    const tails = light && !rest.some((one) => one.role === 'light') && light.count >= 2 ? beyond(cast, table, main) : []
    const more = accent && rest.length > 0 ? [[tray, main, ...rest, ...tails]] : []
    return [...more, ...(tails.length > 0 ? [[tray, { ...main, x: 0 }, ...tails]] : []), ...(rest.length > 0 ? [[tray, main, ...rest]] : [])]
  })
}

const isRounded = ({ kind }: Extent) => kind === 'round' || kind === 'oval'

/** Lights at the far end, one behind the other where they clear the leaves and each other, and accents in what is left before them. */
function beside({ light, accent }: Cast, table: Table, main: Item, halfX: number, halfY: number, rounded: boolean): Item[] {
  const items: Item[] = []
  /** How far to its side a thing stands wholly on the tray; on a round or oval one less toward its ends. */
  const sideMm = (x: number, r: number) => {
    const along = Math.abs(x) / Math.max(1, halfX - r)
    return (halfY - r) * (rounded ? Math.sqrt(Math.max(0, 1 - along * along)) : 1)
  }
  const from = main.x + radiusOf(main)
  if (light) {
    const one = item(light, 'light', 0)
    const r = radiusOf(one)
    const x = Math.max(from + (isOpenFlame(one) ? leafGapMm(table.brief) + 2 : r + 14), 0.3 * halfX)
    const y = sideMm(x, r) - 2
    const two = light.count >= 2 && 2 * y >= (isOpenFlame(one) ? 84 : 2 * r + 8)
    if (x + r <= halfX) items.push(...(two ? [y, -y] : [Math.max(0, Math.min(y, 0.34 * halfY))]).map((at) => ({ ...one, x, y: at, onBase: true })))
  }
  if (accent) {
    const r = radiusOf(item(accent, 'accent', 0))
    const foot = main.x + widthOf(main.option.piece) / 2
    const spots = [0.42, 0.62, 0.2].flatMap((share) =>
      [-1, 1].map((side) => {
        const x = foot + r + 8 + share * (halfX - foot - 2 * r)
        return { x, y: side * Math.max(0, sideMm(x, r) - 3) }
      })
    )
    for (const spot of spots) {
      const clear = items.every((other) => Math.hypot(other.x - spot.x, other.y - spot.y) >= radiusOf(other) + r + 5)
      if (
        clear &&
        r <= halfY &&
        spot.x + r <= halfX &&
        spot.x - r >= foot + 4 &&
        items.filter((one) => one.role === 'accent').length < Math.min(3, accent.count)
      )
        items.push(item(accent, 'accent', spot.x, spot.y, { onBase: true }))
    }
  }
  return items
}

/** Matched lights beyond both ends of the tray. */
function beyond({ light, base }: Cast, table: Table, main: Item): Item[] {
  const half = lengthOf(base!.piece) / 2
  const x = Math.max(half + 70 + radiusOf(item(light!, 'light', 0)), radiusOf(main) + leafGapMm(table.brief) + 4)
  return lightsAt(light, bothSides(x))
}
