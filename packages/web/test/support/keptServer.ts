import type { KeptKind } from '@hestiad/core'
import { vi } from 'vitest'
import { api } from '../../src/api/calls.js'

interface Row {
  readonly id: string
  readonly value: object
  readonly createdAtMs: number
}

/** A server that keeps things, and a browser that keeps some too. */
export const keptServer = {
  rows: new Map<KeptKind, Row[]>(),
  isAway: false,
  browser: new Map<string, string>(),
  /** Empties both, and has the page ask this server and this browser. */
  reset(): void {
    this.rows.clear()
    this.isAway = false
    this.browser.clear()
    vi.stubGlobal('localStorage', {
      getItem: (key: string) => keptServer.browser.get(key) ?? null,
      setItem: (key: string, value: string) => void keptServer.browser.set(key, value),
      removeItem: (key: string) => void keptServer.browser.delete(key)
    })
    for (const call of ['listKept', 'putKept', 'removeKept'] as const) vi.spyOn(api, call).mockImplementation(keptApi[call] as never)
  }
}

const of = (kind: KeptKind) => keptServer.rows.get(kind) ?? []

async function answering<T>(answer: () => T): Promise<T> {
  await Promise.resolve()
  if (keptServer.isAway) throw new Error('The server cannot be reached.')
  return answer()
}

const keptApi = {
  listKept: (kind: KeptKind) => answering(() => ({ kept: structuredClone(of(kind)) })),
  putKept: (kind: KeptKind, id: string, { value }: { value: object }) =>
    answering(() => {
      const row = { id, value: structuredClone(value), createdAtMs: of(kind).length }
      keptServer.rows.set(kind, [...of(kind).filter((one) => one.id !== id), row])
      return row
    }),
  removeKept: (kind: KeptKind, id: string) => answering(() => void keptServer.rows.set(kind, of(kind).filter((one) => one.id !== id))) // prettier-ignore
}
