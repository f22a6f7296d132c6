import { floorExtent, isSupport, rimHeightMm } from '../solids/pieceSolids.js'
import type { Standing } from '../centerpiece/standing.js'
import { extentSize } from '../design/piece.js'
import { FRESH_CLEAR_MM, PLUME_MM, PLUME_SPREAD, TOUCHING_MM, flameClearance } from '../reference/burning.js'
import { toFrame } from '../geometry/point.js'
import { type WorldSolid } from '../solids/solid.js'
import { ownFuel, type Burns } from './fuel.js'
import { asideMm, flameDistanceMm, type Flame } from './flames.js'

/** How near something is to a flame, and how grave that is: `guidance` is nearer than fire services say and no nearer than stylists keep. */
export interface Nearness {
  readonly severity: 'stop' | 'warn' | 'guidance'
  readonly because: 'burns' | 'fresh' | 'strict' | 'touches' | 'plume' | 'wall'
  readonly distanceMm: number
  readonly limitMm: number
}

const LIMIT_MM = flameClearance.US.fromCombustibleMm
const SLACK_MM = 0.5
/** Half of the quarter inch in which lengths are shown: nobody is told of 4 in where 4 in are asked. */
const SHOWN_MM = 3.2
/** What is lower lies flat: our own starting value. */
const UPRIGHT_MM = 45

/** How near a thing of a place setting is to a flame; what lies flat is judged as leaves are. */
export function nearnessOfLaid(flame: Flame, solid: WorldSolid): Nearness | undefined {
  const near = nearness(flame, { solid, fuel: 'dry', flat: true }, false)
  return near && solid.z1Mm - solid.z0Mm < UPRIGHT_MM && near.distanceMm >= FRESH_CLEAR_MM ? undefined : near
}

/** How near a burning thing is to a flame; undefined where it is clear. */
export function nearness(flame: Flame, { solid, fuel, flat }: Burns, strict: boolean): Nearness | undefined {
  const aside = asideMm(flame, solid)
  if (flame.glass) return overGlass(flame.glass, flame, aside, solid)
  const overMm = solid.z0Mm - flame.highMm
  if (overMm >= 0 && aside < PLUME_MM + PLUME_SPREAD * overMm) return plume(Math.hypot(aside, overMm))
  const belowMm = flame.lowMm - solid.z1Mm
  if (belowMm >= 0 && (fuel === 'wood' || ((fuel === 'fresh' || flat) && belowMm >= FRESH_CLEAR_MM - SHOWN_MM))) return undefined
  const distanceMm = flameDistanceMm(flame, solid)
  return fuel === 'dry' ? dry(distanceMm) : green(distanceMm, strict)
}

/** Above the rim of its glass nothing shields a flame: what leans over the mouth hangs in its hot air. */
function overGlass({ radiusMm, rimMm }: NonNullable<Flame['glass']>, { highMm }: Flame, aside: number, solid: Burns['solid']): Nearness | undefined {
  if (solid.z1Mm <= rimMm) return undefined
  const overMm = Math.max(solid.z0Mm, rimMm) - highMm
  const outMm = Math.max(0, aside - radiusMm)
  return outMm < PLUME_SPREAD * overMm + SLACK_MM ? plume(Math.hypot(outMm, overMm)) : undefined
}

function plume(distanceMm: number): Nearness | undefined {
  return distanceMm < LIMIT_MM - SLACK_MM ? { severity: 'stop', because: 'plume', distanceMm, limitMm: LIMIT_MM } : undefined
}

function dry(distanceMm: number): Nearness | undefined {
  if (distanceMm >= LIMIT_MM - SLACK_MM) return undefined
  return { severity: distanceMm < LIMIT_MM / 2 ? 'stop' : 'warn', because: 'burns', distanceMm, limitMm: LIMIT_MM }
}

/** Watered leaves and flowers, and wood that stands beside a flame. */
function green(distanceMm: number, strict: boolean): Nearness | undefined {
  if (distanceMm >= LIMIT_MM - SLACK_MM) return undefined
  const limitMm = strict ? LIMIT_MM : FRESH_CLEAR_MM
  if (distanceMm < TOUCHING_MM) return { severity: 'stop', because: 'touches', distanceMm, limitMm }
  if (distanceMm < FRESH_CLEAR_MM - SHOWN_MM) return { severity: 'warn', because: 'fresh', distanceMm, limitMm }
  return { severity: strict ? 'warn' : 'guidance', because: strict ? 'strict' : 'fresh', distanceMm, limitMm: LIMIT_MM }
}

/** The wall of what a candle stands in: its floor carries the holder, its wall stands beside the flame as far up as it reaches. */
export function nearWall(flame: Flame, around: Standing): Nearness | undefined {
  const { piece, footMm } = around
  const fuel = ownFuel(around)
  if (fuel === 'none' || flame.glass || !isSupport(piece)) return undefined
  const rimMm = rimHeightMm(piece, flame.standing.placed.level)
  if (rimMm === null) return undefined
  const asideMm = wallAsideMm(flame, around)
  const overRimMm = flame.lowMm - (footMm + rimMm)
  if (overRimMm >= 0) {
    const distanceMm = Math.hypot(asideMm, overRimMm)
    return fuel === 'dry' && distanceMm < FRESH_CLEAR_MM - SHOWN_MM ? { severity: 'warn', because: 'wall', distanceMm, limitMm: FRESH_CLEAR_MM } : undefined
  }
  const near = fuel === 'dry' ? dry(asideMm) : green(asideMm, false)
  return near && near.severity !== 'guidance' ? { ...near, because: 'wall' } : near
}

/** The candle's own holder, where it is of rattan, paper or cloth; wood carries a candle as stone does until it is put out. */
export function nearHolder(flame: Flame): Nearness | undefined {
  const { piece, footMm } = flame.standing
  return piece.kind === 'holder' && ownFuel(flame.standing) === 'dry' ? dry(Math.max(0, flame.lowMm - footMm - piece.heightMm)) : undefined
}

/** From a flame to the inner face of the wall round it. */
function wallAsideMm(flame: Flame, around: Standing): number {
  const { piece } = around
  if (!isSupport(piece)) return Infinity
  const extent = floorExtent(piece, flame.standing.placed.level)
  const at = toFrame(around.pose, flame)
  const { lengthMm, widthMm } = extentSize(extent)
  if (extent.kind === 'round') return Math.max(0, lengthMm / 2 - Math.hypot(at.x, at.y))
  return Math.max(0, Math.min(lengthMm / 2 - Math.abs(at.x), widthMm / 2 - Math.abs(at.y)))
}
