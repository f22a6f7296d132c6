import type { Layer } from '../design/layers.js'
import type { Look } from '../design/look.js'
import type { Piece } from '../design/piece.js'
import { askedUppers } from './askedWare.js'
import type { Uncosted } from './laidCast.js'
import type { Wares } from './wares.js'
import type { Lacking } from './wholeLook.js'

/** What of plates and napkins nothing is cast of though everybody needs it. */
export function lackingOf(look: Look, wares: Wares, cast: Pick<Uncosted, 'dinner' | 'upper' | 'napkin'>, keep: ReadonlySet<Layer>): Lacking[] {
  const asked = look.guests.length
  const most = (pieces: readonly Piece[]) => Math.max(0, ...pieces.map((piece) => wares.free(piece.id)))
  const plate = (role: 'dinner' | 'salad' | 'bowl') => ({ what: role, have: most(wares.some('plate').filter((one) => one.role === role)), asked })
  const uppers = askedUppers(look).filter((role): role is 'salad' | 'bowl' => role === 'salad' || role === 'bowl')
  return [
    ...(keep.has('plates') || cast.dinner ? [] : [plate('dinner')]),
    ...(keep.has('plates') ? [] : uppers.filter((role) => !cast.upper.some((one) => one.role === role)).map(plate)),
    ...(keep.has('napkins') || cast.napkin ? [] : [{ what: 'napkin' as const, have: most(wares.some('napkin')), asked }])
  ]
}
