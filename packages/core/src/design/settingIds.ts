import type { PlaceSetting } from './look.js'

/** Kind A and all other kinds of a look, or of a draft of one. */
export function allSettings<S>(look: { readonly setting: S; readonly kinds: { readonly others: readonly { readonly setting: S }[] } }): S[] {
  return [look.setting, ...look.kinds.others.map((other) => other.setting)]
}

/** Ids of all pieces of a place setting, the flatware the whole pattern; a piece used twice comes twice. */
export function settingIds(setting: PlaceSetting): string[] {
  const one = [setting.breadPlateId, setting.napkin?.pieceId, setting.favorId]
  return [...setting.plateIds, ...one.filter((id) => id != null), ...setting.flatwareIds, ...setting.substitutes.map((s) => s.pieceId), ...setting.glassIds]
}
