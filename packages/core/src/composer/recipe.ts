import { chromaOf, colorDistance, oklab } from '../color/colorWords.js'
import type { PieceIndex } from '../design/find.js'
import { plainStems } from '../design/newLook.js'
import { piecesOf } from '../design/find.js'
import type { Arrangement } from '../design/look.js'
import { longerMm, type Stem, type Vessel } from '../design/piece.js'
import { arrangementNeeds, domeMm2 } from '../florals/arrangementNeeds.js'
import { petCaution } from '../florals/petCaution.js'
import { coverShare, RECUT_MM } from '../reference/stems.js'
import { isLongTable } from '../composition/frames.js'
import { raised, type Brief } from './brief.js'

/** One recipe of flowers for the whole table. */
export interface Recipe {
  readonly focal: Stem
  readonly filler: Stem | null
  readonly foliage: Stem | null
  /** How well it meets what is laid, 0 to 1. */
  readonly suits: number
  /** Of its focal flower there are so few that they fill no bowl, only bud vases. */
  readonly few: boolean
}

/** Shares of the heads' area; the focal flower is at least half, or the filler outshines it. Design of the composer, tried on eight tables. */
const shares = { focal: 0.54, filler: 0.24, foliage: 0.22 } as const
/** Leaves about as large as this show at the rim of a bowl and do not cover it: our own starting value. */
const LEAFY_MM = 85

/** Fewer focal flowers than this fill no bowl: our own starting value. */
const FEW = 16
/** So many of a small flower or a green go round three bowls. Our own starting value. */
const PLENTY = 40

/** Recipes of what the house has or shops sell, as many as there are, those first that meet the accents of the table. */
export function recipesFor(brief: Brief, toHave: (stemId: string) => number): Recipe[] {
  const { cats, dogs } = brief.look.household
  const harmless = (stem: Stem) => stem.material === 'faux' || !(cats || dogs) || petCaution(stem.genus) === 'listed-not-toxic'
  const stems = piecesOf(brief.look, 'stem').filter((stem) => harmless(stem) && toHave(stem.id) > 0)
  const of = (role: Stem['role']) => stems.filter((stem) => stem.role === role)
  const rank = (stem: Stem, with_: Stem | null) => meets(brief, stem, with_)
  /** Whether they go round the groups of a long table. */
  const goRound = (stem: Stem) => Number(!brief.frames[0] || !isLongTable(brief.frames[0]) || toHave(stem.id) >= PLENTY)
  return of('focal')
    .map((focal): Recipe => {
      const fillers = of('filler').sort((a, b) => goRound(b) - goRound(a) || rank(b, focal) - rank(a, focal))
      const foliage = of('foliage').sort(
        (a, b) => goRound(b) - goRound(a) || Number(b.owned > 0) - Number(a.owned > 0) || Math.abs(a.headMm - LEAFY_MM) - Math.abs(b.headMm - LEAFY_MM)
      )
      const filler = fillers.find((one) => one.headMm <= focal.headMm * 1.1) ?? null
      return {
        focal,
        filler,
        foliage: foliage.find((one) => one.material === 'plant') ?? foliage[0] ?? null,
        suits: meets(brief, focal, null),
        few: toHave(focal.id) < FEW
      }
    })
    .sort((a, b) => b.suits - a.suits)
}

/** How well a flower suits, better where a guest of honor likes it. */
const meets = (brief: Brief, stem: Stem, focal: Stem | null) => raised(brief, stem, colorMeets(brief, stem, focal))

/** A flower meets the nearest accent of the table, or is a quiet white; a filler is quieter than the focal it goes with. */
function colorMeets(brief: Brief, stem: Stem, focal: Stem | null): number {
  const accent = Math.max(0, ...brief.accents.map((color) => Math.exp(-colorDistance(color, stem.color) / 0.16)))
  const [lightness] = oklab(stem.color)
  const quiet = chromaOf(stem.color) < 0.05 && lightness > 0.85 ? 0.72 : 0
  const owned = stem.owned > 0 ? 1 : 0.96
  if (focal) return (quiet > 0 ? 1 : Math.max(0.4, accent * 0.9)) * (colorDistance(stem.color, focal.color) < 0.05 ? 0.7 : 1) * owned
  return Math.max(accent, quiet, 0.3) * owned
}

/** Flowers for a vessel so wide and so high; undefined where the mouth takes too few for them not to look thin, or they are too short. */
export function flowersFor(vessel: Vessel, recipe: Recipe, spreadMm: number, riseMm: number, brief: Brief, index: PieceIndex): Arrangement | undefined {
  const reachMm = vessel.depthMm + riseMm + RECUT_MM
  const { fullness } = brief.look.school
  const headsMm2 = coverShare[fullness] * 1.04 * domeMm2({ spreadMm, riseMm }, longerMm(vessel))
  const lines = (['focal', 'filler', 'foliage'] as const).flatMap((role) => {
    const stem = recipe[role]
    return stem && stem.lengthMm >= reachMm ? [{ stem, share: shares[role] }] : []
  })
  if (lines[0]?.stem !== recipe.focal) return undefined
  const total = lines.reduce((sum, line) => sum + line.share, 0)
  const counted = (scale: number) =>
    lines.map(({ stem, share }, i) => {
      const count = (scale * headsMm2 * share) / total / (Math.PI * (stem.headMm / 2) ** 2)
      return { stemId: stem.id, count: Math.max(1, i === 0 ? Math.ceil(count) : Math.round(count)) }
    })
  // whole stems may come to a little too few
  for (const scale of [1, 1.12]) {
    const arrangement = { stems: counted(scale), riseMm, spreadMm, ...plainStems }
    const needs = arrangementNeeds(vessel, arrangement, fullness, index)
    if (needs.stems <= needs.mouthMost && needs.cover >= needs.coverWanted) return arrangement
  }
  return undefined
}

/** A stem or three for a bud vase: one focal flower, a filler where the neck takes it. */
export function budFor(vessel: Vessel, recipe: Recipe, brief: Brief, index: PieceIndex): Arrangement | undefined {
  const riseMm = Math.round(Math.min(0.75 * vessel.heightMm, 110, brief.clearTopMm - vessel.heightMm))
  const fits = (stem: Stem | null): stem is Stem => stem !== null && stem.lengthMm >= vessel.depthMm + riseMm + RECUT_MM
  if (!fits(recipe.focal) || riseMm < 45) return undefined
  const beside = [recipe.filler, recipe.foliage].filter(fits).sort((a, b) => a.headMm - b.headMm)[0]
  const spreadMm = Math.round(Math.max(recipe.focal.headMm, 64))
  for (const stems of [
    [...(beside ? [{ stemId: beside.id, count: 1 }] : []), { stemId: recipe.focal.id, count: 1 }],
    [{ stemId: recipe.focal.id, count: 1 }]
  ]) {
    const arrangement = { stems, riseMm, spreadMm, ...plainStems }
    const needs = arrangementNeeds(vessel, arrangement, brief.look.school.fullness, index)
    if (needs.stems <= needs.mouthMost) return arrangement
  }
  return undefined
}
