import { chromaOf, colorDistance } from '../color/colorWords.js'
import type { Look } from '../design/look.js'
import type { Napkin, Piece } from '../design/piece.js'
import { likedBy } from '../intent/liked.js'
import { metals } from '../reference/materials.js'
import type { Turns } from './byTurns.js'
import { platesOf } from './laidCast.js'
import type { LayerCast } from './layerCast.js'
import type { Direction } from './direction.js'
import type { LayerChoice } from './wholeLook.js'
import type { Layer } from '../design/layers.js'

const layerOf = { plate: 'plates', napkin: 'napkins', glass: 'glasses', flatware: 'flatware' } as const

/** Why each piece was chosen, from what was measured of it. */
export function whyLayers(
  look: Look,
  cast: LayerCast,
  direction: Direction,
  keep: ReadonlySet<Layer>,
  turns: Turns,
  second: Napkin | null = null
): LayerChoice[] {
  const count = look.guests.length
  const ground = cast.cloth?.color ?? look.table.color
  const top = cast.upper[cast.upper.length - 1] ?? cast.dinner
  const had = (piece: Piece, asked = count) => (turns.has(piece) ? ('by-turns' as const) : piece.owned >= asked ? ('owned' as const) : ('bought' as const))
  const tone = (color: string) => (chromaOf(color) < 0.045 ? ('quiet' as const) : ('color' as const))
  const isKept = (layer: Layer, why: LayerChoice['why']): LayerChoice['why'] => (keep.has(layer) ? ['kept'] : why)
  const choices: LayerChoice[] = []
  if (cast.cloth) choices.push({ layer: 'linens', pieceId: cast.cloth.id, why: isKept('linens', [had(cast.cloth, 1), 'hangs', tone(cast.cloth.color)]) })
  if (cast.runner)
    choices.push({
      layer: 'linens',
      pieceId: cast.runner.id,
      why: isKept('linens', [had(cast.runner, 1), colorDistance(cast.runner.color, ground) > 0.1 ? 'ground' : 'quiet'])
    })
  for (const plate of platesOf(cast))
    if (plate) {
      const answers = plate === cast.charger && metals.has(plate.material) && plate.material === cast.flatware[0]?.material
      choices.push({
        layer: 'plates',
        pieceId: plate.id,
        why: isKept('plates', [had(plate), answers ? 'metal' : plate.material === cast.dinner?.material ? 'one-family' : tone(plate.color)])
      })
    }
  if (cast.napkin) {
    const seen = top ? colorDistance(cast.napkin.color, top.color) > 0.12 : false
    choices.push({
      layer: 'napkins',
      pieceId: cast.napkin.id,
      why: isKept('napkins', [
        had(cast.napkin, second ? Math.ceil(count / 2) : count),
        seen ? 'stands-out' : direction === 'natural' ? 'natural' : tone(cast.napkin.color)
      ])
    })
  }
  if (second) choices.push({ layer: 'napkins', pieceId: second.id, why: ['owned', 'answers'] })
  for (const piece of [...platesOf(cast), cast.napkin, ...cast.glasses, ...cast.flatware])
    for (const other of (piece && turns.get(piece)) ?? [])
      choices.push({ layer: layerOf[other.kind as keyof typeof layerOf], pieceId: other.id, why: ['by-turns'] })
  for (const glass of cast.glasses) choices.push({ layer: 'glasses', pieceId: glass.id, why: isKept('glasses', [had(glass), tone(glass.color)]) })
  const [first] = cast.flatware
  if (first) choices.push({ layer: 'flatware', pieceId: first.id, why: isKept('flatware', [had(first), 'one-family']) })
  const by = likedBy(look.intent)
  const { cloth, runner, charger, dinner, upper, napkin, glasses, flatware } = cast
  // what is to be bought is not among the look's pieces yet
  const liked = new Set(
    [cloth, runner, charger, dinner, ...upper, napkin, second, ...glasses, ...flatware].flatMap((one) => (one && by(one) !== undefined ? one.id : []))
  )
  return choices.map((choice) => (liked.has(choice.pieceId) && !keep.has(choice.layer) ? { ...choice, why: [...choice.why, 'liked'] } : choice))
}
