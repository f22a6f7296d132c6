import { readFileSync } from 'node:fs'
import { FACE_BELOW_EYES_MM, FACE_HALF_HEIGHT_MM, FACE_HALF_WIDTH_MM, guestEyes, newPlaced, seatPlan, standings, type Look, type Placed } from '@hestiad/core'
import * as THREE from 'three'
import { describe, expect, it } from 'vitest'
import { drawnView } from '../src/seat-view/drawn.js'
import { rimOf } from '../src/seat-view/scene/rim.js'
import { viewpoint } from '../src/seat-view/viewpoint.js'

const demo = JSON.parse(readFileSync(new URL('../../../demo/pearl-anniversary.hestiad.json', import.meta.url), 'utf8')) as Look
const plan = seatPlan(demo)
const FOCAL_PX = 900

type Spot = { readonly x: number; readonly y: number; readonly z: number }

/** Where three.js sees a spot, in pixels from the middle, y down: its camera at the eye, its focal length as asked. */
function reference({ eye, at }: { readonly eye: Spot; readonly at: Spot }) {
  const camera = new THREE.PerspectiveCamera((2 * Math.atan(1 / FOCAL_PX) * 180) / Math.PI, 1, 1, 1e5)
  camera.up.set(0, 0, 1)
  camera.position.set(eye.x, eye.y, eye.z)
  camera.lookAt(at.x, at.y, at.z)
  camera.updateMatrixWorld()
  return ({ x, y, z }: Spot) => {
    const seen = new THREE.Vector3(x, y, z).project(camera)
    return { x: seen.x, y: -seen.y, isBehind: seen.z > 1 }
  }
}

const pointsOf = (path: string) => [...path.matchAll(/(-?[\d.]+) (-?[\d.]+)/g)].map(([, x, y]) => ({ x: Number(x), y: Number(y) }))
const boxOf = (points: readonly { readonly x: number; readonly y: number }[]) => {
  const [xs, ys] = [points.map(({ x }) => x), points.map(({ y }) => y)]
  return { left: Math.min(...xs), right: Math.max(...xs), top: Math.min(...ys), bottom: Math.max(...ys) }
}
const near = (a: ReturnType<typeof boxOf>, b: ReturnType<typeof boxOf>, slack: number) =>
  (['left', 'right', 'top', 'bottom'] as const).forEach((side) => expect(Math.abs(a[side] - b[side]), side).toBeLessThan(slack))

const draw = (centerpiece: readonly Placed[], view: ReturnType<typeof viewpoint>, without: number | null) => {
  const look = { ...demo, centerpiece }
  return drawnView(view, look, plan, standings(look), without, FOCAL_PX)
}
const viewers = [{ kind: 'standing' }, { kind: 'child' }, { kind: 'door' }, { kind: 'seat', number: 2 }, { kind: 'seat', number: 5 }] as const

describe('the drawn view, for where there is no WebGL', () => {
  it.each(viewers)('sees the tabletop where three.js sees it: %o', (viewer) => {
    const view = viewpoint(viewer, demo, plan)
    const project = reference(view)
    const [table] = draw([], view, 2)
    const rim = rimOf(plan.outline).map(({ x, y }) => project({ x, y, z: 0 })).filter(({ isBehind }) => !isBehind) // prettier-ignore
    const drawn = pointsOf(table!.path)
    expect(drawn.length).toBeGreaterThan(20)
    for (const point of drawn) expect(Math.min(...rim.map((one) => Math.hypot(one.x - point.x, one.y - point.y)))).toBeLessThan(0.2)
  })

  it('faces lie round the eyes of all others, as wide and as high as faces are at their distance', () => {
    let seen = 0
    for (const number of [1, 4]) {
      const view = viewpoint({ kind: 'seat', number }, demo, plan)
      const project = reference(view)
      const faces = draw([], view, number).slice(1)
      const eyes = guestEyes(plan, demo.table)
      for (const [i, eye] of eyes.entries()) {
        const [ahead, to] = [new THREE.Vector3(view.at.x - view.eye.x, view.at.y - view.eye.y, view.at.z - view.eye.z).normalize(), new THREE.Vector3(eye.x - view.eye.x, eye.y - view.eye.y, eye.z - view.eye.z)] // prettier-ignore
        const depthMm = ahead.dot(to)
        const at = project({ ...eye, z: eye.z - FACE_BELOW_EYES_MM })
        // at the edge of what one sees a circle is no circle
        if (i + 1 !== number && (depthMm < 250 || Math.abs(at.x) > 0.75 * FOCAL_PX)) continue
        const found = faces.filter((one) => {
          const { left, right, top, bottom } = boxOf(pointsOf(one.path))
          return Math.abs((left + right) / 2 - at.x) < 4 && Math.abs((top + bottom) / 2 - at.y) < 4
        })
        expect(found.length, `${number} sees ${i + 1}`).toBe(i + 1 === number ? 0 : 1)
        if (!found[0]) continue
        seen++
        const px = FOCAL_PX / depthMm
        const { top, bottom, left, right } = boxOf(pointsOf(found[0].path))
        expect(Math.abs(bottom - top - 2 * FACE_HALF_HEIGHT_MM * px)).toBeLessThan(0.25 * FACE_HALF_HEIGHT_MM * px)
        expect(right - left).toBeGreaterThan(1.6 * FACE_HALF_WIDTH_MM * px)
        expect(right - left).toBeLessThan(2.5 * FACE_HALF_WIDTH_MM * px)
      }
    }
    expect(seen).toBeGreaterThan(8)
  })

  it('a piece covers what three.js says its solids cover, upright or turned', () => {
    for (const [id, turnDeg] of [
      ['glass-cylinder', 0],
      ['bowl-oyster-small', 0],
      ['sign-slate', 30]
    ] as const) {
      const centerpiece = [{ ...newPlaced('x', id, 120, 60), turnDeg }]
      for (const viewer of viewers) {
        const view = viewpoint(viewer, demo, plan)
        const project = reference(view)
        const [standing] = standings({ ...demo, centerpiece })
        const own = draw(centerpiece, view, null).filter((shape) => !draw([], view, null).some((bare) => bare.path === shape.path))
        expect(own, id).toHaveLength(standing!.solids.length)
        const corners = standing!.solids.flatMap((solid) => {
          const [cos, sin] = solid.kind === 'box' ? [Math.cos(solid.turnRad), Math.sin(solid.turnRad)] : [1, 0]
          const ring =
            solid.kind === 'frustum' ? Array.from({ length: 120 }, (_, i) => [Math.cos((i * Math.PI) / 60), Math.sin((i * Math.PI) / 60)] as const) : []
          const edges: Spot[] =
            solid.kind === 'frustum'
              ? ring.flatMap(([x, y]) => [
                  { x: solid.x + solid.r0Mm * x, y: solid.y + solid.r0Mm * y, z: solid.z0Mm },
                  { x: solid.x + solid.r1Mm * x, y: solid.y + solid.r1Mm * y, z: solid.z1Mm }
                ])
              : [-1, 1].flatMap((sx) =>
                  [-1, 1].flatMap((sy) =>
                    [solid.z0Mm, solid.z1Mm].map((z) => ({
                      x: solid.x + sx * solid.halfXMm * cos - sy * solid.halfYMm * sin,
                      y: solid.y + sx * solid.halfXMm * sin + sy * solid.halfYMm * cos,
                      z
                    }))
                  )
                )
          return edges.map(project)
        })
        near(boxOf(own.flatMap(({ path }) => pointsOf(path))), boxOf(corners), 4)
      }
    }
  })

  it('what is nearer is drawn over what is farther, and a face over what stands behind it', () => {
    const view = viewpoint({ kind: 'standing' }, demo, plan)
    const [front, back] = [newPlaced('front', 'bowl-oyster-small', 0, -200), newPlaced('back', 'glass-cylinder', 0, 250)]
    const order = (pieces: readonly Placed[]) => {
      const bare = draw([], view, null).map(({ path }) => path)
      return draw(pieces, view, null).filter(({ path }) => !bare.includes(path)).map(({ path }) => path) // prettier-ignore
    }
    expect(order([front, back])).toEqual(order([back, front]))
    expect(order([front, back]).at(-1)).toBe(order([front]).at(-1))
    // whoever sits nearest to the eye is drawn last
    const shapes = draw([back], view, null)
    const eyes = guestEyes(plan, demo.table).map((eye) => ({ eye, far: Math.hypot(eye.x - view.eye.x, eye.y - view.eye.y) })).sort((a, b) => a.far - b.far) // prettier-ignore
    const project = reference(view)
    const nearest = eyes.find(({ eye }) => !project(eye).isBehind)!
    const last = boxOf(pointsOf(shapes.at(-1)!.path))
    expect(Math.abs((last.left + last.right) / 2 - project(nearest.eye).x)).toBeLessThan(6)
  })

  it('the cloth gives the table its color, a bare table its own', () => {
    const view = viewpoint({ kind: 'standing' }, demo, plan)
    const cloth = demo.pieces.find((one) => one.id === demo.linens.clothId)!
    const bare = { ...demo, linens: { ...demo.linens, clothId: null } }
    expect(draw([], view, null)[0]!.color).toBe(cloth.color)
    expect(drawnView(view, bare, plan, [], null, FOCAL_PX)[0]!.color).toBe(demo.table.color)
  })
})
