import { join } from 'node:path'
import type { ComposingDto } from '@hestiad/api'
import { composeLooks, heededOn, kindsBought, lookHash, recipeOf, traits, type CupboardItem, type Look } from '@hestiad/core'
import type { FastifyInstance } from 'fastify'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { start, temporaryFolder, wishes } from './support.js'

const file = join(temporaryFolder(), 'hestiad.sqlite')
let server: Awaited<ReturnType<typeof start>>
let app: FastifyInstance
let id: string
let base: Look
/** What the core composes of what is owned, the cupboard’s seasons and sets heeded. */
let byTheCore: string[]
const open = async () => ({ app } = server = await start(file))
beforeAll(async () => {
  await open()
  const begun = await app.inject({ method: 'POST', url: '/api/occasions', payload: { ...wishes(), guests: 4, totalCents: 40_000 } })
  ;({ id, look: base } = begun.json<{ id: string; look: Look }>())
  const { items } = (await app.inject({ url: '/api/cupboard' })).json<{ items: CupboardItem[] }>()
  byTheCore = hashes(composeLooks(base, { from: 'owned', want: 5, seed: 1, ...heededOn(base.occasion.date, items) }))
})
afterAll(() => server.stop())

const owned = { from: 'owned', keep: [], wishLight: false }
const begin = (asked: object = owned, more: object = {}, lookId = id) =>
  app.inject({ method: 'POST', url: `/api/looks/${lookId}/composing`, payload: { base, asked, others: false, ...more } })
const goOn = () => app.inject({ method: 'POST', url: `/api/looks/${id}/composing/going-on` })
const cancel = () => app.inject({ method: 'DELETE', url: `/api/looks/${id}/composing` })
const get = async (have = '', lookId = id) => (await app.inject({ url: `/api/looks/${lookId}/composing${have}` })).json<ComposingDto>()
async function until(what: (now: ComposingDto) => boolean): Promise<ComposingDto> {
  for (;;) {
    const now = await get()
    if (what(now)) return now
    await new Promise((pass) => setTimeout(pass, 20))
  }
}
const ended = () => until((now) => now.state !== 'running')
const hashes = (looks: readonly { look: Look }[] = []) => looks.map((one) => lookHash(one.look))

describe('whole looks composed on the server', () => {
  it('are told one by one, only those one has not, and are at the end the very ones the core composes', async () => {
    expect(await get()).toEqual({ state: 'none', id: '', found: 0, done: 0 })
    const started = await begin()
    expect(started.statusCode).toBe(202)
    const first = await until((now) => now.found > 0)
    expect(first).toMatchObject({ state: 'running', id: started.json<{ id: string }>().id, asked: owned })
    expect(first.looks).toHaveLength(first.found)
    const all = await ended()
    expect(all).toMatchObject({ state: 'ended', found: 5, done: 1 })
    expect(lookHash(all.base!)).toBe(lookHash(base))
    expect(hashes(all.looks)).toEqual(byTheCore)
    expect(await get('?have=5')).not.toHaveProperty('base')
  })

  it('differ from those before where others are asked for, and of the shops are those that may be bought', async () => {
    const before = (await get()).looks!
    await begin({ ...owned, from: 'few-new' }, { others: true })
    const { looks, base: laidFor } = await ended()
    expect(looks).toHaveLength(5)
    for (const whole of looks!) expect(hashes(before)).not.toContain(lookHash(whole.look))
    const ours = new Set(laidFor!.pieces.map((piece) => piece.id))
    const bought = looks!.flatMap(({ look }) => look.pieces.filter((piece) => !ours.has(piece.id)))
    expect(bought.length).toBeGreaterThan(0)
    for (const piece of bought) expect(kindsBought['few-new']).toContain(piece.kind)
  })

  it('canceled stay as far as they came, also when the server is started anew, and are gone on with to the very same', async () => {
    await begin()
    await until((now) => now.found > 0)
    expect((await cancel()).statusCode).toBe(204)
    const broken = await get()
    expect(broken.state).toBe('broken-off')
    await server.stop()
    await open()
    const kept = await get()
    expect(kept).toMatchObject({ state: 'broken-off', id: broken.id, asked: owned })
    expect(hashes(kept.looks)).toEqual(hashes(broken.looks))
    expect(kept.found).toBeLessThan(5)
    expect((await goOn()).json()).toEqual({ id: kept.id })
    expect(hashes((await ended()).looks)).toEqual(byTheCore)
    expect((await goOn()).json()).toEqual({ id: kept.id })
    expect(await get()).toMatchObject({ state: 'ended', found: 5 })
  })

  it('are of the look composed last: one begun meanwhile takes the place of what ran, and after a recipe one is laid', async () => {
    await begin()
    await begin({ ...owned, recipe: recipeOf(base) }, { taste: { weights: Object.fromEntries(traits.map((trait) => [trait, 0])), choices: 1 } })
    const { looks, asked } = await ended()
    expect(looks).toHaveLength(1)
    expect(asked!.recipe).toEqual(recipeOf(base))
  })

  it('of a wish that is none are refused with the place, and what was composed stays', async () => {
    const before = await get()
    const wrong: [asked: object, more: object, status: number, place: string][] = [
      [{ ...owned, from: 'stolen' }, {}, 400, '/asked/from'],
      [{ ...owned, keep: ['chairs'] }, {}, 400, '/asked/keep'],
      [{ ...owned, recipe: {} }, {}, 400, '/asked/recipe'],
      [owned, { taste: { weights: { flowers: 1 }, choices: 2 } }, 400, '/taste'],
      [owned, { others: 'yes' }, 400, '/others'],
      [owned, { base: { ...base, table: null } }, 422, '/table']
    ]
    for (const [asked, more, status, place] of wrong) {
      const answer = await begin(asked, more)
      expect([answer.statusCode, answer.json<{ error: { faults: { place: string }[] } }>().error.faults[0]?.place]).toEqual([status, place])
    }
    expect((await begin(owned, {}, 'nobody')).statusCode).toBe(404)
    expect((await app.inject({ url: `/api/looks/${id}/composing?have=all` })).statusCode).toBe(400)
    expect((await app.inject({ method: 'POST', url: '/api/looks/pearl-anniversary/composing/going-on' })).statusCode).toBe(404)
    expect(await get()).toEqual(before)
  })

  it('go with the look', async () => {
    const { occasionId } = (await app.inject({ url: `/api/looks/${id}` })).json<{ occasionId: string }>()
    await begin()
    await app.inject({ method: 'DELETE', url: `/api/occasions/${occasionId}` })
    await cancel()
    await expect.poll(async () => (await get()).state).toBe('none')
    expect(await server.storage.dataSource.query('SELECT COUNT(*) AS n FROM composing')).toEqual([{ n: 0 }])
  })
})
