import type { TableShape } from '@hestiad/core'

/** A measure of a shape that can be typed or dragged. */
export interface ShapeSize {
  readonly name: string
  readonly label: 'length' | 'width' | 'side' | 'diameter' | 'end' | 'eachLength' | 'eachWidth'
  readonly mm: number
  readonly mostMm: number
}

export function sizesOfShape(shape: TableShape): ShapeSize[] {
  const one = (name: string, label: ShapeSize['label'], mm: number, mostMm = 12_000): ShapeSize => ({ name, label, mm, mostMm })
  switch (shape.kind) {
    case 'square':
      return [one('sideMm', 'side', shape.sideMm, 6000)]
    case 'round':
    case 'half-round':
      return [one('diameterMm', 'diameter', shape.diameterMm, 6000)]
    case 'joined':
      return [one('lengthMm', 'eachLength', shape.lengthMm, 5000), one('widthMm', 'eachWidth', shape.widthMm, 3000)]
    case 'boat':
      return [one('lengthMm', 'length', shape.lengthMm), one('widthMm', 'width', shape.widthMm, 6000), one('endMm', 'end', shape.endMm, 6000)]
    default:
      return [one('lengthMm', 'length', shape.lengthMm), one('widthMm', 'width', shape.widthMm, 6000)]
  }
}

/** Length along and width across of one table, without leaves. */
export function sizeOf(shape: TableShape): { readonly lengthMm: number; readonly widthMm: number } {
  switch (shape.kind) {
    case 'square':
      return { lengthMm: shape.sideMm, widthMm: shape.sideMm }
    case 'round':
      return { lengthMm: shape.diameterMm, widthMm: shape.diameterMm }
    case 'half-round':
      return { lengthMm: shape.diameterMm, widthMm: shape.diameterMm / 2 }
    default:
      return { lengthMm: shape.lengthMm, widthMm: shape.widthMm }
  }
}

/** Another shape that keeps the size as far as it has it. */
export function reshaped(kind: TableShape['kind'], { lengthMm, widthMm }: { readonly lengthMm: number; readonly widthMm: number }): TableShape {
  switch (kind) {
    case 'square':
      return { kind, sideMm: widthMm }
    case 'round':
      return { kind, diameterMm: widthMm }
    case 'half-round':
      return { kind, diameterMm: lengthMm }
    case 'boat':
      return { kind, lengthMm, widthMm, endMm: Math.round(widthMm * 0.75) }
    case 'joined':
      return { kind, form: 'straight', lengthMm: Math.min(5000, lengthMm), widthMm: Math.min(3000, widthMm), along: 2, across: 1 }
    case 'racetrack':
      return { kind, lengthMm: Math.max(lengthMm, widthMm), widthMm }
    default:
      return { kind, lengthMm, widthMm }
  }
}
