import { takeOffProposal } from '../centerpiece/centerpieceProposals.js'
import { byCloseness } from '../design/closeness.js'
import { findPiece, pieceIndex, piecesOf } from '../design/find.js'
import { makeEdit, type Edit } from '../design/edit.js'
import type { FindingCode, FindingOf, Proposal } from '../design/finding.js'
import type { Arrangement, Look, Placed } from '../design/look.js'
import { mergeStems } from '../design/swap.js'
import { RECUT_MM } from '../reference/stems.js'
import { takesStems } from '../solids/pieceSolids.js'
import { arrangementNeeds } from './arrangementNeeds.js'
import { isHarmless, plantsOfConcern } from './petCaution.js'

type StemsCode = Extract<FindingCode, `stems.${string}`>
type Arranged = Placed & { arrangement: Arrangement }

function arranged(look: Look, { at }: FindingOf<StemsCode>): Arranged | undefined {
  const placed = look.centerpiece.find((p) => p.id === at.placedId)
  return placed?.arrangement ? (placed as Arranged) : undefined
}

function rearrange(look: Look, placedId: string, arrangement: Arrangement | null): Edit {
  return makeEdit(look, 'florals', (draft) => {
    const target = draft.centerpiece.find((p) => p.id === placedId)!
    target.arrangement = arrangement === null || arrangement.stems.length === 0 ? null : { ...arrangement, stems: arrangement.stems.map((s) => ({ ...s })) }
  })
}

/** Fewer stems in the same proportions, or a vessel with a wider mouth. */
export function mouthProposals(look: Look, finding: FindingOf<'stems.mouth'>): Proposal[] {
  const placed = arranged(look, finding)
  const vessel = findPiece(pieceIndex(look), placed?.pieceId, 'vessel')
  if (!placed || !vessel) return []
  const fewer = scaledDown(look, placed, finding.limit.stems)
  const wider = piecesOf(look, 'vessel')
    .filter((other) => other.mouthMm > vessel.mouthMm && other.id !== vessel.id && takesStems(other))
    .sort((a, b) => b.owned - a.owned || a.mouthMm - b.mouthMm)
    .slice(0, 2)
    .map((to) => ({
      code: 'swap' as const,
      edit: makeEdit(look, 'florals', (draft) => void (draft.centerpiece.find((p) => p.id === placed.id)!.pieceId = to.id)),
      params: { fromId: vessel.id, toId: to.id }
    }))
  return [
    { code: 'fewer-stems', edit: rearrange(look, placed.id, fewer), params: { placedId: placed.id, stems: total(fewer) } },
    ...wider,
    takeOffProposal(look, placed.id)
  ]
}

/** Takes stems out one by one, always of the kind with the most left, until they pass the mouth. */
function scaledDown(look: Look, placed: Arranged, most: number): Arrangement {
  const index = pieceIndex(look)
  const vessel = findPiece(index, placed.pieceId, 'vessel')!
  let stems = placed.arrangement.stems.filter((line) => line.count > 0)
  const fits = () => {
    const needs = arrangementNeeds(vessel, { ...placed.arrangement, stems }, look.school.fullness, index)
    return needs.stems <= needs.mouthMost
  }
  while (stems.length > 0 && (!fits() || total({ ...placed.arrangement, stems }) > Math.max(most, 1))) {
    const largest = stems.reduce((a, b) => (b.count > a.count ? b : a))
    stems = stems.map((line) => (line === largest ? { ...line, count: line.count - 1 } : line)).filter((line) => line.count > 0)
  }
  return { ...placed.arrangement, stems }
}

function total(arrangement: Arrangement): number {
  return arrangement.stems.reduce((sum, line) => sum + line.count, 0)
}

/** More stems of the same mix, or a dome small enough for what there is. */
export function sparseProposals(look: Look, finding: FindingOf<'stems.sparse'>): Proposal[] {
  const placed = arranged(look, finding)
  if (!placed) return []
  const factor = finding.limit.cover / Math.max(1e-6, finding.measured.cover)
  const shrink = Math.sqrt(1 / factor)
  const small = {
    ...placed.arrangement,
    riseMm: Math.max(20, Math.floor(placed.arrangement.riseMm * shrink)),
    spreadMm: Math.max(20, Math.floor(placed.arrangement.spreadMm * shrink))
  }
  const more = { ...placed.arrangement, stems: placed.arrangement.stems.map((line) => ({ ...line, count: Math.ceil(line.count * factor) })) }
  return [
    ...(factor < 6 ? [{ code: 'more-stems' as const, edit: rearrange(look, placed.id, more), params: { placedId: placed.id, stems: total(more) } }] : []),
    { code: 'smaller-spread', edit: rearrange(look, placed.id, small), params: { placedId: placed.id, spreadMm: small.spreadMm } },
    { code: 'leave-out-stems', edit: rearrange(look, placed.id, null), params: { placedId: placed.id, kinds: placed.arrangement.stems.length } }
  ]
}

/** Flowers kept lower so that the shortest stem still reaches the water, or that stem left out. */
export function shortStemProposals(look: Look, finding: FindingOf<'stems.short'>): Proposal[] {
  const placed = arranged(look, finding)
  const index = pieceIndex(look)
  const vessel = findPiece(index, placed?.pieceId, 'vessel')
  if (!placed || !vessel) return []
  const short = arrangementNeeds(vessel, placed.arrangement, look.school.fullness, index).tooShort
  const riseMm = Math.floor(Math.min(...short.map((stem) => stem.lengthMm)) - vessel.depthMm - RECUT_MM)
  const lower: Proposal[] =
    riseMm >= 20
      ? [
          {
            code: 'lower',
            edit: rearrange(look, placed.id, { ...placed.arrangement, riseMm }),
            params: { placedId: placed.id, heightMm: vessel.heightMm + riseMm, byMm: placed.arrangement.riseMm - riseMm }
          }
        ]
      : []
  return [
    ...lower,
    leaveOut(
      look,
      placed,
      short.map((stem) => stem.stemId)
    )
  ]
}

function leaveOut(look: Look, placed: Arranged, stemIds: readonly string[]): Proposal {
  const stems = placed.arrangement.stems.filter((line) => !stemIds.includes(line.stemId))
  return { code: 'leave-out-stems', edit: rearrange(look, placed.id, { ...placed.arrangement, stems }), params: { placedId: placed.id, kinds: stemIds.length } }
}

/** The same with plants that the lists call not toxic, or without them: stems of the same part in the mix, and the piece itself where it is the plant. */
export function petProposals(look: Look, finding: FindingOf<'stems.pets' | 'stems.pets-unknown'>): Proposal[] {
  const placed = look.centerpiece.find((one) => one.id === finding.at.placedId)
  if (!placed) return []
  const concern = plantsOfConcern(look, placed.id)
  const bad = finding.code === 'stems.pets' ? [...concern.toxic, ...concern.lilies] : concern.unknown
  if (bad.includes(placed.pieceId)) return [...harmlessPieces(look, placed), takeOffProposal(look, placed.id)]
  const arranging = arranged(look, finding)
  return arranging ? harmlessStems(look, arranging, bad) : []
}

function harmlessPieces(look: Look, placed: Placed): Proposal[] {
  const from = findPiece(pieceIndex(look), placed.pieceId, 'ornament')
  if (!from) return []
  const others = piecesOf(look, 'ornament').filter((other) => other.id !== from.id && other.form === from.form && isHarmless(other))
  return byCloseness(from, others)
    .slice(0, 2)
    .map((to) => ({
      code: 'swap' as const,
      edit: makeEdit(look, 'cupboard', (draft) => void (draft.centerpiece.find((one) => one.id === placed.id)!.pieceId = to.id)),
      params: { fromId: from.id, toId: to.id }
    }))
}

function harmlessStems(look: Look, placed: Arranged, bad: readonly string[]): Proposal[] {
  const index = pieceIndex(look)
  const better = (stemId: string) => {
    const stem = findPiece(index, stemId, 'stem')
    return (
      stem &&
      byCloseness(
        stem,
        piecesOf(look, 'stem').filter((other) => other.role === stem.role && other.id !== stemId && isHarmless(other))
      )[0]
    )
  }
  const out = leaveOut(look, placed, bad)
  const swaps = bad.map(better)
  if (swaps.some((stem) => stem === undefined)) return [out]
  const stems = mergeStems(
    placed.arrangement.stems.map((line) => ({ ...line, stemId: bad.includes(line.stemId) ? swaps[bad.indexOf(line.stemId)]!.id : line.stemId }))
  )
  return [{ code: 'swap', edit: rearrange(look, placed.id, { ...placed.arrangement, stems }), params: { fromId: bad[0]!, toId: swaps[0]!.id } }, out]
}
