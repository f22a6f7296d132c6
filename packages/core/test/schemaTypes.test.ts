import { fileURLToPath } from 'node:url'
import ts from 'typescript'
import { expect, it } from 'vitest'
import { lookSchema } from '../src/formats/index.js'

/** The published schema of look files and the TypeScript types say the same, place by place, by the TypeScript compiler's own reading of the types. */
interface Schema {
  readonly $ref?: string
  readonly type?: string | readonly string[]
  readonly enum?: readonly unknown[]
  readonly const?: unknown
  readonly oneOf?: readonly Schema[]
  readonly properties?: Readonly<Record<string, Schema>>
  readonly required?: readonly string[]
  readonly items?: Schema
}

const file = fileURLToPath(new URL('../src/design/look.ts', import.meta.url))
const program = ts.createProgram([file], { strict: true, target: ts.ScriptTarget.ES2022, module: ts.ModuleKind.NodeNext, noEmit: true })
const checker = program.getTypeChecker()
const differences: string[] = []
let compared = 0

function typeOf(name: string): ts.Type {
  const source = program.getSourceFile(file)!
  const symbol = checker.getExportsOfModule(checker.getSymbolAtLocation(source)!).find((one) => one.name === name)!
  return checker.getDeclaredTypeOfSymbol(symbol)
}

function resolved(schema: Schema): Schema {
  if (!schema.$ref) return schema
  const { $ref, ...rest } = schema
  return { ...resolved((lookSchema.$defs as Record<string, Schema>)[$ref.replace('#/$defs/', '')]!), ...rest }
}

const partsOf = (type: ts.Type) => (type.isUnion() ? type.types : [type])
const is = (type: ts.Type, flag: ts.TypeFlags) => (type.flags & flag) !== 0
const literalOf = (type: ts.Type) => (type.isLiteral() ? type.value : undefined)
const say = (place: string, what: string) => void differences.push(`${place}: ${what}`)
const names = (list: Iterable<unknown>) => [...list].map(String).sort().join(' ')

function compare(type: ts.Type, given: Schema, place: string): void {
  compared++
  const schema = resolved(given)
  const parts = partsOf(type).filter((part) => !is(part, ts.TypeFlags.Null))
  const nullInType = parts.length < partsOf(type).length
  const nullInSchema = Array.isArray(schema.type) ? schema.type.includes('null') : (schema.enum?.includes(null) ?? false)
  if (nullInType !== nullInSchema) say(place, `null is ${nullInType ? 'in the type' : 'in the schema'} alone`)
  if (schema.const !== undefined || schema.enum) {
    const wanted = schema.enum?.filter((one) => one !== null) ?? [schema.const]
    if (names(parts.map(literalOf)) !== names(wanted)) say(place, `the type has ${names(parts.map(literalOf))}, the schema ${names(wanted)}`)
    return
  }
  if (schema.oneOf) return compareKinds(parts, schema.oneOf.map(resolved), place)
  const kind = Array.isArray(schema.type) ? schema.type.find((one) => one !== 'null') : schema.type
  if (kind === 'object') return compareObject(parts[0]!, schema, place)
  if (kind === 'array') {
    const element = checker.getIndexTypeOfType(parts[0]!, ts.IndexKind.Number)
    if (element) compare(element, schema.items ?? {}, `${place}[]`)
    else say(place, 'is no list in the type')
    return
  }
  const flag = { string: ts.TypeFlags.String, number: ts.TypeFlags.Number, integer: ts.TypeFlags.Number, boolean: ts.TypeFlags.BooleanLike }[kind as string]
  if (flag === undefined) say(place, `the schema says nothing: ${JSON.stringify(schema).slice(0, 80)}`)
  else if (!parts.every((part) => is(part, flag))) say(place, `the schema has a ${kind}, the type ${checker.typeToString(type)}`)
}

function kindsOf(part: ts.Type): unknown[] {
  const symbol = part.getProperty('kind')
  return symbol ? partsOf(checker.getTypeOfSymbol(symbol)).map(literalOf) : []
}

function compareKinds(parts: readonly ts.Type[], variants: readonly Schema[], place: string): void {
  const inType = parts.flatMap(kindsOf)
  const kindOf = (variant: Schema) => variant.properties!['kind']!.const
  if (names(inType) !== names(variants.map(kindOf))) say(place, `kinds of the type are ${names(inType)}, of the schema ${names(variants.map(kindOf))}`)
  for (const variant of variants) {
    const part = parts.find((one) => kindsOf(one).includes(kindOf(variant)))
    if (part) compareObject(part, variant, `${place}<${String(kindOf(variant))}>`, true)
  }
}

function compareObject(type: ts.Type, schema: Schema, place: string, ofKind = false): void {
  const members = checker.getPropertiesOfType(type)
  const inSchema = Object.keys(schema.properties ?? {})
  if (names(members.map((one) => one.name)) !== names(inSchema)) {
    say(place, `members of the type are ${names(members.map((one) => one.name))}, of the schema ${names(inSchema)}`)
    return
  }
  if (names(schema.required ?? []) !== names(inSchema)) say(place, 'has members that may be absent')
  for (const member of members) {
    if (member.flags & ts.SymbolFlags.Optional) say(`${place}.${member.name}`, 'may be absent in the type')
    if (!(ofKind && member.name === 'kind')) compare(checker.getTypeOfSymbol(member), schema.properties![member.name]!, `${place}.${member.name}`)
  }
}

it('the types of a look and the published schema are equal in every place: members, lists, kinds, choices, null', () => {
  compare(typeOf('Look'), lookSchema as unknown as Schema, 'look')
  expect(differences).toEqual([])
  expect(compared).toBeGreaterThan(300)
})

it('and a difference would be seen', () => {
  differences.length = 0
  const { name: _, ...fewer } = lookSchema.properties as Record<string, Schema>
  compare(typeOf('Look'), { ...(lookSchema as unknown as Schema), properties: { ...fewer, nam: { type: 'string' } } }, 'look')
  expect(differences).toHaveLength(1)
  differences.length = 0
  compare(typeOf('Side'), { type: 'string', enum: ['north', 'south'] }, 'side')
  compare(typeOf('Placed'), { type: 'object', properties: {}, required: [] }, 'placed')
  expect(differences).toHaveLength(2)
})
