import { differenceCiede2000, modeLab65, modeRgb, useMode, type Color } from 'culori/fn'

useMode(modeRgb)
const inLab = useMode(modeLab65)
const ciede2000 = differenceCiede2000()

/** CIEDE2000 color difference of two sRGB colors, or of two CIE L*a*b* values given as `lab65`. Source: Sharma, Wu, Dalal 2005. @throws RangeError for what is no color */
export function deltaE00(a: string | Color, b: string | Color): number {
  for (const color of [a, b]) if (typeof color === 'string' && !inLab(color)) throw new RangeError(`a color is #rrggbb, got ${color}`)
  return ciede2000(a, b)
}

/** CIE L*a*b* under D65. @throws RangeError for what is no color */
export function labOf(color: string): { readonly l: number; readonly a: number; readonly b: number } {
  const lab = inLab(color)
  if (!lab) throw new RangeError(`a color is #rrggbb, got ${color}`)
  return { l: lab.l, a: lab.a, b: lab.b }
}
