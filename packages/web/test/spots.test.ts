import { createAssessor, seatPlan, standings, type Look } from '@hestiad/core'
import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { badgesOf, offNames, spotOf, type Badge } from '../src/board/spots.js'
import { viewport } from '../src/board/viewport.js'

const demo = (name: string) => JSON.parse(readFileSync(new URL(`../../../demo/${name}.hestiad.json`, import.meta.url), 'utf8')) as Look

/** Whether a mark 20 px across lies on a number 20 px across, or on a name of letters 6 px wide and 14 px high below it. */
const liesOn = (mark: { x: number; y: number }, { x, y, name }: Badge) =>
  Math.hypot(mark.x - x, mark.y - y) < 19.9 || (Math.abs(mark.x - x) < 3 * name.length + 9 && Math.abs(mark.y - y - 19) < 7 + 9)

describe('the mark of a finding', () => {
  it('hides no number and no name of a chair, wide or narrow, turned or not, and stays as near as it can', () => {
    let [lay, all] = [0, 0]
    for (const name of ['pearl-anniversary', 'ferry-crew', 'mending-circle', 'ordinary-week']) {
      const look = demo(name)
      const [plan, standing] = [seatPlan(look), standings(look)]
      const numbers = plan.places.map(({ number }) => ({ kind: 'seats', numbers: [number] }) as const)
      const about = [
        ...createAssessor()
          .measure(look)
          .findings.map((finding) => finding.at),
        ...numbers
      ]
      for (const [width, height] of [
        [838, 690],
        [388, 380],
        [560, 900]
      ] as const)
        for (const turned of [false, true]) {
          const view = viewport(plan.outline, width, height, turned)
          const badges = badgesOf(plan, view)
          for (const at of about) {
            const spot = spotOf(at, standing, plan, view)
            if (!spot) continue
            const mark = offNames(spot, badges)
            const on = (point: typeof spot) => badges.some((badge) => liesOn(point, badge))
            all++
            if (on(spot)) lay++
            expect(on(mark), `${name} ${JSON.stringify(at)} at ${width}`).toBe(false)
            expect(Math.hypot(mark.x - spot.x, mark.y - spot.y)).toBeLessThan(on(spot) ? 60 : 40)
          }
        }
    }
    expect(lay).toBeGreaterThan(5)
    expect(all).toBeGreaterThan(5 * lay)
  })
})
