import type { Edit, Look, Offer, Piece, Table } from '@hestiad/core'

export interface History {
  readonly past: readonly Edit[]
  readonly future: readonly Edit[]
}

export interface LookAnswer {
  readonly id: string
  readonly occasionId: string
  readonly revision: number
  readonly look: Look
  readonly history: History
}

export interface OccasionAnswer {
  readonly id: string
  readonly looks: readonly { readonly id: string; readonly name: string; readonly updatedAtMs: number; readonly look: Look }[]
}

export interface NewOccasion {
  title: string
  place: string
  date: string
  arriveMin: number
  endMin: number
  guests: number
  totalCents: number
  reservePercent: number
  currency: string
  table: Table
}

export interface Fault {
  readonly place: string
  readonly message: string
}

/** What the server refused, or that it could not be reached (`code` is then `offline`). */
export class ApiProblem extends Error {
  constructor(
    readonly code: string,
    message: string,
    readonly faults: readonly Fault[],
    readonly revision?: number
  ) {
    super(message)
  }
}

async function call<T>(method: string, path: string, body?: unknown, headers: Record<string, string> = {}): Promise<T> {
  let response: Response
  try {
    const content = body === undefined ? {} : { body: typeof body === 'string' ? body : JSON.stringify(body) }
    const type: Record<string, string> = body === undefined || 'content-type' in headers ? {} : { 'content-type': 'application/json' }
    response = await fetch(path, { method, headers: { ...type, ...headers }, ...content })
  } catch {
    throw new ApiProblem('offline', 'The server cannot be reached.', [])
  }
  if (response.status === 204) return undefined as T
  const answer = (await response.json()) as T & { error?: { code: string; message: string; faults: Fault[]; revision?: number } }
  if (!response.ok)
    throw new ApiProblem(answer.error?.code ?? 'internal', answer.error?.message ?? response.statusText, answer.error?.faults ?? [], answer.error?.revision)
  return answer
}

export const api = {
  occasions: () => call<{ occasions: OccasionAnswer[] }>('GET', '/api/occasions'),
  addOccasion: (wishes: NewOccasion) => call<LookAnswer>('POST', '/api/occasions', wishes),
  removeOccasion: (id: string) => call<undefined>('DELETE', `/api/occasions/${id}`),
  look: (id: string) => call<LookAnswer>('GET', `/api/looks/${id}`),
  saveLook: (id: string, revision: number, look: Look, history: History) =>
    call<{ revision: number }>('PUT', `/api/looks/${id}`, { look, history }, { 'if-match': `"${revision}"` }),
  copyLook: (id: string, look: Look, name: string) => call<LookAnswer>('POST', `/api/looks/${id}/copies`, { look, name }),
  importLook: (text: string) => call<LookAnswer>('POST', '/api/looks', text, { 'content-type': 'application/json' }),
  cupboard: () => call<{ pieces: Piece[]; offers: Offer[] }>('GET', '/api/cupboard'),
  savePiece: (piece: Piece) => call<Piece>('PUT', `/api/cupboard/${piece.id}`, piece),
  removePiece: (id: string) => call<undefined>('DELETE', `/api/cupboard/${id}`),
  importCupboard: (text: string) => call<{ imported: number }>('POST', '/api/cupboard.csv', text, { 'content-type': 'text/csv' })
}
