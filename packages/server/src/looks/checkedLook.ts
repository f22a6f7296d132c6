import type { Look } from '@hestiad/core'
import { validateLook } from '@hestiad/core/formats'
import type { FastifyRequest } from 'fastify'
import { ApiError } from '../errors.js'
import type { Workers } from '../work/workers.js'

/** What is larger, in characters of JSON, is checked in a thread, so that nobody else waits. */
const LARGE = 250_000

/** What checks a look: here, or in a thread where it is large. */
export type CheckLook = (value: unknown, letters: number) => Promise<ReturnType<typeof validateLook>> | ReturnType<typeof validateLook>

export const checkLookBy =
  (workers: Pick<Workers, 'run'>): CheckLook =>
  (value, letters) =>
    letters > LARGE ? workers.run('checkLook', [value]) : validateLook(value)

/** A look that came with a request. @throws ApiError unusable-look naming the places, busy */
export async function lookFrom(workers: Workers, { headers }: Pick<FastifyRequest, 'headers'>, value: unknown): Promise<Look> {
  const parsed = await checkLookBy(workers)(value, Number(headers['content-length'] ?? Infinity))
  if (!parsed.ok) throw new ApiError('unusable-look', parsed.faults)
  return parsed.value
}
