import { formatHex } from 'culori/fn'
import { colorDistance } from './colorWords.js'

/** Colors that lie nearer than this in OKLab are one. Our own starting value. */
const SAME = 0.12
const MOST_COLORS = 5
const LEAST_SHARE = 0.04

/** Main colors of RGBA bytes, the largest share first: cells of 16 levels, merged outward from the fullest in OKLab. */
export function mainColors(rgba: Uint8Array | Uint8ClampedArray): { readonly color: string; readonly share: number }[] {
  const cells = new Map<number, { count: number; r: number; g: number; b: number }>()
  for (let i = 0; i + 3 < rgba.length; i += 4) {
    const [r, g, b] = [rgba[i]!, rgba[i + 1]!, rgba[i + 2]!]
    const key = ((r >> 4) << 8) | ((g >> 4) << 4) | (b >> 4)
    const cell = cells.get(key) ?? { count: 0, r: 0, g: 0, b: 0 }
    cells.set(key, { count: cell.count + 1, r: cell.r + r, g: cell.g + g, b: cell.b + b })
  }
  const total = Math.max(1, Math.floor(rgba.length / 4))
  const found: { color: string; count: number }[] = []
  for (const cell of [...cells.values()].sort((a, b) => b.count - a.count)) {
    const mean = (sum: number) => sum / cell.count / 255
    const color = formatHex({ mode: 'rgb', r: mean(cell.r), g: mean(cell.g), b: mean(cell.b) })
    const near = found.find((one) => colorDistance(one.color, color) < SAME)
    if (near) near.count += cell.count
    else found.push({ color, count: cell.count })
  }
  return found
    .map(({ color, count }) => ({ color, share: count / total }))
    .filter(({ share }) => share >= LEAST_SHARE)
    .sort((a, b) => b.share - a.share)
    .slice(0, MOST_COLORS)
}
