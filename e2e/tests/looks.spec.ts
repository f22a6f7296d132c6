import { readFileSync } from 'node:fs'
import { expect } from '@playwright/test'
import { choose, chosenIn, ledger, open, panel, saved, step, test } from './support.js'

test('ten guests become twelve in two clicks from any step, and what follows is said', async ({ page }) => {
  await open(page, 'pearl-anniversary', 'brief')
  const more = page.locator('header').getByRole('button', { name: 'One guest more' })
  await more.click()
  await more.click()
  await expect(page.locator('header').getByText('12 guests')).toBeVisible()
  await expect(page.locator('.board .seat')).toHaveCount(12)
  await expect(panel(page).getByText(/Short of 6 × Brass-rim charger/)).toBeVisible()
  await page.keyboard.press('Control+z')
  await expect(page.locator('header').getByText('11 guests')).toBeVisible()
})

test('a look is renamed, duplicated and begun anew, one goes from one to the other, and the last cannot be removed', async ({ page }) => {
  await open(page, 'ferry-crew')
  const menu = page.locator('header').getByRole('button', { name: /^Look: / })
  await menu.click()
  await expect(page.getByRole('menuitem', { name: 'Remove this look' })).toHaveAttribute('aria-disabled', 'true')
  await page.getByRole('menuitem', { name: 'Rename' }).click()
  await page.getByRole('dialog').getByRole('textbox').fill('By the window')
  await page.getByRole('dialog').getByRole('button', { name: 'Keep' }).click()
  await expect(menu).toContainText('By the window')
  await saved(page)

  await menu.click()
  await page.getByRole('menuitem', { name: 'Begin another look' }).click()
  await page.getByRole('dialog').getByRole('textbox').fill('Bare')
  await page.getByRole('dialog').getByRole('button', { name: 'Keep' }).click()
  await expect(menu).toContainText('Bare')
  await expect(page.locator('[data-piece]')).toHaveCount(0)

  await menu.click()
  await page.getByRole('menuitem', { name: 'By the window' }).click()
  await expect(menu).toContainText('By the window')
  await expect(page.locator('[data-piece]').first()).toBeVisible()
})

test('a cloth that nobody owns is found in the shops by how it hangs, taken in one step, and stands on the list to buy', async ({ page }) => {
  await open(page, 'pearl-anniversary', 'linens')
  await panel(page).getByRole('button', { name: 'From the shops' }).first().click()
  const dialog = page.getByRole('dialog', { name: 'From the shops' })
  await dialog
    .getByRole('button', { name: /^Take it: / })
    .first()
    .click()
  await saved(page)
  const cloth = await chosenIn(panel(page).getByLabel('Cloth', { exact: true })).textContent()
  expect(cloth).toMatch(/\(0\)/)
  await step(page, 'Buy')
  await expect(
    panel(page)
      .getByText(cloth!.replace(/ \(0\)$/, '').trim())
      .first()
  ).toBeVisible()
  await page.keyboard.press('Control+z')
  await step(page, 'Linens')
  await expect(chosenIn(panel(page).getByLabel('Cloth', { exact: true }))).toContainText('Oyster damask')
})

test('the bar between table and work stays where it is put, step by step', async ({ page }) => {
  await open(page, 'pearl-anniversary', 'menu')
  const width = async () => (await panel(page).boundingBox())!.width
  const before = await width()
  const bar = await page.locator('.el-splitter-bar').boundingBox()
  await page.mouse.move(bar!.x + bar!.width / 2, bar!.y + 300)
  await page.mouse.down()
  await page.mouse.move(bar!.x - 140, bar!.y + 300, { steps: 6 })
  await page.mouse.up()
  await expect.poll(width).toBeGreaterThan(before + 80)
  const wide = await width()
  await step(page, 'Linens')
  await step(page, 'Menu')
  await expect.poll(width).toBeGreaterThan(wide - 20)
})

test('names pasted as a list sit round the table in its order; a dish says who cannot eat it', async ({ page }) => {
  await open(page, 'pearl-anniversary', 'seats')
  await panel(page).getByRole('button', { name: 'Paste or open a list of guests' }).click()
  await page.getByRole('dialog').getByRole('textbox').fill('Aleida\nBrechtje\nCorrie\nDaan')
  await page.getByRole('dialog').getByRole('button', { name: 'Seat these 4' }).click()
  await expect(page.locator('.board .seat')).toHaveCount(4)
  await expect(page.locator('.board').getByText('Corrie')).toBeVisible()
  await panel(page).getByLabel('Does not eat').first().fill('persimmon')
  await panel(page).getByLabel('Does not eat').first().press('Enter')
  await step(page, 'Menu')
  await expect(panel(page).getByText('not Aleida').first()).toBeVisible()
  await choose(panel(page).getByLabel('Course').first(), 'Fish')
  await saved(page)
  await expect(ledger(page, 'faces seen')).toBeVisible()
})

test('from the brief to five whole looks: one is laid and taken back, one kept beside, which is remembered as preferred, both stand side by side; a kept napkin stays', async ({
  page
}) => {
  await open(page, 'mending-circle', 'looks')
  await panel(page).getByText('Napkins', { exact: true }).click()
  await panel(page).getByRole('button', { name: 'Compose five looks' }).click()
  const cards = panel(page).locator('article.card')
  await expect(cards).toHaveCount(5)
  await expect(panel(page).getByRole('progressbar')).toHaveCount(0)
  const spend = async (card: number) => cards.nth(card).locator('dd').nth(1).textContent()
  const before = await ledger(page, 'left to spend').textContent()
  await cards.nth(1).getByRole('button', { name: 'Lay it here', exact: true }).click()
  await expect(ledger(page, 'left to spend')).toHaveText((await spend(1))!)
  await cards.nth(1).getByRole('button', { name: 'Take it back' }).click()
  await expect(ledger(page, 'left to spend')).toHaveText(before!)
  await cards.nth(0).getByRole('button', { name: 'Why these' }).click()
  await expect(cards.nth(0)).toContainText('kept as it was')
  await cards.nth(0).getByRole('button', { name: 'Keep beside this one' }).click()
  await expect(panel(page).getByRole('button', { name: 'Keep beside this one' }).first()).toBeEnabled()
  await panel(page).getByRole('button', { name: 'What you have preferred so far, by one choice' }).click()
  await panel(page).getByRole('button', { name: 'Forget it' }).click()
  await panel(page).getByRole('button', { name: 'Bring it back' }).click()
  await expect(panel(page).getByRole('button', { name: 'What you have preferred so far, by one choice' })).toBeVisible()
  await panel(page).getByRole('tab', { name: 'The looks of this occasion' }).click()
  const table = panel(page).getByRole('table').last()
  await expect(table.getByRole('columnheader')).toHaveCount(2)
  await expect(table.getByRole('row', { name: /to spend/ }).getByRole('cell')).toHaveCount(2)
  await table.getByRole('link', { name: 'Tone on tone' }).click()
  await expect(page.locator('header')).toContainText('Tone on tone')
})

test('a new occasion is begun, and laid by itself', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('button', { name: 'New occasion' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('What is it').fill('Harbor lunch')
  await dialog.getByRole('button', { name: 'Lay it for me' }).click()
  const cards = panel(page).locator('article.card')
  await expect(cards).toHaveCount(5)
  await cards.first().getByRole('button', { name: 'Lay it here', exact: true }).click()
  await expect(cards.first().getByRole('button', { name: 'Take it back' })).toBeVisible()
  await saved(page)
})

test('colors: shares of what is seen add up, a lost napkin is noticed as it is laid, the palette is saved', async ({ page }) => {
  await open(page, 'pearl-anniversary', 'colors')
  const shares = panel(page).locator('.groups .share')
  await expect(shares.first()).toBeVisible()
  const sum = (await shares.allTextContents()).reduce((total, text) => total + Number(text.replace(' %', '')), 0)
  expect(Math.abs(sum - 100)).toBeLessThanOrEqual(4)
  const [file] = await Promise.all([page.waitForEvent('download'), panel(page).getByRole('button', { name: 'drawing programs (.gpl)' }).click()])
  expect(file.suggestedFilename()).toMatch(/\.gpl$/)
  await step(page, 'Settings')
  await panel(page).getByLabel('Napkin', { exact: true }).click({ force: true })
  await page.getByRole('option', { name: /^Oyster linen napkin/ }).click()
  await step(page, 'Colors')
  await expect(panel(page).locator('.notes')).toContainText('Oyster linen napkin can hardly be told')
})

test('one thing: a napkin is seen on the table before it is taken, and undone; what stands alone in color is mended from the cupboard', async ({ page }) => {
  await open(page, 'ordinary-week', 'looks')
  await panel(page).getByRole('tab', { name: 'One thing' }).click()
  const change = panel(page).locator('.changes li', { hasText: 'Persimmon linen napkin for Oyster linen napkin' })
  await expect(change.getByRole('button', { name: 'Take it' })).toBeEnabled()
  const drawn = page.locator('.board [fill="#e07a4f"]')
  const before = await drawn.count()
  await change.hover()
  await expect.poll(() => drawn.count()).toBeGreaterThan(before)
  await page.mouse.move(5, 5)
  await expect.poll(() => drawn.count()).toBe(before)
  await panel(page).getByText('what would help most').click()
  await expect(panel(page).locator('.changes li').first()).toContainText(/mends|saves/)
  await step(page, 'Colors')
  const mended = panel(page).locator('.changes li', { hasText: 'Persimmon linen napkin for Oyster linen napkin' })
  await mended.getByRole('button', { name: 'Take it' }).click()
  await expect(panel(page).locator('.notes')).toHaveCount(0)
  await page.keyboard.press('Control+z')
  await expect(panel(page).locator('.notes')).toContainText('This accent is met in one thing')
})

test('the brief: a photo becomes the palette, a wished color is missed and one too many found, what must not be there is told and left out', async ({
  page
}) => {
  await open(page, 'pearl-anniversary', 'brief')
  const png = await page.evaluate(() => {
    const canvas = Object.assign(document.createElement('canvas'), { width: 60, height: 60 })
    const context = canvas.getContext('2d')!
    const bands = [
      ['#e8dec8', 40],
      ['#2f5d50', 12],
      ['#8a2f6b', 8]
    ] as const
    let top = 0
    for (const [color, high] of bands) {
      context.fillStyle = color
      context.fillRect(0, top, 60, high)
      top += high
    }
    return canvas.toDataURL('image/png').split(',')[1]!
  })
  const chooser = page.waitForEvent('filechooser')
  await panel(page).getByText('From a photo or a palette file').click()
  await (await chooser).setFiles({ name: 'scarf.png', mimeType: 'image/png', buffer: Buffer.from(png, 'base64') })
  await expect(panel(page).locator('.entries li')).toHaveCount(3)
  await expect(panel(page).locator('.entries')).toContainText('green')
  await panel(page).getByLabel('Must not be on the table').fill('persimmons')
  await panel(page).getByLabel('Must not be on the table').press('Enter')
  const unwanted = panel(page).locator('.finding', { hasText: 'not wanted on this table' })
  await expect(unwanted.first()).toBeVisible()
  // one cause, one finding: it counts its things, and one fewer when one of them is mended
  await expect(unwanted).toHaveCount(1)
  const many = Number(/\d+/.exec((await unwanted.locator('.count').textContent())!)![0])
  await unwanted.locator('.head').click()
  await unwanted.getByRole('button', { name: 'Do it' }).first().click()
  if (many > 2) await expect(unwanted.locator('.count')).toContainText(String(many - 1))
  else await expect(unwanted.locator('.count')).toHaveCount(0)
  await step(page, 'Colors')
  await expect(panel(page).locator('.notes')).toContainText(/The brief wishes for (purple|plum)/)
  await expect(panel(page).locator('.notes')).toContainText('is not in the palette of the brief')
  await saved(page)
})

test('the looks as a page for the client: voted on without the server, the answer read back to both looks; looked at again on a day', async ({
  page,
  context
}) => {
  await open(page, 'mending-circle', 'looks')
  await panel(page).getByRole('button', { name: 'Compose five looks' }).click()
  await panel(page).locator('article.card').first().getByRole('button', { name: 'Keep beside this one' }).click()
  await expect(page.getByText('is kept beside this look').first()).toBeVisible()
  await panel(page).getByRole('tab', { name: 'The looks of this occasion' }).click()
  await expect(panel(page).getByRole('columnheader')).toHaveCount(2)
  const [file] = await Promise.all([page.waitForEvent('download'), panel(page).getByRole('button', { name: 'A page for host and client' }).click()])
  expect(file.suggestedFilename()).toMatch(/ looks\.html$/)
  const path = test.info().outputPath('looks.html')
  await file.saveAs(path)
  const client = await context.newPage()
  await client.goto(`file://${path}`)
  await expect(client.locator('article svg')).toHaveCount(2)
  await client.locator('article').nth(0).getByLabel('No', { exact: true }).check()
  await client.locator('article').nth(1).getByLabel('Yes').check()
  await client.locator('article').nth(1).getByLabel('What you think of it').fill('Calmer, and one sees the cups')
  await client.getByRole('button', { name: 'Save my answer' }).click()
  await expect(client.getByText('Type your name first')).toBeVisible()
  await client.getByLabel('Your name').fill('Ilse')
  const [votes] = await Promise.all([client.waitForEvent('download'), client.getByRole('button', { name: 'Save my answer' }).click()])
  await panel(page)
    .locator('input[type=file]')
    .last()
    .setInputFiles({ name: 'votes.json', mimeType: 'application/json', buffer: readFileSync(await votes.path()) })
  await expect(panel(page).getByText('Ilse said something of 2 looks.')).toBeVisible()
  const said = panel(page).locator('.said')
  await expect(said.nth(0)).toContainText('No Ilse')
  await expect(said.nth(1)).toContainText('Calmer, and one sees the cups')
  // a day that has come is said wherever one is, until one has looked
  await panel(page).getByLabel('Look at it again on').click()
  // the first of this month
  await page.locator('.el-picker-panel').filter({ visible: true }).locator('td.available').first().click()
  await step(page, 'Florals')
  await expect(panel(page).getByText('You wanted to look at this again on')).toBeVisible()
  await panel(page).getByRole('button', { name: 'I have looked' }).click()
  await expect(panel(page).getByText('You wanted to look at this again')).toHaveCount(0)
  await saved(page)
})

test('a look is laid after another on another table; a recipe is saved and read again', async ({ page }) => {
  await open(page, 'mending-circle', 'looks')
  const [file] = await Promise.all([page.waitForEvent('download'), panel(page).getByRole('button', { name: 'Save this look as a recipe' }).click()])
  await choose(panel(page).getByLabel('After another look'), 'Ferry crew’s send-off: Brass and felt')
  await panel(page).getByRole('button', { name: 'Compose one like it' }).click()
  const cards = panel(page).locator('article.card')
  await expect(cards).toHaveCount(1)
  await cards.first().getByRole('button', { name: 'Lay it here', exact: true }).click()
  await expect(cards.first().getByRole('button', { name: 'Take it back' })).toBeVisible()
  const chooser = page.waitForEvent('filechooser')
  await panel(page).getByText('From a recipe file').click()
  await (await chooser).setFiles({ name: 'mine.recipe.json', mimeType: 'application/json', buffer: readFileSync(await file.path()) })
  await expect(panel(page).getByText(/its middle of/)).toBeVisible()
  await panel(page)
    .locator('input[type=file]')
    .last()
    .setInputFiles({ name: 'other.json', mimeType: 'application/json', buffer: Buffer.from('{}') })
  await expect(panel(page).getByText('“other.json” is no recipe of a look.')).toBeVisible()
  await saved(page)
})

test('what money buys: the best look for each sum, the brief’s own among them, and one is laid', async ({ page }) => {
  await open(page, 'mending-circle', 'looks')
  await panel(page).getByRole('tab', { name: 'What money buys' }).click()
  await panel(page).getByRole('button', { name: 'Work it out' }).click()
  const dots = panel(page).getByRole('button', { name: /goes together \d+ %/ })
  await expect(dots.first()).toBeVisible()
  await expect(panel(page).getByText('the brief: $72.00')).toBeVisible()
  await dots.first().press('Enter')
  await expect(dots.first()).toHaveAttribute('aria-pressed', 'true')
  const spend = /^\$([\d.]+)/.exec((await panel(page).locator('.chosen strong').textContent())!)![1]!
  await panel(page).getByRole('button', { name: 'Lay it here', exact: true }).click()
  await expect(ledger(page, 'left to spend')).toHaveText(`$${(72 - Number(spend)).toFixed(2)}`)
  await saved(page)
})
