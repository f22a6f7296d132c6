import 'reflect-metadata'
import { plainToInstance, type ClassConstructor } from 'class-transformer'
import { validateSync, type ValidationError } from 'class-validator'
import type { Fault } from '@hestiad/core/formats'
import { ApiError } from '../errors.js'

/** Reads a request body as a DTO class. @throws ApiError bad-request naming every field at fault */
export function readDto<T extends object>(type: ClassConstructor<T>, body: unknown): T {
  if (typeof body !== 'object' || body === null || Array.isArray(body)) throw new ApiError('bad-request', [{ place: '', message: 'must be an object' }])
  const dto = plainToInstance(type, body)
  const errors = validateSync(dto, { whitelist: true, forbidNonWhitelisted: true, forbidUnknownValues: true })
  if (errors.length > 0)
    throw new ApiError(
      'bad-request',
      errors.flatMap((error) => faultsOf(error, ''))
    )
  return dto
}

function faultsOf(error: ValidationError, above: string): Fault[] {
  const place = `${above}/${error.property}`
  const own = Object.values(error.constraints ?? {}).map((message) => ({ place, message }))
  return [...own, ...(error.children ?? []).flatMap((child) => faultsOf(child, place))]
}
