import type { Glass, Piece, PieceKind, Plate } from '../design/piece.js'
import { extentSize } from '../design/piece.js'
import { inches } from '../units/length.js'

/** What must hold before a thing is used as another. `unknown` is to be tried with water or weight, never taken for granted. */
export interface UseCheck {
  readonly code: 'watertight' | 'not-drunk-from' | 'wide-enough' | 'flat' | 'carries-weight' | 'long-enough' | 'absorbs' | 'food-contact'
  readonly answer: 'yes' | 'no' | 'unknown'
}

export interface AlternateUse {
  readonly as: PieceKind
  /** The piece in its other use, with the sizes that use needs; it shares the count of the first. */
  readonly piece: Piece
  readonly checks: readonly UseCheck[]
}

/** Other uses a piece lends itself to, with the sizes each needs and the checks it must pass. Common practice, no source. */
export function alternateUses(piece: Piece): AlternateUse[] {
  switch (piece.kind) {
    case 'glass':
      return [budVase(piece)]
    case 'plate':
      return piece.diameterMm >= inches(11) && piece.role !== 'charger' ? [charger(piece, piece.diameterMm)] : []
    case 'tray':
      return roundTray(piece)
    case 'cloth':
    case 'napkin':
      return textile(piece)
    case 'ornament':
      return piece.form === 'compote' ? [riser(piece, 'compote')] : []
    default:
      return []
  }
}

function common(piece: Piece, as: string, suffix: string) {
  const { name, color, accent, material, owned, kept, first, pattern, foodSafe, heatSafe, bareBack } = piece
  return {
    id: `${piece.id.slice(0, 50)}-as-${as}`,
    name: `${name} as ${suffix}`,
    color,
    accent,
    material,
    owned,
    kept,
    first,
    pattern,
    foodSafe,
    heatSafe,
    bareBack,
    of: piece.id
  }
}

/** A goblet holds a stem or two: its mouth is a little narrower than its bowl. */
function budVase(glass: Glass): AlternateUse {
  const sizes = {
    baseMm: glass.footMm,
    widestMm: glass.bowlMm,
    lengthMm: null,
    mouthMm: Math.round(glass.bowlMm * 0.85),
    heightMm: glass.heightMm,
    depthMm: Math.round(glass.heightMm * 0.55)
  }
  return {
    as: 'vessel',
    piece: { kind: 'vessel', form: 'bottle', ...common(glass, 'vase', 'bud vase'), ...sizes },
    checks: [
      { code: 'watertight', answer: 'yes' },
      { code: 'not-drunk-from', answer: 'unknown' }
    ]
  }
}

function charger(piece: Piece, diameterMm: number): AlternateUse {
  const plate: Plate = { kind: 'plate', role: 'charger', ...common(piece, 'charger', 'charger'), diameterMm, heightMm: 15 }
  return {
    as: 'plate',
    piece: plate,
    checks: [
      { code: 'wide-enough', answer: diameterMm >= inches(11) ? 'yes' : 'no' },
      { code: 'flat', answer: 'unknown' },
      { code: 'food-contact', answer: 'unknown' }
    ]
  }
}

function roundTray(piece: Piece & { kind: 'tray' }): AlternateUse[] {
  const { lengthMm } = extentSize(piece.extent)
  return piece.extent.kind === 'round' && lengthMm >= inches(11) && lengthMm <= inches(15) ? [charger(piece, lengthMm)] : []
}

/** A small square cloth is a napkin; as a runner any cloth is folded where the linens are laid. */
function textile(piece: Piece & { kind: 'cloth' | 'napkin' }): AlternateUse[] {
  if (piece.kind === 'napkin') return []
  const { lengthMm } = extentSize(piece.extent)
  const uses: AlternateUse[] = []
  if (piece.extent.kind === 'square' && lengthMm >= 300 && lengthMm <= 620)
    uses.push({
      as: 'napkin',
      piece: { kind: 'napkin', ...common(piece, 'napkin', 'napkin'), sideMm: lengthMm },
      checks: [{ code: 'absorbs', answer: piece.material === 'linen' || piece.material === 'cotton' ? 'yes' : 'unknown' }]
    })
  return uses
}

function riser(piece: Piece & { kind: 'ornament' }, suffix: string): AlternateUse {
  return {
    as: 'riser',
    piece: { kind: 'riser', ...common(piece, 'riser', `${suffix} stand`), extent: piece.extent, heightMm: piece.heightMm, legs: false, loadG: null },
    checks: [
      { code: 'carries-weight', answer: 'unknown' },
      { code: 'flat', answer: 'unknown' }
    ]
  }
}
