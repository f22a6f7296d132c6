import { extentSize, isLeafy, LANTERN_FLOOR_MM, type Random, type Standing } from '@hestiad/core'
import * as THREE from 'three'
import { ball, block, turned, type Parts } from './parts.js'
import { addLeaf } from './leafParts.js'

/** Lanterns, tiered stands, wreaths, signs, scarves, strands of lights, and whatever leans, hangs or lies round; false for any other piece. */
export function addRare(parts: Parts, one: Standing, random: Random): boolean {
  if (one.manner) {
    addLaid(parts, one, random)
    return true
  }
  const { piece, pose, footMm } = one
  const at = { x: pose.x, y: pose.y, z: footMm + 3, turnRad: pose.turnRad }
  const look = { kind: piece.material, color: piece.color } as const
  if (piece.kind === 'vessel' && piece.form === 'lantern') {
    const half = piece.baseMm / 2
    parts.add(block(piece.baseMm, piece.baseMm, LANTERN_FLOOR_MM), look, at)
    for (const [x, y] of [
      [-1, -1],
      [-1, 1],
      [1, -1],
      [1, 1]
    ] as const)
      parts.add(block(8, 8, piece.depthMm).translate(x * (half - 4), y * (half - 4), LANTERN_FLOOR_MM), look, at)
    parts.add(
      block(piece.baseMm - 10, piece.baseMm - 10, piece.depthMm).translate(0, 0, LANTERN_FLOOR_MM),
      { kind: 'glass', color: '#e8eeee', opacity: 0.12 },
      at
    )
    const roof = new THREE.CylinderGeometry(
      piece.widestMm / 8,
      (piece.widestMm / 2) * Math.SQRT2,
      Math.max(10, piece.heightMm - LANTERN_FLOOR_MM - piece.depthMm),
      4
    )
    roof
      .rotateX(Math.PI / 2)
      .rotateZ(Math.PI / 4)
      .translate(0, 0, (piece.heightMm + LANTERN_FLOOR_MM + piece.depthMm) / 2)
    parts.add(roof, look, at)
    return true
  }
  if (piece.kind === 'tray' && piece.upper.length > 0) {
    const plates = [{ heightMm: piece.floorMm, diameterMm: extentSize(piece.extent).lengthMm }, ...piece.upper]
    const top = piece.upper[piece.upper.length - 1]!.heightMm
    parts.add(new THREE.CylinderGeometry(6, 6, top, 12).rotateX(Math.PI / 2).translate(0, 0, top / 2), look, at)
    parts.add(new THREE.TorusGeometry(14, 3, 8, 20).rotateX(Math.PI / 2).translate(0, 0, top + 14), look, at)
    for (const { heightMm, diameterMm } of plates) {
      const r = diameterMm / 2
      parts.add(
        turned([
          [0.1, heightMm - 6],
          [r - 4, heightMm - 6],
          [r, heightMm + 2],
          [r - 3, heightMm + 2],
          [r - 6, heightMm],
          [0.1, heightMm]
        ]),
        look,
        at
      )
    }
    return true
  }
  if (piece.kind !== 'ornament') return false
  const { lengthMm, widthMm } = extentSize(piece.extent)
  switch (piece.form) {
    case 'wreath':
      addRing(parts, one, lengthMm / 2 - piece.heightMm / 2, random)
      return true
    case 'sign':
    case 'throw':
      parts.add(block(lengthMm, widthMm, piece.heightMm), look, at)
      return true
    case 'shakers':
      for (const side of [-1, 1]) {
        const [r, h] = [widthMm / 2, piece.heightMm]
        const mill = turned([
          [0.1, 0],
          [r, 0],
          [r * 0.6, h * 0.45],
          [r * 0.8, h * 0.72],
          [r * 0.3, h * 0.78],
          [r * 0.6, h * 0.9],
          [0.1, h]
        ])
        parts.add(mill.translate((side * (lengthMm - widthMm)) / 2, 0, 0), { ...look, color: side < 0 ? piece.accent : piece.color }, at)
      }
      return true
    case 'napkin-holder':
      parts.add(block(lengthMm * 0.92, widthMm * 0.6, piece.heightMm).translate(0, 0, 4), { kind: 'linen', color: '#f3eee4' }, at)
      parts.add(block(lengthMm, widthMm, 5), look, at)
      for (const side of [-1, 1]) parts.add(block(lengthMm * 0.8, 5, piece.heightMm * 0.7).translate(0, (side * (widthMm - 5)) / 2, 0), look, at)
      return true
    case 'lights':
      for (let x = -lengthMm / 2; x < lengthMm / 2; x += 60) addBulb(parts, one, x, Math.sin(x) * widthMm * 0.3)
      return true
    default:
      return false
  }
}

function addBulb(parts: Parts, { pose, footMm }: Standing, x: number, y: number): void {
  parts.add(ball(5, 1, 1).translate(x, y, 8), { kind: 'flame', color: '#ffd68a' }, { x: pose.x, y: pose.y, z: footMm, turnRad: pose.turnRad })
}

/** Leaves or beads round a circle. */
function addRing(parts: Parts, { piece, pose, footMm }: Standing, radiusMm: number, random: Random): void {
  if (piece.kind !== 'ornament') return
  const beads = piece.form === 'beads' || piece.form === 'lights'
  const count = Math.max(8, Math.round((2 * Math.PI * radiusMm) / (beads ? 20 : 9)))
  for (let i = 0; i < count; i++) {
    const a = (2 * Math.PI * i) / count
    const at = { x: pose.x + radiusMm * Math.cos(a), y: pose.y + radiusMm * Math.sin(a), z: footMm + 3 + piece.heightMm * (beads ? 0.5 : random() * 0.8) }
    if (beads) parts.add(ball(9), { kind: piece.material, color: piece.color }, at)
    else addLeaf(parts, at, a + 1.2 + random(), 40, i % 3 === 0 ? piece.accent : piece.color, random)
  }
}

/** A leaned board tilted as it leans; what hangs as its boxes, with leaves where it has them; what goes round as a ring. */
function addLaid(parts: Parts, one: Standing, random: Random): void {
  const { piece, pose, footMm, manner, solids } = one
  const look = { kind: piece.material, color: piece.color } as const
  if (manner?.kind === 'around') {
    const { widthMm } = 'extent' in piece ? extentSize(piece.extent) : { widthMm: 40 }
    addRing(parts, one, Math.max(20, manner.outerMm / 2 - Math.min(widthMm, 90) / 2), random)
    return
  }
  if (manner?.kind === 'leaning') {
    const first = solids[0]!
    const upMm = (one.topMm - footMm) / Math.cos(manner.angleRad)
    if (first.kind !== 'box') return
    const board = block(2 * first.halfXMm, 12, upMm).rotateX(-manner.angleRad)
    parts.add(board, look, { x: pose.x, y: pose.y, z: footMm + 3, turnRad: pose.turnRad })
    return
  }
  const leafy = isLeafy(piece)
  for (const solid of solids) {
    if (solid.kind !== 'box') continue
    const high = solid.z1Mm - solid.z0Mm
    if (!leafy) {
      parts.add(block(2 * solid.halfXMm, 2 * solid.halfYMm, high), look, { x: solid.x, y: solid.y, z: solid.z0Mm + 3, turnRad: solid.turnRad })
      continue
    }
    const count = Math.min(60, Math.round((4 * solid.halfXMm * solid.halfYMm + 2 * solid.halfYMm * high) / 420))
    for (let i = 0; i < count; i++) {
      const [x, y] = [(random() * 2 - 1) * solid.halfXMm, (random() * 2 - 1) * solid.halfYMm]
      const [cos, sin] = [Math.cos(solid.turnRad), Math.sin(solid.turnRad)]
      const at = { x: solid.x + x * cos - y * sin, y: solid.y + x * sin + y * cos, z: solid.z0Mm + random() * high }
      addLeaf(parts, at, random() * 6.28, 36 + random() * 20, i % 3 === 0 ? piece.accent : piece.color, random)
    }
  }
}
