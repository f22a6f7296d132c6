import { courseKinds, type Course } from './course.js'

/** What is eaten and drunk, and how it is served. Amounts a portion in grams or milliliters. */

export const services = ['plated', 'family', 'buffet', 'passed'] as const
/** Brought on the plate, in dishes on the table, taken from a sideboard, or handed round. */
export type Service = (typeof services)[number]

export const eatenWith = ['usual', 'steak', 'fork', 'spoon', 'pastry', 'fingers'] as const
export type EatenWith = (typeof eatenWith)[number]

export const portionKinds = ['main', 'side', 'salad', 'soup', 'sauce', 'dessert', 'bread'] as const
export type PortionKind = (typeof portionKinds)[number]

export interface Dish {
  readonly id: string
  readonly name: string
  readonly course: Course
  readonly portion: PortionKind
  /** Null goes with the menu. */
  readonly service: Service | null
  readonly eatenWith: EatenWith
  readonly temperature: 'hot' | 'cold' | 'room'
  /** Sauced, dressed or dripping. */
  readonly wet: boolean
  readonly stains: boolean
  /** What somebody may not eat: nuts, gluten, dairy ... in the stylist's words, parted by commas. */
  readonly contains: string
  /** Id of the piece it is served in, or null while none is chosen. */
  readonly vesselId: string | null
  /** What it is served with; null takes the tool of its kind the household has. */
  readonly toolId: string | null
  /** Where the stylist stood its vessels on the table, in the table's frame; the others find a place by themselves. */
  readonly spots: readonly { readonly xMm: number; readonly yMm: number }[]
  /** Share of the guests who are expected to take it. */
  readonly takenPercent: number
  /** Who brings it; empty when the house cooks. */
  readonly broughtBy: string
}

export const drinkKinds = ['water', 'white', 'red', 'sparkling', 'hot'] as const
export type Drink = (typeof drinkKinds)[number]

export interface Menu {
  readonly service: Service
  readonly dishes: readonly Dish[]
  readonly drinks: readonly Drink[]
  /** One all-purpose glass serves white and red. */
  readonly oneGlass: boolean
  /** Length of the sideboard a buffet is laid on; null when there is none. */
  readonly sideboardMm: number | null
}

export const noMenu: Menu = { service: 'plated', dishes: [], drinks: [], oneGlass: false, sideboardMm: null }

/** A dish of which nothing is known but its course. */
export function newDish(id: string, course: Course): Dish {
  const portion = ({ oysters: 'main', soup: 'soup', fish: 'main', salad: 'salad', main: 'main', dessert: 'dessert' } as const)[course]
  return {
    id,
    name: '',
    course,
    portion,
    service: null,
    eatenWith: 'usual',
    temperature: course === 'soup' || course === 'main' || course === 'fish' ? 'hot' : 'cold',
    wet: portion === 'soup',
    stains: false,
    contains: '',
    vesselId: null,
    toolId: null,
    spots: [],
    takenPercent: 100,
    broughtBy: ''
  }
}

/** Courses in the order they come. */
export function inOrder(courses: readonly Course[]): Course[] {
  return courseKinds.filter((course) => courses.includes(course))
}
