// Installs and builds what is missing or older than its sources. Usage: node scripts/setup.mjs [core|api|server|web ...]; default all.
import { execFileSync } from 'node:child_process'
import { existsSync, readdirSync, statSync, utimesSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'

const root = fileURLToPath(new URL('..', import.meta.url))
const wanted = process.argv[1]?.endsWith('setup.mjs') && process.argv.length > 2 ? process.argv.slice(2) : ['core', 'api', 'server', 'web']
const run = (command, args) => execFileSync(command, args, { cwd: root, stdio: 'inherit' })
const tsc = () => join(root, 'node_modules', 'typescript', 'bin', 'tsc')

function newest(path) {
  if (!existsSync(path)) return 0
  const stat = statSync(path)
  if (!stat.isDirectory()) return stat.mtimeMs
  return Math.max(0, ...readdirSync(path).map((name) => newest(join(path, name))))
}

/** What a package is built from beside its own sources. */
const needs = { core: [], api: ['core'], server: ['core', 'api'], web: ['core', 'api'] }

/** What is written last of each. */
const last = { core: 'bundle/index.js', api: 'index.js', server: 'main.js', web: 'index.html' }

const lock = join(root, 'package-lock.json')
const installed = join(root, 'node_modules', '.package-lock.json')
if (!existsSync(installed) || newest(lock) > newest(installed)) {
  console.log('Installing packages (the database driver is compiled once, about three minutes) …')
  run('npm', ['ci'])
}

/** The calls of the web's API client are made from the description of the API. */
function makeCalls() {
  const calls = join(root, 'packages', 'web', 'src', 'api', 'calls.ts')
  if (newest(calls) >= newest(join(root, 'packages', 'api', 'dist')) && newest(calls) >= newest(join(root, 'scripts', 'api.mjs'))) return
  run(process.execPath, [join(root, 'scripts', 'api.mjs')])
}

for (const name of wanted) {
  if (name === 'web') makeCalls()
  const folder = join(root, 'packages', name)
  const sources = [join(folder, 'src'), join(folder, 'package.json'), ...needs[name].map((one) => join(root, 'packages', one, 'src'))]
  const stamp = newest(join(folder, 'dist', last[name]))
  if (stamp > 0 && stamp >= Math.max(...sources.map(newest))) continue
  console.log(`Building ${name} …`)
  if (name === 'web') run('npm', ['run', 'build', '--workspace', '@hestiad/web'])
  else run(process.execPath, [tsc(), '-p', join('packages', name)])
  if (name === 'core') for (const script of ['lookChecks.mjs', 'bundleCore.mjs']) run(process.execPath, [join(root, 'scripts', script)])
  // the compiler leaves alone what has not changed, which would look older than its sources for ever
  utimesSync(join(folder, 'dist', last[name]), new Date(), new Date())
}
