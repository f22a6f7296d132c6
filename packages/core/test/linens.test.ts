import { clothDrop, runnerLay, tableOutline, type Extent, type Table } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { longTable, roundTable } from './support/looks.js'

const inch = 25.4
const round = (d: number): Extent => ({ kind: 'round', diameterMm: d * inch })
const rect = (l: number, w: number): Extent => ({ kind: 'rectangle', lengthMm: l * inch, widthMm: w * inch })
const square = (s: number): Extent => ({ kind: 'square', sideMm: s * inch })

describe('a cloth laid centered', () => {
  // Trade tables of cloth sizes (recalled) with (cloth - table) / 2; corner hang sqrt(30^2 + 30^2). Handbook section 3.
  it.each<[string, Extent, Table, number, number, number]>([
    ['round 90 on round 60', round(90), roundTable(60), 15, 15, 15],
    ['round 108 on round 60', round(108), roundTable(60), 24, 24, 24],
    ['round 120 on round 60', round(120), roundTable(60), 30, 30, 30],
    ['round 120 on round 72', round(120), roundTable(72), 24, 24, 24],
    ['round 132 on round 72', round(132), roundTable(72), 30, 30, 30],
    ['90 x 156 on 30 x 96', rect(156, 90), longTable(96, 30), 30, 30, 42.43],
    ['60 x 120 on 30 x 96', rect(120, 60), longTable(96, 30), 12, 15, 19.21],
    ['square 90 on round 60', square(90), roundTable(60), 15, 15, 33.64]
  ])('%s hangs as the trade’s tables say', (_, cloth, table, ends, sides, corner) => {
    const hang = clothDrop(cloth, tableOutline(table))
    expect(hang.endDropMm / inch).toBeCloseTo(ends, 2)
    expect(hang.sideDropMm / inch).toBeCloseTo(sides, 2)
    expect(hang.cornerDropMm / inch).toBeCloseTo(corner, 2)
  })

  it('round on square hangs least at the corners: 90 over 48 in leaves 45 - 24 sqrt 2', () => {
    const hang = clothDrop(round(90), tableOutline({ ...roundTable(48), shape: { kind: 'square', sideMm: 48 * inch } }))
    expect(hang.leastMm / inch).toBeCloseTo(45 - 24 * Math.SQRT2, 2)
    expect(hang.cornerDropMm).toBeCloseTo(hang.leastMm, 6)
  })

  it('too small shows the bare edge as a drop below zero', () => {
    expect(clothDrop(rect(90, 28), tableOutline(longTable(96, 30))).leastMm).toBeCloseTo(-3 * inch, 6)
  })
})

it('a runner overhangs the ends along the table and the sides across it', () => {
  const runner = { lengthMm: 108 * inch, widthMm: 14 * inch }
  const table = longTable(96, 42)
  const at = { outline: tableOutline(table), shape: table.shape, places: [] }
  expect(runnerLay(runner, 'along', at).overhangMm / inch).toBeCloseTo(6, 9)
  expect(runnerLay(runner, 'across', at).overhangMm / inch).toBeCloseTo(33, 9)
})
