import 'reflect-metadata'
import { validateSync, type ValidationError } from 'class-validator'
import { isRecord, type Fault } from '@hestiad/core/formats'
import { ApiError } from '../errors.js'

/** A DTO class; `nested` names the members that are DTOs themselves. Documents within are not copied, they have a schema of their own. */
export interface DtoClass<T> {
  new (): T
  readonly nested?: Readonly<Record<string, DtoClass<object>>>
}

/** Reads a request body as a DTO class. @throws ApiError bad-request naming every field at fault */
export function readDto<T extends object>(type: DtoClass<T>, body: unknown): T {
  if (!isRecord(body)) throw new ApiError('bad-request', [{ place: '', message: 'must be an object' }])
  const dto = instance(type, body, '')
  const errors = validateSync(dto, { whitelist: true, forbidNonWhitelisted: true, forbidUnknownValues: true })
  if (errors.length > 0)
    throw new ApiError(
      'bad-request',
      errors.flatMap((error) => faultsOf(error, ''))
    )
  return dto
}

function instance<T extends object>(type: DtoClass<T>, body: Record<string, unknown>, above: string): T {
  // the parser lets these names through, and assigning them would change what the object is
  for (const name of ['__proto__', 'constructor'])
    if (Object.hasOwn(body, name)) throw new ApiError('bad-request', [{ place: `${above}/${name}`, message: 'is not a property of this request' }])
  const dto = Object.assign(new type(), body) as T & Record<string, unknown>
  for (const [name, inner] of Object.entries(type.nested ?? {})) {
    const value = body[name]
    if (isRecord(value)) (dto as Record<string, unknown>)[name] = instance(inner, value, `${above}/${name}`)
  }
  return dto
}

function faultsOf(error: ValidationError, above: string): Fault[] {
  const place = `${above}/${error.property}`
  const own = Object.values(error.constraints ?? {}).map((message) => ({ place, message }))
  return [...own, ...(error.children ?? []).flatMap((child) => faultsOf(child, place))]
}
