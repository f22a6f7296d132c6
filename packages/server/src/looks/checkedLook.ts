import { setImmediate as immediate } from 'node:timers/promises'
import { lookHash, type Look } from '@hestiad/core'
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
  async (value, letters) => {
    if (letters <= LARGE) return validateLook(value)
    const parsed = await workers.run('checkLook', [value])
    if (parsed.ok) await fingerprintByParts(parsed.value)
    return parsed
  }

/** About so many characters of JSON are a piece or an offer. */
const LETTERS_A_PIECE = 330

/** About how large a look is that did not come as text. */
export const lettersOf = (look: Look): number => LETTERS_A_PIECE * (look.pieces.length + look.offers.length)

/** How large what came with a request is. */
export const lettersIn = ({ headers }: Pick<FastifyRequest, 'headers'>): number => Number(headers['content-length'] ?? Infinity)

/** A look that came from outside, about so large. @throws ApiError unusable-look naming the places, busy */
export async function lookFrom(workers: Workers, letters: number, value: unknown): Promise<Look> {
  const parsed = await checkLookBy(workers)(value, letters)
  if (!parsed.ok) throw new ApiError('unusable-look', parsed.faults)
  return parsed.value
}

/** So many pieces or offers are gone through at a time. */
const AT_A_TIME = 500

/** The fingerprint of a large look, whose parts are known from then on, is made in steps between which others are answered. */
async function fingerprintByParts({ pieces, offers }: Look): Promise<void> {
  for (const list of [pieces, offers])
    for (let at = 0; at < list.length; at += AT_A_TIME) {
      lookHash(list.slice(at, at + AT_A_TIME))
      await immediate()
    }
}
