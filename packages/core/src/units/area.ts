import type { LengthUnit } from './length.js'

const SQUARE_FOOT_MM2 = 304.8 ** 2
const SQUARE_METER_MM2 = 1_000_000

/** Square feet to a tenth, or square meters to a hundredth. */
export function formatArea(mm2: number, unit: LengthUnit): string {
  return unit === 'in' ? `${(mm2 / SQUARE_FOOT_MM2).toFixed(1)} sq ft` : `${(mm2 / SQUARE_METER_MM2).toFixed(2)} m²`
}
