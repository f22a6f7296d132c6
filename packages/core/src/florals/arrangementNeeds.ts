import { findPiece, type PieceIndex } from '../design/find.js'
import type { Arrangement, Fullness } from '../design/look.js'
import { longerMm, type Stem, type Vessel } from '../design/piece.js'
import { BUD_MOUTH_MM } from '../reference/composition.js'
import { coverShare, RECUT_MM } from '../reference/stems.js'
import { stemsThrough } from './stemsThroughMouth.js'

/** What an arrangement asks of its vessel and its stems. */
export interface ArrangementNeeds {
  readonly stems: number
  /** A stem or three in a narrow neck, which covers nothing. */
  readonly isBud: boolean
  /** Most stems of this mix that pass the mouth. */
  readonly mouthMost: number
  readonly domeMm2: number
  readonly headsMm2: number
  /** Head area over dome area, and what the chosen fullness asks. */
  readonly cover: number
  readonly coverWanted: number
  /** Stems of this mix that would reach the wanted cover. */
  readonly stemsWanted: number
  /** Length the stems are cut to, depth in the vessel and rise above the rim; and to buy at least, with the recut. */
  readonly cutMm: number
  readonly buyAtLeastMm: number
  readonly tooShort: readonly { readonly stemId: string; readonly lengthMm: number }[]
}

/**
 * The dome over the rim: a spherical cap of the arrangement's spread and rise, no rounder than a hemisphere; over a trough the cap is drawn out
 * by what it is longer than wide, along the arc of the cap (mensuration, exact).
 */
export function domeMm2(arrangement: Pick<Arrangement, 'riseMm' | 'spreadMm'>, stretchMm = 0): number {
  const r = arrangement.spreadMm / 2
  const h = Math.min(arrangement.riseMm, r)
  const capMm2 = Math.PI * (r * r + h * h)
  if (stretchMm === 0 || h === 0) return capMm2 + stretchMm * arrangement.spreadMm
  const roundMm = (r * r + h * h) / (2 * h)
  return capMm2 + stretchMm * 2 * roundMm * Math.asin(Math.min(1, r / roundMm))
}

/** The length stems are bought in at least: depth in the vessel, rise above its rim, and the recut. */
export function stemLengthMm(vessel: Pick<Vessel, 'depthMm'>, { riseMm }: Pick<Arrangement, 'riseMm'>): number {
  return vessel.depthMm + riseMm + RECUT_MM
}

/** Stems through the mouth and to cover, and the length they are cut to. */
export function arrangementNeeds(vessel: Vessel, arrangement: Arrangement, fullness: Fullness, index: PieceIndex): ArrangementNeeds {
  const recipe = arrangement.stems.flatMap(({ stemId, count }) => {
    const stem = findPiece(index, stemId, 'stem')
    return stem && count > 0 ? [{ stem, count }] : []
  })
  const stems = recipe.reduce((sum, line) => sum + line.count, 0)
  const headsMm2 = recipe.reduce((sum, line) => sum + line.count * headMm2(line.stem), 0)
  const dome = domeMm2(arrangement, longerMm(vessel))
  const coverWanted = coverShare[fullness]
  const cutMm = vessel.depthMm + arrangement.riseMm
  const buyAtLeastMm = stemLengthMm(vessel, arrangement)
  const meanHead = stems > 0 ? headsMm2 / stems : 0
  return {
    stems,
    isBud: vessel.mouthMm <= BUD_MOUTH_MM,
    mouthMost: mouthMost(vessel, recipe, stems),
    domeMm2: dome,
    headsMm2,
    cover: headsMm2 / dome,
    coverWanted,
    stemsWanted: meanHead > 0 ? Math.ceil((coverWanted * dome) / meanHead - 1e-9) : 0,
    cutMm,
    buyAtLeastMm,
    tooShort: recipe.filter(({ stem }) => stem.lengthMm < buyAtLeastMm - 0.5).map(({ stem }) => ({ stemId: stem.id, lengthMm: stem.lengthMm }))
  }
}

function headMm2(stem: Stem): number {
  return Math.PI * (stem.headMm / 2) ** 2
}

/** For a mix, the stem of the same mean cross-section. */
function mouthMost(vessel: Vessel, recipe: readonly { stem: Stem; count: number }[], stems: number): number {
  if (stems === 0) return 0
  const meanSquare = recipe.reduce((sum, line) => sum + line.count * line.stem.thicknessMm ** 2, 0) / stems
  return stemsThrough(vessel, Math.sqrt(meanSquare))
}
