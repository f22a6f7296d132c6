import { MOST_ROOM_COLORS, roomThings, sides, viewKinds } from '../design/look.js'
import { color, flag, list, object, oneOf, orNull, position, size, sizeOrZero, text } from './schemaParts.js'

const wallView = { id: { $ref: '#/$defs/id' }, name: text, kind: oneOf(...viewKinds), xMm: position, widthMm: size, bottomMm: sizeOrZero, heightMm: size }

/** The room round the table: what stands near, where light and people come in, what one sees, what colors stay. */
export const roomSchema = object({
  clearMm: object(Object.fromEntries(sides.map((side) => [side, orNull(sizeOrZero)]))),
  pass: flag,
  lightFrom: { enum: [...sides, null] },
  fixture: orNull(object({ bottomMm: size, widthMm: size, greens: orNull(object({ pieceId: { $ref: '#/$defs/id' }, hangsMm: sizeOrZero })) })),
  views: list(object({ ...wallView, side: oneOf(...sides) }), 40),
  door: { enum: [...sides, null] },
  behind: orNull(
    object({
      art: list(object(wallView), 20),
      sockets: list(object({ xMm: position, heightMm: sizeOrZero }), 20)
    })
  ),
  colors: list(object({ of: oneOf(...roomThings), color }), MOST_ROOM_COLORS)
})
