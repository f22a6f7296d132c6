import type { Standing } from '../centerpiece/standing.js'
import { oklab } from '../color/colorWords.js'
import type { PieceIndex } from '../design/find.js'
import type { WorldSolid } from '../solids/solid.js'

const weights = new WeakMap<Standing, { readonly index: PieceIndex; readonly weight: number }>()

/** How much a piece draws the eye: its silhouette in square meters by what darkness and chroma add to it. Derived, handbook section 5. */
export function visualWeight(standing: Standing, index: PieceIndex): number {
  const earlier = weights.get(standing)
  if (earlier && earlier.index === index) return earlier.weight
  const own = pull(standing.piece.color)
  const flowers = flowersPull(standing, index) ?? own
  const weight = standing.solids.reduce((sum, solid, i) => sum + silhouetteMm2(solid) * (standing.placed.arrangement && i >= 2 ? flowers : own), 0) / 1e6
  weights.set(standing, { index, weight })
  return weight
}

function pull(color: string): number {
  const [lightness, a, b] = oklab(color)
  return 1 + (1 - lightness) + Math.hypot(a, b)
}

function flowersPull(standing: Standing, index: PieceIndex): number | undefined {
  let sum = 0
  let count = 0
  for (const line of standing.placed.arrangement?.stems ?? []) {
    const stem = index.get(line.stemId)
    if (!stem) continue
    sum += line.count * pull(stem.color)
    count += line.count
  }
  return count > 0 ? sum / count : undefined
}

/** Seen from the side, as dense as it hides; of a box the mean of its two sides. */
function silhouetteMm2(solid: WorldSolid): number {
  const wide = solid.kind === 'frustum' ? solid.r0Mm + solid.r1Mm : solid.halfXMm + solid.halfYMm
  return wide * (solid.z1Mm - solid.z0Mm) * solid.opacity
}
