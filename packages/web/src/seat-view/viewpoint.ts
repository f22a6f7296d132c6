import { CHILD_STANDING_EYE_MM, doorEye, fromFrame, guestEyes, halfLengthMm, STANDING_EYE_MM, type Look, type Point, type SeatPlan } from '@hestiad/core'

export type Viewer = { readonly kind: 'seat'; readonly number: number } | { readonly kind: 'standing' } | { readonly kind: 'child' } | { readonly kind: 'door' }

/** Where eyes are and what they look at, in table millimeters, z above the tabletop. */
export interface Viewpoint {
  readonly eye: { readonly x: number; readonly y: number; readonly z: number }
  readonly at: { readonly x: number; readonly y: number; readonly z: number }
}

/** From a guest's own eyes across the table, standing at its side, or from the door of the room. */
export function viewpoint(viewer: Viewer, look: Look, plan: SeatPlan): Viewpoint {
  const floor = -look.table.heightMm
  switch (viewer.kind) {
    case 'seat': {
      const eye = guestEyes(plan, look.table)[viewer.number - 1]
      if (!eye) return viewpoint({ kind: 'standing' }, look, plan)
      // across the middle of one table; at tables joined round a corner the middle may be nobody's
      if (isBent(look)) return { eye, at: { ...ahead(eye, plan.places[viewer.number - 1]!.turnRad), z: 60 } }
      return { eye, at: { x: eye.x * -0.25, y: eye.y * -0.25, z: 60 } }
    }
    case 'standing':
      return { eye: { x: 0, y: -plan.outline.halfWidthMm - 800, z: floor + STANDING_EYE_MM }, at: { x: 0, y: -40, z: 0 } }
    case 'child':
      return { eye: { x: 0, y: -plan.outline.halfWidthMm - 500, z: floor + CHILD_STANDING_EYE_MM }, at: { x: 0, y: 200, z: 60 } }
    case 'door':
      return {
        eye: doorEye(look, plan.outline) ?? { x: halfLengthMm(plan.outline) + 1700, y: -plan.outline.halfWidthMm - 1500, z: floor + STANDING_EYE_MM },
        at: { x: 0, y: 0, z: 0 }
      }
  }
}

/** How far ahead one looks along one's own table. */
const AHEAD_MM = 1500

const isBent = ({ table: { shape } }: Look) => shape.kind === 'joined' && shape.form !== 'straight'

function ahead({ x, y }: Point, turnRad: number): Point {
  const at = fromFrame({ x, y, turnRad }, { x: 0, y: AHEAD_MM })
  return { x: at.x, y: at.y }
}

/** A viewpoint with the head turned: yaw to the left, pitch up, in radians. */
export function turnedHead({ eye, at }: Viewpoint, yawRad: number, pitchRad: number): Viewpoint {
  const [dx, dy, dz] = [at.x - eye.x, at.y - eye.y, at.z - eye.z]
  const flat = Math.hypot(dx, dy)
  const yaw = Math.atan2(dy, dx) + yawRad
  const pitch = Math.max(-1.3, Math.min(0.9, Math.atan2(dz, flat) + pitchRad))
  const reach = Math.hypot(flat, dz)
  return {
    eye,
    at: { x: eye.x + reach * Math.cos(pitch) * Math.cos(yaw), y: eye.y + reach * Math.cos(pitch) * Math.sin(yaw), z: eye.z + reach * Math.sin(pitch) }
  }
}
