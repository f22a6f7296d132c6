import { applyEdit, changeBudget, changeOccasion, changePlaced, changeSchool, placeLayouts, seatPlan, standings, usedIds, type Look } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { ref } from 'vue'
import { useDrawnLook } from '../src/board/drawnLook.js'
import { useGeometry } from '../src/board/useGeometry.js'
import { colorsOf, linesOf } from '../src/looks/shownLook.js'
import { words } from '../src/shell/words.js'
import { demo } from './support/assessorHere.js'
import { faultsOf } from './support/wordFaults.js'

describe('the geometry of what is drawn', () => {
  it('is the core’s, and each part is worked out anew only when what it is made of changes', () => {
    const look = ref<Look>(demo)
    const { plan, layouts, standing } = useGeometry(look)
    expect(plan.value).toEqual(seatPlan(demo))
    expect(layouts.value).toEqual(placeLayouts(demo, seatPlan(demo).places))
    expect(standing.value).toEqual(standings(demo))
    const [planBefore, layoutsBefore, standingBefore] = [plan.value, layouts.value, standing.value]
    look.value = applyEdit(demo, changePlaced(demo, demo.centerpiece[0]!.id, { xMm: 111 }))
    expect(plan.value).toBe(planBefore)
    expect(layouts.value).toBe(layoutsBefore)
    expect(standing.value).not.toBe(standingBefore)
    expect(standing.value).toEqual(standings(look.value))
    const moved = standing.value
    look.value = { ...look.value, guests: look.value.guests.slice(1) }
    expect(plan.value.places).toHaveLength(demo.guests.length - 1)
    expect(layouts.value).toHaveLength(demo.guests.length - 1)
    expect(standing.value).toBe(moved)
    const seated = plan.value
    look.value = { ...look.value, money: { ...look.value.money, totalCents: 1 }, name: 'Another' }
    expect(plan.value).toBe(seated)
  })

  it('nothing is drawn anew for a word, a sum or how strictly it is judged; all for a piece that moved', () => {
    const look = ref<Look>(demo)
    const [{ plan, layouts, standing }, drawn] = [useGeometry(look), useDrawnLook(look)]
    const now = () => [plan.value, layouts.value, standing.value, drawn.value]
    const before = now()
    for (const edit of [changeOccasion(demo, { title: 'A supper' }), changeSchool(demo, { hiddenPercent: 40 }), changeBudget(demo, { totalCents: 1 })]) {
      expect(edit.patches).not.toEqual([])
      look.value = applyEdit(demo, edit)
      now().forEach((part, i) => expect(part).toBe(before[i]))
    }
    look.value = applyEdit(look.value, changePlaced(look.value, demo.centerpiece[0]!.id, { xMm: 111 }))
    expect(drawn.value).toBe(look.value)
  })
})

describe('a look as host and client read it', () => {
  const t = words.global.t as never

  it('names every piece it uses that one would see, once, and none that it does not', () => {
    const lines = linesOf(demo, t)
    expect(lines.flatMap(faultsOf)).toEqual([])
    const used = usedIds(demo)
    const unseen = new Set(['tool', 'supply'])
    for (const piece of demo.pieces) {
      const told = lines.filter((line) => line.includes(piece.name))
      if (used.has(piece.id) && !unseen.has(piece.kind)) expect(told.length, piece.name).toBeGreaterThan(0)
    }
    expect(linesOf({ ...demo, pieces: [] }, t)).toEqual([])
  })

  it('shows colors that are on the table, the one most seen first', () => {
    const colors = colorsOf(demo)
    expect(colors.length).toBeGreaterThan(2)
    expect(colors.length).toBeLessThanOrEqual(6)
    expect(new Set(colors).size).toBe(colors.length)
    for (const color of colors) expect(color).toMatch(/^#[0-9a-f]{6}$/i)
  })
})
