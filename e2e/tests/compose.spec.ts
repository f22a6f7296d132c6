import { readFileSync } from 'node:fs'
import { expect } from '@playwright/test'
import validator from 'gltf-validator'
import { choose, chosenIn, open, panel, putOn, saved, test } from './support.js'

const piece = (page: import('@playwright/test').Page, id: string) => page.locator(`[data-piece="${id}"]`).first()

const middle = (page: import('@playwright/test').Page) =>
  page.locator('.board [data-piece]').evaluateAll((all) => all.map((one) => `${one.getAttribute('data-piece')} ${one.getAttribute('transform')}`).join())

test('six ideas are shown to pick from, another one takes the place of the first, richer stays in the pattern, undo brings the table back', async ({
  desk: page
}) => {
  await open(page, 'pearl-anniversary')
  const before = await middle(page)
  const composer = panel(page).getByRole('region', { name: 'Compose' })
  await composer.getByRole('button', { name: 'Six ideas' }).click()
  const ideas = composer.getByRole('list', { name: 'Ideas' }).getByRole('button')
  await expect(ideas).toHaveCount(6)
  await expect(composer.getByText(/^Composition \d+ %/).last()).toBeVisible()
  await expect(piece(page, 'jug')).toHaveCount(0)
  const first = await middle(page)
  await ideas.nth(3).click()
  await expect(ideas.nth(3)).toHaveAttribute('aria-pressed', 'true')
  const picked = await middle(page)
  expect(picked).not.toBe(first)
  await composer.getByRole('button', { name: 'Another one' }).click()
  await expect(ideas.nth(4)).toHaveAttribute('aria-pressed', 'true')
  expect(await middle(page)).not.toBe(picked)
  const pattern = (await ideas.nth(4).getAttribute('data-pattern'))!
  await composer.getByRole('button', { name: 'Richer' }).click()
  await expect(composer.getByRole('button', { name: 'Richer' })).toHaveAttribute('aria-pressed', 'true')
  await expect(ideas.first()).toHaveAttribute('data-pattern', pattern)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(piece(page, 'jug')).toBeVisible()
  expect(await middle(page)).toBe(before)
  await saved(page)
})

test('what is locked stays while the rest is composed; what is not wanted is left out; a pattern that cannot be made says so and changes nothing', async ({
  desk: page
}) => {
  await open(page, 'mending-circle')
  const composer = panel(page).getByRole('region', { name: 'Compose' })
  await composer.getByRole('button', { name: 'Two, open middle' }).click()
  const before = await middle(page)
  await expect(composer.getByText(/no room for it between the places|smaller setting/)).toBeVisible()
  expect(await middle(page)).toBe(before)
  await composer.getByRole('button', { name: 'One focus' }).click()
  const unwanted = composer.locator('.told .el-tag').first()
  const name = (await unwanted.innerText()).trim()
  await unwanted.getByRole('button').click()
  await expect(composer.getByText('Not used')).toBeVisible()
  await expect(composer.locator('.told')).toBeVisible()
  await expect(composer.locator('.told .el-tag', { hasText: name })).toHaveCount(0)
  await page.locator('.board [data-piece]').first().click()
  await page.keyboard.press('l')
  const id = await page.locator('.board [data-piece]').first().getAttribute('data-piece')
  const kept = await piece(page, id!).getAttribute('transform')
  await composer.getByRole('button', { name: 'A patch' }).click()
  await expect(composer.getByRole('list', { name: 'Ideas' })).toBeVisible()
  expect(await piece(page, id!).getAttribute('transform')).toBe(kept)
  await saved(page)
})

test('pods lost in a long bowl are told and found again by the first remedy; the piece says how far it tips', async ({ desk: page }) => {
  await open(page, 'mending-circle')
  for (const name of ['Long dough bowl', 'Poppy pods']) await putOn(page, name)
  await choose(panel(page).getByLabel('Stands on'), 'Long dough bowl')
  await expect(panel(page).getByText(/Falls at \d+°, weighs/)).toBeVisible()
  const sunk = panel(page).locator('.finding', { hasText: 'Poppy pods are lost in Long dough bowl' })
  await sunk.locator('.head').click()
  await sunk.getByRole('button', { name: 'Do it' }).first().click()
  await expect(sunk).toHaveCount(0)
  await saved(page)
})

test('tall flowers are found in the way and mended from the chair that cannot see; dusk, squint, before and after; the model is valid glTF', async ({
  desk: page
}) => {
  await open(page, 'pearl-anniversary')
  await page.locator('.board').focus()
  await page.keyboard.press('9')
  await page.keyboard.press('v')
  const view = page.locator('.seat-view')
  await expect(view).toBeVisible()
  await expect(view.getByText('Sees 8 of 9.')).toBeVisible()
  for (const seat of ['3', '7']) {
    await view.press(seat)
    await expect(chosenIn(view.getByRole('combobox', { name: 'Seen by' }))).toContainText(new RegExp(`^${seat} `))
  }
  await view.getByText('Dusk', { exact: true }).click()
  await view.getByLabel('Squint').check()
  await expect(view).toHaveClass(/squint/)
  const hides = panel(page).locator('.finding', { hasText: 'Sky-glaze jug hides faces' })
  await hides.locator('.head').click()
  await hides.locator('li', { hasText: 'lower' }).first().getByRole('button', { name: 'Do it' }).click()
  await expect(view.getByText('Sees 9 of 9.')).toBeVisible()
  const drawn = await view.getByText('This browser shows no WebGL').count()
  if (drawn === 0) {
    await view.getByRole('slider').press('End')
    await expect(view.locator('img.before')).toBeVisible()
    const [download] = await Promise.all([page.waitForEvent('download'), view.getByRole('button', { name: 'Model (glTF)' }).click()])
    const report = await validator.validateBytes(new Uint8Array(readFileSync(await download.path())))
    expect(report.issues.numErrors).toBe(0)
    expect(report.info.totalTriangleCount).toBeGreaterThan(5000)
  }
  await view.press('Escape')
  await expect(view).toHaveCount(0)
  await saved(page)
})

test('a garland runs along an oval, pieces snap to the axis, mirror, group and lock; a middle is put aside and brought back', async ({ desk: page }) => {
  await open(page, 'pearl-anniversary')
  await panel(page).locator('.el-collapse-item__header', { hasText: 'Lay a garland' }).click()
  await expect(panel(page).getByText(/pieces? for/)).toBeVisible()
  await panel(page).getByRole('button', { name: 'Lay it' }).click()
  await expect(page.locator('[data-piece^="garland-"]').first()).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await piece(page, 'compote-east').click()
  await page.keyboard.press('m')
  await expect(page.locator('[data-piece^="compote-"]')).toHaveCount(2)
  await piece(page, 'compote-east').click()
  await page.keyboard.press('l')
  await expect(panel(page).getByLabel('Keep it here')).toBeChecked()
  await panel(page).locator('.el-collapse-item__header', { hasText: 'Variants put aside' }).click()
  await panel(page).getByLabel('Why put aside').fill('too many oranges')
  await panel(page).getByRole('button', { name: 'Remember this middle' }).click()
  await piece(page, 'jug').focus()
  await page.keyboard.press('Delete')
  await expect(piece(page, 'jug')).toHaveCount(0)
  await panel(page).getByRole('button', { name: 'Bring back' }).click()
  await expect(piece(page, 'jug')).toBeVisible()
  await saved(page)
})

test('let go over a tray a piece stands on it, and dragged off it stands on the table again', async ({ desk: page }) => {
  await open(page, 'ordinary-week')
  for (const name of ['Oak tray', 'Poppy pods']) await putOn(page, name)
  const middle = async (id: string) => {
    const box = (await piece(page, id).boundingBox())!
    return { x: box.x + box.width / 2, y: box.y + box.height / 2 }
  }
  const drag = async (by: { x: number; y: number }) => {
    const at = await middle('pods-poppy-1')
    await page.mouse.move(at.x, at.y)
    await page.mouse.down()
    await page.mouse.move(at.x + by.x, at.y + by.y, { steps: 6 })
    await page.mouse.up()
  }
  const [tray, pods] = [await middle('tray-oak-handled-1'), await middle('pods-poppy-1')]
  await drag({ x: tray.x - pods.x + 14, y: tray.y - pods.y })
  await expect(chosenIn(panel(page).getByLabel('Stands on'))).toContainText('Oak tray with handles')
  await drag({ x: 0, y: 70 })
  await expect(chosenIn(panel(page).getByLabel('Stands on'))).toContainText('the table')
  await saved(page)
})
