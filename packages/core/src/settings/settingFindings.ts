import type { BareFinding } from '../design/finding.js'
import { narrowestPlateLineMm, type SeatPlan } from '../seating/seatPlan.js'
import { settingCrowding, type LaidItem } from './settingCrowding.js'
import type { SettingLayout } from './settingItems.js'

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
      limit: { overlapMm: 0, widthMm: narrowestPlateLineMm(plan.places) },
      because: 'settings-touch'
    })
  }
  return findings
}
