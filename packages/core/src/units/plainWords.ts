/** Text as it is compared with lists of words: small letters without accents, single blanks between words and numbers. */
export function plainWords(text: string): string {
  return text
    .toLowerCase()
    .replace(/ß/g, 'ss')
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/[^a-z0-9]+/g, ' ')
    .trim()
}

/** A word table written as `value: 'one, another'`, turned into word to value. */
export function wordTable<V extends string>(lists: Readonly<Partial<Record<V, string>>>): ReadonlyMap<string, V> {
  const entries = Object.entries(lists) as [V, string][]
  return new Map(entries.flatMap(([value, words]) => words.split(',').map((word) => [plainWords(word), value] as const)).filter(([word]) => word !== ''))
}
