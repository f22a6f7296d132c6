import type { Course } from '../design/look.js'
import type { FlatwareRole } from '../design/piece.js'

/** Flatware before a guest: each list from the plate outward, so its last member is used first. */
export interface FlatwareOrder {
  readonly left: readonly FlatwareRole[]
  readonly right: readonly FlatwareRole[]
  readonly above: readonly FlatwareRole[]
  /** More than three of one implement: these come in with their course. */
  readonly broughtIn: readonly FlatwareRole[]
}

const needs: Record<Course, { readonly fork?: FlatwareRole; readonly right?: FlatwareRole }> = {
  oysters: { right: 'oyster-fork' },
  soup: { right: 'soup-spoon' },
  fish: { fork: 'fish-fork', right: 'fish-knife' },
  salad: { fork: 'salad-fork' },
  main: { fork: 'dinner-fork', right: 'dinner-knife' },
  dessert: {}
}

/** At most this many of any implement lie on the table at once, the oyster fork not counted. */
export const MOST_OF_ONE = 3

/**
 * Flatware in the order of the courses: outside in, forks left, knives and spoons right, dessert fork and spoon above or brought in.
 * Source: Emily Post, Etiquette (value from memory).
 */
export function flatwareFor(courses: readonly Course[], dessertAbove: boolean): FlatwareOrder {
  const inwardOut = [...courses].reverse()
  const forks = inwardOut.flatMap((course) => needs[course].fork ?? [])
  const right = inwardOut.flatMap((course) => needs[course].right ?? [])
  const left = forks.slice(-MOST_OF_ONE)
  const dessert: FlatwareRole[] = courses.includes('dessert') ? ['dessert-fork', 'dessert-spoon'] : []
  return {
    left,
    right,
    above: dessertAbove ? dessert : [],
    broughtIn: [...forks.slice(0, Math.max(0, forks.length - MOST_OF_ONE)), ...(dessertAbove ? [] : dessert)]
  }
}
