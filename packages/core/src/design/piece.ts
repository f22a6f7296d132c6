/** Things with sizes. Lengths in millimeters, counts in pieces, colors as `#rrggbb`. */

export const materials = [
  'porcelain',
  'stoneware',
  'glass',
  'brass',
  'steel',
  'silver',
  'wood',
  'rattan',
  'linen',
  'cotton',
  'wool',
  'stone',
  'wax',
  'plant',
  'dried',
  'faux',
  'paper',
  'fruit',
  'resin'
] as const
export type Material = (typeof materials)[number]

export const plateRoles = ['charger', 'dinner', 'salad', 'bread', 'bowl'] as const
export type PlateRole = (typeof plateRoles)[number]
export const glassRoles = ['water', 'white', 'red', 'flute'] as const
export type GlassRole = (typeof glassRoles)[number]
export const flatwareRoles = [
  'dinner-fork',
  'salad-fork',
  'fish-fork',
  'oyster-fork',
  'pastry-fork',
  'dinner-knife',
  'steak-knife',
  'fish-knife',
  'soup-spoon',
  'dessert-fork',
  'dessert-spoon'
] as const
export type FlatwareRole = (typeof flatwareRoles)[number]
export const stemRoles = ['focal', 'filler', 'line', 'foliage'] as const
export type StemRole = (typeof stemRoles)[number]
export const candleForms = ['taper', 'pillar', 'votive', 'tealight'] as const
export type CandleForm = (typeof candleForms)[number]
export const vesselForms = ['jug', 'bowl', 'bottle', 'cylinder', 'trough', 'cloche', 'lantern'] as const
export const ornamentForms = [
  'fruit',
  'compote',
  'greens',
  'figure',
  'garland',
  'moss',
  'grass',
  'beads',
  'pods',
  'wreath',
  'sign',
  'throw',
  'lights',
  'shakers',
  'napkin-holder'
] as const
export const trayForms = ['tray', 'board', 'mirror', 'turntable', 'dough-bowl', 'box', 'basket', 'tiers'] as const
export type TrayForm = (typeof trayForms)[number]

interface PieceCommon {
  readonly id: string
  readonly name: string
  readonly color: string
  readonly accent: string
  readonly material: Material
  /** How many the household owns; 0 for a thing only a shop has. */
  readonly owned: number
  /** Where it is kept: room, shelf, bin, parted by commas. Empty when unknown. */
  readonly kept: string
  /** What must be done to it before it can be laid. */
  readonly first: readonly FirstCare[]
  /** Id of the piece this one is another use of (a goblet as a bud vase), or null; the two share one count. */
  readonly of: string | null
  /** Its pattern in the stylist's words; empty when plain or unknown. */
  readonly pattern: string
  /** What its label says of food and of heat. */
  readonly foodSafe: Answer
  readonly heatSafe: Answer
  /** Unfinished behind: its front is its own -y side. */
  readonly bareBack: boolean
}

/** A piece of which nothing but its sizes is known. */
export const nothingLabeled = { pattern: '', foodSafe: 'unknown', heatSafe: 'unknown', bareBack: false } as const

/** The same for what only pieces of a kind have. */
export const plainOfKind: Readonly<Record<string, Readonly<Record<string, unknown>>>> = {
  tray: { form: 'tray', wallMm: 0, handles: false, loadG: null, upper: [] },
  riser: { legs: false, loadG: null },
  vessel: { lengthMm: null },
  ornament: { cordMm: null },
  cloth: { flaws: [] },
  runner: { flaws: [] }
}

export const answers = ['unknown', 'yes', 'no'] as const
export type Answer = (typeof answers)[number]

export const firstCares = ['wash', 'press', 'polish', 'mend', 'recolor', 'untag'] as const
export type FirstCare = (typeof firstCares)[number]

export type Extent =
  | { readonly kind: 'rectangle'; readonly lengthMm: number; readonly widthMm: number }
  | { readonly kind: 'square'; readonly sideMm: number }
  | { readonly kind: 'round'; readonly diameterMm: number }
  | { readonly kind: 'oval'; readonly lengthMm: number; readonly widthMm: number }

export type Plate = PieceCommon & { readonly kind: 'plate'; readonly role: PlateRole; readonly diameterMm: number; readonly heightMm: number }
export type Glass = PieceCommon & {
  readonly kind: 'glass'
  readonly role: GlassRole
  readonly footMm: number
  readonly bowlMm: number
  readonly heightMm: number
}
export type Flatware = PieceCommon & { readonly kind: 'flatware'; readonly role: FlatwareRole; readonly lengthMm: number; readonly widthMm: number }
export type Napkin = PieceCommon & { readonly kind: 'napkin'; readonly sideMm: number }
export const flawKinds = ['hole', 'slit', 'stain'] as const
/** A spot of a textile that something must stand on, from its middle with its length along x. */
export interface Flaw {
  readonly kind: (typeof flawKinds)[number]
  readonly xMm: number
  readonly yMm: number
}
export type Cloth = PieceCommon & { readonly kind: 'cloth'; readonly extent: Extent; readonly flaws: readonly Flaw[] }
export type Runner = PieceCommon & { readonly kind: 'runner'; readonly lengthMm: number; readonly widthMm: number; readonly flaws: readonly Flaw[] }
export type Mat = PieceCommon & { readonly kind: 'mat'; readonly extent: Extent }
/**
 * A cloche stands over what is `on` it; a lantern has a door `mouthMm` wide into a room `depthMm` high; a trough is oblong, `lengthMm` along and
 * its other measures across.
 */
export type Vessel = PieceCommon & {
  readonly kind: 'vessel'
  readonly form: (typeof vesselForms)[number]
  readonly baseMm: number
  readonly widestMm: number
  /** Of a trough, at its longest; null for what is round. */
  readonly lengthMm: number | null
  readonly mouthMm: number
  readonly heightMm: number
  readonly depthMm: number
}
export type Stem = PieceCommon & {
  readonly kind: 'stem'
  readonly role: StemRole
  readonly form: 'open' | 'globe' | 'spray' | 'leafy'
  /** Botanical genus, for the safety notes; empty when unknown. */
  readonly genus: string
  readonly thicknessMm: number
  readonly headMm: number
  readonly lengthMm: number
}
export type Candle = PieceCommon & {
  readonly kind: 'candle'
  readonly form: CandleForm
  readonly diameterMm: number
  readonly heightMm: number
  readonly burn:
    { readonly kind: 'wax'; readonly wax: 'paraffin' | 'beeswax'; readonly gramsPerHour: number } | { readonly kind: 'flameless'; readonly hours: number }
}
export type Holder = PieceCommon & {
  readonly kind: 'holder'
  readonly takes: CandleForm
  readonly cupMm: number
  readonly baseMm: number
  /** Height at which the foot of the candle stands. */
  readonly heightMm: number
  /** Glass wall around the flame: inner width and rim height, or none. */
  readonly chimney: { readonly innerMm: number; readonly rimMm: number } | null
}
export type Riser = PieceCommon & {
  readonly kind: 'riser'
  readonly extent: Extent
  readonly heightMm: number
  /** Stands on legs, so that one sees below it. */
  readonly legs: boolean
  /** What it carries, in grams; null when nobody knows. */
  readonly loadG: number | null
}
/** Whatever has a floor and a rim: trays and boards, and with a high rim long bowls, boxes and baskets. */
export type Tray = PieceCommon & {
  readonly kind: 'tray'
  readonly form: TrayForm
  readonly extent: Extent
  readonly floorMm: number
  readonly rimMm: number
  readonly wallMm: number
  readonly handles: boolean
  readonly loadG: number | null
  /** Levels of a tiered stand above its floor, from the lowest; empty for all other forms. */
  readonly upper: readonly Tier[]
}
/** A round level of a tiered stand, by the height of its floor above the stand's foot. */
export interface Tier {
  readonly heightMm: number
  readonly diameterMm: number
}
/** A wreath is as thick as it is high, the rest is its hole; beads, garlands and strands of lights are `extent` long and wide. */
export type Ornament = PieceCommon & {
  readonly kind: 'ornament'
  readonly form: (typeof ornamentForms)[number]
  readonly extent: Extent
  readonly heightMm: number
  /** Length of a cord that must reach a socket, in its accent color; null when it has none. */
  readonly cordMm: number | null
}

export const supplyUses = [
  'foam',
  'tape',
  'frog',
  'wire',
  'wax-dots',
  'lighter',
  'coin-cell',
  'aa-cell',
  'polish',
  'spray',
  'dye',
  'linen-care',
  'glue',
  'twine',
  'filling',
  'other'
] as const
export type SupplyUse = (typeof supplyUses)[number]
export const servingTools = ['spoon', 'fork', 'tongs', 'ladle', 'knife'] as const
export type ServingTool = (typeof servingTools)[number]
/** What a dish is served with. */
export type Tool = PieceCommon & { readonly kind: 'tool'; readonly tool: ServingTool; readonly lengthMm: number }
/** A thing used up: counted in the units it is used in (bricks, rolls, dots, cells). */
export type Supply = PieceCommon & {
  readonly kind: 'supply'
  readonly use: SupplyUse
  /** Fewer than this on the shelf is low. */
  readonly lowMark: number
}

export type Piece = Plate | Glass | Flatware | Napkin | Cloth | Runner | Mat | Vessel | Stem | Candle | Holder | Riser | Tray | Ornament | Tool | Supply
export const pieceKinds = [
  'plate',
  'glass',
  'flatware',
  'napkin',
  'cloth',
  'runner',
  'mat',
  'vessel',
  'stem',
  'candle',
  'holder',
  'riser',
  'tray',
  'ornament',
  'tool',
  'supply'
] as const satisfies readonly Piece['kind'][]
export type PieceKind = Piece['kind']
export type PieceOf<K extends PieceKind> = Extract<Piece, { kind: K }>

/** Kinds that stand in the middle of the table by themselves. */
export type StandingPiece = Vessel | Holder | Riser | Tray | Ornament
export const standingKinds = ['vessel', 'holder', 'riser', 'tray', 'ornament'] as const satisfies readonly StandingPiece['kind'][]

export function isStanding(piece: Piece): piece is StandingPiece {
  return (standingKinds as readonly string[]).includes(piece.kind)
}

/** The rectangle around an extent: length along x, width along y. */
export function extentSize(extent: Extent): { readonly lengthMm: number; readonly widthMm: number } {
  switch (extent.kind) {
    case 'round':
      return { lengthMm: extent.diameterMm, widthMm: extent.diameterMm }
    case 'square':
      return { lengthMm: extent.sideMm, widthMm: extent.sideMm }
    default:
      return { lengthMm: extent.lengthMm, widthMm: extent.widthMm }
  }
}

/** How much longer than wide a vessel is: of a trough, 0 for what is round. */
export function longerMm({ form, lengthMm, widestMm }: Pick<Vessel, 'form' | 'lengthMm' | 'widestMm'>): number {
  return form === 'trough' && lengthMm !== null ? Math.max(0, lengthMm - widestMm) : 0
}

/** What a level of a vessel covers that is so wide across, in square millimeters: a disc, or the rectangle of a trough. */
export function levelMm2(vessel: Vessel, acrossMm: number): number {
  return vessel.form === 'trough' ? acrossMm * (acrossMm + longerMm(vessel)) : (Math.PI / 4) * acrossMm ** 2
}

/** Whether a thing of the middle stands there to be used: no composition is made of it, and it takes room. */
export function isForUse(piece: Piece): boolean {
  return piece.kind === 'ornament' && (piece.form === 'shakers' || piece.form === 'napkin-holder')
}

/** What a shop sells: `packSize` of one piece for `priceCents` on the day it was asked for; a price of null is not known yet. */
export interface Offer {
  readonly id: string
  readonly pieceId: string
  readonly shop: string
  readonly packSize: number
  readonly priceCents: number | null
  /** Packs on the shelf. */
  readonly stock: number
  /** Days from the order until it can be fetched or is delivered; 0 off the shelf. */
  readonly leadDays: number
  /** Price before the day's discount; null when there is none. */
  readonly listCents: number | null
  /** Last day of the price or the season, ISO; null when open. */
  readonly untilDay: string | null
  /** Seen by the stylist: the day, ISO, and a note; null when a shop told it. */
  readonly noted: { readonly day: string; readonly note: string; readonly photoId: string | null } | null
}
