import { footedBowl, longerMm, vesselBelly, type Piece, type Vessel, type WorldSolid } from '@hestiad/core'
import * as THREE from 'three'
import { block, turned, type Parts } from './parts.js'

/** A vessel by its walls. */
export function vesselGeometry(piece: Vessel): THREE.BufferGeometry {
  return piece.form === 'trough' ? troughOf(piece) : turned(wallOf(piece))
}

/** What lies loose in a thing, to its height. */
export function addFilling(parts: Parts, solid: WorldSolid, { material, color }: Piece): void {
  const highMm = solid.z1Mm - solid.z0Mm
  const body =
    solid.kind === 'box'
      ? block(1.9 * solid.halfXMm, 1.9 * solid.halfYMm, highMm)
      : new THREE.CylinderGeometry(0.94 * solid.r1Mm, 0.94 * solid.r0Mm, highMm, 28).rotateX(Math.PI / 2).translate(0, 0, highMm / 2)
  parts.add(body, { kind: material, color }, { x: solid.x, y: solid.y, z: solid.z0Mm + 3, turnRad: solid.turnRad })
}

/** A trough: walls that open a little to the rim, a floor inside. */
function troughOf(piece: Vessel): THREE.BufferGeometry {
  const more = longerMm(piece)
  const ring = (acrossMm: number, zMm: number) => {
    const [x, y] = [(acrossMm + more) / 2, acrossMm / 2]
    return [
      [-x, -y, zMm],
      [x, -y, zMm],
      [x, y, zMm],
      [-x, y, zMm]
    ] as const
  }
  const floor = Math.max(2, piece.heightMm - piece.depthMm)
  const rings = [
    ring(1, 0),
    ring(piece.baseMm, 0),
    ring(piece.widestMm, piece.heightMm),
    ring(piece.mouthMm, piece.heightMm),
    ring(Math.min(piece.baseMm, piece.mouthMm) * 0.94, floor),
    ring(1, floor)
  ]
  const corners = rings.slice(1).flatMap((outer, i) =>
    outer.flatMap((_, k) => {
      const [a, b, c, d] = [rings[i]![k]!, rings[i]![(k + 1) % 4]!, outer[(k + 1) % 4]!, outer[k]!]
      return [a, b, c, a, c, d]
    })
  )
  const geometry = new THREE.BufferGeometry().setAttribute('position', new THREE.BufferAttribute(new Float32Array(corners.flat()), 3))
  geometry.computeVertexNormals()
  return geometry
}

/** The wall of a vessel from the middle of its foot up, over the rim and down inside to its floor. */
function wallOf(piece: Vessel): [radiusMm: number, zMm: number][] {
  const [b, w, m, h] = [piece.baseMm / 2, piece.widestMm / 2, piece.mouthMm / 2, piece.heightMm]
  const floor = Math.max(2, h - piece.depthMm)
  const footed = footedBowl(piece)
  if (footed) {
    const { floorMm: f, stemMm: s, floorRadiusMm: r } = footed
    const d = h - f
    return [
      [0.1, 0],
      [b, 0],
      [b, f * 0.1],
      [b * 0.55, f * 0.22],
      [s, f * 0.42],
      [s * 1.4, f * 0.56],
      [s, f * 0.7],
      [s, f * 0.86],
      [r * 0.95, f * 0.97],
      [w * 0.9, f + d * 0.35],
      [w, f + d * 0.75],
      [m, h],
      [m * 0.93, h],
      [r * 0.85, floor],
      [0.1, floor]
    ]
  }
  const belly = h * vesselBelly[piece.form]
  return [
    [0.1, 0],
    [b, 0],
    [b + (w - b) * 0.7, belly * 0.4],
    [w, belly],
    [m + (w - m) * 0.45, belly + (h - belly) * 0.6],
    [m, h],
    [m * 0.9, h],
    [Math.min(m, b) * 0.9, floor],
    [0.1, floor]
  ]
}
