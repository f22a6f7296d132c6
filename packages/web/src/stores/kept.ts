import type { KeptKind } from '@hestiad/core'
import { shallowRef, type ShallowRef } from 'vue'
import { api } from '../api/calls.js'
import { keptList } from './keptList.js'

export interface Kept<T> {
  readonly id: string
  readonly value: T
}

export interface KeptOfKind<T extends object> {
  /** The oldest first. */
  readonly list: Readonly<ShallowRef<readonly Kept<T>[]>>
  /** Reads what the server keeps, and brings it what waits in this browser. */
  load(): Promise<void>
  /** Gives the id it is kept under. */
  keep(value: T): string
  drop(id: string): void
}

/**
 * What a stylist keeps of a kind: here at once, and on the server. What the server cannot take waits in this browser under `waiting`, where older
 * versions kept all of it, and is brought with the next load. What `sound` gives nothing for is passed over.
 */
export function createKept<T extends object>(kind: KeptKind, waiting: string, sound: (one: unknown) => readonly T[]): KeptOfKind<T> {
  const list = shallowRef<readonly Kept<T>[]>([])
  const stillWaiting = () => keptList(waiting, sound)
  const wait = (values: readonly T[]) => (values.length > 0 ? localStorage.setItem(waiting, JSON.stringify(values)) : localStorage.removeItem(waiting))

  async function put({ id, value }: Kept<T>): Promise<void> {
    try {
      // the description of the API knows of it only that it is an object
      await api.putKept(kind, id, { value: value as never })
    } catch {
      wait([...stillWaiting(), value])
    }
  }

  function keep(value: T): string {
    const id = crypto.randomUUID()
    list.value = [...list.value, { id, value }]
    void put({ id, value })
    return id
  }

  async function load(): Promise<void> {
    const here = new Set(list.value.map((one) => one.id))
    try {
      const { kept } = await api.listKept(kind)
      const read = kept.flatMap(({ id, value }) => sound(value).map((one) => ({ id, value: one })))
      // of what was here before, what is not on the server waits, or is gone
      list.value = [...read, ...list.value.filter((one) => !here.has(one.id) && !read.some((other) => other.id === one.id))]
      const brought = stillWaiting()
      wait([])
      for (const value of brought) keep(value)
    } catch {
      // the server is away: what waits is shown, and brought another time
      list.value = [...list.value.filter((one) => here.has(one.id)), ...stillWaiting().map((value, i) => ({ id: `waiting-${i}`, value }))]
    }
  }

  function drop(id: string): void {
    const dropped = list.value.find((one) => one.id === id)
    list.value = list.value.filter((one) => one.id !== id)
    if (!dropped) return
    if (id.startsWith('waiting-')) wait(stillWaiting().filter((value) => JSON.stringify(value) !== JSON.stringify(dropped.value)))
    else void api.removeKept(kind, id).catch(() => undefined)
  }

  return { list, load, keep, drop }
}
