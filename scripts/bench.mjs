// npm run bench [-- --json]: every figure on fixed seeds, as value and as ratio to a baseline measured in the same run.
import { execFileSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { gzipSync } from 'node:zlib'
import { browserBench } from './bench-browser.mjs'
import { buyingBench } from './bench-buying.mjs'
import { clientsBench } from './bench-clients.mjs'
import { loadBench } from './bench-load.mjs'

const root = fileURLToPath(new URL('..', import.meta.url))
const quiet = { cwd: root, stdio: ['ignore', 2, 2] }
execFileSync(process.execPath, [join(root, 'scripts', 'setup.mjs')], quiet)
execFileSync(process.execPath, [join(root, 'node_modules/typescript/bin/tsc'), '-p', 'packages/core/tsconfig.bench.json'], quiet)

/** Script that must arrive before the Board can be used, compressed: the entry, the look's page, what they import, and the worker. */
function firstLoad() {
  const dist = join(root, 'packages/web/dist')
  const manifest = JSON.parse(readFileSync(join(dist, '.vite/manifest.json'), 'utf8'))
  const files = new Set()
  const take = (key) => {
    const chunk = manifest[key]
    if (!chunk || files.has(chunk.file)) return
    files.add(chunk.file)
    for (const asset of chunk.assets ?? []) if (asset.endsWith('.js')) files.add(asset)
    for (const next of chunk.imports ?? []) take(next)
  }
  take('index.html')
  take('src/shell/LookPage.vue')
  const bytes = [...files].map((file) => readFileSync(join(dist, file)))
  const plain = bytes.reduce((sum, b) => sum + b.length, 0) / 1024
  const packed = bytes.reduce((sum, b) => sum + gzipSync(b).length, 0) / 1024
  return { name: 'first-load-kb', value: packed, unit: 'KB', baseline: 'the same script uncompressed', ratio: packed / plain }
}

const core = JSON.parse(
  execFileSync(process.execPath, [join(root, 'packages/core/dist-bench/bench/main.js')], { encoding: 'utf8', stdio: ['ignore', 'pipe', 2], maxBuffer: 1 << 24 })
)
const lines = [...core, firstLoad(), ...(await loadBench(root)), ...(await clientsBench(root)), ...(await buyingBench(root)), ...(await browserBench(root))]
if (process.argv.includes('--json')) process.stdout.write(JSON.stringify(lines, null, 1) + '\n')
else
  for (const { name, value, unit, ratio, baseline } of lines)
    console.log(`${name.padEnd(22)} ${value.toFixed(2).padStart(10)} ${unit.padEnd(8)} x${ratio.toFixed(3)} of ${baseline}`)
