import { guestEyes, halfLengthMm, pieceIndex, type ClothHang, type Look, type PlaceLayout, type SeatPlan, type Standing } from '@hestiad/core'
import * as THREE from 'three'
import { addLamp } from './scene/lampParts.js'
import { addLights, moodOf, type Hour } from './scene/lights.js'
import { createMaterials } from './scene/materials.js'
import { Parts } from './scene/parts.js'
import { addPeople } from './scene/peopleParts.js'
import { addPieces } from './scene/pieceParts.js'
import { addSettings } from './scene/settingParts.js'
import { addTable } from './scene/tableParts.js'
import { addViews, wallsOf } from './scene/wallParts.js'

export interface SceneOptions {
  readonly look: Look
  readonly plan: SeatPlan
  readonly layouts: readonly PlaceLayout[]
  readonly standing: readonly Standing[]
  readonly hang: ClothHang | null
  readonly hour: Hour
  /** Number of the seat one sits in, or null. */
  readonly seat: number | null
  readonly eye: { readonly x: number; readonly y: number }
  /** What stays while people eat, or all that is on show. */
  readonly meal: boolean
}

/** Whoever sits nearer than this to the eyes would be all one saw. */
const NEAR_MM = 1100

function leftOut({ look, plan, seat, eye }: SceneOptions): Set<number> {
  const eyes = guestEyes(plan, look.table)
  const near = seat === null ? plan.places.filter((_, i) => Math.hypot(eyes[i]!.x - eye.x, eyes[i]!.y - eye.y) < NEAR_MM).map((place) => place.number) : [seat]
  return new Set(near)
}

/** The floor and the lights reach this far beyond the table. */
const ROOM_MM = 2600

/** The table of a look as a scene in meters, y up, the tabletop at 0. */
export function buildScene(options: SceneOptions): THREE.Scene {
  const { look, plan, hour } = options
  const parts = new Parts()
  addTable(parts, look, plan, options.hang)
  addSettings(parts, look, plan, options.layouts)
  addPeople(parts, look, plan, leftOut(options))
  const onWalls = new Parts()
  addViews(onWalls, look, plan, hour)
  const shown = options.meal ? options.standing.filter((one) => one.placed.atMeal) : options.standing
  addLamp(parts, look)
  const flames = addPieces(parts, shown, pieceIndex(look), true)
  const mood = moodOf(hour)
  const floorZ = -look.table.heightMm
  const half = Math.max(halfLengthMm(plan.outline), plan.outline.halfWidthMm) + ROOM_MM
  parts.add(new THREE.PlaneGeometry(2 * half, 2 * half), { kind: 'floor', color: mood.floor }, { z: floorZ })
  const root = new THREE.Group()
  root.rotation.x = -Math.PI / 2
  root.scale.setScalar(0.001)
  const materialOf = createMaterials()
  root.add(...parts.meshes(materialOf))
  root.add(wallsOf(look, plan, mood.wall))
  // daylight comes in through walls that are not there, and past what hangs on them
  for (const mesh of onWalls.meshes(materialOf)) root.add(Object.assign(mesh, { castShadow: false }))
  addLights(root, hour, look.room.lightFrom, flames, look.room.fixture ? look.room.fixture.bottomMm - look.table.heightMm : null, half - ROOM_MM)
  const scene = new THREE.Scene()
  scene.background = new THREE.Color(mood.wall)
  scene.add(root)
  return scene
}

/** Gives the memory of a scene back. */
export function disposeScene(scene: THREE.Scene): void {
  scene.traverse((object) => {
    // a light has its shadows on a map of its own
    if (object instanceof THREE.Light) object.dispose()
    if (!(object instanceof THREE.Mesh)) return
    object.geometry.dispose()
    for (const material of [object.material].flat()) material.dispose()
  })
}
