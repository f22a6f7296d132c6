import type { Edit } from './edit.js'
import type { Look } from './look.js'

/** Stop: it cannot be done or can hurt somebody. Warn: it will be noticed. Note: worth knowing. */
export type Severity = 'stop' | 'warn' | 'note'

export const findingCodes = [
  'places.too-narrow',
  'places.narrow',
  'places.knees',
  'setting.crowded',
  'flatware.missing',
  'cloth.short',
  'cloth.long',
  'cloth.lap',
  'cloth.floor',
  'cloth.uneven',
  'runner.places',
  'runner.overhang',
  'mats.gap',
  'topper.long',
  'linen.flaw',
  'cloth.seam',
  'piece.setting',
  'piece.piece',
  'piece.off',
  'piece.support',
  'sight.hidden',
  'candle.misfit',
  'candle.short',
  'candle.long-burn',
  'flame.near',
  'flame.flame',
  'flame.household',
  'stems.mouth',
  'stems.sparse',
  'stems.short',
  'stems.pets',
  'stems.pets-unknown',
  'money.over',
  'money.cap',
  'money.reserve',
  'money.gap',
  'piece.claimed',
  'wheelchair.knees',
  'wheelchair.width',
  'chair.wide',
  'bench.short',
  'room.behind',
  'fixture.low',
  'table.seam',
  'stack.blends',
  'napkin.small',
  'child.setting',
  'glass.missing',
  'dish.vessel',
  'dish.liner',
  'dish.room',
  'diet.none',
  'buffet.long',
  'dish.tool',
  'dish.heat',
  'charger.buffet',
  'pattern.clash',
  'high-chair.age',
  'compose.levels',
  'compose.neighbors',
  'compose.groups',
  'compose.balance',
  'compose.sparse',
  'compose.crowded',
  'compose.scale',
  'compose.back',
  'compose.spread',
  'compose.finish',
  'compose.checklist',
  'compose.middle',
  'piece.tips',
  'piece.edge',
  'edge.hands',
  'piece.sunk',
  'piece.opening',
  'art.hidden',
  'socket.bare',
  'piece.leans',
  'piece.drape',
  'piece.around',
  'piece.headroom',
  'piece.load',
  'cover.bare',
  'cord.reach',
  'cord.seen',
  'cord.floor',
  'edge.tail',
  'view.hidden',
  'clear.room'
] as const

export type FindingCode = (typeof findingCodes)[number]

/** What a finding is about. */
export type At =
  | { readonly kind: 'table' }
  | { readonly kind: 'seats'; readonly numbers: readonly number[] }
  | { readonly kind: 'piece'; readonly placedId: string; /** The piece it runs into. */ readonly otherId?: string }
  | { readonly kind: 'linen'; readonly pieceId: string }
  | { readonly kind: 'role'; readonly role: string }
  | { readonly kind: 'line'; readonly pieceId: string }
  | { readonly kind: 'money' }
  | { readonly kind: 'dish'; readonly dishId: string }
  /** A guest and a course nothing of which they may eat. */
  | { readonly kind: 'guest'; readonly guestId: string; readonly course: string }
  /** A group or zone of the budget. */
  | { readonly kind: 'part'; readonly part: string }

/** Numbers by name; the unit is in the name. */
export type Numbers = Readonly<Record<string, number>>

/** Something the engine noticed, in numbers and ids; words are the interface's. */
export interface BareFinding {
  readonly code: FindingCode
  readonly severity: Severity
  readonly at: At
  /** What is, what may be at the most or least, and the reason's code. */
  readonly measured: Numbers
  readonly limit: Numbers
  readonly because: string
}

export interface Finding extends BareFinding {
  readonly remedies: readonly Remedy[]
}

/** A change that might mend a finding, before it is tried. */
export interface Proposal {
  readonly code: RemedyCode
  readonly edit: Edit
  /** What the words need: lengths in mm, counts, cents, ids. */
  readonly params: Readonly<Record<string, number | string>>
}

/** A change that was tried and does clear its finding, with the figures it changes. */
export interface Remedy extends Proposal {
  readonly effect: readonly { readonly figure: EffectFigure; readonly before: number; readonly after: number }[]
}

export const effectFigures = ['narrowestMm', 'seenPairs', 'leftCents', 'shortestLightMin', 'stops', 'warnings', 'notes'] as const
export type EffectFigure = (typeof effectFigures)[number]

export const remedyCodes = [
  'leaf-in',
  'heads-open',
  'heads-closed',
  'comfort',
  'fewer-guests',
  'skip-layer',
  'napkin-on-plate',
  'dessert-brought-in',
  'simplest-setting',
  'add-flatware',
  'skip-course',
  'swap',
  'drop-style',
  'take-off',
  'turn-runner',
  'turn-topper',
  'fold-runner',
  'runner-across',
  'join-cloths',
  'one-cloth',
  'cover-spot',
  'move',
  'stand-on-table',
  'lower',
  'clear-for-meal',
  'light-later',
  'no-candle',
  'no-flames',
  'fewer-stems',
  'more-stems',
  'smaller-spread',
  'leave-out-stems',
  'raise-budget',
  'use-reserve',
  'raise-cap',
  'fewer-draws',
  'settle-claim',
  'go-without',
  'borrow',
  'substitute',
  'eaten-usual',
  'finger-food',
  'swap-seats',
  'raise-table',
  'side-chairs',
  'longer-bench',
  'bench',
  'no-pass',
  'shift-table',
  'raise-fixture',
  'lay-cloth',
  'no-star',
  'fold',
  'child-safe',
  'add-glass',
  'one-glass',
  'no-drink',
  'choose-vessel',
  'serve-plated',
  'serve-buffet',
  'add-dish',
  'skip-dish',
  'other-tool',
  'no-chargers',
  'napkin-left',
  'find-place',
  'plain-chair',
  'put-on-riser',
  'rise',
  'exchange',
  'add-piece',
  'shift-all',
  'thin-out',
  'fullness',
  'groups',
  'turn-round',
  'echo',
  'without-accent',
  'open-middle',
  'meant',
  'let-sockets',
  'lean-right',
  'lean-on',
  'other-level',
  'stand-all-on-table',
  'drape-over',
  'mechanics',
  'cord-along',
  'on-cells',
  'keep-at-meal'
] as const
export type RemedyCode = (typeof remedyCodes)[number]

/** What says that two findings are the same one in two states of a look. */
export function findingKey(finding: Pick<BareFinding, 'code' | 'at'>): string {
  const at = finding.at
  switch (at.kind) {
    case 'piece':
      return `${finding.code}@${at.placedId}`
    case 'linen':
    case 'line':
      return `${finding.code}@${at.pieceId}`
    case 'part':
      return `${finding.code}@${at.part}`
    case 'dish':
      return `${finding.code}@${at.dishId}`
    case 'guest':
      return `${finding.code}@${at.guestId} ${at.course}`
    case 'role':
      return `${finding.code}@${at.role}`
    default:
      return finding.code
  }
}

/** Builds the proposals for one finding of a look. */
export type Propose = (look: Look, finding: BareFinding) => Proposal[]
