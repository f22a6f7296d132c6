import { expect, type Locator, type Page } from '@playwright/test'
import axe, { type RunOptions } from 'axe-core'
import { openAgain, panel, sizes, step, STEPS, test } from './support.js'

type Axe = typeof axe

/** What cannot be pressed by a finger, and by how much the page is wider than the screen. 44 px: WCAG 2.2, success criterion 2.5.5 (Target Size, Enhanced). */
const faultsOfSize = (page: Page) =>
  page.evaluate(() => {
    const boxOf = (one: Element) => one.closest('.el-input-number, .el-input__wrapper, .el-select__wrapper, .el-input-tag, .el-checkbox, .el-upload') ?? one
    const pressed = [...document.querySelectorAll('button, a, input, [role=button], [role=switch], [role=tab], textarea')].filter((one) => !one.closest('svg'))
    const small = pressed.flatMap((one) => {
      const { width, height } = boxOf(one).getBoundingClientRect()
      return width > 1 && height > 1 && (width < 43.5 || height < 43.5) ? [`${one.className} ${one.textContent} ${width} × ${height}`] : []
    })
    return { small, wide: document.documentElement.scrollWidth - document.documentElement.clientWidth }
  })

/** What axe finds on the page as it is, and in contrast by evening where it is asked, without what was looked at before. */
async function faultsOfAxe(page: Page, where: string, evening: boolean, exclude: readonly string[] = []): Promise<void> {
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

test.describe('on a tablet, upright and lying, everything one presses is 44 px and nothing is wider than the screen; axe knows no fault there, by evening in contrast on every second view (npm run axe asks of all, at a desk)', () => {
  /** Upright, then lying, as axe is asked of it; both ways with what is to be in view. */
  async function look(page: Page, where: string, evening: boolean, exclude: readonly string[], inView: readonly Locator[]): Promise<void> {
    await expect(page.locator('article, .figure, .card, [role=row], .articles li, .mood, section.table').first()).toBeVisible()
    await page.waitForLoadState('networkidle')
    for (const viewport of [sizes.upright, sizes.lying]) {
      await page.setViewportSize(viewport)
      for (const one of inView) await expect(one).toBeInViewport()
      await expect.poll(async () => ({ where, viewport, ...(await faultsOfSize(page)) })).toEqual({ where, viewport, small: [], wide: 0 })
    }
    await faultsOfAxe(page, where, evening, exclude)
  }

  test('pages, which are not wider than a phone either; in the cupboard size and place stand there below the name', async ({ tablet: page }) => {
    const { occasionId } = (await (await page.request.get('/api/looks/pearl-anniversary')).json()) as { occasionId: string }
    const made = await page.request.post(`/api/occasions/${occasionId}/shares`, { headers: { 'x-hestiad': '1' }, data: { days: 1, withPrices: true } })
    const { secret } = (await made.json()) as { secret: string }
    for (const [at, path] of [`/shared/${secret}`, '/', '/shops', '/ideas', '/style', '/looks/pearl-anniversary/sheet', '/cupboard'].entries()) {
      await page.goto(path)
      await look(page, path, at % 2 === 0, [], [page.locator('h1, h2').filter({ visible: true }).first()])
      await page.setViewportSize(sizes.phone)
      await expect.poll(async () => (await faultsOfSize(page)).wide, path).toBeLessThanOrEqual(0)
    }
    await expect(page.getByRole('row', { name: /Brass-rim charger/ })).toContainText('⌀ 12 in · Dining room, low cabinet')
  })

  test('steps, each of which shows its work and the table: as the Board, one setting, the flowers or by candlelight', async ({ tablet: page }) => {
    await openAgain(page, 'pearl-anniversary', 'brief')
    await page.setViewportSize(sizes.phone)
    await expect.poll(async () => (await faultsOfSize(page)).wide).toBeLessThanOrEqual(0)
    await page.setViewportSize(sizes.lying)
    const stages: Record<string, string> = { Settings: 'section.stage .large svg', Florals: 'section.stage .large svg', Light: 'canvas' }
    for (const [at, name] of STEPS.entries()) {
      await step(page, name)
      await look(page, name, at % 2 === 0, at === 0 ? [] : ['svg.scene', 'header', 'nav.rail', 'footer.ledger'], [
        panel(page).getByRole('heading', { name, level: 2 }),
        page.locator(stages[name] ?? '.board svg.scene').first()
      ])
    }
  })
})
