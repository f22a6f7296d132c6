import { defineConfig } from 'vitest/config'

const source = { conditions: ['source', 'module', 'node', 'development|production'] }

export default defineConfig({
  test: {
    // modules hold nothing of a test, so that each file need not load them anew
    isolate: false,
    projects: [
      { resolve: source, ssr: { resolve: source }, test: { name: 'core', root: 'packages/core', include: ['test/**/*.test.ts'], testTimeout: 600_000 } },
      {
        resolve: source,
        ssr: { resolve: source },
        test: { name: 'server', root: 'packages/server', include: ['test/**/*.test.ts'], testTimeout: 600_000, hookTimeout: 600_000 }
      },
      { resolve: source, ssr: { resolve: source }, test: { name: 'web', root: 'packages/web', include: ['test/**/*.test.ts'], testTimeout: 600_000 } }
    ]
  }
})
