import type { KeptKind } from '@hestiad/core'
import { shallowRef, type ShallowRef } from 'vue'
import { createKept, type Kept, type KeptOfKind } from './kept.js'

export interface NamedKept<T extends object> extends Pick<KeptOfKind<T>, 'list' | 'load'> {
  /** What was dropped last, until it is taken back or another is kept. */
  readonly dropped: Readonly<ShallowRef<T | undefined>>
  /** In the place of one of that name. */
  keep(value: T): void
  drop(one: Kept<T>): void
  takeBack(): void
}

/** What is kept of a kind under names, one of a name; `choose` is told which one is now looked at. */
export function createNamedKept<T extends { readonly name: string }>(
  kind: KeptKind,
  waiting: string,
  sound: (one: unknown) => readonly T[],
  choose: (id: string | null) => void
): NamedKept<T> {
  const kept = createKept<T>(kind, waiting, sound)
  const dropped = shallowRef<T>()
  return {
    list: kept.list,
    load: kept.load,
    dropped,
    keep(value) {
      for (const { id } of kept.list.value.filter((one) => one.value.name === value.name)) kept.drop(id)
      dropped.value = undefined
      choose(kept.keep(value))
    },
    drop({ id, value }) {
      kept.drop(id)
      dropped.value = value
      choose(null)
    },
    takeBack() {
      if (dropped.value) choose(kept.keep(dropped.value))
      dropped.value = undefined
    }
  }
}
