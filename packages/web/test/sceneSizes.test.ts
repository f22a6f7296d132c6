import { readFileSync } from 'node:fs'
import {
  CHILD_STANDING_EYE_MM,
  clothDrop,
  extentSize,
  guestEyes,
  isStanding,
  LANTERN_FLOOR_MM,
  newPlaced,
  pieceIndex,
  placeLayouts,
  seatPlan,
  STANDING_EYE_MM,
  standings,
  type Look,
  type Placed,
  type StandingPiece
} from '@hestiad/core'
import * as THREE from 'three'
import { describe, expect, it } from 'vitest'
import { addLights, hours, moodOf } from '../src/seat-view/scene/lights.js'
import { createMaterials } from '../src/seat-view/scene/materials.js'
import { Parts } from '../src/seat-view/scene/parts.js'
import { addPeople } from '../src/seat-view/scene/peopleParts.js'
import { addPieces } from '../src/seat-view/scene/pieceParts.js'
import { addSettings } from '../src/seat-view/scene/settingParts.js'
import { addTable } from '../src/seat-view/scene/tableParts.js'
import { viewpoint } from '../src/seat-view/viewpoint.js'

const demo = JSON.parse(readFileSync(new URL('../../../demo/pearl-anniversary.hestiad.json', import.meta.url), 'utf8')) as Look
const index = pieceIndex(demo)
const plan = seatPlan(demo)
/** Things are drawn so far above what they stand on, so that surfaces do not flicker into each other. */
const LIFT_MM = 3
/** The longest leaf. */
const LEAF_MM = 60

type Points = readonly (readonly [x: number, y: number, z: number])[]

/** Corners of what was drawn, by what it is made of and its color. */
function drawn(draw: (parts: Parts) => void): ReadonlyMap<string, Points> {
  const parts = new Parts()
  draw(parts)
  return new Map(
    parts
      .meshes(() => new THREE.MeshBasicMaterial())
      .map((mesh) => {
        const { array, count } = mesh.geometry.getAttribute('position')
        return [mesh.name, Array.from({ length: count }, (_, i) => [array[3 * i]!, array[3 * i + 1]!, array[3 * i + 2]!] as const)]
      })
  )
}
const all = (meshes: ReadonlyMap<string, Points>): Points => [...meshes.values()].flat()
const most = (points: Points, axis: 0 | 1 | 2) => points.reduce((high, p) => Math.max(high, p[axis]), -Infinity)
const least = (points: Points, axis: 0 | 1 | 2) => points.reduce((low, p) => Math.min(low, p[axis]), Infinity)
const widthOf = (points: Points, axis: 0 | 1) => most(points, axis) - least(points, axis)
const radiusBetween = (points: Points, low: number, high: number) =>
  points.filter((p) => p[2] >= low && p[2] <= high).reduce((far, [x, y]) => Math.max(far, Math.hypot(x, y)), 0)
const named = (meshes: ReadonlyMap<string, Points>, start: string): Points => [...meshes].flatMap(([name, points]) => (name.startsWith(start) ? points : []))

function alone(piece: StandingPiece, more: Partial<Placed> = {}, lit = true) {
  const standing = standings({ ...demo, centerpiece: [{ ...newPlaced('x', piece.id), ...more }] })
  let flames: ReturnType<typeof addPieces> = []
  const meshes = drawn((parts) => (flames = addPieces(parts, standing, index, lit)))
  return { meshes, points: all(meshes), standing: standing[0]!, flames }
}
const things = demo.pieces.filter(isStanding)
const some = <Kind extends StandingPiece['kind']>(kind: Kind) => things.filter((one): one is StandingPiece & { kind: Kind } => one.kind === kind)
const isRotund = (piece: StandingPiece) => !('extent' in piece) || piece.extent.kind === 'round'

describe('a thing drawn in three dimensions has its measured sizes', () => {
  it('vessels: as high, as wide at the belly, the mouth and the foot', () => {
    for (const piece of some('vessel').filter(({ form }) => form !== 'jug' && form !== 'lantern' && form !== 'trough')) {
      const { points } = alone(piece)
      expect(most(points, 2), piece.id).toBeCloseTo(piece.heightMm + LIFT_MM, 3)
      expect(least(points, 2), piece.id).toBeCloseTo(LIFT_MM, 3)
      expect(widthOf(points, 1), piece.id).toBeGreaterThan(0.97 * piece.widestMm)
      expect(widthOf(points, 0), piece.id).toBeCloseTo(piece.widestMm, 1)
      expect(radiusBetween(points, piece.heightMm + LIFT_MM - 0.5, Infinity), piece.id).toBeCloseTo(piece.mouthMm / 2, 1)
      expect(radiusBetween(points, -1, LIFT_MM + 0.5), piece.id).toBeCloseTo(piece.baseMm / 2, 1)
      // the floor inside is where water stands
      expect(
        points.some(([x, y, z]) => Math.hypot(x, y) < 1 && Math.abs(z - LIFT_MM - Math.max(2, piece.heightMm - piece.depthMm)) < 0.5),
        piece.id
      ).toBe(true)
    }
  })

  it('a trough: long, wide and high as it is measured, hollow to its floor, however it is turned', () => {
    const own = some('vessel').filter(({ form }) => form === 'trough')
    for (const piece of own)
      for (const turnDeg of [0, 90]) {
        const { points } = alone(piece, { turnDeg })
        const [long, wide] = turnDeg === 0 ? ([0, 1] as const) : ([1, 0] as const)
        expect(widthOf(points, long)).toBeCloseTo(piece.lengthMm!, 2)
        expect(widthOf(points, wide)).toBeCloseTo(piece.widestMm, 2)
        expect(most(points, 2)).toBeCloseTo(piece.heightMm + LIFT_MM, 2)
        const foot = points.filter((p) => p[2] < LIFT_MM + 0.5)
        expect(widthOf(foot, wide)).toBeCloseTo(piece.baseMm, 2)
        const floorMm = LIFT_MM + piece.heightMm - piece.depthMm
        expect(points.some((p) => Math.abs(p[2] - floorMm) < 0.5 && Math.abs(p[wide]) < 1)).toBe(true)
      }
    expect(own.length).toBeGreaterThan(0)
  })

  it('a lantern has a floor, four posts at its corners, a roof to its top', () => {
    for (const piece of some('vessel').filter(({ form }) => form === 'lantern')) {
      const { points } = alone(piece)
      expect(most(points, 2)).toBeCloseTo(piece.heightMm + LIFT_MM, 1)
      const half = piece.baseMm / 2
      const mid = LIFT_MM + LANTERN_FLOOR_MM
      const corners = points.filter((p) => Math.abs(p[2] - mid - piece.depthMm) < 0.5 && Math.abs(Math.abs(p[0]) - half) < 0.5 && Math.abs(Math.abs(p[1]) - half) < 0.5) // prettier-ignore
      expect(new Set(corners.map(([x, y]) => `${x > 0} ${y > 0}`)).size).toBe(4)
      const roof = points.filter((p) => p[2] > mid + piece.depthMm - 0.5)
      expect(widthOf(roof, 0)).toBeCloseTo(Math.max(piece.widestMm, piece.baseMm), 0)
      expect(widthOf(roof, 1)).toBeCloseTo(Math.max(piece.widestMm, piece.baseMm), 0)
    }
    expect(some('vessel').some(({ form }) => form === 'lantern')).toBe(true)
  })

  it('trays, stands and boards: length along them, width across, however they are turned', () => {
    for (const piece of [...some('tray'), ...some('riser')])
      for (const turnDeg of [0, 90]) {
        const { points } = alone(piece, { turnDeg })
        const { lengthMm, widthMm } = extentSize(piece.extent)
        const [long, wide] = turnDeg === 0 ? [0, 1] : ([1, 0] as const)
        const what = `${piece.id} ${turnDeg}`
        const slack = isRotund(piece) ? 4 : 0.1
        expect(Math.abs(widthOf(points, long as 0 | 1) - lengthMm), what).toBeLessThan(slack)
        expect(Math.abs(widthOf(points, wide as 0 | 1) - widthMm), what).toBeLessThan(slack)
        expect(least(points, 2), what).toBeCloseTo(LIFT_MM, 3)
      }
  })

  it('a riser on legs has its top at its height, four legs inside its corners and nothing between them; one without is solid', () => {
    for (const piece of some('riser')) {
      const { points } = alone(piece)
      const { lengthMm, widthMm } = extentSize(piece.extent)
      expect(most(points, 2), piece.id).toBeCloseTo(piece.heightMm + LIFT_MM, 3)
      if (!piece.legs) continue
      const feet = points.filter((p) => p[2] < LIFT_MM + 0.5)
      expect(new Set(feet.map(([x, y]) => `${x > 0} ${y > 0}`)).size, piece.id).toBe(4)
      for (const [x, y] of feet) {
        expect(lengthMm / 2 - Math.abs(x), piece.id).toBeGreaterThan(5)
        expect(lengthMm / 2 - Math.abs(x), piece.id).toBeLessThan(30)
        expect(widthMm / 2 - Math.abs(y), piece.id).toBeGreaterThan(5)
        expect(widthMm / 2 - Math.abs(y), piece.id).toBeLessThan(30)
      }
    }
  })

  it('a tray has a rim where it has one, hollow within its wall, and a tiered stand a plate at each of its heights', () => {
    for (const piece of some('tray')) {
      const { points } = alone(piece)
      if (piece.upper.length > 0) {
        for (const { heightMm, diameterMm } of piece.upper)
          expect(radiusBetween(points, heightMm + LIFT_MM - 1, heightMm + LIFT_MM + 3), `${piece.id} at ${heightMm}`).toBeCloseTo(diameterMm / 2, 0)
        // a handle above the top plate
        expect(most(points, 2)).toBeGreaterThan(piece.upper.at(-1)!.heightMm + 20)
        continue
      }
      expect(most(points, 2), piece.id).toBeCloseTo(Math.max(piece.rimMm, piece.floorMm) + LIFT_MM, 3)
      if (piece.rimMm <= piece.floorMm) continue
      const { widthMm } = extentSize(piece.extent)
      const inner = points.filter((p) => p[2] > piece.floorMm + LIFT_MM + 0.5 && Math.abs(p[0]) < 5).map((p) => Math.abs(p[1]))
      if (inner.length > 0) expect(Math.min(...inner), piece.id).toBeGreaterThan(widthMm / 2 - Math.max(4, piece.wallMm) - 1)
    }
  })

  it('a candle stands in its holder, its flame on its tip, and none burns where none is lit', () => {
    const candle = demo.pieces.find((one) => one.kind === 'candle')!
    let seen = 0
    for (const placed of demo.centerpiece.filter((one) => one.candle)) {
      const piece = index.get(placed.pieceId)!
      if (piece.kind !== 'holder') continue
      const { meshes, flames, standing } = alone(piece, { candle: placed.candle })
      const wax = named(meshes, 'wax')
      const { heightMm, diameterMm } = standing.candle!
      if (piece.material !== 'wax') {
        expect(most(wax, 2), placed.id).toBeCloseTo(LIFT_MM + piece.heightMm + heightMm, 2)
        expect(least(wax, 2), placed.id).toBeCloseTo(LIFT_MM + piece.heightMm, 2)
        expect(widthOf(wax, 0), placed.id).toBeCloseTo(diameterMm, 1)
      }
      const fire = named(meshes, 'flame')
      expect(least(fire, 2), placed.id).toBeGreaterThan(LIFT_MM + piece.heightMm + heightMm)
      expect(flames, placed.id).toHaveLength(1)
      expect(flames[0]!.z, placed.id).toBeGreaterThan(least(fire, 2))
      expect(flames[0]!.z, placed.id).toBeLessThan(most(fire, 2))
      const unlit = alone(piece, { candle: placed.candle }, false)
      expect(unlit.flames).toEqual([])
      expect(named(unlit.meshes, 'flame')).toEqual([])
      expect(alone(piece).flames, 'a holder without a candle').toEqual([])
      seen++
    }
    expect(seen).toBeGreaterThan(0)
    expect(candle).toBeDefined()
  })

  it('a glass chimney reaches from the holder’s cup to its rim', () => {
    const holders = some('holder').filter((one) => one.chimney)
    expect(holders.length).toBeGreaterThan(0)
    for (const piece of holders) {
      const glass = named(alone({ ...piece }).meshes, 'glass #e8eeee')
      expect(most(glass, 2), piece.id).toBeCloseTo(LIFT_MM + piece.chimney!.rimMm, 2)
      expect(least(glass, 2), piece.id).toBeCloseTo(LIFT_MM + piece.heightMm, 2)
      expect(widthOf(glass, 0), piece.id).toBeCloseTo(piece.chimney!.innerMm + 4, 0)
    }
  })

  it('flowers fill the dome they are given: every head is drawn, within the spread and the rise, the same each time', () => {
    let seen = 0
    for (const placed of demo.centerpiece.filter((one) => one.arrangement)) {
      const piece = index.get(placed.pieceId)!
      if (piece.kind !== 'vessel') continue
      const { arrangement } = placed
      const { meshes } = alone(piece, { arrangement })
      expect(all(alone(piece, { arrangement }).meshes)).toEqual(all(meshes))
      const rim = LIFT_MM + piece.heightMm
      for (const { stemId, count } of arrangement!.stems) {
        const stem = index.get(stemId)!
        if (stem.kind !== 'stem' || stem.role === 'foliage' || stem.role === 'line') continue
        const heads = named(meshes, `petal ${stem.color}`)
        const triangles = heads.length / 3
        expect(triangles % count === 0 || triangles > 20 * count, stemId).toBe(true)
        expect(most(heads, 2), stemId).toBeLessThan(rim + arrangement!.riseMm + stem.headMm)
        expect(least(heads, 2), stemId).toBeGreaterThan(rim + 0.2 * arrangement!.riseMm - stem.headMm)
        const far = radiusBetween(heads, -Infinity, Infinity)
        expect(far, stemId).toBeLessThan(arrangement!.spreadMm / 2 + stem.headMm)
        seen++
      }
      const petals = named(meshes, 'petal')
      if (petals.length > 0 && arrangement!.stems.reduce((sum, { count }) => sum + count, 0) > 6)
        expect(radiusBetween(petals, -Infinity, Infinity)).toBeGreaterThan(0.35 * arrangement!.spreadMm)
    }
    expect(seen).toBeGreaterThan(1)
  })

  it('fruit and pods are balls heaped within their dish, beads lie along their length, signs and cloths are as long and wide as they are', () => {
    for (const piece of some('ornament').filter(({ material, form }) => material !== 'plant' && form !== 'lights' && form !== 'wreath')) {
      const { points } = alone(piece)
      const { lengthMm, widthMm } = extentSize(piece.extent)
      const loose = ['figure', 'sign', 'throw'].includes(piece.form) ? 0.11 : 0.75
      for (const [axis, mm] of [
        [0, lengthMm],
        [1, widthMm]
      ] as const) {
        expect(widthOf(points, axis), `${piece.id} ${piece.form}`).toBeLessThan(
          ['garland', 'greens', 'grass'].includes(piece.form) ? mm + 2 * LEAF_MM : mm * 1.35 + 30
        )
        expect(widthOf(points, axis), `${piece.id} ${piece.form}`).toBeGreaterThan(mm * (1 - loose) - 1)
        // the same to both sides
        expect(Math.abs(most(points, axis) + least(points, axis)), `${piece.id} ${piece.form}`).toBeLessThan(0.2 * mm + 12)
      }
    }
  })
})

describe('table, places and people are drawn where they are measured', () => {
  it('the tabletop ends where the table does, the cloth falls as far as it hangs at side and corner, the runner as far as it overhangs', () => {
    const cloth = index.get(demo.linens.clothId ?? '')
    if (cloth?.kind !== 'cloth') throw new Error('the demo has a cloth')
    const hang = clothDrop(cloth.extent, plan.outline)
    const meshes = drawn((parts) => addTable(parts, demo, plan, hang))
    const top = named(meshes, `wood ${demo.table.color}`).filter((p) => p[2] === 0)
    const { halfWidthMm } = plan.outline
    expect(most(top, 1)).toBeCloseTo(halfWidthMm, 0)
    expect(least(top, 1)).toBeCloseTo(-halfWidthMm, 0)
    const linen = named(meshes, `cloth ${cloth.color}`)
    expect(least(linen, 2)).toBeGreaterThanOrEqual(-Math.max(hang.cornerDropMm ?? 0, hang.sideDropMm) - 1)
    const side = linen.filter(([x]) => Math.abs(x) < 100)
    expect(least(side, 2)).toBeCloseTo(-Math.min(demo.table.heightMm - 15, Math.max(10, hang.sideDropMm)), 0)
    // it hangs outside the table, and a little out for its folds
    const hem = side.filter((p) => p[2] < -10)
    expect(Math.min(...hem.map((p) => Math.abs(p[1])))).toBeGreaterThan(halfWidthMm)
    expect(Math.max(...hem.map((p) => Math.abs(p[1])))).toBeLessThan(halfWidthMm + 60)
    expect(drawn((parts) => addTable(parts, { ...demo, linens: { ...demo.linens, clothId: null } }, plan, null)).has(`cloth ${cloth.color}`)).toBe(false)
  })

  it('a pedestal is drawn for a table on a pedestal, legs, trestles and panels where the plan has them, all down to the floor', () => {
    for (const support of [
      { kind: 'pedestal' },
      { kind: 'legs', legMm: 70, insetMm: 40 },
      { kind: 'trestle', insetMm: 300, footMm: 80 },
      { kind: 'panel', insetMm: 200 }
    ] as const) {
      const look: Look = { ...demo, table: { ...demo.table, support }, linens: { ...demo.linens, clothId: null, runner: null } }
      const there = seatPlan(look)
      const wood = named(
        drawn((parts) => addTable(parts, look, there, null)),
        'wood'
      )
      expect(least(wood, 2), support.kind).toBeCloseTo(-look.table.heightMm, 0)
      const low = wood.filter((p) => p[2] < -look.table.heightMm + 1)
      const spots = support.kind === 'pedestal' ? [{ x: 0, y: 0, halfXMm: 230, halfYMm: 230, turnRad: 0 }] : there.supports
      expect(spots.length, support.kind).toBeGreaterThan(0)
      for (const one of spots)
        expect(
          low.some(([x, y]) => Math.hypot(x - one.x, y - one.y) <= Math.hypot(one.halfXMm, one.halfYMm) + 1),
          support.kind
        ).toBe(true)
      for (const [x, y] of low)
        expect(
          spots.some((one) => Math.hypot(x - one.x, y - one.y) <= Math.hypot(one.halfXMm, one.halfYMm) + 1),
          support.kind
        ).toBe(true)
    }
  })

  it('before every guest lies what the engine laid out there: plates round their spot, glasses to their height, knives on the same side as measured', () => {
    const laid = placeLayouts(demo, plan.places)
    const meshes = drawn((parts) => addSettings(parts, demo, plan, laid))
    const place = plan.places[0]!
    const toward = (point: readonly [number, number, number]) => {
      const [dx, dy] = [point[0] - place.x, point[1] - place.y]
      return { across: dx * Math.cos(place.turnRad) + dy * Math.sin(place.turnRad), in: -dx * Math.sin(place.turnRad) + dy * Math.cos(place.turnRad) }
    }
    for (const item of laid[0]!.layout.items) {
      const { piece } = item
      const at = { across: laid[0]!.mirrored ? -item.x : item.x, in: item.y }
      const own = [...meshes].flatMap(([name, points]) => (name.endsWith(piece.color) ? points : []))
      const near = own.filter((p) => {
        const spot = toward(p)
        return (
          Math.abs(spot.across - at.across) <= Math.max(item.halfXMm, item.halfYMm) + 4 && Math.abs(spot.in - at.in) <= Math.max(item.halfXMm, item.halfYMm) + 4
        )
      })
      expect(near.length, piece.id).toBeGreaterThan(8)
      if (piece.kind === 'glass') expect(most(near, 2), piece.id).toBeGreaterThanOrEqual(piece.heightMm + 2.9)
      if (piece.kind === 'plate') {
        const radius = near.reduce((far, p) => Math.max(far, Math.hypot(toward(p).across - at.across, toward(p).in - at.in)), 0)
        expect(radius, piece.id).toBeGreaterThan(piece.diameterMm / 2 - 2)
      }
    }
  })

  it('heads are round the eyes of everybody but those left out, whose chairs have no back before one’s own face', () => {
    const eyes = guestEyes(plan, demo.table)
    const meshes = drawn((parts) => addPeople(parts, demo, plan, new Set([2])))
    const skin = named(meshes, 'skin #c9b7a3')
    eyes.forEach((eye, i) => {
      const near = skin.filter(([x, y, z]) => Math.hypot(x - eye.x, y - eye.y) < 90 && Math.abs(z - eye.z) < 125)
      expect(near.length > 0, `seat ${i + 1}`).toBe(plan.places[i]!.number !== 2)
      if (near.length === 0) return
      expect(most(near, 2)).toBeGreaterThan(eye.z)
      expect(least(near, 2)).toBeLessThan(eye.z)
    })
    const backs = (without: readonly number[]) =>
      named(
        drawn((parts) => addPeople(parts, demo, plan, new Set(without))),
        'seat'
      ).length
    expect(backs([])).toBeGreaterThan(backs([2]))
  })

  it('one looks from one’s own eyes across the table; standing, as a child and from the door at the height of such eyes', () => {
    const floor = -demo.table.heightMm
    guestEyes(plan, demo.table).forEach((eye, i) => {
      const seen = viewpoint({ kind: 'seat', number: i + 1 }, demo, plan)
      expect(seen.eye).toEqual(eye)
      // past the middle of the table
      expect(Math.sign(seen.at.x) === -Math.sign(eye.x) || Math.abs(eye.x) < 1).toBe(true)
      expect(Math.sign(seen.at.y) === -Math.sign(eye.y) || Math.abs(eye.y) < 1).toBe(true)
    })
    expect(viewpoint({ kind: 'seat', number: 99 }, demo, plan)).toEqual(viewpoint({ kind: 'standing' }, demo, plan))
    expect(viewpoint({ kind: 'standing' }, demo, plan).eye.z).toBe(floor + STANDING_EYE_MM)
    expect(viewpoint({ kind: 'child' }, demo, plan).eye.z).toBe(floor + CHILD_STANDING_EYE_MM)
    for (const kind of ['standing', 'child', 'door'] as const) {
      const { eye, at } = viewpoint({ kind }, { ...demo, room: { ...demo.room, door: null } }, plan)
      expect(eye.y, kind).toBeLessThan(-plan.outline.halfWidthMm)
      expect(eye.z, kind).toBeGreaterThan(at.z)
    }
  })
})

describe('light and surfaces', () => {
  it('few flames light by themselves, far apart, and stand for the power of all; daylight comes from the window', () => {
    const flames = Array.from({ length: 9 }, (_, i) => ({ x: 100 * i, y: 0, z: 200 }))
    const lit = (count: number, hour: (typeof hours)[number] = 'candle') => {
      const root = new THREE.Group()
      addLights(root, hour, 'east', flames.slice(0, count), 800, 1500)
      return root.children
    }
    expect(hours.map((hour) => lit(2, hour).filter((one) => one instanceof THREE.SpotLight).length)).toEqual([0, 1, 1])
    const points = (count: number) => lit(count).filter((one): one is THREE.PointLight => one instanceof THREE.PointLight)
    expect(points(2)).toHaveLength(2)
    expect(points(9).map((one) => one.position.x)).toEqual([0, 400, 800])
    const power = (count: number) => points(count).reduce((sum, one) => sum + one.intensity, 0)
    expect(power(9)).toBeCloseTo(4.5 * power(2), 6)
    expect(points(0)).toEqual([])
    const sun = lit(0).find((one) => one instanceof THREE.DirectionalLight)!
    expect(sun.position.x).toBeGreaterThan(Math.abs(sun.position.y))
    const bright = hours.map((hour) => moodOf(hour).ambient)
    expect(bright).toEqual([...bright].sort((a, b) => b - a))
  })

  it('metal shines, cloth is woven and seen from behind, glass lets through without hiding, a flame is as bright as it is', () => {
    const materialOf = createMaterials()
    expect(materialOf({ kind: 'brass', color: '#aa8833' })).toMatchObject({ type: 'MeshStandardMaterial', metalness: 0.35 })
    expect(materialOf({ kind: 'porcelain', color: '#ffffff' })).toMatchObject({ type: 'MeshStandardMaterial', metalness: 0 })
    const cloth = materialOf({ kind: 'cloth', color: '#eeeedd' }) as THREE.MeshLambertMaterial
    expect(cloth).toMatchObject({ type: 'MeshLambertMaterial', side: THREE.DoubleSide })
    expect(cloth.map).not.toBeNull()
    expect((materialOf({ kind: 'wood', color: '#886644' }) as THREE.MeshLambertMaterial).map).toBeNull()
    expect(materialOf({ kind: 'wood', color: '#886644' })).toMatchObject({ side: THREE.FrontSide, transparent: false })
    expect(materialOf({ kind: 'glass', color: '#ffffff', opacity: 0.3 })).toMatchObject({ transparent: true, opacity: 0.3, depthWrite: false })
    expect(materialOf({ kind: 'flame', color: '#ffd68a' })).toMatchObject({ type: 'MeshBasicMaterial', toneMapped: false })
    expect(materialOf({ kind: 'brass', color: '#aa8833' })).toBe(materialOf({ kind: 'brass', color: '#aa8833' }))
    const { data } = cloth.map!.image as unknown as { data: Uint8Array }
    const light = Array.from({ length: data.length / 4 }, (_, i) => data[4 * i]!)
    expect(Math.max(...light) - Math.min(...light)).toBeGreaterThan(10)
    expect(Math.min(...light)).toBeGreaterThan(220)
  })
})
