import { pieceIndex, type Look } from '@hestiad/core'

type Translate = (key: string, params: Record<string, unknown>, count: number) => string

/** Which hems are tucked under which plates; empty where none is. */
export function tellHems(look: Look, places: readonly number[], t: Translate): string {
  const name = pieceIndex(look).get(look.linens.runner?.pieceId ?? '')?.name ?? ''
  return places.length === 0 ? '' : t('linens.tuck', { name, places: places.join(', ') }, places.length)
}
