import { factsSchema } from './factsSchema.js'
import { lookSchema } from './lookSchema.js'

/**
 * The schema with closed objects told by their number of properties: as all are required, it takes just the same documents, in half the time,
 * but cannot name a property too many.
 */
function counted(schema: unknown): unknown {
  if (Array.isArray(schema)) return schema.map(counted)
  if (typeof schema !== 'object' || schema === null) return schema
  const { additionalProperties, ...rest } = schema as Record<string, unknown>
  const inner = Object.fromEntries(Object.entries(rest).map(([key, part]) => [key, counted(part)]))
  return additionalProperties === false ? { ...inner, maxProperties: Object.keys(rest['properties'] as object).length } : inner
}

/** What documents and their parts are checked by; the build compiles each to a function (`scripts/lookChecks.mjs`). */
export const checkedSchemas = {
  quick: counted(lookSchema) as object,
  look: lookSchema,
  piece: { $defs: lookSchema.$defs, $ref: '#/$defs/piece' },
  offer: { $defs: lookSchema.$defs, ...(lookSchema.properties['offers'] as { readonly items: object }).items },
  facts: factsSchema
} as const
