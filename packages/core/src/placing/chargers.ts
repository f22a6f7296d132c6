import { findPiece, type PieceIndex } from '../design/find.js'
import type { PlaceSetting } from '../design/look.js'

/** Ids of a setting's chargers. */
export function chargersOf(index: PieceIndex, setting: PlaceSetting): string[] {
  return setting.plateIds.filter((id) => findPiece(index, id, 'plate')?.role === 'charger')
}

/** The setting as it is laid where the look lays no chargers. */
export function withoutChargers(index: PieceIndex, setting: PlaceSetting): PlaceSetting {
  const chargers = chargersOf(index, setting)
  return chargers.length === 0 ? setting : { ...setting, plateIds: setting.plateIds.filter((id) => !chargers.includes(id)) }
}
