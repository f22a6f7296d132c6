import type { BareFinding, FindingCode, FindingOf } from '../design/finding.js'
import type { Look } from '../design/look.js'
import {
  ACCENT_PLACES,
  BALANCE_MOST,
  FINISHES_WANTED,
  FULLNESS_SHARE,
  LEVELS_WANTED,
  OPEN_MIDDLE_MM,
  TEXTURES_WANTED,
  WIDTH_SHARE_MOST
} from '../reference/composition.js'
import type { CompositionFigures } from './compositionFigures.js'

type ComposeCode = Extract<FindingCode, `compose.${string}`>
/** What a rule tells, a note where nothing else is said. */
type Told<Code extends ComposeCode> = Omit<FindingOf<Code>, 'code' | 'severity'>
type Rules = { readonly [Code in ComposeCode]: (school: Look['school'], figures: CompositionFigures) => readonly Told<Code>[] }

const table = { kind: 'table' } as const
const piece = (placedId: string) => ({ kind: 'piece', placedId }) as const
const when = <T>(broken: boolean, told: () => T): T[] => (broken ? [told()] : [])

/** Each rule of composition: what it tells of a look that does not keep it. */
const rules: Rules = {
  'compose.levels': (_, { levels }) =>
    when(levels.length < LEVELS_WANTED, () => ({ at: table, measured: { levels: levels.length }, limit: { levels: LEVELS_WANTED }, because: 'flat' })),
  'compose.neighbors': (_, { alike }) =>
    alike.slice(0, 1).map(([first]) => ({ at: piece(first), measured: { pairs: alike.length }, limit: { pairs: 0 }, because: 'one-height' })),
  'compose.groups': (school, figures) => {
    const uneven = figures.groups.filter((group) => (group.length % 2 === 1) !== (school.groups === 'odd')).length
    return when(uneven > 0, () => ({ at: table, measured: { groups: uneven }, limit: { groups: 0 }, because: school.groups }))
  },
  'compose.balance': ({ symmetry }, { alongShare, acrossShare }) => {
    const share = Math.max(Math.abs(alongShare), Math.abs(acrossShare))
    return when(share > BALANCE_MOST[symmetry], () => ({ at: table, measured: { share }, limit: { share: BALANCE_MOST[symmetry] }, because: 'tips-over' }))
  },
  'compose.sparse': ({ fullness }, { covered }) => {
    const [least] = FULLNESS_SHARE[fullness]
    return when(covered < least, () => ({ at: table, measured: { share: covered }, limit: { share: least }, because: 'bare-table' }))
  },
  'compose.crowded': ({ fullness }, { covered }) => {
    const [, most] = FULLNESS_SHARE[fullness]
    return when(covered > most, () => ({ at: table, measured: { share: covered }, limit: { share: most }, because: 'no-air' }))
  },
  'compose.scale': (_, { widest }) =>
    widest && widest.share > WIDTH_SHARE_MOST
      ? [{ at: piece(widest.placedId), measured: { share: widest.share }, limit: { share: WIDTH_SHARE_MOST }, because: 'too-wide' }]
      : [],
  'compose.back': (_, { backs }) =>
    backs.map((back) => ({ at: piece(back.placedId), measured: { seats: back.seats.length }, limit: { seats: 0 }, because: 'bare-back' })),
  'compose.spread': (_, { accents }) => {
    const lone = accents.filter((accent) => accent.placedIds.length < ACCENT_PLACES || accent.oneThird)
    return lone
      .slice(0, 1)
      .map((first) => ({ at: table, measured: { colors: lone.length, places: first.placedIds.length }, limit: { places: ACCENT_PLACES }, because: 'echo' }))
  },
  'compose.finish': (_, { finishes, textures }) =>
    when(finishes.length < FINISHES_WANTED || textures.length < TEXTURES_WANTED, () => ({
      at: table,
      measured: { finishes: finishes.length, textures: textures.length },
      limit: { finishes: FINISHES_WANTED, textures: TEXTURES_WANTED },
      because: 'one-hand'
    })),
  'compose.checklist': (_, { green, lit, useful }) => {
    const missing = Number(!green) + Number(!lit) + Number(!useful)
    return when(missing > 0, () => ({ at: table, measured: { missing }, limit: { missing: 0 }, because: !green ? 'no-green' : !lit ? 'no-light' : 'no-use' }))
  },
  'compose.middle': ({ pattern }, { openMm }) =>
    when(pattern === 'open-middle' && openMm < OPEN_MIDDLE_MM, () => ({
      at: table,
      measured: { openMm },
      limit: { openMm: OPEN_MIDDLE_MM },
      because: 'talk-across'
    }))
}

/** Rules of composition the look does not keep, as notes; those it breaks on purpose are left out, and an empty middle is asked nothing. */
export function compositionFindings(school: Look['school'], empty: boolean, figures: CompositionFigures): BareFinding[] {
  if (empty) return []
  return (Object.keys(rules) as ComposeCode[])
    .filter((code) => !school.meant.includes(code))
    .flatMap((code) => rules[code](school, figures).map((told) => ({ code, severity: 'note', ...told }) as BareFinding))
}
