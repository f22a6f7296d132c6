import type { KeptDto } from '@hestiad/api'
import type { FastifyInstance } from 'fastify'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { start } from './support.js'

let app: FastifyInstance
let stop: () => Promise<void>
beforeAll(async () => ({ app, stop } = await start()))
afterAll(() => stop())

const list = async (kind: string) => ((await app.inject({ url: `/api/kept/${kind}` })).json() as { kept: KeptDto[] }).kept
const put = (kind: string, id: string, payload: object) => app.inject({ method: 'PUT', url: `/api/kept/${kind}/${id}`, payload })
const drop = (kind: string, id: string) => app.inject({ method: 'DELETE', url: `/api/kept/${kind}/${id}` })

describe('what a stylist keeps', () => {
  it('is kept by kind as it was given, the oldest first; given again it keeps its place', async () => {
    await put('recipe', 'pears', { value: { name: 'Pears', deep: [1, { two: null }] } })
    await new Promise((go) => setTimeout(go, 5))
    await put('recipe', 'figs', { value: { name: 'Figs' } })
    await put('search', 'pears', { value: { query: 'pears' } })
    await put('recipe', 'pears', { value: { name: 'Pears in a row' } })
    expect((await list('recipe')).map(({ id, value }) => [id, value])).toEqual([
      ['pears', { name: 'Pears in a row' }],
      ['figs', { name: 'Figs' }]
    ])
    expect((await list('search')).map((one) => one.id)).toEqual(['pears'])
    expect((await drop('recipe', 'pears')).statusCode).toBe(204)
    expect((await drop('recipe', 'pears')).statusCode).toBe(404)
    expect(await list('search')).toHaveLength(1)
  })

  it('of no known kind, under no sound id, that is no object or far too large is refused with the place, and nothing is kept', async () => {
    const before = await list('taste')
    const wrong: [kind: string, id: string, payload: object, status: number, place: string][] = [
      ['secret', 'a', { value: {} }, 404, '/kind'],
      ['constructor', 'a', { value: {} }, 404, '/kind'],
      ['taste', 'a b', { value: {} }, 400, '/id'],
      ['taste', 'a', { value: 'text' }, 400, '/value'],
      ['taste', 'a', { value: null }, 400, '/value'],
      ['taste', 'a', {}, 400, '/value'],
      ['taste', 'a', { value: { text: 'x'.repeat(60_001) } }, 400, '/value'],
      ['taste', 'a', { value: {}, own: 1 }, 400, '/own']
    ]
    for (const [kind, id, payload, status, place] of wrong) {
      const answer = await put(kind, encodeURIComponent(id), payload)
      expect(answer.statusCode, `${kind} ${id} ${JSON.stringify(payload).slice(0, 40)}`).toBe(status)
      expect(answer.json<{ error: { faults: { place: string }[] } }>().error.faults[0]!.place).toBe(place)
    }
    expect(await list('taste')).toEqual(before)
  })

  it('is the newest two hundred of a kind: the oldest makes room', async () => {
    for (let i = 0; i < 203; i++) await put('taste', `t${String(i).padStart(3, '0')}`, { value: { i } })
    const kept = await list('taste')
    expect(kept).toHaveLength(200)
    expect(kept.map((one) => one.id)).not.toContain('t000')
    expect(kept.map((one) => one.id)).toContain('t202')
  })
})
