import { composeMiddles, type Composed, type ComposeOptions, type Look } from '@hestiad/core'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope } from 'vue'
import { useComposer } from '../src/centerpiece/useComposer.js'
import type { Asked } from '../src/workers/asked.js'
import { latest } from '../src/workers/latest.js'
import { demo } from './support/assessorHere.js'
import { freshPage, openLook } from './support/openLook.js'

vi.mock('../src/workers/assessor.js', async () => (await import('./support/assessorHere.js')).assessorHere)

/** Composings asked for, each answered when the test says so. */
const asked: { readonly options: ComposeOptions; readonly finish: () => void; readonly fail: () => void; canceled: boolean }[] = []
vi.mock('../src/workers/composer.js', () => ({
  compose: ({ look, options }: { look: Look; options: ComposeOptions }): Asked<Composed> => {
    let [resolve, reject]: [(composed: Composed | undefined) => void, (error: Error) => void] = [() => {}, () => {}]
    const answer = new Promise<Composed | undefined>((done, failed) => ([resolve, reject] = [done, failed]))
    const one = { options, finish: () => resolve(composeMiddles(look, options)), fail: () => reject(new Error('the worker broke')), canceled: false }
    asked.push(one)
    return { answer, cancel: () => ((one.canceled = true), resolve(undefined)) }
  }
}))
vi.mock('../src/stores/cupboardSaid.js', () => ({ cupboardSaid: () => Promise.resolve({ without: ['slate-board'], together: [] }) }))

beforeEach(() => {
  asked.length = 0
  vi.spyOn(console, 'warn').mockImplementation(() => undefined)
  freshPage()
})
afterEach(() => {
  vi.unstubAllGlobals()
  vi.restoreAllMocks()
})

describe('of several calls for work', () => {
  const later = () => {
    let end: (answer: string | undefined) => void = () => {}
    const answer = new Promise<string | undefined>((resolve) => (end = resolve))
    const told: string[] = []
    return { asked: { answer, cancel: () => (told.push('canceled'), end(undefined)) }, end: (word: string) => end(word), told }
  }

  it('only the newest is heard: those before it are ended, whether they had begun or were about to', async () => {
    const { running, run } = latest<string>()
    const [first, second, third] = [later(), later(), later()]
    const one = run(() => Promise.resolve(first.asked))
    await Promise.resolve()
    await Promise.resolve()
    expect(running.value).toBe(first.asked)
    let begin: (asked: Asked<string>) => void = () => {}
    const two = run(() => new Promise((resolve) => (begin = resolve)))
    expect(first.told).toEqual(['canceled'])
    const three = run(() => Promise.resolve(third.asked))
    begin(second.asked)
    third.end('newest')
    expect(await one).toBeUndefined()
    expect(await two).toBeUndefined()
    expect(second.told).toEqual(['canceled'])
    expect(await three).toEqual({ answer: 'newest' })
    expect(running.value).toBeUndefined()
  })

  it('one that is canceled says so, one that breaks throws, unless a newer took its place', async () => {
    const { running, run } = latest<string>()
    const only = later()
    const canceled = run(() => Promise.resolve(only.asked))
    await Promise.resolve()
    await Promise.resolve()
    running.value!.cancel()
    expect(await canceled).toEqual({ answer: undefined })
    await expect(run(() => Promise.reject(new Error('broke')))).rejects.toThrow('broke')
    expect(running.value).toBeUndefined()
    const broken = run(() => Promise.reject(new Error('broke')))
    const next = later()
    const after = run(() => Promise.resolve(next.asked))
    next.end('fine')
    expect(await broken).toBeUndefined()
    expect(await after).toEqual({ answer: 'fine' })
  })
})

async function opened() {
  const store = await openLook({ ...demo, centerpiece: [] })
  return { store, composer: effectScope().run(() => useComposer())! }
}
const until = (what: () => boolean) => vi.waitFor(() => expect(what()).toBe(true))

describe('composing a middle', () => {
  it('lays the first idea, exchanges it for the next, and each is one step: undo gives the bare table back', async () => {
    const { store, composer } = await opened()
    const bare = store.look
    const first = composer.compose('flanked')
    await until(() => asked.length === 1)
    expect(composer.running.value).toBeDefined()
    expect(asked[0]!.options).toMatchObject({ patterns: ['flanked'], from: 'few-new', without: ['slate-board'] })
    asked[0]!.finish()
    await first
    const [one, two] = composer.composed.value!.ideas
    expect(composer.shown.value).toBe(one)
    expect(store.look!.centerpiece).toEqual(one!.centerpiece)
    composer.another()
    expect(composer.shown.value).toBe(two)
    expect(store.past).toHaveLength(1)
    store.undo()
    expect(store.look).toEqual(bare)
    expect(composer.shown.value).toBeUndefined()
  })

  it('asked again meanwhile is composed for the newer wish alone, and does not say that it was canceled', async () => {
    const { composer } = await opened()
    const first = composer.compose('flanked')
    await until(() => asked.length === 1)
    composer.turn('richness', 1)
    await first
    await until(() => asked.length === 2)
    expect(asked[0]!.canceled).toBe(true)
    expect(asked[1]!.options.steer).toMatchObject({ richness: 1 })
    asked[1]!.finish()
    await until(() => composer.shown.value !== undefined)
    expect(composer.canceled.value).toBe(false)
    expect(composer.running.value).toBeUndefined()
  })

  it('canceled leaves the table as it was and says so; a worker that breaks is told', async () => {
    const { store, composer } = await opened()
    const bare = store.look
    const first = composer.compose()
    await until(() => asked.length === 1)
    composer.running.value!.cancel()
    await first
    expect(composer.canceled.value).toBe(true)
    expect(store.look).toBe(bare)
    const second = composer.compose()
    await until(() => asked.length === 2)
    expect(composer.canceled.value).toBe(false)
    asked[1]!.fail()
    await second
    expect(composer.problem.value).toBe('the worker broke')
    expect(store.look).toBe(bare)
  })

  it('what is left out stays out until it is brought back; a wish turned twice the same way is taken back', async () => {
    const { composer } = await opened()
    composer.leaveOut('jug-sky')
    await until(() => asked.length === 1)
    expect(asked[0]!.options.without).toEqual(['jug-sky', 'slate-board'])
    composer.bringBack('jug-sky')
    expect(composer.without.value).toEqual([])
    composer.turn('height', -1)
    expect(composer.steer.height).toBe(-1)
    composer.turn('height', -1)
    expect(composer.steer.height).toBe(0)
    composer.turn('height', 1)
    expect(composer.steer.height).toBe(1)
  })
})
