import { atMeal, guestEyes, newPlaced, seatColors, seatPlan, standings, type Look, type SeenPart } from '@hestiad/core'
import { Mesh, MeshBasicMaterial, Object3D, PlaneGeometry, Raycaster, Vector3 } from 'three'
import { describe, expect, it } from 'vitest'
import { contains } from '../src/geometry/outline.js'
import { rayEnters } from '../src/sight/rayMeets.js'
import { box, frustum } from '../src/solids/solid.js'
import { bareLook, demoLook, roundTable } from './support/looks.js'
import { meshOf } from './support/rayCaster.js'

const shareOf = (parts: readonly SeenPart[], pieceId: string | null) =>
  parts.filter((part) => part.pieceId === pieceId).reduce((sum, part) => sum + part.share, 0)

/**
 * The same by three's Raycaster: shares of the solid angle of the bare table and of what stands in the middle, pieces by id; glass lets through
 * by its opacity. No places are laid.
 */
function byThree(look: Look, seat: number, stepDeg: number): Map<string | null, number> {
  const plan = seatPlan(look)
  const eye = guestEyes(plan, look.table)[seat]!
  const owners = new Map<Object3D, string>()
  const meshes = atMeal(standings(look)).flatMap((one) =>
    one.solids.map((solid) => {
      const mesh = meshOf(solid)
      owners.set(mesh, one.piece.id)
      return mesh
    })
  )
  const tabletop = new Mesh(new PlaneGeometry(20_000, 20_000), new MeshBasicMaterial())
  tabletop.rotation.x = -Math.PI / 2
  tabletop.updateMatrixWorld(true)
  const caster = new Raycaster()
  const from = new Vector3(eye.x, eye.z, -eye.y)
  const ahead = Math.atan2(-eye.y, -eye.x)
  const sums = new Map<string | null, number>()
  const step = (stepDeg * Math.PI) / 180
  for (let azimuth = ahead - Math.PI / 2 + step / 2; azimuth < ahead + Math.PI / 2; azimuth += step)
    for (let rise = -Math.PI / 2 + step / 2; rise < 0.6; rise += step) {
      const level = Math.cos(rise)
      caster.set(from, new Vector3(level * Math.cos(azimuth), Math.sin(rise), -level * Math.sin(azimuth)))
      let passes = 1
      const met = new Set<Object3D>()
      for (const hit of caster.intersectObjects([...meshes, tabletop], false)) {
        if (met.has(hit.object)) continue
        met.add(hit.object)
        const owner = owners.get(hit.object) ?? null
        if (owner === null && !contains(plan.outline, { x: hit.point.x, y: -hit.point.z })) break
        const opacity = owner === null ? 1 : (hit.object.userData['opacity'] as number)
        sums.set(owner, (sums.get(owner) ?? 0) + level * passes * opacity)
        passes *= 1 - opacity
        if (passes < 1e-6) break
      }
    }
  const total = [...sums.values()].reduce((sum, one) => sum + one, 0)
  return new Map([...sums].map(([owner, sum]) => [owner, sum / total]))
}

/** A round table for six with nothing laid at the places. */
const table: Look = {
  ...bareLook(),
  table: roundTable(60),
  pieces: demoLook().pieces,
  setting: { ...bareLook().setting, plateIds: [], glassIds: [], flatwareIds: [], napkin: null },
  linens: { ...bareLook().linens, clothId: null, runner: null, matId: null, topper: null }
}
const bowl = (id: string, xMm: number, yMm: number) => newPlaced(id, 'urn-stone', xMm, yMm)

describe('what a guest sees of each color', () => {
  it('of a bare table is the table alone, from every chair', () => {
    for (let seat = 0; seat < table.guests.length; seat++) expect(shareOf(seatColors({ ...table, centerpiece: [] }, seat, 2), null)).toBeCloseTo(1, 9)
    expect(seatColors(table, 99)).toEqual([])
  })

  // outside check: three's Raycaster on the same solids, rays of its own
  it('is within a point of what casting rays finds, piece by piece', () => {
    const laid = {
      ...table,
      centerpiece: [bowl('a', 0, 0), bowl('b', 260, 120), newPlaced('c', 'board-olive', -220, -60), newPlaced('d', 'glass-cylinder', 40, 280)]
    }
    for (const seat of [0, 2, 3]) {
      const ours = seatColors(laid, seat)
      const theirs = byThree(laid, seat, 1.5)
      for (const id of [null, 'urn-stone', 'board-olive', 'glass-cylinder'])
        expect(Math.abs(shareOf(ours, id) - (theirs.get(id) ?? 0)), `${id} from ${seat}`).toBeLessThan(0.01)
    }
  }, 120_000)

  it('adds up to one on every demo table, and what stands near is larger than the same thing far off', () => {
    for (const name of ['pearl-anniversary', 'mending-circle', 'ferry-crew', 'ordinary-week']) {
      const look = demoLook(name)
      const parts = seatColors(look, 0, 1.5)
      expect(parts.reduce((sum, part) => sum + part.share, 0)).toBeCloseTo(1, 9)
      expect(parts.every((part) => part.share >= 0)).toBe(true)
    }
    const near = seatPlan(table).places[0]!
    const towards = (share: number) => ({ ...table, centerpiece: [bowl('a', Math.round(near.x * share), Math.round(near.y * share))] })
    expect(shareOf(seatColors(towards(0.5), 0), 'urn-stone')).toBeGreaterThan(2 * shareOf(seatColors(towards(-0.5), 0), 'urn-stone'))
  })

  it('sees upright things larger than they look from above, and the cloth less', () => {
    const look = demoLook('pearl-anniversary')
    const parts = seatColors(look, 2)
    expect(shareOf(parts, 'jug-sky') + shareOf(parts, 'water-goblet')).toBeGreaterThan(0)
    expect(parts.filter((part) => part.where === 'linens').reduce((sum, part) => sum + part.share, 0)).toBeLessThan(0.7)
  })
})

describe('where a ray comes into a solid', () => {
  const at = (solid: ReturnType<typeof box>) => ({ ...solid, x: 0, y: 0, turnRad: 0 })
  // worked by hand
  it('is its near side, 0 from within, and nowhere where it misses', () => {
    const cube = at(box(0, 100, 50, 50, 1))
    expect(rayEnters(cube, { x: -250, y: 0, z: 50 }, { x: 250, y: 0, z: 50 })).toBeCloseTo(0.4, 12)
    expect(rayEnters(cube, { x: 0, y: 0, z: 50 }, { x: 250, y: 0, z: 50 })).toBe(0)
    expect(rayEnters(cube, { x: -250, y: 80, z: 50 }, { x: 250, y: 80, z: 50 })).toBe(Infinity)
    expect(rayEnters(cube, { x: 0, y: 0, z: 500 }, { x: 0, y: 0, z: 0 })).toBeCloseTo(0.8, 12)
    const post = at(frustum(0, 100, 50, 50, 1))
    expect(rayEnters(post, { x: -250, y: 0, z: 50 }, { x: 250, y: 0, z: 50 })).toBeCloseTo(0.4, 12)
    expect(rayEnters(post, { x: -250, y: 30, z: 50 }, { x: 250, y: 30, z: 50 })).toBeCloseTo(0.42, 12)
    // a cone of 45 degrees, met level at half its height: the radius there is 50
    expect(rayEnters(at(frustum(0, 100, 100, 0, 1)), { x: -250, y: 0, z: 50 }, { x: 250, y: 0, z: 50 })).toBeCloseTo(0.4, 12)
    // parallel to its side
    expect(rayEnters(at(frustum(0, 100, 100, 0, 1)), { x: -200, y: 0, z: 0 }, { x: 0, y: 0, z: 200 })).toBe(Infinity)
  })
})
