import type { PlaceSetting } from '../design/look.js'

/** A setting with other pieces in the place of some, by their ids. */
export function insteadOf(setting: PlaceSetting, ids: ReadonlyMap<string, string>): PlaceSetting {
  const swap = (id: string) => ids.get(id) ?? id
  return {
    ...setting,
    plateIds: setting.plateIds.map(swap),
    glassIds: setting.glassIds.map(swap),
    flatwareIds: setting.flatwareIds.map(swap),
    breadPlateId: setting.breadPlateId && swap(setting.breadPlateId),
    napkin: setting.napkin && { ...setting.napkin, pieceId: swap(setting.napkin.pieceId) },
    starId: setting.starId && swap(setting.starId)
  }
}
