import { AssessmentDto } from './assessment.js'
import { CupboardDto, CupboardPreviewDto, HealthDto, ImportedDto, ItemDto, ItemsDto, SetAsidesDto, UsesDto, WrittenDto } from './cupboard.js'
import { CopyLookDto, JournalDto, LookAnswerDto, ReplacedDto, ReplaceLookDto, SavedDto, SaveEditsDto, SinceDto } from './looks.js'
import { ClaimsDto, NewOccasionDto, OccasionsDto } from './occasions.js'
import {
  ArticlesDto,
  CanceledPlanDto,
  DonePlanDto,
  FailedPlanDto,
  NotedOfferDto,
  PhotoDto,
  RunningPlanDto,
  ShopsDto,
  StartedDto,
  StartPlanDto
} from './shops.js'
import type { CoreType } from './coreTypes.js'

export type DtoClass = abstract new () => object

/** What is sent or answered: an instance of a class, one of several, one of the core's types, or bytes of a content type. */
export type Body = { readonly of: DtoClass } | { readonly oneOf: readonly DtoClass[] } | { readonly core: CoreType } | { readonly types: readonly string[] }

export interface Operation {
  readonly method: 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE'
  /** Path with its parameters as `:id`. */
  readonly path: string
  readonly tag: string
  readonly summary: string
  readonly query?: Readonly<Record<string, string>>
  readonly headers?: Readonly<Record<string, string>>
  readonly body?: Body
  /** Status and what it carries; null carries nothing. Errors are answered as `ProblemDto` by every operation. */
  readonly answers: Readonly<Record<number, Body | null>>
}

const json = (of: DtoClass): Body => ({ of })
const file = (type: string): Body => ({ types: [type] })
const csv: Body = { types: ['text/csv', 'text/plain'] }
const look: Body = { core: 'Look' }
const xlsx = 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet'

/** Every operation of the API. */
export const operations = {
  listOccasions: { method: 'GET', path: '/api/occasions', tag: 'occasions', summary: 'All occasions with their looks', answers: { 200: json(OccasionsDto) } },
  addOccasion: {
    ...{ method: 'POST', path: '/api/occasions', tag: 'occasions', summary: 'A new occasion with a first look from the cupboard' },
    ...{ body: json(NewOccasionDto), answers: { 201: json(LookAnswerDto) } }
  },
  removeOccasion: { method: 'DELETE', path: '/api/occasions/:id', tag: 'occasions', summary: 'Remove an occasion and its looks', answers: { 204: null } },

  getLook: {
    method: 'GET',
    path: '/api/looks/:id',
    tag: 'looks',
    summary: 'A look with its revision (ETag) and its undo history',
    answers: { 200: json(LookAnswerDto) }
  },
  saveEdits: {
    ...{ method: 'PATCH', path: '/api/looks/:id', tag: 'looks' },
    summary: 'Append edits made on a revision; what others saved in between is merged where it touches other parts, else 409 with it',
    ...{ body: json(SaveEditsDto), answers: { 200: json(SavedDto) } }
  },
  replaceLook: {
    ...{
      method: 'PUT',
      path: '/api/looks/:id',
      tag: 'looks',
      summary: 'Import a whole look over the revision named in If-Match; 412 when it is not the newest'
    },
    ...{ headers: { 'if-match': 'the revision, in quotes' }, body: json(ReplaceLookDto), answers: { 200: json(ReplacedDto) } }
  },
  listEdits: {
    method: 'GET',
    path: '/api/looks/:id/edits',
    tag: 'looks',
    summary: 'The journal of a look: who changed what when',
    answers: { 200: json(JournalDto) }
  },
  editsSince: {
    ...{ method: 'GET', path: '/api/looks/:id/edits/since/:revision', tag: 'looks', summary: 'The edits after a revision, with their patches' },
    answers: { 200: json(SinceDto) }
  },
  copyLook: {
    ...{ method: 'POST', path: '/api/looks/:id/copies', tag: 'looks', summary: 'Keep a version as another look of the same occasion' },
    ...{ body: json(CopyLookDto), answers: { 201: json(LookAnswerDto) } }
  },
  importLook: {
    ...{ method: 'POST', path: '/api/looks', tag: 'looks', summary: 'Import a look file as a new occasion', body: look },
    answers: { 201: json(LookAnswerDto) }
  },
  lookFile: { method: 'GET', path: '/api/looks/:id/file', tag: 'looks', summary: 'The look as a file', answers: { 200: look } },
  buyListCsv: { method: 'GET', path: '/api/looks/:id/buy-list.csv', tag: 'looks', summary: 'What is still to buy, as CSV', answers: { 200: file('text/csv') } },
  buyListXlsx: {
    method: 'GET',
    path: '/api/looks/:id/buy-list.xlsx',
    tag: 'looks',
    summary: 'What is still to buy, as a spreadsheet',
    answers: { 200: file(xlsx) }
  },
  buyListPdf: {
    ...{ method: 'GET', path: '/api/looks/:id/buy-list.pdf', tag: 'looks', summary: 'What to carry to the shops, as PDF' },
    answers: { 200: file('application/pdf') }
  },
  lookClaims: {
    ...{ method: 'GET', path: '/api/looks/:id/claims', tag: 'looks', summary: 'Pieces that other occasions lay on days too near' },
    answers: { 200: json(ClaimsDto) }
  },

  getCupboard: {
    method: 'GET',
    path: '/api/cupboard',
    tag: 'cupboard',
    summary: 'All pieces with what is known of them, and the offers kept',
    answers: { 200: json(CupboardDto) }
  },
  putItem: {
    ...{ method: 'PUT', path: '/api/cupboard/:id', tag: 'cupboard', summary: 'Write one piece and its facts' },
    ...{ body: json(ItemDto), answers: { 200: json(ItemDto) } }
  },
  putItems: {
    ...{ method: 'PATCH', path: '/api/cupboard', tag: 'cupboard', summary: 'Write several pieces at once: all or none' },
    ...{ body: json(ItemsDto), answers: { 200: json(WrittenDto) } }
  },
  removePiece: {
    method: 'DELETE',
    path: '/api/cupboard/:id',
    tag: 'cupboard',
    summary: 'Remove one piece and its offers; looks that carry it keep their copy',
    answers: { 204: null }
  },
  cupboardCsv: { method: 'GET', path: '/api/cupboard.csv', tag: 'cupboard', summary: 'The cupboard as CSV', answers: { 200: file('text/csv') } },
  importCupboard: {
    ...{ method: 'POST', path: '/api/cupboard.csv', tag: 'cupboard', summary: 'Import a cupboard CSV: all rows or none' },
    ...{ query: { map: 'JSON: the column each header stands for, or null' }, body: csv, answers: { 200: json(ImportedDto) } }
  },
  previewCupboard: {
    ...{ method: 'POST', path: '/api/cupboard.csv/preview', tag: 'cupboard' },
    summary: 'Read a CSV without taking it: header, guessed columns, first rows, faults, what is new',
    ...{ query: { map: 'JSON: the column each header stands for, or null' }, body: csv, answers: { 200: json(CupboardPreviewDto) } }
  },
  binLabels: {
    ...{ method: 'GET', path: '/api/cupboard/labels.pdf', tag: 'cupboard', summary: 'Labels for bins and shelves with QR codes, as PDF' },
    answers: { 200: file('application/pdf') }
  },
  cupboardUses: {
    ...{ method: 'GET', path: '/api/cupboard/uses', tag: 'cupboard', summary: 'How often each piece was laid and will be, by the looks kept' },
    answers: { 200: json(UsesDto) }
  },

  listShops: {
    ...{ method: 'GET', path: '/api/shops', tag: 'shops', summary: 'The shops of a day: delivery, coupons' },
    ...{ query: { day: 'the day, ISO; today when absent' }, answers: { 200: json(ShopsDto) } }
  },
  listArticles: {
    ...{ method: 'GET', path: '/api/shops/articles', tag: 'shops', summary: 'Articles with their offers of a day, by words, kind and shop, or like a piece' },
    query: { q: 'words', kind: 'kind of piece', shop: 'name of a shop', day: 'the day, ISO; today when absent', like: 'id of a piece' },
    answers: { 200: json(ArticlesDto) }
  },
  noteOffer: {
    ...{ method: 'POST', path: '/api/offers', tag: 'shops', summary: 'Keep an offer seen in a shop; an article of a shop joins the cupboard, owned 0' },
    ...{ body: json(NotedOfferDto), answers: { 201: { core: 'Offer' } } }
  },
  removeOffer: { method: 'DELETE', path: '/api/offers/:id', tag: 'shops', summary: 'Drop an offer that was kept', answers: { 204: null } },
  offersCsv: { method: 'GET', path: '/api/offers.csv', tag: 'shops', summary: 'The offers kept, as CSV', answers: { 200: file('text/csv') } },
  importOffers: {
    ...{ method: 'POST', path: '/api/offers.csv', tag: 'shops', summary: 'Import offers from CSV: all rows or none' },
    ...{ body: csv, answers: { 200: json(ImportedDto) } }
  },

  startPlan: {
    ...{ method: 'POST', path: '/api/plans', tag: 'plans', summary: 'Start a buying plan for a look, with the day’s prices' },
    ...{ body: json(StartPlanDto), answers: { 202: json(StartedDto) } }
  },
  getPlan: {
    ...{ method: 'GET', path: '/api/plans/:id', tag: 'plans', summary: 'How far a plan is, or the plan' },
    answers: { 200: { oneOf: [RunningPlanDto, CanceledPlanDto, FailedPlanDto, DonePlanDto] } }
  },
  cancelPlan: { method: 'DELETE', path: '/api/plans/:id', tag: 'plans', summary: 'Cancel a plan in the making', answers: { 204: null } },

  addPhoto: {
    ...{ method: 'POST', path: '/api/photos', tag: 'photos', summary: 'Keep a photo (JPEG, PNG or WebP as the body)' },
    body: { types: ['image/jpeg', 'image/png', 'image/webp', 'application/octet-stream'] },
    answers: { 201: json(PhotoDto) }
  },
  getPhoto: {
    method: 'GET',
    path: '/api/photos/:id/:size',
    tag: 'photos',
    summary: 'A photo, `small` or `large`, as JPEG',
    answers: { 200: file('image/jpeg') }
  },

  assess: {
    ...{ method: 'POST', path: '/api/assess', tag: 'assess', summary: 'Figures and findings of a look' },
    ...{ body: look, answers: { 200: json(AssessmentDto) } }
  },

  health: { method: 'GET', path: '/api/health', tag: 'about', summary: 'Whether the server runs', answers: { 200: json(HealthDto) } },
  listSetAside: {
    method: 'GET',
    path: '/api/set-aside',
    tag: 'about',
    summary: 'Rows kept aside because they no longer fit',
    answers: { 200: json(SetAsidesDto) }
  },
  openApi: { method: 'GET', path: '/api/openapi.json', tag: 'about', summary: 'This description', answers: { 200: file('application/json') } },
  docs: { method: 'GET', path: '/api/docs', tag: 'about', summary: 'This description, to be read', answers: { 200: file('text/html') } }
} as const satisfies Readonly<Record<string, Operation>>

export type OperationName = keyof typeof operations
