import { newGuest, type Look, type TableShape } from '@hestiad/core'
import { demoLook } from './looks.js'

interface Laid {
  readonly guests: number
  readonly shape: TableShape
  readonly runner?: string | null
  readonly napkin?: string
  readonly plates?: readonly string[]
  readonly household?: Partial<Look['household']>
  readonly occasion?: Partial<Look['occasion']>
}

/** A table of the demo's household laid for so many, nothing in the middle, no dishes brought. */
function laidTable({ guests, shape, runner = 'runner-oyster-long', napkin = 'napkin-persimmon', plates, household, occasion }: Laid): Look {
  const demo = demoLook()
  return {
    ...demo,
    centerpiece: [],
    variants: [],
    guests: Array.from({ length: guests }, (_, i) => newGuest(i + 1)),
    menu: { ...demo.menu, dishes: [] },
    household: { cats: false, dogs: false, toddlers: false, ...household },
    occasion: { ...demo.occasion, ...occasion },
    money: { ...demo.money, totalCents: 90_000 },
    table: { ...demo.table, shape, leaves: { owned: 0, in: 0, eachMm: 450 } },
    linens: { ...demo.linens, clothId: null, lapMm: null, runner: runner === null ? null : { ...demo.linens.runner!, pieceId: runner } },
    setting: { ...demo.setting, napkin: { ...demo.setting.napkin!, pieceId: napkin }, ...(plates ? { plateIds: plates } : {}) }
  }
}

const straight = { kind: 'joined', lengthMm: 1800, widthMm: 1000, along: 2, across: 1 } as const

/** Tables of every form, as stylists meet them. */
export const tables = {
  oval: () => laidTable({ guests: 10, shape: { kind: 'oval', lengthMm: 2640, widthMm: 1270 }, runner: 'runner-smoke' }),
  long: () => laidTable({ guests: 12, shape: { kind: 'rectangle', lengthMm: 3050, widthMm: 1067 } }),
  rectangle: () => laidTable({ guests: 8, shape: { kind: 'rectangle', lengthMm: 2286, widthMm: 1016 }, napkin: 'napkin-smoke', runner: 'runner-moss' }),
  small: () =>
    laidTable({
      guests: 6,
      shape: { kind: 'rectangle', lengthMm: 1830, widthMm: 914 },
      runner: null,
      napkin: 'napkin-oyster',
      plates: ['charger-rattan', 'dinner-oyster']
    }),
  round: () => laidTable({ guests: 8, shape: { kind: 'round', diameterMm: 1676 }, runner: null }),
  roundForFour: () => laidTable({ guests: 4, shape: { kind: 'round', diameterMm: 1220 }, runner: null, napkin: 'napkin-smoke', plates: ['dinner-oyster'] }),
  square: () => laidTable({ guests: 8, shape: { kind: 'square', sideMm: 1520 }, runner: null }),
  racetrack: () => laidTable({ guests: 10, shape: { kind: 'racetrack', lengthMm: 2800, widthMm: 1200 }, runner: 'runner-gauze', napkin: 'napkin-oyster' }),
  boat: () => laidTable({ guests: 8, shape: { kind: 'boat', lengthMm: 2440, widthMm: 1200, endMm: 900 }, runner: 'runner-moss', napkin: 'napkin-oyster' }),
  halfRound: () => laidTable({ guests: 3, shape: { kind: 'half-round', diameterMm: 1500 }, runner: null }),
  joined: () => laidTable({ guests: 14, shape: { ...straight, form: 'straight' }, runner: null }),
  L: () => laidTable({ guests: 14, shape: { ...straight, form: 'L' }, runner: null }),
  T: () => laidTable({ guests: 16, shape: { ...straight, form: 'T' }, runner: null }),
  U: () => laidTable({ guests: 18, shape: { ...straight, form: 'U' }, runner: null }),
  lunch: () =>
    laidTable({
      guests: 8,
      shape: { kind: 'rectangle', lengthMm: 2286, widthMm: 1016 },
      runner: 'runner-gauze',
      napkin: 'napkin-oyster',
      occasion: { arriveMin: 720, endMin: 900 }
    }),
  toddler: () => laidTable({ guests: 8, shape: { kind: 'rectangle', lengthMm: 2500, widthMm: 1150 }, household: { toddlers: true, dogs: true } }),
  sideboard: (): Look => {
    const look = laidTable({ guests: 0, shape: { kind: 'rectangle', lengthMm: 1800, widthMm: 450 }, runner: null })
    return { ...look, table: { ...look.table, heightMm: 860 }, room: { ...look.room, behind: { art: [], sockets: [] }, views: [], door: null } }
  }
} as const satisfies Record<string, () => Look>

export type TableName = keyof typeof tables
