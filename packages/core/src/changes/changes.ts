import type { Assessor } from '../assess/assess.js'
import type { Look } from '../design/look.js'
import type { Piece } from '../design/piece.js'
import { usedIds } from '../design/pieceUses.js'
import { colorDistance } from '../color/colorWords.js'
import { ANSWERS } from '../intent/paletteFit.js'
import { metals } from '../reference/materials.js'
import { colorFigures, type ColorNote } from '../palette/colorFigures.js'
import type { ColorHint } from '../palette/colorHints.js'
import type { Change, Trial } from './change.js'
import { FEW_CELLS, judgeOf, noteKey } from './judge.js'
import { addTrials, leaveOutTrial, swapTrials, type Shelf } from './trials.js'

/** So many substitutes are measured for a thing, and so many for each when all things are gone through. */
const MOST_SWAPS = 50
const FEW_SWAPS = 4
const MOST_ADDS = 12
const MOST_HELP = 8
/** A change helps that makes a look worth so much more. Our own starting value. */
const HELPS = 0.005
const MOST_REMEDIES = 4
/** A change makes it another table from so much of what is seen and so far in color (CIEDE2000) on, as long as the look is not worth much less. Our own starting values. */
const FRESH_SHARE = 0.01
const FRESH_E = 25
const FRESH_LOSS = -0.05
const FRESH_SWAPS = 8

const isSafe = ({ brings }: Change) => brings.every((one) => one.severity !== 'stop')
/** In the house before the shops, and there what the look gains most by. */
const ranked = (list: readonly Change[]) => [...list].sort((a, b) => Number(a.toGet > 0) - Number(b.toGet > 0) || b.gain - a.gain)

/** What could take the place of a thing of the look, and the look without it, each measured; what would bring a stop is left out. */
export function changesFor(assessor: Assessor, look: Look, pieceId: string, shelf?: Shelf): Change[] {
  const judge = judgeOf(assessor, look, FEW_CELLS)
  const out = leaveOutTrial(look, pieceId)
  const swaps = swapTrials(look, pieceId, shelf).slice(0, MOST_SWAPS)
  return [...ranked(judged(judge, swaps)), ...judged(judge, out ? [out] : [])]
}

/** One piece more in the middle, of what the house has. */
export function additions(assessor: Assessor, look: Look): Change[] {
  return ranked(judged(judgeOf(assessor, look, FEW_CELLS), addTrials(look, assessor.measure(look), MOST_ADDS)))
}

/** Of all single changes those that would help most: one for each thing. */
export function whatHelps(assessor: Assessor, look: Look): Change[] {
  const judge = judgeOf(assessor, look, FEW_CELLS)
  const things = [...usedIds(look)]
  const trials = things.map((id) => [...swapTrials(look, id).slice(0, FEW_SWAPS), ...[leaveOutTrial(look, id) ?? []].flat()])
  const best = (list: readonly Trial[]) => judged(judge, list).sort((a, b) => b.gain - a.gain)[0] ?? []
  return [...trials.flatMap(best), ...additions(assessor, look)]
    .filter((change) => change.gain > HELPS)
    .sort((a, b) => b.gain - a.gain)
    .slice(0, MOST_HELP)
}

/** Another table for the least money: layers and things in another color that change much of what is seen, the cheapest first; one change for each thing. */
export function freshChanges(assessor: Assessor, look: Look): Change[] {
  const judge = judgeOf(assessor, look, FEW_CELLS)
  const seen = new Map<string, number>()
  for (const { pieceId, share } of colorFigures(look, FEW_CELLS).seen.parts) if (pieceId !== null) seen.set(pieceId, (seen.get(pieceId) ?? 0) + share)
  const kindOf = new Map(look.pieces.map((piece) => [piece.id, piece.kind]))
  const things = [...seen].filter(([id, share]) => share >= FRESH_SHARE && kindOf.get(id) !== 'flatware').sort((a, b) => b[1] - a[1])
  const changes = things.flatMap(([id]) => {
    const found = judged(judge, otherColored(look, id)).filter(
      (change) => (change.deltaE ?? 0) >= FRESH_E && change.gain > FRESH_LOSS && change.brings.length === 0 && change.notesBrought.length === 0
    )
    return found.sort((a, b) => a.spendCents - b.spendCents || b.gain - a.gain)[0] ?? []
  })
  const worth = (change: Change) => seen.get(change.pieceId)! * change.deltaE!
  return changes.sort((a, b) => Math.max(0, a.spendCents) - Math.max(0, b.spendCents) || worth(b) - worth(a)).slice(0, MOST_HELP)
}

/** Substitutes that are clearly of another color. */
function otherColored(look: Look, id: string): Trial[] {
  const colorOf = (of: string | null) => look.pieces.find((piece) => piece.id === of)?.color
  const from = colorOf(id)
  if (from === undefined) return []
  const isOther = (trial: Trial) => colorDistance(colorOf(trial.toId) ?? from, from) >= ANSWERS
  return swapTrials(look, id).filter(isOther).slice(0, FRESH_SWAPS)
}

/** What of the cupboard mends something noticed of the colors: it is gone after, no other takes its place and nothing graver comes. */
export function colorChanges(assessor: Assessor, look: Look, note: ColorNote): Change[] {
  const judge = judgeOf(assessor, look)
  const mends = (change: Change) =>
    change.notesMended.some((one) => noteKey(one) === noteKey(note)) && change.notesBrought.length === 0 && change.brings.length === 0
  const swaps = piecesOf(look, note).flatMap((id) => swapTrials(look, id).slice(0, MOST_SWAPS))
  const adds =
    note.kind === 'lone' || note.kind === 'unmet'
      ? addTrials(look, assessor.measure(look), Infinity, (piece) => colorDistance(piece.color, note.color) < ANSWERS)
      : []
  const found = ranked(judged(judge, [...adds, ...swaps]).filter((change) => mends(change) && change.toGet === 0))
  const told = new Set<string>()
  return found.filter(({ pieceId }) => told.size < MOST_REMEDIES && !told.has(pieceId) && told.add(pieceId))
}

/** What a hint about colors names, laid: put in the middle, or in the place of what it stands in for. */
export function hintChanges(assessor: Assessor, look: Look, hint: ColorHint): Change[] {
  const judge = judgeOf(assessor, look, FEW_CELLS)
  switch (hint.kind) {
    case 'sharpen':
    case 'pair':
    case 'bridge':
    case 'break-up':
      return judged(
        judge,
        addTrials(look, assessor.measure(look), 1, (piece) => piece.id === hint.byPieceId)
      )
    case 'stars':
      return judged(
        judge,
        swapTrials(look, hint.pieceIds[hint.pieceIds.length - 1]!).filter((trial) => trial.toId === hint.byPieceId)
      )
    case 'woods':
    case 'art':
      return []
  }
}

/** The pieces that something noticed is about. */
function piecesOf(look: Look, note: ColorNote): string[] {
  const used = usedIds(look)
  const laid = look.pieces.filter((piece) => used.has(piece.id))
  const ofColor = (...colors: readonly string[]) => {
    const groups = colorFigures(look).groups.filter((group) => colors.some((color) => group.parts.some((part) => part.color === color)))
    return [...new Set(groups.flatMap((group) => group.parts.flatMap((part) => part.pieceId ?? [])))]
  }
  switch (note.kind) {
    case 'lost':
      return [note.pieceId, ...(note.onPieceId ? [note.onPieceId] : [])]
    case 'quarrel':
      return ofColor(note.a, note.b)
    case 'whites':
      return ofColor(note.warm, note.cool)
    case 'metals':
      return laid.filter((piece) => metals.has(piece.material)).map((piece) => piece.id)
    case 'lone':
      return [...ofColor(note.color), ...idsOf(look, ['napkin'])]
    case 'outside':
      return [...note.pieceIds]
    case 'over':
      return laid.filter((piece) => colorDistance(piece.color, note.color) < ANSWERS).map((piece) => piece.id)
    case 'room':
    case 'unmet':
      return idsOf(look, ['napkin', 'runner', 'cloth', 'candle', 'stem', 'ornament', 'vessel'])
    case 'mood':
    case 'many':
    case 'dark':
    case 'even':
      return idsOf(look, ['cloth', 'runner', 'napkin', 'plate', 'vessel'])
  }
}

function idsOf(look: Look, kinds: readonly Piece['kind'][]): string[] {
  const used = usedIds(look)
  return look.pieces.filter((piece) => used.has(piece.id) && kinds.includes(piece.kind)).map((piece) => piece.id)
}

function judged(judge: ReturnType<typeof judgeOf>, trials: readonly Trial[]): Change[] {
  return trials.flatMap((trial) => judge(trial) ?? []).filter(isSafe)
}
