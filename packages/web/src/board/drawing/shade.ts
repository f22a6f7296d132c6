/** A color made darker (amount below 0) or lighter (above 0), -1 to 1, mixed with ink or paper. */
export function shade(color: string, amount: number): string {
  const toward = amount < 0 ? '#2b2420' : '#fffdf8'
  return `color-mix(in oklab, ${color} ${Math.round((1 - Math.abs(amount)) * 100)}%, ${toward})`
}
