import { findPiece, pieceIndex } from '../design/find.js'
import { makeEdit } from '../design/edit.js'
import type { BareFinding, Proposal } from '../design/finding.js'
import type { Look } from '../design/look.js'
import { lightnessOf } from '../cupboard/colorWords.js'
import { swapProposals } from '../design/swap.js'
import { foldKinds, folds } from '../reference/folds.js'
import { isSmallChild, isUnsafe, kindKeys, settingOf } from './settingKinds.js'

type Parts = Pick<Look, 'setting' | 'kinds' | 'pieces' | 'guests'>

/** Neighbors in a stack read as two from this difference of CIE L*: common practice, no source. */
export const SEPARATE_DL = 15

/** How a stack reads: lightness of each layer, bottom up, and the steps between neighbors. */
export interface StackReading {
  readonly layers: readonly { readonly pieceId: string; readonly lightness: number }[]
  readonly steps: readonly number[]
}

/** Plates from the bottom and, when it lies on them, the napkin. */
export function stackReading(look: Pick<Look, 'pieces'>, setting: Look['setting']): StackReading {
  const index = pieceIndex(look)
  const ids = [...setting.plateIds, ...(setting.napkin?.place === 'on-plate' ? [setting.napkin.pieceId] : [])]
  const layers = ids.flatMap((pieceId) => (index.has(pieceId) ? [{ pieceId, lightness: lightnessOf(index.get(pieceId)!.color) }] : []))
  return { layers, steps: layers.slice(1).map((layer, i) => Math.abs(layer.lightness - layers[i]!.lightness)) }
}

/** A star that does not stand out, a napkin too small for its fold, knives and wine glasses before small children. */
export function stackFindings(look: Parts): BareFinding[] {
  return kindKeys(look).flatMap((key) => {
    const setting = settingOf(look, key)
    return [...starFindings(look, setting), ...foldFindings(look, setting), ...(key === 'A' ? childFindings(look) : [])]
  })
}

function starFindings(look: Parts, setting: Look['setting']): BareFinding[] {
  if (setting.starId === null) return []
  const { layers, steps } = stackReading(look, setting)
  const at = layers.findIndex((layer) => layer.pieceId === setting.starId)
  if (at < 0) return []
  const least = Math.min(...[steps[at - 1], steps[at]].filter((step) => step !== undefined))
  if (least >= SEPARATE_DL) return []
  return [
    {
      code: 'stack.blends',
      severity: 'note',
      at: { kind: 'line', pieceId: setting.starId },
      measured: { lightness: least },
      limit: { lightness: SEPARATE_DL },
      because: 'star'
    }
  ]
}

function foldFindings(look: Parts, setting: Look['setting']): BareFinding[] {
  const napkin = findPiece(pieceIndex(look), setting.napkin?.pieceId, 'napkin')
  if (!napkin || !setting.napkin) return []
  const { leastMm } = folds[setting.napkin.fold]
  if (napkin.sideMm >= leastMm - 1) return []
  return [
    {
      code: 'napkin.small',
      severity: 'warn',
      at: { kind: 'linen', pieceId: napkin.id },
      measured: { lengthMm: napkin.sideMm },
      limit: { lengthMm: leastMm },
      because: 'fold-size'
    }
  ]
}

function childFindings(look: Parts): BareFinding[] {
  if (look.kinds.childSafe) return []
  const index = pieceIndex(look)
  const numbers = look.guests.flatMap((guest, i) => (isSmallChild(guest) ? [i + 1] : []))
  const pieces = [...look.setting.glassIds, ...look.setting.flatwareIds].filter((id) => isUnsafe(index.get(id))).length
  if (numbers.length === 0 || pieces === 0) return []
  return [{ code: 'child.setting', severity: 'warn', at: { kind: 'seats', numbers }, measured: { pieces }, limit: { pieces: 0 }, because: 'small-child' }]
}

/** The star swapped for another that stands out, or no star at all. */
export function starProposals(look: Look, finding: BareFinding): Proposal[] {
  if (finding.at.kind !== 'line') return []
  const { pieceId } = finding.at
  const none = makeEdit(look, 'setting', (draft) => {
    for (const setting of [draft.setting, ...draft.kinds.others.map((other) => other.setting)]) if (setting.starId === pieceId) setting.starId = null
  })
  return [...swapProposals(look, pieceId, undefined, 6), { code: 'no-star', edit: none, params: { pieceId } }]
}

/** A larger napkin, or a fold for this size. */
export function foldProposals(look: Look, finding: BareFinding): Proposal[] {
  if (finding.at.kind !== 'linen') return []
  const { pieceId } = finding.at
  const size = finding.measured['lengthMm'] ?? 0
  const fitting = foldKinds.filter((fold) => folds[fold].leastMm <= size).sort((a, b) => folds[b].leastMm - folds[a].leastMm)
  const refold = fitting.slice(0, 2).map((fold) => ({
    code: 'fold' as const,
    edit: makeEdit(look, 'setting', (draft) => {
      for (const setting of [draft.setting, ...draft.kinds.others.map((other) => other.setting)])
        if (setting.napkin?.pieceId === pieceId && folds[setting.napkin.fold].leastMm > size) setting.napkin.fold = fold
    }),
    params: { fold }
  }))
  return [...swapProposals(look, pieceId, (piece) => piece.kind === 'napkin' && piece.sideMm > size), ...refold]
}

export function childProposals(look: Look): Proposal[] {
  return [{ code: 'child-safe', edit: makeEdit(look, 'setting', (draft) => void (draft.kinds.childSafe = true)), params: {} }]
}
