import type { Cast } from '../cast.js'
import { heightOf, lengthOf, widthOf } from '../../composition/families.js'
import { item, radiusOf, type Item } from '../item.js'
import type { Table } from '../mass.js'
import type { Option } from '../stock.js'

/** Two lengths lie over one another by this much. */
const OVERLAP_MM = 60
/** Sticks in greenery stand this high at the least, or burn in glass. Design of the composer. */
const STICK_LEAST_MM = 150

/** Whether a light may stand in greens: in glass as high as its flame, high above the leaves, or flameless. */
export function isAboveGreens(option: Option): boolean {
  const { piece, candle } = option
  if (piece.kind !== 'holder') return false
  return candle?.burn.kind === 'flameless' || piece.chimney !== null || piece.heightMm >= STICK_LEAST_MM
}

/** Greens along less of the table than this are no garland. Design of the composer. */
const LEAST_SHARE = 0.28

/** Greens along the spine, lights of one family set into them at equal steps, accents tucked between in pairs. */
export function garland(cast: Cast, table: Table): Item[][] {
  const { base, light, accent } = cast
  if (!base) return []
  const { frame } = table
  return [0.68, 0.56, 0.45, 0.34].flatMap((share) => {
    const wantedMm = Math.min(share * 2 * frame.tableHalfMm, 2 * frame.halfMm - 40)
    const greens = wantedMm < LEAST_SHARE * 2 * frame.tableHalfMm ? undefined : lengths(base, wantedMm)
    if (!greens) return []
    const lengthMm = greens.reduce((most, one) => Math.max(most, Math.abs(one.x) + (lengthOf(base.piece) * one.part) / 2), 0) * 2
    const steps = Math.max(2, Math.min(Math.round(lengthMm / 390), light?.count ?? 2))
    const spots = Array.from({ length: steps }, (_, i) => ((i - (steps - 1) / 2) * lengthMm) / steps)
    const lights = light ? spots.map((x) => item(light, 'light', x, 0)) : []
    const tucked = accent ? tuck(accent, table, spots, light ? 0 : 1) : []
    return [[...greens, ...lights, ...tucked], ...(tucked.length > 0 && lights.length > 0 ? [[...greens, ...lights]] : [])].filter(
      (one) => one.length > greens.length
    )
  })
}

/** Whole garlands end to end and equal, the same cut from each; undefined where there are not enough. */
function lengths(base: Option, wantedMm: number): Item[] | undefined {
  const wholeMm = lengthOf(base.piece)
  const count = Math.max(1, Math.ceil((wantedMm - OVERLAP_MM) / (wholeMm - OVERLAP_MM)))
  if (count > base.count) return undefined
  const eachMm = Math.min(wholeMm, (wantedMm + (count - 1) * OVERLAP_MM) / count)
  const step = eachMm - OVERLAP_MM
  const part = Math.round(Math.min(1, eachMm / wholeMm) * 1000) / 1000
  return Array.from({ length: count }, (_, i) => item(base, 'base', (i - (count - 1) / 2) * step, 0, { part }))
}

/** Between the lights, one to each side of the spine by turns. */
function tuck(accent: Option, table: Table, spots: readonly number[], outward: 0 | 1): Item[] {
  const between = outward === 1 ? spots : spots.slice(1).map((x, i) => (x + spots[i]!) / 2)
  const away = Math.min(48, widthOf(accent.piece) / 2)
  const laid = between.map((x, i) =>
    item(accent, 'accent', x, (i % 2 === 0 ? 1 : -1) * away * (between.length % 2 === 1 && i === (between.length - 1) / 2 ? 0 : 1))
  )
  return laid.length >= 2 &&
    laid.length <= accent.count &&
    heightOf(accent.piece) < table.brief.clearTopMm &&
    radiusOf(laid[0] ?? { option: accent, flowers: null }) < 90
    ? laid
    : []
}
