import type { Standing } from '../centerpiece/standing.js'
import { hiddenAndRegained } from './hiddenShare.js'
import type { Shadow } from './shadow.js'
import { shadowsOf } from './shadowsOf.js'
import { sameList } from '../subject/part.js'
import type { SightLines } from './sightLines.js'

/** What everybody sees of everybody. */
export interface TableSight {
  readonly count: number
  /** Hidden share of face `to` from `from` at [from * count + to]. */
  readonly hidden: Float64Array
  readonly pairs: number
  /** A pair counts as seeing each other when at most this share of the face is hidden. */
  readonly limit: number
  /** Pairs within the limit. */
  readonly seen: number
  readonly meanHidden: number
  /** How many of the others each guest can see. */
  readonly seenBy: readonly number[]
  /** What each piece costs, dearest first. */
  readonly costs: readonly SightCost[]
}

export interface SightCost {
  readonly placedId: string
  /** Sum over pairs of the hidden share that would go if the piece went. */
  readonly faces: number
  /** Pairs past the limit in which this piece hides the most. */
  readonly blames: readonly { readonly from: number; readonly to: number; readonly hidden: number }[]
}

interface PieceShadows {
  readonly lines: SightLines
  readonly shadows: readonly Shadow[]
}

const pieceShadows = new WeakMap<Standing, PieceShadows>()

/** All shadows a piece casts on faces; remembered for as long as the piece and the guests stay where they are. */
function shadowsOfPiece(standing: Standing, lines: SightLines): readonly Shadow[] {
  const earlier = pieceShadows.get(standing)
  if (earlier && earlier.lines === lines) return earlier.shadows
  const shadows = [...shadowsOf(standing.solids, lines)]
  pieceShadows.set(standing, { lines, shadows })
  return shadows
}

/** What hides one face from one guest, and what that comes to. */
interface PairSight {
  readonly shadows: readonly Shadow[]
  readonly hidden: number
  /** Placed ids of the owners of the shadows, and the share that would be seen again without each. */
  readonly owners: readonly string[]
  readonly regained: readonly number[]
}

/** Of each pair the last two results: what is tried on a look and taken back again is not worked out twice. */
const pairsKnown = new WeakMap<SightLines, (readonly PairSight[])[]>()

function pairSight(known: (readonly PairSight[])[], pair: number, shadows: readonly Shadow[], owners: readonly string[]): PairSight {
  const [last, other] = known[pair] ?? []
  if (last && sameList(last.shadows, shadows)) return last
  const sight = other && sameList(other.shadows, shadows) ? other : workOut(shadows, owners)
  known[pair] = last ? [sight, last] : [sight]
  return sight
}

function workOut(shadows: readonly Shadow[], owners: readonly string[]): PairSight {
  const distinct: string[] = []
  // shadows come piece by piece
  const numbers = owners.map((owner) => (distinct[distinct.length - 1] === owner ? distinct.length : distinct.push(owner)) - 1)
  return { shadows, owners: distinct, ...hiddenAndRegained(shadows, numbers, distinct.length) }
}

/** Hidden shares for every ordered pair of guests behind the pieces that stand at the meal; past the `limit` share a face counts as not seen. */
export function tableSight(lines: SightLines, standing: readonly Standing[], limit: number): TableSight {
  const { count } = lines
  const shadows: Shadow[][] = []
  const owners: string[][] = []
  for (const piece of standing) {
    for (const shadow of shadowsOfPiece(piece, lines)) {
      ;(shadows[shadow.pair] ??= []).push(shadow)
      ;(owners[shadow.pair] ??= []).push(piece.placed.id)
    }
  }
  let known = pairsKnown.get(lines)
  if (!known) pairsKnown.set(lines, (known = []))
  const hidden = new Float64Array(count * count)
  const costs = new Map<string, { faces: number; blames: { from: number; to: number; hidden: number }[] }>()
  for (let pair = 0; pair < shadows.length; pair++) {
    if (!shadows[pair]) continue
    const sight = pairSight(known, pair, shadows[pair]!, owners[pair]!)
    hidden[pair] = sight.hidden
    charge(costs, sight, limit, { from: Math.floor(pair / count), to: pair % count, hidden: sight.hidden })
  }
  return summary(
    count,
    limit,
    hidden,
    [...costs].map(([placedId, cost]) => ({ placedId, ...cost }))
  )
}

/** Adds to each owner what would be seen again without it; a pair past the limit is laid to the one that costs it most. */
function charge(
  costs: Map<string, { faces: number; blames: { from: number; to: number; hidden: number }[] }>,
  sight: PairSight,
  limit: number,
  view: { from: number; to: number; hidden: number }
): void {
  const most = Math.max(...sight.regained)
  sight.owners.forEach((owner, i) => {
    const cost = costs.get(owner) ?? { faces: 0, blames: [] }
    costs.set(owner, cost)
    cost.faces += sight.regained[i]!
    if (sight.hidden > limit && sight.regained.indexOf(most) === i) cost.blames.push(view)
  })
}

function summary(count: number, limit: number, hidden: Float64Array, costs: SightCost[]): TableSight {
  const seenBy = Array.from({ length: count }, () => 0)
  let sum = 0
  for (let from = 0; from < count; from++) {
    for (let to = 0; to < count; to++) {
      if (from === to) continue
      const share = hidden[from * count + to]!
      sum += share
      if (share <= limit) seenBy[from]!++
    }
  }
  const pairs = count * Math.max(0, count - 1)
  return {
    count,
    hidden,
    limit,
    pairs,
    seen: seenBy.reduce((a, b) => a + b, 0),
    meanHidden: pairs === 0 ? 0 : sum / pairs,
    seenBy,
    costs: costs.filter((cost) => cost.faces > 1e-6).sort((a, b) => b.faces - a.faces || (a.placedId < b.placedId ? -1 : 1))
  }
}
