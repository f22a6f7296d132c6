import type { Look } from '@hestiad/core'
import { computed, type ComputedRef, type Ref } from 'vue'

const drawnParts = ['id', 'table', 'room', 'guests', 'linens', 'setting', 'kinds', 'pieces', 'centerpiece'] as const

/** What of a look its drawings from above and from the side are made of. */
export type DrawnLook = Pick<Look, (typeof drawnParts)[number]>

/** A look as it is drawn: the same object until something that is drawn changes, so that nothing is drawn anew for a word or a sum. */
export function useDrawnLook(look: Ref<Look>): ComputedRef<DrawnLook> {
  return computed((before?: DrawnLook) => (before && drawnParts.every((part) => before[part] === look.value[part]) ? before : look.value))
}
