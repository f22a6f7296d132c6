import { isLeafy, lampGreensSolid, pieceIndex, seededRandom, type Look } from '@hestiad/core'
import * as THREE from 'three'
import { addLeaf } from './leafParts.js'
import type { Parts } from './parts.js'

/** A lamp's shade is so high, and its cord runs out of the picture. */
const SHADE_MM = 160
const CORD_MM = 1500
/** A leaf for so much of what hangs round it. */
const LEAF_MM2 = 620

/** The lamp over the middle as a plain shade on its cord, with what is hung round it. */
export function addLamp(parts: Parts, look: Look): void {
  const { fixture } = look.room
  if (!fixture) return
  const z = fixture.bottomMm - look.table.heightMm
  const radius = fixture.widthMm / 2
  const shade = new THREE.CylinderGeometry(radius * 0.8, radius, SHADE_MM, 40, 1, true).rotateX(Math.PI / 2)
  parts.add(shade, { kind: 'cloth', color: '#efe6d6' }, { z: z + SHADE_MM / 2 })
  parts.add(new THREE.CylinderGeometry(radius * 0.8, radius * 0.8, 4, 40).rotateX(Math.PI / 2), { kind: 'cloth', color: '#efe6d6' }, { z: z + SHADE_MM })
  parts.add(new THREE.CylinderGeometry(4, 4, CORD_MM, 8).rotateX(Math.PI / 2), { kind: 'steel', color: '#4a4340' }, { z: z + SHADE_MM + CORD_MM / 2 })
  const index = pieceIndex(look)
  const ring = lampGreensSolid(fixture, look.table.heightMm, index)
  const piece = index.get(fixture.greens?.pieceId ?? '')
  if (ring?.kind !== 'frustum' || piece?.kind !== 'ornament') return
  const random = seededRandom(5)
  if (!isLeafy(piece)) {
    parts.add(new THREE.TorusGeometry(radius, 12, 8, 60), { kind: piece.material, color: piece.color }, { z: ring.z0Mm + 12 })
    return
  }
  const high = ring.z1Mm - ring.z0Mm + 40
  const count = Math.min(700, Math.round((2 * Math.PI * radius * (high + ring.r0Mm - radius)) / LEAF_MM2))
  for (let i = 0; i < count; i++) {
    const angle = random() * 2 * Math.PI
    // more of it near the lamp than at its tips
    const down = random() ** 1.6
    const out = radius + (random() - 0.25) * (ring.r0Mm - radius)
    const at = { x: out * Math.cos(angle), y: out * Math.sin(angle), z: ring.z1Mm + 40 - down * high }
    addLeaf(parts, at, angle + (random() - 0.5) * 2, 40 + random() * 24, i % 3 === 0 ? piece.accent : piece.color, random)
  }
}
