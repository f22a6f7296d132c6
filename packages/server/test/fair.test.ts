import { connect } from 'node:net'
import type { AddressInfo } from 'node:net'
import type { FastifyInstance } from 'fastify'
import { noFacts, plainPlaced, type Look, type Plan } from '@hestiad/core'
import { validateLook } from '@hestiad/core/formats'
import sharp from 'sharp'
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest'
import { createApp } from '../src/app.js'
import { putItems } from '../src/cupboard/cupboardStore.js'
import { bind } from '../src/http/bind.js'
import { createPlanJobs } from '../src/plans/planJobs.js'
import type { Planner } from '../src/plans/planner.js'
import { openStorage, type Storage } from '../src/storage/openStorage.js'
import { createWorkers } from '../src/work/workers.js'
import { demoLook, idleWorkers, rename, saving, sendEdits, start, wishes } from './support.js'

let app: FastifyInstance
let storage: Storage
let stop: () => Promise<void>
beforeAll(async () => ({ app, storage, stop } = await start()))
afterAll(() => stop())

/** A tower of vessels, which is much to assess. */
function tower(vessels: number): Look {
  const look = demoLook()
  const stand = look.pieces.find((piece) => piece.kind === 'vessel')!
  const centerpiece = Array.from({ length: vessels }, (_, i) => ({
    ...look.centerpiece[0]!,
    ...plainPlaced,
    id: `t${i}`,
    pieceId: stand.id,
    on: i > 0 ? `t${i - 1}` : null
  }))
  return { ...look, centerpiece: centerpiece as Look['centerpiece'] }
}

/** So many times the server says it is well until something is done. */
async function answersUntil(done: Promise<unknown>): Promise<number> {
  let answers = 0
  const until = done.then(() => true)
  while (!(await Promise.race([until, new Promise((go) => setTimeout(() => go(false), 20))]))) {
    expect((await app.inject({ url: '/api/health' })).statusCode).toBe(200)
    answers++
  }
  return answers
}

describe('while something heavy is worked out', () => {
  it('others are answered meanwhile', async () => {
    const payload = JSON.stringify(tower(6))
    const assessed = Promise.all([1, 2].map(() => app.inject({ method: 'POST', url: '/api/assess', headers: { 'content-type': 'application/json' }, payload })))
    const answers = await answersUntil(assessed)
    expect((await assessed).map((one) => one.statusCode)).toEqual([200, 200])
    expect(answers).toBeGreaterThan(2)
  })

  it('a look of megabytes is checked elsewhere: others are answered meanwhile, a spoiled one is refused by its place, a sound one opens again', async () => {
    const look = demoLook()
    const pieces = Array.from({ length: 5_000 }, (_, i) => ({ ...look.pieces[i % look.pieces.length]!, id: `extra-${i}` }))
    const large = { ...look, pieces: [...look.pieces, ...pieces] }
    const importing = (payload: object) => {
      const answer = app.inject({ method: 'POST', url: '/api/looks', payload }).then((one) => one)
      return Promise.all([answer, answersUntil(answer)])
    }
    const [added, answers] = await importing(large)
    expect(added.statusCode).toBe(201)
    expect(answers).toBeGreaterThan(2)
    const { id } = added.json<{ id: string }>()
    storage.book.forget(id)
    const read = (await app.inject({ url: `/api/looks/${id}` })).json<{ look: Look }>()
    expect(read.look.pieces).toEqual(large.pieces)
    const [refused] = await importing({ ...large, pieces: [...large.pieces, { ...pieces[0], id: 'spoiled', heightMm: 'tall' }] })
    expect(refused.json()).toMatchObject({ error: { code: 'unusable-look', faults: [{ place: `/pieces/${large.pieces.length}/heightMm` }] } })
  })

  it('an occasion begun from a cupboard of thousands is checked elsewhere, one from a few pieces at once', async () => {
    const tasks: string[] = []
    const elsewhere = {
      run: (name: string, [value]: readonly unknown[]) => (tasks.push(name), Promise.resolve(validateLook(value))),
      close: () => Promise.resolve()
    }
    const kept = await openStorage(':memory:')
    const own = await createApp({ storage: kept, workers: elsewhere as unknown as typeof idleWorkers, logLevel: 'silent' })
    const stock = demoLook().pieces
    const begin = async (pieces: number) => {
      const items = Array.from({ length: pieces }, (_, i) => ({ piece: { ...stock[i % stock.length]!, id: `kept-${i}` }, facts: noFacts }))
      await kept.writes.run((manager) => putItems(manager, items))
      const begun = await own.inject({ method: 'POST', url: '/api/occasions', headers: { 'x-hestiad': '1' }, payload: wishes() })
      expect(begun.statusCode, begun.body.slice(0, 200)).toBe(201)
      return begun.json<{ look: Look }>().look.pieces.length
    }
    expect([await begin(100), tasks]).toEqual([100, []])
    expect([await begin(3_000), tasks]).toEqual([3_000, ['checkLook']])
    await own.close()
    await kept.close()
  })

  it('a look that is saved, or removed, while somebody reads it slowly is afterwards as it was saved, or gone', async () => {
    const gates: (() => void)[] = []
    storage.book.checkBy(async (value) => {
      await new Promise<void>((go) => gates.push(go))
      return validateLook(value)
    })
    const fresh = async () =>
      (await app.inject({ method: 'POST', url: '/api/looks', payload: demoLook() })).json<{ id: string; occasionId: string; look: Look }>()
    const slowly = async (id: string) => {
      storage.book.forget(id)
      const read = app.inject({ url: `/api/looks/${id}` }).then((answer) => answer)
      await vi.waitFor(() => expect(gates).toHaveLength(1))
      return { read, go: () => gates.splice(0).forEach((gate) => gate()) }
    }
    const [saved, removed] = [await fresh(), await fresh()]
    const reading = await slowly(saved.id)
    expect((await sendEdits(app, saved.id, saving(saved.look, 1, [rename(saved.look, 'Saved meanwhile')]))).statusCode).toBe(200)
    reading.go()
    await reading.read
    expect((await app.inject({ url: `/api/looks/${saved.id}` })).json()).toMatchObject({ revision: 2, look: { name: 'Saved meanwhile' } })
    const late = await slowly(removed.id)
    expect((await app.inject({ method: 'DELETE', url: `/api/occasions/${removed.occasionId}` })).statusCode).toBe(204)
    late.go()
    await late.read
    storage.book.checkBy((value) => validateLook(value))
    expect((await app.inject({ url: `/api/looks/${removed.id}` })).statusCode).toBe(404)
  })

  it('more than may wait is answered 503 at once; what was taken is answered all the same', async () => {
    const workers = createWorkers()
    const text = JSON.stringify({ ...demoLook(), centerpiece: [] })
    const ends = await Promise.allSettled(Array.from({ length: 30 }, () => workers.run('assess', [text])))
    const refused = ends.flatMap((end) => (end.status === 'rejected' ? [end.reason as { code: string; status: number }] : []))
    expect(new Set(refused.map(({ code, status }) => `${status} ${code}`))).toEqual(new Set(['503 busy']))
    expect(ends.length - refused.length).toBeGreaterThanOrEqual(12)
    expect(await workers.run('assess', [text])).toContain('"findings"')
    await workers.close()
  })

  it('what takes longer than the limit is stopped and says so, and so is what nobody waits for any more', async () => {
    const workers = createWorkers(50)
    await expect(workers.run('assess', [JSON.stringify(tower(40))])).rejects.toMatchObject({ code: 'too-slow' })
    await workers.close()
    const patient = createWorkers()
    const gone = new AbortController()
    const asked = patient.run('assess', [JSON.stringify(tower(40))], gone.signal)
    setTimeout(() => gone.abort(), 20)
    await expect(asked).rejects.toMatchObject({ code: 'timed-out' })
    await patient.close()
  })
})

describe('plans', () => {
  const made = { plan: { orders: [] } as unknown as Plan, blocked: [], size: { lines: 0, offers: 0, shops: 0 } }
  const priced = { look: demoLook(), alike: [] }

  it('every one of those accepted is answered until it is fetched, or for an hour; a twenty-first that would wait is refused', async () => {
    let nowMs = 0
    const finish: (() => void)[] = []
    const planner: Planner = { plan: () => new Promise((resolve) => finish.push(() => resolve(made))), close: () => Promise.resolve() }
    const jobs = createPlanJobs(planner, () => nowMs)
    const ids: string[] = []
    for (let round = 0; round < 6; round++) {
      for (let i = 0; i < 20; i++) ids.push(jobs.start(priced, '2027-01-01'))
      expect(() => jobs.start(priced, '2027-01-01')).toThrow(expect.objectContaining({ code: 'busy' }))
      finish.splice(0).forEach((end) => end())
      await new Promise((done) => setImmediate(done))
    }
    expect(ids.map((id) => jobs.get(id).state)).toEqual(ids.map(() => 'done'))
    nowMs = 299_000
    jobs.start(priced, '2027-01-01')
    expect(jobs.get(ids[0]!).state).toBe('done')
    nowMs = 601_000
    jobs.start(priced, '2027-01-01')
    expect(() => jobs.get(ids[1]!)).toThrow(expect.objectContaining({ code: 'not-found' }))
  })

  it('one nobody fetches is let go after an hour, one in the making never', async () => {
    let nowMs = 0
    let end = () => undefined as void
    const planner: Planner = { plan: () => new Promise((resolve) => (end = () => resolve(made))), close: () => Promise.resolve() }
    const jobs = createPlanJobs(planner, () => nowMs)
    const id = jobs.start(priced, '2027-01-01')
    nowMs = 10 * 3_600_000
    jobs.start(priced, '2027-01-01')
    expect(jobs.get(id).state).toBe('running')
    end()
    jobs.cancel(id)
  })
})

describe('photos', () => {
  it.each([
    ['long and thin', 60_000, 3],
    ['with more pixels than are taken', 9_000, 6_000]
  ])('%s are refused before a pixel is unpacked', async (_, width, height) => {
    const picture = await sharp({ create: { width, height, channels: 3, background: '#fff' }, limitInputPixels: false })
      .png()
      .toBuffer()
    const answer = await app.inject({ method: 'POST', url: '/api/photos', headers: { 'content-type': 'image/png' }, payload: picture })
    expect([answer.statusCode, answer.body]).toEqual([422, expect.stringMatching(/pixel/)])
  })

  it('many at once are read one after another, and as many as may not wait are told so', async () => {
    const picture = await sharp({ create: { width: 3000, height: 2000, channels: 3, background: '#a9764a' } })
      .png()
      .toBuffer()
    const send = () => app.inject({ method: 'POST', url: '/api/photos', headers: { 'content-type': 'image/png' }, payload: picture })
    const codes = (await Promise.all(Array.from({ length: 24 }, send))).map((answer) => answer.statusCode)
    expect(new Set(codes)).toEqual(new Set([201, 503]))
    expect(codes.filter((code) => code === 201).length).toBeGreaterThanOrEqual(12)
  })
})

it('what does not come as far as a route is answered in the catalogue’s form with its headers', async () => {
  const bound = await bind(0)
  const real = await createApp({ storage, workers: idleWorkers, logLevel: 'silent', serverFactory: bound.serverFactory })
  await real.ready()
  bound.open()
  const port = Number(new URL(bound.address).port)
  const say = (text: string) =>
    new Promise<string>((resolve) => {
      let answer = ''
      const socket = connect(port, '127.0.0.1', () => socket.write(text))
      socket.on('data', (chunk) => (answer += chunk.toString()))
      socket.on('close', () => resolve(answer))
    })
  const get = (path: string, more = '') => `GET ${path} HTTP/1.1\r\nhost: localhost\r\nconnection: close\r\n${more}\r\n`
  expect(await say('nonsense\r\n\r\n')).toMatch(/^HTTP\/1.1 400 [^]*nosniff[^]*"code":"bad-request"/)
  expect(await say(get('/api/health', `x: ${'y'.repeat(40_000)}\r\n`))).toMatch(/^HTTP\/1.1 431 [^]*nosniff[^]*"code":"header-too-large"/)
  expect(await say(get('/api/looks/%E0%A4%A'))).toMatch(/^HTTP\/1.1 400 [^]*"code":"bad-request"/)
  expect(await say(get(`/api/looks/${'a'.repeat(300)}`))).toMatch(/^HTTP\/1.1 414 [^]*"code":"address-too-long"/)
  const { port: bare } = real.server.address() as AddressInfo
  expect(bare).toBe(port)
  await bound.close()
  await real.close()
})
