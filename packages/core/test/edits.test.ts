import { applyEdit, inverseOf, makeEdit, newGuest, newLook, seededRandom, type Edit, type Look } from '@hestiad/core'
import { validateLook } from '@hestiad/core/formats'
import { describe, expect, it } from 'vitest'
import { demoLook, longTable } from './support/looks.js'

type Recipe = Parameters<typeof makeEdit>[2]
const recipes: readonly ((n: number) => Recipe)[] = [
  (n) => (d) => void (d.table.leaves.in = n % 3),
  (n) => (d) => void d.guests.splice(n % Math.max(1, d.guests.length), 1),
  (n) => (d) => void d.guests.push({ ...newGuest(1000 + n), near: [], apart: [] }),
  (n) => (d) => void (d.centerpiece.length > 0 && (d.centerpiece[n % d.centerpiece.length]!.xMm += n)),
  (n) => (d) => void d.centerpiece.splice(n % Math.max(1, d.centerpiece.length), 1),
  () => (d) => void d.centerpiece.reverse(),
  (n) => (d) => void (d.linens.clothId = n % 2 === 0 ? null : 'cloth-long'),
  (n) => (d) => void (d.money.totalCents = n),
  () => (d) => void (d.setting.napkin = null),
  (n) => (d) => void (d.occasion.notes = `note ${n}`)
]

/** A run of seeded edits with the states between them. */
function run(seed: number, steps: number): { states: Look[]; edits: Edit[] } {
  const random = seededRandom(seed)
  const states = [demoLook()]
  const edits: Edit[] = []
  for (let i = 0; i < steps; i++) {
    const n = Math.floor(random() * 1e6)
    const edit = makeEdit(states[i]!, 'brief', recipes[n % recipes.length]!(n))
    edits.push(edit)
    states.push(applyEdit(states[i]!, edit))
  }
  return { states, edits }
}

/** An edit as it comes back from the server. */
const stored = (edit: Edit) => JSON.parse(JSON.stringify(edit)) as Edit

describe('edits', () => {
  it('undone one by one in reverse give back every earlier state, also after a stay on the server', () => {
    for (let seed = 1; seed <= 15; seed++) {
      const { states, edits } = run(seed, 25)
      let look = states[states.length - 1]!
      for (let i = edits.length - 1; i >= 0; i--) {
        look = applyEdit(look, inverseOf(stored(edits[i]!)))
        expect(look, `seed ${seed}, back to ${i}`).toEqual(states[i])
      }
    }
  })

  it('redone after undoing come to the same end', () => {
    const { states, edits } = run(99, 30)
    expect(edits.map(stored).reduce((look, edit) => applyEdit(look, edit), states[0]!)).toEqual(states[30])
  })

  it('leave the look they were made for as it was, and untouched parts the same objects', () => {
    const look = demoLook()
    const before = JSON.stringify(look)
    const next = applyEdit(
      look,
      makeEdit(look, 'move', (d) => void (d.centerpiece[3]!.xMm = 1))
    )
    expect(JSON.stringify(look)).toBe(before)
    expect(next.pieces).toBe(look.pieces)
    expect(next.guests).toBe(look.guests)
    expect(next.centerpiece[2]).toBe(look.centerpiece[2])
    expect(next.centerpiece[3]).not.toBe(look.centerpiece[3])
  })

  it('that change nothing have no patches', () => {
    const look = demoLook()
    expect(makeEdit(look, 'brief', (d) => void (d.table.heads = look.table.heads)).patches).toEqual([])
  })
})

describe('a new look', () => {
  const wishes = {
    id: 'new',
    title: 'T',
    place: '',
    date: '2027-01-02',
    arriveMin: 1000,
    endMin: 1200,
    totalCents: 0,
    reservePercent: 15,
    currency: 'EUR',
    table: longTable(84, 42)
  }

  it('is sound for any count, seats that many and uses what is owned most', () => {
    const { pieces, offers } = demoLook()
    for (const guests of [0, 1, 8, 100]) {
      const look = newLook({ ...wishes, guests }, pieces, offers, [])
      expect(validateLook(look)).toMatchObject({ ok: true })
      expect(look.guests).toHaveLength(guests)
      expect(look.setting.plateIds).toEqual(['dinner-oyster'])
      expect(look.setting.napkin!.pieceId).toBe('napkin-oyster')
    }
  })

  it('from an empty cupboard has bare places and is sound', () => {
    const look = newLook({ ...wishes, guests: 4 }, [], [], [])
    expect(validateLook(look)).toMatchObject({ ok: true })
    expect(look.setting).toMatchObject({ plateIds: [], napkin: null, glassIds: [], flatwareIds: [] })
  })
})
