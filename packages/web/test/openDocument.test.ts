import { readFileSync } from 'node:fs'
import { changeOccasion, changePlaced, editsMeet, makeEdit, noHistory, replacePlaced, type JournalEdit, type Look } from '@hestiad/core'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { afterSave, documentOf, newEntry, now, recovered, redoEntry, replayed, undoEntry, withStep, type OpenDocument } from '../src/stores/openDocument.js'

const demo = JSON.parse(readFileSync(new URL('../../../demo/pearl-anniversary.hestiad.json', import.meta.url), 'utf8')) as Look
const answer = { id: demo.id, occasionId: 'o', revision: 1, hash: '', look: demo, history: noHistory }
const ids = demo.centerpiece.map((placed) => placed.id)

type Act = { readonly kind: 'move' | 'name' | 'notes' | 'drop' | 'undo' | 'redo'; readonly n: number }
const acts = fc.array(
  fc.record({ kind: fc.constantFrom('move' as const, 'name' as const, 'notes' as const, 'drop' as const, 'undo' as const, 'redo' as const), n: fc.nat(500) }),
  { maxLength: 14 }
)

function done(open: OpenDocument, { kind, n }: Act): OpenDocument {
  const { look } = now(open)
  const edits = {
    move: () => newEntry(changePlaced(look, ids[n % ids.length]!, { xMm: n, yMm: -n })),
    name: () => newEntry(makeEdit(look, 'rename', (draft) => void (draft.name = `name ${n}`))),
    notes: () => newEntry(changeOccasion(look, { notes: `note ${n}` })),
    drop: () => newEntry(makeEdit(look, 'take-off', (draft) => void draft.centerpiece.splice(n % Math.max(1, look.centerpiece.length), 1))),
    undo: () => undoEntry(now(open)),
    redo: () => redoEntry(now(open))
  }
  const entry = edits[kind]()
  return entry && entry.patches.length > 0 ? withStep(open, entry) : open
}
const run = (list: readonly Act[], open = documentOf(answer)) => list.reduce(done, open)
const entriesOf = (open: OpenDocument) => open.pending.map((step) => step.entry)
const sentAs = (entries: readonly JournalEdit[]) => JSON.parse(JSON.stringify(entries)) as JournalEdit[]

describe('the open document', () => {
  it('taken back step by step is the look it began as, and done again the look it was', () => {
    fc.assert(
      fc.property(acts, (list) => {
        let open = run(list)
        const { look, history } = now(open)
        const steps = history.past.length
        for (let i = 0; i < steps; i++) open = withStep(open, undoEntry(now(open))!)
        expect(now(open).look).toEqual(demo)
        expect(undoEntry(now(open))).toBeUndefined()
        for (let i = 0; i < steps; i++) open = withStep(open, redoEntry(now(open))!)
        expect(now(open).look).toEqual(look)
      }),
      { seed: 12, numRuns: 60 }
    )
  })

  it('saved in whatever parts is on the server what it is here, with the same history', () => {
    fc.assert(
      fc.property(acts, fc.nat(14), (list, cut) => {
        const open = run(list)
        if (open.pending.length === 0) return
        const n = 1 + (cut % open.pending.length)
        const server = replayed(documentOf(answer), sentAs(entriesOf(open).slice(0, n)))
        const after = afterSave(open, entriesOf(open).slice(0, n), 1 + n, [])
        expect(after.saved.look).toEqual(now(server).look)
        expect(after.pending).toHaveLength(open.pending.length - n)
        expect(now(after).look).toBe(now(open).look)
        expect(now(server).history.past.map((one) => one.id)).toEqual(after.saved.history.past.map((one) => one.id))
      }),
      { seed: 13, numRuns: 60 }
    )
  })

  it('with what others saved in between below it is the same on both sides, wherever the two do not meet', () => {
    let merged = 0
    fc.assert(
      fc.property(acts, acts, (theirs, mine) => {
        const open = run(mine)
        const between = entriesOf(run(theirs)).map((entry) => ({ ...entry, id: `their-${entry.id}`, of: `their-${entry.of}` }))
        const own = entriesOf(open)
        if (own.length === 0 || between.some((their) => own.some((one) => editsMeet(their, one)))) return
        merged++
        const server = replayed(documentOf(answer), [...sentAs(between), ...sentAs(own)])
        const after = afterSave(open, own, 9, sentAs(between))
        expect(now(after).look).toEqual(now(server).look)
        expect(after.pending).toEqual([])
        const back = recovered({ ...answer, look: now(replayed(documentOf(answer), sentAs(between))).look, revision: 5 }, own, sentAs(between), 1)
        expect(back.meets).toBe(false)
        expect(now(back).look).toEqual(now(server).look)
      }),
      { seed: 14, numRuns: 120 }
    )
    expect(merged).toBeGreaterThan(20)
  })

  it('recovered where others changed the same place is shown on the look it was made on', () => {
    const mine = withStep(documentOf(answer), newEntry(changeOccasion(demo, { notes: 'mine' })))
    const theirs = withStep(documentOf(answer), newEntry(changeOccasion(demo, { notes: 'theirs' })))
    const since = sentAs(entriesOf(theirs))
    const back = recovered({ ...answer, look: now(theirs).look, revision: 2 }, entriesOf(mine), since, 1)
    expect(back.meets).toBe(true)
    expect(back.saved).toMatchObject({ revision: 1, look: demo })
    expect(now(back).look.occasion.notes).toBe('mine')
  })

  it('leaves out what the server has already', () => {
    const open = withStep(documentOf(answer), newEntry(replacePlaced(demo, ids[0]!, demo.pieces.find((piece) => piece.kind === 'vessel')!.id)))
    const later = withStep(open, newEntry(changeOccasion(now(open).look, { notes: 'then' })))
    const [first, second] = entriesOf(later)
    const back = recovered({ ...answer, look: now(open).look, revision: 2 }, [first!, second!], [first!], 1)
    expect(entriesOf(back).map((entry) => entry.id)).toEqual([second!.id])
    expect(now(back).look).toEqual(now(later).look)
  })
})
