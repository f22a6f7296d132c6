import { copyFileSync, readdirSync } from 'node:fs'
import { join } from 'node:path'
import { applyEdit, inverseOf, type Look } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { openStorage } from '../src/storage/openStorage.js'
import { rename, saving, sendEdits, start, temporaryFolder } from './support.js'

const fixtures = join(import.meta.dirname, 'fixtures')

/** Each fixture holds: a look with one step done and one undone, one of no occasion, one with an odd history; three pieces; an offer of a piece there is, of one that is gone, and one that cannot be read. */
describe.each(readdirSync(fixtures).filter((name) => name.endsWith('.sqlite')))('a database of %s', (name) => {
  async function opened() {
    const folder = temporaryFolder()
    const file = join(folder, 'hestiad.sqlite')
    copyFileSync(join(fixtures, name), file)
    const { app, storage, stop } = await start(file)
    const get = async <T>(url: string) => (await app.inject({ url })).json() as T
    return { folder, storage, app, get, stop }
  }

  it('is brought up to date with every look, what was done and undone, and what is saved on', async () => {
    const { app, get, stop } = await opened()
    type Answer = { revision: number; look: Look; history: { past: never[]; future: { id: string }[] } }
    const circle = await get<Answer>('/api/looks/circle')
    expect([circle.revision, circle.look.name, circle.history.past.length, circle.history.future.length]).toEqual([7, 'Renamed', 1, 1])
    expect(applyEdit(circle.look, inverseOf(circle.history.past[0]!)).name).not.toBe('Renamed')
    expect(applyEdit(circle.look, circle.history.future[0] as never).name).toBe('Again')
    const saved = await sendEdits(app, 'circle', saving(circle.look, 7, [rename(circle.look, 'Now')]))
    expect(saved.json()).toMatchObject({ revision: 8 })
    expect((await get<Answer>('/api/looks/circle')).history.past).toHaveLength(2)
    expect((await get<Answer>('/api/looks/odd')).history).toEqual({ past: [], future: [] })
    await stop()
  })

  it('lists a look of no occasion under one of its own, and removing an occasion removes its looks and their journals', async () => {
    const { app, storage, get, stop } = await opened()
    const { occasions } = await get<{ occasions: { id: string; looks: { name: string }[] }[] }>('/api/occasions')
    expect(occasions.flatMap((one) => one.looks.map((look) => look.name)).sort()).toEqual(['Of no occasion', 'Renamed', 'With an odd history'])
    expect((await app.inject({ method: 'DELETE', url: '/api/occasions/o1' })).statusCode).toBe(204)
    const count = async (table: string) => ((await storage.dataSource.query(`SELECT COUNT(*) AS n FROM ${table}`)) as { n: number }[])[0]!.n
    expect([await count('look'), await count('edit')]).toEqual([1, 0])
    await stop()
  })

  it('keeps offers of no piece aside and tells of them; the others go with their piece', async () => {
    const { app, get, stop } = await opened()
    const cupboard = () => get<{ items: { piece: { id: string } }[]; offers: { id: string }[] }>('/api/cupboard')
    expect((await cupboard()).items).toHaveLength(3)
    expect((await cupboard()).offers.map((offer) => offer.id)).toEqual(['kept'])
    const { rows } = await get<{ rows: { rowId: string; why: string; document: string }[] }>('/api/set-aside')
    expect(rows.map(({ rowId, why }) => [rowId, why])).toEqual([
      ['of-a-deleted-piece', 'no-piece'],
      ['unreadable', 'unreadable']
    ])
    expect(JSON.parse(rows[0]!.document)).toMatchObject({ id: 'of-a-deleted-piece', priceCents: 300 })
    await app.inject({ method: 'DELETE', url: `/api/cupboard/${(await cupboard()).items[0]!.piece.id}` })
    expect((await cupboard()).offers).toEqual([])
    await stop()
  })

  it('is copied as it was before, once, and the copy opens as it did', async () => {
    const { folder, stop } = await opened()
    await stop()
    const copies = readdirSync(folder).filter((one) => one.includes('.before-'))
    expect(copies).toHaveLength(1)
    const again = await openStorage(join(folder, copies[0]!))
    expect(await again.dataSource.query('SELECT id FROM look')).toHaveLength(3)
    await again.close()
  })

  it('has all its foreign keys whole', async () => {
    const { storage, stop } = await opened()
    expect(await storage.dataSource.query('PRAGMA foreign_key_check')).toEqual([])
    expect(await storage.dataSource.query('PRAGMA foreign_keys')).toEqual([{ foreign_keys: 1 }])
    await stop()
  })
})

it('a database that is up to date already is opened without a copy', async () => {
  const folder = temporaryFolder()
  for (const time of ['first', 'second']) {
    await (await openStorage(join(folder, 'hestiad.sqlite'))).close()
    expect(readdirSync(folder).filter((one) => one.includes('.before-')), time).toEqual([]) // prettier-ignore
  }
})

it('the entities and the migrations say the same: nothing is left to generate', async () => {
  const storage = await openStorage(':memory:')
  const { upQueries } = await storage.dataSource.driver.createSchemaBuilder().log()
  expect(upQueries.map((one) => one.query)).toEqual([])
  await storage.close()
})
