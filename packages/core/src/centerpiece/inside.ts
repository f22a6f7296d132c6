import { asideMm } from './nest.js'
import { shellMm } from '../reference/materials.js'
import { rimHeightMm, standHeightMm, takesStems } from '../solids/pieceSolids.js'
import { bodySolids, type Standing } from './standing.js'
import { solidReachMm } from '../solids/solid.js'

/** How a thing sits in a vessel. */
export interface Inside {
  readonly placedId: string
  readonly inId: string
  /** Air between it and the wall at the mouth, on each side; negative when it is wider. */
  readonly airMm: number
  /** How far above the floor the walls hold it. */
  readonly liftMm: number
  /** How much of it shows above the rim; null where there is no wall to look over. */
  readonly showsMm: number | null
  readonly heightMm: number
}

/** Everything that stands in an open vessel: bowls in bowls, fruit in bowls. */
export function insides(standing: readonly Standing[]): Inside[] {
  const byId = new Map(standing.map((one) => [one.placed.id, one]))
  return standing.flatMap((one) => {
    const below = one.placed.on === null || one.placed.how !== 'standing' ? undefined : byId.get(one.placed.on)
    if (below?.piece.kind !== 'vessel' || !takesStems(below.piece)) return []
    const widest = Math.max(...bodySolids(one).map(solidReachMm))
    const aside = asideMm(below.piece, { x: one.placed.xMm, y: one.placed.yMm })
    const rim = rimHeightMm(below.piece)
    return [
      {
        placedId: one.placed.id,
        inId: below.placed.id,
        airMm: below.piece.mouthMm / 2 - shellMm[below.piece.material] - aside - widest,
        liftMm: one.footMm - below.footMm - standHeightMm(below.piece),
        showsMm: rim === null ? null : Math.max(0, one.topMm - below.footMm - rim),
        heightMm: one.topMm - one.footMm
      }
    ]
  })
}
