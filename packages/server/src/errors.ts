import type { Fault } from '@hestiad/core/formats'

/** Every error the API answers with: its status and what it says. Each has a section in docs/errors.md. */
export const errorCatalogue = {
  'bad-json': { status: 400, message: 'The request is not readable JSON.' },
  'bad-request': { status: 400, message: 'The request has fields that cannot be used; nothing was changed.' },
  'not-found': { status: 404, message: 'There is nothing at this address; it may have been removed.' },
  'revision-conflict': {
    status: 409,
    message: 'The look was changed elsewhere meanwhile in the same place; nothing was overwritten. Keep both, or load the newer one.'
  },
  'hash-differs': { status: 409, message: 'The look here is not the one the edits were made on; nothing was changed. Load it and send the edits again.' },
  'revision-stale': { status: 412, message: 'The look was saved elsewhere meanwhile; nothing was overwritten. Keep both, or load the newer one.' },
  'too-large': { status: 413, message: 'The request is larger than 8 MB; nothing was changed.' },
  'unsupported-type': { status: 415, message: 'Send application/json, or text/csv where a CSV file is asked for.' },
  'unusable-edit': { status: 422, message: 'The edit names a place the look does not have; nothing was changed.' },
  'unusable-look': { status: 422, message: 'The file is not a usable look; nothing was changed.' },
  'unusable-cupboard': { status: 422, message: 'The file is not a usable cupboard; no row was taken.' },
  'unusable-offers': { status: 422, message: 'The file is not a usable list of offers; no row was taken.' },
  'unusable-photo': { status: 422, message: 'The file is not a photo this can read; nothing was kept.' },
  'revision-missing': { status: 428, message: 'Send the revision you began from as If-Match.' },
  internal: { status: 500, message: 'Something went wrong inside; what was saved before is safe.' }
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
