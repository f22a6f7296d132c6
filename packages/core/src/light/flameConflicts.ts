import type { SolidPart } from '../solids/solid.js'
import type { Standing } from '../centerpiece/standing.js'
import type { School } from '../design/look.js'
import { distanceMm } from '../geometry/point.js'
import { isSupport } from '../solids/pieceSolids.js'
import { flameClearance } from '../reference/burning.js'
import { flamesOf, type Flame } from './flames.js'
import { burnsOf } from './fuel.js'
import { nearHolder, nearness, nearWall, type Nearness } from './nearFlame.js'

/** A flame nearer to something than the safety profile allows. */
export interface FlameConflict {
  readonly flame: Standing
  readonly other: Standing
  readonly severity: Nearness['severity']
  readonly because: Nearness['because'] | 'smothered' | 'flames-lean'
  readonly distanceMm: number
  readonly limitMm: number
}

type Safety = Pick<School, 'safety' | 'strictFlames'>

/** Every flame against everything that burns and every other flame. */
export function flameConflicts(standing: readonly Standing[], endMin: number, school: Safety): FlameConflict[] {
  const flames = flamesOf(standing, endMin)
  return [...smothered(flames, standing), ...burning(flames, standing, school), ...flames.flatMap((flame, i) => leaning(flame, flames, school, i + 1))]
}

/** Whether any flame of some pieces is too near to others, or theirs to these; what is only nearer than the guidance says is not. */
export function conflictsBetween(moved: readonly Standing[], others: readonly Standing[], endMin: number, school: Safety): boolean {
  const own = flamesOf(moved, endMin)
  const theirs = flamesOf(others, endMin)
  const grave = (conflicts: readonly FlameConflict[]) => conflicts.some((one) => one.severity !== 'guidance')
  return own.some((flame) => leaning(flame, theirs, school).length > 0) || grave(burning(own, others, school)) || grave(burning(theirs, moved, school))
}

/** A flame below a glass that nothing rises out of: it goes out, and the glass cracks. */
function smothered(flames: readonly Flame[], standing: readonly Standing[]): FlameConflict[] {
  return flames.flatMap((flame) => {
    const { carrierId } = flame.standing
    const over = carrierId === null ? undefined : standing.find((other) => other.placed.id === carrierId)
    if (over?.piece.kind !== 'vessel' || over.piece.form !== 'cloche') return []
    return [{ severity: 'stop' as const, because: 'smothered' as const, flame: flame.standing, other: over, distanceMm: 0, limitMm: over.piece.depthMm }]
  })
}

function burning(flames: readonly Flame[], standing: readonly Standing[], { safety, strictFlames }: Safety): FlameConflict[] {
  const limitMm = flameClearance[safety].fromCombustibleMm
  const fuel = standing.filter((other) => burnsOf(other).length > 0)
  const found: FlameConflict[] = []
  for (const flame of flames)
    for (const other of fuel) {
      const far = limitMm + other.reachMm
      if (Math.abs(other.pose.x - flame.x) > far || Math.abs(other.pose.y - flame.y) > far) continue
      const isAround = other.placed.id === flame.inside
      if (flame.inside !== null && other.carrierId !== flame.inside && !isAround) continue
      const carrying = carries(other, flame.standing)
      const own = other === flame.standing ? nearHolder(flame) : isAround ? undefined : carrying ? nearWall(flame, other) : nearest(flame, other, strictFlames)
      const below = carrying ? nearest(flame, other, strictFlames, 'filling') : undefined
      const near = below && isWorse(below, own) ? below : own
      if (near) found.push({ ...near, flame: flame.standing, other })
    }
  return found
}

/** The flames of others, from one of them on, that stand too near to a flame. */
function leaning(flame: Flame, others: readonly Flame[], { safety }: Safety, from = 0): FlameConflict[] {
  const limitMm = flameClearance[safety].betweenFlamesMm
  const found: FlameConflict[] = []
  for (let i = from; i < others.length; i++) {
    const other = others[i]!
    const apartMm = distanceMm(flame, other)
    if (apartMm >= limitMm - 0.5) continue
    found.push({ severity: 'warn', because: 'flames-lean', flame: flame.standing, other: other.standing, distanceMm: apartMm, limitMm })
  }
  return found
}

/** A board, a stand or a bowl carries the candle on its floor; moss, cloth and garlands below a candle are fuel like any other. */
function carries(other: Standing, above: Standing): boolean {
  return above.placed.on === other.placed.id && isSupport(other.piece)
}

type Near = Pick<Nearness, 'severity' | 'distanceMm'>

const gravity = { guidance: 0, warn: 1, stop: 2 } as const

function nearest(flame: Flame, other: Standing, strict: boolean, part?: SolidPart): Nearness | undefined {
  let worst: Nearness | undefined
  for (const burns of burnsOf(other)) {
    if (part && burns.solid.part !== part) continue
    const near = nearness(flame, burns, strict)
    if (near && isWorse(near, worst)) worst = near
  }
  return worst
}

/** Whether one nearness is graver than another, or as grave and nearer. */
export function isWorse(near: Near, than: Near | undefined): boolean {
  if (!than) return true
  return gravity[near.severity] === gravity[than.severity] ? near.distanceMm < than.distanceMm : gravity[near.severity] > gravity[than.severity]
}
