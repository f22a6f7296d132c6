import { castDraft } from 'immer'
import { numberedId } from '../../units/slug.js'
import { makeEdit, type Edit } from '../edit.js'
import { findPiece, pieceIndex } from '../find.js'
import type { FoldedIn, Linens, Look, RunnerLayKind, Sewing } from '../look.js'

/** Two cloths lie so far over each other at first: our own starting value. */
const LAP_MM = 300
/** What is sewn begins with napkins of this side, on fabric of this width: our own starting values. */
const NAPKIN_MM = 508
const FABRIC = { fabricWidthMm: 1400, hemMm: 20, shrinkPercent: 5, mayTurn: true } as const
const RUNNER = { lengthMm: 1800, widthMm: 350, count: 1 } as const

/** Cloth, mats, pad, and how far two cloths lap. */
export function changeLinens(look: Look, part: Partial<Pick<Linens, 'clothId' | 'matId' | 'pad' | 'lapMm'>>): Edit {
  return makeEdit(look, 'linens', (draft) => void Object.assign(draft.linens, part))
}

/** Two cloths joined, or one. */
export function joinCloths(look: Look, joined: boolean): Edit {
  return changeLinens(look, { lapMm: joined ? LAP_MM : null })
}

/** A topper, turned as the one before, or none. */
export function layTopper(look: Look, pieceId: string | null): Edit {
  const turned = look.linens.topper?.turned ?? false
  return makeEdit(look, 'linens', (draft) => void (draft.linens.topper = pieceId === null ? null : { pieceId, turned }))
}

export function turnTopper(look: Look, turned: boolean): Edit {
  return makeEdit(look, 'linens', ({ linens }) => void (linens.topper && (linens.topper.turned = turned)))
}

type Folded = { readonly length: FoldedIn; readonly width: FoldedIn }

/** A runner laid as the one before, or none. */
export function layRunner(look: Look, pieceId: string | null, folded: Folded = { length: 1, width: 1 }): Edit {
  const lay = look.linens.runner?.lay ?? 'along'
  return makeEdit(look, 'linens', (draft) => void (draft.linens.runner = pieceId === null ? null : { pieceId, lay, folded: { ...folded } }))
}

export function foldRunner(look: Look, way: keyof Folded, parts: FoldedIn): Edit {
  return makeEdit(look, 'linens', ({ linens }) => void (linens.runner && (linens.runner.folded[way] = parts)))
}

export function turnRunner(look: Look, lay: RunnerLayKind): Edit {
  return makeEdit(look, 'linens', ({ linens }) => void (linens.runner && (linens.runner.lay = lay)))
}

/** A napkin for each guest is to be sewn, of the size of the one laid. */
export function beginSewing(look: Look, name: string): Edit {
  const side = findPiece(pieceIndex(look), look.setting.napkin?.pieceId, 'napkin')?.sideMm ?? NAPKIN_MM
  const items = [{ id: 'sew-1', name, lengthMm: side, widthMm: side, count: Math.max(1, look.guests.length) }]
  return makeEdit(look, 'linens', (draft) => void (draft.linens.sewing = { ...FABRIC, items }))
}

export function stopSewing(look: Look): Edit {
  return makeEdit(look, 'linens', (draft) => void (draft.linens.sewing = null))
}

export function changeSewing(look: Look, part: Partial<Omit<Sewing, 'items'>>): Edit {
  return makeEdit(look, 'linens', ({ linens }) => void (linens.sewing && Object.assign(linens.sewing, part)))
}

/** One thing more to sew: a runner. */
export function addSewn(look: Look, name: string): Edit {
  return makeEdit(look, 'linens', ({ linens: { sewing } }) => void sewing?.items.push({ id: numberedId('sew', sewing.items), name, ...RUNNER }))
}

export function changeSewn(look: Look, id: string, part: Partial<Omit<Sewing['items'][number], 'id'>>): Edit {
  return makeEdit(look, 'linens', ({ linens }) => void Object.assign(linens.sewing?.items.find((item) => item.id === id) ?? {}, castDraft(part)))
}

export function removeSewn(look: Look, id: string): Edit {
  return makeEdit(look, 'linens', ({ linens: { sewing } }) => void (sewing && (sewing.items = sewing.items.filter((item) => item.id !== id))))
}
