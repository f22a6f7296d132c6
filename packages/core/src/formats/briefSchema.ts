import { colorRoles, literalness, moods, occasionKinds, tableUses, touchKinds } from '../design/intent.js'
import { MOST_VERDICTS, stands } from '../design/verdict.js'
import { color, day, idOrNull, list, object, oneOf, orNull, text } from './schemaParts.js'

/** What the brief means with a look, and what people say of it. */
export const intentSchema = object({
  kind: { enum: [...occasionKinds, null] },
  moods: { ...list(oneOf(...moods), moods.length), uniqueItems: true },
  anchorId: idOrNull,
  palette: list(object({ color, role: oneOf(...colorRoles) }), 12),
  caps: list(object({ color, mostPercent: { type: 'integer', minimum: 1, maximum: 100 } }), 12),
  avoid: list(text, 20),
  effortMin: orNull({ type: 'integer', minimum: 1, maximum: 6000 }),
  use: oneOf(...tableUses),
  theme: { type: 'string', maxLength: 200 },
  literal: { enum: [...literalness, null] },
  touches: list(object({ kind: oneOf(...touchKinds), what: text, where: { type: 'string', maxLength: 200 } }), 20)
})

export const verdictsSchema = list(object({ by: text, stand: oneOf(...stands), remark: { type: 'string', maxLength: 1000 }, day }), MOST_VERDICTS)
