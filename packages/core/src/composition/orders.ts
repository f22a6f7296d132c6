import type { Fullness, PatternName } from '../design/look.js'
import { distanceMm } from '../geometry/point.js'
import { RING_SHARE, SPINE_SHARE } from '../reference/composition.js'
import { isLongTable, type Frame } from './frames.js'
import type { Scored } from './scored.js'

/*
 * Measures of order in a middle, each 0 to 1. After D. C. L. Ngo, L. S. Teo, J. G. Byrne, "Modelling interface aesthetics", Information Sciences
 * 152 (2003): symmetry, regularity, alignment, proportion, density (formulas recalled, fitted to things round a spine); docs/references.md.
 */

/** A twin may stand this far off its mirrored place and still be half right. */
const MIRROR_MM = 34
const SPINE_MM = 45

/** Each thing has its like mirrored along, across or through the middle, or a turn further on a ring. */
export function symmetryOf(things: readonly Scored[], frame: Frame): number | null {
  if (things.length < 2) return null
  const turns = frame.ring ? [3, 4, 5, 6, 8, frame.ring.length].map((n) => (2 * Math.PI) / n) : []
  const images: ((one: Scored) => readonly [number, number])[] = [
    ({ x, y }) => [-x, y],
    ({ x, y }) => [-x, -y],
    ...turns.map(
      (turn) =>
        ({ x, y }: Scored) =>
          [x * Math.cos(turn) - y * Math.sin(turn), x * Math.sin(turn) + y * Math.cos(turn)] as const
    )
  ]
  const kin = new Map<string, Scored[]>()
  for (const one of things) {
    const own = kin.get(one.piece.id)
    if (own) own.push(one)
    else kin.set(one.piece.id, [one])
  }
  const scores = images.map((image) => {
    let [sum, weight] = [0, 0]
    for (const one of things) {
      const own = one.isBase && one.isLong ? 0.6 : one.onBase ? 0.35 : 1
      const [x, y] = image(one)
      let off2 = Infinity
      for (const other of kin.get(one.piece.id)!) {
        const away2 = (other.x - x) * (other.x - x) + (other.y - y) * (other.y - y)
        if (away2 < off2 && Math.abs(other.radiusMm - one.radiusMm) < 12) off2 = away2
      }
      sum += own * Math.exp((-off2 / MIRROR_MM ** 2) * Math.LN2)
      weight += own
    }
    return sum / weight
  })
  return Math.max(...scores)
}

/** Things side by side along the spine as one column, from the left. */
function columns(things: readonly Scored[]): { readonly low: number; readonly high: number; readonly things: Scored[] }[] {
  const sorted = things
    .filter((one) => !one.onBase && !(one.isBase && one.isLong && one.halfX > 150 && one.piece.kind === 'ornament'))
    .sort((a, b) => a.x - a.halfX - (b.x - b.halfX))
  const list: { low: number; high: number; things: Scored[] }[] = []
  for (const one of sorted) {
    const last = list[list.length - 1]
    if (last && one.x - one.halfX < last.high - 0.35 * Math.min(2 * one.halfX, last.high - last.low)) {
      last.high = Math.max(last.high, one.x + one.halfX)
      last.things.push(one)
    } else list.push({ low: one.x - one.halfX, high: one.x + one.halfX, things: [one] })
  }
  return list
}

/** Gaps edge to edge are equal, or grow evenly outward: what is left of them after such a line, against their mean. */
export function gapsOf(things: readonly Scored[], frame: Frame, openMiddle: boolean): number | null {
  if (frame.ring) return ringGaps(things)
  const list = columns(things)
  if (list.length < 3) return null
  const gaps = list
    .slice(1)
    .map((one, i) => ({ mm: Math.max(0, one.low - list[i]!.high), at: Math.abs((one.low + list[i]!.high) / 2), across: one.low > 0 && list[i]!.high < 0 }))
    .filter((gap) => !(openMiddle && gap.across))
  if (gaps.length < 2) return null
  const mean = gaps.reduce((sum, gap) => sum + gap.mm, 0) / gaps.length
  if (mean < 1) return 1
  const atMean = gaps.reduce((sum, gap) => sum + gap.at, 0) / gaps.length
  const variance = gaps.reduce((sum, gap) => sum + (gap.at - atMean) ** 2, 0)
  const slope = variance > 1 ? gaps.reduce((sum, gap) => sum + (gap.at - atMean) * (gap.mm - mean), 0) / variance : 0
  const off = gaps.reduce((sum, gap) => sum + Math.abs(gap.mm - mean - Math.max(-0.1, slope) * (gap.at - atMean)), 0) / gaps.length
  return Math.max(0, 1 - off / mean)
}

/** Strewn things keep off each other evenly: the spread of their distances to the nearest, against the mean. */
export function strewnOf(things: readonly Scored[]): number | null {
  if (things.length < 3) return null
  const nearest = things.map((one) =>
    Math.min(...things.filter((other) => other !== one).map((other) => distanceMm(other, one) - other.radiusMm - one.radiusMm))
  )
  const mean = nearest.reduce((sum, mm) => sum + mm, 0) / nearest.length
  if (mean <= 0) return 0
  return Math.max(0, 1 - nearest.reduce((sum, mm) => sum + Math.abs(mm - mean), 0) / nearest.length / mean)
}

/** Angles between like things of a ring are equal. */
function ringGaps(things: readonly Scored[]): number | null {
  const groups = new Map<string, number[]>()
  for (const one of things) {
    if (one.onBase || Math.hypot(one.x, one.y) < 40) continue
    groups.set(one.piece.id, [...(groups.get(one.piece.id) ?? []), Math.atan2(one.y, one.x)])
  }
  const values = [...groups.values()].filter((angles) => angles.length > 1).map(ringEvenness)
  return values.length === 0 ? null : values.reduce((sum, value) => sum + value, 0) / values.length
}

function ringEvenness(angles: readonly number[]): number {
  const sorted = [...angles].sort((a, b) => a - b)
  const gaps = sorted.map((angle, i) => (sorted[i + 1] ?? sorted[0]! + 2 * Math.PI) - angle)
  const mean = (2 * Math.PI) / gaps.length
  return Math.max(0, 1 - gaps.reduce((sum, gap) => sum + Math.abs(gap - mean), 0) / gaps.length / mean)
}

/** Things stand on the spine, or in matched offsets from it; on a ring, like things at one distance from its middle. */
export function spineOf(things: readonly Scored[], frame: Frame): number {
  const own = things.filter((one) => !one.onBase)
  if (frame.ring && own.length > 2) return ringSpine(own)
  const matched = (one: Scored) => own.some((other) => other !== one && other.familyId === one.familyId && Math.abs(other.y + one.y) < 12)
  return own.reduce((sum, one) => sum + (Math.abs(one.y) <= 8 ? 1 : matched(one) ? 0.93 : Math.exp(-Math.abs(one.y) / SPINE_MM)), 0) / Math.max(1, own.length)
}

function ringSpine(own: readonly Scored[]): number {
  const outOf = (one: Scored) => Math.hypot(one.x, one.y)
  return (
    own.reduce((sum, one) => {
      const out = outOf(one)
      const like = own.filter((other) => other !== one && other.piece.id === one.piece.id).map(outOf)
      const off = like.length > 0 ? Math.min(...like.map((other) => Math.abs(other - out))) : out
      return sum + Math.exp(-((off / MIRROR_MM) ** 2) * Math.LN2)
    }, 0) / own.length
  )
}

/** Things with an axis lie along the spine or square to it; lengths of one garland bend as they are laid. */
export function straightOf(things: readonly Scored[]): number | null {
  const long = things.filter((one) => one.isLong && !one.onBase)
  if (long.length === 0) return null
  const grouped = (one: Scored) => one.standing.placed.group !== null
  const off = (one: Scored) => Math.min(one.turnDeg % 90, 90 - (one.turnDeg % 90))
  return long.reduce((sum, one) => sum + (grouped(one) ? 1 : Math.max(0, 1 - off(one) / 8)), 0) / long.length
}

/** Share of things, the hero and bases aside, that have their like. */
export function repetitionOf(things: readonly Scored[]): number | null {
  const hero = heroOf(things)
  const rest = things.filter((one) => !one.isBase && one !== hero)
  if (rest.length === 0) return null
  const like = (one: Scored) => things.some((other) => other !== one && other.familyId === one.familyId)
  return rest.reduce((sum, one) => sum + (like(one) || one.onBase ? (like(one) ? 1 : 0.7) : 0), 0) / rest.length
}

const massOf = (one: Scored) => one.halfX * one.halfY * one.topMm

function heroOf(things: readonly Scored[]): Scored | undefined {
  return things.filter((one) => !one.isBase).sort((a, b) => massOf(b) - massOf(a))[0]
}

/** Where the pattern has a hero: the largest thing is in the middle, and clearly larger than the next; two heroes are equal and matched. */
export function hierarchyOf(things: readonly Scored[], pattern: PatternName | null): number | null {
  const sorted = things.filter((one) => !one.isBase).sort((a, b) => massOf(b) - massOf(a))
  const [first, second, third] = sorted
  if (!first) return null
  const over = (a: Scored | undefined, b: Scored | undefined) => (a && b ? Math.min(1, (massOf(a) / massOf(b) - 0.8) / 0.7) : 1)
  switch (pattern) {
    case 'one-focus':
    case 'flanked':
    case 'patch': {
      const others = sorted.filter((one) => one.piece.id !== first.piece.id)
      const like = sorted.filter((one) => one.piece.id === first.piece.id)
      const middle = Math.min(...like.map((one) => Math.hypot(one.x, one.y)))
      return 0.6 * Math.exp(-((middle / 60) ** 2)) + 0.4 * Math.max(0, over(first, others[0]))
    }
    case 'open-middle': {
      if (!second) return 0
      const matched = Math.exp(-((Math.hypot(first.x + second.x, first.y + second.y) / 60) ** 2))
      return 0.6 * matched + 0.4 * Math.max(0, over(second, third?.piece.id === second.piece.id ? undefined : third))
    }
    default:
      return null
  }
}

/** Neighbors of different kinds differ in height by a quarter, twins are equal. */
export function profileOf(things: readonly Scored[]): number | null {
  const list = columns(things).map(({ things: own }) => own.reduce((tallest, one) => (one.topMm > tallest.topMm ? one : tallest)))
  const pairs = list.slice(1).map((one, i) => [list[i]!, one] as const)
  if (pairs.length === 0) return null
  const ok = ([a, b]: readonly [Scored, Scored]) => {
    const ratio = Math.max(a.topMm, b.topMm) / Math.max(1, Math.min(a.topMm, b.topMm))
    if (a.familyId === b.familyId) return ratio < 1.05 || ratio > 1.12 ? 1 : 0.6
    return ratio >= 1.25 || Math.max(a.topMm, b.topMm) < 110 ? 1 : Math.max(0.3, (ratio - 1) / 0.25)
  }
  return pairs.reduce((sum, pair) => sum + ok(pair), 0) / pairs.length
}

/** How full a middle is, against the least and the most the look asks; `kept` 0 to 1. */
export interface Density {
  readonly share: number
  readonly least: number
  readonly most: number
  readonly kept: number
}

/** Of the free spine what things take of its length, on a ring what they cover. */
export function densityOf(things: readonly Scored[], frame: Frame, fullness: Fullness): Density {
  const [least, most] = (frame.ring ? RING_SHARE : SPINE_SHARE)[fullness]
  const share = frame.ring ? coverOf(things, frame) : takenOf(things, frame)
  return { share, least, most, kept: band(share, [least, most], frame.ring ? 0.1 : 0.22) }
}

/** Things narrower than this leave air beside them: our own starting value. */
const SLENDER_MM = 110

function takenOf(things: readonly Scored[], frame: Frame): number {
  const wide = (own: readonly Scored[]) => Math.min(1, own.reduce((most, one) => Math.max(most, 2 * one.halfY), 0) / SLENDER_MM)
  const taken = columns(things).reduce(
    (sum, one) => sum + wide(one.things) * Math.max(0, Math.min(frame.halfMm, one.high) - Math.max(-frame.halfMm, one.low)),
    0
  )
  const greens = things.filter((one) => one.isBase && one.isLong).reduce((sum, one) => sum + 2 * one.halfX, 0)
  return Math.max(taken, 0.75 * greens) / Math.max(1, 2 * frame.halfMm)
}

function coverOf(things: readonly Scored[], frame: Frame): number {
  const covered = things.filter((one) => !one.onBase).reduce((sum, one) => sum + 4 * one.halfX * one.halfY * (one.isLong ? 1 : Math.PI / 4), 0)
  return covered / (Math.PI * Math.max(1, frame.halfMm) ** 2)
}

/** Length of the whole as a share of the table: design of the composer. */
const extentBand: Readonly<Record<PatternName, readonly [number, number]>> = {
  'one-focus': [0.2, 0.55],
  'open-middle': [0.4, 0.72],
  flanked: [0.38, 0.72],
  run: [0.45, 0.85],
  garland: [0.4, 0.85],
  'gathered-tray': [0.14, 0.5],
  patch: [0.2, 0.55],
  scatter: [0.4, 0.85],
  'bud-vases': [0.4, 0.85],
  'edible-board': [0.2, 0.7]
}

/** So much of a long table may be bare at each end: a seat pitch and a half. */
const BARE_END_MM = 1000
const longBand = ([low, high]: readonly [number, number], tableHalfMm: number) =>
  [Math.max(0.3, low, 1 - BARE_END_MM / tableHalfMm), Math.max(0.75, high)] as const

export function extentOf(things: readonly Scored[], frame: Frame, pattern: PatternName | null, forShow = false): number | null {
  if (things.length === 0 || pattern === null) return null
  const low = Math.min(...things.map((one) => one.x - one.halfX))
  const high = Math.max(...things.map((one) => one.x + one.halfX))
  // for show what is strewn may reach the ends
  const wide = forShow && pattern === 'scatter' ? ([extentBand.scatter[0], 1] as const) : extentBand[pattern]
  // a long table has groups all along it, of whatever pattern
  const bandOf = frame.ring ? ([0.15, 0.62] as const) : isLongTable(frame) ? longBand(wide, frame.tableHalfMm) : wide
  return band((high - low) / (2 * frame.tableHalfMm), bandOf, 0.2)
}

/** The largest thing against the table's width. */
export function scaleOf(things: readonly Scored[], frame: Frame): number | null {
  const hero = heroOf(things)
  return hero ? band((2 * Math.min(hero.halfX, hero.halfY)) / frame.scaleMm, [0.06, 0.33], 0.12) : null
}

/** 1 within a band, falling to 0 at a slack beyond it. */
function band(value: number, [low, high]: readonly [number, number], slack: number): number {
  if (value < low) return Math.max(0, 1 - (low - value) / Math.min(slack, low))
  return value > high ? Math.max(0, 1 - (value - high) / slack) : 1
}
