import type { JoinedTables, TableShape } from '../design/look.js'
import type { Outline } from '../geometry/outline.js'
import type { Point } from '../geometry/point.js'
import { polygonOf, type Polygon, type Run } from '../geometry/polygon.js'

type Boat = TableShape & { kind: 'boat' }
type HalfRound = TableShape & { kind: 'half-round' }

const ARC_STEPS = 64

/** A boat: two straight ends, two sides that are arcs of a circle through the ends' corners and the middle's width; leaves part it in the middle. */
export function boatOutline({ lengthMm, widthMm, endMm }: Boat, addedMm: number): Outline {
  const sagMm = (widthMm - Math.min(endMm, widthMm)) / 2
  if (sagMm < 0.5) return { kind: 'box', halfLengthMm: (lengthMm + addedMm) / 2, halfWidthMm: widthMm / 2 }
  const radiusMm = (lengthMm ** 2 / 4 + sagMm ** 2) / (2 * sagMm)
  const yAt = (x: number) => Math.sqrt(radiusMm ** 2 - x ** 2) - radiusMm + widthMm / 2
  const north: Point[] = []
  for (let i = 0; i <= ARC_STEPS; i++) {
    const x = (lengthMm / 2) * (1 - (2 * i) / ARC_STEPS)
    if (i * 2 === ARC_STEPS) north.push({ x: addedMm / 2, y: yAt(0) }, ...(addedMm > 0 ? [{ x: -addedMm / 2, y: yAt(0) }] : []))
    else north.push({ x: x + (Math.sign(x) * addedMm) / 2, y: yAt(x) })
  }
  const south = north.map(({ x, y }) => ({ x: -x, y: -y }))
  const head = (from: readonly Point[], to: readonly Point[]): Pick<Run, 'points' | 'kind' | 'walled'> => ({
    points: [from[from.length - 1]!, to[0]!],
    kind: 'head',
    walled: false
  })
  const side = (points: readonly Point[]): Pick<Run, 'points' | 'kind' | 'walled'> => ({ points, kind: 'curve', walled: false })
  return polygonOf([head(south, north), side(north), head(north, south), side(south)], () => ({ spanMm: widthMm, middleY: 0 }))
}

/** A half circle whose diameter stands at a wall; guests sit round the arc. */
export function halfRoundOutline({ diameterMm }: HalfRound): Polygon {
  const r = diameterMm / 2
  const arc = Array.from({ length: 2 * ARC_STEPS + 1 }, (_, i) => ({
    x: r * Math.cos((i * Math.PI) / (2 * ARC_STEPS)),
    y: r * Math.sin((i * Math.PI) / (2 * ARC_STEPS))
  }))
  const wall = { points: [arc[arc.length - 1]!, arc[0]!], kind: 'long', walled: true } as const
  return polygonOf([{ points: arc, kind: 'curve', walled: false }, wall], ({ lowY }) => ({ spanMm: r, middleY: lowY + r / 2 }))
}

/** Middles of the tables joined, in the frame of the whole; an upright one has its length along y. */
export function joinedTables(shape: JoinedTables): { readonly x: number; readonly y: number; readonly upright: boolean }[] {
  const { form, lengthMm: l, widthMm: w, along, across } = shape
  const downMm = form === 'straight' ? 0 : across * l
  const highY = (w + downMm) / 2
  const main = Array.from({ length: along }, (_, i) => ({ x: (i - (along - 1) / 2) * l, y: highY - w / 2, upright: false }))
  const arm = (x: number) => Array.from({ length: across }, (_, i) => ({ x, y: highY - w - (i + 0.5) * l, upright: true }))
  const endX = (along * l - w) / 2
  return [...main, ...(form === 'L' ? arm(-endX) : form === 'T' ? arm(0) : form === 'U' ? [...arm(-endX), ...arm(endX)] : [])]
}

/** The edge of tables joined: a rectilinear polygon, its narrow ends heads. */
export function joinedOutline(shape: JoinedTables): Outline {
  const { form, lengthMm, widthMm: w, along, across } = shape
  const length = along * lengthMm
  if (form === 'straight' || length < 2 * w) return { kind: 'box', halfLengthMm: length / 2, halfWidthMm: w / 2 }
  const down = across * lengthMm
  const middle = length / 2
  const corners: Record<'L' | 'T' | 'U', readonly (readonly [number, number])[]> = {
    L: [
      [0, 0],
      [w, 0],
      [w, down],
      [length, down],
      [length, down + w],
      [0, down + w]
    ],
    T: [
      [middle - w / 2, 0],
      [middle + w / 2, 0],
      [middle + w / 2, down],
      [length, down],
      [length, down + w],
      [0, down + w],
      [0, down],
      [middle - w / 2, down]
    ],
    U: [
      [0, 0],
      [w, 0],
      [w, down],
      [length - w, down],
      [length - w, 0],
      [length, 0],
      [length, down + w],
      [0, down + w]
    ]
  }
  const points = corners[form].map(([x, y]) => ({ x, y }))
  const runs = points.map((from, i) => {
    const to = points[(i + 1) % points.length]!
    const lengthMm = Math.hypot(to.x - from.x, to.y - from.y)
    return { points: [from, to], kind: Math.abs(lengthMm - w) < 1 ? ('head' as const) : ('long' as const), walled: false }
  })
  return polygonOf(runs, ({ highY }) => ({ spanMm: w, middleY: highY - w / 2 }))
}

/** Where tables joined meet: lines a cloth, a runner or a piece should cover. */
export function tableSeams(shape: TableShape): (readonly [Point, Point])[] {
  if (shape.kind !== 'joined') return []
  const { lengthMm: l, widthMm: w } = shape
  const tables = joinedTables(shape)
  const seams: (readonly [Point, Point])[] = []
  tables.forEach((one, i) => {
    const before = tables.slice(0, i).find((other) => {
      const reach = one.upright === other.upright ? l : (l + w) / 2
      return one.upright ? one.x - other.x < w && Math.abs(one.y + reach - other.y) < 1 : Math.abs(one.x - reach - other.x) < 1 && one.y === other.y
    })
    if (!before) return
    if (one.upright)
      seams.push([
        { x: one.x - w / 2, y: one.y + l / 2 },
        { x: one.x + w / 2, y: one.y + l / 2 }
      ])
    else
      seams.push([
        { x: one.x - l / 2, y: one.y - w / 2 },
        { x: one.x - l / 2, y: one.y + w / 2 }
      ])
  })
  return seams
}
