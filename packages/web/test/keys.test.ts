import { describe, expect, it, vi } from 'vitest'
import { arrowOf, keyTable, numberOf, onKeys, timesOf } from '../src/shell/keys.js'
import { en } from '../src/shell/words/en.js'

const press = (key: string, more: Partial<KeyboardEvent> = {}) =>
  ({ key, preventDefault: vi.fn(), stopPropagation: vi.fn(), target: null, ...more }) as unknown as KeyboardEvent
const within = (selector: string) => ({ closest: (asked: string) => (asked.split(', ').includes(selector) ? {} : null) }) as unknown as EventTarget

describe('the keys', () => {
  it('each stand for one act, and every act has its word in the list', () => {
    const keys = keyTable.flatMap((line) => line.keys as readonly string[])
    expect(new Set(keys).size).toBe(keys.length)
    expect(Object.keys(en.keys.list).sort()).toEqual(keyTable.map((line) => line.act).sort())
    for (const { act } of keyTable) expect(en.keys.list[act].length).toBeGreaterThan(3)
  })

  it('do what the part of the page does with them, and are taken from the browser then', () => {
    const undo = vi.fn()
    const event = press('z')
    onKeys({ undo })(event)
    expect(undo).toHaveBeenCalledOnce()
    expect(event.preventDefault).toHaveBeenCalled()
    expect(event.stopPropagation).toHaveBeenCalled()
  })

  it('are left to others where the part does nothing with them, or had nothing to do', () => {
    for (const [acts, key] of [
      [{ undo: vi.fn() }, 'm'],
      [{ nudge: () => false }, 'ArrowUp'],
      [{ undo: vi.fn() }, 'q']
    ] as const) {
      const event = press(key)
      onKeys(acts)(event)
      expect(event.preventDefault).not.toHaveBeenCalled()
    }
  })

  it.each(['input', 'select', 'textarea', '[contenteditable]', '.el-dialog'])('are letters while somebody is in %s', (selector) => {
    const group = vi.fn()
    onKeys({ group })(press('g', { target: within(selector) }))
    expect(group).not.toHaveBeenCalled()
  })

  it.each(['ctrlKey', 'metaKey', 'altKey'] as const)('with %s are the browser’s, but for undo, redo and search', (held) => {
    const acts = { group: vi.fn(), undo: vi.fn(), redo: vi.fn(), search: vi.fn() }
    for (const [key, more] of [['g'], ['z'], ['z', { shiftKey: true }], ['k']] as const) onKeys(acts)(press(key, { [held]: true, ...more }))
    const times = held === 'altKey' ? 0 : 1
    expect(Object.values(acts).map((act) => act.mock.calls.length)).toEqual([0, times, times, times])
  })

  it('point right and up, count to ten, and go four times as far with Shift', () => {
    expect(['ArrowLeft', 'ArrowUp', 'ArrowRight', 'ArrowDown'].map((key) => arrowOf({ key }))).toEqual([
      [-1, 0],
      [0, 1],
      [1, 0],
      [0, -1]
    ])
    expect(['1', '9', '0'].map((key) => numberOf({ key }))).toEqual([1, 9, 10])
    expect([timesOf({ shiftKey: true }), timesOf({ shiftKey: false })]).toEqual([4, 1])
  })
})
