import { extentOfRoom, viewPlace, type Look, type SeatPlan, type WallView } from '@hestiad/core'
import * as THREE from 'three'
import { addLeaf } from './leafParts.js'
import { ball, block, type Parts } from './parts.js'

const FRAME_MM = 40

/** Pictures, windows and plants where they hang or stand, on the walls round the table and behind a surface at a wall. */
export function addViews(parts: Parts, look: Look, plan: SeatPlan, hour: string): void {
  for (const view of look.room.views) addView(parts, view, viewPlace(look, view.side, view.xMm, plan.outline), look.table.heightMm, hour)
  for (const view of look.room.behind?.art ?? []) {
    const at = { x: view.xMm, y: plan.outline.halfWidthMm, turnRad: 0 }
    addView(parts, view, at, look.table.heightMm, hour)
  }
}

/** The walls of the room, as far from the table as they are or are taken to be. */
export function wallsOf(look: Look, plan: SeatPlan, color: THREE.ColorRepresentation): THREE.Mesh {
  const { x0, x1, y0, y1 } = extentOfRoom(look, plan.outline)
  const walls = new THREE.Mesh(
    new THREE.BoxGeometry(x1 - x0, y1 - y0, 2700).translate((x0 + x1) / 2, (y0 + y1) / 2, 1345 - look.table.heightMm),
    new THREE.MeshBasicMaterial({ color, side: THREE.BackSide })
  )
  walls.name = 'walls'
  return walls
}

function addView(
  parts: Parts,
  view: WallView,
  at: { readonly x: number; readonly y: number; readonly turnRad: number },
  tableHeightMm: number,
  hour: string
): void {
  const pose = { ...at, z: view.bottomMm - tableHeightMm }
  if (view.kind === 'plant') {
    for (let i = 0; i < 60; i++) {
      const spot = { x: at.x + Math.sin(i * 2.4) * view.widthMm * 0.4, y: at.y + Math.cos(i * 2.4) * 60 - 80, z: pose.z + ((i + 0.5) / 60) * view.heightMm }
      addLeaf(parts, spot, i * 1.7, Math.min(220, view.widthMm * 0.4), i % 3 === 0 ? '#5c6f48' : '#6f8257', () => ((i * 37) % 100) / 100)
    }
    parts.add(ball(view.widthMm * 0.25, 0.9, 2), { kind: 'stoneware', color: '#b3937a' }, { x: at.x, y: at.y - 80, z: pose.z })
    return
  }
  parts.add(block(view.widthMm, 24, view.heightMm), { kind: 'wood', color: view.kind === 'window' ? '#f0ebe0' : '#6d5133' }, pose)
  const [w, h] = [view.widthMm - 2 * FRAME_MM, view.heightMm - 2 * FRAME_MM]
  if (w <= 0 || h <= 0) return
  if (view.kind === 'window') {
    const light = { day: '#eaf3f9', dusk: '#9a90a8' }[hour] ?? '#1f2430'
    const panes = [-1, 1].flatMap((sx) => [0, 1].map((row) => [sx, row] as const))
    for (const [sx, row] of panes)
      parts.add(block(w / 2 - 15, 30, h / 2 - 15).translate((sx * w) / 4, 0, FRAME_MM + (row * h) / 2 + 8), { kind: 'flame', color: light }, pose)
    return
  }
  const bands = ['#c9c3b0', '#9fb0b8', '#6f8796', '#8d7a5f']
  bands.forEach((color, i) =>
    parts.add(block(w, 30, h / bands.length).translate(0, 0, FRAME_MM + (h * (bands.length - 1 - i)) / bands.length), { kind: 'paper', color }, pose)
  )
}
