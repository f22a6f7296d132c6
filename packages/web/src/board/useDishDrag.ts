import { standDish, type Edit, type Look, type TableDish } from '@hestiad/core'
import { useLook } from '../stores/lookStore.js'
import { dragging } from './dragging.js'
import type { Viewport } from './viewport.js'

/** Moves the vessels of a dish about the table; while the pointer moves they are only shown. */
export function useDishDrag(view: () => Viewport) {
  const store = useLook()

  /** The vessel at a spot; those before it that found a place by themselves stay where they are now. */
  function placed(look: Look, dish: TableDish, x: number, y: number): Edit {
    const now = store.figures?.serving.onTable.filter((one) => one.dishId === dish.dishId) ?? []
    const spots = now
      .slice()
      .sort((a, b) => a.vessel - b.vessel)
      .map((one) => ({ xMm: Math.round(one.at?.x ?? 0), yMm: Math.round(one.at?.y ?? 0) }))
    spots[dish.vessel] = { xMm: Math.round(x), yMm: Math.round(y) }
    return standDish(look, dish.dishId, spots)
  }

  function begin(event: PointerEvent, dish: TableDish): void {
    const base = store.look
    const at = dish.at
    if (event.button !== 0 || !base || !at) return
    dragging(event, {
      move: (dx, dy) => {
        const by = view().moved(dx, dy)
        const edit = placed(base, dish, at.x + by.x, at.y + by.y)
        store.hold(edit)
        return edit
      },
      drop: (edit) => store.apply(edit),
      cancel: () => store.letGo()
    })
  }

  /** Whether the key moved it. */
  function nudge([right, up]: readonly [number, number], dish: TableDish, step: number): boolean {
    if (!dish.at || !store.look) return false
    const by = view().turned ? { x: up * step, y: -right * step } : { x: right * step, y: up * step }
    store.apply(placed(store.look, dish, dish.at.x + by.x, dish.at.y + by.y))
    return true
  }

  function letGo(dish: TableDish): void {
    store.run(standDish, dish.dishId, [])
  }
  return { begin, nudge, letGo }
}
