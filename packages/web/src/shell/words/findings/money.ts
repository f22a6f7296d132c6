import type { FindingCode } from '@hestiad/core'
import { partNames } from './inSentence.js'
import { some, type WordsOf } from './speaker.js'

/** The budget and what is missing. */
export const moneyWords = {
  'money.over': {
    step: 'buy',
    title: () => 'Over the working budget',
    is: ({ measured }, say) => `${say.amount(measured.spendCents)} to spend`,
    limit: ({ limit }, say) => `${say.amount(limit.spendCents)} to work with`,
    because: { 'working-budget': 'The reserve is for surprises; this is past what is left.' }
  },
  'money.cap': {
    step: 'buy',
    title: ({ at }) => `${partNames[at.part]}: over its cap`,
    is: ({ measured }, say) => `${say.amount(measured.spendCents)} in this part`,
    limit: ({ limit }, say) => `${say.amount(limit.spendCents)} the cap`,
    because: { cap: 'The part was given so much; the rest of the look pays for this.' }
  },
  'money.reserve': {
    step: 'buy',
    title: () => 'The reserve is overdrawn',
    is: ({ measured }, say) => `${say.amount(measured.drawnCents)} drawn`,
    limit: ({ limit }, say) => `${say.amount(limit.drawnCents)} put aside`,
    because: { reserve: 'More was drawn than was put aside: the total no longer holds.' }
  },
  'money.gap': {
    step: 'buy',
    title: ({ at, measured }, say) => `${say.piece(at.pieceId)}: ${measured.pieces} short`,
    is: () => 'no offer with a price',
    limit: ({ measured }) => `${measured.needed} needed`,
    because: { 'no-price': 'A gap in the sum, not zero: nobody knows yet what they cost.' }
  },
  'piece.claimed': {
    step: 'buy',
    title: ({ at }, say) => `${say.piece(at.pieceId)}: laid elsewhere too`,
    is: ({ measured }) => `${measured.needed} needed, ${measured.claimed} of ${measured.owned} laid elsewhere`,
    limit: ({ limit }) => (limit.free === 0 ? 'none free that day' : `${some(limit.free, 'piece', 'pieces')} free that day`),
    because: { 'two-occasions': 'Another occasion within a day lays them; they cannot be on two tables.' }
  }
} as const satisfies Partial<WordsOf<FindingCode>>
