// npm run check: lint, import rules, formatting, and the types of everything: sources, tests, benchmarks, browser tests. Two at a time.
import { spawn } from 'node:child_process'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import './setup.mjs'

const root = fileURLToPath(new URL('..', import.meta.url))
const bin = (name) => join(root, 'node_modules', '.bin', name)
const waiting = [
  ['Lint, import rules, formatting', 'npm', ['run', '--silent', 'lint']],
  ['Types of the pages and their tests', 'npm', ['run', '--silent', 'types', '--workspace', '@hestiad/web']],
  ['Types of the core’s tests and benchmarks', bin('tsc'), ['-p', 'packages/core/tsconfig.test.json']],
  ['Types of the server and its tests', bin('tsc'), ['-p', 'packages/server/tsconfig.test.json']],
  ['Types of the browser tests', bin('tsc'), ['-p', 'e2e/tsconfig.json']],
  ['Notices of what ships', process.execPath, ['scripts/notices.mjs', '--check']]
]
const failed = []

async function lane() {
  for (let next = waiting.shift(); next; next = waiting.shift()) {
    const [title, command, args] = next
    console.log(title)
    const code = await new Promise((end) => spawn(command, args, { cwd: root, stdio: 'inherit' }).once('exit', end))
    if (code !== 0) failed.push(title)
  }
}

await Promise.all([lane(), lane()])
for (const title of failed) console.log(`${title}: failed`)
process.exit(failed.length > 0 ? 1 : 0)
