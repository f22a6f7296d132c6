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
  const part = settingPart(from.setting, layer)
  const others = look.kinds.others.map((other) => ({ ...other, setting: { ...other.setting, ...part } }))
  return replaceEdit(look, 'setting', { ...all, setting: { ...look.setting, ...part }, kinds: { ...look.kinds, others } })
}

function settingPart(setting: PlaceSetting, layer: Exclude<Layer, 'linens' | 'middle'>): Partial<PlaceSetting> {
  const { plateIds, breadPlateId, napkin, glassIds, flatwareIds, substitutes, dessertAbove } = setting
  switch (layer) {
    case 'plates':
      return { plateIds, breadPlateId }
    case 'napkins':
      return { napkin }
    case 'glasses':
      return { glassIds }
    case 'flatware':
      return { flatwareIds, substitutes, dessertAbove }
  }
}
