import { standings } from '../centerpiece/standing.js'
import { formOf } from '../composition/families.js'
import { unevenNeighbors } from '../composition/unevenNeighbors.js'
import { finishOf, textureOf, TOUCH_FROM_KINDS, TOUCH_LEAST, touchOf } from '../reference/composition.js'
import { againstMood, literalKinds } from '../reference/moods.js'
import type { Literalness, Mood } from '../design/intent.js'
import type { Look } from '../design/look.js'
import type { Piece } from '../design/piece.js'
import { pieceUses } from '../design/pieceUses.js'
import { isOfTaste, likedWords } from '../intent/liked.js'
import { says } from '../units/plainWords.js'
import { noFacts, type CupboardItem, type PieceFacts } from './facts.js'
import { comesDownOn, outOfSeason } from './said.js'

export type Shine = 'shiny' | 'satin' | 'matte' | 'clear'
/** Inherited or at least twenty years in the house; come within the year, or not there yet; what is known to be neither; what is used up. */
export type Age = 'old' | 'new' | 'between' | 'unknown' | 'consumed'

/** A piece that a look lays, by what ties it to the others. */
export interface TogetherRow {
  readonly pieceId: string
  readonly shine: Shine
  readonly texture: string
  /** Its motif in the stylist's words; empty for none known. */
  readonly motif: string
  readonly age: Age
  /** The day it comes down, ISO, where it is kept for a season; null for all the year. */
  readonly downOn: string | null
  readonly isOffSeason: boolean
  /** Shows the theme or a season that is not all the year. */
  readonly isLiteral: boolean
  /** Moods of the brief its material speaks against. */
  readonly against: readonly Mood[]
}

/** What is noticed, with its numbers. */
export type TogetherNote =
  /** A motif met on several pieces. */
  | { readonly kind: 'motif'; readonly motif: string; readonly pieceIds: readonly string[] }
  /** What a guest of honor likes: what is laid and on the menu of it, the words nothing answers to, and what of the house would. */
  | {
      readonly kind: 'taste'
      readonly whose: string
      readonly pieceIds: readonly string[]
      readonly dishes: readonly string[]
      readonly unmet: readonly string[]
      readonly couldIds: readonly string[]
    }
  | { readonly kind: 'theme'; readonly pieceIds: readonly string[]; readonly dishes: readonly string[] }
  /** More, or fewer, kinds of things that show season or theme than is wished. */
  | { readonly kind: 'literal'; readonly wish: Literalness; readonly count: number; readonly least: number; readonly most: number }
  /** Owned pieces that show the theme and are not laid. */
  | { readonly kind: 'could-show'; readonly pieceIds: readonly string[] }
  | { readonly kind: 'off-season'; readonly pieceIds: readonly string[] }
  /** Colors taken from photos, which nobody held the thing against. */
  | { readonly kind: 'color-doubt'; readonly pieceIds: readonly string[] }
  | { readonly kind: 'comes-down'; readonly pieceIds: readonly string[]; readonly day: string }
  | { readonly kind: 'against-mood'; readonly mood: Mood; readonly pieceIds: readonly string[] }
  /** Nothing lifts it: all is of one shine. */
  | { readonly kind: 'one-shine'; readonly shine: Shine }
  /** Nearly all is hard and structural, or soft and airy: so many of so many kinds are the other. */
  | { readonly kind: 'one-touch'; readonly touch: 'hard' | 'soft'; readonly other: number; readonly of: number }
  /** One form comes again with other faces, which holds them together. */
  | { readonly kind: 'one-form'; readonly pieceIds: readonly string[] }
  /** Two neighbors in the middle of which one is so many times as large. */
  | { readonly kind: 'uneven'; readonly largeId: string; readonly smallId: string; readonly times: number }

export interface Together {
  readonly rows: readonly TogetherRow[]
  readonly notes: readonly TogetherNote[]
  /** Kinds of pieces by how long the house has them. */
  readonly ages: Readonly<Record<Age, number>>
}

const OLD_YEARS = 20
/** So many pieces that are not laid are named at most. */
const MOST_NAMED = 3

/** What ties the pieces of a look together, by what the cupboard knows of them: motif, shine, texture, age, season, theme and mood. */
export function together(look: Look, items: readonly CupboardItem[]): Together {
  const facts = new Map(items.map((item) => [item.piece.id, item.facts]))
  const used = new Set(pieceUses(look).map((use) => use.pieceId))
  const laid = look.pieces.filter((piece) => used.has(piece.id) && piece.kind !== 'supply')
  const off = new Set(outOfSeason(items, look.occasion.date))
  const rows = laid.map((piece) => rowOf(look, piece, facts.get(piece.of ?? piece.id) ?? noFacts, off))
  const ages = { old: 0, new: 0, between: 0, unknown: 0, consumed: 0 }
  for (const row of rows) ages[row.age]++
  return {
    rows,
    ages,
    notes: [
      ...motifNotes(rows),
      ...tasteNotes(look, laid, facts, used),
      ...themeNotes(look, laid, rows, facts, used),
      ...seasonNotes(rows),
      ...styleNotes(look, rows),
      ...touchNotes(rows),
      ...formNotes(laid),
      ...scaleNotes(look),
      ...doubtNotes(laid, facts)
    ]
  }
}

function rowOf(look: Look, piece: Piece, facts: PieceFacts, off: ReadonlySet<string>): TogetherRow {
  const downOn = comesDownOn(facts.seasons, look.occasion.date)
  return {
    pieceId: piece.id,
    shine: shineOf(piece, facts),
    texture: textureOf[piece.material],
    motif: facts.motif || piece.pattern,
    age: ageOf(piece, facts, look.occasion.date),
    downOn,
    isOffSeason: off.has(piece.id),
    isLiteral: downOn !== null || showsTheme(piece, facts, look.intent.theme),
    against: look.intent.moods.filter((mood) => againstMood[mood]?.includes(piece.material))
  }
}

function shineOf(piece: Piece, { finish }: PieceFacts): Shine {
  switch (finish) {
    case 'unknown':
      return finishOf[piece.material]
    case 'glossy':
    case 'mirror':
      return 'shiny'
    case 'matte':
    case 'aged':
      return 'matte'
    case 'satin':
    case 'clear':
      return finish
  }
}

function ageOf(piece: Piece, { origin, acquired }: PieceFacts, date: string): Age {
  if (piece.kind === 'stem' || piece.kind === 'candle') return 'consumed'
  if (origin === 'inherited') return 'old'
  const years = acquired === '' ? null : Number(date.slice(0, 4)) - Number(acquired.slice(0, 4))
  if (piece.owned === 0 || (years !== null && years < 1)) return 'new'
  if (years === null) return 'unknown'
  return years >= OLD_YEARS ? 'old' : 'between'
}

/** Things that depict the theme: by motif or pattern, or by name where the thing is there to be looked at. A color's name is no motif. */
function showsTheme(piece: Piece, { motif }: PieceFacts, theme: string): boolean {
  const words = themeWords(theme)
  const isShow = piece.kind === 'ornament' || piece.kind === 'stem'
  return words.some((word) => says(motif, word) || says(piece.pattern, word) || (isShow && says(piece.name, word)))
}

/** Words of a theme that mean something by themselves. */
const themeWords = (theme: string) => theme.split(/[\s,;.]+/).filter((word) => word.length > 3)

function motifNotes(rows: readonly TogetherRow[]): TogetherNote[] {
  const byMotif = new Map<string, TogetherRow[]>()
  for (const row of rows) {
    const key = row.motif.trim().toLowerCase()
    if (key !== '') byMotif.set(key, [...(byMotif.get(key) ?? []), row])
  }
  return [...byMotif.values()]
    .filter((list) => list.length > 1)
    .sort((a, b) => b.length - a.length)
    .map((list) => ({ kind: 'motif', motif: list[0]!.motif, pieceIds: list.map((row) => row.pieceId) }))
}

function tasteNotes({ intent, menu, pieces }: Look, laid: readonly Piece[], facts: ReadonlyMap<string, PieceFacts>, used: ReadonlySet<string>): TogetherNote[] {
  const means = (piece: Piece, word: string) => isOfTaste(piece, word, (facts.get(piece.of ?? piece.id) ?? noFacts).motif)
  return intent.touches.flatMap(({ kind, what, where }): TogetherNote[] => {
    const words = kind === 'taste' ? likedWords(what) : []
    if (words.length === 0) return []
    const met = (word: string) => laid.some((piece) => means(piece, word)) || menu.dishes.some((dish) => says(dish.name, word))
    const unmet = words.filter((word) => !met(word))
    const could = pieces.filter((piece) => piece.owned > 0 && piece.of === null && !used.has(piece.id) && unmet.some((word) => means(piece, word)))
    return [
      {
        kind: 'taste',
        whose: where,
        pieceIds: laid.filter((piece) => words.some((word) => means(piece, word))).map((piece) => piece.id),
        dishes: menu.dishes.filter((dish) => words.some((word) => says(dish.name, word))).map((dish) => dish.name),
        unmet,
        couldIds: could.slice(0, MOST_NAMED).map((piece) => piece.id)
      }
    ]
  })
}

function themeNotes(
  { intent, menu, pieces }: Look,
  laid: readonly Piece[],
  rows: readonly TogetherRow[],
  facts: ReadonlyMap<string, PieceFacts>,
  used: ReadonlySet<string>
): TogetherNote[] {
  const notes: TogetherNote[] = []
  const shows = (piece: Piece) => showsTheme(piece, facts.get(piece.id) ?? noFacts, intent.theme)
  const pieceIds = laid.filter(shows).map((piece) => piece.id)
  const dishes = menu.dishes.filter((dish) => themeWords(intent.theme).some((word) => says(dish.name, word))).map((dish) => dish.name)
  if (intent.theme !== '') notes.push({ kind: 'theme', pieceIds, dishes })
  if (intent.literal === null) return notes
  const count = rows.filter((row) => row.isLiteral).length
  const [least, most] = literalKinds[intent.literal]
  if (count < least || count > most) notes.push({ kind: 'literal', wish: intent.literal, count, least, most })
  const could = pieces.filter((piece) => piece.owned > 0 && piece.of === null && !used.has(piece.id) && shows(piece)).map((piece) => piece.id)
  if (count < least && could.length > 0) notes.push({ kind: 'could-show', pieceIds: could.slice(0, MOST_NAMED) })
  return notes
}

function seasonNotes(rows: readonly TogetherRow[]): TogetherNote[] {
  const off = rows.filter((row) => row.isOffSeason).map((row) => row.pieceId)
  const days = [...new Set(rows.flatMap((row) => row.downOn ?? []))].sort()
  return [
    ...(off.length > 0 ? [{ kind: 'off-season' as const, pieceIds: off }] : []),
    ...days.map((day) => ({ kind: 'comes-down' as const, day, pieceIds: rows.filter((row) => row.downOn === day).map((row) => row.pieceId) }))
  ]
}

function styleNotes({ intent }: Look, rows: readonly TogetherRow[]): TogetherNote[] {
  const against = intent.moods.flatMap((mood): TogetherNote[] => {
    const pieceIds = rows.filter((row) => row.against.includes(mood)).map((row) => row.pieceId)
    return pieceIds.length > 0 ? [{ kind: 'against-mood', mood, pieceIds }] : []
  })
  const shines = new Set(rows.map((row) => row.shine))
  return rows.length > 2 && shines.size === 1 ? [...against, { kind: 'one-shine', shine: rows[0]!.shine }] : against
}

/** Hard against soft, over all that has a texture of one of the two. */
function touchNotes(rows: readonly TogetherRow[]): TogetherNote[] {
  const touches = rows.flatMap((row) => touchOf[row.texture] ?? [])
  if (touches.length < TOUCH_FROM_KINDS) return []
  const soft = touches.filter((touch) => touch === 'soft').length
  const [hardShare, softShare] = [1 - soft / touches.length, soft / touches.length]
  if (softShare < TOUCH_LEAST) return [{ kind: 'one-touch', touch: 'hard', other: soft, of: touches.length }]
  return hardShare < TOUCH_LEAST ? [{ kind: 'one-touch', touch: 'soft', other: touches.length - soft, of: touches.length }] : []
}

/** From so many kinds on a form counts as repeated. */
const FORM_FROM = 3

/** Vessels and holders of one form in several colors, patterns or materials. */
function formNotes(laid: readonly Piece[]): TogetherNote[] {
  const byForm = new Map<string, Piece[]>()
  for (const piece of laid)
    if (piece.kind === 'vessel' || piece.kind === 'holder') {
      const key = `${piece.kind} ${formOf(piece)}`
      byForm.set(key, [...(byForm.get(key) ?? []), piece])
    }
  const faces = (pieces: readonly Piece[]) => new Set(pieces.map(({ color, pattern, material }) => `${color} ${pattern} ${material}`)).size
  return [...byForm.values()]
    .filter((pieces) => pieces.length >= FORM_FROM && faces(pieces) > 1)
    .map((pieces) => ({ kind: 'one-form', pieceIds: pieces.map((piece) => piece.id) }))
}

function scaleNotes(look: Look): TogetherNote[] {
  const found = unevenNeighbors(standings(look))
  return found ? [{ kind: 'uneven', largeId: found.large.piece.id, smallId: found.small.piece.id, times: found.times }] : []
}

function doubtNotes(laid: readonly Piece[], facts: ReadonlyMap<string, PieceFacts>): TogetherNote[] {
  const pieceIds = laid.filter((piece) => facts.get(piece.of ?? piece.id)?.assumed.includes('color')).map((piece) => piece.id)
  return pieceIds.length > 0 ? [{ kind: 'color-doubt', pieceIds }] : []
}
