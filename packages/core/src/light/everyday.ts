import { applyEdit } from '../design/edit.js'
import { findPiece, pieceIndex } from '../design/find.js'
import type { Look, PlaceSetting } from '../design/look.js'
import { takeOffAllEdit } from '../design/takeOff.js'
import { candleOf, withoutFlames } from './otherCandles.js'

/**
 * The same look as it stays for days: nothing burns (flameless where every flame has a fitting one, else candles and what holds them go), the cloth
 * is off, and at each place is what a meal of every day asks. What is said of the evening's look is not said of this one.
 */
export function everydayOf(look: Look, name: string): Look {
  const day = { ...look, name, intent: { ...look.intent, use: 'daily' as const }, verdicts: [], lookAgainOn: null }
  const [first] = withoutFlames(day)
  const isFlameless = first?.code === 'no-flames'
  const dark = isFlameless ? applyEdit(day, first.edit) : withoutCandles(day)
  const index = pieceIndex(dark)
  return {
    ...dark,
    linens: { ...dark.linens, clothId: null, topper: null },
    setting: plainly(dark.setting, index),
    kinds: { ...dark.kinds, others: dark.kinds.others.map((one) => ({ ...one, setting: plainly(one.setting, index) })) }
  }
}

/** Candles go with their holders: an empty candlestick is no everyday thing. */
function withoutCandles(look: Look): Look {
  const lit = look.centerpiece.filter((placed) => candleOf(look, placed)?.burn.kind === 'wax')
  return applyEdit(look, takeOffAllEdit(look, lit.map((placed) => placed.id))) // prettier-ignore
}

/** Without chargers, bread plates, wine glasses, cards and favors; the napkin a plain band to the left. */
function plainly(setting: PlaceSetting, index: ReturnType<typeof pieceIndex>): PlaceSetting {
  const plates = setting.plateIds.filter((id) => findPiece(index, id, 'plate')?.role !== 'charger')
  const water = setting.glassIds.filter((id) => findPiece(index, id, 'glass')?.role === 'water')
  return {
    ...setting,
    plateIds: plates.length > 0 ? plates : setting.plateIds,
    breadPlateId: null,
    glassIds: water.length > 0 ? water : setting.glassIds.slice(0, 1),
    napkin: setting.napkin && { ...setting.napkin, place: 'left', fold: 'band' },
    card: false,
    favorId: null
  }
}
