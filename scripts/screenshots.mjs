// Takes every picture of docs/screenshots from fresh demo data, all of one state of the application: npm run screenshots.
import { join } from 'node:path'
import { demoPage, root } from './demoPage.mjs'

const { url, browser, close } = await demoPage()
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
const panel = page.locator('aside.panel')
const look = '/looks/pearl-anniversary'

async function shot(name) {
  await page.waitForTimeout(900)
  await page.screenshot({ path: join(root, 'docs', 'screenshots', `${name}.png`) })
}

async function go(path, ms = 1800) {
  await page.goto(url + path)
  await page.waitForTimeout(ms)
}

await go('/')
await shot('occasions')
await go(`${look}/centerpiece`, 3000)
await panel.locator('.finding', { hasText: 'hides faces' }).first().locator('.head').click()
await page.waitForTimeout(1500)
await shot('finding')
await page.locator('.board').focus()
await page.keyboard.press('2')
await page.keyboard.press('v')
await page.waitForTimeout(3500)
await shot('seat')
await go(`${look}/centerpiece`)
await panel.getByRole('button', { name: 'Center and flanks' }).click()
await page.locator('.strip li').first().waitFor({ timeout: 60_000 })
await page.waitForTimeout(2500)
await page.locator('.strip').evaluate((strip) => strip.scrollIntoView({ block: 'start' }))
await page.mouse.move(700, 300)
await shot('compose')
await page.getByRole('button', { name: 'Undo' }).first().click()
for (const step of ['brief', 'seats', 'menu', 'linens', 'settings', 'florals']) {
  await go(`${look}/${step}`)
  await shot(step)
}
await go(`${look}/light`, 6000)
await shot('light')
await go(`${look}/colors`, 2500)
await shot('colors')
await go(`${look}/looks`, 2500)
await panel.getByRole('button', { name: 'Compose five looks' }).click()
await panel.locator('article.card').nth(4).waitFor({ timeout: 90_000 })
await panel.locator('.el-progress').waitFor({ state: 'detached', timeout: 90_000 })
await panel.locator('.cards').evaluate((cards) => cards.scrollIntoView({ block: 'start' }))
await shot('looks')
await go(`${look}/sheet`, 2500)
await shot('sheet')
await go(`${look}/buy`)
await panel.getByRole('button', { name: /buying plan/ }).click()
await page.waitForTimeout(5000)
await shot('buy')
await go('/cupboard')
await page.getByRole('searchbox').fill('candlestick')
await page.waitForTimeout(600)
await page
  .getByRole('button', { name: /Open Middle brass candlestick/ })
  .first()
  .click()
await shot('cupboard')
await go('/shops', 2500)
await shot('shops')
await go('/ideas')
await shot('ideas')

await go('/style')
await page.getByLabel('In your words').fill('Grown up by the quay: linen, salt glaze, one thing that shines.')
await page.getByText('calm', { exact: true }).click()
await page.getByText('rustic', { exact: true }).click()
await page.getByRole('button', { name: 'As rustic tables often are' }).click()
await page.getByLabel('Never on a table of yours').fill('lilies')
await page.keyboard.press('Enter')
await page.getByRole('button', { name: 'Day or evening' }).click()
await shot('style')

await close()
