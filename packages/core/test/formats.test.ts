import { readdirSync, readFileSync } from 'node:fs'
import { buyHints, buyList, createAssessor, keptBehind, newPlaced, noFacts, type Look, readCsv, writeCsv } from '@hestiad/core'
import { lookSchema, parseLook, readCupboardCsv, validateLook, writeBuyListCsv, writeCupboardCsv } from '@hestiad/core/formats'
import { describe, expect, it } from 'vitest'
import { checkedSchemas } from '../src/formats/checkedSchemas.js'
import { demoLook, items } from './support/looks.js'

const text = (path: string) => readFileSync(new URL(`../../../${path}`, import.meta.url), 'utf8')

describe('the look file', () => {
  it('has the schema that docs/formats publishes', () =>
    expect(JSON.parse(text('docs/formats/look.schema.json'))).toEqual(JSON.parse(JSON.stringify(lookSchema))))

  it('and what looks and their parts are checked by was compiled from it by the build', () => {
    const compiled = text('packages/core/dist/formats/lookChecks.js')
    expect(Object.entries(checkedSchemas).filter(([, schema]) => !compiled.includes(JSON.stringify(schema)))).toEqual([])
  })

  it.each(readdirSync(new URL('../../../demo', import.meta.url)).filter((name) => name.endsWith('.hestiad.json')))(
    '%s is sound and comes back the same',
    (name) => {
      const parsed = parseLook(text(`demo/${name}`))
      expect(parsed).toMatchObject({ ok: true })
      if (parsed.ok) expect(JSON.parse(JSON.stringify(parsed.value))).toEqual(JSON.parse(text(`demo/${name}`)))
    }
  )

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

  it('the buy list adds up to what is to be spent, and says of each line which kind to buy', () => {
    const list = buyList(demoLook())
    const { piece } = list.lines[0]!.need
    const hints = buyHints([
      { piece, facts: { ...noFacts, buyHint: 'the grainy kind, not the fluffy' } },
      { piece: list.lines[1]!.need.piece, facts: noFacts }
    ])
    expect(Object.keys(hints)).toEqual([piece.id])
    const table = readCsv(writeBuyListCsv(list, hints))
    if (!table.ok) throw new Error(table.message)
    const column = table.header.indexOf('lineTotal')
    expect(table.rows.reduce((sum, row) => sum + Math.round(Number(row[column]) * 100), 0)).toBe(list.spendCents)
    const [named, told] = ['piece', 'lookFor'].map((name) => table.header.indexOf(name)) as [number, number]
    for (const row of table.rows) expect(row[told]).toBe(row[named] === piece.name ? hints[piece.id] : '')
  })
})

describe('what is kept where nobody would look', () => {
  it('is named by what it is behind, and comes back with it from the cupboard file', () => {
    const [front, hidden, other] = demoLook().pieces
    const all = [
      { piece: front!, facts: noFacts },
      { piece: hidden!, facts: { ...noFacts, behind: front!.id, buyHint: 'with, a comma' } },
      { piece: other!, facts: noFacts }
    ]
    const read = readCupboardCsv(writeCupboardCsv(all))
    if (!read.ok) throw new Error(JSON.stringify(read.faults))
    expect(keptBehind(read.value, front!.id).map((item) => item.piece.id)).toEqual([hidden!.id])
    expect(read.value[1]!.facts.buyHint).toBe('with, a comma')
    expect(keptBehind(read.value, other!.id)).toEqual([])
  })
})

describe('files written before', () => {
  /** Leaves out of a document every member of some names, wherever they are. */
  const without = (value: unknown, names: readonly string[]): unknown => {
    if (Array.isArray(value)) return value.map((item) => without(item, names))
    if (typeof value !== 'object' || value === null) return value
    return Object.fromEntries(Object.entries(value).flatMap(([name, part]) => (names.includes(name) ? [] : [[name, without(part, names)]])))
  }
  const later = ['how', 'level', 'mechanics', 'loadG', 'upper', 'legs', 'cordMm', 'views', 'door', 'glassesOutMm']

  it('things leaned, levels, mechanics, loads, cords and walls were known are read whole, and say of themselves what they said', () => {
    for (const name of ['pearl-anniversary', 'mending-circle', 'ferry-crew', 'ordinary-week']) {
      const look = demoLook(name)
      const read = parseLook(JSON.stringify(without(look, later)))
      if (!read.ok) throw new Error(JSON.stringify(read.faults))
      expect(read.value.centerpiece).toEqual(look.centerpiece)
      expect(read.value.room).toEqual({ ...look.room, views: [], door: null })
      for (const piece of read.value.pieces) {
        if (piece.kind === 'tray') expect(piece).toMatchObject({ loadG: null, upper: [] })
        if (piece.kind === 'riser') expect(piece).toMatchObject({ legs: false, loadG: null })
        if (piece.kind === 'ornament') expect(piece.cordMm).toBeNull()
      }
      const codes = (one: Look) =>
        createAssessor()
          .measure(one)
          .findings.map((finding) => finding.code)
          .filter((code) => code !== 'view.hidden')
      expect(codes(read.value)).toEqual(codes(look))
    }
  })

  it('middles put aside, pictures on the wall and further kinds of setting are filled in too', () => {
    const demo = demoLook()
    const look = { ...demo, kinds: { ...demo.kinds, others: [{ key: 'B' as const, setting: demo.setting }] } }
    const aside = { ...look, variants: [{ id: 'v', name: 'Aside', why: '', centerpiece: look.centerpiece }] }
    const wall = { art: [{ id: 'a', name: 'Print', kind: 'picture', xMm: 0, widthMm: 300, bottomMm: 900, heightMm: 400 }], sockets: [] }
    const full = { ...aside, room: { ...look.room, views: [], door: null, behind: wall } }
    const old = without(full, later) as { room: { behind: { art: Record<string, unknown>[] } } }
    delete old.room.behind.art[0]!['kind']
    const read = parseLook(JSON.stringify(old))
    if (!read.ok) throw new Error(JSON.stringify(read.faults))
    expect(read.value.variants).toEqual(full.variants)
    expect(read.value.room.behind).toEqual(wall)
    expect(read.value.kinds).toEqual(look.kinds)
  })

  it('a piece that leans on nothing there, or stands on what carries nothing, is refused with its place; hanging over anything is not', () => {
    const look = demoLook()
    const faults = (placed: object) => {
      const read = parseLook(JSON.stringify({ ...look, centerpiece: [...look.centerpiece, { ...newPlaced('new', 'beads-wood'), ...placed }] }))
      return read.ok ? [] : read.faults.map((fault) => fault.place)
    }
    const last = look.centerpiece.length
    const figure = look.centerpiece.find((placed) => placed.pieceId === 'compote-citrus')!.id
    expect(faults({ on: 'nothing', how: 'leaning' })).toEqual([`/centerpiece/${last}/on`])
    expect(faults({ on: figure, how: 'standing' })).toEqual([`/centerpiece/${last}/on`])
    expect(faults({ on: figure, how: 'draped' })).toEqual([])
    expect(faults({ on: 'new', how: 'around' })).toEqual([`/centerpiece/${last}/on`])
    expect(faults({ how: 'floating' })).not.toEqual([])
  })
})
