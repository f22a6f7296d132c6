import { faceRowsMm, ROWS, rowHalfWidthMm, type Shadow } from './shadow.js'

/**
 * Share of a face that shadows hide together, 0 to 1. Where several lie over one another what passes through them multiplies:
 * two of 0.7 hide 0.91.
 */
export function hiddenShare(shadows: readonly Shadow[]): number {
  if (shadows.length === 0) return 0
  let hiddenMm = 0
  for (let k = 0; k < ROWS; k++) hiddenMm += hiddenInRowMm(shadows, k)
  return Math.min(1, hiddenMm / faceRowsMm)
}

function hiddenInRowMm(shadows: readonly Shadow[], k: number): number {
  let only: Shadow | undefined
  let several = false
  for (const shadow of shadows) {
    if (!covers(shadow, k)) continue
    if (only) {
      several = true
      break
    }
    only = shadow
  }
  if (!only) return 0
  if (!several) {
    const i = k - only.first
    return (only.right[i]! - only.left[i]!) * only.opacity * only.share[i]!
  }
  return sweepRowMm(
    shadows.filter((shadow) => covers(shadow, k)),
    k
  )
}

function covers(shadow: Shadow, k: number): boolean {
  const i = k - shadow.first
  return i >= 0 && i < shadow.left.length && shadow.right[i]! > shadow.left[i]!
}

function sweepRowMm(shadows: readonly Shadow[], k: number): number {
  const stops = shadows.flatMap((s) => [s.left[k - s.first]!, s.right[k - s.first]!]).sort((a, b) => a - b)
  let hiddenMm = 0
  for (let i = 1; i < stops.length; i++) {
    const middle = (stops[i - 1]! + stops[i]!) / 2
    let passes = 1
    for (const s of shadows) {
      const j = k - s.first
      if (s.left[j]! <= middle && middle <= s.right[j]!) passes *= 1 - s.opacity * s.share[j]!
    }
    hiddenMm += (stops[i]! - stops[i - 1]!) * (1 - passes)
  }
  return Math.min(hiddenMm, 2 * rowHalfWidthMm[k]!)
}
