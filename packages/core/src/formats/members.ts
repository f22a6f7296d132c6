const QUOTE = 34
const COMMA = 44
const COLON = 58
const BACKSLASH = 92
const OPEN_BRACKET = 91
const CLOSE_BRACKET = 93
const OPEN_BRACE = 123
const CLOSE_BRACE = 125

const decoder = new TextDecoder()

/** Text of UTF-8 bytes. */
export function textOf(bytes: Uint8Array): string {
  return decoder.decode(bytes)
}

/** A value in a JSON text: its bytes, unread; and its own members where they were asked for. */
export interface Member {
  readonly bytes: Uint8Array
  readonly members: Members | null
}
export type Members = ReadonlyMap<string, Member>

/**
 * The members of a JSON object in UTF-8, in one pass; what is inside a value is for whoever reads it to judge. The member called `within` is
 * parted too. Null when it is no object, names a member twice, or writes a name with escapes.
 */
export function membersOf(json: Uint8Array, within?: string): Members | null {
  const found = objectAt(json, pastSpace(json, 0), within)
  return found && pastSpace(json, found.end) === json.length ? found.members : null
}

function objectAt(json: Uint8Array, open: number, within?: string): { readonly members: Members; readonly end: number } | null {
  if (json[open] !== OPEN_BRACE) return null
  const members = new Map<string, Member>()
  let at = pastSpace(json, open + 1)
  if (json[at] === CLOSE_BRACE) return { members, end: at + 1 }
  for (;;) {
    if (json[at] !== QUOTE) return null
    const nameEnd = stringEnd(json, at)
    const name = textOf(json.subarray(at + 1, nameEnd))
    const colon = pastSpace(json, nameEnd + 1)
    if (name.includes('\\') || members.has(name) || json[colon] !== COLON) return null
    const from = pastSpace(json, colon + 1)
    const inner = name === within ? objectAt(json, from) : null
    const to = inner ? inner.end : valueEnd(json, from)
    members.set(name, { bytes: json.subarray(from, to), members: inner && inner.members })
    at = pastSpace(json, to)
    if (json[at] === CLOSE_BRACE) return { members, end: at + 1 }
    if (json[at] !== COMMA) return null
    at = pastSpace(json, at + 1)
  }
}

function pastSpace(json: Uint8Array, from: number): number {
  let at = from
  for (;;) {
    const byte = json[at]
    if (byte !== 32 && byte !== 10 && byte !== 13 && byte !== 9) return at
    at++
  }
}

/** Place of the closing quote of the string that opens at `from`, or past the end. */
function stringEnd(json: Uint8Array, from: number): number {
  let at = from + 1
  while (at < json.length && json[at] !== QUOTE) at += json[at] === BACKSLASH ? 2 : 1
  return at
}

/** Place of the comma or closing brace after the value that begins at `from`, or past the end. */
function valueEnd(json: Uint8Array, from: number): number {
  let depth = 0
  for (let at = from; at < json.length; at++) {
    const byte = json[at]
    if (byte === QUOTE) at = stringEnd(json, at)
    else if (byte === OPEN_BRACE || byte === OPEN_BRACKET) depth++
    else if (depth === 0 && (byte === COMMA || byte === CLOSE_BRACE)) return at
    else if (byte === CLOSE_BRACE || byte === CLOSE_BRACKET) depth--
  }
  return json.length
}
