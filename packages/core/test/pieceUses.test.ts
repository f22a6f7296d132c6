import { applyEdit, clearUses, makeEdit, pieceUses, replaceUses, swapEdit, usedIds, type Look, type PieceUse } from '@hestiad/core'
import { validateLook } from '@hestiad/core/formats'
import { describe, expect, it } from 'vitest'
import { generateLook } from './support/generateLook.js'
import { demoLook } from './support/looks.js'

const demo = demoLook()
/** The demo with a second kind of setting, a topper, a favor and a dish in a vessel with a tool. */
const rich: Look = {
  ...demo,
  linens: { ...demo.linens, clothId: 'cloth-long', topper: { pieceId: 'cloth-long', turned: true } },
  setting: { ...demo.setting, favorId: 'spool-jar', starId: demo.setting.plateIds[0]! },
  kinds: { ...demo.kinds, others: [{ key: 'B', setting: { ...demo.setting, plateIds: ['charger-rattan', 'dinner-slate'] } }], spread: 'alternating' }
}
const at = (look: Look, { at: keys }: PieceUse) => keys.reduce<unknown>((node, key) => (node as Record<string | number, unknown>)[key], look)

describe('uses of pieces', () => {
  it('name every place of the look in which the id of a piece stands, and no other', () => {
    for (const look of [rich, ...Array.from({ length: 8 }, (_, i) => generateLook(300 + i, { guests: 6, pieces: 12, manner: 'wild' }))]) {
      for (const use of pieceUses(look)) expect(at(look, use)).toBe(use.pieceId)
      // the slow obvious way: every string in these members that is the id of a piece; the anchor of the brief is wished for, not laid
      const ids = new Set(look.pieces.map((piece) => piece.id))
      const found: string[] = []
      JSON.stringify(
        { ...look, pieces: [], offers: [], claims: [], intent: null, buying: null, interchangeable: [], variants: [], id: '' },
        (key, value: unknown) => {
          if (typeof value === 'string' && ids.has(value) && key !== 'id' && key !== 'on' && key !== 'group') found.push(value)
          return value
        }
      )
      expect(
        pieceUses(look)
          .map((use) => use.pieceId)
          .sort()
      ).toEqual(found.sort())
    }
  })

  it('count the other kinds of setting too', () => {
    expect(usedIds(rich)).toContain('dinner-slate')
    expect(usedIds({ ...rich, kinds: demo.kinds })).not.toContain('dinner-slate')
  })

  it('replaced are used nowhere any more, undone they are as before, and the look stays sound', () => {
    const edit = swapEdit(rich, 'dinner-slate', 'dinner-oyster')
    const swapped = applyEdit(rich, edit)
    expect(usedIds(swapped)).not.toContain('dinner-slate')
    expect(validateLook(swapped)).toMatchObject({ ok: true })
    const back = makeEdit(swapped, 'cupboard', (draft) =>
      replaceUses(
        draft,
        pieceUses(rich).filter((use) => use.pieceId === 'dinner-slate'),
        'dinner-slate'
      )
    )
    expect(applyEdit(swapped, back)).toEqual(rich)
  })

  it('cleared leave no hole in a list and no half of a thing: lines go, what may be empty is empty', () => {
    for (const id of [...usedIds(rich)]) {
      const uses = pieceUses(rich).filter((use) => use.pieceId === id && use.role !== 'middle')
      const cleared = applyEdit(
        rich,
        makeEdit(rich, 'setting', (draft) => clearUses(draft, uses))
      )
      expect(pieceUses(cleared).some((use) => use.pieceId === id && use.role !== 'middle')).toBe(false)
      expect(validateLook(cleared), id).toMatchObject({ ok: true })
      expect(pieceUses(cleared)).toHaveLength(pieceUses(rich).length - uses.length)
    }
  })
})
