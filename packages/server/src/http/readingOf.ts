import type { FastifyRequest } from 'fastify'
import { listUnits, type ListReading } from '@hestiad/core/formats'
import { ApiError } from '../errors.js'

/** The `reading` of the query: JSON, for each header its column or null, and the units of lengths. @throws ApiError bad-request */
export function readingOf<Column extends string>({ query }: Pick<FastifyRequest, 'query'>, columns: readonly Column[]): ListReading<Column> | undefined {
  const text = (query as Record<string, unknown>)['reading']
  if (text === undefined) return undefined
  try {
    const { map, units } = JSON.parse(String(text)) as { map?: unknown; units?: unknown }
    if (
      isTable(map, (value) => value === null || (columns as readonly unknown[]).includes(value)) &&
      isTable(units, (value) => (listUnits as readonly unknown[]).includes(value))
    )
      return { map: map as ListReading<Column>['map'], units: units as ListReading<Column>['units'] }
  } catch {
    // answered below
  }
  throw new ApiError('bad-request', [{ place: '?reading', message: 'must be JSON: { map: header to column or null, units: header to mm, cm or in }' }])
}

function isTable(value: unknown, is: (one: unknown) => boolean): boolean {
  return typeof value === 'object' && value !== null && !Array.isArray(value) && Object.values(value).every(is)
}
