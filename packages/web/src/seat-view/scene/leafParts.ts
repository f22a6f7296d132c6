import type { Random } from '@hestiad/core'
import * as THREE from 'three'
import type { Parts } from './parts.js'

/** A slender leaf, slightly hollow. */
export function addLeaf(
  parts: Parts,
  at: { readonly x: number; readonly y: number; readonly z: number },
  angle: number,
  lengthMm: number,
  color: string,
  random: Random
): void {
  const geometry = new THREE.SphereGeometry(0.5, 6, 3, 0, Math.PI * 2, 0, Math.PI / 2)
    .rotateX(Math.PI / 2)
    .scale(lengthMm, lengthMm * 0.42, 5)
    .translate(lengthMm / 2, 0, 0)
  parts.add(geometry, { kind: 'leaf', color }, { ...at, turnRad: angle, tilt: new THREE.Euler((random() - 0.5) * 0.8, (random() - 0.6) * 0.9, 0) })
}
