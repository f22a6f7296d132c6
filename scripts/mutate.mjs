// npm run mutate [-- COUNT SEED core|figures|server|web]: breaks limits, comparisons and signs one at a time, of the core's findings, of all else it works
// out, of the server or of the page's own reckoning, runs the tests that name a finding of the broken file or load it, and tells what they did not see.
// The files are put back whatever happens. What only other tests would see counts as not seen.
import { spawnSync } from 'node:child_process'
import { readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'

const root = fileURLToPath(new URL('..', import.meta.url))
const [count = 30, seed = 1] = process.argv.slice(2, 4).map(Number)
const part = process.argv[4] ?? 'core'
const { of, broken, slow } = {
  core: { of: 'core', broken: /Findings\.ts$/, slow: ['remedies', 'compose', 'malformed', 'metamorphic', 'edits', 'figures'] },
  figures: { of: 'core', broken: /^(?!composer|looks|formats|.*(Findings|Proposals|index)).*\.ts$/, slow: ['malformed'] },
  web: { of: 'web', broken: /^(?!main|api|workers|board|.*(words|use[A-Z]|index|\.d\.ts)).*\.ts$/, slow: [] },
  // what starts and ends the process is tried only as built
  server: { of: 'server', broken: /^(?!main|startServer|backupCommand|.*(migrations|entities|stand-ins)).*\.ts$/, slow: ['starting', 'fullDisk', 'malformed'] }
}[part]
const source = join(root, 'packages', of, 'src')
const tests = join(root, 'packages', of, 'test')

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
  .filter((name) => broken.test(name))
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

/** Tests that name one of the findings a file makes; where it makes none, every one that is not slow. */
function testsOf(file) {
  const quick = readdirSync(tests).filter((name) => name.endsWith('.test.ts') && !slow.some((one) => name === `${one}.test.ts`))
  if (part !== 'core') return quick.map((name) => `test/${name}`)
  const codes = [...readFileSync(file, 'utf8').matchAll(/code: '([a-z.-]+)'/g)].map(([, code]) => `'${code}'`)
  return quick.filter((name) => codes.some((code) => readFileSync(join(tests, name), 'utf8').includes(code))).map((name) => `test/${name}`)
}

/** Whether one of some tests fails with the files as they are. */
function isSeen(names) {
  if (names.length === 0) return false
  const args = ['run', '--project', of, '--bail', '1', '--reporter', 'dot', ...names]
  return spawnSync(join(root, 'node_modules/.bin/vitest'), args, { cwd: root, stdio: 'ignore', env: { ...process.env, HESTIAD_MUTANT: '1' } }).status !== 0
}

/** Runs with a file as it is not, and puts it back. */
function withFile(file, text, otherwise, run) {
  writeFileSync(file, otherwise)
  try {
    return run()
  } finally {
    writeFileSync(file, text)
  }
}

const names = new Set(chosen.map((one) => testsOf(one.file).join(' ')))
for (const tried of names) if (isSeen(tried.split(' ').filter(Boolean))) throw new Error(`tests fail as it is: ${tried}`)
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
