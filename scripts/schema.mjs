// Writes docs/formats/look.schema.json from the schema in the core.
import { writeFileSync } from 'node:fs'
import { lookSchema } from '../packages/core/dist/formats/index.js'

writeFileSync(new URL('../docs/formats/look.schema.json', import.meta.url), JSON.stringify(lookSchema, null, 2) + '\n')
