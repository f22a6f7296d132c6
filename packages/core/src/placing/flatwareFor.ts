import type { Course } from '../design/course.js'
import { noMenu, type Dish, type EatenWith, type Menu } from '../design/menu.js'
import type { FlatwareRole } from '../design/piece.js'

/** Flatware before a guest: each list from the plate outward, so its last member is used first. */
export interface FlatwareOrder {
  readonly left: readonly FlatwareRole[]
  readonly right: readonly FlatwareRole[]
  readonly above: readonly FlatwareRole[]
  /** More than three of one implement: these come in with their course. */
  readonly broughtIn: readonly FlatwareRole[]
}

interface Tools {
  readonly fork?: FlatwareRole
  readonly right?: FlatwareRole
}

const usual: Record<Course, Tools> = {
  oysters: { right: 'oyster-fork' },
  soup: { right: 'soup-spoon' },
  fish: { fork: 'fish-fork', right: 'fish-knife' },
  salad: { fork: 'salad-fork' },
  main: { fork: 'dinner-fork', right: 'dinner-knife' },
  dessert: { fork: 'dessert-fork', right: 'dessert-spoon' }
}

/** What a dish of a course is eaten with: the course's own pieces unless the dish says otherwise. Common practice, no source. */
function toolsOf(course: Course, how: EatenWith): Tools {
  const { fork, right } = usual[course]
  switch (how) {
    case 'usual':
      return usual[course]
    case 'steak':
      return { fork: fork ?? 'dinner-fork', right: 'steak-knife' }
    case 'fork':
      return { fork: fork ?? 'salad-fork' }
    case 'spoon':
      return { right: right?.endsWith('spoon') ? right : 'soup-spoon' }
    case 'pastry':
      return { fork: 'pastry-fork' }
    case 'fingers':
      return {}
  }
}

/** All that a course asks for: by its dishes where there are any, each kind of piece once. */
function askedBy(course: Course, dishes: readonly Dish[]): { readonly forks: readonly FlatwareRole[]; readonly right: readonly FlatwareRole[] } {
  const own = dishes.filter((dish) => dish.course === course && dish.portion !== 'sauce' && dish.portion !== 'bread')
  const tools = own.length > 0 ? own.map((dish) => toolsOf(course, dish.eatenWith)) : [usual[course]]
  const each = (part: keyof Tools) => [...new Set(tools.flatMap((tool) => tool[part] ?? []))]
  return { forks: each('fork'), right: each('right') }
}

/** At most this many of any implement lie on the table at once, the oyster fork not counted. */
export const MOST_OF_ONE = 3

/**
 * Flatware in the order of the courses: outside in, forks left, knives and spoons right, dessert fork and spoon above or brought in; at a
 * buffet one fork and one knife. Source: Emily Post, Etiquette (value from memory).
 */
export function flatwareFor(courses: readonly Course[], dessertAbove: boolean, menu: Pick<Menu, 'service' | 'dishes'> = noMenu): FlatwareOrder {
  if (menu.service === 'buffet') return buffetFlatware(courses, menu.dishes)
  const before = courses.filter((course) => course !== 'dessert')
  const asked = [...before].reverse().map((course) => askedBy(course, menu.dishes))
  const forks = unique(asked.flatMap((one) => one.forks))
  const right = unique(asked.flatMap((one) => one.right))
  const dessert = dessertOf(courses, menu.dishes)
  return {
    left: forks.slice(-MOST_OF_ONE),
    right: laidOf(right).laid,
    above: dessertAbove ? dessert : [],
    broughtIn: [...forks.slice(0, Math.max(0, forks.length - MOST_OF_ONE)), ...laidOf(right).later, ...(dessertAbove ? [] : dessert)]
  }
}

/** One fork and one knife for whatever is on the buffet; none where all of it is eaten by hand. */
function buffetFlatware(courses: readonly Course[], dishes: readonly Dish[]): FlatwareOrder {
  const savory = dishes.filter((dish) => dish.course !== 'dessert')
  const byHand = savory.length > 0 && savory.every((dish) => dish.eatenWith === 'fingers')
  return { left: byHand ? [] : ['dinner-fork'], right: byHand ? [] : ['dinner-knife'], above: [], broughtIn: dessertOf(courses, dishes) }
}

function dessertOf(courses: readonly Course[], dishes: readonly Dish[]): FlatwareRole[] {
  if (!courses.includes('dessert')) return []
  const { forks, right } = askedBy('dessert', dishes)
  return [...forks, ...right]
}

/** Nearest the plate first, each role once: where it is used first, so its outermost. */
function unique(roles: readonly FlatwareRole[]): FlatwareRole[] {
  return roles.filter((role, i) => roles.lastIndexOf(role) === i)
}

/** At most three knives and three spoons lie; those used last come in with their course. */
function laidOf(right: readonly FlatwareRole[]): { readonly laid: FlatwareRole[]; readonly later: FlatwareRole[] } {
  const kind = (role: FlatwareRole) => role.slice(role.lastIndexOf('-') + 1)
  const isOver = (role: FlatwareRole, i: number) => right.slice(i).filter((other) => kind(other) === kind(role)).length > MOST_OF_ONE
  return { laid: right.filter((role, i) => !isOver(role, i)), later: right.filter(isOver) }
}
