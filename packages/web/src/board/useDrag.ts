import { dropEdit, dropOnto, movedWith, riseTo, shiftEdit, snap, standings, type Edit, type Look, type Point, type Snap } from '@hestiad/core'
import { ref } from 'vue'
import { useLook } from '../stores/lookStore.js'
import { dragging } from './dragging.js'
import type { Viewport } from './viewport.js'

const riseOf = (look: Look, id: string) => look.centerpiece.find((placed) => placed.id === id)?.arrangement?.riseMm ?? 0

/** A piece is drawn to a line of the trade within so many pixels of it. */
const SNAP_PX = 9

/**
 * Dragging a placed piece, with its group and in mirror mode its twin. While the pointer moves the look is only shown; one edit is made when it
 * lets go, so undo takes the whole drag back. Escape puts the piece back; Alt keeps it from being drawn to lines.
 */
export function useDrag(view: () => Viewport) {
  const store = useLook()
  /** What the piece is held by while it is dragged. */
  const held = ref<Snap | null>(null)
  /** Id of what it would stand on or in if it were let go of now. */
  const onto = ref<string | null>(null)

  /** Pressed by the mark of a finding, which lies over it, a piece is chosen only when it is dragged: a click opens the finding. */
  function begin(event: PointerEvent, id: string, what: 'plan' | 'elevation' | 'rise', byMark = false): void {
    if (event.button !== 0 || !store.look) return
    if (event.shiftKey) {
      event.preventDefault()
      store.choose(id, true)
      return
    }
    if (!byMark) store.choose(id)
    // keys go to what was taken hold of
    if (!byMark && event.currentTarget instanceof SVGElement) event.currentTarget.focus()
    const base = store.look
    if (base.centerpiece.find((placed) => placed.id === id)?.locked) return
    dragging(event, {
      move: (dx, dy, e) => {
        if (byMark && store.selected !== id) store.choose(id)
        const edit =
          what === 'rise'
            ? riseTo(base, id, riseOf(base, id) - dy / view().scale)
            : moved(base, id, what === 'plan' ? view().moved(dx, dy) : view().lifted(dx, dy), e.altKey)
        store.hold(edit)
        return edit
      },
      drop: (edit) => {
        held.value = null
        onto.value = null
        store.apply(edit)
      },
      cancel: () => {
        held.value = null
        onto.value = null
        store.letGo()
      }
    })
  }

  function moved(base: Look, id: string, by: Point, free: boolean): Edit {
    const all = standings(base)
    const self = all.find((one) => one.placed.id === id)
    if (!self) return shiftEdit(base, id, by)
    const spot = { x: self.pose.x + by.x, y: self.pose.y + by.y }
    const below = free || self.placed.how !== 'standing' || movedWith(base, id).length > 1 ? undefined : dropOnto(spot, self, all)
    const to = below?.below.placed.id ?? null
    const same = to === self.placed.on && (below?.level ?? 0) === self.placed.level
    onto.value = same ? null : to
    if (below !== undefined && !same) {
      held.value = null
      return dropEdit(base, self, spot, below)
    }
    if (self.placed.on !== null) return shiftEdit(base, id, by)
    const middle = store.figures?.composition.middle
    const others = movedWith(base, id)
    const around = standings(base).filter((one) => !others.includes(one.placed.id))
    const taken = free || !middle ? null : snap(spot, self, around, { lengthMm: middle.lengthMm, middleY: 0 }, SNAP_PX / view().scale)
    held.value = taken && (taken.alongBy || taken.acrossBy) ? taken : null
    const at = taken?.at ?? spot
    return shiftEdit(base, id, { x: at.x - self.pose.x, y: at.y - self.pose.y }, store.mirror)
  }
  return { begin, held, onto }
}
