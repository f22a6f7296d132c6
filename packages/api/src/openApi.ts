import 'reflect-metadata'
import { lookSchema, factsSchema } from '@hestiad/core/formats'
// @ts-expect-error the package has no types for this file
import { defaultMetadataStorage } from 'class-transformer/cjs/storage.js'
import { validationMetadatasToSchemas } from 'class-validator-jsonschema'
import { coreTypes, type CoreType } from './coreTypes.js'
import { operations, type Body, type Operation } from './operations.js'
import { ProblemDto } from './problem.js'

type Schema = Record<string, unknown>

/** The whole description, OpenAPI 3.0, made from the DTO classes and the table of operations. */
export function openApi(): Schema {
  return {
    openapi: '3.0.3',
    info: { title: 'Hestiad', version: '1', description: 'The API of the table rehearsed. Errors: docs/errors.md.' },
    paths: paths(),
    components: { schemas: schemas(), responses: { Problem: problem }, securitySchemes: { ownPage } }
  }
}

/** A page of another origin cannot send this header without being let. */
const ownPage = { type: 'apiKey', in: 'header', name: 'X-Hestiad', description: 'Always 1; every change needs it.' }

const problem = { description: 'A problem', content: { 'application/json': { schema: refTo(ProblemDto.name) } } }

function paths(): Schema {
  const all: Record<string, Schema> = {}
  for (const [operationId, operation] of Object.entries<Operation>(operations)) {
    const { method, path, tag, summary, body } = operation
    const at = (all[path.replace(/:(\w+)/g, '{$1}')] ??= {})
    at[method.toLowerCase()] = {
      operationId,
      summary,
      tags: [tag],
      parameters: parametersOf(operation),
      ...(method === 'GET' ? {} : { security: [{ ownPage: [] }] }),
      ...(body ? { requestBody: { required: true, content: contentOf(body) } } : {}),
      responses: { ...answersOf(operation), default: { $ref: '#/components/responses/Problem' } }
    }
  }
  return all
}

function parametersOf({ path, query = {}, headers = {} }: Operation): Schema[] {
  const text = { type: 'string' }
  return [
    ...[...path.matchAll(/:(\w+)/g)].map(([, name]) => ({ name, in: 'path', required: true, schema: text })),
    ...Object.entries(query).map(([name, description]) => ({ name, in: 'query', required: false, description, schema: text })),
    ...Object.entries(headers).map(([name, description]) => ({ name, in: 'header', required: true, description, schema: text }))
  ]
}

function answersOf({ answers, summary }: Operation): Schema {
  return Object.fromEntries(
    Object.entries(answers).map(([status, body]) => [status, body ? { description: summary, content: contentOf(body) } : { description: 'Done' }])
  )
}

function contentOf(body: Body): Schema {
  if ('types' in body) return Object.fromEntries(body.types.map((type) => [type, { schema: { type: 'string', format: 'binary' } }]))
  return { 'application/json': { schema: schemaOf(body) } }
}

function schemaOf(body: Exclude<Body, { readonly types: unknown }>): Schema {
  if ('of' in body) return refTo(body.of.name)
  if ('core' in body) return refTo(body.core)
  return { oneOf: body.oneOf.map((one) => refTo(one.name)) }
}

function refTo(name: string): Schema {
  return { $ref: `#/components/schemas/${name}` }
}

function schemas(): Schema {
  const classes = validationMetadatasToSchemas({ classTransformerMetadataStorage: defaultMetadataStorage, refPointerPrefix: '#/components/schemas/' })
  const closed = Object.fromEntries(
    Object.entries(classes).map(([name, schema]) => [name, { ...schema, ...requiredOf(schema as Schema), additionalProperties: false }])
  )
  return { ...lookParts(), ...coreSchemas(), ...closed }
}

/** A member that may be null is there all the same. */
function requiredOf({
  required = [],
  properties = {}
}: {
  readonly required?: readonly string[]
  readonly properties?: Readonly<Record<string, { nullable?: boolean }>>
}): Schema {
  const nullable = Object.keys(properties).filter((name) => properties[name]!.nullable && !required.includes(name))
  const all = [...required, ...nullable]
  return all.length > 0 ? { required: all } : {}
}

/** Definitions of the look file under their own names, and the schemas of its members. */
function lookParts(): Schema {
  return Object.fromEntries(Object.entries(lookSchema.$defs).map(([name, part]) => [`look-${name}`, rooted(part)]))
}

/** What of the published schema a type of the core is; the others are open, and known by their TypeScript types. */
const parts: Readonly<Partial<Record<CoreType, unknown>>> = {
  Look: { ...lookSchema, $defs: undefined, $schema: undefined, $id: undefined },
  Piece: { $ref: '#/$defs/piece' },
  PieceFacts: factsSchema,
  Table: lookSchema.properties['table'],
  Offer: itemsOf('offers'),
  Shop: itemsOf('shops'),
  Claim: itemsOf('claims')
}

function itemsOf(list: string): unknown {
  return (lookSchema.properties[list] as { items: unknown }).items
}

function coreSchemas(): Schema {
  return Object.fromEntries(coreTypes.map((name) => [name, { ...(parts[name] ? (rooted(parts[name]) as Schema) : { type: 'object' }), 'x-core-type': name }]))
}

/** References into the look file's definitions turned into ones of this document; what OpenAPI 3.0 writes otherwise is written so. */
function rooted(schema: unknown): unknown {
  if (Array.isArray(schema)) return schema.map(rooted)
  if (typeof schema !== 'object' || schema === null) return schema
  const { $ref, type, const: only, discriminator: _, ...rest } = schema as Record<string, unknown>
  const inner = Object.fromEntries(
    Object.entries(rest)
      .filter(([, part]) => part !== undefined)
      .map(([key, part]) => [key, rooted(part)])
  )
  if (typeof $ref === 'string') return { $ref: $ref.replace('#/$defs/', '#/components/schemas/look-') }
  const nullable = Array.isArray(type) && type.includes('null')
  return {
    ...inner,
    ...(type === undefined ? {} : { type: Array.isArray(type) ? type.find((one) => one !== 'null') : rooted(type) }),
    ...(nullable ? { nullable: true } : {}),
    ...(only === undefined ? {} : { enum: [only] })
  }
}
