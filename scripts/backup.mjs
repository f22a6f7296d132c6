// npm run backup -- FILE: copies the database, photos and all, into one file, while it may be in use. npm run restore -- FILE: puts a copy in its place.
import { spawnSync } from 'node:child_process'
import { fileURLToPath } from 'node:url'
import './setup.mjs'

const command = fileURLToPath(new URL('../packages/server/dist/backupCommand.js', import.meta.url))
process.exit(spawnSync(process.execPath, [command, ...process.argv.slice(2)], { stdio: 'inherit' }).status ?? 1)
