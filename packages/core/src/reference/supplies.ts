import { nothingLabeled, supplyUses, type Piece, type SupplyUse } from '../design/piece.js'

/** A brick of wet foam, millimeters: 230 x 110 x 80, the usual size of the trade (common practice, no source). */
export const FOAM_BRICK_MM3 = 230 * 110 * 80

/** Share of a vessel's inside that foam fills: our own starting value. */
export const FOAM_FILL = 0.6

/** Mouths wider than this get a grid of tape to keep stems upright: our own starting value. */
export const TAPE_FROM_MOUTH_MM = 90

/** A strand of lights without a cord runs on three: common practice, no source. */
export const CELLS_PER_STRAND = 3

/** Cells in one flameless candle by form (common practice; the candle's own label comes first). */
export const cellsPerFlameless = {
  taper: { use: 'aa-cell', count: 2 },
  pillar: { use: 'aa-cell', count: 2 },
  votive: { use: 'coin-cell', count: 1 },
  tealight: { use: 'coin-cell', count: 1 }
} as const satisfies Record<string, { use: SupplyUse; count: number }>

/** Before a sprayed thing may be handled and laid: common practice, no source; the can's own label comes first. */
export const SPRAY_DRY_HOURS = 24

const names: Record<SupplyUse, string> = {
  foam: 'Wet foam, brick',
  tape: 'Clear vase tape, roll',
  frog: 'Pin frog',
  wire: 'Chicken wire, roll',
  'wax-dots': 'Wax dot',
  lighter: 'Long lighter',
  'coin-cell': 'Coin cell',
  'aa-cell': 'AA cell',
  polish: 'Metal polish, tin',
  spray: 'Metal spray, can',
  dye: 'Fabric dye, packet',
  'linen-care': 'Linen wash, dose',
  glue: 'Glue, stick',
  twine: 'Twine, ball',
  filling: 'Filling, cup',
  other: 'Supply'
}

/** The piece that stands for a supply nobody has entered yet. */
export function plainSupply(use: SupplyUse): Piece {
  const common = {
    id: `supply-${use}`,
    name: names[use],
    color: '#cfc6b8',
    accent: '#8d8478',
    material: 'paper',
    owned: 0,
    kept: '',
    first: [],
    ...nothingLabeled,
    of: null
  } as const
  return { kind: 'supply', ...common, use, lowMark: 1 }
}

/** The supply nobody has entered yet that goes by an id; undefined for any other id. */
export function plainSupplyOf(id: string): Piece | undefined {
  const use = supplyUses.find((one) => id === `supply-${one}`)
  return use && plainSupply(use)
}
