import type { IdeaDto } from '@hestiad/api'
import type { FastifyInstance } from 'fastify'
import sharp from 'sharp'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { start } from './support.js'

let app: FastifyInstance
let stop: () => Promise<void>
beforeAll(async () => ({ app, stop } = await start()))
afterAll(() => stop())

const list = async () => ((await app.inject({ url: '/api/ideas' })).json() as { ideas: IdeaDto[] }).ideas
const put = (id: string, payload: object) => app.inject({ method: 'PUT', url: `/api/ideas/${id}`, payload })
const drop = (id: string) => app.inject({ method: 'DELETE', url: `/api/ideas/${id}` })
const seen = (part: object = {}) => ({ kind: 'idea', what: 'Blue nets', source: 'the quay', takes: 'the blue', done: false, ...part })
beforeEach(async () => {
  for (const { id } of await list()) await drop(id)
})

describe('ideas', () => {
  it('are kept as written, the newest first, and written again keep their place', async () => {
    expect((await put('first', seen())).statusCode).toBe(200)
    await new Promise((done) => setTimeout(done, 5))
    await put('second', seen({ what: 'A dark door' }))
    const before = await list()
    expect(before.map((idea) => idea.id)).toEqual(['second', 'first'])
    const changed = (await put('first', seen({ takes: 'the brass', done: true }))).json() as IdeaDto
    expect(changed).toMatchObject({ takes: 'the brass', done: true, createdAtMs: before[1]!.createdAtMs })
    expect((await list()).map((idea) => idea.id)).toEqual(['second', 'first'])
  })

  it('of the rooms say their stage, and what is not said is left out', async () => {
    const task = (await put('task', { kind: 'room', what: 'Hang the rods', source: '', takes: '', stage: 'fixed', done: false })).json() as IdeaDto
    expect(task.stage).toBe('fixed')
    expect((await put('plain', seen())).json()).not.toHaveProperty('stage')
    expect((await put('task', { kind: 'room', what: 'Hang the rods', source: '', takes: '', done: true })).json()).not.toHaveProperty('stage')
  })

  it('have photos that are kept, and no others', async () => {
    const image = await sharp({ create: { width: 40, height: 30, channels: 3, background: '#7aa0b8' } })
      .png()
      .toBuffer()
    const photo = (await app.inject({ method: 'POST', url: '/api/photos', headers: { 'content-type': 'image/png' }, payload: image })).json() as { id: string }
    expect((await put('pictured', seen({ photoId: photo.id }))).json()).toMatchObject({ photoId: photo.id })
    const refused = await put('pictured', seen({ photoId: 'nobody' }))
    expect(refused.statusCode).toBe(404)
    expect((await list())[0]!.photoId).toBe(photo.id)
  })

  it('are refused with the place and nothing is changed, where something is wrong with them', async () => {
    await put('one', seen())
    const wrong: [object, string][] = [
      [seen({ what: '   ' }), 'what'],
      [seen({ kind: 'dream' }), 'kind'],
      [seen({ stage: 'roof' }), 'stage'],
      [seen({ done: 'yes' }), 'done'],
      [seen({ takes: 'x'.repeat(1001) }), 'takes'],
      [seen({ own: 1 }), 'own']
    ]
    for (const [payload, place] of wrong) {
      const answer = await put('one', payload)
      expect(answer.statusCode, place).toBe(400)
      expect(JSON.stringify(answer.json()), place).toContain(place)
    }
    expect((await put('not%20an%20id', seen())).statusCode).toBe(400)
    expect(await list()).toMatchObject([{ id: 'one', what: 'Blue nets' }])
  })

  it('that are removed are gone, and removing them again says so', async () => {
    await put('one', seen())
    expect((await drop('one')).statusCode).toBe(204)
    expect(await list()).toEqual([])
    expect((await drop('one')).statusCode).toBe(404)
  })
})
