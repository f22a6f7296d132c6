import { edgeAt, edgeOf, type Outline, type Point } from '@hestiad/core'

const SIDES = 96

/** Points round an outline with their outward normals, counter-clockwise. */
export function rimOf(outline: Outline): (Point & { readonly outX: number; readonly outY: number })[] {
  const points = cornersOf(outline)
  return points.map((p, i) => {
    const [before, after] = [points[(i + points.length - 1) % points.length]!, points[(i + 1) % points.length]!]
    const [dx, dy] = [after.x - before.x, after.y - before.y]
    const size = Math.hypot(dx, dy) || 1
    return { ...p, outX: dy / size, outY: -dx / size }
  })
}

function cornersOf(outline: Outline): Point[] {
  if (outline.kind === 'capsule') {
    const edge = edgeOf(outline)
    return Array.from({ length: SIDES }, (_, i) => edgeAt(edge, (i / SIDES) * edge.totalMm))
  }
  const raw =
    outline.kind === 'polygon'
      ? outline.points
      : [
          { x: outline.halfLengthMm, y: -outline.halfWidthMm },
          { x: outline.halfLengthMm, y: outline.halfWidthMm },
          { x: -outline.halfLengthMm, y: outline.halfWidthMm },
          { x: -outline.halfLengthMm, y: -outline.halfWidthMm }
        ]
  return raw.flatMap((from, i) => {
    const to = raw[(i + 1) % raw.length]!
    const steps = Math.max(1, Math.round(Math.hypot(to.x - from.x, to.y - from.y) / 60))
    return Array.from({ length: steps }, (_, k) => ({ x: from.x + ((to.x - from.x) * k) / steps, y: from.y + ((to.y - from.y) * k) / steps }))
  })
}
