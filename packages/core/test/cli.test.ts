import { spawnSync } from 'node:child_process'
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { assess } from '@hestiad/core'
import { expect, it } from 'vitest'
import { demoLook } from './support/looks.js'

const root = fileURLToPath(new URL('../../../', import.meta.url))
const run = (...args: string[]) => spawnSync(process.execPath, [join(root, 'scripts/assess.mjs'), ...args], { encoding: 'utf8', maxBuffer: 1 << 24 })

function fileOf(text: string): string {
  const file = join(mkdtempSync(join(tmpdir(), 'hestiad-cli-')), 'a.hestiad.json')
  writeFileSync(file, text)
  return file
}

it('a sound file is assessed on standard output as the core does, exit 0', () => {
  const { status, stdout } = run(join(root, 'demo/pearl-anniversary.hestiad.json'))
  expect(status).toBe(0)
  expect(JSON.parse(stdout)).toEqual(JSON.parse(JSON.stringify(assess(demoLook()))))
})

it.each([
  ['not JSON at all', 'hello', ''],
  ['a guest without a body', JSON.stringify({ ...demoLook(), guests: [{ ...demoLook().guests[0], body: undefined }] }), '/guests/0/body'],
  ['a version from the future', JSON.stringify({ ...demoLook(), version: 2 }), '/version']
])('%s is refused with the reason and the place, exit 2', (_, text, place) => {
  const { status, stdout, stderr } = run(fileOf(text))
  expect(status).toBe(2)
  expect((JSON.parse(stdout) as { faults: { place: string }[] }).faults[0]!.place).toBe(place)
  expect(stderr).toContain(place)
})

it.each([[[]], [['/nowhere/at/all.json']]])('without a readable file it says so, exit 2', (args) => {
  const { status, stderr } = run(...args)
  expect(status).toBe(2)
  expect(stderr.length).toBeGreaterThan(10)
})
