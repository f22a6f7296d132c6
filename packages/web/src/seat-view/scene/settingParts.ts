import {
  extentSize,
  findPiece,
  fromFrame,
  pieceIndex,
  settingOf,
  EDGE_GAP_MM,
  type FoldKind,
  type Look,
  type PlaceLayout,
  type SeatPlan,
  type SettingItem
} from '@hestiad/core'
import * as THREE from 'three'
import { block, turned, type Parts } from './parts.js'

/** Plates, napkins, flatware and glasses before every guest, and the mats below them. */
export function addSettings(parts: Parts, look: Look, plan: SeatPlan, layouts: readonly PlaceLayout[]): void {
  const mat = findPiece(pieceIndex(look), look.linens.matId, 'mat')
  for (const [i, place] of plan.places.entries()) {
    const layout = layouts[i]
    if (!layout) continue
    if (mat) {
      const { lengthMm, widthMm } = extentSize(mat.extent)
      const at = fromFrame(place, { x: 0, y: EDGE_GAP_MM * 0.4 + widthMm / 2 })
      const form =
        mat.extent.kind === 'round' || mat.extent.kind === 'oval'
          ? new THREE.CylinderGeometry(lengthMm / 2, lengthMm / 2, 3, 36).rotateX(Math.PI / 2)
          : block(lengthMm, widthMm, 3)
      parts.add(form, { kind: 'cloth', color: mat.color }, { ...at, z: 2, turnRad: place.turnRad })
    }
    let stackMm = 4
    const fold = settingOf(look, layout.key).napkin?.fold ?? 'flat'
    for (const item of layout.layout.items) {
      const at = { ...fromFrame(place, { x: layout.mirrored ? -item.x : item.x, y: item.y }), turnRad: place.turnRad }
      addItem(parts, item, fold, at, item.what === 'plate' ? stackMm : item.what === 'napkin' && item.stacked ? stackMm : 3)
      if (item.what === 'plate') stackMm += 6
    }
  }
}

/** Folds that are gathered in the middle; the others lie flat in layers. */
const gathered = new Set<FoldKind>(['knot', 'ring', 'band', 'fan', 'bundle', 'draped'])

type At = { readonly x: number; readonly y: number; readonly turnRad: number }

function addItem(parts: Parts, { piece, halfXMm, halfYMm, stacked }: SettingItem, fold: FoldKind, at: At, zMm: number): void {
  const look = { kind: piece.material, color: piece.color } as const
  switch (piece.kind) {
    case 'plate': {
      const r = piece.diameterMm / 2
      const h = Math.min(piece.heightMm, 45)
      const bowl = piece.role === 'bowl'
      parts.add(
        turned(
          bowl
            ? [
                [0.1, 2],
                [r * 0.5, 4],
                [r * 0.95, h],
                [r, h],
                [r * 0.55, 0],
                [0.1, 0]
              ]
            : [
                [0.1, 3],
                [r * 0.62, 3],
                [r * 0.72, 7],
                [r, 13],
                [r, 11],
                [r * 0.68, 0],
                [0.1, 0]
              ],
          36
        ),
        look,
        { ...at, z: zMm }
      )
      parts.add(
        turned(
          [
            [r * 0.985, bowl ? h : 12.6],
            [r, bowl ? h + 0.8 : 13.6],
            [r * 1.004, bowl ? h - 1 : 12]
          ],
          36
        ),
        { kind: piece.material, color: piece.accent },
        { ...at, z: zMm }
      )
      return
    }
    case 'glass': {
      const [f, b, h] = [piece.footMm / 2, piece.bowlMm / 2, piece.heightMm]
      const stem = h < b * 2.8 ? 0 : h * 0.42
      const profile: [number, number][] =
        stem === 0
          ? [
              [f * 0.9, 0],
              [f, 4],
              [b, h]
            ]
          : [
              [f, 0],
              [f, 2],
              [5, 8],
              [3.5, stem * 0.5],
              [4, stem],
              [b * 0.85, stem + (h - stem) * 0.25],
              [b, stem + (h - stem) * 0.5],
              [b * 0.86, h]
            ]
      parts.add(turned(profile, 18), { kind: 'glass', color: piece.color, opacity: 0.28 }, { ...at, z: 3 })
      return
    }
    case 'flatware': {
      const long = Math.max(halfXMm, halfYMm) * 2
      const wide = Math.min(halfXMm, halfYMm) * 2
      const upright = halfYMm > halfXMm
      const handle = block(wide * 0.35, long * 0.6, 3).translate(0, -long * 0.2, 0)
      const head = piece.role.endsWith('knife')
        ? block(wide * 0.6, long * 0.45, 2).translate(0, long * 0.27, 0)
        : new THREE.SphereGeometry(wide / 2, 10, 6).scale(1, 1.7, 0.18).translate(0, long * 0.38, 3)
      const turnRad = at.turnRad + (upright ? 0 : Math.PI / 2)
      parts.add(handle, look, { ...at, turnRad, z: zMm })
      parts.add(head, look, { ...at, turnRad, z: zMm })
      return
    }
    case 'napkin': {
      const cloth = { kind: 'cloth', color: piece.color } as const
      const z = stacked ? zMm + 8 : zMm
      if (!gathered.has(fold)) {
        for (const [n, share] of [1, 0.94, 0.88].entries())
          parts.add(block(halfXMm * 1.9 * share, halfYMm * 1.9 * share, 3.2), cloth, { ...at, z: z + n * 3.2 })
        return
      }
      const wing = new THREE.SphereGeometry(1, 12, 8).scale(halfXMm * 0.75, halfYMm * 0.42, 13).translate(0, halfYMm * 0.5, 12)
      parts.add(wing, cloth, { ...at, z })
      parts.add(wing.clone().rotateZ(Math.PI), cloth, { ...at, z })
      parts.add(new THREE.TorusGeometry(halfXMm * 0.2, 6, 8, 16).rotateX(Math.PI / 2).translate(0, 0, 14), { kind: 'wood', color: piece.accent }, { ...at, z })
      return
    }
  }
}
