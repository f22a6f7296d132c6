import type { BareFinding, FindingCode, FindingOf } from '../design/finding.js'
import type { Look, PatternName } from '../design/look.js'
import {
  ACCENT_PLACES,
  BALANCE_MOST,
  DAYLIGHT_UNTIL_MIN,
  FINISHES_WANTED,
  LEVELS_WANTED,
  OPEN_MIDDLE_MM,
  TEXTURES_WANTED,
  WIDTH_SHARE_MOST
} from '../reference/composition.js'
import type { CompositionFigures } from './compositionFigures.js'

type ComposeCode = Extract<FindingCode, `compose.${string}`>
/** What a rule tells, a note where nothing else is said. */
type Told<Code extends ComposeCode> = Omit<FindingOf<Code>, 'code' | 'severity'>
type Rules = { readonly [Code in ComposeCode]: (look: Asked, figures: CompositionFigures) => readonly Told<Code>[] }

/** What says which rules are asked. */
type Asked = Pick<Look, 'school' | 'occasion'>

/** Patterns of low things, which are level on purpose. */
const low: ReadonlySet<PatternName | null> = new Set<PatternName>(['run', 'garland', 'scatter', 'bud-vases', 'edible-board'])
/** Fewer things than this are one group, and are not asked for heights. */
const FEW = 3

const table = { kind: 'table' } as const
const piece = (placedId: string) => ({ kind: 'piece', placedId }) as const
const when = <T>(broken: boolean, told: () => T): T[] => (broken ? [told()] : [])

/** Each rule of composition: what it tells of a look that does not keep it. */
const rules: Rules = {
  'compose.levels': ({ school }, { levels, things }) =>
    when(levels.length < LEVELS_WANTED && things >= FEW && !low.has(school.pattern), () => ({
      at: table,
      measured: { levels: levels.length },
      limit: { levels: LEVELS_WANTED },
      because: 'flat'
    })),
  'compose.neighbors': (_, { alike }) =>
    alike.slice(0, 1).map(([first]) => ({ at: piece(first), measured: { pairs: alike.length }, limit: { pairs: 0 }, because: 'one-height' })),
  'compose.groups': ({ school }, figures) => {
    const uneven = figures.groups.filter((group) => (group.length % 2 === 1) !== (school.groups === 'odd')).length
    return when(uneven > 0, () => ({ at: table, measured: { groups: uneven }, limit: { groups: 0 }, because: school.groups }))
  },
  'compose.balance': ({ school: { symmetry } }, { alongShare, acrossShare }) => {
    const share = Math.max(Math.abs(alongShare), Math.abs(acrossShare))
    return when(share > BALANCE_MOST[symmetry], () => ({ at: table, measured: { share }, limit: { share: BALANCE_MOST[symmetry] }, because: 'tips-over' }))
  },
  'compose.sparse': (_, { score: { density } }) =>
    density && density.share < density.least ? [{ at: table, measured: { share: density.share }, limit: { share: density.least }, because: 'bare-table' }] : [],
  'compose.crowded': (_, { score: { density } }) =>
    density && density.share > density.most ? [{ at: table, measured: { share: density.share }, limit: { share: density.most }, because: 'no-air' }] : [],
  'compose.scale': (_, { widest }) =>
    widest && widest.share > WIDTH_SHARE_MOST
      ? [{ at: piece(widest.placedId), measured: { share: widest.share }, limit: { share: WIDTH_SHARE_MOST }, because: 'too-wide' }]
      : [],
  'compose.back': (_, { backs }) =>
    backs.map((back) => ({ at: piece(back.placedId), measured: { seats: back.seats.length }, limit: { seats: 0 }, because: 'bare-back' })),
  'compose.spread': (_, { accents }) => {
    const lone = accents.filter((accent) => accent.placedIds.length + accent.laid < ACCENT_PLACES || accent.oneThird)
    return lone.slice(0, 1).map((first) => ({
      at: table,
      measured: { colors: lone.length, places: first.placedIds.length + first.laid },
      limit: { places: ACCENT_PLACES },
      because: 'echo'
    }))
  },
  'compose.finish': (_, { finishes, textures }) =>
    when(finishes.length < FINISHES_WANTED && textures.length < TEXTURES_WANTED, () => ({
      at: table,
      measured: { finishes: finishes.length, textures: textures.length },
      limit: { finishes: FINISHES_WANTED, textures: TEXTURES_WANTED },
      because: 'one-hand'
    })),
  'compose.green': (_, { green }) => when(!green, () => ({ at: table, measured: {}, limit: {}, because: 'no-green' })),
  'compose.light': ({ occasion }, { lit }) =>
    when(!lit && occasion.endMin > DAYLIGHT_UNTIL_MIN, () => ({ at: table, measured: {}, limit: {}, because: 'no-light' })),
  'compose.useful': (_, { useful }) => when(!useful, () => ({ at: table, measured: {}, limit: {}, because: 'no-use' })),
  'compose.middle': ({ school: { pattern } }, { openMm }) =>
    when(pattern === 'open-middle' && openMm < OPEN_MIDDLE_MM, () => ({
      at: table,
      measured: { openMm },
      limit: { openMm: OPEN_MIDDLE_MM },
      because: 'talk-across'
    }))
}

/** Rules of composition the look does not keep, as notes; those it breaks on purpose are left out, and an empty middle is asked nothing. */
export function compositionFindings(look: Asked, empty: boolean, figures: CompositionFigures): BareFinding[] {
  if (empty) return []
  return (Object.keys(rules) as ComposeCode[])
    .filter((code) => !look.school.meant.includes(code))
    .flatMap((code) => rules[code](look, figures).map((told) => ({ code, severity: 'note', ...told }) as BareFinding))
}
