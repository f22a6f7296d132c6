import { readFileSync } from 'node:fs'
import { expect } from '@playwright/test'
import { ledger, open, openAgain, panel, saved, test } from './support.js'

test.describe('the Board', () => {
  test('a piece dragged on the plan moves on the elevation too, one undo takes the whole drag back, keys nudge, turn and take off', async ({ desk: page }) => {
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

  test('a figure of the ledger line opens what it is made of', async ({ desk: page }) => {
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
