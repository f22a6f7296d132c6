/** So many seeds or rounds, times as many in a long run: `npm run census -- tests`. */
export function many(count: number): number {
  return count * Number(process.env.HESTIAD_LONG ?? 1)
}
