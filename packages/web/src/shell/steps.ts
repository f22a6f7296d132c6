/** Steps of the work in the trade's order; each has a side panel beside the Board. */
export const steps = ['brief', 'seats', 'menu', 'linens', 'settings', 'centerpiece', 'florals', 'light', 'colors', 'looks', 'buy'] as const
export type Step = (typeof steps)[number]

/** How much of the window's width the work of a step has beside its stage, in percent, until somebody moves the bar between them. */
export const usualShares: Readonly<Record<Step, number>> = {
  brief: 58,
  seats: 46,
  menu: 58,
  linens: 34,
  settings: 44,
  centerpiece: 29,
  florals: 42,
  light: 38,
  colors: 44,
  looks: 62,
  buy: 64
}

/** The same of its height where the window stands upright, for every step. */
export const UPRIGHT_SHARE = 44
