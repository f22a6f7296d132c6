import { castDraft, type Draft } from 'immer'
import { numberedId } from '../../units/slug.js'
import { courseKinds, type Course } from '../course.js'
import { makeEdit, type Edit } from '../edit.js'
import type { Look } from '../look.js'
import { drinkKinds, newDish, type Dish, type Drink, type Menu } from '../menu.js'

/** A course is served or is not; courses keep their order. */
export function serveCourse(look: Look, course: Course, served: boolean): Edit {
  return makeEdit(look, 'menu', (draft) => setCourse(draft, course, served))
}

function setCourse({ occasion }: Draft<Look>, course: Course, served: boolean): void {
  if (occasion.courses.includes(course) === served) return
  occasion.courses = courseKinds.filter((one) => (one === course ? served : occasion.courses.includes(one)))
}

export function pourDrink(look: Look, drink: Drink, poured: boolean): Edit {
  return makeEdit(look, 'menu', ({ menu }) => void (menu.drinks = drinkKinds.filter((one) => (one === drink ? poured : menu.drinks.includes(one)))))
}

/** How it is served, one glass for all wines, how long the sideboard is. */
export function changeMenu(look: Look, part: Partial<Pick<Menu, 'service' | 'oneGlass' | 'sideboardMm'>>): Edit {
  return makeEdit(look, 'menu', (draft) => void Object.assign(draft.menu, part))
}

/** A dish joins the main course, or the first there is; a course of which nobody spoke is served then. */
export function addDish(look: Look, name: string): Edit {
  const course = look.occasion.courses.includes('main') ? 'main' : (look.occasion.courses[0] ?? 'main')
  return makeEdit(look, 'menu', (draft) => {
    draft.menu.dishes.push(castDraft({ ...newDish(numberedId('dish', look.menu.dishes), course), name }))
    setCourse(draft, course, true)
  })
}

/** A dish as it is now; its course is served then. */
export function changeDish(look: Look, dish: Dish): Edit {
  return makeEdit(look, 'menu', (draft) => {
    const at = draft.menu.dishes.findIndex((one) => one.id === dish.id)
    if (at < 0) return
    draft.menu.dishes[at] = castDraft(dish)
    setCourse(draft, dish.course, true)
  })
}

export function removeDish(look: Look, dishId: string): Edit {
  return makeEdit(look, 'menu', ({ menu }) => void (menu.dishes = menu.dishes.filter((one) => one.id !== dishId)))
}

/** Where the vessels of a dish stand; none lets them find a place by themselves. */
export function standDish(look: Look, dishId: string, spots: Dish['spots']): Edit {
  return makeEdit(look, 'menu', (draft) => {
    const dish = draft.menu.dishes.find((one) => one.id === dishId)
    if (dish) dish.spots = spots.map(({ xMm, yMm }) => ({ xMm: Math.round(xMm), yMm: Math.round(yMm) }))
  })
}
