/* The kinds of values the schema of a look is made of. */
export const id = { type: 'string', pattern: '^[a-z0-9][a-z0-9-]{0,63}$' } as const
export const nullableId = { ...id, type: ['string', 'null'] } as const
export const idOrNull = { $ref: '#/$defs/idOrNull' } as const
export const text = { type: 'string', maxLength: 200 } as const
/** The least is a tenth of a millimeter: nothing on a table is thinner, and what is divided by stays sane. */
export const size = { type: 'number', minimum: 0.1, maximum: 20_000 } as const
export const sizeOrZero = { type: 'number', minimum: 0, maximum: 20_000 } as const
export const grams = { type: 'number', minimum: 0, maximum: 1_000_000 } as const
export const position = { type: 'number', minimum: -20_000, maximum: 20_000 } as const
export const count = { type: 'integer', minimum: 0, maximum: 100_000 } as const
export const cents = { type: 'integer', minimum: 0, maximum: 1_000_000_000_000 } as const
export const minute = { type: 'integer', minimum: 0, maximum: 2880 } as const
export const percent = { type: 'number', minimum: 0, maximum: 100 } as const
export const color = { type: 'string', pattern: '^#[0-9a-f]{6}$' } as const
export const flag = { type: 'boolean' } as const
export const day = { type: 'string', pattern: '^[0-9]{4}-(0[1-9]|1[0-2])-(0[1-9]|[12][0-9]|3[01])$', format: 'date' } as const
export const oneOf = <T extends string>(...names: T[]) => ({ type: 'string', enum: names }) as const

/** A closed object in which every property named is required. */
export function object(properties: Record<string, unknown>) {
  return { type: 'object', additionalProperties: false, required: Object.keys(properties), properties }
}

export function list(items: unknown, maxItems: number) {
  return { type: 'array', maxItems, items }
}

/** A union told apart by `kind`. */
export function byKind(variants: readonly ReturnType<typeof object>[]) {
  return { type: 'object', required: ['kind'], discriminator: { propertyName: 'kind' }, oneOf: variants }
}

export const kind = (name: string) => ({ const: name })
/** The same or null; all other keywords of these schemas mind only values of their own type. */
export const orNull = <S extends { readonly type: string }>(schema: S) => ({ ...schema, type: [schema.type, 'null'] })
export const howMany = (most: number) => ({ type: 'integer', minimum: 1, maximum: most })
