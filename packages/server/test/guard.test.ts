import type { FastifyInstance } from 'fastify'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { createApp } from '../src/app.js'
import { readConfig, UsageProblem } from '../src/config.js'
import type { Storage } from '../src/storage/openStorage.js'
import { demoLook, idleWorkers, start, wishes } from './support.js'

let own: FastifyInstance
let storage: Storage
let stop: () => Promise<void>
beforeAll(async () => {
  ;({ storage, stop } = await start())
  own = await createApp({ storage, workers: idleWorkers, logLevel: 'silent', names: ['table.example'] })
})
afterAll(async () => {
  await own.close()
  await stop()
})

const stored = async () => JSON.stringify(await storage.dataSource.query('SELECT (SELECT COUNT(*) FROM occasion), (SELECT group_concat(document) FROM piece)'))

const host = 'localhost:4715'
const ours = { host, 'x-hestiad': '1' }

describe('a change', () => {
  it.each([
    ['of a page of another origin', { ...ours, origin: 'http://evil.example' }],
    ['of a page of another port of this machine', { ...ours, origin: 'http://localhost:9999' }],
    ['of a page without an origin', { ...ours, origin: 'null' }],
    ['to a host of another name, as after a name was pointed here', { 'x-hestiad': '1', host: 'rebound.example:4715' }],
    ['to a host that only begins as one of ours', { 'x-hestiad': '1', host: 'localhost.evil.example' }],
    ['without the header no foreign page can send', { host }],
    ['sent by a form', { host, 'content-type': 'application/x-www-form-urlencoded' }],
    ['sent across sites by a script', { ...ours, 'sec-fetch-site': 'cross-site', 'sec-fetch-mode': 'cors' }]
  ])('%s is refused with 403, on every route that changes something, and nothing is changed', async (_, headers) => {
    const before = await stored()
    for (const [method, url, payload] of [
      ['POST', '/api/occasions', wishes()],
      ['POST', '/api/looks', demoLook()],
      ['POST', '/api/cupboard.csv', 'id,kind,name\na,napkin,A'],
      ['POST', '/api/offers', {}],
      ['PATCH', '/api/looks/pearl-anniversary', {}],
      ['DELETE', '/api/cupboard/charger-brass', undefined]
    ] as const) {
      const answer = await own.inject({ method, url, headers, ...(payload && { payload }) } as never)
      expect([answer.statusCode, (answer.json() as { error: { code: string } }).error.code]).toEqual([403, 'foreign-page'])
    }
    expect(await stored()).toBe(before)
  })

  it.each([
    ['of our own page', { ...ours, origin: `http://${host}` }],
    ['of a script, which has no origin', ours],
    ['to a name that was configured', { 'x-hestiad': '1', host: 'table.example', origin: 'https://table.example' }],
    ['to this machine by number', { 'x-hestiad': '1', host: '[::1]:4715' }]
  ])('%s is taken', async (_, headers) => {
    const answer = await own.inject({ method: 'POST', url: '/api/occasions', headers, payload: wishes() })
    expect(answer.statusCode).toBe(201)
  })
})

it('reading is refused to foreign hosts and to scripts of other sites; a link from elsewhere opens a page', async () => {
  const get = async (url: string, headers: Record<string, string>) => (await own.inject({ url, headers })).statusCode
  expect(await get('/api/cupboard', { host: 'rebound.example' })).toBe(403)
  expect(await get('/api/cupboard', { host, 'sec-fetch-site': 'cross-site', 'sec-fetch-mode': 'no-cors' })).toBe(403)
  expect(await get('/api/cupboard.csv', { host, 'sec-fetch-site': 'cross-site', 'sec-fetch-mode': 'navigate' })).toBe(200)
  expect(await get('/api/cupboard', { host, 'sec-fetch-site': 'same-origin' })).toBe(200)
})

it('a CSV sent as plain text or as nothing is not taken', async () => {
  const before = await stored()
  for (const type of ['text/plain', 'application/octet-stream', 'multipart/form-data', 'application/json']) {
    const headers = { ...ours, 'content-type': type }
    const answer = await own.inject({ method: 'POST', url: '/api/cupboard.csv', headers, payload: '"kind,name"' })
    expect(answer.statusCode, type).toBe(415)
  }
  expect(await stored()).toBe(before)
})

it('what takes long may be asked for so often a minute and no more, while all else goes on', async () => {
  const strict = await createApp({ storage, workers: { ...idleWorkers, run: () => Promise.resolve('{}' as never) }, logLevel: 'silent', heavyPerMinute: 5 })
  const assess = async () => (await strict.inject({ method: 'POST', url: '/api/assess', headers: ours, payload: {} })).statusCode
  const codes: number[] = []
  for (let i = 0; i < 8; i++) codes.push(await assess())
  expect(codes).toEqual([200, 200, 200, 200, 200, 429, 429, 429])
  expect((await strict.inject({ url: '/api/health' })).statusCode).toBe(200)
  await strict.close()
})

it('every answer says nosniff, and pages may load nothing that is not served here', async () => {
  for (const url of ['/api/health', '/api/nothing', '/api/docs']) {
    const { headers } = await own.inject({ url })
    expect(headers['x-content-type-options']).toBe('nosniff')
    expect(String(headers['content-security-policy'])).toMatch(/default-src 'none'/)
  }
})

it('listening beyond this machine is refused while there are no accounts', () => {
  expect(() => readConfig(['--host', '0.0.0.0'], '/x')).toThrow(UsageProblem)
  expect(() => readConfig(['--host', '0.0.0.0'], '/x')).toThrow(/without accounts/)
  expect(readConfig(['--host', '127.0.0.1', '--name', 'table.example'], '/x').names).toEqual(['table.example'])
})
