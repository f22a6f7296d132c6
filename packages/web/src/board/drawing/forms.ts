import type { StandingPiece } from '@hestiad/core'

/** Whether a piece is drawn by the second pair of drawings: lanterns, tiered stands, wreaths, signs, scarves, strands of lights, shakers, napkin holders. */
export function isRare(piece: StandingPiece): boolean {
  if (piece.kind === 'vessel') return piece.form === 'lantern'
  if (piece.kind === 'tray') return piece.upper.length > 0
  return piece.kind === 'ornament' && ['wreath', 'sign', 'throw', 'lights', 'shakers', 'napkin-holder'].includes(piece.form)
}

/** Tufts, beads or bulbs evenly round a circle. */
export function roundCircle(radiusMm: number, everyMm: number): { x: number; y: number; turn: number }[] {
  const count = Math.max(6, Math.round((2 * Math.PI * radiusMm) / everyMm))
  return Array.from({ length: count }, (_, i) => {
    const a = (2 * Math.PI * i) / count
    return { x: radiusMm * Math.cos(a), y: radiusMm * Math.sin(a), turn: (a * 180) / Math.PI + 60 + (i % 3) * 25 }
  })
}
