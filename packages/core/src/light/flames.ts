import type { Standing } from '../centerpiece/standing.js'
import { overlapMm, type Footprint } from '../geometry/footprint.js'
import { combustible } from '../reference/opacity.js'
import { FLAME_HEIGHT_MM, flameClearance } from '../reference/candles.js'
import { isBody, type WorldSolid } from '../solids/solid.js'
import type { School } from '../design/look.js'
import { heightAfterMm } from './candleLife.js'

/** A flame of the evening: an upright segment from the lowest wick to the tip of the first flame. */
export interface Flame {
  readonly standing: Standing
  readonly x: number
  readonly y: number
  readonly lowMm: number
  readonly highMm: number
  /** A glass wall stands around it, higher than the flame at its highest. */
  readonly shielded: boolean
  /** Id of the lantern it burns in, with whatever else stands in there; null outside one. */
  readonly inside: string | null
}

/** A flame nearer to something than the safety profile allows. */
export interface FlameConflict {
  readonly kind: 'combustible' | 'above' | 'flame' | 'closed'
  readonly flame: Standing
  readonly other: Standing
  readonly distanceMm: number
  readonly limitMm: number
}

/** All real flames among standing pieces; a candle sinks as it burns, so a flame sweeps down until the end of the occasion. */
export function flamesOf(standing: readonly Standing[], endMin: number): Flame[] {
  return standing.flatMap((piece) => {
    const candle = piece.candle
    if (piece.piece.kind !== 'holder' || !candle || candle.burn.kind !== 'wax' || !piece.placed.candle) return []
    const seatMm = piece.footMm + piece.piece.heightMm
    const highMm = seatMm + candle.heightMm + FLAME_HEIGHT_MM
    const lowMm = seatMm + heightAfterMm(candle, Math.max(0, endMin - piece.placed.candle.lightAtMin))
    const rimMm = piece.piece.chimney ? piece.footMm + piece.piece.chimney.rimMm : 0
    const around = standing.find((other) => other.placed.id === piece.carrierId)
    const inside = around?.piece.kind === 'vessel' && around.piece.form === 'lantern' && around.topMm > highMm ? around.placed.id : null
    return [{ standing: piece, x: piece.pose.x, y: piece.pose.y, lowMm, highMm, shielded: inside !== null || rimMm >= seatMm + candle.heightMm, inside }]
  })
}

/** Straight distance from a flame's segment to a solid, taken as the upright prism around it; 0 inside. */
export function flameDistanceMm(flame: Flame, solid: WorldSolid): number {
  const point: Footprint = { kind: 'disc', x: flame.x, y: flame.y, radiusMm: 0 }
  const shape: Footprint =
    solid.kind === 'frustum'
      ? { kind: 'disc', x: solid.x, y: solid.y, radiusMm: Math.max(solid.r0Mm, solid.r1Mm) }
      : { kind: 'rect', x: solid.x, y: solid.y, turnRad: solid.turnRad, halfXMm: solid.halfXMm, halfYMm: solid.halfYMm }
  const aside = Math.max(0, -overlapMm(point, shape))
  const upright = Math.max(0, flame.lowMm - solid.z1Mm, solid.z0Mm - flame.highMm)
  return Math.hypot(aside, upright)
}

/** Every flame against everything that burns and every other flame. */
export function flameConflicts(standing: readonly Standing[], endMin: number, safety: School['safety']): FlameConflict[] {
  const flames = flamesOf(standing, endMin)
  return [...smothered(flames, standing), ...burning(flames, standing, safety), ...flames.flatMap((flame, i) => leaning(flame, flames.slice(i + 1), safety))]
}

/** Whether any flame of some pieces is too near to others, or theirs to these. */
export function conflictsBetween(moved: readonly Standing[], others: readonly Standing[], endMin: number, safety: School['safety']): boolean {
  const own = flamesOf(moved, endMin)
  const theirs = flamesOf(others, endMin)
  return own.some((flame) => leaning(flame, theirs, safety).length > 0) || burning(own, others, safety).length > 0 || burning(theirs, moved, safety).length > 0
}

/** A flame below a glass that nothing rises out of: it goes out, and the glass cracks. */
function smothered(flames: readonly Flame[], standing: readonly Standing[]): FlameConflict[] {
  return flames.flatMap((flame) => {
    const over = standing.find((other) => other.placed.id === flame.standing.carrierId)
    if (over?.piece.kind !== 'vessel' || over.piece.form !== 'cloche') return []
    return [{ kind: 'closed' as const, flame: flame.standing, other: over, distanceMm: 0, limitMm: over.piece.depthMm }]
  })
}

function burning(flames: readonly Flame[], standing: readonly Standing[], safety: School['safety']): FlameConflict[] {
  const limitMm = flameClearance[safety].fromCombustibleMm
  const fuel = standing.filter((other) => burningSolids(other).length > 0)
  return flames.flatMap((flame) => {
    if (flame.shielded && flame.inside === null) return []
    return fuel.flatMap((other) => {
      if (flame.inside !== null && other.carrierId !== flame.inside) return []
      const far = limitMm + other.reachMm
      if (other === flame.standing || carries(other, flame.standing) || Math.abs(other.pose.x - flame.x) > far || Math.abs(other.pose.y - flame.y) > far)
        return []
      return nearBurning(flame, other, limitMm) ?? []
    })
  })
}

function leaning(flame: Flame, others: readonly Flame[], safety: School['safety']): FlameConflict[] {
  const limitMm = flameClearance[safety].betweenFlamesMm
  return others.flatMap((other) => {
    const distanceMm = Math.sqrt((flame.x - other.x) ** 2 + (flame.y - other.y) ** 2)
    return distanceMm < limitMm - 0.5 ? [{ kind: 'flame' as const, flame: flame.standing, other: other.standing, distanceMm, limitMm }] : []
  })
}

/** A board or a stand under the candle carries it; the flame is above by the candle's own height. */
function carries(other: Standing, above: Standing): boolean {
  return above.placed.on === other.placed.id
}

function nearBurning(flame: Flame, other: Standing, limitMm: number): FlameConflict | undefined {
  let nearest = Infinity
  let above = false
  for (const solid of burningSolids(other)) {
    const distanceMm = flameDistanceMm(flame, solid)
    if (distanceMm < nearest) {
      nearest = distanceMm
      above = solid.z0Mm >= flame.highMm
    }
  }
  if (nearest >= limitMm - 0.5) return undefined
  return { kind: above ? 'above' : 'combustible', flame: flame.standing, other, distanceMm: nearest, limitMm }
}

/** What of a piece burns: flowers and leaves in a vessel, or the piece itself by its material. */
function burningSolids(standing: Standing): readonly WorldSolid[] {
  const { piece, solids } = standing
  const burns = combustible[piece.material]
  return solids.filter((solid) => solid.part === 'stems' || solid.part === 'heads' || (burns && isBody(solid)))
}
