import {
  linesPart,
  standingPart,
  applyEdit,
  behindGuests,
  cordRoutes,
  createAssessor,
  doorEye,
  guestEyes,
  newPlaced,
  plainRoom,
  rayMeets,
  seatPlan,
  seededRandom,
  sightByHeight,
  atMeal,
  standings,
  type Look,
  type Piece,
  type Placed,
  type WorldSolid
} from '@hestiad/core'
import { BoxGeometry, CylinderGeometry, DoubleSide, Mesh, MeshBasicMaterial, Raycaster, Vector3 } from 'three'
import { describe, expect, it } from 'vitest'
import { bareLook, changed, findingOf, firstOf, guests, longTable } from './support/looks.js'
import { many } from './support/many.js'

const bare = bareLook()
const block = (id: string, lengthMm: number, widthMm: number, heightMm: number) =>
  changed('spool-jar', {
    id,
    kind: 'ornament',
    form: 'figure',
    material: 'stone',
    bareBack: false,
    cordMm: null,
    extent: { kind: 'rectangle', lengthMm, widthMm },
    heightMm
  })
const withPieces = (look: Look, pieces: readonly Piece[], ...centerpiece: Placed[]): Look => ({ ...look, pieces: [...look.pieces, ...pieces], centerpiece })
const find = firstOf
const outline = (look: Look) => seatPlan(look).outline
const halfWidth = 24 * 25.4

it('a line meets a frustum or a box where three’s Raycaster hits its mesh: 2000 seeded lines, 10000 in a long run', () => {
  const random = seededRandom(77)
  const between = (low: number, high: number) => low + (high - low) * random()
  let [met, differ] = [0, 0]
  for (let k = 0; k < many(2000); k++) {
    const base = { x: between(-200, 200), y: between(-200, 200), z0Mm: between(-50, 100), turnRad: between(0, 6), part: 'body' as const, opacity: 1 }
    const z1Mm = base.z0Mm + between(5, 300)
    const solid: WorldSolid =
      k % 2 === 0
        ? { kind: 'frustum', ...base, z1Mm, r0Mm: between(2, 120), r1Mm: between(2, 120) }
        : { kind: 'box', ...base, z1Mm, halfXMm: between(2, 120), halfYMm: between(2, 120) }
    const from = { x: between(-600, 600), y: between(-600, 600), z: between(-100, 500) }
    const to = { x: 2 * base.x - from.x + between(-150, 150), y: 2 * base.y - from.y + between(-150, 150), z: between(-100, 400) }
    const height = z1Mm - base.z0Mm
    const mesh = new Mesh(
      solid.kind === 'frustum' ? new CylinderGeometry(solid.r1Mm, solid.r0Mm, height, 720) : new BoxGeometry(2 * solid.halfXMm, height, 2 * solid.halfYMm),
      new MeshBasicMaterial({ side: DoubleSide })
    )
    mesh.position.set(solid.x, (solid.z0Mm + z1Mm) / 2, -solid.y)
    mesh.rotation.y = solid.turnRad
    mesh.updateMatrixWorld(true)
    const start = new Vector3(from.x, from.z, -from.y)
    const step = new Vector3(to.x, to.z, -to.y).sub(start)
    const caster = new Raycaster(start, step.clone().normalize(), 0, step.length())
    // both ends inside hit no face
    const inside = rayMeets(solid, from, from) || rayMeets(solid, to, to)
    const hit = caster.intersectObject(mesh).length > 0
    const ours = rayMeets(solid, from, to)
    if (hit) met++
    if (ours !== hit && !(inside && ours)) differ++
  }
  expect(met).toBeGreaterThan(many(500))
  // lines that graze the 720-sided prism between its corners
  expect(differ).toBeLessThanOrEqual(many(2))
})

describe('what one sees on the walls', () => {
  const room: Look['room'] = {
    ...plainRoom,
    clearMm: { north: 1000, east: 1500, south: 2000, west: null },
    door: 'south',
    views: [{ id: 'print', name: 'Print', kind: 'picture', xMm: 0, widthMm: 400, bottomMm: 740, heightMm: 300, side: 'north' }]
  }
  const look = { ...bare, room }

  it('somebody who comes in stands at the wall with the door, eyes 1550 above the floor', () => {
    expect(doorEye(look, outline(look))).toEqual({ x: 0, y: -halfWidth - 2000, z: 1550 - 740 })
    expect(doorEye(bare, outline(bare))).toBeNull()
  })

  it('a block hides the part of a picture that similar triangles say', () => {
    // the eye at (0, -2610, 810), the picture from 0 to 300 above the tabletop at y 1610; a block in the middle 120 wide
    // hides 120 * 4219 / 2610 = 194 of 400
    const share = (heightMm: number) => find(withPieces(look, [block('b', 120, 20, heightMm)], newPlaced('b', 'b')), 'view.hidden')?.measured.share ?? 0
    const [eyeY, wallY] = [-halfWidth - 2000, halfWidth + 1000]
    const scale = (wallY - eyeY) / (0 - eyeY)
    const columns = Array.from({ length: 10 }, (_, i) => 400 * ((i + 0.5) / 10 - 0.5)).filter((x) => Math.abs(x) <= 60 * scale)
    expect(share(2000)).toBeCloseTo(columns.length / 10, 9)
    // lines to the picture pass the middle between 810 * (1 - 1 / scale) and that plus 300 / scale
    const [lowest, highest] = [810 * (1 - 1 / scale), 810 * (1 - 1 / scale) + 300 / scale]
    expect(share(lowest - 10)).toBe(0)
    const rows = Array.from({ length: 10 }, (_, i) => (i + 0.5) / 10).filter((row) => lowest + row * (highest - lowest) <= 440)
    expect(share(440)).toBeCloseTo((share(2000) * rows.length) / 10, 9)
  })

  it('what is on the wall behind whoever comes in is passed over, and nothing is asked without a door', () => {
    const tall = withPieces(look, [block('b', 600, 20, 2000)], newPlaced('b', 'b'))
    expect(find(tall, 'view.hidden')).toBeDefined()
    expect(find({ ...tall, room: { ...room, door: 'north' } }, 'view.hidden')).toBeUndefined()
    expect(find({ ...tall, room: { ...room, door: null } }, 'view.hidden')).toBeUndefined()
  })

  it('each guest is seen against what the line from the eyes opposite meets on the wall', () => {
    const wide = { ...look, room: { ...room, views: [{ ...room.views[0]!, bottomMm: 900, widthMm: 6000, heightMm: 900 }] } }
    const plan = seatPlan(wide)
    const told = behindGuests(wide, guestEyes(plan, wide.table), plan.outline)
    expect(told.map((one) => one.number).sort()).toEqual(plan.places.filter((place) => place.y > 0).map((place) => place.number))
    for (const { number, from } of told) expect(Math.sign(plan.places[from - 1]!.y)).toBe(-Math.sign(plan.places[number - 1]!.y))
    const high = { ...wide, room: { ...room, views: [{ ...room.views[0]!, bottomMm: 2300, widthMm: 6000, heightMm: 300 }] } }
    expect(behindGuests(high, guestEyes(plan, high.table), plan.outline)).toEqual([])
  })
})

describe('cords', () => {
  const sideboard: Look = {
    ...bare,
    guests: [],
    room: { ...plainRoom, behind: { art: [], sockets: [{ xMm: 500, heightMm: 340 }] } }
  }
  const lights = (cordMm: number, accent = '#101010') => changed('lights-plug', { id: 'lights', cordMm, accent })
  const plugged = (cordMm: number, accent?: string, ...more: Placed[]) =>
    withPieces(sideboard, [lights(cordMm, accent), block('screen', 700, 20, 260)], newPlaced('l', 'lights', 100, 400), ...more)

  it('goes back to the wall, along it, and down to the socket', () => {
    const look = plugged(1500)
    const [route] = cordRoutes(look, standings(look), outline(look))
    expect(route!.needMm).toBeCloseTo(halfWidth - 400 + 400 + 400, 6)
  })

  it('a shorter one does not reach, one seen lies open above the surface alone, one of the color below it or behind something is not seen', () => {
    const need = halfWidth + 400
    expect(find(plugged(need - 1), 'cord.reach')).toMatchObject({ because: 'cord-short', limit: { cordMm: expect.closeTo(need, 6) as number } })
    expect(find(plugged(need + 1), 'cord.reach')).toBeUndefined()
    expect(find(plugged(need + 1), 'cord.seen')!.measured.seenMm).toBeCloseTo(halfWidth - 400 + 400, -1)
    expect(find(plugged(need + 1, sideboard.table.color), 'cord.seen')).toBeUndefined()
    expect(find(plugged(need + 1, '#101010', newPlaced('s', 'screen', 300, 370)), 'cord.seen')).toBeUndefined()
  })

  it('without a socket it reaches none, and on a table in the middle of a room it is told as what people trip over', () => {
    expect(find({ ...plugged(2000), room: { ...plainRoom, behind: { art: [], sockets: [] } } }, 'cord.reach')).toMatchObject({ because: 'no-socket' })
    expect(find({ ...plugged(2000), room: plainRoom }, 'cord.floor')).toMatchObject({ severity: 'warn' })
  })

  it('of two sockets it goes to the nearer', () => {
    const look = plugged(2000)
    const two = {
      ...look,
      room: {
        ...look.room,
        behind: {
          art: [],
          sockets: [
            { xMm: -2000, heightMm: 340 },
            { xMm: 150, heightMm: 700 }
          ]
        }
      }
    }
    expect(cordRoutes(two, standings(two), outline(two))[0]!.socket.xMm).toBe(150)
  })
})

describe('what wants covering', () => {
  const stool = changed('stand-legs', { id: 'stool', extent: { kind: 'rectangle', lengthMm: 260, widthMm: 140 }, heightMm: 90 })
  const spots = (look: Look) => createAssessor().measure(look).figures.composition.toCover
  const moss = (id: string, xMm: number, yMm: number) => newPlaced(id, 'plug', xMm, yMm)
  const plug = block('plug', 240, 60, 70)

  it('a stand on legs shows its gap to each side with seats, until something stands before it or hangs over it', () => {
    const look = withPieces({ ...bare, table: longTable(110, 48, 'closed') }, [stool, plug], newPlaced('s', 'stool'))
    expect(spots(look).map((spot) => [spot.what, Math.round(spot.y)])).toEqual([
      ['gap', -100],
      ['gap', 100]
    ])
    expect(spots({ ...look, centerpiece: [...look.centerpiece, moss('m', 0, 100)] })).toHaveLength(1)
    expect(spots({ ...look, centerpiece: [...look.centerpiece, moss('m', 0, 100), moss('n', 0, -100)] })).toEqual([])
    const scarf = { ...newPlaced('t', 'throw-linen'), on: 's', how: 'draped' as const }
    expect(spots({ ...look, centerpiece: [...look.centerpiece, scarf] })).toEqual([])
    const closed = { ...look, pieces: look.pieces.map((piece) => (piece.id === 'stool' ? ({ ...piece, legs: false } as Piece) : piece)) }
    expect(spots(closed)).toEqual([])
  })

  it('at a wall only the front is looked at, with nobody seated every side', () => {
    const look = withPieces(bare, [stool], newPlaced('s', 'stool'))
    expect(spots({ ...look, guests: [], room: { ...plainRoom, behind: { art: [], sockets: [] } } }).map((spot) => Math.round(spot.y))).toEqual([-100])
    expect(spots({ ...look, guests: [] })).toHaveLength(4)
  })

  it('a garland has two ends, one where another begins, none where both are under something', () => {
    const garland = (id: string, xMm: number) => ({ ...newPlaced(id, 'garland-ruscus', xMm), part: 0.25 })
    const half = 1829 * 0.125
    const ends = (...placed: Placed[]) => spots(withPieces(bare, [plug], ...placed)).filter((spot) => spot.what === 'end')
    expect(ends(garland('a', 0)).map((spot) => Math.round(spot.x))).toEqual([-229, 229])
    expect(ends(garland('a', 0), garland('b', 2 * half - 20))).toHaveLength(2)
    expect(ends(garland('a', 0), moss('m', -half, 0), moss('n', half, 0))).toEqual([])
  })

  it('foam shows through glass and in a mouth the heads do not cover; a pin frog does not', () => {
    const bowl = (material: string, count: number, mechanics: 'foam' | 'frog' | null) =>
      spots(
        withPieces(bare, [changed('low-bowl-oyster', { id: 'bowl', material })], {
          ...newPlaced('b', 'bowl'),
          arrangement: { stems: [{ stemId: 'rose-garden', count }], riseMm: 80, spreadMm: 180, mechanics }
        })
      ).map((spot) => spot.what)
    expect(bowl('glass', 40, 'foam')).toEqual(['glass-wall'])
    expect(bowl('stoneware', 40, null)).toEqual([])
    expect(bowl('stoneware', 1, null)).toEqual(['mouth'])
    expect(bowl('stoneware', 1, 'frog')).toEqual([])
  })

  it('moss of the house at the bare spots, or a scarf over it, clears the finding', () => {
    const look = withPieces(bare, [stool], newPlaced('s', 'stool'))
    const finding = findingOf(look, 'cover.bare')
    expect(finding.remedies.map((remedy) => remedy.code)).toEqual(expect.arrayContaining(['add-piece', 'drape-over', 'meant']))
    for (const remedy of finding.remedies) expect(find(applyEdit(look, remedy.edit), 'cover.bare')).toBeUndefined()
  })
})

describe('low tables, clearing, heights', () => {
  it('on a low table with a dog in the house what breaks within a tail’s reach of the edge is told, on a high one or further in not', () => {
    const low = { ...bare, household: { ...bare.household, dogs: true }, table: { ...bare.table, heightMm: 430, seatHeightMm: 300 } }
    const glass = (yMm: number) => withPieces(low, [], newPlaced('g', 'cloche-glass', 0, yMm))
    expect(find(glass(halfWidth - 254 - 80), 'edge.tail')).toBeDefined()
    expect(find(glass(halfWidth - 254 - 90), 'edge.tail')).toBeUndefined()
    expect(find({ ...glass(400), table: bare.table }, 'edge.tail')).toBeUndefined()
    expect(find({ ...glass(400), household: bare.household }, 'edge.tail')).toBeUndefined()
  })

  it('what is cleared wants as much of the sideboard as its feet are wide, with a finger between', () => {
    const leaving = withPieces(
      bare,
      [block('b', 300, 300, 100)],
      { ...newPlaced('a', 'b', -400), atMeal: false },
      { ...newPlaced('c', 'b', 400), atMeal: false }
    )
    const on = (sideboardMm: number | null) => find({ ...leaving, menu: { ...bare.menu, sideboardMm } }, 'clear.room')
    expect(on(639)).toMatchObject({ measured: { lengthMm: 640 } })
    expect([on(641), on(null)]).toEqual([undefined, undefined])
  })

  it('what each height would give is what standing there at that height gives, and never more the taller it is', () => {
    const heights = [80, 160, 240, 320, 400, 480, 560]
    const look = (heightMm: number) => withPieces({ ...bare, guests: guests(8) }, [block('b', 260, 200, heightMm)], newPlaced('b', 'b'))
    const { get } = createAssessor().measure(look(300))
    const [lines, standing] = [get(linesPart), get(standingPart)]
    const told = sightByHeight(lines, atMeal(standing), 'b', heights, 0.2)
    expect(told.map((one) => one.seen)).toEqual(heights.map((heightMm) => createAssessor().measure(look(heightMm)).figures.sight.seen))
    told.slice(1).forEach((one, i) => expect(one.seen).toBeLessThanOrEqual(told[i]!.seen))
    expect(sightByHeight(lines, standing, 'nobody', heights, 0.2)).toEqual([])
  })
})
