import { join } from 'node:path'
import type { FastifyInstance } from 'fastify'
import { applyEdit, makeEdit, type Look, type Offer } from '@hestiad/core'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import type { Storage } from '../src/storage/openStorage.js'
import { demoLook, rename, saving, sendEdits, start, temporaryFolder, wishes } from './support.js'

let file: string
let app: FastifyInstance
let storage: Storage
let stop: () => Promise<void>
beforeEach(async () => {
  file = join(temporaryFolder(), 'hestiad.sqlite')
  ;({ app, storage, stop } = await start(file))
})
afterEach(() => stop())

const json = { 'content-type': 'application/json' }
const begin = async (more: object = {}) => (await app.inject({ method: 'POST', url: '/api/occasions', payload: { ...wishes(), ...more } })).statusCode
const seen = { shop: 'Halfpenny Barn', packSize: 1, priceCents: 100, stock: 1, leadDays: 0, day: '2027-01-20', note: '' }
const query = <T>(sql: string, args: unknown[] = []) => storage.dataSource.query(sql, args) as Promise<T[]>

async function reopened(): Promise<void> {
  await stop()
  ;({ app, storage, stop } = await start(file))
}

describe('everyday acts never stop a new occasion', () => {
  it.each([
    ['an offer noted for an article that is not in the cupboard', 'POST', '/api/offers', { ...seen, pieceId: 'no-such-piece' }, 422],
    ['an offer of a week', 'POST', '/api/offers', { ...seen, pieceId: 'charger-brass', day: '2027-W05' }, 400],
    ['an offer of a day that is none', 'POST', '/api/offers', { ...seen, pieceId: 'charger-brass', day: '2027-02-30' }, 400],
    ['an offer with a member called constructor', 'POST', '/api/offers', '{"constructor":1,"pieceId":"charger-brass"}', 400],
    ['an occasion with a member called hasOwnProperty', 'POST', '/api/occasions', { ...wishes(), hasOwnProperty: 1 }, 400],
    [
      'edits with a member called valueOf deep inside',
      'PATCH',
      '/api/looks/pearl-anniversary',
      { base: 1, hash: 'x', window: 'w', edits: [{ valueOf: 1 }] },
      400
    ]
  ] as const)('%s', async (_, method, url, payload, code) => {
    const answer = await app.inject({ method, url, payload: payload as object, headers: json })
    expect([answer.statusCode, answer.body]).toEqual([code, expect.stringContaining('"place"')])
    expect(await begin()).toBe(201)
  })

  it('a piece that has offers is deleted, they with it', async () => {
    const [offer] = await query<{ pieceId: string }>('SELECT pieceId FROM offer LIMIT 1')
    expect((await app.inject({ method: 'DELETE', url: `/api/cupboard/${offer!.pieceId}` })).statusCode).toBe(204)
    expect(await query('SELECT id FROM offer WHERE pieceId = ?', [offer!.pieceId])).toEqual([])
    expect(await begin()).toBe(201)
  })

  it('a database that has such rows already heals at the start, keeps them aside and says so', async () => {
    const [row] = await query<{ id: string; document: string }>('SELECT id, document FROM offer LIMIT 1')
    await query('UPDATE offer SET document = ? WHERE id = ?', [
      JSON.stringify({ ...(JSON.parse(row!.document) as Offer), noted: { day: '2027-W05', note: '', photoId: null } }),
      row!.id
    ])
    const [piece] = await query<{ id: string }>('SELECT id FROM piece WHERE id NOT IN (SELECT pieceId FROM offer) LIMIT 1')
    await query('UPDATE piece SET document = ? WHERE id = ?', ['{"kind":"constructor"', piece!.id])
    await reopened()
    const { rows } = (await app.inject({ url: '/api/set-aside' })).json() as { rows: { rowId: string; table: string }[] }
    expect(rows.map((one) => `${one.table} ${one.rowId}`)).toEqual([`offer ${row!.id}`, `piece ${piece!.id}`])
    expect(await begin()).toBe(201)
    await reopened()
    expect(((await app.inject({ url: '/api/set-aside' })).json() as { rows: unknown[] }).rows).toHaveLength(2)
  })
})

describe('a look that cannot be read', () => {
  const spoiled: readonly (readonly [string, string])[] = [
    ['is no JSON', '{"id":'],
    ['has a byte order mark before a value', '{"id":\uFEFF"x"}'],
    ['is another document', '{"kind":"letter"}'],
    ['is a list nested four thousand deep', `${'['.repeat(4110)}${']'.repeat(4110)}`]
  ]
  it.each(spoiled)('and %s breaks no list: it is named as damaged, exported as it is, and removed', async (_, document) => {
    // the only look of its occasion
    await query('DELETE FROM look WHERE id = ?', ['mending-circle-tray'])
    await query('UPDATE look SET document = ?, documentRevision = revision WHERE id = ?', [document, 'mending-circle'])
    await reopened()
    const { occasions, damaged } = (await app.inject({ url: '/api/occasions' })).json() as {
      occasions: { looks: unknown[] }[]
      damaged: { id: string; occasionId: string; name: string }[]
    }
    expect(occasions).toHaveLength(3)
    expect(damaged.map((one) => one.id)).toEqual(['mending-circle'])
    expect((await app.inject({ url: '/api/looks/mending-circle' })).json()).toMatchObject({ error: { code: 'damaged-look' } })
    expect((await app.inject({ url: '/api/cupboard/uses' })).statusCode).toBe(200)
    const stored = (await app.inject({ url: '/api/looks/mending-circle/stored' })).json() as { document: string }
    expect(stored.document).toBe(document)
    expect((await app.inject({ method: 'DELETE', url: `/api/occasions/${damaged[0]!.occasionId}` })).statusCode).toBe(204)
  })

  it.each([
    '[null, 5]',
    'null',
    '[{"op":"replace"}]',
    '[{"op":"move","path":["name"]}]',
    '[{"op":"replace","path":[{"deep":1}]}]',
    '[{"op":"replace","path":"/name"}]',
    '{',
    `${'['.repeat(4110)}${']'.repeat(4110)}`
  ])('for its history alone, as %.20s, opens without one', async (patches) => {
    const { look, revision } = (await app.inject({ url: '/api/looks/mending-circle' })).json() as { look: Look; revision: number }
    await sendEdits(app, 'mending-circle', saving(look, revision, [rename(look, 'Renamed')]))
    const document = JSON.stringify({ ...look, name: 'Renamed' })
    await query('UPDATE look SET document = ?, documentRevision = revision WHERE id = ?', [document, 'mending-circle'])
    await query('UPDATE edit SET patches = ?, inverse = ? WHERE lookId = ?', [patches, patches, 'mending-circle'])
    await reopened()
    const opened = await app.inject({ url: '/api/looks/mending-circle' })
    expect([opened.statusCode, (opened.json() as { look: Look }).look.name]).toEqual([200, 'Renamed'])
  })
})

describe('what is odd is answered in words, never 5xx', () => {
  const look = JSON.stringify(demoLook())
  it.each([
    ['a look named twice', 'PUT', '/api/looks/pearl-anniversary', `{"look":${look},"look":1}`],
    ['a member named with an escape', 'PUT', '/api/looks/pearl-anniversary', `{"l\\u006fok":${look},"look":null}`],
    ['a byte order mark before a member', 'PUT', '/api/looks/pearl-anniversary', `{\uFEFF"look":${look}}`],
    ['a byte order mark in front of all', 'POST', '/api/looks', `\uFEFF${look}`],
    ['a name with half a surrogate', 'POST', '/api/occasions', JSON.stringify({ ...wishes(), title: 'half \uD83D' })],
    ['a query given twice', 'GET', '/api/shops/articles?q=a&q=b', ''],
    ['a day that is none', 'GET', '/api/shops?day=2027-02-30', ''],
    ['a map to a number', 'POST', '/api/cupboard.csv/preview?reading=%7B%22map%22%3A%7B%22a%22%3A5%7D%2C%22units%22%3A%7B%7D%7D', 'a,b\n1,2'],
    ['a map to a prototype', 'POST', '/api/cupboard.csv?reading=%7B%22map%22%3A%7B%22a%22%3A%22constructor%22%7D%2C%22units%22%3A%7B%7D%7D', 'a,b\n1,2'],
    ['a map that is a list', 'POST', '/api/cupboard.csv?reading=%5B%5D', 'a,b\n1,2'],
    ['headers that every object has', 'POST', '/api/cupboard.csv/preview', 'constructor,__proto__,kind,name\n1,2,plate,A'],
    ['kinds that every object has', 'POST', '/api/cupboard.csv', 'kind,name\nconstructor,A\n__proto__,B\ntoString,C'],
    ['shapes that every object has', 'POST', '/api/cupboard.csv', 'kind,name,shape\ncloth,A,constructor\ncloth,B,__proto__'],
    ['nothing but quotes', 'POST', '/api/offers.csv', '"'.repeat(2_000_000)],
    [
      'a path to a prototype',
      'PATCH',
      '/api/looks/pearl-anniversary',
      JSON.stringify({
        base: 1,
        hash: 'x',
        window: 'w',
        edits: [{ id: 'a', of: 'a', kind: 'edit', what: 'rename', patches: [{ op: 'replace', path: ['__proto__', 'x'], value: 1 }] }]
      })
    ],
    ['a number of edits that is none', 'GET', '/api/looks/pearl-anniversary/edits/since/1e9', '']
  ] as const)('%s', async (_, method, url, payload) => {
    const type = url.includes('.csv') ? 'text/csv' : 'application/json'
    const answer = await app.inject({ method, url, ...(payload && { payload, headers: { 'content-type': type, 'if-match': '"1"' } }) } as never)
    expect(answer.statusCode, answer.body.slice(0, 200)).toBeLessThan(500)
    expect(await begin()).toBe(201)
    expect((await app.inject({ url: '/api/occasions' })).statusCode).toBe(200)
  })

  it('labels of places with half a surrogate, for a long host', async () => {
    const { items } = (await app.inject({ url: '/api/cupboard' })).json() as { items: { piece: object; facts: object }[] }
    const odd = { piece: { ...items[0]!.piece, kept: 'Attic \uD83D shelf' }, facts: items[0]!.facts }
    expect((await app.inject({ method: 'PATCH', url: '/api/cupboard', payload: { items: [odd] } })).statusCode).toBeLessThan(500)
    const long = await app.inject({ url: '/api/cupboard/labels.pdf', headers: { host: `localhost:${'1'.repeat(2000)}` } })
    expect(long.statusCode).toBeLessThan(500)
    expect((await app.inject({ url: '/api/cupboard/labels.pdf' })).statusCode).toBe(200)
  })
})

it('history is bounded in size: a look that is changed wholly, over and over, stays small enough to open and to save', async () => {
  const opened = async () => (await app.inject({ url: '/api/looks/mending-circle' })).json() as { look: Look; revision: number }
  let { look, revision } = await opened()
  const notes = (i: number) =>
    Array.from({ length: 200 }, (_, k) => ({
      ...look.offers[k % look.offers.length]!,
      id: `o-${i}-${k}`,
      noted: { day: '2027-01-01', note: 'x'.repeat(900), photoId: null }
    }))
  for (let i = 0; i < 24; i++) {
    const edit = makeEdit(look, 'import', (draft) => void (draft.offers = notes(i) as typeof draft.offers))
    expect((await sendEdits(app, 'mending-circle', saving(look, revision, [edit]))).statusCode).toBe(200)
    look = applyEdit(look, edit)
    revision++
  }
  const answer = await app.inject({ url: '/api/looks/mending-circle' })
  const { history } = answer.json() as { history: { past: unknown[] } }
  expect(history.past.length).toBeGreaterThan(0)
  expect(answer.body.length).toBeLessThan(4_000_000)
  await reopened()
  expect((await opened()).revision).toBe(revision)
})
