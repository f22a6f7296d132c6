const GRAMS_PER_OUNCE = 28.349523125
const ML_PER_PINT = 473.176473
const ML_PER_FLUID_OUNCE = ML_PER_PINT / 16

const rounded = (value: number) => String(Math.round(value * 10) / 10)

/** An amount of food or drink in words: grams, kilograms and liters beside centimeters; ounces, pounds and US pints beside inches. */
export function formatFood(amount: number, of: 'g' | 'ml', lengths: 'in' | 'cm'): string {
  if (lengths === 'cm') return amount >= 1000 ? `${rounded(amount / 1000)} ${of === 'g' ? 'kg' : 'l'}` : `${Math.round(amount)} ${of}`
  if (of === 'ml') return amount >= ML_PER_PINT ? `${rounded(amount / ML_PER_PINT)} pt` : `${Math.round(amount / ML_PER_FLUID_OUNCE)} fl oz`
  const ounces = amount / GRAMS_PER_OUNCE
  return ounces >= 32 ? `${rounded(ounces / 16)} lb` : `${Math.round(ounces)} oz`
}

/** What a thing weighs, in words: grams and kilograms beside centimeters, ounces and pounds beside inches. */
export function formatWeight(grams: number, lengths: 'in' | 'cm'): string {
  if (lengths === 'in') return formatFood(grams, 'g', 'in')
  return grams >= 1000 ? `${(grams / 1000).toFixed(1)} kg` : `${Math.round(grams / 10) * 10} g`
}
