import type { PlaceSetting } from './look.js'

/** Ids of all pieces of a place setting, the flatware the whole pattern; a piece used twice comes twice. */
export function settingIds(setting: PlaceSetting): string[] {
  const one = [setting.breadPlateId, setting.napkin?.pieceId, setting.favorId]
  return [...setting.plateIds, ...one.filter((id) => id != null), ...setting.flatwareIds, ...setting.substitutes.map((s) => s.pieceId), ...setting.glassIds]
}
