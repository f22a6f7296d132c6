import { castDraft } from 'immer'
import { makeEdit, type Edit } from '../edit.js'
import { findPiece, pieceIndex } from '../find.js'
import type { Arrangement, Look } from '../look.js'

/** So many stems of a new kind at first: our own starting value. */
const FIRST_STEMS = 5
/** Flowers rise no less and no more than this above the rim by hand. */
const LEAST_RISE_MM = 20
const MOST_RISE_MM = 900

/** How far flowers rise and spread, and what holds them. */
export function changeArrangement(look: Look, placedId: string, part: Partial<Omit<Arrangement, 'stems'>>): Edit {
  return onArrangement(look, placedId, (arrangement) => void Object.assign(arrangement, part))
}

/** Flowers drawn higher or lower, in whole millimeters. */
export function riseTo(look: Look, placedId: string, riseMm: number): Edit {
  return changeArrangement(look, placedId, { riseMm: Math.max(LEAST_RISE_MM, Math.min(MOST_RISE_MM, Math.round(riseMm))) })
}

/** A first arrangement low enough to see over, half as wide again as the mouth, still without stems. */
export function beginArrangement(look: Look, placedId: string): Edit {
  const vessel = findPiece(pieceIndex(look), look.centerpiece.find((one) => one.id === placedId)?.pieceId, 'vessel')
  return makeEdit(look, 'florals', (draft) => {
    const placed = draft.centerpiece.find((one) => one.id === placedId)
    if (!placed || !vessel) return
    const riseMm = Math.round(Math.max(60, Math.min(vessel.heightMm, 130)))
    placed.arrangement = { stems: [], riseMm, spreadMm: Math.round(Math.max(vessel.mouthMm * 1.6, 90)), mechanics: null }
  })
}

/** So many stems of a kind; none leaves the kind out. */
export function setStems(look: Look, placedId: string, stemId: string, count: number): Edit {
  return onArrangement(look, placedId, (arrangement) => {
    const line = arrangement.stems.find((one) => one.stemId === stemId)
    if (count === 0) arrangement.stems = arrangement.stems.filter((one) => one.stemId !== stemId)
    else if (line) line.count = count
    else arrangement.stems.push({ stemId, count })
  })
}

/** A kind of stem joins; one that is there already is left as it is. */
export function addStems(look: Look, placedId: string, stemId: string): Edit {
  const there = look.centerpiece.find((one) => one.id === placedId)?.arrangement?.stems.find((line) => line.stemId === stemId)
  return setStems(look, placedId, stemId, there?.count ?? FIRST_STEMS)
}

type Draft = ReturnType<typeof castDraft<Arrangement>>

function onArrangement(look: Look, placedId: string, change: (arrangement: Draft) => void): Edit {
  return makeEdit(look, 'florals', (draft) => {
    const arrangement = draft.centerpiece.find((one) => one.id === placedId)?.arrangement
    if (arrangement) change(arrangement)
  })
}
