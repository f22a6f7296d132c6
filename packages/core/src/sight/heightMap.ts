import { contains, halfLengthMm, type Outline } from '../geometry/outline.js'
import type { WorldSolid } from '../solids/solid.js'
import { hidesMoreThan } from './clearHeight.js'
import type { SightLines } from './sightLines.js'

/** For points of the tabletop the tallest solid thing that hides nobody; row by row from the lowest y. */
export interface HeightMap {
  readonly stepMm: number
  readonly columns: number
  readonly rows: number
  /** Millimeters above the tabletop; `MOST_MM` where nothing is ever in the way, NaN off the table. */
  readonly heightsMm: Float32Array
}

const MOST_MM = 700
/** How thick the thing is that is asked about: a slim vase. Our own starting value. */
const RADIUS_MM = 40
const SAMPLE_STEP_MM = 60

/** Works out the map over a grid; to 4 mm by bisection. Hidden means more than a hundredth of a face. */
export function heightMap(outline: Outline, lines: SightLines): HeightMap {
  const columns = Math.max(2, Math.ceil((2 * halfLengthMm(outline)) / SAMPLE_STEP_MM) + 1)
  const rows = Math.max(2, Math.ceil((2 * outline.halfWidthMm) / SAMPLE_STEP_MM) + 1)
  const heightsMm = new Float32Array(columns * rows).fill(NaN)
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++) {
      const at = { x: (column - (columns - 1) / 2) * SAMPLE_STEP_MM, y: (row - (rows - 1) / 2) * SAMPLE_STEP_MM }
      if (contains(outline, at)) heightsMm[row * columns + column] = tallestMm(at, lines)
    }
  return { stepMm: SAMPLE_STEP_MM, columns, rows, heightsMm }
}

/** The tallest slim solid at a point that hides nobody. */
export function tallestMm(at: { readonly x: number; readonly y: number }, lines: SightLines): number {
  const thing = (heightMm: number): WorldSolid => ({
    kind: 'frustum',
    part: 'body',
    ...at,
    turnRad: 0,
    z0Mm: 0,
    z1Mm: heightMm,
    r0Mm: RADIUS_MM,
    r1Mm: RADIUS_MM,
    opacity: 1
  })
  if (!hidesMoreThan([thing(MOST_MM)], lines, 0.01)) return MOST_MM
  let low = 0
  let high = MOST_MM
  while (high - low > 4) {
    const middle = (low + high) / 2
    if (hidesMoreThan([thing(middle)], lines, 0.01)) high = middle
    else low = middle
  }
  return low
}
