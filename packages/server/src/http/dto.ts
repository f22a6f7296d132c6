import { readDto as read } from '@hestiad/api'
import { ApiError } from '../errors.js'

/** Reads a request body as a DTO class. @throws ApiError bad-request naming every field at fault */
export function readDto<T extends object>(type: new () => T, body: unknown): T {
  const parsed = read(type, body)
  if (!parsed.ok) throw new ApiError('bad-request', parsed.faults)
  return parsed.value
}
