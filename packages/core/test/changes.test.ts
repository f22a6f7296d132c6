import { readFileSync } from 'node:fs'
import {
  additions,
  applyEdit,
  changesFor,
  colorChanges,
  colorFigures,
  createAssessor,
  standings,
  usedIds,
  whatHelps,
  type Change,
  type Look
} from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { measured } from './support/looks.js'

const demo = (name: string) => JSON.parse(readFileSync(new URL(`../../../demo/${name}.hestiad.json`, import.meta.url), 'utf8')) as Look
const looks = ['pearl-anniversary', 'ferry-crew', 'ordinary-week'].map(demo)
const pearl = looks[0]!
const topOf = (look: Look) => Math.max(0, ...standings(look).map((one) => one.topMm))
const keysOf = (look: Look) =>
  colorFigures(look).notes.map((note) => JSON.stringify([note.kind, 'pieceId' in note ? note.pieceId : 'color' in note ? note.color : '']))

describe('one thing changed', () => {
  it('says of every change what a whole assessment before and after it says', () => {
    for (const look of looks) {
      const before = measured(look)
      const changes = changesFor(createAssessor(), look, look.setting.napkin!.pieceId)
      expect(changes.length).toBeGreaterThan(0)
      for (const change of changes) {
        const after = measured(applyEdit(look, change.edit))
        expect(change.spendCents).toBe(after.figures.money.spendCents - before.figures.money.spendCents)
        expect(change.faces).toBe(after.figures.sight.seen - before.figures.sight.seen)
        expect(change.minutes).toBeCloseTo(after.figures.effort.totalMin - before.figures.effort.totalMin, 9)
        expect(change.heightMm).toBe(topOf(applyEdit(look, change.edit)) - topOf(look))
        expect(change.lightness).toBeCloseTo(colorFigures(applyEdit(look, change.edit)).lightness - colorFigures(look).lightness, 0)
        const line = after.figures.money.lines.find((one) => one.need.piece.id === change.toId)
        expect(change.toGet).toBe(line ? line.need.short : 0)
        const had = new Set(before.findings.map((finding) => finding.code))
        expect(change.brings.filter((one) => !had.has(one.code) && !after.findings.some((finding) => finding.code === one.code))).toEqual([])
        expect(change.brings.some((one) => one.severity === 'stop')).toBe(false)
      }
    }
  })

  it('offers what does the same job, in the house before the shops, and never what cannot be had for all', () => {
    const napkin = pearl.pieces.find((piece) => piece.id === pearl.setting.napkin!.pieceId)!
    const shelf = {
      pieces: [
        { ...napkin, id: 'shop-napkin', name: 'Fern napkin', color: '#5a7a4a', accent: '#5a7a4a', owned: 0 },
        { ...napkin, id: 'never', owned: 0 }
      ],
      offers: [{ ...pearl.offers[0]!, id: 'shop-napkin-offer', pieceId: 'shop-napkin', packSize: 2, priceCents: 900, packsLeft: null, leadDays: 0 }]
    }
    const changes = changesFor(createAssessor(), pearl, napkin.id, shelf)
    const swaps = changes.filter((one) => one.kind === 'swap')
    expect(swaps.map((one) => one.toId)).toContain('shop-napkin')
    expect(swaps.map((one) => one.toId)).not.toContain('never')
    expect(swaps.map((one) => one.toGet > 0)).toEqual(swaps.map((one) => one.toGet > 0).sort((a, b) => Number(a) - Number(b)))
    const kinds = swaps.map((one) => applyEdit(pearl, one.edit).pieces.find((piece) => piece.id === one.toId)!.kind)
    expect(new Set(kinds)).toEqual(new Set(['napkin']))
    const bought = swaps.find((one) => one.toId === 'shop-napkin')!
    const after = applyEdit(pearl, bought.edit)
    expect(after.setting.napkin!.pieceId).toBe('shop-napkin')
    expect(after.offers.some((offer) => offer.pieceId === 'shop-napkin')).toBe(true)
  })

  it('never takes away what guests eat from, drink from, wipe with or see by, and a charger may go', () => {
    for (const look of looks) {
      const out = (id: string) => changesFor(createAssessor(), look, id).filter((one) => one.kind === 'leave-out')
      const needed = [look.setting.napkin!.pieceId, ...look.setting.glassIds, ...look.setting.flatwareIds]
      const dinner = look.pieces.filter((piece) => piece.kind === 'plate' && piece.role === 'dinner' && look.setting.plateIds.includes(piece.id))
      for (const id of [...needed, ...dinner.map((piece) => piece.id)]) expect(out(id), id).toEqual([])
    }
    const charger = pearl.setting.plateIds.find((id) => pearl.pieces.some((piece) => piece.id === id && piece.kind === 'plate' && piece.role === 'charger'))!
    const [without] = changesFor(createAssessor(), pearl, charger).filter((one) => one.kind === 'leave-out')
    expect(applyEdit(pearl, without!.edit).setting.plateIds).not.toContain(charger)
  })

  it('adds what the house has and has not laid, where there is room', () => {
    for (const look of looks)
      for (const { pieceId, edit, brings } of additions(createAssessor(), look)) {
        const after = applyEdit(look, edit)
        expect([look.pieces.find((piece) => piece.id === pieceId)!.owned > 0, usedIds(look).has(pieceId), usedIds(after).has(pieceId)]).toEqual([
          true,
          false,
          true
        ])
        expect(brings.map((one) => one.code)).not.toContain('collision')
      }
  })

  it('what would help most does help, the most first, one change for each thing', () => {
    for (const look of looks) {
      const help = whatHelps(createAssessor(), look)
      const gains = help.map((one) => one.gain)
      expect(gains.length).toBeGreaterThan(2)
      expect(gains).toEqual([...gains].sort((a, b) => b - a))
      expect(Math.min(...gains)).toBeGreaterThan(0)
      expect(new Set(help.map((one) => one.pieceId)).size).toBe(help.length)
      const grave = (one: Look) => measured(one).findings.filter((finding) => finding.severity === 'stop').length
      expect(grave(applyEdit(look, help[0]!.edit))).toBeLessThanOrEqual(grave(look))
    }
  })

  it('what is noticed of the colors is gone after what of the cupboard mends it, and nothing else is noticed instead', () => {
    const changes: Change[] = []
    for (const look of looks)
      for (const note of colorFigures(look).notes)
        for (const change of colorChanges(createAssessor(), look, note)) {
          changes.push(change)
          const after = applyEdit(look, change.edit)
          expect(keysOf(after).length).toBeLessThan(keysOf(look).length)
          expect([change.toGet, change.brings, change.notesBrought]).toEqual([0, [], []])
        }
    expect(changes.length).toBeGreaterThan(1)
  })
})
