import { readFileSync } from 'node:fs'
import { expect, type Page } from '@playwright/test'
import axe, { type RunOptions } from 'axe-core'
import { ledger, open, openAgain, panel, saved, step, STEPS, test } from './support.js'

test.describe('the Board', () => {
  test('a piece dragged on the plan moves on the elevation too, one undo takes the whole drag back, keys nudge, turn and take off', async ({ page }) => {
    await open(page, 'mending-circle')
    const piece = page.locator('[data-piece="spools-1"]')
    const box = (await piece.boundingBox())!
    const lower = page.locator('svg > g').nth(1).locator('.piece').first()
    await expect(lower).toBeVisible()
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
    await page.mouse.down()
    await page.mouse.move(box.x + 90, box.y + 30, { steps: 5 })
    await page.mouse.up()
    const moved = (await piece.boundingBox())!
    expect(moved.x).toBeGreaterThan(box.x + 20)
    await page.keyboard.press('z')
    await expect.poll(async () => Math.round((await piece.boundingBox())!.x)).toBe(Math.round(box.x))

    await piece.focus()
    await page.keyboard.press('Shift+ArrowRight')
    await expect.poll(async () => (await piece.boundingBox())!.x).toBeGreaterThan(box.x + 2)
    await page.keyboard.press('[')
    await expect(panel(page).getByLabel('Turn')).toHaveValue('5')
    await page.keyboard.press('Delete')
    await expect(piece).toHaveCount(0)
    await page.keyboard.press('z')
    await expect(piece).toBeVisible()
    await saved(page)
  })

  test('inches become centimeters everywhere, and the evening theme is kept over a reload', async ({ page }) => {
    await open(page, 'ferry-crew')
    await page.getByRole('button', { name: 'Inches or centimeters' }).click()
    await expect(page.getByText('366 cm × 91.5 cm')).toBeVisible()
    await page.getByRole('button', { name: 'Day or evening' }).click()
    await page.reload()
    await expect(page.locator('html')).toHaveAttribute('data-theme', 'evening')
    await expect(page.getByText('366 cm × 91.5 cm')).toBeVisible()
  })

  test('a figure of the ledger line opens what it is made of', async ({ page }) => {
    await open(page, 'pearl-anniversary')
    await page.locator('footer.ledger .figure', { hasText: 'reserve' }).click()
    await expect(page.getByText('15 % of the budget of $420.00, put aside first.')).toBeVisible()
  })
})

test('a look changed in two windows is kept twice when the user says so', async ({ page, context }) => {
  const id = await open(page, 'ordinary-week', 'brief')
  const other = await context.newPage()
  await openAgain(other, id, 'brief')
  await page.getByLabel('Budget').fill('50')
  await page.getByLabel('Budget').press('Enter')
  await saved(page)
  await other.getByLabel('Budget').fill('70')
  await other.getByLabel('Budget').press('Enter')
  await other.getByRole('button', { name: 'Keep both' }).click()
  await expect(other.locator('header .name')).toContainText('second version')
  await other.goto('/')
  const card = other.locator('.cards > li', { hasText: 'second version' })
  await expect(card.getByRole('link', { name: 'What stays up', exact: true })).toBeVisible()
  await expect(card.getByRole('link', { name: 'What stays up (second version)' })).toBeVisible()
  await page.reload()
  await expect(ledger(page, 'left to spend')).toHaveText('$50.00')
})

test('the cupboard is searched, a search is kept, a count is changed and kept, and a spoiled CSV names its row and column', async ({ page }) => {
  await page.goto('/cupboard')
  await page.getByRole('searchbox').fill('linen napkin')
  const rows = page.getByRole('table').getByRole('button', { name: /^Open / })
  await expect(rows).toHaveCount(9)
  await page.getByRole('button', { name: 'Keep this search' }).click()
  await page.getByRole('searchbox').fill('glass')
  await expect(rows).not.toHaveCount(9)
  await page.getByRole('button', { name: 'linen napkin', exact: true }).click()
  await expect(page.getByRole('searchbox')).toHaveValue('linen napkin')
  await expect(rows).toHaveCount(9)
  await page.getByRole('button', { name: 'Drop linen napkin' }).click()
  await page.getByRole('button', { name: 'Bring back linen napkin' }).click()
  await page.getByLabel('Persimmon linen napkin, Own').fill('9')
  await page.getByLabel('Persimmon linen napkin, Own').press('Tab')
  await expect(page.getByText('Saved: Persimmon linen napkin')).toBeVisible()
  const csv = await (await page.request.get('/api/cupboard.csv')).text()
  await page
    .locator('input[type=file]')
    .first()
    .setInputFiles({ name: 'spoiled.csv', mimeType: 'text/csv', buffer: Buffer.from(csv.replace(',9,', ',nine,')) })
  await expect(page.getByRole('dialog').getByText('nine is not a number')).toBeVisible()
  await page.reload()
  await page.getByRole('searchbox').fill('persimmon linen')
  await expect(page.getByLabel('Persimmon linen napkin, Own')).toHaveValue('9')
})

test('a look file saved from the page opens again, and a spoiled one is refused with the place', async ({ page }) => {
  await open(page, 'ferry-crew')
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'Save as file' }).click()])
  const text = readFileSync(await download.path(), 'utf8')
  await page.goto('/')
  const input = page.locator('input[type=file]')
  await input.setInputFiles({
    name: 'bad.hestiad.json',
    mimeType: 'application/json',
    buffer: Buffer.from(text.replace('"heightMm": 740', '"heightMm": -740'))
  })
  await expect(page.getByText('/table/heightMm')).toBeVisible()
  await input.setInputFiles({ name: 'good.hestiad.json', mimeType: 'application/json', buffer: Buffer.from(text) })
  await expect(page.locator('.seat')).toHaveCount(14)
})

type Axe = typeof axe

test.describe('no accessibility fault that axe knows, by day and, as colors alone change, in contrast by evening, here every second of them (npm run axe asks of all)', () => {
  /** What axe finds on the page as it is by day, and by evening where it is asked, without what was looked at before. */
  async function look(page: Page, where: string, evening: boolean, exclude: readonly string[] = []): Promise<void> {
    if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe.source)
    const faults = (runOnly: RunOptions['runOnly'] & object) =>
      page.evaluate(
        async ({ where, exclude, runOnly }) => {
          const { axe } = window as unknown as { axe: Axe }
          const { violations } = await axe.run({ exclude: exclude.map((one) => [one]) }, { runOnly, resultTypes: ['violations'], preload: false })
          return violations.map(({ id, nodes }) => `${where} ${id}: ${nodes.map(({ target }) => target.join(' ')).join(' | ')}`)
        },
        { where, exclude, runOnly }
      )
    const settled = () => page.evaluate(() => Promise.allSettled(document.getAnimations().map((one) => one.finished)))
    const wear = (theme: string) => page.evaluate((theme) => (document.documentElement.dataset['theme'] = theme), theme)
    await settled()
    expect(await faults({ type: 'tag', values: ['wcag2a', 'wcag2aa'] })).toEqual([])
    if (!evening) return
    const worn = await page.evaluate(() => document.documentElement.dataset['theme']!)
    await wear('evening')
    await settled()
    expect(await faults({ type: 'rule', values: ['color-contrast'] }), 'by evening').toEqual([])
    await wear(worn)
  }

  test('pages', async ({ page }) => {
    const { occasionId } = (await (await page.request.get('/api/looks/pearl-anniversary')).json()) as { occasionId: string }
    const made = await page.request.post(`/api/occasions/${occasionId}/shares`, { headers: { 'x-hestiad': '1' }, data: { days: 1, withPrices: true } })
    const { secret } = (await made.json()) as { secret: string }
    for (const [at, path] of [`/shared/${secret}`, '/', '/cupboard', '/shops', '/ideas', '/style', '/looks/pearl-anniversary/sheet'].entries()) {
      await page.goto(path)
      await expect(page.locator('h1, h2').first()).toBeVisible()
      await page.waitForLoadState('networkidle')
      await look(page, path, at % 2 === 0)
    }
  })

  test('steps, each of which shows its work and the table: as the Board, one setting, the flowers or by candlelight', async ({ page }) => {
    await openAgain(page, 'pearl-anniversary', 'brief')
    const stages: Record<string, string> = { Settings: 'section.stage .large svg', Florals: 'section.stage .large svg', Light: 'canvas' }
    for (const [at, name] of STEPS.entries()) {
      await step(page, name)
      await expect(panel(page).getByRole('heading', { name, level: 2 })).toBeVisible()
      await expect(page.locator(stages[name] ?? '.board svg.scene').first()).toBeVisible()
      await page.waitForLoadState('networkidle')
      await look(page, name, at % 2 === 0, at === 0 ? [] : ['svg.scene', 'header', 'nav.rail', 'footer.ledger'])
    }
  })
})
