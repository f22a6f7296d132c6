import { createHash } from 'node:crypto'
import { describe, expect, it } from 'vitest'
import {
  applyEdit,
  changeOccasion,
  changePlaced,
  editOfPatches,
  editsMeet,
  historyOf,
  inverseOf,
  lookHash,
  makeEdit,
  MOST_STEPS,
  removeGuest,
  replaceEdit,
  seededRandom,
  takeOffEdit,
  type Edit,
  type JournalEdit,
  type Look
} from '../src/index.js'
import { demoLook } from './support/looks.js'
import { many } from './support/many.js'

const demo = demoLook()
const entry = (id: string, kind: JournalEdit['kind'] = 'edit', of = id): JournalEdit => ({ id, kind, of, what: 'rename', patches: [], inverse: [] })
const ids = (list: readonly JournalEdit[]) => list.map((one) => one.id).join(' ')

describe('a history comes of a journal', () => {
  it.each<[string, JournalEdit[], string, string]>([
    ['edits stand in their order', [entry('a'), entry('b')], 'a b', ''],
    ['an undo puts the edit before what can be done again', [entry('a'), entry('b'), entry('u', 'undo', 'b')], 'a', 'b'],
    [
      'undone one after the other they are done again the other way round',
      [entry('a'), entry('b'), entry('u', 'undo', 'b'), entry('v', 'undo', 'a')],
      '',
      'b a'
    ],
    ['a redo takes it back into the past', [entry('a'), entry('u', 'undo', 'a'), entry('r', 'redo', 'a')], 'a', ''],
    ['a new edit lets go of what was undone', [entry('a'), entry('u', 'undo', 'a'), entry('b')], 'b', ''],
    ['an undo of nobody knows what changes nothing', [entry('a'), entry('u', 'undo', 'x'), entry('r', 'redo', 'y')], 'a', '']
  ])('%s', (_, journal, past, future) => {
    const history = historyOf(journal)
    expect([ids(history.past), ids(history.future)]).toEqual([past, future])
  })

  it(`of no more than ${MOST_STEPS} steps, the newest`, () => {
    const { past } = historyOf(Array.from({ length: MOST_STEPS + 40 }, (_, i) => entry(`e${i}`)))
    expect(past).toHaveLength(MOST_STEPS)
    expect(past.at(-1)!.id).toBe(`e${MOST_STEPS + 39}`)
  })
})

describe('two edits meet', () => {
  const place = (i: number, xMm: number) => changePlaced(demo, demo.centerpiece[i]!.id, { xMm })
  it.each<[string, Edit, Edit, boolean]>([
    ['in the same member', changeOccasion(demo, { notes: 'a' }), changeOccasion(demo, { notes: 'b' }), true],
    ['not in members side by side', changeOccasion(demo, { notes: 'a' }), changeOccasion(demo, { place: 'b' }), false],
    ['in the same line of a list', place(0, 900), place(0, 901), true],
    ['not in two lines of a list', place(0, 900), place(1, 900), false],
    ['where one takes a line away and the other changes a line', takeOffEdit(demo, demo.centerpiece[0]!.id), place(1, 900), true],
    [
      'where both make a list longer',
      makeEdit(demo, 'group', (d) => void d.claims.push({} as never)),
      makeEdit(demo, 'group', (d) => void d.claims.push({} as never)),
      true
    ],
    [
      'where one replaces what the other changes inside',
      makeEdit(demo, 'table', (d) => void (d.occasion = { ...d.occasion })),
      changeOccasion(demo, { notes: 'b' }),
      true
    ]
  ])('%s', (_, one, other, meets) => {
    expect(editsMeet(one, other)).toBe(meets)
    expect(editsMeet(other, one)).toBe(meets)
  })

  it('and those that do not come to the same look in either order', () => {
    const random = seededRandom(7)
    const pick = <T>(list: readonly T[]) => list[Math.floor(random() * list.length)]!
    const some = (): Edit =>
      pick([
        () => changePlaced(demo, pick(demo.centerpiece).id, { xMm: Math.floor(random() * 999) }),
        () => changeOccasion(demo, pick([{ notes: 'n' }, { place: 'p' }, { title: 't' }])),
        () => takeOffEdit(demo, pick(demo.centerpiece).id),
        () => removeGuest(demo, pick(demo.guests).id),
        () => makeEdit(demo, 'linens', (draft) => void (draft.linens.pad = !draft.linens.pad))
      ])()
    let apart = 0
    for (let i = 0; i < many(150); i++) {
      const [one, other] = [some(), some()]
      if (editsMeet(one, other)) continue
      apart++
      const both = (first: Edit, second: Edit) => [first, second].reduce((look, { what, patches }) => applyEdit(look, editOfPatches(look, what, patches)), demo)
      expect(both(one, other)).toEqual(both(other, one))
    }
    expect(apart).toBeGreaterThan(100)
  })
})

describe('the fingerprint of a look', () => {
  /** JSON with its keys in order, by which an independent hash tells documents apart. */
  const sorted = (value: unknown): unknown =>
    Array.isArray(value)
      ? value.map(sorted)
      : value && typeof value === 'object'
        ? Object.fromEntries(
            Object.entries(value)
              .sort()
              .map(([k, v]) => [k, sorted(v)])
          )
        : value
  const sha = (look: Look) =>
    createHash('sha256')
      .update(JSON.stringify(sorted(look)))
      .digest('hex')

  it('is the same for the same document in whatever order, read from a file or not', () => {
    const turned = Object.fromEntries(Object.entries(demo).reverse()) as unknown as Look
    expect(lookHash(turned)).toBe(lookHash(demo))
    expect(lookHash(JSON.parse(JSON.stringify(demo)) as Look)).toBe(lookHash(demo))
    expect(lookHash({ ...demo, more: undefined })).toBe(lookHash(demo))
  })

  it('tells apart what SHA-256 of the sorted document tells apart, over 60 states', () => {
    const byHash = new Map<string, string>()
    let look = demo
    for (let i = 0; i < many(60); i++) {
      look = applyEdit(look, changePlaced(look, look.centerpiece[i % look.centerpiece.length]!.id, { xMm: (i * 37) % 53, yMm: -(i % 7) }))
      const [hash, exact] = [lookHash(look), sha(look)]
      expect(byHash.get(hash) ?? exact).toBe(exact)
      byHash.set(hash, exact)
    }
    expect(new Set(byHash.values()).size).toBe(byHash.size)
  })

  it('does not take a number for its text, a list for an object, or null for nothing', () => {
    const all = [{ a: 1 }, { a: '1' }, { a: [] }, { a: {} }, { a: null }, {}, { a: false }, { a: [1, 2] }, { a: [12] }, { a: ['1,2'] }, { a: { b: 1 } }]
    expect(new Set(all.map(lookHash)).size).toBe(all.length)
  })
})

describe('edits from elsewhere', () => {
  it('get an inverse that fits the look they are applied to', () => {
    const theirs = applyEdit(demo, changeOccasion(demo, { notes: 'theirs' }))
    const { patches, what } = changeOccasion(demo, { notes: 'mine' })
    const edit = editOfPatches(theirs, what, patches)
    expect(applyEdit(applyEdit(theirs, edit), inverseOf(edit))).toEqual(theirs)
  })

  it('that name a place the look does not have are refused', () => {
    expect(() => editOfPatches(demo, 'move', [{ op: 'replace', path: ['centerpiece', 999, 'xMm'], value: 1 }])).toThrow()
  })

  it('a look put in the place of another is one edit of the members that differ', () => {
    const next = { ...demo, name: 'Other', guests: demo.guests.slice(1) }
    const edit = replaceEdit(demo, 'import', next)
    expect(edit.patches.map((patch) => patch.path[0]).sort()).toEqual(['guests', 'name'])
    expect(applyEdit(demo, edit)).toEqual(next)
    expect(applyEdit(next, inverseOf(edit))).toEqual(demo)
  })
})
