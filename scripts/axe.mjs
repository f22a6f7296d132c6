// Asks axe about every view, and every dialog over it, in both themes at the sizes it is used at: npm run axe.
import { demoPage, ofTests } from './demoPage.mjs'

const axe = ofTests('axe-core')
const { url, browser, close } = await demoPage()

const sizes = { desk: [1280, 800], landscape: [1180, 820], portrait: [820, 1180], phone: [390, 844] }
const onPhone = ['/cupboard', '/shops']
const look = '/looks/pearl-anniversary'
const steps = ['brief', 'seats', 'menu', 'linens', 'settings', 'centerpiece', 'florals', 'light', 'colors', 'looks', 'buy', 'sheet']
const button = (name) => (page) => page.getByRole('button', { name }).first().click()
/** Each view, and what opens a dialog over it. */
const views = [
  ['/', { 'new occasion': button('New occasion') }],
  [
    '/cupboard',
    {
      'new piece': button('Add a piece'),
      list: (page) =>
        page
          .locator('input[type=file]')
          .first()
          .setInputFiles({ name: 'a.csv', mimeType: 'text/csv', buffer: Buffer.from('What,How many\nBlue vase,3\n') }),
      change: async (page) => {
        await page.locator('[role=row] .el-checkbox').first().click()
        await page.getByRole('button', { name: 'Change them' }).click()
      }
    }
  ],
  ['/shops', { note: button('Note an offer') }],
  ['/ideas', {}],
  ['/style', {}],
  ...steps.map((step) => [`${look}/${step}`, step === 'seats' ? { paste: button('Paste or open a list of guests') } : {}]),
  [`${look}/centerpiece`, { keys: (page) => page.keyboard.press('?'), find: (page) => page.keyboard.press('Control+k') }]
]

/** All rules by day; by evening colors alone change. */
const themes = { day: { type: 'tag', values: ['wcag2a', 'wcag2aa'] }, evening: { type: 'rule', values: ['color-contrast'] } }
const found = []
const missed = []
let asked = 0
async function ask(page, where) {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe.source)
  for (const [theme, runOnly] of Object.entries(themes)) {
    await page.evaluate((name) => (document.documentElement.dataset['theme'] = name), theme)
    await page.evaluate(() => Promise.allSettled(document.getAnimations().map((one) => one.finished)))
    const { violations } = await page.evaluate((runOnly) => window.axe.run({ runOnly, resultTypes: ['violations'], preload: false }), runOnly)
    asked++
    for (const { id, nodes } of violations)
      found.push(
        `${where}, ${theme}: ${id} at ${nodes
          .slice(0, 3)
          .map(({ target }) => target.join(' '))
          .join(' | ')}`
      )
  }
}

for (const [name, [width, height]] of Object.entries(sizes)) {
  const page = await browser.newPage({ viewport: { width, height } })
  const go = async (path) => {
    await page.goto(url + path)
    await page.locator('h1, h2').first().waitFor()
    await page.waitForLoadState('networkidle')
  }
  for (const [path, dialogs] of views.filter(([one]) => name !== 'phone' || onPhone.includes(one))) {
    await go(path)
    await ask(page, `${path} ${name}`)
    for (const [dialog, open] of Object.entries(dialogs)) {
      await go(path)
      try {
        await open(page)
        await page.getByRole('dialog').first().waitFor({ timeout: 10_000 })
        await ask(page, `${path} ${name}, ${dialog}`)
      } catch (error) {
        missed.push(`${path} ${name}, ${dialog} did not open: ${error.message.split('\n')[0]}`)
      }
    }
  }
  console.log(`${name}: ${asked} times asked, ${found.length} faults so far`)
  await page.close()
}
await close()
console.log(`${asked} times asked, ${found.length} faults`)
for (const line of [...found, ...missed]) console.log(line)
process.exit(found.length + missed.length > 0 ? 1 : 0)
