import {
  createAssessor,
  extentSize,
  isStanding,
  middleScorePart,
  newPlaced,
  scoreParts,
  scoreWeights,
  seededRandom,
  type Look,
  type MiddleScore,
  type Placed,
  type Random,
  type ScorePart
} from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { generateLook } from './support/generateLook.js'
import { golds } from './support/gold.js'
import { tables } from './support/tables.js'

const scoreOf = (look: Look) => createAssessor().measure(look).get(middleScorePart).total
const withMiddle = (look: Look, centerpiece: readonly Placed[]): Look => ({ ...look, centerpiece })
const pick = <T>(list: readonly T[], random: Random): T => list[Math.floor(random() * list.length)]!

/** One thing moved by 60 mm in a direction by chance, or turned by 20 degrees where it has an axis. */
function nudged(look: Look, random: Random): Look {
  const one = pick(look.centerpiece.filter((placed) => placed.on === null), random) // prettier-ignore
  const piece = look.pieces.find((other) => other.id === one.pieceId)!
  const { lengthMm, widthMm } = 'extent' in piece ? extentSize(piece.extent) : { lengthMm: 1, widthMm: 1 }
  const angle = 2 * Math.PI * random()
  const turns = lengthMm * one.part > 1.5 * widthMm && random() < 0.5
  const change = turns ? { turnDeg: one.turnDeg + 20 } : { xMm: one.xMm + 60 * Math.cos(angle), yMm: one.yMm + 60 * Math.sin(angle) }
  return withMiddle(
    look,
    look.centerpiece.map((placed) => (placed === one ? { ...placed, ...change } : placed))
  )
}

/** One thing exchanged for another of the house by chance. */
function exchanged(look: Look, random: Random): Look {
  const one = pick(look.centerpiece.filter((placed) => placed.on === null), random) // prettier-ignore
  const used = new Set(look.centerpiece.map((placed) => placed.pieceId))
  const other = pick(look.pieces.filter((piece) => isStanding(piece) && piece.owned > 0 && !used.has(piece.id)), random) // prettier-ignore
  const centerpiece = look.centerpiece.map((placed) => (placed === one ? { ...newPlaced(one.id, other.id, one.xMm, one.yMm), turnDeg: 15 } : placed))
  return withMiddle(look, centerpiece)
}

/** The same things thrown on the middle by chance. */
function thrown(look: Look, random: Random): Look {
  const reach = Math.max(...look.centerpiece.map((placed) => Math.abs(placed.xMm)), 300)
  const centerpiece = look.centerpiece.map((placed) =>
    placed.on === null ? { ...placed, xMm: (random() * 2 - 1) * reach, yMm: (random() * 2 - 1) * 170, turnDeg: random() * 360 } : placed
  )
  return withMiddle(look, centerpiece)
}

/** Things side by side from the left in the order they were named, as one does who does not step back. */
function lined(look: Look): Look {
  let x = -700
  const centerpiece = look.centerpiece.map((placed) => {
    if (placed.on !== null) return placed
    x += 150
    return { ...placed, xMm: x, yMm: 0 }
  })
  return withMiddle(look, centerpiece)
}

type Parts = MiddleScore['parts']
type Weights = Readonly<Record<ScorePart, number>>
const partsOf = (look: Look) => createAssessor().measure(look).get(middleScorePart).parts

/** A hand-laid middle by its parts, and the same spoiled in one way, over and over. */
interface Spoiled {
  readonly own: Parts
  readonly others: readonly Parts[]
}

function spoiledBy(spoil: (look: Look, random: Random) => Look, times: number, seed: number): Spoiled[] {
  const random = seededRandom(seed)
  return golds.map(({ look }) => ({ own: partsOf(look), others: Array.from({ length: times }, () => partsOf(spoil(look, random))) }))
}

const [nudges, exchanges] = [spoiledBy(nudged, 20, 3), spoiledBy(exchanged, 12, 4)]
/** Every third is held out where weights are learned from the others. */
const heldOut = <T>(list: readonly T[]) => list.filter((_, i) => i % 3 === 2)
const others = <T>(list: readonly T[]) => list.filter((_, i) => i % 3 !== 2)

/** The weighted mean of the parts a pattern asks. */
function totalOf(parts: Parts, weights: Weights): number {
  const asked = scoreParts.filter((part) => parts[part] !== null)
  return asked.reduce((sum, part) => sum + weights[part] * parts[part]!, 0) / asked.reduce((sum, part) => sum + weights[part], 0)
}

/** How often spoiled middles score less than the middle they were. */
function beaten(list: readonly Spoiled[], weights: Weights = scoreWeights): number {
  const wins = list.flatMap(({ own, others: spoiled }) => spoiled.map((parts) => Number(totalOf(parts, weights) < totalOf(own, weights))))
  return wins.reduce((sum, win) => sum + win, 0) / wins.length
}

/** Weights that do best on some middles, from all alike, one at a time: how often they win, then by how much. */
function learned(lists: readonly (readonly Spoiled[])[]): Weights {
  const marginOf = (list: readonly Spoiled[], weights: Weights) => {
    const gains = list.flatMap(({ own, others: spoiled }) => spoiled.map((parts) => Math.min(0.03, totalOf(own, weights) - totalOf(parts, weights))))
    return gains.reduce((sum, gain) => sum + gain, 0) / gains.length
  }
  const worth = (weights: Weights) => lists.reduce((sum, list) => sum + beaten(list, weights) + marginOf(list, weights), 0)
  let best = Object.fromEntries(scoreParts.map((part) => [part, 1])) as Weights
  for (let round = 0; round < 4; round++)
    for (const part of scoreParts)
      for (const factor of [0.5, 0.75, 1.35, 2]) {
        const next = { ...best, [part]: best[part] * factor }
        if (worth(next) > worth(best)) best = next
      }
  return best
}

describe('the score prefers what eyes prefer: each of thirty middles laid by hand', () => {
  it('beats itself with one thing moved by 60 mm or turned by 20 degrees, 95 times in 100', () => {
    expect(beaten(nudges)).toBeGreaterThanOrEqual(0.95)
  })

  it('beats itself with one thing exchanged for another by chance, 95 times in 100', () => {
    expect(beaten(exchanges)).toBeGreaterThanOrEqual(0.95)
  })

  it('is the weighted mean of its parts, and no fluke of its weights: those learned from twenty judge the ten held out as well, and ours no worse', () => {
    for (const { look } of golds) expect(totalOf(partsOf(look), scoreWeights)).toBeCloseTo(scoreOf(look), 9)
    const weights = learned([others(nudges), others(exchanges)])
    for (const list of [heldOut(nudges), heldOut(exchanges)]) {
      expect(beaten(list, weights)).toBeGreaterThanOrEqual(0.95)
      expect(beaten(list)).toBeGreaterThanOrEqual(beaten(list, weights) - 0.02)
    }
  })

  it('beats the same things thrown down by chance, and in a row as they come, always', () => {
    const random = seededRandom(5)
    for (const { name, look } of golds) {
      const own = scoreOf(look)
      for (let i = 0; i < 5; i++) expect(scoreOf(thrown(look, random)), name).toBeLessThan(own)
      expect(scoreOf(lined(look)), name).toBeLessThan(own)
    }
  })
})

// Ngo, Teo & Byrne, "Modelling interface aesthetics", Information Sciences 152 (2003): a layout mirrored about its axis has symmetry 1, equal
// spacing has regularity 1, one element size and one starting point have unity and cohesion 1 (formulas recalled)
describe('measures of order, at the ends of their scales as published', () => {
  const parts = (xs: readonly number[], pieceId = 'bowl-oyster-small', ys: readonly number[] = []) => {
    const look = withMiddle({ ...tables.oval(), school: { ...tables.oval().school, pattern: 'run' } }, xs.map((x, i) => newPlaced(`p${i}`, pieceId, x, ys[i] ?? 0))) // prettier-ignore
    return createAssessor().measure(look).get(middleScorePart).parts
  }

  it('mirrored is symmetry 1, equal gaps are regularity 1, on one axis is alignment 1, all of one kind is unity 1', () => {
    expect(parts([-500, -250, 0, 250, 500])).toMatchObject({ symmetry: 1, gaps: 1, spine: 1, repetition: 1, unity: 1, kinds: 1 })
  })

  it('one of five shifted takes about two fifths of symmetry, for it and for its twin; uneven gaps and a thing off the axis are told', () => {
    const shifted = parts([-500, -250, 0, 250, 700])
    expect(shifted.symmetry).toBeCloseTo(3 / 5, 1)
    expect(shifted.gaps).toBeLessThan(0.8)
    expect(parts([-500, -250, 0, 250, 500], 'bowl-oyster-small', [0, 0, 0, 0, 90]).spine).toBeLessThan(0.85)
  })

  it('no order is higher than 1 nor lower than 0, whatever is laid', () => {
    for (let seed = 1; seed <= 16; seed++) {
      const { total, parts: all } = createAssessor().measure(generateLook(seed, { guests: 4 + (seed % 6), pieces: 4 + (seed % 14), manner: 'wild' })).get(middleScorePart) // prettier-ignore
      for (const value of [total, ...Object.values(all)]) {
        if (value === null) continue
        expect(value).toBeGreaterThanOrEqual(0)
        expect(value).toBeLessThanOrEqual(1 + 1e-9)
      }
    }
  })
})
