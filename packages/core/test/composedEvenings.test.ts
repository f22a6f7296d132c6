import { composeLooks, composeMiddles, createAssessor, pieceIndex, standings, type Idea, type Look, type PatternName, type WholeLook } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { UNLIT } from '../src/composer/different.js'
import { lookFigures } from '../src/wholeLook/lookFigures.js'
import { scoreOf } from '../src/wholeLook/lookScore.js'
import { fiveOf } from './support/fiveOf.js'
import { demoLook } from './support/looks.js'
import { tables } from './support/tables.js'

const nobody = { cats: false, dogs: false, toddlers: false }
const evening: Look = { ...tables.oval(), household: nobody }
const flowering: readonly PatternName[] = ['one-focus', 'flanked', 'run', 'bud-vases', 'gathered-tray']
const compose = (look: Look, patterns: readonly PatternName[]) => composeMiddles(look, { patterns, from: 'few-new', want: 4, seed: 1 })
const only = (look: Look, keep: (piece: Look['pieces'][number]) => boolean): Look => ({ ...look, pieces: look.pieces.filter(keep) })

/** Whether wax burns in an idea without glass about it as high as its flame. */
function burnsOpenly(look: Look, { centerpiece }: Idea): boolean {
  const index = pieceIndex(look)
  return centerpiece.some(({ pieceId, candle }) => {
    const [holder, wax] = [index.get(pieceId), candle ? index.get(candle.candleId) : undefined]
    if (holder?.kind !== 'holder' || wax?.kind !== 'candle' || wax.burn.kind !== 'wax') return false
    return !holder.chimney || holder.chimney.rimMm < holder.heightMm + wax.heightMm
  })
}

const stemsOf = (look: Look, { centerpiece }: Idea) =>
  centerpiece.flatMap((placed) => (placed.arrangement?.stems ?? []).map(({ stemId }) => pieceIndex(look).get(stemId)!))

describe('flames and flowers', () => {
  it('dry and faux flowers are never cast with an open flame, whatever the pattern, and are laid all the same', () => {
    const dry: Look = { ...evening, pieces: evening.pieces.map((piece) => (piece.kind === 'stem' ? { ...piece, material: 'faux', owned: 200 } : piece)) }
    let flowered = 0
    for (const idea of flowering.flatMap((pattern) => compose(dry, [pattern]).ideas)) {
      const inFlower = stemsOf(dry, idea).length > 0
      if (inFlower) flowered++
      expect([idea.pattern, inFlower && burnsOpenly(dry, idea)]).toEqual([idea.pattern, false])
    }
    expect(flowered).toBeGreaterThan(3)
  })

  it('fresh ones are: an evening most ideas burn, open flames beside flowers among them', () => {
    const ideas = flowering.flatMap((pattern) => compose(evening, [pattern]).ideas)
    expect(ideas.filter((idea) => idea.centerpiece.some((placed) => placed.candle)).length).toBeGreaterThan(ideas.length / 2)
    expect(ideas.some((idea) => stemsOf(evening, idea).length > 0 && burnsOpenly(evening, idea))).toBe(true)
  })

  it('a row of bud vases has lights in it in the evening where there are any, and none by day', () => {
    const [best] = compose(evening, ['bud-vases']).ideas
    expect(best!.unlit).toBe(false)
    expect(best!.centerpiece.filter((placed) => placed.candle).length).toBeGreaterThan(1)
    const noon: Look = { ...evening, occasion: { ...evening.occasion, arriveMin: 690, endMin: 840 } }
    for (const idea of compose(noon, ['bud-vases']).ideas) expect(idea.centerpiece.some((placed) => placed.candle)).toBe(false)
  })

  it('the arm of an L is lit as its main row is, with other lights of the house where those are used up', () => {
    const corner: Look = { ...tables.L(), household: nobody }
    const sticks = (count: number) => ({ ...corner, pieces: corner.pieces.map((piece) => (piece.kind === 'holder' ? { ...piece, owned: count } : piece)) })
    for (const look of [corner, sticks(4)]) {
      const [best] = compose(look, ['run']).ideas
      const lit = best!.centerpiece.filter((placed) => placed.candle)
      // the main row lies at +900, the arm across it below
      expect([lit.some(({ yMm }) => yMm < 0), lit.some(({ yMm }) => yMm > 0)]).toEqual([true, true])
    }
  })

  it('where nothing may be lit a middle is laid without a light, and is not called dark for it', () => {
    const unlit = only(evening, (piece) => piece.kind !== 'candle')
    const { ideas } = compose(unlit, ['one-focus', 'run'])
    expect(ideas.length).toBeGreaterThan(0)
    for (const idea of ideas) expect([idea.unlit, idea.cast.lightId]).toEqual([false, null])
  })
})

describe('why there is no middle', () => {
  it('for want of flowers it is said so, and not that there is no room', () => {
    const flowerless = only(evening, (piece) => piece.kind !== 'stem')
    for (const pattern of ['bud-vases', 'gathered-tray'] as const) {
      const { ideas, refusals } = compose(
        { ...flowerless, pieces: flowerless.pieces.filter((piece) => !(piece.kind === 'ornament' && piece.form === 'compote')) },
        [pattern]
      )
      expect(ideas).toEqual([])
      expect(refusals).toMatchObject([{ pattern, because: 'no-flowers' }])
    }
    expect(compose(evening, ['bud-vases']).refusals).toEqual([])
  })

  it('what needs no flowers is laid without them', () => {
    const flowerless = only(evening, (piece) => piece.kind !== 'stem')
    expect(compose(flowerless, ['scatter', 'garland']).ideas.length).toBeGreaterThan(0)
  })
})

describe('whole looks within the money', () => {
  const circle = demoLook('mending-circle')
  const five = (look: Look) => composeLooks(look, { from: 'few-new', want: 5, seed: 1 })
  const forCircle = five(circle)

  it('take a pattern that the money allows before a richer one that it does not, and show no pattern three times of five', () => {
    for (const found of [forCircle, five(demoLook('ordinary-week'))]) {
      expect(found).toHaveLength(5)
      const patterns = new Map<string | null, number>()
      for (const { pattern, figures } of found) {
        expect(figures.leftCents).toBeGreaterThanOrEqual(0)
        patterns.set(pattern, (patterns.get(pattern) ?? 0) + 1)
      }
      expect(Math.max(...patterns.values())).toBeLessThan(3)
    }
  })

  it('lay no garland across a round table while anything else will do', () => {
    expect(circle.table.shape.kind).toBe('round')
    for (const { pattern } of forCircle) expect(pattern).not.toBe('garland')
  })

  it('round the corner of an L lay more than one thing in the middle, and no pattern three times', () => {
    const corner = five({ ...tables.L(), household: nobody })
    expect(corner.map((one) => one.pattern)).not.toContain('one-focus')
    expect(new Set(corner.map((one) => one.pattern)).size).toBeGreaterThanOrEqual(4)
  })

  it('count a dark evening in their score as in the choice of the middle, unless it is meant so', () => {
    const [lit] = fiveOf('pearl-anniversary').filter((one) => !one.figures.unlit)
    const score = (unlit: boolean) => scoreOf(lit!.castScore, { ...lit!.figures, unlit })
    expect(score(false)).toBeCloseTo(lit!.score, 9)
    expect(score(true) / score(false)).toBeCloseTo(Math.sqrt(UNLIT), 9)
    const dark: Look = { ...lit!.look, centerpiece: lit!.look.centerpiece.map((placed) => ({ ...placed, candle: null })) }
    const unlit = (look: Look) => lookFigures(createAssessor().measure(look)).unlit
    const meant = { ...dark, school: { ...dark.school, meant: [...dark.school.meant, 'compose.light'] } } as Look
    expect([unlit(lit!.look), unlit(dark), unlit(meant)]).toEqual([false, true, false])
  })

  it('of the demo have neither a stop nor a warning left', () => {
    for (const name of [
      'pearl-anniversary.quiet',
      'pearl-anniversary.run',
      'pearl-anniversary.buds',
      'ferry-crew.buds',
      'mending-circle.tray',
      'ordinary-week.pears'
    ]) {
      const graver = createAssessor().measure(demoLook(name)).findings.filter((finding) => finding.severity !== 'note') // prettier-ignore
      expect([name, graver.map((finding) => finding.code)]).toEqual([name, []])
    }
  })
})

describe('a table in color', () => {
  const supper = demoLook()
  const five = fiveOf('pearl-anniversary')
  const colorful = five.findIndex((one) => one.direction === 'colorful')
  const inColor = (looks: readonly WholeLook[]) => looks.find((one) => one.direction === 'colorful')!
  const napkinsOf = ({ look }: WholeLook) => [look.setting, ...look.kinds.others.map((other) => other.setting)].map((one) => one.napkin!.pieceId)

  it('and all laid with it find room for plates, glasses and flatware at each of ten places', () => {
    for (const { direction, look, toMend } of five) {
      expect([direction, toMend.filter((finding) => finding.code === 'setting.crowded')]).toEqual([direction, []])
      expect([look.setting.plateIds.length > 0, look.setting.glassIds.length > 0, look.setting.flatwareIds.length > 0]).toEqual([true, true, true])
    }
  })

  it('has two napkins by turns where the house has both for half the guests, each at every other place, and both are told', () => {
    const whole = inColor(five)
    const [first, second] = napkinsOf(whole)
    expect(whole.look.kinds.spread).toBe('alternating')
    expect(second).not.toBe(first)
    const owned = supper.pieces.find((piece) => piece.id === second)!.owned
    expect(owned).toBeGreaterThanOrEqual(supper.guests.length / 2)
    // alike but for the napkin
    const { napkin: _, ...rest } = whole.look.kinds.others[0]!.setting
    expect(whole.look.setting).toMatchObject(rest)
    expect(whole.choices.filter((choice) => choice.layer === 'napkins').map((choice) => choice.pieceId)).toEqual([first, second])
    expect(whole.choices.find((choice) => choice.pieceId === second)!.why).toContain('answers')
    // eight of the first are owned, five are laid: nothing of it is to buy
    expect(whole.choices.find((choice) => choice.pieceId === first)!.why).toContain('owned')
    expect(whole.toMend).toEqual([])
  })

  it('has one napkin where an odd number sits down, where one keeps the places, and in every other direction', () => {
    const nine = inColor(composeLooks({ ...supper, guests: supper.guests.slice(0, 9) }, { from: 'few-new', want: 1, seed: 1 + colorful }))
    expect(nine.look.kinds.others).toEqual([])
    const kept = composeLooks(supper, { from: 'few-new', want: 1, seed: 1 + colorful, keep: ['flatware'] })
    expect(kept.every((one) => one.look.kinds.others.length === 0)).toBe(true)
    for (const one of five) if (one.direction !== 'colorful') expect(one.look.kinds.others).toEqual([])
  })
})

describe('a table where much is wished', () => {
  it('has greens round the foot of its one focus on a round: they close, and open flames keep four inches off them', () => {
    const look: Look = { ...tables.round(), household: nobody, school: { ...tables.round().school, fullness: 'lush' } }
    const { ideas } = compose(look, ['one-focus'])
    const skirted = ideas.filter((idea) => idea.why.some((why) => why.code === 'skirt'))
    expect(skirted.length).toBeGreaterThan(0)
    for (const idea of skirted) {
      const standing = standings({ ...look, centerpiece: idea.centerpiece })
      const greens = standing.find((one) => one.manner?.kind === 'around')!
      const ring = greens.manner as { readonly needMm: number; readonly haveMm: number; readonly outerMm: number }
      expect(ring.haveMm).toBeGreaterThanOrEqual(ring.needMm)
      expect(greens.placed.on).toBe(idea.centerpiece.find((placed) => placed.pieceId === idea.cast.heroId)?.id)
      for (const { piece, pose } of standing)
        if (piece.kind === 'holder' && burnsOpenly(look, idea))
          expect(Math.hypot(pose.x - greens.pose.x, pose.y - greens.pose.y) - ring.outerMm / 2).toBeGreaterThanOrEqual(101)
    }
    const sparse = compose({ ...look, school: { ...look.school, fullness: 'sparse' } }, ['one-focus'])
    expect(sparse.ideas.flatMap((idea) => idea.why.filter((why) => why.code === 'skirt'))).toEqual([])
  })

  it('two at a small table in the evening have a light in most looks, the settings made smaller for it where that is what it takes', () => {
    const shape = { kind: 'round', diameterMm: 900 } as const
    const two: Look = {
      ...demoLook(),
      household: nobody,
      guests: demoLook().guests.slice(0, 2),
      menu: { ...demoLook().menu, dishes: [] },
      centerpiece: [],
      table: { ...demoLook().table, shape }
    }
    const looks = composeLooks(two, { from: 'few-new', want: 3, seed: 1 })
    expect(looks.filter((whole) => whole.look.centerpiece.some((placed) => placed.candle)).length).toBeGreaterThanOrEqual(2)
  })
})
