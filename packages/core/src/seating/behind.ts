import type { Guest, Look, Side } from '../design/look.js'
import { BEHIND_PASS_MM, BEHIND_WALL_MM, wheelchairMm } from '../reference/room.js'
import type { Place } from './places.js'

/** The side of the room at a guest's back. */
export function sideBehind(place: Pick<Place, 'turnRad'>): Side {
  const [outX, outY] = [Math.sin(place.turnRad), -Math.cos(place.turnRad)]
  return Math.abs(outX) > Math.abs(outY) ? (outX > 0 ? 'east' : 'west') : outY > 0 ? 'north' : 'south'
}

/** Room the seated need behind them on each side; a bench is slid into from its end. */
export function behindNeededMm(look: Pick<Look, 'table' | 'room'>, guests: readonly Guest[]): number {
  const bench = look.table.chair.kind === 'bench' ? 0 : BEHIND_WALL_MM
  return Math.max(bench, look.room.pass ? BEHIND_PASS_MM : 0, guests.some((guest) => guest.wheelchair) ? wheelchairMm.clearDepth : 0)
}
