import type { Course } from './course.js'
import type { NeedGroup, TableZone } from './money.js'
import type { Side } from './look.js'
import type { FlatwareRole, GlassRole } from './piece.js'

export interface AtTable {
  readonly kind: 'table'
}
export interface AtSeats {
  readonly kind: 'seats'
  /** Numbers of the places, from 1. */
  readonly numbers: readonly number[]
}
export interface AtPiece {
  readonly kind: 'piece'
  readonly placedId: string
}
/** A piece and the one it runs into, stands in or belongs to. */
export interface AtTwo extends AtPiece {
  readonly otherId: string
}
/** A piece and the plants in it, or itself where it is one. */
export interface AtPlants extends AtPiece {
  readonly plantIds: readonly string[]
}
export interface AtLinen {
  readonly kind: 'linen'
  readonly pieceId: string
}
export interface AtRole<Role extends FlatwareRole | GlassRole> {
  readonly kind: 'role'
  readonly role: Role
}
/** A side of the room. */
export interface AtSide {
  readonly kind: 'side'
  readonly side: Side
}
/** A piece wherever it is used. */
export interface AtLine {
  readonly kind: 'line'
  readonly pieceId: string
}
export interface AtMoney {
  readonly kind: 'money'
}
export interface AtDish {
  readonly kind: 'dish'
  readonly dishId: string
}
/** A guest and a course nothing of which they may eat. */
export interface AtGuest {
  readonly kind: 'guest'
  readonly guestId: string
  readonly course: Course
}
/** A group or zone of the budget. */
export interface AtPart {
  readonly kind: 'part'
  readonly part: NeedGroup | TableZone
}

/** A piece and what it leans on, hangs over or goes round; null where there is nothing. */
export interface AtManner extends AtPiece {
  readonly otherId: string | null
}

/** What a finding is about. */
export type At =
  AtTable | AtSeats | AtPiece | AtTwo | AtManner | AtLinen | AtRole<FlatwareRole | GlassRole> | AtSide | AtLine | AtMoney | AtDish | AtGuest | AtPart
