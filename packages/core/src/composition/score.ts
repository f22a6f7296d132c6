import { standingPart } from '../centerpiece/parts.js'
import type { Look, PatternName } from '../design/look.js'
import { planPart } from '../seating/parts.js'
import type { SeatPlan } from '../seating/seatPlan.js'
import { laidPart } from '../settings/parts.js'
import type { LaidItem } from '../settings/settingCrowding.js'
import { part } from '../subject/part.js'
import { fieldOf, type Field } from './field.js'
import { framesOf, type Frame } from './frames.js'
import { echoOf, kindsOf, unityOf } from './unity.js'
import { scoredOf, type Scored } from './scored.js'
import {
  densityOf,
  type Density,
  extentOf,
  gapsOf,
  hierarchyOf,
  profileOf,
  repetitionOf,
  scaleOf,
  spineOf,
  strewnOf,
  straightOf,
  symmetryOf
} from './orders.js'

export const scoreParts = [
  'symmetry',
  'gaps',
  'spine',
  'straight',
  'repetition',
  'hierarchy',
  'profile',
  'unity',
  'echo',
  'kinds',
  'density',
  'extent',
  'inside',
  'scale'
] as const
export type ScorePart = (typeof scoreParts)[number]

/** How a middle keeps what eyes prefer: each part 0 to 1, null where the pattern does not ask it. */
export interface MiddleScore {
  readonly total: number
  readonly parts: Readonly<Record<ScorePart, number | null>>
  /** How full the main axis is against what the look asks; null for an empty middle. */
  readonly density: Density | null
}

/** Weights, calibrated on twenty of the hand-laid middles in the tests and judged on ten held out. */
export const scoreWeights: Readonly<Record<ScorePart, number>> = {
  symmetry: 2.2,
  gaps: 1.4,
  spine: 1.8,
  straight: 1.2,
  repetition: 1.6,
  hierarchy: 1.2,
  profile: 0.8,
  unity: 1.2,
  echo: 1,
  kinds: 1.2,
  density: 1.2,
  extent: 1,
  inside: 1.6,
  scale: 0.8
}

type Laid = readonly (readonly LaidItem[])[]
type Around = Pick<Look, 'table' | 'room'>
interface Free {
  readonly plan: SeatPlan
  readonly table: Look['table']
  readonly room: Look['room']
  readonly field: Field
  readonly frames: readonly Frame[]
}

const known = new WeakMap<Laid, Free>()
/** Of a plan, what was worked out for things laid in some shape; which shape is written down when another is laid. */
const byShapes = new WeakMap<SeatPlan, { readonly free: Free; readonly laid: Laid; shapes?: string }[]>()
const MOST_KNOWN = 20

const shapesOf = (laid: Laid) => JSON.stringify(laid.map((items) => items.map((item) => item.shape)))

/** The field of the laid table and its axes; kept while only things of the middle move, or what is laid is of another color. */
export function freeOf({ table, room }: Around, plan: SeatPlan, laid: Laid): Free {
  const isOf = (free: Free | undefined) => free?.plan === plan && free.table === table && free.room === room
  const earlier = known.get(laid)
  if (earlier && isOf(earlier)) return earlier
  const ofPlan = byShapes.get(plan) ?? []
  byShapes.set(plan, ofPlan)
  const shapes = ofPlan.length > 0 ? shapesOf(laid) : undefined
  const alike = ofPlan.find((one) => isOf(one.free) && (one.shapes ??= shapesOf(one.laid)) === shapes)
  const free = alike?.free ?? workedOut({ table, room }, plan, laid)
  if (!alike) {
    if (ofPlan.length >= MOST_KNOWN) ofPlan.length = 0
    ofPlan.push({ free, laid, ...(shapes === undefined ? {} : { shapes }) })
  }
  known.set(laid, free)
  return free
}

function workedOut({ table, room }: Around, plan: SeatPlan, laid: Laid): Free {
  const field = fieldOf(plan, laid, [])
  return { plan, table, room, field, frames: framesOf({ table, room }, plan.outline, plan.places, field) }
}

/** Parts of the score that only what is laid elsewhere can change are left to the last. */
type WithAll = 'unity' | 'echo'

/** What of a look the order of its middle is judged by. */
type OrderOf = Pick<Look, 'school' | 'intent'>

/** The things of a middle and how they are ordered on the table; null for none, or no table to order them on. */
const orderPart = part({
  reads: ['pieces', 'school', 'intent', 'table', 'room'],
  needs: { plan: planPart, laid: laidPart, standing: standingPart },
  work: (look, { plan, laid, standing }) => {
    const { field, frames } = freeOf(look, plan, laid)
    const things = scoredOf(look, standing, frames)
    const frame = frames[0]
    if (things.length === 0 || !frame) return null
    const on = things.filter((one) => one.frame === frame)
    return {
      things,
      parts: orderOf(look, things, frames, frame, (one) => field.clearMm(one.world)),
      density: densityOf(on, frame, look.school.fullness)
    }
  }
})

/** Judges the middle of a look by the pattern it says it has, or as a free one. Rules the look breaks on purpose are left out. */
export const middleScorePart = part({
  reads: ['pieces', 'school', 'setting', 'kinds', 'linens', 'guests'],
  needs: { order: orderPart },
  work: (look, { order }): MiddleScore => {
    if (!order) return { total: 0, parts: nothing(), density: null }
    const parts: Record<ScorePart, number | null> = { ...order.parts, unity: unityOf(look, order.things), echo: echoOf(look, order.things) }
    for (const part of scoreParts) if (isMeant(part, look.school.meant)) parts[part] = null
    const asked = scoreParts.filter((part) => parts[part] !== null)
    const weight = asked.reduce((sum, part) => sum + scoreWeights[part], 0)
    const total = weight === 0 ? 0 : asked.reduce((sum, part) => sum + scoreWeights[part] * parts[part]!, 0) / weight
    return { total, parts, density: order.density }
  }
})

function nothing(): Record<ScorePart, number | null> {
  return Object.fromEntries(scoreParts.map((part) => [part, 0])) as Record<ScorePart, number>
}

function orderOf(
  look: OrderOf,
  things: readonly Scored[],
  frames: readonly Frame[],
  frame: Frame,
  clearMm: (one: Scored) => number
): Record<Exclude<ScorePart, WithAll>, number | null> {
  const { pattern } = look.school
  const on = things.filter((one) => one.frame === frame)
  const each = frames.map((one) => ({ frame: one, own: things.filter((thing) => thing.frame === one) })).filter(({ own }) => own.length > 0)
  const mean = (of: (own: readonly Scored[], at: Frame) => number | null) => {
    const values = each.flatMap(({ frame: at, own }) => of(own, at) ?? [])
    return values.length === 0 ? null : values.reduce((sum, value) => sum + value, 0) / values.length
  }
  return {
    symmetry:
      look.school.symmetry === 'symmetric' || pattern !== 'scatter'
        ? mean((own, at) => symmetryOf(pattern === 'gathered-tray' ? own.filter((one) => !one.onBase) : own, at))
        : null,
    gaps: pattern === 'scatter' ? mean(strewnOf) : pattern === 'patch' ? null : mean((own, at) => gapsOf(own, at, pattern === 'open-middle')),
    spine: mean((own, at) => (pattern === 'scatter' ? null : spineOf(own, at))),
    straight: mean(straightOf),
    repetition: repetitionOf(things),
    hierarchy: hierarchyOf(on, pattern),
    profile: mean(profileOf),
    kinds: kindsOf(things),
    density: densityOf(on, frame, look.school.fullness).kept,
    extent: extentOfAll(things, frames, pattern, look.intent.use === 'show'),
    inside: things.reduce((sum, one) => sum + insideOf(one, clearMm(one)), 0) / things.length,
    scale: scaleOf(on, frame)
  }
}

/** Less of an arm than this needs nothing on it: our own starting value. */
const LEAST_ARM_MM = 220

/** How far along each arm of the table things go; an arm with nothing on it is bare. */
function extentOfAll(things: readonly Scored[], frames: readonly Frame[], pattern: PatternName | null, forShow: boolean): number | null {
  if (pattern === null) return null
  const extents = frames
    .filter((frame, i) => i === 0 || frame.halfMm >= LEAST_ARM_MM)
    .map((frame) => extentOf(things.filter((one) => one.frame === frame), frame, pattern, forShow) ?? 0) // prettier-ignore
  return extents.reduce((sum, one) => sum + one, 0) / extents.length
}

/** 1 with a finger's breadth to spare, 0 where it reaches as far into what is laid. */
function insideOf(one: Scored, clearMm: number): number {
  const spareMm = clearMm - (one.isLong ? one.halfY : one.radiusMm)
  return Math.max(0, Math.min(1, (spareMm + 15) / 30))
}

/** Rules of composition whose measure is a part of the score. */
const meantCodes: Readonly<Partial<Record<ScorePart, string>>> = {
  symmetry: 'compose.balance',
  profile: 'compose.neighbors',
  repetition: 'compose.groups',
  echo: 'compose.spread',
  scale: 'compose.scale'
}

function isMeant(part: ScorePart, meant: readonly string[]): boolean {
  const code = meantCodes[part]
  return code !== undefined && meant.includes(code)
}
