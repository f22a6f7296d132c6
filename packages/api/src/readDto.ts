import { plainToInstance } from 'class-transformer'
import { validateSync, type ValidationError } from 'class-validator'
import { documentsOf } from './coreTypes.js'

/** A place of a request that cannot be used, as a JSON Pointer, and why. */
export interface FieldFault {
  readonly place: string
  readonly message: string
}

export type Read<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly faults: readonly FieldFault[] }

/** Reads a value as a DTO class: the server its requests, the page its forms, so that both say the same of the same field. */
export function readDto<T extends object>(type: new () => T, value: unknown): Read<T> {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return { ok: false, faults: [{ place: '', message: 'must be an object' }] }
  // documents are not copied: they are large, and the core reads them itself
  const whole = Object.entries(value).filter(([member]) => documentsOf(type).has(member))
  const small = Object.fromEntries(Object.entries(value).filter(([member]) => !documentsOf(type).has(member)))
  const poison = poisonIn(small, '')
  if (poison) return { ok: false, faults: [poison] }
  const instance = Object.assign(plainToInstance(type, small), Object.fromEntries(whole)) as T
  const errors = validateSync(instance, { whitelist: true, forbidNonWhitelisted: true, forbidUnknownValues: true })
  return errors.length === 0 ? { ok: true, value: instance } : { ok: false, faults: errors.flatMap((error) => faultsOf(error, '')) }
}

/** The first name in a request that every object answers to by itself, as `constructor`: no member of any request is called so. */
function poisonIn(value: unknown, above: string): FieldFault | undefined {
  if (typeof value !== 'object' || value === null) return undefined
  for (const [name, inner] of Object.entries(value)) {
    const place = `${above}/${name}`
    const fault = name in Object.prototype ? { place, message: 'is not a property of this request' } : poisonIn(inner, place)
    if (fault) return fault
  }
  return undefined
}

function faultsOf(error: ValidationError, above: string): FieldFault[] {
  const place = `${above}/${error.property}`
  const own = Object.values(error.constraints ?? {}).map((message) => ({ place, message }))
  return [...own, ...(error.children ?? []).flatMap((child) => faultsOf(child, place))]
}
