import type { BareFinding, Proposal } from '../design/finding.js'
import { leaveOutEdit, maySpare } from '../design/leaveOut.js'
import { makeEdit } from '../design/edit.js'
import type { Look } from '../design/look.js'
import { isStanding } from '../design/piece.js'
import { pieceUses, usedIds } from '../design/pieceUses.js'
import { sameJob, swapEdit, swapProposals } from '../design/swap.js'
import { putNear } from '../centerpiece/putNear.js'
import { surroundingsPart } from '../centerpiece/surroundings.js'
import { part, type Get } from '../subject/part.js'
import { subject } from '../subject/subject.js'
import { layoutMinutes } from '../settings/laying.js'
import { layoutPart } from '../settings/parts.js'
import { avoidedFor } from './avoids.js'
import { effortOf } from './effort.js'

const laid = ['linens', 'setting', 'kinds', 'menu', 'centerpiece', 'pieces', 'intent', 'room'] as const

const laying = part({ reads: ['setting', 'kinds'], needs: { layout: layoutPart }, work: (look, { layout }) => layoutMinutes(look, layout.byPlace) })

/** Minutes one pair of hands takes, part by part. */
const effort = part({ reads: ['linens', 'centerpiece', 'room'], needs: { laying }, work: (look, needed) => effortOf(look, needed.laying) })

type Laid = Pick<Look, (typeof laid)[number]>

/** Things on the table that must not be, and the anchor where it is not laid. */
function laidFindings(look: Laid): BareFinding[] {
  const { anchorId, avoid } = look.intent
  if (anchorId === null && avoid.length === 0) return []
  const counts = new Map<string, number>()
  for (const { pieceId } of pieceUses(look)) counts.set(pieceId, (counts.get(pieceId) ?? 0) + 1)
  const avoided = look.pieces.flatMap((piece): BareFinding[] => {
    const uses = counts.get(piece.id) ?? 0
    const why = uses > 0 ? avoidedFor(piece, avoid) : undefined
    if (!why) return []
    return [
      {
        code: 'brief.avoided',
        severity: 'warn',
        at: { kind: 'line', pieceId: piece.id },
        measured: { uses },
        limit: { uses: 0 },
        because: why.for
      }
    ]
  })
  const isMissing = anchorId !== null && !counts.has(anchorId) && look.pieces.some((piece) => piece.id === anchorId)
  if (!isMissing) return avoided
  return [
    ...avoided,
    { code: 'brief.anchor', severity: 'note', at: { kind: 'line', pieceId: anchorId }, measured: { uses: 0 }, limit: { uses: 1 }, because: 'not-laid' }
  ]
}

function avoidedProposals(look: Look, pieceId: string): Proposal[] {
  const others = swapProposals(look, pieceId, (piece) => !avoidedFor(piece, look.intent.avoid))
  return maySpare(look, pieceId) ? [...others, { code: 'skip-layer', edit: leaveOutEdit(look, pieceId), params: { pieceId } }] : others
}

function anchorProposals(look: Look, pieceId: string, get: Get): Proposal[] {
  const anchor = look.pieces.find((piece) => piece.id === pieceId)
  if (!anchor) return []
  const used = usedIds(look)
  const inItsPlace = look.pieces
    .filter((piece) => used.has(piece.id) && sameJob(piece, anchor))
    .slice(0, 3)
    .map((piece): Proposal => ({ code: 'swap', edit: swapEdit(look, piece.id, pieceId), params: { fromId: piece.id, toId: pieceId } }))
  if (!isStanding(anchor)) return inItsPlace
  const { edit, free } = putNear(look, anchor, { x: 0, y: 0 }, get(surroundingsPart))
  return free ? [{ code: 'add-piece', edit, params: { pieceId } }, ...inItsPlace] : inItsPlace
}

function effortProposals(look: Look): Proposal[] {
  const { napkin } = look.setting
  if (!napkin || napkin.fold === 'flat') return []
  const edit = makeEdit(look, 'setting', (draft) => void (draft.setting.napkin!.fold = 'flat'))
  return [{ code: 'fold', edit, params: { fold: 'flat' } }]
}

/** What the brief wishes held against what is laid. */
export const intentSubject = subject({
  name: 'intent',
  figures: { effort },
  findings: part({
    reads: laid,
    needs: { effort },
    work: (look, { effort: takes }) => {
      const { effortMin } = look.intent
      const found = laidFindings(look)
      if (effortMin === null || takes.totalMin <= effortMin) return found
      const tooLong: BareFinding = {
        code: 'brief.effort',
        severity: 'warn',
        at: { kind: 'table' },
        measured: { minutes: takes.totalMin },
        limit: { minutes: effortMin },
        because: 'no-time'
      }
      return [...found, tooLong]
    }
  }),
  proposals: {
    'brief.avoided': (look, finding) => avoidedProposals(look, finding.at.pieceId),
    'brief.anchor': (look, finding, get) => anchorProposals(look, finding.at.pieceId, get),
    'brief.effort': effortProposals
  }
})
