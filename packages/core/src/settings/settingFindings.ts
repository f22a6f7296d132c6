import type { BareFinding } from '../design/finding.js'
import { narrowestInsideMm, type SeatPlan } from '../seating/seatPlan.js'
import { settingCrowding, type Crowding, type LaidItem } from './settingCrowding.js'
import type { SettingLayout } from '../placing/settingItems.js'

/** Whether the settings fit beside each other, and what the courses ask for and the pattern lacks. */
export function settingFindings(plan: SeatPlan, layout: SettingLayout, laid: readonly (readonly LaidItem[])[]): BareFinding[] {
  const findings = layout.missing.map((role): BareFinding => ({
    code: 'flatware.missing',
    severity: 'warn',
    at: { kind: 'role', role },
    measured: { pieces: 0 },
    limit: { pieces: plan.places.length },
    because: 'courses'
  }))
  const crowded = settingCrowding(laid, plan.places, layout)
  if (crowded.length > 0) {
    findings.push({
      code: 'setting.crowded',
      severity: 'warn',
      at: { kind: 'seats', numbers: [...new Set(crowded.flatMap((pair) => [pair.from, pair.to]))].sort((a, b) => a - b) },
      measured: { overlapMm: crowded[0]!.overlapMm, widthMm: layout.widthMm, pairs: crowded.length },
      limit: { overlapMm: 0, widthMm: narrowestInsideMm(plan.places, plateLineMm(layout)) },
      because: crowded.every((pair) => isCorner(plan, pair)) ? 'corner' : 'settings-touch'
    })
  }
  return findings
}

/** How far inside the edge the plates' middles lie. */
function plateLineMm({ items }: SettingLayout): number {
  return Math.max(0, ...items.map((item) => (item.what === 'plate' ? item.y : 0)))
}

/** Whether one of two guests sits at the end and the other on the side next to it. */
function isCorner({ places }: SeatPlan, { from, to }: Crowding): boolean {
  const sideOf = (number: number) => places.find((place) => place.number === number)?.side
  return (sideOf(from) === 'head') !== (sideOf(to) === 'head')
}
