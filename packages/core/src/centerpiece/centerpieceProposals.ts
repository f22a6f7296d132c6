import { makeEdit } from '../design/edit.js'
import type { FindingOf, Proposal } from '../design/finding.js'
import type { Look } from '../design/look.js'
import { takeOffEdit } from '../design/takeOff.js'
import { distanceMm, type Point } from '../geometry/point.js'
import { laidPlaces } from '../settings/laidPlaces.js'
import { smallerSetting } from '../settings/smallerSetting.js'
import { settingHit } from './collisions.js'
import { moveEdit } from './moveEdit.js'
import { freeSpot, type Surroundings } from './freeSpot.js'
import { standings } from './standing.js'

/** Moves a placed piece within the frame of what it stands on. */
export function moveProposal(look: Look, placedId: string, to: Point): Proposal {
  const placed = look.centerpiece.find((p) => p.id === placedId)!
  const at = { x: Math.round(to.x), y: Math.round(to.y) }
  return {
    code: 'move',
    edit: moveEdit(look, placedId, at),
    params: { placedId, byMm: distanceMm({ x: placed.xMm, y: placed.yMm }, at) }
  }
}

export function takeOffProposal(look: Look, placedId: string): Proposal {
  return { code: 'take-off', edit: takeOffEdit(look, placedId), params: { placedId } }
}

type Collision = FindingOf<'piece.off' | 'piece.support' | 'piece.setting' | 'piece.piece'>

/** A free spot nearby, smaller settings where it runs into one, down onto the table where it stands on something, or off the table. */
export function collisionProposals(look: Look, finding: Collision, around: Surroundings): Proposal[] {
  const { placedId } = finding.at
  const spot = freeSpot(look, placedId, around)
  const smaller = finding.code === 'piece.setting' ? smallerSetting(look, (one) => keepsClear(one, placedId)) : []
  return [...(spot ? [moveProposal(look, placedId, spot)] : []), ...smaller, ...standOnTable(look, placedId), takeOffProposal(look, placedId)]
}

/** Whether a piece runs into nothing that is laid before a guest. */
function keepsClear(look: Look, placedId: string): boolean {
  const self = standings(look).find((standing) => standing.placed.id === placedId)
  return !self || !settingHit(self, laidPlaces(look).laid)
}

/** Takes a piece down from what it stands on or leans against, to the same spot on the table. */
export function standOnTable(look: Look, placedId: string): Proposal[] {
  const self = standings(look).find((standing) => standing.placed.id === placedId)
  if (!self || self.placed.on === null) return []
  const edit = makeEdit(look, 'stand-on', (draft) => {
    const target = draft.centerpiece.find((p) => p.id === placedId)!
    Object.assign(target, { on: null, how: 'standing', level: 0 })
    target.xMm = Math.round(self.pose.x)
    target.yMm = Math.round(self.pose.y)
    target.turnDeg = (self.pose.turnRad * 180) / Math.PI
  })
  return [{ code: 'stand-on-table', edit, params: { placedId, byMm: self.footMm } }]
}
