import { applyEdit, inverseOf, risersFor, standings, type Look, type Piece } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { offSupportMm } from '../src/centerpiece/collisions.js'
import { bareLook, put } from './support/looks.js'

const look: Look = { ...bareLook(), centerpiece: [put('b', 'bud-bottle', { xMm: 200 })] }
const standing = (of: Look) => standings(of).find((one) => one.placed.id === 'b')!
const risers = look.pieces.filter((piece): piece is Piece & { kind: 'riser' } => piece.kind === 'riser' && piece.owned > 0)
const topMm = standing(look).topMm

describe('a riser for a wished height', () => {
  it('measures what the top lacks to it; none is asked where the piece is as high already', () => {
    for (const moreMm of [20, 75, 140]) expect(risersFor(look, standing(look), topMm + moreMm).neededMm).toBeCloseTo(moreMm)
    expect(risersFor(look, standing(look), topMm - 30)).toEqual({ neededMm: -30, risers: [] })
  })

  it('is of the house and free, the nearest in height first; the piece comes to stand wholly on it, as high as told, and goes back', () => {
    expect(risers.length).toBeGreaterThan(3)
    for (const moreMm of [30, 90, 150]) {
      const { risers: found } = risersFor(look, standing(look), topMm + moreMm)
      expect(found.length).toBeGreaterThan(0)
      const off = found.map((one) => Math.abs(one.topMm - topMm - moreMm))
      for (const [i, mm] of off.entries()) if (i > 0) expect(mm).toBeGreaterThan(off[i - 1]! - 15)
      const nearest = Math.min(...risers.filter((one) => one.id === found[0]!.piece.id || holds(one)).map((one) => Math.abs(one.heightMm - moreMm)))
      expect(off[0]).toBeLessThan(nearest + 15)
      for (const { piece, topMm: told, edit } of found) {
        const after = applyEdit(look, edit)
        const raised = standing(after)
        expect(raised.topMm).toBeCloseTo(told, 6)
        expect(told).toBeCloseTo(topMm + piece.heightMm, 6)
        expect([raised.pose.x, raised.pose.y]).toEqual([200, 0])
        expect(applyEdit(after, inverseOf(edit))).toEqual(look)
      }
    }
  })

  it('is one that nobody notices where another is as near: clear, or of the color of what lies below it', () => {
    const block = (id: string, color: string, material: 'wood' | 'glass', heightMm: number): Piece => ({
      ...risers[0]!,
      id,
      color,
      material,
      heightMm,
      owned: 1,
      extent: { kind: 'square', sideMm: 200 }
    })
    const own = (...blocks: Piece[]): Look => ({
      ...look,
      linens: { ...look.linens, clothId: null, runner: null },
      pieces: [...look.pieces.filter((piece) => piece.kind !== 'riser'), ...blocks]
    })
    const first = (of: Look) => risersFor(of, standing(of), topMm + 90).risers.map((one) => [one.piece.id, one.vanishes])
    const dark = block('dark', '#201812', 'wood', 90)
    expect(first(own(dark, block('clear', '#dfe9ec', 'glass', 96)))).toEqual([
      ['clear', 'clear'],
      ['dark', null]
    ])
    expect(first(own(dark, block('like', look.table.color, 'wood', 84)))).toEqual([
      ['like', 'like-ground'],
      ['dark', null]
    ])
    expect(first(own(dark, block('clear', '#dfe9ec', 'glass', 150)))[0]).toEqual(['dark', null])
    const white = findWhite(own(dark))
    const clothed: Look = { ...own(dark, block('white', white.color, 'wood', 90)), linens: { ...look.linens, clothId: white.id, runner: null } }
    expect(first(clothed)).toEqual([
      ['white', 'like-ground'],
      ['dark', null]
    ])
  })

  it('that is in use already, or too narrow for the foot, is not proposed', () => {
    const narrow = { ...risers[0]!, id: 'narrow', extent: { kind: 'round', diameterMm: 20 } as const, heightMm: 90 }
    const own: Look = { ...look, pieces: [...look.pieces.filter((piece) => piece.kind !== 'riser'), { ...narrow, owned: 1 }] }
    expect(risersFor(own, standing(own), topMm + 90).risers).toEqual([])
    const wide = { ...narrow, extent: { kind: 'round', diameterMm: 200 } as const }
    const one: Look = { ...own, pieces: [...own.pieces.filter((piece) => piece.kind !== 'riser'), { ...wide, owned: 1 }] }
    const [fit] = risersFor(one, standing(one), topMm + 90).risers
    expect(fit!.piece.id).toBe('narrow')
    const used = applyEdit(one, fit!.edit)
    expect(risersFor(used, standing(used), topMm + 180).risers).toEqual([])
  })
})

const findWhite = (of: Look) => of.pieces.find((piece) => piece.kind === 'cloth')!

/** Whether the bottle stands wholly on a riser, put there by hand. */
function holds(riser: Piece): boolean {
  const after = standings({ ...look, centerpiece: [put('r', riser.id, { xMm: 200 }), { ...put('b', 'bud-bottle'), on: 'r' }] })
  return (
    offSupportMm(
      after.find((one) => one.placed.id === 'b')!,
      after.find((one) => one.placed.id === 'r')
    ) === 0
  )
}
