import type { Standing } from '../centerpiece/standing.js'
import type { BareFinding, FindingOf } from '../design/finding.js'
import { DRAPE_LEAST_MM, FOOT_FRICTION, LEAN_PUSH_SHARE } from '../reference/holding.js'
import { headroomMm, isSupport } from '../solids/pieceSolids.js'
import { panelOf } from '../solids/panel.js'
import { footRadiusMm, type Tilt } from './tilt.js'

/** Why a leaning thing does not hold, with what is and what should be; null when it holds. */
type LeanFault = DistributiveOmit<FindingOf<'piece.leans'>, 'code' | 'severity' | 'at'>
type DistributiveOmit<T, K extends string> = T extends unknown ? Omit<T, K> : never

const degrees = (rad: number) => (rad * 180) / Math.PI

/**
 * A straight board leaning with friction at its foot only. Its top on a face: the face pushes back half the board's weight times the tangent of
 * the lean. Its back over an edge: the edge pushes square to the board, weight times half its length times the sine of the lean over the distance
 * from the foot (statics of a ladder). `leastDeg` is the tilt the table must bear.
 */
export function leanFault(one: Standing, below: Standing, grams: number, belowGrams: number, leastDeg: number): LeanFault | null {
  const panel = panelOf(one.piece)
  if (!panel || one.manner?.kind !== 'leaning') return { because: 'not-flat', measured: {}, limit: {} }
  const { angleRad, touchMm, touchHeightMm } = one.manner
  if (touchMm === 0) return { because: 'nothing-behind', measured: {}, limit: {} }
  const half = panel.upMm / 2
  if (touchMm < half) return { because: 'too-low', measured: { heightMm: touchHeightMm }, limit: { heightMm: half * Math.cos(angleRad) } }
  const leanDeg = degrees(angleRad)
  if (leanDeg < leastDeg) return { because: 'falls-forward', measured: { leanDeg }, limit: { leanDeg: leastDeg } }
  const byEdge = touchMm < panel.upMm
  const square = byEdge ? (grams * half * Math.sin(angleRad)) / touchMm : 0
  const pushG = byEdge ? square * Math.cos(angleRad) : (grams * Math.tan(angleRad)) / 2
  const bears = grams - square * Math.sin(angleRad)
  if (pushG > FOOT_FRICTION * bears) return { because: 'slides', measured: { leanDeg }, limit: { leanDeg: degrees(Math.atan(2 * FOOT_FRICTION)) } }
  const mostG = (LEAN_PUSH_SHARE * belowGrams * footRadiusMm(below.foot)) / Math.max(1, touchHeightMm)
  return pushG > mostG ? { because: 'pushes-over', measured: { pushG }, limit: { pushG: mostG } } : null
}

/** What leans, hangs, goes round, stands below something or carries more than it may, and does not hold or fit. */
export function holdFindings(standing: readonly Standing[], tilts: readonly Tilt[], leastDeg: number): BareFinding[] {
  const byId = new Map(standing.map((one) => [one.placed.id, one]))
  const tiltOf = new Map(tilts.map((tilt) => [tilt.placedId, tilt]))
  return standing.flatMap((one): BareFinding[] => {
    const below = one.placed.on === null ? undefined : byId.get(one.placed.on)
    return [...looseFindings(one, below, tiltOf, leastDeg), ...headroomFindings(one, below), ...loadFindings(one, tiltOf)]
  })
}

/** What leans, hangs or goes round and does not hold. */
function looseFindings(one: Standing, below: Standing | undefined, tiltOf: ReadonlyMap<string, Tilt>, leastDeg: number): BareFinding[] {
  const at = { kind: 'piece', placedId: one.placed.id, otherId: below?.placed.id ?? null } as const
  switch (one.placed.how) {
    case 'standing':
      return []
    case 'leaning': {
      const grams = (id: string) => tiltOf.get(id)?.grams ?? 0
      const fault: LeanFault | null = below
        ? leanFault(one, below, grams(one.placed.id), grams(below.placed.id), leastDeg)
        : { because: 'nothing-behind', measured: {}, limit: {} }
      return fault ? [{ code: 'piece.leans', severity: 'warn', at, ...fault }] : []
    }
    case 'draped':
      if (one.manner?.kind !== 'draped') return [{ code: 'piece.drape', severity: 'note', at, measured: {}, limit: {}, because: 'not-pliant' }]
      if (one.manner.hangMm >= DRAPE_LEAST_MM) return []
      return [{ code: 'piece.drape', severity: 'note', at, measured: { hangMm: one.manner.hangMm }, limit: { hangMm: DRAPE_LEAST_MM }, because: 'slips-off' }]
    case 'around': {
      if (one.manner?.kind !== 'around') return [{ code: 'piece.around', severity: 'note', at, measured: {}, limit: {}, because: 'not-pliant' }]
      const { haveMm, needMm } = one.manner
      if (haveMm >= needMm) return []
      const because = one.piece.kind === 'ornament' && one.piece.form === 'wreath' ? 'ring-small' : 'does-not-close'
      return [{ code: 'piece.around', severity: 'note', at, measured: { haveMm }, limit: { haveMm: needMm }, because }]
    }
  }
}

function headroomFindings(one: Standing, below: Standing | undefined): BareFinding[] {
  if (!below || one.placed.how !== 'standing') return []
  const roomMm = headroomBelow(one, below)
  const tallMm = one.topMm - one.footMm
  if (roomMm === null || tallMm <= roomMm + 0.5) return []
  const at = { kind: 'piece', placedId: one.placed.id, otherId: below.placed.id } as const
  return [{ code: 'piece.headroom', severity: 'warn', at, measured: { heightMm: tallMm }, limit: { heightMm: roomMm }, because: 'too-tall-inside' }]
}

function loadFindings(one: Standing, tiltOf: ReadonlyMap<string, Tilt>): BareFinding[] {
  const load = 'loadG' in one.piece ? one.piece.loadG : null
  const carriedG = tiltOf.get(one.placed.id)?.carriedG ?? 0
  if (load === null || carriedG <= load) return []
  const at = { kind: 'piece', placedId: one.placed.id } as const
  return [{ code: 'piece.load', severity: 'warn', at, measured: { grams: carriedG }, limit: { grams: load }, because: 'overloaded' }]
}

/** How high a thing may be where it stands: below the next level only where it reaches under it. */
function headroomBelow(one: Standing, below: Standing): number | null {
  if (!isSupport(below.piece)) return null
  const roomMm = headroomMm(below.piece, one.placed.level)
  if (roomMm === null || below.piece.kind !== 'tray') return roomMm
  const above = below.piece.upper[one.placed.level]!
  return Math.hypot(one.placed.xMm, one.placed.yMm) - one.reachMm < above.diameterMm / 2 ? roomMm : null
}
