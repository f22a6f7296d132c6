import type { Point } from '@hestiad/core'
import * as THREE from 'three'
import { mergeGeometries } from 'three/examples/jsm/utils/BufferGeometryUtils.js'
import type { Look3D } from './materials.js'

/**
 * Geometry collected by look (material), so that each look is one mesh at the end. Everything is in table millimeters, z up; the scene's root turns
 * it to meters, y up.
 */
export class Parts {
  private readonly byLook = new Map<string, { readonly look: Look3D; readonly pieces: THREE.BufferGeometry[] }>()

  add(geometry: THREE.BufferGeometry, look: Look3D, at: { x?: number; y?: number; z?: number; turnRad?: number; tilt?: THREE.Euler } = {}): void {
    const matrix = new THREE.Matrix4()
    const turn = new THREE.Quaternion().setFromAxisAngle(new THREE.Vector3(0, 0, 1), at.turnRad ?? 0)
    if (at.tilt) turn.multiply(new THREE.Quaternion().setFromEuler(at.tilt))
    matrix.compose(new THREE.Vector3(at.x ?? 0, at.y ?? 0, at.z ?? 0), turn, new THREE.Vector3(1, 1, 1))
    const placed = plain(geometry).applyMatrix4(matrix)
    const key = JSON.stringify(look)
    const list = this.byLook.get(key) ?? { look, pieces: [] }
    list.pieces.push(placed)
    this.byLook.set(key, list)
  }

  /** One mesh for each look. */
  meshes(materialOf: (look: Look3D) => THREE.Material): THREE.Mesh[] {
    return [...this.byLook.values()].map(({ look, pieces }) => {
      const mesh = new THREE.Mesh(mergeGeometries(pieces), materialOf(look))
      mesh.castShadow = look.opacity === undefined
      mesh.receiveShadow = true
      mesh.name = `${look.kind} ${look.color}`
      return mesh
    })
  }
}

/** Without an index and with just what merging needs. */
function plain(geometry: THREE.BufferGeometry): THREE.BufferGeometry {
  const flat = geometry.index ? geometry.toNonIndexed() : geometry.clone()
  for (const name of Object.keys(flat.attributes)) if (!['position', 'normal', 'uv'].includes(name)) flat.deleteAttribute(name)
  if (!flat.getAttribute('uv')) flat.setAttribute('uv', new THREE.BufferAttribute(new Float32Array(flat.getAttribute('position').count * 2), 2))
  return flat
}

/** A round thing turned on its axis, from (radius, height) points bottom up. */
export function turned(points: readonly (readonly [radiusMm: number, zMm: number])[], segments = 28): THREE.BufferGeometry {
  return new THREE.LatheGeometry(
    points.map(([r, z]) => new THREE.Vector2(Math.max(0.01, r), z)),
    segments
  ).rotateX(Math.PI / 2)
}

/** A block standing on z = 0. */
export function block(xMm: number, yMm: number, zMm: number): THREE.BufferGeometry {
  return new THREE.BoxGeometry(xMm, yMm, zMm).translate(0, 0, zMm / 2)
}

/** A ball flattened by a share. */
export function ball(radiusMm: number, flat = 1, detail = 1): THREE.BufferGeometry {
  return new THREE.IcosahedronGeometry(radiusMm, detail).scale(1, 1, flat)
}

/** A flat slab of an outline's form, its top at `topMm`. */
export function slab(points: readonly Point[], topMm: number, thickMm: number): THREE.BufferGeometry {
  const shape = new THREE.Shape(points.map((p) => new THREE.Vector2(p.x, p.y)))
  return new THREE.ExtrudeGeometry(shape, { depth: thickMm, bevelEnabled: false }).translate(0, 0, topMm - thickMm)
}
