const written = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short', timeZone: 'UTC' })

/** An ISO date as people say it, `Sat 6 Feb`. */
export function formatDate(date: string): string {
  return written.format(new Date(`${date}T00:00:00Z`)).replace(',', '')
}

const moment = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' })

/** A moment where this browser is, milliseconds since 1970, as `6 Feb 2027, 09:12`. */
export function formatMoment(atMs: number): string {
  return moment.format(atMs)
}

/** Today where this browser is, as an ISO date. */
export function today(): string {
  const now = new Date()
  return `${now.getFullYear()}-${String(now.getMonth() + 1).padStart(2, '0')}-${String(now.getDate()).padStart(2, '0')}`
}
