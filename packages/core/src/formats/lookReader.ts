import type { Look } from '../design/look.js'
import type { Parsed } from './fault.js'
import { membersOf, textOf, type Members } from './members.js'
import { parseLook, validateLook } from './parseLook.js'

/** Most of a look's bytes, and what seldom changes between two saves. */
const PARTS = ['pieces', 'offers', 'shops'] as const
const MOST_KNOWN = 32

interface Known {
  readonly bytes: Uint8Array
  readonly part: readonly unknown[]
}

/**
 * Reads look files one after another. A part it found right before, in the very same bytes, is neither parsed nor checked against the schema
 * again; what ties the parts together is checked each time.
 */
export class LookReader {
  private readonly known = new Map<string, Known[]>(PARTS.map((name) => [name, []]))

  /** The same answer as `parseLook` of the text. `json` is UTF-8; its members may be given when they are known. */
  read(json: Uint8Array, members = membersOf(json)): Parsed<Look> {
    const quick = members && this.quickly(members)
    if (quick) return quick
    const parsed = parseLook(textOf(json))
    if (parsed.ok && members) this.remember(members, parsed.value)
    return parsed
  }

  private quickly(members: Members): Parsed<Look> | null {
    const parts: Record<string, readonly unknown[]> = {}
    for (const [name, known] of this.known) {
      const bytes = members.get(name)?.bytes
      const same = bytes && known.find((one) => isSame(one.bytes, bytes))
      if (!same) return null
      parts[name] = same.part
    }
    try {
      const rest = [...members]
        .filter(([name]) => !Object.hasOwn(parts, name))
        .map(([name, value]): [string, unknown] => [name, JSON.parse(textOf(value.bytes))])
      const parsed = validateLook(Object.fromEntries(rest), parts)
      return parsed.ok ? parsed : null
    } catch {
      return null
    }
  }

  private remember(members: Members, look: Look): void {
    for (const name of PARTS) {
      const bytes = members.get(name)?.bytes
      const known = this.known.get(name)!
      if (!bytes || known.some((one) => isSame(one.bytes, bytes))) continue
      known.unshift({ bytes: bytes.slice(), part: look[name] })
      if (known.length > MOST_KNOWN) known.pop()
    }
  }
}

function isSame(a: Uint8Array, b: Uint8Array): boolean {
  if (a.length !== b.length) return false
  for (let i = 0; i < a.length; i++) if (a[i] !== b[i]) return false
  return true
}
