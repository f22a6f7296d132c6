/** Steps of the work in the trade's order; each has a side panel beside the Board. */
export const steps = ['brief', 'seats', 'menu', 'linens', 'settings', 'centerpiece', 'florals', 'light', 'buy'] as const
export type Step = (typeof steps)[number]
