import { faceRowsMm, ROWS, type Shadow } from './shadow.js'

/** What shadows hide of a face together, 0 to 1, and for each of their owners the share that would be seen again without it. */
export interface HiddenAndRegained {
  readonly hidden: number
  readonly regained: readonly number[]
}

/**
 * Share of a face that shadows hide together, 0 to 1. Where several lie over one another what passes through them multiplies:
 * two of 0.7 hide 0.91.
 */
export function hiddenShare(shadows: readonly Shadow[]): number {
  return hiddenAndRegained(shadows, new Array<number>(shadows.length).fill(0), 1).hidden
}

/** The same with what each owner costs; `owner` has the number of each shadow's owner, from 0 to `owners` - 1. */
export function hiddenAndRegained(shadows: readonly Shadow[], owner: readonly number[], owners: number): HiddenAndRegained {
  const row = { owner, hiddenMm: 0, regainedMm: new Float64Array(owners), through: new Float64Array(owners).fill(1) }
  for (let k = 0; k < ROWS; k++) addRow(row, shadows, k)
  return { hidden: Math.min(1, row.hiddenMm / faceRowsMm), regained: Array.from(row.regainedMm, (mm) => Math.min(1, mm / faceRowsMm)) }
}

interface Row {
  readonly owner: readonly number[]
  hiddenMm: number
  readonly regainedMm: Float64Array
  /** What passes through the shadows of each owner at the place looked at; 1 between places. */
  readonly through: Float64Array
}

function addRow(row: Row, shadows: readonly Shadow[], k: number): void {
  const here: number[] = []
  for (let s = 0; s < shadows.length; s++) if (covers(shadows[s]!, k)) here.push(s)
  if (here.length === 0) return
  if (here.length === 1) {
    const { first, left, right, share, opacity } = shadows[here[0]!]!
    const i = k - first
    const mm = (right[i]! - left[i]!) * opacity * share[i]!
    row.hiddenMm += mm
    row.regainedMm[row.owner[here[0]!]!]! += mm
    return
  }
  const stops = new Float64Array(2 * here.length)
  here.forEach((s, i) => {
    const { first, left, right } = shadows[s]!
    stops[2 * i] = left[k - first]!
    stops[2 * i + 1] = right[k - first]!
  })
  stops.sort()
  for (let i = 1; i < stops.length; i++) if (stops[i]! > stops[i - 1]!) addStretch(row, shadows, here, k, stops[i - 1]!, stops[i]!)
}

function covers(shadow: Shadow, k: number): boolean {
  const i = k - shadow.first
  return i >= 0 && i < shadow.left.length && shadow.right[i]! > shadow.left[i]!
}

/** A stretch of a row in which no shadow begins or ends: what passes all owners, and what would pass without each of them. */
function addStretch(row: Row, shadows: readonly Shadow[], here: readonly number[], k: number, from: number, to: number): void {
  const middle = (from + to) / 2
  const { owner, through, regainedMm } = row
  const over: number[] = []
  for (const s of here) {
    const { first, left, right, share, opacity } = shadows[s]!
    const j = k - first
    if (left[j]! > middle || middle > right[j]!) continue
    const o = owner[s]!
    if (!over.includes(o)) over.push(o)
    through[o]! *= 1 - opacity * share[j]!
  }
  let passes = 1
  for (const o of over) passes *= through[o]!
  row.hiddenMm += (to - from) * (1 - passes)
  for (const one of over) {
    let others = 1
    if (through[one] !== 0) others = passes / through[one]!
    else for (const o of over) if (o !== one) others *= through[o]!
    regainedMm[one]! += (to - from) * (others - passes)
  }
  for (const o of over) through[o] = 1
}
