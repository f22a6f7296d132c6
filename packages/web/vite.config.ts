import vue from '@vitejs/plugin-vue'
import Components from 'unplugin-vue-components/vite'
import { ElementPlusResolver } from 'unplugin-vue-components/resolvers'
import { defineConfig, type Plugin } from 'vite'
import { readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { brotliCompressSync, gzipSync } from 'node:zlib'

/** Writes .br and .gz beside every script and style, which the server sends where the browser takes them. */
function compressed(): Plugin {
  const folder = join(import.meta.dirname, 'dist', 'assets')
  return {
    name: 'compressed',
    apply: 'build',
    closeBundle() {
      for (const name of readdirSync(folder).filter((n) => /\.(js|css)$/.test(n))) {
        const bytes = readFileSync(join(folder, name))
        writeFileSync(join(folder, `${name}.br`), brotliCompressSync(bytes))
        writeFileSync(join(folder, `${name}.gz`), gzipSync(bytes))
      }
    }
  }
}

/** What a page is made of is named in it ahead; what a part of it loads comes as it is asked for: naming that ahead took a tenth of the opening. */
const ofPage = (_: string, files: string[], { hostType }: { hostType: 'html' | 'js' }) => files.filter((file) => hostType === 'html' || file.endsWith('.css'))

export default defineConfig({
  root: import.meta.dirname,
  plugins: [vue(), compressed(), Components({ dts: 'src/components.d.ts', dirs: [], resolvers: [ElementPlusResolver({ importStyle: 'css' })] })],
  resolve: { conditions: ['source', 'module', 'browser', 'development|production'] },
  define: { __VUE_I18N_LEGACY_API__: false, __INTLIFY_PROD_DEVTOOLS__: false },
  worker: { format: 'es' },
  build: { target: 'es2023', manifest: true, modulePreload: { resolveDependencies: ofPage }, chunkSizeWarningLimit: 900 },
  server: { proxy: { '/api': 'http://127.0.0.1:4715' } }
})
