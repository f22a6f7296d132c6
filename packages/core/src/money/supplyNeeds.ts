import { levelMm2 } from '../design/piece.js'
import { findPiece, pieceIndex, piecesOf } from '../design/find.js'
import type { Look } from '../design/look.js'
import type { Piece, SupplyUse } from '../design/piece.js'
import { mechanicsOf } from '../florals/mechanics.js'
import { metals } from '../reference/materials.js'
import { CELLS_PER_STRAND, cellsPerFlameless, FOAM_BRICK_MM3, FOAM_FILL, plainSupply } from '../reference/supplies.js'

/** So many of a supply, and the code of what calls for it. */
export interface SupplyNeed {
  readonly piece: Piece
  readonly count: number
  readonly cause: 'stems-in-foam' | 'stems-in-tape' | 'stems-in-frog' | 'stems-in-wire' | 'tapers-stand' | 'flames' | 'cells' | 'care'
}

type Parts = Pick<Look, 'pieces' | 'centerpiece'>

/** What the whole look calls for beside its pieces: mechanics for stems, fixings and fire for candles, cells, care before laying. */
export function supplyNeeds(look: Parts, used: ReadonlySet<string>): SupplyNeed[] {
  const counts = new Map<SupplyUse, { count: number; cause: SupplyNeed['cause'] }>()
  const add = (use: SupplyUse, count: number, cause: SupplyNeed['cause']) => {
    if (count > 0) counts.set(use, { count: (counts.get(use)?.count ?? 0) + count, cause })
  }
  addMechanics(look, add)
  addCandles(look, add)
  addCare(look, used, add)
  const own = new Map(piecesOf(look, 'supply').map((piece) => [piece.use, piece]))
  return [...counts].map(([use, { count, cause }]) => ({ piece: own.get(use) ?? plainSupply(use), count, cause }))
}

type Add = (use: SupplyUse, count: number, cause: SupplyNeed['cause']) => void

/** Foam by volume; a frog for each vessel; one roll of tape or wire for all. */
function addMechanics(look: Parts, add: Add): void {
  const index = pieceIndex(look)
  let bricks = 0
  let frogs = 0
  const rolls = new Set<string>()
  for (const placed of look.centerpiece) {
    const vessel = findPiece(index, placed.pieceId, 'vessel')
    if (!vessel || !placed.arrangement?.stems.some((line) => line.count > 0)) continue
    const held = mechanicsOf(vessel, placed.arrangement)
    if (held === 'foam') bricks += (levelMm2(vessel, vessel.mouthMm) * vessel.depthMm * FOAM_FILL) / FOAM_BRICK_MM3
    if (held === 'frog') frogs++
    rolls.add(held)
  }
  add('foam', Math.ceil(bricks), 'stems-in-foam')
  add('tape', rolls.has('tape') ? 1 : 0, 'stems-in-tape')
  add('wire', rolls.has('wire') ? 1 : 0, 'stems-in-wire')
  add('frog', frogs, 'stems-in-frog')
}

function addCandles(look: Parts, add: Add): void {
  const index = pieceIndex(look)
  let flames = 0
  for (const placed of look.centerpiece) {
    const strand = findPiece(index, placed.pieceId, 'ornament')
    if (strand?.form === 'lights' && strand.cordMm === null) add('aa-cell', CELLS_PER_STRAND, 'cells')
    const candle = findPiece(index, placed.candle?.candleId, 'candle')
    if (!candle) continue
    if (candle.burn.kind === 'flameless') {
      const { use, count } = cellsPerFlameless[candle.form]
      add(use, count, 'cells')
      continue
    }
    flames++
    if (candle.form === 'taper') add('wax-dots', 1, 'tapers-stand')
  }
  add('lighter', flames > 0 ? 1 : 0, 'flames')
}

/** Cloth takes dye, metal is sprayed or polished bright, wood and the rest take polish. */
function isWoven({ material }: Piece): boolean {
  return material === 'linen' || material === 'cotton' || material === 'wool'
}

/** One tin or packet for all pieces that need it; linen wash a dose for every eight textiles. */
function addCare(look: Parts, used: ReadonlySet<string>, add: Add): void {
  const index = pieceIndex(look)
  const laid = [...used].flatMap((id) => index.get(id) ?? [])
  add('polish', laid.some((piece) => piece.first.includes('polish')) ? 1 : 0, 'care')
  const recolored = laid.filter((piece) => piece.first.includes('recolor'))
  add('dye', recolored.some(isWoven) ? 1 : 0, 'care')
  add('spray', recolored.some((piece) => metals.has(piece.material)) ? 1 : 0, 'care')
  add('polish', recolored.some((piece) => !isWoven(piece) && !metals.has(piece.material)) ? 1 : 0, 'care')
  const textiles = laid.filter((piece) => ['napkin', 'cloth', 'runner'].includes(piece.kind) && piece.first.includes('wash'))
  add('linen-care', textiles.length, 'care')
}
