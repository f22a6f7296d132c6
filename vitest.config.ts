import { availableParallelism } from 'node:os'
import vue from '@vitejs/plugin-vue'
import { ElementPlusResolver } from 'unplugin-vue-components/resolvers'
import Components from 'unplugin-vue-components/vite'
import { defineConfig } from 'vitest/config'

// the core is tested as it is written; what is built on it is tested against the built one, which is one file to read instead of hundreds
const source = { conditions: ['source', 'module', 'node', 'development|production'] }

const project = (name: 'core' | 'server' | 'web') => ({
  extends: true as const,
  plugins: name === 'web' ? [vue(), Components({ dts: false, dirs: [], resolvers: [ElementPlusResolver({ importStyle: false })] })] : [],
  ...(name === 'core' && { resolve: source, ssr: { resolve: source } }),
  // modules of core and server hold nothing of a test, so that each file need not load them anew; tests of the page put others in the place of some
  test: {
    name,
    root: `packages/${name}`,
    include: ['test/**/*.test.ts'],
    isolate: name === 'web',
    server: { deps: { inline: [/element-plus\/(theme-chalk|es\/components\/.+\/style)/] } }
  }
})

export default defineConfig({
  test: {
    maxWorkers: availableParallelism(),
    testTimeout: 600_000,
    hookTimeout: 600_000,
    projects: [project('core'), project('server'), project('web')]
  }
})
