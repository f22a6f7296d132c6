import { diets, foodWords, neverByFoodsAlone, type FoodGroup } from '../reference/diets.js'
import type { Dish } from '../design/menu.js'
import { remembered } from '../units/remembered.js'

/** What a guest does not eat. */
export interface Avoided {
  readonly groups: ReadonlySet<FoodGroup>
  /** Words of the guest's that are no group of food: looked for as they stand. */
  readonly words: readonly string[]
  /** Diets that only their own name on a dish settles. */
  readonly byName: readonly string[]
}

/** Whether a guest may eat a dish, as far as it was described: never more than that. */
export type Verdict = 'has-it' | 'not-checked' | 'described-free'

const parts = (text: string) =>
  text
    .toLowerCase()
    .split(/[,;]|\band\b/)
    .map((part) => part.trim())
    .filter(Boolean)

const negation = /^(no|without|free of|avoids?|allergic to|allergy to)\s+|[\s-]free$|\s+allergy$/

/** A guest's diet as it was typed: "vegetarian", "no nuts", "gluten-free, alcohol". */
export const avoidedBy = remembered((diet: string): Avoided => {
  const groups = new Set<FoodGroup>()
  const words: string[] = []
  const byName: string[] = []
  for (const part of parts(diet)) {
    const known = diets[part]
    if (neverByFoodsAlone.has(part)) byName.push(part)
    if (known) for (const group of known) groups.add(group)
    else {
      const word = part.replace(negation, '').trim()
      const found = groupsIn(word)
      if (found.length === 0) words.push(word)
      for (const group of found) groups.add(group)
    }
  }
  return { groups, words, byName }
})

/** Groups of food that words name, whole words in one number or the other. */
const groupsIn = remembered((text: string): FoodGroup[] =>
  (Object.keys(foodWords) as FoodGroup[]).filter((group) => matches(text, group) || foodWords[group].some((word) => matches(text, word)))
)

const patterns = new Map<string, RegExp>()

function matches(text: string, word: string): boolean {
  let pattern = patterns.get(word)
  if (!pattern)
    patterns.set(word, (pattern = new RegExp(`(^|[^\\p{L}])${word.replace(/[.*+?^${}()|[\]\\]/g, '\\$&').replace(/s$/, '')}(s|es)?($|[^\\p{L}])`, 'u')))
  return pattern.test(text)
}

/** Judges a dish for a guest by its name and by what is said of it; a dish nobody described is never called eatable. */
export function verdictOf({ name, contains }: Pick<Dish, 'name' | 'contains'>, avoided: Avoided): Verdict {
  const said = parts(contains)
  const free = said.filter((part) => negation.test(part) || part in diets)
  const has = [...said.filter((part) => !free.includes(part)), ...parts(name).filter((part) => !negation.test(part))].join(', ')
  const freeOf = new Set(free.flatMap((part) => diets[part] ?? groupsIn(part.replace(negation, ''))))
  const groups = [...avoided.groups].filter((group) => !freeOf.has(group))
  if (groups.some((group) => groupsIn(has).includes(group)) || avoided.words.some((word) => matches(has, word))) return 'has-it'
  if (avoided.byName.some((diet) => !said.includes(diet))) return 'not-checked'
  const settled = groups.length === 0 && avoided.words.every((word) => free.some((part) => matches(part, word)))
  return settled || said.length > 0 ? 'described-free' : 'not-checked'
}

/** What a dish for a guest is called before it has a name, and what is said of it so that it is known to suit. */
export function dishFor(diet: string): { readonly name: string; readonly contains: string } {
  const asked = parts(diet)
  const named = asked.filter((part) => part in diets && !part.endsWith('allergy') && !part.endsWith('intolerant'))
  const without = asked.filter((part) => !named.includes(part)).map((part) => part.replace(negation, '').trim())
  const name = [named.join(' '), 'dish', without.length > 0 ? `without ${without.join(' and ')}` : ''].filter(Boolean).join(' ')
  return { name: name[0]!.toUpperCase() + name.slice(1), contains: [...named, ...without.map((word) => `no ${word}`)].join(', ') }
}
