import type { Fault } from '@hestiad/core/formats'

/** Every error the API answers with: its status and what it says. Each has a section in docs/errors.md. */
export const errorCatalogue = {
  'bad-json': { status: 400, message: 'The request is not readable JSON.' },
  'bad-request': { status: 400, message: 'The request has fields that cannot be used; nothing was changed.' },
  'foreign-page': { status: 403, message: 'Only pages of this server may do that; nothing was changed.' },
  'not-found': { status: 404, message: 'There is nothing at this address; it may have been removed.' },
  'revision-conflict': {
    status: 409,
    message: 'The look was changed elsewhere meanwhile in the same place; nothing was overwritten. Keep both, or load the newer one.'
  },
  'last-look': { status: 409, message: 'This is the only look of its occasion; nothing was removed. Remove the occasion, or begin another look first.' },
  'hash-differs': { status: 409, message: 'The look here is not the one the edits were made on; nothing was changed. Load it and send the edits again.' },
  'revision-stale': { status: 412, message: 'The look was saved elsewhere meanwhile; nothing was overwritten. Keep both, or load the newer one.' },
  'timed-out': { status: 408, message: 'The request did not come to its end in time; nothing was changed. Send it again.' },
  'too-large': { status: 413, message: 'The request is larger than 8 MB; nothing was changed.' },
  'address-too-long': { status: 414, message: 'The address is too long; nothing was changed.' },
  'unsupported-type': { status: 415, message: 'Send application/json, or text/csv where a CSV file is asked for.' },
  'damaged-look': { status: 422, message: 'What is stored of this look cannot be read. It can be saved as it is, and other looks are not touched by it.' },
  'unusable-edit': { status: 422, message: 'The edit names a place the look does not have; nothing was changed.' },
  'unusable-look': { status: 422, message: 'The file is not a usable look; nothing was changed.' },
  'unusable-cupboard': { status: 422, message: 'The file is not a usable cupboard; no row was taken.' },
  'unusable-offers': { status: 422, message: 'The file is not a usable list of offers; no row was taken.' },
  'unusable-photo': { status: 422, message: 'The file is not a photo this can read; nothing was kept.' },
  'revision-missing': { status: 428, message: 'Send the revision you began from as If-Match.' },
  'too-many': { status: 429, message: 'That was asked for very often; nothing was changed. Wait a moment and send it again.' },
  'header-too-large': { status: 431, message: 'The headers of the request are too large; nothing was changed.' },
  internal: { status: 500, message: 'Something went wrong inside; what was saved before is safe.' },
  busy: { status: 503, message: 'There is more to work out than this server can at once; nothing was changed. Send it again in a moment.' },
  'too-slow': { status: 503, message: 'This took longer than allowed and was stopped; nothing was changed. Try it with less.' },
  'not-stored': {
    status: 507,
    message: 'The disk is full or cannot be written; this was not kept. Make room; nothing needs to be started again.'
  }
} as const satisfies Record<string, { status: number; message: string }>

export type ErrorCode = keyof typeof errorCatalogue

/** An error of the catalogue, with the places that are at fault and what else the client needs. */
export class ApiError extends Error {
  constructor(
    readonly code: ErrorCode,
    readonly faults: readonly Fault[] = [],
    readonly details: Readonly<Record<string, unknown>> = {}
  ) {
    super(errorCatalogue[code].message)
  }

  get status(): number {
    return errorCatalogue[this.code].status
  }

  toJSON(): Record<string, unknown> {
    return { error: { code: this.code, message: this.message, faults: this.faults, ...this.details } }
  }
}
