import {
  afterEntry,
  applyEdit,
  changeOccasion,
  changePlaced,
  editOfPatches,
  editsMeet,
  findingKey,
  lookHash,
  makeEdit,
  noHistory,
  type Edit,
  type JournalEdit,
  type Look
} from '@hestiad/core'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { watch } from 'vue'
import { api } from '../src/api/calls.js'
import { ApiProblem } from '../src/api/client.js'
import { useLook } from '../src/stores/lookStore.js'
import { demo } from './support/assessorHere.js'

vi.mock('../src/workers/assessor.js', async () => (await import('./support/assessorHere.js')).assessorHere)

/** A server with one look; another window may save in between, it may be down, or hold another look than was sent. */
function server() {
  const kept = { revision: 1, look: demo, history: noHistory, journal: [] as JournalEdit[], saves: 0, bytes: 0, down: false, spoil: 0 }
  const append = (edits: readonly JournalEdit[]) => {
    for (const edit of edits) {
      const done = { ...edit, ...editOfPatches(kept.look, edit.what, edit.patches) }
      Object.assign(kept, { look: applyEdit(kept.look, done), history: afterEntry(kept.history, done), revision: kept.revision + 1 })
      kept.journal.push(done)
    }
  }
  const answer = () => ({
    id: 'pearl-anniversary',
    occasionId: 'o',
    revision: kept.revision,
    hash: lookHash(kept.look),
    look: kept.look,
    history: kept.history
  })
  const down = () => Promise.reject(new ApiProblem('offline', 'The server cannot be reached.', []))
  vi.spyOn(api, 'getLook').mockImplementation(() => (kept.down ? down() : Promise.resolve(structuredClone(answer()))))
  vi.spyOn(api, 'editsSince').mockImplementation((_, revision) => Promise.resolve({ revision: kept.revision, edits: kept.journal.slice(Number(revision) - 1) }))
  vi.spyOn(api, 'saveEdits').mockImplementation((_, { base, edits, hash }) => {
    if (kept.down) return down()
    const fresh = (structuredClone(edits) as unknown as JournalEdit[]).filter((edit) => !kept.journal.some((one) => one.id === edit.id))
    const between = kept.journal.slice(base - 1).filter((one) => !edits.some((edit) => edit.id === one.id))
    if (between.some((one) => fresh.some((edit) => editsMeet(one, edit)))) return Promise.reject(new ApiProblem('revision-conflict', '', []))
    if (kept.spoil-- > 0) return Promise.reject(new ApiProblem('hash-differs', '', []))
    append(fresh)
    if (between.length === 0) expect(lookHash(kept.look)).toBe(hash)
    Object.assign(kept, { saves: kept.saves + 1, bytes: JSON.stringify({ base, edits, hash }).length })
    return Promise.resolve({ revision: kept.revision, between, hash: lookHash(kept.look) })
  })
  vi.spyOn(api, 'copyLook').mockImplementation((_, { look, name }) =>
    Promise.resolve({ id: 'copy', occasionId: 'o', revision: 1, hash: '', look: { ...look, name: name ?? look.name }, history: noHistory })
  )
  let others = 0
  return Object.assign(kept, {
    /** Another window makes an edit. */
    elsewhere: (edit: Edit) => append([{ ...edit, id: `other-${others}`, of: `other-${others++}`, kind: 'edit' }])
  })
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

const rename = (look: Look, name: string) => makeEdit(look, 'rename', (draft) => void (draft.name = name))
const settle = (ms = 1000) => vi.advanceTimersByTimeAsync(ms)

async function opened() {
  const kept = server()
  const store = useLook()
  await store.open('pearl-anniversary')
  await settle()
  return { kept, store }
}

/** The page loaded anew. */
async function reopened() {
  vi.clearAllTimers()
  setActivePinia(createPinia())
  const later = useLook()
  await later.open('pearl-anniversary')
  return later
}

describe('the open look', () => {
  it('while a piece is dragged the figures follow it and the look, the panels’ figures and what is saved do not; let go, all are as they were', async () => {
    const { kept, store } = await opened()
    const before = store.look!
    const seen = store.figures!.sight.seen
    const bare = makeEdit(before, 'take-off', (draft) => void (draft.centerpiece = []))
    store.hold(bare)
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
    store.hold(bare)
    store.apply(bare)
    await settle(1500)
    expect(store.held).toBeUndefined()
    expect(kept.look.centerpiece).toEqual([])
    store.undo()
    expect(store.look).toEqual(before)
  })

  it('is saved within a second, many quick edits in one save', async () => {
    const { kept, store } = await opened()
    for (let i = 0; i < 10; i++) store.run(rename, `name ${i}`)
    expect(kept.saves).toBe(0)
    await settle(1000)
    expect(kept.saves).toBe(1)
    expect(kept.look.name).toBe('name 9')
    expect(store.saveState).toBe('saved')
  })

  it('undoes and redoes, and both survive on the server', async () => {
    const { kept, store } = await opened()
    store.run(rename, 'one')
    store.run(rename, 'two')
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
    store.run(rename, 'one')
    store.undo()
    store.run(rename, 'other')
    expect(store.future).toEqual([])
    store.redo()
    expect(store.look!.name).toBe('other')
  })

  it('an edit that changes nothing is no step of the history', async () => {
    const { store } = await opened()
    store.run(rename, demo.name)
    expect(store.past).toEqual([])
  })

  it('sends what was done and not the look: a move is less than 2 KB', async () => {
    const { kept, store } = await opened()
    store.run(changePlaced, demo.centerpiece[0]!.id, { xMm: 12, yMm: 34 })
    await settle()
    expect(kept.bytes).toBeGreaterThan(0)
    expect(kept.bytes).toBeLessThan(2000)
  })

  it('what another window did in another place is merged without a word, and both can be undone', async () => {
    const { kept, store } = await opened()
    kept.elsewhere(changeOccasion(kept.look, { notes: 'theirs' }))
    store.run(rename, 'mine')
    await settle()
    expect(store.saveState).toBe('saved')
    expect(store.look).toMatchObject({ name: 'mine', occasion: { notes: 'theirs' } })
    expect(kept.look).toEqual(store.look)
    expect(store.figures!.sight.seen).toBe(80)
    store.undo()
    store.undo()
    await settle()
    expect(store.look).toEqual(demo)
    expect(kept.look).toEqual(demo)
  })

  it('what another window did while a save was under way lies below what was done since', async () => {
    const { kept, store } = await opened()
    store.run(rename, 'first')
    await vi.advanceTimersByTimeAsync(349)
    kept.elsewhere(changeOccasion(kept.look, { place: 'Elsewhere' }))
    await vi.advanceTimersByTimeAsync(1)
    store.run(changeOccasion, { title: 'Later' })
    await settle(2000)
    expect(kept.look).toMatchObject({ name: 'first', occasion: { place: 'Elsewhere', title: 'Later' } })
    expect(store.look).toEqual(kept.look)
    expect(store.past.map((edit) => edit.id)).toEqual(kept.history.past.map((edit) => edit.id))
  })

  it('changed meanwhile in the same place in another window is never overwritten: both can be kept, or the newer loaded', async () => {
    const { kept, store } = await opened()
    kept.elsewhere(rename(kept.look, 'theirs'))
    store.run(rename, 'mine')
    await settle()
    expect(store.saveState).toBe('conflict')
    store.run(rename, 'mine still')
    await settle()
    expect(kept.look.name).toBe('theirs')
    expect(await store.keepBoth('mine kept')).toBe('copy')
    expect(store.look!.name).toBe('mine kept')
    expect(store.saveState).toBe('saved')
    expect(kept.look.name).toBe('theirs')
  })

  it('loading the newer one lets this version go and takes theirs', async () => {
    const { kept, store } = await opened()
    kept.elsewhere(rename(kept.look, 'theirs'))
    store.run(rename, 'mine')
    await settle()
    await store.loadNewer()
    expect(store.look!.name).toBe('theirs')
    expect(store.past.map((edit) => edit.id)).toEqual(['other-0'])
  })

  it('a server that cannot be reached is tried again until it answers, and nothing is lost', async () => {
    const { kept, store } = await opened()
    kept.down = true
    store.run(rename, 'kept through')
    await settle()
    expect(store.saveState).toBe('offline')
    expect(store.problem).toContain('cannot be reached')
    kept.down = false
    await settle(5000)
    expect(kept.look.name).toBe('kept through')
    expect(store.saveState).toBe('saved')
  })

  it('a disk that is full is said aloud, every edit is kept meanwhile, and all of them are there when there is room', async () => {
    const { kept, store } = await opened()
    const full = vi.spyOn(api, 'saveEdits').mockRejectedValue(new ApiProblem('not-stored', 'The disk is full or cannot be written; this was not kept.', []))
    for (const name of ['one', 'two', 'three']) {
      store.run(rename, name)
      await settle()
      expect(store.problem).toContain('The disk is full')
      expect(JSON.parse([...memory.values()][0]!)).toMatchObject({ base: 1 })
    }
    expect(kept.revision).toBe(1)
    full.mockRestore()
    server()
    expect((await reopened()).look!.name).toBe('three')
  })

  it('edits whose revision the journal no longer has are shown to choose from; those that fit no look are kept aside, not lost', async () => {
    const { kept, store } = await opened()
    kept.down = true
    store.run(changePlaced, demo.centerpiece[3]!.id, { xMm: 77 })
    kept.down = false
    vi.spyOn(api, 'editsSince').mockRejectedValue(new ApiProblem('not-found', '', []))
    kept.elsewhere(changeOccasion(kept.look, { notes: 'newer' }))
    const draft = new Map(memory)
    const later = await reopened()
    expect(later.saveState).toBe('conflict')
    expect(later.look!.centerpiece[3]!.xMm).toBe(77)
    vi.clearAllTimers()
    for (const [key, text] of draft) memory.set(key, text)
    kept.elsewhere(makeEdit(kept.look, 'take-off', (look) => void (look.centerpiece = [])))
    const bare = await reopened()
    expect(bare.look!.centerpiece).toEqual([])
    expect([...memory].filter(([key]) => key.includes(':aside:')).map(([, text]) => text)).toEqual([...draft.values()])
  })

  it('a server that has another look than was sent is given the edits again, and nobody sees an error', async () => {
    const { kept, store } = await opened()
    kept.spoil = 1
    store.run(rename, 'sent twice')
    await settle(2000)
    expect(store.saveState).toBe('saved')
    expect(store.problem).toBe('')
    expect(kept.look.name).toBe('sent twice')
    expect(store.look).toEqual(kept.look)
  })

  it('what a crash kept from being saved is put back at the next opening, with its undo', async () => {
    const { kept, store } = await opened()
    kept.down = true
    store.run(rename, 'before the crash')
    kept.down = false
    const later = await reopened()
    expect(later.look!.name).toBe('before the crash')
    await settle()
    expect(kept.look.name).toBe('before the crash')
    later.undo()
    expect(later.look!.name).toBe(demo.name)
  })

  it('a crash after the save and before its answer does not apply it again', async () => {
    const { kept, store } = await opened()
    store.run(changePlaced, demo.centerpiece[0]!.id, { xMm: 77 })
    const draft = new Map(memory)
    await settle()
    expect(kept.revision).toBe(2)
    for (const [key, text] of draft) memory.set(key, text)
    const later = await reopened()
    await settle()
    expect(kept.revision).toBe(2)
    expect(later.past).toHaveLength(1)
    expect(memory.size).toBe(0)
  })

  it('unsaved edits meet what is newer on the server: elsewhere they are merged, in the same place both are kept to choose from', async () => {
    const { kept, store } = await opened()
    kept.down = true
    store.run(rename, 'old draft')
    const draft = new Map(memory)
    Object.assign(kept, { down: false })
    kept.elsewhere(changeOccasion(kept.look, { notes: 'newer' }))
    const merged = await reopened()
    expect(merged.look).toMatchObject({ name: 'old draft', occasion: { notes: 'newer' } })
    vi.clearAllTimers()
    kept.elsewhere(rename(kept.look, 'newer name'))
    for (const [key, text] of draft) memory.set(key, text)
    const met = await reopened()
    expect(met.saveState).toBe('conflict')
    expect(met.look!.name).toBe('old draft')
    await met.loadNewer()
    expect(met.look!.name).toBe('newer name')
  })

  it('figures, findings and remedies follow the look, and a remedy done is one step to undo', async () => {
    const { store } = await opened()
    expect(store.figures!.sight.seen).toBe(80)
    const finding = store.findings.find((f) => f.code === 'sight.hidden')!
    expect(store.remedies.size).toBe(0)
    store.openFinding = 'sight.hidden@jug'
    await store.findRemedies()
    expect([...store.remedies.keys()]).toEqual(['sight.hidden@jug'])
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

  it('a finding opened while remedies are looked for keeps those already shown, so that what one is about to press does not go away', async () => {
    const { store } = await opened()
    await settle(5000)
    expect(store.remedies.size).toBe(store.findings.length)
    const last = findingKey(store.findings.at(-1)!)
    const shown: number[] = []
    const stop = watch(
      () => store.remedies,
      ({ size }) => {
        shown.push(size)
        if (size !== 3 || store.openFinding) return
        store.openFinding = last
        void store.findRemedies()
      },
      { flush: 'sync' }
    )
    store.run(rename, 'another name')
    await settle(5000)
    stop()
    expect(store.findings.length).toBeGreaterThan(4)
    expect(shown.at(-1)).toBe(store.findings.length)
    // those of the look as it was before are gone at once, since they would be done on another
    expect(shown[0]).toBe(0)
    expect(shown).toEqual([...shown].sort((a, b) => a - b))
    expect(store.remedies.has(last)).toBe(true)
  })
})
