// npm run notices: writes packages/web/public/notices.txt, the licenses of all that ships with the application (fonts, libraries), from the lockfile
// and the packages themselves. With --check nothing is written, and whether the file is current is the answer.
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'

const root = fileURLToPath(new URL('..', import.meta.url))
const target = join(root, 'packages/web/public/notices.txt')
const { packages } = JSON.parse(readFileSync(join(root, 'package-lock.json'), 'utf8'))

/** What is installed for use, not for development; builds for one kind of machine are told with the package they are of. */
const shipped = Object.entries(packages).filter(
  ([path, entry]) => path.includes('node_modules/') && !entry.dev && !entry.devOptional && !entry.link && !entry.optional
)

function licenseText(path) {
  const folder = join(root, path)
  const file = existsSync(folder) && readdirSync(folder).find((name) => /^(licen[cs]e|copying|ofl)/i.test(name))
  return file ? readFileSync(join(folder, file), 'utf8').replace(/\r/g, '').trim() : ''
}

const byText = new Map()
for (const [path, { version, license = 'see its text' }] of shipped) {
  const name = path.slice(path.lastIndexOf('node_modules/') + 'node_modules/'.length)
  const text = licenseText(path) || `(no text in the package; license: ${license})`
  byText.set(text, (byText.get(text) ?? new Set()).add(`${name} ${version} (${license})`))
}
const parts = [...byText].map(([text, names]) => `${[...names].sort().join('\n')}\n\n${text}`).sort()
const rule = '\n\n' + '-'.repeat(80) + '\n\n'
const notices = ['Hestiad ships with these fonts and libraries, each under its own license. Hestiad itself: MIT, see LICENSE.', ...parts].join(rule) + '\n'

const current = existsSync(target) && readFileSync(target, 'utf8') === notices
if (!process.argv.includes('--check')) writeFileSync(target, notices)
else if (!current) console.log('packages/web/public/notices.txt is not current: npm run notices')
process.exit(process.argv.includes('--check') && !current ? 1 : 0)
