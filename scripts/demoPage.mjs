// A server over fresh demo data, and a browser to look at it.
import { spawn } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { createRequire } from 'node:module'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'

export const root = fileURLToPath(new URL('..', import.meta.url))
/** Loads what only the browser tests depend on. */
export const ofTests = createRequire(join(root, 'e2e', 'package.json'))

export async function demoPage() {
  const folder = mkdtempSync(join(tmpdir(), 'hestiad-demo-'))
  const args = [join(root, 'packages', 'server', 'dist', 'main.js'), '--port', '0', '--data', folder, '--day', '2027-01-20']
  const server = spawn(process.execPath, args, { stdio: ['ignore', 'pipe', 'inherit'] })
  const url = await new Promise((resolve, reject) => {
    server.once('exit', () => reject(new Error('the server ended')))
    server.stdout.on('data', (text) => {
      const found = /http:\S+/.exec(text.toString())
      if (found) resolve(found[0])
    })
  })
  const browser = await ofTests('@playwright/test').chromium.launch({ executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium', args: ['--no-sandbox'] })
  const close = async () => {
    await browser.close()
    server.kill()
    rmSync(folder, { recursive: true, force: true })
  }
  return { url, browser, close }
}
