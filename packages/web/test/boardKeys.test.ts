import { standings, type Look } from '@hestiad/core'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, ref } from 'vue'
import { useBoardKeys } from '../src/board/useBoardKeys.js'
import { usePreferences } from '../src/stores/preferences.js'
import { demo } from './support/assessorHere.js'
import { freshPage, openLook } from './support/openLook.js'

vi.mock('../src/workers/assessor.js', async () => (await import('./support/assessorHere.js')).assessorHere)

beforeEach(() => {
  vi.stubGlobal('document', { documentElement: { dataset: {}, lang: 'en' } })
  vi.stubGlobal('navigator', { language: 'en-US', languages: ['en-US'] })
  freshPage()
})
afterEach(() => {
  vi.unstubAllGlobals()
  vi.restoreAllMocks()
})

async function board(look: Look = demo) {
  const store = await openLook(look)
  const [turned, seat, sitting] = [ref(false), ref<number | null>(null), ref(false)]
  const { keys, preferences } = effectScope().run(() => ({
    preferences: usePreferences(),
    keys: useBoardKeys({ turned, seat, sitting, seats: () => store.look!.guests.length })
  }))!
  const press = (key: string, more: object = {}) => {
    const event = Object.assign(new Event('keydown', { cancelable: true }), { key, ctrlKey: false, metaKey: false, altKey: false, shiftKey: false, ...more })
    keys.onKey(event as unknown as KeyboardEvent)
    return event.defaultPrevented
  }
  const placed = (id: string) => store.look!.centerpiece.find((one) => one.id === id)
  const spot = (id: string) => standings(store.look!).find((one) => one.placed.id === id)!.pose
  return { store, turned, seat, sitting, preferences, press, placed, spot }
}

describe('keys on the Board', () => {
  it('nudge the chosen piece by the step of one’s units, four times as far with Shift, and the way the table is turned', async () => {
    const { store, preferences, turned, press, spot } = await board()
    const step = preferences.nudgeMm()
    store.choose('jug')
    const before = spot('jug')
    press('ArrowRight')
    expect(spot('jug').x - before.x).toBeCloseTo(step, 0)
    press('ArrowUp', { shiftKey: true })
    expect(spot('jug').y - before.y).toBeCloseTo(4 * step, 0)
    turned.value = true
    const there = spot('jug')
    press('ArrowUp')
    expect(spot('jug').x - there.x).toBeCloseTo(step, 0)
    press('ArrowLeft')
    expect(spot('jug').y - there.y).toBeCloseTo(step, 0)
    expect(store.past).toHaveLength(4)
  })

  it('turn it by five degrees to either side and take it off', async () => {
    const { store, press, placed } = await board()
    store.choose('jug')
    const { turnDeg } = placed('jug')!
    press('[')
    expect(placed('jug')!.turnDeg).toBe((turnDeg + 5 + 360) % 360)
    press(']')
    press(']')
    expect(placed('jug')!.turnDeg).toBe((turnDeg - 5 + 360) % 360)
    press('Delete')
    expect(placed('jug')).toBeUndefined()
    expect(store.selected).toBeNull()
  })

  it('lock what is loose among the chosen, unlock where all is locked; group several, and part a group again', async () => {
    const { store, press, placed } = await board()
    const [a, b] = store.look!.centerpiece.filter((one) => one.on === null && !one.locked && one.group === null).map((one) => one.id)
    store.choose(a!)
    press('l')
    expect(placed(a!)!.locked).toBe(true)
    store.choose(b!, true)
    press('l')
    expect([a, b].map((id) => placed(id!)!.locked)).toEqual([true, true])
    press('l')
    expect([a, b].map((id) => placed(id!)!.locked)).toEqual([false, false])
    press('g')
    expect(placed(a!)!.group).not.toBeNull()
    expect(placed(a!)!.group).toBe(placed(b!)!.group)
    store.choose(a!)
    press('g')
    expect([a, b].map((id) => placed(id!)!.group)).toEqual([null, null])
  })

  it('sit down at a seat and rise from it, at no seat that is not there; look, turn the table, let all go', async () => {
    const { store, seat, sitting, turned, press } = await board({ ...demo, guests: demo.guests.slice(0, 4) })
    press('3')
    expect(seat.value).toBe(3)
    press('3')
    expect(seat.value).toBeNull()
    press('7')
    expect(seat.value).toBeNull()
    press('0')
    expect(seat.value).toBeNull()
    press('v')
    expect(sitting.value).toBe(true)
    press('t')
    expect(turned.value).toBe(true)
    store.choose('jug')
    press('2')
    press('Escape')
    expect([store.selected, seat.value, store.openFinding]).toEqual([null, null, null])
  })

  it('do nothing where nothing is chosen, and leave the browser its own keys', async () => {
    const { store, press } = await board()
    for (const key of ['ArrowLeft', '[', 'Delete', 'g', 'm']) press(key)
    expect(store.past).toHaveLength(0)
    expect(press('p')).toBe(false)
    expect(press('t', { ctrlKey: true })).toBe(false)
    expect(press('ArrowLeft', { altKey: true })).toBe(false)
    expect(store.past).toHaveLength(0)
  })
})
