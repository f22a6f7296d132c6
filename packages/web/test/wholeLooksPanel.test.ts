import { composeLooks, noHistory, shiftEdit, type Look, type WholeLook, type WholeLookOptions } from '@hestiad/core'
import { afterEach, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest'
import { api } from '../src/api/calls.js'
import { useWholeLooks } from '../src/looks/useWholeLooks.js'
import { useTaste } from '../src/stores/taste.js'
import type { Asked } from '../src/workers/asked.js'
import { demo } from './support/assessorHere.js'
import { freshPage, openLook } from './support/openLook.js'

vi.mock('../src/workers/assessor.js', async () => (await import('./support/assessorHere.js')).assessorHere)

type OnFound = (done: number, of: number, found: readonly WholeLook[]) => void
const asked: { readonly options: WholeLookOptions; readonly found: OnFound; readonly end: (looks: readonly WholeLook[] | undefined) => void }[] = []
vi.mock('../src/workers/looks.js', () => ({
  composeWhole: ({ options }: { options: WholeLookOptions }, found: OnFound): Asked<readonly WholeLook[]> => {
    let end: (looks: readonly WholeLook[] | undefined) => void = () => {}
    const answer = new Promise<readonly WholeLook[] | undefined>((resolve) => (end = resolve))
    asked.push({ options, found, end })
    return { answer, cancel: () => end(undefined) }
  }
}))
vi.mock('../src/stores/cupboardSaid.js', () => ({ cupboardSaid: () => Promise.resolve({ without: ['slate-board'], together: [['a', 'b']] }) }))
const shelf = vi.hoisted(() => ({ kinds: [] as (readonly string[])[], isDown: false }))
vi.mock('../src/shops/shelf.js', () => ({
  shelfOf: (_: Look, kinds: readonly string[]) => {
    shelf.kinds.push(kinds)
    return shelf.isDown ? Promise.reject(new Error('down')) : Promise.resolve({ pieces: [], offers: [] })
  }
}))

const kept = vi.hoisted(() => new Map<string, unknown>())
vi.mock('../src/looks/keptComposing.js', () => ({
  keepComposing: (id: string, composing: unknown) => Promise.resolve(void kept.set(id, structuredClone(composing))),
  composingOf: (id: string) => Promise.resolve(structuredClone(kept.get(id)))
}))

let five: WholeLook[] = []
beforeAll(() => (five = composeLooks(demo, { from: 'owned', want: 3, seed: 1 })))
beforeEach(() => {
  asked.length = 0
  kept.clear()
  Object.assign(shelf, { kinds: [], isDown: false })
  vi.spyOn(console, 'warn').mockImplementation(() => undefined)
  freshPage()
})
afterEach(() => {
  vi.unstubAllGlobals()
  vi.restoreAllMocks()
})

async function opened() {
  const store = await openLook()
  return { store, panel: useWholeLooks() }
}
const until = (what: () => boolean) => vi.waitFor(() => expect(what()).toBe(true))

async function composed() {
  const { store, panel } = await opened()
  const ends = panel.compose()
  await until(() => asked.length === 1)
  asked[0]!.end(five)
  await ends
  return { store, panel }
}

describe('whole looks', () => {
  it('are shown as they come, and asked for with what cupboard and shops say', async () => {
    const { panel } = await opened()
    const ends = panel.compose()
    await until(() => asked.length === 1)
    const { options, found, end } = asked[0]!
    expect(options).toMatchObject({ from: 'few-new', want: 5, seed: 1, without: ['slate-board'], together: [['a', 'b']], earlier: [] })
    expect(shelf.kinds[0]).toContain('napkin')
    expect(shelf.kinds[0]).not.toContain('vessel')
    found(1, 5, five.slice(0, 1))
    expect(panel.done).toBeCloseTo(0.2)
    expect(panel.found!.looks).toEqual(five.slice(0, 1))
    end(five)
    await ends
    expect(panel.found!.looks).toEqual(five)
    expect(panel.running).toBeUndefined()
  })

  it('are composed of what is owned without a shop, of all new with every kind, and without the shops where these are away', async () => {
    const { panel } = await opened()
    panel.from = 'owned'
    await panel.optionsFor(demo)
    expect(shelf.kinds).toEqual([])
    panel.from = 'all-new'
    expect(await panel.optionsFor(demo)).toHaveProperty('shelf')
    expect(shelf.kinds[0]).toContain('vessel')
    shelf.isDown = true
    expect(await panel.optionsFor(demo)).not.toHaveProperty('shelf')
  })

  it('one is laid in one step, another takes its place, and it is taken back to what was there', async () => {
    const { store, panel } = await composed()
    const before = store.look
    panel.lay(five[0]!)
    expect(store.look!.setting).toEqual(five[0]!.look.setting)
    expect(panel.shown).toBe(five[0])
    panel.lay(five[1]!)
    expect(store.look!.linens).toEqual(five[1]!.look.linens)
    expect(store.past).toHaveLength(1)
    panel.takeBack()
    expect(store.look).toEqual(before)
    expect(panel.shown).toBeUndefined()
  })

  it('what is laid last of those shown is what the stylist preferred; taken back it is no preference', async () => {
    const { panel } = await composed()
    const taste = useTaste()
    panel.lay(five[0]!)
    panel.lay(five[1]!)
    expect(taste.choices).toHaveLength(1)
    panel.takeBack()
    expect(taste.choices).toHaveLength(0)
    vi.spyOn(api, 'copyLook').mockImplementation((_, { look, name }) =>
      Promise.resolve({ id: 'copy', occasionId: 'o', revision: 1, hash: '', look: { ...look, name: name ?? look.name }, history: noHistory })
    )
    expect(await panel.keepAs(five[2]!, 'Third')).toBe('copy')
    expect(taste.choices).toHaveLength(1)
    const [, sent] = vi.mocked(api.copyLook).mock.calls[0]!
    expect(sent).toMatchObject({ name: 'Third', look: { verdicts: [], lookAgainOn: null } })
  })

  it('five others are told what was shown before, and the table is first as it was; canceled says so', async () => {
    const { store, panel } = await composed()
    const before = store.look
    panel.lay(five[0]!)
    const ends = panel.compose(true)
    await until(() => asked.length === 2)
    expect(store.look).toEqual(before)
    expect(asked[1]!.options.seed).toBe(2)
    expect(asked[1]!.options.earlier!.map((one) => one.heroId)).toEqual(five.map((one) => one.heroId))
    expect(asked[1]!.options.earlier![0]!.pieceIds).toEqual(five[0]!.choices.map((choice) => choice.pieceId))
    panel.running!.cancel()
    await ends
    expect(panel.canceled).toBe(true)
    void panel.compose()
    await until(() => asked.length === 3)
    expect(panel.canceled).toBe(false)
    expect(asked[2]!.options.earlier).toEqual([])
  })

  it('are there again when the page is opened anew, and broken off go on with those that are there', async () => {
    const { panel } = await opened()
    panel.from = 'owned'
    panel.keep = ['flatware']
    void panel.compose()
    await until(() => asked.length === 1)
    asked[0]!.found(2, 5, five.slice(0, 2))
    freshPage()
    const { store, panel: anew } = await opened()
    await until(() => anew.found !== undefined)
    expect(anew).toMatchObject({ from: 'owned', keep: ['flatware'], brokenOff: true, outdated: false })
    expect(anew.found!.looks).toEqual(five.slice(0, 2))
    const ends = anew.goOn()
    await until(() => asked.length === 2)
    expect(asked[1]!.options).toMatchObject({ begun: five.slice(0, 2), want: 5, seed: 1, keep: ['flatware'] })
    asked[1]!.end(five)
    await ends
    expect(anew).toMatchObject({ brokenOff: false, found: { looks: five, ended: true } })
    anew.lay(anew.found!.looks[1]!)
    const laid = store.look!
    freshPage()
    await openLook(laid)
    const third = useWholeLooks()
    await until(() => third.shown !== undefined)
    expect(third.shown!.look).toEqual(five[1]!.look)
    expect(third.outdated).toBe(false)
    const unchosen = vi.spyOn(useTaste(), 'unchoose')
    third.takeBack()
    expect(unchosen).toHaveBeenCalledTimes(1)
  })

  it('stay while the look is open, whoever asks for them, and say when the table has become another; one laid is none of that', async () => {
    const { store, panel } = await composed()
    expect(useWholeLooks().found!.looks).toEqual(five)
    expect(panel.outdated).toBe(false)
    panel.lay(five[0]!)
    expect(panel.outdated).toBe(false)
    panel.takeBack()
    const [first] = store.look!.centerpiece
    store.apply(shiftEdit(store.look!, first!.id, { x: 4, y: 0 }))
    expect(panel.outdated).toBe(true)
    store.undo()
    expect(panel.outdated).toBe(false)
  })

  it('of one look are none of another: what was asked is forgotten, what is under way ends there and tells nothing, and what comes late is not shown', async () => {
    const { store, panel } = await composed()
    panel.keep = ['napkins']
    panel.wishLight = true
    const late = panel.compose(true)
    await until(() => asked.length === 2)
    vi.spyOn(api, 'getLook').mockResolvedValue({ ...(await api.getLook('pearl-anniversary')), id: 'the-other' })
    await store.open('the-other')
    asked[1]!.found(1, 5, five.slice(0, 1))
    await late
    expect(panel).toMatchObject({ found: undefined, shown: undefined, running: undefined, canceled: false, problem: '', keep: [], wishLight: false })
    const ends = panel.compose()
    await until(() => asked.length === 3)
    expect(asked[2]!.options).toMatchObject({ seed: 1, earlier: [], keep: [] })
    asked[2]!.end(five.slice(1))
    await ends
    expect(panel.found!.looks).toEqual(five.slice(1))
  })
})
