import { Immer, enablePatches, type Draft, type Patch } from 'immer'
import type { Look } from './look.js'

export type { Patch } from 'immer'

enablePatches()
const immer = new Immer({ autoFreeze: false })

/**
 * A change of a look as a value: what was done, the patches that do it and the patches that take it back
 * (paths as arrays of keys, operations as in RFC 6902: add, remove, replace).
 */
export interface Edit {
  readonly what: EditName
  readonly patches: readonly Patch[]
  readonly inverse: readonly Patch[]
}

/** What a change is about. */
export const editNames = [
  'brief',
  'guests',
  'table',
  'school',
  'room',
  'menu',
  'seating',
  'money',
  'linens',
  'setting',
  'put-on',
  'take-off',
  'group',
  'lock',
  'variants',
  'move',
  'turn',
  'stand-on',
  'clear-for-meal',
  'florals',
  'candles',
  'cupboard',
  'offers',
  'rename',
  'import'
] as const
export type EditName = (typeof editNames)[number]

/** Makes an edit by running a recipe on a draft; the look itself is not written. */
export function makeEdit(look: Look, what: EditName, recipe: (draft: Draft<Look>) => void): Edit {
  const [next, patches, inverse] = immer.produceWithPatches(look, (draft: Draft<Look>) => void recipe(draft))
  const edit = { what, patches, inverse }
  results.set(edit, { look, next })
  return edit
}

/** What an edit came to on the look it was made for; patches copy what they carry, this keeps untouched parts the same objects. */
const results = new WeakMap<object, { readonly look: Look; readonly next: Look }>()

/** The look after an edit; parts that the edit does not touch stay the same objects. */
export function applyEdit(look: Look, edit: Pick<Edit, 'patches'>): Look {
  const known = results.get(edit)
  if (known?.look === look) return known.next
  return immer.applyPatches(look, edit.patches as Patch[])
}

/** Patches from elsewhere made into an edit of this look, with an inverse of our own. @throws Error when a patch names a place the look does not have */
export function editOfPatches(look: Look, what: EditName, patches: readonly Patch[]): Edit {
  return makeEdit(look, what, (draft) => void immer.applyPatches(draft, patches as Patch[]))
}

/** The edit that turns one state of a look into another: members that differ are replaced whole. */
export function replaceEdit(look: Look, what: EditName, next: Look): Edit {
  return makeEdit(look, what, (draft) => {
    for (const name of Object.keys(next) as (keyof Look)[]) if (next[name] !== look[name]) Object.assign(draft, { [name]: next[name] })
  })
}

/** The edit that takes an edit back. */
export function inverseOf(edit: Edit): Edit {
  return { what: edit.what, patches: edit.inverse, inverse: edit.patches }
}
