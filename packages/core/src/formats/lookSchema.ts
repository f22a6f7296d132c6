import { courseKinds } from '../design/course.js'
import { chairKinds, foldedIns, hows, joinForms, kindSpreads, mechanicsNames, patternNames, runnerLayKinds } from '../design/look.js'
import { intentSchema, verdictsSchema } from './briefSchema.js'
import { roomSchema } from './roomSchema.js'
import { drinkKinds, eatenWith, portionKinds, services } from '../design/menu.js'
import { foldKinds } from '../design/foldKinds.js'
import { MOST_GLASSES_OUT_MM } from '../reference/places.js'
import { needGroups, tableZones } from '../design/money.js'
import {
  answers,
  candleForms,
  firstCares,
  flawKinds,
  flatwareRoles,
  glassRoles,
  materials,
  ornamentForms,
  plateRoles,
  servingTools,
  stemRoles,
  supplyUses,
  trayForms,
  vesselForms
} from '../design/piece.js'
import {
  byKind,
  cents,
  color,
  count,
  day,
  flag,
  grams,
  howMany,
  id,
  idOrNull,
  kind,
  list,
  minute,
  nullableId,
  object,
  oneOf,
  orNull,
  percent,
  position,
  size,
  sizeOrZero,
  text
} from './schemaParts.js'

/** JSON Schema (2020-12 vocabulary as far as draft-07 knows it) of the look document; published as docs/formats/look.schema.json. */
const rectangle = object({ kind: kind('rectangle'), lengthMm: size, widthMm: size })
const square = object({ kind: kind('square'), sideMm: size })
const round = object({ kind: kind('round'), diameterMm: size })
const oval = object({ kind: kind('oval'), lengthMm: size, widthMm: size })
const racetrack = object({ kind: kind('racetrack'), lengthMm: size, widthMm: size })
const boat = object({ kind: kind('boat'), lengthMm: size, widthMm: size, endMm: size })
const halfRound = object({ kind: kind('half-round'), diameterMm: size })
const joined = object({
  kind: kind('joined'),
  form: oneOf(...joinForms),
  lengthMm: { ...size, maximum: 5000 },
  widthMm: { ...size, maximum: 3000 },
  along: howMany(8),
  across: howMany(8)
})
const extent = { $ref: '#/$defs/extent' }

const common = {
  id: { $ref: '#/$defs/id' },
  name: text,
  color,
  accent: color,
  material: oneOf(...materials),
  owned: count,
  kept: text,
  first: { ...list(oneOf(...firstCares), 6), uniqueItems: true },
  of: { $ref: '#/$defs/idOrNull' },
  pattern: { type: 'string', maxLength: 100 },
  foodSafe: oneOf(...answers),
  heatSafe: oneOf(...answers),
  bareBack: flag
}
const piece = (name: string, own: Record<string, unknown>) => object({ kind: kind(name), ...common, ...own })
const flaws = list(object({ kind: oneOf(...flawKinds), xMm: position, yMm: position }), 20)
const candleForm = oneOf(...candleForms)

const pieceSchema = byKind([
  piece('plate', { role: oneOf(...plateRoles), diameterMm: size, heightMm: size }),
  piece('glass', { role: oneOf(...glassRoles), footMm: size, bowlMm: size, heightMm: size }),
  piece('flatware', {
    role: oneOf(...flatwareRoles),
    lengthMm: size,
    widthMm: size
  }),
  piece('napkin', { sideMm: size }),
  piece('cloth', { extent, flaws }),
  piece('runner', { lengthMm: size, widthMm: size, flaws }),
  piece('mat', { extent }),
  piece('vessel', { form: oneOf(...vesselForms), baseMm: size, widestMm: size, lengthMm: orNull(size), mouthMm: size, heightMm: size, depthMm: size }),
  piece('stem', {
    role: oneOf(...stemRoles),
    form: oneOf('open', 'globe', 'spray', 'leafy'),
    genus: text,
    thicknessMm: size,
    headMm: size,
    lengthMm: size
  }),
  piece('candle', {
    form: candleForm,
    diameterMm: size,
    heightMm: size,
    burn: byKind([
      object({ kind: kind('wax'), wax: oneOf('paraffin', 'beeswax'), gramsPerHour: { type: 'number', exclusiveMinimum: 0, maximum: 1000 } }),
      object({ kind: kind('flameless'), hours: { type: 'number', exclusiveMinimum: 0, maximum: 10_000 } })
    ])
  }),
  piece('holder', { takes: candleForm, cupMm: size, baseMm: size, heightMm: sizeOrZero, chimney: orNull(object({ innerMm: size, rimMm: size })) }),
  piece('riser', { extent, heightMm: size, legs: flag, loadG: orNull(grams) }),
  piece('tray', {
    form: oneOf(...trayForms),
    extent,
    floorMm: size,
    rimMm: size,
    wallMm: sizeOrZero,
    handles: flag,
    loadG: orNull(grams),
    upper: list(object({ heightMm: size, diameterMm: size }), 6)
  }),
  piece('ornament', { form: oneOf(...ornamentForms), extent, heightMm: size, cordMm: orNull(sizeOrZero) }),
  piece('tool', { tool: oneOf(...servingTools), lengthMm: size }),
  piece('supply', { use: oneOf(...supplyUses), lowMark: count })
])

const caps = (parts: readonly string[]) => list(object({ part: oneOf(...parts), capCents: cents }), parts.length)
const sums = (parts: readonly string[]) => list(object({ part: oneOf(...parts), cents }), parts.length)
const buying = object({
  tripCents: cents,
  reusePercent: percent,
  pricesOn: orNull(day),
  orders: list(
    object({
      shop: text,
      slot: oneOf('ahead', 'fresh'),
      way: oneOf('trip', 'delivery'),
      coupon: flag,
      lines: list(object({ offerId: { $ref: '#/$defs/id' }, packs: { type: 'integer', minimum: 1, maximum: 100_000 }, locked: flag }), 1000)
    }),
    100
  ),
  planned: orNull(object({ day, groups: sums(needGroups), zones: sums(tableZones), extrasCents: { type: 'integer' } })),
  skipped: list({ $ref: '#/$defs/id' }, 1000),
  bought: list(
    object({
      id: { $ref: '#/$defs/id' },
      pieceId: { $ref: '#/$defs/id' },
      pieces: count,
      cents,
      day,
      shop: text,
      note: { type: 'string', maxLength: 1000 },
      photoId: { $ref: '#/$defs/idOrNull' }
    }),
    1000
  ),
  draws: list(object({ id: { $ref: '#/$defs/id' }, cents, cause: text, day }), 1000),
  borrowed: list(
    object({ id: { $ref: '#/$defs/id' }, pieceId: { $ref: '#/$defs/id' }, count, from: { type: 'string', maxLength: 200 }, backDay: orNull(day) }),
    1000
  )
})
const shop = object({
  name: text,
  visit: flag,
  delivery: orNull(object({ cents, freeFromCents: orNull(cents) })),
  coupon: orNull(
    object({
      code: text,
      off: byKind([object({ kind: kind('percent'), percent }), object({ kind: kind('amount'), cents })]),
      fromCents: cents,
      untilDay: day
    })
  )
})

const setting = object({
  plateIds: list({ $ref: '#/$defs/id' }, 8),
  breadPlateId: idOrNull,
  napkin: orNull(object({ pieceId: { $ref: '#/$defs/id' }, place: oneOf('on-plate', 'left'), fold: oneOf(...foldKinds) })),
  flatwareIds: list({ $ref: '#/$defs/id' }, 24),
  substitutes: list(object({ role: oneOf(...flatwareRoles), pieceId: { $ref: '#/$defs/id' } }), flatwareRoles.length),
  dessertAbove: flag,
  glassIds: list({ $ref: '#/$defs/id' }, 8),
  glassesOutMm: { type: 'number', minimum: 0, maximum: MOST_GLASSES_OUT_MM },
  card: flag,
  favorId: idOrNull,
  leavesId: idOrNull,
  starId: idOrNull
})
const dish = object({
  id: { $ref: '#/$defs/id' },
  name: text,
  course: oneOf(...courseKinds),
  portion: oneOf(...portionKinds),
  service: { enum: [...services, null] },
  eatenWith: oneOf(...eatenWith),
  temperature: oneOf('hot', 'cold', 'room'),
  wet: flag,
  stains: flag,
  contains: text,
  vesselId: idOrNull,
  toolId: idOrNull,
  spots: list(object({ xMm: position, yMm: position }), 20),
  takenPercent: percent,
  broughtBy: text
})

const placed = object({
  id: { $ref: '#/$defs/id' },
  pieceId: { $ref: '#/$defs/id' },
  xMm: position,
  yMm: position,
  turnDeg: { type: 'number', minimum: -3600, maximum: 3600 },
  on: idOrNull,
  how: oneOf(...hows),
  level: { ...count, maximum: 9 },
  atMeal: flag,
  locked: flag,
  group: idOrNull,
  part: { type: 'number', exclusiveMinimum: 0, maximum: 1 },
  candle: orNull(object({ candleId: { $ref: '#/$defs/id' }, lightAtMin: minute })),
  filling: orNull(object({ pieceId: { $ref: '#/$defs/id' }, count: { ...count, maximum: 5000 }, heightMm: size })),
  arrangement: orNull(
    object({
      stems: list(object({ stemId: { $ref: '#/$defs/id' }, count: { ...count, maximum: 5000 } }), 40),
      riseMm: sizeOrZero,
      spreadMm: size,
      mechanics: { enum: [...mechanicsNames, null] }
    })
  )
})

export const MOST_GUESTS = 100

export const lookSchema = {
  $schema: 'http://json-schema.org/draft-07/schema#',
  title: 'Hestiad look, version 1',
  description: 'One complete design of a laid table. Lengths in millimeters, money in integer minor units, times in minutes after midnight, colors as #rrggbb.',
  ...object({
    format: { const: 'hestiad-look' },
    version: { const: 1 },
    id: { $ref: '#/$defs/id' },
    name: text,
    occasion: object({
      title: text,
      place: text,
      date: day,
      arriveMin: minute,
      endMin: minute,
      courses: { ...list(oneOf(...courseKinds), courseKinds.length), uniqueItems: true },
      notes: { type: 'string', maxLength: 4000 }
    }),
    intent: intentSchema,
    verdicts: verdictsSchema,
    lookAgainOn: orNull(day),
    ask: { type: 'string', maxLength: 1000 },
    household: object({ cats: flag, dogs: flag, toddlers: flag }),
    money: object({
      currency: { type: 'string', pattern: '^[A-Z]{3}$' },
      totalCents: cents,
      reservePercent: percent,
      taxPercent: percent,
      taxMode: oneOf('included', 'added'),
      split: byKind([
        object({ kind: kind('plain') }),
        object({ kind: kind('groups'), caps: caps(needGroups) }),
        object({ kind: kind('zones'), caps: caps(tableZones) })
      ])
    }),
    school: object({
      comfort: oneOf('tight', 'usual', 'roomy'),
      drop: oneOf('casual', 'dressy', 'formal'),
      fullness: oneOf('sparse', 'usual', 'lush'),
      safety: oneOf('US', 'EU'),
      strictFlames: { type: 'boolean' },
      hiddenPercent: percent,
      spareStemsPercent: percent,
      symmetry: oneOf('symmetric', 'by-weight'),
      groups: oneOf('odd', 'pairs'),
      pattern: { enum: [...patternNames, null] },
      meant: list(text, 40)
    }),
    table: object({
      name: text,
      shape: byKind([rectangle, square, round, oval, racetrack, boat, halfRound, joined]),
      leaves: object({ owned: { ...count, maximum: 12 }, in: { ...count, maximum: 12 }, eachMm: sizeOrZero }),
      support: byKind([
        object({ kind: kind('legs'), legMm: size, insetMm: sizeOrZero }),
        object({ kind: kind('trestle'), insetMm: sizeOrZero, footMm: size }),
        object({ kind: kind('panel'), insetMm: sizeOrZero }),
        object({ kind: kind('pedestal') })
      ]),
      heightMm: size,
      seatHeightMm: size,
      apronMm: orNull(sizeOrZero),
      chair: object({ kind: oneOf(...chairKinds), widthMm: size }),
      heads: oneOf('open', 'closed'),
      set: oneOf('whole', 'one-end'),
      color
    }),
    room: roomSchema,
    guests: list(
      object({
        id: { $ref: '#/$defs/id' },
        name: text,
        body: byKind([
          object({ kind: kind('adult'), build: oneOf('woman', 'man', 'unstated'), stature: oneOf('short', 'average', 'tall') }),
          object({ kind: kind('child'), ageYears: { type: 'number', minimum: 1, maximum: 17 }, boosterMm: { type: 'number', minimum: 0, maximum: 300 } })
        ]),
        leftHanded: flag,
        wheelchair: flag,
        chair: { enum: ['armchair', 'high-chair', null] },
        host: flag,
        hearing: flag,
        sight: flag,
        diet: text,
        near: list({ $ref: '#/$defs/id' }, 20),
        apart: list({ $ref: '#/$defs/id' }, 20),
        seatLocked: flag
      }),
      MOST_GUESTS
    ),
    linens: object({
      clothId: idOrNull,
      lapMm: orNull(sizeOrZero),
      topper: orNull(object({ pieceId: { $ref: '#/$defs/id' }, turned: flag })),
      pad: flag,
      sewing: orNull(
        object({
          fabricWidthMm: size,
          hemMm: sizeOrZero,
          shrinkPercent: { ...percent, maximum: 30 },
          mayTurn: flag,
          items: list(object({ id: { $ref: '#/$defs/id' }, name: text, lengthMm: size, widthMm: size, count: { ...count, maximum: 500 } }), 40)
        })
      ),
      runner: orNull(
        object({
          pieceId: { $ref: '#/$defs/id' },
          lay: oneOf(...runnerLayKinds),
          folded: object({ length: { enum: foldedIns }, width: { enum: foldedIns } })
        })
      ),
      matId: idOrNull
    }),
    setting,
    kinds: object({
      others: list(object({ key: oneOf('B', 'C'), setting }), 2),
      spread: oneOf(...kindSpreads),
      byGuest: list(object({ guestId: { $ref: '#/$defs/id' }, key: oneOf('B', 'C') }), MOST_GUESTS),
      mirrorLeftHanded: flag,
      childSafe: flag,
      charger: oneOf('stays', 'lifted-before-main', 'none')
    }),
    menu: object({
      service: oneOf(...services),
      dishes: list(dish, 60),
      drinks: { ...list(oneOf(...drinkKinds), drinkKinds.length), uniqueItems: true },
      oneGlass: flag,
      sideboardMm: orNull(size)
    }),
    centerpiece: list(placed, 1000),
    variants: list(object({ id: { $ref: '#/$defs/id' }, name: text, why: { type: 'string', maxLength: 1000 }, centerpiece: list(placed, 1000) }), 30),
    pieces: list({ $ref: '#/$defs/piece' }, 10_000),
    offers: list(
      object({
        id: { $ref: '#/$defs/id' },
        pieceId: { $ref: '#/$defs/id' },
        shop: text,
        packSize: { type: 'integer', minimum: 1, maximum: 10_000 },
        priceCents: orNull(cents),
        stock: count,
        leadDays: { type: 'integer', minimum: 0, maximum: 400 },
        listCents: orNull(cents),
        untilDay: orNull(day),
        noted: orNull(object({ day, note: { type: 'string', maxLength: 1000 }, photoId: nullableId }))
      }),
      20_000
    ),
    shops: list(shop, 100),
    claims: list(object({ pieceId: { $ref: '#/$defs/id' }, count, occasion: text, date: day, settled: flag }), 1000),
    interchangeable: list(list({ $ref: '#/$defs/id' }, 50), 100),
    buying
  }),
  $defs: { id, idOrNull: nullableId, extent: byKind([rectangle, square, round, oval]), piece: pieceSchema }
} as const
