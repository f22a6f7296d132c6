import type { Blocked, Claim, CupboardItem, Edit, Look, Offer, Piece, Plan, Shop, Table, Uses } from '@hestiad/core'

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

/** For each header of a CSV the column it stands for, or null. */
export type ColumnMap = Readonly<Record<string, string | null>>

export interface CupboardPreview {
  /** Every column a cupboard file can have. */
  readonly columns: readonly string[]
  readonly header: readonly string[]
  readonly map: ColumnMap
  readonly rows: readonly (readonly string[])[]
  readonly count: number
  readonly faults: readonly Fault[]
  readonly added: number
  readonly changed: number
  readonly assumed: number
}

export interface Article {
  readonly piece: Piece
  readonly likeness: number | null
  readonly offers: readonly Offer[]
}

export interface NotedOffer {
  pieceId: string
  shop: string
  packSize: number
  priceCents?: number
  stock: number
  leadDays: number
  day: string
  note: string
  photoId?: string
}

export interface PhotoAnswer {
  readonly id: string
  readonly widthPx: number
  readonly heightPx: number
}

/** A buying plan in the making, or made. */
export type PlanJob =
  | { readonly state: 'running'; readonly elapsedMs: number; readonly progress: { readonly best: number | null; readonly bound: number | null } | null }
  | { readonly state: 'canceled' }
  | { readonly state: 'failed'; readonly message: string }
  | {
      readonly state: 'done'
      readonly elapsedMs: number
      readonly day: string
      readonly plan: Plan
      readonly blocked: readonly Blocked[]
      readonly offers: readonly Offer[]
      readonly shops: readonly Shop[]
      /** Pieces of the shops that could stand in for what cannot be had. */
      readonly alike: readonly Piece[]
      readonly size: { readonly lines: number; readonly offers: number; readonly shops: number }
    }

function mapQuery(map: ColumnMap | undefined): string {
  return map ? `?${new URLSearchParams({ map: JSON.stringify(map) })}` : ''
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
    const content = body === undefined ? {} : { body: typeof body === 'string' || body instanceof Blob ? body : JSON.stringify(body) }
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
  cupboard: () => call<{ items: CupboardItem[]; offers: Offer[] }>('GET', '/api/cupboard'),
  saveItem: (item: CupboardItem) => call<CupboardItem>('PUT', `/api/cupboard/${item.piece.id}`, item),
  saveItems: (items: readonly CupboardItem[]) => call<{ written: number }>('PATCH', '/api/cupboard', { items }),
  removePiece: (id: string) => call<undefined>('DELETE', `/api/cupboard/${id}`),
  previewCupboard: (text: string, map?: ColumnMap) =>
    call<CupboardPreview>('POST', `/api/cupboard.csv/preview${mapQuery(map)}`, text, { 'content-type': 'text/csv' }),
  importCupboard: (text: string, map?: ColumnMap) =>
    call<{ imported: number }>('POST', `/api/cupboard.csv${mapQuery(map)}`, text, { 'content-type': 'text/csv' }),
  uses: () => call<{ day: string; uses: Record<string, Uses> }>('GET', '/api/cupboard/uses'),
  claims: (id: string) => call<{ claims: Claim[] }>('GET', `/api/looks/${id}/claims`),
  shops: () => call<{ day: string; shops: Shop[] }>('GET', '/api/shops'),
  articles: (query: Record<string, string>) =>
    call<{ day: string; total: number; articles: Article[] }>('GET', `/api/shops/articles?${new URLSearchParams(query)}`),
  noteOffer: (offer: NotedOffer) => call<Offer>('POST', '/api/offers', offer),
  removeOffer: (id: string) => call<undefined>('DELETE', `/api/offers/${id}`),
  importOffers: (text: string) => call<{ imported: number }>('POST', '/api/offers.csv', text, { 'content-type': 'text/csv' }),
  startPlan: (look: Look) => call<{ id: string }>('POST', '/api/plans', { look }),
  plan: (id: string) => call<PlanJob>('GET', `/api/plans/${id}`),
  cancelPlan: (id: string) => call<undefined>('DELETE', `/api/plans/${id}`),
  addPhoto: (file: Blob) => call<PhotoAnswer>('POST', '/api/photos', file, { 'content-type': file.type || 'application/octet-stream' })
}
