/**
 * Remembers the last few results of a function by the identity of its arguments. Looks are never written, so an untouched part of a look is
 * the same object and its figures need no second working-out.
 */
export function memo<Args extends readonly unknown[], Result>(work: (...args: Args) => Result, keep = 4): (...args: Args) => Result {
  const entries: { args: Args; result: Result }[] = []
  return (...args) => {
    const at = entries.findIndex((entry) => entry.args.length === args.length && entry.args.every((arg, i) => Object.is(arg, args[i])))
    const entry = at >= 0 ? entries.splice(at, 1)[0]! : { args, result: work(...args) }
    entries.unshift(entry)
    entries.length = Math.min(entries.length, keep)
    return entry.result
  }
}

/** Gives back one of the last few lists when a new one has the very same members, so that what depends on it need not be worked out again. */
export function stableList<Item>(keep = 4): (list: readonly Item[]) => readonly Item[] {
  const lists: (readonly Item[])[] = []
  return (list) => {
    const at = lists.findIndex((known) => known.length === list.length && known.every((item, i) => item === list[i]))
    const stable = at >= 0 ? lists.splice(at, 1)[0]! : list
    lists.unshift(stable)
    lists.length = Math.min(lists.length, keep)
    return stable
  }
}
