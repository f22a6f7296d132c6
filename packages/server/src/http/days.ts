import { isCalendarDay } from '@hestiad/core'
import { ApiError } from '../errors.js'

/** A value of a query as text; empty when it is absent. @throws ApiError bad-request when it is given twice */
export function textOf(query: unknown, name: string): string {
  const value = (query as Record<string, unknown>)[name]
  if (value === undefined) return ''
  if (typeof value !== 'string') throw new ApiError('bad-request', [{ place: `?${name}`, message: 'may be given once' }])
  return value
}

/** The day of a query, ISO, or today. @throws ApiError bad-request for a day that is none */
export function dayOf(query: unknown, today: string): string {
  const day = textOf(query, 'day')
  if (day !== '' && !isCalendarDay(day)) throw new ApiError('bad-request', [{ place: '?day', message: 'must be a day as 2027-02-06' }])
  return day === '' ? today : day
}
