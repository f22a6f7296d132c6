/**
 * Remembers the last few results of a function by the identity of its arguments. Looks are never written, so an untouched part of a look is
 * the same object and its figures need no second working-out.
 */
export function memo<Args extends readonly unknown[], Result>(work: (...args: Args) => Result, keep = 4): (...args: Args) => Result {
  const entries: { args: Args; result: Result }[] = []
  return (...args) => {
    const at = entries.findIndex((entry) => entry.args.every((arg, i) => Object.is(arg, args[i])))
    const entry = at >= 0 ? entries.splice(at, 1)[0]! : { args, result: work(...args) }
    entries.unshift(entry)
    entries.length = Math.min(entries.length, keep)
    return entry.result
  }
}
