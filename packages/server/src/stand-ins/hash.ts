/** A number in 0..1 that depends on nothing but the text: FNV-1a with a final mix (Appleby, MurmurHash3). */
export function chance(text: string): number {
  let h = 0x811c9dc5
  for (let i = 0; i < text.length; i++) h = Math.imul(h ^ text.charCodeAt(i), 0x01000193)
  h = Math.imul(h ^ (h >>> 16), 0x85ebca6b)
  h = Math.imul(h ^ (h >>> 13), 0xc2b2ae35)
  return ((h ^ (h >>> 16)) >>> 0) / 2 ** 32
}

/** One of a list, chosen by a text. */
export function chosen<T>(text: string, list: readonly T[]): T {
  return list[Math.floor(chance(text) * list.length)]!
}
