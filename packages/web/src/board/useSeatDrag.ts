import type { Point } from '@hestiad/core'
import { ref } from 'vue'

interface SeatBadge {
  readonly number: number
  readonly at: Point
}

/** Less than this is a click, not a drag; nearer than this to another badge is upon it. In pixels. */
const CLICK_PX = 6
const UPON_PX = 34

/** Drags a guest's badge onto another; the two change places. */
export function useSeatDrag(seats: () => readonly SeatBadge[], exchange: (a: number, b: number) => void) {
  const held = ref<{ readonly number: number; readonly x: number; readonly y: number }>()
  const upon = ref<number>()
  let from: { readonly number: number; readonly clientX: number; readonly clientY: number; readonly at: Point } | undefined

  function begin(event: PointerEvent, seat: SeatBadge): void {
    from = { number: seat.number, clientX: event.clientX, clientY: event.clientY, at: seat.at }
    ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  }

  function move(event: PointerEvent): void {
    if (!from) return
    const [dx, dy] = [event.clientX - from.clientX, event.clientY - from.clientY]
    if (!held.value && Math.hypot(dx, dy) < CLICK_PX) return
    const { number, at } = from
    const [x, y] = [at.x + dx, at.y + dy]
    held.value = { number, x, y }
    upon.value = seats().find((seat) => seat.number !== number && Math.hypot(seat.at.x - x, seat.at.y - y) < UPON_PX)?.number
  }

  /** True when a drag ended, so that the click after it is none. */
  function end(): boolean {
    const dragged = held.value !== undefined
    if (held.value && upon.value !== undefined) exchange(held.value.number, upon.value)
    held.value = undefined
    upon.value = undefined
    from = undefined
    return dragged
  }

  return { held, upon, begin, move, end }
}
