import { findPiece, pieceIndex } from '../design/find.js'
import type { BareFinding } from '../design/finding.js'
import type { DropStyle, Look } from '../design/look.js'
import { matGapMm } from './matGap.js'
import { dropRangeMm, FORMAL_CLEAR_MM, RUNNER_OVERHANG_MM, RUNNER_OVERHANG_MOST_MM, UNEVEN_DROP_MM } from '../reference/linens.js'
import { EDGE_GAP_MM, MAT_GAP_MM } from '../reference/places.js'
import { spanMm, type Outline } from '../geometry/outline.js'
import { joinedTables } from '../seating/polygonTables.js'
import { type SeatPlan } from '../seating/seatPlan.js'
import type { SettingLayout } from '../placing/settingItems.js'
import { clothDrop, joinedExtent, topperHang, type ClothHang } from './clothDrop.js'
import { laidRunners, type RunnerLay } from './runnerStrips.js'

/** Figures of the linens that are laid. */
export interface LinenFigures {
  readonly cloth: ClothHang | null
  readonly runner: RunnerLay | null
  /** How a topper hangs over the edge; null without one. */
  readonly topper: ReturnType<typeof topperHang> | null
  /** Air between neighboring mats; null without mats. */
  readonly matGapMm: number | null
}

export function linenFigures(look: Pick<Look, 'linens' | 'pieces' | 'table'>, plan: SeatPlan): LinenFigures {
  const index = pieceIndex(look)
  const base = clothedOutline(look.table, plan.outline)
  const cloth = findPiece(index, look.linens.clothId, 'cloth')
  const topper = findPiece(index, look.linens.topper?.pieceId, 'cloth')
  const mat = findPiece(index, look.linens.matId, 'mat')
  return {
    cloth: cloth ? clothDrop(joinedExtent(cloth.extent, look.linens.lapMm), base) : null,
    runner: laidRunners(look, index, plan),
    topper: topper && look.linens.topper ? topperHang(topper.extent, look.linens.topper.turned, base) : null,
    matGapMm: mat ? matGapMm(mat, plan.places) : null
  }
}

/** What one cloth covers: the table, or each of the tables joined round a corner. */
function clothedOutline({ shape }: Look['table'], outline: Outline): Outline {
  if (shape.kind !== 'joined' || outline.kind === 'box') return outline
  return { kind: 'box', halfLengthMm: shape.lengthMm / 2, halfWidthMm: shape.widthMm / 2 }
}

/** How many cloths a table takes: one, or one for each of the tables joined round a corner; of a cloth that is joined, two. */
export function clothCount({ shape }: Pick<Look['table'], 'shape'>, lapMm: number | null = null): number {
  return (shape.kind === 'joined' && shape.form !== 'straight' ? joinedTables(shape).length : 1) * (lapMm === null ? 1 : 2)
}

/** Least and most drop of a style over a table, millimeters. */
export function dropLimits(style: DropStyle, tableHeightMm: number): readonly [number, number] {
  return style === 'formal' ? [tableHeightMm - FORMAL_CLEAR_MM[1], tableHeightMm - FORMAL_CLEAR_MM[0]] : dropRangeMm[style]
}

type Parts = Pick<Look, 'linens' | 'school' | 'table'>

/** What does not hang or lie as the chosen style asks. */
export function linenFindings(look: Parts, plan: SeatPlan, layout: SettingLayout, figures: LinenFigures): BareFinding[] {
  return [
    ...clothFindings(look, figures.cloth),
    ...topperFindings(look, figures),
    ...runnerFindings(look, plan, layout, figures.runner),
    ...matFindings(look, figures.matGapMm)
  ]
}

/** Drops within this of a limit count as on it. */
const DROP_TOLERANCE_MM = 1

function clothFindings(look: Parts, hang: ClothHang | null): BareFinding[] {
  const pieceId = look.linens.clothId
  if (!hang || pieceId === null) return []
  const [least, most] = dropLimits(look.school.drop, look.table.heightMm)
  const deepest = Math.max(hang.mostMm, hang.cornerDropMm)
  const lapMm = look.table.heightMm - look.table.seatHeightMm
  const found: BareFinding[] = []
  const drops = (dropMm: number, limitMm: number) => ({ at: { kind: 'linen', pieceId }, measured: { dropMm }, limit: { dropMm: limitMm } }) as const
  const bare = hang.leastMm < 0
  if (hang.leastMm < least - DROP_TOLERANCE_MM)
    found.push({ code: 'cloth.short', severity: bare ? 'warn' : 'note', ...drops(hang.leastMm, least), because: bare ? 'bare-edge' : 'style' })
  if (hang.mostMm > most + DROP_TOLERANCE_MM) found.push({ code: 'cloth.long', severity: 'note', ...drops(hang.mostMm, most), because: 'style' })
  if (look.school.drop !== 'formal' && hang.mostMm > lapMm + DROP_TOLERANCE_MM)
    found.push({ code: 'cloth.lap', severity: 'warn', ...drops(hang.mostMm, lapMm), because: 'laps' })
  if (deepest > look.table.heightMm + DROP_TOLERANCE_MM)
    found.push({ code: 'cloth.floor', severity: 'warn', ...drops(deepest, look.table.heightMm), because: 'feet' })
  const unevenMm = Math.abs(hang.endDropMm - hang.sideDropMm)
  if (unevenMm > UNEVEN_DROP_MM + DROP_TOLERANCE_MM)
    found.push({ code: 'cloth.uneven', severity: 'note', ...drops(unevenMm, UNEVEN_DROP_MM), because: 'hem-line' })
  return found
}

/** The cloth shows below a topper by this much at the least: our own starting value. */
const CLOTH_SHOWS_MM = 50

function topperFindings({ linens }: Parts, { cloth, topper }: LinenFigures): BareFinding[] {
  if (!linens.topper || !topper || !cloth || topper.mostMm <= cloth.leastMm - CLOTH_SHOWS_MM + DROP_TOLERANCE_MM) return []
  return [
    {
      code: 'topper.long',
      severity: 'note',
      at: { kind: 'linen', pieceId: linens.topper.pieceId },
      measured: { dropMm: topper.mostMm },
      limit: { dropMm: cloth.leastMm - CLOTH_SHOWS_MM },
      because: 'hides-cloth'
    }
  ]
}

/** How deep the plates reach from the edge: what a runner must leave alone. */
function plateDepthMm(layout: SettingLayout): number {
  return Math.max(EDGE_GAP_MM, ...layout.items.filter((item) => item.what === 'plate').map((item) => item.y + item.halfYMm))
}

function runnerFindings(look: Parts, plan: SeatPlan, layout: SettingLayout, lay: RunnerLay | null): BareFinding[] {
  const runner = look.linens.runner
  if (!lay || !runner) return []
  const at = { kind: 'linen', pieceId: runner.pieceId } as const
  const found: BareFinding[] = []
  const freeMm = Math.max(0, spanMm(plan.outline) - 2 * plateDepthMm(layout))
  if (runner.lay === 'along' && lay.widthMm > freeMm + DROP_TOLERANCE_MM)
    found.push({ code: 'runner.places', severity: 'note', at, measured: { widthMm: lay.widthMm }, limit: { widthMm: freeMm }, because: 'under-plates' })
  const apart = lay.strips.slice(1).map((strip, i) => strip.x - lay.strips[i]!.x)
  if (runner.lay === 'each-pair' && apart.some((mm) => mm < lay.widthMm - DROP_TOLERANCE_MM))
    found.push({
      code: 'runner.places',
      severity: 'note',
      at,
      measured: { widthMm: lay.widthMm },
      limit: { widthMm: Math.min(...apart) },
      because: 'runners-touch'
    })
  const neither = lay.overhangMm > DROP_TOLERANCE_MM && lay.overhangMm < RUNNER_OVERHANG_MM / 2
  if (neither || lay.overhangMm > RUNNER_OVERHANG_MOST_MM + DROP_TOLERANCE_MM)
    found.push({
      code: 'runner.overhang',
      severity: 'note',
      at,
      measured: { overhangMm: lay.overhangMm },
      limit: { overhangMm: RUNNER_OVERHANG_MM, mostMm: RUNNER_OVERHANG_MOST_MM },
      because: neither ? 'neither-over-nor-short' : 'laps'
    })
  return found
}

function matFindings(look: Parts, gapMm: number | null): BareFinding[] {
  if (gapMm === null || look.linens.matId === null || gapMm >= MAT_GAP_MM - DROP_TOLERANCE_MM) return []
  return [
    {
      code: 'mats.gap',
      severity: gapMm < 0 ? 'warn' : 'note',
      at: { kind: 'linen', pieceId: look.linens.matId },
      measured: { gapMm },
      limit: { gapMm: MAT_GAP_MM },
      because: 'mats-touch'
    }
  ]
}
