import { lengthOf, widthOf } from '../../composition/families.js'
import { isOpenFlame, item, leafGapMm, radiusOf, type Item } from '../item.js'
import type { Table } from '../mass.js'
import type { Option, Stock } from '../stock.js'

/** Greens wider than this are no skirt but a hedge; a little more of their length than it takes, so that the ends meet. Our own starting values. */
const WIDEST_MM = 135
const EASE = 1.02
const GAP_MM = 12

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

/** How far from the middle of a skirt a light stands at the least. */
export function besideSkirtMm(skirt: Item, light: Option, { brief }: Table): number {
  const one = item(light, 'light', 0)
  const gapMm = isOpenFlame(one) ? leafGapMm(brief, skirt.option.piece.material === 'plant') + 2 : GAP_MM + radiusOf(one)
  return skirt.roundMm + gapMm
}
