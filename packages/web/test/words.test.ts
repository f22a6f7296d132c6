import { readFileSync, readdirSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import {
  createAssessor,
  findingCodes,
  findingKey,
  newPlaced,
  plainStems,
  type BareFinding,
  type FindingCode,
  type Look,
  type Remedy,
  type RemedyCode
} from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { proposalsFor } from '../../core/src/assess/measure.js'
import { generateLook } from '../../core/test/support/generateLook.js'
import { describeFinding, describeRemedy, findingTitle, stepOf } from '../src/findings/findingWords.js'
import { steps } from '../src/shell/steps.js'
import { words } from '../src/shell/words.js'
import { en } from '../src/shell/words/en.js'
import { findingWords } from '../src/shell/words/findings/index.js'
import { agree } from '../src/shell/words/findings/speaker.js'
import { remedyWords } from '../src/shell/words/findings/remedies.js'
import { measuresIn } from '../src/stores/preferences.js'
import { remedySamples } from './support/remedySamples.js'
import { faultsOf } from './support/wordFaults.js'

const t = words.global.t as never
const demo = JSON.parse(readFileSync(new URL('../../../demo/pearl-anniversary.hestiad.json', import.meta.url), 'utf8')) as Look
const wordsFor = (look: Look, unit: 'in' | 'cm' = 'in') => ({ t, look, ...measuresIn(unit, unit === 'in' ? 12 : 24) })

/** Three bowls of flowers of one height, which tables laid by chance hardly come to. */
const level: Look = {
  ...demo,
  centerpiece: [-500, 0, 500].map((xMm, i) => ({
    ...newPlaced(`level-${i}`, 'bowl-oyster-mid', xMm, 0),
    arrangement: { stems: [{ stemId: 'lisianthus', count: 9 }], riseMm: 120, spreadMm: 200, ...plainStems }
  }))
}

/** A pewter candlestick among brass ones. */
const twoMetals: Look = {
  ...demo,
  centerpiece: ['stick-brass-mid', 'stick-brass-high', 'stick-pewter-mid'].map((pieceId, i) => newPlaced(`stick-${i}`, pieceId, 300 * i - 300, 0))
}

const looks = [
  demo,
  level,
  twoMetals,
  ...Array.from({ length: 60 }, (_, i) => generateLook(1001 + i, { guests: 3 + ((i + 1) % 8), pieces: 3 + ((i + 1) % 6), manner: 'wild' }))
]

/** The same finding with every count it tells at one. */
function atOne(finding: BareFinding): BareFinding {
  const ones = (numbers: object) =>
    Object.fromEntries(Object.entries(numbers).map(([name, value]) => [name, /Mm|Cents|Min|Deg|share|cover/.test(name) ? value : 1]))
  return { ...finding, measured: ones(finding.measured), limit: ones(finding.limit) } as BareFinding
}

describe('words of findings', () => {
  it('leave nothing open for any finding or reason that sixty generated looks come to, in inches and in centimeters, for one as for many', () => {
    const met = new Set<FindingCode>()
    const reasons = new Set<string>()
    const wrong: string[] = []
    for (const look of looks)
      for (const finding of createAssessor().measure(look).findings) {
        const known = `${finding.code} ${finding.because}`
        if (reasons.has(known) && met.size < findingCodes.length) continue
        met.add(finding.code)
        reasons.add(known)
        for (const unit of ['in', 'cm'] as const)
          for (const one of [finding, atOne(finding)])
            for (const text of Object.values(describeFinding(one, wordsFor(look, unit)))) wrong.push(...faultsOf(text).map((fault) => `${known}: ${fault}`))
      }
    expect(wrong).toEqual([])
    expect(findingCodes.filter((code) => !met.has(code))).toEqual([])
  })

  it('give every reason its own sentence, and every code its step', () => {
    expect(Object.keys(findingWords).sort()).toEqual([...findingCodes].sort())
    for (const code of findingCodes) {
      expect(steps).toContain(stepOf(code))
      const reasons = Object.values(findingWords[code].because) as string[]
      expect(reasons.length).toBeGreaterThan(0)
      for (const reason of reasons) expect(reason).toMatch(/^\p{Lu}.*\.$/u)
      expect(new Set(reasons).size).toBe(reasons.length)
    }
  })

  it('say measure, worst pair and limit of the demo’s first finding, and what its first remedy brings', () => {
    const assessor = createAssessor()
    const finding = assessor.measure(demo).findings.find((f) => f.code === 'sight.hidden')!
    const told = describeFinding(finding, wordsFor(demo))
    expect(told.title).toBe('Sky-glaze jug hides faces')
    expect(told.is).toBe('10 of 90 views lost')
    expect(told.limit).toMatch(/^worst \d+ %, \w+ to \w+$/)
    const cut = describeRemedy(assessor.remediesFor(demo, finding)[0]!, wordsFor(demo))
    expect(cut.what).toMatch(/^Cut it to 12¾ in/)
    expect(cut.effect).toContain('90 views clear')
  })

  it('follow a name that is changed, and the unit', () => {
    const finding = createAssessor()
      .measure(demo)
      .findings.find((f) => f.code === 'sight.hidden')!
    const renamed = { ...demo, pieces: demo.pieces.map((piece) => (piece.id === 'jug-sky' ? { ...piece, name: 'Aunt Ida’s jug' } : piece)) }
    expect(findingTitle(finding, wordsFor(renamed))).toBe('Aunt Ida’s jug hides faces')
    const short = createAssessor()
      .measure(demo)
      .findings.find((f) => Object.keys(f.measured).some((name) => name.endsWith('Mm')))!
    expect(describeFinding(short, wordsFor(demo, 'cm'))).not.toEqual(describeFinding(short, wordsFor(demo)))
  })
})

describe('names and measures', () => {
  it('a name and its verb agree in number, whatever follows its noun', () => {
    const told = [
      'Poppy pods',
      'Three persimmons',
      'Jar of thread spools',
      'Bay garland, 2 ft',
      'Tea lights, 4 h',
      'Hurricane glass',
      'Eucalyptus',
      'Bowl with lemons'
    ]
    expect(told.map((name) => agree(name, 'is', 'are'))).toEqual([
      'Poppy pods are',
      'Three persimmons are',
      'Jar of thread spools is',
      'Bay garland, 2 ft, is',
      'Tea lights, 4 h, are',
      'Hurricane glass is',
      'Eucalyptus is',
      'Bowl with lemons is'
    ])
  })

  // outside check: the platform's own formatter of English clock times (ECMA-402)
  it('clock times of twelve hours read as English does, every quarter of an hour of a day and past midnight', () => {
    const english = new Intl.DateTimeFormat('en-US', { hour: 'numeric', minute: '2-digit', hour12: true, timeZone: 'UTC' })
    for (let minute = 0; minute < 1800; minute += 15)
      expect(measuresIn('in', 12).clock(minute)).toBe(
        english
          .format(minute * 60_000)
          .replace(/\s/, ' ')
          .toLowerCase()
      )
  })

  // outside check: the international avoirdupois pound, 453.59237 g, and its sixteenth (1959 agreement; NIST Handbook 44, appendix C)
  it('weights beside inches are ounces and pounds, beside centimeters grams and kilograms', () => {
    expect([28.35, 453.59237, 3 * 453.59237].map(measuresIn('in', 12).weight)).toEqual(['1 oz', '16 oz', '3 lb'])
    expect([28.35, 453.59237, 2500].map(measuresIn('cm', 24).weight)).toEqual(['30 g', '450 g', '2.5 kg'])
  })
})

describe('words of remedies', () => {
  it('leave nothing open for any remedy, one proposed or one of the list, and every code is proposed by some look', () => {
    const proposed = new Set<RemedyCode>()
    const wrong: string[] = []
    const times = new Map<FindingCode, number>()
    for (const look of looks) {
      const measured = createAssessor().measure(look)
      for (const finding of measured.findings) {
        const often = times.get(finding.code) ?? 0
        times.set(finding.code, often + 1)
        if (often > 3) continue
        for (const proposal of proposalsFor(look, finding, measured)) {
          proposed.add(proposal.code)
          for (const unit of ['in', 'cm'] as const)
            wrong.push(
              ...faultsOf(describeRemedy({ ...proposal, effect: [] }, wordsFor(look, unit)).what).map(
                (fault) => `${findingKey(finding)} ${proposal.code}: ${fault}`
              )
            )
        }
      }
    }
    for (const sample of remedySamples)
      wrong.push(...faultsOf(describeRemedy({ ...sample, effect: [] }, wordsFor(demo)).what).map((fault) => `${sample.code}: ${fault}`))
    expect([...new Set(wrong)]).toEqual([])
    const reached = new Set([...proposed, ...remedySamples.map((sample) => sample.code)])
    expect(Object.keys(remedyWords).filter((code) => !reached.has(code as RemedyCode))).toEqual([])
    expect(remedySamples.filter((sample) => proposed.has(sample.code)).map((sample) => sample.code)).toEqual([])
  })

  it('tell a saving as a saving, a cost as a cost, and keep quiet of what got better by itself', () => {
    const assessor = createAssessor()
    const base = assessor.remediesFor(demo, assessor.measure(demo).findings[0]!)[0]!
    const told = (effect: Remedy['effect']) => describeRemedy({ ...base, effect }, wordsFor(demo)).effect
    expect(told([{ figure: 'leftCents', before: -1200, after: 700 }])).toBe('saves $19.00')
    expect(told([{ figure: 'leftCents', before: 700, after: -500 }])).toBe('costs $12.00')
    expect(told([{ figure: 'warnings', before: 3, after: 2 }])).toBe('clears it')
    expect(told([{ figure: 'stops', before: 0, after: 1 }])).toBe('1 new stop')
    expect(told([{ figure: 'notes', before: 1, after: 3 }])).toBe('2 new notes')
  })
})

/** The sources of the pages, words left out. */
const pages = (() => {
  const src = fileURLToPath(new URL('../src', import.meta.url))
  const files = readdirSync(src, { recursive: true, encoding: 'utf8' }).filter((name) => /\.(vue|ts)$/.test(name) && !name.includes('shell/words/'))
  return files.map((name) => readFileSync(join(src, name), 'utf8'))
})()

/** Keys asked for in the pages, with those of which a part is put in: `brief.${course}` is `brief.*`. */
function keysAsked(): string[] {
  const plain = pages.flatMap((text) => [...text.matchAll(/\bt\(\s*'([\w.-]+)'/g)].map((match) => match[1]!))
  const filled = pages.flatMap((text) => [...text.matchAll(/\bt\(\s*`([\w.-]+)\.\$\{[^`]*`/g)].map((match) => `${match[1]!}.*`))
  return [...new Set([...plain, ...filled])]
}

const allKeys = (node: object, path = ''): string[] =>
  Object.entries(node).flatMap(([name, value]) => (typeof value === 'string' ? [`${path}${name}`] : allKeys(value as object, `${path}${name}.`)))

describe('keys', () => {
  it('asked for in the pages are all there', () => {
    const asked = keysAsked()
    expect(asked.length).toBeGreaterThan(120)
    const wordsAt = (path: string) => path.split('.').reduce<unknown>((node, part) => (node as Record<string, unknown> | undefined)?.[part], en)
    const missing = asked.filter((key) => (key.endsWith('.*') ? typeof wordsAt(key.slice(0, -2)) !== 'object' : typeof wordsAt(key) !== 'string'))
    expect(missing).toEqual([])
  })

  it('that are there are all asked for: no words that nobody reads', () => {
    const text = pages.join('\n')
    const whole = new Set([...text.matchAll(/['"]([a-z][\w-]*(?:\.[\w-]+)+)['"]/gi)].map((match) => match[1]!))
    const begun = [...new Set([...text.matchAll(/`([a-z][\w.-]*\.)\$\{/gi)].map((match) => match[1]!))]
    const told = [...new Set([...text.matchAll(/\b(?:tm|rt)\(\s*[`']([\w.-]+)/g)].map((match) => match[1]!))]
    const unread = allKeys(en).filter((key) => !whole.has(key) && ![...begun, ...told].some((start) => key.startsWith(start)))
    expect(unread).toEqual([])
  })
})
