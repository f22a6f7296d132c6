import type { Need } from '@hestiad/core'

type Translate = (key: string, params?: Record<string, unknown>) => string

/** Why a need is what it is: so many a guest, so many in the look, spares; or what calls for a supply. */
export function needReason(need: Need, t: Translate): string {
  if (need.cause) return t(`buy.cause.${need.cause}`)
  const parts = [
    ['buy.perGuest', need.perGuest],
    ['buy.perLook', need.perLook],
    ['buy.spares', need.spares]
  ] as const
  return parts
    .filter(([, n]) => n > 0)
    .map(([key, n]) => t(key, { n }))
    .join(', ')
}
