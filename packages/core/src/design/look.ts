import type { Course } from './course.js'
import type { Budget, Buying, Claim, Shop } from './money.js'
import type { FoldKind } from './foldKinds.js'
import type { Intent } from './intent.js'
import type { Menu } from './menu.js'
import type { Verdict } from './verdict.js'
import type { FlatwareRole, Offer, Piece } from './piece.js'

/** The look document, version 1: everything one design needs to be assessed anywhere. */
export interface Look {
  readonly format: 'hestiad-look'
  readonly version: 1
  readonly id: string
  readonly name: string
  readonly occasion: Occasion
  readonly intent: Intent
  /** What host, clients and stylist say of this look, one each. */
  readonly verdicts: readonly Verdict[]
  /** The day on which the stylist wants to look at it again with fresh eyes, ISO; null where none. */
  readonly lookAgainOn: string | null
  /** What the stylist would like to know of those who are shown it; empty for nothing. */
  readonly ask: string
  readonly household: Household
  readonly money: Budget
  readonly school: School
  readonly table: Table
  readonly room: Room
  readonly guests: readonly Guest[]
  readonly linens: Linens
  /** What every guest has, or kind A where there are more. */
  readonly setting: PlaceSetting
  readonly kinds: SettingKinds
  readonly menu: Menu
  readonly centerpiece: readonly Placed[]
  /** Middles that were tried and put aside, each with why. */
  readonly variants: readonly Variant[]
  readonly pieces: readonly Piece[]
  readonly offers: readonly Offer[]
  readonly shops: readonly Shop[]
  /** What other occasions lay of the same cupboard on days too near. */
  readonly claims: readonly Claim[]
  /** Ids of pieces that may stand in for one another, group by group. */
  readonly interchangeable: readonly (readonly string[])[]
  readonly buying: Buying
}

export interface Occasion {
  readonly title: string
  readonly place: string
  /** ISO date, `2027-02-06`. */
  readonly date: string
  /** Minutes after midnight; an end past midnight runs on beyond 1440. */
  readonly arriveMin: number
  readonly endMin: number
  readonly courses: readonly Course[]
  readonly notes: string
}

/** What laying a table asks of an occasion: its courses, wherever and whenever it is. */
export interface ForCourses {
  readonly occasion: Pick<Occasion, 'courses'>
}

export interface Household {
  readonly cats: boolean
  readonly dogs: boolean
  readonly toddlers: boolean
}

export type Comfort = 'tight' | 'usual' | 'roomy'
export type DropStyle = 'casual' | 'dressy' | 'formal'
export type Fullness = 'sparse' | 'usual' | 'lush'

/** What the stylist chose to be measured against. */
export interface School {
  readonly comfort: Comfort
  readonly drop: DropStyle
  readonly fullness: Fullness
  readonly safety: 'US' | 'EU'
  /** The venue wants the whole clearance from all that burns, fresh flowers too. */
  readonly strictFlames: boolean
  /** So much of a face may be hidden before it counts as not seen, percent. */
  readonly hiddenPercent: number
  /** Extra stems bought, as a percent of the stems used. */
  readonly spareStemsPercent: number
  readonly symmetry: Symmetry
  readonly groups: 'odd' | 'pairs'
  /** How the middle is laid out; null where the stylist has not said. */
  readonly pattern: PatternName | null
  /** Rules of composition that this look breaks on purpose. */
  readonly meant: readonly string[]
}

export type Symmetry = 'symmetric' | 'by-weight'
export const patternNames = ['one-focus', 'open-middle', 'flanked', 'run', 'garland', 'gathered-tray', 'patch', 'scatter', 'bud-vases', 'edible-board'] as const
/** Ways to lay out the middle of a table: common practice, no source. */
export type PatternName = (typeof patternNames)[number]

export type TableShape =
  | { readonly kind: 'rectangle'; readonly lengthMm: number; readonly widthMm: number }
  | { readonly kind: 'square'; readonly sideMm: number }
  | { readonly kind: 'round'; readonly diameterMm: number }
  | { readonly kind: 'oval'; readonly lengthMm: number; readonly widthMm: number }
  | { readonly kind: 'racetrack'; readonly lengthMm: number; readonly widthMm: number }
  /** Sides bowed outward from `endMm` at the ends to `widthMm` in the middle. */
  | { readonly kind: 'boat'; readonly lengthMm: number; readonly widthMm: number; readonly endMm: number }
  /** Its straight side, the diameter, stands at a wall. */
  | { readonly kind: 'half-round'; readonly diameterMm: number }
  | JoinedTables

export const joinForms = ['straight', 'L', 'T', 'U'] as const
/** Like tables pushed together: `along` of them end to end, and for L, T and U `across` more in each arm that goes down from them. */
export interface JoinedTables {
  readonly kind: 'joined'
  readonly form: (typeof joinForms)[number]
  readonly lengthMm: number
  readonly widthMm: number
  readonly along: number
  readonly across: number
}

export type Support =
  /** Two stands `insetMm` from the ends, each `footMm` thick along the table. */
  | { readonly kind: 'trestle'; readonly insetMm: number; readonly footMm: number }
  /** Two boards across the table, `insetMm` from the ends. */
  | { readonly kind: 'panel'; readonly insetMm: number }
  | { readonly kind: 'legs'; readonly legMm: number; readonly insetMm: number }
  | { readonly kind: 'pedestal' }

export interface Table {
  readonly name: string
  /** With no leaf in; leaves lengthen it along x. */
  readonly shape: TableShape
  readonly leaves: { readonly owned: number; readonly in: number; readonly eachMm: number }
  readonly support: Support
  readonly heightMm: number
  readonly seatHeightMm: number
  /** From the surface down to the lowest edge of apron and top; null when nobody has measured. */
  readonly apronMm: number | null
  readonly chair: Chair
  /** Whether somebody sits at the ends. */
  readonly heads: 'open' | 'closed'
  /** Guests spread over the whole of a long table, or together at its right end. */
  readonly set: 'whole' | 'one-end'
  readonly color: string
}

export const chairKinds = ['side', 'arm', 'bench'] as const
/** What guests sit on; a bench is `widthMm` long and shared. */
export interface Chair {
  readonly kind: (typeof chairKinds)[number]
  readonly widthMm: number
}

export const sides = ['north', 'east', 'south', 'west'] as const
/** A side of the room as drawn: north is up on the plan, the +y side of the table. */
export type Side = (typeof sides)[number]

/** A lamp over the middle: how high its lowest part hangs above the floor, how wide it is, and what is hung round it, as far below that part. */
export interface Lamp {
  readonly bottomMm: number
  readonly widthMm: number
  readonly greens: { readonly pieceId: string; readonly hangsMm: number } | null
}

/** What stands around and above the table. */
export interface Room {
  /** Clear from the table's edge to the wall or furniture on each side; null when open. */
  readonly clearMm: Readonly<Record<Side, number | null>>
  /** Whether people walk behind the chairs to serve or to leave. */
  readonly pass: boolean
  /** Where daylight comes in. */
  readonly lightFrom: Side | null
  readonly fixture: Lamp | null
  /** What one sees on the walls round the table. */
  readonly views: readonly RoomView[]
  /** The side people come in from; null when unsaid. */
  readonly door: Side | null
  /** The wall behind a surface that is seen from one side (sideboard, mantel, shelf): its +y side; null where people walk or sit all round. */
  readonly behind: WallBehind | null
  /** Colors of what stays in the room whatever is laid. */
  readonly colors: readonly RoomColor[]
}

export const roomThings = ['walls', 'floor', 'wood', 'curtains', 'chairs', 'metal', 'art'] as const
export type RoomThing = (typeof roomThings)[number]
export interface RoomColor {
  readonly of: RoomThing
  readonly color: string
}
export const MOST_ROOM_COLORS = 12

export const viewKinds = ['picture', 'window', 'plant'] as const
/** Something worth seeing on or before a wall: x along the wall from the middle of the table, heights above the floor. */
export interface WallView {
  readonly id: string
  readonly name: string
  readonly kind: (typeof viewKinds)[number]
  readonly xMm: number
  readonly widthMm: number
  readonly bottomMm: number
  readonly heightMm: number
}
export type RoomView = WallView & { readonly side: Side }

/** What is on the wall a surface stands at. */
export interface WallBehind {
  readonly art: readonly WallView[]
  readonly sockets: readonly { readonly xMm: number; readonly heightMm: number }[]
}

export type Stature = 'short' | 'average' | 'tall'

export interface Guest {
  readonly id: string
  readonly name: string
  readonly body:
    | { readonly kind: 'adult'; readonly build: 'woman' | 'man' | 'unstated'; readonly stature: Stature }
    | { readonly kind: 'child'; readonly ageYears: number; readonly boosterMm: number }
  readonly leftHanded: boolean
  readonly wheelchair: boolean
  /** Null sits on what the table has. */
  readonly chair: 'armchair' | 'high-chair' | null
  readonly host: boolean
  /** Hears badly: wants to be near everybody. */
  readonly hearing: boolean
  /** Sees badly: wants the light on the faces opposite, so to look away from where it comes in. */
  readonly sight: boolean
  readonly diet: string
  /** Ids of guests to sit beside or face to face, and of guests to keep away from. */
  readonly near: readonly string[]
  readonly apart: readonly string[]
  /** Stays at this place when the others are seated anew. */
  readonly seatLocked: boolean
}

export interface Linens {
  readonly clothId: string | null
  /** Two cloths end to end, lapped by so much under the middle; null for one. */
  readonly lapMm: number | null
  /** A smaller cloth over the cloth, turned by 45 degrees or not. */
  readonly topper: { readonly pieceId: string; readonly turned: boolean } | null
  /** A felt or heat pad under everything. */
  readonly pad: boolean
  /** Textiles to sew; null when nothing is sewn. */
  readonly sewing: Sewing | null
  /** A runner, or any straight textile folded in halves or thirds to serve as one. */
  readonly runner: {
    readonly pieceId: string
    readonly lay: RunnerLayKind
    readonly folded: { readonly length: FoldedIn; readonly width: FoldedIn }
  } | null
  readonly matId: string | null
}

export const runnerLayKinds = ['along', 'across', 'each-pair'] as const
/** Along the table, across its middle, or one across at each pair of guests face to face. */
export type RunnerLayKind = (typeof runnerLayKinds)[number]
export const foldedIns = [1, 2, 3] as const
export type FoldedIn = (typeof foldedIns)[number]

/** Things cut from fabric by the width of its bolt. */
export interface Sewing {
  readonly fabricWidthMm: number
  readonly hemMm: number
  readonly shrinkPercent: number
  /** Whether pieces may be turned across the fabric: not with a nap or a stripe. */
  readonly mayTurn: boolean
  readonly items: readonly { readonly id: string; readonly name: string; readonly lengthMm: number; readonly widthMm: number; readonly count: number }[]
}

/** What stands before each guest, bottom to top and outside in. */
export interface PlaceSetting {
  /** Plates from the bottom up. */
  readonly plateIds: readonly string[]
  readonly breadPlateId: string | null
  readonly napkin: { readonly pieceId: string; readonly place: 'on-plate' | 'left'; readonly fold: FoldKind } | null
  /** One pattern: at most one piece for each role; what is laid follows from the courses. */
  readonly flatwareIds: readonly string[]
  /** Pieces of another role laid where the pattern has none. */
  readonly substitutes: readonly { readonly role: FlatwareRole; readonly pieceId: string }[]
  readonly dessertAbove: boolean
  /** Water first, then wines in order of use. */
  readonly glassIds: readonly string[]
  /** So much farther outward than by the rule the glasses stand. */
  readonly glassesOutMm: number
  /** A card with the guest's name. */
  readonly card: boolean
  /** A small thing to take home, laid on top. */
  readonly favorId: string | null
  /** Leaves of kale or lettuce that line the lowest plate. */
  readonly leavesId: string | null
  /** The one layer that is to be looked at; null when the stylist has not said. */
  readonly starId: string | null
}

export const kindSpreads = ['same', 'alternating', 'every-third', 'heads', 'one-side', 'by-guest'] as const

/** More than one kind of place setting, and who has which. Kind A is the look's `setting`. */
export interface SettingKinds {
  readonly others: readonly { readonly key: 'B' | 'C'; readonly setting: PlaceSetting }[]
  readonly spread: (typeof kindSpreads)[number]
  /** For `by-guest`: who has another kind than A. */
  readonly byGuest: readonly { readonly guestId: string; readonly key: 'B' | 'C' }[]
  /** Lays the flatware and glasses of left-handed guests in mirror image. */
  readonly mirrorLeftHanded: boolean
  /** Small children have no knives and no wine glasses before them. */
  readonly childSafe: boolean
  /** What becomes of chargers: on the table throughout, lifted before the main, or not laid. */
  readonly charger: 'stays' | 'lifted-before-main' | 'none'
}

export interface Arrangement {
  readonly stems: readonly { readonly stemId: string; readonly count: number }[]
  /** How far the flowers rise above the rim. */
  readonly riseMm: number
  readonly spreadMm: number
  /** What holds the stems; null leaves it to what is usual for the vessel. */
  readonly mechanics: Mechanics | null
}

export const mechanicsNames = ['none', 'frog', 'wire', 'tape', 'foam'] as const
/** Nothing, a pin frog, a ball of chicken wire, a grid of tape over the mouth, floral foam. */
export type Mechanics = (typeof mechanicsNames)[number]

export interface Variant {
  readonly id: string
  readonly name: string
  readonly why: string
  readonly centerpiece: readonly Placed[]
}

/** Berries, snow, a towel: so many cups or cloths, up to a height that what stands in there rises by. */
export interface Filling {
  readonly pieceId: string
  readonly count: number
  readonly heightMm: number
}

export const hows = ['standing', 'leaning', 'draped', 'around'] as const
/** Standing on or in something, leaning against it with its front to -y, draped over it, or laid around it. */
export type How = (typeof hows)[number]

/** A piece in the middle; its position is in the frame of what it stands on, leans against, hangs over or goes round, or of the table. */
export interface Placed {
  readonly id: string
  readonly pieceId: string
  readonly xMm: number
  readonly yMm: number
  readonly turnDeg: number
  /** Id of that thing, or null for the table itself. Draped over null is over the table's edge. */
  readonly on: string | null
  readonly how: How
  /** Which level of a tiered stand it stands on, from the lowest, 0. */
  readonly level: number
  /** False when it is cleared before people eat. */
  readonly atMeal: boolean
  /** Kept where it is when others are arranged anew. */
  readonly locked: boolean
  /** Pieces of one name move together; null for one by itself. */
  readonly group: string | null
  /** Share of the piece that lies here: less than 1 for a length cut from a garland. */
  readonly part: number
  readonly candle: { readonly candleId: string; readonly lightAtMin: number } | null
  readonly arrangement: Arrangement | null
  /** What lies loose in it, as high above its floor. */
  readonly filling: Filling | null
}
