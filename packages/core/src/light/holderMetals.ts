import { cheapestOf, priceOf } from '../design/cheapestOffer.js'
import { castDraft } from 'immer'
import { makeEdit } from '../design/edit.js'
import { findPiece, pieceIndex } from '../design/find.js'
import type { BareFinding, FindingOf, Proposal } from '../design/finding.js'
import type { Look } from '../design/look.js'
import { meantProposal } from '../design/meant.js'
import type { Holder } from '../design/piece.js'
import { swapProposals } from '../design/swap.js'
import { metals } from '../reference/materials.js'
import { plainSupply, SPRAY_DRY_HOURS } from '../reference/supplies.js'

type Parts = Pick<Look, 'pieces' | 'centerpiece' | 'school'>

/** Holders of another metal than most of them stand in; those that are to be recolored will match, and two metals half and half are mixed on purpose. */
export function holderMetalFindings(look: Parts): BareFinding[] {
  if (look.school.meant.includes('holders.metals')) return []
  const standing = metalHolders(look)
  const most = mostOf(standing)
  const odd = standing.filter((holder) => holder.material !== most && !holder.first.includes('recolor'))
  if (2 * odd.length >= standing.length) return []
  return [...new Set(odd.map((holder) => holder.id))].map((pieceId) => ({
    code: 'holders.metals',
    severity: 'note',
    at: { kind: 'line', pieceId },
    measured: { pieces: odd.filter((holder) => holder.id === pieceId).length },
    limit: { pieces: 0 },
    because: 'metals-differ'
  }))
}

/** Holders of the metal of the rest, what is owned first; the same ones sprayed, with what the can costs and how long it dries; or mixed on purpose. */
export function holderMetalProposals(look: Look, finding: FindingOf<'holders.metals'>): Proposal[] {
  const { pieceId } = finding.at
  const most = mostOf(metalHolders(look))
  const swaps = swapProposals(look, pieceId, (piece) => piece.material === most && piece.owned > 0, 2)
  const can = look.pieces.find((piece) => piece.kind === 'supply' && piece.use === 'spray') ?? plainSupply('spray')
  const sold = can.owned > 0 ? undefined : cheapestOf(look, [can])
  const edit = makeEdit(look, 'cupboard', (draft) => {
    const piece = draft.pieces.find((one) => one.id === pieceId)
    if (piece) piece.first = castDraft([...piece.first, 'recolor'])
  })
  const cents = can.owned > 0 ? 0 : sold ? priceOf(sold, 1).cents : null
  return [...swaps, { code: 'spray', edit, params: { pieceId, cents, dryHours: SPRAY_DRY_HOURS } }, meantProposal(look, 'holders.metals')]
}

function metalHolders(look: Pick<Look, 'pieces' | 'centerpiece'>): Holder[] {
  const index = pieceIndex(look)
  return look.centerpiece.flatMap((placed) => {
    const holder = findPiece(index, placed.pieceId, 'holder')
    return holder && metals.has(holder.material) ? [holder] : []
  })
}

function mostOf(holders: readonly Holder[]): string | undefined {
  const counts = new Map<string, number>()
  for (const { material } of holders) counts.set(material, (counts.get(material) ?? 0) + 1)
  return [...counts].sort(([a, ofA], [b, ofB]) => ofB - ofA || a.localeCompare(b))[0]?.[0]
}
