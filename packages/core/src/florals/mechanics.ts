import type { Arrangement, Mechanics } from '../design/look.js'
import type { Vessel } from '../design/piece.js'
import { TAPE_FROM_MOUTH_MM } from '../reference/supplies.js'

/** What holds the stems: what the stylist chose, or what is usual: foam in a bowl or a trough, tape over any other wide mouth, nothing in a narrow one. */
export function mechanicsOf(vessel: Vessel, arrangement: Arrangement): Mechanics {
  if (arrangement.mechanics) return arrangement.mechanics
  if (vessel.form === 'bowl' || vessel.form === 'trough') return 'foam'
  return vessel.mouthMm >= TAPE_FROM_MOUTH_MM ? 'tape' : 'none'
}
