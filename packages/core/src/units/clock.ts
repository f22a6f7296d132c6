import { addDays as daysLater } from 'date-fns/addDays'
import { differenceInCalendarDays } from 'date-fns/differenceInCalendarDays'
import { formatISO } from 'date-fns/formatISO'
import { isValid } from 'date-fns/isValid'
import { parseISO } from 'date-fns/parseISO'

/** How the hours of a day are counted. */
export type ClockHours = 12 | 24

/** Minutes after midnight as `18:30`, or `6:30 pm` of twelve hours; hours run on past 24 for an evening that crosses midnight, so 1470 is `00:30`. */
export function formatClock(minute: number, hours: ClockHours = 24): string {
  const inDay = ((Math.round(minute) % 1440) + 1440) % 1440
  const [hour, minutes] = [Math.floor(inDay / 60), String(inDay % 60).padStart(2, '0')]
  if (hours === 12) return `${hour % 12 || 12}:${minutes} ${hour < 12 ? 'am' : 'pm'}`
  return `${String(hour).padStart(2, '0')}:${minutes}`
}

/** Minutes after midnight of a time of day as people write it: `18:30`, `18.30`, `1830`, `18h30`, `18`, `6:30 pm`, `6 p.m.`; undefined where it is none. */
export function parseClock(text: string): number | undefined {
  const found = /^(\d{1,2})(?:\s*[:.h]?\s*(\d{2})|h)?\s*([ap])?\.?m?\.?$/.exec(text.trim().toLowerCase())
  if (!found) return undefined
  const [, hours, minutes = '0', half] = found
  const hour = Number(hours)
  if (Number(minutes) > 59 || hour > (half ? 12 : 23) || (half && hour === 0)) return undefined
  return (half ? (hour % 12) + (half === 'p' ? 12 : 0) : hour) * 60 + Number(minutes)
}

/** Whole days from one ISO date to another; negative when `toDate` is earlier. */
export function daysBetween(fromDate: string, toDate: string): number {
  return differenceInCalendarDays(parseISO(toDate), parseISO(fromDate))
}

/** Whether an ISO date, `2027-02-06`, names a day that exists (Gregorian calendar). */
export function isCalendarDay(date: string): boolean {
  return /^\d{4}-\d{2}-\d{2}$/.test(date) && isValid(parseISO(date))
}

/** The ISO date so many days later, or earlier below zero. */
export function addDays(date: string, days: number): string {
  return formatISO(daysLater(parseISO(date), days), { representation: 'date' })
}

/** A duration in minutes as `5 h 10`, below an hour as `40 min`. */
export function formatDuration(minutes: number): string {
  const whole = Math.round(minutes)
  if (whole > 0 && whole < 60) return `${whole} min`
  return whole % 60 === 0 ? `${whole / 60} h` : `${Math.floor(whole / 60)} h ${String(whole % 60).padStart(2, '0')}`
}
