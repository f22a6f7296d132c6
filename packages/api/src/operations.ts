import { AssessmentDto } from './assessment.js'
import { ComposingDto, StartComposingDto } from './composing.js'
import { CupboardDto, ListPreviewDto, HealthDto, ImportedDto, ItemDto, ItemsDto, LastBackupDto, SetAsidesDto, UsesDto, WrittenDto } from './cupboard.js'
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
import { IdeaDto, IdeaFieldsDto, IdeasDto } from './ideas.js'
import { KeptDto, KeptFieldsDto, KeptListDto } from './kept.js'
import { NewShareDto, ShareDto, SharedDto, SharesDto, VotesDto } from './shares.js'
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
const csv: Body = { types: ['text/csv'] }
const reading = { reading: 'JSON: the column each header stands for or null, and the unit of its bare lengths' }
const look: Body = { core: 'Look' }
const xlsx = 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet'

/** An operation by its method and path. */
function on(
  route: `${Operation['method']} /${string}`,
  tag: string,
  summary: string,
  carries: Pick<Operation, 'query' | 'headers' | 'body' | 'answers'>
): Operation {
  const [method, path] = route.split(' ') as [Operation['method'], string]
  return { method, path, tag, summary, ...carries }
}

/** Every operation of the API. */
export const operations = {
  listOccasions: on('GET /api/occasions', 'occasions', 'All occasions with their looks', { answers: { 200: json(OccasionsDto) } }),
  addOccasion: on('POST /api/occasions', 'occasions', 'A new occasion with a first look from the cupboard', {
    body: json(NewOccasionDto),
    answers: { 201: json(LookAnswerDto) }
  }),
  removeOccasion: on('DELETE /api/occasions/:id', 'occasions', 'Remove an occasion and its looks', { answers: { 204: null } }),

  addShare: on('POST /api/occasions/:id/shares', 'shares', 'A secret address where the looks of an occasion are read and answered for some days', {
    body: json(NewShareDto),
    answers: { 201: json(ShareDto) }
  }),
  listShares: on('GET /api/occasions/:id/shares', 'shares', 'The secret addresses of an occasion that still open', { answers: { 200: json(SharesDto) } }),
  removeShare: on('DELETE /api/shares/:secret', 'shares', 'Close a secret address', { answers: { 204: null } }),
  getShare: on('GET /api/shares/:secret', 'shares', 'The looks shown at a secret address', { answers: { 200: json(SharedDto) } }),
  answerShare: on(
    'POST /api/shares/:secret/votes',
    'shares',
    'Say what one thinks of the looks shown; said again by the same name it takes the place of the former',
    {
      body: json(VotesDto),
      answers: { 204: null }
    }
  ),

  listIdeas: on('GET /api/ideas', 'ideas', 'What was seen and is to be used, and what there is to do in the rooms, the newest first', {
    answers: { 200: json(IdeasDto) }
  }),
  putIdea: on('PUT /api/ideas/:id', 'ideas', 'Write an idea or a thing to do in a room', { body: json(IdeaFieldsDto), answers: { 200: json(IdeaDto) } }),
  removeIdea: on('DELETE /api/ideas/:id', 'ideas', 'Remove an idea or a thing to do', { answers: { 204: null } }),

  listKept: on('GET /api/kept/:kind', 'kept', 'What a stylist keeps of a kind (taste, recipe, base, search or style), the oldest first', {
    answers: { 200: json(KeptListDto) }
  }),
  putKept: on('PUT /api/kept/:kind/:id', 'kept', 'Keep something; of a kind the newest 200 are kept', {
    body: json(KeptFieldsDto),
    answers: { 200: json(KeptDto) }
  }),
  removeKept: on('DELETE /api/kept/:kind/:id', 'kept', 'Keep it no longer', { answers: { 204: null } }),

  getLook: on('GET /api/looks/:id', 'looks', 'A look with its revision (ETag) and its undo history', { answers: { 200: json(LookAnswerDto) } }),
  saveEdits: on(
    'PATCH /api/looks/:id',
    'looks',
    'Append edits made on a revision; what others saved in between is merged where it touches other parts, else 409 with it',
    { body: json(SaveEditsDto), answers: { 200: json(SavedDto) } }
  ),
  replaceLook: on('PUT /api/looks/:id', 'looks', 'Import a whole look over the revision named in If-Match; 412 when it is not the newest', {
    headers: { 'if-match': 'the revision, in quotes' },
    body: json(ReplaceLookDto),
    answers: { 200: json(ReplacedDto) }
  }),
  removeLook: on('DELETE /api/looks/:id', 'looks', 'Remove a look; the last one of its occasion stays', { answers: { 204: null } }),
  listEdits: on('GET /api/looks/:id/edits', 'looks', 'The journal of a look: who changed what when', { answers: { 200: json(JournalDto) } }),
  editsSince: on('GET /api/looks/:id/edits/since/:revision', 'looks', 'The edits after a revision, with their patches', { answers: { 200: json(SinceDto) } }),
  copyLook: on('POST /api/looks/:id/copies', 'looks', 'Keep a version as another look of the same occasion', {
    body: json(CopyLookDto),
    answers: { 201: json(LookAnswerDto) }
  }),
  importLook: on('POST /api/looks', 'looks', 'Import a look file as a new occasion', { body: look, answers: { 201: json(LookAnswerDto) } }),
  storedLook: on('GET /api/looks/:id/stored', 'looks', 'What is stored of a look, as it is', { answers: { 200: file('application/json') } }),
  lookFile: on('GET /api/looks/:id/file', 'looks', 'The look as a file', { answers: { 200: look } }),
  buyListCsv: on('GET /api/looks/:id/buy-list.csv', 'looks', 'What is still to buy, as CSV', { answers: { 200: file('text/csv') } }),
  buyListXlsx: on('GET /api/looks/:id/buy-list.xlsx', 'looks', 'What is still to buy, as a spreadsheet', { answers: { 200: file(xlsx) } }),
  buyListPdf: on('GET /api/looks/:id/buy-list.pdf', 'looks', 'What to carry to the shops, as PDF', { answers: { 200: file('application/pdf') } }),
  lookClaims: on('GET /api/looks/:id/claims', 'looks', 'Pieces that other occasions lay on days too near', { answers: { 200: json(ClaimsDto) } }),

  getCupboard: on('GET /api/cupboard', 'cupboard', 'All pieces with what is known of them, and the offers kept', { answers: { 200: json(CupboardDto) } }),
  putItem: on('PUT /api/cupboard/:id', 'cupboard', 'Write one piece and its facts', { body: json(ItemDto), answers: { 200: json(ItemDto) } }),
  putItems: on('PATCH /api/cupboard', 'cupboard', 'Write several pieces at once: all or none', { body: json(ItemsDto), answers: { 200: json(WrittenDto) } }),
  removePiece: on('DELETE /api/cupboard/:id', 'cupboard', 'Remove one piece and its offers; looks that carry it keep their copy', { answers: { 204: null } }),
  cupboardCsv: on('GET /api/cupboard.csv', 'cupboard', 'The cupboard as CSV', { answers: { 200: file('text/csv') } }),
  importCupboard: on('POST /api/cupboard.csv', 'cupboard', 'Import a cupboard CSV: all rows or none', {
    query: reading,
    body: csv,
    answers: { 200: json(ImportedDto) }
  }),
  previewCupboard: on('POST /api/cupboard.csv/preview', 'cupboard', 'Read a CSV without taking it: header, guessed columns and units, faults, what is new', {
    query: reading,
    body: csv,
    answers: { 200: json(ListPreviewDto) }
  }),
  binLabels: on('GET /api/cupboard/labels.pdf', 'cupboard', 'Labels for bins and shelves with QR codes, as PDF', { answers: { 200: file('application/pdf') } }),
  cupboardUses: on('GET /api/cupboard/uses', 'cupboard', 'How often each piece was laid and will be, by the looks kept', { answers: { 200: json(UsesDto) } }),

  listShops: on('GET /api/shops', 'shops', 'The shops of a day: delivery, coupons', {
    query: { day: 'the day, ISO; today when absent' },
    answers: { 200: json(ShopsDto) }
  }),
  listArticles: on('GET /api/shops/articles', 'shops', 'Articles with their offers of a day, by words, kind and shop, or like a piece', {
    query: { q: 'words', kind: 'kind of piece', shop: 'name of a shop', day: 'the day, ISO; today when absent', like: 'id of a piece' },
    answers: { 200: json(ArticlesDto) }
  }),
  noteOffer: on('POST /api/offers', 'shops', 'Keep an offer seen in a shop; an article of a shop joins the cupboard, owned 0', {
    body: json(NotedOfferDto),
    answers: { 201: { core: 'Offer' } }
  }),
  removeOffer: on('DELETE /api/offers/:id', 'shops', 'Drop an offer that was kept', { answers: { 204: null } }),
  offersCsv: on('GET /api/offers.csv', 'shops', 'The offers kept, as CSV', { answers: { 200: file('text/csv') } }),
  importOffers: on('POST /api/offers.csv', 'shops', 'Import offers from CSV: all rows or none', {
    query: reading,
    body: csv,
    answers: { 200: json(ImportedDto) }
  }),
  previewOffers: on('POST /api/offers.csv/preview', 'shops', 'Read a CSV of offers without taking it: header, guessed columns, faults, what is new', {
    query: reading,
    body: csv,
    answers: { 200: json(ListPreviewDto) }
  }),

  startPlan: on('POST /api/plans', 'plans', 'Start a buying plan for a look, with the day’s prices', {
    body: json(StartPlanDto),
    answers: { 202: json(StartedDto) }
  }),
  getPlan: on('GET /api/plans/:id', 'plans', 'How far a plan is, or the plan', {
    answers: { 200: { oneOf: [RunningPlanDto, CanceledPlanDto, FailedPlanDto, DonePlanDto] } }
  }),
  cancelPlan: on('DELETE /api/plans/:id', 'plans', 'Cancel a plan in the making', { answers: { 204: null } }),

  startComposing: on('POST /api/looks/:id/composing', 'composing', 'Compose whole looks for a look; they take the place of those composed before', {
    body: json(StartComposingDto),
    answers: { 202: json(StartedDto) }
  }),
  goOnComposing: on('POST /api/looks/:id/composing/going-on', 'composing', 'Go on with a composing that was broken off', {
    answers: { 202: json(StartedDto) }
  }),
  getComposing: on('GET /api/looks/:id/composing', 'composing', 'How far composing is, and what was found', {
    query: { have: 'so many of its looks one has: they are told when there are more, and when it has ended' },
    answers: { 200: json(ComposingDto) }
  }),
  cancelComposing: on('DELETE /api/looks/:id/composing', 'composing', 'Break off composing; what was found stays', { answers: { 204: null } }),

  addPhoto: on('POST /api/photos', 'photos', 'Keep a photo (JPEG, PNG or WebP as the body)', {
    body: { types: ['image/jpeg', 'image/png', 'image/webp', 'application/octet-stream'] },
    answers: { 201: json(PhotoDto) }
  }),
  getPhoto: on('GET /api/photos/:id/:size', 'photos', 'A photo, `small` or `large`, as JPEG', { answers: { 200: file('image/jpeg') } }),

  assess: on('POST /api/assess', 'assess', 'Figures and findings of a look', { body: look, answers: { 200: json(AssessmentDto) } }),

  health: on('GET /api/health', 'about', 'Whether the server runs', { answers: { 200: json(HealthDto) } }),
  listSetAside: on('GET /api/set-aside', 'about', 'Rows kept aside because they no longer fit', { answers: { 200: json(SetAsidesDto) } }),
  lastBackup: on('GET /api/backup', 'about', 'When the database was last copied', { answers: { 200: json(LastBackupDto) } }),
  openApi: on('GET /api/openapi.json', 'about', 'This description', { answers: { 200: file('application/json') } }),
  docs: on('GET /api/docs', 'about', 'This description, to be read', { answers: { 200: file('text/html') } })
} satisfies Readonly<Record<string, Operation>>

export type OperationName = keyof typeof operations
