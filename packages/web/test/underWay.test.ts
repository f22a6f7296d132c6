import { noFacts, type Change, type CupboardItem, type Look } from '@hestiad/core'
import { effectScope, nextTick, shallowRef, type EffectScope } from 'vue'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { demoLook } from '../../core/test/support/looks.js'
import { useChanges } from '../src/changes/useChanges.js'
import { useCupboard } from '../src/cupboard/useCupboard.js'
import { usePlan } from '../src/buying/usePlan.js'

const server = vi.hoisted(() => ({
  refuse: '',
  items: [] as CupboardItem[],
  uses: {} as Record<string, { laid: number; planned: number; last: string }>,
  asked: [] as string[],
  jobs: [] as object[],
  store: { look: undefined as Look | undefined, ran: [] as unknown[] },
  leaves: [] as (() => void)[]
}))
const said = (what: string) => {
  server.asked.push(what)
  if (server.refuse) throw new Error(server.refuse)
}
vi.mock('vue', async (original) => ({ ...(await original<typeof import('vue')>()), onUnmounted: (leave: () => void) => void server.leaves.push(leave) }))
vi.mock('vue-i18n', async (original) => ({
  ...(await original<typeof import('vue-i18n')>()),
  useI18n: () => ({ t: (key: string, given: object = {}) => [key, ...Object.values(given)].join(' ') })
}))
vi.mock('../src/api/calls.js', () => ({
  api: {
    getCupboard: async () => (said('get'), { items: server.items }),
    cupboardUses: async () => ({ uses: server.uses }),
    putItem: async (id: string) => said(`put ${id}`),
    putItems: async ({ items }: { items: CupboardItem[] }) => said(`put ${items.length}`),
    removePiece: async (id: string) => said(`remove ${id}`),
    startPlan: async () => (said('start'), { id: 'plan' }),
    getPlan: async () => (said('ask'), server.jobs.shift() ?? { state: 'running', elapsedMs: 1 }),
    cancelPlan: async () => said('cancel')
  }
}))
vi.mock('../src/stores/lookStore.js', () => ({
  useLook: () => ({
    get look() {
      return server.store.look
    },
    run: (...given: unknown[]) => void server.store.ran.push(given)
  })
}))
vi.mock('../src/stores/preferences.js', () => ({ usePreferences: () => ({ unit: 'in' }) }))
const worker = vi.hoisted(() => ({ asked: [] as { request: unknown; answer: (value: unknown) => void; canceled: boolean }[] }))
vi.mock('../src/workers/changes.js', () => ({
  askChanges: (request: unknown) => {
    let answer: (value: unknown) => void = () => {}
    const own = { request, answer: (value: unknown) => answer(value), canceled: false }
    worker.asked.push(own)
    return {
      answer: new Promise((resolve) => (answer = resolve)),
      cancel: () => {
        own.canceled = true
        answer(undefined)
      }
    }
  }
}))

const look = demoLook()
const items: CupboardItem[] = look.pieces.slice(0, 3).map((piece) => ({ piece, facts: noFacts }))
let scope: EffectScope
beforeEach(() => {
  vi.useFakeTimers()
  vi.stubGlobal('localStorage', { getItem: () => null, setItem: () => {} })
  setActivePinia(createPinia())
  scope = effectScope()
  Object.assign(server, { refuse: '', items: [...items], uses: {}, asked: [], jobs: [], leaves: [] })
  Object.assign(server.store, { look, ran: [] })
  worker.asked.length = 0
})
afterEach(() => {
  scope.stop()
  vi.useRealTimers()
})
const leave = () => server.leaves.forEach((one) => one())

describe('the cupboard on the page', () => {
  it('shows what is written at once, new pieces first, and what was refused as it was, with the reason', async () => {
    const cupboard = scope.run(useCupboard)!
    await cupboard.load()
    const renamed = { ...items[1]!, piece: { ...items[1]!.piece, name: 'Renamed' } }
    const added = { piece: { ...items[0]!.piece, id: 'added' }, facts: noFacts }
    expect(await cupboard.write([renamed, added])).toBe(true)
    expect(cupboard.items.value!.map((item) => [item.piece.id, item.piece.name])).toEqual([
      ['added', items[0]!.piece.name],
      [items[0]!.piece.id, items[0]!.piece.name],
      [items[1]!.piece.id, 'Renamed'],
      [items[2]!.piece.id, items[2]!.piece.name]
    ])
    expect(server.asked).toEqual(['get', 'put 2'])
    server.refuse = 'no space'
    const before = cupboard.items.value
    expect(await cupboard.write([{ ...renamed, piece: { ...renamed.piece, name: 'Again' } }])).toBe(false)
    expect(cupboard.items.value).toBe(before)
    expect(cupboard.message.value).toContain('no space')
  })

  it('lets a piece go only when the server has', async () => {
    const cupboard = scope.run(useCupboard)!
    await cupboard.load()
    server.refuse = 'away'
    expect(await cupboard.remove(items[0]!)).toBe(false)
    expect(cupboard.items.value).toHaveLength(3)
    server.refuse = ''
    expect(await cupboard.remove(items[0]!)).toBe(true)
    expect(cupboard.items.value!.map((item) => item.piece.id)).toEqual(items.slice(1).map((item) => item.piece.id))
  })

  it('finds by words, and the last use is the one noted or the one laid here, whichever is later', async () => {
    const [first, second] = items as [CupboardItem, CupboardItem]
    server.items = [
      { ...first, facts: { ...noFacts, lastUsed: '2026-12-24' } },
      { ...second, facts: { ...noFacts, lastUsed: '2026-06-01' } }
    ]
    server.uses = { [first.piece.id]: { laid: 1, planned: 0, last: '2026-08-01' }, [second.piece.id]: { laid: 1, planned: 0, last: '2026-10-01' } }
    const cupboard = scope.run(useCupboard)!
    await cupboard.load()
    cupboard.facets.value = { ...cupboard.facets.value, state: 'unused-since', sinceDay: '2026-11-01' }
    expect(cupboard.found.value.map((item) => item.piece.id)).toEqual([second.piece.id])
    cupboard.facets.value = { ...cupboard.facets.value, state: 'all' }
    cupboard.query.value = first.piece.name
    expect(cupboard.found.value.map((item) => item.piece.id)).toContain(first.piece.id)
  })

  it('that cannot be read says so and is read the next time', async () => {
    const cupboard = scope.run(useCupboard)!
    server.refuse = 'away'
    await cupboard.load()
    expect([cupboard.failed.value, cupboard.items.value]).toEqual([true, undefined])
    server.refuse = ''
    await cupboard.load()
    expect([cupboard.failed.value, cupboard.items.value?.length]).toEqual([false, 3])
  })
})

describe('changes that are looked for', () => {
  const lists = [[{ kind: 'swap' }]] as unknown as Change[][]
  const settle = () => vi.advanceTimersByTimeAsync(350)

  it('are those of the newest look: what was asked before is stopped, and its answer is not heard', async () => {
    const open = shallowRef<Look>(look)
    const changes = scope.run(() => useChanges(open, async (asked) => ({ kind: 'help', look: asked }) as never))!
    await settle()
    expect([worker.asked.length, changes.looking.value]).toEqual([1, true])
    const next = { ...look, name: 'Next' }
    open.value = next
    await settle()
    expect([worker.asked.length, worker.asked[0]!.canceled]).toEqual([2, true])
    worker.asked[0]!.answer([[], []])
    await nextTick()
    expect(changes.lists.value).toEqual([])
    worker.asked[1]!.answer(lists)
    await vi.advanceTimersByTimeAsync(1)
    expect([changes.lists.value, changes.of.value, changes.looking.value]).toEqual([lists, next, false])
  })

  it('wait until the look has been still, keep the former list meanwhile, and stop when one leaves', async () => {
    const open = shallowRef<Look>(look)
    const changes = scope.run(() => useChanges(open, async (asked) => ({ kind: 'help', look: asked }) as never))!
    await settle()
    worker.asked[0]!.answer(lists)
    await vi.advanceTimersByTimeAsync(1)
    for (const name of ['a', 'b', 'c']) {
      open.value = { ...look, name }
      await vi.advanceTimersByTimeAsync(100)
    }
    expect([worker.asked.length, changes.lists.value]).toEqual([1, lists])
    await settle()
    expect(worker.asked).toHaveLength(2)
    expect((worker.asked[1]!.request as { look: Look }).look.name).toBe('c')
    leave()
    expect(worker.asked[1]!.canceled).toBe(true)
  })

  it('that cannot be asked say why, and none are where there is nothing to ask', async () => {
    const open = shallowRef<Look>(look)
    let wrong = true
    const changes = scope.run(() =>
      useChanges(open, async () => {
        if (wrong) throw new Error('no offers')
        return undefined
      })
    )!
    await settle()
    expect([changes.problem.value, changes.looking.value]).toEqual(['no offers', false])
    wrong = false
    await changes.find()
    expect([changes.problem.value, changes.lists.value, worker.asked.length]).toEqual(['', [], 0])
  })
})

describe('a buying plan', () => {
  const done = { state: 'done', day: '2027-01-20', offers: [], shops: [], alike: [], blocked: [{ pieceId: 'x' }], plan: { orders: [] } }

  it('is asked for until it is there and laid into the look once', async () => {
    const plan = scope.run(usePlan)!
    server.jobs = [{ state: 'running', elapsedMs: 100 }, { state: 'running', elapsedMs: 200 }, done]
    const making = plan.make()
    await vi.advanceTimersByTimeAsync(1000)
    await making
    expect(server.asked).toEqual(['start', 'ask', 'ask', 'ask'])
    expect(server.store.ran).toHaveLength(1)
    expect(plan.blocked()).toEqual([{ pieceId: 'x' }])
  })

  it('that fails or cannot be asked leaves the look as it was and says why', async () => {
    const plan = scope.run(usePlan)!
    server.jobs = [{ state: 'failed', message: 'no shop has it' }]
    const making = plan.make()
    await vi.advanceTimersByTimeAsync(1000)
    await making
    expect([plan.problem.value, server.store.ran]).toEqual(['no shop has it', []])
    server.refuse = 'busy'
    await plan.make()
    expect([plan.problem.value, plan.job.value, server.store.ran]).toEqual(['busy', undefined, []])
  })

  it('in the making is canceled when one leaves, and nothing is laid after', async () => {
    const plan = scope.run(usePlan)!
    server.jobs = [{ state: 'running', elapsedMs: 1 }]
    const making = plan.make()
    await vi.advanceTimersByTimeAsync(160)
    leave()
    server.jobs = [done]
    await vi.advanceTimersByTimeAsync(1000)
    await making
    expect(server.asked).toContain('cancel')
    expect(server.store.ran).toEqual([])
  })
})
