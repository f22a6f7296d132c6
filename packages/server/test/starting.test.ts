import { spawn, type ChildProcess } from 'node:child_process'
import { copyFileSync, cpSync, existsSync, readdirSync, readFileSync, rmSync, statSync, truncateSync, writeFileSync } from 'node:fs'
import { createServer } from 'node:net'
import { join } from 'node:path'
import Database from 'better-sqlite3'
import { afterEach, beforeAll, describe, expect, it } from 'vitest'
import { writeBackup } from '../src/storage/backup.js'
import { createDailyBackups } from '../src/storage/dailyBackups.js'
import { backupsOf } from '../src/storage/files.js'
import { openStorage } from '../src/storage/openStorage.js'
import { restoreBackup } from '../src/storage/restore.js'
import { demoIds, rename, root, saving, sendEdits, start, temporaryFolder } from './support.js'

const fixtures = join(import.meta.dirname, 'fixtures')
const running: ChildProcess[] = []
afterEach(() => running.splice(0).forEach((server) => server.kill('SIGKILL')))

function run(file: string, ...args: string[]): ChildProcess {
  const server = spawn(process.execPath, [join(root, 'packages/server/dist', file), ...args], { stdio: ['ignore', 'pipe', 'pipe'] })
  running.push(server)
  return server
}

/** What a program says until it listens or ends. */
function said(server: ChildProcess): Promise<{ text: string; code: number | null }> {
  let text = ''
  return new Promise((resolve) => {
    const hear = (chunk: Buffer) => {
      text += chunk.toString()
      if (/ is at http/.test(text)) resolve({ text, code: null })
    }
    server.stdout!.on('data', hear)
    server.stderr!.on('data', hear)
    server.once('close', (code) => resolve({ text, code }))
  })
}

async function addressOf(server: ChildProcess): Promise<string> {
  const { text } = await said(server)
  return /http:\S+/.exec(text)![0]
}

const ended = (server: ChildProcess) => new Promise<number | null>((resolve) => server.once('exit', resolve))

/** Names, sizes and times of all files of a folder but the lock. */
function filesOf(folder: string): string[] {
  return readdirSync(folder, { recursive: true })
    .map(String)
    .filter((name) => !name.includes('hestiad.lock'))
    .sort()
    .map((name) => `${name} ${statSync(join(folder, name)).size} ${statSync(join(folder, name)).mtimeMs}`)
}

describe('--fresh', () => {
  it('with the port in use touches no file', async () => {
    const folder = temporaryFolder()
    await (await start(join(folder, 'hestiad.sqlite'))).stop()
    const before = filesOf(folder)
    const taken = createServer().listen(0, '127.0.0.1')
    await new Promise((done) => taken.once('listening', done))
    const { port } = taken.address() as { port: number }
    const { text, code } = await said(run('main.js', '--fresh', '--port', String(port), '--data', folder))
    expect(code).toBe(1)
    expect(text).toMatch(/in use.*Nothing was changed/)
    expect(filesOf(folder)).toEqual(before)
    taken.close()
  })

  it('on the folder of a running server is refused, and that one goes on with its own database', async () => {
    const folder = temporaryFolder()
    const first = run('main.js', '--port', '0', '--data', folder)
    const address = await addressOf(first)
    const { text, code } = await said(run('main.js', '--fresh', '--port', '0', '--data', folder))
    expect(code).toBe(1)
    expect(text).toMatch(/Another Hestiad is running on .*Nothing was changed/)
    expect(readdirSync(folder).some((name) => name.includes('.old'))).toBe(false)
    expect((await fetch(`${address}/api/occasions`)).status).toBe(200)
  })
})

describe('a database that lost something is told of at the start and never replaced by the demo', () => {
  /** A folder a server was killed in amid its work, for each test as it was left. */
  const left = temporaryFolder()
  beforeAll(async () => {
    const server = run('main.js', '--port', '0', '--data', left)
    await addressOf(server)
    server.kill('SIGKILL')
    await ended(server)
  })
  function killed(): string {
    const folder = temporaryFolder()
    cpSync(left, folder, { recursive: true })
    return folder
  }
  const database = (folder: string) => join(folder, 'hestiad.sqlite')

  it.each([
    ['its log', /log .* is missing/, (folder: string) => rmSync(`${database(folder)}-wal`)],
    ['itself', /is missing, though there was one/, (folder: string) => rmSync(database(folder))],
    ['all that was in it', /is empty/, (folder: string) => writeFileSync(database(folder), '')]
  ])('%s', async (_, words, lose) => {
    const folder = killed()
    lose(folder)
    const before = filesOf(folder)
    const { text, code } = await said(run('main.js', '--port', '0', '--data', folder))
    expect(code).toBe(1)
    expect(text).toMatch(words)
    expect(text).toMatch(/Nothing was changed.*npm run restore/)
    expect(filesOf(folder)).toEqual(before)
  })

  it('its last pages, or some in the middle', async () => {
    const file = join(temporaryFolder(), 'hestiad.sqlite')
    await (await start(file)).stop()
    const whole = readFileSync(file)
    truncateSync(file, whole.length - 8192)
    await expect(openStorage(file)).rejects.toThrow(/was cut.*Nothing was changed/)
    const middle = Buffer.from(whole)
    middle.fill(0x5a, 8192, 8192 + 4096 * 6)
    writeFileSync(file, middle)
    await expect(openStorage(file)).rejects.toThrow(/damaged.*npm run restore/)
    expect(readFileSync(file).equals(middle)).toBe(true)
  })

  it('nothing: ended by kill it starts again without a word', async () => {
    // that very folder, with the lock that was left in it
    await addressOf(run('main.js', '--port', '0', '--data', left))
  })
})

describe('a backup', () => {
  it('made amid saves is one whole file that brings everything back, and what was there is kept aside', async () => {
    const folder = temporaryFolder()
    const file = join(folder, 'hestiad.sqlite')
    const { app, stop } = await start(file)
    const look = (await app.inject({ url: '/api/looks/mending-circle' })).json() as { look: never; revision: number }
    await sendEdits(app, 'mending-circle', saving(look.look, look.revision, [rename(look.look, 'Before the backup')]))
    const copy = join(folder, 'copy.sqlite')
    expect(writeBackup(file, copy)).toMatchObject({ looks: demoIds.length, occasions: 4, photos: 0 })
    await app.inject({
      method: 'DELETE',
      url: `/api/occasions/${((await app.inject({ url: '/api/looks/mending-circle' })).json() as { occasionId: string }).occasionId}`
    })
    await stop()
    const { contents, aside } = await restoreBackup(copy, file)
    expect(contents.looks).toBe(demoIds.length)
    expect(existsSync(aside)).toBe(true)
    const again = await start(file)
    expect((await again.app.inject({ url: '/api/looks/mending-circle' })).json()).toMatchObject({ look: { name: 'Before the backup' } })
    await again.stop()
    expect(readdirSync(folder).filter((name) => /arriving|partly/.test(name))).toEqual([])
  })

  it('of an older version is brought up to date when it is put back', async () => {
    const folder = temporaryFolder()
    const file = join(folder, 'hestiad.sqlite')
    const copy = join(folder, 'old.sqlite')
    copyFileSync(join(fixtures, 'schema-1.sqlite'), copy)
    await restoreBackup(copy, file)
    const { app, stop } = await start(file)
    expect((await app.inject({ url: '/api/looks/circle' })).json()).toMatchObject({ look: { name: 'Renamed' } })
    await stop()
  })

  it('that is spoiled, or no database, is refused, and what is there stays', async () => {
    const folder = temporaryFolder()
    const file = join(folder, 'hestiad.sqlite')
    await (await start(file)).stop()
    const before = readFileSync(file)
    const spoiled = join(folder, 'spoiled.sqlite')
    const bytes = Buffer.from(before)
    bytes.fill(0, 4096, 40_960)
    writeFileSync(spoiled, bytes)
    const letter = join(folder, 'letter.txt')
    writeFileSync(letter, 'no database '.repeat(100))
    for (const from of [spoiled, letter, join(folder, 'nowhere')]) await expect(restoreBackup(from, file)).rejects.toThrow(/Nothing was changed/)
    expect(readFileSync(file).equals(before)).toBe(true)
  })

  it('of a running server is made by the command, which will not put one back meanwhile', async () => {
    const folder = temporaryFolder()
    await addressOf(run('main.js', '--port', '0', '--data', folder))
    const copy = join(folder, 'by-hand.sqlite')
    const made = await said(run('backupCommand.js', 'backup', copy, '--data', folder))
    expect(made.text).toMatch(new RegExp(`read back: 4 occasions, ${demoIds.length} looks, \\d+ pieces, 0 photos`))
    expect((await said(run('backupCommand.js', 'backup', copy, '--data', folder))).text).toMatch(/there already/)
    const put = await said(run('backupCommand.js', 'restore', copy, '--data', folder))
    expect([put.code, put.text]).toEqual([1, expect.stringMatching(/Another Hestiad is running/)])
  })

  it('is made once a day, the last seven are kept, and one that fails is told', async () => {
    const folder = temporaryFolder()
    const file = join(folder, 'hestiad.sqlite')
    await (await start(file)).stop()
    const good = createDailyBackups(file, (to) => Promise.resolve(writeBackup(file, to)))
    await good.start()
    good.stop()
    expect(backupsOf(file)).toHaveLength(1)
    for (let day = 10; day < 20; day++) copyFileSync(file, join(folder, 'backups', `hestiad-2020-01-${day}.sqlite`))
    rmSync(backupsOf(file).at(-1)!)
    await good.start()
    good.stop()
    expect(backupsOf(file)).toHaveLength(7)
    expect(good.last()).toMatchObject({ file: backupsOf(file)[6], problem: '' })
    rmSync(join(folder, 'backups'), { recursive: true })
    const bad = createDailyBackups(file, () => Promise.reject(new Error('no room')))
    await bad.start()
    bad.stop()
    expect(bad.last()).toEqual({ atMs: null, file: '', problem: 'no room' })
  })
})

it('SIGTERM ends it within five seconds, whatever half-sent requests are open, with the log worked in', async () => {
  const folder = temporaryFolder()
  const server = run('main.js', '--port', '0', '--data', folder)
  const { port } = new URL(await addressOf(server))
  const { connect } = await import('node:net')
  const halves = Array.from({ length: 20 }, () => connect(Number(port), '127.0.0.1'))
  for (const half of halves) {
    half.on('error', () => undefined)
    half.write('POST /api/looks HTTP/1.1\r\nhost: localhost\r\nx-hestiad: 1\r\ncontent-type: application/json\r\ncontent-length: 1000\r\n\r\n{')
  }
  await new Promise((done) => setTimeout(done, 200))
  const from = performance.now()
  server.kill('SIGTERM')
  await ended(server)
  expect(performance.now() - from).toBeLessThan(5000)
  expect(existsSync(join(folder, 'hestiad.sqlite-wal'))).toBe(false)
  expect(existsSync(join(folder, 'hestiad.sqlite.open'))).toBe(false)
  const database = new Database(join(folder, 'hestiad.sqlite'), { readonly: true })
  expect(database.prepare('PRAGMA integrity_check').pluck().get()).toBe('ok')
  database.close()
})
