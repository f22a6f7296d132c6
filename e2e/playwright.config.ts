import { defineConfig } from '@playwright/test'

export default defineConfig({
  testDir: 'tests',
  outputDir: '../test-results',
  workers: 2,
  fullyParallel: true,
  timeout: 600_000,
  expect: { timeout: 120_000 },
  reporter: 'list',
  use: {
    viewport: { width: 1280, height: 800 },
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: {
      executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
      // there is no graphics card: pages are painted without one, and only what is drawn in 3D asks for its stand-in
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--enable-unsafe-swiftshader',
        '--disable-quic',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        // painting and the network in the browser's own process: a tenth less of the processor
        '--in-process-gpu',
        '--enable-features=NetworkServiceInProcess2'
      ]
    }
  }
})
