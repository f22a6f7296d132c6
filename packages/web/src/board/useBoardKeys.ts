import { groupEdit, lockPlaced, mirrorEdit, movedWith, shiftEdit, takeOffEdit, turnPlaced } from '@hestiad/core'
import type { Ref } from 'vue'
import { useLook } from '../stores/lookStore.js'
import { usePreferences } from '../stores/preferences.js'

const TURN_DEG = 5
const arrows: Record<string, readonly [number, number]> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }

/** Keys of the Board: arrows nudge, brackets turn, Delete takes off, g groups, l keeps in place, m mirrors, numbers choose a seat, t turns the table, v shows it from the chosen seat. */
export function useBoardKeys(board: { turned: Ref<boolean>; seat: Ref<number | null>; sitting: Ref<boolean>; seats: () => number }) {
  const store = useLook()
  const preferences = usePreferences()

  function nudge([dx, dy]: readonly [number, number], step: number): void {
    const id = store.selected
    if (!id || !store.look) return
    const by = board.turned.value ? { x: dy * step, y: -dx * step } : { x: dx * step, y: dy * step }
    store.run(shiftEdit, id, by, store.mirror)
  }

  function turn(byDeg: number): void {
    if (store.selected) store.run(turnPlaced, store.selected, byDeg)
  }

  function takeOff(): void {
    if (!store.selected || !store.look) return
    store.run(takeOffEdit, store.selected)
    store.selected = null
  }

  function group(): void {
    if (store.look && store.chosen.length > 0) store.run(groupEdit, store.chosen.length > 1 ? store.chosen : movedWith(store.look, store.chosen[0]!))
  }

  function lock(): void {
    const loose = store.look?.centerpiece.some((placed) => store.chosen.includes(placed.id) && !placed.locked) ?? false
    store.run(lockPlaced, store.chosen, loose)
  }

  function mirror(): void {
    if (store.look && store.selected) store.run(mirrorEdit, store.selected, store.mirror ?? 'ends')
  }

  function onKey(event: KeyboardEvent): void {
    if (event.ctrlKey || event.metaKey || event.altKey) return
    const arrow = arrows[event.key]
    if (arrow) nudge(arrow, preferences.nudgeMm() * (event.shiftKey ? 4 : 1))
    else if (event.key === '[') turn(TURN_DEG)
    else if (event.key === ']') turn(-TURN_DEG)
    else if (event.key === 'Delete' || event.key === 'Backspace') takeOff()
    else if (event.key === 'g') group()
    else if (event.key === 'l') lock()
    else if (event.key === 'm') mirror()
    else if (event.key === 'v') board.sitting.value = !board.sitting.value
    else if (event.key === 't') board.turned.value = !board.turned.value
    else if (event.key === 'Escape') {
      store.selected = null
      board.seat.value = null
      store.openFinding = null
    } else if (/^[0-9]$/.test(event.key)) {
      const number = event.key === '0' ? 10 : Number(event.key)
      board.seat.value = board.seat.value === number || number > board.seats() ? null : number
    } else return
    event.preventDefault()
  }
  return { onKey }
}
