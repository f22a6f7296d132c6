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

/** The ISO date so many days later, or earlier below zero (days to civil date, Hinnant 2013; years 0 to 9999). */
export function addDays(date: string, days: number): string {
  const z = daysBetween('1970-01-01', date) + days + 719_468
  const era = Math.floor(z / 146_097)
  const dayOfEra = z - era * 146_097
  const yearOfEra = Math.floor((dayOfEra - Math.floor(dayOfEra / 1460) + Math.floor(dayOfEra / 36_524) - Math.floor(dayOfEra / 146_096)) / 365)
  const dayOfYear = dayOfEra - (365 * yearOfEra + Math.floor(yearOfEra / 4) - Math.floor(yearOfEra / 100))
  const shifted = Math.floor((5 * dayOfYear + 2) / 153)
  const day = dayOfYear - Math.floor((153 * shifted + 2) / 5) + 1
  const month = shifted < 10 ? shifted + 3 : shifted - 9
  const year = yearOfEra + era * 400 + (month <= 2 ? 1 : 0)
  return `${String(year).padStart(4, '0')}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`
}
