import { createAssessor, newGuest, type FindingCode, type Look, type Piece, type Placed, type RemedyCode } from '@hestiad/core'
import { validateLook } from '@hestiad/core/formats'
import { describe, expect, it } from 'vitest'
import { put } from './support/looks.js'
import { behindGlass, budLine, flameless, flanked, focus, laidTable, longTable, ovalTable, roundTable, run, votives } from './support/rightLooks.js'

const inch = 25.4
const long = (lengthIn: number, widthIn: number): Look => laidTable(longTable(lengthIn, widthIn), [lengthIn * inch, widthIn * inch])
const school = (look: Look, part: Partial<Look['school']>): Look => ({ ...look, school: { ...look.school, ...part } })
const family = (look: Look, household: Partial<Look['household']>): Look => ({ ...look, household: { ...look.household, ...household } })
const withVotives = [...run(7, 260), ...votives([-390, -130, 130, 390], 165)]

/** Middles laid out by hand as stylists do: common practice, no source. */
const right: Readonly<Record<string, Look>> = {
  'a run of low bowls, tapers, fruit and votive glasses': { ...long(96, 44), centerpiece: withVotives },
  'a run on a longer table': { ...long(110, 46), centerpiece: run(7, 290) },
  'the same run on a table with its ends free': { ...laidTable(longTable(108, 46, 'closed'), [108 * inch, 46 * inch]), centerpiece: run(7, 270) },
  'one bowl in a ring on a round': school({ ...laidTable(roundTable(72), 'round'), centerpiece: focus(300, 5) }, { fullness: 'sparse' }),
  'a short run on an oval': school({ ...laidTable(ovalTable(112, 52), [112 * inch, 52 * inch]), centerpiece: run(7, 260) }, { fullness: 'usual' }),
  'a line of bud vases': school({ ...long(96, 44), centerpiece: budLine(15, 120) }, { fullness: 'sparse' }),
  'a longer line of bud vases': school({ ...long(110, 44), centerpiece: budLine(17, 125) }, { fullness: 'sparse' }),
  'a bowl with flanks': school({ ...long(96, 44), centerpiece: flanked(230) }, { groups: 'pairs' }),
  'pillars in hurricane glasses between bowls': { ...long(96, 46), centerpiece: behindGlass('hurricane', 4, 420) },
  'lanterns between bowls': school({ ...long(110, 48), centerpiece: behindGlass('lantern', 4, 440) }, { fullness: 'sparse' }),
  'a run without flames for a house with a toddler': family({ ...long(96, 44), centerpiece: flameless(run(7, 260)) }, { toddlers: true }),
  'bud vases without flames for a cat and a dog': school(family({ ...long(96, 44), centerpiece: flameless(budLine(15, 120)) }, { cats: true, dogs: true }), {
    fullness: 'sparse'
  })
}

describe('a look that a good stylist calls right', () => {
  it.each(Object.entries(right))('has no stop, no warning and at most two notes: %s', (_, look) => {
    expect(validateLook(look)).toMatchObject({ ok: true })
    const { findings, figures } = createAssessor().assess(look)
    expect(look.guests).toHaveLength(8)
    expect(figures.light.candles.length).toBeGreaterThan(2)
    expect(look.centerpiece.length + 8 * figures.setting.order.left.length + look.setting.glassIds.length * 8).toBeGreaterThanOrEqual(25)
    expect(
      findings.filter((finding) => finding.severity !== 'note').map((finding) => [finding.code, finding.measured]),
      'stops and warnings'
    ).toEqual([])
    expect(findings.length, findings.map((finding) => finding.code).join()).toBeLessThanOrEqual(2)
  })
})

const base = right['a run of low bowls, tapers, fruit and votive glasses']!
const plus = (...placed: Placed[]): Look => ({ ...base, centerpiece: [...base.centerpiece, ...placed] })
const change = (id: string, part: Partial<Placed>): Look => ({
  ...base,
  centerpiece: base.centerpiece.map((placed) => (placed.id === id ? { ...placed, ...part } : placed))
})
const piece = (id: string, part: object): Look => ({ ...base, pieces: base.pieces.map((one) => (one.id === id ? ({ ...one, ...part } as Piece) : one)) })
const bowl = base.centerpiece.find((placed) => placed.id === 'bowl-2')!
const stems = (stemId: string, count: number, riseMm = 90): Partial<Placed> => ({
  arrangement: { ...bowl.arrangement!, riseMm, stems: [{ stemId, count }] }
})
const litTea = { candle: { candleId: 'tealight-4', lightAtMin: 18 * 60 + 30 } }

/** One classic mistake each, the code that tells it, and what a stylist does about it first. */
const wrong: readonly (readonly [mistake: string, look: Look, code: FindingCode, severity: 'stop' | 'warn', first: readonly RemedyCode[]])[] = [
  ['flowers that hide the faces', change('bowl-2', { arrangement: { ...bowl.arrangement!, riseMm: 330 } }), 'sight.hidden', 'warn', ['lower']],
  ['dried flowers beside a taper', { ...change('bowl-2', stems('honesty', 12)) }, 'flame.near', 'warn', ['move', 'swap']],
  [
    'a tea light on a bed of moss',
    plus(put('moss', 'moss-mat', { xMm: 780 }), put('on-moss', 'tealight-smoke', { on: 'moss', ...litTea })),
    'flame.near',
    'stop',
    ['stand-on-table', 'move', 'swap']
  ],
  ['an open taper before somebody’s plate', change('taper-1', { xMm: -400, yMm: 480 }), 'flame.sleeves', 'warn', ['move']],
  ['lilies in a house with a cat', family({ ...piece('rose-short', { genus: '× lilium' }) }, { cats: true }), 'stems.pets', 'stop', ['swap']],
  ['open flames with a toddler', family(base, { toddlers: true }), 'flame.household', 'warn', ['enclose-flames', 'no-flames']],
  ['white wine and no glass for it', { ...base, setting: { ...base.setting, glassIds: ['water-goblet'] } }, 'glass.missing', 'warn', ['add-glass']],
  [
    'soup and no spoon',
    { ...base, setting: { ...base.setting, flatwareIds: base.setting.flatwareIds.filter((id) => id !== 'spoon-soup') } },
    'flatware.missing',
    'warn',
    ['add-flatware']
  ],
  [
    'a cloth that does not reach over the edge',
    piece('cloth-fitted', { extent: { kind: 'rectangle', lengthMm: 95 * inch, widthMm: 43 * inch } }),
    'cloth.short',
    'warn',
    ['swap', 'join-cloths']
  ],
  ['tea lights that are out before dessert', { ...base, occasion: { ...base.occasion, endMin: 23 * 60 + 30 } }, 'candle.short', 'warn', ['swap']],
  ['a pillar in a taper’s cup', change('taper-1', { candle: { candleId: 'pillar-beeswax', lightAtMin: 1110 } }), 'candle.misfit', 'stop', ['swap']],
  [
    'nothing for the vegetarian',
    { ...base, guests: base.guests.map((guest, i) => (i === 3 ? { ...newGuest(4), id: guest.id, diet: 'vegetarian' } : guest)) },
    'diet.none',
    'warn',
    ['add-dish']
  ],
  ['two bowls on one spot', change('bowl-2', { xMm: bowl.xMm + 150 }), 'piece.piece', 'warn', ['move']],
  [
    'more stems than the bottle takes',
    plus(put('bud', 'bud-bottle', { xMm: 760, arrangement: { stems: [{ stemId: 'rose-garden', count: 30 }], riseMm: 80, spreadMm: 90, mechanics: null } })),
    'stems.mouth',
    'warn',
    ['fewer-stems']
  ]
]

describe('one classic mistake', () => {
  it.each(wrong)('is caught and mended by what a stylist does first: %s', (_, look, code, severity, first) => {
    const gravest = { stop: 0, warn: 1, note: 2 }
    const finding = createAssessor()
      .assess(look)
      .findings.filter((one) => one.code === code)
      .sort((a, b) => gravest[a.severity] - gravest[b.severity])[0]
    expect(finding, code).toBeDefined()
    expect(finding!.severity).toBe(severity)
    expect(first, finding!.remedies.map((remedy) => remedy.code).join()).toContain(finding!.remedies[0]?.code)
  })
})
