import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { defineConfig } from '@playwright/test'

const port = Number(process.env['HESTIAD_E2E_PORT'] ?? 4725)
const data = process.env['HESTIAD_E2E_DATA'] ?? mkdtempSync(join(tmpdir(), 'hestiad-e2e-'))
process.env['HESTIAD_E2E_DATA'] = data

export default defineConfig({
  testDir: 'tests',
  outputDir: '../test-results',
  workers: 1,
  timeout: 60_000,
  expect: { timeout: 10_000 },
  reporter: 'list',
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-quic', '--disable-background-networking', '--disable-component-update', '--disable-sync']
    }
  },
  webServer: {
    command: `node ../packages/server/dist/main.js --port ${port} --data "${data}" --day 2027-01-20`,
    url: `http://127.0.0.1:${port}/api/health`,
    reuseExistingServer: false
  }
})
