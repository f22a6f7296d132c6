import { chromaOf, colorDistance } from '../color/colorWords.js'
import { colorFromWords } from '../color/colorFromWords.js'
import type { Look } from '../design/look.js'
import { ANSWERS } from '../intent/paletteFit.js'
import { plainWords, singular, wordTable } from '../units/plainWords.js'
import type { ColorGroup } from './colorFigures.js'

/** A dish in the color of what it is of. */
export interface DishColor {
  readonly dishId: string
  readonly name: string
  readonly color: string
  /** Something on the table is in that color too. */
  readonly isMet: boolean
}

/** What food looks like on a plate, by eye: our own values. */
const foods = wordTable<string>({
  '#c9622c': 'carrot, pumpkin, squash, sweet potato, apricot, orange, persimmon, salmon, tangerine',
  '#b3282d': 'tomato, strawberry, raspberry, cherry, cranberry, red pepper, chili, redcurrant, borscht',
  '#6d1f33': 'beet, beetroot, red cabbage, radicchio, plum, fig, blackberry, red wine',
  '#5b7f4c': 'spinach, pea, bean, broccoli, leaf, salad, lettuce, herb, parsley, kale, cucumber, asparagus, pesto, artichoke, green',
  '#e9d94f': 'lemon, corn, saffron, mustard, pineapple, mango, polenta, curry, custard',
  '#4d3a63': 'blueberry, blackcurrant, eggplant, grape',
  '#4a2f22': 'chocolate, coffee, lentil, gingerbread, mushroom',
  '#ead9b8': 'pastry, bread, pie, potato, pasta, rice, cauliflower, celery root, parsnip, vanilla, pear, meringue'
})

/** Dishes whose name says what color they have: by what they are of, a fruit of the house, or the word for a color. Groups are the colors seen on the table. */
export function dishColors({ menu, pieces }: Pick<Look, 'menu' | 'pieces'>, groups: readonly ColorGroup[]): DishColor[] {
  const fruit = new Map(pieces.flatMap((piece) => (piece.material === 'fruit' ? [[fruitOf(piece.name), piece.color] as const] : [])))
  return menu.dishes.flatMap((dish) => {
    const words = wordsOf(dish.name)
    const pairs = words.slice(1).map((word, i) => foods.get(`${words[i]!} ${word}`))
    const said = [...pairs, ...words.map((word) => fruit.get(word) ?? foods.get(word) ?? colorFromWords(word))].find((color) => color !== undefined)
    if (said === undefined) return []
    return [{ dishId: dish.id, name: dish.name, color: said, isMet: isMetIn(groups, said) }]
  })
}

/** What hangs round the lamp: over the eyes of those who sit, so no share of the table's colors counts it; null where nothing does. */
export function lampColor({ room, pieces }: Pick<Look, 'room' | 'pieces'>, groups: readonly ColorGroup[]): Omit<DishColor, 'dishId'> | null {
  const piece = pieces.find((one) => one.id === room.fixture?.greens?.pieceId)
  return piece ? { name: piece.name, color: piece.color, isMet: isMetIn(groups, piece.color) } : null
}

/** A color the table shows has hue, and is near enough to answer. */
const isMetIn = (groups: readonly ColorGroup[], color: string) =>
  groups.some((group) => chromaOf(group.color) >= LEAST_HUE && colorDistance(group.color, color) < ANSWERS)

/** The fruit a name is about: persimmon of three persimmons, cranberry of cranberries by the cup. */
const fruitOf = (name: string) => wordsOf(name.split(',')[0]!).pop() ?? ''
const LEAST_HUE = 0.045
const wordsOf = (text: string) => plainWords(text).split(' ').map(singular).filter((word) => word !== '') // prettier-ignore
