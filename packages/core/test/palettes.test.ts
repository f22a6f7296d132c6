import {
  applyEdit,
  colorDistance,
  colorFigures,
  colorHints,
  colorName,
  createAssessor,
  dishColors,
  hintChanges,
  houseFit,
  lampColor,
  lightnessOf,
  oklab,
  paletteBeside,
  petCaution,
  usedIds,
  worksWith,
  type ColorHint,
  type Look,
  type Piece,
  type PaletteEntry
} from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { chromaOf } from '../src/color/colorWords.js'
import { demoLook } from './support/looks.js'

const names = ['pearl-anniversary', 'ferry-crew', 'mending-circle', 'ordinary-week']
const hintsOf = (look: Look) => colorHints(look, colorFigures(look))
const ofKind = <Kind extends ColorHint['kind']>(look: Look, kind: Kind) =>
  hintsOf(look).find((hint): hint is Extract<ColorHint, { kind: Kind }> => hint.kind === kind)
/** A look with some pieces otherwise. */
const changed = (look: Look, change: (piece: Look['pieces'][number]) => object): Look => ({
  ...look,
  pieces: look.pieces.map((piece) => ({ ...piece, ...change(piece) })) as Look['pieces']
})

describe('what would lift the colors', () => {
  it('names what is owned and not laid, and laid it is hinted at no more', () => {
    const assessor = createAssessor()
    let laid = 0
    for (const look of names.map(demoLook))
      for (const hint of hintsOf(look)) {
        if (hint.kind === 'woods' || hint.kind === 'art' || hint.byPieceId === null) continue
        const piece = look.pieces.find(({ id }) => id === hint.byPieceId)!
        expect([piece.owned > 0, usedIds(look).has(piece.id)]).toEqual([true, false])
        for (const change of hintChanges(assessor, look, hint)) {
          expect(change.brings.every((one) => one.severity !== 'stop')).toBe(true)
          expect(hintsOf(applyEdit(look, change.edit))).not.toContainEqual(hint)
          laid++
        }
      }
    expect(laid).toBeGreaterThan(2)
  })

  it('never names what must not be on the table, what another occasion lays, or a plant of concern in a house with animals', () => {
    const named = (look: Look) =>
      hintsOf(look).flatMap((hint) => ('stemIds' in hint ? hint.stemIds : 'byPieceId' in hint && hint.byPieceId !== null ? [hint.byPieceId] : []))
    for (const demo of names.map(demoLook)) {
      const look: Look = { ...demo, household: { cats: true, dogs: true, toddlers: false }, room: { ...demo.room, colors: [{ of: 'art', color: '#c8553a' }] } }
      for (const id of named(look)) {
        const piece = look.pieces.find((one) => one.id === id)!
        if (piece.kind === 'stem') expect(petCaution(piece.name)).toBe('listed-not-toxic')
        expect(named({ ...look, intent: { ...look.intent, avoid: [piece.name] } })).not.toContain(id)
        const claim = { pieceId: id, count: piece.owned, occasion: 'Another', date: look.occasion.date, settled: false }
        expect(named({ ...look, claims: [claim] })).not.toContain(id)
      }
    }
  })

  it('a touch of black is proposed only where nothing black is seen', () => {
    for (const look of names.map(demoLook)) {
      const darkest = Math.min(
        ...colorFigures(look)
          .groups.filter((group) => group.share >= 0.002)
          .map((group) => group.lightness)
      )
      if (ofKind(look, 'sharpen')) expect(darkest).toBeGreaterThanOrEqual(28)
    }
    const look = demoLook()
    const used = usedIds(look)
    const pale = changed(look, (piece) => (used.has(piece.id) ? { color: '#d9c7a8', accent: '#d9c7a8' } : {}))
    expect(lightnessOf(look.pieces.find(({ id }) => id === ofKind(pale, 'sharpen')?.byPieceId)!.color)).toBeLessThan(28)
    const ink = changed(pale, (piece) => (piece.id === look.setting.plateIds.at(-1) ? { color: '#141414' } : {}))
    expect(ofKind(ink, 'sharpen')).toBeUndefined()
  })

  it('a dark and a light vessel want something between them in tone, vessels all alike one that parts from them', () => {
    const look = demoLook()
    const vessels = look.pieces.filter((piece) => piece.kind === 'vessel' && piece.material !== 'glass')
    const used = usedIds(look)
    const [first] = vessels.filter((piece) => used.has(piece.id))
    const other = vessels.find((piece) => !used.has(piece.id))!
    const both = {
      ...look,
      centerpiece: [{ ...look.centerpiece.find((one) => one.pieceId === first!.id)!, id: 'x', on: null, pieceId: other.id }, ...look.centerpiece]
    }
    const tones = (a: string, b: string) =>
      changed(both, (piece) => (piece.id === first!.id ? { color: a } : piece.id === other.id ? { color: b } : used.has(piece.id) ? { color: '#f4f1ea' } : {}))
    const bridge = ofKind(tones('#191613', '#f6f3ec'), 'bridge')!
    const between = lightnessOf(look.pieces.find(({ id }) => id === bridge.byPieceId)!.color)
    expect([bridge.darkId, bridge.lightId, between > 35 && between < 68]).toEqual([first!.id, expect.any(String), true])
    expect(ofKind(tones('#efece4', '#f4f0e6'), 'bridge')).toBeUndefined()
    const pair = ofKind(tones('#efece4', '#f4f0e6'), 'pair')!
    expect(lightnessOf(look.pieces.find(({ id }) => id === pair.byPieceId)!.color)).toBeLessThan(62)
  })

  it('cherry beside oak is told, walnut beside walnut is not', () => {
    const look = demoLook()
    const bare = (wood: string, room: string): Look => ({
      ...look,
      centerpiece: [],
      linens: { ...look.linens, clothId: null },
      table: { ...look.table, color: wood },
      room: { ...look.room, colors: [{ of: 'wood', color: room }] }
    })
    expect(ofKind(bare('#8a3f24', '#c8a878'), 'woods')).toMatchObject({ red: { of: 'table' }, yellow: { of: 'room' } })
    expect(ofKind(bare('#5c4033', '#64463a'), 'woods')).toBeUndefined()
  })

  it('two patterns that meet want one plain in the stead of one, and a color of the art wants flowers that repeat it', () => {
    const look = demoLook()
    const ids = [look.linens.clothId, look.setting.napkin!.pieceId]
    const patterned = changed(look, (piece) => (ids.includes(piece.id) ? { pattern: 'check' } : {}))
    const stars = ofKind(patterned, 'stars')!
    expect(stars.pieceIds).toEqual(expect.arrayContaining([look.setting.napkin!.pieceId]))
    if (look.linens.clothId !== null) expect(stars.pieceIds.length).toBeGreaterThan(1)
    const away = (color: string) => Math.hypot(oklab(color)[1], oklab(color)[2])
    const [stem] = look.pieces.filter((piece) => piece.kind === 'stem' && !usedIds(look).has(piece.id)).sort((a, b) => away(b.color) - away(a.color)) as [Piece]
    const art = (color: string): Look => ({ ...look, room: { ...look.room, colors: [{ of: 'art', color }] } })
    const hint = ofKind(art('#2b50c8'), 'art')
    for (const id of hint?.stemIds ?? []) expect(colorDistance(look.pieces.find((piece) => piece.id === id)!.color, '#2b50c8')).toBeLessThan(0.13)
    expect(
      ofKind(
        changed(art(stem.color), (piece) => (usedIds(look).has(piece.id) ? { color: '#ffffff' } : {})),
        'art'
      )?.stemIds
    ).toContain(stem.id)
  })
})

describe('what food brings to the colors', () => {
  const look = demoLook()
  const named = (...names: string[]): Look => ({
    ...look,
    menu: { ...look.menu, dishes: names.map((name, i) => ({ ...look.menu.dishes[0]!, id: `d${i}`, name })) }
  })
  const colorsOf = (...names: string[]) => dishColors(named(...names), colorFigures(look).groups)

  it('is told by what a dish is of, whatever else its name says, and of a name that says nothing nothing is told', () => {
    const colors = colorsOf('Carrot soup', 'Roast carrots', 'Spinach tart', 'Lemon pudding', 'Grandmother’s favorite').map(({ color }) => colorName(color))
    expect(colors).toEqual(['orange', 'orange', 'green', 'gold'])
  })

  it('is met where the table has the color, and not where it has none', () => {
    const [orange, violet] = colorsOf('Duck with persimmons', 'Blueberry cake')
    expect([orange?.isMet, violet?.isMet]).toEqual([true, false])
    // a fruit of the house has its own color, whatever word for a color it also is
    expect(orange?.color).toBe(look.pieces.find((piece) => piece.material === 'fruit' && /persimmon/i.test(piece.name))?.color)
  })
})

describe('what hangs round the lamp', () => {
  it('is told with whether its color is met on the table, and is in no share of it', () => {
    const look = demoLook()
    const withLamp = (pieceId: string): Look => ({
      ...look,
      room: { ...look.room, fixture: { bottomMm: 1600, widthMm: 500, greens: { pieceId, hangsMm: 150 } } }
    })
    const { groups } = colorFigures(look)
    expect(lampColor(look, groups)).toBeNull()
    const of = (color: string) => lampColor({ ...withLamp('hung'), pieces: [{ ...look.pieces[0]!, id: 'hung', name: 'Hops', color }] }, groups)
    const strongest = groups.reduce((a, b) => (chromaOf(b.color) > chromaOf(a.color) ? b : a)).color
    expect([of(strongest)?.isMet, of('#2b1fd0')?.isMet]).toEqual([true, false])
    const green = look.pieces.find((piece) => piece.kind === 'stem')!
    expect(colorFigures(withLamp(green.id)).groups).toEqual(groups)
  })
})

describe('palettes beside each other', () => {
  const all = names.map((name) => colorFigures(demoLook(name), 140).groups)

  it('a table has all its colors in common with itself; what is new here is gone there', () => {
    for (const here of all) {
      expect(paletteBeside(here, here)).toEqual({ sharedShare: 1, added: [], gone: [] })
      for (const there of all) {
        const [one, other] = [paletteBeside(here, there), paletteBeside(there, here)]
        expect(one.added).toEqual(other.gone)
        expect(one.sharedShare).toBeGreaterThanOrEqual(0)
        if (one.added.length === 0) expect(one.sharedShare).toBeCloseTo(1, 9)
      }
    }
  })

  it('a set in red falls out of a palette of blue and cream, white and metal never do, and a green nobody has is a gap', () => {
    const look = demoLook()
    const [red, white, brass] = ['#a8321f', '#f5f3ee', '#b08d45']
    const of = (id: string, color: string, material: string) =>
      ({ ...look.pieces.find((piece) => piece.kind === 'napkin')!, id, color, material, owned: 8 }) as Look['pieces'][number]
    const pieces = [of('red', red!, 'linen'), of('white', white!, 'linen'), of('brass', brass!, 'brass')]
    const palette: PaletteEntry[] = [
      { color: '#27496d', role: 'accent' },
      { color: '#f1e6d0', role: 'base' },
      { color: '#4f9d3a', role: 'accent' }
    ]
    const fit = houseFit(pieces, palette)
    expect(fit.fallOut.map((piece) => piece.id)).toEqual(['red'])
    expect(fit.gaps.map((entry) => entry.color)).toEqual(['#27496d', '#4f9d3a'])
    expect(fit.neutralShare).toBeCloseTo(2 / 3, 9)
    expect(pieces.map((piece) => worksWith(piece, [palette, [{ color: '#b13a26', role: 'accent' }]]))).toEqual([1, 2, 2])
  })
})

it('a color for small spots only is told from the percent on that it may have, and no longer where it may have more', () => {
  const look = demoLook()
  const [color, share] = (() => {
    const group = colorFigures(look).groups.find((one) => one.share > 0.03)!
    return [group.color, group.share] as const
  })()
  const notes = (mostPercent: number) =>
    colorFigures({ ...look, intent: { ...look.intent, caps: [{ color, mostPercent }] } }).notes.filter((note) => note.kind === 'over')
  expect(notes(1)).toEqual([{ kind: 'over', color, share: expect.closeTo(share, 1), mostPercent: 1 }])
  expect(notes(100)).toEqual([])
})
