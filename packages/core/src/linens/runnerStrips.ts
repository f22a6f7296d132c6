import { findPiece, type PieceIndex } from '../design/find.js'
import type { FoldedIn, Look, RunnerLayKind } from '../design/look.js'
import { extentSize, type Flaw, type Piece } from '../design/piece.js'
import { halfLengthMm, spanMm, type Outline } from '../geometry/outline.js'
import { joinedTables } from '../seating/polygonTables.js'
import type { Place } from '../seating/places.js'

/** One runner on the table: its middle, half sizes along the table's axes. */
export interface Strip {
  readonly x: number
  readonly y: number
  readonly halfXMm: number
  readonly halfYMm: number
}

/** The runners of a look: how large each is once folded, where they lie and how they end. */
export interface RunnerLay {
  readonly lengthMm: number
  readonly widthMm: number
  readonly strips: readonly Strip[]
  /** What hangs over at each end; negative where it stops short. */
  readonly overhangMm: number
  /** Share of the table's width (or length, laid across) that one covers. */
  readonly share: number
}

type Runner = NonNullable<Look['linens']['runner']>
type Textile = { readonly piece: Piece; readonly lengthMm: number; readonly widthMm: number; readonly flaws: readonly Flaw[] }

/** A piece that can lie as a runner, folded or not: a runner, or a cloth with straight sides. */
export function straightTextile(index: PieceIndex, id: string | null | undefined): Textile | undefined {
  const runner = findPiece(index, id, 'runner')
  if (runner) return { piece: runner, lengthMm: runner.lengthMm, widthMm: runner.widthMm, flaws: runner.flaws }
  const cloth = findPiece(index, id, 'cloth')
  if (!cloth || (cloth.extent.kind !== 'rectangle' && cloth.extent.kind !== 'square')) return undefined
  const { lengthMm, widthMm } = extentSize(cloth.extent)
  return { piece: cloth, lengthMm: Math.max(lengthMm, widthMm), widthMm: Math.min(lengthMm, widthMm), flaws: cloth.flaws }
}

/** Size of a textile folded in halves or thirds each way, the longer side its length. */
export function foldedSize(
  textile: Pick<Textile, 'lengthMm' | 'widthMm'>,
  folded: { readonly length: FoldedIn; readonly width: FoldedIn }
): { readonly lengthMm: number; readonly widthMm: number } {
  const [a, b] = [textile.lengthMm / folded.length, textile.widthMm / folded.width]
  return { lengthMm: Math.max(a, b), widthMm: Math.min(a, b) }
}

/** Where a look's runners lie: one along each row of a table, one across its middle, or one at each pair of guests face to face. */
export function runnerLay(
  size: { readonly lengthMm: number; readonly widthMm: number },
  lay: RunnerLayKind,
  table: { readonly outline: Outline; readonly shape: Look['table']['shape']; readonly places: readonly Place[] }
): RunnerLay {
  const { outline } = table
  const along = lay === 'along'
  const middleY = outline.kind === 'polygon' ? outline.middleY : 0
  const tableMm = along ? halfLengthMm(outline) : spanMm(outline) / 2
  const acrossMm = along ? spanMm(outline) / 2 : halfLengthMm(outline)
  const across = (x: number): Strip => ({ x, y: middleY, halfXMm: size.widthMm / 2, halfYMm: size.lengthMm / 2 })
  const row: Strip = { x: 0, y: middleY, halfXMm: size.lengthMm / 2, halfYMm: size.widthMm / 2 }
  return {
    ...size,
    strips: along ? [row, ...armStrips(size, table.shape)] : lay === 'across' ? [across(0)] : pairMiddles(table.places).map(across),
    overhangMm: size.lengthMm / 2 - tableMm,
    share: size.widthMm / 2 / acrossMm
  }
}

/** One more down each arm of tables joined round a corner. */
function armStrips(size: { readonly lengthMm: number; readonly widthMm: number }, shape: Look['table']['shape']): Strip[] {
  if (shape.kind !== 'joined') return []
  const arms = new Map<number, number[]>()
  for (const table of joinedTables(shape)) if (table.upright) arms.set(table.x, [...(arms.get(table.x) ?? []), table.y])
  return [...arms].map(([x, ys]) => ({
    x,
    y: ys.reduce((sum, y) => sum + y, 0) / ys.length,
    halfXMm: size.widthMm / 2,
    halfYMm: size.lengthMm / 2
  }))
}

/** Guests count as face to face when they sit no further apart along the table than this: our own starting value. */
const FACE_TO_FACE_MM = 200

/** Middles along the table of the pairs that sit face to face across it. */
function pairMiddles(places: readonly Place[]): number[] {
  const side = (sign: 1 | -1) => places.filter((place) => place.side !== 'head' && place.y * sign > 0 && Math.abs(Math.cos(place.turnRad)) > 0.5)
  const south = side(-1)
  return side(1)
    .flatMap((place) => {
      const other = south.reduce<Place | undefined>((best, one) => (!best || Math.abs(one.x - place.x) < Math.abs(best.x - place.x) ? one : best), undefined)
      return other && Math.abs(other.x - place.x) <= FACE_TO_FACE_MM ? [(other.x + place.x) / 2] : []
    })
    .sort((a, b) => a - b)
}

/** The look's runners laid, or null without one. */
export function laidRunners(
  look: Pick<Look, 'linens' | 'table'>,
  index: PieceIndex,
  plan: { readonly outline: Outline; readonly places: readonly Place[] }
): RunnerLay | null {
  const { runner } = look.linens
  const textile = straightTextile(index, runner?.pieceId)
  if (!runner || !textile) return null
  return runnerLay(foldedSize(textile, runner.folded), runner.lay, { ...plan, shape: look.table.shape })
}

/** How many runners a look lays. */
export function runnerCount(runner: Runner, shape: Look['table']['shape'], places: readonly Place[]): number {
  if (runner.lay === 'each-pair') return Math.max(1, pairMiddles(places).length)
  if (runner.lay === 'across' || shape.kind !== 'joined') return 1
  return 1 + new Set(joinedTables(shape).flatMap((table) => (table.upright ? [table.x] : []))).size
}
