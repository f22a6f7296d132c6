import { foldKinds, seatPlan, tableOutline, type Look, type TableShape } from '@hestiad/core'
import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { outlinePath } from '../src/board/drawing/paths.js'
import { reshaped, sizeOf, sizesOfShape } from '../src/seats/tableSizes.js'
import { foldSteps } from '../src/settings/foldSteps.js'
import { en } from '../src/shell/words/en.js'

const demo = JSON.parse(readFileSync(new URL('../../../demo/pearl-anniversary.hestiad.json', import.meta.url), 'utf8')) as Look
const kinds: TableShape['kind'][] = ['rectangle', 'square', 'round', 'oval', 'racetrack', 'boat', 'half-round', 'joined']

describe('shapes of tables', () => {
  it('every change from one to another keeps a table that seats people, and its drawing is a closed line of numbers', () => {
    for (const from of kinds)
      for (const to of kinds) {
        const shape = reshaped(to, sizeOf(reshaped(from, { lengthMm: 2100, widthMm: 1050 })))
        const table = { ...demo.table, shape, leaves: { owned: 0, in: 0, eachMm: 0 } }
        expect(seatPlan({ ...demo, table }).places, `${from} to ${to}`).toHaveLength(10)
        expect(outlinePath(tableOutline(table))).toMatch(/^M [-\d. MLHVQAZe]+Z$/)
      }
  })

  it('every measure shown is one of the shape and can be set', () => {
    for (const kind of kinds) {
      const shape = reshaped(kind, { lengthMm: 2100, widthMm: 1050 })
      for (const size of sizesOfShape(shape)) {
        expect((shape as unknown as Record<string, number>)[size.name], `${kind} ${size.name}`).toBe(size.mm)
        expect(en.table[size.label]).toBeTruthy()
      }
    }
  })
})

it('every fold has three steps in words and in drawings, and no drawing leaves its box', () => {
  for (const fold of foldKinds) {
    expect(en.fold[fold].steps).toHaveLength(3)
    expect(foldSteps[fold]).toHaveLength(3)
    for (const { cloth, creases, arrow } of foldSteps[fold])
      for (const number of `${cloth} ${creases} ${arrow}`.match(/-?\d+(\.\d+)?/g) ?? []) expect(Math.abs(Number(number)), fold).toBeLessThanOrEqual(110)
  }
})
