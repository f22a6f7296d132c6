import { numberedId } from '../../units/slug.js'
import { makeEdit, type Edit } from '../edit.js'
import type { Look } from '../look.js'
import type { Borrowed } from '../money.js'

/** So many of a piece borrowed for the day; from whom and until when is said afterward. */
export function borrowPieces(look: Look, pieceId: string, count: number): Edit {
  const id = numberedId('borrowed', look.buying.borrowed)
  return makeEdit(look, 'money', ({ buying }) => void buying.borrowed.push({ id, pieceId, count, from: '', backDay: null }))
}

/** Whose borrowed pieces are, how many, and when they go back. */
export function changeBorrowed(look: Look, id: string, part: Partial<Omit<Borrowed, 'id' | 'pieceId'>>): Edit {
  return makeEdit(look, 'money', ({ buying }) => void Object.assign(buying.borrowed.find((one) => one.id === id) ?? {}, part))
}

/** Not borrowed after all. */
export function removeBorrowed(look: Look, id: string): Edit {
  return makeEdit(look, 'money', ({ buying }) => void (buying.borrowed = buying.borrowed.filter((one) => one.id !== id)))
}
