import { readFileSync } from 'node:fs'
import {
  createAssessor,
  newGuest,
  noFacts,
  noIntent,
  noMenu,
  plainLinens,
  plainPlaced,
  plainRoom,
  plainSchool,
  plainTable,
  type CupboardItem,
  type Guest,
  type Piece,
  type Look,
  type Placed,
  type Table,
  type BareFinding,
  type FindingCode,
  type FindingOf,
  type Remedy
} from '@hestiad/core'

/** A demo look by its file's name. */
export function demoLook(name = 'pearl-anniversary'): Look {
  return JSON.parse(readFileSync(new URL(`../../../../demo/${name}.hestiad.json`, import.meta.url), 'utf8')) as Look
}

/** Pieces of which nothing more is known. */
export const items = (pieces: readonly Piece[]): CupboardItem[] => pieces.map((piece) => ({ piece, facts: noFacts }))

export const guests = (count: number): Guest[] => Array.from({ length: count }, (_, i) => newGuest(i + 1))

const inch = 25.4
const bare = {
  name: '',
  leaves: { owned: 0, in: 0, eachMm: 0 },
  support: { kind: 'pedestal' },
  heightMm: 740,
  seatHeightMm: 450,
  heads: 'open',
  color: '#aaaaaa',
  ...plainTable
} as const

export const roundTable = (diameterIn: number): Table => ({ ...bare, shape: { kind: 'round', diameterMm: diameterIn * inch } })
export const longTable = (lengthIn: number, widthIn: number, heads: Table['heads'] = 'open'): Table => ({
  ...bare,
  heads,
  shape: { kind: 'rectangle', lengthMm: lengthIn * inch, widthMm: widthIn * inch }
})
export const ovalTable = (lengthIn: number, widthIn: number): Table => ({
  ...bare,
  shape: { kind: 'oval', lengthMm: lengthIn * inch, widthMm: widthIn * inch }
})

/** The demo's cupboard, six guests at a plain long table without cloth, nothing in the middle, nobody else in the house. */
export function bareLook(): Look {
  const demo = demoLook()
  return {
    ...demo,
    centerpiece: [],
    table: longTable(110, 48),
    guests: guests(6),
    linens: { ...demo.linens, clothId: null, runner: null, topper: null, matId: null },
    school: { ...demo.school, ...plainSchool },
    room: plainRoom,
    household: { cats: false, dogs: false, toddlers: false }
  }
}

/** A piece of the demo's cupboard with something about it changed. */
export function changed(id: string, change: object): Piece {
  return { ...demoLook().pieces.find((piece) => piece.id === id)!, ...change } as Piece
}

/** Figures and findings of a look, without the remedies that `assess` looks for. */
export const measured = (look: Look) => createAssessor().measure(look)

/** The first finding of a code, if the look has one. */
export function firstOf<Code extends FindingCode>(look: Look, code: Code): FindingOf<Code> | undefined {
  return measured(look).findings.find((finding) => finding.code === code) as FindingOf<Code> | undefined
}

/** The first finding of a code, which the look has, with its remedies. */
export function findingOf<Code extends FindingCode>(look: Look, code: Code): FindingOf<Code> & { readonly remedies: readonly Remedy[] } {
  const finding = firstOf(look, code)
  if (!finding) throw new Error(`the look has no ${code}`)
  return { ...finding, remedies: createAssessor().remediesFor(look, finding as BareFinding) }
}

/** A piece of the middle, upright at the table's middle but for what is said. */
export const put = (id: string, pieceId: string, more: Partial<Placed> = {}): Placed => ({
  id,
  pieceId,
  xMm: 0,
  yMm: 0,
  turnDeg: 0,
  on: null,
  atMeal: true,
  ...plainPlaced,
  candle: null,
  arrangement: null,
  ...more
})

/** A look whose piece of an id is otherwise. */
export const withPiece = (look: Look, id: string, change: object): Look => ({
  ...look,
  pieces: look.pieces.map((piece) => (piece.id === id ? ({ ...piece, ...change } as Piece) : piece))
})

/** The demo's household with an empty long table for six that has nothing to mend. */
export function tidyLook(): Look {
  const demo = demoLook()
  return {
    ...demo,
    centerpiece: [],
    menu: noMenu,
    guests: guests(6),
    table: longTable(90, 44, 'closed'),
    household: { cats: false, dogs: false, toddlers: false },
    linens: { clothId: null, runner: null, matId: null, ...plainLinens },
    setting: { ...demo.setting, plateIds: ['dinner-oyster'], glassIds: ['water-goblet'] },
    money: { ...demo.money, totalCents: 100_000 }
  }
}

/** A supper with three things only, so that all of it can be told by hand: a cloth, a plate, a glass. */
export function threeThings(): Look {
  const pearl = demoLook('pearl-anniversary')
  return {
    ...pearl,
    intent: noIntent,
    linens: { ...pearl.linens, clothId: 'cloth-oyster-oval', runner: null, matId: null, topper: null },
    setting: { ...pearl.setting, plateIds: ['dinner-oyster'], glassIds: ['water-goblet'], flatwareIds: [], napkin: null, favorId: null, breadPlateId: null },
    kinds: { ...pearl.kinds, others: [], spread: 'same' },
    menu: { ...pearl.menu, dishes: [] },
    buying: { ...pearl.buying, bought: [], skipped: [] },
    centerpiece: []
  }
}
