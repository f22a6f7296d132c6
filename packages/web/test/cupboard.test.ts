import { alternateUses, formatLength, pieceKinds, pieceSize, type Look, type Piece } from '@hestiad/core'
import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { choicesOf, freeId, reshaped, sizesOf } from '../src/cupboard/kindFields.js'
import { buyWords, partWords } from '../src/shell/words/buying.js'
import { cupboardWords } from '../src/shell/words/cupboard.js'
import { en } from '../src/shell/words/en.js'

const demo = JSON.parse(readFileSync(new URL('../../../demo/pearl-anniversary.hestiad.json', import.meta.url), 'utf8')) as Look
const inches = (mm: number) => formatLength(mm, 'in')

describe('the piece editor', () => {
  it('knows every kind, and has a word for every size, care and check a piece can have', () => {
    expect([...new Set(demo.pieces.map((piece) => piece.kind))].sort()).toEqual([...pieceKinds].sort())
    for (const kind of pieceKinds) expect(en.kind[kind]).toBeTruthy()
    for (const piece of demo.pieces) {
      for (const [name] of [...sizesOf(piece), ...('extent' in piece ? sizesOf(piece.extent) : [])]) expect(cupboardWords.sizes, name).toHaveProperty(name)
      for (const use of alternateUses(piece)) for (const check of use.checks) expect(cupboardWords.check).toHaveProperty(check.code)
    }
  })

  it('offers the role a piece has among its choices', () => {
    for (const piece of demo.pieces) {
      const choice = choicesOf[piece.kind]
      if (choice) expect(choice.values).toContain((piece as unknown as Record<string, string>)[choice.field])
    }
  })

  it('keeps about the size when the shape changes, and comes back to what it was', () => {
    const round = reshaped({ kind: 'rectangle', lengthMm: 400, widthMm: 260 }, 'round')
    expect(round).toEqual({ kind: 'round', diameterMm: 400 })
    expect(reshaped(reshaped(round, 'square'), 'round')).toEqual(round)
    expect(reshaped(round, 'oval')).toEqual({ kind: 'oval', lengthMm: 400, widthMm: 400 })
  })

  it('makes ids that are free and that the format takes, from any name', () => {
    expect(freeId('Fête, no. 1!', new Set())).toBe('fete-no-1')
    expect(freeId('Plate', new Set(['plate', 'plate-2']))).toBe('plate-3')
    expect(freeId('茶', new Set())).toBe('piece')
    expect(freeId('x'.repeat(300), new Set()).length).toBeLessThanOrEqual(64)
  })
})

it('a piece is told by the measures that matter for its kind', () => {
  const of = (id: string) => pieceSize(demo.pieces.find((piece) => piece.id === id) as Piece, inches)
  expect(of('dinner-oyster')).toBe('⌀ 10½ in')
  expect(of('napkin-persimmon')).toBe('20 in × 20 in')
  expect(of('supply-lighter')).toBe('')
  for (const piece of demo.pieces) expect(pieceSize(piece, inches)).not.toMatch(/NaN|undefined/)
})

it('every cause, rule and way out of the buying step, and every part of the budget, has its words', () => {
  expect(Object.keys(buyWords.cause).sort()).toEqual([
    'care',
    'cells',
    'flames',
    'stems-in-foam',
    'stems-in-frog',
    'stems-in-tape',
    'stems-in-wire',
    'tapers-stand'
  ])
  expect(Object.keys(buyWords.rule).sort()).toEqual(['no-offer', 'no-price', 'stock', 'too-late'])
  expect(Object.keys(buyWords.unblock).sort()).toEqual(['alike', 'borrow', 'days', 'guests', 'price'])
  expect(partWords).toMatchObject({ linens: 'Linens', supplies: 'Supplies', under: 'Under everything', places: 'Places', middle: 'The middle' })
})
