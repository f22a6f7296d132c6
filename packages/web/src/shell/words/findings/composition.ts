import type { FindingCode } from '@hestiad/core'
import { agree, some, type WordsOf } from './speaker.js'

/** Rules of composition. */
export const compositionFindingWords = {
  'compose.levels': {
    step: 'centerpiece',
    title: () => 'The middle is flat',
    is: ({ measured }) => some(measured.levels, 'height', 'heights'),
    limit: ({ limit }, say) => `${limit.levels}, each ${say.length(50.8)} or more from the next`,
    because: { flat: 'The eye has nowhere to go; two heights at the least make a landscape.' }
  },
  'compose.neighbors': {
    step: 'centerpiece',
    title: ({ at }, say) => `${say.placed(at.placedId)} and its neighbor are of one height`,
    is: ({ measured }) => some(measured.pairs, 'such pair', 'such pairs'),
    limit: () => 'one a quarter taller',
    because: { 'one-height': 'Two of one height side by side fight; one should lead.' }
  },
  'compose.groups': {
    step: 'centerpiece',
    title: () => 'Groups of another number than chosen',
    is: ({ measured }) => some(measured.groups, 'group', 'groups'),
    limit: ({ because }) => (because === 'odd' ? 'threes and fives' : 'pairs'),
    because: { odd: 'Threes and fives read as a group, even numbers as pairs.', pairs: 'This look pairs things; an odd one out reads as a loss.' }
  },
  'compose.balance': {
    step: 'centerpiece',
    title: () => 'The weight lies to one side',
    is: ({ measured }, say) => `${say.percent(measured.share)} of half the table`,
    limit: ({ limit }, say) => `${say.percent(limit.share)} at the most`,
    because: { 'tips-over': 'Seen from the side, the table leans.' }
  },
  'compose.sparse': {
    step: 'centerpiece',
    title: () => 'The middle looks bare',
    is: ({ measured }, say) => `${say.percent(measured.share)} of the free length taken`,
    limit: ({ limit }, say) => `${say.percent(limit.share)} for this fullness`,
    because: { 'bare-table': 'For the fullness chosen the table shows too much.' }
  },
  'compose.crowded': {
    step: 'centerpiece',
    title: () => 'The middle is crowded',
    is: ({ measured }, say) => `${say.percent(measured.share)} of the free length taken`,
    limit: ({ limit }, say) => `${say.percent(limit.share)} at the most`,
    because: { 'no-air': 'Things need air between them to be seen, and hands need room.' }
  },
  'compose.scale': {
    step: 'centerpiece',
    title: ({ at }, say) => `${agree(say.placed(at.placedId), 'is', 'are')} too large for the middle`,
    is: ({ measured }, say) => (measured.share > 10 ? 'no free width there' : `${say.percent(measured.share)} of the free width`),
    limit: ({ limit }, say) => `${say.percent(limit.share)} at the most`,
    because: { 'too-wide': 'It fills the free middle from plate to plate.' }
  },
  'compose.back': {
    step: 'centerpiece',
    title: ({ at }, say) => `The bare back of ${say.placed(at.placedId)} is seen`,
    is: ({ measured }) => `to ${some(measured.seats, 'seat', 'seats')}`,
    limit: () => 'to nobody at the meal',
    because: { 'bare-back': 'People sit all round; each side is somebody’s front.' }
  },
  'compose.spread': {
    step: 'centerpiece',
    title: () => 'An accent stands alone',
    is: ({ measured }) => `${some(measured.colors, 'color', 'colors')}; the first is seen in ${some(measured.places, 'place', 'places')}`,
    limit: ({ limit }) => `${some(limit.places, 'place', 'places')}, not all in one third`,
    because: { echo: 'A color seen once is an accident, three times a choice.' }
  },
  'compose.finish': {
    step: 'centerpiece',
    title: () => 'Too much of one kind',
    is: ({ measured }) => `${some(measured.finishes, 'finish', 'finishes')}, ${some(measured.textures, 'texture', 'textures')}`,
    limit: ({ limit }) => `${some(limit.finishes, 'finish', 'finishes')} and ${some(limit.textures, 'texture', 'textures')}`,
    because: { 'one-hand': 'Shine beside matte, soft beside hard: one alone looks like a shop shelf.' }
  },
  'compose.green': {
    step: 'centerpiece',
    title: () => 'Nothing green in the middle',
    is: () => 'no plant, fresh, dried or faux',
    limit: () => 'something green',
    because: { 'no-green': 'Something green warms a table: fresh, dried or faux.' }
  },
  'compose.light': {
    step: 'centerpiece',
    title: () => 'No light in the middle',
    is: () => 'no candle, no strand, no lamp',
    limit: () => 'a light after dark',
    because: { 'no-light': 'A table without a light goes gray in the evening.' }
  },
  'compose.useful': {
    step: 'centerpiece',
    title: () => 'Nothing to use in the middle',
    is: () => 'no tray, no fruit, no bowl to reach into',
    limit: () => 'something of use',
    because: { 'no-use': 'Something to be used keeps it a table: a tray, fruit, a bowl.' }
  },
  'compose.middle': {
    step: 'centerpiece',
    title: () => 'The middle is not open',
    is: ({ measured }, say) => `${say.length(measured.openMm)} clear`,
    limit: ({ limit }, say) => `${say.length(limit.openMm)} for two foci`,
    because: { 'talk-across': 'Two foci want the space between them free to talk across.' }
  }
} as const satisfies Partial<WordsOf<FindingCode>>
