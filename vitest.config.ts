import { availableParallelism } from 'node:os'
import { defineConfig } from 'vitest/config'

const source = { conditions: ['source', 'module', 'node', 'development|production'] }

const project = (name: 'core' | 'server' | 'web') => ({
  extends: true as const,
  resolve: source,
  ssr: { resolve: source },
  // modules of core and server hold nothing of a test, so that each file need not load them anew; tests of the page put others in the place of some
  test: { name, root: `packages/${name}`, include: ['test/**/*.test.ts'], isolate: name === 'web' }
})

export default defineConfig({
  test: {
    maxWorkers: availableParallelism(),
    testTimeout: 600_000,
    hookTimeout: 600_000,
    projects: [project('core'), project('server'), project('web')]
  }
})
