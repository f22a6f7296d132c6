/**
 * What differs between two states of a document that shares its unchanged parts: sent to a worker, which puts it onto its own copy and so keeps
 * the same objects wherever nothing changed; and back again with what was worked out.
 */
export type Delta =
  | { readonly kind: 'value'; readonly value: unknown }
  | { readonly kind: 'object'; readonly gone: readonly string[]; readonly parts: Readonly<Record<string, Delta>> }
  | { readonly kind: 'list'; readonly length: number; readonly parts: Readonly<Record<number, Delta>> }

/** The difference; undefined where there is none. */
export function deltaOf(before: unknown, after: unknown): Delta | undefined {
  if (Object.is(before, after)) return undefined
  if (Array.isArray(before) && Array.isArray(after)) {
    const parts: Record<number, Delta> = {}
    after.forEach((value, i) => {
      const part = deltaOf(before[i], value)
      if (part) parts[i] = part
    })
    return before.length === after.length && isEmpty(parts) ? undefined : { kind: 'list', length: after.length, parts }
  }
  if (isPlain(before) && isPlain(after)) {
    const parts: Record<string, Delta> = {}
    for (const key of Object.keys(after)) {
      const part = key in before ? deltaOf(before[key], after[key]) : ({ kind: 'value', value: after[key] } as const)
      if (part) parts[key] = part
    }
    const gone = Object.keys(before).filter((key) => !(key in after))
    return gone.length === 0 && isEmpty(parts) ? undefined : { kind: 'object', gone, parts }
  }
  return { kind: 'value', value: after }
}

/** Puts a difference onto a state; what it does not name stays the same object. */
export function withDelta(before: unknown, delta: Delta | undefined): unknown {
  if (!delta) return before
  if (delta.kind === 'value') return delta.value
  if (delta.kind === 'list') {
    const old = before as readonly unknown[]
    return Array.from({ length: delta.length }, (_, i) => withDelta(old[i], delta.parts[i]))
  }
  const kept = Object.entries(before as Record<string, unknown>).filter(([key]) => !delta.gone.includes(key))
  const next: Record<string, unknown> = Object.fromEntries(kept)
  for (const [key, part] of Object.entries(delta.parts)) next[key] = withDelta(next[key], part)
  return next
}

const isEmpty = (parts: object) => Object.keys(parts).length === 0

function isPlain(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && Object.getPrototypeOf(value) === Object.prototype
}
