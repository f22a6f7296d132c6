import { makeEdit } from '../design/edit.js'
import type { FindingOf, Proposal } from '../design/finding.js'
import type { Look } from '../design/look.js'
import { meantProposal } from '../design/meant.js'
import type { Piece } from '../design/piece.js'
import { allSettings } from '../design/settingIds.js'
import { swapProposals } from '../design/swap.js'
import { foldKinds } from '../design/foldKinds.js'
import { folds } from '../reference/folds.js'

/** The star swapped for another that stands out, or no star at all. */
export function starProposals(look: Look, finding: FindingOf<'stack.blends'>): Proposal[] {
  const { pieceId } = finding.at
  const none = makeEdit(look, 'setting', (draft) => {
    for (const setting of allSettings(draft)) if (setting.starId === pieceId) setting.starId = null
  })
  return [...swapProposals(look, pieceId, undefined, 6), { code: 'no-star', edit: none, params: {} }]
}

/** A larger napkin, or a fold for this size. */
export function foldProposals(look: Look, finding: FindingOf<'napkin.small'>): Proposal[] {
  const { pieceId } = finding.at
  const size = finding.measured.lengthMm
  const fitting = foldKinds.filter((fold) => folds[fold].leastMm <= size).sort((a, b) => folds[b].leastMm - folds[a].leastMm)
  const refold = fitting.slice(0, 2).map((fold) => ({
    code: 'fold' as const,
    edit: makeEdit(look, 'setting', (draft) => {
      for (const setting of allSettings(draft)) if (setting.napkin?.pieceId === pieceId && folds[setting.napkin.fold].leastMm > size) setting.napkin.fold = fold
    }),
    params: { fold }
  }))
  return [...swapProposals(look, pieceId, (piece) => piece.kind === 'napkin' && piece.sideMm > size), ...refold]
}

export function childProposals(look: Look): Proposal[] {
  return [{ code: 'child-safe', edit: makeEdit(look, 'setting', (draft) => void (draft.kinds.childSafe = true)), params: {} }]
}

/** A plain piece for either of the two, or the upper left off or laid beside. */
export function clashProposals(look: Look, finding: FindingOf<'pattern.clash'>): Proposal[] {
  const { pieceId } = finding.at
  const plain = (piece: Piece) => piece.pattern === ''
  const setting = allSettings(look).find((one) => one.napkin?.pieceId === pieceId || one.plateIds.includes(pieceId))
  const stack = [...(setting?.plateIds ?? []), ...(setting?.napkin ? [setting.napkin.pieceId] : [])]
  const below = stack[stack.indexOf(pieceId) - 1]
  const left = makeEdit(look, 'setting', (draft) => {
    for (const one of allSettings(draft)) if (one.napkin?.pieceId === pieceId) one.napkin.place = 'left'
  })
  const off = makeEdit(look, 'setting', (draft) => {
    for (const one of allSettings(draft)) {
      one.plateIds = one.plateIds.filter((id) => id !== pieceId)
      if (one.napkin?.pieceId === pieceId) one.napkin = null
    }
  })
  return [
    ...swapProposals(look, pieceId, plain, 2),
    ...(below ? swapProposals(look, below, plain, 2) : []),
    ...(setting?.napkin?.pieceId === pieceId ? [{ code: 'napkin-left' as const, edit: left, params: {} }] : []),
    { code: 'skip-layer', edit: off, params: { pieceId } }
  ]
}

/** No chargers, or the meal brought to the table. */
export function chargerProposals(look: Look): Proposal[] {
  const none = makeEdit(look, 'setting', (draft) => void (draft.kinds.charger = 'none'))
  const plated = makeEdit(look, 'menu', (draft) => void (draft.menu.service = 'plated'))
  return [
    { code: 'no-chargers', edit: none, params: {} },
    { code: 'serve-plated', edit: plated, params: {} }
  ]
}

/** A smaller piece above, a larger one below, or without the upper. */
export function sizeProposals(look: Look, finding: FindingOf<'stack.sizes'>): Proposal[] {
  const { pieceId } = finding.at
  const setting = allSettings(look).find((one) => one.plateIds.includes(pieceId))
  const below = setting?.plateIds[setting.plateIds.indexOf(pieceId) - 1]
  const wide = (piece: Piece) => (piece.kind === 'plate' ? piece.diameterMm : 0)
  const lowerMm = Math.max(0, ...look.pieces.filter((piece) => piece.id === below).map(wide))
  const off = makeEdit(look, 'setting', (draft) => {
    for (const one of allSettings(draft)) one.plateIds = one.plateIds.filter((id) => id !== pieceId)
  })
  return [
    ...swapProposals(look, pieceId, (piece) => wide(piece) <= finding.limit.widthMm, 2),
    ...(below ? swapProposals(look, below, (piece) => wide(piece) >= finding.measured.widthMm + (lowerMm - finding.limit.widthMm), 2) : []),
    { code: 'skip-layer', edit: off, params: { pieceId } }
  ]
}

/** Pieces of the metal most of the setting has, or mixed on purpose. */
export function metalProposals(look: Look): Proposal[] {
  const laid = look.setting.flatwareIds.flatMap((id) => look.pieces.find((piece) => piece.id === id) ?? [])
  const count = (material: string) => laid.filter((piece) => piece.material === material).length
  const most = laid.reduce((best, piece) => (count(piece.material) > count(best) ? piece.material : best), laid[0]?.material ?? 'steel')
  const odd = laid.filter((piece) => piece.material !== most)
  const swaps = odd.length === 1 ? swapProposals(look, odd[0]!.id, (piece) => piece.material === most && piece.owned > 0, 2) : []
  return [...swaps, meantProposal(look, 'flatware.metals')]
}
