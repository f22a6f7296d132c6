// Compiles the schemas of looks and their parts to packages/core/dist/formats/lookChecks.js, so that no thread does it when it is first asked.
import { writeFileSync } from 'node:fs'
import { createRequire } from 'node:module'

const core = new URL('../packages/core/', import.meta.url)
const ofCore = createRequire(new URL('package.json', core))
const { Ajv, _ } = ofCore('ajv')
const { default: standaloneCode } = ofCore('ajv/dist/standalone')
const { checkedSchemas } = await import(new URL('dist/formats/checkedSchemas.js', core).href)
const { isCalendarDay } = await import(new URL('dist/units/clock.js', core).href)

const ajv = new Ajv({
  allErrors: false,
  discriminator: true,
  strictSchema: true,
  strictTypes: false,
  allowUnionTypes: true,
  code: { source: true, esm: true, formats: _`formats` },
  formats: { date: isCalendarDay }
})
const names = Object.fromEntries(Object.entries(checkedSchemas).map(([name, schema]) => (ajv.addSchema(schema, name), [name, name])))
const head = `import { createRequire } from 'node:module'
import { isCalendarDay } from '../units/clock.js'
const require = createRequire(import.meta.url)
const formats = { date: isCalendarDay }
`
writeFileSync(new URL('dist/formats/lookChecks.js', core), head + standaloneCode(ajv, names).replace('"use strict";', ''))
