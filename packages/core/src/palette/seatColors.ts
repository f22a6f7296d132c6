import { atMeal, standings } from '../centerpiece/standing.js'
import { pieceIndex } from '../design/find.js'
import type { Look } from '../design/look.js'
import type { Point3 } from '../geometry/point.js'
import { itemShape } from '../placing/settingItems.js'
import { guestEyes } from '../seating/eyes.js'
import { seatPlan, type SeatPlan } from '../seating/seatPlan.js'
import { placeLayouts } from '../settings/settingKinds.js'
import { rayEnters } from '../sight/rayMeets.js'
import { frustum, solidReachMm, type WorldSolid } from '../solids/solid.js'
import { lotOf, OFF, partAt } from './raster.js'
import { GLASS_SEEN, headsByLot, layFlat, type Painter, type SeenPart } from './visibleColors.js'

/** A ray for every so many degrees, and cells along the table for what lies flat. */
const STEP_DEG = 0.6
const CELLS_LONG = 300
/** A glass is its bowl, the upper part of it: our own starting value. */
const BOWL_FROM = 0.45

/** Something upright with the part it shows; flowers show one of their kinds by lot. */
interface Upright {
  readonly solid: WorldSolid
  readonly part: (lot: number) => number | null
  readonly opacity: number
}

/**
 * What a guest sees of each color of the table: shares of the solid angle that the table and all that stands on it take from that chair, by rays
 * from the eyes. Each ray ends at what it meets first; what is seen through lets by as many as it does. Faces opposite are not counted.
 */
export function seatColors(look: Look, seat: number, stepDeg = STEP_DEG): readonly SeenPart[] {
  const plan = seatPlan(look)
  const eye = guestEyes(plan, look.table)[seat]
  if (!eye) return []
  const flat = layFlat(look, plan, CELLS_LONG, false)
  const uprights = [...standingUp(look, flat), ...glassesUp(look, plan, flat)]
  const view = viewOf(eye, uprights, flat)
  const step = (stepDeg * Math.PI) / 180
  const weights = new Float64Array(OFF)
  let ray = 0
  for (let azimuth = view.left + step / 2; azimuth < view.right; azimuth += step) {
    const here = uprights.filter((_, i) => Math.abs(turned(azimuth - view.at[i]!)) <= view.half[i]!)
    for (let rise = -Math.PI / 2 + step / 2; rise < view.top; rise += step) {
      const part = firstMet(eye, azimuth, rise, here, flat, ray++)
      if (part !== OFF) weights[part]! += Math.cos(rise)
    }
  }
  const total = weights.reduce((sum, weight) => sum + weight, 0)
  return flat.seen().parts.map((part, i) => ({ ...part, share: total > 0 ? weights[i]! / total : 0 }))
}

const FAR_MM = 20_000

function firstMet(eye: Point3, azimuth: number, rise: number, here: readonly Upright[], flat: Painter, ray: number): number {
  const level = Math.cos(rise) * FAR_MM
  const to = { x: eye.x + level * Math.cos(azimuth), y: eye.y + level * Math.sin(azimuth), z: eye.z + Math.sin(rise) * FAR_MM }
  const down = rise < 0 ? eye.z / (eye.z - to.z) : Infinity
  let [nearest, met] = [down, undefined as Upright | undefined]
  for (const [i, one] of here.entries()) {
    const at = rayEnters(one.solid, eye, to)
    if (at < nearest && (one.opacity >= 1 || lotOf(31 * ray + i) < one.opacity)) [nearest, met] = [at, one]
  }
  if (met) return met.part(lotOf(17 * ray + 5)) ?? OFF
  return down === Infinity ? OFF : partAt(flat.raster, eye.x + down * (to.x - eye.x), eye.y + down * (to.y - eye.y))
}

function standingUp(look: Look, { part }: Painter): Upright[] {
  const index = pieceIndex(look)
  return atMeal(standings(look)).flatMap((one) => {
    const own = part(one.piece, 'middle')
    const candle = one.candle ? part(one.candle, 'middle') : own
    const byLot = headsByLot(one, index, part)
    return one.solids.map((solid): Upright => {
      const isFlowers = byLot !== undefined && (solid.part === 'heads' || solid.part === 'stems')
      return { solid, opacity: solid.opacity, part: isFlowers ? byLot : () => (solid.part === 'candle' ? candle : own) }
    })
  })
}

function glassesUp(look: Look, plan: SeatPlan, { part }: Painter): Upright[] {
  const layouts = placeLayouts(look, plan.places)
  return plan.places.flatMap((place, i) =>
    (layouts[i]?.layout.items ?? []).flatMap((item): Upright[] => {
      if (item.piece.kind !== 'glass') return []
      const { x, y } = itemShape(item, place, layouts[i]!.mirrored)
      const { heightMm, bowlMm } = item.piece
      const own = part(item.piece, 'places')
      return [
        { solid: { ...frustum(BOWL_FROM * heightMm, heightMm, 0.4 * bowlMm, bowlMm / 2, GLASS_SEEN), x, y, turnRad: 0 }, opacity: GLASS_SEEN, part: () => own }
      ]
    })
  )
}

/** How far to the sides and up rays go; for each upright where it stands, and how wide, in the eye's round. */
function viewOf(eye: Point3, uprights: readonly Upright[], { raster }: Painter) {
  const ahead = Math.atan2(-eye.y, -eye.x)
  const rows = raster.cells.length / raster.columns
  const corners = [0, 1].flatMap((i) =>
    [0, 1].map((j) => [raster.fromX + i * raster.columns * raster.cellMm - eye.x, raster.fromY + j * rows * raster.cellMm - eye.y] as const)
  )
  const sides = corners.map(([x, y]) => turned(Math.atan2(y, x) - ahead))
  const at = uprights.map(({ solid }) => Math.atan2(solid.y - eye.y, solid.x - eye.x))
  const half = uprights.map(({ solid }) => {
    const away = Math.sqrt((solid.x - eye.x) ** 2 + (solid.y - eye.y) ** 2)
    return Math.asin(Math.min(1, solidReachMm(solid) / Math.max(1, away)))
  })
  const top = uprights.map(({ solid }) =>
    Math.atan2(solid.z1Mm - eye.z, Math.max(1, Math.sqrt((solid.x - eye.x) ** 2 + (solid.y - eye.y) ** 2) - solidReachMm(solid)))
  )
  return { left: ahead + Math.min(...sides), right: ahead + Math.max(...sides), top: Math.max(0, ...top), at, half }
}

/** An angle from -pi to pi. */
const turned = (angle: number) => Math.atan2(Math.sin(angle), Math.cos(angle))
