import { clothOutline, findPiece, grown, joinedExtent, laidRunners, pedestals, pieceIndex, type ClothHang, type Look, type SeatPlan } from '@hestiad/core'
import * as THREE from 'three'
import { block, slab, type Parts } from './parts.js'
import { rimOf } from './rim.js'

/** The tabletop, what it stands on, and the linens with their fall. */
export function addTable(parts: Parts, look: Look, plan: SeatPlan, hang: ClothHang | null): void {
  const index = pieceIndex(look)
  const rim = rimOf(plan.outline)
  parts.add(slab(rim, 0, 30), { kind: 'wood', color: look.table.color })
  addSupports(parts, look, plan)
  const cloth = findPiece(index, look.linens.clothId, 'cloth')
  if (cloth) {
    parts.add(slab(rimOf(grown(plan.outline, 3)), 1.5, 2), { kind: 'cloth', color: cloth.color })
    const edge = clothOutline(joinedExtent(cloth.extent, look.linens.lapMm))
    const drop = Math.max(10, Math.min(look.table.heightMm - 15, hang?.sideDropMm ?? 0))
    parts.add(skirt(rimOf(grown(plan.outline, 3)), drop, edge.kind === 'box' && plan.outline.kind === 'box' ? (hang?.cornerDropMm ?? drop) : drop), {
      kind: 'cloth',
      color: cloth.color
    })
  }
  const runner = laidRunners(look, index, plan)
  const piece = index.get(look.linens.runner?.pieceId ?? '')
  if (runner && piece)
    for (const strip of runner.strips) {
      const along = strip.halfXMm >= strip.halfYMm
      const reach = along ? plan.outline.halfWidthMm : plan.outline.halfWidthMm
      const lengthMm = runner.overhangMm > 0 ? 2 * (along ? strip.halfXMm - runner.overhangMm : reach) : 2 * (along ? strip.halfXMm : strip.halfYMm)
      const widthMm = 2 * (along ? strip.halfYMm : strip.halfXMm)
      const at = { x: strip.x, y: strip.y, turnRad: along ? 0 : Math.PI / 2 }
      parts.add(new THREE.BoxGeometry(lengthMm + 8, widthMm, 1.5), { kind: 'cloth', color: piece.color }, { ...at, z: 3 })
      if (runner.overhangMm > 5)
        for (const sign of [1, -1]) {
          const fall = block(1.5, widthMm, runner.overhangMm).translate((sign * (lengthMm + 8)) / 2, 0, -runner.overhangMm + 3)
          parts.add(fall, { kind: 'cloth', color: piece.color }, at)
        }
    }
}

function addSupports(parts: Parts, look: Look, plan: SeatPlan): void {
  const wood = { kind: 'wood', color: look.table.color } as const
  const heightMm = look.table.heightMm - 30
  for (const at of pedestals(look.table, plan.outline))
    parts.add(new THREE.CylinderGeometry(90, 230, heightMm, 20).rotateX(Math.PI / 2), wood, { ...at, z: -30 - heightMm / 2 })
  for (const support of plan.supports)
    parts.add(block(2 * support.halfXMm, 2 * support.halfYMm, heightMm), wood, { x: support.x, y: support.y, z: -30 - heightMm, turnRad: support.turnRad })
}

/** A hanging hem with folds, deeper where the corners are. */
function skirt(rim: ReturnType<typeof rimOf>, dropMm: number, cornerMm: number): THREE.BufferGeometry {
  const positions: number[] = []
  const uvs: number[] = []
  const count = rim.length
  const corner = (i: number) => {
    const [before, here] = [rim[(i + count - 1) % count]!, rim[i]!]
    return 1 - (before.outX * here.outX + before.outY * here.outY) > 0.2
  }
  const at = (i: number, low: boolean) => {
    const p = rim[i % count]!
    if (!low) return [p.x, p.y, 1]
    const wave = 14 * Math.sin(i * 1.9) + 8 * Math.sin(i * 0.7)
    const out = 20 + wave
    return [p.x + p.outX * out, p.y + p.outY * out, -(corner(i % count) ? Math.min(cornerMm, dropMm * 1.3) : dropMm)]
  }
  for (let i = 0; i < count; i++) {
    const [a, b, c, d] = [at(i, false), at(i + 1, false), at(i, true), at(i + 1, true)]
    positions.push(...a, ...c, ...b, ...b, ...c, ...d)
    for (const p of [a, c, b, b, c, d]) uvs.push(p[0]! + p[1]!, p[2]!)
  }
  const geometry = new THREE.BufferGeometry()
  geometry.setAttribute('position', new THREE.Float32BufferAttribute(positions, 3))
  geometry.setAttribute('uv', new THREE.Float32BufferAttribute(uvs, 2))
  geometry.computeVertexNormals()
  return geometry
}
