import { finishes, lastings, origins, seasons } from '../cupboard/facts.js'
import { answers } from '../design/piece.js'

const text = (maxLength: number) => ({ type: 'string', maxLength })
const oneOf = (names: readonly string[]) => ({ type: 'string', enum: names })
const centsOrNull = { oneOf: [{ type: 'integer', minimum: 0, maximum: 1_000_000_000_000 }, { type: 'null' }] }
const dayOrEmpty = { type: 'string', pattern: '^([0-9]{4}-(0[1-9]|1[0-2])-(0[1-9]|[12][0-9]|3[01]))?$' }

const properties = {
  finish: oneOf(finishes),
  motif: text(100),
  seasons: { type: 'array', maxItems: 4, uniqueItems: true, items: oneOf(seasons) },
  lasting: oneOf(lastings),
  usage: oneOf(['everyday', 'occasions', 'unknown']),
  breakable: oneOf(answers),
  origin: oneOf(origins),
  acquired: { type: 'string', pattern: '^([0-9]{4}(-(0[1-9]|1[0-2])-(0[1-9]|[12][0-9]|3[01]))?)?$' },
  paidCents: centsOrNull,
  listCents: centsOrNull,
  provenance: text(200),
  notes: text(2000),
  buyHint: text(200),
  behind: { type: 'string', pattern: '^([a-z0-9][a-z0-9-]{0,63})?$' },
  doNotRemove: { type: 'boolean' },
  setName: text(100),
  setCount: { type: 'integer', minimum: 0, maximum: 10_000 },
  borrowedFrom: text(100),
  returnBy: dayOrEmpty,
  photoId: { oneOf: [{ type: 'string', pattern: '^[a-z0-9][a-z0-9-]{0,63}$' }, { type: 'null' }] },
  lastUsed: dayOrEmpty,
  assumed: { type: 'array', maxItems: 20, items: text(40) }
}

/** JSON Schema of what the household knows of a piece; closed, every property required. */
export const factsSchema = { type: 'object', additionalProperties: false, required: Object.keys(properties), properties }
