import { outOfSeason, setsOf, type CupboardItem } from '@hestiad/core'
import { api } from '../api/calls.js'

/** What the stylist has said in the cupboard that composing heeds: what is kept for another season, what belongs together; nothing where it cannot be asked. */
export async function cupboardSaid(date: string): Promise<{ readonly without: readonly string[]; readonly together: readonly (readonly string[])[] }> {
  const items: readonly CupboardItem[] = (await api.getCupboard().catch(() => undefined))?.items ?? []
  return { without: outOfSeason(items, date), together: setsOf(items) }
}
