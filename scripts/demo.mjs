// npm run demo: sets up what is missing, then starts Hestiad with its demo data on one port of this machine.
import { spawn } from 'node:child_process'
import { fileURLToPath } from 'node:url'
import './setup.mjs'

const main = fileURLToPath(new URL('../packages/server/dist/main.js', import.meta.url))
const server = spawn(process.execPath, [main, ...process.argv.slice(2)], { stdio: 'inherit' })
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal))
server.on('exit', (code) => process.exit(code ?? 0))
