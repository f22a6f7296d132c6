import type { KeptKind } from '@hestiad/core'
import { shallowRef, type ShallowRef } from 'vue'
import { api } from '../api/calls.js'
import { ApiProblem } from '../api/client.js'
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
  /** Gives the id it is kept under; of one that is kept already the value is another now. */
  keep(value: T, id?: string): string
  drop(id: string): void
}

/**
 * What a stylist keeps of a kind: here at once, and on the server. Until the server has it, it waits in this browser under `waiting`, where older
 * versions kept all of it without ids. What `sound` gives nothing for is passed over.
 */
export function createKept<T extends object>(kind: KeptKind, waiting: string, sound: (one: unknown) => readonly T[]): KeptOfKind<T> {
  const list = shallowRef<readonly Kept<T>[]>([])
  const without = (all: readonly Kept<T>[], id: string) => all.filter((one) => one.id !== id)
  const stillWaiting = () =>
    keptList(waiting, (one): Kept<T>[] => {
      const { id, value } = (one ?? {}) as Partial<Kept<unknown>>
      return typeof id === 'string' ? sound(value).map((own) => ({ id, value: own })) : sound(one).map((own) => ({ id: crypto.randomUUID(), value: own }))
    })
  const wait = (all: readonly Kept<T>[]) => (all.length > 0 ? localStorage.setItem(waiting, JSON.stringify(all)) : localStorage.removeItem(waiting))

  /** Dropped here, whatever the server still tells. */
  const gone = new Set<string>()
  let last = Promise.resolve()
  /** One after the other, so that what is dropped at once is not brought after its removal. */
  const inTurn = (work: () => Promise<void>) => (last = last.then(work))

  /** What cannot be brought now waits on. */
  async function bring({ id, value }: Kept<T>): Promise<void> {
    try {
      // the description of the API knows of it only that it is an object
      await api.putKept(kind, id, { value: value as never })
      // what it was changed to meanwhile waits on
      wait(stillWaiting().filter((one) => one.id !== id || JSON.stringify(one.value) !== JSON.stringify(value)))
    } catch {
      // brought with the next load
    }
  }

  function keep(value: T, id: string = crypto.randomUUID()): string {
    const one = { id, value }
    gone.delete(id)
    list.value = [...without(list.value, id), one]
    wait([...without(stillWaiting(), id), one])
    void inTurn(() => bring(one))
    return one.id
  }

  async function read(): Promise<void> {
    const { kept } = await api.listKept(kind).catch(() => ({ kept: undefined }))
    const there = kept?.flatMap(({ id, value }) => (gone.has(id) ? [] : sound(value).map((own) => ({ id, value: own })))) ?? list.value
    // what waits here is newer than what the server has of it
    const here = stillWaiting()
    wait(here)
    list.value = [...there.map((one) => here.find(({ id }) => id === one.id) ?? one), ...here.filter(({ id }) => !there.some((one) => one.id === id))]
    if (kept) for (const one of here) void inTurn(() => bring(one))
  }

  /** What the server cannot remove is shown again. */
  function drop(id: string): void {
    const dropped = list.value.find((one) => one.id === id)
    if (!dropped) return
    list.value = without(list.value, id)
    wait(without(stillWaiting(), id))
    gone.add(id)
    void inTurn(() => remove(dropped))
  }

  async function remove(dropped: Kept<T>): Promise<void> {
    try {
      await api.removeKept(kind, dropped.id)
    } catch (error) {
      if (error instanceof ApiProblem && error.code === 'not-found') return
      gone.delete(dropped.id)
      list.value = [...list.value, dropped]
    }
  }

  return { list, load: () => inTurn(read), keep, drop }
}
