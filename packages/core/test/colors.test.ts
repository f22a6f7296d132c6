import { readFileSync } from 'node:fs'
import {
  colorFigures,
  deltaE00,
  labOf,
  newPlaced,
  paletteOfRoom,
  readCssPalette,
  readGpl,
  visibleColors,
  writeCssPalette,
  writeGpl,
  type ColorNote,
  type Look
} from '@hestiad/core'

import { describe, expect, it } from 'vitest'
import { bareLook, changed, demoLook, guests, longTable, roundTable } from './support/looks.js'

// G. Sharma, W. Wu, E. N. Dalal, "The CIEDE2000 color-difference formula", Color Research and Application 30 (2005), table 1
const pairs = readFileSync(new URL('./data/ciede2000_sharma34.csv', import.meta.url), 'utf8')
  .trim()
  .split('\n')
  .slice(1)
  .map((line) => line.split(',').map(Number) as [number, number, number, number, number, number, number])

describe('CIEDE2000', () => {
  it.each(pairs)('of %f %f %f and %f %f %f is %f', (l1, a1, b1, l2, a2, b2, expected) => {
    const lab = (l: number, a: number, b: number) => ({ mode: 'lab65' as const, l, a, b })
    expect(deltaE00(lab(l1, a1, b1), lab(l2, a2, b2))).toBeCloseTo(expected, 4)
    expect(deltaE00(lab(l2, a2, b2), lab(l1, a1, b1))).toBeCloseTo(expected, 4)
  })

  it('of what is no color is refused', () => {
    expect(() => deltaE00('blue-ish', '#ffffff')).toThrow(RangeError)
    expect(() => labOf('')).toThrow(RangeError)
  })
})

/** A table with nothing on it, and what is changed of it. */
const table = (part: Partial<Look>): Look => {
  const bare = bareLook()
  return {
    ...bare,
    guests: [],
    linens: { ...bare.linens, clothId: null, runner: null, topper: null, matId: null },
    setting: { ...bare.setting, plateIds: [], glassIds: [], flatwareIds: [], napkin: null, breadPlateId: null },
    ...part
  }
}
const shares = (look: Look) => new Map(visibleColors(look).parts.map((part) => [part.pieceId, part.share]))
const kinds = (notes: readonly ColorNote[]) => notes.map((note) => note.kind)

describe('colors seen from above', () => {
  it('of a bare table are the table alone, on every form', () => {
    for (const shape of [roundTable(54), longTable(96, 42)]) expect([...shares(table({ table: shape }))]).toEqual([[null, 1]])
  })

  // areas of circles, worked by hand
  it('of a bowl are those of its widest circle and not of its foot, less what lies loose in its mouth', () => {
    const bowl = changed('bowl-oyster-wide', { id: 'bowl', form: 'bowl', baseMm: 120, widestMm: 300, mouthMm: 300, heightMm: 90, depthMm: 80 })
    const bare = bareLook()
    const laid = table({ table: longTable(60, 40), pieces: [...bare.pieces, bowl], centerpiece: [newPlaced('b', 'bowl')] })
    const mm2 = 60 * 40 * 25.4 ** 2
    expect(shares(laid).get('bowl')! / ((Math.PI * 150 ** 2) / mm2)).toBeCloseTo(1, 1)
    const filled = { ...laid, centerpiece: [{ ...newPlaced('b', 'bowl'), filling: { pieceId: 'cranberries', count: 4, heightMm: 40 } }] }
    expect(shares(filled).get('cranberries')!).toBeGreaterThan(0.8 * ((Math.PI * 150 ** 2) / mm2))
    expect(shares(filled).get('bowl') ?? 0).toBeLessThan(0.2 * ((Math.PI * 150 ** 2) / mm2))
  })

  it('of a runner on a rectangle are in the proportion of their areas, worked by hand: 14 in of 42 along all of 96', () => {
    const runner = changed('runner-smoke', { id: 'strip', lengthMm: 96 * 25.4, widthMm: 14 * 25.4 })
    const look = table({ table: longTable(96, 42), pieces: [runner] })
    const laid = { ...look, linens: { ...look.linens, runner: { pieceId: 'strip', lay: 'along' as const, folded: { length: 1 as const, width: 1 as const } } } }
    expect(shares(laid).get('strip')).toBeCloseTo(14 / 42, 2)
  })

  it('of a disc on a round table are as the squares of the diameters, and what lies on it takes from it', () => {
    const tray = (id: string, diameterMm: number, color: string) =>
      ({
        ...changed('board-walnut', {}),
        id,
        color,
        form: 'board',
        extent: { kind: 'round', diameterMm },
        floorMm: 10,
        rimMm: 10,
        wallMm: 0,
        upper: []
      }) as never
    const look = table({
      table: roundTable(48),
      pieces: [tray('large', 609.6, '#336699'), tray('small', 304.8, '#aa3311')],
      centerpiece: [newPlaced('a', 'large'), { ...newPlaced('b', 'small'), on: 'a' }]
    })
    const seen = shares(look)
    expect(seen.get('small')).toBeCloseTo(1 / 16, 2)
    expect(seen.get('large')).toBeCloseTo(1 / 4 - 1 / 16, 2)
  })

  it('add up to the whole, whatever is laid', () => {
    for (const name of ['pearl-anniversary', 'mending-circle', 'ferry-crew', 'ordinary-week'])
      expect(visibleColors(demoLook(name)).parts.reduce((sum, part) => sum + part.share, 0)).toBeCloseTo(1, 9)
  })
})

describe('what is noticed of colors', () => {
  const laid = (change: object, napkin: object = {}): Look => {
    const look = demoLook()
    const pieces = look.pieces.map((piece) =>
      piece.id === 'dinner-oyster' || piece.id === 'bowl-oyster' ? { ...piece, ...change } : piece.id === 'napkin-persimmon' ? { ...piece, ...napkin } : piece
    )
    return { ...look, pieces: pieces as Look['pieces'], guests: guests(6) }
  }

  it('a napkin of the color of what it lies on is lost; of another it is not', () => {
    const top = demoLook().setting.plateIds.at(-1)!
    const color = demoLook().pieces.find((piece) => piece.id === top)!.color
    expect(kinds(colorFigures(laid({}, { color })).notes)).toContain('lost')
    expect(kinds(colorFigures(laid({}, { color: '#22334f' })).notes)).not.toContain('lost')
  })

  it('an accent in one thing alone is told with what would bring it again; in three it is not', () => {
    const look = demoLook()
    const figures = colorFigures(look)
    const lone = colorFigures({ ...look, centerpiece: [], setting: { ...look.setting, napkin: null }, guests: guests(2) })
    expect(kinds(figures.notes)).not.toContain('lone')
    expect(kinds(lone.notes)).not.toContain('lone')
    const one = colorFigures({
      ...look,
      setting: { ...look.setting, napkin: null },
      centerpiece: look.centerpiece.filter((placed) => placed.pieceId === 'persimmons')
    })
    const note = one.notes.find((found) => found.kind === 'lone')
    expect(note).toMatchObject({ things: 1 })
    expect(look.pieces.find((piece) => piece.id === (note as { byPieceId: string }).byPieceId)?.owned).toBeGreaterThan(0)
  })

  it('a table all black is dark, one of a single gray is even, a warm and a cool white are told', () => {
    const dark = table({ table: { ...longTable(96, 42), color: '#1a1512' } })
    expect(kinds(colorFigures(dark).notes)).toContain('dark')
    const look = demoLook()
    const cool = colorFigures({
      ...look,
      pieces: look.pieces.map((piece) => (piece.kind === 'plate' ? { ...piece, color: '#eef4fb', accent: '#eef4fb' } : piece))
    })
    expect(kinds(cool.notes)).toContain('whites')
  })
})

describe('palettes', () => {
  const colors = [
    { name: 'smoke blue', color: '#a9bcc6' },
    { name: 'persimmon; a little', color: '#e07a4f' },
    { name: '', color: '#000000' }
  ]

  it('written for GIMP are read back as they were', () => {
    expect(readGpl(writeGpl('Oyster\nand persimmon', colors))).toEqual(colors)
    expect(writeGpl('x', colors).split('\n')[0]).toBe('GIMP Palette')
    expect(readGpl('not a palette')).toBeUndefined()
    expect(readGpl('GIMP Palette\nName: x\n# 1 2 3\n300 0 0 over\n 10  20  30\tdusk')).toEqual([{ name: 'dusk', color: '#0a141e' }])
  })

  it('written as CSS are read back with their colors', () => {
    expect(readCssPalette(writeCssPalette(colors)).map(({ color }) => color)).toEqual(colors.map(({ color }) => color))
    expect(readCssPalette(':root { --size: 12px; --ink: rgb(10 20 30); }')).toEqual([{ name: 'ink', color: '#0a141e' }])
  })
})

describe('the colors of a room', () => {
  const room = (colors: Look['room']['colors'], look = demoLook('pearl-anniversary')): Look => ({ ...look, room: { ...look.room, colors } })
  const walls = { of: 'walls', color: '#efe7d8' } as const

  it('make a palette: the lightest quiet one the ground, the strongest the accent, the same color once', () => {
    const colors = [{ of: 'wood', color: '#8a5f3c' }, walls, { of: 'curtains', color: '#2f6f8f' }, { of: 'chairs', color: '#efe6d8' }] as const
    expect(paletteOfRoom(colors)).toEqual([
      { color: '#efe7d8', role: 'base' },
      { color: '#8a5f3c', role: 'support' },
      { color: '#2f6f8f', role: 'accent' }
    ])
    expect(paletteOfRoom([walls])).toEqual([{ color: '#efe7d8', role: 'base' }])
    expect(paletteOfRoom([])).toEqual([])
  })

  it('are answered where something in color on the table comes near one of them; where nothing does it is told with both', () => {
    const told = (look: Look) => colorFigures(look).notes.filter((note) => note.kind === 'room')
    const [strong] = colorFigures(demoLook('pearl-anniversary')).groups.filter((group) => group.chroma >= 0.1)
    expect(told(room([walls, { of: 'curtains', color: strong!.color }]))).toEqual([])
    // magenta is nowhere on this table
    expect(told(room([walls, { of: 'curtains', color: '#c02fb0' }]))).toMatchObject([{ roomColor: '#c02fb0', of: 'curtains' }])
    // a room without color asks for nothing
    expect(told(room([walls]))).toEqual([])
  })
})
