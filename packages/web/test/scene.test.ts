import { readFileSync } from 'node:fs'
import { extentOfRoom, isPliant, isStanding, newPlaced, panelOf, pieceIndex, seatPlan, standings, type Look, type Placed } from '@hestiad/core'
import * as THREE from 'three'
import { describe, expect, it } from 'vitest'
import { Parts } from '../src/seat-view/scene/parts.js'
import { addPieces } from '../src/seat-view/scene/pieceParts.js'
import { addViews, wallsOf } from '../src/seat-view/scene/wallParts.js'
import { turnedHead, viewpoint } from '../src/seat-view/viewpoint.js'

const demo = JSON.parse(readFileSync(new URL('../../../demo/pearl-anniversary.hestiad.json', import.meta.url), 'utf8')) as Look
const index = pieceIndex(demo)

/** All that is drawn of some pieces, in table millimeters. */
function boundsOf(centerpiece: readonly Placed[], only: string) {
  const standing = standings({ ...demo, centerpiece }).filter((one) => one.placed.id === only)
  const parts = new Parts()
  const flames = addPieces(parts, standing, index, true)
  const bounds = new THREE.Box3()
  let triangles = 0
  for (const mesh of parts.meshes(() => new THREE.MeshBasicMaterial())) {
    const position = mesh.geometry.getAttribute('position')
    triangles += position.count / 3
    expect(position.array.every((value) => Number.isFinite(value))).toBe(true)
    bounds.union(new THREE.Box3().setFromBufferAttribute(position as THREE.BufferAttribute))
  }
  return { standing: standing[0]!, bounds, triangles, flames }
}

/** Leaves and ears of a jug reach a little beyond the solids that stand for them. */
const LOOSE_MM = 60

describe('what is drawn in three dimensions', () => {
  const things = demo.pieces.filter(isStanding)

  it.each(things.map((piece) => [piece.id, piece] as const))('%s stands where its solids are, as high and as wide', (_, piece) => {
    const { standing, bounds, triangles } = boundsOf([{ ...newPlaced('x', piece.id, 300, -120), turnDeg: 30 }], 'x')
    expect(triangles).toBeGreaterThan(4)
    expect(Math.abs(bounds.min.z - standing.footMm)).toBeLessThan(20)
    expect(Math.abs(bounds.max.z - standing.topMm)).toBeLessThan(LOOSE_MM)
    const [middleX, middleY] = [(bounds.min.x + bounds.max.x) / 2, (bounds.min.y + bounds.max.y) / 2]
    expect(Math.hypot(middleX - 300, middleY + 120)).toBeLessThan(LOOSE_MM)
    expect(bounds.max.x - 300).toBeLessThan(standing.reachMm + LOOSE_MM)
    expect(300 - bounds.min.x).toBeLessThan(standing.reachMm + LOOSE_MM)
  })

  it('what leans, hangs and goes round is drawn within what is said of it, on every side', () => {
    const jug = { ...newPlaced('jug', 'glass-cylinder', 100, 50), turnDeg: 40 }
    let drawn = 0
    for (const piece of things) {
      const hows = [...(panelOf(piece) ? (['leaning'] as const) : []), ...(isPliant(piece) ? (['draped', 'around'] as const) : [])]
      for (const how of hows)
        for (const turnDeg of [0, 90, 215]) {
          const turn = (turnDeg * Math.PI) / 180
          const away = how === 'leaning' ? 90 : 0
          const { standing, bounds } = boundsOf(
            [jug, { ...newPlaced('x', piece.id, away * Math.sin(turn), -away * Math.cos(turn)), turnDeg, on: 'jug', how }],
            'x'
          )
          drawn++
          const what = `${piece.id} ${how} ${turnDeg}`
          expect(bounds.max.z, what).toBeLessThan(standing.topMm + LOOSE_MM)
          expect(bounds.min.z, what).toBeGreaterThan(standing.footMm - LOOSE_MM)
          for (const [low, high, at] of [
            [bounds.min.x, bounds.max.x, standing.pose.x],
            [bounds.min.y, bounds.max.y, standing.pose.y]
          ] as const) {
            expect(high - at, what).toBeLessThan(standing.reachMm + LOOSE_MM)
            expect(at - low, what).toBeLessThan(standing.reachMm + LOOSE_MM)
          }
        }
    }
    expect(drawn).toBeGreaterThan(30)
  })

  it('a leaning board’s top is as far behind its foot as its lean says, to the side it leans', () => {
    for (const turnDeg of [0, 90, 180, 270]) {
      const turn = (turnDeg * Math.PI) / 180
      const look = [
        newPlaced('jug', 'glass-cylinder'),
        { ...newPlaced('x', 'sign-slate', 105 * Math.sin(turn), -105 * Math.cos(turn)), turnDeg, on: 'jug', how: 'leaning' as const }
      ]
      const { standing, bounds } = boundsOf(look, 'x')
      const lean = (standing.manner as { angleRad: number }).angleRad
      const back = { x: -Math.sin(turn), y: Math.cos(turn) }
      const reach =
        Math.max(back.x * (bounds.max.x - standing.pose.x), back.x * (bounds.min.x - standing.pose.x)) +
        Math.max(back.y * (bounds.max.y - standing.pose.y), back.y * (bounds.min.y - standing.pose.y))
      expect(Math.abs(reach - 160 * Math.sin(lean)), `${turnDeg}`).toBeLessThan(25)
    }
  })
})

describe('the room', () => {
  const plan = seatPlan(demo)

  it('walls stand where the room ends, pictures on them, and every viewer is within', () => {
    const look: Look = { ...demo, room: { ...demo.room, clearMm: { north: 900, east: 1400, south: null, west: 700 }, door: 'south' } }
    const room = extentOfRoom(look, plan.outline)
    const bounds = new THREE.Box3().setFromObject(wallsOf(look, plan, '#ffffff'))
    expect([bounds.min.x, bounds.max.x, bounds.min.y, bounds.max.y]).toEqual([room.x0, room.x1, room.y0, room.y1].map((mm) => expect.closeTo(mm, 3) as number))
    const parts = new Parts()
    addViews(parts, look, plan, 'day')
    const drawn = new THREE.Box3()
    for (const mesh of parts.meshes(() => new THREE.MeshBasicMaterial()))
      drawn.union(new THREE.Box3().setFromBufferAttribute(mesh.geometry.getAttribute('position') as THREE.BufferAttribute))
    expect(drawn.max.y).toBeLessThan(room.y1 + 30)
    expect(drawn.max.x).toBeLessThan(room.x1 + 30)
    expect(drawn.max.y).toBeGreaterThan(room.y1 - 30)
    for (const viewer of [{ kind: 'standing' }, { kind: 'child' }, { kind: 'door' }, { kind: 'seat', number: 1 }] as const) {
      const { eye } = viewpoint(viewer, look, plan)
      expect(eye.x).toBeGreaterThanOrEqual(room.x0)
      expect(eye.x).toBeLessThanOrEqual(room.x1)
      expect(eye.y).toBeGreaterThanOrEqual(room.y0)
      expect(eye.y).toBeLessThanOrEqual(room.y1)
    }
  })

  it('a turned head keeps its eyes where they are and looks as far, and turned all round sees the same', () => {
    const seat = viewpoint({ kind: 'seat', number: 3 }, demo, plan)
    for (const yaw of [-1, 0.4, 2]) {
      const turned = turnedHead(seat, yaw, 0.1)
      expect(turned.eye).toEqual(seat.eye)
      const far = (one: typeof seat) => Math.hypot(one.at.x - one.eye.x, one.at.y - one.eye.y, one.at.z - one.eye.z)
      expect(far(turned)).toBeCloseTo(far(seat), 6)
    }
    const round = turnedHead(turnedHead(seat, Math.PI, 0), Math.PI, 0)
    expect([round.at.x, round.at.y, round.at.z]).toEqual([seat.at.x, seat.at.y, seat.at.z].map((mm) => expect.closeTo(mm, 6) as number))
  })
})
