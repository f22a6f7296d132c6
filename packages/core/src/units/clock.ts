/** Minutes after midnight as `18:30`; hours run on past 24 for an evening that crosses midnight, so 1470 is `00:30`. */
export function formatClock(minute: number): string {
  const inDay = ((Math.round(minute) % 1440) + 1440) % 1440
  return `${String(Math.floor(inDay / 60)).padStart(2, '0')}:${String(inDay % 60).padStart(2, '0')}`
}

/** Whole days from one ISO date to another; negative when `toDate` is earlier. */
export function daysBetween(fromDate: string, toDate: string): number {
  return Math.round((Date.parse(`${toDate}T00:00:00Z`) - Date.parse(`${fromDate}T00:00:00Z`)) / 86_400_000)
}

/** A duration in minutes as `5 h 10`. */
export function formatDuration(minutes: number): string {
  const whole = Math.round(minutes)
  return whole % 60 === 0 ? `${whole / 60} h` : `${Math.floor(whole / 60)} h ${String(whole % 60).padStart(2, '0')}`
}
