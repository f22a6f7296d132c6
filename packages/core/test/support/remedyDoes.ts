import { pieceIndex, standings, type Look, type Placed, type Remedy, type RemedyCode, type RemedyShapes } from '@hestiad/core'

/** What a remedy says it does, held against what it did: a complaint, or nothing. Codes not named here say no number that could be wrong. */
export function complaintOf(remedy: Remedy, before: Look, after: Look): string | undefined {
  const check = checks[remedy.code] as Check<RemedyCode> | undefined
  return check?.(remedy.params, before, after) === true ? `${remedy.code} did not do what it says: ${JSON.stringify(remedy.params)}` : undefined
}

/** Whether something is not as it was said. */
type Check<Code extends RemedyCode> = (params: RemedyShapes[Code], before: Look, after: Look) => boolean

/** Whether no stems stand in it. */
function isClosed(look: Look, pieceId: string): boolean {
  const piece = pieceIndex(look).get(pieceId)
  return piece?.kind === 'vessel' && (piece.form === 'cloche' || piece.form === 'lantern')
}

const byId = (look: Look, id: string): Placed | undefined => look.centerpiece.find((placed) => placed.id === id)
const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b)
const ids = (look: Look) => look.centerpiece.map((placed) => placed.id)
const others = (look: Look, id: string) => look.centerpiece.filter((placed) => placed.id !== id)
const stemsOf = (placed: Placed | undefined) => placed?.arrangement?.stems.reduce((sum, line) => sum + line.count, 0) ?? 0
const near = (a: number, b: number, by = 1.5) => Math.abs(a - b) <= by
const footOf = (look: Look, id: string) => standings(look).find((one) => one.placed.id === id)?.footMm
/** All that stands on, leans on, hangs over or lies round a piece, and on those. */
function dependents(look: Look, id: string): Set<string> {
  const all = new Set([id])
  for (let size = 0; size !== all.size;) {
    size = all.size
    for (const placed of look.centerpiece) if (placed.on !== null && all.has(placed.on)) all.add(placed.id)
  }
  return all
}
const added = (before: Look, after: Look) => after.centerpiece.filter((placed) => !ids(before).includes(placed.id))
const gone = (before: Look, after: Look) => ids(before).filter((id) => !ids(after).includes(id))
/** Members of the look that differ. */
const changed = (before: Look, after: Look) => (Object.keys(before) as (keyof Look)[]).filter((key) => !same(before[key], after[key]))
const onlyMiddle = (before: Look, after: Look) => changed(before, after).every((key) => key === 'centerpiece')

const moved: Check<'move' | 'cord-along'> = ({ placedId, byMm }, before, after) => {
  const [from, to] = [byId(before, placedId), byId(after, placedId)]
  return (
    !from ||
    !to ||
    !near(Math.hypot(to.xMm - from.xMm, to.yMm - from.yMm), byMm, 2) ||
    !same(others(before, placedId), others(after, placedId)) ||
    !onlyMiddle(before, after)
  )
}
const takenOff: Check<'take-off'> = ({ placedId }, before, after) => {
  return !same([...gone(before, after)].sort(), [...dependents(before, placedId)].sort()) || !onlyMiddle(before, after)
}
const onlySchool = (before: Look, after: Look) => same(changed(before, after), ['school'])

const checks: { readonly [Code in RemedyCode]?: Check<Code> } = {
  move: moved,
  'cord-along': moved,
  'take-off': takenOff,
  'thin-out': ({ count }, before, after) => gone(before, after).length < count || added(before, after).length > 0,
  'without-accent': (_, before, after) => gone(before, after).length === 0,
  'stand-on-table': ({ placedId, byMm }, before, after) =>
    footOf(after, placedId) !== 0 || !near(footOf(before, placedId) ?? NaN, byMm) || byId(after, placedId)?.on !== null,
  'stand-all-on-table': ({ count }, before, after) => {
    const down = before.centerpiece.filter((placed) => placed.on !== null && byId(after, placed.id)?.on === null)
    return down.length !== count || down.some((placed) => footOf(after, placed.id) !== 0)
  },
  'put-on-riser': ({ placedId, pieceId }, before, after) => {
    const riser = pieceIndex(before).get(pieceId)
    const below = byId(after, byId(after, placedId)?.on ?? '')
    const height = riser?.kind === 'riser' ? riser.heightMm : NaN
    const ground = below?.on === null ? 0 : NaN
    return below?.pieceId !== pieceId || (ground === 0 && !near(footOf(after, placedId) ?? NaN, height)) || added(before, after).length !== 1
  },
  lower: ({ placedId, byMm }, before, after) => {
    const [from, to] = [byId(before, placedId)?.arrangement, byId(after, placedId)?.arrangement]
    return !from || !to || to.riseMm >= from.riseMm || !near(from.riseMm - to.riseMm, byMm, 31) || !same(others(before, placedId), others(after, placedId))
  },
  rise: ({ placedId, byMm }, before, after) => {
    const [from, to] = [byId(before, placedId)?.arrangement?.riseMm ?? NaN, byId(after, placedId)?.arrangement?.riseMm ?? NaN]
    return Math.sign(to - from) !== Math.sign(byMm) || Math.abs(to - from) > Math.abs(byMm) + 0.5
  },
  exchange: ({ placedId, otherId }, before, after) => {
    const spot = (look: Look, id: string) => [byId(look, id)?.xMm, byId(look, id)?.yMm]
    return !same(spot(before, placedId), spot(after, otherId)) || !same(spot(before, otherId), spot(after, placedId))
  },
  'add-piece': ({ pieceId }, before, after) => {
    const more = added(before, after)
    const owned = pieceIndex(before).get(pieceId)?.owned ?? 0
    return (
      more.length === 0 || more.some((placed) => placed.pieceId !== pieceId) || after.centerpiece.filter((placed) => placed.pieceId === pieceId).length > owned
    )
  },
  echo: ({ pieceId }, before, after) => added(before, after).some((placed) => placed.pieceId !== pieceId) || added(before, after).length === 0,
  'shift-all': ({ byMm }, before, after) => {
    const steps = before.centerpiece.flatMap((placed) => {
      const to = byId(after, placed.id)!
      return placed.on === null && !placed.locked ? [[to.xMm - placed.xMm, to.yMm - placed.yMm] as const] : []
    })
    return steps.some(([x, y]) => !near(x, steps[0]![0], 1) || !near(y, steps[0]![1], 1) || !near(Math.hypot(x, y), byMm, 2))
  },
  'turn-round': ({ placedId }, before, after) =>
    Math.abs((((byId(after, placedId)?.turnDeg ?? 0) - (byId(before, placedId)?.turnDeg ?? 0)) % 360) + 0) % 360 !== 180,
  'no-candle': ({ placedId }, before, after) => byId(before, placedId)?.candle === null || byId(after, placedId)?.candle !== null,
  'no-candles': (_, __, after) => after.centerpiece.some((placed) => placed.candle !== null),
  'no-candle-of': ({ pieceId }, before, after) =>
    !before.centerpiece.some((placed) => placed.candle?.candleId === pieceId) || after.centerpiece.some((placed) => placed.candle?.candleId === pieceId),
  'swap-seats': ({ guestId, otherId }, before, after) => {
    const seat = (look: Look, id: string) => look.guests.findIndex((guest) => guest.id === id)
    return seat(before, guestId) !== seat(after, otherId) || seat(before, otherId) !== seat(after, guestId)
  },
  'skip-course': ({ courses }, _, after) => after.occasion.courses.some((course) => courses.includes(course)),
  'no-drink': ({ drinks }, _, after) => after.menu.drinks.some((drink) => drinks.includes(drink)),
  'skip-dish': ({ dishId }, _, after) => after.menu.dishes.some((dish) => dish.id === dishId),
  'serve-some-plated': ({ count }, before, after) =>
    after.menu.dishes.filter((dish, i) => dish.service === 'plated' && before.menu.dishes[i]!.service !== 'plated').length !== count,
  'take-off-linen': (_, before, after) => same(before.linens, after.linens) || !same(changed(before, after), ['linens']),
  'clear-for-meal': ({ placedId }, before, after) => byId(before, placedId)?.atMeal !== true || byId(after, placedId)?.atMeal !== false,
  'keep-at-meal': ({ placedId }, before, after) => byId(before, placedId)?.atMeal !== false || byId(after, placedId)?.atMeal !== true,
  'more-stems': ({ placedId, stems }, before, after) =>
    stemsOf(byId(after, placedId)) <= stemsOf(byId(before, placedId)) || !near(stemsOf(byId(after, placedId)), stems, 4),
  'fewer-stems': ({ placedId, stems }, before, after) =>
    stemsOf(byId(after, placedId)) >= stemsOf(byId(before, placedId)) || stemsOf(byId(after, placedId)) !== stems,
  'smaller-spread': ({ placedId, spreadMm }, _, after) => byId(after, placedId)?.arrangement?.spreadMm !== spreadMm,
  mechanics: ({ placedId, mechanics }, _, after) => byId(after, placedId)?.arrangement?.mechanics !== mechanics,
  'drape-over': ({ placedId, pieceId }, before, after) =>
    !added(before, after).some((placed) => placed.pieceId === pieceId && placed.on === placedId && placed.how === 'draped'),
  'lean-right': ({ placedId, otherId }, _, after) => byId(after, placedId)?.on !== otherId || byId(after, placedId)?.how !== 'leaning',
  'lean-on': ({ placedId, otherId }, before, after) => byId(after, placedId)?.on !== otherId || byId(before, placedId)?.on === otherId,
  'other-level': ({ placedId, level }, _, after) => byId(after, placedId)?.level !== level - 1,
  swap: ({ fromId, toId }, before, after) => {
    const uses = (look: Look, id: string) =>
      (JSON.stringify({ ...look, pieces: [], offers: [], buying: null, claims: [], interchangeable: [], variants: [] }).match(new RegExp(`"${id}"`, 'g')) ?? [])
        .length
    // of candles and stems only those of one piece may be meant
    return (
      uses(after, fromId) >= uses(before, fromId) ||
      uses(after, toId) === 0 ||
      after.centerpiece.some((placed) => placed.arrangement !== null && isClosed(after, placed.pieceId))
    )
  },
  'on-cells': ({ fromId, toId }, _, after) =>
    after.centerpiece.some((placed) => placed.pieceId === fromId) || !after.centerpiece.some((placed) => placed.pieceId === toId),
  fullness: ({ fullness }, before, after) => after.school.fullness !== fullness || !onlySchool(before, after),
  groups: ({ groups }, before, after) => after.school.groups !== groups || !onlySchool(before, after),
  meant: (_, before, after) => after.school.meant.length !== before.school.meant.length + 1 || !same(changed(before, after), ['school']),
  'leaf-in': ({ leaves }, before, after) => after.table.leaves.in !== before.table.leaves.in + leaves,
  'fewer-guests': ({ count }, _, after) => after.guests.length !== count,
  'heads-open': (_, before, after) => before.table.heads !== 'closed' || after.table.heads !== 'open',
  'heads-closed': (_, before, after) => before.table.heads !== 'open' || after.table.heads !== 'closed',
  'raise-budget': ({ totalCents }, before, after) => after.money.totalCents !== totalCents || after.money.totalCents <= before.money.totalCents,
  'drop-style': ({ drop }, _, after) => after.school.drop !== drop,
  comfort: ({ comfort }, _, after) => after.school.comfort !== comfort,
  'light-later': ({ atMin }, _, after) =>
    after.centerpiece.some((placed) => placed.candle !== null && placed.candle.lightAtMin > 2880) || !Number.isFinite(atMin),
  'let-sockets': (_, before, after) => (before.room.behind?.sockets.length ?? 0) === 0 || after.room.behind?.sockets.length !== 0,
  'no-pass': (_, before, after) => !before.room.pass || after.room.pass,
  'raise-fixture': ({ heightMm }, before, after) =>
    !near(after.room.fixture?.bottomMm ?? NaN, heightMm) || heightMm <= (before.room.fixture?.bottomMm ?? Infinity),
  'bare-lamp': (_, before, after) => before.room.fixture?.greens == null || after.room.fixture?.greens !== null,
  'raise-table': ({ heightMm }, before, after) => !near(after.table.heightMm, heightMm) || after.table.heightMm <= before.table.heightMm
}
