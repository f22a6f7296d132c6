import {
  newPlaced,
  noFacts,
  noIntent,
  together,
  type CupboardItem,
  type Intent,
  type Look,
  type Piece,
  type PieceFacts,
  type TogetherNote
} from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { comesDownOn, seasonOf } from '../src/cupboard/said.js'
import { singular, says } from '../src/units/plainWords.js'
import { demoLook, threeThings } from './support/looks.js'

const pearl = demoLook('pearl-anniversary')
/** A table of four things only. */
const few: Look = { ...threeThings(), centerpiece: [newPlaced('h', 'honesty-bundle')] }

const knowing = (facts: Readonly<Record<string, Partial<PieceFacts>>>): CupboardItem[] =>
  few.pieces.map((piece) => ({ piece, facts: { ...noFacts, ...facts[piece.id] } }))
const meaning = (part: Partial<Intent>, look: Look = few): Look => ({ ...look, intent: { ...look.intent, ...part } })
const note = <K extends TogetherNote['kind']>(look: Look, items: CupboardItem[], kind: K) =>
  together(look, items).notes.filter((one): one is Extract<TogetherNote, { kind: K }> => one.kind === kind)

describe('what ties the pieces of a look together', () => {
  it('has a row for every piece that is laid, once, and none for others', () => {
    const { rows } = together(few, knowing({}))
    expect(rows.map((row) => row.pieceId).sort()).toEqual(['cloth-oyster-oval', 'dinner-oyster', 'honesty-bundle', 'water-goblet'])
    expect(together({ ...few, centerpiece: [...few.centerpiece, newPlaced('h2', 'honesty-bundle', 300)] }, []).rows).toHaveLength(4)
  })

  it('names a motif from two pieces on, however it is written, the most shared first', () => {
    const items = knowing({
      'dinner-oyster': { motif: 'Beaded rim' },
      'water-goblet': { motif: 'beaded rim ' },
      'cloth-oyster-oval': { motif: 'leaves' }
    })
    expect(note(few, items, 'motif')).toEqual([{ kind: 'motif', motif: 'Beaded rim', pieceIds: ['dinner-oyster', 'water-goblet'] }])
    expect(note(few, knowing({ 'dinner-oyster': { motif: 'leaves' } }), 'motif')).toEqual([])
  })

  it('takes what was typed before what the material usually is', () => {
    const shineOf = (facts: Partial<PieceFacts>) =>
      together(few, knowing({ 'dinner-oyster': facts })).rows.find((row) => row.pieceId === 'dinner-oyster')!.shine
    expect(shineOf({})).toBe('shiny')
    expect(shineOf({ finish: 'matte' })).toBe('matte')
    expect(shineOf({ finish: 'aged' })).toBe('matte')
    expect(shineOf({ finish: 'mirror' })).toBe('shiny')
    expect(shineOf({ finish: 'satin' })).toBe('satin')
  })

  it('tells one thing that lifts nothing only where all takes the light alike', () => {
    const matte = knowing(Object.fromEntries(few.pieces.map((piece) => [piece.id, { finish: 'matte' as const }])))
    expect(note(few, matte, 'one-shine')).toEqual([{ kind: 'one-shine', shine: 'matte' }])
    expect(note(few, knowing({}), 'one-shine')).toEqual([])
  })

  it('tells where nearly all is hard to the eye, or soft, from six kinds of things on; fruit is neither', () => {
    const ids = ['dinner-oyster', 'water-goblet', 'cloth-oyster-oval', 'honesty-bundle', 'spool-jar', 'brass-bell', 'heron-figure', 'persimmon-one']
    const table: Look = { ...few, centerpiece: ids.slice(3).map((id, i) => newPlaced(`p${i}`, id, i * 150)) }
    const of = (material: Piece['material'], but: Partial<Record<string, Piece['material']>> = {}): Look => ({
      ...table,
      pieces: table.pieces.map((piece) =>
        ids.includes(piece.id) ? ({ ...piece, material: piece.id === 'persimmon-one' ? 'fruit' : (but[piece.id] ?? material) } as Piece) : piece
      )
    })
    expect(note(of('brass'), [], 'one-touch')).toEqual([{ kind: 'one-touch', touch: 'hard', other: 0, of: 7 }])
    expect(note(of('linen'), [], 'one-touch')).toEqual([{ kind: 'one-touch', touch: 'soft', other: 0, of: 7 }])
    expect(note(of('brass', { 'cloth-oyster-oval': 'linen' }), [], 'one-touch')).toEqual([])
    expect(note(few, [], 'one-touch')).toEqual([])
  })

  it('names a form that comes again with another face: three kinds, not all alike', () => {
    const vases = ['bud-clay', 'bud-stone', 'bud-brass']
    const laid = (ids: readonly string[], look: Look = few): Look => ({ ...look, centerpiece: ids.map((id, i) => newPlaced(`v${i}`, id, i * 120)) })
    expect(note(laid(vases), [], 'one-form')).toEqual([{ kind: 'one-form', pieceIds: expect.arrayContaining(vases) as unknown }])
    expect(note(laid(vases.slice(1)), [], 'one-form')).toEqual([])
    expect(note(laid([...vases.slice(1), 'jug-sky']), [], 'one-form')).toEqual([])
    const alike = few.pieces.map((piece) => (vases.includes(piece.id) ? ({ ...piece, color: '#aaaaaa', material: 'glass', pattern: '' } as Piece) : piece))
    expect(note(laid(vases, { ...few, pieces: alike }), [], 'one-form')).toEqual([])
  })

  it('names two neighbors of which one is more than five times as large, and no light, no greens and nothing farther off', () => {
    const of = (id: string, change: object): Piece => ({ ...few.pieces.find((piece) => piece.id === id)!, ...change }) as Piece
    const vase = of('bud-clay', { id: 'tall', baseMm: 120, mouthMm: 100, widestMm: 120, heightMm: 300 })
    const beads = (thickMm: number, material = 'oak') =>
      of('beads-wood', { id: 'beads', material, extent: { kind: 'rectangle', lengthMm: 400, widthMm: thickMm }, heightMm: thickMm })
    const laid = (thing: Piece, y = 110): Look => ({
      ...few,
      pieces: [...few.pieces, vase, thing],
      centerpiece: [newPlaced('v', 'tall'), newPlaced('b', 'beads', 0, y)]
    })
    expect(note(laid(beads(30)), [], 'uneven')).toEqual([
      { kind: 'uneven', largeId: 'tall', smallId: 'beads', times: expect.closeTo(Math.sqrt(120 * 300) / 30, 1) as number }
    ])
    expect(note(laid(beads(50)), [], 'uneven')).toEqual([])
    expect(note(laid(beads(30, 'plant')), [], 'uneven')).toEqual([])
    expect(note(laid(beads(30), 480), [], 'uneven')).toEqual([])
  })

  // worked by hand: the supper is on 6 February 2027
  it('calls old what is inherited or twenty years in the house, new what came within the year or has to be bought, and guesses nothing', () => {
    const ageOf = (facts: Partial<PieceFacts>, owned = 1) => {
      const look = { ...few, pieces: few.pieces.map((piece) => (piece.id === 'water-goblet' ? { ...piece, owned } : piece)) }
      return together(look, knowing({ 'water-goblet': facts })).rows.find((row) => row.pieceId === 'water-goblet')!.age
    }
    expect(ageOf({})).toBe('unknown')
    expect(ageOf({ origin: 'inherited' })).toBe('old')
    expect(ageOf({ acquired: '2007' })).toBe('old')
    expect(ageOf({ acquired: '2008-03-01' })).toBe('between')
    expect(ageOf({ acquired: '2027-01-02' })).toBe('new')
    expect(ageOf({}, 0)).toBe('new')
    const { ages } = together(few, knowing({ 'water-goblet': { origin: 'inherited' } }))
    expect(ages).toEqual({ old: 1, new: 0, between: 0, unknown: 3, consumed: 0 })
    // flowers are neither old nor new
    expect(together(pearl, []).rows.find((row) => row.pieceId === 'eucalyptus')!.age).toBe('consumed')
  })

  it('says what is kept for another season, and the day on which what is kept for this one comes down', () => {
    const items = knowing({ 'honesty-bundle': { seasons: ['autumn', 'winter'] }, 'water-goblet': { seasons: ['summer'] } })
    expect(note(few, items, 'off-season')).toEqual([{ kind: 'off-season', pieceIds: ['water-goblet'] }])
    expect(note(few, items, 'comes-down')).toEqual([{ kind: 'comes-down', day: '2027-02-28', pieceIds: ['honesty-bundle'] }])
  })

  it('finds a theme in motifs, in flowers, fruit and figures and in dishes, never in the name of a color', () => {
    const oyster = meaning({ theme: 'oysters' })
    expect(note(oyster, knowing({}), 'theme')).toEqual([{ kind: 'theme', pieceIds: [], dishes: [] }])
    expect(note(oyster, knowing({ 'dinner-oyster': { motif: 'an oyster' } }), 'theme')[0]!.pieceIds).toEqual(['dinner-oyster'])
    const honest = { ...meaning({ theme: 'Honesty' }), menu: { ...few.menu, dishes: pearl.menu.dishes } }
    expect(note(honest, knowing({}), 'theme')).toEqual([{ kind: 'theme', pieceIds: ['honesty-bundle'], dishes: [] }])
    expect(note({ ...honest, intent: { ...noIntent, theme: 'lemon' } }, knowing({}), 'theme')[0]!.dishes).toEqual(['Steamed lemon pudding'])
    expect(note(few, knowing({}), 'theme')).toEqual([])
  })

  it('says what of the guest of honor’s taste is met on table and menu, what nothing answers to, and what of the house would', () => {
    const liking = (what: string, where = 'Ottoline') => meaning({ touches: [{ kind: 'taste', what, where }] })
    const menu = { ...few.menu, dishes: pearl.menu.dishes }
    expect(note({ ...liking('honesty, lemon pudding, shells; glass'), menu }, knowing({}), 'taste')).toEqual([
      {
        kind: 'taste',
        whose: 'Ottoline',
        pieceIds: expect.arrayContaining(['honesty-bundle', 'water-goblet']) as string[],
        dishes: ['Steamed lemon pudding'],
        unmet: ['shells'],
        couldIds: expect.arrayContaining(['shells']) as string[]
      }
    ])
    expect(note(liking('waves'), knowing({ 'dinner-oyster': { motif: 'waves' } }), 'taste')[0]).toMatchObject({ pieceIds: ['dinner-oyster'], unmet: [] })
    expect(note(liking(' , '), knowing({}), 'taste')).toEqual([])
    expect(note(meaning({ touches: [{ kind: 'sign', what: 'honesty', where: 'seat 1' }] }), knowing({}), 'taste')).toEqual([])
  })

  // two literal kinds for a hint: common practice, no source
  it('counts kinds of things that show season or theme against the wish, and names owned ones that would', () => {
    const items = knowing({ 'dinner-oyster': { seasons: ['winter'] }, 'water-goblet': { seasons: ['winter'] }, 'honesty-bundle': { seasons: ['winter'] } })
    expect(note(meaning({ literal: 'hinted' }), items, 'literal')).toEqual([{ kind: 'literal', wish: 'hinted', count: 3, least: 0, most: 2 }])
    expect(note(meaning({ literal: 'shown' }), items, 'literal')).toEqual([])
    expect(note(meaning({ literal: 'spelled-out' }), items, 'literal')[0]).toMatchObject({ count: 3, least: 4 })
    expect(note(few, items, 'literal')).toEqual([])
    const faint = meaning({ literal: 'shown', theme: 'persimmons' })
    expect(note(faint, knowing({}), 'literal')[0]).toMatchObject({ count: 0, least: 1 })
    expect(note(faint, knowing({}), 'could-show')[0]!.pieceIds).toContain('persimmons')
    expect(note(meaning({ literal: 'hinted', theme: 'persimmons' }), knowing({}), 'could-show')).toEqual([])
  })

  it('names laid pieces whose color was taken from a photo and not held against the thing', () => {
    expect(note(few, knowing({ 'dinner-oyster': { assumed: ['color', 'heightMm'] }, 'jug-sky': { assumed: ['color'] } }), 'color-doubt')).toEqual([
      { kind: 'color-doubt', pieceIds: ['dinner-oyster'] }
    ])
    expect(note(few, knowing({ 'dinner-oyster': { assumed: ['heightMm'] } }), 'color-doubt')).toEqual([])
  })

  it('tests each piece against the moods of the brief by its material', () => {
    const rattan = { ...few, setting: { ...few.setting, plateIds: ['charger-rattan', 'dinner-oyster'] } }
    expect(note(meaning({ moods: ['elegant', 'calm'] }, rattan), knowing({}), 'against-mood')).toEqual([
      { kind: 'against-mood', mood: 'elegant', pieceIds: ['charger-rattan'] }
    ])
    expect(note(meaning({ moods: ['rustic'] }, rattan), knowing({}), 'against-mood')).toEqual([])
  })
})

describe('seasons', () => {
  it('change with the quarters that meteorologists count by', () => {
    expect(['2027-02-28', '2027-03-01', '2027-05-31', '2027-06-01', '2027-08-31', '2027-09-01', '2027-11-30', '2027-12-01'].map(seasonOf)).toEqual([
      'winter',
      'spring',
      'spring',
      'summer',
      'summer',
      'autumn',
      'autumn',
      'winter'
    ])
  })

  // worked by hand with a calendar: 2028 is a leap year
  it('run on to the last day of those a thing is kept for', () => {
    expect(comesDownOn(['winter'], '2027-12-24')).toBe('2028-02-29')
    expect(comesDownOn(['winter'], '2027-02-06')).toBe('2027-02-28')
    expect(comesDownOn(['autumn', 'winter'], '2027-10-01')).toBe('2028-02-29')
    expect(comesDownOn(['winter', 'spring'], '2027-12-24')).toBe('2028-05-31')
    expect(comesDownOn(['spring'], '2027-03-01')).toBe('2027-05-31')
    expect(comesDownOn(['summer', 'autumn'], '2027-06-10')).toBe('2027-11-30')
    expect(comesDownOn(['summer'], '2027-02-06')).toBeNull()
    expect(comesDownOn([], '2027-02-06')).toBeNull()
    expect(comesDownOn(['spring', 'summer', 'autumn', 'winter'], '2027-02-06')).toBeNull()
  })
})

describe('words', () => {
  it('are met as one or many, whole and without accents', () => {
    expect(['berries', 'roses', 'glasses', 'dishes', 'boxes', 'moss', 'gas'].map(singular)).toEqual(['berry', 'rose', 'glass', 'dish', 'box', 'moss', 'gas'])
    expect(says('Three green pears', 'pear')).toBe(true)
    expect(says('Pearl rim', 'pear')).toBe(false)
    expect(says('Décor of lilies', 'lily')).toBe(true)
    expect(says('anything', ' ')).toBe(false)
  })
})
