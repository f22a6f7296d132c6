import type { Look } from '../design/look.js'
import type { Get, Part } from '../subject/part.js'

/** So many of the last results of a part are kept. */
const KEEP = 4

interface Known {
  readonly inputs: readonly unknown[]
  readonly result: unknown
}

/**
 * Works out parts of looks on demand, each after what it needs, and works out again only what reads something that changed: looks are never
 * written, so an untouched member of a look is the same object.
 */
export function createEngine(): (look: Look) => Get {
  const remembered = new Map<Part<unknown>, Known[]>()
  const byLook = new WeakMap<Look, Get>()
  return (look) => {
    const earlier = byLook.get(look)
    if (earlier) return earlier
    const results = new Map<Part<unknown>, unknown>()
    const get = <Result>(wanted: Part<Result>): Result => {
      if (!results.has(wanted)) results.set(wanted, recall(remembered, wanted, look, get))
      return results.get(wanted) as Result
    }
    byLook.set(look, get)
    return get
  }
}

function recall(remembered: Map<Part<unknown>, Known[]>, wanted: Part<unknown>, look: Look, get: Get): unknown {
  const needed: Record<string, unknown> = {}
  const inputs: unknown[] = wanted.reads.map((member) => look[member])
  for (const name in wanted.needs) inputs.push((needed[name] = get(wanted.needs[name]!)))
  const list = remembered.get(wanted) ?? []
  remembered.set(wanted, list)
  const at = list.findIndex((known) => known.inputs.every((input, i) => Object.is(input, inputs[i])))
  const known = at >= 0 ? list.splice(at, 1)[0]! : { inputs, result: settled(wanted, list, wanted.work(only(look, wanted), needed)) }
  list.unshift(known)
  list.length = Math.min(list.length, KEEP)
  return known.result
}

/** The members a part reads and no others. */
function only(look: Look, { reads }: Part<unknown>): Partial<Look> {
  const part: Record<string, unknown> = {}
  for (const member of reads) part[member] = look[member]
  return part
}

/** A result, or an earlier one that is as good. */
function settled(wanted: Part<unknown>, earlier: readonly Known[], result: unknown): unknown {
  const alike = earlier.find((known) => wanted.same?.(known.result, result))
  return alike ? alike.result : result
}
