import { pieceIndex } from '../design/find.js'
import type { Look, Placed } from '../design/look.js'
import { pieceUses, roleKinds } from '../design/pieceUses.js'
import { isStanding, type PieceKind } from '../design/piece.js'
import { isSupport } from '../solids/pieceSolids.js'
import type { Fault } from '../lists/fault.js'

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
  if (look.table.leaves.in > look.table.leaves.owned) faults.push({ place: '/table/leaves/in', message: 'is more than the leaves owned' })
  if (look.table.seatHeightMm >= look.table.heightMm) faults.push({ place: '/table/seatHeightMm', message: 'must be less than heightMm' })
  return faults
}

function usedPieces(look: Look): Fault[] {
  const index = pieceIndex(look)
  const offered = look.offers.map(({ pieceId }, i) => ({ role: null, pieceId, at: ['offers', i, 'pieceId'] }))
  const used = pieceUses(look).filter((use) => use.role !== 'middle' && use.role !== 'star')
  return [...used, ...offered].flatMap(({ role, pieceId, at }): Fault[] => {
    const place = `/${at.join('/')}`
    const piece = index.get(pieceId)
    if (!piece) return [{ place, message: `names the piece ${pieceId}, which the look does not carry` }]
    const kinds: readonly PieceKind[] | null = role && roleKinds[role]
    if (!kinds || kinds.includes(piece.kind)) return []
    return [{ place, message: `needs a ${kinds.join(' or ')}, but ${pieceId} is a ${piece.kind}` }]
  })
}

/** What is wrong with one placed piece. */
export function placedFaults(look: Look, placed: Placed, place: string): Fault[] {
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
