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
  const inputs: unknown[] = []
  for (const member of wanted.reads) inputs.push(look[member])
  for (const name in wanted.needs) inputs.push(get(wanted.needs[name]!))
  let list = remembered.get(wanted)
  if (!list) remembered.set(wanted, (list = []))
  let at = 0
  while (at < list.length && !sameInputs(list[at]!.inputs, inputs)) at++
  if (at === 0 && list.length > 0) return list[0]!.result
  const known = list[at] ?? { inputs, result: settled(wanted, list, wanted.work(only(look, wanted), needsOf(wanted, inputs))) }
  list.splice(at, 1)
  list.unshift(known)
  list.length = Math.min(list.length, KEEP)
  return known.result
}

function sameInputs(before: readonly unknown[], now: readonly unknown[]): boolean {
  for (let i = 0; i < now.length; i++) if (!Object.is(before[i], now[i])) return false
  return true
}

/** What a part needs by name, out of its inputs, where it stands after what it reads. */
function needsOf({ reads, needs }: Part<unknown>, inputs: readonly unknown[]): Record<string, unknown> {
  const needed: Record<string, unknown> = {}
  let at = reads.length
  for (const name in needs) needed[name] = inputs[at++]
  return needed
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
