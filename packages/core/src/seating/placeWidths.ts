import type { Guest, Table } from '../design/look.js'
import { placeWidthMm } from '../reference/places.js'
import { ARMCHAIR_MM, CHAIR_GAP_MM, HIGH_CHAIR_MM, seatRoomMm, wheelchairMm } from '../reference/room.js'

/** Width of the edge a guest asks for beyond what everybody gets; 0 for most. */
export function widthAskedMm(guest: Guest, table: Pick<Table, 'chair'>): number {
  if (guest.wheelchair) return wheelchairMm.kneeWidth
  if (guest.chair === 'armchair' && table.chair.kind === 'side') return Math.max(seatRoomMm.arm, ARMCHAIR_MM + CHAIR_GAP_MM)
  return guest.chair === 'high-chair' ? HIGH_CHAIR_MM + CHAIR_GAP_MM : 0
}

/**
 * Parts an edge among guests side by side: equal widths where they do; else who asks for more gets it from the others, as long as those keep
 * a tight place.
 */
export function shareWidths(totalMm: number, askedMm: readonly number[]): number[] {
  const equal = totalMm / Math.max(1, askedMm.length)
  if (askedMm.every((asked) => asked <= equal)) return askedMm.map(() => equal)
  const { base, granted } = settle(equal, (widths) => totalMm - widths.reduce((sum, width) => sum + width, 0), askedMm)
  return askedMm.map((asked) => widthOf(asked, base, granted))
}

/** A guest's width when all have a base and those who ask for more are granted a share of the difference. */
export function widthOf(askedMm: number, base: number, granted: number): number {
  return base + granted * Math.max(0, askedMm - base)
}

/** The base and share at which the widths just fill an edge; `leftMm` tells what of it they leave over (below zero: lack). */
export function settle(
  equalMm: number,
  leftMm: (widths: readonly number[]) => number,
  askedMm: readonly number[]
): { readonly base: number; readonly granted: number } {
  const least = Math.min(equalMm, placeWidthMm.tight)
  const left = (base: number, granted: number) => leftMm(askedMm.map((asked) => widthOf(asked, base, granted)))
  if (left(least, 1) >= 0) return { base: halve(least, equalMm, (base) => left(base, 1)), granted: 1 }
  return { base: least, granted: halve(0, 1, (granted) => left(least, granted)) }
}

/** Where a falling function passes zero between two arguments. */
function halve(low: number, high: number, f: (at: number) => number): number {
  for (let round = 0; round < 50 && high - low > 1e-9; round++) {
    const middle = (low + high) / 2
    if (f(middle) >= 0) low = middle
    else high = middle
  }
  return low
}
