import { plainWords } from '../units/plainWords.js'
import { kindWords, type KindWord } from './listWords.js'

/** Words after which a name only tells what the thing is of or for. */
const FURTHER = /\b(?:of|for|with|in|on|de|du|des|di|da|del|della|a|en|per|para|pour|mit|aus|fur|von|van|voor|met|con|avec)\b/
/** Ends of plurals in the languages of the lists. */
const PLURALS = ['s', 'es', 'n', 'en', 'e', 'er']
/** In a joined word shorter ends are found by chance. */
const SHORTEST_END = 4

/**
 * The kind of thing that a name or a word of a list means, with the role or form it says; undefined where no word is known.
 * The thing is the last word known before what it is of or for (`glass vase` is a vase, `holder for tapers` a holder), unless the whole phrase is
 * known (`copa de vino`); the longest counts where several end there, and the end of a joined word (`Dessertteller`).
 */
export function kindFromWords(text: string): KindWord | undefined {
  const head = plainWords(text.split(/[,(;]/)[0]!)
  const known = phrasesIn(head)
  const whole = known.filter(({ words }) => FURTHER.test(words)).sort((a, b) => b.length - a.length)[0]
  const upTo = head.split(FURTHER)[0]!.trim()
  const last = phrasesIn(upTo).sort((a, b) => b.end - a.end || b.length - a.length)[0]
  return kindWords.get(whole?.words ?? last?.words ?? endOf(upTo)) ?? kindWords.get(known[0]?.words ?? '')
}

/** All known runs of words, each with where it ends and how many words it has. */
function phrasesIn(text: string): { readonly words: string; readonly end: number; readonly length: number }[] {
  const parts = text.split(' ').map(singular)
  return parts.flatMap((_, from) =>
    parts.slice(from).flatMap((__, i) => {
      const words = parts.slice(from, from + i + 1).join(' ')
      return kindWords.has(words) ? [{ words, end: from + i + 1, length: i + 1 }] : []
    })
  )
}

/** The longest known word that the last word ends with. */
function endOf(text: string): string {
  const last = singular(text.split(' ').pop() ?? '')
  return [...kindWords.keys()].filter((word) => word.length >= SHORTEST_END && last.endsWith(word)).sort((a, b) => b.length - a.length)[0] ?? ''
}

/** A word as the lists of kinds have it: the end of a plural taken off where the rest is known, by itself or as the end of a joined word. */
function singular(word: string): string {
  if (kindWords.has(word)) return word
  const shorter = PLURALS.filter((end) => word.endsWith(end)).map((end) => word.slice(0, -end.length))
  return shorter.find((one) => kindWords.has(one)) ?? word.replace(/glaser$/, 'glas').replace(/tucher$/, 'tuch')
}
