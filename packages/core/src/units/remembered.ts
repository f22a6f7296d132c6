/** More than the names and patterns of a large cupboard. */
const MOST_KNOWN = 4000

/** A function of a text that remembers its last few thousand answers. */
export function remembered<Result>(work: (text: string) => Result): (text: string) => Result {
  const known = new Map<string, Result>()
  return (text) => {
    const earlier = known.get(text)
    if (earlier !== undefined) return earlier
    if (known.size >= MOST_KNOWN) known.clear()
    const result = work(text)
    known.set(text, result)
    return result
  }
}
