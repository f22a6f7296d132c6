import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { factsFaults } from '@hestiad/core/formats'
import type { CupboardItem, Look } from '@hestiad/core'
import type { FastifyInstance } from 'fastify'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { root, start } from './support.js'

let app: FastifyInstance
let stop: () => Promise<void>
beforeAll(async () => ({ app, stop } = await start()))
afterAll(() => stop())

interface Listed {
  readonly id: string
  readonly looks: readonly { readonly id: string; readonly look: Look }[]
}
const occasions = async () => ((await app.inject({ url: '/api/occasions' })).json() as { occasions: Listed[] }).occasions
const files = readdirSync(join(root, 'demo')).filter((name) => name.endsWith('.hestiad.json'))

it('every look of the demo is there, once, with those of one occasion together and the first of them first', async () => {
  const list = await occasions()
  expect(list.flatMap((one) => one.looks).length).toBe(files.length)
  for (const { looks } of list) {
    const [first, ...others] = looks.map((one) => one.id)
    expect(files).toContain(`${first}.hestiad.json`)
    for (const other of others) expect(other.startsWith(`${first}-`)).toBe(true)
    expect(new Set(looks.map((one) => one.look.occasion.title)).size).toBe(1)
    expect(new Set(looks.map((one) => one.look.name)).size).toBe(looks.length)
  }
})

it('looks of one occasion do not claim each other’s pieces: only one of them will be laid', async () => {
  const supper = (await occasions()).find((one) => one.looks[0]!.id === 'pearl-anniversary')!
  expect(supper.looks.length).toBeGreaterThan(2)
  for (const { id, look } of supper.looks) {
    const { claims } = (await app.inject({ url: `/api/looks/${id}/claims` })).json() as { claims: { occasion: string }[] }
    expect(claims.filter((claim) => claim.occasion === look.occasion.title)).toEqual([])
  }
})

it('each look of the demo is taken over, edited and told apart: removing one leaves the others', async () => {
  const supper = (await occasions()).find((one) => one.looks[0]!.id === 'pearl-anniversary')!
  const [, second] = supper.looks
  expect((await app.inject({ method: 'DELETE', url: `/api/looks/${second!.id}` })).statusCode).toBe(204)
  const left = (await occasions()).find((one) => one.id === supper.id)!
  expect(left.looks.map((one) => one.id)).toEqual(supper.looks.map((one) => one.id).filter((id) => id !== second!.id))
})

const read = <T>(name: string) => JSON.parse(readFileSync(join(root, 'demo', name), 'utf8')) as T

it('what the household knows of its pieces is of pieces it has, sound, and in the cupboard', async () => {
  const { items } = (await app.inject({ url: '/api/cupboard' })).json() as { items: CupboardItem[] }
  const known = read<Record<string, object>>('cupboard-facts.json')
  for (const [id, facts] of Object.entries(known)) {
    const item = items.find((one) => one.piece.id === id)
    expect(item?.facts, id).toMatchObject(facts)
    expect(factsFaults(item!.facts), id).toEqual([])
  }
})

it('the board of ideas and the list of the rooms are there in their order', async () => {
  const { ideas } = (await app.inject({ url: '/api/ideas' })).json() as { ideas: { id: string; kind: string }[] }
  expect(ideas.map((idea) => idea.id)).toEqual(read<{ id: string }[]>('ideas.json').map((idea) => idea.id))
  expect(new Set(ideas.map((idea) => idea.kind))).toEqual(new Set(['idea', 'room', 'moved']))
})
