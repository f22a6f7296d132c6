/** `not-here` is for a look that is well done and does not suit this house or company. */
export const stands = ['for', 'unsure', 'not-here', 'against'] as const
export type Stand = (typeof stands)[number]

/** What somebody says of a look: host, client or the stylist. */
export interface Verdict {
  readonly by: string
  readonly stand: Stand
  readonly remark: string
  /** ISO date. */
  readonly day: string
}

export const MOST_VERDICTS = 60
