import { describe, expect, it } from 'vitest'
import { assess } from '../src/assess/assess.js'
import { applyEdit } from '../src/design/edit.js'
import { changeSetting } from '../src/design/edits/settings.js'
import type { Look } from '../src/design/look.js'
import { settingItems, type SettingItem } from '../src/placing/settingItems.js'
import { MOST_GLASSES_OUT_MM } from '../src/reference/places.js'
import { dropItem, droppedAs, takeOut } from '../src/settings/dropItem.js'
import { demoLook } from './support/looks.js'

const laid = (look: Look) => settingItems(look)
const named = (look: Look, what: SettingItem['what'], role?: string) => {
  const found = laid(look).items.find((item) => item.what === what && (role === undefined || ('role' in item.piece && item.piece.role === role)))
  if (!found) throw new Error(`no ${what} ${role ?? ''}`)
  return found
}
const glasses = (look: Look) => laid(look).items.filter((item) => item.what === 'glass')
const letGo = (look: Look, item: SettingItem, dx: number, dy = 0) => {
  const edit = dropItem(look, 'A', item, { x: item.x + dx, y: item.y + dy })
  return edit ? applyEdit(look, edit) : null
}
const twoGlasses: Look = (() => {
  const look = demoLook()
  return { ...look, setting: { ...look.setting, glassIds: ['water-goblet', 'wine-clear'], dessertAbove: true } }
})()

describe('a glass dragged outward', () => {
  it('takes all glasses along by as much, straight outward, and nothing else of the setting', () => {
    const [water, wine] = glasses(twoGlasses)
    const after = letGo(twoGlasses, water!, 40)!
    const [waterNow, wineNow] = glasses(after)
    expect(after.setting.glassesOutMm).toBe(40)
    expect(waterNow!.x - water!.x).toBeCloseTo(40, 6)
    expect(wineNow!.x - wine!.x).toBeCloseTo(40, 6)
    expect(waterNow!.y).toBeGreaterThanOrEqual(water!.y)
    const rest = (look: Look) => laid(look).items.filter((item) => item.what !== 'glass')
    expect(rest(after)).toEqual(rest(twoGlasses))
    // the wine takes the water along as well
    expect(letGo(twoGlasses, wine!, 40)).toEqual(after)
  })

  it('never stands on flatware or the plates, however far out, and the setting is as wide as it reaches', () => {
    for (let out = 0; out <= MOST_GLASSES_OUT_MM; out += 5) {
      const look = applyEdit(twoGlasses, changeSetting(twoGlasses, 'A', { glassesOutMm: out }))
      const { items, rightMm } = laid(look)
      for (const glass of items.filter((item) => item.what === 'glass')) {
        expect(rightMm).toBeGreaterThanOrEqual(glass.x + glass.halfXMm - 1e-9)
        for (const other of items) {
          if (other === glass || other.stacked) continue
          const gap = other.round
            ? Math.hypot(glass.x - other.x, glass.y - other.y) - glass.halfXMm - other.halfXMm
            : Math.hypot(Math.max(0, Math.abs(glass.x - other.x) - other.halfXMm), Math.max(0, Math.abs(glass.y - other.y) - other.halfYMm)) - glass.halfXMm
          expect(gap, `${glass.piece.name} and ${other.piece.name} at ${out}`).toBeGreaterThan(-1e-6)
        }
      }
    }
  })

  it('goes in steps, no farther out than the most, comes back no nearer than the rule, and stays where it is hardly moved', () => {
    const water = glasses(twoGlasses)[0]!
    expect(letGo(twoGlasses, water, 2)).toBeNull()
    expect(letGo(twoGlasses, water, -60)).toBeNull()
    const out = letGo(twoGlasses, water, 52)!
    expect(out.setting.glassesOutMm).toBe(50)
    expect(droppedAs(out, 'A', glasses(out)[0]!, { x: glasses(out)[0]!.x - 30, y: water.y })).toBe('glasses-in')
    expect(letGo(out, glasses(out)[0]!, -300)!.setting.glassesOutMm).toBe(0)
    const far = { ...twoGlasses, setting: { ...twoGlasses.setting, glassesOutMm: MOST_GLASSES_OUT_MM - 5 } }
    expect(letGo(far, glasses(far)[0]!, 30)!.setting.glassesOutMm).toBe(MOST_GLASSES_OUT_MM)
  })

  it('where it is what makes neighbors’ things meet, is brought back in by the first remedy', () => {
    const narrow = (glassesOutMm: number): Look => ({
      ...twoGlasses,
      linens: { ...twoGlasses.linens, matId: null },
      setting: { ...twoGlasses.setting, plateIds: ['dinner-oyster'], napkin: null, breadPlateId: null, glassesOutMm }
    })
    const crowded = (look: Look) => assess(look).findings.find((finding) => finding.code === 'setting.crowded')
    expect(crowded(narrow(0))).toBeUndefined()
    const finding = crowded(narrow(MOST_GLASSES_OUT_MM))!
    expect(finding.remedies[0]!.code).toBe('glasses-in')
    expect(applyEdit(narrow(MOST_GLASSES_OUT_MM), finding.remedies[0]!.edit)).toEqual(narrow(0))
  })

  it('is not laid any more when it is let go far outside', () => {
    const wine = glasses(twoGlasses)[1]!
    expect(letGo(twoGlasses, wine, 0, 400)!.setting.glassIds).toEqual(['water-goblet'])
  })
})

describe('other things let go', () => {
  it('a napkin lies left of the forks or on the plate, where it is let go, and stays where it lies already', () => {
    const napkin = named(twoGlasses, 'napkin')
    const fork = named(twoGlasses, 'flatware', 'dinner-fork')
    const left = letGo(twoGlasses, napkin, fork.x - napkin.x)!
    expect(left.setting.napkin).toEqual({ ...twoGlasses.setting.napkin, place: 'left' })
    const lying = named(left, 'napkin')
    expect(lying.x + lying.halfXMm).toBeLessThan(fork.x - fork.halfXMm)
    expect(letGo(left, lying, -20)).toBeNull()
    expect(letGo(left, lying, -lying.x)!.setting.napkin!.place).toBe('on-plate')
    expect(letGo(twoGlasses, napkin, 10)).toBeNull()
  })

  it('dessert flatware let go before the plate is brought in; other flatware goes back to its lane', () => {
    const spoon = laid(twoGlasses).items.find((item) => item.what === 'flatware' && item.halfXMm > item.halfYMm)!
    expect(letGo(twoGlasses, spoon, 0, -100)!.setting.dessertAbove).toBe(false)
    expect(letGo(twoGlasses, spoon, 10)).toBeNull()
    expect(letGo(twoGlasses, named(twoGlasses, 'flatware', 'dinner-knife'), -15)).toBeNull()
  })

  it('a thing taken out leaves all else as it was, the upper of two plates alike', () => {
    const twice = { ...twoGlasses, setting: { ...twoGlasses.setting, plateIds: [...twoGlasses.setting.plateIds, twoGlasses.setting.plateIds[0]!] } }
    for (const item of laid(twice).items) {
      const { setting } = applyEdit(twice, takeOut(twice, 'A', item))
      const gone = item.piece.id
      const flat = (one: Look['setting']) => [...one.plateIds, one.breadPlateId, one.napkin?.pieceId, ...one.glassIds, ...one.flatwareIds]
      const before = flat(twice.setting).filter((id) => id)
      const at = before.lastIndexOf(gone)
      expect(flat(setting).filter((id) => id)).toEqual(before.filter((_, i) => i !== at))
    }
  })
})
