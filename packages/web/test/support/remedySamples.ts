import type { RemedyCode, RemedyShapes } from '@hestiad/core'

type Sample = { [Code in RemedyCode]: { readonly code: Code; readonly params: RemedyShapes[Code] } }[RemedyCode]

/** Remedies that no generated look proposes, made by hand. */
export const remedySamples: readonly Sample[] = [
  { code: 'swap-seats', params: { guestId: 'ottoline', otherId: 'marit' } },
  { code: 'stand-all-on-table', params: { count: 3 } },
  { code: 'napkin-on-plate', params: {} },
  { code: 'find-place', params: {} },
  { code: 'enclose-flames', params: { count: 4 } },
  { code: 'cheaper', params: { pieceIds: ['napkin-persimmon', 'ranunculus'], cents: 1840 } },
  { code: 'cord-along', params: { placedId: 'jug', byMm: 120 } }
]
