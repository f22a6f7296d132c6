/** OKLab of an sRGB color `#rrggbb` (Ottosson 2020). */
export function oklab(color: string): readonly [lightness: number, a: number, b: number] {
  const [r, g, b] = [1, 3, 5].map((i) => linear(parseInt(color.slice(i, i + 2), 16) / 255)) as [number, number, number]
  const l = Math.cbrt(0.4122214708 * r + 0.5363325363 * g + 0.0514459929 * b)
  const m = Math.cbrt(0.2119034982 * r + 0.6806995451 * g + 0.1073969566 * b)
  const s = Math.cbrt(0.0883024619 * r + 0.2817188376 * g + 0.6299787005 * b)
  return [
    0.2104542553 * l + 0.793617785 * m - 0.0040720468 * s,
    1.9779984951 * l - 2.428592205 * m + 0.4505937099 * s,
    0.0259040371 * l + 0.7827717662 * m - 0.808675766 * s
  ]
}

function linear(value: number): number {
  return value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4
}

/** Lightness of a color, CIE 1976 L* under D65, 0 to 100. */
export function lightnessOf(color: string): number {
  const [r, g, b] = [1, 3, 5].map((i) => linear(parseInt(color.slice(i, i + 2), 16) / 255)) as [number, number, number]
  const y = 0.2126 * r + 0.7152 * g + 0.0722 * b
  return y > 216 / 24389 ? 116 * Math.cbrt(y) - 16 : (y * 24389) / 27
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
