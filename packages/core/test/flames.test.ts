import { createAssessor, flamesOf, standings, type BareFinding, type Look, type Piece, type Placed } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { sleeves } from '../src/light/flameFindings.js'
import { bareLook, put, withPiece } from './support/looks.js'

const inch = 25.4
const bare = bareLook()
const votive = { ...bare.pieces.find((piece) => piece.id === 'tealight-smoke')!, id: 'votive-glass', chimney: { innerMm: 60, rimMm: 75 } } as Piece
const shavings = { ...bare.pieces.find((piece) => piece.id === 'moss-mat')!, id: 'shavings', form: 'grass', material: 'wood' } as Piece
const basket = { ...bare.pieces.find((piece) => piece.id === 'dough-bowl')!, id: 'basket', form: 'basket', material: 'rattan', rimMm: 90, floorMm: 10 } as Piece
const look: Look = { ...bare, pieces: [...bare.pieces, votive, shavings, basket], occasion: { ...bare.occasion, endMin: bare.occasion.arriveMin + 60 } }

const at = look.occasion.arriveMin
const taper = (xMm: number, more: Partial<Placed> = {}) =>
  put('taper', 'holder-brass-low', { xMm, candle: { candleId: 'taper-ivory-8', lightAtMin: at }, ...more })
const tea = (xMm: number, more: Partial<Placed> = {}) => put('tea', 'tealight-smoke', { xMm, candle: { candleId: 'tealight-4', lightAtMin: at }, ...more })
const roses = (riseMm = 200, spreadMm = 200) =>
  put('roses', 'jug-sky', { arrangement: { stems: [{ stemId: 'rose-garden', count: 9 }], riseMm, spreadMm, mechanics: null } })
const tell = (centerpiece: Placed[], base: Look = look) => createAssessor().measure({ ...base, centerpiece }).each
const ofFlames = (found: readonly BareFinding[]) => found.filter((one) => one.code.startsWith('flame.') && one.code !== 'flame.flame')
const near = (centerpiece: Placed[], base: Look = look) => ofFlames(tell(centerpiece, base)).map((one) => [one.code, one.severity, one.because])

describe('distances by what burns', () => {
  // 12 in from anything that can burn: fire-service and candle-trade guidance (recalled); 4 in from fresh, watered flowers: common practice, no source.
  it.each([
    [13 * inch, []],
    [11 * inch, [['flame.guidance', 'note', 'fresh']]],
    [4.1 * inch, [['flame.guidance', 'note', 'fresh']]],
    [3.8 * inch, [['flame.near', 'warn', 'fresh']]],
    [0.5 * inch, [['flame.near', 'stop', 'touches']]]
  ])('fresh flowers %f mm beside a flame', (gapMm, told) => {
    expect(near([roses(), taper(100 + gapMm)])).toEqual(told)
  })

  it.each([
    [12.1 * inch, []],
    [11 * inch, [['flame.near', 'warn', 'burns']]],
    [5 * inch, [['flame.near', 'stop', 'burns']]]
  ])('dried flowers %f mm beside a flame keep the whole distance', (gapMm, told) => {
    const dried = { ...roses(), arrangement: { stems: [{ stemId: 'honesty', count: 9 }], riseMm: 200, spreadMm: 200, mechanics: null } }
    expect(near([dried, taper(100 + gapMm)])).toEqual(told)
  })

  it('the strict switch of a venue makes the whole distance hold for fresh flowers too', () => {
    const strict = { ...look, school: { ...look.school, strictFlames: true } }
    expect(near([roses(), taper(100 + 8 * inch)], strict)).toEqual([['flame.near', 'warn', 'strict']])
  })

  it('leaves four inches or more below a flame that has burned down are clear, the guidance is one note for a whole table', () => {
    const low = put('greens', 'greens-bay')
    const high = taper(0, { pieceId: 'holder-brass-tall' })
    expect(near([low, high])).toEqual([])
    const many = [-600, -300, 300, 600].map((x) => ({ ...taper(x), id: `taper ${x}` }))
    const bowls = [-450, 450].map((x) => ({ ...roses(), id: `roses ${x}`, xMm: x, arrangement: { ...roses().arrangement!, spreadMm: 90 } }))
    expect(near([...many, ...bowls]).filter(([code]) => code === 'flame.guidance')).toHaveLength(1)
  })
})

describe('what a candle stands on or in is fuel too', () => {
  it.each([
    ['on a mat of faux moss', [put('under', 'moss-mat'), tea(0, { on: 'under' })], 'burns'],
    ['on a linen scarf', [put('under', 'throw-linen'), tea(0, { on: 'under' })], 'burns'],
    ['on wood shavings', [put('under', 'shavings'), tea(0, { on: 'under' })], 'burns'],
    ['in a rattan basket below its rim', [put('under', 'basket'), tea(0, { on: 'under' })], 'wall']
  ])('a tea light %s', (_, centerpiece, because) => {
    expect(near(centerpiece)).toEqual([['flame.near', 'stop', because]])
  })

  it('a taper high above a scarf, and a tea light on a board or a mirror, are what every table has', () => {
    expect(near([put('under', 'throw-linen'), taper(0, { on: 'under' })])).toEqual([])
    expect(near([put('under', 'board-walnut'), tea(0, { on: 'under' })])).toEqual([])
    expect(near([put('under', 'tray-mirror'), tea(0, { on: 'under' })])).toEqual([])
  })
})

describe('glass', () => {
  const behind = (rimMm: number) => withPiece(look, 'hurricane', { chimney: { innerMm: 140, rimMm } })
  const pillar = (xMm: number) => put('pillar', 'hurricane', { xMm, candle: { candleId: 'pillar-beeswax', lightAtMin: at } })
  const dried = put('dried', 'jug-sky', { arrangement: { stems: [{ stemId: 'honesty', count: 9 }], riseMm: 60, spreadMm: 140, mechanics: null } })

  it('shields to the side only where it rises above the whole flame, not where it ends at the wick', () => {
    expect(near([dried, pillar(70 + 3 * inch)], behind(260))).toEqual([])
    expect(near([dried, pillar(70 + 3 * inch)], behind(115))).toEqual([['flame.near', 'stop', 'burns']])
  })

  it('shields nothing above its open rim', () => {
    const leaning = put('over', 'jug-sky', {
      xMm: 120,
      arrangement: { stems: [{ stemId: 'rose-garden', count: 9 }], riseMm: 260, spreadMm: 320, mechanics: null }
    })
    expect(near([leaning, pillar(0)], behind(220))).toEqual([['flame.near', 'stop', 'plume']])
  })

  it('an ordinary tea light in an ordinary votive glass fits and is shielded', () => {
    const centerpiece = [roses(), tea(100 + 100, { pieceId: 'votive-glass' })]
    expect(tell(centerpiece).filter((one) => one.code === 'candle.misfit' || one.code.startsWith('flame.'))).toEqual([])
  })
})

describe('where people sit', () => {
  it('an open flame nearer than eight inches to an edge where somebody sits is a warning, and moved in it is none', () => {
    const half = (48 * inch) / 2
    const place = { ...taper(0), yMm: half - 7.5 * inch }
    const found = createAssessor()
      .assess({ ...look, setting: { ...look.setting, plateIds: [], flatwareIds: [], glassIds: [], napkin: null, breadPlateId: null }, centerpiece: [place] })
      .findings.find((one) => one.code === 'flame.sleeves')!
    expect([found.severity, found.because]).toEqual(['warn', 'edge'])
    expect(found.remedies[0]!.code).toBe('move')
    expect(near([{ ...place, yMm: half - 8.5 * inch }]).filter(([code]) => code === 'flame.sleeves')).toEqual([])
  })

  it('is in the way of arms that reach for a dish only while it stands there: not when it leaves as the food comes, but before the edge all the same', () => {
    const world = createAssessor().measure(look)
    const { places } = world.figures.seats
    const { x, y } = [...places].sort((a, b) => Math.hypot(a.x, a.y) - Math.hypot(b.x, b.y))[0]!
    // between the nearest guest and a dish before them, farther than eight inches from every edge
    const inTheWay = (atMeal: boolean, share = 0.6) =>
      sleeves(flamesOf(standings({ ...look, centerpiece: [{ ...taper(0), xMm: share * x, yMm: share * y, atMeal }] }), look.occasion.endMin), {
        places,
        dishes: [{ x: 0.35 * x, y: 0.35 * y }]
      }).map(({ because }) => because)
    expect(inTheWay(true)).toEqual(['reach'])
    expect(inTheWay(false)).toEqual([])
    expect(inTheWay(false, 0.95)).toEqual(['edge'])
  })

  it('a napkin fan and a place card within the whole distance of an open flame are told, a flat napkin is not', () => {
    const setting = (fold: 'fan' | 'flat', card: boolean): Look => ({
      ...look,
      table: { ...look.table, heads: 'closed' },
      setting: { ...look.setting, card, napkin: { pieceId: 'napkin-oyster', place: 'on-plate', fold } }
    })
    const low = [tea(0, { yMm: 130 })]
    expect(near(low, setting('fan', false))).toContainEqual(['flame.setting', 'warn', 'napkin'])
    expect(near(low, setting('flat', false)).filter(([code]) => code === 'flame.setting')).toEqual([])
    expect(near(low, setting('flat', true)).map(([code, , because]) => [code, because])).toContainEqual(['flame.setting', 'card'])
  })

  it('with a toddler about an open flame is a warning, behind glass it is worth knowing', () => {
    const small = { ...look, household: { cats: false, dogs: false, toddlers: true } }
    expect(near([taper(0)], small)).toContainEqual(['flame.household', 'warn', 'toddlers'])
    expect(near([tea(0, { pieceId: 'votive-glass' })], small)).toContainEqual(['flame.household', 'note', 'toddlers'])
  })
})

describe('one cause', () => {
  it('is one finding with all its places, and one remedy mends them all', () => {
    const row = [-700, -350, 0, 350].map((x, i) => [
      { ...roses(), id: `roses ${i}`, xMm: x },
      { ...taper(x + 100 + 60), id: `taper ${i}` }
    ])
    const centerpiece = row.flat()
    const assessor = createAssessor()
    const found = assessor.assess({ ...look, centerpiece }).findings.filter((one) => one.code === 'flame.near')
    expect(found).toHaveLength(1)
    expect([found[0]!.at.kind === 'piece' && found[0]!.at.placedId, ...found[0]!.also!].sort()).toEqual(row.map(([, one]) => one!.id).sort())
    const all = found[0]!.remedies.find((remedy) => remedy.mends === 4)
    expect(all, found[0]!.remedies.map((remedy) => remedy.code).join()).toBeDefined()
  })

  it('flames are as many as candles that burn', () => {
    expect(flamesOf(standings({ ...look, centerpiece: [taper(0), tea(300), { ...taper(600), candle: null, id: 'empty' }] }), at + 60)).toHaveLength(2)
  })
})
