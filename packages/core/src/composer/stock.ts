import { chromaOf, colorDistance } from '../color/colorWords.js'
import { piecesOf } from '../design/find.js'
import type { Look, Placed } from '../design/look.js'
import { extentSize, isForUse, isStanding, type Candle, type Holder, type StandingPiece } from '../design/piece.js'
import { pieceUses } from '../design/pieceUses.js'
import { candleLifeMin } from '../light/candleLife.js'
import { holderFit } from '../light/holderFit.js'
import { BUD_MOUTH_MM } from '../reference/composition.js'
import { hasCoinCell, isSmallPart } from '../reference/smallParts.js'
import { cellsPerFlameless } from '../reference/supplies.js'
import { takesStems } from '../solids/pieceSolids.js'
import { raised, type Brief } from './brief.js'
import { metals } from '../reference/materials.js'
import { familiesOf, formOf, type Family } from '../composition/families.js'

/** Where pieces may come from: the cupboard alone; that and what wilts or burns from shops; anything shops sell as well; or only what stands there. */
export const sources = ['owned', 'few-new', 'all-new', 'placed'] as const
export type Source = (typeof sources)[number]

/** What a piece can be in a middle. */
export type Part = 'mass' | 'trough' | 'bud' | 'stick' | 'votive' | 'hurricane' | 'fruit' | 'compote' | 'small' | 'useful' | 'garland' | 'tray' | 'board'

/** A piece that can be cast, with its candle, and how many there are. */
export interface Option {
  readonly piece: StandingPiece
  readonly family: Family
  readonly part: Part
  readonly count: number
  readonly candle: Candle | null
  /** How well it goes with what is laid, 0 to 1. */
  readonly suits: number
}

export type Stock = Readonly<Record<Part, readonly Option[]>>

/** Masses stand in vessels between these heights, with a mouth no narrower: our own starting values. */
const MASS_MOUTH_MM = 68
const MASS_HEIGHT_MM = 165
const BOARD_RIM_MM = 24

/** What of the options says which pieces may be had. */
export interface StockOptions {
  readonly from: Source
  /** Ids of pieces that are not to be used. */
  readonly without?: readonly string[]
  /** Groups of ids the stylist has said belong together. */
  readonly together?: readonly (readonly string[])[]
}

/** What there is for each part, what suits the table best first. */
export function stockOf(brief: Brief, options: StockOptions, loose: readonly Placed[] = []): Stock {
  const { from } = options
  const { look } = brief
  const without = new Set(options.without)
  const stock: Record<Part, Option[]> = {
    mass: [],
    trough: [],
    bud: [],
    stick: [],
    votive: [],
    hurricane: [],
    fruit: [],
    compote: [],
    small: [],
    useful: [],
    garland: [],
    tray: [],
    board: []
  }
  const used = usedCounts(look)
  const offered = offeredCounts(look)
  const standing = countsOf(loose)
  const families = new Map(familiesOf(look.pieces, options.together).flatMap((family) => family.pieces.map((piece) => [piece.id, family] as const)))
  for (const piece of look.pieces) {
    if (!isStanding(piece) || without.has(piece.id) || piece.of !== null || (piece.bareBack && look.guests.length > 0)) continue
    if (look.household.toddlers && isSmallPart(piece)) continue
    const part = partOf(piece)
    if (part === null) continue
    const mayBuy = from === 'all-new' || (from === 'few-new' && piece.material === 'fruit')
    const had = from === 'placed' ? (standing.get(piece.id) ?? 0) : Math.max(0, piece.owned - (used.get(piece.id) ?? 0))
    const candle = piece.kind === 'holder' ? candleFor(brief, piece, from, offered) : null
    if (piece.kind === 'holder' && !candle) continue
    const lit = candle && from === 'owned' && brief.leftCents <= 0 ? litOwned(look, candle) : Infinity
    const count = Math.min(lit, had + (mayBuy ? (offered.get(piece.id) ?? 0) : 0))
    if (count === 0) continue
    stock[part].push({ piece, part, family: families.get(piece.id)!, count, candle, suits: raised(brief, piece, suitsOf(brief, piece)) })
  }
  for (const list of Object.values(stock)) list.sort((a, b) => b.suits - a.suits || b.count - a.count)
  return stock
}

/** How many of a stem may be had: less what other occasions lay at the time, more by what may be bought. */
export function stemsToHave(look: Look, from: Source): (stemId: string) => number {
  const offered = offeredCounts(look)
  const had = new Map(piecesOf(look, 'stem').map((stem) => [stem.id, stem.owned]))
  for (const claim of look.claims) if (!claim.settled && had.has(claim.pieceId)) had.set(claim.pieceId, Math.max(0, had.get(claim.pieceId)! - claim.count))
  return (id) => (had.get(id) ?? 0) + (from === 'owned' ? 0 : (offered.get(id) ?? 0))
}

/** Whether a middle takes no more of a stem than there is, or than is kept already. */
export function hasStems(centerpiece: readonly Placed[], kept: readonly Placed[], toHave: (stemId: string) => number): boolean {
  const before = stemCounts(kept)
  return [...stemCounts(centerpiece)].every(([id, count]) => count <= Math.max(toHave(id), before.get(id) ?? 0))
}

function stemCounts(placed: readonly Placed[]): ReadonlyMap<string, number> {
  const counts = new Map<string, number>()
  for (const { arrangement } of placed) for (const { stemId, count } of arrangement?.stems ?? []) counts.set(stemId, (counts.get(stemId) ?? 0) + count)
  return counts
}

/** Pieces laid elsewhere on this table, kept in its middle, or laid by other occasions at the time. */
function usedCounts(look: Look): Map<string, number> {
  const used = new Map<string, number>()
  const add = (id: string, count: number) => used.set(id, (used.get(id) ?? 0) + count)
  for (const placed of look.centerpiece) add(placed.pieceId, 1)
  for (const { role, pieceId } of pieceUses(look)) if (role === 'vessel') add(pieceId, Infinity)
  for (const claim of look.claims) if (!claim.settled) add(claim.pieceId, claim.count)
  return used
}

function countsOf(placed: readonly Placed[]): Map<string, number> {
  const counts = new Map<string, number>()
  for (const { pieceId } of placed) counts.set(pieceId, (counts.get(pieceId) ?? 0) + 1)
  return counts
}

function offeredCounts(look: Look): Map<string, number> {
  const offered = new Map<string, number>()
  for (const offer of look.offers) if (offer.priceCents !== null) offered.set(offer.pieceId, (offered.get(offer.pieceId) ?? 0) + offer.packSize * offer.stock)
  return offered
}

function partOf(piece: StandingPiece): Part | null {
  switch (piece.kind) {
    case 'holder':
      return piece.takes === 'taper' ? 'stick' : piece.takes === 'pillar' ? (piece.chimney ? 'hurricane' : null) : 'votive'
    case 'vessel':
      if (!takesStems(piece)) return null
      if (piece.form === 'trough') return piece.heightMm <= MASS_HEIGHT_MM ? 'trough' : null
      if (piece.mouthMm <= BUD_MOUTH_MM) return 'bud'
      return piece.mouthMm >= MASS_MOUTH_MM && piece.heightMm <= MASS_HEIGHT_MM ? 'mass' : null
    case 'tray':
      if (piece.upper.length > 0 || piece.form === 'mirror') return null
      if (piece.rimMm <= BOARD_RIM_MM && (piece.form === 'board' || piece.wallMm === 0)) return 'board'
      return piece.rimMm <= 45 ? 'tray' : null
    case 'riser':
      return null
    case 'ornament': {
      if (isForUse(piece)) return 'useful'
      if (piece.form === 'garland') return 'garland'
      if (piece.form === 'compote') return 'compote'
      if (piece.material === 'fruit') return 'fruit'
      const { lengthMm, widthMm } = extentSize(piece.extent)
      const small = piece.form === 'pods' || piece.form === 'figure'
      return small && piece.heightMm <= 90 && lengthMm <= 130 && lengthMm < 1.6 * widthMm ? 'small' : null
    }
  }
}

/** The candle for a holder: one that lasts, flameless where the house asks for it, owned first, quiet in color; null where there is none to be had. */
function candleFor(brief: Brief, holder: Holder, from: Source, offered: ReadonlyMap<string, number>): Candle | null {
  if (brief.candles === 'none') return null
  const { look } = brief
  const askedMin = look.occasion.endMin - lightAtMin(look)
  const fitting = piecesOf(look, 'candle').filter(
    (candle) =>
      !holderFit(holder, candle) &&
      !(look.household.toddlers && hasCoinCell(candle)) &&
      (candle.burn.kind === 'flameless') === (brief.candles === 'flameless') &&
      candleLifeMin(candle) >= askedMin
  )
  const had = fitting.filter((candle) => candle.owned > 1 || (from !== 'owned' && (offered.get(candle.id) ?? 0) > 0))
  const rank = (candle: Candle) => chromaOf(candle.color) + Math.abs(candle.heightMm - 230) / 2000 - Math.min(candle.owned, 12) / 60
  return had.sort((a, b) => rank(a) - rank(b))[0] ?? null
}

/** So many of a candle burn with what is owned: as many as there are, flameless ones with their cells. */
function litOwned({ pieces }: Look, candle: Candle): number {
  if (candle.burn.kind === 'wax') return candle.owned
  const { use, count } = cellsPerFlameless[candle.form]
  const cells = pieces.reduce((sum, piece) => sum + (piece.kind === 'supply' && piece.use === use ? piece.owned : 0), 0)
  return Math.min(candle.owned, Math.floor(cells / count))
}

/** Lit a quarter of an hour before guests arrive. */
export function lightAtMin(look: Look): number {
  return Math.max(0, look.occasion.arriveMin - 15)
}

/** Metal that answers the flatware, and colors met on the table already or quiet ones. */
function suitsOf(brief: Brief, piece: StandingPiece): number {
  const metal = metals.has(piece.material) ? (brief.metal === null || brief.metal === piece.material ? 1 : 0.35) : 0.95
  const color = piece.color
  if (metals.has(piece.material) && formOf(piece) !== 'compote') return metal
  const met = Math.max(0, ...brief.colors.map((other) => Math.exp(-colorDistance(other, color) / 0.14)))
  const quiet = chromaOf(color) < 0.05 ? 0.8 : 0
  return metal * Math.max(met, quiet, 0.3)
}
