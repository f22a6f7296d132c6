import { execFileSync } from 'node:child_process'
import { availableParallelism } from 'node:os'
import { dirname, join, relative } from 'node:path'
import vue from '@vitejs/plugin-vue'
import { ElementPlusResolver } from 'unplugin-vue-components/resolvers'
import Components from 'unplugin-vue-components/vite'
import { defineConfig } from 'vitest/config'

const core = join(import.meta.dirname, 'packages', 'core')

// everything is tested against the built core, which is read as it is instead of through a transformer; what is older than its sources is built first.
// A core that was broken on purpose (npm run mutate) is tested as it is written.
const isMutant = process.env['HESTIAD_MUTANT'] !== undefined
if (!isMutant) execFileSync(process.execPath, [join(import.meta.dirname, 'scripts', 'setup.mjs'), 'core', 'api', 'server'], { stdio: 'inherit' })
const [folder, ending] = isMutant ? ['src', '.ts'] : ['dist', '.js']

/** Leads what tests import of the core to what is built of it. */
const builtCore = {
  name: 'built-core',
  enforce: 'pre' as const,
  resolveId(id: string, from?: string) {
    if (!from?.startsWith(join(core, 'test'))) return null
    const own = { '@hestiad/core': 'index.js', '@hestiad/core/formats': 'formats/index.js' }[id]
    const path = own ? join(core, 'src', own) : join(dirname(from), id)
    return path.startsWith(join(core, 'src')) ? join(core, folder, relative(join(core, 'src'), path)).replace(/\.js$/, ending) : null
  }
}

const plugins = {
  core: [builtCore],
  server: [],
  web: [vue(), Components({ dts: false, dirs: [], resolvers: [ElementPlusResolver({ importStyle: false })] })]
}

const project = (name: 'core' | 'server' | 'web') => ({
  extends: true as const,
  plugins: plugins[name],
  // modules of core and server hold nothing of a test, so that each file need not load them anew; tests of the page put others in the place of some
  test: {
    name,
    root: `packages/${name}`,
    include: ['test/**/*.test.ts'],
    isolate: name === 'web',
    server: { deps: { external: [/packages\/core\/dist\//], inline: [/element-plus\/(theme-chalk|es\/components\/.+\/style)/] } }
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
