import type { Standing } from '../centerpiece/standing.js'
import type { WorldSolid } from '../solids/solid.js'
import { hiddenShare } from './hiddenShare.js'
import type { Shadow } from './shadow.js'
import { shadowsOf } from './shadowsOf.js'
import type { SightLines } from './sightLines.js'

/** Taller than this is not asked about. */
const TALLEST_MM = 1200

/**
 * The greatest height at which a piece, stretched or squeezed upright from its foot, hides at most `limit` of any face by itself, millimeters
 * above the tabletop; to 1 mm by bisection. `limit` 0 gives the height at which it hides nobody.
 */
export function clearHeightMm(standing: Standing, lines: SightLines, limit: number): number {
  const earlier = heights.get(standing)
  if (earlier && earlier.lines === lines && earlier.limit === limit) return earlier.heightMm
  const heightMm = bisect(standing, lines, limit)
  heights.set(standing, { lines, limit, heightMm })
  return heightMm
}

const heights = new WeakMap<Standing, { lines: SightLines; limit: number; heightMm: number }>()

function bisect(standing: Standing, lines: SightLines, limit: number): number {
  const nowMm = standing.topMm - standing.footMm
  if (!(nowMm > 0)) return 0
  let low = 0
  let high = TALLEST_MM
  while (high - low > 1) {
    const middle = (low + high) / 2
    if (hidesMoreThan(stretched(standing.solids, standing.footMm, middle / nowMm), lines, limit)) high = middle
    else low = middle
  }
  return standing.footMm + low
}

function stretched(solids: readonly WorldSolid[], footMm: number, scale: number): WorldSolid[] {
  return solids.map((solid) => ({ ...solid, z0Mm: footMm + (solid.z0Mm - footMm) * scale, z1Mm: footMm + (solid.z1Mm - footMm) * scale }))
}

/** Whether solids alone hide more than a share of any face. */
export function hidesMoreThan(solids: readonly WorldSolid[], lines: SightLines, limit: number): boolean {
  const byPair = new Map<number, Shadow[]>()
  for (const shadow of shadowsOf(solids, lines)) {
    if (hiddenShare([shadow]) > limit) return true
    const list = byPair.get(shadow.pair)
    if (list) list.push(shadow)
    else byPair.set(shadow.pair, [shadow])
  }
  return [...byPair.values()].some((shadows) => hiddenShare(shadows) > limit)
}
