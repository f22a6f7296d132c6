import type { Standing } from '../centerpiece/standing.js'
import type { WorldSolid } from '../solids/solid.js'
import { hiddenShare } from './hiddenShare.js'
import { castShadow, mayTouch, type Shadow } from './shadow.js'
import type { SightLines } from './sightLines.js'
import { solidPoints } from './solidPoints.js'

/** Taller than this is not asked about. */
const TALLEST_MM = 1200

/**
 * The greatest height at which a piece, stretched or squeezed upright from its foot, hides at most `limit` of any face by itself, millimeters
 * above the tabletop; to 1 mm by bisection. `limit` 0 gives the height at which it hides nobody.
 */
export function clearHeightMm(standing: Standing, lines: SightLines, limit: number): number {
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
  const points = solids.map(solidPoints)
  for (let from = 0; from < lines.count; from++) {
    for (let to = 0; to < lines.count; to++) {
      if (from === to) continue
      const pair = from * lines.count + to
      const shadows = points
        .filter((solid) => mayTouch(lines, pair, solid))
        .map((solid) => castShadow(lines, pair, solid))
        .filter((shadow): shadow is Shadow => shadow !== undefined)
      if (shadows.length > 0 && hiddenShare(shadows) > limit) return true
    }
  }
  return false
}
