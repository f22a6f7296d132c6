import { chromium } from '@playwright/test'
import { spawn } from 'node:child_process'
import { mkdtempSync } from 'node:fs'
const dir = mkdtempSync('/tmp/shots-')
const server = spawn('node', ['../packages/server/dist/main.js', '--port', '4799', '--data', dir, '--day', '2027-01-20'], { stdio: 'ignore' })
const base = 'http://127.0.0.1:4799'
for (let i = 0; i < 60; i++) { try { const r = await fetch(base + '/api/health'); if (r.ok) break } catch {} await new Promise(r => setTimeout(r, 500)) }
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--use-gl=angle', '--use-angle=swiftshader', '--enable-unsafe-swiftshader'] })
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
const errors = []
page.on('pageerror', e => errors.push(String(e))); page.on('console', m => m.type() === 'error' && errors.push(m.text()))
const go = async (path) => { await page.goto(base + path); await page.waitForTimeout(2500) }
const shot = (n) => page.screenshot({ path: `/tmp/shot-${n}.png` })
try {
  const { default: run } = await import(process.argv[2])
  await run({ page, go, shot, base })
} catch (e) { console.log(e) } finally { console.log(errors.slice(0, 5)); await browser.close(); server.kill() }
