import { readFileSync, readdirSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { createAssessor, effectFigures, findingCodes, formatLength, remedyCodes, type Look, type Remedy } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { generateLook } from '../../core/test/support/generateLook.js'
import { describeFinding, describeRemedy, findingTitle } from '../src/findings/findingWords.js'
import { stepOf } from '../src/findings/stepOf.js'
import { steps } from '../src/shell/steps.js'
import { words } from '../src/shell/words.js'
import { en } from '../src/shell/words/en.js'

const t = words.global.t as never
const demo = JSON.parse(readFileSync(new URL('../../../demo/pearl-anniversary.hestiad.json', import.meta.url), 'utf8')) as Look
const wordsFor = (look: Look) => ({ t, look, length: (mm: number) => formatLength(mm, 'in') })
/** Words nobody should read: a key, a gap left open, a number gone wrong. */
const broken = /\{|\}|undefined|NaN|null|\[object|^$|\b(finding|remedy|because|effect)[.[]/

describe('words', () => {
  it('every finding, remedy and effect has its own, and every finding its step', () => {
    expect(Object.keys(en.finding).sort()).toEqual([...findingCodes].sort())
    expect(Object.keys(en.remedy).sort()).toEqual([...remedyCodes].sort())
    expect(Object.keys(en.effect).sort()).toEqual([...effectFigures].sort())
    for (const code of findingCodes) expect(steps).toContain(stepOf[code])
  })

  it('of every finding and remedy on generated looks leave nothing open, in inches and in centimeters', () => {
    const said = new Set<string>()
    for (let seed = 1; seed <= 14; seed++) {
      const look = seed === 1 ? demo : generateLook(1000 + seed, { guests: 3 + (seed % 8), pieces: 3 + (seed % 6), manner: 'wild' })
      for (const finding of createAssessor().assess(look).findings) {
        for (const unit of ['in', 'cm'] as const) {
          const told = describeFinding(finding, { ...wordsFor(look), length: (mm) => formatLength(mm, unit) })
          for (const [part, text] of Object.entries(told)) expect(text, `${finding.code} ${part}`).not.toMatch(broken)
        }
        expect(findingTitle(t, finding, look)).not.toMatch(broken)
        for (const remedy of finding.remedies) {
          const told = describeRemedy(remedy, wordsFor(look))
          expect(told.what, `${finding.code} ${remedy.code}`).not.toMatch(broken)
          expect(told.effect, `${finding.code} ${remedy.code}`).not.toMatch(broken)
          said.add(remedy.code)
        }
      }
    }
    expect(said.size).toBeGreaterThan(18)
  }, 60_000)

  it('of every reason that comes up on sixty generated looks are there', () => {
    const reasons = new Set<string>()
    for (let seed = 1; seed <= 60; seed++) {
      const look = generateLook(1000 + seed, { guests: 3 + (seed % 8), pieces: 3 + (seed % 6), manner: 'wild' })
      for (const finding of createAssessor().measure(look, true).findings) reasons.add(finding.because)
    }
    expect(reasons.size).toBeGreaterThan(60)
    expect([...reasons].filter((reason) => !(reason in en.because))).toEqual([])
  }, 60_000)

  it('kept of a finding change with its name and with the unit', () => {
    const finding = createAssessor()
      .measure(demo)
      .findings.find((f) => f.code === 'sight.hidden')!
    const inch = wordsFor(demo)
    const first = describeFinding(finding, inch)
    expect(describeFinding(finding, inch)).toBe(first)
    const renamed = { ...demo, pieces: demo.pieces.map((piece) => (piece.id === 'jug-sky' ? { ...piece, name: 'Blue jug' } : piece)) }
    expect(describeFinding(finding, wordsFor(renamed)).title).toBe('Blue jug hides faces')
    const short = createAssessor()
      .measure(demo)
      .findings.find((f) => /mm$/i.test(Object.keys(f.measured)[0] ?? ''))!
    const told = describeFinding(short, inch)
    expect(describeFinding(short, { ...inch, length: (mm) => formatLength(mm, 'cm') })).not.toEqual(told)
  })

  it('of the demo’s first finding say measure, worst pair, limit and what the remedy brings', () => {
    const finding = createAssessor()
      .assess(demo)
      .findings.find((f) => f.code === 'sight.hidden')!
    const told = describeFinding(finding, wordsFor(demo))
    expect(told.title).toBe('Sky-glaze jug hides faces')
    expect(told.is).toBe('10 of 90 views lost')
    expect(told.limit).toMatch(/^worst \d+ %, \w+ to \w+$/)
    const cut = describeRemedy(finding.remedies[0]!, wordsFor(demo))
    expect(cut.what).toMatch(/^Cut it to 12¾ in/)
    expect(cut.effect).toContain('90 views clear')
  })

  it('of a remedy tell a saving as a saving, a cost as a cost, and keep quiet of what got better by itself', () => {
    const base = createAssessor().assess(demo).findings[0]!.remedies[0]!
    const told = (effect: Remedy['effect']) => describeRemedy({ ...base, effect }, wordsFor(demo)).effect
    expect(told([{ figure: 'leftCents', before: -1200, after: 700 }])).toBe('saves 19.00')
    expect(told([{ figure: 'leftCents', before: 700, after: -500 }])).toBe('costs 12.00')
    expect(told([{ figure: 'warnings', before: 3, after: 2 }])).toBe('clears it')
    expect(told([{ figure: 'stops', before: 0, after: 1 }])).toBe('a new stop')
  })

  it('asked for in the pages are all there', () => {
    const src = fileURLToPath(new URL('../src', import.meta.url))
    const files = readdirSync(src, { recursive: true, encoding: 'utf8' }).filter((name) => /\.(vue|ts)$/.test(name))
    const asked = new Set(files.flatMap((name) => [...readFileSync(join(src, name), 'utf8').matchAll(/\bt\('([\w.-]+)'/g)].map((match) => match[1]!)))
    expect(asked.size).toBeGreaterThan(120)
    const missing = [...asked].filter(
      (key) => typeof key.split('.').reduce<unknown>((node, part) => (node as Record<string, unknown> | undefined)?.[part], en) !== 'string'
    )
    expect(missing).toEqual([])
  })
})
