import { LookReader, membersOf, parseLook, textOf } from '@hestiad/core/formats'
import { seededRandom, type Random } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { demoLook } from './support/looks.js'

const bytes = (text: string) => new TextEncoder().encode(text)
const scraps = [
  '{',
  '}',
  '[',
  ']',
  '"',
  ',',
  ':',
  '\\',
  '\\"',
  ' ',
  '\n',
  '\u0000',
  '1',
  'null',
  '"id":',
  '{"a":1}',
  'é',
  '💥',
  '"__proto__":{},',
  '"constructor":1,'
]

/** The text with a few scraps put in, taken out or put in place of others. */
function spoilt(text: string, random: Random): string {
  let out = text
  for (let n = 1 + Math.floor(random() * 3); n > 0; n--) {
    const at = Math.floor(random() * out.length)
    const scrap = random() < 0.7 ? scraps[Math.floor(random() * scraps.length)]! : ''
    out = out.slice(0, at) + scrap + out.slice(at + Math.floor(random() * 3))
  }
  return out
}

describe('reading looks one after another', () => {
  it('finds the members JSON.parse finds, or none', () => {
    const random = seededRandom(11)
    const whole = JSON.stringify({ look: demoLook().table, history: { past: [1, '"}', '\\'], future: [] }, note: 'a "b" {[,' }, null, 1)
    let parted = 0
    for (let i = 0; i < 3000; i++) {
      const text = i === 0 ? whole : spoilt(whole, random)
      const members = membersOf(bytes(text), 'look')
      let parsed: unknown
      try {
        parsed = JSON.parse(text)
      } catch {
        continue
      }
      if (!members) continue
      parted++
      expect(Object.fromEntries([...members].map(([name, member]) => [name, JSON.parse(textOf(member.bytes))])), text).toEqual(parsed)
    }
    expect(parted).toBeGreaterThan(300)
  })

  it('answers as if each were read afresh, whatever it has seen before', () => {
    const random = seededRandom(12)
    const reader = new LookReader()
    const whole = JSON.stringify(demoLook())
    expect(reader.read(bytes(whole))).toEqual(parseLook(whole))
    for (let i = 0; i < 800; i++) {
      const text = spoilt(whole, random)
      expect(reader.read(bytes(text)), text.slice(0, 200)).toEqual(parseLook(text))
    }
    for (const name of ['toString', 'constructor', '__proto__', 'pieces']) {
      const text = whole.replace('{', `{"${name}":[],`)
      expect(reader.read(bytes(text)), name).toEqual(parseLook(text))
    }
    const twice = JSON.stringify({ ...demoLook(), pieces: [...demoLook().pieces, demoLook().pieces[0]] })
    expect(reader.read(bytes(twice))).toMatchObject({ ok: false })
  })
})
