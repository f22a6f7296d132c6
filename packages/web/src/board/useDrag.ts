import { applyEdit, makeEdit, type Look } from '@hestiad/core'
import { useLook } from '../stores/lookStore.js'
import { dragging } from './dragging.js'
import type { Viewport } from './viewport.js'

type Recipe = Parameters<typeof makeEdit>[2]

/**
 * Dragging a placed piece. While the pointer moves the look is only shown; one edit is made when it lets go, so undo takes the whole drag back.
 * Escape puts the piece back.
 */
export function useDrag(view: () => Viewport) {
  const store = useLook()

  function begin(event: PointerEvent, id: string, what: 'plan' | 'elevation' | 'rise'): void {
    if (event.button !== 0 || !store.look) return
    store.selected = id
    const base = store.look
    const name = what === 'rise' ? 'florals' : 'move'
    dragging(event, {
      move: (dx, dy) => {
        const recipe = what === 'rise' ? rise(base, id, -dy / view().scale) : shift(base, id, what === 'plan' ? view().moved(dx, dy) : view().lifted(dx, dy))
        store.show(applyEdit(base, makeEdit(base, name, recipe)))
        return recipe
      },
      drop: (recipe) => store.commit(base, makeEdit(base, name, recipe)),
      cancel: () => store.show(base)
    })
  }
  return { begin }
}

/** A shift on the table, given to the piece in the frame of what it stands on. */
export function shift(look: Look, id: string, by: { x: number; y: number }): Recipe {
  const turn = supportTurnRad(look, id)
  const cos = Math.cos(-turn)
  const sin = Math.sin(-turn)
  return (draft) => {
    const placed = draft.centerpiece.find((p) => p.id === id)
    if (!placed) return
    placed.xMm = Math.round(placed.xMm + by.x * cos - by.y * sin)
    placed.yMm = Math.round(placed.yMm + by.x * sin + by.y * cos)
  }
}

function supportTurnRad(look: Look, id: string): number {
  let turn = 0
  let on = look.centerpiece.find((p) => p.id === id)?.on ?? null
  while (on !== null) {
    const below = look.centerpiece.find((p) => p.id === on)
    turn += ((below?.turnDeg ?? 0) * Math.PI) / 180
    on = below?.on ?? null
  }
  return turn
}

function rise(look: Look, id: string, byMm: number): Recipe {
  const was = look.centerpiece.find((p) => p.id === id)?.arrangement?.riseMm ?? 0
  return (draft) => {
    const arrangement = draft.centerpiece.find((p) => p.id === id)?.arrangement
    if (arrangement) arrangement.riseMm = Math.max(20, Math.min(900, Math.round(was + byMm)))
  }
}
