import type { Table } from '../design/look.js'
import type { Outline } from '../geometry/outline.js'
import { boatOutline, halfRoundOutline, joinedOutline } from './polygonTables.js'

const outlines = new WeakMap<object, Outline>()

/** The edge of a table as set, leaves in, worked out once a table object; leaves part it in the middle and lengthen it along x. */
export function tableOutline(table: Pick<Table, 'shape' | 'leaves'>): Outline {
  const known = outlines.get(table)
  if (known) return known
  const outline = outlineOf(table)
  outlines.set(table, outline)
  return outline
}

function outlineOf(table: Pick<Table, 'shape' | 'leaves'>): Outline {
  const addedMm = table.leaves.in * table.leaves.eachMm
  const shape = table.shape
  switch (shape.kind) {
    case 'rectangle':
      return { kind: 'box', halfLengthMm: (shape.lengthMm + addedMm) / 2, halfWidthMm: shape.widthMm / 2 }
    case 'square':
      return { kind: 'box', halfLengthMm: (shape.sideMm + addedMm) / 2, halfWidthMm: shape.sideMm / 2 }
    case 'round':
      return { kind: 'capsule', straightMm: addedMm, endMm: shape.diameterMm / 2, halfWidthMm: shape.diameterMm / 2 }
    case 'oval':
      return { kind: 'capsule', straightMm: addedMm, endMm: shape.lengthMm / 2, halfWidthMm: shape.widthMm / 2 }
    case 'boat':
      return boatOutline(shape, addedMm)
    case 'half-round':
      return halfRoundOutline(shape)
    case 'joined':
      return joinedOutline(shape)
    case 'racetrack': {
      const endMm = Math.min(shape.lengthMm, shape.widthMm) / 2
      return { kind: 'capsule', straightMm: Math.max(0, shape.lengthMm - shape.widthMm) + addedMm, endMm, halfWidthMm: shape.widthMm / 2 }
    }
  }
}
