import type { Assessor } from '../assess/assess.js'
import { bringsOf } from '../assess/brings.js'
import type { Measured } from '../assess/measure.js'
import { deltaE00 } from '../color/differences.js'
import { applyEdit } from '../design/edit.js'
import type { Look } from '../design/look.js'
import { standingPart } from '../centerpiece/parts.js'
import { planPart } from '../seating/parts.js'
import { colorFigures, type ColorNote } from '../palette/colorFigures.js'
import { kinshipOf, wishFit } from '../wholeLook/kinship.js'
import { laidCast } from '../wholeLook/laidCast.js'
import { lookFigures, type LookFigures } from '../wholeLook/lookFigures.js'
import { scoreOf } from '../wholeLook/lookScore.js'
import type { Change, Trial } from './change.js'

/** Fewer cells along the table than a page draws in which colors are counted for a change, where they are not what is asked; and what each thing noticed of them leaves of a look's worth. Our own starting values. */
export const FEW_CELLS = 120
const COLOR_NOTE = 0.96

interface State {
  readonly measured: Measured
  readonly figures: LookFigures
  readonly topMm: number
  readonly lightness: number
  readonly notes: ReadonlyMap<string, ColorNote>
  readonly worth: number
}

/** Measures changes of one look; undefined for one that changes nothing or cannot be had in the number needed. Colors are counted in so many cells along the table, unsaid in as many as a page draws. */
export function judgeOf(assessor: Assessor, look: Look, cells?: number): (trial: Trial) => Change | undefined {
  const before = stateOf(assessor, look, cells)
  return (trial) => {
    if (trial.edit.patches.length === 0) return undefined
    const after = applyEdit(look, trial.edit)
    const now = stateOf(assessor, after, cells)
    const line = lineOf(now, trial)
    if (line && line.gapPieces > 0) return undefined
    const piece = (id: string | null) => after.pieces.find((one) => one.id === id)
    const [from, to] = [piece(trial.pieceId), piece(trial.toId)]
    const isGrave = ({ severity }: { readonly severity: string }) => severity !== 'note'
    return {
      ...trial,
      toGet: line?.need.short ?? 0,
      spendCents: now.figures.spendCents - before.figures.spendCents,
      faces: now.measured.figures.sight.seen - before.measured.figures.sight.seen,
      lifts: now.figures.lifts - before.figures.lifts,
      heightMm: now.topMm - before.topMm,
      minutes: now.figures.minutes - before.figures.minutes,
      lightness: now.lightness - before.lightness,
      deltaE: from && to && trial.kind === 'swap' ? deltaE00(from.color, to.color) : null,
      brings: bringsOf(before.measured.each, now.measured.each).filter(isGrave),
      mends: bringsOf(now.measured.each, before.measured.each).filter(isGrave),
      notesBrought: only(now.notes, before.notes),
      notesMended: only(before.notes, now.notes),
      gain: now.worth / before.worth - 1
    }
  }
}

/** The line of the list to buy for what comes; undefined where nothing of it is needed. */
function lineOf({ measured }: State, { toId, pieceId, kind }: Trial) {
  const id = kind === 'add' ? pieceId : toId
  return measured.figures.money.lines.find((line) => line.need.piece.id === id)
}

function stateOf(assessor: Assessor, look: Look, cells: number | undefined): State {
  const measured = assessor.measure(look)
  const figures = lookFigures(measured)
  const cast = laidCast(look)
  const colors = colorFigures(look, cells, measured.get(planPart))
  const notes = new Map(colors.notes.map((note) => [noteKey(note), note]))
  const topMm = measured.get(standingPart).reduce((top, one) => Math.max(top, one.topMm), 0)
  return {
    measured,
    figures,
    topMm,
    lightness: colors.lightness,
    notes,
    worth: scoreOf(kinshipOf(look, cast) * wishFit(look, cast), figures) * COLOR_NOTE ** notes.size
  }
}

/** What says that two notes are the same one in two states of a look. */
export function noteKey(note: ColorNote): string {
  switch (note.kind) {
    case 'lone':
    case 'unmet':
    case 'outside':
    case 'over':
      return `${note.kind} ${note.color}`
    case 'lost':
      return `lost ${note.pieceId}`
    case 'quarrel':
      return `quarrel ${note.a} ${note.b}`
    default:
      return note.kind
  }
}

function only(of: ReadonlyMap<string, ColorNote>, without: ReadonlyMap<string, ColorNote>): ColorNote[] {
  return [...of].flatMap(([key, note]) => (without.has(key) ? [] : [note]))
}
