import { byCloseness } from '../design/closeness.js'
import { applyEdit, makeEdit } from '../design/edit.js'
import { findPiece, pieceIndex, piecesOf } from '../design/find.js'
import type { Proposal } from '../design/finding.js'
import type { Look } from '../design/look.js'
import type { SmallerStep } from '../design/remedyShapes.js'
import { allSettings } from '../design/settingIds.js'
import { smallerSteps } from '../design/remedyShapes.js'

/**
 * A smaller setting for everybody: what is least missed first, one thing more at a time, until the look is as it should be. None where even the
 * smallest does not do it, or nothing can be made smaller.
 */
export function smallerSetting(look: Look, good: (look: Look) => boolean): Proposal[] {
  const steps: SmallerStep[] = []
  for (const step of smallerSteps) {
    const before = steps.length > 0 ? applyEdit(look, editOf(look, steps)) : look
    if (!changes(before, step)) continue
    steps.push(step)
    const edit = editOf(look, steps)
    if (good(applyEdit(look, edit))) return [{ code: 'smaller-setting', edit, params: { steps } }]
  }
  return []
}

function changes(look: Look, step: SmallerStep): boolean {
  return editOf(look, [step]).patches.length > 0
}

function editOf(look: Look, steps: readonly SmallerStep[]) {
  const index = pieceIndex(look)
  const isCharger = (id: string) => findPiece(index, id, 'plate')?.role === 'charger'
  return makeEdit(look, 'setting', (draft) => {
    for (const setting of allSettings(draft)) {
      if (steps.includes('dessert-brought-in') && setting.dessertAbove) setting.dessertAbove = false
      if (steps.includes('napkin-on-plate') && setting.napkin?.place === 'left') setting.napkin.place = 'on-plate'
      if (steps.includes('no-bread-plate') && setting.breadPlateId !== null) setting.breadPlateId = null
      if (steps.includes('no-charger') && setting.plateIds.some(isCharger) && !setting.plateIds.every(isCharger))
        setting.plateIds = setting.plateIds.filter((id) => !isCharger(id))
      else if (steps.includes('smaller-charger') && setting.plateIds.some(isCharger)) {
        const ids = setting.plateIds.map((id) => smallerCharger(look, setting.plateIds, id))
        if (ids.some((id, i) => id !== setting.plateIds[i])) setting.plateIds = ids
      }
    }
  })
}

/** The smallest charger of the house that still shows round the plate on it, where enough are owned. */
function smallerCharger(look: Look, plateIds: readonly string[], id: string): string {
  const index = pieceIndex(look)
  const charger = findPiece(index, id, 'plate')
  if (charger?.role !== 'charger') return id
  const above = Math.max(0, ...plateIds.flatMap((other) => (other === id ? [] : [findPiece(index, other, 'plate')?.diameterMm ?? 0])))
  const smaller = piecesOf(look, 'plate').filter(
    (plate) => plate.role === 'charger' && plate.diameterMm < charger.diameterMm - 5 && plate.diameterMm > above && plate.owned >= look.guests.length
  )
  return byCloseness(charger, smaller)[0]?.id ?? id
}
