import { seatPlan, standings, type Look } from '@hestiad/core'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { dragging } from '../src/board/dragging.js'
import { useDishDrag } from '../src/board/useDishDrag.js'
import { useDrag } from '../src/board/useDrag.js'
import { useSeatDrag } from '../src/board/useSeatDrag.js'
import { viewport } from '../src/board/viewport.js'
import { demo } from './support/assessorHere.js'
import { freshPage, openLook } from './support/openLook.js'

const view = viewport(seatPlan(demo).outline, 900, 700, false)
const turned = viewport(seatPlan(demo).outline, 900, 700, true)

vi.mock('../src/workers/assessor.js', async () => (await import('./support/assessorHere.js')).assessorHere)

/** A window that hears what is told it, in place of the browser's. */
let hand: EventTarget
beforeEach(() => {
  hand = new EventTarget()
  vi.stubGlobal('window', hand)
  vi.stubGlobal('SVGElement', class {})
  vi.useFakeTimers()
  freshPage()
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
  vi.restoreAllMocks()
})

const pointer = (type: string, clientX: number, clientY: number, more: object = {}) =>
  Object.assign(new Event(type, { cancelable: true }), { clientX, clientY, button: 0, shiftKey: false, altKey: false, ...more }) as unknown as PointerEvent
const press = (more: object = {}) => pointer('pointerdown', 100, 100, more)
const move = (dx: number, dy: number, more: object = {}) => hand.dispatchEvent(pointer('pointermove', 100 + dx, 100 + dy, more))
const letGo = (type = 'pointerup') => hand.dispatchEvent(new Event(type))
const key = (name: string) => hand.dispatchEvent(Object.assign(new Event('keydown'), { key: name }))

describe('following the pointer', () => {
  const following = () => {
    const told: string[] = []
    const event = press()
    dragging(event, { move: (dx, dy) => `${dx} ${dy}`, drop: (last) => told.push(`drop ${last}`), cancel: () => told.push('cancel') })
    expect(event.defaultPrevented).toBe(true)
    return told
  }

  it('a click, trembling included, neither drops nor cancels', () => {
    const told = following()
    move(1, 1)
    move(-2, 1)
    letGo()
    expect(told).toEqual([])
  })

  it('lets go of the last of where it went, however small the last step; nothing is heard afterward', () => {
    const told = following()
    move(3, 0)
    move(40, -8)
    move(1, 0)
    letGo()
    move(90, 90)
    letGo()
    expect(told).toEqual(['drop 1 0'])
  })

  it('Escape, and a pointer that is lost, call it off; other keys do not', () => {
    const first = following()
    move(20, 0)
    key('a')
    move(25, 0)
    key('Escape')
    letGo()
    expect(first).toEqual(['cancel'])
    const second = following()
    move(20, 0)
    letGo('pointercancel')
    expect(second).toEqual(['cancel'])
  })
})

async function opened(change: (look: Look) => Look = (look) => look) {
  const store = await openLook(change(demo))
  await vi.advanceTimersByTimeAsync(300)
  return store
}
const spotOf = (look: Look, id: string) => {
  const { x, y } = standings(look).find((one) => one.placed.id === id)!.pose
  return { x, y }
}

describe('a piece that is dragged', () => {
  it('is shown where it is held and moved when it is let go: one step, which undo takes back', async () => {
    const store = await opened()
    const before = spotOf(store.look!, 'jug')
    const drag = useDrag(() => view)
    drag.begin(press(), 'jug', 'plan')
    expect(store.selected).toBe('jug')
    move(30, 10, { altKey: true })
    move(60, 20, { altKey: true })
    expect(spotOf(store.look!, 'jug')).toEqual(before)
    const held = spotOf(store.held!, 'jug')
    expect(held.x - before.x).toBeCloseTo(60 / view.scale, -1)
    expect(held.y - before.y).toBeCloseTo(-20 / view.scale, -1)
    letGo()
    expect(spotOf(store.look!, 'jug')).toEqual(held)
    expect(store.held).toBeUndefined()
    expect(store.past).toHaveLength(1)
    store.undo()
    expect(spotOf(store.look!, 'jug')).toEqual(before)
  })

  it('goes where the pointer goes when the table is turned, and along and up on the elevation', async () => {
    const store = await opened()
    const before = spotOf(store.look!, 'jug')
    useDrag(() => turned).begin(press(), 'jug', 'plan')
    move(0, -40, { altKey: true })
    const { x, y } = spotOf(store.held!, 'jug')
    expect(x - before.x).toBeCloseTo(40 / turned.scale, -1)
    expect(Math.abs(y - before.y)).toBeLessThan(2)
    key('Escape')
    const rise = store.look!.centerpiece.find((one) => one.id === 'jug')!.arrangement!.riseMm
    useDrag(() => view).begin(press(), 'jug', 'rise')
    move(0, -12)
    letGo()
    expect(store.look!.centerpiece.find((one) => one.id === 'jug')!.arrangement!.riseMm).toBeCloseTo(rise + 12 / view.scale, -1)
  })

  it('is put back by Escape; one that is locked does not move; another button takes nothing', async () => {
    const store = await opened((look) => ({ ...look, centerpiece: look.centerpiece.map((one) => (one.id === 'jug' ? { ...one, locked: true } : one)) }))
    const other = store.look!.centerpiece.find((one) => one.id !== 'jug' && one.on === null)!.id
    const drag = useDrag(() => view)
    drag.begin(press(), other, 'plan')
    move(50, 0)
    expect(store.held).toBeDefined()
    key('Escape')
    expect(store.held).toBeUndefined()
    for (const [id, more] of [
      ['jug', {}],
      [other, { button: 2 }]
    ] as const) {
      drag.begin(press(more), id, 'plan')
      move(50, 0)
      letGo()
    }
    expect(store.past).toHaveLength(0)
  })

  it('pressed with Shift is chosen beside the others and not moved; by its mark it is chosen only when it moves', async () => {
    const store = await opened()
    const [a, b] = store.look!.centerpiece.filter((one) => one.on === null).map((one) => one.id)
    const drag = useDrag(() => view)
    drag.begin(press(), a!, 'plan')
    letGo()
    drag.begin(press({ shiftKey: true }), b!, 'plan')
    move(40, 0)
    letGo()
    expect([store.selected, ...store.also].sort()).toEqual([a, b].sort())
    expect(store.past).toHaveLength(0)
    store.choose(a!)
    drag.begin(press(), b!, 'plan', true)
    letGo()
    expect(store.selected).toBe(a)
    drag.begin(press(), b!, 'plan', true)
    move(40, 0, { altKey: true })
    letGo()
    expect(store.selected).toBe(b)
    expect(store.past).toHaveLength(1)
  })

  it('is drawn to the middle line within a few pixels of it, and with Alt held is not', async () => {
    const store = await opened((look) => ({
      ...look,
      centerpiece: look.centerpiece.filter((one) => one.id === 'jug').map((one) => ({ ...one, xMm: 400, yMm: 60 }))
    }))
    const drag = useDrag(() => view)
    const toLine = 54 * view.scale
    drag.begin(press(), 'jug', 'plan')
    move(40, toLine)
    expect(spotOf(store.held!, 'jug').y).toBe(0)
    expect(drag.held.value).not.toBeNull()
    move(40, toLine, { altKey: true })
    expect(spotOf(store.held!, 'jug').y).toBeGreaterThan(1)
    expect(drag.held.value).toBeNull()
    key('Escape')
  })

  it('takes its twin along in mirror mode, to the other side', async () => {
    const [one] = demo.centerpiece.filter(({ on, arrangement }) => on === null && arrangement === null)
    const twins = [300, -300].map((xMm, i) => ({ ...one!, id: `twin-${i}`, xMm, yMm: 0, turnDeg: 0 }))
    const store = await opened((look) => ({ ...look, centerpiece: twins }))
    store.mirror = 'ends'
    const drag = useDrag(() => view)
    drag.begin(press(), 'twin-0', 'plan')
    move(25, 0, { altKey: true })
    letGo()
    const moved = spotOf(store.look!, 'twin-0').x
    expect(moved).toBeGreaterThan(320)
    expect(spotOf(store.look!, 'twin-1').x).toBe(-moved)
    store.mirror = null
    drag.begin(press(), 'twin-0', 'plan')
    move(25, 0, { altKey: true })
    letGo()
    expect(spotOf(store.look!, 'twin-0').x).toBeGreaterThan(moved)
    expect(spotOf(store.look!, 'twin-1').x).toBe(-moved)
  })
})

describe('a dish and a guest that are dragged', () => {
  it('a dish is moved by the pointer and by keys, the way the table is turned, and found a place for again', async () => {
    const store = await opened()
    const dish = store.figures!.serving.onTable.find((one) => one.at)!
    const at = dish.at!
    const placedAt = () => {
      const { spots } = store.look!.menu.dishes.find((one) => one.id === dish.dishId)!
      return spots[dish.vessel]!
    }
    const drag = useDishDrag(() => view)
    drag.begin(press(), dish)
    move(30, 0)
    letGo()
    expect(placedAt().xMm).toBe(Math.round(at.x + 30 / view.scale))
    expect(drag.nudge([0, 1], dish, 10)).toBe(true)
    expect(placedAt()).toMatchObject({ xMm: Math.round(at.x), yMm: Math.round(at.y + 10) })
    expect(useDishDrag(() => turned).nudge([1, 0], dish, 10)).toBe(true)
    expect(placedAt().yMm).toBe(Math.round(at.y - 10))
    drag.letGo(dish)
    expect(store.look!.menu.dishes.find((one) => one.id === dish.dishId)!.spots).toEqual([])
  })

  it('a badge let go upon another exchanges the two; beside all others, or pressed only, nothing happens', () => {
    const seats = [1, 2, 3].map((number) => ({ number, at: { x: 100 * number, y: 50 } }))
    const exchanged: string[] = []
    const drag = useSeatDrag(() => seats, (a, b) => void exchanged.push(`${a} ${b}`)) // prettier-ignore
    const badge = { setPointerCapture: () => undefined }
    const go = (dx: number, dy: number) => {
      drag.begin(Object.defineProperty(press({ pointerId: 1 }), 'currentTarget', { value: badge }), seats[0]!)
      drag.move(pointer('pointermove', 100 + dx, 100 + dy))
      return drag.end()
    }
    expect(go(4, 3)).toBe(false)
    expect(go(50, 0)).toBe(true)
    expect(go(100, 60)).toBe(true)
    expect(exchanged).toEqual([])
    expect(go(112, 10)).toBe(true)
    expect(exchanged).toEqual(['1 2'])
    drag.move(pointer('pointermove', 300, 100))
    expect(drag.end()).toBe(false)
  })
})
