import type { Table } from '../design/look.js'
import type { Footprint } from '../geometry/footprint.js'
import { halfLengthMm, type Outline } from '../geometry/outline.js'
import type { Point } from '../geometry/point.js'
import { joinedTables } from './polygonTables.js'

type Rect = Footprint & { kind: 'rect' }

/** Share of the table's width that a trestle's feet and a panel take. Our own starting value. */
const TRESTLE_SHARE = 0.7
const PANEL_SHARE = 0.9
const PANEL_MM = 30

/** What a tabletop stands on, as far as knees can meet it: legs, trestles or panels of each table joined; a pedestal stands clear of knees. */
export function tableSupports(table: Pick<Table, 'shape' | 'support'>, outline: Outline): Rect[] {
  if (table.shape.kind === 'joined') {
    const { lengthMm, widthMm } = table.shape
    const one = supportsOf(table, { kind: 'box', halfLengthMm: lengthMm / 2, halfWidthMm: widthMm / 2 })
    return joinedTables(table.shape).flatMap(({ x, y, upright }) =>
      one.map((rect): Rect => (upright ? { ...rect, x: x - rect.y, y: y + rect.x, turnRad: Math.PI / 2 } : { ...rect, x: x + rect.x, y: y + rect.y }))
    )
  }
  return supportsOf(table, outline)
}

/** Where pedestals stand: in the middle of each table; none where it stands on anything else. */
export function pedestals(table: Pick<Table, 'shape' | 'support'>, outline: Outline): Point[] {
  if (table.support.kind !== 'pedestal') return []
  if (table.shape.kind === 'joined') return joinedTables(table.shape).map(({ x, y }) => ({ x, y }))
  return [{ x: 0, y: outline.kind === 'polygon' ? outline.middleY : 0 }]
}

function supportsOf({ support }: Pick<Table, 'support'>, outline: Outline): Rect[] {
  const rect = (x: number, y: number, halfXMm: number, halfYMm: number): Rect => ({ kind: 'rect', x, y, turnRad: 0, halfXMm, halfYMm })
  switch (support.kind) {
    case 'pedestal':
      return []
    case 'legs': {
      const corner = legCorner(outline, support.insetMm + support.legMm / 2)
      return [1, -1].flatMap((sx) => [sx, -sx].map((sy) => rect(sx * corner.x, sy * corner.y, support.legMm / 2, support.legMm / 2)))
    }
    case 'trestle':
    case 'panel': {
      const thickMm = support.kind === 'trestle' ? support.footMm : PANEL_MM
      const x = halfLengthMm(outline) - support.insetMm - thickMm / 2
      const share = support.kind === 'trestle' ? TRESTLE_SHARE : PANEL_SHARE
      return [1, -1].map((sign) => rect(sign * x, 0, thickMm / 2, share * outline.halfWidthMm))
    }
  }
}

/** Legs stand in the corners of a rectangle, and on the diagonals of a curved table. */
function legCorner(outline: Outline, inMm: number): { readonly x: number; readonly y: number } {
  if (outline.kind === 'capsule') return { x: outline.straightMm / 2 + (outline.endMm - inMm) * Math.SQRT1_2, y: (outline.halfWidthMm - inMm) * Math.SQRT1_2 }
  const narrow = outline.kind === 'polygon' && outline.runs.some((run) => run.kind === 'curve') ? 0.7 : 1
  return { x: (outline.halfLengthMm - inMm) * narrow, y: (outline.halfWidthMm - inMm) * narrow }
}
