import type { Look } from '../design/look.js'
import type { Flatware, Plate } from '../design/piece.js'
import { flatwareFor } from '../placing/flatwareFor.js'

/** Plates on top of the dinner plate that the courses ask for. */
export function askedUppers({ occasion }: Pick<Look, 'occasion'>): Plate['role'][] {
  return (['salad', 'soup'] as const).filter((course) => occasion.courses.includes(course)).map((course) => (course === 'soup' ? 'bowl' : course))
}

/** Flatware that the courses ask for. */
export function askedFlatware({ occasion, setting, menu }: Pick<Look, 'occasion' | 'setting' | 'menu'>): ReadonlySet<Flatware['role']> {
  const { left, right, above, broughtIn } = flatwareFor(occasion.courses, setting.dessertAbove, menu)
  return new Set([...left, ...right, ...above, ...broughtIn])
}
