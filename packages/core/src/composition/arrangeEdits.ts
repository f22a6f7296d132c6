import { standings } from '../centerpiece/standing.js'
import { makeEdit, type Edit } from '../design/edit.js'
import type { Look, Placed } from '../design/look.js'
import { withAllAbove } from '../design/takeOff.js'
import { reachMm } from '../geometry/footprint.js'
import { numberedId } from '../units/slug.js'

/** Pieces of one name that move together; all of them let go when they are one group already. */
export function groupEdit(look: Look, ids: readonly string[]): Edit {
  const chosen = look.centerpiece.filter((placed) => ids.includes(placed.id))
  const [first] = chosen
  const together = first?.group != null && chosen.every((placed) => placed.group === first.group)
  const known = look.centerpiece.flatMap((placed) => (placed.group === null ? [] : [{ id: placed.group }]))
  const name = together ? null : numberedId('group', known, 1)
  return makeEdit(look, 'group', (draft) => {
    for (const placed of draft.centerpiece) {
      if (together && placed.group === first.group) placed.group = null
      else if (!together && ids.includes(placed.id)) placed.group = name
    }
  })
}

/** All chosen pieces put on the long axis. */
export function alignEdit(look: Look, ids: readonly string[], middleY: number): Edit {
  return makeEdit(look, 'move', (draft) => {
    for (const placed of draft.centerpiece) if (ids.includes(placed.id) && placed.on === null && !placed.locked) placed.yMm = Math.round(middleY)
  })
}

/** The chosen pieces between the first and the last of them along the table moved so that the gaps between all are equal. */
export function distributeEdit(look: Look, ids: readonly string[]): Edit {
  const row = standings(look)
    .filter((one) => ids.includes(one.placed.id) && one.placed.on === null)
    .sort((a, b) => a.pose.x - b.pose.x)
  const [first, last] = [row[0], row[row.length - 1]]
  if (!first || !last || row.length < 3) return makeEdit(look, 'move', () => {})
  const taken = row.slice(1, -1).reduce((sum, one) => sum + 2 * reachMm(one.foot), 0)
  const free = last.pose.x - reachMm(last.foot) - (first.pose.x + reachMm(first.foot)) - taken
  const gap = free / (row.length - 1)
  let at = first.pose.x + reachMm(first.foot) + gap
  const spots = new Map<string, number>()
  for (const one of row.slice(1, -1)) {
    spots.set(one.placed.id, Math.round(at + reachMm(one.foot)))
    at += 2 * reachMm(one.foot) + gap
  }
  return makeEdit(look, 'move', (draft) => {
    for (const placed of draft.centerpiece) if (spots.has(placed.id) && !placed.locked) placed.xMm = spots.get(placed.id)!
  })
}

/** A copy of a piece, with all that stands on it, at its mirror image across the middle. */
export function mirrorEdit(look: Look, placedId: string): Edit {
  const copied = withAllAbove(look, placedId)
  const self = look.centerpiece.find((placed) => placed.id === placedId)
  if (!self || self.on !== null) return makeEdit(look, 'put-on', () => {})
  return makeEdit(look, 'put-on', (draft) => {
    const names = new Map<string, string>()
    for (const placed of look.centerpiece) {
      if (!copied.has(placed.id)) continue
      const id = numberedId(placed.pieceId, draft.centerpiece, 1)
      names.set(placed.id, id)
      const own = placed.id === placedId
      const copy: Placed = {
        ...structuredClone(placed),
        id,
        locked: false,
        on: own ? null : (names.get(placed.on ?? '') ?? null),
        xMm: -placed.xMm,
        turnDeg: -placed.turnDeg
      }
      draft.centerpiece.push(copy as (typeof draft.centerpiece)[number])
    }
  })
}

/** Ids that move when one does: its group, and in mirror mode the like piece at its mirror image. */
export function movedWith(look: Pick<Look, 'centerpiece'>, placedId: string): readonly string[] {
  const self = look.centerpiece.find((placed) => placed.id === placedId)
  if (!self || self.group === null) return [placedId]
  return look.centerpiece.filter((placed) => placed.group === self.group && placed.on === null).map((placed) => placed.id)
}

/** The like piece at the mirror image of one across the middle, within an inch; null where there is none. */
export function twinOf(look: Pick<Look, 'centerpiece'>, placedId: string): string | null {
  const self = look.centerpiece.find((placed) => placed.id === placedId)
  if (!self || self.on !== null) return null
  const near = (placed: Placed) => Math.hypot(placed.xMm + self.xMm, Math.abs(placed.yMm) - Math.abs(self.yMm)) <= 25.4
  return look.centerpiece.find((placed) => placed.id !== placedId && placed.on === null && placed.pieceId === self.pieceId && near(placed))?.id ?? null
}
