import { newGuest } from '../design/newLook.js'
import type { Look } from '../design/look.js'
import { needGroups, type NeedGroup } from '../design/money.js'
import { buyList } from './buyList.js'
import { countedAs, needs } from './needs.js'

/** On what ground two looks are compared. */
export interface CompareTerms {
  /** Guests both are counted for. */
  readonly guests: number
  /** Whether pieces both looks use count. */
  readonly shared: 'in' | 'out'
  /** Whether what the household has is free, or both are priced as if everything were bought. */
  readonly owned: 'free' | 'priced'
}

/** One piece in one of the looks or in both: what it costs there, null where it is not used; a price nobody knows is a gap. */
export interface ComparedLine {
  readonly pieceId: string
  readonly name: string
  readonly group: NeedGroup
  readonly sides: readonly [ComparedSide | null, ComparedSide | null]
}

interface ComparedSide {
  readonly needed: number
  readonly short: number
  /** Of whole packs. */
  readonly cents: number
  readonly gapPieces: number
}

interface ComparedSums {
  readonly cents: number
  readonly perGuestCents: number
  /** Pieces without a known price; with any, the sum is too low and the comparison not fair. */
  readonly gapPieces: number
}

export interface LookComparison {
  readonly lines: readonly ComparedLine[]
  readonly groups: readonly { readonly group: NeedGroup; readonly cents: readonly [number, number] }[]
  readonly sums: readonly [ComparedSums, ComparedSums]
  /** Second less first. */
  readonly differenceCents: number
  readonly sharedLeftOut: number
}

/**
 * Two looks on the same ground: as many guests, nothing bought yet, no plan, the cheapest packs for each line alone; without delivery, coupons
 * and tax, which belong to a trip and not to a look. Sums in minor units. @throws RangeError when the currencies differ or nobody is to be counted
 */
export function compareLooks(first: Look, second: Look, terms: CompareTerms): LookComparison {
  if (first.money.currency !== second.money.currency) throw new RangeError(`${first.money.currency} cannot be compared with ${second.money.currency}`)
  if (!Number.isInteger(terms.guests) || terms.guests < 1) throw new RangeError('a comparison needs at least one guest')
  const sides = [sideOf(first, terms), sideOf(second, terms)] as const
  const ids = [...new Set([...sides[0].keys(), ...sides[1].keys()])]
  const all = ids.map((id): ComparedLine => {
    const [a, b] = [sides[0].get(id), sides[1].get(id)]
    const { name, group } = (a ?? b)!
    return { pieceId: id, name, group, sides: [a?.side ?? null, b?.side ?? null] }
  })
  const lines = terms.shared === 'in' ? all : all.filter((line) => line.sides[0] === null || line.sides[1] === null)
  const sumOf = (at: 0 | 1, of: (side: ComparedSide) => number, group?: NeedGroup) =>
    lines.reduce((sum, line) => sum + (line.sides[at] && (group === undefined || line.group === group) ? of(line.sides[at]) : 0), 0)
  const sums = ([0, 1] as const).map((at): ComparedSums => {
    const cents = sumOf(at, (side) => side.cents)
    return { cents, perGuestCents: Math.round(cents / terms.guests), gapPieces: sumOf(at, (side) => side.gapPieces) }
  }) as [ComparedSums, ComparedSums]
  return {
    lines,
    groups: needGroups.map((group) => ({ group, cents: [sumOf(0, (side) => side.cents, group), sumOf(1, (side) => side.cents, group)] })),
    sums,
    differenceCents: sums[1].cents - sums[0].cents,
    sharedLeftOut: all.length - lines.length
  }
}

function sideOf(look: Look, terms: CompareTerms): Map<string, { readonly name: string; readonly group: NeedGroup; readonly side: ComparedSide }> {
  const plain = { ...look.buying, orders: [], skipped: [], bought: [], draws: [] }
  const pieces = terms.owned === 'free' ? look.pieces : look.pieces.map((piece) => ({ ...piece, owned: 0 }))
  const counted: Look = { ...withGuests(look, terms.guests), pieces, buying: plain }
  const lines = new Map(buyList(counted).lines.map((line) => [line.need.piece.id, line]))
  const sides: ReturnType<typeof sideOf> = new Map()
  for (const { piece, group, needed, short } of needs(counted)) {
    if (needed === 0) continue
    const line = lines.get(piece.id)
    const before = sides.get(countedAs(piece))
    const side = {
      needed: needed + (before?.side.needed ?? 0),
      short: short + (before?.side.short ?? 0),
      cents: (line?.mix.costCents ?? 0) + (before?.side.cents ?? 0),
      gapPieces: (line?.gapPieces ?? 0) + (before?.side.gapPieces ?? 0)
    }
    sides.set(countedAs(piece), { name: before?.name ?? piece.name, group: before?.group ?? group, side })
  }
  return sides
}

/** The look for another number of guests: the last ones stay away, or unnamed ones come. */
export function withGuests(look: Look, count: number): Look {
  const more = Array.from({ length: Math.max(0, count - look.guests.length) }, (_, i) => ({
    ...newGuest(look.guests.length + i + 1),
    id: `counted-${i + 1}`
  }))
  return { ...look, guests: [...look.guests.slice(0, count), ...more] }
}
