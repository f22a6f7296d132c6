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
  const inner = Array.isArray(value)
    ? value.map(hashOf)
    : Object.entries(value)
        .filter(([, part]) => part !== undefined)
        .sort(([a], [b]) => (a < b ? -1 : 1))
        .map(([key, part]) => `${JSON.stringify(key)}=${hashOf(part)}`)
  const hash = fingerprint(`${Array.isArray(value) ? 'list' : 'object'}(${inner.join(',')})`)
  parts.set(value, hash)
  return hash
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
