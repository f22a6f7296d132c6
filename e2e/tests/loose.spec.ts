import { expect } from '@playwright/test'
import { choose, chosenIn, open, panel, putOn, step, test } from './support.js'

test('berries lie loose in a lantern by the cup, and cloth raises what is lost in a basket', async ({ desk: page }) => {
  await open(page, 'mending-circle')
  await putOn(page, 'Iron lantern')
  const loose = panel(page).getByLabel('Loose in it')
  await choose(loose, 'Cranberries, by the cup, 8 free')
  const cups = panel(page).getByText(/^\d+ cups, a quarter of a liter each$/)
  await expect(cups).toBeVisible()
  const many = parseInt(await cups.innerText(), 10)
  await expect(panel(page).getByText(/Looks fresh for about 7 days: lay it no earlier than/)).toBeVisible()
  await panel(page).getByLabel('So high').fill('1 in')
  await panel(page).getByLabel('So high').press('Enter')
  await expect
    .poll(async () =>
      parseInt(
        await panel(page)
          .getByText(/^\d+ cups?, a quarter/)
          .innerText(),
        10
      )
    )
    .toBeLessThan(many)
  await choose(loose, 'nothing')
  await expect(panel(page).getByText(/a quarter of a liter/)).toHaveCount(0)
  await page.getByRole('button', { name: /^Undo/ }).click()
  await expect(cups.or(panel(page).getByText(/^1 cup, a quarter/))).toBeVisible()

  for (const name of ['Long willow basket', 'Poppy pods']) await putOn(page, name)
  await choose(panel(page).getByLabel('Stands on'), 'Long willow basket')
  const sunk = panel(page).locator('.finding', { hasText: 'Poppy pods are lost in Long willow basket' })
  await sunk.click()
  await sunk
    .getByRole('listitem')
    .filter({ hasText: /Raise what is in Long willow basket on \d+ × .*, crumpled/ })
    .first()
    .getByRole('button', { name: 'Do it' })
    .click()
  await expect(sunk).toHaveCount(0)
})

test('which kind to buy is noted in the cupboard and stands on the list; a bowl entered as a trough gets a length; leaves line the plates', async ({
  page
}) => {
  await page.goto('/cupboard')
  await page.getByRole('searchbox').fill('brass-rim charger')
  await page.getByRole('button', { name: 'Open Brass-rim charger' }).click()
  const editor = page.getByRole('region', { name: 'Brass-rim charger' })
  const hint = editor.getByLabel('When buying, look for')
  if (!(await hint.isVisible())) await editor.getByText('What is known of it').click()
  await hint.fill('a rim that is rolled, not cut')
  await hint.press('Enter')
  await expect(page.getByText('Saved: Brass-rim charger')).toBeVisible()
  await page.getByRole('searchbox').fill('salad bowl')
  await page
    .getByRole('button', { name: /^Open .*[Ss]alad bowl/ })
    .first()
    .click()
  const bowl = page.getByRole('region', { name: /[Ss]alad bowl/ })
  await choose(bowl.getByRole('combobox', { name: 'Use', exact: true }), 'trough')
  await expect(bowl.getByLabel('Length').first()).not.toHaveValue('')

  await open(page, 'pearl-anniversary', 'buy')
  await panel(page).getByRole('tab', { name: 'Shopping' }).click()
  await expect(panel(page).getByText('a rim that is rolled, not cut').first()).toBeVisible()
  await step(page, 'Settings')
  const leaves = panel(page).getByLabel('Leaves round the plate')
  await choose(leaves, 'Kale leaf (0)')
  await expect(panel(page).getByText(/^1\d round each plate, 1\d0 in all/)).toBeVisible()
  await expect(chosenIn(leaves)).toContainText('Kale leaf')
})

test('a bowl takes three kinds by its length, gaps are filled by area, and greens round the lamp are counted and bought', async ({ desk: page }) => {
  await open(page, 'mending-circle')
  await putOn(page, 'Long dough bowl')
  await panel(page).locator('.el-collapse-item__header', { hasText: 'Fill it with' }).click()
  await choose(panel(page).getByRole('combobox', { name: 'Of', exact: true }), 'Quince (12)')
  await expect(panel(page).getByText(/lie side by side/)).toBeVisible()
  await choose(panel(page).getByRole('combobox', { name: 'With', exact: true }).first(), 'Poppy pods (4)')
  await choose(panel(page).getByRole('combobox', { name: 'With', exact: true }).nth(1), 'Persimmon (16)')
  await expect(panel(page).getByText(/For its length: .*Poppy pods.*Quince.*Persimmon/)).toBeVisible()
  await panel(page)
    .getByRole('button', { name: /^Put \d/ })
    .click()
  await expect(page.locator('[data-piece^="quince"]').first()).toBeVisible()

  await panel(page).locator('.el-collapse-item__header', { hasText: 'Fill the gaps' }).click()
  await expect(panel(page).getByText(/of the table is bare/)).toBeVisible()
  const before = await page.locator('[data-piece]').count()
  const first = panel(page).locator('li', { hasText: 'all in the house' }).first()
  await first.getByRole('button', { name: 'Lay it' }).click()
  await expect.poll(() => page.locator('[data-piece]').count()).toBeGreaterThan(before)

  await step(page, 'Seats')
  await panel(page).locator('.el-collapse-item__header', { hasText: 'The room' }).click()
  await panel(page).getByLabel('A lamp hangs over the middle').check()
  await choose(panel(page).getByRole('combobox', { name: 'Round it', exact: true }), 'Olive garland, 6 ft (3)')
  await expect(panel(page).getByText(/goes? round it\. .*Keep leaves off every bulb/)).toBeVisible()
  await step(page, 'Buy')
  await panel(page).getByRole('tab', { name: 'Needs' }).click()
  await expect(panel(page).getByText('Olive garland, 6 ft').first()).toBeVisible()
})
