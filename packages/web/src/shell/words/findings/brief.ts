import type { FindingCode } from '@hestiad/core'
import type { WordsOf } from './speaker.js'

/** What the brief wishes and the table does not keep. */
export const briefWords = {
  'brief.avoided': {
    step: 'brief',
    title: ({ at }, say) => `${say.piece(at.pieceId)}: not wanted on this table`,
    is: () => 'on the table',
    limit: () => 'the brief wants none',
    because: {
      color: 'The brief leaves out this color.',
      material: 'The brief leaves out this material.',
      kind: 'The brief leaves out things of this kind.',
      name: 'The brief leaves it out by name.'
    }
  },
  'brief.anchor': {
    step: 'brief',
    title: ({ at }, say) => `${say.piece(at.pieceId)}: the anchor is not laid`,
    is: () => 'nowhere on the table',
    limit: () => 'everything goes round it',
    because: { 'not-laid': 'The brief makes it the piece all else goes with; nobody sees that while it stays in the cupboard.' }
  },
  'brief.effort': {
    step: 'brief',
    title: () => 'Takes longer than there is time',
    is: ({ measured }, say) => `${say.duration(measured.minutes)} by one pair of hands`,
    limit: ({ limit }, say) => `${say.duration(limit.minutes)} in the brief`,
    because: { 'no-time': 'Fewer stems, plainer folds or a second pair of hands bring it down.' }
  }
} as const satisfies Partial<WordsOf<FindingCode>>
