import { traits, type Traits, type WholeLook } from '@hestiad/core'
import { createPinia, setActivePinia } from 'pinia'
import { nextTick } from 'vue'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { demoLook } from '../../core/test/support/looks.js'
import { useTaste } from '../src/stores/taste.js'

const kept = new Map<string, string>()
const whole = (share: number): WholeLook =>
  ({ look: demoLook(), palette: ['#f2ece0'], figures: { spendCents: 100 * share, leftCents: 100 * (1 - share) } }) as unknown as WholeLook
const plain = Object.fromEntries(traits.map((trait) => [trait, 0.5])) as Traits

describe('what a stylist preferred', () => {
  beforeEach(() => {
    vi.stubGlobal('localStorage', { getItem: (key: string) => kept.get(key) ?? null, setItem: (key: string, value: string) => void kept.set(key, value) })
    kept.clear()
    setActivePinia(createPinia())
  })

  it('is kept over a reload, taken back where a look is, forgotten when asked, and brought back', async () => {
    const [dear, cheap] = [whole(0.9), whole(0.1)]
    const store = useTaste()
    for (let i = 0; i < 20; i++) store.choose(cheap, [dear, cheap])
    const unchoose = store.choose(dear, [dear, cheap])
    expect(store.taste.choices).toBe(21)
    unchoose()
    expect(store.choices).toHaveLength(20)
    expect(store.taste.weights.spend).toBeLessThan(0)
    await nextTick()
    setActivePinia(createPinia())
    const again = useTaste()
    expect(again.taste).toEqual(store.taste)
    const before = again.forget()
    expect(again.taste.choices).toBe(0)
    again.restore(before)
    expect(again.taste).toEqual(store.taste)
  })

  it('of long ago is let go, and what was stored by something else is passed over', () => {
    const store = useTaste()
    for (let i = 0; i < 70; i++) store.choose(whole(0.2), [whole(0.4)])
    expect(store.choices).toHaveLength(60)
    const sound = { kept: plain, others: [plain] }
    kept.set('taste-choices', JSON.stringify([null, 5, { kept: { flowers: 'many' }, others: [] }, { kept: plain, others: 3 }, sound]))
    setActivePinia(createPinia())
    expect(useTaste().choices).toEqual([sound])
    kept.set('taste-choices', '{')
    setActivePinia(createPinia())
    expect(useTaste().choices).toEqual([])
  })
})
