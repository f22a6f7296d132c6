import type { FindingCode } from '@hestiad/core'
import { agree, some, type WordsOf } from './speaker.js'

/** What stands in the middle: where, how firmly, behind what and before what. */
export const middleWords = {
  'piece.setting': {
    step: 'centerpiece',
    title: ({ at }, say) => `${agree(say.placed(at.placedId), 'stands', 'stand')} in a setting`,
    is: ({ measured }, say) => `${say.length(measured.overlapMm)} into the place of ${say.seat(measured.seat)}`,
    limit: () => 'clear of it',
    because: { 'in-the-place': 'The guest would have to move it to eat.' }
  },
  'piece.piece': {
    step: 'centerpiece',
    title: ({ at }, say) => `${say.placed(at.placedId)} and ${say.placed(at.otherId)} share a spot`,
    is: ({ measured }, say) => `${say.length(measured.overlapMm)} overlap`,
    limit: () => 'room for each',
    because: { 'same-spot': 'Both cannot stand there.' }
  },
  'piece.off': {
    step: 'centerpiece',
    title: ({ at }, say) => `${agree(say.placed(at.placedId), 'stands', 'stand')} over the edge`,
    is: ({ measured }, say) => `${say.length(measured.overlapMm)} over`,
    limit: () => 'wholly on the table',
    because: { falls: 'It can tip or fall.' }
  },
  'piece.support': {
    step: 'centerpiece',
    title: ({ at }, say) => `${agree(say.placed(at.placedId), 'overhangs', 'overhang')} what is below`,
    is: ({ measured }, say) => `${say.length(measured.overlapMm)} over`,
    limit: () => 'wholly on it',
    because: { falls: 'It can tip or fall.' }
  },
  'sight.hidden': {
    step: 'centerpiece',
    title: ({ at }, say) => `${agree(say.placed(at.placedId), 'hides', 'hide')} faces`,
    is: ({ measured }) => `${measured.views} of ${some(measured.of, 'view', 'views')} lost`,
    limit: ({ measured }, say) => `worst ${say.percent(measured.share)}, ${say.seat(measured.from)} to ${say.seat(measured.to)}`,
    because: { faces: 'People talk to faces they can see; more than a fifth hidden makes them lean.' }
  },
  'piece.tips': {
    step: 'centerpiece',
    title: ({ at }, say) => `${agree(say.placed(at.placedId), 'tips', 'tip')} easily`,
    is: ({ measured }, say) => `falls at ${say.degrees(measured.tiltDeg)}`,
    limit: ({ limit }, say) => `${say.degrees(limit.tiltDeg)} at the least`,
    because: {
      'ten-degrees': 'Candle-holder standards tilt to ten degrees; what falls there can burn or break.',
      bumped: 'Children, tails and cats bump tables; it should stand to fifteen degrees.'
    }
  },
  'piece.edge': {
    step: 'centerpiece',
    title: ({ at }, say) => `${agree(say.placed(at.placedId), 'stands', 'stand')} near the edge`,
    is: () => 'within a sleeve’s reach',
    limit: ({ limit }, say) => `${say.length(limit.distanceMm)} from it`,
    because: { 'glass-edge': 'A sleeve sweeps glass off an edge.' }
  },
  'hands.small': {
    step: 'centerpiece',
    title: () => 'Small things where a small child is about',
    is: ({ measured }) => some(measured.pieces, 'piece', 'pieces'),
    limit: () => 'out of reach, or closed with a screw',
    because: {
      'coin-cells': 'A swallowed coin cell burns within hours: get help at once. Only candles whose lid is screwed down, and count them afterward.',
      'small-parts': 'Beads and pods come loose and are swallowed.'
    }
  },
  'hands.cloth': {
    step: 'linens',
    title: ({ at }, say) => `A small child can pull ${say.piece(at.pieceId)}`,
    is: ({ measured }) => `${some(measured.pieces, 'thing', 'things')} standing on it`,
    limit: () => 'nothing hanging within reach, or clips at the edge',
    because: { pull: 'A child who pulls at the edge brings down what stands on the cloth.' }
  },
  'edge.hands': {
    step: 'centerpiece',
    title: ({ measured }) => `A toddler reaches ${some(measured.pieces, 'thing', 'things')}`,
    is: () => 'that break, burn or spill',
    limit: ({ limit }, say) => `nothing within ${say.length(limit.distanceMm)} of the edge`,
    because: { 'small-hands': 'A toddler reaches a foot over the edge. Keep it further in, out of the room, or flameless.' }
  },
  'edge.tail': {
    step: 'centerpiece',
    title: ({ measured }) => `A tail sweeps ${some(measured.pieces, 'thing', 'things')}`,
    is: () => 'on a low table',
    limit: ({ limit }, say) => `nothing within ${say.length(limit.distanceMm)} of the edge`,
    because: { tail: 'A dog’s tail clears a low table. Further in, out of the room, or flameless.' }
  },
  'piece.sunk': {
    step: 'centerpiece',
    title: ({ at, because }, say) =>
      because === 'below-rim'
        ? `${agree(say.placed(at.placedId), 'is', 'are')} lost in ${say.placed(at.otherId)}`
        : `${agree(say.placed(at.placedId), 'shows', 'show')} above ${say.placed(at.otherId)}`,
    is: ({ measured }, say) => (measured.showsMm > 0 ? `${say.length(measured.showsMm)} above the rim` : `${say.length(-measured.showsMm)} below the rim`),
    limit: ({ limit, because }, say) =>
      because === 'below-rim'
        ? `${say.length(limit.showsMm)}; a stand of ${say.length(limit.riserMm)} lifts it`
        : `a stand of ${say.length(limit.riserMm)} at the most`,
    because: { 'below-rim': 'Sunk below the rim nobody sees it.', 'riser-shows': 'A stand is there to be hidden; above the rim it is seen.' }
  },
  'piece.opening': {
    step: 'centerpiece',
    title: ({ at }, say) => `${agree(say.placed(at.placedId), 'does', 'do')} not go into ${say.placed(at.otherId)}`,
    is: ({ measured }, say) => `${say.length(measured.widthMm)} wide`,
    limit: ({ limit }, say) => `${say.length(limit.widthMm)} open`,
    because: { 'does-not-pass': 'It is wider than the opening.' }
  },
  'piece.leans': {
    step: 'centerpiece',
    title: ({ at }, say) => `${agree(say.placed(at.placedId), 'does', 'do')} not lean firmly`,
    is: (finding, say) => {
      switch (finding.because) {
        case 'not-flat':
        case 'nothing-behind':
          return 'stands free'
        case 'too-low':
          return `held ${say.length(finding.measured.heightMm)} up`
        case 'falls-forward':
        case 'slides':
          return `${say.degrees(finding.measured.leanDeg)} from upright`
        case 'pushes-over':
          return `pushed with ${say.weight(finding.measured.pushG)}`
      }
    },
    limit: (finding, say) => {
      switch (finding.because) {
        case 'not-flat':
        case 'nothing-behind':
          return 'held by something'
        case 'too-low':
          return `held ${say.length(finding.limit.heightMm)} up`
        case 'falls-forward':
          return `${say.degrees(finding.limit.leanDeg)} at the least`
        case 'slides':
          return `${say.degrees(finding.limit.leanDeg)} at the most`
        case 'pushes-over':
          return `bears ${say.weight(finding.limit.pushG)}`
      }
    },
    because: {
      'not-flat': 'Only a board, a tray, a mirror or a sign leans.',
      'nothing-behind': 'There is nothing behind it to lean on.',
      'too-low': 'What it leans on ends below its middle: it topples over the edge.',
      'falls-forward': 'It stands too straight; a knock at the table brings it forward.',
      slides: 'It leans too far; its foot slips.',
      'pushes-over': 'It would push over what it leans on. Something heavier, or filled, would hold it.'
    }
  },
  'piece.drape': {
    step: 'centerpiece',
    title: ({ at }, say) => `${agree(say.placed(at.placedId), 'does', 'do')} not hang firmly`,
    is: (finding, say) => (finding.because === 'not-pliant' ? 'it is stiff' : `${say.length(finding.measured.hangMm)} down each side`),
    limit: (finding, say) => (finding.because === 'not-pliant' ? 'something that bends' : `${say.length(finding.limit.hangMm)} at the least`),
    because: { 'not-pliant': 'It does not bend round things.', 'slips-off': 'With so little down the sides it slips off.' }
  },
  'piece.around': {
    step: 'centerpiece',
    title: ({ at }, say) => `${agree(say.placed(at.placedId), 'does', 'do')} not go round ${at.otherId === null ? 'anything' : say.placed(at.otherId)}`,
    is: (finding, say) => (finding.because === 'not-pliant' ? 'it is stiff' : `${say.length(finding.measured.haveMm)} of it`),
    limit: (finding, say) => (finding.because === 'not-pliant' ? 'something that bends' : `${say.length(finding.limit.haveMm)} needed`),
    because: {
      'not-pliant': 'It does not bend round things.',
      'ring-small': 'Its ring is smaller than what stands in it.',
      'does-not-close': 'It is too short to close round it.'
    }
  },
  'piece.headroom': {
    step: 'centerpiece',
    title: ({ at }, say) => `${agree(say.placed(at.placedId), 'is', 'are')} too tall to stand in ${say.placed(at.otherId)}`,
    is: ({ measured }, say) => `${say.length(measured.heightMm)} tall`,
    limit: ({ limit }, say) => `${say.length(limit.heightMm)} of room`,
    because: { 'too-tall-inside': 'What is above leaves no room for it.' }
  },
  'piece.load': {
    step: 'centerpiece',
    title: ({ at }, say) => `${agree(say.placed(at.placedId), 'carries', 'carry')} too much`,
    is: ({ measured }, say) => say.weight(measured.grams),
    limit: ({ limit }, say) => `${say.weight(limit.grams)} by its label`,
    because: { overloaded: 'A stand that carries more than its label says may give way.' }
  },
  'cover.bare': {
    step: 'centerpiece',
    title: ({ at }, say) => `${agree(say.placed(at.placedId), 'shows', 'show')} what should be covered`,
    is: ({ measured }, say) => `${some(measured.spots, 'spot', 'spots')}, ${say.percent(measured.share)} bare at the worst`,
    limit: () => 'covered',
    because: {
      'bare-gap': 'Below its legs one looks through to the other side.',
      'bare-end': 'The end of a garland, with its loop, wants something over it.',
      'bare-mouth': 'Foam, wire or tape shows between the flowers.',
      'bare-glass-wall': 'What holds the stems shows through the glass.'
    }
  },
  'clear.room': {
    step: 'centerpiece',
    title: () => 'No room for what is cleared',
    is: ({ measured }, say) => `${say.length(measured.lengthMm)} of things`,
    limit: ({ limit }, say) => `${say.length(limit.lengthMm)} of sideboard`,
    because: { 'nowhere-to-go': 'What leaves before the meal must stand somewhere.' }
  },
  'art.hidden': {
    step: 'centerpiece',
    title: ({ at }, say) => `${agree(say.placed(at.placedId), 'stands', 'stand')} before the picture`,
    is: ({ measured }, say) => `${say.percent(measured.share)} of it hidden`,
    limit: ({ limit }, say) => `${say.percent(limit.share)} at the most`,
    because: { 'fights-picture': 'A tall thing before a picture fights it: neither is seen.' }
  },
  'view.hidden': {
    step: 'centerpiece',
    title: ({ at }, say) => `${agree(say.placed(at.placedId), 'stands', 'stand')} before a view`,
    is: ({ measured }, say) => `${say.percent(measured.share)} of it hidden from the door`,
    limit: ({ limit }, say) => `${say.percent(limit.share)} at the most`,
    because: { 'fights-view': 'Who comes in sees neither the thing nor what is behind it.' }
  },
  'socket.bare': {
    step: 'centerpiece',
    title: ({ measured }) => (measured.spots === 1 ? 'A socket shows' : `${measured.spots} sockets show`),
    is: () => 'seen by who stands in front',
    limit: () => 'covered',
    because: { 'socket-seen': 'The eye finds sockets and cords first; a basket or a vase before them hides both.' }
  },
  'cord.reach': {
    step: 'centerpiece',
    title: ({ at }, say) => `A cord does not reach: ${say.placed(at.placedId)}`,
    is: ({ measured }, say) => `${say.length(measured.cordMm)} long`,
    limit: (finding, say) => (finding.because === 'no-socket' ? 'no socket on the wall' : `${say.length(finding.limit.cordMm)} to the socket`),
    because: { 'no-socket': 'There is no socket on the wall.', 'cord-short': 'Along the edge and to the nearest socket it is too short.' }
  },
  'cord.seen': {
    step: 'centerpiece',
    title: ({ at }, say) => `A cord is seen: ${say.placed(at.placedId)}`,
    is: ({ measured }, say) => `${say.length(measured.seenMm)} of it`,
    limit: ({ limit }, say) => `${say.length(limit.seenMm)} at the most`,
    because: { 'cord-bare': 'The eye finds a cord first. Behind things, or of the color of what it lies on, it is not seen.' }
  },
  'cord.floor': {
    step: 'centerpiece',
    title: ({ at }, say) => `A cord would cross the floor: ${say.placed(at.placedId)}`,
    is: ({ measured }, say) => `${say.length(measured.cordMm)} long`,
    limit: () => 'none where people walk',
    because: { trips: 'People trip over a cord between a table and the wall, and pull the table down with it.' }
  }
} as const satisfies Partial<WordsOf<FindingCode>>
