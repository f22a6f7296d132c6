import {
  beginAnother,
  createAssessor,
  laidAs,
  everydayOf,
  findPiece,
  freshChanges,
  layers,
  layingChecks,
  newLook,
  pieceIndex,
  pieceUses,
  sameLayer,
  type Look
} from '@hestiad/core'
import { validateLook } from '@hestiad/core/formats'
import { describe, expect, it } from 'vitest'
import { generateLook } from './support/generateLook.js'
import { demoLook, longTable } from './support/looks.js'

const demos = ['pearl-anniversary', 'ferry-crew', 'mending-circle', 'ordinary-week'].map((name) => demoLook(name))
const laid = [...demos, ...[1, 2, 3, 4, 5, 6].map((seed) => generateLook(seed, { guests: 8, pieces: 24, manner: 'laid' }))]

describe('a look for every day', () => {
  it('burns nothing, has no charger, bread plate or wine glass, stays sound, and lays nothing that was not laid but flameless candles', () => {
    for (const look of laid) {
      const day = everydayOf(look, 'Every day')
      const read = validateLook(day)
      expect(read.ok ? [] : read.faults).toEqual([])
      const index = pieceIndex(day)
      const used = new Set(pieceUses(look).map((use) => use.pieceId))
      for (const { pieceId, role } of pieceUses(day)) {
        const piece = index.get(pieceId)!
        if (piece.kind === 'candle') expect(piece.burn.kind).toBe('flameless')
        else expect(used.has(pieceId)).toBe(true)
        expect(role).not.toBe('bread-plate')
      }
      for (const setting of [day.setting, ...day.kinds.others.map((other) => other.setting)]) {
        const plates = setting.plateIds.map((id) => findPiece(index, id, 'plate')!.role)
        if (plates.length > 1) expect(plates).not.toContain('charger')
        expect(setting.glassIds.length).toBeLessThanOrEqual(
          Math.max(1, setting.glassIds.filter((id) => findPiece(index, id, 'glass')?.role === 'water').length)
        )
      }
      expect([day.intent.use, day.linens.clothId, day.verdicts]).toEqual(['daily', null, []])
      expect(
        createAssessor()
          .measure(day)
          .findings.filter((finding) => finding.code.startsWith('flame.'))
      ).toEqual([])
    }
  })
})

describe('one look for two occasions', () => {
  it('has every layer of the first of the very same pieces, for the guests and the day of the second', () => {
    for (const from of laid) {
      const wishes = {
        id: 'second',
        title: 'Second',
        place: '',
        date: '2027-05-01',
        arriveMin: 720,
        endMin: 840,
        guests: 6,
        totalCents: 0,
        reservePercent: 0,
        currency: 'USD',
        table: longTable(96, 42)
      }
      const second = laidAs(newLook(wishes, from.pieces, from.offers, from.shops, from), from)
      expect(layers.filter((layer) => !sameLayer(second, from, layer))).toEqual([])
      expect([second.occasion.date, second.guests.length, second.name, second.school.pattern]).toEqual(['2027-05-01', 6, from.name, from.school.pattern])
      const read = validateLook(second)
      expect(read.ok ? [] : read.faults).toEqual([])
      expect(layers.filter((layer) => !sameLayer(laidAs(beginAnother(from, 'x'), from), from, layer))).toEqual([])
    }
  })
})

it('another table for least: what changes it is clearly of another color, brings no warning, and the cheapest comes first', () => {
  let found = 0
  for (const look of demos) {
    const changes = freshChanges(createAssessor(), look)
    found += changes.length
    const costs = changes.map((change) => Math.max(0, change.spendCents))
    expect(costs).toEqual([...costs].sort((a, b) => a - b))
    for (const change of changes) {
      expect(change.deltaE).toBeGreaterThanOrEqual(25)
      expect(change.brings).toEqual([])
    }
    expect(new Set(changes.map((change) => change.pieceId)).size).toBe(changes.length)
  }
  expect(found).toBeGreaterThan(5)
})

it('a fold that does not go well at once is practiced before the day, an easy one is not', () => {
  const folded = (fold: NonNullable<Look['setting']['napkin']>['fold']) => {
    const look = demos[0]!
    return layingChecks({ ...look, setting: { ...look.setting, napkin: { ...look.setting.napkin!, fold } } }).find((check) => check.code === 'practice')
  }
  expect([folded('tree')?.params, folded('pocket')?.params, folded('flat')]).toEqual([{ fold: 'tree', tries: 3 }, { fold: 'pocket', tries: 2 }, undefined])
})
