import { JSONSchema } from 'class-validator-jsonschema'

/**
 * What the core describes by itself. `Look`, `Piece`, `Offer`, `Shop`, `Claim`, `Order` and `Table` are parts of the published schema of look
 * files; the others are open objects here, and their TypeScript types are the core's.
 */
export const coreTypes = [
  'Look',
  'Piece',
  'PieceFacts',
  'Offer',
  'Shop',
  'Claim',
  'Table',
  'Figures',
  'Finding',
  'Plan',
  'Blocked',
  'Uses',
  'WholeLook',
  'LookRecipe',
  'Taste',
  'Style'
] as const
export type CoreType = (typeof coreTypes)[number]

const documents = new Map<unknown, Set<string>>()

/** A member that is one of the core's types: a document that is handed on as it came, for the core to check. */
export function IsCore(name: CoreType): PropertyDecorator {
  const schema = JSONSchema({ $ref: `#/components/schemas/${name}` })
  return (target, member) => {
    const known = documents.get(target.constructor) ?? new Set()
    documents.set(target.constructor, known.add(String(member)))
    schema(target, String(member))
  }
}

/** Names of the members of a class that are documents. */
export function documentsOf(type: unknown): ReadonlySet<string> {
  return documents.get(type) ?? new Set()
}
/** A list of one of the core's types. */
export const IsCoreList = (name: CoreType) => JSONSchema({ type: 'array', items: { $ref: `#/components/schemas/${name}` } })
/** A member that may be null. */
export const OrNull = (schema: object) => JSONSchema({ ...schema, nullable: true } as never)
