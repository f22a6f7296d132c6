const parts = new WeakMap<object, string>()

/**
 * A short fingerprint of a document: equal for equal documents whatever the order of their members, and different for others but for one chance
 * in 2^53. Parts that did not change since the last time are not looked at again.
 */
export function lookHash(document: object): string {
  return hashOf(document)
}

function hashOf(value: unknown): string {
  if (typeof value !== 'object' || value === null) return `${typeof value}:${String(value)}`
  const known = parts.get(value)
  if (known !== undefined) return known
  const hash = fingerprint(Array.isArray(value) ? `list(${value.map(hashOf).join(',')})` : `object(${membersOf(value as Readonly<Record<string, unknown>>)})`)
  parts.set(value, hash)
  return hash
}

function membersOf(value: Readonly<Record<string, unknown>>): string {
  let text = ''
  for (const { name, quoted } of inOrder(Object.keys(value))) {
    const part = value[name]
    if (part !== undefined) text += `${text === '' ? '' : ','}${quoted}=${hashOf(part)}`
  }
  return text
}

interface Member {
  readonly name: string
  readonly quoted: string
}

/** Orders found before, by how many names there are and the first of them: most objects have the names of one seen before. */
const orders = new Map<string, { readonly names: readonly string[]; readonly members: readonly Member[] }>()
const MOST_ORDERS = 500

function inOrder(names: readonly string[]): readonly Member[] {
  const key = `${names.length} ${names[0]}`
  const known = orders.get(key)
  if (known && names.every((name, i) => name === known.names[i])) return known.members
  const members = names.map((name) => ({ name, quoted: JSON.stringify(name) })).sort((a, b) => (a.name < b.name ? -1 : 1))
  if (orders.size >= MOST_ORDERS) orders.clear()
  orders.set(key, { names, members })
  return members
}

/** 53 bits by two multiplicative hashes of 32 bits (cyrb53, in the public domain). */
function fingerprint(text: string): string {
  let a = 0xdeadbeef
  let b = 0x41c6ce57
  for (let i = 0; i < text.length; i++) {
    const code = text.charCodeAt(i)
    a = Math.imul(a ^ code, 2_654_435_761)
    b = Math.imul(b ^ code, 1_597_334_677)
  }
  a = Math.imul(a ^ (a >>> 16), 2_246_822_507) ^ Math.imul(b ^ (b >>> 13), 3_266_489_909)
  b = Math.imul(b ^ (b >>> 16), 2_246_822_507) ^ Math.imul(a ^ (a >>> 13), 3_266_489_909)
  return (4_294_967_296 * (2_097_151 & b) + (a >>> 0)).toString(36)
}
