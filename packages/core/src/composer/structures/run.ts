import { fromFrame } from '../../geometry/point.js'
import type { Cast } from '../cast.js'
import { isOpenFlame, item, leafGapMm, radiusOf, type Item } from '../item.js'
import { isTight, massAt, roomAt, type Table } from '../mass.js'
import type { Option } from '../stock.js'
import { LEAST_SPINE_MM } from './flanked.js'
import { inRing, lightsAt } from './lights.js'

/** One family or two alternating, evenly along the spine: masses at the gaps between guests, low things or sticks opposite plates. */
export function run(cast: Cast, table: Table): Item[][] {
  const { frame } = table
  const [mass, other] = [cast.hero, cast.light ?? cast.accent]
  if (!mass) return []
  if (frame.ring) return onRing(cast, table, mass, other)
  if (2 * frame.halfMm < LEAST_SPINE_MM) return []
  const stationed = atStations(cast, table, mass, other)
  const even = lattices(table).flatMap((step) => {
    const reach = Math.min(frame.halfMm - 40, 0.42 * 2 * frame.tableHalfMm)
    const each = Math.floor(reach / step)
    return [each, each - 1].flatMap((n) => {
      if (n < 1) return []
      const laid = along(cast, table, mass, other, step, n)
      return laid ? [laid] : []
    })
  })
  return [...even, ...stationed]
}

/** A mass at every gap between guests, something low or a stick in the middle between two, one beyond each end. */
function atStations(cast: Cast, table: Table, mass: Option, other: Option | null): Item[][] {
  const { frame } = table
  const bays = frame.bays.filter((x) => Math.abs(x) < frame.halfMm - 40)
  if (bays.length < 2 || bays.length > mass.count) return []
  const gaps = bays.slice(1).map((x, i) => x - bays[i]!)
  const between = bays.slice(1).map((x, i) => (x + bays[i]!) / 2)
  const widest = Math.min(...bays.map((x) => roomAt(table, x)), 0.2 * frame.scaleMm * table.scale, 215, 2 * widthBeside(table, other, Math.min(...gaps) / 2))
  const masses = bays.flatMap((x) => massAt(table, cast, mass, 'support', x, 0, widest, 0.86 * table.brief.clearTopMm) ?? [])
  if (masses.length < bays.length) return []
  const last = gaps[gaps.length - 1]! / 2
  const ends = [bays[0]! - last, bays[bays.length - 1]! + last]
  return [[...between, ...ends], between, ...(!other || isTight(table) ? [[]] : [])]
    .filter((xs) => !other || xs.length <= other.count)
    .map((xs) => [...masses, ...lightsOrFruit(other, xs)])
}

/** Half the distance between like things: half a place where guests sit evenly, else what suits the length. */
function lattices({ frame }: Table): number[] {
  const { bays } = frame
  const pitch = bays.length > 1 ? (bays[1]! - bays[0]!) / 2 : 0
  const free = [300, 260, 340, 220]
  return pitch > 170 ? [pitch, ...free] : free
}

/** Things at every step; masses at the middle and every second, so that both ends are alike. */
function along(cast: Cast, table: Table, mass: Option, other: Option | null, step: number, n: number): Item[] | undefined {
  const { frame } = table
  const hasBayAtMiddle = frame.bays.length % 2 === 1
  const isMass = (i: number) => (Math.abs(i) % 2 === 0) === (frame.bays.length === 0 || hasBayAtMiddle)
  const places = Array.from({ length: 2 * n + 1 }, (_, k) => k - n)
  const masses = other ? places.filter(isMass) : places
  const lights = other ? places.filter((i) => !isMass(i)) : []
  if (masses.length > mass.count || lights.length > (other?.count ?? 0) || masses.length + lights.length < 5) return undefined
  const widest = Math.min(...masses.map((i) => roomAt(table, i * step)), 0.2 * frame.scaleMm * table.scale, 215, 2 * widthBeside(table, other, step))
  const items: Item[] = []
  for (const i of masses) {
    const one = massAt(table, cast, mass, 'support', i * step, 0, widest, 0.86 * table.brief.clearTopMm)
    if (!one) return undefined
    items.push(one)
  }
  return [
    ...items,
    ...lightsOrFruit(
      other,
      lights.map((i) => i * step)
    )
  ]
}

/** Half of the widest mass that leaves a light at the next step clear of its leaves. */
function widthBeside({ brief }: Table, other: Option | null, step: number): number {
  if (!other) return step / 2 - 20
  const one = item(other, 'light', 0)
  return step - (isOpenFlame(one) ? leafGapMm(brief) + 2 : radiusOf(one) + 30)
}

function lightsOrFruit(other: Option | null, xs: readonly number[]): Item[] {
  if (!other) return []
  return other.part === 'fruit' || other.part === 'small' || other.part === 'compote' ? xs.map((x) => item(other, 'accent', x)) : lightsAt(other, xs.map((x) => [x, 0] as const)) // prettier-ignore
}

/** A mass at every fourth step, fruit between two, a light at every step between them: three kinds by turns, the same to both sides. */
export function richRun(cast: Cast, table: Table, fruit: Option | null): Item[][] {
  const { frame } = table
  const { hero: mass, light } = cast
  if (!mass || !light || !fruit || frame.ring || fruit.piece.id === mass.piece.id) return []
  const pitch = frame.bays.length > 1 ? (frame.bays[1]! - frame.bays[0]!) / 2 : 0
  const fruitMm = radiusOf(item(fruit, 'accent', 0))
  return [...(pitch > 170 ? [pitch] : []), 240, 210, 192].flatMap((step) => {
    const n = Math.floor(Math.min(frame.halfMm - 50, 0.43 * 2 * frame.tableHalfMm) / step)
    if (n < 4 || fruitMm + radiusOf(item(light, 'light', 0)) + 25 > step) return []
    const places = Array.from({ length: 2 * n + 1 }, (_, k) => k - n)
    const [masses, fruits, lights] = [places.filter((i) => i % 4 === 0), places.filter((i) => Math.abs(i) % 4 === 2), places.filter((i) => i % 2 !== 0)]
    if (masses.length < 3 || masses.length > mass.count || fruits.length > fruit.count || lights.length > light.count) return []
    const widest = Math.min(...masses.map((i) => roomAt(table, i * step)), 0.2 * frame.scaleMm * table.scale, 215, 2 * widthBeside(table, light, step))
    const laid = masses.flatMap((i) => massAt(table, cast, mass, 'support', i * step, 0, widest, 0.86 * table.brief.clearTopMm) ?? [])
    return laid.length === masses.length
      ? [
          [
            ...laid,
            ...lightsOrFruit(
              fruit,
              fruits.map((i) => i * step)
            ),
            ...lightsAt(
              light,
              lights.map((i) => [i * step, 0] as const)
            )
          ]
        ]
      : []
  })
}

/** On a round: masses at the gaps between guests, or at every second with lights between. */
function onRing(cast: Cast, table: Table, mass: Option, other: Option | null): Item[][] {
  const angles = table.frame.ring!
  const layouts: Item[][] = []
  for (const alternate of other && angles.length % 2 === 0 ? [true, false] : [false]) {
    const masses = alternate ? angles.filter((_, i) => i % 2 === 0) : angles
    const rest = alternate ? angles.filter((_, i) => i % 2 === 1) : []
    if (masses.length > mass.count || rest.length > (other?.count ?? 0)) continue
    const step = (2 * Math.PI) / angles.length
    for (const share of [0.62, 0.5, 0.42]) {
      const r = share * ringRoomMm(table)
      const chord = 2 * r * Math.sin(step / 2)
      const widest = Math.min(2 * widthBeside(table, alternate ? other : null, alternate ? chord : 2 * r * Math.sin(step / 2)), 0.15 * table.frame.scaleMm, 190)
      const probe = massAt(table, cast, mass, 'support', 0, 0, widest, 0.86 * table.brief.clearTopMm)
      if (!probe) continue
      const ring = inRing(probe, r, masses)
      const middle = other && !alternate ? lightsOrFruit(other, [0]) : []
      layouts.push([...ring, ...middle, ...lightsOrFruit(other, [0]).flatMap((one) => inRing(one, r, rest))])
    }
  }
  return layouts
}

/** How far from the middle of a ring things may stand at the gaps between guests. */
export function ringRoomMm(table: Table): number {
  const { frame, brief } = table
  const out = (angle: number, mm: number) => fromFrame(frame.pose, { x: mm * Math.cos(angle), y: mm * Math.sin(angle) })
  let r = 60
  while (r < frame.tableHalfMm && frame.ring!.every((angle) => brief.field.clearMm(out(angle, r)) > 45)) r += 15
  return r
}
