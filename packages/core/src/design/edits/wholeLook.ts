import { replaceEdit, type Edit } from '../edit.js'
import { layerPieces, type Layer } from '../layers.js'
import type { Look, PlaceSetting } from '../look.js'

/** All that a composed look lays in the place of what is laid now: linens, settings, middle, with the pieces and offers it brings. Brief, company and table stay. */
export function layWholeLook(look: Look, composed: Look): Edit {
  const { pieces, offers, linens, setting, kinds, centerpiece, school } = composed
  return replaceEdit(look, 'setting', { ...look, pieces, offers, linens, setting, kinds, centerpiece, school: { ...look.school, pattern: school.pattern } })
}

/** A layer as another look lays it, at every place, with the pieces and offers it brings: the base stays the same from look to look. */
export function takeLayer(look: Look, from: Look, layer: Layer): Edit {
  const known = new Set(look.pieces.map((piece) => piece.id))
  const fresh = layerPieces(from, layer).filter((piece) => !known.has(piece.id))
  const brought = new Set(fresh.map((piece) => piece.id))
  const all = {
    ...look,
    pieces: [...look.pieces, ...fresh],
    offers: [...look.offers, ...from.offers.filter((offer) => brought.has(offer.pieceId))]
  }
  if (layer === 'linens') return replaceEdit(look, 'setting', { ...all, linens: from.linens })
  if (layer === 'middle')
    return replaceEdit(look, 'setting', { ...all, centerpiece: from.centerpiece, school: { ...look.school, pattern: from.school.pattern } })
  return replaceEdit(look, 'setting', { ...all, ...takenAtPlaces(look, from, layer) })
}

/** Every kind of setting with the layer as the other look's same kind has it; kinds that differ there in just this layer come with it. */
function takenAtPlaces(look: Look, from: Look, layer: SettingLayer): Pick<Look, 'setting' | 'kinds'> {
  const theirs = settingPart(from.setting, layer)
  const differ = from.kinds.others.filter((other) => JSON.stringify(settingPart(other.setting, layer)) !== JSON.stringify(theirs))
  const own = look.kinds.others
  const keys = [...new Set([...own, ...differ].map((other) => other.key))]
  const others = keys.map((key) => {
    const setting = own.find((other) => other.key === key)?.setting ?? look.setting
    const taken = differ.find((other) => other.key === key)
    return { key, setting: { ...setting, ...(taken ? settingPart(taken.setting, layer) : theirs) } }
  })
  const { spread, byGuest } = own.length > 0 || differ.length === 0 ? look.kinds : from.kinds
  const here = byGuest.filter((one) => look.guests.some((guest) => guest.id === one.guestId))
  return { setting: { ...look.setting, ...theirs }, kinds: { ...look.kinds, others, spread, byGuest: here } }
}

type SettingLayer = Exclude<Layer, 'linens' | 'middle'>

function settingPart(setting: PlaceSetting, layer: SettingLayer): Partial<PlaceSetting> {
  const { plateIds, breadPlateId, napkin, glassIds, glassesOutMm, flatwareIds, substitutes, dessertAbove } = setting
  switch (layer) {
    case 'plates':
      return { plateIds, breadPlateId }
    case 'napkins':
      return { napkin }
    case 'glasses':
      return { glassIds, glassesOutMm }
    case 'flatware':
      return { flatwareIds, substitutes, dessertAbove }
  }
}
