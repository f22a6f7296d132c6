// npm run mutate [-- COUNT SEED]: breaks limits, comparisons and signs of the findings one at a time, runs the core's tests that name a finding of the
// broken file, and tells what they did not see. The files are put back whatever happens. What only other tests would see counts as not seen.
import { spawnSync } from 'node:child_process'
import { readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'

const root = fileURLToPath(new URL('..', import.meta.url))
const [count = 30, seed = 1] = process.argv.slice(2).map(Number)
const source = join(root, 'packages/core/src')
const tests = join(root, 'packages/core/test')
/** Searches and generated looks, which take minutes. */
const SLOW = ['remedies', 'compose', 'malformed', 'metamorphic', 'edits', 'figures']

let state = seed >>> 0
function random() {
  state = (state + 0x6d2b79f5) | 0
  let t = Math.imul(state ^ (state >>> 15), 1 | state)
  t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
  return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296
}

/** Each way to break a line: what is found, and what it becomes. */
const ways = [
  [/ < (?!\/)/g, ' >= '],
  [/ > /g, ' <= '],
  [/ <= /g, ' > '],
  [/ >= /g, ' < '],
  [/ === /g, ' !== '],
  [/ !== /g, ' === '],
  [/ \+ /g, ' - '],
  [/ - /g, ' + '],
  [/ && /g, ' || ']
]

const files = readdirSync(source, { recursive: true })
  .filter((name) => /Findings\.ts$/.test(name))
  .map((name) => join(source, name))
const places = files.flatMap((file) =>
  readFileSync(file, 'utf8')
    .split('\n')
    .flatMap((line, row) =>
      /^\s*(\/\/|\*|\/\*|import|export (type|interface))|=> \{?$|type /.test(line) && !/[<>]=? \w|===/.test(line)
        ? []
        : ways.flatMap(([from, to]) => [...line.matchAll(from)].map((hit) => ({ file, row, at: hit.index, from: hit[0], to })))
    )
)
const chosen = Array.from({ length: Math.min(count, places.length) }, () => places.splice(Math.floor(random() * places.length), 1)[0])

/** Tests that name one of the findings a file makes. */
function testsOf(file) {
  const codes = [...readFileSync(file, 'utf8').matchAll(/code: '([a-z.-]+)'/g)].map(([, code]) => `'${code}'`)
  return readdirSync(tests)
    .filter((name) => name.endsWith('.test.ts') && !SLOW.some((slow) => name === `${slow}.test.ts`))
    .filter((name) => codes.some((code) => readFileSync(join(tests, name), 'utf8').includes(code)))
    .map((name) => `test/${name}`)
}

/** Whether one of some tests fails with the files as they are. */
function isSeen(names) {
  if (names.length === 0) return false
  const args = ['run', '--project', 'core', '--bail', '1', '--reporter', 'dot', ...names]
  return spawnSync(join(root, 'node_modules/.bin/vitest'), args, { cwd: root, stdio: 'ignore' }).status !== 0
}

/** Runs with a file as it is not, and puts it back. */
function withFile(file, text, broken, run) {
  writeFileSync(file, broken)
  try {
    return run()
  } finally {
    writeFileSync(file, text)
  }
}

for (const file of new Set(chosen.map((one) => one.file))) if (isSeen(testsOf(file))) throw new Error(`the tests of ${file} fail as it is`)
const unseen = []
for (const [i, { file, row, at, from, to }] of chosen.entries()) {
  const text = readFileSync(file, 'utf8')
  const lines = text.split('\n')
  lines[row] = lines[row].slice(0, at) + to + lines[row].slice(at + from.length)
  const seen = withFile(file, text, lines.join('\n'), () => isSeen(testsOf(file)))
  const where = `${file.slice(source.length + 1)}:${row + 1}${from}→${to}`
  console.log(`${i + 1}/${chosen.length} ${seen ? 'seen  ' : 'UNSEEN'} ${where}`)
  if (!seen) unseen.push(where)
}
console.log(`${chosen.length - unseen.length} of ${chosen.length} seen (${Math.round((100 * (chosen.length - unseen.length)) / chosen.length)} %)`)
