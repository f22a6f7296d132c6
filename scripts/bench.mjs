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

function coreBench() {
  const main = join(root, 'packages/core/dist-bench/bench/main.js')
  return JSON.parse(execFileSync(process.execPath, [main], { encoding: 'utf8', stdio: ['ignore', 'pipe', 2], maxBuffer: 1 << 24 }))
}
const lines = []
/** A part's lines, told as soon as they are there; a part that fails leaves the others standing. */
async function tell(part) {
  try {
    const found = await part()
    lines.push(...found)
    for (const { name, value, unit, ratio, baseline } of found)
      process.stderr.write(`${name.padEnd(22)} ${value.toFixed(2).padStart(10)} ${unit.padEnd(8)} x${ratio.toFixed(3)} of ${baseline}\n`)
  } catch (error) {
    process.exitCode = 1
    process.stderr.write(`${error instanceof Error ? error.stack : String(error)}\n`)
  }
}
for (const part of [coreBench, () => [firstLoad()], () => loadBench(root), () => clientsBench(root), () => buyingBench(root), () => browserBench(root)])
  await tell(part)
if (process.argv.includes('--json')) process.stdout.write(JSON.stringify(lines, null, 1) + '\n')
