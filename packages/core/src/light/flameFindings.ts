import { lampGreensSolid } from '../centerpiece/lampGreens.js'
import type { Standing } from '../centerpiece/standing.js'
import { pieceIndex } from '../design/find.js'
import type { BareFinding } from '../design/finding.js'
import type { Look } from '../design/look.js'
import type { Point } from '../geometry/point.js'
import { flameClearance, fuelOf } from '../reference/burning.js'
import type { Place } from '../seating/places.js'
import { flameConflicts, isWorse, type FlameConflict } from './flameConflicts.js'
import { flamesOf, type Flame } from './flames.js'
import type { LaidTinder } from './laidTinder.js'
import { nearness, nearnessOfLaid } from './nearFlame.js'
import { atSleeves } from './sleeves.js'

/** What a table's flames can reach. */
export interface FlameWorld {
  readonly standing: readonly Standing[]
  readonly tinder: readonly LaidTinder[]
  readonly places: readonly Place[]
  /** Where shared dishes stand. */
  readonly dishes: readonly Point[]
}

type Parts = Pick<Look, 'occasion' | 'school' | 'household' | 'pieces' | 'room' | 'table'>

/** Flames near what burns, near each other, where sleeves come, and in a house with small children or animals. */
export function flameFindings(look: Parts, world: FlameWorld): BareFinding[] {
  const flames = flamesOf(world.standing, look.occasion.endMin)
  if (flames.length === 0) return []
  return [...near(look, world), ...nearLaid(flames, world.tinder), ...underLamp(look, flames), ...sleeves(flames, world), ...household(look, flames)]
}

/** The worst of each flame is told; all that is only nearer than the guidance says is one note. */
function near(look: Parts, { standing }: FlameWorld): BareFinding[] {
  const conflicts = flameConflicts(standing, look.occasion.endMin, look.school)
  const grave = worstOfEach(
    conflicts.filter((one) => one.severity !== 'guidance'),
    ({ flame, because }) => `${because === 'flames-lean'} ${flame.placed.id}`
  ).map(({ severity, because, flame, other, distanceMm, limitMm }): BareFinding => {
    const found = {
      at: { kind: 'piece', placedId: flame.placed.id, otherId: other.placed.id },
      measured: { distanceMm },
      limit: { distanceMm: limitMm }
    } as const
    if (because === 'flames-lean') return { code: 'flame.flame', severity: 'warn', ...found, because }
    return { code: 'flame.near', severity: severity === 'stop' ? 'stop' : 'warn', ...found, because }
  })
  const guidance = conflicts.filter((one) => one.severity === 'guidance')
  if (guidance.length === 0) return grave
  return [
    ...grave,
    {
      code: 'flame.guidance',
      severity: 'note',
      at: { kind: 'table' },
      measured: { flames: new Set(guidance.map((one) => one.flame)).size, distanceMm: Math.min(...guidance.map((one) => one.distanceMm)) },
      limit: { distanceMm: flameClearance[look.school.safety].fromCombustibleMm },
      because: 'fresh'
    }
  ]
}

function worstOfEach(conflicts: readonly FlameConflict[], keyOf: (conflict: FlameConflict) => string): FlameConflict[] {
  const worst = new Map<string, FlameConflict>()
  for (const one of conflicts) {
    if (isWorse(one, worst.get(keyOf(one)))) worst.set(keyOf(one), one)
  }
  return [...worst.values()]
}

/** Each flame's nearest folded napkin or card, where that is too near. */
export function nearLaid(flames: readonly Flame[], tinder: readonly LaidTinder[]): BareFinding[] {
  return flames.flatMap((flame): BareFinding[] => {
    if (flame.inside !== null) return []
    const far = flameClearance.US.fromCombustibleMm + 200
    let worst: (Pick<LaidTinder, 'number' | 'what'> & NonNullable<ReturnType<typeof nearnessOfLaid>>) | undefined
    for (const { number, what, solid } of tinder) {
      if (Math.abs(solid.x - flame.x) > far || Math.abs(solid.y - flame.y) > far) continue
      const nearness = nearnessOfLaid(flame, solid)
      if (nearness && nearness.distanceMm < (worst?.distanceMm ?? Infinity)) worst = { number, what, ...nearness }
    }
    if (!worst) return []
    return [
      {
        code: 'flame.setting',
        severity: worst.severity === 'stop' ? 'stop' : 'warn',
        at: { kind: 'piece', placedId: flame.standing.placed.id },
        measured: { distanceMm: worst.distanceMm, seat: worst.number },
        limit: { distanceMm: worst.limitMm },
        because: worst.what
      }
    ]
  })
}

/** Each flame too near to what is hung round the lamp above it. */
function underLamp({ room: { fixture }, table, pieces, school }: Parts, flames: readonly Flame[]): BareFinding[] {
  const index = pieceIndex({ pieces })
  const solid = fixture && lampGreensSolid(fixture, table.heightMm, index)
  const piece = index.get(fixture?.greens?.pieceId ?? '')
  const fuel = piece ? fuelOf[piece.material] : 'none'
  if (!solid || fuel === 'none') return []
  return flames.flatMap((flame): BareFinding[] => {
    const near = nearness(flame, { solid, fuel, flat: false }, school.strictFlames)
    if (!near || near.severity === 'guidance') return []
    const { severity, because, distanceMm, limitMm } = near
    const at = { kind: 'piece', placedId: flame.standing.placed.id } as const
    return [{ code: 'flame.lamp', severity, at, measured: { distanceMm }, limit: { distanceMm: limitMm }, because }]
  })
}

/** Each open flame where a sleeve or hair comes. */
export function sleeves(flames: readonly Flame[], { places, dishes }: Pick<FlameWorld, 'places' | 'dishes'>): BareFinding[] {
  return atSleeves(flames, places, dishes).map(({ flame, because, number, distanceMm, limitMm }) => ({
    code: 'flame.sleeves',
    severity: 'warn',
    at: { kind: 'piece', placedId: flame.standing.placed.id },
    measured: { distanceMm, seat: number },
    limit: { distanceMm: limitMm },
    because
  }))
}

/** Where small children are about an open flame is a warning, one behind glass is worth knowing. */
function household({ household: { cats, dogs, toddlers } }: Parts, flames: readonly Flame[]): BareFinding[] {
  if (!(cats || dogs || toddlers)) return []
  const open = flames.some((flame) => !flame.glass && flame.inside === null)
  return [
    {
      code: 'flame.household',
      severity: toddlers && open ? 'warn' : 'note',
      at: { kind: 'table' },
      measured: { flames: flames.length },
      limit: { flames: 0 },
      because: toddlers ? 'toddlers' : cats ? 'cats' : 'dogs'
    }
  ]
}
