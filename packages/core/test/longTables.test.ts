import { applyEdit, composeMiddles, createAssessor, findPiece, pieceIndex, standings, type Idea, type Look, type PatternName } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { demoLook } from './support/looks.js'

const IN = 25.4
/** The ferry crew at one table of these inches, with nothing under its plates. */
function crewAt(kind: 'rectangle' | 'racetrack', lengthIn: number, widthIn: number): Look {
  const crew = demoLook('ferry-crew')
  return {
    ...crew,
    table: { ...crew.table, shape: { kind, lengthMm: Math.round(lengthIn * IN), widthMm: Math.round(widthIn * IN) } },
    linens: { ...crew.linens, clothId: null, runner: null },
    centerpiece: []
  }
}

function ideaOf(look: Look, pattern: PatternName): Idea {
  const { ideas, refusals } = composeMiddles(look, { patterns: [pattern], from: 'few-new', want: 1, seed: 1 })
  expect(ideas, JSON.stringify(refusals)).toHaveLength(1)
  return ideas[0]!
}

/** Where the leading things of a pattern stand along the table, from the left. */
function groupsOf(look: Look, idea: Idea): number[] {
  const index = pieceIndex(look)
  const leads = idea.centerpiece.filter((one) => (idea.cast.baseId === null ? one.pieceId === idea.cast.heroId : findPiece(index, one.pieceId, 'tray')))
  return leads.map((one) => one.xMm).sort((a, b) => a - b)
}

describe('on a table longer than 96 in', () => {
  it.each([
    ['one-focus', 'rectangle', 144, 3],
    ['one-focus', 'racetrack', 144, 3],
    ['gathered-tray', 'rectangle', 120, 2],
    ['gathered-tray', 'racetrack', 144, 2],
    ['edible-board', 'rectangle', 144, 2],
    ['edible-board', 'racetrack', 144, 2]
  ] as const)(
    '%s on a %s of %d in comes %d times along it, the left half the mirror image of the right, and nobody sits at bare wood',
    (pattern, kind, lengthIn, times) => {
      const look = crewAt(kind, lengthIn, 44)
      const idea = ideaOf(look, pattern)
      const groups = groupsOf(look, idea)
      expect(groups).toHaveLength(times)
      groups.forEach((x, i) => expect(x + groups[groups.length - 1 - i]!).toBeCloseTo(0, -1))
      const all = standings(applyEdit(look, idea.edit))
      for (const one of all) expect(all.some((other) => other.piece.id === one.piece.id && Math.abs(other.pose.x + one.pose.x) < 4)).toBe(true)
      // a seat pitch and a half: common practice, no source
      const reach = Math.max(...all.map((one) => one.pose.x))
      expect((lengthIn * IN) / 2 - reach).toBeLessThan(1080)
    }
  )

  it('what stands on a round tray stands wholly on it, hero and lights', () => {
    const look = crewAt('rectangle', 120, 44)
    const idea = ideaOf(look, 'gathered-tray')
    const all = standings(applyEdit(look, idea.edit))
    for (const tray of all.filter(({ piece }) => piece.kind === 'tray' && piece.extent.kind === 'round')) {
      if (tray.piece.kind !== 'tray' || tray.piece.extent.kind !== 'round') continue
      const inner = tray.piece.extent.diameterMm / 2 - tray.piece.wallMm
      const upon = all.filter((one) => one.placed.on === tray.placed.id)
      expect(upon.length).toBeGreaterThan(1)
      for (const { pose, piece } of upon) {
        const foot = piece.kind === 'vessel' || piece.kind === 'holder' ? piece.baseMm / 2 : 0
        expect(Math.hypot(pose.x - tray.pose.x, pose.y - tray.pose.y) + foot).toBeLessThanOrEqual(inner + 1)
      }
    }
  })

  it('one group in the middle alone scores less than groups along it, and up to 96 in it is as it should be', () => {
    const look = crewAt('rectangle', 144, 44)
    const idea = ideaOf(look, 'one-focus')
    const extentOf = (of: Look) => createAssessor().measure(of).figures.composition.score.parts.extent
    const laid = applyEdit(look, idea.edit)
    const alone = { ...laid, centerpiece: laid.centerpiece.filter((one) => Math.abs(one.xMm) < 500) }
    expect(alone.centerpiece.length).toBeGreaterThan(0)
    expect(extentOf(laid)).toBe(1)
    expect(extentOf(alone)).toBeLessThan(0.3)
    const short = crewAt('rectangle', 90, 44)
    expect(groupsOf(short, ideaOf({ ...short, guests: short.guests.slice(0, 8) }, 'one-focus'))).toEqual([0])
  })
})
