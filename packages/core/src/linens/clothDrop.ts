import { extentSize, type Extent } from '../design/piece.js'
import { contains, halfLengthMm, halfWidthAtMm, type Outline } from '../geometry/outline.js'
import { polygonOf, runAt } from '../geometry/polygon.js'

/** How a cloth hangs, measured straight down from the table's edge, millimeters; negative where it does not reach the edge. */
export interface ClothHang {
  /** Past the two ends and the two long sides, in the middle of each. */
  readonly endDropMm: number
  readonly sideDropMm: number
  readonly leastMm: number
  readonly mostMm: number
  /** At the cloth's corner (a cloth without corners: at the table's corner, or its deepest point when neither has any). */
  readonly cornerDropMm: number
}

/**
 * Hang of a cloth laid centered, its length along the table. A cloth's edge hangs as far below the table's edge as it lies beyond it;
 * a corner hangs the straight distance from the table, so 30 and 30 in give 42.43 in.
 */
export function clothDrop(cloth: Extent, outline: Outline): ClothHang {
  const edge = clothOutline(cloth)
  const endDropMm = halfLengthMm(edge) - halfLengthMm(outline)
  const sideDropMm = edge.halfWidthMm - outline.halfWidthMm
  const drops = dropsAround(edge, outline)
  const cornerDropMm = edge.kind === 'box' ? cornerBeyondMm(edge, outline) : outline.kind === 'box' ? drops[drops.length - 1]! : Math.max(...drops)
  return {
    endDropMm,
    sideDropMm,
    leastMm: Math.min(endDropMm, sideDropMm, ...(edge.kind === 'box' && outline.kind === 'box' ? [] : drops)),
    mostMm: Math.max(endDropMm, sideDropMm),
    cornerDropMm
  }
}

/** Two like cloths with straight ends laid end to end, lapped under the middle; any other cloth stays as it is. */
export function joinedExtent(extent: Extent, lapMm: number | null): Extent {
  if (lapMm === null || (extent.kind !== 'rectangle' && extent.kind !== 'square')) return extent
  const { lengthMm, widthMm } = extentSize(extent)
  return { kind: 'rectangle', lengthMm: 2 * lengthMm - Math.min(lapMm, lengthMm), widthMm }
}

/** How far a topper hangs below the table's edge, least and most round it; a turned one hangs in points. */
export function topperHang(extent: Extent, turned: boolean, outline: Outline): { readonly leastMm: number; readonly mostMm: number } {
  const edge = clothOutline(extent)
  const drops = dropsAround(turned && edge.kind === 'box' ? turnedBox(edge) : edge, outline)
  const points = edge.kind === 'box' && !turned ? [cornerBeyondMm(edge, outline)] : []
  return { leastMm: Math.min(...drops), mostMm: Math.max(...drops, ...points) }
}

/** A rectangle turned by 45 degrees. */
function turnedBox({ halfLengthMm: a, halfWidthMm: b }: Outline & { kind: 'box' }): Outline {
  const at = (x: number, y: number) => ({ x: (x - y) * Math.SQRT1_2, y: (x + y) * Math.SQRT1_2 })
  const corners = [at(a, -b), at(a, b), at(-a, b), at(-a, -b)]
  const sides = corners.map((from, i) => ({ points: [from, corners[(i + 1) % 4]!], kind: 'long' as const, walled: false }))
  return polygonOf(sides, ({ highY }) => ({ spanMm: 2 * highY, middleY: 0 }))
}

/** A cloth's own edge. */
export function clothOutline(cloth: Extent): Outline {
  switch (cloth.kind) {
    case 'rectangle':
      return { kind: 'box', halfLengthMm: cloth.lengthMm / 2, halfWidthMm: cloth.widthMm / 2 }
    case 'square':
      return { kind: 'box', halfLengthMm: cloth.sideMm / 2, halfWidthMm: cloth.sideMm / 2 }
    case 'round':
      return { kind: 'capsule', straightMm: 0, endMm: cloth.diameterMm / 2, halfWidthMm: cloth.diameterMm / 2 }
    case 'oval':
      return { kind: 'capsule', straightMm: 0, endMm: cloth.lengthMm / 2, halfWidthMm: cloth.widthMm / 2 }
  }
}

/** Distance of the cloth's corner from the tabletop. */
function cornerBeyondMm(cloth: Outline & { kind: 'box' }, outline: Outline): number {
  const x = cloth.halfLengthMm
  const y = cloth.halfWidthMm
  if (outline.kind === 'box') return signedHypot(x - outline.halfLengthMm, y - outline.halfWidthMm)
  let nearest = Infinity
  for (const [px, py] of rim(outline)) nearest = Math.min(nearest, Math.hypot(x - px, y - py))
  return Math.abs(y) > halfWidthAtMm(outline, x) ? nearest : -nearest
}

function signedHypot(dx: number, dy: number): number {
  return dx >= 0 && dy >= 0 ? Math.hypot(dx, dy) : Math.min(dx, dy)
}

/** How far the cloth reaches beyond points all round the table, along the outward normal there. */
function dropsAround(cloth: Outline, outline: Outline): number[] {
  return rim(outline).map(([x, y, nx, ny]) => {
    let low = -2000
    let high = 5000
    for (let i = 0; i < 40; i++) {
      const t = (low + high) / 2
      if (contains(cloth, { x: x + nx * t, y: y + ny * t })) low = t
      else high = t
    }
    return (low + high) / 2
  })
}

type RimPoint = readonly [x: number, y: number, outX: number, outY: number]

/** Points of the edge with outward normals: a quarter of what is its own mirror image, all of a polygon; a rectangle's two sides and, last, its corner. */
function rim(outline: Outline): RimPoint[] {
  if (outline.kind === 'box') {
    const { halfLengthMm: x, halfWidthMm: y } = outline
    return [
      [x, 0, 1, 0],
      [0, y, 0, 1],
      [x, y, Math.SQRT1_2, Math.SQRT1_2]
    ]
  }
  if (outline.kind === 'polygon')
    return outline.runs.flatMap((run) =>
      Array.from({ length: 17 }, (_, i): RimPoint => {
        const { x, y, outX, outY } = runAt(run, (i / 16) * run.lengthMm)
        return [x, y, outX, outY]
      })
    )
  return Array.from({ length: 33 }, (_, i): RimPoint => {
    const angle = (i / 64) * Math.PI
    const nx = Math.cos(angle) / outline.endMm
    const ny = Math.sin(angle) / outline.halfWidthMm
    const size = Math.hypot(nx, ny)
    return [outline.straightMm / 2 + outline.endMm * Math.cos(angle), outline.halfWidthMm * Math.sin(angle), nx / size, ny / size]
  })
}
