import type { Answer, Piece } from '../design/piece.js'

export const finishes = ['unknown', 'matte', 'satin', 'glossy', 'mirror', 'clear', 'aged'] as const
export const seasons = ['spring', 'summer', 'autumn', 'winter'] as const
export const origins = ['unknown', 'bought', 'gift', 'inherited', 'made', 'borrowed'] as const
/** Whether it will be looked at with pleasure in ten years, or is of these years: the stylist's own judgement. */
export const lastings = ['timeless', 'trend', 'unknown'] as const
export type Lasting = (typeof lastings)[number]
export type Season = (typeof seasons)[number]

/** What the household knows of a piece beyond what geometry needs. Unknown is said, never guessed. */
export interface PieceFacts {
  readonly finish: (typeof finishes)[number]
  readonly motif: string
  /** When it is used; none means all the year. */
  readonly seasons: readonly Season[]
  readonly lasting: Lasting
  readonly usage: 'everyday' | 'occasions' | 'unknown'
  readonly breakable: Answer
  readonly origin: (typeof origins)[number]
  /** Year or ISO day it came; empty when unknown. */
  readonly acquired: string
  /** For all of them together, minor units of the household's currency; null when unknown. A gift cost 0. */
  readonly paidCents: number | null
  readonly listCents: number | null
  readonly provenance: string
  readonly notes: string
  /** Which kind of it to buy, and which not; empty when there is nothing to heed. */
  readonly buyHint: string
  /** Id of the piece it is kept behind or in, where one would not look for it; empty for none. */
  readonly behind: string
  /** Never offered for putting away or selling. */
  readonly doNotRemove: boolean
  /** Name of the set it belongs to, and how many of this piece make the set whole; empty and 0 for none. */
  readonly setName: string
  readonly setCount: number
  /** Whom it is borrowed from and the ISO day it goes back; empty when it is the household's own. */
  readonly borrowedFrom: string
  readonly returnBy: string
  readonly photoId: string | null
  /** ISO day it was last laid; empty when never or unknown. */
  readonly lastUsed: string
  /** Names of sizes nobody measured, for which the usual ones of the kind stand in; `color` where it was taken from a photo and not held against the thing. */
  readonly assumed: readonly string[]
}

/** A piece with all that is known of it. */
export interface CupboardItem {
  readonly piece: Piece
  readonly facts: PieceFacts
}

/** Nothing known. */
export const noFacts: PieceFacts = {
  finish: 'unknown',
  motif: '',
  seasons: [],
  lasting: 'unknown',
  usage: 'unknown',
  breakable: 'unknown',
  origin: 'unknown',
  acquired: '',
  paidCents: null,
  listCents: null,
  provenance: '',
  notes: '',
  buyHint: '',
  behind: '',
  doNotRemove: false,
  setName: '',
  setCount: 0,
  borrowedFrom: '',
  returnBy: '',
  photoId: null,
  lastUsed: '',
  assumed: []
}

/** Room, shelf and bin of where a piece is kept; missing parts are empty. */
export function keptParts(kept: string): { readonly room: string; readonly shelf: string; readonly bin: string } {
  const [room = '', shelf = '', bin = ''] = kept.split(',').map((part) => part.trim())
  return shelf.toLowerCase().startsWith('bin ') && !bin ? { room, shelf: '', bin: shelf } : { room, shelf, bin }
}

/** What to heed in buying pieces, by piece; pieces without a hint are left out. */
export function buyHints(items: readonly CupboardItem[]): Readonly<Record<string, string>> {
  return Object.fromEntries(items.flatMap(({ piece, facts }) => (facts.buyHint === '' ? [] : [[piece.id, facts.buyHint]])))
}

/** Pieces kept behind or in a piece. */
export function keptBehind(items: readonly CupboardItem[], pieceId: string): readonly CupboardItem[] {
  return items.filter(({ facts }) => facts.behind === pieceId)
}
