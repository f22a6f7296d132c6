import { noFacts, type CupboardItem } from '@hestiad/core'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { loadItems, putItems } from '../src/cupboard/cupboardStore.js'
import { openStorage, type Storage } from '../src/storage/openStorage.js'
import { demoLook } from './support.js'

let storage: Storage
beforeAll(async () => void (storage = await openStorage(':memory:')))
afterAll(() => storage.close())

const stock = demoLook().pieces
const item = (i: number, more: Partial<CupboardItem['piece']> = {}): CupboardItem => ({
  piece: { ...stock[i % stock.length]!, id: `kept-${i}`, name: `It’s "${i}" \\ {ü} ${'🕯'}`, ...more } as CupboardItem['piece'],
  facts: { ...noFacts, lastUsed: i % 3 === 0 ? '2027-01-02' : '' }
})
const put = (items: readonly CupboardItem[]) => storage.writes.run((manager) => putItems(manager, items))

describe('pieces put into the cupboard', () => {
  it('many at once are kept as few are: each as it was given, in its order, over those of the same id, nothing else touched', async () => {
    const few = Array.from({ length: 5 }, (_, i) => item(i))
    await put(few)
    const many = Array.from({ length: 600 }, (_, i) => item(i + 3, { owned: 40 + (i % 7) }))
    await put(many)
    const kept = await loadItems(storage)
    expect(kept).toEqual([...few.slice(0, 3), ...many])
    // once more, the last first: they stay in their places
    await put([...many].reverse().map((one) => ({ ...one, facts: noFacts })))
    expect(await loadItems(storage)).toEqual([...few.slice(0, 3), ...many.map((one) => ({ ...one, facts: noFacts }))])
  })

  it('many of which one cannot be written are none', async () => {
    const before = await loadItems(storage)
    const broken = { piece: { ...item(9_000).piece, id: null as unknown as string }, facts: noFacts }
    await expect(put([...Array.from({ length: 300 }, (_, i) => item(8_000 + i)), broken])).rejects.toThrow()
    expect(await loadItems(storage)).toEqual(before)
  })
})
