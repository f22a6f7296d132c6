import { findPiece, pieceIndex, type Change, type Look } from '@hestiad/core'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick, ref } from 'vue'
import { api } from '../src/api/calls.js'
import { ApiProblem, type PlanJob } from '../src/api/client.js'
import { usePlan } from '../src/buying/usePlan.js'
import { useChanges } from '../src/changes/useChanges.js'
import { demo } from './support/assessorHere.js'
import { mountHere } from './support/mountHere.js'
import { freshPage, openLook } from './support/openLook.js'

vi.mock('../src/workers/assessor.js', async () => (await import('./support/assessorHere.js')).assessorHere)

interface Question {
  readonly request: unknown
  readonly end: (lists: readonly (readonly Change[])[] | undefined) => void
  calledOff: boolean
}
const questions: Question[] = []
vi.mock('../src/workers/changes.js', () => ({
  askChanges: (request: unknown) => {
    let end: Question['end'] = () => {}
    const answer = new Promise<readonly (readonly Change[])[] | undefined>((resolve) => (end = resolve))
    const question: Question = { request, end, calledOff: false }
    questions.push(question)
    return {
      answer,
      cancel: () => {
        question.calledOff = true
        end(undefined)
      }
    }
  }
}))

beforeEach(() => {
  questions.length = 0
  freshPage()
  vi.spyOn(console, 'warn').mockImplementation(() => undefined)
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
  vi.restoreAllMocks()
})

const offer = demo.offers.find((one) => one.priceCents !== null && one.stock > 1)!
const stranger = { ...demo.pieces.find((piece) => piece.id === 'bud-clay')!, id: 'bud-of-the-shop', owned: 0 }
const order = { shop: offer.shop, slot: 'ahead', way: 'trip', coupon: false, lines: [{ offerId: offer.id, packs: 1 }] }
const done = {
  state: 'done',
  elapsedMs: 40,
  day: '2027-01-20',
  offers: [{ ...offer, priceCents: offer.priceCents! + 100 }],
  shops: demo.shops,
  alike: [stranger],
  blocked: [{ pieceId: 'bud-clay', missing: 2, because: 'nowhere' }],
  plan: { orders: [{ order }] }
} as unknown as PlanJob

/** A server that makes plans: what it says of the one that was started, each time it is asked. */
function planner(says: readonly PlanJob[]) {
  let asked = 0
  const start = vi.spyOn(api, 'startPlan').mockResolvedValue({ id: 'plan-1' } as never)
  const get = vi.spyOn(api, 'getPlan').mockImplementation(() => Promise.resolve(says[Math.min(asked++, says.length - 1)]!) as never)
  const cancel = vi.spyOn(api, 'cancelPlan').mockResolvedValue(undefined as never)
  return { start, get, cancel }
}
const running: PlanJob = { state: 'running', elapsedMs: 10 } as PlanJob

describe('a buying plan', () => {
  it('is asked after until it is done and then laid in one step: orders, prices, what is alike, and the sums it is held against', async () => {
    const store = await openLook()
    const { start, get } = planner([running, running, done])
    const { value: plan } = mountHere(usePlan)
    await plan.make()
    expect(start).toHaveBeenCalledWith({ look: demo })
    expect(get).toHaveBeenCalledTimes(3)
    const look = store.look!
    expect(look.buying.orders).toEqual([order])
    expect(look.buying.pricesOn).toBe('2027-01-20')
    expect(look.buying.planned?.day).toBe('2027-01-20')
    expect(look.offers).toEqual([{ ...offer, priceCents: offer.priceCents! + 100 }])
    expect(findPiece(pieceIndex(look), stranger.id, 'vessel')).toEqual(stranger)
    expect(plan.blocked()).toHaveLength(1)
    store.undo()
    expect(store.look).toEqual(demo)
  })

  it('that fails says why, and one that cannot be begun as well; the look stays as it was', async () => {
    const store = await openLook()
    const { start } = planner([running, { state: 'failed', elapsedMs: 20, message: 'No shop has six of them.' } as PlanJob])
    const { value: plan } = mountHere(usePlan)
    await plan.make()
    expect(plan.problem.value).toBe('No shop has six of them.')
    start.mockRejectedValue(new ApiProblem('busy', 'The server is busy; try again.', []))
    await plan.make()
    expect(plan.problem.value).toContain('busy')
    expect(plan.job.value).toBeUndefined()
    expect(plan.blocked()).toEqual([])
    expect(store.look).toEqual(demo)
  })

  it('canceled, or left while it is made, is called off on the server and never laid', async () => {
    const store = await openLook()
    const { cancel, get } = planner([running, { state: 'canceled', elapsedMs: 20 } as PlanJob])
    const { value: plan } = mountHere(usePlan)
    await plan.make()
    await plan.cancel()
    expect(cancel).toHaveBeenCalledWith('plan-1')
    get.mockImplementation(() => Promise.resolve(running) as never)
    const panel = mountHere(usePlan)
    const made = panel.value.make()
    await vi.waitFor(() => expect(panel.value.job.value?.state).toBe('running'))
    await vi.waitFor(() => expect(get.mock.calls.length).toBeGreaterThan(3))
    panel.unmount()
    get.mockImplementation(() => Promise.resolve(done) as never)
    await made
    expect(cancel).toHaveBeenCalledTimes(2)
    expect(store.look).toEqual(demo)
  })
})

describe('changes of a look', () => {
  const some = (kind: Change['kind']) => [[{ kind } as Change]]

  function asking() {
    const look = ref<Look>(demo)
    const panel = mountHere(() => useChanges(look, (now) => Promise.resolve({ look: now } as never)))
    return { look, panel }
  }

  it('are asked once the look has been still; of several questions only the newest is answered, and the list before stays meanwhile', async () => {
    const { look, panel } = asking()
    const { lists, of, looking } = panel.value
    await vi.waitFor(() => expect(questions).toHaveLength(1))
    questions[0]!.end(some('swap'))
    await vi.waitFor(() => expect(lists.value).toEqual(some('swap')))
    expect(of.value).toEqual(demo)
    for (const name of ['a', 'ab', 'abc']) {
      look.value = { ...demo, name }
      await nextTick()
    }
    await vi.waitFor(() => expect(questions).toHaveLength(2))
    expect(questions[1]!.request).toMatchObject({ look: { name: 'abc' } })
    expect([lists.value, looking.value, questions[1]!.calledOff]).toEqual([some('swap'), true, false])
    look.value = { ...demo, name: 'later' }
    await vi.waitFor(() => expect(questions).toHaveLength(3))
    expect(questions[1]!.calledOff).toBe(true)
    questions[1]!.end(some('leave-out'))
    questions[2]!.end(some('add'))
    await vi.waitFor(() => expect(looking.value).toBe(false))
    expect(lists.value).toEqual(some('add'))
    expect(of.value?.name).toBe('later')
  })

  it('are none where there is nothing to ask, and are asked again where they could not be', async () => {
    let wrong = true
    const ask = () => (wrong ? Promise.reject(new Error('no offers')) : Promise.resolve(undefined))
    const { problem, looking, lists, find } = mountHere(() => useChanges(ref(demo), ask)).value
    await vi.waitFor(() => expect([problem.value, looking.value]).toEqual(['no offers', false]))
    wrong = false
    await find()
    expect([problem.value, looking.value, lists.value, questions]).toEqual(['', false, [], []])
  })

  it('keep the list before when one leaves, and the question is called off', async () => {
    const { look, panel } = asking()
    await vi.waitFor(() => expect(questions).toHaveLength(1))
    questions[0]!.end(some('swap'))
    await vi.waitFor(() => expect(panel.value.looking.value).toBe(false))
    look.value = { ...demo, name: 'next' }
    await vi.waitFor(() => expect(questions).toHaveLength(2))
    expect(questions[1]!.calledOff).toBe(false)
    panel.unmount()
    expect(questions[1]!.calledOff).toBe(true)
    expect(panel.value.lists.value).toEqual(some('swap'))
  })
})
