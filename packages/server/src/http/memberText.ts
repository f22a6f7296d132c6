const texts = new WeakMap<object, string>()

/** Smaller parts are written anew each time. */
const WORTH_KEEPING = 4000

/**
 * An object as JSON, the text of each of its members kept as long as that very member is: what was not changed is not written again. Members are
 * never changed in place.
 */
export function memberText(value: object): string {
  const members = Object.entries(value).flatMap(([name, member]) => {
    const text = textOf(member)
    return text === undefined ? [] : [`${JSON.stringify(name)}:${text}`]
  })
  return `{${members.join(',')}}`
}

function textOf(member: unknown): string | undefined {
  if (typeof member !== 'object' || member === null) return JSON.stringify(member)
  const known = texts.get(member)
  if (known !== undefined) return known
  const text = JSON.stringify(member)
  if (text.length >= WORTH_KEEPING) texts.set(member, text)
  return text
}
