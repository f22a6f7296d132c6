import { mkdtempSync, writeFileSync } from 'node:fs'
import { execFileSync } from 'node:child_process'
import { existsSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { buyList, noFacts, type CupboardItem, type Look, type Offer, type Piece, type Plan, type Shop } from '@hestiad/core'
import type { FastifyInstance } from 'fastify'
import sharp from 'sharp'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { sweepPhotos } from '../src/photos/photoStore.js'
import { createMarket } from '../src/stand-ins/market.js'
import type { Storage } from '../src/storage/openStorage.js'
import { demoLook, save, start } from './support.js'

let app: FastifyInstance
let storage: Storage
let stop: () => Promise<void>
beforeAll(async () => ({ app, storage, stop } = await start()))
afterAll(() => stop())

type Job = { state: string; plan: Plan; alike: Piece[]; offers: Offer[]; shops: Shop[] }
const faultsOf = (answer: { json: () => unknown }) => (answer.json() as { error: { faults: { place: string; message: string }[] } }).error.faults

async function plan(look: unknown, day: string): Promise<Job> {
  const started = await app.inject({ method: 'POST', url: '/api/plans', payload: { look, day } as object })
  expect(started.statusCode).toBe(202)
  const { id } = started.json() as { id: string }
  for (;;) {
    const job = (await app.inject({ url: `/api/plans/${id}` })).json() as Job
    if (job.state !== 'running') return job
    await new Promise((done) => setTimeout(done, 50))
  }
}

describe('the simulated shops', () => {
  const market = createMarket()

  it('are six, sell some 1,500 offers, and answer the same for the same day', () => {
    const offers = market.offersOn('2027-01-20')
    expect(market.shopsOn('2027-01-20')).toHaveLength(6)
    expect(offers.length).toBeGreaterThan(1400)
    expect(offers.length).toBeLessThan(1650)
    expect(new Set(offers.map((offer) => offer.id)).size).toBe(offers.length)
    expect(createMarket().offersOn('2027-01-20')).toEqual(offers)
  })

  it('change from day to day: stock falls and is filled up, things sell out, prices are cut until a day, flowers have seasons', () => {
    const days = Array.from({ length: 30 }, (_, i) => `2027-03-${String(i + 1).padStart(2, '0')}`)
    const byDay = days.map((day) => new Map(market.offersOn(day).map((offer) => [offer.id, offer])))
    const ids = [...byDay[0]!.keys()]
    expect(ids.filter((id) => new Set(byDay.map((offers) => offers.get(id)?.stock)).size > 1).length).toBeGreaterThan(ids.length / 2)
    expect(ids.some((id) => byDay.some((offers) => offers.get(id)?.stock === 0))).toBe(true)
    const cut = [...byDay[9]!.values()].filter((offer) => offer.listCents !== null)
    expect(cut.length).toBeGreaterThan(20)
    for (const offer of cut) {
      expect(offer.priceCents!).toBeLessThan(offer.listCents!)
      expect(offer.untilDay! >= days[9]!).toBe(true)
    }
    const dahlia = (day: string) => market.offersOn(day).some((offer) => offer.pieceId === 'm-stem-pale-dahlia')
    expect([dahlia('2027-08-15'), dahlia('2027-02-15')]).toEqual([true, false])
  })
})

describe('a buying plan', () => {
  it('comes proven best with the day’s prices, and laid into the look it costs what it says', async () => {
    const look = demoLook()
    const { state, plan: made, offers, shops } = await plan(look, '2027-01-20')
    expect(state).toBe('done')
    expect([made.gapCents, made.missing]).toEqual([0, []])
    const laid: Look = { ...look, offers, shops, buying: { ...look.buying, orders: made.orders.map((one) => one.order), pricesOn: '2027-01-20' } }
    expect(buyList(laid).openCents).toBe(made.moneyCents)
    expect(buyList(laid).lines.every((line) => line.planned)).toBe(true)
  })

  it('too late for several lines, brings pieces that would do, each once, and the look they are laid into can be saved', async () => {
    const look = { ...demoLook(), occasion: { ...demoLook().occasion, date: '2027-01-23' } }
    const made = await plan(look, '2027-01-20')
    expect(made.plan.missing.length).toBeGreaterThan(3)
    const ids = made.alike.map((piece) => piece.id)
    expect(ids.length).toBeGreaterThan(0)
    expect(new Set(ids).size).toBe(ids.length)
    const { id, revision } = (await app.inject({ method: 'POST', url: '/api/looks', payload: look })).json() as { id: string; revision: number }
    const laid: Look = {
      ...look,
      pieces: [...look.pieces, ...made.alike],
      offers: made.offers,
      shops: made.shops,
      buying: { ...look.buying, orders: made.plan.orders.map((one) => one.order) }
    }
    expect((await save(app, laid, revision, id)).statusCode).toBe(200)
  })

  it('canceled ends as canceled; a day that is none and a spoiled look are refused by place', async () => {
    const { id } = (await app.inject({ method: 'POST', url: '/api/plans', payload: { look: demoLook(), day: '2027-01-20' } })).json() as { id: string }
    expect((await app.inject({ method: 'DELETE', url: `/api/plans/${id}` })).statusCode).toBe(204)
    await expect.poll(async () => ((await app.inject({ url: `/api/plans/${id}` })).json() as Job).state).toMatch(/canceled|done/)
    expect(faultsOf(await app.inject({ method: 'POST', url: '/api/plans', payload: { look: demoLook(), day: '2027-02-31' } }))[0]!.place).toBe('/day')
    expect((await app.inject({ method: 'POST', url: '/api/plans', payload: { look: {} } })).statusCode).toBe(422)
    expect((await app.inject({ url: '/api/plans/none' })).statusCode).toBe(404)
  })
})

describe('a piece two occasions lay on days too near', () => {
  it('is a claim on the other look, once for all looks of one occasion, and none two days apart', async () => {
    const look = demoLook()
    const other = { ...look, occasion: { ...look.occasion, title: 'Luncheon', date: '2027-02-07' } }
    const made = (await app.inject({ method: 'POST', url: '/api/looks', payload: other })).json() as { id: string; look: Look }
    await app.inject({ method: 'POST', url: `/api/looks/${made.id}/copies`, payload: { look: other, name: 'Second' } })
    const claims = async () =>
      ((await app.inject({ url: '/api/looks/pearl-anniversary/claims' })).json() as { claims: { pieceId: string; count: number }[] }).claims
    expect((await claims()).filter((claim) => claim.pieceId === 'dinner-oyster')).toMatchObject([{ count: 10, occasion: 'Luncheon', settled: false }])
    const { occasionId } = (await app.inject({ url: `/api/looks/${made.id}` })).json() as { occasionId: string }
    await app.inject({ method: 'DELETE', url: `/api/occasions/${occasionId}` })
    expect(await claims()).toEqual([])
  })
})

describe('offers kept by hand', () => {
  it('are noted, found beside the shops’ own, come back identical as CSV, and are dropped', async () => {
    const seen = {
      pieceId: 'napkin-persimmon',
      shop: 'Corner stall',
      packSize: 2,
      priceCents: 900,
      stock: 3,
      leadDays: 0,
      day: '2027-01-10',
      note: 'two shades'
    }
    const offer = (await app.inject({ method: 'POST', url: '/api/offers', payload: seen })).json() as Offer
    expect(offer).toMatchObject({ shop: 'Corner stall', noted: { day: '2027-01-10', note: 'two shades' } })
    const csv = (await app.inject({ url: '/api/offers.csv' })).body
    const put = (payload: string) => app.inject({ method: 'POST', url: '/api/offers.csv', headers: { 'content-type': 'text/csv' }, payload })
    expect((await put(csv)).statusCode).toBe(200)
    expect((await app.inject({ url: '/api/offers.csv' })).body).toBe(csv)
    expect(faultsOf(await put(csv.replace(',900,', ',-9,')))[0]!.place).toMatch(/^row \d+, column priceCents$/)
    expect((await app.inject({ method: 'DELETE', url: `/api/offers/${offer.id}` })).statusCode).toBe(204)
    expect(
      faultsOf(await app.inject({ method: 'POST', url: '/api/offers', payload: { ...seen, priceCents: -1, packSize: 0 } })).map((fault) => fault.place)
    ).toEqual(expect.arrayContaining(['/priceCents', '/packSize']))
  })

  it('alike pieces: the same job, nearest in color first', async () => {
    const answer = (await app.inject({ url: '/api/shops/articles?like=napkin-persimmon&day=2027-01-20' })).json() as {
      articles: { piece: { name: string; kind: string }; likeness: number }[]
    }
    expect(answer.articles[0]!.piece.name).toContain('Persimmon')
    expect(answer.articles.every(({ piece }) => piece.kind === 'napkin')).toBe(true)
    const likeness = answer.articles.map((article) => article.likeness)
    expect(likeness).toEqual([...likeness].sort((a, b) => b - a))
  })
})

describe('photos', () => {
  const post = (payload: Buffer, type = 'image/png') => app.inject({ method: 'POST', url: '/api/photos', headers: { 'content-type': type }, payload })
  const picture = (width: number, height: number) => sharp({ create: { width, height, channels: 3, background: '#b4482a' } })

  it('are resized, and let go a month after nobody names them', async () => {
    const bytes = await picture(2400, 1200).png().toBuffer()
    const kept = (await post(bytes)).json() as { id: string; widthPx: number; heightPx: number }
    expect([kept.widthPx, kept.heightPx]).toEqual([1600, 800])
    const small = await app.inject({ url: `/api/photos/${kept.id}/small` })
    expect((await sharp(small.rawPayload).metadata()).width).toBe(320)
    const seen = { pieceId: 'napkin-persimmon', shop: 'Stall', packSize: 1, stock: 1, leadDays: 0, day: '2027-01-10', note: '', photoId: kept.id }
    const offer = (await app.inject({ method: 'POST', url: '/api/offers', payload: seen })).json() as Offer
    expect(offer.noted?.photoId).toBe(kept.id)
    const status = async () => (await app.inject({ url: `/api/photos/${kept.id}/small` })).statusCode
    const month = 31 * 86_400_000
    await sweepPhotos(storage, Date.now() + month)
    expect(await status()).toBe(200)
    await app.inject({ method: 'DELETE', url: `/api/offers/${offer.id}` })
    await sweepPhotos(storage, Date.now())
    expect(await status()).toBe(200)
    await sweepPhotos(storage, Date.now() + month)
    expect(await status()).toBe(404)
  })

  it('that are none, spoiled, of another format or far too many pixels are refused, and nothing is kept', async () => {
    const whole = await picture(300, 300).png().toBuffer()
    const bomb = await sharp({ create: { width: 9_000, height: 9_000, channels: 3, background: '#000000' } })
      .png({ compressionLevel: 9 })
      .toBuffer()
    expect(bomb.length).toBeLessThan(2_000_000)
    for (const [bytes, type] of [
      [Buffer.from('not a picture'), 'image/png'],
      [whole.subarray(0, 60), 'image/png'],
      [Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>'), 'image/png'],
      [bomb, 'image/png']
    ] as const) {
      const answer = await post(bytes, type)
      expect([answer.statusCode, (answer.json() as { error: { code: string } }).error.code]).toEqual([422, 'unusable-photo'])
    }
  })
})

describe('files to carry', () => {
  it.skipIf(!existsSync('/usr/lib/python3/dist-packages/openpyxl'))('the spreadsheet is opened by another program (openpyxl) and adds up', async () => {
    const file = await app.inject({ url: '/api/looks/pearl-anniversary/buy-list.xlsx' })
    const path = join(mkdtempSync(join(tmpdir(), 'hestiad-xlsx-')), 'a.xlsx')
    writeFileSync(path, file.rawPayload)
    const script = `
import sys, openpyxl
sheet = openpyxl.load_workbook(sys.argv[1]).worksheets[0]
cells = [row[6] for row in sheet.iter_rows()]
assert not any(c.data_type == 'f' for row in sheet.iter_rows() for c in row)
sums = [round(c.value * 100) for c in cells if isinstance(c.value, (int, float))]
print(sum(sums[:-1]), sums[-1])`
    const [lines, together] = execFileSync('/usr/bin/python3', ['-c', script, path], { encoding: 'utf8' }).trim().split(' ').map(Number)
    const list = buyList(demoLook())
    expect(together).toBe(list.openCents)
    expect(lines).toBe(list.orders.reduce((sum, order) => sum + order.receipt.goodsCents, 0))
  })

  it('PDFs are PDFs', async () => {
    for (const url of ['/api/looks/pearl-anniversary/buy-list.pdf', '/api/cupboard/labels.pdf'])
      expect((await app.inject({ url })).rawPayload.subarray(0, 5).toString()).toBe('%PDF-')
  })
})

describe('a list of somebody’s own', () => {
  const csv = 'Item,Type,Qty,Location,Diameter\r\nGrandmother’s plate,plate,7,"Attic, shelf 1, bin 3",10 1/2 in\r\nBlue glass,glass,5,Attic,\r\n'
  const post = (path: string, payload = csv) => app.inject({ method: 'POST', url: path, headers: { 'content-type': 'text/csv' }, payload })

  it('is previewed with guessed columns, then taken in whole, sizes nobody gave told as assumed', async () => {
    const seen = (await post('/api/cupboard.csv/preview')).json() as {
      reading: { map: Record<string, string>; units: Record<string, string> }
      added: number
      assumed: number
      faults: unknown[]
    }
    expect(seen.reading.map).toEqual({ Item: 'name', Type: 'kind', Qty: 'owned', Location: 'kept', Diameter: 'diameterMm' })
    expect(seen).toMatchObject({ added: 2, assumed: 2, faults: [] })
    const reading = encodeURIComponent(JSON.stringify(seen.reading))
    expect((await post(`/api/cupboard.csv?reading=${reading}`)).json()).toEqual({ imported: 2 })
    const { items } = (await app.inject({ url: '/api/cupboard' })).json() as { items: CupboardItem[] }
    expect(items.find((item) => item.piece.name === 'Grandmother’s plate')!.piece).toMatchObject({ diameterMm: 266.7, owned: 7 })
    expect(items.find((item) => item.piece.name === 'Blue glass')!.facts).toEqual({ ...noFacts, assumed: ['role', 'footMm', 'bowlMm', 'heightMm'] })
  })

  it('with a bad cell is taken by no row, and the preview names row and column', async () => {
    const bad = csv.replace(',7,', ',seven,')
    const seen = (await post('/api/cupboard.csv/preview', bad)).json() as { faults: { place: string }[] }
    expect(seen.faults).toEqual([{ place: 'row 2, column owned', message: 'seven cannot be read here' }])
    expect((await post('/api/cupboard.csv', bad)).statusCode).toBe(422)
  })

  it('with a line of ten megabytes, broken quotes or another encoding is refused in words', async () => {
    for (const text of ['kind,name\r\nplate,' + 'x'.repeat(7_000_000), 'kind,name\r\nplate,"open', 'kind,name\r\nplate,\u0000\ufffd,\r\n']) {
      const answer = await post('/api/cupboard.csv', text)
      expect(answer.statusCode).toBe(422)
      expect(faultsOf(answer)[0]!.message).not.toBe('')
    }
  })
})
