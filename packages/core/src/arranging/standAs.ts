import { standings, type Standing } from '../centerpiece/standing.js'
import type { Edit } from '../design/edit.js'
import { changePlaced } from '../design/edits/middle.js'
import type { How, Look, Placed } from '../design/look.js'
import { halfLengthMm } from '../geometry/outline.js'
import { seatPlan } from '../seating/seatPlan.js'
import { panelOf } from '../solids/panel.js'
import { leanAgainst } from '../stability/holdProposals.js'

/** A board is first leaned at this angle: our own starting value. */
const LEAN_DEG = 18

/**
 * A piece stands on something, leans against it, hangs over it or goes round it. On a tray or a riser it goes to the middle, a board leans so that
 * it holds, back on the table it keeps its spot, over the table's edge it goes to the right end.
 */
export function standAs(look: Look, self: Standing, how: How, on: string | null): Edit {
  return changePlaced(look, self.placed.id, { level: 0, ...spotFor(look, self, how, on), how, on }, 'stand-on')
}

function spotFor(look: Look, self: Standing, how: How, on: string | null): Partial<Placed> {
  const onto = standings(look).find((one) => one.placed.id === on)
  const panel = panelOf(self.piece)
  if (how === 'leaning' && onto && panel) return leanAgainst(self, onto, panel, LEAN_DEG)
  if (on !== null) return { xMm: 0, yMm: 0 }
  if (how === 'draped') return { xMm: Math.round(halfLengthMm(seatPlan(look).outline)), yMm: 0, turnDeg: 0 }
  return { xMm: Math.round(self.pose.x), yMm: Math.round(self.pose.y) }
}
