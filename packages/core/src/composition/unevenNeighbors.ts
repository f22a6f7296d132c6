import type { Standing } from '../centerpiece/standing.js'
import { extentSize } from '../design/piece.js'
import { distanceMm } from '../geometry/point.js'
import { greenMaterials, NEIGHBORS_MM, SCALE_APART } from '../reference/composition.js'

/** Two things that stand beside each other, one so many times as large as the other. */
export interface Uneven {
  readonly large: Standing
  readonly small: Standing
  readonly times: number
}

/** The two neighbors on the table whose sizes are farthest apart, where that is too far; a light beside a centerpiece, greens and leaves are no neighbors of it. */
export function unevenNeighbors(standing: readonly Standing[]): Uneven | null {
  const things = standing
    .filter((one) => one.placed.on === null && one.placed.how === 'standing' && one.candle === null && !greenMaterials.includes(one.piece.material))
    .map((one) => ({ one, sizeMm: sizeMm(one) }))
  let worst: Uneven | null = null
  things.forEach((a, i) => {
    for (const b of things.slice(0, i)) {
      if (distanceMm(a.one.pose, b.one.pose) - a.one.reachMm - b.one.reachMm > NEIGHBORS_MM) continue
      const [large, small] = a.sizeMm > b.sizeMm ? [a, b] : [b, a]
      const times = large.sizeMm / small.sizeMm
      if (times > SCALE_APART && times > (worst?.times ?? 0)) worst = { large: large.one, small: small.one, times }
    }
  })
  return worst
}

/** How large a thing looks: the middle of its height and its width, a string of beads as thick as its beads. */
function sizeMm({ piece, topMm, footMm, reachMm }: Standing): number {
  const widthMm = piece.kind === 'ornament' ? extentSize(piece.extent).widthMm : 2 * reachMm
  return Math.sqrt(Math.max(1, widthMm) * Math.max(1, topMm - footMm))
}
