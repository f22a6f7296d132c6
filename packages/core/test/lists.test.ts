import { colorFromWords, colorDistance, nameGuests, applyEdit, readCsv, readGuestsCsv } from '@hestiad/core'
import { guessReading, guessOfferReading, readCupboardCsv, readOffersCsv } from '@hestiad/core/formats'
import { describe, expect, it } from 'vitest'
import { demoLook } from './support/looks.js'

/** A list as it is guessed, read whole. */
function read(text: string) {
  const table = readCsv(text)
  if (!table.ok) throw new Error(table.message)
  const result = readCupboardCsv(text, guessReading(table.header, table.rows))
  if (!result.ok) throw new Error(JSON.stringify(result.faults))
  return result.value
}

describe('a list of somebody’s own', () => {
  it('in German, with semicolons, decimal commas, sizes in one column and no kinds, is what it says', () => {
    const text = [
      'Bezeichnung;Anzahl;Farbe;Stoff;Größe (cm);Schrank;Preis',
      'Dessertteller Goldrand;8 Stk;weiß / gold;Porzellan;21,5;Diele, Fach 2;64,00',
      'Weinglas, hoch;6;klar;Kristallglas;8 x 22;Diele;1.200,50',
      'Leinenserviette;12;dunkelblau;Leinen;45 x 45;Truhe;30',
      'Tischdecke rund;1;natur;Baumwolle;Ø 240;Truhe;80,5',
      'Tischläufer;2;salbei;Leinen;40 x 180;Truhe;',
      'Kerzenleuchter;3;messing;Messing;9 x 24;;12,5',
      'Teelichter;40;weiß;Wachs;;Küche;8'
    ].join('\n')
    const [plate, glass, napkin, cloth, runner, stick, light] = read(text).map(({ piece, facts }) => ({
      ...piece,
      paidCents: facts.paidCents,
      assumed: facts.assumed
    }))
    expect(plate).toMatchObject({ kind: 'plate', role: 'salad', diameterMm: 215, owned: 8, material: 'porcelain', kept: 'Diele, Fach 2', paidCents: 6400 })
    expect(glass).toMatchObject({ kind: 'glass', role: 'white', bowlMm: 80, heightMm: 220, material: 'glass', paidCents: 120_050 })
    expect(napkin).toMatchObject({ kind: 'napkin', sideMm: 450, owned: 12, material: 'linen', paidCents: 3000 })
    expect(cloth).toMatchObject({ kind: 'cloth', extent: { kind: 'round', diameterMm: 2400 }, paidCents: 8050 })
    expect(runner).toMatchObject({ kind: 'runner', lengthMm: 1800, widthMm: 400, paidCents: null })
    expect(stick).toMatchObject({ kind: 'holder', baseMm: 90, heightMm: 240, material: 'brass', paidCents: 1250 })
    expect(light).toMatchObject({ kind: 'candle', form: 'tealight', owned: 40 })
    // what nobody measured is told
    expect(light!.assumed).toEqual(expect.arrayContaining(['diameterMm', 'heightMm']))
    expect(plate!.assumed).toEqual(['heightMm'])
  })

  it.each([
    ['French', 'Désignation;Quantité;Diamètre cm\nAssiette creuse;6;22,5\n', { kind: 'plate', role: 'bowl', diameterMm: 225, owned: 6 }],
    ['Spanish', 'nombre,unidades,altura\nCopa de vino tinto,4,"23,5 cm"\n', { kind: 'glass', role: 'red', heightMm: 235, owned: 4 }],
    ['Italian', 'nome;pezzi;lato (mm)\nTovagliolo di lino;10;420\n', { kind: 'napkin', sideMm: 420, owned: 10 }],
    ['Dutch', 'omschrijving;aantal;maat\nTafelloper;1;30 x 150 cm\n', { kind: 'runner', lengthMm: 1500, widthMm: 300 }],
    ['English inches', 'Item,Qty,Diameter\nGlass salad plate,5,8 1/2\n', { kind: 'plate', role: 'salad', diameterMm: 215.9 }],
    ['English without headers it knows', 'Thing,,Hue\nPewter candlestick,3,dark red\n', { kind: 'holder', owned: 3 }]
  ])('in %s is read by its words', (_, text, expected) => {
    expect(read(text)[0]!.piece).toMatchObject(expected)
  })

  it.each([
    ['a thing made of glass', 'Glass vase, tall', 'vessel'],
    ['a stand for a candle', 'holder for taper candles', 'holder'],
    ['several things in a word', 'Kuchengabeln', 'flatware'],
    ['a word for a bird in no list', 'Wobblegong', undefined]
  ])('%s is known by its head word', (_, name, kind) => {
    const result = readCupboardCsv(`name\n"${name}"\n`, { map: { name: 'name' }, units: {} })
    if (kind === undefined) expect(result).toMatchObject({ ok: false, faults: [{ place: 'row 2, column kind' }] })
    else expect(result.ok && result.value[0]!.piece.kind).toBe(kind)
  })

  it('what cannot be read is told by row and column, every row of it at once', () => {
    const text = 'Item,Type,Qty,Colour,Diameter\nA,plate,many,red,10 in\nB,glass,2,sploosh,\nC,plate,1,blue,wide\n'
    const table = readCsv(text)
    const result = readCupboardCsv(text, table.ok ? guessReading(table.header, table.rows) : undefined)
    expect(result.ok ? [] : result.faults.map((fault) => fault.place)).toEqual(['row 2, column owned', 'row 3, column color', 'row 4, column diameterMm'])
  })
})

describe('words of colors', () => {
  // CSS Color Module Level 4, section 6.1, named colors
  it.each([
    ['navy blue', '#000080', 0.25],
    ['Burgundy', '#800020', 0.12],
    ['darkolivegreen', '#556b2f', 0],
    ['#AbC', '#aabbcc', 0],
    ['white & gold', '#ffffff', 0.05],
    ['dunkelgrün', '#006400', 0.2],
    ['bleu clair', '#add8e6', 0.12]
  ])('%s lies near what CSS calls so', (words, color, within) => {
    expect(colorDistance(colorFromWords(words)!, color)).toBeLessThanOrEqual(within + 1e-9)
  })

  it('that are none are none', () => {
    for (const text of ['', 'sploosh', 'shiny', '12']) expect(colorFromWords(text)).toBeUndefined()
  })
})

describe('offers of somebody’s own list', () => {
  it('name pieces by their names, and prices are whole units with decimals', () => {
    const text = 'Artikel;Laden;Preis;Packung;Lieferzeit\nDinner napkin;Halfpenny Barn;12,90;4;3\n'
    const table = readCsv(text)
    const reading = guessOfferReading(table.ok ? table.header : [])
    const pieces = [{ id: 'napkin-a', name: 'Dinner napkin' }]
    const result = readOffersCsv(text, reading, pieces)
    expect(result.ok && result.value[0]).toMatchObject({ pieceId: 'napkin-a', shop: 'Halfpenny Barn', priceCents: 1290, packSize: 4, leadDays: 3 })
    expect(readOffersCsv(text, reading, [])).toMatchObject({ ok: false, faults: [{ place: 'row 2, column pieceId' }] })
  })
})

describe('a list of guests', () => {
  it('with headers brings what it says and leaves what it does not', () => {
    const look = demoLook()
    const read = readGuestsCsv('Gast;Alter;Ernährung;Linkshänder\nOttoline;;vegetarisch;nein\nWim;6;;ja\n')
    if (read.kind !== 'table') throw new Error('no table')
    const seated = applyEdit(look, nameGuests(look, read.guests))
    expect(seated.guests.map((guest) => guest.name)).toEqual(['Ottoline', 'Wim'])
    expect(seated.guests[0]).toMatchObject({ diet: 'vegetarisch', leftHanded: false, body: look.guests[0]!.body, id: look.guests[0]!.id })
    expect(seated.guests[1]).toMatchObject({ leftHanded: true, diet: look.guests[1]!.diet, body: { kind: 'child', ageYears: 6 } })
  })

  it('of names alone is names, commas in them and all', () => {
    for (const text of ['Ottoline\nBram\nWim', 'Ottoline; Bram', '', '"']) expect(readGuestsCsv(text).kind).toBe('names')
  })
})
