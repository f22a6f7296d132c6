import { extentSize, findPiece, isOneRound, longerMm, seededRandom, type PieceIndex, type Random, type Standing } from '@hestiad/core'
import * as THREE from 'three'
import { addLeaf } from './leafParts.js'
import { ball, block, turned, type Parts } from './parts.js'
import { addRare } from './rareParts.js'
import { addFilling, vesselGeometry } from './vesselParts.js'

/** Where a flame burns, for the lights. */
export interface FlameAt {
  readonly x: number
  readonly y: number
  readonly z: number
}

/** Everything in the middle, as the things it is; gives back the flames. */
export function addPieces(parts: Parts, standing: readonly Standing[], index: PieceIndex, lit: boolean): FlameAt[] {
  return standing.flatMap((one) => addPiece(parts, one, index, lit))
}

function addPiece(parts: Parts, one: Standing, index: PieceIndex, lit: boolean): FlameAt[] {
  const { piece, pose, footMm } = one
  const at = { x: pose.x, y: pose.y, z: footMm + 3, turnRad: pose.turnRad }
  const look = { kind: piece.material, color: piece.color, ...(piece.material === 'glass' ? { opacity: 0.3 } : {}) } as const
  const random = seededRandom(hash(one.placed.id))
  for (const solid of one.solids) if (solid.part === 'filling' && one.filling) addFilling(parts, solid, one.filling)
  if (addRare(parts, one, random)) return []
  switch (piece.kind) {
    case 'vessel': {
      const [w, h] = [piece.widestMm / 2, piece.heightMm]
      parts.add(vesselGeometry(piece), look, at)
      if (piece.form === 'jug')
        parts.add(
          new THREE.TorusGeometry(h * 0.2, 6, 6, 14, Math.PI * 1.3)
            .rotateX(Math.PI / 2)
            .rotateZ(0)
            .translate(w * 0.9, 0, h * 0.6),
          look,
          at
        )
      if (one.placed.arrangement) addFlowers(parts, one, index, random)
      return []
    }
    case 'holder':
      return addHolder(parts, one, lit)
    case 'riser': {
      if (!piece.legs) {
        parts.add(slabOf(piece.extent, piece.heightMm), look, at)
        return []
      }
      const { lengthMm, widthMm } = extentSize(piece.extent)
      parts.add(slabOf(piece.extent, 14), look, { ...at, z: at.z + piece.heightMm - 14 })
      for (const [x, y] of [
        [-1, -1],
        [-1, 1],
        [1, -1],
        [1, 1]
      ] as const)
        parts.add(block(14, 14, piece.heightMm - 14).translate(x * (lengthMm / 2 - 16), y * (widthMm / 2 - 16), 0), look, at)
      return []
    }
    case 'tray': {
      parts.add(slabOf(piece.extent, piece.floorMm), look, at)
      if (piece.rimMm > piece.floorMm) parts.add(rimOfTray(piece.extent, piece.rimMm, Math.max(4, piece.wallMm)), look, at)
      return []
    }
    case 'ornament':
      addOrnament(parts, one, random)
      return []
  }
}

function hash(text: string): number {
  let value = 7
  for (const char of text) value = (value * 31 + char.charCodeAt(0)) >>> 0
  return value
}

function slabOf(extent: Parameters<typeof extentSize>[0], heightMm: number): THREE.BufferGeometry {
  const { lengthMm, widthMm } = extentSize(extent)
  if (extent.kind === 'round' || extent.kind === 'oval')
    return new THREE.CylinderGeometry(0.5, 0.5, heightMm, 36)
      .rotateX(Math.PI / 2)
      .scale(lengthMm, widthMm, 1)
      .translate(0, 0, heightMm / 2)
  return block(lengthMm, widthMm, heightMm)
}

function rimOfTray(extent: Parameters<typeof extentSize>[0], rimMm: number, wallMm: number): THREE.BufferGeometry {
  const { lengthMm, widthMm } = extentSize(extent)
  const oval = extent.kind === 'round' || extent.kind === 'oval'
  const outer = new THREE.Shape()
  const inner = new THREE.Path()
  if (oval) {
    outer.absellipse(0, 0, lengthMm / 2, widthMm / 2, 0, 2 * Math.PI)
    inner.absellipse(0, 0, lengthMm / 2 - wallMm, widthMm / 2 - wallMm, 0, 2 * Math.PI, true)
  } else {
    const [x, y] = [lengthMm / 2, widthMm / 2]
    outer.setFromPoints([new THREE.Vector2(-x, -y), new THREE.Vector2(x, -y), new THREE.Vector2(x, y), new THREE.Vector2(-x, y)])
    inner.setFromPoints([
      new THREE.Vector2(-x + wallMm, -y + wallMm),
      new THREE.Vector2(-x + wallMm, y - wallMm),
      new THREE.Vector2(x - wallMm, y - wallMm),
      new THREE.Vector2(x - wallMm, -y + wallMm)
    ])
  }
  outer.holes.push(inner)
  return new THREE.ExtrudeGeometry(outer, { depth: rimMm, bevelEnabled: false, curveSegments: 24 })
}

function addHolder(parts: Parts, one: Standing, lit: boolean): FlameAt[] {
  if (one.piece.kind !== 'holder') return []
  const { piece, pose, footMm, candle } = one
  const at = { x: pose.x, y: pose.y, z: footMm + 3 }
  const look = { kind: piece.material, color: piece.color, ...(piece.material === 'glass' ? { opacity: 0.4 } : {}) } as const
  const [b, c, h] = [piece.baseMm / 2, piece.cupMm / 2, Math.max(6, piece.heightMm)]
  parts.add(
    turned(
      h > 14
        ? [
            [0.1, 0],
            [b, 0],
            [b, 4],
            [b * 0.35, 10],
            [c * 0.55, h * 0.35],
            [c * 0.5, h * 0.75],
            [c + 4, h - 8],
            [c + 4, h],
            [0.1, h]
          ]
        : [
            [0.1, 0],
            [b, 0],
            [b, h],
            [c, h],
            [0.1, 4]
          ],
      22
    ),
    look,
    at
  )
  if (piece.chimney)
    parts.add(
      new THREE.CylinderGeometry(piece.chimney.innerMm / 2 + 2, piece.chimney.innerMm / 2 + 2, piece.chimney.rimMm - piece.heightMm, 24, 1, true).rotateX(
        Math.PI / 2
      ),
      { kind: 'glass', color: '#e8eeee', opacity: 0.2 },
      { ...at, z: at.z + (piece.heightMm + piece.chimney.rimMm) / 2 }
    )
  if (!candle) return []
  parts.add(
    new THREE.CylinderGeometry((candle.diameterMm / 2) * 0.92, candle.diameterMm / 2, candle.heightMm, 16).rotateX(Math.PI / 2),
    { kind: 'wax', color: candle.color },
    { ...at, z: at.z + piece.heightMm + candle.heightMm / 2 }
  )
  const tip = { x: pose.x, y: pose.y, z: at.z + piece.heightMm + candle.heightMm }
  if (!lit) return []
  parts.add(ball(5.5, 2.6).translate(0, 0, 16), { kind: 'flame', color: '#ffd68a' }, tip)
  return [{ ...tip, z: tip.z + 18 }]
}

/** Steps along a trough, of no ratio to the golden angle. */
const ALONG = 0.7548776662

function addFlowers(parts: Parts, one: Standing, index: PieceIndex, random: Random): void {
  const { arrangement } = one.placed
  if (!arrangement || one.piece.kind !== 'vessel') return
  const { piece, pose, footMm } = one
  const rim = footMm + 3 + piece.heightMm
  const r = arrangement.spreadMm / 2
  const total = arrangement.stems.reduce((sum, line) => sum + line.count, 0)
  let n = 0
  for (const { stemId, count } of arrangement.stems) {
    const stem = findPiece(index, stemId, 'stem')
    if (!stem) continue
    for (let i = 0; i < count; i++, n++) {
      // spread evenly over the dome by the golden angle
      const share = total <= 1 ? 0 : Math.sqrt((n + 0.5) / total)
      const angle = n * 2.39996 + random() * 0.4
      const leafy = stem.role === 'foliage' || stem.role === 'line'
      const radius = r * share * (leafy ? 1.05 : 0.9)
      const along = (((n * ALONG) % 1) - 0.5) * longerMm(piece)
      const z = rim + arrangement.riseMm * (0.97 - 0.55 * share * share) * (leafy ? 0.9 + 0.15 * random() : 1)
      const root = { x: pose.x + along * Math.cos(pose.turnRad), y: pose.y + along * Math.sin(pose.turnRad) }
      const tip = { x: root.x + radius * Math.cos(angle), y: root.y + radius * Math.sin(angle), z }
      if (n % 2 === 0 || total < 20)
        addStalk(parts, { x: root.x + (tip.x - root.x) * 0.25, y: root.y + (tip.y - root.y) * 0.25, z: rim - 10 }, tip, stem.thicknessMm)
      if (leafy) addSprig(parts, tip, angle, stem.headMm, stem.color, random)
      else addHead(parts, tip, angle, share, stem.headMm, stem.form, stem.color, stem.accent)
    }
  }
}

type Spot = { readonly x: number; readonly y: number; readonly z: number }

function addStalk(parts: Parts, from: Spot, to: Spot, thickMm: number): void {
  const [dx, dy, dz] = [to.x - from.x, to.y - from.y, to.z - from.z]
  const length = Math.hypot(dx, dy, dz)
  const geometry = new THREE.CylinderGeometry(thickMm / 2, thickMm / 2, length, 4, 1, true)
  geometry.applyQuaternion(new THREE.Quaternion().setFromUnitVectors(new THREE.Vector3(0, 1, 0), new THREE.Vector3(dx, dy, dz).normalize()))
  parts.add(geometry, { kind: 'leaf', color: '#6d7f54' }, { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2, z: (from.z + to.z) / 2 })
}

/** A flower: petals round a heart, leaning outward with its place on the dome. */
function addHead(parts: Parts, at: Spot, angle: number, share: number, sizeMm: number, form: string, color: string, accent: string): void {
  const lean = new THREE.Euler(0, share * 0.9, 0)
  if (form === 'globe' || form === 'spray') {
    parts.add(ball(sizeMm / 2, 0.85, 2), { kind: 'petal', color }, { ...at, turnRad: angle, tilt: lean })
    return
  }
  const petals = 6
  for (let i = 0; i < petals; i++) {
    const turn = (i / petals) * 2 * Math.PI
    const petal = new THREE.SphereGeometry(sizeMm * 0.27, 6, 4)
      .scale(1.2, 0.85, 0.3)
      .rotateY(-0.45)
      .translate(sizeMm * 0.28, 0, 2)
      .rotateZ(turn)
    parts.add(petal, { kind: 'petal', color }, { ...at, turnRad: angle, tilt: lean })
  }
  parts.add(ball(sizeMm * 0.14, 0.8, 0).translate(0, 0, 4), { kind: 'petal', color: accent }, { ...at, turnRad: angle, tilt: lean })
}

function addSprig(parts: Parts, at: Spot, angle: number, sizeMm: number, color: string, random: Random): void {
  for (let i = 0; i < 5; i++)
    addLeaf(parts, { ...at, z: at.z - i * 15 }, angle + (random() - 0.5) * 2.6, Math.max(24, Math.min(52, sizeMm * 0.6)), color, random)
}

function addOrnament(parts: Parts, one: Standing, random: Random): void {
  if (one.piece.kind !== 'ornament') return
  const { piece, pose, footMm, placed } = one
  const size = extentSize(piece.extent)
  const lengthMm = size.lengthMm * placed.part
  const { widthMm } = size
  const h = piece.heightMm
  const at = { x: pose.x, y: pose.y, z: footMm + 3, turnRad: pose.turnRad }
  const look = { kind: piece.material, color: piece.color } as const
  const spot = (x: number, y: number, z: number) => ({
    x: at.x + x * Math.cos(at.turnRad) - y * Math.sin(at.turnRad),
    y: at.y + x * Math.sin(at.turnRad) + y * Math.cos(at.turnRad),
    z: at.z + z
  })
  switch (piece.form) {
    case 'greens':
    case 'garland':
    case 'grass': {
      const count = Math.min(120, Math.round((lengthMm * widthMm) / 420))
      // tall grass begins on the table, however high it is
      const lowest = Math.min(12, 0.2 * h)
      for (let i = 0; i < count; i++) {
        const p = spot((random() - 0.5) * lengthMm, (random() - 0.5) * widthMm * 0.8, lowest + (0.8 * h - lowest) * random())
        addLeaf(parts, p, random() * 6.28, 34 + random() * 26, i % 3 === 0 ? piece.accent : piece.color, random)
      }
      return
    }
    case 'moss':
    case 'beads': {
      const r = piece.form === 'moss' ? h * 1.4 : widthMm * 0.18
      const count = Math.min(60, Math.round((lengthMm * widthMm) / (r * r * 3.2)))
      for (let i = 0; i < count; i++) {
        const p =
          piece.form === 'beads'
            ? spot((i / count - 0.5) * lengthMm, Math.sin(i * 0.7) * widthMm * 0.3, r)
            : spot((random() - 0.5) * (lengthMm - r), (random() - 0.5) * (widthMm - r), 0)
        parts.add(ball(r, piece.form === 'moss' ? 0.6 : 1), look, p)
      }
      return
    }
    case 'fruit':
    case 'pods': {
      if (isOneRound(piece)) {
        parts.add(ball(lengthMm / 2, h / lengthMm, 2), look, spot(0, 0, h / 2))
        return
      }
      const r = Math.min(h * 0.46, Math.min(lengthMm, widthMm) * 0.24)
      heap(lengthMm / 2 - r, r, h).forEach(([x, y, z]) => parts.add(ball(r, 0.92, 2), look, spot(x, y, z)))
      return
    }
    case 'compote': {
      const R = Math.min(lengthMm, widthMm) / 2
      parts.add(
        turned([
          [0.1, 0],
          [R * 0.5, 0],
          [R * 0.45, 4],
          [R * 0.12, h * 0.2],
          [R * 0.14, h * 0.42],
          [R * 0.6, h * 0.52],
          [R, h * 0.66],
          [R * 0.94, h * 0.66],
          [R * 0.4, h * 0.5],
          [0.1, h * 0.48]
        ]),
        { kind: piece.material === 'fruit' ? 'brass' : piece.material, color: piece.accent },
        at
      )
      heap(R * 0.6, R * 0.33, h * 0.4).forEach(([x, y, z]) =>
        parts.add(ball(R * 0.33, 0.95, 2), { kind: 'fruit', color: piece.color }, spot(x, y, h * 0.55 + z))
      )
      return
    }
    case 'figure':
      parts.add(
        piece.extent.kind === 'round'
          ? turned([
              [0.1, 0],
              [lengthMm * 0.45, 0],
              [lengthMm * 0.4, h * 0.15],
              [lengthMm * 0.22, h * 0.5],
              [lengthMm * 0.28, h * 0.75],
              [lengthMm * 0.12, h * 0.97],
              [0.1, h]
            ])
          : block(lengthMm, widthMm, h),
        look,
        at
      )
  }
}

/** Centers of balls of a radius heaped within another. */
function heap(withinMm: number, r: number, highMm: number): [number, number, number][] {
  const ring = Math.max(1, Math.floor((2 * Math.PI * Math.max(r, withinMm)) / (2.1 * r)))
  const low = Array.from({ length: ring }, (_, i): [number, number, number] => [
    withinMm * Math.cos((i / ring) * 6.283),
    withinMm * Math.sin((i / ring) * 6.283),
    r
  ])
  return highMm > 2.4 * r ? [...low, [0, 0, r * 2.1]] : ring < 3 ? low : [...low, [0, 0, r * 1.2]]
}
