import { pieceIndex } from '../design/find.js'
import type { Look, Placed } from '../design/look.js'
import { allSettings } from '../design/settingIds.js'
import { isStanding } from '../design/piece.js'
import type { Fault } from '../lists/fault.js'
import { placedFaults } from './checkLook.js'

/** Everything in a file that names what is not there: guests in wishes, kinds by guest, stars, other uses, orders, variants, levels. */
export function danglingIds(look: Look): Fault[] {
  return [...guestFaults(look), ...starFaults(look), ...pieceFaults(look), ...buyingFaults(look), ...variantFaults(look), ...levelFaults(look)]
}

const nobody = (place: string, id: string): Fault => ({ place, message: `names the guest ${id}, who is not of the company` })
const nothing = (place: string, id: string): Fault => ({ place, message: `names the piece ${id}, which the look does not carry` })

function guestFaults(look: Look): Fault[] {
  const ids = new Set(look.guests.map((guest) => guest.id))
  const wishes = look.guests.flatMap((guest, i) =>
    (['near', 'apart'] as const).flatMap((wish) =>
      guest[wish].flatMap((id, j): Fault[] => {
        const place = `/guests/${i}/${wish}/${j}`
        if (id === guest.id) return [{ place, message: 'names the guest themself' }]
        return ids.has(id) ? [] : [nobody(place, id)]
      })
    )
  )
  const keys = new Set(look.kinds.others.map((other) => other.key))
  const kinds = look.kinds.byGuest.flatMap(({ guestId, key }, i): Fault[] => [
    ...(ids.has(guestId) ? [] : [nobody(`/kinds/byGuest/${i}/guestId`, guestId)]),
    ...(keys.has(key) ? [] : [{ place: `/kinds/byGuest/${i}/key`, message: `there is no setting of kind ${key}` }])
  ])
  return [...wishes, ...kinds]
}

function starFaults(look: Look): Fault[] {
  const places = ['/setting', ...look.kinds.others.map((_, i) => `/kinds/others/${i}/setting`)]
  return allSettings(look).flatMap((setting, i): Fault[] => {
    const layers = [...setting.plateIds, setting.breadPlateId, setting.napkin?.pieceId, ...setting.glassIds, setting.favorId]
    if (setting.starId === null || layers.includes(setting.starId)) return []
    return [{ place: `${places[i]}/starId`, message: `${setting.starId} is no layer of this setting` }]
  })
}

function pieceFaults(look: Look): Fault[] {
  const index = pieceIndex(look)
  const uses = look.pieces.flatMap((piece, i): Fault[] => {
    if (piece.of === null) return []
    const place = `/pieces/${i}/of`
    if (piece.of === piece.id) return [{ place, message: 'is another use of itself' }]
    return index.has(piece.of) ? [] : [nothing(place, piece.of)]
  })
  const groups = look.interchangeable.flatMap((group, i) => group.flatMap((id, j) => (index.has(id) ? [] : [nothing(`/interchangeable/${i}/${j}`, id)])))
  return [...uses, ...groups]
}

function buyingFaults(look: Look): Fault[] {
  const index = pieceIndex(look)
  const offers = new Set(look.offers.map((offer) => offer.id))
  const orders = look.buying.orders.flatMap((order, i) =>
    order.lines.flatMap(({ offerId }, j): Fault[] =>
      offers.has(offerId) ? [] : [{ place: `/buying/orders/${i}/lines/${j}/offerId`, message: `names the offer ${offerId}, which the look does not carry` }]
    )
  )
  const borrowed = look.buying.borrowed.flatMap(({ pieceId }, i) => (index.has(pieceId) ? [] : [nothing(`/buying/borrowed/${i}/pieceId`, pieceId)]))
  return [...orders, ...borrowed]
}

function variantFaults(look: Look): Fault[] {
  return look.variants.flatMap((variant, i) => {
    const seen = new Set<string>()
    const within = { ...look, centerpiece: variant.centerpiece }
    return variant.centerpiece.flatMap((placed, j): Fault[] => {
      const place = `/variants/${i}/centerpiece/${j}`
      const twice = seen.has(placed.id)
      seen.add(placed.id)
      return [...(twice ? [{ place: `${place}/id`, message: `the id ${placed.id} is used twice` }] : []), ...placedFaults(within, placed, place)]
    })
  })
}

function levelFaults(look: Look): Fault[] {
  return look.centerpiece.flatMap((placed, i): Fault[] => {
    if (placed.level === 0) return []
    const most = levelsOf(look, placed)
    return placed.level <= most
      ? []
      : [{ place: `/centerpiece/${i}/level`, message: `there is no level ${placed.level}: what it stands on has ${most} above its floor` }]
  })
}

function levelsOf(look: Look, placed: Placed): number {
  const below = look.centerpiece.find((other) => other.id === placed.on)
  const piece = below ? pieceIndex(look).get(below.pieceId) : undefined
  return piece && isStanding(piece) && piece.kind === 'tray' ? piece.upper.length : 0
}
