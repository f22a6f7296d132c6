// Saves of edits against a server of its own on this machine, over loopback.
import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { randomUUID } from 'node:crypto'
import http from 'node:http'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { applyEdit, changePlaced, lookHash } from '../packages/core/dist/index.js'
import { startServer } from './bench-server.mjs'

const CLIENTS = 8
const RUN_MS = 20_000
const ALONE_MS = 4_000
const OFFERED_PER_S = 300

export const agent = new http.Agent({ keepAlive: true, maxSockets: 128 })

/** Sends a request, once more where the server had just closed the kept connection; the answer's bytes are left as they are. */
export async function send(address, method, path, body, headers = {}) {
  try {
    return await sendOnce(address, method, path, body, headers)
  } catch (error) {
    if (!error.onKeptConnection) throw error
    return sendOnce(address, method, path, body, headers)
  }
}

function sendOnce(address, method, path, body, headers) {
  return new Promise((resolve, reject) => {
    const request = http.request(
      address + path,
      { method, agent, headers: { 'content-type': 'application/json', 'x-hestiad': '1', 'content-length': Buffer.byteLength(body ?? ''), ...headers } },
      (response) => {
        const chunks = []
        response.on('data', (chunk) => chunks.push(chunk))
        response.on('end', () => resolve({ status: response.statusCode, bytes: Buffer.concat(chunks) }))
      }
    )
    request.on('error', (error) => reject(Object.assign(error, { onKeptConnection: request.reusedSocket && error.code === 'ECONNRESET' })))
    request.end(body)
  })
}

/** Sends a request and reads its answer. */
export async function call(address, method, path, body) {
  const { status, bytes } = await send(address, method, path, body)
  return { status, body: JSON.parse(bytes) }
}

const moveOf = (look, n) => changePlaced(look, look.centerpiece[n % look.centerpiece.length].id, { xMm: (n * 7) % 400, yMm: (n * 3) % 90 })

/** One client with a look of its own, which it saves over and over. */
export async function makeClient(address, text) {
  const { body } = await call(address, 'POST', '/api/looks', text)
  const client = { id: body.id, acknowledged: 1, timesMs: [] }
  let look = body.look
  client.save = async () => {
    const from = performance.now()
    const edit = moveOf(look, client.timesMs.length)
    const sent = { id: randomUUID(), kind: 'edit', what: edit.what, patches: edit.patches }
    const next = applyEdit(look, edit)
    const save = JSON.stringify({ base: client.acknowledged, edits: [{ ...sent, of: sent.id }], hash: lookHash(next), window: 'bench' })
    client.bytes = Buffer.byteLength(save)
    const answer = await call(address, 'PATCH', `/api/looks/${client.id}`, save)
    if (answer.status !== 200) throw new Error(`a save was answered ${answer.status}`)
    look = next
    client.acknowledged = answer.body.revision
    client.timesMs.push(performance.now() - from)
  }
  return client
}

async function closedLoop(clients, forMs) {
  const until = performance.now() + forMs
  const before = clients.reduce((sum, c) => sum + c.timesMs.length, 0)
  await Promise.all(
    clients.map(async (client) => {
      while (performance.now() < until) await client.save()
    })
  )
  return (clients.reduce((sum, c) => sum + c.timesMs.length, 0) - before) / (forMs / 1000)
}

/** Saves offered at a steady rate, each by the client that is free longest; the time counts from when a save was due. */
async function steady(clients, perSecond, forMs) {
  const timesMs = []
  const start = performance.now()
  const count = Math.floor((perSecond * forMs) / 1000)
  let next = 0
  await Promise.all(
    clients.map(async (client) => {
      while (next < count) {
        const due = start + (next++ * 1000) / perSecond
        const wait = due - performance.now()
        if (wait > 0) await new Promise((done) => setTimeout(done, wait))
        await client.save()
        timesMs.push(performance.now() - Math.max(due, start))
      }
    })
  )
  return timesMs.sort((a, b) => a - b)
}

export async function loadBench(root) {
  const folder = mkdtempSync(join(tmpdir(), 'hestiad-bench-'))
  const { server, address } = await startServer(root, folder)
  try {
    const text = JSON.stringify(JSON.parse(readFileSync(join(root, 'demo/pearl-anniversary.hestiad.json'), 'utf8')))
    const clients = []
    for (let i = 0; i < CLIENTS; i++) clients.push(await makeClient(address, text))
    const alone = await closedLoop(clients.slice(0, 1), ALONE_MS)
    const together = await closedLoop(clients, RUN_MS)
    const timesMs = await steady(clients, OFFERED_PER_S, RUN_MS)
    for (const client of clients) {
      const { body } = await call(address, 'GET', `/api/looks/${client.id}`)
      if (body.revision !== client.acknowledged) throw new Error('an acknowledged save was lost')
    }
    const at = (share) => timesMs[Math.min(timesMs.length - 1, Math.floor(share * timesMs.length))]
    return [
      {
        name: 'saves-per-second',
        value: together,
        unit: '1/s',
        baseline: `one client alone; ${CLIENTS} clients, ${RUN_MS / 1000} s, none lost`,
        ratio: together / alone
      },
      {
        name: 'save-p99-ms',
        value: at(0.99),
        unit: 'ms',
        baseline: `the median at ${OFFERED_PER_S} saves a second offered for ${RUN_MS / 1000} s`,
        ratio: at(0.99) / at(0.5)
      },
      {
        name: 'edit-bytes',
        value: clients[0].bytes,
        unit: 'bytes',
        baseline: 'the whole look as JSON',
        ratio: clients[0].bytes / Buffer.byteLength(text)
      }
    ]
  } finally {
    agent.destroy()
    server.kill()
    rmSync(folder, { recursive: true, force: true })
  }
}
