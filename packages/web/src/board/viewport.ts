import { halfLengthMm, type Outline, type Point } from '@hestiad/core'

/** Room round the table for chairs and names, and in the elevation above and below the tabletop, millimeters. */
const CHAIR_ROOM_MM = 330
const ABOVE_MM = 730
const BELOW_MM = 300

/**
 * How the Board is laid on the screen. The plan and the elevation share `scale` and the horizontal axis; y up becomes y down here and
 * nowhere else.
 */
export interface Viewport {
  readonly width: number
  readonly height: number
  readonly scale: number
  readonly turned: boolean
  /** Transforms for groups drawn in table millimeters. */
  readonly planTransform: string
  readonly elevationTransform: string
  /** Screen line that parts plan and elevation. */
  readonly dividerY: number
  /** A table point on the plan; a table position and height on the elevation. */
  readonly onPlan: (point: Point) => Point
  readonly onElevation: (point: Point, zMm: number) => Point
  /** A movement on the screen as one on the table. */
  readonly moved: (dxPx: number, dyPx: number) => Point
  /** A movement on the elevation: along the table (or across it when turned) and up. */
  readonly lifted: (dxPx: number, dyPx: number) => Point & { readonly zMm: number }
}

export function viewport(outline: Outline, width: number, height: number, turned: boolean): Viewport {
  const halfX = (turned ? outline.halfWidthMm : halfLengthMm(outline)) + CHAIR_ROOM_MM
  const halfY = (turned ? halfLengthMm(outline) : outline.halfWidthMm) + CHAIR_ROOM_MM
  const scale = Math.min(width / (2 * halfX), height / (2 * halfY + ABOVE_MM + BELOW_MM), 0.6)
  const middleX = width / 2
  const spare = height - scale * (2 * halfY + ABOVE_MM + BELOW_MM)
  const planY = scale * halfY + spare * 0.4
  const dividerY = planY + scale * halfY + spare * 0.1
  const baseY = height - scale * BELOW_MM - spare * 0.2
  const along = (p: Point) => (turned ? -p.y : p.x)
  const across = (p: Point) => (turned ? p.x : p.y)
  return {
    width,
    height,
    scale,
    turned,
    planTransform: `translate(${middleX} ${planY}) scale(${scale} ${-scale})${turned ? ' rotate(90)' : ''}`,
    elevationTransform: `translate(${middleX} ${baseY}) scale(${scale} ${-scale})`,
    dividerY,
    onPlan: (p) => ({ x: middleX + scale * along(p), y: planY - scale * across(p) }),
    onElevation: (p, zMm) => ({ x: middleX + scale * along(p), y: baseY - scale * zMm }),
    moved: (dx, dy) => (turned ? { x: -dy / scale, y: -dx / scale } : { x: dx / scale, y: -dy / scale }),
    lifted: (dx, dy) => ({ ...(turned ? { x: 0, y: -dx / scale } : { x: dx / scale, y: 0 }), zMm: -dy / scale })
  }
}

/** Position along the horizontal axis of the elevation, in table millimeters. */
export function alongMm(point: Point, turned: boolean): number {
  return turned ? -point.y : point.x
}
