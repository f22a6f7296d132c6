import type { WorldSolid } from '../solids/solid.js'
import { castShadow, mayTouch, type Shadow } from './shadow.js'
import type { SightLines } from './sightLines.js'
import { solidBounds, solidPoints, type SolidPoints } from './solidPoints.js'

/** Every shadow that solids cast on any face, solid by solid and pair by pair. */
export function* shadowsOf(solids: readonly WorldSolid[], lines: SightLines): Generator<Shadow> {
  for (const solid of solids) {
    if (solid.z1Mm <= lines.lowestMm) continue
    const bounds = solidBounds(solid)
    let points: SolidPoints | undefined
    for (let pair = 0; pair < lines.count * lines.count; pair++) {
      if (pair % (lines.count + 1) === 0 || !mayTouch(lines, pair, bounds)) continue
      points ??= solidPoints(solid)
      const shadow = castShadow(lines, pair, points)
      if (shadow) yield shadow
    }
  }
}
