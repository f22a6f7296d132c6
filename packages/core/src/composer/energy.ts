import { offSupportMm, offTableMm, piecesOverlapMm, settingHit } from '../centerpiece/collisions.js'
import { standings, type Standing } from '../centerpiece/standing.js'
import { compositionFigures, type CompositionFigures } from '../composition/compositionFigures.js'
import type { Look, Placed } from '../design/look.js'
import { flameConflicts } from '../light/flameConflicts.js'
import { BALANCE_MOST, FULLNESS_SHARE, LEVELS_WANTED, OPEN_MIDDLE_MM, WIDTH_SHARE_MOST } from '../reference/composition.js'
import type { SeatPlan } from '../seating/seatPlan.js'
import type { LaidItem } from '../settings/settingCrowding.js'
import { hiddenShare } from '../sight/hiddenShare.js'
import { shadowsOf } from '../sight/shadowsOf.js'
import type { Shadow } from '../sight/shadow.js'
import type { SightLines } from '../sight/sightLines.js'
import { HIDDEN_LIMIT } from '../sight/tableSight.js'

/** Everything an arrangement is judged against that does not change while it is searched for. */
export interface Setting {
  readonly look: Look
  readonly plan: SeatPlan
  readonly laid: readonly (readonly LaidItem[])[]
  readonly lines: SightLines
  readonly depthMm: number
}

/** How far an arrangement is from free of hard faults, and how well it keeps the rules of composition, 0 to 1. */
export interface Judgement {
  readonly hard: number
  readonly kept: number
}

/** Judges placed pieces together with what is locked. */
export function judge(setting: Setting, centerpiece: readonly Placed[]): Judgement {
  const standing = standings({ pieces: setting.look.pieces, centerpiece })
  return {
    hard: hardFaults(setting, standing),
    kept: keptShare(setting.look.school, compositionFigures({ ...setting.look, centerpiece }, standing, setting.plan, setting.depthMm))
  }
}

/** Millimeters of running into things, and faces hidden past the limit, as one number; 0 is free of faults. */
function hardFaults({ look, plan, laid, lines }: Setting, standing: readonly Standing[]): number {
  const byId = new Map(standing.map((one) => [one.placed.id, one]))
  let faults = 0
  standing.forEach((one, i) => {
    faults += offTableMm(one, plan.outline) * 2
    faults += offSupportMm(one, one.placed.on === null ? undefined : byId.get(one.placed.on))
    faults += settingHit(one, laid)?.overlapMm ?? 0
    for (let j = 0; j < i; j++) faults += piecesOverlapMm(one, standing[j]!)
    if (one.placed.atMeal) faults += 400 * Math.max(0, hidesMost(one, lines) - HIDDEN_LIMIT * 0.95)
  })
  for (const conflict of flameConflicts(standing, look.occasion.endMin, look.school)) faults += (conflict.limitMm - conflict.distanceMm) / 2 + 5
  return faults
}

const most = new WeakMap<Standing, { readonly lines: SightLines; readonly share: number }>()

/** The largest share of a face that a piece hides by itself. */
function hidesMost(standing: Standing, lines: SightLines): number {
  if (standing.topMm <= lines.lowestMm) return 0
  const earlier = most.get(standing)
  if (earlier?.lines === lines) return earlier.share
  const byPair = new Map<number, Shadow[]>()
  for (const shadow of shadowsOf(standing.solids, lines)) byPair.set(shadow.pair, [...(byPair.get(shadow.pair) ?? []), shadow])
  const share = Math.max(0, ...[...byPair.values()].map((shadows) => hiddenShare(shadows)))
  most.set(standing, { lines, share })
  return share
}

/** Weight of each rule in the score: our own starting values. */
const weights = { levels: 2, neighbors: 2, groups: 1, balance: 3, fullness: 2, scale: 1, spread: 1, finish: 1, checklist: 2, middle: 2 } as const

/** Share of the rules of composition kept, each by how far, weighted. */
export function keptShare(school: Look['school'], figures: CompositionFigures): number {
  const [least, fullest] = FULLNESS_SHARE[school.fullness]
  const balanceMost = BALANCE_MOST[school.symmetry]
  const over = (value: number, limit: number) => (value <= limit ? 1 : Math.max(0, 1 - (value - limit) / limit))
  const even = figures.groups.filter((group) => (group.length % 2 === 1) !== (school.groups === 'odd')).length
  const kept: Record<keyof typeof weights, number> = {
    levels: Math.min(1, figures.levels.length / LEVELS_WANTED),
    neighbors: 1 / (1 + figures.alike.length),
    groups: figures.groups.length === 0 ? 1 : 1 - even / figures.groups.length,
    balance: Math.min(over(Math.abs(figures.alongShare), balanceMost), over(Math.abs(figures.acrossShare), balanceMost)),
    fullness: figures.covered < least ? figures.covered / least : over(figures.covered, fullest),
    scale: figures.widest ? over(figures.widest.share, WIDTH_SHARE_MOST) : 1,
    spread: figures.accents.length === 0 ? 1 : figures.accents.filter((one) => one.placedIds.length >= 3 && !one.oneThird).length / figures.accents.length,
    finish: Math.min(1, figures.finishes.length / 2, figures.textures.length / 3),
    checklist: (Number(figures.green) + Number(figures.lit) + Number(figures.useful)) / 3,
    middle: school.pattern === 'open-middle' ? Math.min(1, figures.openMm / OPEN_MIDDLE_MM) : 1
  }
  const names = Object.keys(weights) as (keyof typeof weights)[]
  const total = names.reduce((sum, name) => sum + weights[name], 0)
  return names.reduce((sum, name) => sum + weights[name] * kept[name], 0) / total
}
