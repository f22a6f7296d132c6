import { applyEdit, createAssessor, extentSize, formatArea, gapsOf, type Look, type Piece } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { bareLook, longTable, put } from './support/looks.js'

const bare = bareLook()
const plain: Look = { ...bare, guests: [], table: longTable(80, 40), linens: { ...bare.linens, clothId: null, runner: null } }
const jug = put('jug', 'jug-sky')
const pieceOf = (look: Look, id: string) => look.pieces.find((piece) => piece.id === id)!

describe('small things that fill the gaps of a middle', () => {
  // a ring 140 mm wide round a disc: pi times (R + 140)² less R², worked by hand from its radius
  it('the gap round one thing on a bare table is the ring about it', () => {
    const radiusMm = (pieceOf(plain, 'jug-sky') as { widestMm: number }).widestMm / 2
    const ring = Math.PI * ((radiusMm + 140) ** 2 - radiusMm ** 2)
    const { areaMm2 } = gapsOf({ ...plain, centerpiece: [jug] })
    expect(areaMm2 / ring).toBeGreaterThan(0.96)
    expect(areaMm2 / ring).toBeLessThan(1.04)
  })

  it('as many are offered as take 22 percent of it, laid apart from all else, those of which there are enough first; an empty table has no gaps', () => {
    const look = { ...plain, centerpiece: [jug] }
    const { fills, areaMm2 } = gapsOf(look)
    expect(fills.length).toBeGreaterThan(2)
    const enough = fills.map((fill) => fill.spare >= fill.count)
    expect(enough).toEqual([...enough].sort((a, b) => Number(b) - Number(a)))
    for (const fill of fills) {
      const wide = extentSize(fill.piece.extent).lengthMm
      expect(fill.count * Math.PI * (wide / 2) ** 2).toBeLessThanOrEqual(0.22 * areaMm2 + Math.PI * (wide / 2) ** 2)
      const after = applyEdit(look, fill.edit)
      expect(after.centerpiece).toHaveLength(1 + fill.count)
      const told = createAssessor()
        .measure(after)
        .each.map((one) => one.code)
      for (const code of ['piece.piece', 'piece.off', 'piece.setting', 'flame.near'] as const) expect(told, `${fill.piece.id} ${code}`).not.toContain(code)
    }
    expect(gapsOf({ ...plain, centerpiece: [] })).toEqual({ areaMm2: 0, fills: [] })
  })

  it('what burns stays clear of a candle of wax, and a symmetrical table is filled in mirrored pairs', () => {
    const lit = { ...plain, centerpiece: [put('taper', 'holder-brass-low', { candle: { candleId: 'taper-ivory-8', lightAtMin: plain.occasion.arriveMin } })] }
    const dry = (piece: Piece) => piece.material === 'dried' || piece.material === 'plant'
    expect(gapsOf(lit).fills.length).toBeGreaterThan(0)
    expect(gapsOf(lit).fills.filter(({ piece }) => piece.material === 'dried')).toEqual([])
    for (const fill of gapsOf(lit).fills.filter(({ piece }) => dry(piece)))
      for (const placed of applyEdit(lit, fill.edit).centerpiece.slice(1)) expect(Math.hypot(placed.xMm, placed.yMm)).toBeGreaterThan(101)
    const mirrored = { ...plain, school: { ...plain.school, symmetry: 'symmetric' as const }, centerpiece: [jug] }
    for (const fill of gapsOf(mirrored).fills) {
      const laid = applyEdit(mirrored, fill.edit).centerpiece.slice(1)
      expect(laid.length % 2).toBe(0)
      for (const one of laid) expect(laid.some((other) => other.xMm === -one.xMm && other.yMm === one.yMm)).toBe(true)
    }
  })

  it('areas are told in square feet or square meters', () => {
    expect([formatArea(304.8 ** 2 * 2.5, 'in'), formatArea(250_000, 'cm')]).toEqual(['2.5 sq ft', '0.25 m²'])
  })
})
