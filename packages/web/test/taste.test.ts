import { traits, type Traits, type WholeLook } from '@hestiad/core'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { demoLook } from '../../core/test/support/looks.js'
import { useTaste } from '../src/stores/taste.js'
import { keptServer } from './support/keptServer.js'

const whole = (share: number): WholeLook =>
  ({ look: demoLook(), palette: ['#f2ece0'], figures: { spendCents: 100 * share, leftCents: 100 * (1 - share) } }) as unknown as WholeLook
const plain = Object.fromEntries(traits.map((trait) => [trait, 0.5])) as Traits

describe('what a stylist preferred', () => {
  beforeEach(() => {
    keptServer.reset()
    setActivePinia(createPinia())
  })

  it('is kept over a reload, taken back where a look is, forgotten when asked, and brought back', async () => {
    const [dear, cheap] = [whole(0.9), whole(0.1)]
    const store = useTaste()
    for (let i = 0; i < 20; i++) store.choose(cheap, [dear, cheap], `shown-${i}`)
    store.choose(cheap, [dear, cheap], 'last')
    store.choose(dear, [dear, cheap], 'last')
    expect(store.taste.choices).toBe(21)
    store.unchoose('last')
    expect(store.choices).toHaveLength(20)
    expect(store.taste.weights.spend).toBeLessThan(0)
    await vi.waitFor(() => expect(keptServer.rows.get('taste')).toHaveLength(20))
    setActivePinia(createPinia())
    const again = useTaste()
    await again.loaded
    expect(again.taste).toEqual(store.taste)
    const before = again.forget()
    expect(again.taste.choices).toBe(0)
    again.restore(before)
    expect(again.taste).toEqual(store.taste)
    await vi.waitFor(() => expect(keptServer.browser.has('taste-choices')).toBe(false))
  })

  it('of long ago is let go, and what was stored by something else is passed over', async () => {
    const store = useTaste()
    for (let i = 0; i < 70; i++) store.choose(whole(0.2), [whole(0.4)], `shown-${i}`)
    expect(store.choices).toHaveLength(60)
    await vi.waitFor(() => expect(keptServer.rows.get('taste')).toHaveLength(70))
    const choice = { kept: plain, others: [plain] }
    const values = [{ kept: { flowers: 'many' }, others: [] }, { kept: plain, others: 3 }, choice]
    keptServer.rows.set('taste', values.map((value, i) => ({ id: `${i}`, value, createdAtMs: i }))) // prettier-ignore
    setActivePinia(createPinia())
    const again = useTaste()
    await again.loaded
    expect(again.choices).toEqual([choice])
  })
})
