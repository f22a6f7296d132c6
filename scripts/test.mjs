// npm test: sets up what is missing (Debian's Chromium included), then unit, server and browser tests; prints the counts. Lint and types: npm run check.
import { execFileSync, spawnSync } from 'node:child_process'
import { existsSync, mkdtempSync, readFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import './setup.mjs'

const root = fileURLToPath(new URL('..', import.meta.url))
const bin = (name) => join(root, 'node_modules', '.bin', name)
const reports = mkdtempSync(join(tmpdir(), 'hestiad-reports-'))

/** Chromium without the windows around its pages: those take a quarter of the time of the tests. Where it cannot be had, Chromium itself. */
function chromium() {
  const shell = '/usr/bin/chromium-headless-shell'
  const known = [process.env.CHROMIUM, shell].find((path) => path && existsSync(path))
  if (known) return known
  console.log('Installing Chromium’s headless shell from Debian’s packages …')
  const sudo = process.getuid?.() === 0 ? [] : ['sudo']
  const apt = (...args) => execFileSync([...sudo, 'apt-get'][0], [...sudo, 'apt-get', ...args].slice(1), { stdio: 'inherit' })
  try {
    apt('update', '-qq')
    apt('install', '-y', '-qq', '--no-install-recommends', 'chromium-headless-shell')
    return shell
  } catch (error) {
    const whole = ['/usr/bin/chromium', '/usr/bin/chromium-browser'].find(existsSync)
    if (whole) return whole
    throw error
  }
}

const counts = { passed: 0, failed: 0, skipped: 0 }
const failed = []

function step(title, command, args, options = {}) {
  console.log(`\n== ${title}`)
  const began = Date.now()
  const { status } = spawnSync(command, args, { cwd: root, stdio: 'inherit', ...options })
  console.log(`== ${title}: ${Math.round((Date.now() - began) / 1000)} s`)
  if (status !== 0) {
    failed.push(title)
    console.log(`== ${title}: failed`)
  }
}

const unit = join(reports, 'unit.json')
step('Unit and server tests', bin('vitest'), ['run', '--reporter=default', '--reporter=json', `--outputFile.json=${unit}`])
if (existsSync(unit)) {
  const { numPassedTests, numFailedTests, numPendingTests } = JSON.parse(readFileSync(unit, 'utf8'))
  counts.passed += numPassedTests
  counts.failed += numFailedTests
  counts.skipped += numPendingTests
}

const browser = join(reports, 'browser.json')
step('Browser tests', bin('playwright'), ['test', '--reporter=list,json'], {
  cwd: join(root, 'e2e'),
  env: { ...process.env, CHROMIUM: chromium(), PLAYWRIGHT_JSON_OUTPUT_NAME: browser }
})
if (existsSync(browser)) {
  const { stats } = JSON.parse(readFileSync(browser, 'utf8'))
  counts.passed += stats.expected
  counts.failed += stats.unexpected + stats.flaky
  counts.skipped += stats.skipped
}

if (counts.passed === 0) failed.push('No test passed')
console.log(`\n${counts.passed} passed, ${counts.failed} failed, ${counts.skipped} skipped`)
for (const title of failed) console.log(`== ${title}: failed`)
process.exit(failed.length > 0 || counts.failed > 0 ? 1 : 0)
