import { colorDistance } from '../color/colorWords.js'
import { pieceIndex } from '../design/find.js'
import { laidPieces } from '../design/laidPieces.js'
import type { Placed } from '../design/look.js'
import type { Brief } from './brief.js'
import { metals } from '../reference/materials.js'
import type { Cast } from './cast.js'
import { heightOf } from '../composition/families.js'

/** Why something was chosen, for words. */
export type Why =
  | { readonly code: 'metal-repeats'; readonly metal: string }
  | { readonly code: 'family'; readonly pieceId: string; readonly otherId: string }
  | { readonly code: 'alike'; readonly pieceId: string; readonly count: number }
  | { readonly code: 'graded'; readonly pieceId: string; readonly fromMm: number; readonly toMm: number }
  | { readonly code: 'color-met'; readonly stemId: string; readonly with: string }
  | { readonly code: 'quiet'; readonly stemId: string }
  | { readonly code: 'liked'; readonly pieceId: string; readonly whose: string }
  | { readonly code: 'tied'; readonly pieceId: string }
  | { readonly code: 'skirt'; readonly pieceId: string }
  | { readonly code: 'daylight' | 'flameless' | 'dishes' | 'cleared' }

const MET = 0.16

interface Laid {
  readonly cast: Cast
  readonly centerpiece: readonly Placed[]
  readonly clearedForMeal: boolean
}

export function whyOf({ cast, centerpiece, clearedForMeal }: Laid, brief: Brief): Why[] {
  const { hero, support, light, base, accent, recipe } = cast
  const index = pieceIndex(brief.look)
  const why: Why[] = []
  const metal = [light, hero, support, base].find((one) => one && metals.has(one.piece.material) && one.piece.material === brief.metal)
  if (metal) why.push({ code: 'metal-repeats', metal: metal.piece.material })
  if (hero && support && hero.piece.id !== support.piece.id && hero.family.id === support.family.id)
    why.push({ code: 'family', pieceId: hero.piece.id, otherId: support.piece.id })
  const counted = (id: string) => centerpiece.filter((placed) => placed.pieceId === id).length
  const many = new Set([support, hero, accent].flatMap((one) => (one && counted(one.piece.id) > 1 ? [one.piece.id] : [])))
  for (const pieceId of [...many].slice(0, 2)) why.push({ code: 'alike', pieceId, count: counted(pieceId) })
  const heights = hero ? hero.family.pieces.filter((piece) => counted(piece.id) > 0).map(heightOf) : []
  if (hero && new Set(heights).size >= 3) why.push({ code: 'graded', pieceId: hero.piece.id, fromMm: Math.max(...heights), toMm: Math.min(...heights) })
  if (recipe) {
    // napkins are named before all else, flatware is metal
    const laid = laidPieces(brief.look).sort((a, b) => Number(b.kind === 'napkin') - Number(a.kind === 'napkin'))
    const met = laid.find((piece) => piece.kind !== 'flatware' && colorDistance(piece.color, recipe.focal.color) < MET && brief.accents.includes(piece.color))
    why.push(met ? { code: 'color-met', stemId: recipe.focal.id, with: met.id } : { code: 'quiet', stemId: recipe.focal.id })
  }
  for (const piece of [recipe?.focal, hero?.piece, accent?.piece, support?.piece]) {
    const whose = piece && brief.likedBy(piece)
    if (whose !== undefined && !why.some((one) => one.code === 'liked')) why.push({ code: 'liked', pieceId: piece!.id, whose })
  }
  if (base && index.has(base.piece.id)) why.push({ code: 'tied', pieceId: base.piece.id })
  const skirt = centerpiece.find((placed) => placed.how === 'around' && !brief.kept.includes(placed))
  if (skirt) why.push({ code: 'skirt', pieceId: skirt.pieceId })
  if (brief.candles === 'none') why.push({ code: 'daylight' })
  if (brief.candles === 'flameless' && light) why.push({ code: 'flameless' })
  if (brief.dishesMm > 0) why.push({ code: clearedForMeal ? 'cleared' : 'dishes' })
  return why
}
