// Bundles the core to packages/core/dist/bundle, so that servers, threads and commands load three files instead of hundreds.
import { fileURLToPath } from 'node:url'
import { rolldown } from 'rolldown'

const built = (path) => fileURLToPath(new URL(`../packages/core/dist/${path}`, import.meta.url))
const bundle = await rolldown({ input: { index: built('index.js'), formats: built('formats/index.js') }, platform: 'node' })
await bundle.write({ dir: built('bundle'), format: 'esm', chunkFileNames: '[name].js' })
await bundle.close()
