import { spawn } from 'node:child_process'
import { join } from 'node:path'

/** Starts a server of its own on a free port over a folder; resolves with its process and address. */
export function startServer(root, folder) {
  const server = spawn(process.execPath, [join(root, 'packages/server/dist/main.js'), '--port', '0', '--data', folder], { stdio: ['ignore', 'pipe', 2] })
  return new Promise((resolve, reject) => {
    server.once('exit', () => reject(new Error('the server did not start')))
    server.stdout.on('data', (text) => {
      const address = /http:\S+/.exec(String(text))
      if (address) resolve({ server, address: address[0] })
    })
  })
}
