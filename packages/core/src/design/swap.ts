import type { Draft } from 'immer'
import { makeEdit, type Edit } from './edit.js'
import type { Look } from './look.js'
import type { Piece } from './piece.js'
import type { Proposal } from './finding.js'

/** Puts one piece in the place of another wherever the look uses it. */
export function swapEdit(look: Look, fromId: string, toId: string): Edit {
  return makeEdit(look, 'cupboard', (draft) => swapIn(draft, fromId, toId))
}

function swapIn(draft: Draft<Look>, fromId: string, toId: string): void {
  const swapped = (id: string) => (id === fromId ? toId : id)
  const { linens, setting } = draft
  if (linens.clothId !== null) linens.clothId = swapped(linens.clothId)
  if (linens.matId !== null) linens.matId = swapped(linens.matId)
  if (linens.runner) linens.runner.pieceId = swapped(linens.runner.pieceId)
  setting.plateIds = setting.plateIds.map(swapped)
  setting.glassIds = setting.glassIds.map(swapped)
  setting.flatwareIds = setting.flatwareIds.map(swapped)
  if (setting.breadPlateId !== null) setting.breadPlateId = swapped(setting.breadPlateId)
  if (setting.napkin) setting.napkin.pieceId = swapped(setting.napkin.pieceId)
  for (const placed of draft.centerpiece) {
    placed.pieceId = swapped(placed.pieceId)
    if (placed.candle) placed.candle.candleId = swapped(placed.candle.candleId)
    if (placed.arrangement) placed.arrangement.stems = mergeStems(placed.arrangement.stems.map((s) => ({ ...s, stemId: swapped(s.stemId) })))
  }
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
  return true
}

/** Swaps for every other piece of the look that does the same job and passes the test, the most owned first. */
export function swapProposals(look: Look, fromId: string, suits: (candidate: Piece) => boolean = () => true, most = 3): Proposal[] {
  const from = look.pieces.find((piece) => piece.id === fromId)
  if (!from) return []
  return look.pieces
    .filter((piece) => piece.id !== fromId && sameJob(from, piece) && suits(piece))
    .sort((a, b) => b.owned - a.owned)
    .slice(0, most)
    .map((to) => ({ code: 'swap' as const, edit: swapEdit(look, fromId, to.id), params: { fromId, toId: to.id } }))
}
