// Fifty people at once: each a save and two reads a second, five plans in the making, against a server of its own on this machine.
import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { startServer } from './bench-server.mjs'
import { agent, call, makeClient, send } from './bench-load.mjs'

const CLIENTS = 50
const RUN_MS = 60_000
const PLANS = 5
const DAY = '2027-01-20'

const p99 = (timesMs) => timesMs.sort((a, b) => a - b)[Math.floor(0.99 * (timesMs.length - 1))]
const pause = (ms) => new Promise((done) => setTimeout(done, ms))

async function timed(into, work) {
  const from = performance.now()
  const answer = await work()
  into.push(performance.now() - from)
  return answer
}

/** One a second for a while: a save, the look, the cupboard. Errors are counted. */
async function person(address, client, until, seen) {
  await pause(Math.random() * 1000)
  while (performance.now() < until) {
    const next = performance.now() + 1000
    try {
      await timed(seen.saves, client.save)
      for (const path of [`/api/looks/${client.id}`, '/api/cupboard']) {
        const { status } = await timed(seen.reads, () => send(address, 'GET', path))
        if (status !== 200) throw new Error(`${path} was answered ${status}`)
      }
    } catch (error) {
      seen.errors.push(error.message)
    }
    await pause(Math.max(0, next - performance.now()))
  }
}

async function planner(address, plan, until, seen) {
  while (performance.now() < until) {
    const { status, body } = await call(address, 'POST', '/api/plans', plan)
    if (status !== 202) seen.errors.push(`a plan was answered ${status}`)
    while (performance.now() < until) {
      const { body: job } = await call(address, 'GET', `/api/plans/${body.id}`)
      if (job.state === 'done') break
      await pause(100)
    }
  }
}

async function health(address, until, seen) {
  while (performance.now() < until) {
    await timed(seen.health, () => send(address, 'GET', '/api/health'))
    await pause(50)
  }
}

async function run(address, clients, plans, forMs, plan) {
  const seen = { saves: [], reads: [], health: [], errors: [] }
  const until = performance.now() + forMs
  await Promise.all([
    ...clients.map((client) => person(address, client, until, seen)),
    ...Array.from({ length: plans }, () => planner(address, plan, until, seen)),
    health(address, until, seen)
  ])
  return seen
}

/** Figures of fifty people at once, each beside one person alone; throws when a request failed or a save was lost. */
export async function clientsBench(root, forMs = RUN_MS) {
  const folder = mkdtempSync(join(tmpdir(), 'hestiad-bench-'))
  const { server, address } = await startServer(root, folder)
  try {
    const look = JSON.parse(readFileSync(join(root, 'demo/pearl-anniversary.hestiad.json'), 'utf8'))
    const text = JSON.stringify(look)
    const clients = []
    for (let i = 0; i < CLIENTS; i++) clients.push(await makeClient(address, text))
    const plan = JSON.stringify({ look, day: DAY })
    const alone = await run(address, clients.slice(0, 1), 0, forMs / 4, plan)
    const many = await run(address, clients, PLANS, forMs, plan)
    if (many.errors.length > 0) throw new Error(`${many.errors.length} requests failed, the first: ${many.errors[0]}`)
    for (const client of clients) {
      const { body } = await call(address, 'GET', `/api/looks/${client.id}`)
      if (body.revision !== client.acknowledged) throw new Error('an acknowledged save was lost')
    }
    const baseline = `one person alone; ${CLIENTS} people, ${PLANS} plans at once, ${forMs / 1000} s, ${many.saves.length} saves and ${many.reads.length} reads, none failed, none lost`
    const line = (name, what) => ({ name, value: p99(many[what]), unit: 'ms', baseline, ratio: p99(many[what]) / p99(alone[what]) })
    return [line('clients-50-save-p99', 'saves'), line('clients-50-read-p99', 'reads'), line('clients-50-health-p99', 'health')]
  } finally {
    agent.destroy()
    server.kill()
    rmSync(folder, { recursive: true, force: true })
  }
}
