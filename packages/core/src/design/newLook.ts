import { noIntent } from './intent.js'
import type { Guest, Look, Placed, Occasion, Room, SettingKinds, Table } from './look.js'
import { noMenu } from './menu.js'
import { noTax, plainBuying, type Shop } from './money.js'
import type { FlatwareRole, Offer, Piece, PieceKind, PieceOf } from './piece.js'

/** What somebody says before there is a look. */
export interface Wishes {
  readonly id: string
  readonly title: string
  readonly place: string
  readonly date: string
  readonly arriveMin: number
  readonly endMin: number
  readonly guests: number
  readonly totalCents: number
  readonly reservePercent: number
  readonly currency: string
  readonly table: Table
}

/**
 * A first look from the wishes and the cupboard: plain settings of what is owned most, nothing in the middle yet. `like` is an earlier look of the
 * same stylist: the room, the household and the ways of working are taken over from it.
 */
export function newLook(wishes: Wishes, pieces: readonly Piece[], offers: readonly Offer[], shops: readonly Shop[], like?: Look): Look {
  const occasion: Occasion = {
    title: wishes.title,
    place: wishes.place,
    date: wishes.date,
    arriveMin: wishes.arriveMin,
    endMin: wishes.endMin,
    courses: ['main', 'dessert'],
    notes: ''
  }
  const dinner = mostOwned(pieces, 'plate', (plate) => plate.role === 'dinner')
  const napkin = mostOwned(pieces, 'napkin')
  const water = mostOwned(pieces, 'glass', (glass) => glass.role === 'water')
  return {
    format: 'hestiad-look',
    version: 1,
    id: wishes.id,
    name: 'First look',
    occasion,
    intent: noIntent,
    verdicts: [],
    lookAgainOn: null,
    ask: '',
    household: like?.household ?? { cats: false, dogs: false, toddlers: false },
    money: { currency: wishes.currency, totalCents: wishes.totalCents, reservePercent: wishes.reservePercent, ...noTax },
    // what one look was laid out by, and the rules it broke on purpose, are not the next one's
    school: like
      ? { ...like.school, pattern: null, meant: [] }
      : { comfort: 'usual', drop: 'casual', fullness: 'usual', safety: 'US', spareStemsPercent: 10, ...plainSchool },
    table: wishes.table,
    room: like?.room ?? plainRoom,
    guests: Array.from({ length: wishes.guests }, (_, i) => newGuest(i + 1)),
    linens: { clothId: null, runner: null, matId: null, ...plainLinens },
    setting: {
      plateIds: dinner ? [dinner.id] : [],
      breadPlateId: null,
      napkin: napkin ? { pieceId: napkin.id, place: 'on-plate', fold: 'band' } : null,
      flatwareIds: onePattern(pieces),
      dessertAbove: true,
      glassIds: water ? [water.id] : [],
      ...plainSetting
    },
    kinds: oneKind,
    menu: noMenu,
    centerpiece: [],
    variants: [],
    pieces,
    offers,
    shops,
    claims: [],
    interchangeable: [],
    buying: plainBuying
  }
}

/** Another look for the same occasion, company and table: nothing on it yet, nothing bought for it. */
export function beginAnother(look: Look, name: string): Look {
  return {
    ...look,
    name,
    linens: { ...plainLinens, clothId: null, runner: null, matId: null },
    kinds: oneKind,
    setting: { ...look.setting, ...plainSetting, napkin: null, breadPlateId: null, plateIds: [], glassIds: [] },
    centerpiece: [],
    variants: [],
    verdicts: [],
    lookAgainOn: null,
    ask: '',
    interchangeable: [],
    buying: { ...plainBuying, tripCents: look.buying.tripCents, reusePercent: look.buying.reusePercent }
  }
}

/** Linens and a setting without the extras. */
export const plainLinens = { lapMm: null, topper: null, pad: false, sewing: null } as const
export const plainSetting = { substitutes: [], glassesOutMm: 0, card: false, favorId: null, leavesId: null, starId: null } as const
/** Everybody has the same. */
export const oneKind: SettingKinds = { others: [], spread: 'same', byGuest: [], mirrorLeftHanded: false, childSafe: false, charger: 'stays' }
/** A guest without wishes. */
export const plainGuest = { chair: null, host: false, hearing: false, sight: false, diet: '', near: [], apart: [], seatLocked: false } as const
/** A room of which nothing is known. */
export const plainRoom: Room = {
  clearMm: { north: null, east: null, south: null, west: null },
  pass: false,
  lightFrom: null,
  fixture: null,
  views: [],
  door: null,
  behind: null,
  colors: []
}
/** A lamp with nothing round it. */
export const bareLamp = { greens: null } as const
/** A table with plain chairs whose apron nobody has measured. */
export const plainTable = { apronMm: null, chair: { kind: 'side', widthMm: 510 }, set: 'whole' } as const

/** The table a new occasion begins with, until its own is told: our own choice. */
export const firstTable: Table = {
  name: 'Table',
  shape: { kind: 'rectangle', lengthMm: 2133.6, widthMm: 1066.8 },
  leaves: { owned: 0, in: 0, eachMm: 0 },
  support: { kind: 'pedestal' },
  heightMm: 740,
  seatHeightMm: 450,
  heads: 'open',
  color: '#a9764a',
  ...plainTable
}

/** A guest of whom nothing is known yet. */
export function newGuest(number: number): Guest {
  return {
    id: `guest-${number}`,
    name: `Guest ${number}`,
    body: { kind: 'adult', build: 'unstated', stature: 'average' },
    leftHanded: false,
    wheelchair: false,
    ...plainGuest
  }
}

function mostOwned<K extends PieceKind>(pieces: readonly Piece[], kind: K, suits: (piece: PieceOf<K>) => boolean = () => true): PieceOf<K> | undefined {
  return pieces
    .filter((piece): piece is PieceOf<K> => piece.kind === kind && suits(piece as PieceOf<K>))
    .reduce<PieceOf<K> | undefined>((best, piece) => (best && best.owned >= piece.owned ? best : piece), undefined)
}

/** The most owned piece for each role. */
function onePattern(pieces: readonly Piece[]): string[] {
  const roles = new Set<FlatwareRole>(pieces.flatMap((piece) => (piece.kind === 'flatware' ? [piece.role] : [])))
  return [...roles].map((role) => mostOwned(pieces, 'flatware', (piece) => piece.role === role)!.id)
}

/** Nothing asked of the middle yet. */
export const plainSchool = { strictFlames: false, hiddenPercent: 20, symmetry: 'by-weight', groups: 'odd', pattern: null, meant: [] } as const
/** A piece that stands by itself, whole and unlocked. */
export const plainPlaced = { how: 'standing', level: 0, locked: false, group: null, part: 1, filling: null } as const
/** Stems held by what is usual for their vessel. */
export const plainStems = { mechanics: null } as const
/** A thing on the wall of which nobody said what it is. */
export const plainView = { kind: 'picture' } as const

/** A piece put on the table at a spot. */
export function newPlaced(id: string, pieceId: string, xMm = 0, yMm = 0): Placed & { arrangement: null; candle: null } {
  return { id, pieceId, xMm, yMm, turnDeg: 0, on: null, atMeal: true, ...plainPlaced, candle: null, arrangement: null }
}
