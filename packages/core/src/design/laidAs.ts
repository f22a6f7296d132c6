import { applyEdit } from './edit.js'
import { takeLayer } from './edits/wholeLook.js'
import { layers } from './layers.js'
import type { Look } from './look.js'

/** A new occasion's first look laid as another occasion's is, layer by layer, in its pattern and under its name: one look for two days. */
export function laidAs(look: Look, from: Look): Look {
  return layers.reduce((all, layer) => applyEdit(all, takeLayer(all, from, layer)), { ...look, name: from.name })
}
