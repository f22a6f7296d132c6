import { readFileSync } from 'node:fs'
import { createAssessor, makeEdit, type BareFinding, type Look } from '@hestiad/core'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { api, ApiProblem, type History } from '../src/api/client.js'
import { useLook } from '../src/stores/lookStore.js'

const demo = JSON.parse(readFileSync(new URL('../../../demo/pearl-anniversary.hestiad.json', import.meta.url), 'utf8')) as Look
const assessor = createAssessor()

vi.mock('../src/workers/assessor.js', () => ({
  startAssessor: () => ({
    measure: (look: Look) => Promise.resolve(assessor.measure(look)),
    remedies: (look: Look, finding: BareFinding) => Promise.resolve(assessor.remediesFor(look, finding))
  })
}))

/** A server with one look: saves count the revision up, another window may save in between. */
function server() {
  const kept = { revision: 1, look: demo, history: { past: [], future: [] } as History, saves: 0, down: false }
  vi.spyOn(api, 'look').mockImplementation((id) => Promise.resolve({ id, occasionId: 'o', revision: kept.revision, look: kept.look, history: kept.history }))
  vi.spyOn(api, 'saveLook').mockImplementation((_id, revision, look, history) => {
    if (kept.down) return Promise.reject(new ApiProblem('offline', 'The server cannot be reached.', []))
    if (revision !== kept.revision) return Promise.reject(new ApiProblem('revision-conflict', '', [], kept.revision))
    Object.assign(kept, { revision: revision + 1, look, history, saves: kept.saves + 1 })
    return Promise.resolve({ revision: kept.revision })
  })
  vi.spyOn(api, 'copyLook').mockImplementation((_id, look, name) =>
    Promise.resolve({ id: 'copy', occasionId: 'o', revision: 1, look: { ...look, name }, history: { past: [], future: [] } })
  )
  return kept
}

const memory = new Map<string, string>()
beforeEach(() => {
  memory.clear()
  vi.stubGlobal('localStorage', {
    getItem: (k: string) => memory.get(k) ?? null,
    setItem: (k: string, v: string) => memory.set(k, v),
    removeItem: (k: string) => memory.delete(k)
  })
  vi.useFakeTimers()
  setActivePinia(createPinia())
})
afterEach(() => {
  vi.useRealTimers()
  vi.restoreAllMocks()
})

const rename = (name: string) => (draft: { name: string }) => void (draft.name = name)
const settle = (ms = 1000) => vi.advanceTimersByTimeAsync(ms)

async function opened() {
  const kept = server()
  const store = useLook()
  await store.open('pearl-anniversary')
  await settle()
  return { kept, store }
}

describe('the open look', () => {
  it('while a piece is dragged the figures follow it and the look, the panels’ figures and what is saved do not; let go, all are as they were', async () => {
    const { kept, store } = await opened()
    const before = store.look!
    const seen = store.figures!.sight.seen
    const bare = { ...before, centerpiece: [] }
    store.showHeld(bare)
    await settle(300)
    expect(store.figures!.sight.seen).toBe(store.figures!.sight.pairs)
    expect(seen).toBeLessThan(store.figures!.sight.pairs)
    expect(store.look).toBe(before)
    expect(store.resting!.sight.seen).toBe(seen)
    expect(store.restingFindings).not.toEqual(store.findings)
    store.letGo()
    await settle(300)
    expect(store.figures!.sight.seen).toBe(seen)
    expect(store.restingFindings).toBe(store.findings)
    expect(kept.saves).toBe(0)
    store.showHeld(bare)
    store.commit(
      before,
      makeEdit(before, 'take-off', (draft) => void (draft.centerpiece = []))
    )
    await settle(1500)
    expect(store.held).toBeUndefined()
    expect(kept.look.centerpiece).toEqual([])
    store.undo()
    expect(store.look).toEqual(before)
  })

  it('is saved within a second, many quick edits in one save', async () => {
    const { kept, store } = await opened()
    for (let i = 0; i < 10; i++) store.edit('rename', rename(`name ${i}`))
    expect(kept.saves).toBe(0)
    await settle(1000)
    expect(kept.saves).toBe(1)
    expect(kept.look.name).toBe('name 9')
    expect(store.saveState).toBe('saved')
  })

  it('undoes and redoes, and both survive on the server', async () => {
    const { kept, store } = await opened()
    store.edit('rename', rename('one'))
    store.edit('rename', rename('two'))
    store.undo()
    await settle()
    expect(kept.look.name).toBe('one')
    expect([kept.history.past.length, kept.history.future.length]).toEqual([1, 1])
    setActivePinia(createPinia())
    const later = useLook()
    await later.open('pearl-anniversary')
    later.redo()
    expect(later.look!.name).toBe('two')
    later.undo()
    later.undo()
    expect(later.look!.name).toBe(demo.name)
    later.undo()
    expect(later.look!.name).toBe(demo.name)
  })

  it('a new edit after an undo lets go of what was undone', async () => {
    const { store } = await opened()
    store.edit('rename', rename('one'))
    store.undo()
    store.edit('rename', rename('other'))
    expect(store.future).toEqual([])
    store.redo()
    expect(store.look!.name).toBe('other')
  })

  it('an edit that changes nothing is no step of the history', async () => {
    const { store } = await opened()
    store.edit('rename', rename(demo.name))
    expect(store.past).toEqual([])
  })

  it('saved meanwhile in another window is never overwritten: both can be kept, or the newer loaded', async () => {
    const { kept, store } = await opened()
    Object.assign(kept, { revision: 2, look: { ...demo, name: 'theirs' } })
    store.edit('rename', rename('mine'))
    await settle()
    expect(store.saveState).toBe('conflict')
    store.edit('rename', rename('mine still'))
    await settle()
    expect(kept.look.name).toBe('theirs')
    expect(await store.keepBoth('mine kept')).toBe('copy')
    expect(store.look!.name).toBe('mine kept')
    expect(store.saveState).toBe('saved')
    expect(kept.look.name).toBe('theirs')
  })

  it('loading the newer one lets this version go and takes theirs', async () => {
    const { kept, store } = await opened()
    Object.assign(kept, { revision: 2, look: { ...demo, name: 'theirs' } })
    store.edit('rename', rename('mine'))
    await settle()
    await store.loadNewer()
    expect(store.look!.name).toBe('theirs')
    expect(store.past).toEqual([])
  })

  it('a server that cannot be reached is tried again until it answers, and nothing is lost', async () => {
    const { kept, store } = await opened()
    kept.down = true
    store.edit('rename', rename('kept through'))
    await settle()
    expect(store.saveState).toBe('offline')
    expect(store.problem).toContain('cannot be reached')
    kept.down = false
    await settle(5000)
    expect(kept.look.name).toBe('kept through')
    expect(store.saveState).toBe('saved')
  })

  it('what a crash kept from being saved is put back at the next opening, with its undo', async () => {
    const { kept, store } = await opened()
    kept.down = true
    store.edit('rename', rename('before the crash'))
    vi.clearAllTimers()
    kept.down = false
    setActivePinia(createPinia())
    const later = useLook()
    await later.open('pearl-anniversary')
    expect(later.look!.name).toBe('before the crash')
    await settle()
    expect(kept.look.name).toBe('before the crash')
    later.undo()
    expect(later.look!.name).toBe(demo.name)
  })

  it('a draft of an older revision does not push aside what is newer on the server', async () => {
    const { kept, store } = await opened()
    kept.down = true
    store.edit('rename', rename('old draft'))
    vi.clearAllTimers()
    Object.assign(kept, { down: false, revision: 5, look: { ...demo, name: 'newer' } })
    setActivePinia(createPinia())
    const later = useLook()
    await later.open('pearl-anniversary')
    expect(later.look!.name).toBe('newer')
  })

  it('figures, findings and remedies follow the look, and a remedy done is one step to undo', async () => {
    const { store } = await opened()
    expect(store.figures!.sight.seen).toBe(80)
    const finding = store.findings.find((f) => f.code === 'sight.hidden')!
    const remedy = store.remedies.get('sight.hidden@jug')![0]!
    store.apply(remedy.edit)
    await settle()
    expect(store.figures!.sight.seen).toBe(90)
    expect(store.findings).not.toContain(finding)
    expect(store.past).toHaveLength(1)
    store.undo()
    await settle()
    expect(store.figures!.sight.seen).toBe(80)
  })
})
