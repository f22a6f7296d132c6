import { addDays } from '../units/clock.js'
import { seasons, type CupboardItem, type Season } from './facts.js'

/** Groups of pieces the stylist has said belong together, by the name of their set. */
export function setsOf(items: readonly CupboardItem[]): readonly (readonly string[])[] {
  const sets = new Map<string, string[]>()
  for (const { piece, facts } of items) if (facts.setName !== '') sets.set(facts.setName, [...(sets.get(facts.setName) ?? []), piece.id])
  return [...sets.values()]
}

/** The season of an ISO day on the northern half of the earth: December to February is winter. */
export function seasonOf(day: string): Season {
  const month = Number(day.slice(5, 7)) % 12
  return month < 3 ? 'winter' : seasons[Math.floor(month / 3) - 1]!
}

/** Ids of pieces the stylist keeps for other seasons than that of the day; pieces for which none is said suit all. */
export function outOfSeason(items: readonly CupboardItem[], day: string): readonly string[] {
  return items.filter(({ facts }) => facts.seasons.length > 0 && !facts.seasons.includes(seasonOf(day))).map(({ piece }) => piece.id)
}

/** What composing heeds of what the stylist has said in the cupboard. */
export function heededOn(
  day: string,
  items: readonly CupboardItem[]
): { readonly without: readonly string[]; readonly together: readonly (readonly string[])[] } {
  return { without: outOfSeason(items, day), together: setsOf(items) }
}

/** The last day of the seasons a thing is kept for, run on from that of a day; null where that day is none of theirs, or all the year is. */
export function comesDownOn(kept: readonly Season[], day: string): string | null {
  const from = seasons.indexOf(seasonOf(day))
  const after = [0, 1, 2, 3].findIndex((i) => !kept.includes(seasons[(from + i) % 4]!))
  if (after < 1) return null
  const year = Number(day.slice(0, 4)) + (day.slice(5, 7) === '12' ? 1 : 0)
  // winter is over with March, which is month 3; each season is three months on
  const month = (seasons[from] === 'winter' ? 3 : 3 * from + 6) + 3 * (after - 1)
  const first = `${year + Math.floor((month - 1) / 12)}-${String(((month - 1) % 12) + 1).padStart(2, '0')}-01`
  return addDays(first, -1)
}
