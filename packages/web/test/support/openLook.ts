import { lookHash, noHistory, type Look } from '@hestiad/core'
import { createPinia, setActivePinia } from 'pinia'
import { vi } from 'vitest'
import { api } from '../../src/api/calls.js'
import { ApiProblem } from '../../src/api/client.js'
import { useLook } from '../../src/stores/lookStore.js'
import { demo } from './assessorHere.js'

/** A page of its own, with a browser's store that nobody else sees. */
export function freshPage(): void {
  const memory = new Map<string, string>()
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => memory.get(key) ?? null,
    setItem: (key: string, value: string) => memory.set(key, value),
    removeItem: (key: string) => memory.delete(key)
  })
  setActivePinia(createPinia())
}

/** A look opened from a server that takes nothing. */
export async function openLook(look: Look = demo) {
  const answer = { id: 'pearl-anniversary', occasionId: 'o', revision: 1, hash: lookHash(look), look, history: noHistory }
  vi.spyOn(api, 'getLook').mockImplementation(() => Promise.resolve(structuredClone(answer)))
  vi.spyOn(api, 'saveEdits').mockImplementation(() => Promise.reject(new ApiProblem('offline', 'The server cannot be reached.', [])))
  const store = useLook()
  await store.open('pearl-anniversary')
  return store
}
