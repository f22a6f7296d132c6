import { composeMiddles, patternNames, scoreParts, type Look } from '@hestiad/core'
import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { createI18n } from 'vue-i18n'
import { speakerOf } from '../src/findings/findingWords.js'
import { scoreNames, tellRefusal, tellWhy } from '../src/shell/words/composer.js'
import { en } from '../src/shell/words/en.js'
import { measuresIn } from '../src/stores/preferences.js'

const demo = (name: string) => JSON.parse(readFileSync(new URL(`../../../demo/${name}.hestiad.json`, import.meta.url), 'utf8')) as Look

it('why things were chosen and why a pattern cannot be laid is told in whole words, pieces by their names', () => {
  const { t } = createI18n({ legacy: false, locale: 'en', messages: { en } }).global
  const told: string[] = []
  for (const name of ['pearl-anniversary', 'ferry-crew']) {
    const look = demo(name)
    const say = speakerOf({ t: t as never, look, ...measuresIn('cm', 24) })
    for (const pattern of patternNames) {
      const { ideas, refusals } = composeMiddles(look, { patterns: [pattern], from: 'few-new', want: 1, seed: 1 })
      told.push(...ideas.flatMap((idea) => idea.why.map((why) => tellWhy(why, say))), ...refusals.map((refusal) => tellRefusal(refusal, say)))
      for (const idea of ideas) expect(idea.why.length, `${name} ${pattern}`).toBeGreaterThan(0)
    }
  }
  const ids = demo('pearl-anniversary').pieces.map((piece) => piece.id).filter((id) => id.includes('-')) // prettier-ignore
  for (const text of new Set(told)) {
    expect(text).toMatch(/^\S.{8,}$/)
    expect(text).not.toMatch(/undefined|null|NaN|[{}]|\s{2}/)
    expect(ids.filter((id) => text.includes(id))).toEqual([])
  }
  expect(scoreParts.map((part) => scoreNames[part]).every((name) => name.length > 3)).toBe(true)
})
