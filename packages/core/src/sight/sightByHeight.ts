import type { Standing } from '../centerpiece/standing.js'
import type { SightLines } from './sightLines.js'
import { tableSight } from './tableSight.js'

/** What a piece of each height would leave to be seen. */
export interface SeenAtHeight {
  readonly heightMm: number
  /** Views that stay clear, of all. */
  readonly seen: number
}

/** Views that stay clear when one piece is drawn out or in to each height, all else standing as it does; from its foot up. */
export function sightByHeight(lines: SightLines, standing: readonly Standing[], placedId: string, heightsMm: readonly number[], limit: number): SeenAtHeight[] {
  const self = standing.find((one) => one.placed.id === placedId)
  if (!self) return []
  const others = standing.filter((one) => one !== self)
  return heightsMm.map((heightMm) => {
    const scale = heightMm / Math.max(1, self.topMm - self.footMm)
    const z = (mm: number) => self.footMm + (mm - self.footMm) * scale
    const solids = self.solids.map((solid) => ({ ...solid, z0Mm: z(solid.z0Mm), z1Mm: z(solid.z1Mm) }))
    return { heightMm, seen: tableSight(lines, [...others, { ...self, solids }], limit).seen }
  })
}
