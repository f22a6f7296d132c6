import { findingKey, type BareFinding, type Severity } from '../design/finding.js'

const gravity = { note: 0, warn: 1, stop: 2 } as const

/** Whether a finding of this severity is new, or graver than it was. */
export function isGraver(now: Severity, before: Severity | undefined): boolean {
  return before === undefined || gravity[now] > gravity[before]
}

/** Every finding that a change brings or makes graver, place by place. */
export function bringsOf(before: readonly BareFinding[], after: readonly BareFinding[]): BareFinding[] {
  const had = new Map(before.map((one) => [findingKey(one), one.severity]))
  return after.filter((one) => isGraver(one.severity, had.get(findingKey(one))))
}
