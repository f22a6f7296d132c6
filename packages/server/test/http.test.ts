import { mkdirSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { noFacts, type CupboardItem } from '@hestiad/core'
import type { FastifyInstance } from 'fastify'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { createApp } from '../src/app.js'
import { DEFAULT_PORT, readConfig, UsageProblem } from '../src/config.js'
import { LookEntity } from '../src/storage/entities/LookEntity.js'
import type { Storage } from '../src/storage/openStorage.js'
import { demoIds, demoLook, save, sendEdits, sent, start, temporaryFolder, wishes, idleWorkers } from './support.js'

let app: FastifyInstance
let storage: Storage
let stop: () => Promise<void>
beforeAll(async () => ({ app, storage, stop } = await start()))
afterAll(() => stop())

type Refusal = { error: { code: string; faults: { place: string; message: string }[] } }
const faultsOf = (body: unknown) => (body as Refusal).error.faults.map((fault) => fault.place)

describe('a new occasion', () => {
  const post = (change: object) => app.inject({ method: 'POST', url: '/api/occasions', payload: { ...wishes(), ...change } })

  it.each<[object, string]>([
    [{ title: '' }, '/title'],
    [{ title: 7 }, '/title'],
    [{ date: 'tomorrow' }, '/date'],
    [{ date: '2027-02-31' }, '/date'],
    [{ arriveMin: -1 }, '/arriveMin'],
    [{ arriveMin: 1.5 }, '/arriveMin'],
    [{ endMin: 9999 }, '/endMin'],
    [{ guests: 101 }, '/guests'],
    [{ totalCents: 0.5 }, '/totalCents'],
    [{ reservePercent: 101 }, '/reservePercent'],
    [{ currency: 'dollars' }, '/currency'],
    [{ table: 'round' }, '/table'],
    [{ password: 'x' }, '/password']
  ])('%j is refused at %s', async (change, place) => {
    const answer = await post(change)
    expect(answer.statusCode).toBe(400)
    expect(faultsOf(answer.json())).toContain(place)
  })

  it.each<[object, string]>([
    [{ table: { ...demoLook().table, heightMm: 0 } }, '/table/heightMm'],
    [{ table: {} }, '/table/name'],
    [{ endMin: 500 }, '/occasion/endMin']
  ])('%j makes no look and says where: %s', async (change, place) => {
    const before = await storage.dataSource.getRepository(LookEntity).count()
    const answer = await post(change)
    expect(answer.statusCode).toBe(422)
    expect(faultsOf(answer.json())).toContain(place)
    expect(await storage.dataSource.getRepository(LookEntity).count()).toBe(before)
  })
})

describe('requests', () => {
  it.each([
    ['/look/__proto__', (look: string) => `{"look":{"__proto__":{"version":1},${look.slice(1)}}`],
    ['/__proto__', (look: string) => `{"__proto__":{"look":${look}}}`],
    ['/constructor', (look: string) => `{"constructor":{"prototype":{}},"look":${look}}`]
  ])('a name that would change what an object is is refused by its place: %s', async (place, payload) => {
    const { statusCode, json } = await app.inject({
      method: 'PUT',
      url: '/api/looks/pearl-anniversary',
      headers: { 'content-type': 'application/json', 'if-match': '"1"' },
      payload: payload(JSON.stringify(demoLook()))
    })
    expect(statusCode).toBeGreaterThanOrEqual(400)
    expect(statusCode).toBeLessThan(500)
    expect(faultsOf(json()).flatMap((at) => [at, `/look${at}`])).toContain(place)
  })

  it('an edit cannot reach into what an object is', async () => {
    const { revision } = (await app.inject({ url: '/api/looks/pearl-anniversary' })).json() as { revision: number }
    for (const path of [
      ['__proto__', 'polluted'],
      ['constructor', 'prototype', 'polluted'],
      ['occasion', '__proto__', 'polluted']
    ]) {
      const edit = { what: 'brief' as const, patches: [{ op: 'add' as const, path, value: true }], inverse: [] }
      const answer = await sendEdits(app, 'pearl-anniversary', { base: revision, edits: [sent(edit)], hash: '', window: 'w' })
      expect(answer.statusCode).toBeGreaterThanOrEqual(400)
      expect(({} as { polluted?: boolean }).polluted).toBeUndefined()
    }
  })

  it.each([
    [
      'a body past 8 MB',
      { method: 'POST', url: '/api/looks', headers: { 'content-type': 'application/json' }, payload: `"${'x'.repeat(9_000_000)}"` },
      413,
      'too-large'
    ],
    ['half a JSON', { method: 'POST', url: '/api/looks', headers: { 'content-type': 'application/json' }, payload: '{"a":' }, 400, 'bad-json'],
    ['a type nobody takes', { method: 'POST', url: '/api/looks', headers: { 'content-type': 'image/png' }, payload: 'x' }, 415, 'unsupported-type'],
    [
      'JSON where CSV is asked',
      { method: 'POST', url: '/api/cupboard.csv', headers: { 'content-type': 'application/json' }, payload: '{}' },
      415,
      'unsupported-type'
    ],
    ['an unknown look', { method: 'GET', url: '/api/looks/nobody' }, 404, 'not-found'],
    ['an unknown address', { method: 'GET', url: '/api/nothing' }, 404, 'not-found'],
    ['a removal of nothing', { method: 'DELETE', url: '/api/occasions/nobody' }, 404, 'not-found'],
    [
      'a piece under another’s address',
      { method: 'PUT', url: '/api/cupboard/other', payload: { piece: demoLook().pieces[0], facts: noFacts } },
      400,
      'bad-request'
    ]
  ] as const)('%s is answered %s with its code', async (_, request, status, code) => {
    const answer = await app.inject(request as never)
    expect(answer.statusCode).toBe(status)
    expect((answer.json() as Refusal).error.code).toBe(code)
  })

  it('the entity tag may come with or without quotes, and nothing else', async () => {
    const look = (await app.inject({ url: '/api/looks/ordinary-week' })).json() as { look: object }
    const tagged = (tag: string) => app.inject({ method: 'PUT', url: '/api/looks/ordinary-week', headers: { 'if-match': tag }, payload: { look: look.look } })
    expect((await tagged('1')).statusCode).toBe(200)
    expect((await tagged('"1"')).statusCode).toBe(200)
    for (const wrong of ['*', 'W/"3"', '"-1"', '"3", "4"']) expect((await tagged(wrong)).statusCode).toBe(400)
  })

  it('a saved look keeps the id of its address, whatever the document says', async () => {
    const { revision } = (await app.inject({ url: '/api/looks/mending-circle' })).json() as { revision: number }
    expect((await save(app, { ...demoLook(), id: 'elsewhere' }, revision, 'mending-circle')).statusCode).toBe(200)
    expect((await app.inject({ url: '/api/looks/mending-circle' })).json()).toMatchObject({ id: 'mending-circle', look: { id: 'mending-circle' } })
  })
})

describe('pieces', () => {
  it('are written one by one, removed, and faults name the field', async () => {
    const piece = { ...demoLook().pieces[0]!, id: 'charger-new', name: 'New' }
    const put = (body: object, more: object = {}) =>
      app.inject({ method: 'PUT', url: '/api/cupboard/charger-new', payload: { piece: body, facts: { ...noFacts, ...more } } })
    expect((await put(piece)).statusCode).toBe(200)
    expect(faultsOf((await put({ ...piece, owned: -1 })).json())).toContain('/piece/owned')
    expect(faultsOf((await put({ ...piece, diameterMm: undefined })).json())).toContain('/piece/diameterMm')
    expect(faultsOf((await put(piece, { acquired: 'long ago' })).json())).toContain('/facts/acquired')
    const names = async () => ((await app.inject({ url: '/api/cupboard' })).json() as { items: CupboardItem[] }).items.map((item) => item.piece.id)
    expect(await names()).toContain('charger-new')
    expect((await app.inject({ method: 'DELETE', url: '/api/cupboard/charger-new' })).statusCode).toBe(204)
    expect(await names()).not.toContain('charger-new')
  })
})

describe('files to keep', () => {
  it('have names that any file system takes, whatever the occasion is called', async () => {
    const look = { ...demoLook(), name: 'a/b\\c "d"', occasion: { ...demoLook().occasion, title: '../Fête\r\nX: y' } }
    const made = (await app.inject({ method: 'POST', url: '/api/looks', payload: look })).json() as { id: string }
    for (const kind of ['file', 'buy-list.csv']) {
      const header = String((await app.inject({ url: `/api/looks/${made.id}/${kind}` })).headers['content-disposition'])
      expect(header).toMatch(/^attachment; filename="[\w .-]+"$/)
    }
  })
})

describe('the web application', () => {
  it('is served with a policy that runs only its own scripts, compressed where it can be, and every other address is its page', async () => {
    const folder = join(temporaryFolder(), 'web')
    mkdirSync(folder)
    writeFileSync(join(folder, 'index.html'), '<title>Hestiad</title>')
    writeFileSync(join(folder, 'a.js'), 'long')
    writeFileSync(join(folder, 'a.js.gz'), 'packed')
    const web = await createApp({ storage, workers: idleWorkers, webFolder: folder, logLevel: 'silent' })
    const page = await web.inject({ url: '/looks/any/buy' })
    expect(page.body).toContain('Hestiad')
    expect(String(page.headers['content-security-policy'])).toMatch(/script-src 'self'/)
    expect((await web.inject({ url: '/a.js', headers: { 'accept-encoding': 'gzip' } })).body).toBe('packed')
    expect((await web.inject({ url: '/api/nothing' })).statusCode).toBe(404)
    expect((await web.inject({ method: 'POST', url: '/looks/any', headers: { 'x-hestiad': '1' } })).statusCode).toBe(404)
    expect(page.headers['cache-control']).toBe('no-cache')
    expect((await web.inject({ url: '/../package.json' })).body).not.toContain('workspaces')
    await web.close()
  })
})

describe('the command line', () => {
  it('has sensible defaults, takes port and folder, and refuses what it does not know', () => {
    expect(readConfig([], '/somewhere')).toMatchObject({ port: DEFAULT_PORT, dataFolder: '/somewhere/.data', fresh: false })
    expect(readConfig(['--port', '0', '--data', '/d', '--fresh'], '/x')).toMatchObject({ port: 0, databaseFile: '/d/hestiad.sqlite', fresh: true })
    for (const wrong of [['--port', '99999'], ['--port', 'x'], ['--colour']]) expect(() => readConfig(wrong, '/x')).toThrow(UsageProblem)
  })
})

it('demo data is loaded into a new database once, and not again when everything in it was removed', async () => {
  const file = join(temporaryFolder(), 'hestiad.sqlite')
  const fresh = await start(file)
  const looks = async (of: typeof fresh) => (await of.storage.dataSource.getRepository(LookEntity).find()).map((look) => look.id).sort()
  expect(await looks(fresh)).toEqual(demoIds)
  await fresh.storage.dataSource.query('DELETE FROM occasion')
  await fresh.stop()
  const again = await start(file)
  expect(await looks(again)).toEqual([])
  await again.stop()
})
