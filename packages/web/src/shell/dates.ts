import type { ClockHours } from '@hestiad/core'

const written = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short', timeZone: 'UTC' })

/** An ISO date as people say it, `Sat 6 Feb`. */
export function formatDate(date: string): string {
  return written.format(new Date(`${date}T00:00:00Z`)).replace(',', '')
}

/** A moment where this browser is, milliseconds since 1970, as `6 Feb 2027, 09:12` or `6 Feb 2027, 9:12 am`. */
export function formatMoment(atMs: number, hours: ClockHours): string {
  const day = { day: 'numeric', month: 'short', year: 'numeric' } as const
  return new Intl.DateTimeFormat('en-GB', { ...day, hour: hours === 12 ? 'numeric' : '2-digit', minute: '2-digit', hour12: hours === 12 }).format(atMs)
}

/** The day of a moment where this browser is, milliseconds since 1970, as an ISO date. */
export function dayOf(atMs: number): string {
  const at = new Date(atMs)
  return `${at.getFullYear()}-${String(at.getMonth() + 1).padStart(2, '0')}-${String(at.getDate()).padStart(2, '0')}`
}

/** Today where this browser is, as an ISO date. */
export const today = (): string => dayOf(Date.now())
