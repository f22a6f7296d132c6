import type { Placed } from '../design/look.js'
import { part, sameList } from '../subject/part.js'
import { standings } from './standing.js'

/** All placed pieces in the table's frame; the same list while none of them changed. */
export const standingPart = part({ reads: ['centerpiece', 'pieces'], needs: {}, work: standings, same: sameList })

/** What stands in the middle and what is in it, whatever the spot: the last list for as long as things only moved. */
export const middleUsePart = part({
  reads: ['centerpiece'],
  needs: {},
  work: ({ centerpiece }) => centerpiece,
  same: (before, after) => before.length === after.length && before.every((one, i) => sameUse(one, after[i]!))
})

function sameUse(one: Placed, other: Placed): boolean {
  return (
    one === other ||
    (one.id === other.id &&
      one.pieceId === other.pieceId &&
      one.candle === other.candle &&
      one.arrangement === other.arrangement &&
      one.part === other.part &&
      one.on === other.on &&
      one.atMeal === other.atMeal)
  )
}
