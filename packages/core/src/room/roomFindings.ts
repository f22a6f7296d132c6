import type { BareFinding } from '../design/finding.js'
import { sides, type Guest, type Look, type Side } from '../design/look.js'
import type { Standing } from '../centerpiece/standing.js'
import {
  ARMCHAIR_MM,
  BEHIND_PASS_MM,
  BEHIND_WALL_MM,
  CHAIR_GAP_MM,
  FIXTURE_CLEAR_MM,
  HIGH_CHAIR_MM,
  HIGH_CHAIR_UP_TO_YEARS,
  seatRoomMm,
  wheelchairMm
} from '../reference/room.js'
import { tableSeams } from '../seating/polygonTables.js'
import { behindNeededMm, sideBehind } from '../seating/behind.js'
import type { SeatPlan } from '../seating/seatPlan.js'

type Parts = Pick<Look, 'table' | 'room' | 'linens'>

/** Clear height for knees under a table; null when its apron was never measured. */
export function kneeHeightMm({ heightMm, apronMm }: Look['table']): number | null {
  return apronMm === null ? null : heightMm - apronMm
}

/** Wheelchairs, chairs, walls behind, the lamp above and bare seams. */
export function roomFindings(look: Parts, plan: SeatPlan, standing: readonly Standing[]): BareFinding[] {
  return [
    ...wheelchairFindings(look, plan),
    ...chairFindings(look, plan),
    ...highChairFindings(plan),
    ...behindFindings(look, plan),
    ...fixtureFindings(look, standing),
    ...seamFindings(look)
  ]
}

function wheelchairFindings(look: Parts, plan: SeatPlan): BareFinding[] {
  const numbers = numbersOf(plan, (guest) => guest.wheelchair)
  if (numbers.length === 0) return []
  const found: BareFinding[] = []
  const knees = kneeHeightMm(look.table)
  const at = { kind: 'seats', numbers } as const
  if (knees !== null && (knees < wheelchairMm.kneeHeight || look.table.heightMm > wheelchairMm.surfaceHigh || look.table.heightMm < wheelchairMm.surfaceLow))
    found.push({
      code: 'wheelchair.knees',
      severity: 'warn',
      at,
      measured: { kneeMm: knees, heightMm: look.table.heightMm },
      limit: { kneeMm: wheelchairMm.kneeHeight, lowMm: wheelchairMm.surfaceLow, highMm: wheelchairMm.surfaceHigh },
      because: 'knees-under'
    })
  const narrow = numbers.filter((number) => plan.places[number - 1]!.widthMm < wheelchairMm.kneeWidth)
  if (narrow.length > 0)
    found.push({
      code: 'wheelchair.width',
      severity: 'note',
      at: { kind: 'seats', numbers: narrow },
      measured: { widthMm: Math.min(...narrow.map((number) => plan.places[number - 1]!.widthMm)) },
      limit: { widthMm: wheelchairMm.kneeWidth },
      because: 'wheels'
    })
  return found
}

function chairFindings(look: Parts, plan: SeatPlan): BareFinding[] {
  const { chair } = look.table
  if (chair.kind === 'bench') return benchFindings(look, plan)
  const room = (guest: Guest) =>
    guest.wheelchair
      ? 0
      : guest.chair === 'high-chair'
        ? HIGH_CHAIR_MM + CHAIR_GAP_MM
        : guest.chair === 'armchair'
          ? Math.max(seatRoomMm.arm, ARMCHAIR_MM + CHAIR_GAP_MM)
          : chair.widthMm + CHAIR_GAP_MM
  const wide = plan.places.filter((place, i) => place.side !== 'head' && place.widthMm < room(plan.guests[i]!))
  if (wide.length === 0) return []
  return [
    {
      code: 'chair.wide',
      severity: 'warn',
      at: { kind: 'seats', numbers: wide.map((place) => place.number) },
      measured: { widthMm: Math.min(...wide.map((place) => place.widthMm)) },
      limit: { widthMm: Math.max(...wide.map((place) => room(plan.guests[place.number - 1]!))) },
      because: 'chairs-touch'
    }
  ]
}

function highChairFindings(plan: SeatPlan): BareFinding[] {
  const ageOf = ({ body }: Guest) => (body.kind === 'child' ? body.ageYears : Infinity)
  const numbers = numbersOf(plan, (guest) => guest.chair === 'high-chair' && ageOf(guest) > HIGH_CHAIR_UP_TO_YEARS)
  if (numbers.length === 0) return []
  return [
    {
      code: 'high-chair.age',
      severity: 'note',
      at: { kind: 'seats', numbers },
      measured: { guests: numbers.length },
      limit: { ageYears: HIGH_CHAIR_UP_TO_YEARS },
      because: 'high-chair'
    }
  ]
}

/** One bench a long side; each guest on it has 20 in. */
function benchFindings({ table }: Parts, plan: SeatPlan): BareFinding[] {
  const onSide = (side: Side) => plan.places.filter((place) => place.side !== 'head' && sideBehind(place) === side)
  const fullest = (['north', 'south'] as const).map(onSide).reduce((a, b) => (b.length > a.length ? b : a))
  const neededMm = fullest.length * seatRoomMm.bench
  if (fullest.length === 0 || neededMm <= table.chair.widthMm) return []
  return [
    {
      code: 'bench.short',
      severity: 'warn',
      at: { kind: 'seats', numbers: fullest.map((place) => place.number) },
      measured: { widthMm: table.chair.widthMm, guests: fullest.length },
      limit: { widthMm: neededMm },
      because: 'bench-room'
    }
  ]
}

function behindFindings(look: Parts, plan: SeatPlan): BareFinding[] {
  return sides.flatMap((side): BareFinding[] => {
    const clear = look.room.clearMm[side]
    const places = plan.places.filter((place) => sideBehind(place) === side)
    if (clear === null || places.length === 0) return []
    const needed = behindNeededMm(
      look,
      places.map((place) => plan.guests[place.number - 1]!)
    )
    if (clear >= needed) return []
    return [
      {
        code: 'room.behind',
        severity: clear < BEHIND_WALL_MM && look.table.chair.kind !== 'bench' ? 'warn' : 'note',
        at: { kind: 'side', side },
        measured: { clearMm: clear, guests: places.length },
        limit: { clearMm: needed },
        because: needed === BEHIND_PASS_MM && look.room.pass ? 'pass-behind' : needed === wheelchairMm.clearDepth ? 'wheels' : 'push-back'
      }
    ]
  })
}

function fixtureFindings({ room, table }: Parts, standing: readonly Standing[]): BareFinding[] {
  const { fixture } = room
  if (!fixture) return []
  const bottomMm = fixture.bottomMm - (fixture.greens?.hangsMm ?? 0) - table.heightMm
  const under = standing.filter((piece) => Math.hypot(piece.pose.x, piece.pose.y) < fixture.widthMm / 2 && piece.topMm > bottomMm - FIXTURE_CLEAR_MM)
  return under.map((piece): BareFinding => ({
    code: 'fixture.low',
    severity: 'warn',
    at: { kind: 'piece', placedId: piece.placed.id },
    measured: { heightMm: piece.topMm },
    limit: { heightMm: bottomMm - FIXTURE_CLEAR_MM },
    because: 'lamp'
  }))
}

function seamFindings({ table, linens }: Parts): BareFinding[] {
  const seams = tableSeams(table.shape).length
  if (seams === 0 || linens.clothId !== null) return []
  return [{ code: 'table.seam', severity: 'note', at: { kind: 'table' }, measured: { seams }, limit: { seams: 0 }, because: 'seams-show' }]
}

function numbersOf(plan: SeatPlan, is: (guest: Guest) => boolean): number[] {
  return plan.places.filter((place) => is(plan.guests[place.number - 1]!)).map((place) => place.number)
}
