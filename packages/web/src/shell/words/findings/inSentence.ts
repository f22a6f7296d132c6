import type {
  Comfort,
  Course,
  Drink,
  DropStyle,
  FlatwareRole,
  FoldKind,
  Fullness,
  GlassRole,
  Mechanics,
  NeedGroup,
  RunnerLayKind,
  SmallerStep,
  School,
  Side,
  TableZone
} from '@hestiad/core'

/** Choices as they stand in the middle of a sentence. */
export const comfortNames: Readonly<Record<Comfort, string>> = { tight: 'tight', usual: 'usual', roomy: 'roomy' }
export const dropNames: Readonly<Record<DropStyle, string>> = { casual: 'casual', dressy: 'dressy', formal: 'formal' }
export const fullnessNames: Readonly<Record<Fullness, string>> = { sparse: 'sparse', usual: 'usual', lush: 'lush' }
export const groupNames: Readonly<Record<School['groups'], string>> = { odd: 'odd groups', pairs: 'pairs' }
export const layNames: Readonly<Record<RunnerLayKind, string>> = { along: 'along the table', across: 'across the table', 'each-pair': 'across at each pair' }
export const sideNames: Readonly<Record<Side, string>> = { north: 'at the top', east: 'at the right', south: 'at the bottom', west: 'at the left' }
export const mechanicsInSentence: Readonly<Record<Mechanics, string>> = {
  none: 'nothing',
  frog: 'a pin frog',
  wire: 'chicken wire',
  tape: 'a grid of tape',
  foam: 'floral foam'
}
export const courseNames: Readonly<Record<Course, string>> = {
  oysters: 'the oysters',
  soup: 'the soup',
  fish: 'the fish',
  salad: 'the salad',
  main: 'the main',
  dessert: 'dessert'
}
export const drinkNames: Readonly<Record<Drink, string>> = {
  water: 'water',
  white: 'white wine',
  red: 'red wine',
  sparkling: 'sparkling wine',
  hot: 'coffee or tea'
}
export const foldNames: Readonly<Record<FoldKind, string>> = {
  flat: 'flat',
  band: 'with a band',
  knot: 'in a knot',
  ring: 'through a ring',
  pocket: 'as a pocket',
  fan: 'as a fan',
  pyramid: 'as a pyramid',
  tree: 'as a tree',
  roll: 'as a roll',
  bundle: 'as a bundle',
  draped: 'as a drape',
  triangle: 'as a triangle'
}
export const roleNames: Readonly<Record<FlatwareRole | GlassRole, string>> = {
  'dinner-fork': 'dinner fork',
  'salad-fork': 'salad fork',
  'fish-fork': 'fish fork',
  'oyster-fork': 'oyster fork',
  'dinner-knife': 'dinner knife',
  'fish-knife': 'fish knife',
  'soup-spoon': 'soup spoon',
  'dessert-fork': 'dessert fork',
  'dessert-spoon': 'dessert spoon',
  'steak-knife': 'steak knife',
  'pastry-fork': 'pastry fork',
  water: 'water glass',
  white: 'white-wine glass',
  red: 'red-wine glass',
  flute: 'flute'
}
export const partNames: Readonly<Record<NeedGroup | TableZone, string>> = {
  linens: 'Linens',
  settings: 'Settings',
  centerpiece: 'Centerpiece',
  florals: 'Florals',
  light: 'Light',
  supplies: 'Supplies',
  under: 'Under everything',
  places: 'Places',
  middle: 'The middle'
}

export const smallerNames: Readonly<Record<SmallerStep, string>> = {
  'dessert-brought-in': 'dessert pieces brought in with dessert',
  'napkin-on-plate': 'the napkin on the plate',
  'smaller-charger': 'smaller chargers',
  'no-bread-plate': 'no bread plate',
  'no-charger': 'no chargers'
}
