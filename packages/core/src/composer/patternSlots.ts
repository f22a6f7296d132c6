import type { PatternName } from '../design/look.js'

/** What a piece does in a pattern. */
export type Role = 'focal' | 'medium' | 'small' | 'light' | 'green' | 'base' | 'bud' | 'food'

/** A spot for a role, in shares of half the free middle; `on` a base its shares are of the base. */
export interface Slot {
  readonly role: Role
  readonly x: number
  readonly y: number
  readonly onBase: boolean
  /** Roles that stand in where nothing of the first is to be had. */
  readonly or: readonly Role[]
}

const slot = (role: Role, x: number, y: number, or: readonly Role[] = []): Slot => ({ role, x, y, onBase: false, or })
const onBase = (role: Role, x: number, y: number, or: readonly Role[] = []): Slot => ({ role, x, y, onBase: true, or })
/** The same to both sides of the middle. */
const both = (role: Role, x: number, y: number, or: readonly Role[] = []): Slot[] => [slot(role, -x, -y, or), slot(role, x, y, or)]

/**
 * Where each pattern wants its roles, the most important first; `lengthMm` is that of the free middle, so that a long table has a longer run.
 * Common practice, no source: one focus a third to a half of the table, more than 60 in wants flanks or a run.
 */
export function patternSlots(pattern: PatternName, lengthMm: number): Slot[] {
  const steps = Math.max(3, Math.min(15, Math.floor(lengthMm / 190)))
  const along = (i: number) => (steps === 1 ? 0 : -0.9 + (1.8 * i) / (steps - 1))
  switch (pattern) {
    case 'one-focus':
      return [
        slot('focal', 0, 0, ['medium', 'bud']),
        ...both('light', 0.3, 0.35, ['bud']),
        ...both('small', 0.26, -0.45, ['medium', 'bud']),
        slot('green', 0.14, 0.2, []),
        ...both('light', 0.48, -0.2)
      ]
    case 'open-middle':
      return [
        slot('focal', 0.55, 0, ['medium']),
        slot('focal', -0.55, 0, ['medium', 'bud']),
        ...both('light', 0.42, 0.5),
        ...both('small', 0.72, -0.4, ['bud', 'medium']),
        ...both('light', 0.78, 0.4)
      ]
    case 'flanked':
      return [
        slot('focal', 0, 0, ['medium']),
        ...both('medium', 0.6, 0, ['small', 'bud']),
        ...both('light', 0.32, 0.2),
        ...both('light', 0.85, -0.2),
        ...both('small', 0.45, -0.35, ['bud'])
      ]
    case 'run':
      return Array.from({ length: steps }, (_, i) =>
        slot((['light', 'small', 'bud', 'medium'] as const)[i % 4]!, along(i), i % 2 === 0 ? 0.15 : -0.15, ['small', 'bud', 'light', 'medium'])
      )
    case 'garland':
      return [
        slot('green', 0, 0),
        ...Array.from({ length: Math.ceil(steps / 2) }, (_, i) =>
          slot('light', -0.8 + (1.6 * i) / Math.max(1, Math.ceil(steps / 2) - 1), i % 2 === 0 ? 0.5 : -0.5, ['small'])
        ),
        ...both('small', 0.4, 0.1, ['medium'])
      ]
    case 'gathered-tray':
      return [
        slot('base', 0, 0),
        onBase('focal', -0.35, 0, ['medium', 'bud']),
        onBase('light', 0.25, 0.3, ['bud']),
        onBase('small', 0.6, -0.3, ['food', 'bud']),
        onBase('light', 0.7, 0.3, []),
        onBase('small', 0.1, -0.4, ['bud'])
      ]
    case 'patch':
      return [
        slot('focal', 0, 0, ['medium']),
        ...[0, 1, 2].map((i) => slot('medium', 0.2 * Math.cos(2.1 * i + 0.5), 0.5 * Math.sin(2.1 * i + 0.5), ['small', 'bud'])),
        ...[0, 1, 2, 3, 4, 5, 6].map((i) => slot('small', 0.4 * Math.cos(0.9 * i), 0.75 * Math.sin(0.9 * i), ['light', 'bud']))
      ]
    case 'scatter':
      return Array.from({ length: Math.min(11, steps + 3) }, (_, i) =>
        slot((['light', 'bud', 'small'] as const)[i % 3]!, 0.88 * Math.sin(i * 2.4), 0.7 * Math.cos(i * 1.7), ['small', 'bud', 'light'])
      )
    case 'bud-vases':
      return Array.from({ length: steps }, (_, i) => slot(i % 2 === 0 ? 'bud' : 'light', along(i), i % 4 < 2 ? 0.3 : -0.3, ['bud', 'light', 'small']))
    case 'edible-board':
      return [
        slot('base', 0, 0),
        onBase('food', -0.5, 0, ['small']),
        onBase('food', 0.5, 0, ['small']),
        onBase('small', 0, 0, ['bud']),
        ...both('light', 0.62, 0.2),
        ...both('bud', 0.8, -0.25, ['small'])
      ]
  }
}
