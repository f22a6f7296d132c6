import { remembered } from './remembered.js'

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

/** One of many, as far as English endings tell: berries, roses, lilies, glasses. */
export function singular(word: string): string {
  if (word.endsWith('ies') && word.length > 4) return `${word.slice(0, -3)}y`
  if (/(ss|sh|ch|x)es$/.test(word)) return word.slice(0, -2)
  return word.endsWith('s') && !word.endsWith('ss') && word.length > 3 ? word.slice(0, -1) : word
}

/** Whether a text says some words, one or many of them. */
export function says(text: string, words: string): boolean {
  const wanted = inSingular(words)
  return wanted !== '' && ` ${inSingular(text)} `.includes(` ${wanted} `)
}

/** Each word of a text as one of many. */
const inSingular = remembered((text) => plainWords(text).split(' ').map(singular).join(' '))
