import { spawn, type ChildProcess } from 'node:child_process'
import { chmodSync, readFileSync, readdirSync, writeFileSync } from 'node:fs'
import { createServer } from 'node:net'
import { join } from 'node:path'
import { applyEdit, type Look } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { errorCatalogue } from '../src/errors.js'
import { openStorage } from '../src/storage/openStorage.js'
import { StorageProblem } from '../src/storage/storageProblem.js'
import { rename, root, saving, start, temporaryFolder } from './support.js'

const mainFile = join(root, 'packages/server/dist/main.js')

function run(...args: string[]): ChildProcess {
  return spawn(process.execPath, [mainFile, ...args], { stdio: ['ignore', 'pipe', 'pipe'] })
}

function address(server: ChildProcess): Promise<string> {
  return new Promise((resolve, reject) => {
    server.once('exit', () => reject(new Error('ended')))
    server.stdout?.on('data', (text: Buffer) => {
      const found = /http:\S+/.exec(text.toString())
      if (found) resolve(found[0])
    })
  })
}

function ending(server: ChildProcess): Promise<{ code: number | null; said: string }> {
  let said = ''
  server.stderr?.on('data', (text: Buffer) => (said += text.toString()))
  return new Promise((resolve) => server.once('exit', (code) => resolve({ code, said })))
}

describe('starting', () => {
  it('on a busy port says so and how to choose another', async () => {
    const taken = createServer().listen(0, '127.0.0.1')
    await new Promise((done) => taken.once('listening', done))
    const { port } = taken.address() as { port: number }
    const { code, said } = await ending(run('--port', String(port), '--data', temporaryFolder()))
    expect(code).toBe(1)
    expect(said).toMatch(/Port \d+ is in use.*--port/)
    taken.close()
  })

  it('with a wrong option names the known ones', async () => {
    const { code, said } = await ending(run('--prot', '1'))
    expect(code).toBe(1)
    expect(said).toContain('--port NUMBER')
  })

  it('a second time keeps the data, and --fresh sets it aside instead of deleting it', async () => {
    const folder = temporaryFolder()
    const first = run('--port', '0', '--data', folder)
    const base = await address(first)
    const { occasions } = (await (await fetch(`${base}/api/occasions`)).json()) as { occasions: { id: string }[] }
    await fetch(`${base}/api/occasions/${occasions[0]!.id}`, { method: 'DELETE', headers: { 'x-hestiad': '1' } })
    first.kill()
    await ending(first)
    const count = async (...more: string[]) => {
      const server = run('--port', '0', '--data', folder, ...more)
      const answer = (await (await fetch(`${await address(server)}/api/occasions`)).json()) as { occasions: unknown[] }
      server.kill()
      await ending(server)
      return answer.occasions.length
    }
    expect(await count()).toBe(occasions.length - 1)
    expect(await count('--fresh')).toBe(occasions.length)
    expect(readdirSync(folder).some((name) => name.endsWith('.old'))).toBe(true)
  })
})

describe('a database that cannot be used is left as it is, with a clear word', () => {
  it('damaged', async () => {
    const file = join(temporaryFolder(), 'hestiad.sqlite')
    writeFileSync(file, 'this is no database, and long enough to be looked at as one '.repeat(40))
    const before = readFileSync(file)
    await expect(openStorage(file)).rejects.toThrow(/damaged.*Nothing was changed/)
    expect(readFileSync(file).equals(before)).toBe(true)
  })

  it('from a newer version', async () => {
    const file = join(temporaryFolder(), 'hestiad.sqlite')
    const { storage, stop } = await start(file)
    await storage.dataSource.query("INSERT INTO migrations (timestamp, name) VALUES (9999999999999, 'FromTheFuture9999999999999')")
    await stop()
    await expect(openStorage(file)).rejects.toThrow(/newer version/)
  })

  it.skipIf(process.getuid?.() === 0)('in a folder without write permission (skipped as root, who may write anywhere)', async () => {
    const folder = temporaryFolder()
    chmodSync(folder, 0o500)
    await expect(openStorage(join(folder, 'hestiad.sqlite'))).rejects.toThrow(StorageProblem)
  })

  it('in a place that is no folder', async () => {
    const file = join(temporaryFolder(), 'a-file')
    writeFileSync(file, '')
    await expect(openStorage(join(file, 'hestiad.sqlite'))).rejects.toThrow(/Cannot write/)
  })
})

it('after kill -9 amid 200 saves every acknowledged save is there', async () => {
  const folder = temporaryFolder()
  const server = run('--port', '0', '--data', folder)
  const base = await address(server)
  const ended = ending(server)
  const acknowledged = new Map<string, number>()
  const clients = ['pearl-anniversary', 'mending-circle', 'ferry-crew', 'ordinary-week']
  let saves = 0
  const client = async (id: string) => {
    let { look } = (await (await fetch(`${base}/api/looks/${id}`)).json()) as { look: Look }
    for (let revision = 1; ; revision++) {
      const edit = rename(look, `save ${revision + 1}`)
      const answer = await fetch(`${base}/api/looks/${id}`, {
        method: 'PATCH',
        headers: { 'content-type': 'application/json', 'x-hestiad': '1' },
        body: JSON.stringify(saving(look, revision, [edit]))
      })
      look = applyEdit(look, edit)
      acknowledged.set(id, ((await answer.json()) as { revision: number }).revision)
      if (++saves === 200) server.kill('SIGKILL')
    }
  }
  await Promise.allSettled(clients.map(client))
  await ended
  expect(saves).toBeGreaterThanOrEqual(200)
  const { app, stop } = await start(join(folder, 'hestiad.sqlite'))
  for (const [id, revision] of acknowledged) {
    const kept = (await app.inject({ url: `/api/looks/${id}` })).json() as { revision: number; look: { name: string } }
    expect(kept.revision).toBeGreaterThanOrEqual(revision)
    expect(kept.look.name).toBe(`save ${kept.revision}`)
  }
  await stop()
})

it('a write that fails is rolled back alone; those that share its commit stand', async () => {
  const { storage, stop } = await start()
  const insert = (id: string, fail: boolean) =>
    storage.writes.run(async (manager) => {
      await manager.query('INSERT INTO occasion (id, createdAtMs) VALUES (?, 0)', [id])
      if (fail) throw new Error('no')
    })
  const answers = await Promise.allSettled([insert('one', false), insert('two', true), insert('three', false)])
  expect(answers.map((a) => a.status)).toEqual(['fulfilled', 'rejected', 'fulfilled'])
  const rows = (await storage.dataSource.query("SELECT id FROM occasion WHERE id IN ('one', 'two', 'three') ORDER BY id")) as { id: string }[]
  expect(rows.map((row) => row.id)).toEqual(['one', 'three'])
  await stop()
})

it('every error code has its section in docs/errors.md with its status, and the page has no other', () => {
  const page = readFileSync(join(root, 'docs/errors.md'), 'utf8')
  const sections = [...page.matchAll(/^## `([a-z-]+)` \((\d+)\)/gm)].map(([, code, status]) => [code, Number(status)])
  expect(Object.fromEntries(sections)).toEqual(Object.fromEntries(Object.entries(errorCatalogue).map(([code, { status }]) => [code, status])))
})
