import { inches } from '../units/length.js'

/** Density of wax, g/cm3: common handbook values (from memory). */
export const waxDensityGPerCm3 = { paraffin: 0.9, beeswax: 0.96 } as const

/** Height of a candle flame, millimeters: limit of ASTM F2417 and EN 15493, about 75 (value from memory); common flames are lower, our own starting values. */
export const flameHeightMm = { taper: 40, pillar: 40, votive: 30, tealight: 25 } as const

/** Wax left at which a candle is put out: 2 in of a pillar, 1/2 in in a container (candle-trade guidance, from memory); 1 in in a cup: common practice. */
export const stopAtMm = { taper: inches(1), pillar: inches(2), votive: inches(0.5), tealight: 0 } as const

/** Candles are lit before guests sit: common practice, no source. */
export const LIT_BEFORE_MIN = 15

/** Longest single burn: candle-trade guidance, 4 h (value from memory). */
export const LONGEST_BURN_MIN = 240

/** A cup may be this much wider than the candle: our own starting value. */
export const CUP_SLACK_MM = 2
/** A pillar's plate is at least 1 in wider; a glass leaves 1 in of air all round a taper or pillar: common practice. */
export const PILLAR_PLATE_MARGIN_MM = inches(1)
export const CHIMNEY_AIR_MM = inches(1)

/** One spare candle in ten: common practice, no source. */
export const SPARE_CANDLE_PER = 10
