import { applyEdit, layGarland, needs, standings } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { demoLook } from './support/looks.js'

describe('a garland', () => {
  const look = { ...demoLook(), centerpiece: [] }

  // handbook section 6: pieces = ceil((run - overlap) / (piece - overlap)), a common rule of overlaps
  it('of 72 in pieces for a run of 120 in joined by 60 mm takes two, and its lengths add up to what is bought', () => {
    const laid = layGarland(look, { pieceId: 'garland-ruscus', path: 'middle', lengthMm: 3048 })
    expect(laid.pieces).toBe(2)
    const after = applyEdit(look, laid.edit)
    expect(needs(after).find((need) => need.piece.id === 'garland-ruscus')).toMatchObject({ needed: 2, short: 0 })
    expect(new Set(after.centerpiece.map((placed) => placed.group)).size).toBe(1)
  })

  it('hanging over both ends it is bought for what hangs too, and hangs outside the edge', () => {
    const laid = layGarland(look, { pieceId: 'garland-ruscus', path: 'middle', lengthMm: 2400, dropMm: 300 })
    expect(laid.runMm).toBeCloseTo(3000, 6)
    const hanging = standings(applyEdit(look, laid.edit)).filter((one) => one.manner?.kind === 'draped')
    expect(hanging.map((one) => [one.pose.x, Math.round(one.footMm / 10)])).toEqual([
      [-1200, -31],
      [1200, -31]
    ])
  })

  it('round a ring its run is the ellipse it follows', () => {
    const laid = layGarland(look, { pieceId: 'garland-ruscus', path: 'ring', lengthMm: 1200, widthMm: 600 })
    const h = ((600 - 300) / (600 + 300)) ** 2
    const ramanujan = Math.PI * 900 * (1 + (3 * h) / (10 + Math.sqrt(4 - 3 * h)))
    expect(laid.runMm / ramanujan).toBeGreaterThan(0.96)
    expect(laid.runMm).toBeLessThan(ramanujan)
  })
})
