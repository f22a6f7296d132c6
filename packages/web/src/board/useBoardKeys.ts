import { groupEdit, lockPlaced, mirrorEdit, movedWith, shiftEdit, takeOffEdit, turnPlaced } from '@hestiad/core'
import type { Ref } from 'vue'
import { arrowOf, numberOf, onKeys, timesOf } from '../shell/keys.js'
import { useLook } from '../stores/lookStore.js'
import { usePreferences } from '../stores/preferences.js'

const TURN_DEG = 5

/** What keys do on the Board. */
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

  function letGo(): void {
    store.selected = null
    board.seat.value = null
    store.openFinding = null
  }

  function seat(number: number): void {
    board.seat.value = board.seat.value === number || number > board.seats() ? null : number
  }

  const onKey = onKeys({
    nudge: (event) => nudge(arrowOf(event), preferences.nudgeMm() * timesOf(event)),
    turn: ({ key }) => turn(key === '[' ? TURN_DEG : -TURN_DEG),
    takeOff,
    group,
    lock,
    mirror,
    letGo,
    sit: () => void (board.sitting.value = !board.sitting.value),
    turnTable: () => void (board.turned.value = !board.turned.value),
    seat: (event) => seat(numberOf(event))
  })
  return { onKey }
}
