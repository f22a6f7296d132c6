import { composeLooks, noHistory, shiftEdit, type Look, type WholeLook } from '@hestiad/core'
import { afterEach, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest'
import { api } from '../src/api/calls.js'
import type { Answer, Body } from '../src/api/client.js'
import { useWholeLooks } from '../src/looks/useWholeLooks.js'
import { useTaste } from '../src/stores/taste.js'
import { demo } from './support/assessorHere.js'
import { freshPage, openLook } from './support/openLook.js'

vi.mock('../src/workers/assessor.js', async () => (await import('./support/assessorHere.js')).assessorHere)

vi.mock('../src/stores/cupboardSaid.js', () => ({ cupboardSaid: () => Promise.resolve({ without: ['slate-board'], together: [['a', 'b']] }) }))
const shelf = vi.hoisted(() => ({ kinds: [] as (readonly string[])[], isDown: false }))
vi.mock('../src/shops/shelf.js', () => ({
  shelfOf: (_: Look, kinds: readonly string[]) => {
    shelf.kinds.push(kinds)
    return shelf.isDown ? Promise.reject(new Error('down')) : Promise.resolve({ pieces: [], offers: [] })
  }
}))

/** A server that composes: what it has come to, and what it was asked. */
let composing: Answer<'getComposing'>
const asked: { readonly lookId: string; readonly body: Body<'startComposing'> }[] = []
const none: Answer<'getComposing'> = { state: 'none', id: '', found: 0, done: 0 }
let canceled = 0
let wentOn = 0
function serve(): void {
  composing = none
  asked.length = canceled = wentOn = 0
  vi.spyOn(api, 'startComposing').mockImplementation((lookId, body) => {
    asked.push(structuredClone({ lookId, body }))
    composing = { ...none, state: 'running', id: `composing-${asked.length}`, asked: body.asked, base: structuredClone(body.base) }
    return Promise.resolve({ id: composing.id })
  })
  vi.spyOn(api, 'goOnComposing').mockImplementation(() => {
    wentOn++
    composing = { ...composing, state: 'running' }
    return Promise.resolve({ id: composing.id })
  })
  vi.spyOn(api, 'getComposing').mockImplementation((lookId, query) => {
    const { base, asked: wishes, looks, ...now } = asked.length > 0 && lookId === 'pearl-anniversary' ? composing : none
    const isNew = query?.have !== String(now.found) || now.state === 'ended'
    return Promise.resolve(structuredClone({ ...now, ...(query?.have === undefined && { base, asked: wishes }), ...(isNew && { looks }) }))
  })
  vi.spyOn(api, 'cancelComposing').mockImplementation(() => Promise.resolve(void canceled++) as never)
}
function find(looks: readonly WholeLook[], state: typeof composing.state): void {
  composing = { ...composing, state, looks: [...looks], found: looks.length, done: looks.length / 5 }
}

let five: WholeLook[] = []
beforeAll(() => (five = composeLooks(demo, { from: 'owned', want: 3, seed: 1 })))
beforeEach(() => {
  serve()
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
  find(five, 'ended')
  await ends
  return { store, panel, five: panel.found!.looks }
}

describe('whole looks', () => {
  it('are shown as they come, one that was shown staying the same, and asked for with the table and what is preferred', async () => {
    const { store, panel } = await opened()
    useTaste().choose(five[0]!, five, 'earlier')
    const ends = panel.compose()
    await until(() => asked.length === 1)
    expect(asked[0]).toMatchObject({ lookId: 'pearl-anniversary', body: { others: false, asked: { from: 'few-new', keep: [], wishLight: false } } })
    expect(asked[0]!.body.base).toEqual(store.look)
    expect(asked[0]!.body.taste).toMatchObject({ choices: 1 })
    find(five.slice(0, 1), 'running')
    await until(() => panel.found !== undefined)
    const [first] = panel.found!.looks
    expect([panel.done, panel.running, panel.found!.looks]).toEqual([0.2, true, five.slice(0, 1)])
    find([five[2]!, five[0]!, five[1]!], 'ended')
    await ends
    expect(panel.found!.looks).toEqual([five[2], five[0], five[1]])
    expect(panel.found!.looks[1]).toBe(first)
    expect([panel.running, panel.brokenOff, panel.problem]).toEqual([false, false, ''])
  })

  it('for other sums are composed of what is owned without a shop, of all new with every kind, and without the shops where these are away', async () => {
    const { panel } = await opened()
    panel.from = 'owned'
    expect(await panel.optionsFor(demo)).toMatchObject({ from: 'owned', without: ['slate-board'], together: [['a', 'b']] })
    expect(shelf.kinds).toEqual([])
    panel.from = 'all-new'
    expect(await panel.optionsFor(demo)).toHaveProperty('shelf')
    expect(shelf.kinds[0]).toContain('vessel')
    shelf.isDown = true
    expect(await panel.optionsFor(demo)).not.toHaveProperty('shelf')
  })

  it('one is laid in one step, another takes its place, and it is taken back to what was there', async () => {
    const { store, panel, five } = await composed()
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
    const { panel, five } = await composed()
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

  it('five others are asked for from the table as it was first; canceled they end on the server, and say so', async () => {
    const { store, panel, five } = await composed()
    const before = store.look
    panel.lay(five[0]!)
    const ends = panel.compose(true)
    await until(() => asked.length === 2)
    expect(store.look).toEqual(before)
    expect(asked[1]!.body.others).toBe(true)
    await until(() => panel.found === undefined)
    await panel.cancel()
    expect(canceled).toBe(1)
    composing = { ...composing, state: 'broken-off', looks: [] }
    await ends
    expect([panel.canceled, panel.running]).toEqual([true, false])
    void panel.compose()
    expect(panel.canceled).toBe(false)
  })

  it('that could not be asked for say why, and what was shown before stays; that failed on the server as well', async () => {
    const { panel, five } = await composed()
    vi.mocked(api.startComposing).mockRejectedValueOnce(new Error('The server cannot be reached.'))
    await panel.compose(true)
    expect([panel.problem, panel.running, panel.found!.looks]).toEqual(['The server cannot be reached.', false, five])
    const ends = panel.compose()
    await until(() => asked.length === 2)
    composing = { ...composing, state: 'failed', message: 'out of memory' }
    await ends
    expect([panel.problem, panel.running]).toEqual(['out of memory', false])
  })

  it('are there again when the page is opened anew, gone on being composed meanwhile, and broken off are gone on with', async () => {
    const { panel } = await opened()
    panel.from = 'owned'
    panel.keep = ['flatware']
    void panel.compose()
    await until(() => asked.length === 1)
    find(five.slice(0, 1), 'running')
    freshPage()
    const { store, panel: anew } = await opened()
    await until(() => anew.found !== undefined)
    expect(anew).toMatchObject({ from: 'owned', keep: ['flatware'], running: true, outdated: false })
    find(five.slice(0, 2), 'broken-off')
    await until(() => !anew.running)
    expect(anew).toMatchObject({ brokenOff: true, found: { looks: five.slice(0, 2) } })
    const ends = anew.goOn()
    await until(() => wentOn === 1)
    find(five, 'ended')
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
    expect(unchosen).toHaveBeenCalledWith(composing.id)
  })

  it('stay while the look is open, whoever asks for them, and say when the table has become another; one laid is none of that', async () => {
    const { store, panel, five } = await composed()
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

  it('of one look are none of another: what was asked is forgotten, what is under way there is not shown here and not ended, and what comes late is let go', async () => {
    const { store, panel } = await composed()
    panel.keep = ['napkins']
    panel.wishLight = true
    const late = panel.compose(true)
    await until(() => asked.length === 2)
    vi.spyOn(api, 'getLook').mockResolvedValue({ ...(await api.getLook('pearl-anniversary')), id: 'the-other' })
    await store.open('the-other')
    find(five.slice(0, 1), 'running')
    await late
    expect(panel).toMatchObject({ found: undefined, shown: undefined, running: false, canceled: false, problem: '', keep: [], wishLight: false })
    expect(canceled).toBe(0)
    void panel.compose()
    await until(() => asked.length === 3)
    expect(asked[2]).toMatchObject({ lookId: 'the-other', body: { others: false, asked: { keep: [] } } })
  })

  it('composed in another window meanwhile are shown in this one too', async () => {
    const { panel } = await opened()
    const ends = panel.compose()
    await until(() => asked.length === 1)
    composing = { ...composing, id: 'of-another-window', asked: { from: 'owned', keep: [], wishLight: false } }
    find(five, 'ended')
    await ends
    expect(panel).toMatchObject({ from: 'owned', found: { id: 'of-another-window', looks: five, ended: true }, running: false })
  })
})
