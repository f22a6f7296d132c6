import { operations } from '@hestiad/api'
import { noFacts, type Offer, type Piece } from '@hestiad/core'
import type { FastifyInstance } from 'fastify'
import sharp from 'sharp'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { answered, demoLook, rename, saving, start, strayAnswer, wishes } from './support.js'

let app: FastifyInstance
let stop: () => Promise<void>
beforeAll(async () => ({ app, stop } = await start()))
afterAll(() => stop())

const ask = async <T>(
  method: 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE',
  url: string,
  payload?: object | string,
  headers: Record<string, string> = {}
): Promise<T> => {
  const answer = await app.inject({ method, url, headers, ...(payload === undefined ? {} : { payload }) })
  expect(answer.statusCode, `${method} ${url}: ${answer.body.slice(0, 300)}`).toBeLessThan(300)
  return (String(answer.headers['content-type']).includes('json') ? answer.json() : answer.body) as T
}

it('every operation answers, once done right, just what its description says', async () => {
  const csv = { 'content-type': 'text/csv' }
  const look = demoLook()
  await ask('GET', '/api/health')
  await ask('GET', '/api/openapi.json')
  expect(await ask<string>('GET', '/api/docs')).toContain('/api/looks/{id}')
  await ask('GET', '/api/set-aside')
  await ask('GET', '/api/backup')
  await ask('GET', '/api/occasions')
  const begun = await ask<{ id: string; occasionId: string }>('POST', '/api/occasions', wishes())
  const copy = await ask<{ id: string }>('POST', `/api/looks/${begun.id}/copies`, { look })
  const { secret } = await ask<{ secret: string }>('POST', `/api/occasions/${begun.occasionId}/shares`, { days: 3, withPrices: true })
  await ask('GET', `/api/occasions/${begun.occasionId}/shares`)
  await ask('GET', `/api/shares/${secret}`)
  await ask('POST', `/api/shares/${secret}/votes`, { by: 'Liesel', votes: [{ lookId: begun.id, stand: 'for', remark: '' }] })
  await ask('DELETE', `/api/shares/${secret}`)
  await ask('DELETE', `/api/looks/${copy.id}`)
  await ask('DELETE', `/api/occasions/${begun.occasionId}`)
  await ask('PUT', '/api/ideas/one', { kind: 'room', what: 'Hang the rods', source: '', takes: '', stage: 'fixed', done: false })
  await ask('GET', '/api/ideas')
  await ask('DELETE', '/api/ideas/one')
  await ask('PUT', '/api/kept/search/one', { value: { query: 'brass' } })
  await ask('GET', '/api/kept/search')
  await ask('DELETE', '/api/kept/search/one')
  const id = (await ask<{ id: string }>('POST', '/api/looks', look)).id
  const own = (await ask<{ look: typeof look }>('GET', `/api/looks/${id}`)).look
  await ask('PATCH', `/api/looks/${id}`, saving(own, 1, [rename(own, 'N')]))
  await ask('PUT', `/api/looks/${id}`, { look }, { 'if-match': '"2"' })
  await ask('GET', `/api/looks/${id}/edits`)
  await ask('GET', `/api/looks/${id}/edits/since/1`)
  for (const one of ['file', 'stored', 'claims', 'buy-list.csv', 'buy-list.xlsx', 'buy-list.pdf']) await ask('GET', `/api/looks/${id}/${one}`)
  const { items } = await ask<{ items: { piece: Piece; facts: object }[] }>('GET', '/api/cupboard')
  await ask('PUT', `/api/cupboard/${items[0]!.piece.id}`, items[0])
  await ask('PATCH', '/api/cupboard', { items: items.slice(0, 2) })
  const extra = { ...items[0]!.piece, id: 'extra' }
  await ask('PUT', '/api/cupboard/extra', { piece: extra, facts: noFacts })
  const cupboard = await ask<string>('GET', '/api/cupboard.csv')
  await ask('POST', '/api/cupboard.csv/preview', cupboard, csv)
  await ask('POST', '/api/cupboard.csv', cupboard, csv)
  await ask('GET', '/api/cupboard/labels.pdf')
  await ask('GET', '/api/cupboard/uses')
  await ask('GET', '/api/shops')
  await ask('GET', `/api/shops/articles?like=${items[0]!.piece.id}`)
  const seen = { pieceId: 'extra', shop: 'Halfpenny Barn', packSize: 1, stock: 1, leadDays: 0, day: '2027-01-20', note: '' }
  const offer = await ask<Offer>('POST', '/api/offers', seen)
  await ask('POST', '/api/offers.csv/preview', await ask<string>('GET', '/api/offers.csv'), csv)
  await ask('POST', '/api/offers.csv', await ask<string>('GET', '/api/offers.csv'), csv)
  await ask('DELETE', `/api/offers/${offer.id}`)
  await ask('DELETE', '/api/cupboard/extra')
  const plan = await ask<{ id: string }>('POST', '/api/plans', { look, day: '2027-01-20' })
  let state = 'running'
  while (state === 'running') {
    state = (await ask<{ state: string }>('GET', `/api/plans/${plan.id}`)).state
    await new Promise((resolve) => setTimeout(resolve, 20))
  }
  expect(state).toBe('done')
  await ask('DELETE', `/api/plans/${(await ask<{ id: string }>('POST', '/api/plans', { look })).id}`)
  await ask('POST', `/api/looks/${id}/composing`, { base: look, asked: { from: 'owned', keep: [], wishLight: false }, others: false })
  await ask('GET', `/api/looks/${id}/composing`)
  await ask('DELETE', `/api/looks/${id}/composing`)
  await ask('POST', `/api/looks/${id}/composing/going-on`)
  await ask('DELETE', `/api/looks/${id}/composing`)
  const picture = await sharp({ create: { width: 40, height: 30, channels: 3, background: '#a9764a' } })
    .png()
    .toBuffer()
  const photo = await ask<{ id: string }>('POST', '/api/photos', picture as never, { 'content-type': 'image/png' })
  await ask('GET', `/api/photos/${photo.id}/small`)
  await ask('POST', '/api/assess', look)
  expect(Object.keys(operations).filter((name) => !answered.has(name))).toEqual([])
})

it('an answer with a member too many, one missing, or of another type is seen', async () => {
  const answer = await app.inject({ url: '/api/health' })
  const stray = (body: object) => strayAnswer('GET', '/api/health', { ...answer, statusCode: 200, headers: answer.headers, json: () => body } as never)
  expect(stray({ ok: true })).toBe('')
  for (const wrong of [{}, { ok: 'yes' }, { ok: true, more: 1 }]) expect(stray(wrong)).toContain('health 200')
})

it('the server has the operations of the table and no others', async () => {
  const printed = app.printRoutes({ commonPrefix: false })
  for (const { method, path } of Object.values(operations)) expect(app.hasRoute({ method, url: path }), `${method} ${path}`).toBe(true)
  expect((printed.match(/\((?=[A-Z])/g) ?? []).length).toBeGreaterThan(20)
})

it('every operation has a schema of what it takes and answers, and every reference in the description leads somewhere', async () => {
  const description = await ask<{
    paths: Record<string, Record<string, { requestBody?: { content: object }; responses: Record<string, { content?: object }> }>>
    components: object
  }>('GET', '/api/openapi.json')
  const all = Object.values(description.paths).flatMap((one) => Object.entries(one))
  expect(all).toHaveLength(Object.keys(operations).length)
  for (const [method, { requestBody, responses }] of all) {
    if (method === 'put' || method === 'patch') expect(requestBody).toBeDefined()
    expect(Object.keys(responses)).toContain('default')
  }
  for (const [, ref] of JSON.stringify(description).matchAll(/"\$ref":"#\/([^"]+)"/g))
    expect(
      ref!.split('/').reduce<unknown>((node, key) => (node as Record<string, unknown> | undefined)?.[key], description),
      ref
    ).toBeDefined()
})
