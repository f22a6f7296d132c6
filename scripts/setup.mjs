// Installs and builds what is missing or older than its sources. Usage: node scripts/setup.mjs [core|server|web ...]; default all.
import { execFileSync } from 'node:child_process'
import { existsSync, readdirSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'

const root = fileURLToPath(new URL('..', import.meta.url))
const wanted = process.argv[1]?.endsWith('setup.mjs') && process.argv.length > 2 ? process.argv.slice(2) : ['core', 'server', 'web']
const run = (command, args) => execFileSync(command, args, { cwd: root, stdio: 'inherit' })
const tsc = () => join(root, 'node_modules', 'typescript', 'bin', 'tsc')

function newest(path) {
  if (!existsSync(path)) return 0
  const stat = statSync(path)
  if (!stat.isDirectory()) return stat.mtimeMs
  return Math.max(0, ...readdirSync(path).map((name) => newest(join(path, name))))
}

const lock = join(root, 'package-lock.json')
const installed = join(root, 'node_modules', '.package-lock.json')
if (!existsSync(installed) || newest(lock) > newest(installed)) {
  console.log('Installing packages (the database driver is compiled once, about three minutes) …')
  run('npm', ['ci'])
}

for (const name of wanted) {
  const folder = join(root, 'packages', name)
  const sources = [join(folder, 'src'), join(folder, 'package.json'), ...(name === 'core' ? [] : [join(root, 'packages', 'core', 'src')])]
  const built = join(folder, 'dist', name === 'web' ? 'index.html' : 'index.js')
  const stamp = newest(name === 'server' ? join(folder, 'dist', 'main.js') : built)
  if (stamp > 0 && stamp >= Math.max(...sources.map(newest))) continue
  console.log(`Building ${name} …`)
  if (name === 'web') run('npm', ['run', 'build', '--workspace', '@hestiad/web'])
  else run(process.execPath, [tsc(), '-b', '--force', join('packages', name)])
}
