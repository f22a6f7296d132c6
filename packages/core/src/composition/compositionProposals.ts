import { takeOffProposal } from '../centerpiece/centerpieceProposals.js'
import type { Surroundings } from '../centerpiece/freeSpot.js'
import { putNear } from '../centerpiece/putNear.js'
import { raiseEdit } from '../centerpiece/raiseEdit.js'
import { vanishes } from '../centerpiece/vanishes.js'
import { standings, type Standing } from '../centerpiece/standing.js'
import { applyEdit, makeEdit } from '../design/edit.js'
import { pieceIndex } from '../design/find.js'
import type { FindingCode, FindingOf, Proposal } from '../design/finding.js'
import type { Look, Placed } from '../design/look.js'
import { meantProposal } from '../design/meant.js'
import { middleEdit } from '../design/middleEdit.js'
import { isStanding, type StandingPiece } from '../design/piece.js'
import { sparePieces } from '../design/spare.js'
import { swapProposals } from '../design/swap.js'
import { takeOffAllEdit } from '../design/takeOff.js'
import { footprintMm2 } from '../geometry/footprint.js'
import { halfLengthMm } from '../geometry/outline.js'
import type { Point } from '../geometry/point.js'
import { greenMaterials, LOW_MM, OPEN_MIDDLE_MM } from '../reference/composition.js'
import { isUseful, type CompositionFigures } from './compositionFigures.js'
import { visualWeight } from './visualWeight.js'

type Around = Surroundings & { readonly composition: CompositionFigures }

type ComposeCode = Extract<FindingCode, `compose.${string}`>
type ProposeRule<Code extends ComposeCode> = (look: Look, finding: FindingOf<Code>, around: Around) => Proposal[]

/** Ways to keep each rule of composition, the least disturbing first. */
const byRule: { readonly [Code in ComposeCode]: ProposeRule<Code> } = {
  'compose.levels': (look) => [...onRisers(look, standings(look)), ...risen(look)],
  'compose.neighbors': (look, { at }) => [...exchanged(look, at.placedId), ...replaced(look, at.placedId)],
  'compose.groups': (look, _, around) => groupMended(look, around),
  'compose.balance': (look, _, around) => shiftedToBalance(look, standings(look), around.outline),
  'compose.sparse': (look, _, around) => moreThings(look, around, standings(look)),
  'compose.crowded': (look, _, around) => fewerThings(look, around, standings(look)),
  'compose.scale': (look, { at }) => replaced(look, at.placedId),
  'compose.back': (look, { at }) => [...turnedRound(look, at.placedId), ...replaced(look, at.placedId)],
  'compose.spread': (look, _, around) => accentSpread(look, around),
  'compose.finish': (look, _, around) => added(look, around, () => true, 6),
  'compose.green': (look, _, around) => added(look, around, (piece) => greenMaterials.includes(piece.material), 3),
  'compose.light': (look, _, around) => added(look, around, (piece) => piece.kind === 'holder', 3),
  'compose.useful': (look, _, around) => added(look, around, isUseful, 3),
  'compose.middle': (look) => [openedMiddle(look)]
}

/** Ways to keep a rule of composition; last of all to break it on purpose. */
export function compositionProposals(look: Look, finding: FindingOf<ComposeCode>, around: Around): Proposal[] {
  const propose = byRule[finding.code] as ProposeRule<ComposeCode>
  return [...propose(look, finding, around), meantProposal(look, finding.code)]
}

/** Things that stand on the table moved up onto stands of the house that are free. */
function onRisers(look: Look, standing: readonly Standing[]): Proposal[] {
  const risers = sparePieces(look).filter((piece) => piece.kind === 'riser')
  const movable = standing.filter((one) => one.placed.on === null && !one.placed.locked && one.piece.kind !== 'tray' && one.piece.kind !== 'riser')
  return risers
    .flatMap((riser) => movable.map((one) => ({ riser, one, shows: vanishes(look, one, riser) === null })))
    .sort((a, b) => Number(a.shows) - Number(b.shows))
    .slice(0, 6)
    .map(({ riser, one }) => ({
      code: 'put-on-riser' as const,
      edit: raiseEdit(look, one.placed.id, riser.id),
      params: { placedId: one.placed.id, pieceId: riser.id }
    }))
}

/** Flowers cut lower or let rise. */
function risen(look: Look): Proposal[] {
  return look.centerpiece
    .filter((placed) => placed.arrangement && !placed.locked)
    .flatMap((placed) =>
      [-80, 80, 160].map((byMm) => ({
        code: 'rise' as const,
        edit: makeEdit(look, 'florals', (draft) => {
          const { arrangement } = draft.centerpiece.find((one) => one.id === placed.id)!
          arrangement!.riseMm = Math.max(30, arrangement!.riseMm + byMm)
        }),
        params: { placedId: placed.id, byMm }
      }))
    )
    .slice(0, 6)
}

/** A piece changes places with others that stand on the table by themselves. */
function exchanged(look: Look, placedId: string): Proposal[] {
  const self = look.centerpiece.find((placed) => placed.id === placedId)
  if (!self || self.on !== null || self.locked) return []
  return look.centerpiece
    .filter((other) => other.id !== placedId && other.on === null && !other.locked && other.pieceId !== self.pieceId && other.part === 1)
    .slice(0, 8)
    .map((other) => ({
      code: 'exchange' as const,
      edit: makeEdit(look, 'move', (draft) => {
        const [a, b] = [placedId, other.id].map((id) => draft.centerpiece.find((placed) => placed.id === id)!)
        const at = { xMm: a!.xMm, yMm: a!.yMm }
        Object.assign(a!, { xMm: b!.xMm, yMm: b!.yMm })
        Object.assign(b!, at)
      }),
      params: { placedId, otherId: other.id }
    }))
}

function replaced(look: Look, placedId: string): Proposal[] {
  const placed = look.centerpiece.find((one) => one.id === placedId)
  if (!placed) return []
  return [...swapProposals(look, placed.pieceId, (piece) => piece.owned > 0, 3), takeOffProposal(look, placedId)]
}

/** One more of a piece of the group, or one fewer. */
function groupMended(look: Look, { outline, laid, composition }: Around): Proposal[] {
  const wantsOdd = look.school.groups === 'odd'
  const group = composition.groups.find((ids) => (ids.length % 2 === 1) !== wantsOdd)
  if (!group) return []
  const first = look.centerpiece.find((placed) => placed.id === group[0])!
  const more = sparePieces(look)
    .slice(0, 3)
    .flatMap((piece) => addNear(look, piece, { x: first.xMm, y: first.yMm }, { outline, laid }))
  const uneven = composition.groups.filter((ids) => (ids.length % 2 === 1) !== wantsOdd)
  const off = uneven.map((ids) => ids[ids.length - 1]!)
  const thin = takeOffAllEdit(look, off)
  const other = wantsOdd ? 'pairs' : 'odd'
  const call = makeEdit(look, 'school', (draft) => void (draft.school.groups = other))
  return [
    ...more,
    ...group.map((placedId) => takeOffProposal(look, placedId)),
    { code: 'thin-out', edit: thin, params: { count: off.length } },
    { code: 'groups', edit: call, params: { groups: other } }
  ]
}

function addNear(look: Look, piece: StandingPiece, near: Point, surroundings: Surroundings, candle: Placed['candle'] = null): Proposal[] {
  const { edit, free } = putNear(look, piece, near, surroundings, candle)
  return free ? [{ code: 'add-piece', edit, params: { pieceId: piece.id } }] : []
}

/** All that is not locked shifted so that its weight lies in the middle; or the heaviest of the heavier side off. */
function shiftedToBalance(look: Look, standing: readonly Standing[], outline: Surroundings['outline']): Proposal[] {
  const index = pieceIndex(look)
  const middleY = outline.kind === 'polygon' ? outline.middleY : 0
  const weights = standing.map((one) => visualWeight(one, index))
  const total = weights.reduce((sum, weight) => sum + weight, 0)
  const free = standing.filter((one) => !one.placed.locked)
  const loose = free.reduce((sum, one) => sum + visualWeight(one, index), 0)
  if (total === 0 || loose === 0) return []
  const off = standing.reduce((sum, one, i) => ({ x: sum.x + weights[i]! * one.pose.x, y: sum.y + weights[i]! * (one.pose.y - middleY) }), { x: 0, y: 0 })
  const shift = makeEdit(look, 'move', (draft) => {
    for (const placed of draft.centerpiece) {
      if (placed.on !== null || placed.locked) continue
      placed.xMm = Math.round(placed.xMm - off.x / loose)
      placed.yMm = Math.round(placed.yMm - off.y / loose)
    }
  })
  const heavy = standing
    .map((one, i) => ({ one, pull: weights[i]! * (one.pose.x * Math.sign(off.x) + one.pose.y * Math.sign(off.y)) }))
    .filter(({ one }) => one.placed.on === null && !one.placed.locked)
    .sort((a, b) => b.pull - a.pull)
    .slice(0, 3)
  return [
    { code: 'shift-all', edit: shift, params: { byMm: Math.hypot(off.x, off.y) / loose } },
    ...heavy.map(({ one }) => takeOffProposal(look, one.placed.id))
  ]
}

/** More of what is there and owned, or other things of the house, until the table is full enough. */
function moreThings(look: Look, surroundings: Around, standing: readonly Standing[]): Proposal[] {
  const { density } = surroundings.composition.score
  const spare = sparePieces(look).filter((piece) => piece.kind !== 'holder')
  const fuller = { sparse: 'sparse', usual: 'sparse', lush: 'usual' } as const
  const lower = makeEdit(look, 'school', (draft) => void (draft.school.fullness = fuller[look.school.fullness]))
  const flat = spare.filter((piece) => standing.every((one) => one.piece.id !== piece.id)).slice(0, 4)
  return [
    ...flat.flatMap((piece) => added(look, surroundings, (one) => one.id === piece.id, 1)),
    ...(density && density.share < density.least && look.school.fullness !== 'sparse'
      ? [{ code: 'fullness' as const, edit: lower, params: { fullness: fuller[look.school.fullness] } }]
      : [])
  ]
}

/** The least things off until there is air, or called lusher. */
function fewerThings(look: Look, { composition }: Around, standing: readonly Standing[]): Proposal[] {
  const { density } = composition.score
  const over = density ? (1 - density.most / Math.max(density.share, density.most)) * composition.covered * composition.middle.areaMm2 : 0
  const free = standing.filter((one) => one.placed.on === null && !one.placed.locked).sort((a, b) => footprintMm2(a.foot) - footprintMm2(b.foot))
  const off: string[] = []
  let gone = 0
  for (const one of free) {
    if (gone >= over * 1.1) break
    off.push(one.placed.id)
    gone += footprintMm2(one.foot)
  }
  const thin = takeOffAllEdit(look, off)
  const lusher = { sparse: 'usual', usual: 'lush', lush: 'lush' } as const
  const call = makeEdit(look, 'school', (draft) => void (draft.school.fullness = lusher[look.school.fullness]))
  return [
    ...(off.length < free.length ? [{ code: 'thin-out' as const, edit: thin, params: { count: off.length } }] : []),
    ...(look.school.fullness === 'lush' ? [] : [{ code: 'fullness' as const, edit: call, params: { fullness: lusher[look.school.fullness] } }])
  ]
}

function turnedRound(look: Look, placedId: string): Proposal[] {
  const turn = makeEdit(look, 'turn', (draft) => {
    const placed = draft.centerpiece.find((one) => one.id === placedId)!
    placed.turnDeg = (placed.turnDeg + 180) % 360
  })
  return [{ code: 'turn-round', edit: turn, params: { placedId } }]
}

/** A lone accent taken to the other thirds of the table, or off. */
function accentSpread(look: Look, { composition, outline, laid }: Around): Proposal[] {
  const lone = composition.accents.find((accent) => accent.placedIds.length + accent.laid < 3 || accent.oneThird)
  if (!lone) return []
  const first = look.centerpiece.find((placed) => placed.id === lone.placedIds[0])
  if (!first) return []
  const piece = pieceIndex(look).get(first.pieceId)
  const copies = [-0.6, 0.6].map((share) => Math.round(share * halfLengthMm(outline)))
  const echoed = copies.reduce((sofar, x) => {
    const { edit, free } = piece && isStanding(piece) ? putNear(sofar, piece, { x, y: 0 }, { outline, laid }) : { edit: null, free: false }
    return edit && free ? applyEdit(sofar, edit) : sofar
  }, look)
  const echo = middleEdit(look, 'put-on', echoed)
  const without = takeOffAllEdit(look, lone.placedIds)
  return [
    ...(piece && piece.owned > 2 ? [{ code: 'echo' as const, edit: echo, params: { pieceId: first.pieceId } }] : []),
    { code: 'without-accent', edit: without, params: { color: lone.color } }
  ]
}

/** Things of the house that are not on the table yet, at the nearest free spot; holders with a candle that stands in them. */
function added(look: Look, surroundings: Surroundings, suits: (piece: StandingPiece) => boolean, most: number): Proposal[] {
  const used = new Set(look.centerpiece.map((placed) => placed.pieceId))
  return look.pieces
    .filter((piece): piece is StandingPiece => isStanding(piece) && piece.owned > 0 && !used.has(piece.id) && suits(piece))
    .slice(0, most)
    .flatMap((piece) => {
      const candle =
        piece.kind === 'holder' ? look.pieces.find((one) => one.kind === 'candle' && one.form === piece.takes && one.diameterMm <= piece.cupMm) : undefined
      return addNear(look, piece, { x: 0, y: 0 }, surroundings, candle ? { candleId: candle.id, lightAtMin: look.occasion.arriveMin } : null)
    })
}

/** What stands in the very middle moved outward to both sides. */
function openedMiddle(look: Look): Proposal {
  const edit = makeEdit(look, 'move', (draft) => {
    draft.centerpiece
      .filter((placed) => placed.on === null && !placed.locked && Math.hypot(placed.xMm, placed.yMm) < OPEN_MIDDLE_MM)
      .forEach((placed, i) => {
        placed.xMm = (placed.xMm === 0 ? (i % 2 === 0 ? 1 : -1) : Math.sign(placed.xMm)) * (OPEN_MIDDLE_MM + LOW_MM)
      })
  })
  return { code: 'open-middle', edit, params: {} }
}
