/** Minutes after midnight as `18:30`; hours run on past 24 for an evening that crosses midnight, so 1470 is `00:30`. */
export function formatClock(minute: number): string {
  const inDay = ((Math.round(minute) % 1440) + 1440) % 1440
  return `${String(Math.floor(inDay / 60)).padStart(2, '0')}:${String(inDay % 60).padStart(2, '0')}`
}

/** Whole days from one ISO date to another; negative when `toDate` is earlier. */
export function daysBetween(fromDate: string, toDate: string): number {
  return Math.round((Date.parse(`${toDate}T00:00:00Z`) - Date.parse(`${fromDate}T00:00:00Z`)) / 86_400_000)
}

/** Whether an ISO date names a day that exists (Gregorian calendar). */
export function isCalendarDay(date: string): boolean {
  const match = /^(\d{4})-(\d{2})-(\d{2})$/.exec(date)
  if (!match) return false
  const [year, month, day] = match.slice(1).map(Number) as [number, number, number]
  const leap = (year % 4 === 0 && year % 100 !== 0) || year % 400 === 0
  const days = [31, leap ? 29 : 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31][month - 1] ?? 0
  return day >= 1 && day <= days
}

/** A duration in minutes as `5 h 10`. */
export function formatDuration(minutes: number): string {
  const whole = Math.round(minutes)
  return whole % 60 === 0 ? `${whole / 60} h` : `${Math.floor(whole / 60)} h ${String(whole % 60).padStart(2, '0')}`
}

/** The ISO date so many days later, or earlier below zero. */
export function addDays(date: string, days: number): string {
  return new Date(Date.parse(`${date}T00:00:00Z`) + days * 86_400_000).toISOString().slice(0, 10)
}
