import { assess, type Look } from '@hestiad/core'
import type { FastifyInstance } from 'fastify'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { demoLook, history, save, start } from './support.js'

let app: FastifyInstance
let stop: () => Promise<void>
beforeAll(async () => ({ app, stop } = await start()))
afterAll(() => stop())
const get = async (url: string) =>
  (await app.inject({ url })).json() as { revision: number; look: Look; occasions: { id: string; looks: { id: string; name: string }[] }[] }

describe('saving', () => {
  it('counts the revision up, keeps the undo history, and answers the entity tag', async () => {
    const { revision, look } = await get('/api/looks/pearl-anniversary')
    const past = [{ what: 'rename', patches: [], inverse: [] }]
    const answer = await app.inject({
      method: 'PUT',
      url: '/api/looks/pearl-anniversary',
      headers: { 'if-match': `"${revision}"` },
      payload: { look: { ...look, name: 'Renamed' }, history: { past, future: [] } }
    })
    expect(answer.statusCode).toBe(200)
    expect(answer.headers.etag).toBe(`"${revision + 1}"`)
    expect(await get('/api/looks/pearl-anniversary')).toMatchObject({ revision: revision + 1, look: { name: 'Renamed' }, history: { past } })
  })

  it('over an older revision is refused with the newer one, and both versions can be kept', async () => {
    const { revision, look } = await get('/api/looks/mending-circle')
    expect((await save(app, { ...look, name: 'theirs' }, revision, 'mending-circle')).statusCode).toBe(200)
    const refused = await save(app, { ...look, name: 'mine' }, revision, 'mending-circle')
    expect(refused.statusCode).toBe(412)
    expect(refused.json()).toMatchObject({ error: { code: 'revision-conflict', revision: revision + 1 } })
    const copy = await app.inject({ method: 'POST', url: '/api/looks/mending-circle/copies', payload: { look: { ...look, name: 'mine' }, name: 'mine too' } })
    expect(copy.statusCode).toBe(201)
    const { occasions } = await get('/api/occasions')
    expect(
      occasions
        .find((o) => o.looks.some((l) => l.id === 'mending-circle'))
        ?.looks.map((l) => l.name)
        .sort()
    ).toEqual(['mine too', 'theirs'])
  })

  it('in whatever spacing, under another id, with a part named twice or escaped, comes back as that look under its own id', async () => {
    const put = (payload: string, revision: number) =>
      app.inject({ method: 'PUT', url: '/api/looks/ordinary-week', headers: { 'content-type': 'application/json', 'if-match': `"${revision}"` }, payload })
    let { revision } = await get('/api/looks/ordinary-week')
    const { look } = await get('/api/looks/ordinary-week')
    const renamed = (name: string) => JSON.stringify({ ...look, id: 'somebody-else', name }, null, 3)
    for (const [text, name] of [
      [`\n { "history" : ${JSON.stringify(history)} , "look"\t:${renamed('spaced')} }\r\n`, 'spaced'],
      [`{"look":${renamed('first')},"look":${renamed('last')},"history":${JSON.stringify(history)}}`, 'last'],
      [`{"l\\u006fok":${renamed('escaped')},"history":${JSON.stringify(history)}}`, 'escaped']
    ] as const) {
      const answer = await put(text, revision)
      expect(answer.statusCode, name).toBe(200)
      revision++
      expect(await get('/api/looks/ordinary-week')).toMatchObject({ revision, look: { ...look, name } })
    }
    for (const text of ['[]', '{"look":{},"history":', `{"look":${renamed('x')}}`, `{"look":[],"history":${JSON.stringify(history)}}`])
      expect((await put(text, revision)).statusCode).toBeLessThan(500)
    expect((await put(`{"look":${renamed('x')},"history":${JSON.stringify(history)},"more":1}`, revision)).json()).toMatchObject({
      error: { code: 'bad-request' }
    })
    expect(await get('/api/looks/ordinary-week')).toMatchObject({ revision, look: { name: 'escaped' } })
  })

  it('of many at once over one revision exactly one is taken', async () => {
    const { revision, look } = await get('/api/looks/ferry-crew')
    const answers = await Promise.all(Array.from({ length: 20 }, (_, i) => save(app, { ...look, name: `n${i}` }, revision, 'ferry-crew')))
    expect(answers.filter((a) => a.statusCode === 200)).toHaveLength(1)
    expect(answers.filter((a) => a.statusCode === 412)).toHaveLength(19)
  })

  it('without a revision is refused, and a look with a bad place changes nothing', async () => {
    const before = await get('/api/looks/ordinary-week')
    const bare = await app.inject({ method: 'PUT', url: '/api/looks/ordinary-week', payload: { look: before.look, history } })
    expect(bare.statusCode).toBe(428)
    const bad = await save(app, { ...before.look, table: { ...before.look.table, heightMm: 'tall' } }, before.revision, 'ordinary-week')
    expect(bad.json()).toMatchObject({ error: { code: 'unusable-look', faults: [{ place: '/table/heightMm' }] } })
    expect(await get('/api/looks/ordinary-week')).toEqual(before)
  })
})

it('an exported look imports as a new occasion and comes back the same but for its id', async () => {
  const file = await app.inject({ url: '/api/looks/ferry-crew/file' })
  expect(file.headers['content-disposition']).toContain('.hestiad.json')
  const imported = await app.inject({ method: 'POST', url: '/api/looks', headers: { 'content-type': 'application/json' }, payload: file.body })
  const { id, look } = imported.json() as { id: string; look: Look }
  expect({ ...look, id: 'ferry-crew' }).toEqual(JSON.parse(file.body))
  expect(id).not.toBe('ferry-crew')
})

it('the server assesses exactly as the core does', async () => {
  const answer = await app.inject({ method: 'POST', url: '/api/assess', payload: demoLook() })
  expect(answer.json()).toEqual(JSON.parse(JSON.stringify(assess(demoLook()))))
})

it('a new occasion begins with its guests seated, the cupboard and the offers; removed, it is gone', async () => {
  const { table } = demoLook()
  const wishes = {
    title: 'Rehearsal',
    place: 'Here',
    date: '2027-03-01',
    arriveMin: 1100,
    endMin: 1300,
    guests: 7,
    totalCents: 9000,
    reservePercent: 10,
    currency: 'EUR',
    table
  }
  const made = await app.inject({ method: 'POST', url: '/api/occasions', payload: wishes })
  const { id, occasionId, look } = made.json() as { id: string; occasionId: string; look: Look }
  expect(look.guests).toHaveLength(7)
  expect(look.pieces.length).toBe(demoLook().pieces.length)
  expect((await app.inject({ method: 'DELETE', url: `/api/occasions/${occasionId}` })).statusCode).toBe(204)
  expect((await app.inject({ url: `/api/looks/${id}` })).statusCode).toBe(404)
})

it('the cupboard goes out and in as CSV, and a file with one bad row changes no piece', async () => {
  const csv = (await app.inject({ url: '/api/cupboard.csv' })).body
  const post = (payload: string) => app.inject({ method: 'POST', url: '/api/cupboard.csv', headers: { 'content-type': 'text/csv' }, payload })
  expect((await post(csv)).json()).toEqual({ imported: demoLook().pieces.length })
  expect((await app.inject({ url: '/api/cupboard.csv' })).body).toBe(csv)
  const bad = await post(csv.replace('Brass-rim charger', 'Changed').replace(/,14,/, ',many,'))
  expect(bad.statusCode).toBe(422)
  expect((await app.inject({ url: '/api/cupboard.csv' })).body).toBe(csv)
})

it('describes itself in OpenAPI with every route', async () => {
  const { paths } = (await app.inject({ url: '/api/openapi.json' })).json() as { paths: object }
  expect(Object.keys(paths)).toEqual(
    expect.arrayContaining(['/api/occasions', '/api/looks/{id}', '/api/looks/{id}/buy-list.csv', '/api/cupboard', '/api/assess'])
  )
})
