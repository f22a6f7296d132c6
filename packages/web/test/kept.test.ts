import { beforeEach, describe, expect, it, vi } from 'vitest'
import { createKept } from '../src/stores/kept.js'
import { keptServer } from './support/keptServer.js'

interface Note {
  readonly text: string
}
const sound = (one: unknown): Note[] => (typeof (one as Partial<Note> | null)?.text === 'string' ? [one as Note] : [])
const create = () => createKept<Note>('recipe', 'old-notes', sound)
const texts = (kept: ReturnType<typeof create>) => kept.list.value.map((one) => one.value.text)
const onServer = () => (keptServer.rows.get('recipe') ?? []).map((row) => (row.value as Note).text)

describe('what a stylist keeps', () => {
  beforeEach(() => keptServer.reset())

  it('is here at once, on the server after, and in every other window', async () => {
    const kept = create()
    kept.keep({ text: 'pears' })
    expect(texts(kept)).toEqual(['pears'])
    await vi.waitFor(() => expect(onServer()).toEqual(['pears']))
    const other = create()
    await other.load()
    expect(texts(other)).toEqual(['pears'])
    other.drop(other.list.value[0]!.id)
    await vi.waitFor(() => expect(onServer()).toEqual([]))
  })

  it('waits in the browser while the server is away, is shown after a reload, and brought once when it is back', async () => {
    keptServer.isAway = true
    const kept = create()
    kept.keep({ text: 'figs' })
    await vi.waitFor(() => expect(keptServer.browser.get('old-notes')).toContain('figs'))
    const reloaded = create()
    await reloaded.load()
    expect(texts(reloaded)).toEqual(['figs'])
    keptServer.isAway = false
    await reloaded.load()
    expect(texts(reloaded)).toEqual(['figs'])
    await vi.waitFor(() => expect(onServer()).toEqual(['figs']))
    expect(keptServer.browser.has('old-notes')).toBe(false)
    await kept.load()
    expect(texts(kept)).toEqual(['figs'])
  })

  it('of an older version, all in the browser, is brought to the server; what is no such thing is passed over', async () => {
    keptServer.browser.set('old-notes', JSON.stringify([null, 5, { text: 'one' }, { text: 7 }, { text: 'two' }]))
    const kept = create()
    await kept.load()
    expect(texts(kept)).toEqual(['one', 'two'])
    await vi.waitFor(() => expect(onServer()).toEqual(['one', 'two']))
    keptServer.browser.set('old-notes', 'no list')
    await kept.load()
    expect(texts(kept)).toEqual(['one', 'two'])
  })

  it('kept and dropped at once is not on the server afterwards, and what the server cannot remove is shown again', async () => {
    const kept = create()
    kept.drop(kept.keep({ text: 'a slip' }))
    kept.keep({ text: 'plums' })
    await vi.waitFor(() => expect(onServer()).toEqual(['plums']))
    expect(texts(kept)).toEqual(['plums'])
    expect(keptServer.browser.has('old-notes')).toBe(false)
    keptServer.isAway = true
    kept.drop(kept.list.value[0]!.id)
    expect(texts(kept)).toEqual([])
    await vi.waitFor(() => expect(texts(kept)).toEqual(['plums']))
  })

  it('is in the browser before the server has it, so that a page closed in between loses nothing', async () => {
    const kept = create()
    kept.keep({ text: 'quinces' })
    expect(keptServer.browser.get('old-notes')).toContain('quinces')
    await vi.waitFor(() => expect(keptServer.browser.has('old-notes')).toBe(false))
    expect(onServer()).toEqual(['quinces'])
  })

  it('dropped while it waits is gone from there too', async () => {
    keptServer.isAway = true
    keptServer.browser.set('old-notes', JSON.stringify([{ text: 'one' }, { text: 'two' }]))
    const kept = create()
    await kept.load()
    kept.drop(kept.list.value[0]!.id)
    expect(texts(kept)).toEqual(['two'])
    keptServer.isAway = false
    const other = create()
    await other.load()
    expect(texts(other)).toEqual(['two'])
  })
})
