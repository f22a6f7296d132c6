import { byCloseness } from './closeness.js'
import { makeEdit, type Edit } from './edit.js'
import type { Look } from './look.js'
import { pieceUses, replaceUses } from './pieceUses.js'
import type { Piece, Vessel } from './piece.js'
import type { Proposal } from './finding.js'

/** Puts one piece in the place of another wherever the look uses it. */
export function swapEdit(look: Look, fromId: string, toId: string): Edit {
  const uses = pieceUses(look).filter((use) => use.pieceId === fromId)
  return makeEdit(look, 'cupboard', (draft) => {
    replaceUses(draft, uses, toId)
    for (const { at } of uses.filter((use) => use.role === 'stem')) {
      const arrangement = draft.centerpiece[at[1] as number]!.arrangement!
      arrangement.stems = mergeStems(arrangement.stems)
    }
  })
}

/** One entry a stem: the same stem twice is added up. */
export function mergeStems(stems: readonly { stemId: string; count: number }[]): { stemId: string; count: number }[] {
  const counts = new Map<string, number>()
  for (const { stemId, count } of stems) counts.set(stemId, (counts.get(stemId) ?? 0) + count)
  return [...counts].map(([stemId, count]) => ({ stemId, count }))
}

/** Whether two pieces do the same job: same kind, and same role, form or cup where the kind has one. */
export function sameJob(a: Piece, b: Piece): boolean {
  if (a.kind !== b.kind) return false
  if ('role' in a && 'role' in b && a.role !== b.role) return false
  if (a.kind === 'candle' && b.kind === 'candle') return a.form === b.form
  if (a.kind === 'holder' && b.kind === 'holder') return a.takes === b.takes
  if (a.kind === 'ornament' && b.kind === 'ornament') return a.form === b.form
  if (a.kind === 'tool' && b.kind === 'tool') return a.tool === b.tool
  if (a.kind === 'tray' && b.kind === 'tray') return a.upper.length === b.upper.length
  if (a.kind === 'vessel' && b.kind === 'vessel') return a.form === b.form || (isOpen(a) && isOpen(b))
  return true
}

const isOpen = (vessel: Vessel) => vessel.form !== 'cloche' && vessel.form !== 'lantern'

/** Swaps for other pieces of the look that do the same job and pass the test, the likest first. */
export function swapProposals(look: Look, fromId: string, suits: (candidate: Piece) => boolean = () => true, most = 3): Proposal[] {
  const from = look.pieces.find((piece) => piece.id === fromId)
  if (!from) return []
  const needed = pieceUses(look).filter((use) => use.pieceId === fromId).length
  const others = look.pieces.filter((piece) => piece.id !== fromId && sameJob(from, piece) && suits(piece))
  return byCloseness(from, others, needed)
    .slice(0, most)
    .map((to) => ({ code: 'swap' as const, edit: swapEdit(look, fromId, to.id), params: { fromId, toId: to.id } }))
}
