import { additions, changesFor, createAssessor, usedIds, whatHelps, type Change, type Look, type Need } from '@hestiad/core'
import { beforeAll, describe, expect, it } from 'vitest'
import { needReason } from '../src/buying/needReason.js'
import { changeEffects, changeTitle } from '../src/changes/changeWords.js'
import { words } from '../src/shell/words.js'
import { measuresIn } from '../src/stores/preferences.js'
import { demo } from './support/assessorHere.js'
import { faultsOf } from './support/wordFaults.js'

const t = words.global.t as never
const wordsFor = (look: Look) => ({ t, look, ...measuresIn('in', 12) })
const nameOf = (id: string) => demo.pieces.find((piece) => piece.id === id)?.name ?? '?'

describe('a change is told', () => {
  let changes: Change[] = []
  beforeAll(() => {
    const assessor = createAssessor()
    const used = [...usedIds(demo)].filter((_, i) => i % 6 === 0)
    changes = [...used.flatMap((id) => changesFor(assessor, demo, id, undefined)), ...additions(assessor, demo), ...whatHelps(assessor, demo)]
  })

  it('in whole words, whatever is exchanged, left out or added, and all it does', () => {
    expect(new Set(changes.map((change) => change.kind)).size).toBeGreaterThan(2)
    const said = changes.flatMap((change) => {
      const { good, bad, also } = changeEffects(change, wordsFor(demo), wordsFor(demo))
      return [changeTitle(change, wordsFor(demo), nameOf), ...good, ...bad, ...also]
    })
    expect(said.length).toBeGreaterThan(changes.length)
    expect([...new Set(said.flatMap(faultsOf))]).toEqual([])
  })

  it('with less money, more faces, fewer lifts and what it mends to its credit, and the other way round against it', () => {
    for (const change of changes) {
      const told = changeEffects(change, wordsFor(demo), wordsFor(demo))
      const { good, bad } = told
      const better = [change.spendCents < 0, change.faces > 0, change.lifts < 0, change.mends.length + change.notesMended.length > 0]
      const worse = [change.spendCents > 0, change.faces < 0, change.lifts > 0, change.brings.length + change.notesBrought.length > 0]
      expect(good, changeTitle(change, wordsFor(demo), nameOf)).toHaveLength(better.filter(Boolean).length)
      expect(bad, changeTitle(change, wordsFor(demo), nameOf)).toHaveLength(worse.filter(Boolean).length)
      const also = [Math.abs(change.heightMm) >= 6, Math.abs(change.minutes) >= 0.5, Math.abs(change.lightness) >= 1]
      expect(told.also).toHaveLength(also.filter(Boolean).length)
    }
  })

  it('by the same change turned about, with the same amount on the other side', () => {
    const change = changes.find((one) => one.spendCents !== 0)!
    const only = { ...change, faces: 0, lifts: 0, mends: [], brings: [], notesMended: [], notesBrought: [] }
    const amounts = (cents: number) => {
      const { good, bad } = changeEffects({ ...only, spendCents: cents }, wordsFor(demo), wordsFor(demo))
      return [good, bad].map((list) => list.map((text) => /\$[\d.,]+/.exec(text)?.[0]))
    }
    expect(amounts(-1250)).toEqual([['$12.50'], []])
    expect(amounts(1250)).toEqual([[], ['$12.50']])
    expect(amounts(0)).toEqual([[], []])
  })
})

describe('why so many are needed', () => {
  const need = (more: Partial<Need>): Need => ({ perGuest: 0, perLook: 0, spares: 0, cause: null, ...more }) as Need
  const say = (one: Need) => needReason(one, words.global.t as never)

  it('names each part that counts and none that does not', () => {
    const parts = { perGuest: 2, perLook: 3, spares: 1 }
    const names = Object.keys(parts) as (keyof typeof parts)[]
    for (let mask = 0; mask < 8; mask++) {
      const some = names.filter((_, i) => mask & (1 << i))
      const told = say(need(Object.fromEntries(some.map((name) => [name, parts[name]]))))
      expect(told === '' ? [] : told.split(', ')).toHaveLength(some.length)
      for (const name of names) expect(new RegExp(`\\b${parts[name]}\\b`).test(told)).toBe(some.includes(name))
      if (told !== '') expect(faultsOf(told)).toEqual([])
    }
  })

  it('is the cause where something calls for it, whatever the counts', () => {
    const causes = Object.keys((words.global.getLocaleMessage('en') as unknown as { buy: { cause: object } }).buy.cause)
    expect(causes.length).toBeGreaterThan(3)
    const told = causes.map((cause) => say(need({ cause: cause as never, perGuest: 4 })))
    expect(new Set(told).size).toBe(causes.length)
    expect(told.flatMap(faultsOf)).toEqual([])
  })
})
