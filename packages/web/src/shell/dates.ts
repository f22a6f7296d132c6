const written = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short', timeZone: 'UTC' })

/** An ISO date as people say it, `Sat 6 Feb`. */
export function formatDate(date: string): string {
  return written.format(new Date(`${date}T00:00:00Z`)).replace(',', '')
}

/** Today where this browser is, as an ISO date. */
export function today(): string {
  const now = new Date()
  return `${now.getFullYear()}-${String(now.getMonth() + 1).padStart(2, '0')}-${String(now.getDate()).padStart(2, '0')}`
}
