import { seededRandom, type Random } from '@hestiad/core'
import { expect, it } from 'vitest'
import { many } from '../../core/test/support/many.js'
import { demoLook, start } from './support.js'

const absurd: readonly unknown[] = [null, -1, 1e308, 'x', '', [], {}, true, '../../etc', '\u0000', { __proto__: null }, [[[[]]]], 1.5, '=cmd', '💥'.repeat(50)]
const pick = <T>(random: Random, list: readonly T[]): T => list[Math.floor(random() * list.length)]!

/** Spoils one random place of a document; true when it can no longer be right. */
function spoil(value: unknown, random: Random): void {
  let node = value as Record<string, unknown>
  for (;;) {
    const keys = Object.keys(node)
    if (keys.length === 0) return
    const key = pick(random, keys)
    const next = node[key]
    if (typeof next === 'object' && next !== null && Object.keys(next).length > 0 && random() < 0.75) {
      node = next as Record<string, unknown>
      continue
    }
    const manner = random()
    if (manner < 0.3) Reflect.deleteProperty(node, key)
    else if (manner < 0.8) node[key] = pick(random, absurd)
    else node[`${key}-extra`] = pick(random, absurd)
    return
  }
}

it('a hundred malformed looks and requests: never a 5xx, always a code and a place, and nothing stored changes', async () => {
  const { app, storage, stop } = await start()
  const stored = () =>
    storage.dataSource.query('SELECT id, revision, document, (SELECT COUNT(*) FROM edit WHERE lookId = look.id) AS edits FROM look ORDER BY id') as Promise<
      { id: string }[]
    >
  const before = JSON.stringify(await stored())
  const random = seededRandom(20_270_206)
  const refused = { count: 0 }
  for (let i = 0; i < many(100); i++) {
    const look = structuredClone(demoLook())
    spoil(look, random)
    if (random() < 0.3) spoil(look, random)
    let text = JSON.stringify(look)
    if (i % 10 === 0) text = text.slice(0, Math.floor(random() * text.length))
    if (i % 25 === 0) text = pick(random, ['', '[]', 'null', '{"look":', 'NaN', '\uFEFF{}', '{}'.repeat(3)])
    const route = pick(random, ['assess', 'import', 'save', 'edits', 'occasion', 'piece', 'csv'] as const)
    const json = { 'content-type': 'application/json' }
    const answer = await {
      assess: () => app.inject({ method: 'POST', url: '/api/assess', headers: json, payload: text }),
      import: () => app.inject({ method: 'POST', url: '/api/looks', headers: json, payload: text }),
      save: () =>
        app.inject({
          method: 'PUT',
          url: `/api/looks/${pick(random, ['pearl-anniversary', '%00', 'nobody'])}`,
          headers: { ...json, 'if-match': pick(random, ['"9999"', 'x', '*', '""']) },
          payload: `{"look":${text || 'null'}}`
        }),
      edits: () => {
        const edit: Record<string, unknown> = {
          id: `e${i}`,
          kind: 'edit',
          of: `e${i}`,
          what: 'move',
          patches: [{ op: 'replace', path: ['centerpiece', 0, 'xMm'], value: 1 }]
        }
        const body: Record<string, unknown> = { base: 1, edits: [edit], hash: 'h', window: 'w' }
        spoil(random() < 0.5 ? body : edit, random)
        return app.inject({ method: 'PATCH', url: '/api/looks/pearl-anniversary', headers: json, payload: JSON.stringify(body) })
      },
      occasion: () =>
        app.inject({
          method: 'POST',
          url: '/api/occasions',
          headers: json,
          payload: JSON.stringify({ ...demoLook().occasion, guests: pick(random, absurd), table: pick(random, absurd) })
        }),
      piece: () =>
        app.inject({
          method: 'PUT',
          url: '/api/cupboard/napkin-oyster',
          headers: json,
          payload: JSON.stringify({ ...demoLook().pieces[0], [pick(random, ['kind', 'owned', 'role', 'id'])]: pick(random, absurd) })
        }),
      csv: () =>
        app.inject({
          method: 'POST',
          url: '/api/cupboard.csv',
          headers: { 'content-type': pick(random, ['text/csv', 'application/json', 'image/png']) },
          payload: text || 'id,kind,name\n"open'
        })
    }[route]()
    expect(answer.statusCode, `${i} ${route}: ${answer.body.slice(0, 200)}`).toBeLessThan(500)
    if (answer.statusCode < 400) {
      if (route === 'import') await storage.dataSource.query('DELETE FROM look WHERE id = ?', [(answer.json() as { id: string }).id])
      continue
    }
    refused.count++
    const { error } = answer.json() as { error: { code: string; message: string; faults: { place: string; message: string }[] } }
    expect(error.message.length).toBeGreaterThan(5)
    if (error.code === 'unusable-look' || error.code === 'bad-request')
      for (const fault of error.faults) expect(typeof fault.place === 'string' && fault.message !== '').toBe(true)
    if (error.code === 'unusable-look') expect(error.faults.length).toBeGreaterThan(0)
  }
  expect(refused.count).toBeGreaterThan(many(84))
  expect(JSON.stringify(await stored())).toBe(before)
  await stop()
})
