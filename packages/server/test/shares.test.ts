import type { FastifyInstance } from 'fastify'
import type { Look } from '@hestiad/core'
import { afterEach, beforeEach, expect, it } from 'vitest'
import { ShareEntity } from '../src/storage/entities/ShareEntity.js'
import type { Storage } from '../src/storage/openStorage.js'
import { start, wishes } from './support.js'

let app: FastifyInstance
let storage: Storage
let stop: () => Promise<void>
beforeEach(async () => ({ app, storage, stop } = await start()))
afterEach(() => stop())

interface Shared {
  readonly title: string
  readonly expiresAtMs: number
  readonly looks: readonly { readonly id: string; readonly look: Look; readonly spendCents?: number }[]
}
const ask = (method: 'GET' | 'POST' | 'DELETE', url: string, payload?: object) => app.inject({ method, url, ...(payload && { payload }) })
const lookOf = async (id: string) => (await ask('GET', `/api/looks/${id}`)).json() as { occasionId: string; look: Look; revision: number }
const share = async (occasionId: string, wanted: object = { days: 3, withPrices: false }) =>
  (await ask('POST', `/api/occasions/${occasionId}/shares`, wanted)).json() as { secret: string; expiresAtMs: number }
const shown = async (secret: string) => (await ask('GET', `/api/shares/${secret}`)).json() as Shared
const pearl = 'pearl-anniversary'

it('a secret address shows all looks of its occasion, to draw and to name, and nothing that is nobody else’s business', async () => {
  const { occasionId, look } = await lookOf(pearl)
  const { secret, expiresAtMs } = await share(occasionId)
  expect(secret).toMatch(/^[\w-]{22}$/)
  const { title, looks, ...rest } = await shown(secret)
  expect([title, rest.expiresAtMs]).toEqual([look.occasion.title, expiresAtMs])
  const own = looks.find((one) => one.id === pearl)!
  expect(own.spendCents).toBeUndefined()
  expect(own.look.centerpiece).toEqual(look.centerpiece)
  expect(own.look.guests.map((guest) => guest.name)).toEqual(look.guests.map((guest) => guest.name))
  expect(look.guests.some((guest) => guest.diet !== '' || guest.near.length > 0)).toBe(true)
  expect(own.look.guests.every((guest) => guest.diet === '' && guest.near.length === 0 && guest.apart.length === 0)).toBe(true)
  expect([own.look.offers, own.look.buying.bought, own.look.verdicts, own.look.variants, own.look.occasion.notes]).toEqual([[], [], [], [], ''])
  expect(own.look.pieces.length).toBeLessThan(look.pieces.length)
  expect(own.look.pieces.every((piece) => piece.kept === '')).toBe(true)
})

it('prices are told only where they are to be', async () => {
  const { occasionId } = await lookOf(pearl)
  const { secret } = await share(occasionId, { days: 3, withPrices: true })
  const { looks } = await shown(secret)
  expect(looks.every((one) => Number.isInteger(one.spendCents))).toBe(true)
})

it('what is said there stands in the look and its journal; the same name said again takes the place of the former', async () => {
  const { occasionId, look, revision } = await lookOf(pearl)
  const { secret } = await share(occasionId)
  const vote = (by: string, stand: string, remark: string) => ask('POST', `/api/shares/${secret}/votes`, { by, votes: [{ lookId: pearl, stand, remark }] })
  expect((await vote(' Liesel ', 'against', ' Too tall for me. ')).statusCode).toBe(204)
  expect((await vote('Joost', 'for', '')).statusCode).toBe(204)
  expect((await vote('Liesel', 'for', 'Better lower.')).statusCode).toBe(204)
  const after = await lookOf(pearl)
  expect(after.revision).toBe(revision + 3)
  const before = look.verdicts.length
  expect(after.look.verdicts.slice(before).map(({ by, stand, remark }) => [by, stand, remark])).toEqual([
    ['Joost', 'for', ''],
    ['Liesel', 'for', 'Better lower.']
  ])
  const { edits } = (await ask('GET', `/api/looks/${pearl}/edits`)).json() as { edits: { window: string }[] }
  expect(edits.slice(0, 3).map((edit) => edit.window)).toEqual(['shared page', 'shared page', 'shared page'])
})

it('nobody says anything of a look of another occasion, and then nothing is said of any', async () => {
  const { occasionId } = await lookOf(pearl)
  const other = (await ask('POST', '/api/occasions', wishes())).json() as { id: string }
  const { secret } = await share(occasionId)
  const votes = [
    { lookId: other.id, stand: 'for', remark: '' },
    { lookId: pearl, stand: 'for', remark: '' }
  ]
  const before = await lookOf(pearl)
  expect((await ask('POST', `/api/shares/${secret}/votes`, { by: 'Marit', votes })).statusCode).toBe(404)
  expect((await ask('POST', `/api/shares/${secret}/votes`, { by: 'Marit', votes: [...votes].reverse() })).statusCode).toBe(404)
  expect((await lookOf(other.id)).look.verdicts).toEqual([])
  expect((await lookOf(pearl)).revision).toBe(before.revision)
})

it('it is over when its days are, when it is closed, and with its occasion; one that never was is answered just alike', async () => {
  const { occasionId } = await lookOf(pearl)
  const [over, closed, gone] = [await share(occasionId), await share(occasionId), await share(occasionId)]
  const listed = async () =>
    ((await ask('GET', `/api/occasions/${occasionId}/shares`)).json() as { shares: { secret: string }[] }).shares.map((one) => one.secret)
  expect((await listed()).sort()).toEqual([over.secret, closed.secret, gone.secret].sort())
  await storage.dataSource.getRepository(ShareEntity).update({ secret: over.secret }, { expiresAtMs: Date.now() - 1 })
  expect((await ask('DELETE', `/api/shares/${closed.secret}`)).statusCode).toBe(204)
  expect(await listed()).toEqual([gone.secret])
  expect((await ask('DELETE', `/api/occasions/${occasionId}`)).statusCode).toBe(204)
  const answers = await Promise.all([over.secret, closed.secret, gone.secret, 'never-was'].map((secret) => ask('GET', `/api/shares/${secret}`)))
  expect(answers.map((one) => one.statusCode)).toEqual([404, 404, 404, 404])
  expect(new Set(answers.map((one) => one.body)).size).toBe(1)
  expect(await storage.dataSource.getRepository(ShareEntity).count({ where: { secret: gone.secret } })).toBe(0)
})

it('what cannot be is refused by its place: days, names, stands, too many addresses, an occasion that is not there', async () => {
  const { occasionId } = await lookOf(pearl)
  const faultsOf = async (url: string, payload: object) => {
    const answer = await ask('POST', url, payload)
    expect(answer.statusCode).toBe(400)
    return (answer.json() as { error: { faults: { place: string }[] } }).error.faults.map((fault) => fault.place)
  }
  const shares = `/api/occasions/${occasionId}/shares`
  for (const days of [0, 91, 1.5]) expect(await faultsOf(shares, { days, withPrices: true })).toContain('/days')
  expect(await faultsOf(shares, { days: 1 })).toContain('/withPrices')
  const { secret } = await share(occasionId)
  const votes = `/api/shares/${secret}/votes`
  expect(await faultsOf(votes, { by: '  ', votes: [{ lookId: pearl, stand: 'for', remark: '' }] })).toEqual(['/by'])
  expect(await faultsOf(votes, { by: 'Bram', votes: [{ lookId: pearl, stand: 'love', remark: '' }] })).toEqual(['/votes/0/stand'])
  expect(await faultsOf(votes, { by: 'Bram', votes: [] })).toEqual(['/votes'])
  expect(await faultsOf(votes, { by: 'Bram', votes: [{ lookId: pearl, stand: 'for', remark: 'x'.repeat(1001) }] })).toEqual(['/votes/0/remark'])
  for (let n = 1; n < 20; n++) await share(occasionId)
  expect(await faultsOf(shares, { days: 1, withPrices: false })).toEqual([''])
  expect((await ask('POST', '/api/occasions/none/shares', { days: 1, withPrices: false })).statusCode).toBe(404)
})
