import { noStyle } from '@hestiad/core'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, it, vi } from 'vitest'
import { useStyle } from '../src/stores/style.js'
import { keptServer } from './support/keptServer.js'

beforeEach(() => {
  keptServer.reset()
  setActivePinia(createPinia())
})

it('the own style is one, kept as it is changed, there after a reload, and nothing once it is forgotten', async () => {
  const store = useStyle()
  expect([store.style, store.isSaid]).toEqual([noStyle, false])
  store.change({ moods: ['calm'] })
  store.change({ avoid: ['lilies'] })
  expect(store.style).toEqual({ ...noStyle, moods: ['calm'], avoid: ['lilies'] })
  await vi.waitFor(() => expect(keptServer.rows.get('style')).toMatchObject([{ id: 'own', value: { moods: ['calm'], avoid: ['lilies'] } }]))
  setActivePinia(createPinia())
  const again = useStyle()
  await again.loaded
  expect([again.style, again.isSaid]).toEqual([store.style, true])
  again.forget()
  expect([again.style, again.isSaid]).toEqual([noStyle, false])
  await vi.waitFor(() => expect(keptServer.rows.get('style')).toEqual([]))
  again.change({ says: 'Linen.' })
  await vi.waitFor(() => expect(keptServer.rows.get('style')).toMatchObject([{ value: { says: 'Linen.', moods: [] } }]))
})

it('what is changed while the server is away is not lost: it is there after a reload, and brought over what the server has', async () => {
  const store = useStyle()
  store.change({ says: 'Linen.' })
  await vi.waitFor(() => expect(keptServer.rows.get('style')).toHaveLength(1))
  store.change({ says: 'Linen and salt.' })
  keptServer.isAway = true
  store.change({ says: 'Linen, salt and smoke.' })
  await new Promise((pass) => setTimeout(pass, 10))
  keptServer.isAway = false
  setActivePinia(createPinia())
  const again = useStyle()
  await again.loaded
  expect(again.style.says).toBe('Linen, salt and smoke.')
  await vi.waitFor(() => expect(keptServer.rows.get('style')).toMatchObject([{ value: { says: 'Linen, salt and smoke.' } }]))
  await vi.waitFor(() => expect(keptServer.browser.has('own-style')).toBe(false))
})

it('what is kept and is no style is none', async () => {
  keptServer.rows.set('style', [{ id: 'own', value: { ...noStyle, moods: ['gloomy'] }, createdAtMs: 1 }])
  const store = useStyle()
  await store.loaded
  expect([store.style, store.isSaid]).toEqual([noStyle, false])
})
