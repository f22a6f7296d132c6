import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { useGuestCount } from '../src/shell/useGuestCount.js'
import { demo } from './support/assessorHere.js'
import { mountHere } from './support/mountHere.js'
import { freshPage, openLook } from './support/openLook.js'
import { faultsOf } from './support/wordFaults.js'

vi.mock('../src/workers/assessor.js', async () => (await import('./support/assessorHere.js')).assessorHere)

beforeEach(() => freshPage())
afterEach(() => {
  vi.unstubAllGlobals()
  vi.restoreAllMocks()
})

describe('how many come', () => {
  it('is changed in one step that undo takes back; those who stay keep their names and wishes, those who come have names of their own', async () => {
    const store = await openLook()
    const { value: guests } = mountHere(() => useGuestCount(() => store.look!))
    expect(guests.count.value).toBe(demo.guests.length)
    guests.count.value = demo.guests.length + 2
    const more = store.look!.guests
    expect(more.slice(0, demo.guests.length)).toEqual(demo.guests)
    expect(new Set(more.map((guest) => guest.id)).size).toBe(more.length)
    expect(new Set(more.map((guest) => guest.name)).size).toBe(more.length)
    expect(store.past).toHaveLength(1)
    guests.count.value = 4
    expect(store.look!.guests).toHaveLength(4)
    store.undo()
    store.undo()
    expect(store.look).toEqual(demo)
  })

  it('says what follows: how many the table seats, and what is short of a piece each', async () => {
    const store = await openLook()
    const { value: guests } = mountHere(() => useGuestCount(() => store.look!))
    await vi.waitFor(() => expect(store.figures).toBeDefined())
    const { capacity } = store.figures!.seats
    const [seats, short] = guests.follows.value
    for (const n of Object.values(capacity)) expect(seats).toContain(String(n))
    const lacking = store.figures!.money.lines.filter((line) => !line.skipped && line.need.perGuest > 0)
    expect(lacking.length).toBeGreaterThan(0)
    for (const { need } of lacking) expect(short).toContain(`${need.short} × ${need.piece.name}`)
    guests.count.value = 2
    await vi.waitFor(() => expect(guests.follows.value[1]).not.toBe(short))
    expect(guests.follows.value.flatMap(faultsOf)).toEqual([])
  })
})
