import { colorRoles, type Mood, type PaletteEntry } from '../design/intent.js'
import type { Look, RoomThing } from '../design/look.js'
import { ANSWERS, isOutside } from '../intent/paletteFit.js'
import { chromaOfMood, shareOfRole } from '../reference/moods.js'
import type { Piece } from '../design/piece.js'
import { pieceIndex } from '../design/find.js'
import { usedIds } from '../design/pieceUses.js'
import { metals } from '../reference/materials.js'
import { chromaOf, colorDistance, hueApart, hueOf } from '../color/colorWords.js'
import { deltaE00, labOf } from '../color/differences.js'
import type { SeatPlan } from '../seating/seatPlan.js'
import { visibleColors, type SeenPart, type VisibleColors } from './visibleColors.js'

/** Colors of a table that read as one. */
export interface ColorGroup {
  /** The color seen most of them. */
  readonly color: string
  readonly role: 'base' | 'support' | 'accent'
  readonly share: number
  /** Things in it: each plate, napkin and piece is one. */
  readonly things: number
  readonly inMiddle: number
  readonly parts: readonly SeenPart[]
  readonly lightness: number
  readonly chroma: number
  readonly undertone: 'warm' | 'cool' | 'neutral'
}

/** What is noticed of the colors, with its numbers. */
export type ColorNote =
  /** An accent met in too few places; a piece of the cupboard that would bring it once more, or null. */
  | { readonly kind: 'lone'; readonly color: string; readonly things: number; readonly byPieceId: string | null }
  /** Hardly told from what it lies on: CIEDE2000. */
  | { readonly kind: 'lost'; readonly pieceId: string; readonly onPieceId: string | null; readonly deltaE: number }
  | { readonly kind: 'dark'; readonly lightness: number }
  | { readonly kind: 'even'; readonly spread: number }
  | { readonly kind: 'many'; readonly hues: number }
  /** Hues that are near and not the same. */
  | { readonly kind: 'quarrel'; readonly a: string; readonly b: string; readonly deltaE: number }
  | { readonly kind: 'whites'; readonly warm: string; readonly cool: string }
  | { readonly kind: 'metals'; readonly materials: readonly string[] }
  /** A color wished for and hardly seen. */
  | { readonly kind: 'unmet'; readonly color: string; readonly share: number }
  /** A color seen and not wished for. */
  | { readonly kind: 'outside'; readonly color: string; readonly share: number; readonly pieceIds: readonly string[] }
  /** More of a color than the brief lets there be. */
  | { readonly kind: 'over'; readonly color: string; readonly share: number; readonly mostPercent: number }
  /** A strong color of the table that nothing in the room answers, and the room's color it could meet. */
  | { readonly kind: 'room'; readonly color: string; readonly roomColor: string; readonly of: RoomThing }
  /** More or less color than a mood has: mean OKLab chroma of what is seen. */
  | { readonly kind: 'mood'; readonly mood: Mood; readonly chroma: number; readonly least: number; readonly most: number }

export interface WishedColor extends PaletteEntry {
  readonly wish: number
  readonly seen: number
}

export interface ColorFigures {
  readonly seen: VisibleColors
  readonly groups: readonly ColorGroup[]
  readonly notes: readonly ColorNote[]
  /** Lightness L* of the table as a whole, weighted by what is seen, and how far it spreads. */
  readonly lightness: number
  readonly spread: number
  /** Mean OKLab chroma of what is seen. */
  readonly chroma: number
  /** Colors of the brief's palette: how much of each is wished, and how much of what answers it is seen. */
  readonly wished: readonly WishedColor[]
  /** Share of what is seen that has no color to speak of. */
  readonly neutralShare: number
}

/** Bounds of our own, but for the least difference: about 2.3 is just noticed; common practice. */
const SAME = 0.065
const HUE = 0.045
const ACCENT_MOST = 0.14
const ACCENT_PLACES = 3
const LOST_E = 5
/** A rim that stands out so much parts a plate from what it lies on. */
const RIM_E = 15
const DARK_L = 38
const EVEN_L = 6
const HUES_MOST = 3
const WHITE_L = 86
const WHITE_APART = 7
const WHITE_SEEN = 0.01
/** A white is cool below this b*. Only colors seen so much quarrel: fruit and flowers are mixed by nature. */
const COOL_B = 1.5
const QUARREL_SEEN = 0.02
/** A color wished for is met from so much on, one that is not is told from so much on. */
const UNMET = 0.004
const OUTSIDE_SEEN = 0.015
/** Hues that are nearer than this answer each other across a room. */
const ROOM_HUE = 35

/** The colors of a table as they are seen from above: shares, roles, where each is met, and what is noticed. A seat plan known already need not be worked out anew. */
export function colorFigures(look: Look, cellsLong?: number, plan?: SeatPlan): ColorFigures {
  const seen = visibleColors(look, cellsLong, plan)
  const groups = colorGroups(seen.parts)
  const mean = groups.reduce((sum, group) => sum + group.share * group.lightness, 0)
  const chroma = groups.reduce((sum, group) => sum + group.share * group.chroma, 0)
  const wished = wishedOf(look, groups)
  const spread = Math.sqrt(groups.reduce((sum, group) => sum + group.share * (group.lightness - mean) ** 2, 0))
  return {
    seen,
    groups,
    notes: [...notesOf(look, groups, mean, spread), ...wishNotes(look, groups, wished, chroma), ...roomNotes(look, groups)],
    lightness: mean,
    spread,
    chroma,
    wished,
    neutralShare: groups.reduce((sum, group) => sum + (group.chroma < HUE ? group.share : 0), 0)
  }
}

/** Colors that read as one together, the most seen first. */
export function colorGroups(parts: readonly SeenPart[]): ColorGroup[] {
  const groups: SeenPart[][] = []
  for (const part of [...parts].filter((one) => one.share > 0).sort((a, b) => b.share - a.share)) {
    const group = groups.find(([first]) => colorDistance(first!.color, part.color) < SAME)
    if (group) group.push(part)
    else groups.push([part])
  }
  const shares = groups.map((group) => group.reduce((sum, part) => sum + part.share, 0))
  const largest = Math.max(0, ...shares)
  return groups
    .map((group, i): ColorGroup => {
      const { color } = group[0]!
      const share = shares[i]!
      const chroma = chromaOf(color)
      const count = (of: readonly SeenPart[]) => of.reduce((sum, part) => sum + part.count, 0)
      return {
        color,
        role: share === largest ? 'base' : chroma >= HUE && share <= ACCENT_MOST ? 'accent' : 'support',
        share,
        things: count(group),
        inMiddle: count(group.filter((part) => part.where === 'middle')),
        parts: group,
        lightness: labOf(color).l,
        chroma,
        undertone: undertoneOf(color)
      }
    })
    .sort((a, b) => b.share - a.share)
}

/** Whether a color leans to yellow and red or to blue. Our own starting value. */
function undertoneOf(color: string): ColorGroup['undertone'] {
  const { a, b } = labOf(color)
  const lean = b + 0.4 * a
  return lean > 2.5 ? 'warm' : lean < -2.5 ? 'cool' : 'neutral'
}

const isLeaf = (color: string) => {
  const hue = hueOf(color)
  return hue > 100 && hue < 175
}

function notesOf(look: Look, groups: readonly ColorGroup[], mean: number, spread: number): ColorNote[] {
  const hues = groups.filter((group) => group.chroma >= HUE && !isLeaf(group.color) && group.parts[0]?.where !== 'table')
  const painted = hues.filter((group) => !isMetalOnly(look, group))
  const accents = painted.filter((group) => group.role === 'accent')
  const notes: ColorNote[] = []
  for (const group of accents)
    if (metIn(group, painted) < ACCENT_PLACES)
      notes.push({ kind: 'lone', color: group.color, things: metIn(group, painted), byPieceId: bringing(look, group.color) })
  notes.push(...lostOf(look))
  if (groups.length > 0 && mean < DARK_L) notes.push({ kind: 'dark', lightness: mean })
  if (groups.length > 1 && spread < EVEN_L) notes.push({ kind: 'even', spread })
  const apart = distinctHues(painted)
  if (apart > HUES_MOST) notes.push({ kind: 'many', hues: apart })
  const wide = painted.filter((group) => group.share >= QUARREL_SEEN)
  for (const [i, a] of wide.entries())
    for (const b of wide.slice(i + 1)) {
      const deltaE = deltaE00(a.color, b.color)
      if (hueApart(a.color, b.color) < 30 && deltaE < 16 && Math.abs(a.lightness - b.lightness) < 14)
        notes.push({ kind: 'quarrel', a: a.color, b: b.color, deltaE })
    }
  const whites = groups
    .flatMap((group) => group.parts)
    .filter((part) => part.share >= WHITE_SEEN && labOf(part.color).l >= WHITE_L && chromaOf(part.color) < HUE)
    .sort((a, b) => labOf(a.color).b - labOf(b.color).b)
  const [cool, warm] = [whites[0], whites[whites.length - 1]]
  if (warm && cool && labOf(cool.color).b < COOL_B && labOf(warm.color).b - labOf(cool.color).b > WHITE_APART)
    notes.push({ kind: 'whites', warm: warm.color, cool: cool.color })
  const index = pieceIndex(look)
  const materials = [...new Set(groups.flatMap((group) => group.parts.flatMap((part) => index.get(part.pieceId ?? '')?.material ?? [])))]
  const shining = materials.filter((material) => metals.has(material))
  if (shining.length > 1) notes.push({ kind: 'metals', materials: shining })
  return notes
}

/** The palette of the brief, each color with its part of its role's share and what is seen that lies nearest to it and answers it. */
function wishedOf({ intent }: Look, groups: readonly ColorGroup[]): WishedColor[] {
  const { palette } = intent
  const seen = new Map<PaletteEntry, number>()
  for (const group of groups) {
    const [nearest] = [...palette].sort((a, b) => colorDistance(a.color, group.color) - colorDistance(b.color, group.color))
    if (nearest && colorDistance(nearest.color, group.color) < ANSWERS) seen.set(nearest, (seen.get(nearest) ?? 0) + group.share)
  }
  const total = colorRoles.reduce((sum, role) => sum + (palette.some((entry) => entry.role === role) ? shareOfRole[role] : 0), 0)
  return palette.map((entry) => ({
    ...entry,
    wish: shareOfRole[entry.role] / total / palette.filter((other) => other.role === entry.role).length,
    seen: seen.get(entry) ?? 0
  }))
}

/** What is seen held against what the brief wishes. */
function wishNotes({ intent }: Look, groups: readonly ColorGroup[], wished: readonly WishedColor[], chroma: number): ColorNote[] {
  const unmet = wished.filter(({ seen }) => seen < UNMET).map(({ color, seen }): ColorNote => ({ kind: 'unmet', color, share: seen }))
  const isWished = (group: ColorGroup) => isLeaf(group.color) || group.parts[0]?.where === 'table' || !isOutside(group.color, intent.palette)
  const outside = groups
    .filter((group) => group.share >= OUTSIDE_SEEN && !isWished(group))
    .map((group): ColorNote => {
      const pieceIds = [...new Set(group.parts.flatMap((part) => part.pieceId ?? []))]
      return { kind: 'outside', color: group.color, share: group.share, pieceIds }
    })
  const moods = intent.moods.flatMap((mood): ColorNote[] => {
    const [least, most] = chromaOfMood[mood]
    return chroma < least || chroma > most ? [{ kind: 'mood', mood, chroma, least, most }] : []
  })
  const over = intent.caps.flatMap(({ color, mostPercent }): ColorNote[] => {
    const share = groups.reduce((sum, group) => sum + (colorDistance(group.color, color) < ANSWERS ? group.share : 0), 0)
    return share > mostPercent / 100 ? [{ kind: 'over', color, share, mostPercent }] : []
  })
  return groups.length > 1 ? [...unmet, ...outside, ...over, ...moods.slice(0, 1)] : []
}

/** Where nothing in color on the table answers anything in color in the room, and nothing in color in the room the table: its strongest color is told. */
function roomNotes({ room }: Look, groups: readonly ColorGroup[]): ColorNote[] {
  const inRoom = room.colors.filter(({ color }) => chromaOf(color) >= HUE)
  const onTable = groups.filter((group) => group.chroma >= HUE && !isLeaf(group.color) && group.parts[0]?.where !== 'table' && group.share >= OUTSIDE_SEEN)
  const answers = (a: string, b: string) => colorDistance(a, b) < ANSWERS || hueApart(a, b) < ROOM_HUE
  if (onTable.some((group) => inRoom.some(({ color }) => answers(group.color, color)))) return []
  const [strongest] = [...onTable].sort((a, b) => b.chroma * b.share - a.chroma * a.share)
  const [theirs] = [...inRoom].sort((a, b) => chromaOf(b.color) - chromaOf(a.color))
  return strongest && theirs ? [{ kind: 'room', color: strongest.color, roomColor: theirs.color, of: theirs.of }] : []
}

/** Things in a color or one so near that it answers it, as the composer has it. */
function metIn(group: ColorGroup, hues: readonly ColorGroup[]): number {
  return hues.filter((one) => colorDistance(one.color, group.color) < ANSWERS).reduce((sum, one) => sum + one.things, 0)
}

/** Whether it is the metal that is seen: what a metal bowl holds has a color of its own. */
function isMetalOnly(look: Look, group: ColorGroup): boolean {
  const isMetal = (piece: Piece | undefined) => piece !== undefined && metals.has(piece.material) && piece.kind !== 'ornament'
  return group.parts.every((part) => isMetal(pieceIndex(look).get(part.pieceId ?? '')))
}

/** Hues counted so that shades of one are one. */
function distinctHues(groups: readonly ColorGroup[]): number {
  const told: string[] = []
  for (const { color } of groups) if (!told.some((other) => hueApart(other, color) < 35)) told.push(color)
  return told.length
}

/** A piece the house has and the look does not use, nearest to a color. */
function bringing(look: Look, color: string): string | null {
  const used = usedIds(look)
  return ownedNear(look.pieces, color).find((id) => !used.has(id)) ?? null
}

const bringers: readonly Piece['kind'][] = ['vessel', 'ornament', 'candle', 'napkin', 'runner', 'stem', 'holder']
const near = new WeakMap<Look['pieces'], Map<string, readonly string[]>>()

/** What the house has about of a color, the nearest first. */
function ownedNear(pieces: Look['pieces'], color: string): readonly string[] {
  const ofPieces = near.get(pieces) ?? new Map<string, readonly string[]>()
  near.set(pieces, ofPieces)
  const known = ofPieces.get(color)
  if (known) return known
  const ids = pieces
    .filter((piece) => piece.owned > 0 && bringers.includes(piece.kind))
    .map((piece) => ({ id: piece.id, off: colorDistance(piece.color, color) }))
    .filter(({ off }) => off < 2 * SAME)
    .sort((a, b) => a.off - b.off)
    .map(({ id }) => id)
  ofPieces.set(color, ids)
  return ids
}

/** Plates, napkins and runners against what they lie on. */
function lostOf(look: Look): ColorNote[] {
  const byId = pieceIndex(look)
  const { setting, linens, table } = look
  const cloth = byId.get(linens.clothId ?? '')
  const stack = setting.plateIds.flatMap((id) => byId.get(id) ?? [])
  const top = stack[stack.length - 1]
  const napkin = setting.napkin?.place === 'on-plate' ? byId.get(setting.napkin.pieceId) : undefined
  const mat = byId.get(linens.matId ?? '')
  const ground = mat ?? cloth
  const pairs: [Piece | undefined, Piece | undefined, string][] = [
    [byId.get(linens.runner?.pieceId ?? ''), cloth, cloth?.color ?? table.color],
    [stack[0], ground, ground?.color ?? table.color],
    [napkin, top, top?.color ?? table.color]
  ]
  return pairs.flatMap(([piece, on, color]) => {
    if (!piece) return []
    const deltaE = deltaE00(piece.color, color)
    const rim = piece.kind === 'plate' && deltaE00(piece.accent, color) > RIM_E
    return deltaE < LOST_E && !rim ? [{ kind: 'lost' as const, pieceId: piece.id, onPieceId: on?.id ?? null, deltaE }] : []
  })
}
