import { inStyle, isStyle, noStyle, styleOf, ways, type School, type Style, type Way } from '@hestiad/core'
import { validateLook } from '@hestiad/core/formats'
import { expect, it } from 'vitest'
import { newLook } from '../src/design/newLook.js'
import { demoLook } from './support/looks.js'

const { table, offers, pieces, shops } = demoLook()
const wishes = { id: 'x', title: 'T', place: '', date: '2027-03-01', arriveMin: 600, endMin: 700, guests: 4, totalCents: 0, reservePercent: 0, currency: 'USD' }
const bare = newLook({ ...wishes, table }, pieces, offers, shops)
const style: Style = {
  says: 'Linen and salt glaze.',
  moods: ['calm', 'rustic'],
  palette: [{ color: '#f2ece0', role: 'base' }],
  avoid: ['lilies'],
  ways: { ...noStyle.ways, comfort: 'roomy', drop: 'formal', groups: 'pairs', hiddenPercent: 35 }
}

it('the style of nobody is how a first look is begun', () => {
  const { moods, palette, avoid } = bare.intent
  expect({ says: '', ...styleOf(bare) }).toEqual(noStyle)
  expect([moods, palette, avoid]).toEqual([[], [], []])
  expect(inStyle(bare, noStyle)).toEqual(bare)
})

it('a look begun in a style shows that style, is a sound look, and has nothing else of it', () => {
  const begun = inStyle(bare, style)
  expect({ says: style.says, ...styleOf(begun) }).toEqual(style)
  expect(validateLook(begun).ok).toBe(true)
  expect({ ...begun, intent: bare.intent, school: bare.school }).toEqual(bare)
  expect([begun.intent.kind, begun.intent.theme, begun.school.strictFlames]).toEqual([null, '', false])
})

it('every way a style can have is one a look can have, and what is a style begins a sound look', () => {
  for (const way of Object.keys(ways) as Way[])
    for (const value of ways[way]) {
      const one: Style = { ...style, ways: { ...style.ways, [way]: value as School[Way] } }
      expect(isStyle(one)).toBe(true)
      expect(validateLook(inStyle(bare, one)).ok, `${way} ${value}`).toBe(true)
    }
})

it('what no brief would take is no style', () => {
  const wrong: object[] = [
    { says: 3 },
    { moods: ['gloomy'] },
    { palette: [{ color: 'red', role: 'base' }] },
    { palette: [{ color: '#f2ece0', role: 'star' }] },
    { palette: Array.from({ length: 13 }, () => style.palette[0]) },
    { avoid: [7] },
    { avoid: Array.from({ length: 21 }, (_, i) => `word ${i}`) },
    { ways: { ...style.ways, comfort: 'cramped' } },
    { ways: { ...style.ways, hiddenPercent: 101 } },
    { ways: { ...style.ways, spareStemsPercent: 2.5 } },
    { ways: undefined }
  ]
  for (const part of wrong) expect(isStyle({ ...style, ...part }), JSON.stringify(part).slice(0, 60)).toBe(false)
  for (const value of [null, undefined, 'calm', []]) expect(isStyle(value)).toBe(false)
})
