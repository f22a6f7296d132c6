/** Ideas a whole table can follow, each told by its colors and materials; common practice, no source. */
export const directions = ['tonal', 'accent', 'contrast', 'natural', 'colorful'] as const
export type Direction = (typeof directions)[number]
