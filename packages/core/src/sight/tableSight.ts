import type { Standing } from '../centerpiece/standing.js'
import { hiddenShare } from './hiddenShare.js'
import { castShadow, mayTouch, type Shadow } from './shadow.js'
import type { SightLines } from './sightLines.js'
import { solidPoints, type SolidPoints } from './solidPoints.js'

/** A pair counts as seeing each other when at most this share of the face is hidden. */
export const HIDDEN_LIMIT = 0.2

/** What everybody sees of everybody. */
export interface TableSight {
  readonly count: number
  /** Hidden share of face `to` from `from` at [from * count + to]. */
  readonly hidden: Float64Array
  readonly pairs: number
  /** Pairs within `HIDDEN_LIMIT`. */
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

const points = new WeakMap<Standing, readonly SolidPoints[]>()
const shadowsKnown = new WeakMap<Standing, PieceShadows>()

/** All shadows a piece casts on faces; remembered for as long as the piece and the guests stay where they are. */
function shadowsOf(standing: Standing, lines: SightLines): readonly Shadow[] {
  const earlier = shadowsKnown.get(standing)
  if (earlier && earlier.lines === lines) return earlier.shadows
  let solids = points.get(standing)
  if (!solids) points.set(standing, (solids = standing.solids.map(solidPoints)))
  const shadows: Shadow[] = []
  for (const solid of solids) {
    for (let from = 0; from < lines.count; from++) {
      for (let to = 0; to < lines.count; to++) {
        const pair = from * lines.count + to
        if (from === to || !mayTouch(lines, pair, solid)) continue
        const shadow = castShadow(lines, pair, solid)
        if (shadow) shadows.push(shadow)
      }
    }
  }
  shadowsKnown.set(standing, { lines, shadows })
  return shadows
}

/** Hidden shares for every ordered pair of guests behind the pieces that stand at the meal. */
export function tableSight(lines: SightLines, standing: readonly Standing[]): TableSight {
  const { count } = lines
  const byPair = new Map<number, { shadow: Shadow; owner: number }[]>()
  standing.forEach((piece, owner) => {
    for (const shadow of shadowsOf(piece, lines)) {
      const list = byPair.get(shadow.pair)
      if (list) list.push({ shadow, owner })
      else byPair.set(shadow.pair, [{ shadow, owner }])
    }
  })
  const hidden = new Float64Array(count * count)
  const faces = new Float64Array(standing.length)
  const blames: { from: number; to: number; hidden: number }[][] = standing.map(() => [])
  for (const [pair, list] of byPair) {
    const share = hiddenShare(list.map((entry) => entry.shadow))
    hidden[pair] = share
    const dearest = chargeOwners(list, share, faces)
    if (share > HIDDEN_LIMIT) blames[dearest]!.push({ from: Math.floor(pair / count), to: pair % count, hidden: share })
  }
  return summary(count, hidden, standing.map((piece, i) => ({ placedId: piece.placed.id, faces: faces[i]!, blames: blames[i]! })))
}

/** Adds to each owner what would be seen again without it, and names the one that costs this pair most. */
function chargeOwners(list: readonly { shadow: Shadow; owner: number }[], share: number, faces: Float64Array): number {
  const owners = [...new Set(list.map((entry) => entry.owner))]
  let dearest = owners[0]!
  let most = -1
  for (const owner of owners) {
    const without = owners.length === 1 ? 0 : hiddenShare(list.filter((entry) => entry.owner !== owner).map((entry) => entry.shadow))
    faces[owner]! += share - without
    if (share - without > most) {
      most = share - without
      dearest = owner
    }
  }
  return dearest
}

function summary(count: number, hidden: Float64Array, costs: SightCost[]): TableSight {
  const seenBy = Array.from({ length: count }, () => 0)
  let sum = 0
  for (let from = 0; from < count; from++) {
    for (let to = 0; to < count; to++) {
      if (from === to) continue
      const share = hidden[from * count + to]!
      sum += share
      if (share <= HIDDEN_LIMIT) seenBy[from]!++
    }
  }
  const pairs = count * Math.max(0, count - 1)
  return {
    count,
    hidden,
    pairs,
    seen: seenBy.reduce((a, b) => a + b, 0),
    meanHidden: pairs === 0 ? 0 : sum / pairs,
    seenBy,
    costs: costs.filter((cost) => cost.faces > 1e-6).sort((a, b) => b.faces - a.faces || (a.placedId < b.placedId ? -1 : 1))
  }
}
