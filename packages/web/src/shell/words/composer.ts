import type { ComposePart, Refusal, ScorePart, Why } from '@hestiad/core'
import { smallerNames } from './findings/inSentence.js'
import { ruleNames } from './findings/ruleNames.js'
import type { Speaker } from './findings/speaker.js'

/** Why things were chosen, in English. */
const whyWords: { readonly [Code in Why['code']]: (why: Extract<Why, { code: Code }>, say: Speaker) => string } = {
  'metal-repeats': ({ metal }) => `${metal} repeats the flatware`,
  family: ({ pieceId, otherId }, say) => `${say.piece(pieceId)} and ${say.piece(otherId)} are one family`,
  alike: ({ pieceId, count }, say) => `${say.piece(pieceId)}, ${count} alike`,
  graded: ({ fromMm, toMm }, say) => `one glass in heights that fall from ${say.length(fromMm)} to ${say.length(toMm)}`,
  'color-met': ({ stemId, with: id }, say) => `${say.piece(stemId)} meets the color of ${say.piece(id)}`,
  quiet: ({ stemId }, say) => `${say.piece(stemId)} stays quiet beside what is laid`,
  liked: ({ pieceId, whose }, say) => `${say.piece(pieceId)} is what ${whose || 'the guest of honor'} likes`,
  skirt: ({ pieceId }, say) => `${say.piece(pieceId)} lies round its foot`,
  tied: ({ pieceId }, say) => `${say.piece(pieceId)} ties it together`,
  daylight: () => 'no candles by daylight',
  flameless: () => 'flameless, for the household',
  dishes: () => 'the dishes keep their places',
  cleared: () => 'it leaves as the food comes, for the dishes take the room'
}

export function tellWhy(why: Why, say: Speaker): string {
  return (whyWords[why.code] as (why: Why, say: Speaker) => string)(why, say)
}

const partNames: Readonly<Record<ComposePart, string>> = {
  mass: 'a bowl or jug for flowers',
  trough: 'a trough for flowers',
  bud: 'bud vases',
  stick: 'candlesticks',
  votive: 'tea-light glasses',
  hurricane: 'hurricane glasses',
  fruit: 'fruit',
  compote: 'a compote',
  small: 'small things',
  useful: 'salt and pepper or a napkin holder',
  garland: 'a garland',
  tray: 'a tray',
  board: 'a board'
}

/** Why a pattern cannot be laid, and what would make it possible. */
export function tellRefusal({ because, parts, faults, smaller }: Refusal, say: Speaker): string {
  switch (because) {
    case 'no-pieces':
      return `It takes ${say.list(parts.map((part) => partNames[part]))}, more than the cupboard has free.`
    case 'no-room':
      return smaller
        ? `There is no room between the places. With a smaller setting there is: ${say.list(smaller.steps.map((step) => smallerNames[step]))}.`
        : 'There is no room for it between the places.'
    case 'no-flowers':
      return 'It takes flowers, and there are none that may be had. Allow new things, or leave fewer of them out.'
    case 'faults':
      return `Every attempt broke a rule it may not: ${say.list(faults.map((code) => ruleNames[code]))}.`
  }
}

export const scoreNames: Readonly<Record<ScorePart, string>> = {
  symmetry: 'Mirrored',
  gaps: 'Even gaps',
  spine: 'On the axis',
  straight: 'Straight',
  repetition: 'In families',
  hierarchy: 'One leads',
  profile: 'Heights',
  unity: 'Few materials',
  echo: 'Accents met',
  kinds: 'One idea',
  density: 'Fullness',
  extent: 'Length',
  inside: 'Off the places',
  scale: 'Scale'
}
