import { readFileSync } from 'node:fs'
import {
  foldKinds,
  halfLengthMm,
  newDish,
  moods,
  newGuest,
  noIntent,
  paletteOfMood,
  newPlaced,
  plainPlaced,
  oneKind,
  placeWidthMm,
  plainLinens,
  seededRandom,
  seatPlan,
  type Guest,
  type Look,
  type Placed,
  type Random,
  type TableShape
} from '@hestiad/core'
import { put } from './looks.js'
import { wildMiddle, wildViews } from './wildMiddle.js'

const main = JSON.parse(
  readFileSync(
    new URL(
      import.meta.url.includes('dist-bench') ? '../../../../../demo/pearl-anniversary.hestiad.json' : '../../../../demo/pearl-anniversary.hestiad.json',
      import.meta.url
    ),
    'utf8'
  )
) as Look

/** What a generated look is like. */
export interface Kind {
  readonly guests: number
  readonly pieces: number
  /** Pieces laid in rows clear of settings, as a stylist would, or anywhere near the table. */
  readonly manner: 'laid' | 'wild'
}

/** A look from a seed: the demo's cupboard, a table long enough for the guests, pieces of all kinds. Same seed, same look. */
export function generateLook(seed: number, kind: Kind): Look {
  const random = seededRandom(seed)
  const guests = Array.from({ length: kind.guests }, (_, i) => guestOf(random, i))
  const linens = { clothId: null, runner: null, matId: null }
  const money = { ...main.money, totalCents: 400_000 }
  const household = { cats: false, dogs: false, toddlers: false }
  const look: Look = {
    ...main,
    id: `seed-${seed}`,
    guests,
    linens: { ...linens, ...plainLinens },
    money,
    household,
    table: { ...main.table, shape: shapeFor(random, kind.guests), leaves: { owned: 2, in: 0, eachMm: 450 } }
  }
  const centerpiece = kind.manner === 'laid' ? laidRows(look, kind.pieces, random) : scattered(look, kind.pieces, random)
  return kind.manner === 'laid' ? { ...look, centerpiece } : wild({ ...look, centerpiece }, random)
}

function pick<T>(random: Random, list: readonly T[]): T {
  return list[Math.floor(random() * list.length)]!
}

function guestOf(random: Random, i: number): Guest {
  const guest = newGuest(i + 1)
  if (random() < 0.1) return { ...guest, body: { kind: 'child', ageYears: 4 + Math.floor(random() * 9), boosterMm: random() < 0.5 ? 80 : 0 } }
  return { ...guest, body: { kind: 'adult', build: pick(random, ['woman', 'man', 'unstated']), stature: pick(random, ['short', 'average', 'tall']) } }
}

function shapeFor(random: Random, guests: number): TableShape {
  const sideMm = Math.max(2, Math.ceil((guests - 2) / 2)) * (placeWidthMm.usual + 60)
  const widthMm = 1100 + Math.floor(random() * 250)
  return pick<TableShape>(random, [
    { kind: 'rectangle', lengthMm: sideMm + 300, widthMm },
    { kind: 'racetrack', lengthMm: sideMm + 900, widthMm },
    { kind: 'oval', lengthMm: sideMm + 1300, widthMm: widthMm + 150 }
  ])
}

/** Small things in sound rows: lights and bottles. */
function smallOf(random: Random, i: number, x: number, y: number): Placed {
  const base = { id: `p-${i}`, xMm: Math.round(x), yMm: Math.round(y), turnDeg: 0, on: null, atMeal: true, ...plainPlaced, candle: null, arrangement: null }
  const kind = random()
  if (kind < 0.45) return { ...base, pieceId: 'tealight-smoke', candle: { candleId: 'tealight-8', lightAtMin: 1200 } }
  if (kind < 0.65) return { ...base, pieceId: 'holder-brass-low', candle: { candleId: 'taper-ivory-8', lightAtMin: 1200 } }
  return { ...base, pieceId: 'bud-bottle' }
}

function placedOf(random: Random, i: number, x: number, y: number): Placed {
  const base = {
    id: `p-${i}`,
    xMm: Math.round(x),
    yMm: Math.round(y),
    turnDeg: Math.floor(random() * 360),
    on: null,
    atMeal: true,
    ...plainPlaced,
    candle: null,
    arrangement: null
  }
  const kind = random()
  if (kind < 0.3) return { ...base, pieceId: 'tealight-smoke', candle: { candleId: 'tealight-8', lightAtMin: 1200 } }
  if (kind < 0.5) return { ...base, pieceId: 'holder-brass-low', candle: { candleId: 'taper-ivory-8', lightAtMin: 1200 } }
  if (kind < 0.65)
    return { ...base, pieceId: 'bud-bottle', arrangement: { stems: [{ stemId: 'rose-garden', count: 1 }], riseMm: 70, spreadMm: 70, mechanics: null } }
  if (kind < 0.8) return { ...base, pieceId: 'persimmons' }
  if (kind < 0.9) return { ...base, pieceId: 'spool-jar' }
  return {
    ...base,
    pieceId: 'low-bowl-oyster',
    filling: i % 2 === 0 ? { pieceId: 'acorns', count: 1, heightMm: 12 } : null,
    arrangement: {
      stems: [
        { stemId: 'rose-garden', count: 6 },
        { stemId: 'lisianthus', count: 6 }
      ],
      riseMm: 90,
      spreadMm: 180,
      mechanics: null
    }
  }
}

/** Three rows down the free middle, with one jug of flowers too tall in its midst. */
function laidRows(look: Look, count: number, random: Random): Placed[] {
  const { outline } = seatPlan(look)
  const half = halfLengthMm(outline) - 620
  const columns = Math.ceil((count - 1) / 3)
  const jug = put('jug', 'jug-sky', { arrangement: { stems: [{ stemId: 'lisianthus', count: 30 }], riseMm: 300, spreadMm: 200, mechanics: null } })
  const rows = Array.from({ length: count - 1 }, (_, i) => {
    const share = (2 * (Math.floor(i / 3) + 0.5)) / columns - 1
    return smallOf(random, i, Math.sign(share || 1) * (420 + (half - 420) * Math.abs(share)), ((i % 3) - 1) * 95)
  })
  return [jug, ...rows]
}

function scattered(look: Look, count: number, random: Random): Placed[] {
  const { outline } = seatPlan(look)
  const halfX = halfLengthMm(outline)
  return Array.from({ length: count }, (_, i) => placedOf(random, i, (random() * 2 - 1) * halfX * 1.02, (random() * 2 - 1) * outline.halfWidthMm * 1.02))
}

const anyOf = (random: Random, ids: readonly string[]) => pick(random, ids)

function company(guest: Guest, i: number, random: Random): Guest {
  return {
    ...guest,
    wheelchair: random() < 0.15,
    leftHanded: random() < 0.2,
    chair: random() < 0.2 ? 'armchair' : random() < 0.1 ? 'high-chair' : null,
    diet: random() < 0.3 ? 'nuts' : '',
    near: random() < 0.3 ? [`guest-${i + 3}`] : []
  }
}

function otherShape(random: Random): TableShape {
  return pick<TableShape>(random, [
    { kind: 'boat', lengthMm: 2400, widthMm: 1250, endMm: 900 },
    { kind: 'half-round', diameterMm: 1900 },
    { kind: 'joined', form: pick(random, ['straight', 'L', 'T', 'U']), lengthMm: 1830, widthMm: 760, along: 2, across: 1 }
  ])
}

function wildRoom(random: Random): Look['room'] {
  const clear = () => (random() < 0.4 ? 400 + Math.floor(random() * 1000) : null)
  return {
    clearMm: { north: clear(), east: clear(), south: clear(), west: clear() },
    ...wildViews(random),
    colors: [{ of: 'walls', color: '#4f6b4a' }],
    pass: random() < 0.3,
    lightFrom: pick(random, [null, 'north', 'east']),
    behind:
      random() < 0.4
        ? { art: [{ id: 'art', name: 'Print', kind: 'picture', xMm: 0, widthMm: 500, bottomMm: 800, heightMm: 600 }], sockets: [{ xMm: 600, heightMm: 900 }] }
        : null,
    fixture: random() < 0.5 ? lampAt(900 + Math.floor(random() * 700)) : null
  }
}

/** Every other lamp is dressed. */
const lampAt = (bottomMm: number) => ({ bottomMm, widthMm: 500, greens: bottomMm % 2 === 0 ? { pieceId: 'garland-olive', hangsMm: 100 } : null })

function wildMenu(random: Random): Look['menu'] {
  const vessel = () => pick(random, [null, 'low-bowl-oyster', 'tray-mirror', 'riser-oak', 'charger-brass'])
  const dishes = (['soup', 'salad', 'main', 'main', 'dessert'] as const).map((course, i) => ({
    ...newDish(`dish-${i}`, course),
    name: `Dish ${i}`,
    service: pick(random, [null, 'family', 'buffet'] as const),
    eatenWith: pick(random, ['usual', 'steak', 'fork', 'spoon', 'pastry', 'fingers'] as const),
    contains: random() < 0.5 ? 'nuts' : '',
    vesselId: vessel()
  }))
  return {
    service: pick(random, ['plated', 'family', 'buffet']),
    dishes: random() < 0.8 ? dishes : [],
    drinks: pick(random, [[], ['water', 'red'], ['sparkling', 'white', 'red']]),
    oneGlass: random() < 0.3,
    sideboardMm: random() < 0.5 ? 1400 : random() < 0.5 ? 200 : null
  }
}

function wildKinds(look: Look, random: Random): Look['kinds'] {
  if (random() < 0.4) return oneKind
  const other = { ...look.setting, breadPlateId: null, glassIds: look.setting.glassIds.slice(0, 1), glassesOutMm: 60, leavesId: 'kale-leaf' }
  return {
    ...oneKind,
    others: [{ key: 'B', setting: other }],
    spread: pick(random, ['alternating', 'every-third', 'heads', 'one-side', 'by-guest']),
    byGuest: look.guests.slice(0, 2).map((guest) => ({ guestId: guest.id, key: 'B' as const })),
    mirrorLeftHanded: random() < 0.5
  }
}

/** Small napkins, patterns on everything, labels that forbid, no tools. */
function wildPieces(pieces: Look['pieces'], random: Random): Look['pieces'] {
  const small = random() < 0.3
  const patterned = random() < 0.3
  const noTools = random() < 0.3
  const cold = random() < 0.3
  const weak = random() < 0.3
  return pieces.map((piece) => {
    const one = {
      ...piece,
      pattern: patterned && piece.kind !== 'cloth' ? 'stripe' : piece.pattern,
      ...(cold ? { heatSafe: 'no' as const, foodSafe: 'yes' as const } : {})
    }
    if (small && one.kind === 'napkin') return { ...one, sideMm: 330 }
    if (small && one.kind === 'plate' && one.role === 'bowl') return { ...one, diameterMm: one.diameterMm + 120 }
    if (small && one.id === 'fork-salad') return { ...one, material: 'silver' as const }
    if (weak && (one.kind === 'riser' || one.kind === 'tray')) return { ...one, loadG: 60 }
    return noTools && one.kind === 'tool' ? { ...one, owned: 1, tool: 'spoon' } : one
  })
}

/** Everything else chosen without sense, so that every finding comes up. */
function wild(look: Look, random: Random): Look {
  const tall: Placed = {
    id: 'tall',
    pieceId: 'jug-sky',
    xMm: 0,
    yMm: 0,
    turnDeg: 0,
    on: null,
    atMeal: true,
    ...plainPlaced,
    candle: null,
    arrangement: {
      stems: [
        { stemId: pick(random, ['anemone-white', 'ranunculus']), count: 4 + Math.floor(random() * 260) },
        { stemId: 'honesty', count: 3 }
      ],
      riseMm: 60 + Math.floor(random() * 500),
      spreadMm: 120 + Math.floor(random() * 400),
      mechanics: null
    }
  }
  const carried: Placed[] = [
    { id: 'tray', pieceId: 'tray-mirror', xMm: 250, yMm: 40, turnDeg: 20, on: null, atMeal: true, ...plainPlaced, candle: null, arrangement: null },
    {
      id: 'on-tray',
      pieceId: 'hurricane',
      xMm: Math.floor(random() * 300),
      yMm: 0,
      turnDeg: 0,
      on: 'tray',
      atMeal: true,
      ...plainPlaced,
      candle: { candleId: anyOf(random, ['pillar-beeswax', 'taper-ivory-12']), lightAtMin: 1095 },
      arrangement: null
    },
    {
      id: 'tall-taper',
      pieceId: 'holder-brass-tall',
      xMm: -200,
      yMm: 30,
      turnDeg: 0,
      on: null,
      atMeal: true,
      ...plainPlaced,
      candle: { candleId: anyOf(random, ['taper-ivory-12', 'taper-ivory-8', 'tealight-4']), lightAtMin: 1000 },
      arrangement: null
    },
    { ...newPlaced('bowl', 'dough-bowl', -420, 60), turnDeg: 10 },
    { ...newPlaced('in-bowl', pick(random, ['bud-bottle', 'pods-poppy', 'persimmons'])), on: 'bowl' },
    { ...newPlaced('in-jug', 'persimmons'), on: 'tall' },
    { ...newPlaced('heron', 'heron-figure', 420, -30), turnDeg: Math.floor(random() * 360) },
    newPlaced('edge-glass', 'cloche-glass', 0, Math.round(look.table.shape.kind === 'rectangle' ? 400 : 520)),
    { id: 'garland', pieceId: 'greens-bay', xMm: -150, yMm: 0, turnDeg: 15, on: null, atMeal: true, ...plainPlaced, candle: null, arrangement: null }
  ]
  const guests = look.guests.length + Math.floor(random() * 7) - 2
  return {
    ...look,
    guests: Array.from({ length: Math.max(1, guests) }, (_, i) => company(look.guests[i] ?? newGuest(i + 1), i, random)),
    room: wildRoom(random),
    menu: wildMenu(random),
    kinds: wildKinds(look, random),
    household: { cats: random() < 0.5, dogs: random() < 0.5, toddlers: random() < 0.5 },
    occasion: {
      ...look.occasion,
      endMin: 1200 + Math.floor(random() * 400),
      courses: random() < 0.5 ? ['oysters', 'soup', 'fish', 'salad', 'main', 'dessert'] : ['main', 'dessert']
    },
    money: {
      ...look.money,
      totalCents: Math.floor(random() * 60_000),
      reservePercent: Math.floor(random() * 30),
      split: random() < 0.5 ? { kind: 'groups', caps: [{ part: 'florals', capCents: Math.floor(random() * 9000) }] } : { kind: 'plain' }
    },
    claims: [
      { pieceId: pick(random, ['fork-dinner', 'dinner-oyster', 'wine-clear']), count: 8, occasion: 'Elsewhere', date: look.occasion.date, settled: false }
    ],
    buying: {
      ...look.buying,
      draws: random() < 0.4 ? [{ id: 'draw-1', cents: Math.floor(random() * 20_000), cause: 'vessels', day: look.occasion.date }] : []
    },
    school: {
      ...look.school,
      comfort: pick(random, ['tight', 'usual', 'roomy']),
      drop: pick(random, ['casual', 'dressy', 'formal']),
      fullness: pick(random, ['sparse', 'usual', 'lush']),
      symmetry: pick(random, ['symmetric', 'by-weight']),
      groups: pick(random, ['odd', 'pairs']),
      pattern: random() < 0.3 ? 'open-middle' : null,
      safety: pick(random, ['US', 'EU'])
    },
    table: {
      ...look.table,
      shape: random() < 0.25 ? { kind: 'rectangle', lengthMm: 2400, widthMm: 820 } : random() < 0.5 ? otherShape(random) : look.table.shape,
      ...(random() < 0.12 ? { heightMm: 450, seatHeightMm: 300 } : {}),
      apronMm: pick(random, [null, 60, 140]),
      chair: pick(random, [
        { kind: 'side', widthMm: 510 },
        { kind: 'arm', widthMm: 620 },
        { kind: 'bench', widthMm: 900 }
      ]),
      heads: pick(random, ['open', 'closed']),
      support: pick<Look['table']['support']>(random, [
        { kind: 'pedestal' },
        { kind: 'legs', legMm: 80, insetMm: Math.floor(random() * 400) },
        { kind: 'trestle', insetMm: 300, footMm: 80 },
        { kind: 'panel', insetMm: 200 }
      ])
    },
    linens: {
      ...look.linens,
      clothId: random() < 0.2 ? null : anyOf(random, ['cloth-oyster-oval', 'cloth-long', 'cloth-round-90', 'cloth-banquet']),
      lapMm: random() < 0.2 ? 200 : null,
      topper: random() < 0.3 ? { pieceId: anyOf(random, ['cloth-round-90', 'cloth-long']), turned: random() < 0.5 } : null,
      runner: {
        pieceId: anyOf(random, ['runner-smoke', 'runner-flax']),
        lay: pick(random, ['along', 'across', 'each-pair']),
        folded: { length: 1, width: pick(random, [1, 1, 2]) }
      },
      matId: random() < 0.5 ? anyOf(random, ['mat-sea', 'mat-felt']) : null
    },
    setting: {
      ...look.setting,
      breadPlateId: random() < 0.5 ? 'bread-oyster' : null,
      flatwareIds: look.setting.flatwareIds.filter(() => random() < 0.85),
      napkin: { pieceId: 'napkin-persimmon', place: pick(random, ['on-plate', 'left']), fold: pick(random, foldKinds) },
      starId: pick(random, [null, ...look.setting.plateIds]),
      glassesOutMm: look.guests.length % 2 === 0 ? 40 : 0
    },
    centerpiece: random() < 0.15 ? look.centerpiece.slice(0, 2) : [...look.centerpiece, tall, ...carried, ...wildMiddle(random)],
    offers: look.offers.filter(() => random() < 0.8),
    pieces: wildPieces(look.pieces, random),
    intent: wildIntent(random)
  }
}

/** A brief that leaves things out, has an anchor, little time or a palette of its own. */
function wildIntent(random: Random): Look['intent'] {
  return {
    ...noIntent,
    moods: random() < 0.5 ? [pick(random, moods)] : [],
    anchorId: random() < 0.4 ? anyOf(random, ['jug-sky', 'napkin-smoke', 'bud-bottle']) : null,
    palette: random() < 0.5 ? paletteOfMood[pick(random, moods)] : [],
    avoid: random() < 0.5 ? [pick(random, ['gold', 'brass', 'napkin', 'persimmons', 'rosa'])] : [],
    effortMin: random() < 0.4 ? Math.floor(10 + random() * 60) : null,
    use: pick(random, ['event', 'event', 'event', 'daily', 'show'])
  }
}
