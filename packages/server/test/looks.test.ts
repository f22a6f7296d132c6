import { applyEdit, assess, beginAnother, changeOccasion, inverseOf, lookHash, makeEdit, noStyle, type Edit, type History, type Look } from '@hestiad/core'
import type { FastifyInstance } from 'fastify'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Storage } from '../src/storage/openStorage.js'
import { demoLook, rename, save, saving, sendEdits, sent, start } from './support.js'

let app: FastifyInstance
let storage: Storage
let stop: () => Promise<void>
beforeAll(async () => ({ app, storage, stop } = await start()))
afterAll(() => stop())
const get = async (url: string) =>
  (await app.inject({ url })).json() as { revision: number; look: Look; history: History; occasions: { id: string; looks: { id: string; name: string }[] }[] }

const editsOf = async (id: string) =>
  (await app.inject({ url: `/api/looks/${id}/edits` })).json() as { edits: { id: string; revision: number; kind: string; what: string; window: string }[] }

describe('a save of edits', () => {
  it('counts the revision up by each, and is in the document, the undo history and the journal, the newest first', async () => {
    const { revision, look } = await get('/api/looks/pearl-anniversary')
    const one = rename(look, 'One')
    const two = changeOccasion(applyEdit(look, one), { place: 'The barn' })
    const answer = await sendEdits(app, 'pearl-anniversary', saving(look, revision, [one, two]))
    expect(answer.statusCode).toBe(200)
    expect(answer.headers.etag).toBe(`"${revision + 2}"`)
    const after = await get('/api/looks/pearl-anniversary')
    expect(after).toMatchObject({ revision: revision + 2, look: { name: 'One', occasion: { place: 'The barn' } } })
    expect(after.history.past.map((edit) => edit.what)).toEqual(['rename', 'brief'])
    expect(after.history.past.reduceRight((state, edit) => applyEdit(state, inverseOf(edit)), after.look)).toEqual(look)
    expect((await editsOf('pearl-anniversary')).edits).toMatchObject([
      { what: 'brief', revision: revision + 2, window: 'a test' },
      { what: 'rename', revision: revision + 1 }
    ])
  })

  it('sent twice applies once, also beside new ones', async () => {
    const { revision, look } = await get('/api/looks/ordinary-week')
    const one = rename(look, 'Once')
    const first = saving(look, revision, [one])
    expect((await sendEdits(app, 'ordinary-week', first)).json()).toMatchObject({ revision: revision + 1, between: [] })
    expect((await sendEdits(app, 'ordinary-week', first)).json()).toMatchObject({ revision: revision + 1, between: [] })
    const two = changeOccasion(applyEdit(look, one), { notes: 'more' })
    const both = { ...saving(look, revision, [one, two]), edits: [...first.edits, sent(two)] }
    expect((await sendEdits(app, 'ordinary-week', both)).json()).toMatchObject({ revision: revision + 2, between: [] })
    expect(await get('/api/looks/ordinary-week')).toMatchObject({ revision: revision + 2, look: { name: 'Once', occasion: { notes: 'more' } } })
  })

  it('an undo and a redo are entries too, and what can be taken back follows', async () => {
    const { revision, look } = await get('/api/looks/ordinary-week')
    const edit = rename(look, 'To be undone')
    const [made] = [sent(edit)]
    const undo = sent(inverseOf(edit), 'undo', made.id)
    await sendEdits(app, 'ordinary-week', { ...saving(look, revision, [edit, inverseOf(edit)]), edits: [made, undo] })
    const undone = await get('/api/looks/ordinary-week')
    expect(undone.look).toEqual(look)
    expect(undone.history.future.map((one) => one.id)).toEqual([made.id])
    const redo = sent(edit, 'redo', made.id)
    await sendEdits(app, 'ordinary-week', { ...saving(undone.look, undone.revision, [edit]), edits: [redo] })
    const redone = await get('/api/looks/ordinary-week')
    expect(redone.look.name).toBe('To be undone')
    expect(redone.history.future).toEqual([])
    expect(redone.history.past.at(-1)!.id).toBe(made.id)
  })

  it('made on an older revision is merged where it touches other parts, and told what came between', async () => {
    const { revision, look } = await get('/api/looks/mending-circle')
    const theirs = changeOccasion(look, { notes: 'theirs' })
    const mine = rename(look, 'Mine')
    await sendEdits(app, 'mending-circle', saving(look, revision, [theirs]))
    const answer = (await sendEdits(app, 'mending-circle', saving(look, revision, [mine]))).json() as { revision: number; between: Edit[]; hash: string }
    expect(answer.revision).toBe(revision + 2)
    expect(answer.between.map((edit) => edit.what)).toEqual(['brief'])
    const merged = await get('/api/looks/mending-circle')
    expect(merged.look).toEqual(applyEdit(applyEdit(look, theirs), mine))
    expect(answer.hash).toBe(lookHash(merged.look))
  })

  it('made on an older revision in the same place is refused with what came between, and both versions can be kept', async () => {
    const { revision, look } = await get('/api/looks/mending-circle')
    await sendEdits(app, 'mending-circle', saving(look, revision, [rename(look, 'theirs')]))
    const refused = await sendEdits(app, 'mending-circle', saving(look, revision, [rename(look, 'mine')]))
    expect(refused.statusCode).toBe(409)
    expect(refused.json()).toMatchObject({ error: { code: 'revision-conflict', revision: revision + 1, between: [{ what: 'rename' }] } })
    const copy = await app.inject({ method: 'POST', url: '/api/looks/mending-circle/copies', payload: { look: { ...look, name: 'mine' }, name: 'mine too' } })
    expect(copy.statusCode).toBe(201)
    const { occasions } = await get('/api/occasions')
    const names = occasions.find((o) => o.looks.some((l) => l.id === 'mending-circle'))?.looks.map((l) => l.name)
    expect(names?.sort()).toEqual(['Slate plates, blooms on a tray', 'mine too', 'theirs'])
  })

  it('that is fine by itself and not with what others did in between is refused as a conflict', async () => {
    const { revision, look } = await get('/api/looks/mending-circle')
    const placed = look.centerpiece[0]!
    const gone = makeEdit(look, 'cupboard', (draft) => {
      draft.pieces = draft.pieces.filter((piece) => piece.id !== placed.pieceId)
      draft.centerpiece = draft.centerpiece.filter((one) => one.pieceId !== placed.pieceId)
    })
    const { breadPlateId: _, ...rest } = look.setting
    expect((await sendEdits(app, 'mending-circle', saving(look, revision, [gone]))).statusCode).toBe(200)
    const uses = makeEdit({ ...look, setting: { ...rest, breadPlateId: null } }, 'setting', (draft) => void (draft.setting.favorId = placed.pieceId))
    const answer = await sendEdits(app, 'mending-circle', saving(look, revision, [{ ...uses, inverse: [] }]))
    expect(answer.statusCode).toBe(409)
  })

  it('made on a look that is another than here changes nothing and says so', async () => {
    const before = await get('/api/looks/ferry-crew')
    const answer = await sendEdits(app, 'ferry-crew', { ...saving(before.look, before.revision, [rename(before.look, 'x')]), hash: 'another' })
    expect(answer.json()).toMatchObject({ error: { code: 'hash-differs' } })
    const nowhere = { what: 'move' as const, patches: [{ op: 'replace' as const, path: ['centerpiece', 999, 'xMm'], value: 1 }], inverse: [] }
    expect((await sendEdits(app, 'ferry-crew', { ...saving(before.look, before.revision, []), edits: [sent(nowhere)] })).json()).toMatchObject({
      error: { code: 'unusable-edit' }
    })
    const unsound = makeEdit(before.look, 'table', (draft) => void (draft.table.heightMm = -4))
    expect((await sendEdits(app, 'ferry-crew', saving(before.look, before.revision, [unsound]))).json()).toMatchObject({
      error: { code: 'unusable-look', faults: [{ place: '/table/heightMm' }] }
    })
    expect(await get('/api/looks/ferry-crew')).toEqual(before)
  })

  it('200 in a row are all there when the look is read anew from its document and its journal', async () => {
    const { revision, look } = await get('/api/looks/ferry-crew')
    let state = look
    for (let i = 0; i < 200; i++) {
      const edit = changeOccasion(state, { notes: `note ${i}` })
      expect((await sendEdits(app, 'ferry-crew', saving(state, revision + i, [edit]))).statusCode).toBe(200)
      state = applyEdit(state, edit)
    }
    storage.book.forget('ferry-crew')
    const read = await get('/api/looks/ferry-crew')
    expect(read.look).toEqual(state)
    expect(read.revision).toBe(revision + 200)
    expect(read.history.past).toHaveLength(200)
    const since = (await app.inject({ url: `/api/looks/ferry-crew/edits/since/${revision + 150}` })).json() as { edits: Edit[] }
    expect(since.edits).toHaveLength(50)
    expect((await app.inject({ url: '/api/looks/ferry-crew/edits/since/99999' })).statusCode).toBe(404)
  })
})

describe('a whole look put in the place of another', () => {
  it('is one step to undo, and over an older revision is refused with the newer one', async () => {
    const { revision, look } = await get('/api/looks/pearl-anniversary')
    expect((await save(app, { ...look, id: 'somebody-else', name: 'Imported' }, revision)).statusCode).toBe(200)
    const after = await get('/api/looks/pearl-anniversary')
    expect(after.look).toEqual({ ...look, name: 'Imported' })
    expect(applyEdit(after.look, inverseOf(after.history.past.at(-1)!))).toEqual(look)
    const refused = await save(app, look, revision)
    expect(refused.statusCode).toBe(412)
    expect(refused.json()).toMatchObject({ error: { code: 'revision-stale', revision: revision + 1 } })
  })

  it('of many at once over one revision exactly one is taken', async () => {
    const { revision, look } = await get('/api/looks/ordinary-week')
    const answers = await Promise.all(Array.from({ length: 20 }, (_, i) => save(app, { ...look, name: `n${i}` }, revision, 'ordinary-week')))
    expect(answers.filter((a) => a.statusCode === 200)).toHaveLength(1)
    expect(answers.filter((a) => a.statusCode === 412)).toHaveLength(19)
  })

  it('without a revision is refused, and a look with a bad place changes nothing', async () => {
    const before = await get('/api/looks/ordinary-week')
    const bare = await app.inject({ method: 'PUT', url: '/api/looks/ordinary-week', payload: { look: before.look } })
    expect(bare.statusCode).toBe(428)
    const bad = await save(app, { ...before.look, table: { ...before.look.table, heightMm: 'tall' } }, before.revision, 'ordinary-week')
    expect(bad.json()).toMatchObject({ error: { code: 'unusable-look', faults: [{ place: '/table/heightMm' }] } })
    expect(await get('/api/looks/ordinary-week')).toEqual(before)
  })
})

it('an exported look imports as a new occasion and comes back the same but for its id', async () => {
  const file = await app.inject({ url: '/api/looks/ferry-crew/file' })
  expect(file.headers['content-disposition']).toContain('.hestiad.json')
  const imported = await app.inject({ method: 'POST', url: '/api/looks', headers: { 'content-type': 'application/json' }, payload: file.body })
  const { id, look } = imported.json() as { id: string; look: Look }
  expect({ ...look, id: 'ferry-crew' }).toEqual(JSON.parse(file.body))
  expect(id).not.toBe('ferry-crew')
})

it('the server assesses exactly as the core does', async () => {
  const answer = await app.inject({ method: 'POST', url: '/api/assess', payload: demoLook() })
  expect(answer.json()).toEqual(JSON.parse(JSON.stringify(assess(demoLook()))))
})

const newOccasion = (part: object = {}) => ({
  title: 'Rehearsal',
  place: 'Here',
  date: '2027-03-01',
  arriveMin: 1100,
  endMin: 1300,
  guests: 7,
  totalCents: 9000,
  reservePercent: 10,
  currency: 'EUR',
  table: demoLook().table,
  ...part
})

it('a new occasion begins with its guests seated, the cupboard and the offers; removed, it is gone', async () => {
  const made = await app.inject({ method: 'POST', url: '/api/occasions', payload: newOccasion() })
  const { id, occasionId, look } = made.json() as { id: string; occasionId: string; look: Look }
  expect(look.guests).toHaveLength(7)
  expect(look.pieces.length).toBe(demoLook().pieces.length)
  expect((await app.inject({ method: 'DELETE', url: `/api/occasions/${occasionId}` })).statusCode).toBe(204)
  expect((await app.inject({ url: `/api/looks/${id}` })).statusCode).toBe(404)
})

it('a new occasion like an earlier one takes over room, household and ways of working, and nothing that was of that table alone', async () => {
  const demo = demoLook()
  const school = {
    ...demo.school,
    comfort: 'roomy',
    drop: 'formal',
    symmetry: 'symmetric',
    pattern: 'flanked',
    meant: ['compose.levels'],
    spareStemsPercent: 25
  }
  const earlier = (await app.inject({ method: 'POST', url: '/api/looks', payload: { ...demo, school } })).json() as {
    id: string
    occasionId: string
    look: Look
  }
  const made = await app.inject({ method: 'POST', url: '/api/occasions', payload: newOccasion({ like: earlier.id }) })
  expect(made.statusCode).toBe(201)
  const { look, occasionId } = made.json() as { look: Look; occasionId: string }
  expect(look.room).toEqual(earlier.look.room)
  expect(look.household).toEqual(earlier.look.household)
  expect(look.school).toMatchObject({ comfort: 'roomy', drop: 'formal', symmetry: 'symmetric', spareStemsPercent: 25, pattern: null, meant: [] })
  expect(look.centerpiece).toEqual([])
  expect(look.guests).toHaveLength(7)
  expect(look.money).toMatchObject({ totalCents: 9000, currency: 'EUR' })
  const again = (await app.inject({ method: 'POST', url: '/api/occasions', payload: newOccasion({ like: earlier.id, asLaid: true }) })).json() as typeof earlier
  expect([again.look.centerpiece, again.look.linens, again.look.setting.plateIds, again.look.name]).toEqual([
    earlier.look.centerpiece,
    earlier.look.linens,
    earlier.look.setting.plateIds,
    earlier.look.name
  ])
  expect([again.look.guests.length, again.look.money.totalCents, again.look.school.pattern]).toEqual([7, 9000, 'flanked'])
  const afresh = (await app.inject({ method: 'POST', url: '/api/occasions', payload: newOccasion() })).json() as { look: Look; occasionId: string }
  expect(afresh.look.household).toEqual({ cats: false, dogs: false, toddlers: false })
  expect((await app.inject({ method: 'POST', url: '/api/occasions', payload: newOccasion({ like: 'nobody' }) })).statusCode).toBe(404)
  for (const id of [occasionId, again.occasionId, afresh.occasionId, earlier.occasionId]) await app.inject({ method: 'DELETE', url: `/api/occasions/${id}` })
})

it('a new occasion in the own style begins with its moods and ways; like an earlier one it has the ways of that one', async () => {
  const style = { ...noStyle, moods: ['calm'], avoid: ['lilies'], ways: { ...noStyle.ways, drop: 'formal' } }
  const begin = async (more: object) =>
    (await app.inject({ method: 'POST', url: '/api/occasions', payload: newOccasion(more) })).json() as { look: Look; occasionId: string }
  const [own, like] = [await begin({ style }), await begin({ style, like: 'pearl-anniversary' })]
  for (const { look } of [own, like]) expect(look.intent).toMatchObject({ moods: ['calm'], avoid: ['lilies'], kind: null })
  expect([own.look.school.drop, like.look.school.drop]).toEqual(['formal', demoLook().school.drop])
  const wrong = await app.inject({ method: 'POST', url: '/api/occasions', payload: newOccasion({ style: { ...style, moods: ['gloomy'] } }) })
  expect([wrong.statusCode, wrong.json<{ error: { faults: object[] } }>().error.faults]).toMatchObject([400, [{ place: '/style' }]])
  for (const { occasionId } of [own, like]) await app.inject({ method: 'DELETE', url: `/api/occasions/${occasionId}` })
})

it('a look is kept under another name, the copy removed, and the last look of an occasion stays', async () => {
  const first = (await app.inject({ method: 'POST', url: '/api/looks', payload: demoLook() })).json() as { id: string; look: Look }
  const payload = { look: beginAnother(first.look, 'By the window'), name: 'By the window' }
  const copy = (await app.inject({ method: 'POST', url: `/api/looks/${first.id}/copies`, payload })).json() as { id: string; look: Look }
  expect(copy.look).toMatchObject({ name: 'By the window', centerpiece: [], guests: first.look.guests, table: first.look.table })
  expect((await app.inject({ method: 'DELETE', url: `/api/looks/${copy.id}` })).statusCode).toBe(204)
  expect((await app.inject({ url: `/api/looks/${copy.id}` })).statusCode).toBe(404)
  const last = await app.inject({ method: 'DELETE', url: `/api/looks/${first.id}` })
  expect([last.statusCode, (last.json() as { error: { code: string } }).error.code]).toEqual([409, 'last-look'])
  expect((await app.inject({ url: `/api/looks/${first.id}` })).statusCode).toBe(200)
})

it('the cupboard goes out and in as CSV, and a file with one bad row changes no piece', async () => {
  const csv = (await app.inject({ url: '/api/cupboard.csv' })).body
  const post = (payload: string) => app.inject({ method: 'POST', url: '/api/cupboard.csv', headers: { 'content-type': 'text/csv' }, payload })
  expect((await post(csv)).json()).toEqual({ imported: demoLook().pieces.length })
  expect((await app.inject({ url: '/api/cupboard.csv' })).body).toBe(csv)
  const bad = await post(csv.replace('Brass-rim charger', 'Changed').replace(/,14,/, ',many,'))
  expect(bad.statusCode).toBe(422)
  expect((await app.inject({ url: '/api/cupboard.csv' })).body).toBe(csv)
})
