/** Courses in the order they come. */
export const courseKinds = ['oysters', 'soup', 'fish', 'salad', 'main', 'dessert'] as const
export type Course = (typeof courseKinds)[number]
