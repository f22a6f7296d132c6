import { expect, type Locator, type Page } from '@playwright/test'
import { panel, test } from './support.js'

/** Goes from where one is to a control by Tab alone; every stop on the way must be seen to be one. */
async function tabTo(page: Page, to: Locator, back = false): Promise<void> {
  await to.waitFor()
  for (let stops = 0; stops < 160; stops++) {
    const { isThere, hidden } = await to.evaluate((element) => {
      const at = document.activeElement
      const isThere = element === at || element.contains(at)
      if (!at || at === document.body) return { isThere, hidden: '' }
      const { width, height } = at.getBoundingClientRect()
      const shown = at.closest('label, .el-checkbox, .el-radio, .el-radio-button, .el-upload') ?? at
      const box = shown.getBoundingClientRect()
      const isSeen = (width > 0 && height > 0) || (box.width > 0 && box.height > 0)
      return { isThere, hidden: isSeen ? '' : at.outerHTML.slice(0, 160) }
    })
    expect(hidden, 'a stop nobody sees').toBe('')
    if (isThere) return
    await page.keyboard.press(back ? 'Shift+Tab' : 'Tab')
  }
  throw new Error(`not reached by Tab: ${to.toString()}`)
}

async function press(page: Page, on: Locator, key = 'Enter'): Promise<void> {
  await tabTo(page, on)
  await page.keyboard.press(key)
}

/** A field filled as one fills it by keys: what is in it marked, then typed over. */
async function type(page: Page, into: Locator, text: string): Promise<void> {
  await tabTo(page, into)
  await page.keyboard.press('Control+a')
  await page.keyboard.type(text)
}

/** One of many: searched by typing where it is a long list, gone to with the arrows, taken with Enter. */
async function pick(page: Page, field: Locator, option: string): Promise<void> {
  await tabTo(page, field)
  await page.keyboard.press('Enter')
  await expect(field).toHaveAttribute('aria-expanded', 'true')
  const list = page.locator(`[id="${await field.getAttribute('aria-controls')}"]`)
  if ((await field.getAttribute('readonly')) === null) await page.keyboard.type(option)
  const here = list.locator('.is-hovering')
  await expect(async () => {
    await page.keyboard.press('ArrowDown')
    await expect(here).toHaveText(new RegExp(option), { timeout: 200 })
  }).toPass()
  await page.keyboard.press('Enter')
}

test('by keyboard alone from an empty occasion to the list for the shops: eight guests, a cloth, three courses, plates, a composed middle', async ({
  page
}) => {
  /** To a step by the search of the page, from wherever one is; one goes on from its heading. */
  const step = async (name: string) => {
    await page.keyboard.press('Control+k')
    await expect(page.getByRole('dialog').getByRole('searchbox')).toBeFocused()
    await page.keyboard.type(name)
    await expect(page.getByRole('option').first()).toContainText(name)
    await page.keyboard.press('Enter')
    await expect(panel(page).getByRole('heading', { name, exact: true })).toBeFocused()
  }
  await page.goto('/')
  await press(page, page.getByRole('button', { name: 'New occasion' }))
  const dialog = page.getByRole('dialog')
  await type(page, dialog.getByLabel('What is it'), 'Harvest supper')
  await type(page, dialog.getByLabel('Date'), 'Sat, Feb 13, 2027')
  await page.keyboard.press('Enter')
  await type(page, dialog.getByLabel('How many'), '8')
  await type(page, dialog.getByLabel('Budget'), '600')
  await press(page, dialog.getByRole('button', { name: 'Begin' }))
  await expect(page.locator('.board .seat')).toHaveCount(8)

  await step('Linens')
  await press(page, panel(page).getByRole('button', { name: 'From the shops' }).first())
  await press(
    page,
    page
      .getByRole('dialog')
      .getByRole('button', { name: /^Take it: / })
      .first()
  )
  await expect(page.getByRole('dialog')).toHaveCount(0)
  await step('Menu')
  await press(page, panel(page).getByLabel('Soup', { exact: true }), 'Space')
  await expect(panel(page).getByLabel('Soup', { exact: true })).toBeChecked()
  await step('Settings')
  const plates = panel(page).getByLabel('Add a plate')
  await pick(page, plates, 'Oyster soup bowl')
  await expect(panel(page).getByText('Oyster soup bowl').first()).toBeVisible()
  await step('Centerpiece')
  await press(page, panel(page).getByRole('button', { name: 'Six ideas' }))
  const ideas = panel(page).locator('.strip li')
  await expect(ideas.nth(3)).toBeVisible({ timeout: 120_000 })
  const third = ideas.nth(2).getByRole('button').first()
  await press(page, third)
  // the first idea lies there until the third does
  await expect(third).toHaveAttribute('aria-pressed', 'true')
  const lies = () =>
    page.locator('.board [data-piece]').evaluateAll((all) =>
      all.map((one) => {
        const { x, y } = one.getBoundingClientRect()
        return `${one.getAttribute('data-piece')} ${Math.round(x)} ${Math.round(y)}`
      })
    )
  const laid = await lies()
  expect(laid.length).toBeGreaterThan(0)
  await page.keyboard.press('Control+z')
  await expect.poll(lies).not.toEqual(laid)
  await page.keyboard.press('Control+Shift+z')
  await expect.poll(lies).toEqual(laid)
  await step('Buy')
  await press(page, panel(page).getByRole('button', { name: 'Make the buying plan' }))
  await expect(panel(page).getByText(/Proven best|At most/)).toBeVisible({ timeout: 120_000 })
  const csv = panel(page).getByRole('link', { name: /CSV/ })
  await tabTo(page, csv)
  const [list] = await Promise.all([page.waitForEvent('download'), page.keyboard.press('Enter')])
  expect(await list.path()).toBeTruthy()
})

test('by keyboard alone on the Board: a piece is reached, moved and taken off, and what was done is taken back', async ({ page }) => {
  await page.goto('/')
  await press(page, page.getByRole('link', { name: /Pearl anniversary/ }).first())
  await expect(page.locator('footer.ledger .figure').first()).toBeVisible()
  await press(page, page.locator('nav.rail').getByRole('link', { name: 'Centerpiece', exact: false }))
  await tabTo(page, page.locator('[data-piece]').first())
  const id = await page.evaluate(() => document.activeElement?.closest('[data-piece]')?.getAttribute('data-piece') ?? '')
  const own = page.locator(`[data-piece="${id}"]`).first()
  const before = await own.boundingBox()
  for (let i = 0; i < 6; i++) await page.keyboard.press('Shift+ArrowLeft')
  await expect.poll(async () => (await own.boundingBox())!.x).toBeLessThan(before!.x - 5)
  const count = await page.locator('[data-piece]').count()
  await page.keyboard.press('Delete')
  await expect.poll(() => page.locator('[data-piece]').count()).toBeLessThan(count)
  await page.keyboard.press('Control+z')
  await expect.poll(() => page.locator('[data-piece]').count()).toBe(count)
})
