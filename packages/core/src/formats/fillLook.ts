import { noTax, plainBuying } from '../design/money.js'
import { own } from '../units/own.js'
import { nothingLabeled, plainOfKind } from '../design/piece.js'
import { noIntent } from '../design/intent.js'
import { noMenu } from '../design/menu.js'
import {
  bareLamp,
  oneKind,
  plainGuest,
  plainLinens,
  plainPlaced,
  plainRoom,
  plainSchool,
  plainSetting,
  plainStems,
  plainTable,
  plainView
} from '../design/newLook.js'

/** What files of version 1 written before these parts existed do not have. */
const lookDefaults = {
  verdicts: [],
  lookAgainOn: null,
  ask: '',
  room: plainRoom,
  menu: noMenu,
  shops: [],
  claims: [],
  interchangeable: [],
  buying: plainBuying
} as const
const pieceDefaults = { first: [], of: null, ...nothingLabeled } as const
const runnerDefaults = { folded: { length: 1, width: 1 } } as const
const dishDefaults = { toolId: null, spots: [] } as const
const offerDefaults = { listCents: null, untilDay: null, noted: null } as const
const notedDefaults = { photoId: null } as const

/** An older look made whole: absent parts get the value that changes nothing; anything else is left for the schema to judge. */
export function fillLook(value: unknown): unknown {
  if (!isRecord(value)) return value
  return {
    ...lookDefaults,
    ...value,
    intent: filled(value['intent'] ?? noIntent, { ...noIntent }),
    room: fillRoom(value['room']),
    school: filled(value['school'], plainSchool),
    centerpiece: each(value['centerpiece'], fillPlaced),
    variants: each(value['variants'] ?? [], (variant) => (isRecord(variant) ? { ...variant, centerpiece: each(variant['centerpiece'], fillPlaced) } : variant)),
    money: filled(value['money'], noTax),
    buying: filled(value['buying'] ?? plainBuying, { borrowed: [], planned: null }),
    table: filled(value['table'], plainTable),
    linens: fillLinens(value['linens']),
    menu: fillMenu(value['menu']),
    setting: filled(value['setting'], plainSetting),
    kinds: fillKinds(value['kinds'] ?? oneKind),
    guests: each(value['guests'], (guest) => filled(guest, plainGuest)),
    pieces: each(value['pieces'], fillPiece),
    offers: each(value['offers'], fillOffer)
  }
}

/** The same for one offer. */
export function fillOffer(value: unknown): unknown {
  const offer = filled(value, offerDefaults)
  return isRecord(offer) && isRecord(offer['noted']) ? { ...offer, noted: filled(offer['noted'], notedDefaults) } : offer
}

/** The same for one piece. */
export function fillPiece(value: unknown): unknown {
  const piece = filled(value, pieceDefaults)
  if (!isRecord(piece) || typeof piece['kind'] !== 'string') return piece
  return filled(piece, own<Readonly<Record<string, unknown>>>(plainOfKind, piece['kind']) ?? {})
}

function fillPlaced(value: unknown): unknown {
  const placed = filled(value, plainPlaced)
  return isRecord(placed) && isRecord(placed['arrangement']) ? { ...placed, arrangement: filled(placed['arrangement'], plainStems) } : placed
}

function fillRoom(value: unknown): unknown {
  const room = filled(value ?? {}, { ...plainRoom })
  if (!isRecord(room)) return room
  const { behind, fixture } = room
  return {
    ...room,
    ...(isRecord(fixture) ? { fixture: filled(fixture, bareLamp) } : {}),
    ...(isRecord(behind) ? { behind: { ...behind, art: each(behind['art'], (art) => filled(art, plainView)) } } : {})
  }
}

function fillLinens(value: unknown): unknown {
  const linens = filled(value, plainLinens)
  return isRecord(linens) && isRecord(linens['runner']) ? { ...linens, runner: filled(linens['runner'], runnerDefaults) } : linens
}

function fillKinds(value: unknown): unknown {
  if (!isRecord(value)) return value
  const fill = (other: unknown) => (isRecord(other) ? { ...other, setting: filled(other['setting'], plainSetting) } : other)
  return { ...value, others: each(value['others'], fill) }
}

function fillMenu(value: unknown): unknown {
  if (value === undefined) return noMenu
  return isRecord(value) ? { ...value, dishes: each(value['dishes'], (dish) => filled(dish, dishDefaults)) } : value
}

function filled(value: unknown, defaults: Readonly<Record<string, unknown>>): unknown {
  if (!isRecord(value) || Object.keys(defaults).every((key) => key in value)) return value
  return { ...defaults, ...value }
}

function each(value: unknown, fill: (item: unknown) => unknown): unknown {
  return Array.isArray(value) ? value.map(fill) : value
}

/** Whether this is an object of JSON. */
export function isRecord(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value)
}
