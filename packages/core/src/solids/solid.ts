import type { Footprint } from '../geometry/footprint.js'

export const solidParts = ['body', 'base', 'post', 'legs', 'level', 'panes', 'roof', 'fill', 'chimney', 'candle', 'stems', 'heads', 'filling'] as const
/** What a solid is of its piece: the piece itself, or its foot plate, post, legs, levels, panes, roof, what fills it, what lies loose in it; the glass round a flame; candle and flowers. */
export type SolidPart = (typeof solidParts)[number]

/**
 * The two shapes every piece is stacked from, in the piece's own frame: z from its foot, its axis at the origin.
 * `opacity` is the share of a face a single look through it hides.
 */
export type Solid =
  | {
      readonly kind: 'frustum'
      readonly part: SolidPart
      readonly z0Mm: number
      readonly z1Mm: number
      readonly r0Mm: number
      readonly r1Mm: number
      readonly opacity: number
    }
  | {
      readonly kind: 'box'
      readonly part: SolidPart
      readonly z0Mm: number
      readonly z1Mm: number
      readonly halfXMm: number
      readonly halfYMm: number
      readonly opacity: number
    }

/** A solid in the table's frame; `turnRad` matters to boxes only. */
export type WorldSolid = Solid & { readonly x: number; readonly y: number; readonly turnRad: number }

export function frustum(z0Mm: number, z1Mm: number, r0Mm: number, r1Mm: number, opacity: number, part: SolidPart = 'body'): Solid {
  return { kind: 'frustum', part, z0Mm, z1Mm, r0Mm, r1Mm, opacity }
}

export function box(z0Mm: number, z1Mm: number, halfXMm: number, halfYMm: number, opacity: number, part: SolidPart = 'body'): Solid {
  return { kind: 'box', part, z0Mm, z1Mm, halfXMm, halfYMm, opacity }
}

/** Whether a solid is of the piece itself: no flowers, no candle, no glass that is set over it, nothing that lies in it. */
export function isBody({ part }: Solid): boolean {
  return part !== 'stems' && part !== 'heads' && part !== 'candle' && part !== 'chimney' && part !== 'filling'
}

/** Largest horizontal reach from the axis. */
export function solidReachMm(solid: Solid): number {
  return solid.kind === 'frustum' ? Math.max(solid.r0Mm, solid.r1Mm) : Math.sqrt(solid.halfXMm ** 2 + solid.halfYMm ** 2)
}

/** The ground plan of a solid. */
export function solidFootprint(solid: WorldSolid): Footprint {
  if (solid.kind === 'frustum') return { kind: 'disc', x: solid.x, y: solid.y, radiusMm: Math.max(solid.r0Mm, solid.r1Mm) }
  return { kind: 'rect', x: solid.x, y: solid.y, turnRad: solid.turnRad, halfXMm: solid.halfXMm, halfYMm: solid.halfYMm }
}
