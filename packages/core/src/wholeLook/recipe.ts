import { colorDistance } from '../color/colorWords.js'
import { heroOf } from '../centerpiece/hero.js'
import { foldKinds, type FoldKind } from '../design/foldKinds.js'
import { pieceIndex } from '../design/find.js'
import { colorRoles, type PaletteEntry } from '../design/intent.js'
import { patternNames, type Look, type PatternName } from '../design/look.js'
import { isStanding, type Piece, type StandingPiece } from '../design/piece.js'
import { heightOf, widthOf } from '../composition/families.js'
import { colorFigures } from '../palette/colorFigures.js'
import { laidCast } from './laidCast.js'
import { suitsDirection } from './suitsDirection.js'
import { directions, type Direction } from './direction.js'

/** A look without its pieces: its idea, structure, colors and sizes, to be laid of another cupboard on another table. */
export interface LookRecipe {
  readonly format: 'hestiad-recipe'
  readonly version: 1
  readonly name: string
  readonly direction: Direction
  readonly pattern: PatternName | null
  readonly palette: readonly PaletteEntry[]
  readonly fold: FoldKind | null
  readonly cloth: boolean
  readonly runner: boolean
  readonly charger: boolean
  /** What the middle is of, the piece that leads it first: alike things as one line, with their heights. */
  readonly middle: readonly RecipeLine[]
}

export interface RecipeLine {
  readonly kind: StandingPiece['kind']
  readonly material: string
  readonly color: string
  readonly count: number
  /** Heights from the lowest up, and the widest, millimeters. */
  readonly heightsMm: readonly number[]
  readonly widthMm: number
}

/** Colors of so small a share are of no recipe; no more than so many. Our own starting values. */
const LEAST_SEEN = 0.006
const MOST_COLORS = 6
const SAME_COLOR = 0.08

export function recipeOf(look: Look): LookRecipe {
  const cast = laidCast(look)
  const [direction] = [...directions].sort((a, b) => suitsDirection(b, look, cast) - suitsDirection(a, look, cast))
  return {
    format: 'hestiad-recipe',
    version: 1,
    name: look.name,
    direction: direction!,
    pattern: look.school.pattern,
    palette: colorFigures(look)
      .groups.filter((group) => group.share >= LEAST_SEEN)
      .slice(0, MOST_COLORS)
      .map(({ color, role }) => ({ color, role })),
    fold: look.setting.napkin?.fold ?? null,
    cloth: cast.cloth !== null,
    runner: cast.runner !== null,
    charger: cast.charger !== null,
    middle: linesOf(look)
  }
}

function linesOf(look: Look): RecipeLine[] {
  const index = pieceIndex(look)
  const hero = heroOf(look)
  const lines: RecipeLine[] = []
  const leading = [...look.centerpiece].sort((a, b) => Number(b.id === hero) - Number(a.id === hero))
  for (const { pieceId } of leading) {
    const piece = index.get(pieceId)
    if (!piece || !isStanding(piece)) continue
    const { kind, material, color } = piece
    const heightMm = Math.round(heightOf(piece))
    const at = lines.findIndex((line) => line.kind === kind && line.material === material && colorDistance(line.color, color) < SAME_COLOR)
    if (at < 0) lines.push({ kind, material, color, count: 1, heightsMm: [heightMm], widthMm: Math.round(widthOf(piece)) })
    else {
      const line = lines[at]!
      const heightsMm = [...new Set([...line.heightsMm, heightMm])].sort((a, b) => a - b)
      lines[at] = { ...line, count: line.count + 1, heightsMm, widthMm: Math.max(line.widthMm, Math.round(widthOf(piece))) }
    }
  }
  return lines
}

/** The piece of another cupboard that is likest to what leads a recipe's middle; null where none does its job. */
export function likeHero({ middle: [hero] }: LookRecipe, pieces: readonly Piece[]): string | null {
  if (!hero) return null
  const far = (piece: StandingPiece) =>
    Math.abs(Math.log(heightOf(piece) / Math.max(1, hero.heightsMm.at(-1)!))) +
    Math.abs(Math.log(widthOf(piece) / Math.max(1, hero.widthMm))) +
    2 * colorDistance(piece.color, hero.color) +
    (piece.material === hero.material ? 0 : 0.4)
  const [best] = pieces
    .filter((piece): piece is StandingPiece => isStanding(piece) && piece.kind === hero.kind && piece.owned > 0 && piece.of === null)
    .sort((a, b) => far(a) - far(b))
  return best?.id ?? null
}

/** A recipe file; undefined for what is none. */
export function readRecipe(text: string): LookRecipe | undefined {
  try {
    const file: unknown = JSON.parse(text)
    return isRecipe(file) ? file : undefined
  } catch {
    return undefined
  }
}

/** Whether a value is a recipe that can be followed. */
export function isRecipe(value: unknown): value is LookRecipe {
  const isColor = (one: unknown) => typeof one === 'string' && /^#[0-9a-f]{6}$/.test(one)
  const isSize = (one: unknown) => typeof one === 'number' && Number.isFinite(one) && one >= 0 && one <= 20_000
  const isLine = (line: RecipeLine) =>
    typeof line?.kind === 'string' && typeof line.material === 'string' && isColor(line.color) && isSize(line.count) && isSize(line.widthMm)
  try {
    const file = value as LookRecipe
    return (
      file.format === 'hestiad-recipe' &&
      file.version === 1 &&
      typeof file.name === 'string' &&
      directions.includes(file.direction) &&
      (file.pattern === null || patternNames.includes(file.pattern)) &&
      (file.fold === null || foldKinds.includes(file.fold)) &&
      [file.cloth, file.runner, file.charger].every((flag) => typeof flag === 'boolean') &&
      file.palette.length <= 12 &&
      file.palette.every((entry) => isColor(entry.color) && colorRoles.includes(entry.role)) &&
      file.middle.length <= 200 &&
      file.middle.every((line) => isLine(line) && line.heightsMm.length > 0 && line.heightsMm.every(isSize))
    )
  } catch {
    return false
  }
}
