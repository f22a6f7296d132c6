import { buildMinutes } from '../centerpiece/buildMinutes.js'
import type { Assessor } from '../assess/assess.js'
import type { Measured } from '../assess/measure.js'
import { castDraft } from 'immer'
import { makeEdit } from '../design/edit.js'
import { findingKey, type BareFinding, type FindingCode } from '../design/finding.js'
import type { Look, PatternName } from '../design/look.js'
import type { Brief } from './brief.js'
import type { Cast } from './cast.js'
import type { Draft } from './drafts.js'
import type { CastNames, Idea } from './idea.js'
import { ideaKey } from './different.js'
import { middleScorePart } from '../composition/score.js'
import { whyOf } from './why.js'

/** What no proposal may bring to a table. */
export const hardCodes: ReadonlySet<FindingCode> = new Set<FindingCode>([
  'piece.off',
  'piece.support',
  'piece.setting',
  'piece.piece',
  'piece.tips',
  'piece.opening',
  'piece.headroom',
  'piece.load',
  'piece.edge',
  'sight.hidden',
  'candle.misfit',
  'candle.short',
  'flame.near',
  'flame.flame',
  'flame.setting',
  'flame.sleeves',
  'flame.household',
  'stems.mouth',
  'stems.short',
  'stems.sparse',
  'stems.pets',
  'plants.pets',
  'dish.room',
  'dish.vessel',
  'art.hidden',
  'view.hidden'
])

/** Below this a middle is none that a stylist would show, and is not offered: three persimmons are no run. Our own starting value. */
const LEAST_SCORE = 0.82
/** So many drafts of a pattern are measured; a piece, or a way to leave room for dishes, that has failed so often is not tried again. */
const MOST_MEASURED = 16
const GIVEN_UP = 2
/** After so many whose flames stand where none may, those without flames are measured. */
const FLAMES_GIVEN_UP = 4
/** Of one idea so many ways are measured, and the better is shown. */
const MOST_ALIKE = 2

export interface Finished {
  readonly ideas: readonly Idea[]
  /** What the others failed by. */
  readonly faults: readonly FindingCode[]
}

/** Measures drafts and keeps those that bring nothing that may not be; ideas over the budget only where there are no others. */
export function finish(
  pattern: PatternName | null,
  drafts: readonly Draft[],
  look: Look,
  brief: Brief,
  bare: Measured,
  assessor: Assessor,
  effort: number,
  leastScore = LEAST_SCORE
): Finished {
  const known = new Set(bare.each.map(findingKey))
  const [within, over]: [Idea[], Idea[]] = [[], []]
  const failed = new Map<string | number, number>()
  const found = new Map<string, number>()
  const faults = new Set<FindingCode>()
  const isGivenUp = (key: string | number) => (failed.get(key) ?? 0) >= GIVEN_UP
  let left = MOST_MEASURED * effort
  let flamesFailed = 0
  const mayGoDark = drafts.some((draft) => draft.cast.light === null)
  for (const draft of drafts) {
    if (left === 0) break
    const cast = namesOf(draft.cast)
    if ((found.get(ideaKey(cast)) ?? 0) >= MOST_ALIKE) continue
    if (mayGoDark && draft.cast.light !== null && flamesFailed >= FLAMES_GIVEN_UP) continue
    if (isGivenUp(draft.reserve) || draft.centerpiece.some((placed) => isGivenUp(placed.pieceId))) continue
    left--
    const composed: Look = { ...look, centerpiece: draft.centerpiece, school: { ...look.school, pattern } }
    const measured = assessor.measure(composed)
    const brings = measured.each.filter((finding) => !known.has(findingKey(finding)))
    const hard = brings.filter((finding) => hardCodes.has(finding.code))
    if (hard.length > 0) {
      for (const { code } of hard) faults.add(code)
      if (hard.some(({ code }) => code.startsWith('flame.'))) flamesFailed++
      for (const key of culprits(hard, draft)) failed.set(key, (failed.get(key) ?? 0) + 1)
      continue
    }
    if (measured.get(middleScorePart).total < leastScore) continue
    const isOver = brings.some((finding) => finding.code === 'money.over' || finding.code === 'money.gap')
    found.set(ideaKey(cast), (found.get(ideaKey(cast)) ?? 0) + 1)
    ;(isOver ? over : within).push(ideaOf(pattern, draft, look, measured, bare, brief, brings))
  }
  return { ideas: within.length > 0 ? within : over, faults: [...faults] }
}

/** Pieces the faults are about, and the way room was left for dishes. */
function culprits(hard: readonly BareFinding[], draft: Draft): Set<string | number> {
  return new Set(
    hard.flatMap((finding): (string | number)[] => {
      if (finding.code === 'dish.room') return [draft.reserve]
      const { at } = finding
      const placed = at.kind === 'piece' ? draft.centerpiece.find((one) => one.id === at.placedId) : undefined
      return placed ? [placed.pieceId] : []
    })
  )
}

function ideaOf(pattern: PatternName | null, draft: Draft, look: Look, measured: Measured, bare: Measured, brief: Brief, brings: readonly BareFinding[]): Idea {
  const { spendCents } = measured.figures.money
  return {
    pattern,
    edit: makeEdit(look, 'put-on', (state) => {
      state.centerpiece = castDraft(draft.centerpiece) as typeof state.centerpiece
      state.school.pattern = pattern
    }),
    centerpiece: draft.centerpiece,
    cast: namesOf(draft.cast),
    score: measured.get(middleScorePart),
    why: whyOf(draft, brief),
    clearedForMeal: draft.clearedForMeal,
    unlit: draft.unlit,
    brings,
    spendCents,
    addsCents: spendCents - bare.figures.money.spendCents,
    lifts: measured.figures.stability.clearing.lifts.length,
    minutes: buildMinutes(draft.centerpiece)
  }
}

function namesOf({ hero, support, light, base, accent, recipe }: Cast): CastNames {
  const id = (one: { readonly piece: { readonly id: string } } | null) => one?.piece.id ?? null
  return {
    heroId: id(hero),
    supportId: id(support),
    lightId: id(light),
    baseId: id(base),
    accentId: id(accent),
    focalId: recipe?.focal.id ?? null,
    fillerId: recipe?.filler?.id ?? null,
    foliageId: recipe?.foliage?.id ?? null
  }
}
