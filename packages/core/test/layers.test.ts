import { applyEdit, layerPieces, layers, sameLayer, takeLayer, usedIds, type Layer, type Look } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { validateLook } from '../src/formats/index.js'
import { demoLook } from './support/looks.js'

const supper = demoLook('pearl-anniversary')
const quiet = demoLook('pearl-anniversary.quiet')
const crew = demoLook('ferry-crew')
const idsOf = (look: Look, layer: Layer) => layerPieces(look, layer).map((piece) => piece.id)

describe('layers of a look', () => {
  it('hold every piece that is laid once, dishes and favors aside', () => {
    for (const look of [supper, quiet, crew]) {
      const all = layers.flatMap((layer) => idsOf(look, layer))
      const rest = new Set([...look.menu.dishes.flatMap((dish) => [dish.vesselId, dish.toolId]), look.setting.favorId])
      expect(new Set(all)).toEqual(new Set([...usedIds(look)].filter((id) => all.includes(id) || !rest.has(id))))
      for (const layer of layers) expect(new Set(idsOf(look, layer)).size).toBe(idsOf(look, layer).length)
    }
    expect(idsOf(supper, 'plates')).toEqual(expect.arrayContaining([...supper.setting.plateIds]))
    expect(idsOf(supper, 'linens')).toContain('cloth-oyster-oval')
  })

  it('are the same where their pieces are, whatever else differs', () => {
    for (const layer of layers) expect(sameLayer(supper, { ...supper, name: 'Another', guests: [] }, layer)).toBe(true)
    expect(sameLayer(supper, { ...supper, centerpiece: [] }, 'middle')).toBe(false)
    expect(sameLayer(supper, { ...supper, centerpiece: [] }, 'plates')).toBe(true)
    expect(sameLayer(supper, { ...supper, linens: { ...supper.linens, clothId: 'cloth-long' } }, 'linens')).toBe(false)
  })

  it('are taken over from another look one by one: that layer is as there, all others as before, and the look is whole', () => {
    for (const from of [quiet, crew])
      for (const layer of layers) {
        const taken = applyEdit(supper, takeLayer(supper, from, layer))
        expect(sameLayer(taken, from, layer), layer).toBe(true)
        for (const other of layers) if (other !== layer) expect(idsOf(taken, other), `${other} after ${layer}`).toEqual(idsOf(supper, other))
        const read = validateLook(taken)
        expect(read.ok ? [] : read.faults).toEqual([])
        expect(taken.guests).toBe(supper.guests)
        expect(taken.occasion).toBe(supper.occasion)
      }
  })

  it('bring the pieces and offers they need, once, and nothing else of the other household', () => {
    const own: Look = { ...supper, pieces: supper.pieces.filter((piece) => piece.id !== 'brass-bell'), offers: [] }
    const taken = applyEdit(own, takeLayer(own, crew, 'middle'))
    expect(taken.pieces.filter((piece) => piece.id === 'brass-bell')).toHaveLength(1)
    expect(taken.pieces.length).toBe(own.pieces.length + 1)
    expect(taken.offers.every((offer) => offer.pieceId === 'brass-bell')).toBe(true)
    expect(applyEdit(taken, takeLayer(taken, crew, 'middle')).pieces.length).toBe(taken.pieces.length)
  })

  it('of a setting are taken by every kind of setting there is', () => {
    const two: Look = {
      ...supper,
      kinds: { ...supper.kinds, others: [{ key: 'B', setting: { ...supper.setting, plateIds: ['dinner-slate'] } }], spread: 'alternating' } as Look['kinds']
    }
    const taken = applyEdit(two, takeLayer(two, quiet, 'plates'))
    expect([taken.setting, ...taken.kinds.others.map((other) => other.setting)].map((setting) => setting.plateIds)).toEqual([
      quiet.setting.plateIds,
      quiet.setting.plateIds
    ])
  })

  it('with two kinds by turns come with both, and other layers of that look bring no second kind', () => {
    const turns = demoLook('pearl-anniversary.buds')
    expect(new Set([turns.setting, ...turns.kinds.others.map((other) => other.setting)].map((setting) => setting.napkin?.pieceId)).size).toBe(2)
    const plain: Look = { ...supper, kinds: { ...supper.kinds, others: [], spread: 'same', byGuest: [] } }
    const napkins = applyEdit(plain, takeLayer(plain, turns, 'napkins'))
    expect(sameLayer(napkins, turns, 'napkins')).toBe(true)
    expect(napkins.kinds.spread).toBe(turns.kinds.spread)
    for (const { setting } of napkins.kinds.others) expect(setting.plateIds).toEqual(plain.setting.plateIds)
    const plates = applyEdit(plain, takeLayer(plain, turns, 'plates'))
    expect(plates.kinds).toEqual(plain.kinds)
    for (const look of [napkins, plates]) expect(validateLook(look).ok).toBe(true)
  })
})
