import type { PlaceSetting } from './look.js'
import { settingUses } from './pieceUses.js'

/** Kind A and all other kinds of a look, or of a draft of one. */
export function allSettings<S>(look: { readonly setting: S; readonly kinds: { readonly others: readonly { readonly setting: S }[] } }): S[] {
  return [look.setting, ...look.kinds.others.map((other) => other.setting)]
}

/** Ids of all pieces of a place setting, the flatware the whole pattern; a piece used twice comes twice. */
export function settingIds(setting: PlaceSetting): string[] {
  return settingUses(setting)
    .filter((use) => use.role !== 'star')
    .map((use) => use.pieceId)
}
