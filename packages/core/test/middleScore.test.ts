import { createAssessor, extentSize, isStanding, middleScorePart, newPlaced, seededRandom, type Look, type Placed, type Random } from '@hestiad/core'
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

describe('the score prefers what eyes prefer: each of thirty middles laid by hand', () => {
  it('beats itself with one thing moved by 60 mm or turned by 20 degrees, 95 times in 100', () => {
    const random = seededRandom(3)
    let better = 0
    let all = 0
    for (const { look } of golds) {
      const own = scoreOf(look)
      for (let i = 0; i < 20; i++) {
        all++
        if (scoreOf(nudged(look, random)) < own) better++
      }
    }
    expect(better / all).toBeGreaterThanOrEqual(0.95)
  })

  it('beats itself with one thing exchanged for another by chance, 95 times in 100', () => {
    const random = seededRandom(4)
    let better = 0
    let all = 0
    for (const { look } of golds) {
      const own = scoreOf(look)
      for (let i = 0; i < 12; i++) {
        all++
        if (scoreOf(exchanged(look, random)) < own) better++
      }
    }
    expect(better / all).toBeGreaterThanOrEqual(0.95)
  })

  it('beats the same things thrown down by chance, and in a row as they come, always', () => {
    const random = seededRandom(5)
    for (const { name, look } of golds) {
      const own = scoreOf(look)
      for (let i = 0; i < 10; i++) expect(scoreOf(thrown(look, random)), name).toBeLessThan(own)
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
    for (let seed = 1; seed <= 40; seed++) {
      const { total, parts: all } = createAssessor().measure(generateLook(seed, { guests: 4 + (seed % 6), pieces: 4 + (seed % 14), manner: 'wild' })).get(middleScorePart) // prettier-ignore
      for (const value of [total, ...Object.values(all)]) {
        if (value === null) continue
        expect(value).toBeGreaterThanOrEqual(0)
        expect(value).toBeLessThanOrEqual(1 + 1e-9)
      }
    }
  })
})
