import { expect, type Page } from '@playwright/test'
import { choose, ledger, open, panel, putOn, saved, step, test } from './support.js'

const piece = (page: Page, id: string) => page.locator(`[data-piece="${id}"]`).first()

const how = (page: Page, way: string) => panel(page).getByRole('radiogroup', { name: 'How' }).getByText(way, { exact: true }).click()

test('a slate leans against the jug and says at how many degrees; too near it would topple over the belly, one click leans it right, undo takes that back', async ({
  desk: page
}) => {
  await open(page, 'pearl-anniversary')
  await putOn(page, 'Slate with')
  await how(page, 'leans')
  await choose(panel(page).getByLabel('Leans against', { exact: true }), 'Sky-glaze jug')
  await expect(panel(page).getByText(/Leans at 18°/)).toBeVisible()
  const across = panel(page).getByRole('textbox', { name: 'Across', exact: true })
  await across.fill('-2.75')
  await across.press('Enter')
  const fault = panel(page).locator('.finding', { hasText: 'Slate with a line of chalk does not lean firmly' })
  await fault.locator('.head').click()
  await expect(fault).toContainText('topples over')
  await fault.locator('li', { hasText: 'Lean it at' }).first().getByRole('button', { name: 'Do it' }).click()
  await expect(fault).toHaveCount(0)
  await page.keyboard.press('z')
  await expect(fault).toHaveCount(1)
  await saved(page)
})

test('a scarf hangs over the stool and hides what one saw below it; beads that are too short to go round say so', async ({ desk: page }) => {
  await open(page, 'mending-circle')
  await putOn(page, 'Little oak stool')
  const bare = panel(page).locator('.finding', { hasText: 'Little oak stool shows what should be covered' })
  await bare.locator('.head').click()
  await expect(bare).toContainText('Below its legs')
  await bare.locator('li', { hasText: 'Hang Washed linen scarf over it' }).getByRole('button', { name: 'Do it' }).click()
  await expect(bare).toHaveCount(0)
  await piece(page, 'throw-linen-1').focus()
  await expect(panel(page).getByText(/Hangs down each side to the ground/)).toBeVisible()
  await putOn(page, 'String of wooden beads')
  await how(page, 'lies round')
  await choose(panel(page).getByLabel('Lies round', { exact: true }), 'Little oak stool')
  await expect(panel(page).locator('.finding', { hasText: 'does not go round Little oak stool' })).toBeVisible()
  await saved(page)
})

test('a two-level stand is filled, what is too tall below is put on top, and all of it is one lift', async ({ desk: page }) => {
  await open(page, 'ordinary-week')
  await putOn(page, 'Two-level')
  await panel(page).locator('.el-collapse-item__header', { hasText: 'Fill it with' }).click()
  await choose(panel(page).getByRole('combobox', { name: 'Of', exact: true }), 'Poppy pods (4)')
  await expect(panel(page).getByText(/lie side by side|One lies in it/)).toBeVisible()
  await panel(page)
    .getByRole('button', { name: /^Put \d/ })
    .click()
  await expect(page.locator('[data-piece^="pods-poppy"]').first()).toBeVisible()
  await putOn(page, 'Glass cylinder')
  await choose(panel(page).getByLabel('Stands on'), 'Two-level brass stand')
  const tall = panel(page).locator('.finding', { hasText: 'Glass cylinder is too tall to stand in' })
  await tall.locator('.head').click()
  await tall.locator('li', { hasText: 'level 2' }).getByRole('button', { name: 'Do it' }).click()
  await expect(tall).toHaveCount(0)
  await expect(panel(page).getByLabel('Level')).toHaveValue('2')
  await piece(page, 'tiers-brass-1').focus()
  await panel(page).getByText('Stays while people eat').click()
  await expect(ledger(page, 'lifts to clear')).toHaveText(/^1/)
  await saved(page)
})

test('plugged lights on a table are told, on cells they are not; a picture on the wall is told from the door', async ({ desk: page }) => {
  await open(page, 'pearl-anniversary')
  await putOn(page, 'with a plug')
  const cord = panel(page).locator('.finding', { hasText: 'would cross the floor' })
  await cord.locator('.head').click()
  await cord.locator('li', { hasText: 'on cells' }).getByRole('button', { name: 'Do it' }).click()
  await expect(cord).toHaveCount(0)
  await step(page, 'Seats')
  await panel(page).locator('.el-collapse-item__header', { hasText: 'The room' }).click()
  const items = panel(page).locator('.item')
  await expect(panel(page).getByRole('button', { name: 'Add a picture, a window or a plant' })).toBeVisible()
  const before = await items.count()
  await panel(page).getByRole('button', { name: 'Add a picture, a window or a plant' }).click()
  await expect(items).toHaveCount(before + 1)
  const added = items.last()
  await added.getByLabel('Lower edge').fill('28')
  await added.getByLabel('Lower edge').press('Enter')
  await added.getByLabel('Width').fill('8')
  await added.getByLabel('Width').press('Enter')
  await expect(added.getByLabel('Lower edge')).toHaveValue(/^28\b/)
  await expect(added.getByLabel('Width')).toHaveValue(/^8\b/)
  await step(page, 'Centerpiece')
  await expect(panel(page).locator('.finding', { hasText: 'stands before a view' }).first()).toBeVisible()
  await page.goto(page.url().replace('/centerpiece', '/sheet'))
  await expect(page.getByText('What each height would give')).toBeVisible()
  await expect(page.getByText(/by day the face is dark against it/).first()).toBeVisible()
})

test('in mirror mode a dragged piece takes its image along, side to side; several spread round the edge; the figures follow while it goes', async ({
  desk: page
}) => {
  await open(page, 'mending-circle')
  for (let i = 0; i < 2; i++) await putOn(page, 'Poppy pods')
  const box = async (id: string) => (await piece(page, id).boundingBox())!
  const place = async (id: string, x: string, y: string) => {
    await piece(page, id).focus()
    for (const [label, value] of [
      ['Along', x],
      ['Across', y]
    ] as const) {
      const field = panel(page).getByRole('textbox', { name: label, exact: true }).first()
      await field.fill(value)
      await field.press('Enter')
    }
  }
  await place('pods-poppy-1', '6', '7')
  await place('pods-poppy-2', '6', '-7')
  await choose(panel(page).getByLabel('Moves mirror'), 'side to side')
  const [up, down] = [await box('pods-poppy-1'), await box('pods-poppy-2')]
  await page.mouse.move(up.x + up.width / 2, up.y + up.height / 2)
  await page.mouse.down()
  await page.keyboard.down('Alt')
  await page.mouse.move(up.x + up.width / 2 + 20, up.y + up.height / 2 - 16, { steps: 5 })
  await expect(page.locator('.held svg')).toHaveCount(4)
  await page.mouse.up()
  await page.keyboard.up('Alt')
  await expect(page.locator('.held')).toHaveCount(0)
  const [upNow, downNow] = [await box('pods-poppy-1'), await box('pods-poppy-2')]
  expect(upNow.x - up.x).toBeCloseTo(20, -1)
  expect(downNow.x - down.x).toBeCloseTo(upNow.x - up.x, -1)
  expect(downNow.y - down.y).toBeCloseTo(-(upNow.y - up.y), -1)
  await putOn(page, 'Poppy pods')
  for (const id of ['pods-poppy-1', 'pods-poppy-2']) await piece(page, id).click({ modifiers: ['Shift'], force: true })
  await panel(page).getByRole('button', { name: 'Round the edge' }).click()
  await saved(page)
})
