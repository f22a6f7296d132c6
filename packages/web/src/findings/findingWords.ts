import { formatMoney, formatDuration, pieceIndex, plainSupplyOf, type BareFinding, type FindingCode, type Look, type Remedy } from '@hestiad/core'
import type { Composer } from 'vue-i18n'
import { findingWords } from '../shell/words/findings/index.js'
import { effectWords, remedyWords } from '../shell/words/findings/remedies.js'
import type { FindingWords, Speaker } from '../shell/words/findings/speaker.js'
import type { Step } from '../shell/steps.js'
import type { Measures } from '../stores/preferences.js'

interface Words extends Measures {
  readonly t: Composer['t']
  readonly look: Look
}

export const percent = (share: number) => `${Math.round(share * 100)} %`

const together = new Intl.ListFormat('en', { type: 'conjunction' })
/** Names one after the other, as in a sentence. */
export const list = (names: readonly string[]) => together.format(names)
const MOST_NAMES = 3

/** What findings and remedies of a look are told with. */
export function speakerOf({ t, look, length, weight, clock }: Words): Speaker {
  const index = pieceIndex(look)
  const gone = t('findings.gone')
  const piece = (pieceId: string) => (index.get(pieceId) ?? plainSupplyOf(pieceId))?.name ?? gone
  const dish = (dishId: string) => look.menu.dishes.find((one) => one.id === dishId)
  const seat = (number: number) => look.guests[number - 1]?.name ?? String(number)
  return {
    length,
    list,
    piece,
    seat,
    percent,
    weight,
    amount: (cents) => formatMoney(cents, look.money.currency),
    duration: formatDuration,
    clock,
    degrees: (deg) => `${Math.round(deg)}°`,
    placed: (placedId) => piece(look.centerpiece.find((placed) => placed.id === placedId)?.pieceId ?? ''),
    seats: (numbers) => {
      const more = numbers.length - MOST_NAMES
      return list([...numbers.slice(0, MOST_NAMES).map(seat), ...(more > 0 ? [t('findings.more', { n: more })] : [])])
    },
    guest: (guestId) => look.guests.find((guest) => guest.id === guestId)?.name ?? gone,
    dish: (dishId) => dish(dishId)?.name || t('findings.unnamedDish'),
    vessel: (dishId) => piece(dish(dishId)?.vesselId ?? '')
  }
}

/** The step in which a finding is mended. */
export function stepOf(code: FindingCode): Step {
  return findingWords[code].step
}

export interface Described {
  readonly title: string
  readonly is: string
  readonly limit: string
  readonly because: string
}

/** The title alone. */
export function findingTitle(finding: BareFinding, words: Words): string {
  return wordsOf(finding).title(finding, speakerOf(words))
}

/** A finding as words: title, what is, what may be, why. */
export function describeFinding(finding: BareFinding, words: Words): Described {
  const told = wordsOf(finding)
  const say = speakerOf(words)
  return { title: told.title(finding, say), is: told.is(finding, say), limit: told.limit(finding, say), because: told.because[finding.because] }
}

function wordsOf(finding: BareFinding): FindingWords<FindingCode> {
  return findingWords[finding.code] as FindingWords<FindingCode>
}

/** A remedy as words: what to do, and what it changes. */
export function describeRemedy(
  remedy: Pick<Remedy, 'code' | 'params' | 'effect'> & Partial<Pick<Remedy, 'brings' | 'mends'>>,
  words: Words
): { what: string; effect: string } {
  const say = speakerOf(words)
  const tell = remedyWords[remedy.code] as (params: unknown, say: Speaker) => string
  const effects = remedy.effect.map(({ figure, before, after }) => effectWords[figure](before, after, say)).filter((effect) => effect !== null)
  const brings = (remedy.brings ?? []).filter((one) => one.severity !== 'note').map((one) => wordsOf(one).title(one, say))
  const brought = brings.length > 0 ? [words.t('findings.brings', { findings: list(brings) })] : []
  const what = forAll(remedy.code, tell(remedy.params, say), remedy.mends ?? 1, words)
  return { what, effect: [...effects, ...brought].join(' · ') || words.t('findings.noEffect') }
}

/** What is done, told of all places it is done in. */
function forAll(code: Remedy['code'], what: string, mends: number, { t }: Words): string {
  if (mends === 1) return what
  return code === 'move' ? t('findings.moveAll', { n: mends }) : t('findings.all', { what, n: mends })
}
