import type { Change, ColorNote } from '@hestiad/core'
import { findingTitle, list, speakerOf } from '../findings/findingWords.js'

type Words = Parameters<typeof speakerOf>[0]

/** What is done, in words of its own kind. */
export function changeTitle({ kind, pieceId, toId }: Change, words: Words, name: (id: string) => string): string {
  return words.t(`changes.what.${kind}`, { from: name(pieceId), to: toId === null ? '' : name(toId) })
}

/** Less of a difference is not told: a finger's breadth, half a minute, and what no eye sees. */
const LEAST = { heightMm: 6, minutes: 0.5, lightness: 1 } as const

/** What it changes: money, faces, lifts, what it mends and what it brings, of findings and of what is noticed of the colors; `before` knows the things that go. Height, minutes and lightness are neither good nor bad. */
export function changeEffects(change: Change, words: Words, before: Words): { good: string[]; bad: string[]; also: string[] } {
  const { t } = words
  const say = speakerOf(words)
  const good: string[] = []
  const bad: string[] = []
  const either = (value: number, better: string, worse: string) => {
    if (value > 0) good.push(better)
    if (value < 0) bad.push(worse)
  }
  either(-change.spendCents, t('changes.saves', { amount: say.amount(-change.spendCents) }), t('changes.costs', { amount: say.amount(change.spendCents) }))
  either(change.faces, t('changes.faces', { n: change.faces }, change.faces), t('changes.facesLess', { n: -change.faces }, -change.faces))
  either(-change.lifts, t('changes.liftsLess', { n: -change.lifts }, -change.lifts), t('changes.lifts', { n: change.lifts }, change.lifts))
  const titles = (findings: Change['brings'], notes: readonly ColorNote[], at: Words) =>
    list([...new Set([...findings.map((one) => `“${findingTitle(one, at)}”`), ...notes.map((note) => t(`colors.short.${note.kind}`))])])
  if (change.mends.length + change.notesMended.length > 0) good.push(t('changes.mends', { what: titles(change.mends, change.notesMended, before) }))
  if (change.brings.length + change.notesBrought.length > 0) bad.push(t('changes.brings', { what: titles(change.brings, change.notesBrought, words) }))
  const differs = (figure: keyof typeof LEAST, more: string, less: string) =>
    Math.abs(change[figure]) >= LEAST[figure] ? [t(`changes.${change[figure] > 0 ? more : less}`, toldOf[figure](Math.abs(change[figure])))] : []
  const toldOf = {
    heightMm: (mm: number) => ({ length: say.length(mm) }),
    minutes: (minutes: number) => ({ minutes: say.duration(Math.round(minutes)) }),
    lightness: (points: number) => ({ points: Math.round(points) })
  }
  const also = [...differs('heightMm', 'higher', 'lower'), ...differs('minutes', 'longer', 'quicker'), ...differs('lightness', 'lighter', 'darker')]
  return { good, bad, also }
}
