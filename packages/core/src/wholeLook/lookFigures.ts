import type { Measured } from '../assess/measure.js'
import { middleScorePart } from '../composition/score.js'

/** The few figures two looks are told apart by. */
export interface LookFigures {
  readonly spendCents: number
  readonly leftCents: number
  readonly perGuestCents: number
  readonly ownedShare: number
  readonly facesShare: number
  readonly lifts: number
  /** One pair of hands builds it in. */
  readonly minutes: number
  /** 0 to 1: how the middle keeps what eyes prefer; null for an empty one. */
  readonly middleScore: number | null
  readonly stops: number
  readonly warns: number
  /** A table of the evening without a light, where that is not meant so. */
  readonly unlit: boolean
}

export function lookFigures(measured: Measured): LookFigures {
  const { money, sight, stability, effort } = measured.figures
  const counted = (severity: 'stop' | 'warn') => measured.findings.filter((finding) => finding.severity === severity).length
  const middle = measured.get(middleScorePart)
  return {
    spendCents: money.spendCents,
    leftCents: money.leftCents,
    perGuestCents: money.perGuestCents,
    ownedShare: money.ownedShare,
    facesShare: sight.pairs > 0 ? sight.seen / sight.pairs : 1,
    lifts: stability.clearing.lifts.length,
    minutes: effort.totalMin,
    middleScore: middle.density === null ? null : middle.total,
    stops: counted('stop'),
    warns: counted('warn'),
    unlit: measured.findings.some((finding) => finding.code === 'compose.light')
  }
}
