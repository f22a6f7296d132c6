import Database from 'better-sqlite3'
import { join } from 'node:path'
import type { FastifyInstance } from 'fastify'
import type { BetterSqlite3Driver } from 'typeorm/driver/better-sqlite3/BetterSqlite3Driver.js'
import { applyEdit, type Look } from '@hestiad/core'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import type { Storage } from '../src/storage/openStorage.js'
import { rename, saving, sendEdits, start, temporaryFolder } from './support.js'

const ID = 'pearl-anniversary'
let file: string
let app: FastifyInstance
let storage: Storage
let stop: () => Promise<void>

interface Raw {
  prepare(sql: string): { run(): void }
  exec(sql: string): void
  pragma(text: string): unknown
  readonly inTransaction: boolean
}
const raw = () => (storage.dataSource.driver as BetterSqlite3Driver).databaseConnection as Raw

beforeEach(async () => {
  file = join(temporaryFolder(), 'hestiad.sqlite')
  ;({ app, storage, stop } = await start(file))
})
afterEach(() => stop())

/** What another connection, and so another process, reads of the look. */
function onDisk(): { revision: number; edits: number } {
  const other = new Database(file, { readonly: true })
  const revision = other.prepare('SELECT revision FROM look WHERE id = ?').pluck().get(ID) as number
  const edits = other.prepare('SELECT COUNT(*) FROM edit WHERE lookId = ?').pluck().get(ID) as number
  other.close()
  return { revision, edits }
}

const opened = async () => (await app.inject({ url: `/api/looks/${ID}` })).json() as { revision: number; look: Look }

async function saveOnce(name: string) {
  const { revision, look } = await opened()
  return sendEdits(app, ID, saving(look, revision, [rename(look, name)]))
}

/** Lets a statement fail as SQLite does when there is no room: `ends` says whether it gives up the whole transaction, as it may. */
function failing(statement: RegExp, code: string, ends: boolean): () => void {
  const connection = raw()
  // so that statements are prepared anew
  Reflect.deleteProperty(storage.dataSource.driver, 'queryRunner')
  const prepare = connection.prepare.bind(connection)
  connection.prepare = (sql) => {
    if (!statement.test(sql)) return prepare(sql)
    if (ends && connection.inTransaction) connection.exec('ROLLBACK')
    throw Object.assign(new Error('database or disk is full'), { code })
  }
  return () => void (connection.prepare = prepare)
}

describe.each([
  ['a commit', /^COMMIT/, 'SQLITE_FULL', false],
  ['a commit that gives up the transaction', /^COMMIT/, 'SQLITE_IOERR_WRITE', true],
  ['an insert', /INSERT INTO "edit"/, 'SQLITE_FULL', false],
  ['an insert that gives up the transaction', /INSERT INTO "edit"/, 'SQLITE_FULL', true],
  ['the begin, the file being read-only now', /^BEGIN/, 'SQLITE_READONLY', false],
  ['a savepoint’s release', /^RELEASE/, 'SQLITE_IOERR_FSYNC', true]
] as const)('when %s is refused', (_, statement, code, ends) => {
  it('it is answered 507 in words, again and again; with room every acknowledged save is on the disk, and nothing else', async () => {
    expect((await saveOnce('before')).statusCode).toBe(200)
    const before = onDisk()
    const repair = failing(statement, code, ends)
    for (let i = 0; i < 4; i++) {
      const refused = await saveOnce(`refused ${i}`)
      expect(refused.statusCode).toBe(507)
      expect(refused.json()).toMatchObject({ error: { code: 'not-stored' } })
    }
    expect(onDisk()).toEqual(before)
    repair()
    expect((await opened()).look.name).toBe('before')
    for (let i = 1; i <= 5; i++) {
      const saved = await saveOnce(`after ${i}`)
      expect(saved.statusCode).toBe(200)
      expect(onDisk()).toEqual({ revision: before.revision + i, edits: before.edits + i })
      expect(raw().inTransaction).toBe(false)
    }
  })
})

it('with no page left for the database, saves are refused, nothing of them is kept, and they go on by themselves when there is room', async () => {
  expect((await saveOnce('first')).statusCode).toBe(200)
  const pages = raw().pragma('page_count') as { page_count: number }[]
  raw().pragma(`max_page_count = ${pages[0]!.page_count + 3}`)
  const acknowledged: number[] = []
  const answers: number[] = []
  for (let i = 0; answers.at(-1) !== 507 && i < 300; i++) {
    const answer = await saveOnce(`${i} ${'x'.repeat(190)}`)
    answers.push(answer.statusCode)
    if (answer.statusCode === 200) acknowledged.push((answer.json() as { revision: number }).revision)
  }
  expect(new Set(answers)).toEqual(new Set([200, 507]))
  expect(onDisk().revision).toBe(acknowledged[acknowledged.length - 1])
  raw().pragma('max_page_count = 1073741823')
  expect((await saveOnce('room again')).statusCode).toBe(200)
  expect(onDisk().revision).toBe(acknowledged[acknowledged.length - 1]! + 1)
})

it('those that share a refused commit are refused together, and their edits sent again are taken once', async () => {
  const { revision, look } = await opened()
  const edits = ['one', 'two', 'three'].map((name) => rename(look, name))
  const sends = [saving(look, revision, [edits[0]!]), saving(applyEdit(look, edits[0]!), revision + 1, [rename(applyEdit(look, edits[0]!), 'two')])]
  const repair = failing(/^COMMIT/, 'SQLITE_FULL', true)
  const refused = await Promise.all(sends.map((one) => sendEdits(app, ID, one)))
  expect(refused.map((answer) => answer.statusCode)).toEqual([507, 507])
  repair()
  for (const one of [...sends, ...sends]) expect((await sendEdits(app, ID, one)).statusCode).toBe(200)
  expect(onDisk()).toMatchObject({ revision: revision + 2 })
  expect((await opened()).look.name).toBe('two')
})

it('a photo for which there is no room is answered 507, not called no photo', async () => {
  const repair = failing(/INSERT INTO "photo"/, 'SQLITE_FULL', true)
  const { default: sharp } = await import('sharp')
  const picture = await sharp({ create: { width: 20, height: 20, channels: 3, background: '#a9764a' } })
    .png()
    .toBuffer()
  const send = () => app.inject({ method: 'POST', url: '/api/photos', headers: { 'content-type': 'image/png' }, payload: picture })
  expect((await send()).statusCode).toBe(507)
  repair()
  expect((await send()).statusCode).toBe(201)
})
