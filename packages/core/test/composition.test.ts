import {
  applyEdit,
  assess,
  clearing,
  createAssessor,
  freeMiddle,
  coveredShare,
  massOf,
  newPlaced,
  pieceIndex,
  plainSchool,
  seatPlan,
  standings,
  tilts,
  visualWeight,
  volumeOf,
  type FindingCode,
  type Look,
  type Piece,
  type Placed,
  type WorldSolid
} from '@hestiad/core'
import * as THREE from 'three'
import { describe, expect, it } from 'vitest'
import { demoLook, findingOf, guests, longTable, measured, roundTable } from './support/looks.js'

const demo = demoLook()
const bare: Look = { ...demo, centerpiece: [], table: longTable(110, 48), guests: guests(6), household: { cats: false, dogs: false, toddlers: false } }
const block = (id: string, sizeMm: number, heightMm: number, more: object = {}): Piece =>
  ({
    ...demo.pieces.find((piece) => piece.id === 'spool-jar')!,
    id,
    kind: 'ornament',
    form: 'figure',
    material: 'stone',
    color: '#999999',
    owned: 9,
    bareBack: false,
    extent: { kind: 'round', diameterMm: sizeMm },
    heightMm,
    ...more
  }) as Piece
const lookOf = (pieces: readonly Piece[], centerpiece: readonly Placed[], school: Partial<Look['school']> = {}): Look => ({
  ...bare,
  pieces: [...bare.pieces, ...pieces],
  centerpiece,
  school: { ...bare.school, ...plainSchool, ...school }
})
const figures = (look: Look) => createAssessor().measure(look).figures
const codes = (look: Look) => measured(look).findings.map((finding) => finding.code)

describe('the free middle', () => {
  it('is what the places leave: a rectangle between two rows, and the whole table less 2 in with nobody seated', () => {
    const table = longTable(110, 48, 'closed')
    const plan = seatPlan({ table, guests: guests(8), school: bare.school })
    const middle = freeMiddle(plan, 400)
    expect(middle.widthMm).toBeCloseTo(48 * 25.4 - 800, -2)
    const empty = freeMiddle(seatPlan({ table: roundTable(60), guests: [], school: bare.school }), 400)
    expect(empty.areaMm2 / (Math.PI * (30 * 25.4 - 50.8) ** 2)).toBeCloseTo(1, 1)
  })

  it('a disc in it covers its own area, two on one another no more', () => {
    const middle = freeMiddle(seatPlan({ table: longTable(110, 48, 'closed'), guests: guests(8), school: bare.school }), 400)
    const disc = { kind: 'disc', x: 100, y: 0, radiusMm: 150 } as const
    expect((coveredShare(middle, [disc]) * middle.areaMm2) / (Math.PI * 150 ** 2)).toBeCloseTo(1, 1)
    expect(coveredShare(middle, [disc, disc])).toBe(coveredShare(middle, [disc]))
  })
})

describe('rules of composition', () => {
  it('heights 2 in apart are levels, less are one', () => {
    const pieces = [block('a', 80, 100), block('b', 80, 150), block('c', 80, 152)]
    const at = (ids: string[]) => ids.map((id, i) => newPlaced(id, id, i * 200 - 200, 0))
    expect(figures(lookOf(pieces, at(['a', 'b']))).composition.levels).toHaveLength(1)
    expect(figures(lookOf(pieces, at(['a', 'c']))).composition.levels).toHaveLength(2)
  })

  it('two different tall things side by side of nearly one height are told until 1.25 to 1; a pair of one kind never is', () => {
    const pair = (high: number, id = 'b') => lookOf([block('a', 90, 200), block('b', 90, high)], [newPlaced('x', 'a', -60, 0), newPlaced('y', id, 60, 0)])
    expect(codes(pair(240))).toContain('compose.neighbors')
    expect(codes(pair(251))).not.toContain('compose.neighbors')
    expect(codes(pair(240, 'a'))).not.toContain('compose.neighbors')
  })

  it('mirror images balance; all weight on one side is its place as a share of half the table; one shift mends it', () => {
    const pieces = [block('a', 100, 200)]
    const both = lookOf(pieces, [newPlaced('x', 'a', -500, 0), newPlaced('y', 'a', 500, 0)])
    expect(figures(both).composition.alongShare).toBeCloseTo(0, 9)
    const one = lookOf(pieces, [newPlaced('x', 'a', 400, 0)], { symmetry: 'symmetric' })
    expect(figures(one).composition.alongShare).toBeCloseTo(400 / (55 * 25.4), 9)
    const remedy = assess(one)
      .findings.find((finding) => finding.code === 'compose.balance')!
      .remedies.find((r) => r.code === 'shift-all')!
    expect(applyEdit(one, remedy.edit).centerpiece[0]!.xMm).toBe(0)
  })

  it('dark and strong colors weigh more than pale ones of the same size', () => {
    const weigh = (color: string) => {
      const look = lookOf([block('a', 100, 200, { color })], [newPlaced('x', 'a')])
      return visualWeight(standings(look)[0]!, pieceIndex(look))
    }
    expect(weigh('#ffffff')).toBeCloseTo(0.1 * 0.2, 3)
    expect(weigh('#000000')).toBeCloseTo(2 * 0.1 * 0.2, 3)
    expect(weigh('#b4482a')).toBeGreaterThan(weigh('#d9d2c0'))
  })

  it('threes are odd and fours are not; where pairs are wanted it is the other way', () => {
    const pieces = [block('a', 90, 200)]
    const row = (count: number) => Array.from({ length: count }, (_, i) => newPlaced(`p${i}`, 'a', i * 110, 0))
    const has = (count: number, groups: 'odd' | 'pairs') => codes(lookOf(pieces, row(count), { groups })).includes('compose.groups')
    expect([has(3, 'odd'), has(4, 'odd'), has(3, 'pairs'), has(4, 'pairs')]).toEqual([false, true, true, false])
  })

  it('tall to medium to small of 1 : 0.75 : 0.5 is a graded three, within 15 % and not outside', () => {
    const three = (b: number, c: number) =>
      figures(
        lookOf(
          [block('a', 90, 400), block('b', 90, b), block('c', 90, c)],
          [newPlaced('x', 'a', 0, 0), newPlaced('y', 'b', 110, 0), newPlaced('z', 'c', 55, 95)]
        )
      ).composition.graded
    expect(three(300, 200)).toBe(1)
    expect(three(355, 200)).toBe(1)
    expect(three(365, 200)).toBe(0)
  })

  it('a bare back is seen from the seats behind it, and turning it turns them', () => {
    const seats = (turnDeg: number) =>
      figures(lookOf([block('a', 90, 200, { bareBack: true })], [{ ...newPlaced('x', 'a'), turnDeg }])).composition.backs[0]!.seats
    expect(seats(0).length + seats(180).length).toBeLessThanOrEqual(6)
    expect(seats(0).some((seat) => seats(180).includes(seat))).toBe(false)
  })

  it('a rule broken on purpose is no longer told', () => {
    const look = lookOf([block('a', 90, 200)], [newPlaced('x', 'a')])
    const told = codes(look).filter((code) => code.startsWith('compose.'))
    expect(told.length).toBeGreaterThan(1)
    expect(codes({ ...look, school: { ...look.school, meant: told } }).filter((code) => code.startsWith('compose.'))).toEqual([])
  })

  it('turning the whole table by half a turn changes no verdict', () => {
    const turned: Look = {
      ...demo,
      centerpiece: demo.centerpiece.map((p) => (p.on === null ? { ...p, xMm: -p.xMm, yMm: -p.yMm, turnDeg: p.turnDeg + 180 } : p))
    }
    const of = (look: Look) =>
      codes(look)
        .filter((code: FindingCode) => code.startsWith('compose.') && code !== 'compose.back')
        .sort()
    expect(of(turned)).toEqual(of(demo))
  })
})

describe('what stands and what tips', () => {
  // independent: signed tetrahedra over the triangles of three.js' own meshes
  function meshVolume(geometry: THREE.BufferGeometry): { volume: number; z: number } {
    const flat = geometry.toNonIndexed().getAttribute('position')
    let [volume, z] = [0, 0]
    for (let i = 0; i < flat.count; i += 3) {
      const [a, b, c] = [0, 1, 2].map((k) => new THREE.Vector3().fromBufferAttribute(flat, i + k))
      const part = a!.dot(new THREE.Vector3().crossVectors(b!, c!)) / 6
      volume += part
      z += (part * (a!.y + b!.y + c!.y)) / 4
    }
    return { volume, z: z / volume }
  }

  it('volumes and centers of frusta and boxes are those of their meshes', () => {
    for (const [r0, r1, h] of [
      [50, 50, 200],
      [80, 20, 150],
      [0.001, 60, 90]
    ] as const) {
      const mesh = meshVolume(new THREE.CylinderGeometry(r1, r0, h, 512))
      const solid: WorldSolid = { kind: 'frustum', part: 'body', z0Mm: 0, z1Mm: h, r0Mm: r0, r1Mm: r1, opacity: 1, x: 0, y: 0, turnRad: 0 }
      expect(volumeOf(solid).mm3 / mesh.volume).toBeCloseTo(1, 3)
      expect(volumeOf(solid).centerMm).toBeCloseTo(mesh.z + h / 2, 1)
    }
    const box = meshVolume(new THREE.BoxGeometry(60, 140, 100))
    const solid: WorldSolid = { kind: 'box', part: 'body', z0Mm: 10, z1Mm: 150, halfXMm: 30, halfYMm: 50, opacity: 1, x: 0, y: 0, turnRad: 0 }
    expect(volumeOf(solid).mm3).toBeCloseTo(box.volume, 3)
    expect(volumeOf(solid).centerMm).toBe(80)
  })

  it('a uniform cylinder tips at the arctangent of its radius over half its height', () => {
    const look = lookOf([block('a', 60, 340)], [newPlaced('x', 'a')])
    expect(tilts(standings(look), pieceIndex(look))[0]!.tiltDeg).toBeCloseTo((Math.atan2(30, 170) * 180) / Math.PI, 6)
    expect(codes(look)).not.toContain('piece.tips')
    const slim = lookOf([block('a', 60, 342)], [newPlaced('x', 'a')])
    expect(codes(slim)).toContain('piece.tips')
    expect(codes({ ...look, household: { ...look.household, toddlers: true } })).toContain('piece.tips')
  })

  it('under tall flowers water steadies the vase; taller flowers do the reverse', () => {
    const jug = (riseMm: number, material: 'plant' | 'faux') => {
      const look = {
        ...bare,
        pieces: bare.pieces.map((piece) => (piece.id === 'lisianthus' ? { ...piece, material } : piece)),
        centerpiece: [{ ...newPlaced('j', 'jug-sky'), arrangement: { stems: [{ stemId: 'lisianthus', count: 60 }], riseMm, spreadMm: 200, mechanics: null } }]
      }
      return tilts(standings(look), pieceIndex(look))[0]!.tiltDeg
    }
    expect(jug(400, 'plant')).toBeGreaterThan(jug(400, 'faux'))
    expect(jug(500, 'plant')).toBeLessThan(jug(200, 'plant'))
  })

  it('what stands on a tray weighs with it; the whole is heavier than each', () => {
    const look = { ...bare, centerpiece: [newPlaced('t', 'tray-oak-handled'), { ...newPlaced('j', 'jug-sky'), on: 't' }] }
    const index = pieceIndex(look)
    const [tray, jug] = standings(look)
    expect(tilts([tray!, jug!], index)[0]!.grams).toBeCloseTo(massOf(tray!, index).grams + massOf(jug!, index).grams, 6)
  })

  it('a tray with handles is one lift with all on it; the same without are two by two', () => {
    const off = (placed: Placed): Placed => ({ ...placed, atMeal: false })
    const on = (id: string) => ({ ...newPlaced(id, 'pods-poppy', { a: -100, b: 0, c: 100 }[id]), on: 't' })
    const count = (centerpiece: Placed[]) => {
      const look = {
        ...bare,
        pieces: bare.pieces.filter((piece) => piece.kind !== 'tray' || ['tray-oak-handled', 'dough-bowl'].includes(piece.id)),
        centerpiece
      }
      return clearing(standings(look), tilts(standings(look), pieceIndex(look)), look.pieces, 700)
    }
    expect(count([off(newPlaced('t', 'tray-oak-handled')), on('a'), on('b'), on('c')])).toMatchObject({
      pieces: 4,
      lifts: [{ placedIds: ['t', 'a', 'b', 'c'], by: 'tray', to: 'sideboard' }]
    })
    expect(count([off(newPlaced('t', 'dough-bowl')), on('a'), on('b'), on('c')])).toMatchObject({
      pieces: 4,
      lifts: [
        { placedIds: ['a', 'b'], by: 'hand' },
        { placedIds: ['c', 't'], by: 'hand' }
      ]
    })
    expect(count([newPlaced('t', 'dough-bowl')])).toMatchObject({ pieces: 0, lifts: [], seconds: 0, trayId: null })
    const loose = (many: number) => Array.from({ length: many }, (_, i) => off(newPlaced(`p${i}`, 'pods-poppy', i * 100, 0)))
    expect(count(loose(4)).trayId).toBe('tray-oak-handled')
    expect(count([newPlaced('t', 'tray-oak-handled', 0, 200), ...loose(4)]).trayId).toBeNull()
    expect(count(loose(8)).lifts.map((lift) => lift.to)).toEqual(['sideboard', 'sideboard', 'sideboard', 'elsewhere'])
    expect(count(loose(30)).trayId).toBeNull()
  })

  it('a low thing in a deep bowl is lost below its rim, and the stand named lifts it to where it shows', () => {
    const look = { ...bare, centerpiece: [newPlaced('b', 'dough-bowl'), { ...newPlaced('m', 'pods-poppy'), on: 'b' }] }
    const finding = findingOf(look, 'piece.sunk')
    expect(finding.measured.showsMm).toBeCloseTo(18 + 70 - 95, 6)
    const remedy = finding.remedies.find((one) => one.code === 'put-on-riser')!
    const mended = applyEdit(look, remedy.edit)
    expect(codes(mended)).not.toContain('piece.sunk')
    expect(standings(mended).find((one) => one.placed.id === 'm')!.topMm - 95).toBeGreaterThanOrEqual(30)
  })

  it('what is wider than the mouth does not go in', () => {
    const into = (pieceId: string) =>
      codes({ ...bare, centerpiece: [newPlaced('c', 'cloche-glass'), { ...newPlaced('p', pieceId), on: 'c' }] }).includes('piece.opening')
    expect(into('pods-poppy')).toBe(false)
    expect(into('compote-brass')).toBe(demo.pieces.some((piece) => piece.id === 'compote-brass'))
  })
})

describe('a surface at a wall', () => {
  const sideboard = (centerpiece: readonly Placed[], behind: Look['room']['behind']): Look => ({
    ...lookOf([block('a', 200, 500, { bareBack: true }), block('b', 200, 100)], centerpiece),
    guests: [],
    table: longTable(70, 18, 'closed'),
    room: { ...bare.room, behind }
  })
  // table 740 high, its front at -228.6, eyes 2 m before it at 1550: a tall block in front of a picture hanging from 900 to 1300
  const picture = { kind: 'picture' as const, id: 'art-1', name: 'Print', xMm: 0, widthMm: 250, bottomMm: 900, heightMm: 400 }

  it('a tall thing before the picture is told and moves to one side of it; a low one is not', () => {
    const tall = sideboard([newPlaced('x', 'a')], { art: [picture], sockets: [] })
    const finding = findingOf(tall, 'art.hidden')
    expect(finding.measured.share).toBeGreaterThan(0.5)
    const moved = applyEdit(tall, finding.remedies.find((one) => one.code === 'move')!.edit)
    expect(codes(moved)).not.toContain('art.hidden')
    expect(Math.abs(moved.centerpiece[0]!.xMm)).toBeGreaterThan(150)
    expect(codes(sideboard([newPlaced('x', 'b')], { art: [picture], sockets: [] }))).not.toContain('art.hidden')
  })

  it('a socket shows until something stands before it, and one click does that', () => {
    const look = sideboard([newPlaced('x', 'a', 500, 0)], { art: [], sockets: [{ xMm: -300, heightMm: 900 }] })
    const finding = findingOf(look, 'socket.bare')
    expect(codes(applyEdit(look, finding.remedies.find((one) => one.code === 'cover-spot')!.edit))).not.toContain('socket.bare')
  })

  it('a bare back may face the wall and not the room; with nobody seated the free middle is the whole top', () => {
    const turned = (turnDeg: number) => codes(sideboard([{ ...newPlaced('x', 'a'), turnDeg }], { art: [], sockets: [] })).includes('compose.back')
    expect([turned(0), turned(180)]).toEqual([false, true])
    const { lengthMm, widthMm } = figures(sideboard([], { art: [], sockets: [] })).composition.middle
    expect(lengthMm / (70 * 25.4 - 101.6)).toBeCloseTo(1, 1)
    expect(widthMm / (18 * 25.4 - 101.6)).toBeCloseTo(1, 0)
  })
})
