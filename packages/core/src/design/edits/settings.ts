import { castDraft, type Draft } from 'immer'
import type { BaseParts, BaseSet } from '../baseSet.js'
import { makeEdit, type Edit } from '../edit.js'
import type { FoldKind } from '../foldKinds.js'
import type { Look, PlaceSetting, SettingKinds } from '../look.js'
import type { FlatwareRole, Piece } from '../piece.js'
import { allSettings } from '../settingIds.js'

type Key = 'A' | 'B' | 'C'
type Layers = 'plateIds' | 'glassIds'

/** Runs a change on one kind of setting; kind A where there is no such kind. */
function onKind(look: Look, key: Key, change: (setting: Draft<PlaceSetting>) => void): Edit {
  return makeEdit(look, 'setting', (draft) => change(draft.kinds.others.find((other) => other.key === key)?.setting ?? draft.setting))
}

/** Bread plate, favor, star, card, where dessert flatware lies, how far outward the glasses stand. */
export function changeSetting(
  look: Look,
  key: Key,
  part: Partial<Pick<PlaceSetting, 'breadPlateId' | 'favorId' | 'leavesId' | 'starId' | 'card' | 'dessertAbove' | 'glassesOutMm'>>
): Edit {
  return onKind(look, key, (setting) => void Object.assign(setting, part))
}

/** A base set at every place, of whatever kind; `brought` are those of its pieces that the look has not. What of it nobody has is left out. */
export function layBaseSet(look: Look, { laid }: BaseSet, brought: readonly Piece[] = []): Edit {
  const known = new Set([...look.pieces, ...brought].map((piece) => piece.id))
  const here = (ids: readonly string[]) => ids.filter((id) => known.has(id))
  const parts: BaseParts = {
    ...laid,
    plateIds: here(laid.plateIds),
    breadPlateId: laid.breadPlateId !== null && known.has(laid.breadPlateId) ? laid.breadPlateId : null,
    glassIds: here(laid.glassIds),
    flatwareIds: here(laid.flatwareIds),
    substitutes: laid.substitutes.filter((one) => known.has(one.pieceId))
  }
  return makeEdit(look, 'setting', (draft) => {
    const own = new Set(draft.pieces.map((piece) => piece.id))
    draft.pieces.push(...brought.filter((piece) => !own.has(piece.id)).map(castDraft))
    for (const setting of allSettings(draft)) Object.assign(setting, parts)
  })
}

/** A plate on top of the stack, or a glass after the others. */
export function addLayer(look: Look, key: Key, list: Layers, pieceId: string): Edit {
  return onKind(look, key, (setting) => void setting[list].push(pieceId))
}

export function removeLayer(look: Look, key: Key, list: Layers, i: number): Edit {
  return onKind(look, key, (setting) => void setting[list].splice(i, 1))
}

/** A layer elsewhere in its order; plates lie from the bottom up. A place that is none changes nothing. */
export function moveLayer(look: Look, key: Key, list: Layers, from: number, to: number): Edit {
  return onKind(look, key, (setting) => {
    const ids = setting[list]
    if (!(from in ids) || !(to in ids) || from === to) return
    const [id] = ids.splice(from, 1)
    ids.splice(to, 0, id!)
  })
}

/** A napkin, folded and laid as the one before, or none. */
export function layNapkin(look: Look, key: Key, pieceId: string | null): Edit {
  return onKind(look, key, (setting) => {
    setting.napkin = pieceId === null ? null : { place: 'on-plate', fold: 'band', ...setting.napkin, pieceId }
  })
}

export function changeNapkin(look: Look, key: Key, part: { readonly fold?: FoldKind; readonly place?: 'on-plate' | 'left' }): Edit {
  return onKind(look, key, (setting) => void (setting.napkin && Object.assign(setting.napkin, part)))
}

/** All flatware of a pattern, in place of what was laid. */
export function layPattern(look: Look, key: Key, pieceIds: readonly string[]): Edit {
  return onKind(look, key, (setting) => Object.assign(setting, { flatwareIds: [...pieceIds], substitutes: [] }))
}

/** A piece of flatware laid for a part, or none; what stood in for the part goes. */
export function layFlatware(look: Look, key: Key, role: FlatwareRole, pieceId: string | null): Edit {
  const others = (ids: readonly string[]) =>
    ids.filter((id) => !look.pieces.some((piece) => piece.id === id && piece.kind === 'flatware' && piece.role === role))
  return onKind(look, key, (setting) => {
    setting.flatwareIds = pieceId === null ? others(setting.flatwareIds) : [...others(setting.flatwareIds), pieceId]
    setting.substitutes = setting.substitutes.filter((one) => one.role !== role)
  })
}

/** No other piece in the place of one the pattern lacks. */
export function dropSubstitute(look: Look, key: Key, role: FlatwareRole): Edit {
  return onKind(look, key, (setting) => void (setting.substitutes = setting.substitutes.filter((one) => one.role !== role)))
}

/** Who has which kind, mirrored or not, child-safe or not, chargers or not. */
export function changeKinds(look: Look, part: Partial<Pick<SettingKinds, 'spread' | 'charger' | 'mirrorLeftHanded' | 'childSafe'>>): Edit {
  return makeEdit(look, 'setting', (draft) => void Object.assign(draft.kinds, part))
}

/** Another kind, at first like kind A, for every second guest where all had the same. */
export function addKind(look: Look): Edit {
  const key = look.kinds.others.some((other) => other.key === 'B') ? 'C' : 'B'
  return makeEdit(look, 'setting', ({ kinds }) => {
    kinds.others.push(castDraft({ key, setting: structuredClone(look.setting) }))
    if (kinds.spread === 'same') kinds.spread = 'alternating'
  })
}

/** A kind goes, and with it who had it; with the last one all have the same. */
export function removeKind(look: Look, key: Key): Edit {
  return makeEdit(look, 'setting', ({ kinds }) => {
    kinds.others = kinds.others.filter((other) => other.key !== key)
    kinds.byGuest = kinds.byGuest.filter((one) => one.key !== key)
    if (kinds.others.length === 0) kinds.spread = 'same'
  })
}

/** The kind a guest has where kinds go by guest. */
export function giveKind(look: Look, guestId: string, key: Key): Edit {
  return makeEdit(look, 'setting', ({ kinds }) => {
    kinds.byGuest = kinds.byGuest.filter((one) => one.guestId !== guestId)
    if (key !== 'A') kinds.byGuest.push({ guestId, key })
  })
}
