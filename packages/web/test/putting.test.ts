import { isStanding, shiftEdit, type StandingPiece } from '@hestiad/core'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { api } from '../src/api/calls.js'
import { usePutting } from '../src/centerpiece/usePutting.js'
import { mountHere } from './support/mountHere.js'
import { freshPage, openLook } from './support/openLook.js'

vi.mock('../src/workers/assessor.js', async () => (await import('./support/assessorHere.js')).assessorHere)

beforeEach(() => {
  freshPage()
  vi.spyOn(console, 'warn').mockImplementation(() => undefined)
})
afterEach(() => {
  vi.unstubAllGlobals()
  vi.restoreAllMocks()
})

async function putting() {
  const store = await openLook()
  const pieces = store.look!.pieces.filter((piece): piece is StandingPiece => isStanding(piece) && piece.id.startsWith('bud-'))
  const { value } = mountHere(usePutting)
  const before = store.look!.centerpiece.map((placed) => placed.id)
  const added = () => store.look!.centerpiece.filter((placed) => !before.includes(placed.id))
  return { store, piece: pieces[0]!, other: pieces[1]!, put: value.put, added }
}

it('two pieces pressed one right after the other both come on the table, each at a place of its own, and the last one is chosen', async () => {
  const { store, piece, other, put, added } = await putting()
  await Promise.all([put(piece), put(other), put(piece)])
  expect(added().map((placed) => placed.pieceId)).toEqual([piece.id, other.id, piece.id])
  expect(new Set(added().map((placed) => `${placed.xMm} ${placed.yMm}`)).size).toBe(3)
  expect(store.selected).toBe(added()[2]!.id)
})

it('a change of the table while room is looked for loses neither the change nor the piece, and what was chosen meanwhile stays chosen', async () => {
  const { store, piece, put, added } = await putting()
  const moved = store.look!.centerpiece.find((placed) => placed.on === null && !placed.locked)!
  const asked = put(piece)
  await Promise.resolve()
  await Promise.resolve()
  store.apply(shiftEdit(store.look!, moved.id, { x: 5, y: 0 }))
  store.choose(moved.id)
  await asked
  expect(added().map((placed) => placed.pieceId)).toEqual([piece.id])
  expect(store.look!.centerpiece.find((placed) => placed.id === moved.id)!.xMm).toBe(moved.xMm + 5)
  expect(store.selected).toBe(moved.id)
})

it('a piece whose room could not be looked for stops no later one, and one found only after another look was opened stays off that look', async () => {
  const { store, piece, put, added } = await putting()
  vi.spyOn(store, 'findSpot').mockRejectedValueOnce(new Error('stopped'))
  await expect(put(piece)).rejects.toThrow('stopped')
  await put(piece)
  expect(added()).toHaveLength(1)
  const spot = await store.findSpot(piece)
  let found: (answer: typeof spot) => void = () => undefined
  vi.spyOn(store, 'findSpot').mockImplementationOnce(() => new Promise((resolve) => (found = resolve)))
  const late = put(piece)
  vi.spyOn(api, 'getLook').mockResolvedValue({ ...(await api.getLook('pearl-anniversary')), id: 'the-other' })
  await store.open('the-other')
  found(spot)
  await late
  expect(store.id).toBe('the-other')
  expect(added()).toEqual([])
})
