// Cupboard of 5,000 pieces, buying plans against the shipped shops, and what the server weighs after all of it.
import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { cheapestPacks, createCupboardSearch, linesToBuy, noFacets, noFacts, sameJob, seededRandom, readCsv } from '@hestiad/core'
import { writeCupboardCsv } from '@hestiad/core/formats'
import { createPlanner } from '../packages/server/dist/plans/planner.js'
import { pricedLook } from '../packages/server/dist/shops/prices.js'
import { createMarket } from '../packages/server/dist/stand-ins/market.js'
import { startServer } from './bench-server.mjs'

const demo = JSON.parse(readFileSync(new URL('../demo/pearl-anniversary.hestiad.json', import.meta.url), 'utf8'))
const DAY = '2027-01-20'
const at = (times, share) => [...times].sort((a, b) => a - b)[Math.min(times.length - 1, Math.floor(share * times.length))]
const timed = async (work) => {
  const from = performance.now()
  await work()
  return performance.now() - from
}

/** 5,000 pieces: the demo's and the shops' over and over, with rooms, bins and seasons of their own. */
function manyItems() {
  const random = seededRandom(11)
  const models = [...demo.pieces, ...createMarket().articles()]
  return Array.from({ length: 5000 }, (_, i) => {
    const model = models[i % models.length]
    const kept = `Room ${Math.floor(random() * 9)}, shelf ${Math.floor(random() * 20)}, bin ${Math.floor(random() * 300)}`
    return {
      piece: { ...model, id: `piece-${i}`, owned: Math.floor(random() * 14), kept },
      facts: { ...noFacts, notes: `note ${i}`, seasons: random() < 0.3 ? ['winter'] : [] }
    }
  })
}

async function search(items) {
  const index = createCupboardSearch(items)
  const queries = ['oyster', 'persimmon napkin', 'blue gl', 'plate 10-12in', 'bin 42', 'note 4999', 'o', 'linen room 3', 'zzz', '>20in cloth']
  const times = []
  for (let round = 0; round < 400; round++) times.push(await timed(() => index.find(queries[round % queries.length], noFacets, 'in')))
  const naive = []
  for (let round = 0; round < 20; round++) {
    const words = queries[round % queries.length].split(' ')
    naive.push(await timed(() => items.filter((item) => words.every((word) => JSON.stringify(item).toLowerCase().includes(word)))))
  }
  const value = at(times, 0.95)
  return {
    name: 'cupboard-search-5000',
    value,
    unit: 'ms',
    baseline: 'the same words looked for in each piece’s JSON, 95th percentile both',
    ratio: value / at(naive, 0.95)
  }
}

/** A look of 45 lines, all to be bought, each piece with up to three alike ones that may stand in. */
function lookOf45(seed, articles) {
  const random = seededRandom(seed)
  const pick = (list) => list[Math.floor(random() * list.length)]
  const of = (kind, test = () => true) => articles.filter((piece) => piece.kind === kind && test(piece))
  const some = (list, count) => [...list].sort(() => random() - 0.5).slice(0, count)
  const plates = ['charger', 'dinner', 'salad', 'bowl'].map((role) => pick(of('plate', (p) => p.role === role)))
  const glasses = ['water', 'white', 'red', 'flute'].map((role) => pick(of('glass', (p) => p.role === role)))
  const flatware = [...new Set(of('flatware').map((p) => p.role))].map((role) => pick(of('flatware', (p) => p.role === role)))
  const stems = some(
    of('stem', (p) => p.material === 'plant'),
    9
  )
  const base = { xMm: 0, yMm: 0, turnDeg: 0, on: null, atMeal: true, candle: null, arrangement: null }
  const vessels = some(of('vessel'), 5).map((piece, i) => ({
    ...base,
    id: `v-${i}`,
    pieceId: piece.id,
    arrangement: { stems: stems.slice(i, i + 5).map((s) => ({ stemId: s.id, count: 4 })), riseMm: 120, spreadMm: 200 }
  }))
  const lights = ['taper', 'pillar', 'tealight'].map((form, i) => ({
    ...base,
    id: `l-${i}`,
    pieceId: pick(of('holder', (p) => p.takes === form)).id,
    candle: { candleId: pick(of('candle', (p) => p.form === form || form === 'tealight')).id, lightAtMin: 1100 }
  }))
  const stands = [...some(of('riser'), 2), ...some(of('tray'), 2), ...some(of('ornament'), 2)].map((piece, i) => ({ ...base, id: `s-${i}`, pieceId: piece.id }))
  const look = {
    ...demo,
    occasion: { ...demo.occasion, courses: ['oysters', 'soup', 'fish', 'salad', 'main', 'dessert'] },
    pieces: articles,
    offers: [],
    linens: { clothId: pick(of('cloth')).id, runner: { pieceId: pick(of('runner')).id, lay: 'along' }, matId: pick(of('mat')).id },
    setting: {
      ...demo.setting,
      plateIds: plates.map((p) => p.id),
      breadPlateId: pick(of('plate', (p) => p.role === 'bread')).id,
      napkin: { ...demo.setting.napkin, pieceId: pick(of('napkin')).id },
      flatwareIds: flatware.map((p) => p.id),
      glassIds: glasses.map((p) => p.id)
    },
    centerpiece: [...vessels, ...lights, ...stands]
  }
  const byId = new Map(articles.map((piece) => [piece.id, piece]))
  const interchangeable = linesToBuy(look)
    .filter((line) => byId.has(line.pieceId))
    .map((line) => [
      line.pieceId,
      ...some(
        articles.filter((other) => other.id !== line.pieceId && sameJob(byId.get(line.pieceId), other)),
        3
      ).map((p) => p.id)
    ])
  return { ...look, interchangeable }
}

async function plans() {
  const market = createMarket()
  const planner = createPlanner()
  const times = []
  const simple = []
  let lines = 0
  let gaps = 0
  for (let seed = 0; seed <= 12; seed++) {
    const look = lookOf45(seed, market.articles())
    const ids = new Set(linesToBuy(look).flatMap((line) => line.eligible))
    const priced = pricedLook(look, market, [], ids, DAY)
    let plan
    const ms = await timed(async () => (plan = (await planner.plan(priced, DAY, new AbortController().signal, () => undefined)).plan))
    if (seed === 0) continue
    times.push(ms)
    lines += linesToBuy(look).length / 12
    gaps += plan.gapCents > 0 ? 1 : 0
    simple.push(
      await timed(() =>
        linesToBuy(priced).map((line) =>
          cheapestPacks(
            line.need,
            priced.offers.filter((offer) => line.eligible.includes(offer.pieceId))
          )
        )
      )
    )
  }
  await planner.close()
  const value = at(times, 0.5)
  const baseline = `each line’s cheapest packs alone; ${lines.toFixed(0)} lines, ${market.offersOn(DAY).length} offers, 6 shops, 12 looks, worst ${at(times, 1).toFixed(0)} ms, ${gaps} not proven in 5 s`
  return { name: 'buying-plan-45x1500', value, unit: 'ms', baseline, ratio: value / at(simple, 0.5) }
}

const rssMb = (pid) => Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))[1]) / 1024

async function onServer(root, items) {
  const folder = mkdtempSync(join(tmpdir(), 'hestiad-bench-'))
  const { server, address } = await startServer(root, folder)
  try {
    const fresh = rssMb(server.pid)
    const csv = writeCupboardCsv(items)
    const read = await timed(() => readCsv(csv))
    const send = async () => {
      const answer = await fetch(`${address}/api/cupboard.csv`, { method: 'POST', headers: { 'content-type': 'text/csv', 'x-hestiad': '1' }, body: csv })
      if (answer.status !== 200) throw new Error(`the import was answered ${answer.status}`)
    }
    const ms = await timed(send)
    for (let round = 0; round < 20; round++) {
      await (await fetch(`${address}/api/cupboard`)).json()
      await (await fetch(`${address}/api/shops/articles?q=oyster&day=${DAY}`)).json()
    }
    const { id } = await (
      await fetch(`${address}/api/plans`, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify({ look: demo, day: DAY }) })
    ).json()
    while ((await (await fetch(`${address}/api/plans/${id}`)).json()).state === 'running') await new Promise((done) => setTimeout(done, 50))
    const weight = rssMb(server.pid)
    return [
      { name: 'csv-import-5000', value: ms, unit: 'ms', baseline: 'the CSV parsed and nothing else', ratio: ms / read },
      {
        name: 'server-rss-mb',
        value: weight,
        unit: 'MB',
        baseline: 'the server just started; after the import, 20 readings of the cupboard, 20 searches and a plan',
        ratio: weight / fresh
      }
    ]
  } finally {
    server.kill()
    rmSync(folder, { recursive: true, force: true })
  }
}

export async function buyingBench(root) {
  const items = manyItems()
  return [await search(items), await plans(), ...(await onServer(root, items))]
}
