import type { Edit } from '../design/edit.js'

type Key = string | number
type Patch = Edit['patches'][number]

/**
 * The places of a look that an edit touches. Where lines join or leave a list, the places of all its lines move, so that the whole list is
 * touched.
 */
function touchedPlaces({ patches }: Pick<Edit, 'patches'>): (readonly Key[])[] {
  return patches.map(({ op, path }: Patch) => {
    const last = path[path.length - 1]
    const moves = last === 'length' || (typeof last === 'number' && op !== 'replace')
    return moves ? path.slice(0, -1) : path
  })
}

/** Whether two edits made on the same look touch the same part of it: one of their places lies in one of the other's. */
export function editsMeet(one: Pick<Edit, 'patches'>, other: Pick<Edit, 'patches'>): boolean {
  const theirs = touchedPlaces(other)
  return touchedPlaces(one).some((place) => theirs.some((their) => liesIn(place, their) || liesIn(their, place)))
}

function liesIn(place: readonly Key[], outer: readonly Key[]): boolean {
  return outer.length <= place.length && outer.every((key, i) => key === place[i])
}
