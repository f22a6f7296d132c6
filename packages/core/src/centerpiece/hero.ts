import type { Look } from '../design/look.js'
import { standings } from './standing.js'

/** Id of the piece that is seen first: the largest silhouette of the middle; null with nothing there. */
export function heroOf(look: Pick<Look, 'centerpiece' | 'pieces'>): string | null {
  let best: { readonly id: string; readonly size: number } | null = null
  for (const one of standings(look)) {
    const size = (one.topMm - one.footMm) * one.reachMm
    if (!best || size > best.size) best = { id: one.placed.id, size }
  }
  return best?.id ?? null
}
