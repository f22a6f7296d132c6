import { seasons, type CupboardItem, type Season } from './facts.js'

/** Groups of pieces the stylist has said belong together, by the name of their set. */
export function setsOf(items: readonly CupboardItem[]): readonly (readonly string[])[] {
  const sets = new Map<string, string[]>()
  for (const { piece, facts } of items) if (facts.setName !== '') sets.set(facts.setName, [...(sets.get(facts.setName) ?? []), piece.id])
  return [...sets.values()]
}

/** The season of an ISO day on the northern half of the earth: December to February is winter. */
function seasonOf(day: string): Season {
  const month = Number(day.slice(5, 7)) % 12
  return month < 3 ? 'winter' : seasons[Math.floor(month / 3) - 1]!
}

/** Ids of pieces the stylist keeps for other seasons than that of the day; pieces for which none is said suit all. */
export function outOfSeason(items: readonly CupboardItem[], day: string): readonly string[] {
  return items.filter(({ facts }) => facts.seasons.length > 0 && !facts.seasons.includes(seasonOf(day))).map(({ piece }) => piece.id)
}
