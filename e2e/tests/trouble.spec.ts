import { expect, type Locator } from '@playwright/test'
import { ledger, open, openAgain, panel, saved, step, STEPS, test } from './support.js'

test('with the server away the page says so, keeps what is done, and saves it when the server is back', async ({ page }) => {
  await open(page, 'mending-circle', 'brief')
  await page.route('**/api/looks/**', (route) => (route.request().method() === 'PATCH' ? route.abort() : route.continue()))
  await panel(page).getByLabel('Budget').fill('95.50')
  await panel(page).getByLabel('Budget').press('Enter')
  await expect(page.locator('header .state')).toContainText('Not saved yet')
  await expect(ledger(page, 'left to spend')).toHaveText('$76.40')
  await page.unroute('**/api/looks/**')
  await saved(page)
  await page.reload()
  await expect(panel(page).getByLabel('Budget')).toHaveValue('95.50')
})

test('a page closed before it could save finds its work again', async ({ page }) => {
  const id = await open(page, 'mending-circle', 'brief')
  await page.route('**/api/looks/**', (route) => (route.request().method() === 'PATCH' ? route.abort() : route.continue()))
  await panel(page).getByLabel('Reserve, %').fill('33')
  await panel(page).getByLabel('Reserve, %').press('Enter')
  await expect(page.locator('header .state')).toContainText('Not saved yet')
  await page.unroute('**/api/looks/**')
  await openAgain(page, id, 'brief')
  await expect(panel(page).getByLabel('Reserve, %')).toHaveValue('33')
  await saved(page)
})

test('what cannot be read stays in its field and says what to type', async ({ page }) => {
  await open(page, 'ferry-crew', 'seats')
  const width = panel(page).getByLabel('Width', { exact: true })
  await width.fill('three feet')
  await width.press('Enter')
  await expect(panel(page).getByText('Type a length, as 14 1/2 or 37 cm.')).toBeVisible()
  await expect(width).toHaveValue('three feet')
  await width.fill('3 ft')
  await width.press('Enter')
  await expect(page.getByText('144 in × 36 in')).toBeVisible()
})

test('too many guests are refused with numbers, and a leaf, fewer guests or a narrower place helps', async ({ page }) => {
  await open(page, 'ordinary-week', 'seats')
  for (let i = 0; i < 7; i++) await panel(page).getByRole('button', { name: 'Add a guest' }).click()
  const finding = panel(page).locator('.finding', { hasText: 'Too many for this table' })
  await finding.locator('.head').click()
  await expect(finding.getByText(/each for 10/)).toBeVisible()
  await expect(finding.getByText(/wanted; seats \d+, \d+ at a pinch/)).toBeVisible()
  await finding.locator('li', { hasText: 'Put 2 leaves in' }).getByRole('button', { name: 'Do it' }).click()
  await expect(finding).toHaveCount(0)
  await expect(page.getByText('104 in × 50 in')).toBeVisible()
  for (let i = 0; i < 8; i++) await page.keyboard.press('z')
  await expect(page.locator('.seat')).toHaveCount(3)
  await saved(page)
})

test('the whole of a mending is done by keyboard: finding opened, remedy applied, undone', async ({ page }) => {
  await open(page, 'pearl-anniversary', 'buy')
  const head = panel(page).locator('.finding .head').first()
  await head.focus()
  await page.keyboard.press('Enter')
  await expect(head).toHaveAttribute('aria-expanded', 'true')
  await panel(page).getByRole('button', { name: 'Do it' }).first().focus()
  await page.keyboard.press('Enter')
  await expect(panel(page).getByText(/^Done:/)).toBeVisible()
  await page.locator('.board').focus()
  await page.keyboard.press('z')
  await expect(panel(page).getByText('Over the working budget')).toBeVisible()
  await page.keyboard.press('t')
  await expect(page.getByText('From the short side')).toBeVisible()
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog')).toContainText('nudge the chosen piece')
  await page.keyboard.press('Escape')
  await page.locator('.board').focus()
  await page.keyboard.press('1')
  await expect(page.locator('.sights .hidden')).toHaveCount(1)
  await expect(page.locator('.sights .clear')).toHaveCount(8)
  await page.keyboard.press('/')
  const search = page.getByRole('dialog').getByRole('searchbox')
  await expect(search).toBeFocused()
  await search.fill('sky jug')
  await page.keyboard.press('Enter')
  await expect(page.locator('[data-piece="jug"]')).toBeVisible()
})

test('a finger drags a piece on a tablet, by the mark of its finding too, which a tap opens', async ({ browser }) => {
  const context = await browser.newContext({ hasTouch: true, viewport: { width: 1024, height: 768 } })
  const page = await context.newPage()
  await open(page, 'mending-circle')
  const session = await context.newCDPSession(page)
  const touch = (type: string, x: number, y: number) =>
    session.send('Input.dispatchTouchEvent', { type: type as 'touchStart', touchPoints: type === 'touchEnd' ? [] : [{ x, y }] })
  const middleOf = async (one: Locator) => {
    const box = (await one.boundingBox())!
    return { x: box.x + box.width / 2, y: box.y + box.height / 2 }
  }
  const drag = async (at: { x: number; y: number }) => {
    await touch('touchStart', at.x, at.y)
    for (let i = 1; i <= 5; i++) await touch('touchMove', at.x + 8 * i, at.y + 4 * i)
    await touch('touchEnd', 0, 0)
  }
  const piece = page.locator('[data-piece="crock"]')
  const before = await middleOf(piece)
  await drag(before)
  await expect.poll(async () => (await middleOf(piece)).x - before.x).toBeGreaterThan(20)
  await page.keyboard.press('z')
  await saved(page)

  await open(page, 'pearl-anniversary')
  const jug = page.locator('[data-piece="jug"]')
  const mark = page.locator('.over .mark[aria-label*="jug hides faces"]').first()
  const stood = await middleOf(jug)
  await drag(await middleOf(mark))
  await expect.poll(async () => (await middleOf(jug)).x - stood.x).toBeGreaterThan(20)
  await expect(panel(page).locator('.finding.open')).toHaveCount(0)
  await page.keyboard.press('z')
  await expect.poll(async () => Math.abs((await middleOf(jug)).x - stood.x)).toBeLessThan(1)
  await page.touchscreen.tap((await middleOf(mark)).x, (await middleOf(mark)).y)
  await expect(panel(page).locator('.finding.open')).toHaveCount(1)
  await context.close()
})

test('an address of nothing says so and leads back', async ({ page }) => {
  await page.goto('/looks/nobody/brief')
  await expect(page.getByText(/could not be opened/)).toBeVisible()
  await page.getByRole('link', { name: 'Back to the occasions' }).click()
  await expect(page.getByRole('heading', { name: 'Occasions' })).toBeVisible()
})

// 44 px: WCAG 2.2, success criterion 2.5.5 (Target Size, Enhanced)
test('under a finger on a tablet, upright and lying, everything one presses is 44 px, nothing is wider than the screen, and table and work are both in view', async ({
  browser,
  baseURL
}) => {
  const context = await browser.newContext({ hasTouch: true, isMobile: true, viewport: { width: 820, height: 1180 }, baseURL: baseURL! })
  const page = await context.newPage()
  const faults = () =>
    page.evaluate(() => {
      const boxOf = (one: Element) => one.closest('.el-input-number, .el-input__wrapper, .el-select__wrapper, .el-input-tag, .el-checkbox, .el-upload') ?? one
      const pressed = [...document.querySelectorAll('button, a, input, [role=button], [role=switch], [role=tab], textarea')].filter(
        (one) => !one.closest('svg')
      )
      const small = pressed.flatMap((one) => {
        const { width, height } = boxOf(one).getBoundingClientRect()
        return width > 1 && height > 1 && (width < 43.5 || height < 43.5) ? [`${one.className} ${one.textContent} ${width} × ${height}`] : []
      })
      return { small, wide: document.documentElement.scrollWidth - document.documentElement.clientWidth }
    })
  const sizes = [
    { width: 820, height: 1180 },
    { width: 1180, height: 820 }
  ]
  const bothWays = async (where: string) => {
    await expect(page.locator('article, .figure, .card, [role=row], .articles li, .mood').first()).toBeVisible()
    for (const viewport of sizes) {
      await page.setViewportSize(viewport)
      await expect.poll(async () => ({ where, viewport, ...(await faults()) })).toEqual({ where, viewport, small: [], wide: 0 })
    }
  }
  for (const path of ['/', '/cupboard', '/shops', '/ideas', '/style']) {
    await page.goto(path)
    await bothWays(path)
  }
  await openAgain(page, 'pearl-anniversary', 'brief')
  for (const name of STEPS) {
    await step(page, name)
    await expect(panel(page).getByRole('heading', { name, level: 2 })).toBeVisible()
    await bothWays(name)
  }
  await step(page, 'Centerpiece')
  for (const viewport of sizes) {
    await page.setViewportSize(viewport)
    await expect(page.locator('.board svg.scene')).toBeInViewport()
    await expect(panel(page).locator('h2')).toBeInViewport()
  }
  await context.close()
})
