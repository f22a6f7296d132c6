import { lengthOf, widthOf } from '../../composition/families.js'
import { item, skirtGapMm, type Item } from '../item.js'
import type { Table } from '../mass.js'
import type { Option, Stock } from '../stock.js'
import { besideMm } from './lights.js'

/** Greens wider than this are no skirt but a hedge; a little more of their length than it takes, so that the ends meet. Our own starting values. */
const WIDEST_MM = 135
const EASE = 1.02
/** A little more than the fit asks. */
const AIR_MM = 2

/** Greens close round the foot of a hero in flower, fresh ones first; undefined where none is long enough, or the look is to be sparse. */
export function skirtOf(hero: Item, { brief }: Table, { garland }: Stock): Item | undefined {
  const { piece } = hero.option
  if (piece.kind !== 'vessel' || !hero.flowers || hero.kept || brief.look.school.fullness === 'sparse') return undefined
  const closes = (option: Option) => roundFoot(option, piece.widestMm) <= 1 && widthOf(option.piece) <= WIDEST_MM
  const greens = garland.filter(closes).sort((a, b) => Number(b.piece.material === 'plant') - Number(a.piece.material === 'plant'))[0]
  if (!greens) return undefined
  const part = Math.ceil(1000 * roundFoot(greens, piece.widestMm)) / 1000
  return { ...item(greens, 'skirt', hero.x, hero.y, { part }), roundMm: piece.widestMm / 2 + widthOf(greens.piece) }
}

/** The share of its length that closes round a foot. */
const roundFoot = ({ piece }: Option, footMm: number) => (EASE * Math.PI * (footMm + widthOf(piece))) / lengthOf(piece)

/** How far from a hero in its greens a light stands: clear of its flowers and of the leaves round its foot. */
export function besideSkirtedMm(hero: Item, skirt: Item, light: Option, { brief }: Table): number {
  return Math.max(besideMm(hero, light, brief), skirt.roundMm + skirtGapMm(skirt, item(light, 'light', 0), brief) + AIR_MM)
}
