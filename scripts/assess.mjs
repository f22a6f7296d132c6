#!/usr/bin/env node
// Assesses a look file: JSON on standard output; exit 0 assessed, 2 unusable file with the reason and the place in it.
import { readFileSync } from 'node:fs'
import { execFileSync } from 'node:child_process'
import { existsSync } from 'node:fs'

const core = new URL('../packages/core/dist/bundle/formats.js', import.meta.url)
if (!existsSync(core)) {
  execFileSync(process.execPath, [new URL('./setup.mjs', import.meta.url).pathname, 'core'], { stdio: ['ignore', 2, 2] })
}
const { parseLook } = await import(core)
const { assess } = await import('../packages/core/dist/bundle/index.js')

const file = process.argv[2]
const fail = (faults) => {
  process.stdout.write(JSON.stringify({ error: 'unusable', file, faults }, null, 1) + '\n')
  for (const { place, message } of faults) process.stderr.write(`${file ?? ''}${place === '' ? '' : `#${place}`}: ${message}\n`)
  process.exitCode = 2
}

if (!file) fail([{ place: '', message: 'no file named; usage: npm run --silent assess -- FILE.hestiad.json' }])
else {
  let text
  try {
    text = readFileSync(file, 'utf8')
  } catch (error) {
    fail([{ place: '', message: `cannot be read: ${error.message}` }])
  }
  if (text !== undefined) {
    const parsed = parseLook(text)
    if (parsed.ok) process.stdout.write(JSON.stringify(assess(parsed.value), null, 1) + '\n')
    else fail(parsed.faults)
  }
}
