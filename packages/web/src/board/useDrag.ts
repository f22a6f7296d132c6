import {
  applyEdit,
  dropOnto,
  makeEdit,
  movedWith,
  snap,
  standings,
  toFrame,
  twinOf,
  type Look,
  type MirrorAxis,
  type Onto,
  type Point,
  type Snap,
  type Standing
} from '@hestiad/core'
import { ref } from 'vue'
import { useLook } from '../stores/lookStore.js'
import { dragging } from './dragging.js'
import type { Viewport } from './viewport.js'

type Recipe = Parameters<typeof makeEdit>[2]

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

  function begin(event: PointerEvent, id: string, what: 'plan' | 'elevation' | 'rise'): void {
    if (event.button !== 0 || !store.look) return
    if (event.shiftKey) {
      event.preventDefault()
      store.choose(id, true)
      return
    }
    store.choose(id)
    // keys go to what was taken hold of
    if (event.currentTarget instanceof SVGElement) event.currentTarget.focus()
    const base = store.look
    if (base.centerpiece.find((placed) => placed.id === id)?.locked) return
    const name = what === 'rise' ? 'florals' : 'move'
    dragging(event, {
      move: (dx, dy, e) => {
        const recipe =
          what === 'rise' ? rise(base, id, -dy / view().scale) : moved(base, id, what === 'plan' ? view().moved(dx, dy) : view().lifted(dx, dy), e.altKey)
        store.showHeld(applyEdit(base, makeEdit(base, name, recipe)))
        return recipe
      },
      drop: (recipe) => {
        held.value = null
        onto.value = null
        store.commit(base, makeEdit(base, name, recipe))
      },
      cancel: () => {
        held.value = null
        onto.value = null
        store.letGo()
      }
    })
  }

  function moved(base: Look, id: string, by: Point, free: boolean): Recipe {
    const all = standings(base)
    const self = all.find((one) => one.placed.id === id)
    if (!self) return shift(base, id, by)
    const spot = { x: self.pose.x + by.x, y: self.pose.y + by.y }
    const below = free || self.placed.how !== 'standing' || movedWith(base, id).length > 1 ? undefined : dropOnto(spot, self, all)
    const to = below?.below.placed.id ?? null
    const same = to === self.placed.on && (below?.level ?? 0) === self.placed.level
    onto.value = same ? null : to
    if (below !== undefined && !same) {
      held.value = null
      return stoodOn(self, spot, below)
    }
    if (self.placed.on !== null) return shift(base, id, by)
    const middle = store.figures?.composition.middle
    const others = movedWith(base, id)
    const around = standings(base).filter((one) => !others.includes(one.placed.id))
    const taken = free || !middle ? null : snap(spot, self, around, { lengthMm: middle.lengthMm, middleY: 0 }, SNAP_PX / view().scale)
    held.value = taken && (taken.alongBy || taken.acrossBy) ? taken : null
    const at = taken?.at ?? spot
    return shift(base, id, { x: at.x - self.pose.x, y: at.y - self.pose.y }, store.mirror)
  }
  return { begin, held, onto }
}

/** The piece put on or in a support, or down on the table, at a spot of the table. */
function stoodOn(self: Standing, spot: Point, onto: Onto | null): Recipe {
  const at = onto ? toFrame(onto.below.pose, spot) : spot
  return (draft) => {
    const placed = draft.centerpiece.find((one) => one.id === self.placed.id)
    if (!placed) return
    placed.on = onto?.below.placed.id ?? null
    placed.level = onto?.level ?? 0
    placed.xMm = Math.round(at.x)
    placed.yMm = Math.round(at.y)
  }
}

/** A shift on the table of a piece and its group, given to each in the frame of what it stands on; with `mirror` its twin moves as its image does. */
export function shift(look: Look, id: string, by: Point, mirror: MirrorAxis | null = null): Recipe {
  const ids = movedWith(look, id)
  const twin = mirror ? twinOf(look, id, mirror) : null
  const turn = supportTurnRad(look, id)
  const [cos, sin] = [Math.cos(-turn), Math.sin(-turn)]
  return (draft) => {
    for (const placed of draft.centerpiece) {
      if (placed.locked) continue
      if (ids.includes(placed.id)) {
        placed.xMm = Math.round(placed.xMm + by.x * cos - by.y * sin)
        placed.yMm = Math.round(placed.yMm + by.x * sin + by.y * cos)
      } else if (placed.id === twin) {
        const self = look.centerpiece.find((one) => one.id === id)
        const across = mirror === 'sides' || Math.sign(placed.yMm || 1) !== Math.sign(self?.yMm || 1)
        placed.xMm = Math.round(placed.xMm + (mirror === 'sides' ? by.x : -by.x))
        placed.yMm = Math.round(placed.yMm + (across ? -by.y : by.y))
      }
    }
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
