const nouns = 'guest|piece|place|stem|kind|spot|thing|height|view|flame|candle|seat|group|texture|year|color|pair|vessel|seam|stop|warning|note|leaf'

/** What nobody should read: a key, a gap left open, a number gone wrong, one of many, a word twice, a word missing, a loose end. */
const faults: readonly (readonly [string, RegExp])[] = [
  ['a placeholder', /[{}]|undefined|NaN|null|\[object|Infinity/],
  ['a key', /\b(finding|remedy|because|effect|brief|compose)[.[]|\b[a-z]+\.[a-z]+\b/],
  ['one of many', new RegExp(`(^|\\s)1 (new )?(${nouns})s\\b|\\b1 (dishes|finishes)`)],
  ['many of one', new RegExp(`(^|\\s)(?!1\\s)\\d+ (new )?(${nouns})\\b`)],
  ['a word twice', /\b(\p{L}+) \1\b/iu],
  ['an empty word', /^\s*$|\s{2}|\s[,.;:)]|\(\s|“”/],
  ['something unnamed', /something taken away/]
]

export const faultsOf = (text: string): string[] => faults.filter(([, fault]) => fault.test(text)).map(([name]) => `${name}: “${text}”`)
