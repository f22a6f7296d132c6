import { expect, test } from 'vitest'
import { applyEdit, flatwarePatterns, layFlatware, layPattern, settingItems, type Piece } from '../src/index.js'
import { demoLook } from './support/looks.js'

test('a pattern is what its names and metal share, and imported pieces change nothing that is laid', () => {
  const look = demoLook('pearl-anniversary')
  const brass = look.pieces.filter((piece) => piece.kind === 'flatware' && piece.material === 'brass')
  const silver = brass.map((piece): Piece => ({ ...piece, id: `silver-${piece.id}`, name: piece.name.replace('Brass', 'Reed'), material: 'silver' }))
  const both = { ...look, pieces: [...look.pieces, ...silver] }
  expect(flatwarePatterns(both.pieces).map((one) => [one.name, one.pieces.length])).toEqual([
    ['Plain steel', 6],
    ['Thread-edge silver', 6],
    ['Brass', brass.length],
    ['Reed', brass.length]
  ])
  const flatwareOf = (of: typeof look) => settingItems(of).items.flatMap((item) => (item.what === 'flatware' ? item.piece.id : []))
  expect(flatwareOf(both)).toEqual(flatwareOf(look))
  const relaid = applyEdit(
    both,
    layPattern(
      both,
      'A',
      flatwarePatterns(both.pieces)
        .find((one) => one.name === 'Reed')!
        .pieces.map((piece) => piece.id)
    )
  )
  expect(flatwareOf(relaid)).toEqual(flatwareOf(look).map((id) => `silver-${id}`))
  const oneFork = applyEdit(both, layFlatware(both, 'A', 'dinner-fork', 'silver-fork-dinner'))
  expect(flatwareOf(oneFork).filter((id) => id.startsWith('silver-'))).toEqual(['silver-fork-dinner'])
})
