import { applyEdit, baseIds, baseSetOf, besideBase, isBaseSet, type Look } from '@hestiad/core'
import { validateLook } from '@hestiad/core/formats'
import { describe, expect, it } from 'vitest'
import { layBaseSet } from '../src/design/edits/index.js'
import { allSettings } from '../src/design/settingIds.js'
import { demoLook } from './support/looks.js'

describe('a base set', () => {
  const pearl = demoLook()
  const ferry = demoLook('ferry-crew')
  const base = baseSetOf(pearl, 'Everyday')

  it('kept from one look lies at every place of another, of whatever kind; linens, napkins, middle and guests stay', () => {
    const two: Look = { ...ferry, kinds: { ...ferry.kinds, others: [{ key: 'B', setting: ferry.setting }], spread: 'alternating' } }
    const missing = baseIds(base).filter((id) => !two.pieces.some((piece) => piece.id === id))
    const brought = pearl.pieces.filter((piece) => missing.includes(piece.id))
    const after = applyEdit(two, layBaseSet(two, base, brought))
    for (const setting of allSettings(after)) {
      expect(setting).toMatchObject({ plateIds: pearl.setting.plateIds, glassIds: pearl.setting.glassIds, flatwareIds: pearl.setting.flatwareIds })
      expect(setting.napkin).toEqual(two.setting.napkin)
    }
    expect([after.linens, after.centerpiece, after.guests, after.occasion]).toEqual([two.linens, two.centerpiece, two.guests, two.occasion])
    expect(besideBase(after, base)).toEqual({ without: [], with: [] })
    expect(validateLook(after)).toMatchObject({ ok: true })
  })

  it('names what differs, both ways', () => {
    const [plate, ...rest] = pearl.setting.plateIds
    const other = pearl.pieces.find((piece) => piece.kind === 'glass' && !pearl.setting.glassIds.includes(piece.id))!
    const changed = { ...pearl, setting: { ...pearl.setting, plateIds: rest, glassIds: [...pearl.setting.glassIds, other.id] } }
    expect(besideBase(changed, base)).toEqual({ without: [plate], with: [other.id] })
  })

  it('of which pieces are gone leaves those out, and the look is sound', () => {
    const [gone] = base.laid.plateIds
    const isGone = ({ pieceId }: { readonly pieceId: string }) => pieceId === gone
    const poorer: Look = {
      ...pearl,
      pieces: pearl.pieces.filter((piece) => piece.id !== gone),
      offers: pearl.offers.filter((one) => !isGone(one)),
      claims: pearl.claims.filter((one) => !isGone(one)),
      setting: { ...pearl.setting, plateIds: [], starId: null }
    }
    const after = applyEdit(poorer, layBaseSet(poorer, base))
    expect(after.setting.plateIds).toEqual(base.laid.plateIds.filter((id) => id !== gone))
    expect([validateLook(poorer).ok, validateLook(after)]).toEqual([true, expect.objectContaining({ ok: true })])
  })

  it('read back is taken only whole', () => {
    const back = JSON.parse(JSON.stringify(base)) as { name: string; laid: Record<string, unknown> }
    expect(isBaseSet(back)).toBe(true)
    const spoiled = [
      null,
      'base',
      {},
      { ...back, name: 7 },
      { ...back, laid: null },
      ...Object.keys(back.laid).flatMap((key) => [undefined, 'x', [7], -1].map((wrong) => ({ ...back, laid: { ...back.laid, [key]: wrong } })))
    ]
    // a bread plate may be any id
    expect(spoiled.filter((one) => isBaseSet(one)).map((one) => (one as typeof back).laid['breadPlateId'])).toEqual(['x'])
  })
})
