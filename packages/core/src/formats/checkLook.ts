import { pieceIndex } from '../design/find.js'
import type { Look, Placed, PlaceSetting } from '../design/look.js'
import { isStanding, type PieceKind } from '../design/piece.js'
import { isSupport } from '../solids/pieceSolids.js'
import { isCalendarDay } from '../units/clock.js'
import type { Fault } from './fault.js'

/** What a look of the right form can still have wrong: ids twice or unknown, the wrong kind of piece, supports in a ring, times out of order. */
export function checkLook(look: Look): Fault[] {
  return [
    ...repeatedIds(look),
    ...timesAndLeaves(look),
    ...usedPieces(look),
    ...look.centerpiece.flatMap((placed, i) => placedFaults(look, placed, `/centerpiece/${i}`))
  ]
}

function repeatedIds(look: Look): Fault[] {
  const lists = {
    guests: look.guests,
    'menu/dishes': look.menu.dishes,
    'kinds/others': look.kinds.others.map((other) => ({ id: other.key })),
    centerpiece: look.centerpiece,
    pieces: look.pieces,
    offers: look.offers
  }
  return Object.entries(lists).flatMap(([name, items]) => {
    const seen = new Set<string>()
    return items.flatMap((item, i): Fault[] => {
      const repeated = seen.has(item.id)
      seen.add(item.id)
      return repeated ? [{ place: `/${name}/${i}/id`, message: `the id ${item.id} is used twice` }] : []
    })
  })
}

function timesAndLeaves(look: Look): Fault[] {
  const faults: Fault[] = []
  if (look.occasion.endMin <= look.occasion.arriveMin) faults.push({ place: '/occasion/endMin', message: 'must be later than arriveMin' })
  if (!isCalendarDay(look.occasion.date)) faults.push({ place: '/occasion/date', message: 'is no day of the calendar' })
  if (look.table.leaves.in > look.table.leaves.owned) faults.push({ place: '/table/leaves/in', message: 'is more than the leaves owned' })
  if (look.table.seatHeightMm >= look.table.heightMm) faults.push({ place: '/table/seatHeightMm', message: 'must be less than heightMm' })
  return faults
}

type Use = readonly [place: string, id: string | null | undefined, kind: PieceKind | readonly PieceKind[] | 'any']

function usedPieces(look: Look): Fault[] {
  const { linens } = look
  const uses: Use[] = [
    ['/linens/clothId', linens.clothId, 'cloth'],
    ['/linens/runner/pieceId', linens.runner?.pieceId, ['runner', 'cloth']],
    ['/linens/matId', linens.matId, 'mat'],
    ['/linens/topper/pieceId', linens.topper?.pieceId, 'cloth'],
    ...settingUses(look.setting, '/setting'),
    ...look.kinds.others.flatMap((other, i) => settingUses(other.setting, `/kinds/others/${i}/setting`)),
    ...look.menu.dishes.map((dish, i): Use => [`/menu/dishes/${i}/vesselId`, dish.vesselId, 'any']),
    ...look.menu.dishes.map((dish, i): Use => [`/menu/dishes/${i}/toolId`, dish.toolId, 'tool']),
    ...look.centerpiece.flatMap((placed, i): Use[] => [
      [`/centerpiece/${i}/candle/candleId`, placed.candle?.candleId, 'candle'],
      ...(placed.arrangement?.stems ?? []).map((s, j): Use => [`/centerpiece/${i}/arrangement/stems/${j}/stemId`, s.stemId, 'stem'])
    ]),
    ...look.offers.map((offer, i): Use => [`/offers/${i}/pieceId`, offer.pieceId, 'any'])
  ]
  const index = pieceIndex(look)
  return uses.flatMap(([place, id, kind]): Fault[] => {
    if (id == null) return []
    const piece = index.get(id)
    if (!piece) return [{ place, message: `names the piece ${id}, which the look does not carry` }]
    if (kind === 'any' || kind === piece.kind || (Array.isArray(kind) && kind.includes(piece.kind))) return []
    return [{ place, message: `needs a ${String(kind).replace(',', ' or ')}, but ${id} is a ${piece.kind}` }]
  })
}

function settingUses(setting: PlaceSetting, place: string): Use[] {
  return [
    [`${place}/breadPlateId`, setting.breadPlateId, 'plate'],
    [`${place}/napkin/pieceId`, setting.napkin?.pieceId, 'napkin'],
    [`${place}/favorId`, setting.favorId, 'any'],
    ...setting.plateIds.map((id, i): Use => [`${place}/plateIds/${i}`, id, 'plate']),
    ...setting.flatwareIds.map((id, i): Use => [`${place}/flatwareIds/${i}`, id, 'flatware']),
    ...setting.substitutes.map((one, i): Use => [`${place}/substitutes/${i}/pieceId`, one.pieceId, 'flatware']),
    ...setting.glassIds.map((id, i): Use => [`${place}/glassIds/${i}`, id, 'glass'])
  ]
}

function placedFaults(look: Look, placed: Placed, place: string): Fault[] {
  const index = pieceIndex(look)
  const piece = index.get(placed.pieceId)
  if (!piece) return [{ place: `${place}/pieceId`, message: `names the piece ${placed.pieceId}, which the look does not carry` }]
  if (!isStanding(piece)) return [{ place: `${place}/pieceId`, message: `a ${piece.kind} does not stand in the middle` }]
  const faults: Fault[] = []
  if (placed.candle && piece.kind !== 'holder') faults.push({ place: `${place}/candle`, message: `a ${piece.kind} holds no candle` })
  if (placed.arrangement && piece.kind !== 'vessel') faults.push({ place: `${place}/arrangement`, message: `a ${piece.kind} holds no stems` })
  return [...faults, ...supportFaults(look, placed, place)]
}

function supportFaults(look: Look, placed: Placed, place: string): Fault[] {
  const index = pieceIndex(look)
  const seen = new Set([placed.id])
  let { on, how } = placed
  while (on !== null) {
    const below: Placed | undefined = look.centerpiece.find((other) => other.id === on)
    if (!below) return [{ place: `${place}/on`, message: `stands on ${on}, which is not on the table` }]
    if (seen.has(below.id)) return [{ place: `${place}/on`, message: 'stands on itself by way of others' }]
    const piece = index.get(below.pieceId)
    if (how === 'standing' && (!piece || !isStanding(piece) || !isSupport(piece)))
      return [{ place: `${place}/on`, message: `${on} carries nothing: only a riser, a tray or a vessel does` }]
    seen.add(below.id)
    ;({ on, how } = below)
  }
  return []
}
