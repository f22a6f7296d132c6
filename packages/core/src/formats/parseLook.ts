import * as checks from '#lookChecks'
import type { ErrorObject, ValidateFunction } from 'ajv'
import type { Look } from '../design/look.js'
import { checkLook } from './checkLook.js'
import { danglingIds } from './danglingIds.js'
import type { Fault, Parsed } from '../lists/fault.js'
import { fillLook, isRecord } from './fillLook.js'

const MOST_FAULTS = 20

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
  if (!checks.quick(value) && !checks.look(value)) return { ok: false, faults: faultsOf(checks.look).slice(0, MOST_FAULTS) }
  const whole = { ...(value as Look), ...checked }
  const faults = checkLook(whole).slice(0, MOST_FAULTS)
  return faults.length > 0 ? { ok: false, faults } : { ok: true, value: whole }
}

const faultsOf = ({ errors }: ValidateFunction) => (errors ?? []).map(faultOf)

/** Checks one piece against the schema. */
export const pieceFaults = (value: unknown): Fault[] => (checks.piece(value) ? [] : faultsOf(checks.piece))

/** Checks one offer against the schema. */
export const offerFaults = (value: unknown): Fault[] => (checks.offer(value) ? [] : faultsOf(checks.offer))

/** Checks the facts of one piece against their schema. */
export const factsFaults = (value: unknown): Fault[] => (checks.facts(value) ? [] : faultsOf(checks.facts))

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
