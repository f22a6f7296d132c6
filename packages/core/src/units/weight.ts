/** Grams in words: kilograms from one on. */
export function formatWeight(grams: number): string {
  return grams >= 1000 ? `${(grams / 1000).toFixed(1)} kg` : `${Math.round(grams / 10) * 10} g`
}
