import { Ajv, type ErrorObject, type ValidateFunction } from 'ajv'
import type { Look } from '../design/look.js'
import { checkLook } from './checkLook.js'
import { factsSchema } from './factsSchema.js'
import type { Fault, Parsed } from './fault.js'
import { fillLook } from './fillLook.js'
import { lookSchema } from './lookSchema.js'

const MOST_FAULTS = 20

let compiled: { quick: ValidateFunction; look: ValidateFunction; piece: ValidateFunction; facts: ValidateFunction } | undefined

function validators(): NonNullable<typeof compiled> {
  if (!compiled) {
    const ajv = new Ajv({ allErrors: false, discriminator: true, strictSchema: true, strictTypes: false, allowUnionTypes: true })
    compiled = {
      quick: ajv.compile(counted(lookSchema) as object),
      look: ajv.compile(lookSchema),
      piece: ajv.compile({ $defs: lookSchema.$defs, $ref: '#/$defs/piece' }),
      facts: ajv.compile(factsSchema)
    }
  }
  return compiled
}

/**
 * The schema with closed objects told by their number of properties: as all are required, it takes just the same documents, in half the time,
 * but cannot name a property too many.
 */
function counted(schema: unknown): unknown {
  if (Array.isArray(schema)) return schema.map(counted)
  if (typeof schema !== 'object' || schema === null) return schema
  const { additionalProperties, ...rest } = schema as Record<string, unknown>
  const inner = Object.fromEntries(Object.entries(rest).map(([key, part]) => [key, counted(part)]))
  return additionalProperties === false ? { ...inner, maxProperties: Object.keys(rest['properties'] as object).length } : inner
}

/** Reads a look file. Every fault names its place; nothing is mended silently. */
export function parseLook(text: string): Parsed<Look> {
  let value: unknown
  try {
    value = JSON.parse(text.replace(/^\uFEFF/, ''))
  } catch (error) {
    return { ok: false, faults: [{ place: '', message: `not JSON: ${(error as Error).message}` }] }
  }
  return validateLook(value)
}

/** Makes an older look whole, checks it against the schema, then what no schema can say: ids that resolve, supports that carry, times in order. */
export function validateLook(given: unknown): Parsed<Look> {
  const value = fillLook(given)
  const { quick, look } = validators()
  if (!quick(value) && !look(value)) return { ok: false, faults: (look.errors ?? []).slice(0, MOST_FAULTS).map(faultOf) }
  const faults = checkLook(value as Look).slice(0, MOST_FAULTS)
  return faults.length > 0 ? { ok: false, faults } : { ok: true, value: value as Look }
}

/** Checks one piece against the schema. */
export function pieceFaults(value: unknown): Fault[] {
  const { piece } = validators()
  return piece(value) ? [] : (piece.errors ?? []).map(faultOf)
}

/** Checks the facts of one piece against their schema. */
export function factsFaults(value: unknown): Fault[] {
  const { facts } = validators()
  return facts(value) ? [] : (facts.errors ?? []).map(faultOf)
}

function faultOf(error: ErrorObject): Fault {
  const params = error.params as Record<string, unknown>
  const key = params['missingProperty'] ?? params['additionalProperty']
  const place = key === undefined ? error.instancePath : `${error.instancePath}/${String(key).replace(/~/g, '~0').replace(/\//g, '~1')}`
  if (error.keyword === 'required') return { place, message: 'is missing' }
  if (error.keyword === 'additionalProperties') return { place, message: 'is not a property of this format' }
  if (error.keyword === 'enum') return { place, message: `must be one of ${(params['allowedValues'] as unknown[]).join(', ')}` }
  if (error.keyword === 'const') return { place, message: `must be ${JSON.stringify(params['allowedValue'])}` }
  if (error.keyword === 'discriminator') return { place: `${place}/kind`, message: 'is not a kind known here' }
  return { place, message: error.message ?? error.keyword }
}
