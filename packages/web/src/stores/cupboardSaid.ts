import { heededOn } from '@hestiad/core'
import { api } from '../api/calls.js'

/** What the stylist has said in the cupboard that composing heeds: what is kept for another season, what belongs together; nothing where it cannot be asked. */
export async function cupboardSaid(date: string): Promise<ReturnType<typeof heededOn>> {
  return heededOn(date, (await api.getCupboard().catch(() => undefined))?.items ?? [])
}
