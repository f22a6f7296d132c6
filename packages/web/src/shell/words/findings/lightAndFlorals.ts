import type { FindingCode, FindingOf } from '@hestiad/core'
import { agree, some, type Speaker, type WordsOf } from './speaker.js'

/** The plants by name and what they stand in, or the one plant that stands there itself. */
const plantsIn = (at: FindingOf<'stems.pets'>['at'], say: Speaker) => {
  const plants = say.list(at.plantIds.map((id) => say.piece(id)))
  const vessel = say.placed(at.placedId)
  return plants === vessel ? plants : `${plants} in ${vessel}`
}

/** Why something is too near a flame. */
const nearFlame = {
  burns: 'Whatever is dry, faux, paper or cloth catches at once. Labels, venue rules and local code come first; never leave a flame alone.',
  fresh: 'Fresh leaves and wood stand at least so far to the side of a flame; they dry and char. Labels and venue rules come first.',
  strict: 'This venue wants the whole distance from everything that can burn.',
  touches: 'It stands in the flame, or nearly.',
  plume: 'It hangs in the hot air above the flame.',
  wall: 'The candle stands inside it, and its wall burns.'
} as const

/** Candles and flowers. */
export const lightAndFloralWords = {
  'candle.misfit': {
    step: 'light',
    title: ({ at }, say) => `The candle does not fit ${say.placed(at.placedId)}`,
    is: ({ because }) =>
      ({
        form: 'the wrong kind of candle',
        'cup-small': 'the cup is too small',
        'cup-loose': 'the candle is loose',
        'plate-small': 'the plate is too small',
        'glass-narrow': 'the glass is too narrow',
        'rim-low': 'the glass is too low'
      })[because],
    limit: (finding, say) =>
      finding.because === 'form' ? 'the kind it is made for' : `${say.length(finding.measured.hasMm)} where ${say.length(finding.limit.needsMm)} is needed`,
    because: {
      form: 'The holder is made for another kind of candle.',
      'cup-small': 'The candle does not go into the cup; a shaved candle leans.',
      'cup-loose': 'A loose candle leans and drips; it can fall.',
      'plate-small': 'Wax runs over; a pillar wants an inch of plate round it.',
      'glass-narrow': 'The glass gets too hot; an inch of air all round is needed.',
      'rim-low': 'The flame rises over the glass, which then shields nothing.'
    }
  },
  'candle.short': {
    step: 'light',
    title: ({ at }, say) => `${agree(say.piece(at.pieceId), 'goes', 'go')} out early`,
    is: ({ measured }, say) => `${say.duration(measured.lifeMin)}, out at ${say.clock(measured.outAtMin)}`,
    limit: ({ measured, limit }, say) => `${say.duration(limit.lifeMin)} asked of ${some(measured.candles, 'candle', 'candles')}`,
    because: { 'out-early': 'The table goes dark before people leave.' }
  },
  'holders.metals': {
    step: 'light',
    title: ({ at }, say) => `${say.piece(at.pieceId)}: another metal than the rest`,
    is: ({ measured }) => some(measured.pieces, 'holder', 'holders') + ' of another metal',
    limit: () => 'one metal, unless mixed on purpose',
    because: { 'metals-differ': 'Candlesticks are seen together: one of another metal reads as one that was missing.' }
  },
  'candle.long-burn': {
    step: 'light',
    title: ({ limit }, say) => `Candles burn over ${say.duration(limit.burnMin)}`,
    is: ({ measured }, say) => `${say.duration(measured.burnMin)} for ${some(measured.candles, 'candle', 'candles')}`,
    limit: ({ limit }, say) => `${say.duration(limit.burnMin)} at a stretch`,
    because: { wick: 'Longer than four hours at a stretch the wick mushrooms and the flame grows. The candle’s own label comes first.' }
  },
  'flame.near': {
    step: 'light',
    title: ({ at }, say) => `${agree(say.placed(at.otherId), 'is', 'are')} too near a flame`,
    is: ({ measured }, say) => `${say.length(measured.distanceMm)} away`,
    limit: ({ limit }, say) => `${say.length(limit.distanceMm)} at least`,
    because: {
      ...nearFlame,
      smothered: 'A flame below closed glass goes out, and the glass can crack.'
    }
  },
  'flame.guidance': {
    step: 'light',
    title: () => 'Nearer to flames than fire services say',
    is: ({ measured }, say) => `${some(measured.flames, 'flame', 'flames')}, the nearest leaf or wood ${say.length(measured.distanceMm)} aside`,
    limit: ({ limit }, say) => `${say.length(limit.distanceMm)} from anything that can burn`,
    because: {
      fresh:
        'Fire services ask for twelve inches from anything that can burn. Fresh, watered flowers are usually kept a hand away; labels and the venue’s rules come first. Never leave a flame alone.'
    }
  },
  'flame.lamp': {
    step: 'light',
    title: ({ at }, say) => `What hangs round the lamp is too near the flame of ${say.placed(at.placedId)}`,
    is: ({ measured }, say) => `${say.length(measured.distanceMm)} away`,
    limit: ({ limit }, say) => `${say.length(limit.distanceMm)} at least`,
    because: nearFlame
  },
  'flame.setting': {
    step: 'light',
    title: ({ at, because }, say) =>
      because === 'napkin'
        ? `A napkin stands too near the flame of ${say.placed(at.placedId)}`
        : `A place card stands too near the flame of ${say.placed(at.placedId)}`,
    is: ({ measured }, say) => `${say.length(measured.distanceMm)} away, before ${say.seat(measured.seat)}`,
    limit: ({ limit }, say) => `${say.length(limit.distanceMm)} at least`,
    because: { napkin: 'Cloth that stands up catches, and is lifted past the flame.', card: 'Paper catches, and is picked up past the flame.' }
  },
  'flame.sleeves': {
    step: 'light',
    title: ({ at, because }, say) =>
      because === 'edge'
        ? `The flame of ${say.placed(at.placedId)} is close to where somebody sits`
        : `Arms reach past the flame of ${say.placed(at.placedId)}`,
    is: ({ measured, because }, say) =>
      because === 'edge'
        ? `${say.length(measured.distanceMm)} from the edge before ${say.seat(measured.seat)}`
        : `${say.length(measured.distanceMm)} beside the way from ${say.seat(measured.seat)} to a dish`,
    limit: ({ limit }, say) => `${say.length(limit.distanceMm)} at least`,
    because: { edge: 'Sleeves and hair lean over the edge.', reach: 'A sleeve passes through the flame when a dish is reached for.' }
  },
  'flame.flame': {
    step: 'light',
    title: () => 'Two flames stand too close',
    is: ({ measured }, say) => `${say.length(measured.distanceMm)} apart`,
    limit: ({ limit }, say) => `${say.length(limit.distanceMm)} at least`,
    because: { 'flames-lean': 'Flames near each other lean, burn hot and melt one another.' }
  },
  'flame.household': {
    step: 'light',
    title: () => 'Open flames in this house',
    is: ({ measured }) => some(measured.flames, 'flame', 'flames'),
    limit: ({ because }) => ({ toddlers: 'small children about', cats: 'cats about', dogs: 'dogs about' })[because],
    because: {
      toddlers: 'Small hands reach up. Flameless ones give the light; never leave a flame alone.',
      cats: 'Cats walk on tables. Flameless ones give the light; never leave a flame alone.',
      dogs: 'Tails sweep low tables. Flameless ones give the light; never leave a flame alone.'
    }
  },
  'stems.mouth': {
    step: 'florals',
    title: ({ at }, say) => `Too many stems for ${say.placed(at.placedId)}`,
    is: ({ measured }) => some(measured.stems, 'stem', 'stems'),
    limit: ({ limit }) => `the mouth takes ${limit.stems}`,
    because: { mouth: 'Forced stems crush and drink badly.' }
  },
  'stems.sparse': {
    step: 'florals',
    title: ({ at }, say) => `${agree(say.placed(at.placedId), 'looks', 'look')} thin`,
    is: ({ measured }, say) => `${say.percent(measured.cover)} of the top covered by flowers`,
    limit: ({ limit }, say) => `${say.percent(limit.cover)} for this fullness, ${some(limit.stems, 'stem', 'stems')}`,
    because: { 'mechanics-show': 'The rim and what holds the stems will show.' }
  },
  'stems.short': {
    step: 'florals',
    title: ({ at }, say) => `Stems too short for ${say.placed(at.placedId)}`,
    is: ({ measured }, say) => `${say.length(measured.lengthMm)} as bought`,
    limit: ({ limit }, say) => `${say.length(limit.lengthMm)} needed with the recut`,
    because: { 'out-of-water': 'The stems would not reach the water.' }
  },
  'stems.pets': {
    step: 'florals',
    title: () => 'Plants listed as toxic to pets',
    is: ({ at }, say) => plantsIn(at, say),
    limit: () => 'keep out of reach, ask a vet',
    because: {
      'listed-toxic': 'The animal-poison lists name them for cats or dogs. Keep them out of reach and ask a vet.',
      'lilies-cats': 'True lilies and daylilies endanger cats, even by pollen and vase water. Do not use them here; ask a vet.'
    }
  },
  'plants.pets': {
    step: 'florals',
    title: ({ because }) => (because === 'on-no-list' ? 'Leaves not known to be safe for pets' : 'Leaves listed as toxic to pets'),
    is: ({ at }, say) => say.piece(at.pieceId),
    limit: ({ because }) => (because === 'on-no-list' ? 'on no list: ask a vet' : 'keep out of reach, ask a vet'),
    because: {
      'listed-toxic': 'The animal-poison lists name them for cats or dogs. Leaves fall: keep them out of reach and ask a vet.',
      'lilies-cats': 'True lilies and daylilies endanger cats, even by pollen and vase water. Do not use them here; ask a vet.',
      'on-no-list': 'No list here names them, which does not make them safe. Ask a vet.'
    }
  },
  'stems.pets-unknown': {
    step: 'florals',
    title: () => 'Not known to be safe for pets',
    is: ({ at }, say) => plantsIn(at, say),
    limit: () => 'on no list: ask a vet',
    because: { 'on-no-list': 'No list here names them, which does not make them safe. Ask a vet.' }
  }
} as const satisfies Partial<WordsOf<FindingCode>>
