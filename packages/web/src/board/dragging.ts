/** Movements below this many pixels are a click. */
const CLICK_PX = 3

/**
 * Follows the pointer from a press until it lets go. `move` is told how far it went and gives what would be dropped there; `drop` gets the last
 * of it. Escape or a lost pointer calls `cancel`; a click calls neither.
 */
export function dragging<T>(
  event: PointerEvent,
  on: { move: (dxPx: number, dyPx: number, event: PointerEvent) => T; drop: (last: T) => void; cancel: () => void }
): void {
  event.preventDefault()
  const from = { x: event.clientX, y: event.clientY }
  let last: { readonly value: T } | undefined
  const move = (e: PointerEvent) => {
    const [dx, dy] = [e.clientX - from.x, e.clientY - from.y]
    if (last || Math.hypot(dx, dy) >= CLICK_PX) last = { value: on.move(dx, dy, e) }
  }
  const end = (e: Event) => {
    window.removeEventListener('pointermove', move)
    window.removeEventListener('pointerup', end)
    window.removeEventListener('pointercancel', end)
    window.removeEventListener('keydown', escape)
    if (!last) return
    if (e.type === 'pointerup') on.drop(last.value)
    else on.cancel()
  }
  const escape = (e: KeyboardEvent) => {
    if (e.key === 'Escape') end(e)
  }
  window.addEventListener('pointermove', move)
  window.addEventListener('pointerup', end)
  window.addEventListener('pointercancel', end)
  window.addEventListener('keydown', escape)
}
