import { isWellWithin } from '../centerpiece/collisions.js'
import type { Standing } from '../centerpiece/standing.js'
import type { BareFinding } from '../design/finding.js'
import type { Look } from '../design/look.js'
import { beyondMm, grown, type Outline } from '../geometry/outline.js'
import { rimPoints } from '../geometry/footprint.js'
import { floorExtent, isSupport, rimHeightMm, standHeightMm } from '../solids/pieceSolids.js'
import { extentSize } from '../design/piece.js'
import { EDGE_MM, SHOWS_LEAST_MM, SMALL_HANDS_MM, TAIL_REACH_MM, TAIL_TOP_MM, TILT_LEAST_DEG, TILT_REACHED_DEG } from '../reference/stability.js'
import { holdFindings } from './holdFindings.js'
import { footRadiusMm, type Tilt } from './tilt.js'

type Parts = Pick<Look, 'household' | 'school' | 'table'>

/** What can tip or be pulled down, and what vanishes or does not go into what it stands in. */
export function stabilityFindings(look: Parts, standing: readonly Standing[], tilts: readonly Tilt[], outline: Outline): BareFinding[] {
  const byId = new Map(standing.map((one) => [one.placed.id, one]))
  const least = leastTiltDeg(look.household)
  return [
    ...tipFindings(least, standing, tilts, byId),
    ...holdFindings(standing, tilts, least),
    ...edgeFindings(look, standing, outline),
    ...tailFindings(look, standing, tilts, outline),
    ...standing.flatMap((one) => insideFindings(one, one.placed.on === null ? undefined : byId.get(one.placed.on), byId))
  ]
}

/** The tilt a table must bear in this house. */
function leastTiltDeg({ toddlers, dogs, cats }: Look['household']): number {
  return toddlers || dogs || cats ? TILT_REACHED_DEG : TILT_LEAST_DEG
}

function tipFindings(least: number, standing: readonly Standing[], tilts: readonly Tilt[], byId: ReadonlyMap<string, Standing>): BareFinding[] {
  return tilts.flatMap((tilt, i): BareFinding[] => {
    const one = standing[i]!
    if (tilt.tiltDeg >= least || one.manner || isHeld(one, one.placed.on === null ? undefined : byId.get(one.placed.on))) return []
    return [
      {
        code: 'piece.tips',
        severity: tilt.tiltDeg < TILT_LEAST_DEG ? 'warn' : 'note',
        at: { kind: 'piece', placedId: tilt.placedId },
        measured: { tiltDeg: tilt.tiltDeg, heightMm: tilt.centerMm, footMm: 2 * footRadiusMm(one.foot) },
        limit: { tiltDeg: least },
        because: tilt.tiltDeg < TILT_LEAST_DEG ? 'ten-degrees' : 'bumped'
      }
    ]
  })
}

/** A wall this high round a foot holds what would fall: our own starting value. */
const HOLDING_WALL_MM = 20

/** Whether a piece stands in something with a wall round it, on which it leans; on a flat board or stand it falls as it does on the table. */
function isHeld(one: Standing, below: Standing | undefined): boolean {
  if (!below) return false
  if (below.piece.kind === 'vessel') return true
  const rimMm = isSupport(below.piece) ? rimHeightMm(below.piece, one.placed.level) : null
  return rimMm !== null && rimMm - standHeightMm(below.piece, one.placed.level) >= HOLDING_WALL_MM
}

/** Glass near the edge; and with a toddler in the house all that breaks, burns or spills within reach of small hands, told once. */
function edgeFindings({ household, school }: Parts, standing: readonly Standing[], outline: Outline): BareFinding[] {
  const inner = grown(outline, -EDGE_MM)
  const glass = standing
    .filter((one) => one.carrierId === null && one.piece.material === 'glass' && reachesPast(one, inner))
    .map((one): BareFinding => ({
      code: 'piece.edge',
      severity: 'note',
      at: { kind: 'piece', placedId: one.placed.id },
      measured: { distanceMm: 0 },
      limit: { distanceMm: EDGE_MM },
      because: 'glass-edge'
    }))
  const reached = household.toddlers && !school.meant.includes('edge.hands') ? withinReach(standing, outline) : []
  if (reached.length === 0) return glass
  const severity = reached.some((one) => one.candle?.burn.kind === 'wax') ? 'warn' : 'note'
  return [
    ...glass,
    { code: 'edge.hands', severity, at: { kind: 'table' }, measured: { pieces: reached.length }, limit: { distanceMm: SMALL_HANDS_MM }, because: 'small-hands' }
  ]
}

/** On a low surface what breaks, burns or tips where a dog's tail sweeps. */
export function withinTail(look: Pick<Look, 'household' | 'table'>, standing: readonly Standing[], tilts: readonly Tilt[], outline: Outline): Standing[] {
  if (!look.household.dogs || look.table.heightMm > TAIL_TOP_MM) return []
  const inner = grown(outline, -TAIL_REACH_MM)
  return standing.filter((one) => {
    const tips = (tilts.find((tilt) => tilt.placedId === one.placed.id)?.tiltDeg ?? 90) < TILT_REACHED_DEG
    return one.carrierId === null && (breaks(one) || one.candle?.burn.kind === 'wax' || tips) && reachesPast(one, inner)
  })
}

function tailFindings(
  look: Pick<Look, 'household' | 'table' | 'school'>,
  standing: readonly Standing[],
  tilts: readonly Tilt[],
  outline: Outline
): BareFinding[] {
  const swept = look.school.meant.includes('edge.tail') ? [] : withinTail(look, standing, tilts, outline)
  if (swept.length === 0) return []
  const severity = swept.some((one) => one.candle?.burn.kind === 'wax') ? 'warn' : 'note'
  return [{ code: 'edge.tail', severity, at: { kind: 'table' }, measured: { pieces: swept.length }, limit: { distanceMm: TAIL_REACH_MM }, because: 'tail' }]
}

const breaks = ({ piece }: Standing) => piece.material === 'glass' || piece.material === 'porcelain' || piece.kind === 'vessel'

function reachesPast(one: Standing, outline: Outline): boolean {
  return !isWellWithin(one.foot, outline) && rimPoints(one.foot).some((p) => beyondMm(outline, p) > 0.5)
}

/** What a toddler can take hold of and should not. */
export function withinReach(standing: readonly Standing[], outline: Outline): Standing[] {
  const safe = grown(outline, -SMALL_HANDS_MM)
  return standing.filter((one) => {
    return one.carrierId === null && (breaks(one) || one.candle?.burn.kind === 'wax') && reachesPast(one, safe)
  })
}

/** Lost below the rim, or too wide for the opening; the riser that would mend it is its height. */
function insideFindings(one: Standing, below: Standing | undefined, byId: ReadonlyMap<string, Standing>): BareFinding[] {
  if (!below || !isSupport(below.piece) || one.placed.how !== 'standing') return []
  const rim = rimHeightMm(below.piece, one.placed.level)
  const at = { kind: 'piece', placedId: one.placed.id, otherId: below.placed.id } as const
  if (below.piece.kind === 'vessel') {
    const openMm = below.piece.form === 'cloche' ? extentSize(floorExtent(below.piece)).lengthMm : below.piece.mouthMm
    const wideMm = below.piece.form === 'lantern' ? 2 * footRadiusMm(one.spread) : 2 * one.reachMm
    if (wideMm > openMm)
      return [{ code: 'piece.opening', severity: 'warn', at, measured: { widthMm: wideMm }, limit: { widthMm: openMm }, because: 'does-not-pass' }]
  }
  const wall = rim === null ? wallAround(below, byId) : { rimMm: below.footMm + rim, of: below }
  if (!wall || isFilling(one)) return []
  if (one.piece.kind === 'riser') return riserShows(one, wall)
  const heightMm = one.topMm - one.footMm
  const showsMm = one.topMm - wall.rimMm
  const wantedMm = Math.min(SHOWS_LEAST_MM, heightMm / 2)
  if (showsMm >= wantedMm - 0.5) return []
  return [
    {
      code: 'piece.sunk',
      severity: 'note',
      at: { ...at, otherId: wall.of.placed.id },
      measured: { showsMm, heightMm },
      limit: { showsMm: wantedMm, riserMm: wantedMm - showsMm },
      because: 'below-rim'
    }
  ]
}

/** The wall round what a stand stands in: a thing raised inside a bowl can still be lost below its rim. */
function wallAround(stand: Standing, byId: ReadonlyMap<string, Standing>): { readonly rimMm: number; readonly of: Standing } | undefined {
  if (stand.piece.kind !== 'riser' || stand.placed.on === null) return undefined
  const outer = byId.get(stand.placed.on)
  const rim = outer && isSupport(outer.piece) ? rimHeightMm(outer.piece, stand.placed.level) : null
  return outer && rim !== null ? { rimMm: outer.footMm + rim, of: outer } : undefined
}

/** Fruit and moss fill a bowl: they lie in it and are not lost. */
function isFilling({ piece }: Standing): boolean {
  return piece.kind === 'ornament' && (piece.form === 'fruit' || piece.form === 'moss')
}

/** A stand is there to be hidden: one that rises above the rim is seen. */
function riserShows(one: Standing, wall: { readonly rimMm: number; readonly of: Standing }): BareFinding[] {
  const showsMm = one.topMm - wall.rimMm
  if (showsMm <= 0.5) return []
  const heightMm = one.topMm - one.footMm
  return [
    {
      code: 'piece.sunk',
      severity: 'note',
      at: { kind: 'piece', placedId: one.placed.id, otherId: wall.of.placed.id },
      measured: { showsMm, heightMm },
      limit: { showsMm: 0, riserMm: heightMm - showsMm },
      because: 'riser-shows'
    }
  ]
}
