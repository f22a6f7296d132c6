import { colorDistance } from '../color/colorWords.js'
import { byCloseness } from '../design/closeness.js'
import type { Layer } from '../design/layers.js'
import type { Look, PlaceSetting, SettingKinds } from '../design/look.js'
import type { Piece, Plate } from '../design/piece.js'
import { sameJob } from '../design/swap.js'
import { glassesAsked } from '../menu/menuFindings.js'
import { flatwarePatterns } from '../settings/flatwarePatterns.js'
import { insteadOf } from '../settings/insteadOf.js'
import { askedFlatware, askedUppers } from './askedWare.js'
import type { Wares } from './wares.js'

/** Sets too small for everybody take turns: what lies in place of a piece at the second and, where there are three kinds, at the third place. */
export type Turns = ReadonlyMap<Piece, readonly Piece[]>
export const noTurns: Turns = new Map()

const MOST_KINDS = 3
/** Further apart in size two do not read as one layer. Our own starting values. */
const MOST_APART_MM: Readonly<Partial<Record<Piece['kind'], number>>> = { plate: 25, napkin: 60, glass: 60 }
/** Nearer in OKLab two sets read as one, and what taking turns leaves of a table's unity, set by set. Our own starting values. */
const READS_AS_ONE = 0.08
const AS_ONE = 0.97
const MIXED = 0.92

/** Sets that could lie in one layer: of one piece each, or of the pieces of a flatware pattern. */
type Group = readonly (readonly Piece[])[]

/** For each layer of which the house has no set for everybody, its sets by turns with those nearest to them; two kinds of setting where that does, else three. */
export function turnsOf(look: Look, wares: Wares, keep: ReadonlySet<Layer>): Turns {
  const count = look.guests.length
  if (count < 2) return noTurns
  const free = (set: readonly Piece[]) => Math.min(...set.map((piece) => wares.free(piece.id)))
  const short = groupsOf(look, wares, keep).filter((group) => !group.some((set) => free(set) >= count))
  let best: { readonly turns: Map<Piece, readonly Piece[]>; readonly layers: number } = { turns: new Map(), layers: 0 }
  for (let kinds = 2; kinds <= MOST_KINDS; kinds++) {
    const found = short.map((group) => turnsAmong(group, free, count, kinds))
    const layers = found.filter((turns) => turns.length > 0).length
    if (layers > best.layers) best = { turns: new Map(found.flat()), layers }
  }
  return best.turns
}

function groupsOf(look: Look, wares: Wares, keep: ReadonlySet<Layer>): Group[] {
  const alone = (pieces: readonly Piece[]) => pieces.map((piece) => [piece])
  const plates = keep.has('plates') ? [] : wares.some('plate')
  const roles: readonly Plate['role'][] = ['dinner', ...askedUppers(look)]
  const glasses = keep.has('glasses') ? [] : wares.some('glass')
  const asked = askedFlatware(look)
  const patterns = keep.has('flatware') ? [] : flatwarePatterns(wares.some('flatware')).map(({ pieces }) => pieces.filter((piece) => asked.has(piece.role)))
  const most = Math.max(1, ...patterns.map((pieces) => pieces.length))
  return [
    ...roles.map((role) => alone(plates.filter((plate) => plate.role === role))),
    ...(keep.has('napkins') ? [] : [alone(wares.some('napkin'))]),
    ...glassesAsked(look.menu).map((role) => alone(glasses.filter((glass) => glass.role === role))),
    patterns.filter((pieces) => pieces.length === most)
  ]
}

/** Each set of a group that reaches for its places, with the others that lie at theirs; each as a thing of its own, for it may be bought for everybody too. */
function turnsAmong(group: Group, free: (set: readonly Piece[]) => number, count: number, kinds: number): [Piece, readonly Piece[]][] {
  return group.flatMap((first) => {
    const taken = new Map([[first, placesOf(0, count, kinds)]])
    if (free(first) < placesOf(0, count, kinds)) return []
    const others: (readonly Piece[])[] = []
    for (let slot = 1; slot < kinds; slot++) {
      const needed = placesOf(slot, count, kinds)
      const last = others.at(-1) ?? first
      const can = group.filter((set) => set !== last && free(set) >= (taken.get(set) ?? 0) + needed && isOneSize(set[0]!, first[0]!))
      const [nearest] = byCloseness(
        first[0]!,
        can.map((set) => set[0]!)
      )
      const next = can.find((set) => set[0] === nearest)
      if (!next) return []
      taken.set(next, (taken.get(next) ?? 0) + needed)
      others.push(next)
    }
    return first.map((piece) => [{ ...piece }, others.map((set) => set.find((one) => sameJob(one, piece))!)] as [Piece, readonly Piece[]])
  })
}

/** So many places are of the kind that comes after `slot` others. */
const placesOf = (slot: number, count: number, kinds: number) => Math.ceil((count - slot) / kinds)

function isOneSize(a: Piece, b: Piece): boolean {
  return Math.abs(sizeMm(a) - sizeMm(b)) <= (MOST_APART_MM[a.kind] ?? Infinity)
}

function sizeMm(piece: Piece): number {
  if (piece.kind === 'plate') return piece.diameterMm
  if (piece.kind === 'napkin') return piece.sideMm
  return piece.kind === 'glass' ? piece.heightMm : 0
}

/** What the sets that take turns leave of a table's unity. */
export function mixedFit(turns: Turns, pieces: readonly (Piece | null)[]): number {
  const others = pieces.flatMap((piece) => (piece ? (turns.get(piece) ?? []).map((other) => colorDistance(other.color, piece.color)) : []))
  return others.reduce((fit, distance) => fit * (distance < READS_AS_ONE ? AS_ONE : MIXED), 1)
}

/** Kinds of setting with what of `pieces` takes turns; the same kinds where nothing does. */
export function takingTurns(kinds: SettingKinds, setting: PlaceSetting, turns: Turns, pieces: readonly (Piece | null)[]): SettingKinds {
  const turned = pieces.filter((piece) => piece !== null && turns.has(piece)) as readonly Piece[]
  if (turned.length === 0) return kinds
  const slots = Math.max(...turned.map((piece) => turns.get(piece)!.length))
  const others = (['B', 'C'] as const).slice(0, slots).map((key, slot) => {
    const ids = new Map(turned.map((piece) => [piece.id, turns.get(piece)![slot]!.id]))
    return { key, setting: insteadOf(setting, ids) }
  })
  return { ...kinds, others, spread: 'alternating', byGuest: [] }
}
