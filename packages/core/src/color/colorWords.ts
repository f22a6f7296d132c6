import { modeLab65, modeOklab, modeRgb, useMode } from 'culori/fn'

useMode(modeRgb)
const inOklab = useMode(modeOklab)
const inLab = useMode(modeLab65)

const known = new Map<string, readonly [number, number, number]>()
const MOST_KNOWN = 4000

/** OKLab of an sRGB color `#rrggbb`; remembered, for it is asked of every piece all the time. @throws RangeError for what is no color */
export function oklab(color: string): readonly [lightness: number, a: number, b: number] {
  const earlier = known.get(color)
  if (earlier) return earlier
  const lab = inOklab(color)
  if (!lab) throw new RangeError(`a color is #rrggbb, got ${color}`)
  if (known.size >= MOST_KNOWN) known.clear()
  const found = [lab.l, lab.a, lab.b] as const
  known.set(color, found)
  return found
}

/** How far two colors lie apart in OKLab. */
export function colorDistance(a: string, b: string): number {
  const [l, r] = [oklab(a), oklab(b)]
  return Math.hypot(l[0] - r[0], l[1] - r[1], l[2] - r[2])
}

/** Degrees between two hues in OKLab, 0 to 180. */
export function hueApart(a: string, b: string): number {
  return Math.abs(((hueOf(a) - hueOf(b) + 540) % 360) - 180)
}

/** Hue of a color in OKLab, degrees from 0 to 360. */
export function hueOf(color: string): number {
  const [, a, b] = oklab(color)
  return ((Math.atan2(b, a) * 180) / Math.PI + 360) % 360
}

/** How much color a color has: its chroma in OKLab. */
export function chromaOf(color: string): number {
  const [, a, b] = oklab(color)
  return Math.hypot(a, b)
}

/** Lightness of a color, CIE 1976 L* under D65, 0 to 100. @throws RangeError for what is no color */
export function lightnessOf(color: string): number {
  const lab = inLab(color)
  if (!lab) throw new RangeError(`a color is #rrggbb, got ${color}`)
  return lab.l
}

/** Words people type for a color. Bounds are our own starting values: chroma under 0.03 has no hue. */
export function colorWords(color: string): string[] {
  const [lightness, a, b] = oklab(color)
  const chroma = Math.hypot(a, b)
  const hue = ((Math.atan2(b, a) * 180) / Math.PI + 360) % 360
  if (chroma < 0.03) return grays(lightness, hue)
  const words = hueWords.filter(([from, to]) => (from <= to ? hue >= from && hue < to : hue >= from || hue < to)).flatMap(([, , list]) => list)
  if (lightness < 0.6 && hue >= 35 && hue < 100) words.push('brown')
  if (lightness > 0.8 && chroma < 0.07 && hue >= 40 && hue < 110) words.push('cream', 'beige')
  if (chroma < 0.06) words.push('gray')
  if (lightness > 0.82) words.push('pale')
  if (lightness < 0.4) words.push('dark')
  return words
}

/** Lightness in OKLab from which a red that leans to blue is pink. Our own starting value. */
const PINK_FROM = 0.6

/** The one word a color is called by: what it reads as before the hue it has. */
export function colorName(color: string): string {
  const words = colorWords(color)
  // a deep pink is called red
  if (words[0] === 'pink' && oklab(color)[0] < PINK_FROM) return 'red'
  return ['cream', 'brown'].find((word) => words.includes(word)) ?? words[0]!
}

function grays(lightness: number, hue: number): string[] {
  const warm = hue >= 40 && hue < 120
  if (lightness > 0.9) return warm ? ['white', 'cream', 'ivory', 'pale'] : ['white', 'pale']
  if (lightness > 0.3) return ['gray', ...(lightness > 0.75 ? ['pale', 'silver'] : []), ...(warm && lightness > 0.6 ? ['beige'] : [])]
  return ['black', 'dark']
}

const hueWords: readonly (readonly [from: number, to: number, words: readonly string[]])[] = [
  [345, 20, ['pink', 'red']],
  [10, 40, ['red']],
  [35, 70, ['orange', 'persimmon']],
  [65, 95, ['gold', 'brass', 'yellow']],
  [90, 115, ['yellow']],
  [115, 175, ['green']],
  [170, 215, ['teal']],
  [200, 280, ['blue']],
  [280, 320, ['purple', 'violet']],
  [315, 350, ['plum', 'purple', 'pink']]
]
