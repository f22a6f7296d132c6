import type { Look } from '../design/look.js'
import { fromFrame } from '../geometry/point.js'
import { folds } from '../reference/folds.js'
import type { Place } from '../seating/places.js'
import { cardAt } from '../placing/settingItems.js'
import { settingOf, type PlaceLayout } from '../settings/settingKinds.js'
import { box, type WorldSolid } from '../solids/solid.js'

/** A folded napkin or a place card where it stands before a guest. */
export interface LaidTinder {
  readonly number: number
  readonly what: 'napkin' | 'card'
  readonly solid: WorldSolid
}

/** What of the place settings burns. */
export function laidTinder(look: Pick<Look, 'setting' | 'kinds'>, places: readonly Place[], layouts: readonly PlaceLayout[]): LaidTinder[] {
  return places.flatMap((place, i) => {
    const { key, layout, mirrored } = layouts[i]!
    const { napkin, card } = settingOf(look, key)
    const stackMm = layout.items.reduce((sum, { piece, what }) => (what === 'plate' && piece.kind === 'plate' ? sum + piece.heightMm : sum), 0)
    const tinder: LaidTinder[] = []
    for (const item of layout.items) {
      if (item.piece.kind !== 'napkin' || !napkin) continue
      const footMm = item.stacked ? stackMm : 0
      const solid = box(footMm, footMm + item.piece.sideMm * folds[napkin.fold].height, item.halfXMm, item.halfYMm, 1)
      tinder.push({ number: place.number, what: 'napkin', solid: at(place, solid, mirrored ? -item.x : item.x, item.y) })
    }
    if (card) {
      const { x, y, halfXMm, halfYMm, heightMm } = cardAt(layout)
      tinder.push({ number: place.number, what: 'card', solid: at(place, box(0, heightMm, halfXMm, halfYMm, 1), x, y) })
    }
    return tinder
  })
}

function at(place: Place, solid: ReturnType<typeof box>, x: number, y: number): WorldSolid {
  return { ...solid, ...fromFrame(place, { x, y }), turnRad: place.turnRad }
}
