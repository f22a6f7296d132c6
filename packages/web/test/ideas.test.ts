import type { RoomStage } from '@hestiad/core'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { useIdeas, type Idea, type IdeaFields } from '../src/ideas/useIdeas.js'

const server = vi.hoisted(() => ({ rows: new Map<string, Idea>(), refuse: '', calls: [] as string[] }))
vi.mock('../src/api/calls.js', () => ({
  api: {
    listIdeas: async () => {
      if (server.refuse) throw new Error(server.refuse)
      return { ideas: [...server.rows.values()].sort((a, b) => b.createdAtMs - a.createdAtMs) }
    },
    putIdea: async (id: string, fields: IdeaFields) => {
      server.calls.push(`put ${id}`)
      if (server.refuse) throw new Error(server.refuse)
      const idea = { ...fields, id, createdAtMs: server.rows.get(id)?.createdAtMs ?? Date.now() }
      server.rows.set(id, idea)
      return idea
    },
    removeIdea: async (id: string) => {
      server.calls.push(`remove ${id}`)
      if (server.refuse) throw new Error(server.refuse)
      server.rows.delete(id)
    }
  }
}))

const seen = (what: string): IdeaFields => ({ kind: 'idea', what, source: '', takes: '', done: false })
const task = (what: string, stage?: RoomStage): IdeaFields => ({
  kind: 'room',
  what,
  source: '',
  takes: '',
  done: false,
  ...(stage && { stage })
})

describe('ideas on the page', () => {
  beforeEach(() => {
    server.rows.clear()
    server.refuse = ''
    server.calls.length = 0
  })

  it('are shown at once, written to the server, and read back the same', async () => {
    const ideas = useIdeas()
    await ideas.load()
    const adding = ideas.add(seen('Jars along a wall'))
    expect(ideas.seen.value.map((one) => one.what)).toEqual(['Jars along a wall'])
    await adding
    await ideas.change(ideas.seen.value[0]!, { takes: 'Even gaps', done: true })
    const again = useIdeas()
    await again.load()
    expect(again.seen.value).toEqual(ideas.seen.value)
    expect(again.seen.value[0]).toMatchObject({ what: 'Jars along a wall', takes: 'Even gaps', done: true })
  })

  it('that the server refuses are shown as they were, with the reason, and the next that is taken clears it', async () => {
    const ideas = useIdeas()
    await ideas.load()
    await ideas.add(seen('One'))
    const [one] = ideas.seen.value
    server.refuse = 'no space'
    await ideas.change(one!, { what: 'Two' })
    expect(ideas.seen.value.map((idea) => idea.what)).toEqual(['One'])
    expect(ideas.problem.value).toBe('no space')
    await ideas.remove(one!)
    expect(ideas.seen.value).toHaveLength(1)
    await ideas.add(seen('Three'))
    expect(ideas.seen.value).toHaveLength(1)
    server.refuse = ''
    await ideas.change(one!, { what: 'Two' })
    expect([ideas.seen.value[0]!.what, ideas.problem.value]).toEqual(['Two', ''])
  })

  it('that are refused one after another each go back by themselves: what was kept meanwhile stays', async () => {
    const ideas = useIdeas()
    await ideas.load()
    await ideas.add(seen('One'))
    await ideas.add(seen('Two'))
    const [two, one] = ideas.seen.value
    server.refuse = 'busy'
    const refused = ideas.change(two!, { what: 'Refused' })
    server.refuse = ''
    const kept = ideas.change(one!, { what: 'Kept' })
    await Promise.all([refused, kept])
    expect(new Set(ideas.seen.value.map((idea) => idea.what))).toEqual(new Set(['Two', 'Kept']))
  })

  it('have a photo that can be left out again', async () => {
    const ideas = useIdeas()
    await ideas.load()
    await ideas.add({ ...seen('Pears'), photoId: 'p1' })
    await ideas.dropPhoto(ideas.seen.value[0]!)
    expect(ideas.seen.value[0]).not.toHaveProperty('photoId')
    expect([...server.rows.values()][0]).not.toHaveProperty('photoId')
  })

  it('removed come back whole under the same id by one undo, and only once', async () => {
    const ideas = useIdeas()
    await ideas.load()
    await ideas.add({ ...seen('A dark door'), takes: 'something dark behind' })
    const before = ideas.seen.value[0]!
    await ideas.remove(before)
    expect([ideas.seen.value, server.rows.size]).toEqual([[], 0])
    await ideas.takeBack()
    expect(ideas.seen.value[0]).toEqual(before)
    expect(server.rows.get(before.id)).toMatchObject({ takes: 'something dark behind' })
    const calls = server.calls.length
    await ideas.takeBack()
    expect(server.calls).toHaveLength(calls)
  })

  it('of the rooms stand by stage, what is fixed first, each stage in the order they were written; without a stage they are fixed', async () => {
    const ideas = useIdeas()
    await ideas.load()
    await ideas.add(task('rug', 'textile'))
    await ideas.add(task('rods', 'fixed'))
    await ideas.add(task('blinds'))
    await ideas.add(seen('no task'))
    expect(ideas.rooms.value.map(({ stage, list }) => [stage, list.map((one) => one.what)])).toEqual([
      ['fixed', ['rods', 'blinds']],
      ['furniture', []],
      ['textile', ['rug']],
      ['table', []]
    ])
    expect(ideas.seen.value.map((one) => one.what)).toEqual(['no task'])
  })

  it('that cannot be read say so, and are read when the server answers again', async () => {
    const ideas = useIdeas()
    server.refuse = 'away'
    await ideas.load()
    expect([ideas.failed.value, ideas.all.value]).toEqual([true, undefined])
    server.refuse = ''
    await ideas.load()
    expect([ideas.failed.value, ideas.all.value]).toEqual([false, []])
  })

  it('of what was moved stand by themselves, the newest first, among neither what was seen nor what is to be done', async () => {
    const ideas = useIdeas()
    await ideas.load()
    const rug: IdeaFields = { kind: 'moved', what: 'The rust rug', source: 'the dining room', takes: 'To the parlor: it fought the blue.', done: true }
    await ideas.add(rug)
    await new Promise((done) => setTimeout(done, 5))
    await ideas.add({ ...rug, what: 'The lamp' })
    await ideas.add(seen('Blue nets'))
    await ideas.add(task('Hang the rods', 'fixed'))
    expect(ideas.moved.value.map((one) => one.what)).toEqual(['The lamp', 'The rust rug'])
    expect(ideas.seen.value.map((one) => one.what)).toEqual(['Blue nets'])
    expect(ideas.rooms.value.flatMap(({ list }) => list).map((one) => one.what)).toEqual(['Hang the rods'])
    await ideas.remove(ideas.moved.value[0]!)
    expect(ideas.moved.value.map((one) => one.what)).toEqual(['The rust rug'])
    await ideas.takeBack()
    expect(ideas.moved.value).toHaveLength(2)
  })
})
