import {
  applyEdit,
  composeMiddles,
  composePart,
  createAssessor,
  extentSize,
  familiesOf,
  hardCodes,
  noFacts,
  outOfSeason,
  setsOf,
  newGuest,
  newPlaced,
  patternNames,
  standings,
  type Composed,
  type ComposeOptions,
  type CupboardItem,
  type Idea,
  type Look,
  type PatternName,
  type Standing
} from '@hestiad/core'
import { validateLook } from '@hestiad/core/formats'
import { describe, expect, it } from 'vitest'
import { joinedTables } from '../src/seating/polygonTables.js'
import { demoLook } from './support/looks.js'
import { many } from './support/many.js'
import { tables, type TableName } from './support/tables.js'

const usual = { from: 'few-new', want: 3, seed: 1 } as const
const compose = (look: Look, patterns: readonly PatternName[], more: Partial<ComposeOptions> = {}): Composed =>
  composeMiddles(look, { ...usual, patterns, ...more })
const standingOf = (look: Look, idea: Idea): Standing[] => standings(applyEdit(look, idea.edit))
const tops = (look: Look, idea: Idea) => Math.max(...standingOf(look, idea).filter((one) => one.placed.arrangement).map((one) => one.topMm)) // prettier-ignore

/** Patterns with one thing in the very middle, and those whose sides are twins. */
const centered: ReadonlySet<PatternName | null> = new Set<PatternName>(['one-focus', 'flanked', 'patch'])
const twinned: ReadonlySet<PatternName | null> = new Set<PatternName>(['open-middle', 'flanked', 'run', 'patch', 'edible-board'])

const assessor = createAssessor()
const looks = new Map<TableName, Look>()
const composed = new Map<string, ReturnType<typeof compose>>()

/** A table and what one pattern comes to on it, composed once for all tests. */
function composedOn(name: TableName, pattern: PatternName): { readonly look: Look } & ReturnType<typeof compose> {
  const look = looks.get(name) ?? tables[name]()
  const found = composed.get(`${name} ${pattern}`) ?? compose(look, [pattern], { want: many(1), effort: 0.5 })
  looks.set(name, look)
  composed.set(`${name} ${pattern}`, found)
  return { look, ...found }
}

/** What of an idea a stylist would send back: empty when nothing. */
function faultsOf(look: Look, idea: Idea): string[] {
  const laid = applyEdit(look, idea.edit)
  const { each, figures } = assessor.measure(laid)
  const bare = new Set(assessor.measure(look).each.map((finding) => finding.code))
  const { parts } = figures.composition.score
  const standing = standingOf(look, idea)
  const faults = each.filter((finding) => hardCodes.has(finding.code) && !bare.has(finding.code)).map((finding) => finding.code as string)
  if (idea.centerpiece.length === 0) faults.push('empty')
  if ((parts.inside ?? 1) < 0.95) faults.push(`outside the strip ${parts.inside}`)
  if (centered.has(idea.pattern) && (parts.hierarchy ?? 1) < 0.75) faults.push(`hero ${parts.hierarchy}`)
  if (twinned.has(idea.pattern) && (parts.symmetry ?? 1) < 0.97) faults.push(`twins ${parts.symmetry}`)
  const turns = standing.flatMap((one) => {
    const { lengthMm, widthMm } = 'extent' in one.piece ? extentSize(one.piece.extent) : { lengthMm: 1, widthMm: 1 }
    return one.placed.part === 1 && lengthMm > 1.3 * widthMm && one.placed.on === null ? [one.placed.turnDeg % 90] : []
  })
  // on a round the axis lies through a gap between guests, and all lies along it
  if (new Set(turns).size > 1 || (look.table.shape.kind !== 'round' && turns.some((turn) => turn !== 0))) faults.push(`askew ${turns.join()}`)
  const lit = standing.some((one) => one.candle?.burn.kind === 'wax')
  if (lit && (look.household.toddlers || look.household.cats || look.household.dogs)) faults.push('flames in this household')
  if (lit && look.occasion.endMin <= 17 * 60) faults.push('lit by daylight')
  const { money } = figures
  if (money.spendCents > money.workingCents && !idea.brings.some((finding) => finding.code === 'money.over')) faults.push('over the budget without a word')
  for (const piece of laid.pieces) {
    const used = idea.centerpiece.reduce((sum, placed) => sum + (placed.pieceId === piece.id ? placed.part : 0), 0)
    if (piece.material !== 'fruit' && Math.ceil(used - 0.01) > piece.owned) faults.push(`${piece.id}: ${used} of ${piece.owned}`)
  }
  return faults
}

/** What stands on each arm of tables joined, the main axis left out: pieces and how far along. */
function armsOf(look: Look, idea: Idea): { readonly things: readonly string[][] } {
  const { shape } = look.table
  if (shape.kind !== 'joined') throw new Error('not joined')
  const main = joinedTables(shape).filter((one) => !one.upright)
  const xs = [...new Set(joinedTables(shape).filter((one) => one.upright).map((one) => one.x))] // prettier-ignore
  const isMain = (y: number) => main.some((one) => Math.abs(y - one.y) <= shape.widthMm / 2)
  const loose = standingOf(look, idea).filter((one) => !isMain(one.pose.y))
  return {
    things: xs.map((x) =>
      loose
        .filter((one) => Math.abs(one.pose.x - x) <= shape.widthMm / 2)
        .map((one) => `${one.piece.id} ${Math.round(one.pose.y)}`)
        .sort()
    )
  }
}

/** Every form of table can be dressed by at least so many of the ten patterns. */
const least: Readonly<Record<TableName, number>> = {
  oval: 9,
  long: 8,
  rectangle: 8,
  small: 3,
  round: 8,
  roundForFour: 5,
  square: 6,
  racetrack: 9,
  boat: 9,
  halfRound: 3,
  joined: 6,
  L: 5,
  T: 6,
  U: 9,
  lunch: 8,
  toddler: 8,
  sideboard: 5
}

describe('a composed middle', () => {
  it.each(Object.keys(tables) as TableName[])(
    'lies in the strip, hero in the middle, twins mirrored, nothing askew, safe for the household, within the house and the budget or told so: %s',
    (name) => {
      let dressed = 0
      // every second pattern, in a long run all of them
      const tried = many(1) > 1 ? patternNames : patternNames.filter((_, i) => i % 2 === Object.keys(tables).indexOf(name) % 2)
      for (const pattern of tried) {
        const { look, ideas, refusals } = composedOn(name, pattern)
        expect(ideas.length + refusals.length, pattern).toBeGreaterThan(0)
        if (ideas.length > 0) dressed++
        for (const idea of ideas) {
          expect(faultsOf(look, idea), `${pattern} with ${JSON.stringify(idea.cast)}`).toEqual([])
          expect(validateLook(applyEdit(look, idea.edit))).toMatchObject({ ok: true })
        }
      }
      expect(dressed).toBeGreaterThanOrEqual(Math.max(1, least[name] - patternNames.length + tried.length))
    }
  )

  it('dresses every arm of tables joined, and two arms alike alike', () => {
    for (const name of ['L', 'T', 'U'] as const) {
      const look = tables[name]()
      for (const idea of patternNames.flatMap((pattern) => composedOn(name, pattern).ideas)) {
        // the tables end to end lie on the far side, the arms come toward the window
        const { things } = armsOf(look, idea)
        const counts = things.map((own) => own.length)
        expect(Math.min(...counts), `${name} ${idea.pattern} ${counts.join()}`).toBeGreaterThan(0)
        if (name === 'U') expect(things[1], `${idea.pattern}`).toEqual(things[0])
      }
    }
  })

  it('leads an L from beside its middle, where a plate is opposite', () => {
    const { shape } = tables.L().table
    const halfMm = shape.kind === 'joined' ? (shape.along * shape.lengthMm) / 2 : 0
    for (const pattern of ['one-focus', 'flanked'] as const) {
      const { ideas } = composedOn('L', pattern)
      expect(ideas.length, pattern).toBeGreaterThan(0)
      for (const { cast, centerpiece } of ideas) {
        const off = centerpiece.filter((placed) => placed.pieceId === cast.heroId).map((placed) => Math.abs(placed.xMm))
        expect(Math.min(...off), pattern).toBeLessThanOrEqual(0.12 * halfMm + 15)
      }
    }
  })

  it('brought dishes keep their room beside it', () => {
    const look = { ...demoLook(), centerpiece: [] }
    for (const { edit, brings } of compose(look, patternNames, { want: 3 }).ideas) {
      expect(brings.map((finding) => finding.code)).not.toContain('dish.room')
      expect(
        createAssessor()
          .measure(applyEdit(look, edit))
          .findings.map((finding) => finding.code)
      ).not.toContain('dish.room')
    }
  })

  it('where little keeps beside the dishes, is laid the length of the table for when guests arrive, and says that it leaves with the food', () => {
    const demo = demoLook()
    for (const [lengthMm, seats] of [
      [2400, 8],
      [3600, 12]
    ] as const) {
      const guests = Array.from({ length: seats }, (_, i) => newGuest(i + 1))
      const look: Look = {
        ...demo,
        centerpiece: [],
        guests,
        household: { cats: false, dogs: false, toddlers: false },
        table: { ...demo.table, shape: { kind: 'rectangle', lengthMm, widthMm: 1000 }, leaves: { owned: 0, in: 0, eachMm: 450 } }
      }
      for (const pattern of ['one-focus', 'garland', 'run'] as const) {
        const [idea] = compose(look, [pattern], { want: 1 }).ideas
        const told = `${pattern} on ${lengthMm}`
        expect(idea, told).toBeDefined()
        expect(faultsOf(look, idea!), told).toEqual([])
        if (idea!.clearedForMeal) {
          expect(idea!.why.map((one) => one.code)).toContain('cleared')
          expect(idea!.centerpiece.every((placed) => !placed.atMeal)).toBe(true)
        } else expect(idea!.score.parts.extent ?? 1, told).toBeGreaterThan(0.3)
        const greens = standingOf(look, idea!).filter((one) => one.piece.kind === 'ornament' && one.piece.form === 'garland')
        const reachMm = greens.reduce((most, one) => Math.max(most, Math.abs(one.pose.x) + one.reachMm), 0)
        if (pattern === 'garland') expect(2 * reachMm, told).toBeGreaterThan(0.28 * lengthMm)
      }
    }
  })

  it('is the same for the same look; six ideas differ in pattern, hero, palette or base', () => {
    const look = tables.oval()
    const ideas = compose(look, patternNames, { want: 6 }).ideas
    expect(ideas).toHaveLength(6)
    expect(compose(look, patternNames, { want: 6 }).ideas.map((idea) => idea.centerpiece)).toEqual(ideas.map((idea) => idea.centerpiece))
    expect(new Set(ideas.map((idea) => idea.pattern)).size).toBeGreaterThanOrEqual(5)
    const within = compose(look, ['flanked'], { want: 4 }).ideas
    expect(within.length).toBeGreaterThan(2)
    expect(new Set(within.map(({ cast }) => `${cast.heroId} ${cast.focalId}`)).size).toBe(within.length)
  })

  it('keeps to the end that is laid, where one end is, and is measured there', () => {
    const long = tables.long()
    const atEnd: Look = { ...long, guests: long.guests.slice(0, 5), table: { ...long.table, set: 'one-end' } }
    const { ideas } = compose(atEnd, ['one-focus', 'flanked', 'run'])
    expect(ideas.length).toBeGreaterThan(2)
    for (const idea of ideas) {
      const standing = standingOf(atEnd, idea)
      expect(Math.min(...standing.map((one) => one.pose.x))).toBeGreaterThan(-200)
      const whole: Look = { ...atEnd, table: { ...atEnd.table, set: 'whole' } }
      const [end, all] = [atEnd, whole].map((look) => createAssessor().measure(applyEdit(look, idea.edit)).figures.composition)
      expect(Math.abs(end!.alongShare)).toBeLessThan(0.35)
      expect(Math.abs(all!.alongShare)).toBeGreaterThan(Math.abs(end!.alongShare))
      expect(end!.middle.lengthMm).toBeLessThan(2200)
    }
  })

  it('leaves what is locked where it is and composes the rest round it', () => {
    const look: Look = {
      ...tables.oval(),
      centerpiece: [{ ...newPlaced('kept', 'compote-citrus', 560, 0), locked: true }, newPlaced('loose', 'persimmons', 400, 0)]
    }
    const [idea] = compose(look, ['one-focus']).ideas
    expect(idea!.centerpiece.find((placed) => placed.id === 'kept')).toEqual(look.centerpiece[0])
    expect(idea!.centerpiece.some((placed) => placed.id === 'loose')).toBe(false)
    const led: Look = { ...look, centerpiece: [{ ...newPlaced('lead', 'compote-citrus'), locked: true }] }
    for (const round of compose(led, ['flanked']).ideas) {
      expect(round.cast.heroId).toBe('compote-citrus')
      expect(round.centerpiece.filter((placed) => placed.xMm === 0 && placed.yMm === 0).map((placed) => placed.id)).toEqual(['lead'])
    }
    expect(faultsOf({ ...look, centerpiece: [look.centerpiece[0]!] }, idea!).filter((fault) => fault.startsWith('piece.'))).toEqual([])
  })

  it('does without what is not wanted, goes round the piece that is, and takes only what is owned where asked', () => {
    const look = tables.oval()
    const first = compose(look, ['flanked']).ideas[0]!.cast
    for (const { cast } of compose(look, ['flanked'], { without: [first.heroId!, first.focalId!] }).ideas) {
      expect(cast.heroId).not.toBe(first.heroId)
      expect(cast.focalId).not.toBe(first.focalId)
    }
    for (const { cast } of compose(look, ['one-focus'], { anchorId: 'footed-oyster' }).ideas) expect([cast.heroId, cast.supportId]).toContain('footed-oyster')
    for (const idea of compose(look, patternNames, { from: 'owned', want: 6 }).ideas) {
      expect(idea.addsCents, String(idea.pattern)).toBe(0)
    }
  })

  it('varies as it is told: more or fewer things, lower or higher, quieter or richer, warmer or cooler', () => {
    const look = tables.oval()
    const by = (steer: ComposeOptions['steer'], pattern: PatternName = 'flanked') =>
      compose(look, [pattern], { want: 1, ...(steer ? { steer } : {}) }).ideas[0]!
    expect(by({ amount: 1 }).centerpiece.length).toBeGreaterThan(by({ amount: -1 }).centerpiece.length)
    expect(tops(look, by({ height: -1 }))).toBeLessThan(tops(look, by({})))
    const kinds = (idea: Idea) => new Set(idea.centerpiece.map((placed) => placed.pieceId)).size
    expect(kinds(by({ richness: 1 }, 'garland'))).toBeGreaterThan(kinds(by({ richness: -1 }, 'garland')))
    expect(by({ warmth: 1 }).cast.focalId).not.toBe(by({ warmth: -1 }).cast.focalId)
  })

  it('that cannot be made leaves the table as it was and names the one thing that would make it possible', () => {
    const look = tables.small()
    const [room] = compose(look, ['flanked']).refusals
    expect(room).toMatchObject({ pattern: 'flanked', because: 'no-room' })
    const trayless = { ...tables.oval(), pieces: tables.oval().pieces.filter((piece) => piece.kind !== 'tray') }
    expect(compose(trayless, ['gathered-tray'])).toMatchObject({ ideas: [], refusals: [{ because: 'no-pieces', parts: ['tray'] }] })
    const deep = { ...tables.rectangle(), table: { ...tables.rectangle().table, shape: { kind: 'rectangle', lengthMm: 2286, widthMm: 860 } as const } }
    const [refusal] = compose(deep, ['garland']).refusals
    expect(refusal?.smaller?.steps.length).toBeGreaterThan(0)
    expect(compose(applyEdit(deep, refusal!.smaller!.edit), ['garland']).ideas.length).toBeGreaterThan(0)
  })
})

it('flowers alone, or lights alone, are composed anew with nothing moved, and what is locked keeps its own', () => {
  const empty = tables.oval()
  const laid = applyEdit(empty, compose(empty, ['flanked']).ideas[0]!.edit)
  const look: Look = { ...laid, centerpiece: laid.centerpiece.map((placed, i) => (i === 0 ? { ...placed, locked: true } : placed)) }
  for (const only of ['flowers', 'lights'] as const) {
    const { ideas } = composePart(look, only, usual)
    expect(ideas.length, only).toBeGreaterThan(1)
    for (const { centerpiece, brings } of ideas) {
      expect(brings.filter((finding) => hardCodes.has(finding.code))).toEqual([])
      expect(centerpiece.map(({ id, xMm, yMm }) => [id, xMm, yMm])).toEqual(look.centerpiece.map(({ id, xMm, yMm }) => [id, xMm, yMm]))
      expect(centerpiece[0]).toEqual(look.centerpiece[0])
      const other = centerpiece.filter((placed, i) => placed !== look.centerpiece[i])
      expect(other.length).toBeGreaterThan(0)
      expect(other.every((placed) => (only === 'flowers' ? placed.arrangement : placed.candle) !== null)).toBe(true)
    }
  }
})

it('the ends alone are composed anew in pairs, off the middle and with nothing else touched; what is locked there stays, and a round has none', () => {
  for (const name of ['oval', 'long'] as const) {
    const empty = tables[name]()
    const look = applyEdit(empty, compose(empty, ['flanked']).ideas[0]!.edit)
    const { ideas } = composePart(look, 'ends', usual)
    expect(ideas.length, name).toBeGreaterThan(1)
    for (const { centerpiece, brings, cast } of ideas) {
      expect(brings.filter((finding) => hardCodes.has(finding.code))).toEqual([])
      const stayed = centerpiece.filter((placed) => look.centerpiece.includes(placed))
      const added = standings({ ...look, centerpiece }).filter((one) => !look.centerpiece.includes(one.placed))
      expect(added.length % 2).toBe(0)
      expect(new Set(added.map((one) => one.piece.id))).toEqual(new Set([cast.accentId, cast.lightId].filter((id) => id !== null)))
      const xs = added.map((one) => Math.round(one.pose.x))
      expect([...xs].sort((a, b) => a - b)).toEqual(xs.map((x) => 0 - x).sort((a, b) => a - b))
      // whatever was taken off stood no farther in than what stayed
      const off = standings(look).filter((one) => !centerpiece.includes(one.placed))
      const roots = standings({ ...look, centerpiece: stayed }).filter((one) => one.placed.on === null)
      for (const one of off) expect(Math.abs(one.pose.x)).toBeGreaterThanOrEqual(0.6 * Math.max(...roots.map((root) => Math.abs(root.pose.x))))
    }
    const locked = { ...look, centerpiece: look.centerpiece.map((placed) => ({ ...placed, locked: true })) }
    for (const { centerpiece } of composePart(locked, 'ends', usual).ideas) expect(centerpiece.slice(0, locked.centerpiece.length)).toEqual(locked.centerpiece)
  }
  const round = tables.round()
  expect(composePart(applyEdit(round, compose(round, ['one-focus']).ideas[0]!.edit), 'ends', usual).ideas).toEqual([])
})

it('families are twins, graded sets and one form in sizes; a stylist may say what belongs together', () => {
  const { pieces } = demoLook()
  const of = (id: string, together: readonly (readonly string[])[] = []) =>
    familiesOf(pieces, together).find((family) => family.pieces.some((piece) => piece.id === id))!
  expect(of('stick-brass-mid').pieces.map((piece) => piece.id)).toEqual(expect.arrayContaining(['stick-brass-high', 'holder-brass-low']))
  expect(of('bud-smoke-mid').kind).not.toBe('single')
  expect(of('compote-citrus').kind).toBe('twins')
  expect(
    of('urn-stone', [['urn-stone', 'compote-citrus']])
      .pieces.map((piece) => piece.id)
      .sort()
  ).toEqual(['compote-citrus', 'urn-stone'])
})

it('what the stylist says in the cupboard is heeded: a named set is cast as one family, and what is kept for another season stays out', () => {
  const sticks = demoLook()
    .pieces.filter((piece) => piece.kind === 'holder' && piece.takes === 'taper')
    .slice(0, 4)
  const items = sticks.map((piece, i): CupboardItem => ({ piece, facts: { ...noFacts, setName: i < 2 ? 'Aunt’s' : '', seasons: i === 3 ? ['summer'] : [] } }))
  expect(setsOf(items)).toEqual([[sticks[0]!.id, sticks[1]!.id]])
  expect(outOfSeason(items, '2027-01-30')).toEqual([sticks[3]!.id])
  expect(outOfSeason(items, '2027-06-01')).toEqual([])
  const family = familiesOf(sticks, setsOf(items)).find((one) => one.pieces.includes(sticks[0] as never))
  expect(family!.pieces.map((piece) => piece.id).sort()).toEqual([sticks[0]!.id, sticks[1]!.id].sort())
})
