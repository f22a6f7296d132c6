import { noFacts, type CupboardItem } from '@hestiad/core'
import { createPinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { api } from '../src/api/calls.js'
import { useCupboard } from '../src/cupboard/useCupboard.js'
import { demo } from './support/assessorHere.js'
import { mountHere } from './support/mountHere.js'
import { freshPage } from './support/openLook.js'

const owned = demo.pieces.filter((piece) => piece.owned > 0).slice(0, 40)
const items: CupboardItem[] = owned.map((piece, i) => ({ piece: { ...piece, kept: i % 2 === 0 ? 'Hall, top shelf' : 'Pantry' }, facts: noFacts }))
const shown = (list: readonly CupboardItem[] | undefined) => Object.fromEntries((list ?? []).map((item) => [item.piece.id, item.piece.owned]))
const counted = (item: CupboardItem, count: number): CupboardItem => ({ ...item, piece: { ...item.piece, owned: count } })

beforeEach(() => {
  freshPage()
  vi.stubGlobal('document', { documentElement: { dataset: {} } })
  vi.spyOn(api, 'getCupboard').mockResolvedValue({ items } as never)
  vi.spyOn(api, 'cupboardUses').mockResolvedValue({ uses: {} } as never)
})
afterEach(() => {
  vi.unstubAllGlobals()
  vi.restoreAllMocks()
})

async function opened() {
  const { value: cupboard } = mountHere(useCupboard, createPinia())
  await cupboard.load()
  return cupboard
}
/** A call that is answered, or refused, when the test says so. */
function held(call: 'putItem' | 'putItems' | 'removePiece') {
  const waiting: { readonly take: () => void; readonly refuse: (why: string) => void }[] = []
  const spy = vi
    .spyOn(api, call)
    .mockImplementation(
      (() => new Promise((resolve, reject) => waiting.push({ take: () => resolve(undefined), refuse: (why) => reject(new Error(why)) }))) as never
    )
  return { spy, waiting }
}

describe('the cupboard on the page', () => {
  it('shows what is typed at once, and one call keeps one piece, another keeps many', async () => {
    const cupboard = await opened()
    const one = held('putItem')
    const many = held('putItems')
    const writing = cupboard.write([counted(items[3]!, 99)])
    expect(shown(cupboard.items.value)[items[3]!.piece.id]).toBe(99)
    one.waiting[0]!.take()
    expect(await writing).toBe(true)
    expect(cupboard.message.value).toContain(items[3]!.piece.name)
    const writingMany = cupboard.write([counted(items[0]!, 7), counted(items[1]!, 8)])
    many.waiting[0]!.take()
    expect(await writingMany).toBe(true)
    expect([one.spy.mock.calls.length, many.spy.mock.calls.length]).toEqual([1, 1])
    expect(shown(cupboard.items.value)).toMatchObject({ [items[0]!.piece.id]: 7, [items[1]!.piece.id]: 8, [items[3]!.piece.id]: 99 })
    expect(cupboard.items.value!.map((item) => item.piece.id)).toEqual(items.map((item) => item.piece.id))
  })

  it('what is refused is shown as it was and the reason told, and what was kept meanwhile stays', async () => {
    const cupboard = await opened()
    const { waiting } = held('putItem')
    const first = cupboard.write([counted(items[0]!, 70)])
    const second = cupboard.write([counted(items[1]!, 80)])
    waiting[1]!.take()
    expect(await second).toBe(true)
    waiting[0]!.refuse('no room on the disk')
    expect(await first).toBe(false)
    expect(cupboard.message.value).toContain('no room on the disk')
    expect(shown(cupboard.items.value)).toEqual({ ...shown(items), [items[1]!.piece.id]: 80 })
  })

  it('a piece typed twice while the first is refused stays as it was typed last', async () => {
    const cupboard = await opened()
    const { waiting } = held('putItem')
    const first = cupboard.write([counted(items[0]!, 70)])
    const second = cupboard.write([counted(items[0]!, 71)])
    waiting[0]!.refuse('busy')
    await first
    expect(shown(cupboard.items.value)[items[0]!.piece.id]).toBe(71)
    waiting[1]!.take()
    expect(await second).toBe(true)
    expect(shown(cupboard.items.value)[items[0]!.piece.id]).toBe(71)
  })

  it('a new piece stands first, and is gone again when it is refused', async () => {
    const cupboard = await opened()
    const { waiting } = held('putItem')
    const added: CupboardItem = { ...items[0]!, piece: { ...items[0]!.piece, id: 'new-one', name: 'New one' } }
    const adding = cupboard.write([added])
    expect(cupboard.items.value![0]).toEqual(added)
    waiting[0]!.refuse('busy')
    expect(await adding).toBe(false)
    expect(cupboard.items.value).toEqual(items)
  })

  it('is taken out only when the server took it out', async () => {
    const cupboard = await opened()
    const { waiting } = held('removePiece')
    const kept = cupboard.remove(items[2]!)
    waiting[0]!.refuse('busy')
    expect(await kept).toBe(false)
    expect(cupboard.items.value).toHaveLength(items.length)
    const gone = cupboard.remove(items[2]!)
    waiting[1]!.take()
    expect(await gone).toBe(true)
    expect(cupboard.items.value!.map((item) => item.piece.id)).not.toContain(items[2]!.piece.id)
  })

  it('that cannot be had says so, and is there when it is asked for again; without its uses it is shown all the same', async () => {
    vi.spyOn(api, 'getCupboard').mockRejectedValueOnce(new Error('away'))
    vi.spyOn(api, 'cupboardUses').mockRejectedValue(new Error('away'))
    const cupboard = await opened()
    expect([cupboard.failed.value, cupboard.items.value]).toEqual([true, undefined])
    await cupboard.load()
    expect([cupboard.failed.value, cupboard.items.value?.length]).toEqual([false, items.length])
  })

  it('is searched by word, and rooms and kinds are those it has', async () => {
    const cupboard = await opened()
    expect(cupboard.found.value).toHaveLength(items.length)
    expect(cupboard.rooms.value).toEqual(['Hall', 'Pantry'])
    expect(cupboard.kinds.value).toEqual([...new Set(owned.map((piece) => piece.kind))].sort())
    cupboard.query.value = items[5]!.piece.name
    expect(cupboard.found.value).toContainEqual(items[5])
    expect(cupboard.found.value.length).toBeLessThan(items.length)
    cupboard.query.value = 'nothing is called this'
    expect(cupboard.found.value).toEqual([])
  })

  it('was last used on the day that was noted or the one it was laid here, whichever is later', async () => {
    const [noted, laid] = ['2026-12-24', '2026-06-01'].map((lastUsed, i) => ({ ...items[i]!, facts: { ...noFacts, lastUsed } })) as [CupboardItem, CupboardItem]
    const lastHere = (last: string) => ({ laid: 1, planned: 0, last })
    vi.spyOn(api, 'getCupboard').mockResolvedValue({ items: [noted, laid] } as never)
    vi.spyOn(api, 'cupboardUses').mockResolvedValue({ uses: { [noted.piece.id]: lastHere('2026-08-01'), [laid.piece.id]: lastHere('2026-10-01') } } as never)
    const cupboard = await opened()
    const unusedSince = (sinceDay: string) => {
      cupboard.facets.value = { ...cupboard.facets.value, state: 'unused-since', sinceDay }
      return cupboard.found.value.map((item) => item.piece.id)
    }
    expect(unusedSince('2026-11-01')).toEqual([laid.piece.id])
    expect(unusedSince('2026-09-01')).toEqual([])
  })
})
