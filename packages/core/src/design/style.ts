import { colorRoles, moods, type Intent, type PaletteEntry } from './intent.js'
import type { Look, School } from './look.js'
import { plainSchool } from './newLook.js'

/** What stays the same in how a stylist works, whatever the occasion. */
export const ways = {
  comfort: ['tight', 'usual', 'roomy'],
  drop: ['casual', 'dressy', 'formal'],
  fullness: ['sparse', 'usual', 'lush'],
  symmetry: ['symmetric', 'by-weight'],
  groups: ['odd', 'pairs'],
  safety: ['US', 'EU']
} as const satisfies { readonly [Way in keyof School]?: readonly School[Way][] }
export type Way = keyof typeof ways

/** The style of a stylist: what a new brief begins with. It says nothing of the occasion, and everything of it can be changed there. */
export interface Style extends Pick<Intent, 'moods' | 'palette' | 'avoid'> {
  /** Where it comes from, in the stylist's words. */
  readonly says: string
  readonly ways: Pick<School, Way | 'spareStemsPercent' | 'hiddenPercent'>
}

/** Nothing said yet, and the ways a first look has. */
export const noStyle: Style = {
  says: '',
  moods: [],
  palette: [],
  avoid: [],
  ways: {
    comfort: 'usual',
    drop: 'casual',
    fullness: 'usual',
    symmetry: plainSchool.symmetry,
    groups: plainSchool.groups,
    safety: 'US',
    spareStemsPercent: 10,
    hiddenPercent: plainSchool.hiddenPercent
  }
}

/** The style a look shows. */
export function styleOf({ intent, school }: Look): Omit<Style, 'says'> {
  const { comfort, drop, fullness, symmetry, groups, safety, spareStemsPercent, hiddenPercent } = school
  return {
    moods: intent.moods,
    palette: intent.palette,
    avoid: intent.avoid,
    ways: { comfort, drop, fullness, symmetry, groups, safety, spareStemsPercent, hiddenPercent }
  }
}

/** A look whose brief begins with a style. */
export function inStyle(look: Look, { moods, palette, avoid, ways }: Style): Look {
  return { ...look, intent: { ...look.intent, moods, palette, avoid }, school: { ...look.school, ...ways } }
}

/** As long as what a brief takes. */
const MOST_COLORS = 12
const MOST_WORDS = 20

/** Whether a value is a style a brief can begin with. */
export function isStyle(value: unknown): value is Style {
  try {
    const style = value as Style
    const isPercent = (one: unknown) => Number.isInteger(one) && (one as number) >= 0 && (one as number) <= 100
    const isEntry = ({ color, role }: PaletteEntry) => /^#[0-9a-f]{6}$/.test(color) && colorRoles.includes(role)
    return (
      typeof style.says === 'string' &&
      style.moods.every((mood) => moods.includes(mood)) &&
      style.palette.length <= MOST_COLORS &&
      style.palette.every(isEntry) &&
      style.avoid.length <= MOST_WORDS &&
      style.avoid.every((word) => typeof word === 'string') &&
      (Object.keys(ways) as Way[]).every((way) => (ways[way] as readonly string[]).includes(style.ways[way])) &&
      isPercent(style.ways.spareStemsPercent) &&
      isPercent(style.ways.hiddenPercent)
    )
  } catch {
    return false
  }
}
