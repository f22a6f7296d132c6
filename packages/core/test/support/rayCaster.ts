import { FACE_BELOW_EYES_MM, FACE_HALF_HEIGHT_MM, FACE_HALF_WIDTH_MM, atMeal, guestEyes, seatPlan, standings, type Look, type WorldSolid } from '@hestiad/core'
import { BoxGeometry, CylinderGeometry, Mesh, MeshBasicMaterial, DoubleSide, Raycaster, Vector3 } from 'three'

/** Sides of a cylinder that stands for a frustum, twice as many as ours. */
const SEGMENTS = 96

export function meshOf(solid: WorldSolid): Mesh {
  const height = solid.z1Mm - solid.z0Mm
  const geometry =
    solid.kind === 'frustum' ? new CylinderGeometry(solid.r1Mm, solid.r0Mm, height, SEGMENTS) : new BoxGeometry(2 * solid.halfXMm, height, 2 * solid.halfYMm)
  const mesh = new Mesh(geometry, new MeshBasicMaterial({ side: DoubleSide }))
  mesh.position.set(solid.x, (solid.z0Mm + solid.z1Mm) / 2, -solid.y)
  mesh.rotation.y = solid.turnRad
  mesh.updateMatrixWorld(true)
  mesh.userData['opacity'] = solid.opacity
  return mesh
}

/**
 * Hidden share of every face from every seat by casting rays with three's Raycaster (y up) at the same solids: `grid` x `grid` points over each
 * face's box, those inside the ellipse counted. Row-major, from * count + to.
 */
export function hiddenByRays(look: Look, grid: number, pairs?: readonly (readonly [number, number])[]): Float64Array {
  const plan = seatPlan(look)
  const eyes = guestEyes(plan, look.table)
  const meshes = atMeal(standings(look)).flatMap((standing) => standing.solids.map(meshOf))
  const caster = new Raycaster()
  const count = eyes.length
  const hidden = new Float64Array(count * count)
  const all = pairs ?? eyes.flatMap((_, a) => eyes.flatMap((__, b) => (a === b ? [] : [[a, b] as const])))
  for (const [a, b] of all) {
    const from = new Vector3(eyes[a]!.x, eyes[a]!.z, -eyes[a]!.y)
    const face = new Vector3(eyes[b]!.x, eyes[b]!.z - FACE_BELOW_EYES_MM, -eyes[b]!.y)
    const side = new Vector3(face.x - from.x, 0, face.z - from.z).normalize().cross(new Vector3(0, 1, 0))
    let sum = 0
    let rays = 0
    for (let i = 0; i < grid; i++) {
      for (let j = 0; j < grid; j++) {
        const u = (2 * (i + 0.5)) / grid - 1
        const v = (2 * (j + 0.5)) / grid - 1
        if (u * u + v * v > 1) continue
        const target = face
          .clone()
          .addScaledVector(side, u * FACE_HALF_WIDTH_MM)
          .setY(face.y + v * FACE_HALF_HEIGHT_MM)
        const direction = target.clone().sub(from)
        caster.far = direction.length()
        caster.set(from, direction.normalize())
        let passes = 1
        const met = new Set<unknown>()
        for (const hit of caster.intersectObjects(meshes, false)) {
          if (met.has(hit.object)) continue
          met.add(hit.object)
          passes *= 1 - (hit.object.userData['opacity'] as number)
        }
        sum += 1 - passes
        rays++
      }
    }
    hidden[a * count + b] = sum / rays
  }
  return hidden
}
