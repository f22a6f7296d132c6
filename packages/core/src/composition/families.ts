import { colorDistance } from '../color/colorWords.js'
import { extentSize, isStanding, longerMm, type Piece, type StandingPiece } from '../design/piece.js'

/** Pieces of one form, one material and one color: twins, and one form in several sizes. */
export interface Family {
  /** Id of its first piece. */
  readonly id: string
  readonly kind: 'single' | 'twins' | 'graded' | 'sizes'
  /** The largest first. */
  readonly pieces: readonly StandingPiece[]
  readonly owned: number
}

/** Nearer than this in OKLab is one color: our own starting value. */
const SAME_COLOR = 0.07
/** Heights of a graded set fall by at least this from one to the next: our own starting value. */
const GRADE = 0.85

const NONE: readonly (readonly string[])[] = []

/** Families of a cupboard, the most numerous first; `together` are groups of ids the stylist has said belong together. */
export function familiesOf(pieces: readonly Piece[], said: readonly (readonly string[])[] = NONE): readonly Family[] {
  const together = said.length === 0 ? NONE : said
  const earlier = known.get(pieces)
  if (earlier && earlier.together === together) return earlier.families
  const families = worked(pieces, together)
  known.set(pieces, { together, families })
  return families
}

const known = new WeakMap<readonly Piece[], { readonly together: readonly (readonly string[])[]; readonly families: readonly Family[] }>()

function worked(pieces: readonly Piece[], together: readonly (readonly string[])[]): Family[] {
  const said = new Set(together.flat())
  const place = new Map(pieces.map((piece, i) => [piece.id, i]))
  return [...byForms(pieces, said)]
    .flatMap(([form, alike]) => groupsOf(alike, form === SAID ? (a, b) => isSaid(a, b, together) : isOfColor))
    .sort((a, b) => place.get(a[0]!.id)! - place.get(b[0]!.id)!)
    .map((group): Family => {
      const sorted = [...group].sort((a, b) => heightOf(b) - heightOf(a) || widthOf(b) - widthOf(a))
      const owned = sorted.reduce((sum, piece) => sum + piece.owned, 0)
      return { id: group[0]!.id, pieces: sorted, owned, kind: kindOf(sorted) }
    })
    .sort((a, b) => b.owned - a.owned)
}

const SAID = 'said'

/** Pieces by what they are: those of different forms are never kin, unless the stylist says so. */
function byForms(pieces: readonly Piece[], said: ReadonlySet<string>): Map<string, StandingPiece[]> {
  const forms = new Map<string, StandingPiece[]>()
  for (const piece of pieces) {
    if (!isStanding(piece)) continue
    const form = said.has(piece.id) ? SAID : formKey(piece)
    const own = forms.get(form)
    if (own) own.push(piece)
    else forms.set(form, [piece])
  }
  return forms
}

const formKey = (piece: StandingPiece) => `${piece.kind} ${piece.material} ${formOf(piece)}`

/** Each joins the first group in which it has kin. */
function groupsOf(pieces: readonly StandingPiece[], areKin: (a: StandingPiece, b: StandingPiece) => boolean): StandingPiece[][] {
  const groups: StandingPiece[][] = []
  for (const piece of pieces) {
    const own = groups.find((group) => group.some((other) => areKin(piece, other)))
    if (own) own.push(piece)
    else groups.push([piece])
  }
  return groups
}

/** The family a piece is of by itself, without what the stylist has said; a form is parted into families when one of it is first asked for. */
export function familyIdIn(pieces: readonly Piece[]): (piece: StandingPiece) => string {
  const known = idsIn.get(pieces)
  if (known) return known
  const forms = byForms(pieces, new Set())
  const ids = new Map<string, string>()
  const idOf = (piece: StandingPiece) => {
    if (!ids.has(piece.id)) for (const group of groupsOf(forms.get(formKey(piece)) ?? [], isOfColor)) for (const one of group) ids.set(one.id, group[0]!.id)
    return ids.get(piece.id) ?? piece.id
  }
  idsIn.set(pieces, idOf)
  return idOf
}

const idsIn = new WeakMap<readonly Piece[], (piece: StandingPiece) => string>()

const isSaid = (a: Piece, b: Piece, together: readonly (readonly string[])[]) => together.some((group) => group.includes(a.id) && group.includes(b.id))
const isOfColor = (a: Piece, b: Piece) => a.color === b.color || colorDistance(a.color, b.color) < SAME_COLOR

function kindOf(sorted: readonly StandingPiece[]): Family['kind'] {
  if (sorted.length === 1) return sorted[0]!.owned > 1 ? 'twins' : 'single'
  const heights = sorted.map(heightOf)
  return sorted.length >= 3 && heights.every((height, i) => i === 0 || height <= GRADE * heights[i - 1]!) ? 'graded' : 'sizes'
}

/** What tells one form of a kind from another. */
export function formOf(piece: StandingPiece): string {
  switch (piece.kind) {
    case 'holder':
      return piece.chimney && piece.takes === 'pillar' ? 'hurricane' : piece.takes
    case 'riser':
      return piece.legs ? 'legs' : 'block'
    default:
      return piece.kind === 'vessel' && piece.form === 'bowl' && piece.baseMm < 0.6 * piece.widestMm && piece.heightMm > 0.6 * piece.widestMm
        ? 'footed'
        : piece.form
  }
}

/** Height of a piece by itself, without candle or flowers. */
export function heightOf(piece: StandingPiece): number {
  if (piece.kind === 'tray') return piece.upper[piece.upper.length - 1]?.heightMm ?? piece.rimMm
  return piece.kind === 'holder' && piece.chimney ? Math.max(piece.heightMm, piece.chimney.rimMm) : piece.heightMm
}

/** Its width at the widest; of what is longer than wide across. */
export function widthOf(piece: StandingPiece): number {
  if (piece.kind === 'vessel') return piece.widestMm
  if (piece.kind === 'holder') return piece.chimney ? Math.max(piece.baseMm, piece.chimney.innerMm + 6) : piece.baseMm
  return extentSize(piece.extent).widthMm
}

export function lengthOf(piece: StandingPiece): number {
  if (piece.kind === 'vessel') return piece.widestMm + longerMm(piece)
  return 'extent' in piece ? extentSize(piece.extent).lengthMm : widthOf(piece)
}
