import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { createAssessor, formatClock, formatDuration, formatLength, parseClock, parseLength, type Look } from '@hestiad/core'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { generateLook } from './support/generateLook.js'

describe('lengths', () => {
  it.each([
    ['14 1/2', 368.3],
    ['14½', 368.3],
    ['14.5 in', 368.3],
    ['37 cm', 370],
    ['2 ft', 609.6],
    ['1/2"', 12.7],
    ['0,5 m', 500],
    ['-2', -50.8]
  ])('%s is read', (text, mm) => {
    expect(parseLength(text, 'in')).toBeCloseTo(mm, 9)
  })

  it.each(['', 'tall', '12 34', '1/0', '5 miles', '--3'])('%j is no length', (text) => expect(parseLength(text, 'in')).toBeUndefined())

  it('what is shown reads back as the same to a quarter inch or half a centimeter', () => {
    fc.assert(
      fc.property(fc.integer({ min: -4000, max: 40_000 }), fc.constantFrom('in' as const, 'cm' as const), (steps, unit) => {
        const mm = steps * (unit === 'in' ? 6.35 : 5)
        expect(parseLength(formatLength(mm, unit), unit)).toBeCloseTo(mm, 6)
      }),
      { seed: 3 }
    )
  })
})

it('a time past midnight is told on the next day’s clock, a duration in hours', () => {
  expect(['18:30', '18.30', '1830', '18h30', '6:30 pm', '6 p.m.', '12 am', '9', '0:05'].map(parseClock)).toEqual([
    1110, 1110, 1110, 1110, 1110, 1080, 0, 540, 5
  ])
  expect(['', '25:00', '18:75', '13 pm', '0 am', 'noon'].map(parseClock)).toEqual(Array(6).fill(undefined))
  expect([formatClock(1470), formatClock(1110), formatDuration(310), formatDuration(240)]).toEqual(['00:30', '18:30', '5 h 10', '4 h'])
})

it('the core asks nothing of the world: no page, no files, no clock, no chance', () => {
  const src = fileURLToPath(new URL('../src', import.meta.url))
  const files = readdirSync(src, { recursive: true, encoding: 'utf8' }).filter((name) => name.endsWith('.ts'))
  expect(files.length).toBeGreaterThan(50)
  for (const name of files) {
    const text = readFileSync(join(src, name), 'utf8')
    expect(text, name).not.toMatch(/Math\.random|Date\.now|new Date\(|from 'node:|\bdocument\.|\bwindow\.|process\./)
  }
})

it('lengths typed in inches or in centimeters give the same verdicts as the millimeters they stand for', () => {
  const retyped = (value: unknown, say: (mm: number) => string): unknown => {
    if (Array.isArray(value)) return value.map((one) => retyped(one, say))
    if (typeof value !== 'object' || value === null) return value
    return Object.fromEntries(
      Object.entries(value).map(([key, one]) => [
        key,
        key.endsWith('Mm') && typeof one === 'number' && one > 0 ? parseLength(say(one), 'in') : retyped(one, say)
      ])
    )
  }
  for (const seed of [3, 14, 159]) {
    const look = generateLook(seed, { guests: 8, pieces: 14, manner: 'wild' })
    const verdicts = (one: Look) =>
      createAssessor()
        .measure(one)
        .findings.map((finding) => [finding.code, finding.severity, finding.at])
    const before = verdicts(look)
    expect(before.length).toBeGreaterThan(3)
    for (const say of [(mm: number) => `${mm / 25.4} in`, (mm: number) => `${mm / 10} cm`])
      expect(verdicts(retyped(look, say) as Look), `${seed}`).toEqual(before)
  }
})
