import { gapTo, ready, type Footprint } from './footprint.js'
import type { Point } from './point.js'

/** Distance from a point, below zero within a thing. */
export type Distance = (x: number, y: number) => number

const CELL_MM = 120
/** So many of its cells lie in a wide one. */
const WIDE = 4

/** What is kept for each cell of a square grid, made when a point of it is first asked. */
function byCell<Kept>(cellMm: number, make: (middleX: number, middleY: number) => Kept): (x: number, y: number) => Kept {
  const cells = new Map<number, Kept>()
  return (x, y) => {
    const [column, row] = [Math.floor(x / cellMm), Math.floor(y / cellMm)]
    const key = column * 4096 + row
    const known = cells.get(key)
    if (known !== undefined) return known
    const made = make((column + 0.5) * cellMm, (row + 0.5) * cellMm)
    cells.set(key, made)
    return made
  }
}

/** From a point to the nearest of many footprints; `farMm` where none is as near. */
export function nearestFootprint(shapes: readonly Footprint[], farMm: number): Distance {
  const all = shapes.map(ready)
  const columns = new Map<number, typeof all>()
  const inColumn = (middleX: number) => {
    const known = columns.get(middleX)
    if (known) return known
    const list = all.filter((shape) => Math.abs(shape.x - middleX) - shape.reachMm < farMm + CELL_MM / 2)
    columns.set(middleX, list)
    return list
  }
  const near = byCell(CELL_MM, (middleX, middleY) =>
    inColumn(middleX).filter((shape) => {
      const most = shape.reachMm + farMm + CELL_MM * Math.SQRT1_2
      return (shape.x - middleX) ** 2 + (shape.y - middleY) ** 2 < most * most
    })
  )
  return (x, y) => {
    let least = farMm
    const list = near(x, y)
    for (let i = 0; i < list.length; i++) {
      const gap = gapTo(list[i]!, x, y)
      if (gap < least) least = gap
    }
    return least
  }
}

/** Edges as four numbers each: where it begins, and from there to its end. */
type Edges = Float64Array

const squared = (edges: Edges, i: number, x: number, y: number) => {
  const fromX = x - edges[i]!
  const fromY = y - edges[i + 1]!
  const edgeX = edges[i + 2]!
  const edgeY = edges[i + 3]!
  const along = Math.max(0, Math.min(1, (fromX * edgeX + fromY * edgeY) / (edgeX * edgeX + edgeY * edgeY || 1)))
  const offX = fromX - along * edgeX
  const offY = fromY - along * edgeY
  return offX * offX + offY * offY
}

function toNearestMm(edges: Edges, x: number, y: number, farMm: number): number {
  let least = farMm * farMm
  for (let i = 0; i < edges.length; i += 4) {
    const away = squared(edges, i, x, y)
    if (away < least) least = away
  }
  return Math.sqrt(least)
}

/** The edges that can be nearest to a point of a cell: farther from its middle than the nearest by its diagonal is none. */
function nearCell(edges: Edges, middleX: number, middleY: number, cellMm: number, farMm: number): Edges {
  const halfDiagonal = cellMm * Math.SQRT1_2
  const least = toNearestMm(edges, middleX, middleY, Infinity)
  if (least > farMm + halfDiagonal) return edges.subarray(0, 0)
  const most = least + 2 * halfDiagonal
  const kept = new Float64Array(edges.length)
  let end = 0
  for (let i = 0; i < edges.length; i += 4) {
    if (squared(edges, i, middleX, middleY) > most * most) continue
    for (let k = 0; k < 4; k++) kept[end++] = edges[i + k]!
  }
  return kept.subarray(0, end)
}

/** From a point to the nearest edge of a polygon, never below zero; `farMm` where none is as near. */
export function nearestEdge(points: readonly Point[], farMm: number): Distance {
  const edges = new Float64Array(4 * points.length)
  points.forEach((from, i) => {
    const to = points[(i + 1) % points.length]!
    edges.set([from.x, from.y, to.x - from.x, to.y - from.y], 4 * i)
  })
  const wide = byCell(WIDE * CELL_MM, (middleX, middleY) => nearCell(edges, middleX, middleY, WIDE * CELL_MM, farMm))
  const near = byCell(CELL_MM, (middleX, middleY) => nearCell(wide(middleX, middleY), middleX, middleY, CELL_MM, farMm))
  return (x, y) => toNearestMm(near(x, y), x, y, farMm)
}
