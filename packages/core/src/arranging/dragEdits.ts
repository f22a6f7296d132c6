import { makeEdit, type Edit } from '../design/edit.js'
import { changePlaced } from '../design/edits/middle.js'
import type { Look } from '../design/look.js'
import type { Standing } from '../centerpiece/standing.js'
import { toFrame, type Point } from '../geometry/point.js'
import { movedWith, twinOf, type MirrorAxis } from './arrangeEdits.js'
import type { Onto } from './dropOnto.js'

/**
 * A shift by so much on the table of a piece and its group, given to each in the frame of what it stands on; with `mirror` its twin moves as its
 * image does. What is locked stays.
 */
export function shiftEdit(look: Look, placedId: string, by: Point, mirror: MirrorAxis | null = null): Edit {
  const ids = movedWith(look, placedId)
  const twin = mirror ? twinOf(look, placedId, mirror) : null
  const turn = supportTurnRad(look, placedId)
  const [cos, sin] = [Math.cos(-turn), Math.sin(-turn)]
  const self = look.centerpiece.find((one) => one.id === placedId)
  return makeEdit(look, 'move', (draft) => {
    for (const placed of draft.centerpiece) {
      if (placed.locked) continue
      if (ids.includes(placed.id)) {
        placed.xMm = Math.round(placed.xMm + by.x * cos - by.y * sin)
        placed.yMm = Math.round(placed.yMm + by.x * sin + by.y * cos)
      } else if (placed.id === twin) {
        const across = mirror === 'sides' || Math.sign(placed.yMm || 1) !== Math.sign(self?.yMm || 1)
        placed.xMm = Math.round(placed.xMm + (mirror === 'sides' ? by.x : -by.x))
        placed.yMm = Math.round(placed.yMm + (across ? -by.y : by.y))
      }
    }
  })
}

/** How far all that a piece stands on is turned, one after the other. */
function supportTurnRad(look: Look, placedId: string): number {
  const byId = new Map(look.centerpiece.map((placed) => [placed.id, placed]))
  const seen = new Set<string>()
  let turn = 0
  for (let on = byId.get(placedId)?.on ?? null; on !== null && !seen.has(on); on = byId.get(on)?.on ?? null) {
    seen.add(on)
    turn += ((byId.get(on)?.turnDeg ?? 0) * Math.PI) / 180
  }
  return turn
}

/** A piece put on or in a support, or down on the table, at a spot of the table. */
export function dropEdit(look: Look, self: Standing, spot: Point, onto: Onto | null): Edit {
  const at = onto ? toFrame(onto.below.pose, spot) : spot
  const place = { on: onto?.below.placed.id ?? null, level: onto?.level ?? 0, xMm: Math.round(at.x), yMm: Math.round(at.y) }
  return changePlaced(look, self.placed.id, place, 'move')
}
