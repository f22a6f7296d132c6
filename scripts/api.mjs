// Writes the client's types and calls (packages/web/src/api/{schema.d,calls}.ts) from the OpenAPI description that the DTO classes make; setup.mjs
// runs it when the description is newer.
import { writeFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { join } from 'node:path'
import { fileURLToPath, pathToFileURL } from 'node:url'
import { format, resolveConfig } from 'prettier'

const root = fileURLToPath(new URL('..', import.meta.url))
const web = createRequire(join(root, 'packages', 'web', 'package.json'))
const generator = web.resolve('openapi-typescript').replace(/\.cjs$/, '.mjs')
const { default: openapiTs, astToString } = await import(pathToFileURL(generator).href)
const ts = createRequire(generator)('typescript')
const { openApi } = await import('../packages/api/dist/openApi.js')
const description = openApi()

/** What the core describes by itself is of the core's type. */
const coreType = (schema) => {
  const name = schema['x-core-type']
  return name ? ts.factory.createTypeReferenceNode(ts.factory.createIdentifier(`Core.${name}`)) : undefined
}

async function types() {
  const schemas = Object.entries(description.components.schemas)
    .filter(([name]) => !name.startsWith('look-'))
    .map(([name, schema]) => [name, schema['x-core-type'] ? { type: 'object', 'x-core-type': schema['x-core-type'] } : schema])
  const nodes = await openapiTs(
    { ...structuredClone(description), components: { ...description.components, schemas: Object.fromEntries(schemas) } },
    { immutable: true, transform: coreType, silent: true }
  )
  return `import type * as Core from '@hestiad/core'\n\n${astToString(nodes)}`
}

/** One function for each operation: path parameters first, then what is asked for, the body, headers. */
function calls() {
  const all = Object.entries(description.paths).flatMap(([path, operations]) =>
    Object.entries(operations).map(([method, operation]) => ({ path, method: method.toUpperCase(), ...operation }))
  )
  const lines = all.filter(isJson).map(callOf)
  return `import { ask, client, type Body } from './client.js'\n\n/** The operations of the API, one call each. */\nexport const api = {\n${lines.join(',\n')}\n}\n`
}

/** Files are linked to, not called. */
function isJson({ responses }) {
  return (
    Object.entries(responses).every(([status, { content }]) => status === 'default' || !content || 'application/json' in content) &&
    !Object.values(responses).some(({ content }) => content?.['application/json']?.schema?.format === 'binary')
  )
}

function callOf({ path, method, operationId, summary, parameters, requestBody }) {
  const named = (place) => parameters.filter((one) => one.in === place)
  const [inPath, query, headers] = [named('path'), named('query'), named('header')]
  const content = requestBody ? Object.keys(requestBody.content) : []
  const binary = content.length > 0 && content[0] !== 'application/json'
  const nameOf = ({ name }) => name.replace(/-(\w)/g, (_, letter) => letter.toUpperCase())
  const args = [
    ...inPath.map((one) => `${nameOf(one)}: string`),
    ...headers.map((one) => `${nameOf(one)}: string`),
    ...(content.length === 0 ? [] : [binary ? 'body: Blob | string' : `body: Body<'${operationId}'>`]),
    ...(query.length > 0 ? [`query: { ${query.map((one) => `readonly ${one.name}?: string`).join('; ')} } = {}`] : [])
  ]
  const params = [
    inPath.length > 0 ? `path: { ${inPath.map(nameOf).join(', ')} }` : '',
    query.length > 0 ? 'query' : '',
    headers.length > 0 ? `header: { ${headers.map((one) => `'${one.name}': ${nameOf(one)}`).join(', ')} }` : ''
  ].filter(Boolean)
  const type = binary ? `, headers: { 'content-type': (body instanceof Blob && body.type) || '${content[0]}' }` : ''
  const options = [
    params.length > 0 ? `params: { ${params.join(', ')} }` : '',
    binary ? `body: body as string, bodySerializer: () => body${type}` : content.length > 0 ? 'body' : ''
  ].filter(Boolean)
  return `/** ${summary}. */\n${operationId}: (${args.join(', ')}) => ask<'${operationId}'>(client.${method}('${path}', { ${options.join(', ')} }))`
}

const files = {
  'packages/web/src/api/schema.d.ts': await types(),
  'packages/web/src/api/calls.ts': calls()
}
for (const [name, text] of Object.entries(files)) {
  const path = join(root, name)
  const header = '// Written by scripts/api.mjs from the DTO classes of packages/api; not edited by hand.\n'
  writeFileSync(path, await format(header + text, { ...(await resolveConfig(path)), filepath: path }))
}
