import { noMenu, plainRoom, plainSchool, type Look, type Piece, type Placed, type Table } from '@hestiad/core'
import { bareLook, demoLook, guests, longTable, ovalTable, put, roundTable } from './looks.js'

/** Pieces of the demo's cupboard in the number a whole table takes, and what it lacks: glasses round tea lights, a white cloth of any size. */
function cupboard(): Piece[] {
  const demo = demoLook()
  const enough = demo.pieces.map((piece) => ({ ...piece, owned: piece.kind === 'stem' ? 400 : Math.max(piece.owned, 60) }) as Piece)
  const of = (id: string) => enough.find((piece) => piece.id === id)!
  return [
    ...enough,
    { ...of('tealight-smoke'), id: 'votive-glass', name: 'Votive glass', chimney: { innerMm: 60, rimMm: 75 } } as Piece,
    { ...of('rose-garden'), id: 'rose-short', lengthMm: 300 } as Piece,
    { ...of('hurricane'), id: 'holder-pillar-small', baseMm: 100, cupMm: 90, heightMm: 8, chimney: null } as Piece,
    { ...of('pillar-beeswax'), id: 'pillar-short', diameterMm: 60, heightMm: 90 } as Piece,
    { ...of('brass-bell'), id: 'brass-bell-small', extent: { kind: 'round', diameterMm: 60 }, heightMm: 55 } as Piece,
    { ...of('holder-brass-low'), id: 'holder-brass-mid', heightMm: 130, baseMm: 95 } as Piece,
    { ...of('board-walnut'), id: 'board-small', extent: { kind: 'round', diameterMm: 180 } } as Piece
  ]
}

const dishes = [
  { name: 'Leek soup', course: 'soup', contains: 'celery' },
  { name: 'Baked trout', course: 'main', contains: 'fish' },
  { name: 'Poached pears', course: 'dessert', contains: 'sugar' }
] as const

/** Eight guests at a laid table with cloth, three courses on the plate, nothing in the middle. */
export function laidTable(table: Table, clothMm: readonly [length: number, width: number] | 'round'): Look {
  const bare = bareLook()
  const demo = demoLook()
  const inch = 25.4
  const cloth = {
    ...demo.pieces.find((piece) => piece.id === 'cloth-long')!,
    id: 'cloth-fitted',
    owned: 1,
    extent:
      clothMm === 'round'
        ? { kind: 'round', diameterMm: ('diameterMm' in table.shape ? table.shape.diameterMm : 1500) + 16 * inch }
        : { kind: 'rectangle', lengthMm: clothMm[0] + 16 * inch, widthMm: clothMm[1] + 16 * inch }
  } as unknown as Piece
  const dish = (i: number) => ({
    id: `dish-${i + 1}`,
    ...dishes[i]!,
    portion: ({ soup: 'soup', main: 'main', dessert: 'dessert' } as const)[dishes[i]!.course],
    service: null,
    eatenWith: 'usual' as const,
    temperature: 'hot' as const,
    wet: false,
    stains: false,
    vesselId: null,
    toolId: null,
    spots: [],
    takenPercent: 100,
    broughtBy: ''
  })
  return {
    ...bare,
    table,
    guests: guests(8),
    pieces: [...cupboard(), cloth, { ...cloth, id: 'cloth-spare', name: 'Another cloth of that size' }],
    room: plainRoom,
    school: { ...bare.school, ...plainSchool, fullness: 'usual' },
    occasion: { ...bare.occasion, courses: ['soup', 'main', 'dessert'], arriveMin: 18 * 60 + 30, endMin: 22 * 60 },
    linens: { ...bare.linens, clothId: 'cloth-fitted' },
    setting: {
      ...bare.setting,
      plateIds: ['dinner-oyster', 'bowl-oyster'],
      flatwareIds: ['fork-dinner', 'knife-dinner', 'spoon-soup', 'spoon-dessert', 'fork-dessert'],
      glassIds: ['water-goblet', 'wine-clear'],
      napkin: { pieceId: 'napkin-oyster', place: 'on-plate', fold: 'flat' },
      dessertAbove: false,
      starId: null
    },
    menu: { ...noMenu, dishes: [0, 1, 2].map(dish), drinks: ['water', 'white'] },
    money: { ...bare.money, totalCents: 2_000_000 }
  }
}

const roses = (count: number, riseMm: number, spreadMm: number): Partial<Placed> => ({
  arrangement: {
    stems: [
      { stemId: 'rose-short', count },
      { stemId: 'rosemary', count: Math.ceil(count / 2) }
    ],
    riseMm,
    spreadMm,
    mechanics: null
  }
})
const lit = (candleId: string): Partial<Placed> => ({ candle: { candleId, lightAtMin: 18 * 60 + 30 } })

/** A run along the middle: low flowers with tapers and tea lights between them, fruit and bells; `stepMm` from one group to the next. */
export function run(groups: number, stepMm: number): Placed[] {
  const placed: Placed[] = []
  const from = (-(groups - 1) * stepMm) / 2
  for (let i = 0; i < groups; i++) {
    const x = from + i * stepMm
    const flowers = i % 2 === 0
    if (flowers) placed.push(put(`bowl-${i}`, 'low-bowl-oyster', { xMm: x, ...roses(14, 90, 200) }))
    else {
      placed.push(put(`taper-${i}`, i % 4 === 1 ? 'holder-brass-mid' : 'holder-brass-low', { xMm: x, ...lit('taper-ivory-8') }))
      placed.push(put(`fruit-${i}`, 'persimmons', { xMm: x, yMm: 120 }), put(`fruit-b-${i}`, 'persimmons', { xMm: x, yMm: -120 }))
    }
  }
  return placed
}

/** Votive glasses in pairs, one on each side of the middle line. */
export function votives(xs: readonly number[], yMm: number): Placed[] {
  return xs.flatMap((xMm, i) => [
    put(`votive-${i}`, 'votive-glass', { xMm, yMm, ...lit('tealight-4') }),
    put(`votive-b-${i}`, 'votive-glass', { xMm, yMm: -yMm, ...lit('tealight-4') })
  ])
}

/** Bud vases of two heights in a line, a votive glass and fruit between every two. */
export function budLine(count: number, stepMm: number): Placed[] {
  return Array.from({ length: count }, (_, i) => {
    const xMm = (i - (count - 1) / 2) * stepMm
    if (i % 2 === 1) return i % 4 === 1 ? [put(`votive-${i}`, 'votive-glass', { xMm, ...lit('tealight-4') })] : [put(`fruit-${i}`, 'persimmons', { xMm })]
    const riseMm = i % 4 === 0 ? 150 : 60
    return [
      put(`bud-${i}`, 'bud-bottle', {
        xMm,
        yMm: i % 4 === 0 ? 20 : -20,
        arrangement: { stems: [{ stemId: 'rose-garden', count: 1 }], riseMm, spreadMm: 60, mechanics: null }
      })
    ]
  }).flat()
}

const around = (radiusMm: number, i: number, of: number) => ({
  xMm: Math.round(radiusMm * Math.cos((2 * Math.PI * i) / of)),
  yMm: Math.round(radiusMm * Math.sin((2 * Math.PI * i) / of))
})

/** One bowl of roses in the middle; tapers, votive glasses and fruit by turns in a ring round it. */
export function focus(ringMm: number, turns: number): Placed[] {
  return [
    put('focus', 'salad-bowl', roses(30, 70, 240)),
    ...Array.from({ length: turns }, (_, i) => [
      put(`taper-${i}`, 'holder-brass-mid', { ...around(ringMm, i, turns), ...lit('taper-ivory-8') }),
      put(`votive-${i}`, 'votive-glass', { ...around(ringMm, i + 1 / 3, turns), ...lit('tealight-4') }),
      put(`fruit-${i}`, 'persimmons', around(ringMm, i + 2 / 3, turns))
    ]).flat()
  ]
}

/** A large low bowl, a taper and a smaller bowl on either side of it, fruit at the ends. */
export function flanked(stepMm: number): Placed[] {
  return [
    put('focus', 'salad-bowl', roses(30, 70, 240)),
    ...[-1, 1].flatMap((side) => [
      put(`taper-${side}`, 'holder-brass-mid', { xMm: side * (stepMm + 20), yMm: 60, ...lit('taper-ivory-8') }),
      put(`taper-b-${side}`, 'holder-brass-low', { xMm: side * (stepMm + 20), yMm: -60, ...lit('taper-ivory-8') }),
      put(`bowl-${side}`, 'low-bowl-oyster', { xMm: side * (2 * stepMm + 40), ...roses(14, 60, 190) }),
      put(`fruit-${side}`, 'persimmons', { xMm: side * (2 * stepMm + 240), yMm: 0 })
    ])
  ]
}

/** Candles in glass chimneys or lanterns with fresh greens and fruit between them. */
export function behindGlass(holder: 'hurricane' | 'lantern', count: number, stepMm: number): Placed[] {
  return Array.from({ length: count }, (_, i) => {
    const xMm = (i - (count - 1) / 2) * stepMm
    const between = xMm + stepMm / 2
    const light =
      holder === 'hurricane'
        ? [put(`light-${i}`, 'hurricane', { xMm, ...lit('pillar-beeswax') })]
        : [put(`lantern-${i}`, 'lantern-iron', { xMm }), put(`light-${i}`, 'holder-pillar-small', { on: `lantern-${i}`, ...lit('pillar-short') })]
    return i === count - 1
      ? light
      : [...light, put(`bowl-${i}`, 'low-bowl-oyster', { xMm: between, ...roses(14, 60, 190) }), put(`fruit-${i}`, 'persimmons', { xMm: between, yMm: 175 })]
  }).flat()
}

/** The same middle with candles that have no flame. */
export function flameless(placed: readonly Placed[]): Placed[] {
  const other: Readonly<Record<string, string>> = { 'taper-ivory-8': 'taper-flameless', 'tealight-4': 'tealight-flameless' }
  return placed.map((one) => (one.candle ? { ...one, candle: { ...one.candle, candleId: other[one.candle.candleId]! } } : one))
}

export { longTable, ovalTable, roundTable }
