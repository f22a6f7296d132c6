import type { Look } from '../design/look.js'

/** A member of a look. */
export type Member = keyof Look

/** Something worked out of a look: which members of it are read, which other parts are needed, and the work. */
export interface Part<Result> {
  readonly reads: readonly Member[]
  readonly needs: Readonly<Record<string, Part<unknown>>>
  work(look: Partial<Look>, needed: Readonly<Record<string, unknown>>): Result
  /** Whether a new result is as good as the last, which is then kept, so that what needs it need not be worked out again. */
  same?(before: Result, after: Result): boolean
}

type ResultOf<P> = P extends Part<infer Result> ? Result : never

/**
 * Describes a part. The work is given just the members it names and the results of the parts it needs: what it does not name it cannot read, so
 * that nothing remembered can be stale.
 */
export function part<const Reads extends readonly Member[], Needs extends Readonly<Record<string, Part<unknown>>>, Result>(described: {
  readonly reads: Reads
  readonly needs: Needs
  readonly work: (look: Pick<Look, Reads[number]>, needed: { readonly [Name in keyof Needs]: ResultOf<Needs[Name]> }) => Result
  readonly same?: (before: Result, after: Result) => boolean
}): Part<Result> {
  return described as Part<Result>
}

/** Whether two lists have the very same members. */
export function sameList<Item>(before: readonly Item[], after: readonly Item[]): boolean {
  return before.length === after.length && before.every((item, i) => item === after[i])
}

/** The value of a part for a look. */
export type Get = <Result>(wanted: Part<Result>) => Result
