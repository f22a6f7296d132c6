import { nextTick, ref } from 'vue'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { later } from '../src/stores/later.js'

beforeEach(() => void vi.useFakeTimers())
afterEach(() => void vi.useRealTimers())

it('what is drawn later follows picture by picture, and of quick changes only the last', async () => {
  const value = ref(1)
  const [next, second] = [later(() => value.value, 1), later(() => value.value, 2)]
  expect([next.value, second.value]).toEqual([1, 1])
  value.value = 2
  await nextTick()
  expect([next.value, second.value]).toEqual([1, 1])
  await vi.advanceTimersByTimeAsync(100)
  expect([next.value, second.value]).toEqual([2, 1])
  await vi.advanceTimersByTimeAsync(100)
  expect([next.value, second.value]).toEqual([2, 2])
  const seen: number[] = []
  for (const n of [3, 4, 5]) {
    value.value = n
    await nextTick()
    seen.push(next.value)
  }
  await vi.advanceTimersByTimeAsync(500)
  expect(seen).toEqual([2, 2, 2])
  expect([next.value, second.value]).toEqual([5, 5])
})
