import type { BareFinding } from '../design/finding.js'
import type { Comfort, Look } from '../design/look.js'
import { placeWidthMm } from '../reference/places.js'
import { narrowestMm, WIDTH_TOLERANCE_MM, type SeatPlan } from './seatPlan.js'

/** Whether everybody has room on the edge and for their knees. */
export function seatingFindings(school: Look['school'], plan: SeatPlan, capacity: Readonly<Record<Comfort, number>>): BareFinding[] {
  const findings: BareFinding[] = []
  const narrowest = narrowestMm(plan.places)
  const wanted = placeWidthMm[school.comfort]
  if (narrowest < wanted - WIDTH_TOLERANCE_MM) {
    const tooNarrow = narrowest < placeWidthMm.tight - WIDTH_TOLERANCE_MM
    const tight = plan.places.filter((place) => place.widthMm < wanted - WIDTH_TOLERANCE_MM)
    findings.push({
      code: tooNarrow ? 'places.too-narrow' : 'places.narrow',
      severity: tooNarrow ? 'stop' : 'warn',
      at: { kind: 'seats', numbers: tight.map((place) => place.number) },
      measured: { widthMm: narrowest, guests: plan.places.length },
      limit: { widthMm: wanted, guests: capacity[school.comfort], guestsTight: capacity.tight },
      because: 'elbows'
    })
  }
  if (plan.kneesAtLeg.length > 0 && !school.meant.includes('places.knees')) {
    findings.push({
      code: 'places.knees',
      severity: 'warn',
      at: { kind: 'seats', numbers: plan.kneesAtLeg },
      measured: { guests: plan.kneesAtLeg.length },
      limit: { guests: 0 },
      because: 'legs'
    })
  }
  return findings
}
