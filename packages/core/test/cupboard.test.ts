import { readFileSync, readdirSync } from 'node:fs'
import { createRequire } from 'node:module'
import { dirname, join } from 'node:path'
import {
  addDays,
  alternateUses,
  claimsOn,
  colorWords,
  costPerUseCents,
  createAssessor,
  createCupboardSearch,
  applyEdit,
  mainColors,
  needs,
  noFacets,
  noFacts,
  oklab,
  pieceKinds,
  savings,
  seededRandom,
  setStates,
  sortColumns,
  sortItems,
  usesOf,
  withUsualSizes,
  type CupboardItem,
  type Look,
  type Piece,
  readCsv
} from '@hestiad/core'
import { guessReading, pieceFaults, readCupboardCsv, validateLook, writeCupboardCsv } from '@hestiad/core/formats'
import { describe, expect, it } from 'vitest'
import { demoLook, findingOf, items, measured } from './support/looks.js'

const without = (value: object, ...names: string[]) => Object.fromEntries(Object.entries(value).filter(([name]) => !names.includes(name)))
const by = (look: Look) => new Map(needs(look).map((need) => [need.piece.id, need]))

describe('needs of the whole look', () => {
  it('pieces laid elsewhere that day are not there, until both occasions are said to have them', () => {
    const look = demoLook()
    const claim = { pieceId: 'dinner-oyster', count: 6, occasion: 'Luncheon', date: '2027-02-05', settled: false }
    const claimed = { ...look, claims: [claim] }
    expect(by(look).get('dinner-oyster')).toMatchObject({ owned: 14, short: 0 })
    expect(by(claimed).get('dinner-oyster')).toMatchObject({ owned: 14, claimed: 6, short: 2 })
    expect(by({ ...look, claims: [{ ...claim, settled: true }] }).get('dinner-oyster')!.short).toBe(0)
    const finding = findingOf(claimed, 'piece.claimed')
    expect(finding).toMatchObject({ measured: { needed: 10, claimed: 6, owned: 14 }, limit: { free: 8 } })
    expect(finding.remedies.map((remedy) => remedy.code)).toContain('settle-claim')
  })

  it('any of three napkins: free ones of the others stand in, each counted once', () => {
    const look = { ...demoLook(), interchangeable: [['napkin-persimmon', 'napkin-smoke', 'napkin-oyster']] }
    expect(by(look).get('napkin-persimmon')).toMatchObject({ needed: 10, owned: 8, lent: [{ pieceId: 'napkin-smoke', count: 2 }], short: 0 })
    const both = { ...look, claims: [{ pieceId: 'napkin-smoke', count: 6, occasion: 'x', date: '2027-02-06', settled: false }] }
    expect(by(both).get('napkin-persimmon')!.lent).toEqual([{ pieceId: 'napkin-oyster', count: 2 }])
  })

  it('a goblet used as a vase is a goblet less to drink from', () => {
    const look = demoLook()
    const goblet = look.pieces.find((piece) => piece.id === 'water-goblet')!
    const vase = alternateUses(goblet)[0]!.piece
    const placed = (id: string) => ({ ...look.centerpiece[0]!, id, pieceId: vase.id, on: null, candle: null, arrangement: null })
    const used = { ...look, pieces: [...look.pieces, vase], centerpiece: [...look.centerpiece, ...['a', 'b', 'c'].map(placed)] }
    expect(goblet.owned).toBe(12)
    expect(by(used).get('water-goblet')!.short + by(used).get(vase.id)!.short).toBe(1)
  })

  it('mechanics, fixings, fire, cells and care: each with its cause and the count it follows from', () => {
    const look = demoLook()
    const supplies = (l: Look) =>
      needs(l)
        .filter((need) => need.group === 'supplies')
        .map((need) => [need.piece.kind === 'supply' ? need.piece.use : '', need.needed, need.cause])
    // four tapers in holders, flames to light, chargers to polish; the jug's mouth takes no foam
    expect(supplies(look)).toEqual(
      expect.arrayContaining([
        ['wax-dots', 4, 'tapers-stand'],
        ['lighter', 1, 'flames'],
        ['polish', 1, 'care']
      ])
    )
    expect(supplies(look).map(([use]) => use)).not.toContain('foam')
    const flameless = {
      ...look,
      centerpiece: look.centerpiece.map((placed) => (placed.candle ? { ...placed, candle: { ...placed.candle, candleId: 'tealight-flameless' } } : placed))
    }
    const lights = look.centerpiece.filter((placed) => placed.candle).length
    expect(supplies(flameless)).toContainEqual(['coin-cell', lights, 'cells'])
    expect(supplies(flameless).map(([use]) => use)).not.toContain('lighter')
  })

  it('what was bought is there, and what it cost is spent, whatever was planned', () => {
    const look = demoLook()
    const bought = { id: 'b', pieceId: 'napkin-persimmon', pieces: 4, cents: 2900, day: '2027-01-20', shop: 'x', note: '', photoId: null }
    const after = { ...look, buying: { ...look.buying, bought: [bought] } }
    expect(by(after).get('napkin-persimmon')).toMatchObject({ bought: 4, short: 0 })
    const [was, is] = [measured(look).figures.money, measured(after).figures.money]
    expect([is.spentCents, is.openCents]).toEqual([2900, was.openCents - 3200])
    expect(is.leftCents).toBe(was.leftCents + 300)
  })
})

describe('the budget', () => {
  it('a draw moves money from the reserve into the working sum; overdrawn it is a finding', () => {
    const look = demoLook()
    const drawn = (cents: number) => ({ ...look, buying: { ...look.buying, draws: [{ id: 'd', cents, cause: 'vessels not owned', day: '2027-01-20' }] } })
    const money = measured(drawn(2000)).figures.money
    expect([money.workingCents, money.reserveLeftCents]).toEqual([37_700, 4300])
    expect(measured(drawn(6301)).findings.map((finding) => finding.code)).toContain('money.reserve')
    expect(measured(drawn(6300)).findings.map((finding) => finding.code)).not.toContain('money.reserve')
  })

  it('planned and spent by group and by zone add up to the whole; a part past its cap is a finding', () => {
    const look = demoLook()
    const { money } = measured(look).figures
    const sum = (parts: readonly { openCents: number }[]) => parts.reduce((total, part) => total + part.openCents, 0)
    expect(sum(money.groups)).toBe(money.openCents - money.extrasCents)
    expect(sum(money.zones)).toBe(money.openCents - money.extrasCents)
    const florals = money.groups.find((part) => part.part === 'florals')!.openCents
    const capped = (capCents: number): Look => ({ ...look, money: { ...look.money, split: { kind: 'groups', caps: [{ part: 'florals', capCents }] } } })
    expect(measured(capped(florals)).findings.map((finding) => finding.code)).not.toContain('money.cap')
    expect(measured(capped(florals - 1)).findings.map((finding) => finding.code)).toContain('money.cap')
  })

  it('what would save most saves just what it says, the largest first', () => {
    const look = demoLook()
    const assessor = createAssessor()
    const found = savings(assessor, look)
    expect(found.length).toBeGreaterThan(3)
    expect(found.map((one) => one.savingCents)).toEqual([...found.map((one) => one.savingCents)].sort((a, b) => b - a))
    const left = assessor.measure(look).figures.money.leftCents
    for (const one of found) expect(assessor.measure(applyEdit(look, one.edit)).figures.money.leftCents - left).toBe(one.savingCents)
  })
})

describe('claims of other occasions', () => {
  it('reach one day to either side and no further, and what was settled stays settled', () => {
    const look = demoLook()
    const other = (date: string) => ({ occasionId: date, look: { ...look, occasion: { ...look.occasion, title: date, date } } })
    const count = (date: string) => claimsOn(look, [other(date)]).length
    expect([count('2027-02-04'), count('2027-02-08')]).toEqual([0, 0])
    expect(Math.min(count('2027-02-05'), count('2027-02-06'), count('2027-02-07'))).toBeGreaterThan(10)
    const settled = claimsOn(look, [other('2027-02-05')]).map((claim) => ({ ...claim, settled: true }))
    expect(claimsOn({ ...look, claims: settled }, [other('2027-02-05')]).every((claim) => claim.settled)).toBe(true)
  })
})

describe('uses and what each has cost', () => {
  it('count an occasion once for all its looks, past before today and planned from it on', () => {
    const look = demoLook()
    const at = (occasionId: string, date: string) => ({ occasionId, look: { ...look, occasion: { ...look.occasion, date } } })
    const uses = usesOf([at('a', '2026-05-01'), at('a', '2026-05-01'), at('b', '2026-07-09'), at('c', '2027-02-06')], '2027-01-20')
    expect(uses.get('jug-sky')).toEqual({ past: 2, planned: 1, last: '2026-07-09' })
    expect(uses.get('riser-oak')).toBeUndefined()
    expect(costPerUseCents(4500, uses.get('jug-sky')!)).toEqual({ soFar: 2250, planned: 1500 })
    expect(costPerUseCents(null, uses.get('jug-sky')!)).toEqual({ soFar: null, planned: null })
    expect(costPerUseCents(0, { past: 0, planned: 0 })).toEqual({ soFar: null, planned: null })
  })
})

describe('the cupboard search', () => {
  const { pieces } = demoLook()
  const search = createCupboardSearch(items(pieces))
  const names = (query: string, facets = noFacets) => search.find(query, facets, 'in').map((i) => pieces[i]!.name)

  it('finds by every word, by color word, and by a size range in inches or centimeters', () => {
    expect(names('persimmon napkin')).toEqual(['Persimmon linen napkin'])
    expect(names('orange napkin')).toEqual(['Persimmon linen napkin'])
    expect(names('plate 10.6-11in')).toEqual(['Slate stoneware plate', 'Flax stoneware plate'])
    expect(names('plate >32cm')).toEqual(['Rattan charger', 'Turned oak charger', 'Beaded glass charger'])
    expect(names('nothing of the kind')).toEqual([])
    expect(names('', { ...noFacets, kinds: ['riser'] })).toEqual([
      'Oak cake stand',
      'Clear block',
      'Little oak stool',
      'Marble block',
      'High clear block',
      'Low oak block'
    ])
    const used = items(pieces).map((item, i) => ({ ...item, facts: { ...item.facts, lastUsed: ['', '2026-01-10', '2026-03-01'][i % 3]! } }))
    const unused = createCupboardSearch(used).find('', { ...noFacets, state: 'unused-since', sinceDay: '2026-03-01' }, 'in')
    expect(unused).toEqual(used.flatMap((item, i) => (item.piece.owned > 0 && i % 3 !== 2 ? [i] : [])))
    expect(names('', { ...noFacets, state: 'low' })).toEqual(expect.arrayContaining(['Wet foam, brick']))
  })

  it('answers as the slow obvious version does, on 400 seeded queries', () => {
    const random = seededRandom(5)
    const words = ['oyster', 'smoke', 'glass', 'blue', 'linen', 'hall', 'shelf', 'bin', 'white', 'brass', 'taper', 'o', 'dinner']
    for (let round = 0; round < 400; round++) {
      const asked = Array.from({ length: 1 + Math.floor(random() * 2) }, () => words[Math.floor(random() * words.length)]!)
      const slow = pieces.filter((piece) => {
        const text = [
          piece.name,
          piece.kind,
          'role' in piece ? piece.role : '',
          'form' in piece ? piece.form : '',
          ...colorWords(piece.color),
          ...colorWords(piece.accent),
          piece.material,
          piece.kept,
          piece.color,
          'unknown'
        ]
        return asked.every((word) => text.join(' ').toLowerCase().replace(/-/g, ' ').includes(word))
      })
      expect(names(asked.join(' '))).toEqual(slow.map((piece) => piece.name))
    }
  })

  it('takes the main colors of a picture: shares of its area, shades of one color together, specks left out', () => {
    const pixels = Array.from({ length: 1000 }, (_, i) => (i < 600 ? [180, 72, 42] : i < 700 ? [184, 76, 46] : i < 980 ? [126, 154, 166] : [0, 255, 0]))
    const found = mainColors(new Uint8Array(pixels.flatMap((rgb) => [...rgb, 255])))
    expect(found.map((one) => one.share)).toEqual([0.7, 0.28])
    expect(found[1]!.color).toBe('#7e9aa6')
  })

  it('OKLab agrees with the published pairs of its author (Ottosson 2020): white, and red 0.628 0.225 0.126', () => {
    expect(oklab('#ffffff').map((x) => Math.round(x * 1000) / 1000 + 0)).toEqual([1, 0, 0])
    expect(oklab('#ff0000').map((x) => Math.round(x * 1000) / 1000)).toEqual([0.628, 0.225, 0.126])
  })
})

describe('sets and other uses', () => {
  it('a set is as whole as its pieces, incomplete ones first', () => {
    const pieces = demoLook().pieces.slice(0, 4)
    const item = (piece: Piece, setName: string, setCount: number): CupboardItem => ({ piece, facts: { ...noFacts, setName, setCount } })
    const states = setStates([item(pieces[0]!, 'A', 6), item(pieces[1]!, 'B', 12), item(pieces[2]!, 'B', 12)])
    expect(states.map(({ name, missing }) => [name, missing])).toEqual([
      ['B', 4],
      ['A', 0]
    ])
  })

  it('never call safe or sound what nobody knows: food contact, weight and flatness are unknown', () => {
    for (const piece of demoLook().pieces)
      for (const use of alternateUses(piece))
        for (const check of use.checks)
          if (['food-contact', 'carries-weight', 'flat', 'not-drunk-from'].includes(check.code)) expect(check.answer).toBe('unknown')
    const small = { ...demoLook().pieces.find((piece) => piece.id === 'salad-smoke')! }
    expect(alternateUses(small)).toEqual([])
  })
})

describe('CSV from elsewhere', () => {
  const folder = join(dirname(createRequire(import.meta.url).resolve('csv-spectrum/package.json')))

  // location_coordinates is left out: its JSON names another telephone number than its CSV
  it.each(readdirSync(join(folder, 'csvs')).filter((file) => file !== 'location_coordinates.csv'))(
    'csv-spectrum %s is read as its published JSON says',
    (file) => {
      const table = readCsv(readFileSync(join(folder, 'csvs', file), 'utf8'))
      const expected = JSON.parse(readFileSync(join(folder, 'json', file.replace('.csv', '.json')), 'utf8')) as Record<string, string>[]
      if (!table.ok) throw new Error(table.message)
      expect(table.rows.map((row) => Object.fromEntries(table.header.map((name, i) => [name, row[i]])))).toEqual(expected)
    }
  )

  it('inch marks and notes over several lines are no open quotes; a field without end, or a row of any number, is told by its row in no time', () => {
    const inches = `name,kind,size\n${'Charger 12" wide,plate,12"\n'.repeat(3000)}`
    expect(readCsv(inches)).toMatchObject({ ok: true })
    const notes = `name,kind,notes\nA,plate,"${'one line\n'.repeat(900)}and ""more"""\n`
    expect(readCsv(notes)).toMatchObject({ ok: true, rows: [['A', 'plate', expect.stringMatching(/and "more"$/)]] })
    expect(readCsv(`a,b\n1,2\n${'"'.repeat(4_000_000)}`)).toEqual({ ok: false, row: 3, message: 'a field is longer than 10000 characters' })
    expect(readCsv(`a,b\n${','.repeat(2_000_000)}`)).toEqual({ ok: false, row: 2, message: 'has more than 1000 fields' })
  })

  it('facts of every sort come back identical', () => {
    const facts = {
      ...noFacts,
      finish: 'matte',
      seasons: ['spring', 'winter'],
      paidCents: 0,
      listCents: 4200,
      doNotRemove: true,
      setCount: 6,
      setName: '=sum',
      notes: 'a, "b"\nc',
      acquired: '1987'
    } as const
    const all = items(demoLook().pieces).map((item, i) => (i % 2 ? { ...item, facts } : item))
    expect(readCupboardCsv(writeCupboardCsv(all))).toEqual({ ok: true, value: all })
  })

  it('headers people use are guessed, each column once', () => {
    expect(guessReading(['Item', 'Diameter (in)', 'Qty', 'Colour', 'Height mm', 'Quantity', 'Shoe size'], []).map).toEqual({
      Item: 'name',
      'Diameter (in)': 'diameterMm',
      Qty: 'owned',
      Colour: 'color',
      'Height mm': 'heightMm',
      Quantity: null,
      'Shoe size': null
    })
  })
})

describe('pieces nobody measured', () => {
  it.each(pieceKinds)('a %s of which only the name is known is sound with the usual sizes, each told as assumed', (kind) => {
    const bare = { kind, id: 'x', name: 'X', color: '#cccccc', accent: '#999999', material: 'glass', owned: 1, kept: '', first: [], of: null }
    const { piece, assumed } = withUsualSizes(bare)
    expect(pieceFaults(piece)).toEqual([])
    expect(assumed.length).toBeGreaterThan(0)
    expect(withUsualSizes(piece)).toEqual({ piece, assumed: [] })
  })

  it('what was measured is never overwritten, and the role decides the rest', () => {
    const { piece, assumed } = withUsualSizes({ kind: 'plate', role: 'bread', diameterMm: 140 })
    expect(piece).toMatchObject({ diameterMm: 140, heightMm: 15 })
    expect(assumed).toEqual(['heightMm'])
  })
})

describe('days', () => {
  it('added to a date agree with the calendar of the platform, over 60 years and back', () => {
    for (let n = -11_000; n < 11_000; n += 7) {
      const expected = new Date(Date.UTC(2027, 1, 6) + n * 86_400_000).toISOString().slice(0, 10)
      expect(addDays('2027-02-06', n)).toBe(expected)
    }
  })
})

describe('a look of before the cupboard and the shops', () => {
  it('is read whole: what it lacks is filled in and changes no figure but those of supplies', () => {
    const look = demoLook()
    const { shops, claims, interchangeable, buying, ...rest } = look
    const { taxPercent, taxMode, split, ...money } = rest.money
    const old = {
      ...rest,
      money,
      pieces: rest.pieces.map((piece) => without(piece, 'first', 'of')),
      offers: rest.offers.map((offer) => without(offer, 'listCents', 'untilDay', 'noted'))
    }
    expect([shops.length, claims, interchangeable, buying.orders, taxPercent, taxMode, split]).toEqual([6, [], [], [], 0, 'included', { kind: 'plain' }])
    const read = validateLook(old)
    if (!read.ok) throw new Error(JSON.stringify(read.faults))
    expect(read.value).toMatchObject({ claims: [], interchangeable: [], buying: { orders: [], bought: [], draws: [] } })
    expect(needs(read.value).filter((need) => need.group !== 'supplies')).toMatchObject(
      needs(look)
        .filter((need) => need.group !== 'supplies')
        .map(({ needed, owned, short }) => ({ needed, owned, short }))
    )
  })
})

it('is sorted by any column up and down, what is alike staying in order, what is kept nowhere last; a number finds no color code', () => {
  const all = items(demoLook().pieces)
  for (const column of sortColumns)
    for (const down of [false, true]) {
      const sorted = sortItems(all, column, down)
      expect(new Set(sorted)).toEqual(new Set(all))
      expect(sortItems(sorted, column, down)).toEqual(sorted)
    }
  const owned = sortItems(all, 'owned', true).map(({ piece }) => piece.owned)
  expect(owned).toEqual([...owned].sort((a, b) => b - a))
  const places = sortItems(all, 'kept', true).map(({ piece }) => piece.kept)
  expect(places.lastIndexOf('') === -1 || places.indexOf('') > places.findLastIndex((kept) => kept !== '')).toBe(true)
  const found = createCupboardSearch(all).find('9', noFacets, 'in').map((i) => all[i]!.piece.name) // prettier-ignore
  expect(found.every((name) => name.includes('9') || all.find(({ piece }) => piece.name === name)!.piece.kept.includes('9'))).toBe(true)
})
