import type { FoldKind } from '../design/foldKinds.js'
import type { Look, PlaceSetting } from '../design/look.js'
import type { Napkin } from '../design/piece.js'
import { oneKind } from '../design/newLook.js'
import { folds } from '../reference/folds.js'
import { noTurns, takingTurns, type Turns } from './byTurns.js'
import { platesOf } from './laidCast.js'
import type { LayerCast } from './layerCast.js'
import type { Direction } from './direction.js'
import type { Layer } from '../design/layers.js'

/** Folds that show a napkin as a direction wants it seen, the likeliest first; common practice, no source. */
const foldsOf: Readonly<Record<Direction, readonly FoldKind[]>> = {
  tonal: ['band', 'flat'],
  accent: ['knot', 'draped', 'band'],
  contrast: ['pocket', 'band', 'flat'],
  natural: ['knot', 'flat'],
  colorful: ['triangle', 'knot', 'flat']
}

/** The look with a cast laid: everybody alike but for what takes turns, nothing yet in the middle unless it is kept. */
export function layLayers(
  look: Look,
  cast: LayerCast,
  direction: Direction,
  keep: ReadonlySet<Layer>,
  fold: FoldKind | null = null,
  turns: Turns = noTurns
): Look {
  const { setting, linens } = look
  const plateIds = platesOf(cast).flatMap((plate) => plate?.id ?? [])
  const known = new Set(look.pieces.map((piece) => piece.id))
  const all = [cast.cloth, cast.runner, ...platesOf(cast), cast.napkin, ...cast.glasses, ...cast.flatware]
  const fresh = [...new Map(all.flatMap((piece) => (piece && !known.has(piece.id) ? [[piece.id, piece] as const] : []))).values()]
  const isAsItWas = keep.has('plates') && keep.has('napkins') && keep.has('glasses')
  const next: PlaceSetting = {
    ...setting,
    plateIds: keep.has('plates') ? setting.plateIds : plateIds,
    breadPlateId: keep.has('plates') ? setting.breadPlateId : null,
    starId: null,
    napkin: keep.has('napkins')
      ? setting.napkin
      : cast.napkin && { pieceId: cast.napkin.id, place: 'on-plate', fold: foldFor(fold ? [fold, ...foldsOf[direction]] : foldsOf[direction], cast.napkin) },
    glassIds: keep.has('glasses') ? setting.glassIds : cast.glasses.map((glass) => glass.id),
    glassesOutMm: keep.has('glasses') ? setting.glassesOutMm : 0,
    flatwareIds: keep.has('flatware') ? setting.flatwareIds : cast.flatware.map((one) => one.id),
    substitutes: keep.has('flatware') ? setting.substitutes : []
  }
  return {
    ...look,
    pieces: [...look.pieces, ...fresh],
    linens: keep.has('linens')
      ? linens
      : {
          ...linens,
          clothId: cast.cloth?.id ?? null,
          lapMm: null,
          topper: null,
          sewing: null,
          matId: null,
          runner: cast.runner ? { pieceId: cast.runner.id, lay: 'along', folded: { length: 1, width: 1 } } : null
        },
    kinds: takingTurns(isAsItWas ? look.kinds : oneKindOf(look), next, turns, [...platesOf(cast), cast.napkin, ...cast.glasses, ...cast.flatware]),
    setting: next,
    centerpiece: keep.has('middle') ? look.centerpiece : look.centerpiece.filter((placed) => placed.locked)
  }
}

/** Everybody has the same; what was said of left-handed and small guests holds. */
function oneKindOf({ kinds }: Look): Look['kinds'] {
  return { ...oneKind, mirrorLeftHanded: kinds.mirrorLeftHanded, childSafe: kinds.childSafe }
}

/** The first fold wanted that can be made of the napkin and needs nothing tied round it. */
function foldFor(wanted: readonly FoldKind[], napkin: Napkin): FoldKind {
  return wanted.find((fold) => folds[fold].leastMm <= napkin.sideMm && folds[fold].tie === 'none') ?? 'flat'
}
