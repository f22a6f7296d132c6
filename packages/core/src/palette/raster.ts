import { gapTo, ready, type Footprint } from '../geometry/footprint.js'
import { contains, halfLengthMm, type Outline } from '../geometry/outline.js'
import type { Point } from '../geometry/point.js'

/** A cell that is off the table; parts are numbered below it. */
export const OFF = 255

/** A tabletop in square cells, painted in the order things lie on one another. */
export interface Raster {
  /** Edge of a cell, the cells in a row, the corner of the first, millimeters. */
  readonly cellMm: number
  readonly columns: number
  readonly fromX: number
  readonly fromY: number
  /** For each cell the number of what is seen in it, `OFF` off the table. */
  readonly cells: Uint8Array
}

/** Which part a cell of a shape shows, by its middle and its number; null leaves what is there. */
export type PartOfCell = (at: Point, cell: number) => number | null

/** Bare tabletops as they were last asked for. */
const bare = new WeakMap<Outline, Raster>()

/** The bare tabletop as part 0, so many cells long; its cells are the caller's to paint. */
export function tableRaster(outline: Outline, cellsLong: number): Raster {
  const known = bare.get(outline)
  const raster = known?.columns === cellsLong ? known : bareRaster(outline, cellsLong)
  bare.set(outline, raster)
  return { ...raster, cells: raster.cells.slice() }
}

function bareRaster(outline: Outline, cellsLong: number): Raster {
  const [halfX, halfY] = [halfLengthMm(outline), outline.halfWidthMm]
  const cellMm = (2 * halfX) / cellsLong
  const rows = Math.ceil((2 * halfY) / cellMm)
  const raster = { cellMm, columns: cellsLong, fromX: -halfX, fromY: -halfY, cells: new Uint8Array(cellsLong * rows) }
  for (let cell = 0; cell < raster.cells.length; cell++) if (!contains(outline, middleOf(raster, cell))) raster.cells[cell] = OFF
  return raster
}

function middleOf({ cellMm, columns, fromX, fromY }: Raster, cell: number): Point {
  return { x: fromX + ((cell % columns) + 0.5) * cellMm, y: fromY + (Math.floor(cell / columns) + 0.5) * cellMm }
}

/** The number of what is painted at a point; `OFF` off the table. */
export function partAt({ cellMm, columns, fromX, fromY, cells }: Raster, x: number, y: number): number {
  const [column, row] = [Math.floor((x - fromX) / cellMm), Math.floor((y - fromY) / cellMm)]
  return column < 0 || column >= columns || row < 0 ? OFF : (cells[row * columns + column] ?? OFF)
}

/** Paints the cells within an outline that lie on the table. */
export function paintOutline(raster: Raster, outline: Outline, part: number): void {
  const coversAll = outline.kind === 'box' && outline.halfLengthMm >= -raster.fromX && outline.halfWidthMm >= -raster.fromY
  for (let cell = 0; cell < raster.cells.length; cell++)
    if (raster.cells[cell] !== OFF && (coversAll || contains(outline, middleOf(raster, cell)))) raster.cells[cell] = part
}

/** Paints the cells of a shape that lie on the table: with one part, or with what each shows. */
export function paintShape(raster: Raster, shape: Footprint, part: number | PartOfCell): void {
  const { cellMm, columns, fromX, fromY, cells } = raster
  const within = ready(shape)
  const clamped = (mm: number, most: number) => Math.min(most, Math.max(0, Math.floor(mm / cellMm)))
  const reachXMm = within.isDisc ? within.reachMm : within.halfXMm * Math.abs(within.cos) + within.halfYMm * Math.abs(within.sin)
  const reachYMm = within.isDisc ? within.reachMm : within.halfXMm * Math.abs(within.sin) + within.halfYMm * Math.abs(within.cos)
  const [left, right] = [clamped(shape.x - reachXMm - fromX, columns - 1), clamped(shape.x + reachXMm - fromX, columns - 1)]
  const rows = cells.length / columns
  const [low, high] = [clamped(shape.y - reachYMm - fromY, rows - 1), clamped(shape.y + reachYMm - fromY, rows - 1)]
  for (let row = low; row <= high; row++) {
    const y = fromY + (row + 0.5) * cellMm
    for (let column = left; column <= right; column++) {
      const cell = row * columns + column
      const x = fromX + (column + 0.5) * cellMm
      if (cells[cell] === OFF || gapTo(within, x, y) > 0) continue
      cells[cell] = typeof part === 'number' ? part : (part({ x, y }, cell) ?? cells[cell]!)
    }
  }
}

/** A lot from 0 to 1 by a cell's number alone: the same each time. */
export function lotOf(cell: number): number {
  let x = (cell + 1) * 2654435761
  x = Math.imul(x ^ (x >>> 15), 2246822519)
  x = Math.imul(x ^ (x >>> 13), 3266489917)
  return ((x ^ (x >>> 16)) >>> 0) / 4294967296
}
