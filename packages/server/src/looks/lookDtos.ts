import type { LookAnswerDto } from '@hestiad/api'
import { lookHash } from '@hestiad/core'
import type { OpenLook } from './lookBook.js'

/** An open look as it is answered. */
export function lookAnswer({ id, occasionId, revision, look, history }: OpenLook) {
  return { id, occasionId, revision, hash: lookHash(look), look, history } satisfies Readonly<Record<keyof LookAnswerDto, unknown>>
}
