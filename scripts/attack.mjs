// npm run attack [-- REQUESTS]: everything that once went wrong or might, against servers of its own on this machine: odd requests on every route, kills
// amid all sorts of work, a disk that fills, two servers on one folder, sockets that never end, an hour's work in little memory. Prints a table.
import { spawn, spawnSync } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { connect } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { openApi } from '../packages/api/dist/openApi.js'
import { seededRandom } from '../packages/core/dist/index.js'
import { agent, call, makeClient, send } from './bench-load.mjs'
import { startServer } from './bench-server.mjs'

const root = fileURLToPath(new URL('..', import.meta.url))
const main = join(root, 'packages/server/dist/main.js')
const requests = Number(process.argv[2] ?? 20_000)
const look = JSON.parse(readFileSync(join(root, 'demo/pearl-anniversary.hestiad.json'), 'utf8'))
const text = JSON.stringify(look)
const pause = (ms) => new Promise((done) => setTimeout(done, ms))
const ended = (server) => new Promise((done) => (server.exitCode === null && server.signalCode === null ? server.once('exit', done) : done()))
const folders = []
const folder = () => folders[folders.push(mkdtempSync(join(tmpdir(), 'hestiad-attack-'))) - 1]
const rssMb = (pid) => Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))[1]) / 1024

const ODD = [
  '',
  '0',
  '-1',
  '1e999',
  'constructor',
  '__proto__',
  '%00',
  '../../etc/passwd',
  'x'.repeat(300),
  '😀',
  '\ud83d',
  "'; DROP TABLE look; --",
  '${7*7}',
  '[]',
  'null'
]

/** Odd requests on every route of the description; none may be answered 5xx but 503, none may stop the next. */
async function oddRequests(address) {
  const random = seededRandom(7)
  const pick = (list) => list[Math.floor(random() * list.length)]
  const routes = Object.entries(openApi().paths).flatMap(([path, methods]) => Object.keys(methods).map((method) => ({ path, method: method.toUpperCase() })))
  const bodies = () => {
    const whole = pick([
      text,
      '{}',
      '[]',
      'null',
      '"x"',
      '{"look":{}}',
      '{"items":[{}]}',
      '\ufeff{}',
      '{"__proto__":{"a":1}}',
      '{"constructor":1}',
      '['.repeat(5000)
    ])
    const cut = random() < 0.3 ? whole.slice(0, Math.floor(random() * whole.length)) : whole
    return random() < 0.2 ? Buffer.from(cut).map((byte) => (random() < 0.01 ? Math.floor(random() * 256) : byte)) : cut
  }
  const codes = {}
  const bad = []
  let left = requests
  const worker = async () => {
    while (left-- > 0) {
      const { path, method } = pick(routes)
      const filled = path.replace(/\{\w+\}/g, () => encodeURIComponent(pick([...ODD, 'pearl-anniversary', 'mending-circle', 'charger-brass']).toWellFormed()))
      const query = random() < 0.3 ? `?${pick(['q', 'day', 'map', 'like', 'kind', 'shop'])}=${encodeURIComponent(pick(ODD).toWellFormed())}` : ''
      const body = method === 'GET' ? undefined : bodies()
      const type = pick(['application/json', 'text/csv', 'image/png', 'text/plain', 'application/x-www-form-urlencoded', ''])
      try {
        const { status } = await send(address, method, filled + query, body, { 'content-type': type, 'if-match': pick(['"1"', '*', '', 'W/"1"']) })
        codes[status] = (codes[status] ?? 0) + 1
        if (status >= 500 && status !== 503) bad.push(`${status} ${method} ${filled}${query} ${type} ${String(body).slice(0, 60)}`)
      } catch (error) {
        bad.push(`${method} ${filled}: ${error.message}`)
      }
    }
  }
  await Promise.all(Array.from({ length: 8 }, worker))
  const { status } = await call(address, 'GET', '/api/occasions')
  if (status !== 200) bad.push('the list of occasions is gone')
  return {
    tried: requests,
    bad,
    note: Object.entries(codes)
      .map(([code, count]) => `${code}: ${count}`)
      .join(', ')
  }
}

/** Kills amid saves, imports, CSV, photos and plans; every acknowledged save must be there, and the next start must be without a word. */
async function kills(rounds) {
  const bad = []
  let acknowledged = 0
  const where = folder()
  let known = []
  for (let round = 0; round < rounds; round++) {
    const { server, address } = await startServer(root, where)
    for (const { id, revision } of known) {
      const { body } = await call(address, 'GET', `/api/looks/${id}`)
      if ((body.revision ?? 0) < revision) bad.push(`round ${round}: ${id} is at ${body.revision} of ${revision}`)
    }
    const clients = []
    for (let i = 0; i < 3; i++) clients.push(await makeClient(address, text))
    let going = true
    const work = [
      ...clients.map(async (client) => {
        while (going) await client.save()
      }),
      (async () => {
        while (going) await call(address, 'POST', '/api/looks', text)
      })(),
      (async () => {
        const { bytes } = await send(address, 'GET', '/api/cupboard.csv')
        while (going) await send(address, 'POST', '/api/cupboard.csv', bytes, { 'content-type': 'text/csv' })
      })(),
      (async () => {
        while (going) await call(address, 'POST', '/api/plans', JSON.stringify({ look, day: '2027-01-20' }))
      })()
    ]
    await pause(300 + 100 * (round % 5))
    server.kill('SIGKILL')
    going = false
    await Promise.allSettled(work)
    await ended(server)
    known = clients.map(({ id, acknowledged: revision }) => ({ id, revision }))
    acknowledged += clients.reduce((sum, client) => sum + client.acknowledged - 1, 0)
  }
  return { tried: rounds, bad, note: `${acknowledged} saves acknowledged` }
}

/** A disk that fills and has room again, by the limit on the size of files; what is acknowledged is there after a restart. */
async function fullDisk() {
  const bad = []
  const where = folder()
  const first = await startServer(root, where)
  const { id } = (await call(first.address, 'POST', '/api/looks', text)).body
  first.server.kill()
  await ended(first.server)
  // files may grow to 2 MB more than they are; the signal for more is not to end the program
  const command = `trap '' XFSZ; ulimit -S -f ${
    Math.ceil(
      spawnSync('du', ['-k', join(where, 'hestiad.sqlite')])
        .stdout.toString()
        .split('\t')[0]
    ) + 300
  }; exec ${process.execPath} ${main} --port 0 --data ${where}`
  const server = spawn('bash', ['-c', command], { stdio: ['ignore', 'pipe', 2] })
  const address = await new Promise((done) => server.stdout.on('data', (said) => /http:\S+/.test(said) && done(/http:\S+/.exec(said)[0])))
  const client = await makeClient(address, text).catch(() => undefined)
  const counts = { 200: 0, 507: 0 }
  const one = client ?? { id, acknowledged: 1 }
  for (let i = 0; i < 400 && counts[507] < 40; i++) {
    try {
      await client?.save()
      counts[200]++
    } catch (error) {
      if (!/ 507$/.test(error.message)) bad.push(error.message)
      counts[507]++
    }
    if (!client) break
    if (i % 3 === 0) {
      const { status } = await call(address, 'POST', '/api/looks', text)
      if (status !== 201 && status !== 507) bad.push(`an import was answered ${status}`)
    }
  }
  spawnSync('prlimit', ['--fsize=unlimited:unlimited', '--pid', String(server.pid)])
  await client?.save().catch((error) => bad.push(`with room again: ${error.message}`))
  const { acknowledged } = one
  server.kill('SIGTERM')
  await ended(server)
  const again = await startServer(root, where)
  const { body } = await call(again.address, 'GET', `/api/looks/${one.id}`)
  if (body.revision !== acknowledged) bad.push(`${body.revision} of ${acknowledged} acknowledged saves are there`)
  again.server.kill()
  await ended(again.server)
  if (counts[507] === 0) bad.push('the disk never was full')
  return { tried: counts[200] + counts[507], bad, note: `${counts[200]} taken, ${counts[507]} refused with 507` }
}

async function twoServers() {
  const bad = []
  const where = folder()
  const { server, address } = await startServer(root, where)
  for (const more of [[], ['--fresh']]) {
    const { status, stderr } = spawnSync(process.execPath, [main, '--port', '0', '--data', where, ...more], { encoding: 'utf8', timeout: 20_000 })
    if (status !== 1 || !/Another Hestiad is running/.test(stderr)) bad.push(`a second server: ${status} ${stderr}`)
  }
  for (let i = 0; i < 30; i++) {
    const { status } = await call(address, 'POST', '/api/looks', text)
    if (status !== 201) bad.push(`an import was answered ${status}`)
  }
  server.kill()
  await ended(server)
  return { tried: 32, bad, note: '30 imports beside' }
}

/** Sockets that send half a request and wait: answered 408 in time, and no hindrance to others or to the end. */
async function slowSockets() {
  const bad = []
  const { server, address } = await startServer(root, folder())
  const port = Number(new URL(address).port)
  const halves = [
    'GET /api/health HTTP/1.1\r\nhost: localhost\r\n',
    'POST /api/looks HTTP/1.1\r\nhost: localhost\r\nx-hestiad: 1\r\ncontent-type: application/json\r\ncontent-length: 99\r\n\r\n{'
  ]
  let closed = 0
  const sockets = Array.from({ length: 300 }, (_, i) => {
    const socket = connect(port, '127.0.0.1', () => socket.write(halves[i % 2]))
    socket.on('error', () => undefined)
    socket.on('close', () => closed++)
    socket.resume()
    return socket
  })
  const from = performance.now()
  while (closed < sockets.length && performance.now() - from < 40_000) {
    const asked = performance.now()
    await send(address, 'GET', '/api/health')
    if (performance.now() - asked > 500) bad.push(`health took ${Math.round(performance.now() - asked)} ms`)
    await pause(250)
  }
  if (closed < sockets.length) bad.push(`${sockets.length - closed} sockets are open after 40 s`)
  const last = connect(port, '127.0.0.1', () => last.write(halves[1]))
  last.on('error', () => undefined)
  await pause(200)
  const asked = performance.now()
  server.kill('SIGTERM')
  await ended(server)
  if (performance.now() - asked > 5000) bad.push(`SIGTERM took ${Math.round(performance.now() - asked)} ms`)
  return { tried: 301, bad, note: `all closed after ${Math.round((performance.now() - from) / 1000)} s` }
}

/** An hour of ordinary work, as fast as it goes, in 96 MB of heap; after ten times the saves memory is much the same. */
async function littleMemory() {
  const bad = []
  const where = folder()
  const server = spawn(process.execPath, ['--max-old-space-size=96', main, '--port', '0', '--data', where], { stdio: ['ignore', 'pipe', 2] })
  const address = await new Promise((done) => server.stdout.on('data', (said) => /http:\S+/.test(said) && done(/http:\S+/.exec(said)[0])))
  const clients = []
  for (let i = 0; i < 4; i++) clients.push(await makeClient(address, text))
  const memory = []
  for (let i = 1; i <= 10_000; i++) {
    await clients[i % 4].save().catch((error) => bad.push(error.message))
    if (i % 200 === 0) await send(address, 'GET', '/api/occasions')
    if (i % 500 === 0) await send(address, 'POST', '/api/assess', text)
    if (i === 1000 || i === 10_000) memory.push(await restingMb(server.pid))
    if (server.exitCode !== null || bad.length > 5) break
  }
  if (memory.length < 2) bad.push('it did not come to its end')
  else if (memory[1] > memory[0] * 1.1) bad.push(`memory grew from ${memory[0].toFixed(0)} to ${memory[1].toFixed(0)} MB`)
  server.kill()
  await ended(server)
  return { tried: 10_000, bad, note: `${memory.map((mb) => `${mb.toFixed(0)} MB`).join(' after 1,000 saves, ')} after all` }
}

/** Memory when idle threads have ended. */
async function restingMb(pid) {
  await pause(35_000)
  return rssMb(pid)
}

async function odd() {
  const { server, address } = await startServer(root, folder())
  try {
    return await oddRequests(address)
  } finally {
    server.kill()
    await ended(server)
  }
}

/** Hardly a file may be opened any more: what needs a thread is refused, everybody else is answered. */
async function fewHandles() {
  const bad = []
  const { server, address } = await startServer(root, folder())
  spawnSync('prlimit', ['--nofile=36:36', '--pid', String(server.pid)])
  const codes = {}
  const ask = async (method, path, body) => {
    const { status } = await send(address, method, path, body).catch((error) => ({ status: error.code }))
    codes[status] = (codes[status] ?? 0) + 1
    if (status === 500) bad.push(`${path} was answered 500`)
  }
  const plan = JSON.stringify({ look, day: '2027-01-20' })
  for (let i = 0; i < 20; i++)
    await Promise.all([
      ask('POST', '/api/plans', plan),
      ask('GET', '/api/looks/pearl-anniversary/buy-list.pdf'),
      ask('POST', '/api/assess', text),
      ask('GET', '/api/health')
    ])
  if (server.exitCode !== null || server.signalCode !== null) bad.push('the server ended')
  else if ((await send(address, 'GET', '/api/health')).status !== 200) bad.push('it answers no more')
  server.kill()
  await ended(server)
  return {
    tried: 80,
    bad,
    note: Object.entries(codes)
      .map(([code, count]) => `${code}: ${count}`)
      .join(', ')
  }
}

const parts = {
  'odd requests': odd,
  'kill -9': () => kills(20),
  'full disk': fullDisk,
  'two servers': twoServers,
  'slow sockets': slowSockets,
  'few handles': fewHandles,
  'little memory': littleMemory
}
const only = process.argv[3]
let failed = 0
for (const [name, part] of Object.entries(parts)) {
  if (only && only !== name) continue
  const { tried, bad, note } = await part()
  failed += bad.length
  console.log(`${name.padEnd(14)} ${String(tried).padStart(6)} tried  ${String(bad.length).padStart(3)} bad  ${note}`)
  for (const line of bad.slice(0, 10)) console.log(`    ${line}`)
}
agent.destroy()
for (const one of folders) rmSync(one, { recursive: true, force: true })
process.exit(failed > 0 ? 1 : 0)
