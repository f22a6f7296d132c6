import { seededRandom, STEMS_SHARE, type Arrangement, type PieceIndex, type Stem, findPiece } from '@hestiad/core'

/** One stem as it stands in an arrangement: head position from the vessel's axis and above its rim. */
export interface StemPlace {
  readonly key: string
  readonly stem: Stem
  readonly x: number
  readonly y: number
  readonly z: number
  readonly turnDeg: number
}

const GOLDEN = Math.PI * (3 - Math.sqrt(5))

/** Steps along a trough, of no ratio to the golden angle. */
const ALONG = 0.7548776662

/** A number from a text, the same every time. */
export function seedOf(text: string): number {
  let seed = 2_166_136_261
  for (let i = 0; i < text.length; i++) seed = Math.imul(seed ^ text.charCodeAt(i), 16_777_619)
  return seed >>> 0
}

const order: Record<Stem['role'], number> = { foliage: 0, line: 1, filler: 2, focal: 3 }

/**
 * Where each stem's head is: foliage and lines toward the outside, focal flowers over the dome, all drawn out along x by `stretchMm` over a
 * trough. The same places serve the plan and the elevation.
 */
export function stemPlaces(placedId: string, arrangement: Arrangement, index: PieceIndex, stretchMm = 0): StemPlace[] {
  const random = seededRandom(seedOf(placedId))
  const places: StemPlace[] = []
  for (const { stemId, count } of arrangement.stems) {
    const stem = findPiece(index, stemId, 'stem')
    if (!stem) continue
    const outer = stem.role === 'foliage' || stem.role === 'line'
    const start = random() * 2 * Math.PI
    for (let i = 0; i < count; i++) {
      const share = outer ? 0.55 + 0.35 * random() : Math.sqrt((i + 0.5) / count) * 0.78
      const angle = start + i * GOLDEN + (random() - 0.5) * 0.3
      const reach = Math.max(0, arrangement.spreadMm / 2 - (outer ? 0 : stem.headMm * 0.3))
      const dome = Math.sqrt(Math.max(0, 1 - share * share))
      places.push({
        key: `${stemId}-${i}`,
        stem,
        x: reach * share * Math.cos(angle) + (((start + i * ALONG) % 1) - 0.5) * stretchMm,
        y: reach * share * Math.sin(angle),
        z: Math.max(arrangement.riseMm * (STEMS_SHARE + (0.93 - STEMS_SHARE) * (outer ? 0.5 * dome + 0.25 * random() : dome)) - stem.headMm * 0.2, 6),
        turnDeg: (angle * 180) / Math.PI
      })
    }
  }
  return places.sort((a, b) => order[a.stem.role] - order[b.stem.role])
}
