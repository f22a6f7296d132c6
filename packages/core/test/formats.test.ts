import { readdirSync, readFileSync } from 'node:fs'
import { buyList } from '@hestiad/core'
import { lookSchema, parseLook, readCsv, readCupboardCsv, validateLook, writeBuyListCsv, writeCsv, writeCupboardCsv } from '@hestiad/core/formats'
import { describe, expect, it } from 'vitest'
import { demoLook, items } from './support/looks.js'

const text = (path: string) => readFileSync(new URL(`../../../${path}`, import.meta.url), 'utf8')

describe('the look file', () => {
  it('has the schema that docs/formats publishes', () =>
    expect(JSON.parse(text('docs/formats/look.schema.json'))).toEqual(JSON.parse(JSON.stringify(lookSchema))))

  it.each(readdirSync(new URL('../../../demo', import.meta.url)).filter((name) => name.endsWith('.json')))('%s is sound and comes back the same', (name) => {
    const parsed = parseLook(text(`demo/${name}`))
    expect(parsed).toMatchObject({ ok: true })
    if (parsed.ok) expect(JSON.parse(JSON.stringify(parsed.value))).toEqual(JSON.parse(text(`demo/${name}`)))
  })

  it.each<[string, (look: ReturnType<typeof wild>) => void, string]>([
    ['a negative length', (l) => (l.table.heightMm = -1), '/table/heightMm'],
    ['an unknown kind of shape', (l) => (l.table.shape = { kind: 'star' }), '/table/shape/kind'],
    ['a property of no format', (l) => (l['extra'] = 1), '/extra'],
    ['a missing part', (l) => delete l['money'], '/money'],
    ['cents with a fraction', (l) => (l.money.totalCents = 10.5), '/money/totalCents'],
    ['a piece nobody carries', (l) => (l.linens.clothId = 'nowhere'), '/linens/clothId'],
    ['a plate as a napkin', (l) => (l.setting.napkin.pieceId = 'dinner-oyster'), '/setting/napkin/pieceId'],
    ['a piece on itself', (l) => (l.centerpiece[0].on = l.centerpiece[0].id), '/centerpiece/0/on'],
    ['a candle in a jug', (l) => (l.centerpiece[0].candle = { candleId: 'taper-ivory-8', lightAtMin: 1000 }), '/centerpiece/0/candle'],
    ['an end before the beginning', (l) => (l.occasion.endMin = 5), '/occasion/endMin'],
    ['an id used twice', (l) => (l.guests[1].id = l.guests[0].id), '/guests/1/id'],
    ['a day of no calendar', (l) => (l.occasion.date = '2027-13-01'), '/occasion/date']
  ])('%s is refused with its place', (_, spoil, place) => {
    const look = wild()
    spoil(look)
    const parsed = validateLook(look)
    expect(parsed.ok ? [] : parsed.faults.map((fault) => fault.place)).toContain(place)
  })
})

// eslint-disable-next-line @typescript-eslint/no-explicit-any
function wild(): any {
  return structuredClone(demoLook())
}

describe('CSV', () => {
  it('the cupboard comes back identical', () => {
    const { pieces } = demoLook()
    const read = readCupboardCsv(writeCupboardCsv(items(pieces)))
    expect(read).toEqual({ ok: true, value: items(pieces) })
  })

  it('fields with quotes, commas, line ends and would-be formulas survive, and no spreadsheet runs them', () => {
    const written = writeCsv(
      ['a', 'b'],
      [
        ['say "now"', 'x,\ny'],
        ['=1+1', '-2']
      ]
    )
    expect(written).toContain("'=1+1")
    expect(readCsv(written)).toMatchObject({
      ok: true,
      rows: [
        ['say "now"', 'x,\ny'],
        ["'=1+1", "'-2"]
      ]
    })
  })

  it.each([
    ['a word for a number', (rows: string[]) => (rows[3] = rows[3]!.replace(/,12,/, ',dozen,')), 'row 4, column owned'],
    ['an unknown kind', (rows: string[]) => (rows[2] = rows[2]!.replace('plate', 'plank')), 'row 3, column kind'],
    ['an id twice', (rows: string[]) => (rows[2] = rows[1]!), 'row 3, column id'],
    ['a row too long', (rows: string[]) => (rows[5] += ',1'), 'row 6'],
    ['a foreign column', (rows: string[]) => (rows[0] = rows[0]!.replace('genus', 'price')), 'row 1']
  ])('%s refuses the whole file and names the row and column', (_, spoil, place) => {
    const rows = writeCupboardCsv(items(demoLook().pieces)).split('\r\n')
    rows[3] = rows[3]!.replace(/,14,/, ',12,')
    spoil(rows)
    const read = readCupboardCsv(rows.join('\r\n'))
    expect(read.ok ? [] : read.faults.map((fault) => fault.place)).toContain(place)
  })

  it('the buy list adds up to what is to be spent', () => {
    const list = buyList(demoLook())
    const table = readCsv(writeBuyListCsv(list))
    if (!table.ok) throw new Error(table.message)
    const column = table.header.indexOf('lineTotal')
    expect(table.rows.reduce((sum, row) => sum + Math.round(Number(row[column]) * 100), 0)).toBe(list.spendCents)
  })
})
