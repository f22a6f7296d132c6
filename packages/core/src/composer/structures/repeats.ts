import { isLongTable } from '../../composition/frames.js'
import type { Item } from '../item.js'
import type { Table } from '../mass.js'

const GROUP_STEP_MM = 1060
const GROUP_HALF_MM = 230
const THREE_LEAST_MM = 600
const PAIR_LEAST_MM = 450
/** Two groups stand so far out along the free spine. Our own starting value. */
const PAIR_SHARE = 0.55

/** Three spots about two places apart, in line with the gaps between guests first; none where there is no room for them. */
export function threeSpots({ frame }: Table): number[][] {
  const wanted = Math.min(GROUP_STEP_MM, frame.halfMm - GROUP_HALF_MM)
  return steps(frame.bays, wanted, THREE_LEAST_MM).map((step) => [-step, 0, step])
}

const twoSpots = ({ frame }: Table) => steps(frame.bays, PAIR_SHARE * frame.halfMm, PAIR_LEAST_MM).map((step) => [-step, step])

/** The gap between guests nearest to a spot, where one is near, and the spot itself. */
function steps(bays: readonly number[], wanted: number, least: number): number[] {
  if (wanted < least) return []
  const near = bays.filter((x) => Math.abs(x - wanted) < 150).sort((a, b) => Math.abs(a - wanted) - Math.abs(b - wanted))
  return [...new Set([...near.slice(0, 1), wanted].map(Math.round))]
}

/** On a long table a tray or board and all about it again, three times or twice as there are things for it, the left half the mirror image; then as it was. */
export function repeated(layouts: readonly Item[][], table: Table): Item[][] {
  if (!isLongTable(table.frame)) return [...layouts]
  const spots = [...threeSpots(table), ...twoSpots(table)]
  return [
    ...spots.flatMap((xs) => layouts.filter((items) => areEnough(items, xs.length)).map((items) => xs.flatMap((x, group) => groupAt(items, x, group)))),
    ...layouts
  ]
}

function areEnough(items: readonly Item[], times: number): boolean {
  return items.every(({ option }) => times * items.filter((one) => one.option.piece.id === option.piece.id).length <= option.count)
}

function groupAt(items: readonly Item[], x: number, group: number): Item[] {
  const side = x < 0 ? -1 : 1
  return items.map((one) => ({ ...one, group, x: (one.onBase ? 0 : x) + side * one.x }))
}
