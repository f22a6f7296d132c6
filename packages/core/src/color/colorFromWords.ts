import { formatHex, modeOklch, modeRgb, useMode, type Oklch } from 'culori/fn'
import { plainWords, wordTable } from '../units/plainWords.js'

const inRgb = useMode(modeRgb)
const inOklch = useMode(modeOklch)

/** Words of colors beyond the 148 that CSS names, in the languages lists come in; the values are our own, by eye. */
const lists: Readonly<Record<string, string>> = {
  '#f7f7f5': 'white, weiss, blanc, blanco, bianco, wit, blanche',
  '#222222': 'black, schwarz, noir, negro, nero, zwart',
  '#8f8f8f': 'gray, grey, grau, gris, grigio, grijs',
  '#b3282d': 'red, rot, rouge, rojo, rosso, rood',
  '#d9772b': 'orange, arancione, oranje, naranja',
  '#e3bc3d': 'yellow, gelb, jaune, amarillo, giallo, geel, mustard, senf, moutarde, ocher, ochre, ocker, ocre',
  '#5b7f4c': 'green, grün, vert, verde, groen',
  '#3d648f': 'blue, blau, bleu, azul, blu, blauw, indigo',
  '#b8cfe0': 'sky, light blue, himmelblau, bleu clair, celeste, azzurro, lichtblauw',
  '#7b5a8c': 'purple, violet, lila, violett, morado, viola, paars, lavender, lavendel',
  '#e3a3ad': 'pink, rosa, rose, roze, blush',
  '#7a5236': 'brown, braun, brun, marron, marrón, marrone, bruin',
  '#e8dcc3': 'beige, cream, crème, creme, ecru, écru, sand, natur, natural, naturel, crudo, ivory, elfenbein, ivoire, avorio, oyster, flax, oatmeal',
  '#b8924a': 'gold, golden, brass, messing, doré, dorado, oro, goud, dorato, laiton',
  '#b9bcbf': 'silver, silber, argent, argenté, plateado, plata, argento, zilver',
  '#b4694a': 'copper, terracotta, kupfer, cuivre, terrakotta, rust, rost, rouille, persimmon, cobre, rame',
  '#8fa07e': 'sage, salbei, sauge, olive, oliv, oliva, salie',
  '#1f2f4f': 'navy, marine, dunkelblau, bleu marine, azul marino, marineblauw',
  '#6d1f33': 'burgundy, bordeaux, wine, weinrot, granate, bordó, plum, pflaume, prune',
  '#4a4a4a': 'charcoal, anthracite, anthrazit, antraciet, antracita, antracite',
  '#2f8a86': 'teal, turquoise, türkis, petrol, turquesa, turchese',
  '#e8ecec': 'clear, transparent, klar, durchsichtig, claro, trasparente, helder, transparant'
}

const words = wordTable<string>(lists)

/** Before or after the color, joined or not: how much lighter it is, OKLab. Our own values. */
const shades: readonly (readonly [RegExp, number])[] = [
  [/^(dark|deep|dunkel|donker)\s*|\s*(fonce|oscuro|scuro)$/, -0.15],
  [/^(light|pale|soft|hell|licht)\s*|\s*(clair|claro|chiaro|pale)$/, 0.15]
]

/**
 * The color that words mean, as `#rrggbb`: a hexadecimal, rgb() or named color of CSS, or the word of a language lists come in, lightened or darkened.
 * The first color of `white / gold` is taken. Undefined where no word is known.
 */
export function colorFromWords(text: string): string | undefined {
  const written = text.trim()
  if (/^(rgba?\(|#)/i.test(written)) return hex(inRgb(written))
  for (const part of text.split(/[/,;+&]|\b(?:and|und|et|y|e|en|with|mit|avec|con)\b/i)) {
    const color = one(plainWords(part))
    if (color) return color
  }
  return undefined
}

function one(text: string): string | undefined {
  if (text === '') return undefined
  const known = words.get(text) ?? hex(inRgb(text.replace(/ /g, ''))) ?? (/^[0-9a-f]{6}$/.test(text) ? `#${text}` : undefined)
  if (known) return known
  for (const [pattern, lighter] of shades)
    if (pattern.test(text)) {
      const base = one(text.replace(pattern, ''))
      return base && shaded(base, lighter)
    }
  const [first, ...rest] = text.split(' ')
  return rest.length > 0 ? (one(rest.join(' ')) ?? one(first!)) : undefined
}

function hex(color: ReturnType<typeof inRgb>): string | undefined {
  return color && (color.alpha ?? 1) > 0 ? formatHex(color) : undefined
}

function shaded(color: string, lighter: number): string {
  const base = inOklch(color) as Oklch
  return formatHex({ ...base, l: Math.min(0.97, Math.max(0.08, base.l + lighter)) })
}
