import { chromaOf, colorDistance, hueApart, hueOf, lightnessOf } from '../color/colorWords.js'
import { pieceIndex } from '../design/find.js'
import type { Look } from '../design/look.js'
import type { Piece } from '../design/piece.js'
import { usedIds } from '../design/pieceUses.js'
import { plantConcern } from '../florals/petCaution.js'
import { avoidedIds } from '../intent/avoids.js'
import { ANSWERS } from '../intent/paletteFit.js'
import type { ColorFigures } from './colorFigures.js'

/** A wood and where it is: a piece of the look, the bare table or the room. */
export interface Wood {
  readonly of: 'piece' | 'table' | 'room'
  readonly pieceId: string | null
  readonly color: string
}

/** What would lift the colors of a table; nothing is wrong without it. Pieces named are owned and not laid. */
export type ColorHint =
  /** Nothing is black or nearly so, which makes any scheme look sharper. */
  | { readonly kind: 'sharpen'; readonly byPieceId: string }
  /** All vessels are about as light: one darker or lighter beside them. */
  | { readonly kind: 'pair'; readonly lightness: number; readonly byPieceId: string }
  /** A dark and a light vessel with nothing between them in tone. */
  | { readonly kind: 'bridge'; readonly darkId: string; readonly lightId: string; readonly byPieceId: string }
  /** One hue, in several shades, takes much of the table. */
  | { readonly kind: 'break-up'; readonly color: string; readonly share: number; readonly byPieceId: string }
  /** Patterns beside or on each other; a plain one for one of them. */
  | { readonly kind: 'stars'; readonly pieceIds: readonly string[]; readonly byPieceId: string | null }
  /** A wood that leans to red beside one that leans to yellow. */
  | { readonly kind: 'woods'; readonly red: Wood; readonly yellow: Wood }
  /** A color of the art in the room that no flower repeats, and the stems that would. */
  | { readonly kind: 'art'; readonly color: string; readonly stemIds: readonly string[] }

/** L* below which something reads as black, and the share it must be seen with. Our own starting values, as all below. */
const BLACK_L = 28
const BLACK_CHROMA = 0.05
const BLACK_SEEN = 0.002
/** Vessels alike in L*, how far the one that parts them is off, and from where two want something between. */
const ALIKE_L = 14
const APART_L = 34
const BRIDGE_L = 46
const MID_L = 12
/** So much of what is seen in one hue, in so many shades. */
const HEAVY_SHARE = 0.35
const HEAVY_SHADES = 2
const SAME_HUE = 30
const HUE = 0.045
/** Woods: hues of browns, and how far two may lie apart. */
const WOOD_HUES = [25, 100] as const
const WOOD_CHROMA = 0.055
const WOODS_APART = 22
const MOST_STEMS = 4

const calm = new Set<Piece['material']>(['wood', 'stoneware', 'rattan', 'stone'])

/** Each hint once at most, those about what is laid first. */
export function colorHints(look: Look, { groups }: Pick<ColorFigures, 'groups'>): ColorHint[] {
  const used = usedIds(look)
  const laid = look.pieces.filter((piece) => used.has(piece.id))
  if (laid.length === 0) return []
  const may = mayBeNamed(look)
  const free = look.pieces.filter((piece) => piece.owned > 0 && !used.has(piece.id) && may(piece))
  return [
    starsOf(look, free),
    woodsOf(look, laid),
    bridgeOf(laid, free),
    pairOf(laid, free),
    heavyOf(groups, laid, free),
    sharperOf(groups, free),
    artOf(look, laid, may)
  ].flatMap((hint) => hint ?? [])
}

/** What the brief allows, no other occasion lays at the time, and is no plant of concern in a house with animals. */
function mayBeNamed({ pieces, claims, intent, household }: Look): (piece: Piece) => boolean {
  const kept = new Set([...claims.filter((claim) => !claim.settled).map((claim) => claim.pieceId), ...avoidedIds(pieces, intent.avoid)])
  return (piece) => !kept.has(piece.id) && plantConcern(piece, household) === null
}

function sharperOf(groups: ColorFigures['groups'], free: readonly Piece[]): ColorHint | null {
  if (groups.some((group) => group.lightness < BLACK_L && group.share >= BLACK_SEEN)) return null
  const black = free.find((piece) => small.has(piece.kind) && lightnessOf(piece.color) < BLACK_L && chromaOf(piece.color) < BLACK_CHROMA)
  return black ? { kind: 'sharpen', byPieceId: black.id } : null
}
const small = new Set<Piece['kind']>(['vessel', 'holder', 'ornament', 'tray'])

const vesselsOf = (pieces: readonly Piece[]) =>
  pieces.filter((piece) => piece.kind === 'vessel' && piece.material !== 'glass').sort((a, b) => lightnessOf(a.color) - lightnessOf(b.color))

function pairOf(laid: readonly Piece[], free: readonly Piece[]): ColorHint | null {
  const own = vesselsOf(laid)
  const [dark, light] = [own[0], own[own.length - 1]]
  if (own.length < 2 || !dark || !light || lightnessOf(light.color) - lightnessOf(dark.color) > ALIKE_L) return null
  const lightness = (lightnessOf(dark.color) + lightnessOf(light.color)) / 2
  const other = vesselsOf(free).find((piece) => Math.abs(lightnessOf(piece.color) - lightness) >= APART_L && chromaOf(piece.color) < 2 * HUE)
  return other ? { kind: 'pair', lightness, byPieceId: other.id } : null
}

function bridgeOf(laid: readonly Piece[], free: readonly Piece[]): ColorHint | null {
  const own = vesselsOf(laid)
  const [dark, light] = [own[0], own[own.length - 1]]
  if (!dark || !light || lightnessOf(light.color) - lightnessOf(dark.color) < BRIDGE_L) return null
  const middle = (lightnessOf(dark.color) + lightnessOf(light.color)) / 2
  const isBetween = (piece: Piece) => Math.abs(lightnessOf(piece.color) - middle) <= MID_L
  const standing = new Set<Piece['kind']>(['vessel', 'tray', 'riser', 'ornament', 'holder'])
  if (laid.some((piece) => standing.has(piece.kind) && isBetween(piece))) return null
  const fits = free.filter((piece) => (piece.kind === 'vessel' || piece.kind === 'tray') && isBetween(piece))
  const bridge = fits.find((piece) => piece.material === 'wood') ?? fits.find((piece) => chromaOf(piece.color) < 2 * HUE)
  return bridge ? { kind: 'bridge', darkId: dark.id, lightId: light.id, byPieceId: bridge.id } : null
}

function heavyOf(groups: ColorFigures['groups'], laid: readonly Piece[], free: readonly Piece[]): ColorHint | null {
  const colored = groups.filter((group) => group.chroma >= HUE && group.parts[0]?.where !== 'table')
  for (const group of colored) {
    const shades = colored.filter((other) => hueApart(other.color, group.color) < SAME_HUE)
    const share = shades.reduce((sum, one) => sum + one.share, 0)
    if (share < HEAVY_SHARE || shades.length < HEAVY_SHADES) continue
    if (laid.some((piece) => (piece.kind === 'tray' || piece.kind === 'vessel' || piece.kind === 'riser') && calm.has(piece.material))) return null
    const by = free.find((piece) => (piece.kind === 'tray' || piece.kind === 'vessel') && calm.has(piece.material) && chromaOf(piece.color) < 2 * HUE)
    return by ? { kind: 'break-up', color: group.color, share, byPieceId: by.id } : null
  }
  return null
}

/** Patterns that meet: cloth, runner, mat, plates and napkin; one of them may be the star. */
function starsOf({ linens, setting, pieces }: Look, free: readonly Piece[]): ColorHint | null {
  const index = pieceIndex({ pieces })
  const ids = [linens.clothId, linens.topper?.pieceId, linens.runner?.pieceId, linens.matId, ...setting.plateIds, setting.napkin?.pieceId]
  const patterned = [...new Set(ids)].flatMap((id) => index.get(id ?? '') ?? []).filter((piece) => patternOf(piece) !== '')
  if (patterned.length < 2) return null
  const last = patterned[patterned.length - 1]!
  const enough = (piece: Piece) => piece.owned >= (last.kind === 'plate' || last.kind === 'napkin' || last.kind === 'mat' ? Math.min(2, last.owned) : 1)
  const sameRole = (piece: Piece) => piece.kind === last.kind && (piece.kind !== 'plate' || last.kind !== 'plate' || piece.role === last.role)
  const plain = free.find((piece) => sameRole(piece) && patternOf(piece) === '' && enough(piece))
  return { kind: 'stars', pieceIds: patterned.map((piece) => piece.id), byPieceId: plain?.id ?? null }
}
const patternOf = (piece: Piece) => ('pattern' in piece ? piece.pattern : '')

function woodsOf(look: Look, laid: readonly Piece[]): ColorHint | null {
  const isWood = (color: string) => chromaOf(color) >= WOOD_CHROMA && hueOf(color) >= WOOD_HUES[0] && hueOf(color) <= WOOD_HUES[1]
  const woods: Wood[] = [
    ...laid.filter((piece) => piece.material === 'wood').map((piece): Wood => ({ of: 'piece', pieceId: piece.id, color: piece.color })),
    ...(look.linens.clothId === null ? [{ of: 'table' as const, pieceId: null, color: look.table.color }] : []),
    ...look.room.colors.filter((one) => one.of === 'wood').map(({ color }): Wood => ({ of: 'room', pieceId: null, color }))
  ].filter((wood) => isWood(wood.color))
  const sorted = woods.sort((a, b) => hueOf(a.color) - hueOf(b.color))
  const [red, yellow] = [sorted[0], sorted[sorted.length - 1]]
  return red && yellow && hueOf(yellow.color) - hueOf(red.color) >= WOODS_APART ? { kind: 'woods', red, yellow } : null
}

/** Stems that the house has or the shops sell. */
function artOf(look: Look, laid: readonly Piece[], may: (piece: Piece) => boolean): ColorHint | null {
  const colors = look.room.colors.filter((one) => one.of === 'art' && chromaOf(one.color) >= HUE).map((one) => one.color)
  const near = (piece: Piece, color: string) => piece.kind === 'stem' && colorDistance(piece.color, color) < ANSWERS
  const open = colors.find((color) => !laid.some((piece) => near(piece, color)))
  if (open === undefined) return null
  const sold = new Set(look.offers.map((offer) => offer.pieceId))
  const toHave = look.pieces.filter((piece) => near(piece, open) && may(piece) && (piece.owned > 0 || sold.has(piece.id)))
  const stems = toHave.sort((a, b) => colorDistance(a.color, open) - colorDistance(b.color, open))
  return stems.length > 0 ? { kind: 'art', color: open, stemIds: stems.slice(0, MOST_STEMS).map((piece) => piece.id) } : null
}
