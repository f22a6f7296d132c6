import { copyFileSync, existsSync, mkdtempSync, readdirSync, readFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { operations, type Operation } from '@hestiad/api'
import { openApi } from '@hestiad/api/openapi'
import { applyEdit, lookHash, makeEdit, type Edit, type Look } from '@hestiad/core'
import { Ajv } from 'ajv'
import type { FastifyInstance, InjectOptions, LightMyRequestResponse as Response } from 'fastify'
import { createApp } from '../src/app.js'
import { loadDemo } from '../src/demo.js'
import { openStorage, type Storage } from '../src/storage/openStorage.js'
import { createWorkers, type Workers } from '../src/work/workers.js'

export const root = fileURLToPath(new URL('../../../', import.meta.url))
export const temporaryFolder = () => mkdtempSync(join(tmpdir(), 'hestiad-test-'))
/** Ids of the demo’s looks, in order. */
export const demoIds = readdirSync(join(root, 'demo'))
  .filter((name) => name.endsWith('.hestiad.json'))
  .map((name) => name.replace('.hestiad.json', '').replace('.', '-'))
  .sort()
export const demoLook = () => JSON.parse(readFileSync(join(root, 'demo/pearl-anniversary.hestiad.json'), 'utf8')) as Look

const description = openApi() as { paths: Record<string, Record<string, { responses: Record<string, unknown> }>>; components: object }
const ajv = new Ajv({ strict: false, validateFormats: false })
ajv.addSchema({ $id: 'api', components: description.components })
const checks = new Map<string, ReturnType<Ajv['compile']>>()

/** Operations that were answered with success in this file. */
export const answered = new Set<string>()

function operationOf(method: string, url: string): [string, Operation] | undefined {
  const path = url.split('?')[0]!
  return Object.entries<Operation>(operations).find(
    ([, one]) => one.method === method && new RegExp(`^${one.path.replaceAll('.', '\\.').replace(/:\w+/g, '[^/]+')}$`).test(path)
  )
}

/** Why an answer is not what the description of the API says of it; empty when it is. */
export function strayAnswer(method: string, url: string, answer: Response): string {
  const found = operationOf(method, url)
  if (!found) return answer.statusCode === 404 ? '' : `${method} ${url} is no operation`
  const [name, { answers }] = found
  const status = String(answer.statusCode)
  if (answer.statusCode < 300) answered.add(name)
  const pointer = status in answers ? `operations/${name}/${status}` : 'problem'
  if (pointer === 'problem' && answer.statusCode < 400) return `${name} answers ${status}, which is not told`
  const body = answers[Number(status)]
  if (body === null) return answer.body === '' ? '' : `${name} answers a body with ${status}`
  if (body && 'types' in body) return body.types.some((type) => String(answer.headers['content-type']).startsWith(type)) ? '' : `${name} answers another type`
  const check = checks.get(pointer) ?? ajv.compile(schemaAt(name, status))
  checks.set(pointer, check)
  return check(answer.json()) ? '' : `${name} ${status}: ${ajv.errorsText(check.errors)}`
}

function schemaAt(name: string, status: string): object {
  const operation = Object.values(description.paths)
    .flatMap((one) => Object.values(one))
    .find((one) => (one as { operationId?: string }).operationId === name)!
  const response = operation.responses[status] ?? (description.components as { responses: { Problem: unknown } }).responses.Problem
  const { schema } = (response as { content: { 'application/json': { schema: object } } }).content['application/json']
  return JSON.parse(JSON.stringify(schema).replaceAll('"#/components', '"api#/components')) as object
}

/** For applications that are asked nothing heavy. */
export const idleWorkers: Workers = { run: () => Promise.reject(new Error('not asked')), close: () => Promise.resolve() }

let laidDown: Promise<string> | undefined

/** The file of a database with the demo data, laid down once. */
function demoDatabase(): Promise<string> {
  return (laidDown ??= (async () => {
    const file = join(temporaryFolder(), 'hestiad.sqlite')
    const storage = await openStorage(file)
    await loadDemo(storage, join(root, 'demo'))
    await storage.close()
    return file
  })())
}

/** The application over a database file, demo data loaded; every answer it gives must be what its description says. */
export async function start(file = join(temporaryFolder(), 'hestiad.sqlite')): Promise<{ app: FastifyInstance; storage: Storage; stop: () => Promise<void> }> {
  if (!existsSync(file)) copyFileSync(await demoDatabase(), file)
  const storage = await openStorage(file)
  const workers = createWorkers()
  const app = await createApp({ storage, workers, logLevel: 'silent', heavyPerMinute: 1_000_000 })
  const inject = app.inject.bind(app) as (options: InjectOptions) => Promise<Response>
  app.inject = (async (options: InjectOptions) => {
    const answer = await inject({ ...options, headers: { 'x-hestiad': '1', ...options.headers } })
    const stray = strayAnswer(options.method ?? 'GET', String(options.url), answer)
    if (stray !== '') throw new Error(stray)
    return answer
  }) as unknown as typeof app.inject
  return {
    app,
    storage,
    stop: async () => {
      await app.close()
      await workers.close()
      await storage.close()
    }
  }
}

/** Puts a whole look over a revision. */
export function save(app: FastifyInstance, look: unknown, revision: number | string, id = 'pearl-anniversary') {
  return app.inject({ method: 'PUT', url: `/api/looks/${id}`, headers: { 'if-match': `"${revision}"` }, payload: { look } as object })
}

/** What a small occasion is begun with. */
export const wishes = () => ({
  title: 'T',
  place: '',
  date: '2027-03-01',
  arriveMin: 600,
  endMin: 700,
  guests: 4,
  totalCents: 0,
  reservePercent: 0,
  currency: 'USD',
  table: demoLook().table
})

let made = 0
/** An edit as it is sent, under an id of its own. */
export function sent({ what, patches }: Edit, kind = 'edit', of?: string) {
  const id = `edit-${made++}`
  return { id, kind, of: of ?? id, what, patches }
}

/** What a save of edits sends: they were made one after another on `look`, which is at `base`. */
export function saving(look: Look, base: number, edits: readonly Edit[], sentEdits = edits.map((edit) => sent(edit))) {
  return { base, edits: sentEdits, hash: lookHash(edits.reduce(applyEdit, look)), window: 'a test' }
}

/** Sends edits. */
export function sendEdits(app: FastifyInstance, id: string, payload: object) {
  return app.inject({ method: 'PATCH', url: `/api/looks/${id}`, payload })
}

export const rename = (look: Look, name: string): Edit => makeEdit(look, 'rename', (draft) => void (draft.name = name))
