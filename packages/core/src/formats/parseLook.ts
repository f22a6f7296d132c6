import { Ajv, type ErrorObject, type ValidateFunction } from 'ajv'
import type { Look } from '../design/look.js'
import { isCalendarDay } from '../units/clock.js'
import { checkLook } from './checkLook.js'
import { danglingIds } from './danglingIds.js'
import { factsSchema } from './factsSchema.js'
import type { Fault, Parsed } from '../lists/fault.js'
import { fillLook, isRecord } from './fillLook.js'
import { lookSchema } from './lookSchema.js'

const MOST_FAULTS = 20

const schemas = {
  quick: () => counted(lookSchema) as object,
  look: () => lookSchema,
  piece: () => ({ $defs: lookSchema.$defs, $ref: '#/$defs/piece' }),
  offer: () => ({ $defs: lookSchema.$defs, ...(lookSchema.properties['offers'] as { readonly items: object }).items }),
  facts: () => factsSchema
} as const

const compiled = new Map<string, ValidateFunction>()
let ajv: Ajv | undefined

/** Compiled when it is first asked for: a large schema takes a third of a second. */
function validator(name: keyof typeof schemas): ValidateFunction {
  let validate = compiled.get(name)
  if (!validate) {
    ajv ??= new Ajv({ allErrors: false, discriminator: true, strictSchema: true, strictTypes: false, allowUnionTypes: true }).addFormat('date', isCalendarDay)
    validate = ajv.compile(schemas[name]())
    compiled.set(name, validate)
  }
  return validate
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

/** Compiles what whole looks are checked by, which takes two thirds of a second, before anybody waits for it. */
export function prepareLookChecks(): void {
  validator('quick')
  validator('look')
}

/** Reads a look file. Every fault names its place; nothing is mended silently. */
export function parseLook(text: string): Parsed<Look> {
  let value: unknown
  try {
    value = JSON.parse(text.replace(/^\uFEFF/, ''))
  } catch (error) {
    return { ok: false, faults: [{ place: '', message: `not JSON: ${(error as Error).message}` }] }
  }
  const parsed = validateLook(value)
  if (!parsed.ok) return parsed
  const faults = danglingIds(parsed.value).slice(0, MOST_FAULTS)
  return faults.length > 0 ? { ok: false, faults } : parsed
}

/**
 * Makes an older look whole, checks it against the schema, then what no schema can say: ids that resolve, supports that carry, times in order.
 * `checked` are lists of the look that are whole and of the right form already.
 */
export function validateLook(given: unknown, checked: Readonly<Record<string, readonly unknown[]>> = {}): Parsed<Look> {
  const empty = Object.fromEntries(Object.keys(checked).map((name) => [name, []]))
  const value = fillLook(isRecord(given) ? { ...given, ...empty } : given)
  if (!validator('quick')(value)) {
    const named = validator('look')
    if (!named(value)) return { ok: false, faults: (named.errors ?? []).slice(0, MOST_FAULTS).map(faultOf) }
  }
  const whole = { ...(value as Look), ...checked }
  const faults = checkLook(whole).slice(0, MOST_FAULTS)
  return faults.length > 0 ? { ok: false, faults } : { ok: true, value: whole }
}

/** Checks one piece against the schema. */
export function pieceFaults(value: unknown): Fault[] {
  const piece = validator('piece')
  return piece(value) ? [] : (piece.errors ?? []).map(faultOf)
}

/** Checks one offer against the schema. */
export function offerFaults(value: unknown): Fault[] {
  const offer = validator('offer')
  return offer(value) ? [] : (offer.errors ?? []).map(faultOf)
}

/** Checks the facts of one piece against their schema. */
export function factsFaults(value: unknown): Fault[] {
  const facts = validator('facts')
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
  if (error.keyword === 'format') return { place, message: 'is no day of the calendar' }
  if (error.keyword === 'discriminator') return { place: `${place}/kind`, message: 'is not a kind known here' }
  return { place, message: error.message ?? error.keyword }
}
