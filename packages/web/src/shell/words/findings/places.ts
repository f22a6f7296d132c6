import type { FindingCode, FindingOf } from '@hestiad/core'
import { courseNames, roleNames, sideNames } from './inSentence.js'
import { agree, some, type Speaker, type WordsOf } from './speaker.js'

type Elbows = FindingOf<'places.too-narrow' | 'places.narrow'>
const elbows = {
  step: 'seats',
  is: ({ measured }: Elbows, say: Speaker) => `${say.length(measured.widthMm)} each for ${some(measured.guests, 'guest', 'guests')}`,
  limit: ({ limit }: Elbows, say: Speaker) =>
    `${say.length(limit.widthMm)} wanted; seats ${limit.guests}${limit.guestsTight > limit.guests ? `, ${limit.guestsTight} at a pinch` : ''}`,
  because: { elbows: 'Each guest needs that much edge to eat without touching a neighbor.' }
} as const

/** Seats, the room round them, settings and the menu. */
export const placeWords = {
  'places.too-narrow': { title: () => 'Too many for this table', ...elbows },
  'places.narrow': { title: () => 'Elbows will touch', ...elbows },
  'places.knees': {
    step: 'seats',
    title: () => 'Knees meet a table leg',
    is: ({ at }, say) => `at ${say.seats(at.numbers)}`,
    limit: () => 'no leg before a chair',
    because: { legs: 'A leg where the knees go makes a guest sit askew.' }
  },
  'wheelchair.knees': {
    step: 'seats',
    title: () => 'No room for a wheelchair user’s knees',
    is: ({ measured }, say) => `${say.length(measured.kneeMm)} clear, table ${say.length(measured.heightMm)} high`,
    limit: ({ limit }, say) => `${say.length(limit.kneeMm)} clear, ${say.length(limit.lowMm)} to ${say.length(limit.highMm)} high`,
    because: { 'knees-under': 'Knees and armrests have to go under. Local codes and the guest’s own word come before this figure.' }
  },
  'wheelchair.width': {
    step: 'seats',
    title: () => 'A wheelchair place is narrow',
    is: ({ at, measured }, say) => `${say.length(measured.widthMm)} at ${say.seats(at.numbers)}`,
    limit: ({ limit }, say) => `${say.length(limit.widthMm)} clear`,
    because: { wheels: 'A wheelchair needs its width and room to turn. Local codes and the guest’s own word come first.' }
  },
  'chair.wide': {
    step: 'seats',
    title: () => 'Chairs are wider than their places',
    is: ({ at, measured }, say) => `${say.length(measured.widthMm)} for each at ${say.seats(at.numbers)}`,
    limit: ({ limit }, say) => `${say.length(limit.widthMm)} for the chair`,
    because: { 'chairs-touch': 'Chairs that touch cannot be pulled out.' }
  },
  'bench.short': {
    step: 'seats',
    title: () => 'The bench is short',
    is: ({ measured }, say) => `${say.length(measured.widthMm)} for ${some(measured.guests, 'guest', 'guests')}`,
    limit: ({ limit }, say) => `${say.length(limit.widthMm)} needed`,
    because: { 'bench-room': 'Each on a bench needs elbow room as on a chair.' }
  },
  'room.behind': {
    step: 'seats',
    title: () => 'Little room behind the chairs',
    is: ({ at, measured }, say) => `${say.length(measured.clearMm)} ${sideNames[at.side]}`,
    limit: ({ limit }, say) => `${say.length(limit.clearMm)} needed`,
    because: {
      'pass-behind': 'Whoever serves or leaves has to pass behind those who sit.',
      wheels: 'A wheelchair needs its width and room to turn. Local codes and the guest’s own word come first.',
      'push-back': 'A chair has to be pushed back to sit down and to get up.'
    }
  },
  'high-chair.age': {
    step: 'seats',
    title: () => 'Too old for a high chair',
    is: ({ at }, say) => say.seats(at.numbers),
    limit: ({ limit }) => `usually up to ${some(limit.ageYears, 'year', 'years')}; see its label`,
    because: { 'high-chair': 'A high chair carries so much and no more; its label comes first.' }
  },
  'fixture.low': {
    step: 'seats',
    title: ({ at }, say) => `${agree(say.placed(at.placedId), 'reaches', 'reach')} the lamp`,
    is: ({ measured }, say) => `${say.length(measured.heightMm)} tall`,
    limit: ({ limit }, say) => `${say.length(limit.heightMm)} at the most`,
    because: { lamp: 'Heat and glare: a piece in the lamp scorches or blinds, and is knocked.' }
  },
  'setting.crowded': {
    step: 'settings',
    title: () => 'Settings run into each other',
    is: ({ at, measured }, say) => `${say.length(measured.widthMm)} wide as laid, overlapping by ${say.length(measured.overlapMm)} at ${say.seats(at.numbers)}`,
    limit: ({ limit, because }, say) =>
      because === 'corner' ? 'nothing over the corner between an end and a side' : `${say.length(limit.widthMm)} to each at the line of the plates`,
    because: {
      'settings-touch': 'On curves the line of the plates is shorter than the edge; things that touch get knocked.',
      corner: 'Whoever sits at the end and whoever sits next to the corner lay their things on the same spot; what touches gets knocked.'
    }
  },
  'stack.sizes': {
    step: 'settings',
    title: ({ at, because }, say) =>
      because === 'charger-hidden'
        ? `${agree(say.piece(at.pieceId), 'hides', 'hide')} the charger`
        : `${agree(say.piece(at.pieceId), 'overhangs', 'overhang')} what is below`,
    is: ({ measured }, say) => `${say.length(measured.widthMm)} across`,
    limit: ({ limit }, say) => `${say.length(limit.widthMm)} at the most on this one`,
    because: {
      'charger-hidden': 'A charger is there to be seen round the plate.',
      overhangs: 'A plate on a smaller one rocks, and is lifted by its rim alone.',
      'bowl-overhangs': 'A bowl wider than its plate drips beside it, and nobody can take hold of the plate.'
    }
  },
  'flatware.metals': {
    step: 'settings',
    title: () => 'Flatware of more than one metal',
    is: ({ measured }) => some(measured.metals, 'metal', 'metals'),
    limit: () => 'one, unless mixed on purpose',
    because: { 'one-metal': 'One fork of another color reads as one that was missing. Mixed on purpose it wants to be seen all round.' }
  },
  'flatware.missing': {
    step: 'settings',
    title: ({ at }) => `No ${roleNames[at.role]} in the pattern`,
    is: () => 'the courses ask for one',
    limit: ({ limit }) => `${limit.pieces} needed`,
    because: { courses: 'Flatware follows the courses; something is needed to eat this one with.' }
  },
  'stack.blends': {
    step: 'settings',
    title: ({ at }, say) => `${agree(say.piece(at.pieceId), 'does', 'do')} not stand out`,
    is: ({ measured }) => `lightness differs by ${Math.round(measured.lightness)}`,
    limit: ({ limit }) => `a difference of ${limit.lightness} is seen`,
    because: { star: 'One thing in a setting is to be looked at; its neighbors should be clearly lighter or darker.' }
  },
  'napkin.small': {
    step: 'settings',
    title: ({ at }, say) => `${say.piece(at.pieceId)}: too small for its fold`,
    is: ({ measured }, say) => `${say.length(measured.lengthMm)} square`,
    limit: ({ limit }, say) => `${say.length(limit.lengthMm)} for this fold`,
    because: { 'fold-size': 'Too little cloth for the fold: it falls open.' }
  },
  'child.setting': {
    step: 'settings',
    title: () => 'Knives or wine glasses before a small child',
    is: ({ at, measured }, say) => `${some(measured.pieces, 'piece', 'pieces')} at ${say.seats(at.numbers)}`,
    limit: () => 'none for small children',
    because: { 'small-child': 'Small hands cut themselves and break stems.' }
  },
  'charger.buffet': {
    step: 'settings',
    title: () => 'Chargers at a buffet',
    is: () => 'laid though plates are fetched',
    limit: () => 'no chargers',
    because: { 'buffet-plates': 'Plates are on the sideboard; chargers only stand in the way of the plate that is brought.' }
  },
  'pattern.clash': {
    step: 'settings',
    title: ({ at }, say) => `${say.piece(at.pieceId)}: pattern on pattern`,
    is: () => 'patterned above and below',
    limit: () => 'one of the two plain',
    because: { 'one-star': 'Two patterns on one another: neither is seen.' }
  },
  'glass.missing': {
    step: 'menu',
    title: ({ at }) => `No ${roleNames[at.role]} for what is poured`,
    is: () => 'the drinks ask for one',
    limit: ({ limit }) => `${limit.pieces} needed`,
    because: { drinks: 'What is poured needs its glass.' }
  },
  'dish.vessel': {
    step: 'menu',
    title: ({ at }, say) => `${say.dish(at.dishId)}: nothing to serve it in`,
    is: () => 'no vessel that holds food',
    limit: ({ limit }) => `${limit.pieces} needed`,
    because: { 'no-vessel': 'Nothing is chosen to bring it to the table in.', 'holds-no-food': 'The piece chosen holds no food.' }
  },
  'dish.liner': {
    step: 'menu',
    title: ({ at }, say) => `${say.dish(at.dishId)}: food touches ${say.vessel(at.dishId)}`,
    is: () => 'not known to be food-safe',
    limit: () => 'line it, or another vessel',
    because: {
      'label-food': 'Its label says that food may not touch it.',
      'food-contact': 'Paint, lacquer, brass, wood and woven things can give off or take up what they touch. The label comes first.'
    }
  },
  'dish.room': {
    step: 'menu',
    title: ({ at }, say) => `${say.dish(at.dishId)}: no room on the table`,
    is: ({ measured }) => `${some(measured.pieces, 'vessel', 'vessels')} without a place`,
    limit: () => 'room for each',
    because: { 'table-full': 'Between the settings and what stands in the middle there is no free spot of its size.' }
  },
  'dish.tool': {
    step: 'menu',
    title: ({ at }, say) => `${say.dish(at.dishId)}: nothing to serve it with`,
    is: () => 'no tool of its kind in the cupboard',
    limit: ({ limit }) => `${limit.pieces} needed`,
    because: { 'no-tool': 'Guests would use their own forks.' }
  },
  'dish.heat': {
    step: 'menu',
    title: ({ at }, say) => `${say.dish(at.dishId)}: ${agree(say.vessel(at.dishId), 'is', 'are')} not for hot food`,
    is: () => 'its label says so',
    limit: () => 'another vessel',
    because: { 'label-heat': 'Glaze, glue and some glass crack or come off with heat. The label comes first.' }
  },
  'diet.none': {
    step: 'menu',
    title: ({ at, because }, say) =>
      because === 'diet'
        ? `${say.guest(at.guestId)}: nothing to eat for ${courseNames[at.course]}`
        : `${say.guest(at.guestId)}: nothing known to suit for ${courseNames[at.course]}`,
    is: ({ at, measured, because }, say) =>
      because === 'diet'
        ? `${measured.dishes === 1 ? 'the one dish has' : `all ${measured.dishes} dishes have`} what ${say.guest(at.guestId)} avoids`
        : `${some(measured.unchecked, 'dish', 'dishes')} of ${measured.dishes} not checked: nobody said what is in it`,
    limit: () => 'one dish said to be without',
    because: {
      diet: 'Somebody would sit before an empty plate. Ask the guest; labels come before what is typed here.',
      'not-checked': 'What nobody described is not known to be safe. Write what is in it, and ask the guest; labels come before what is typed here.'
    }
  },
  'buffet.long': {
    step: 'menu',
    title: () => 'The buffet is longer than the sideboard',
    is: ({ measured }, say) => `${say.length(measured.lengthMm)} of dishes`,
    limit: ({ limit }, say) => `${say.length(limit.lengthMm)} of sideboard`,
    because: { sideboard: 'Dishes at the end would stand on each other.' }
  }
} as const satisfies Partial<WordsOf<FindingCode>>
