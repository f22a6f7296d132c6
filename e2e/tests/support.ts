import { cpSync, mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { readConfig } from '@hestiad/server/config'
import { startServer } from '@hestiad/server/startServer'
import { test as base, expect, type Browser, type BrowserContext, type BrowserContextOptions, type Locator, type Page } from '@playwright/test'

const root = fileURLToPath(new URL('../..', import.meta.url))

/** A server over a folder in this process. */
const serve = (folder: string, port: number) => startServer(readConfig(['--port', String(port), '--data', folder, '--day', '2027-01-20'], root))

/** A server over a copy of a folder, for as long as it is used. */
async function overCopy(of: string, port: number, use: (address: string) => Promise<void>): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'hestiad-e2e-'))
  cpSync(of, folder, { recursive: true })
  const server = await serve(folder, port)
  await use(server.address)
  await server.stop()
  rmSync(folder, { recursive: true, force: true })
}

/** Screens, in px. */
export const sizes = { upright: { width: 820, height: 1180 }, lying: { width: 1180, height: 820 }, phone: { width: 390, height: 844 } } as const

/** A window of a server. Without a graphics card every pixel of what is drawn in 3D is the processor’s work: it is drawn in fewer. */
async function windowOf(browser: Browser, baseURL: string, options: BrowserContextOptions = {}): Promise<BrowserContext> {
  const { viewport, contextOptions } = test.info().project.use
  const window = await browser.newContext({ ...contextOptions, viewport: viewport!, baseURL, ...options })
  await window.addInitScript(() => Object.defineProperty(self, 'devicePixelRatio', { value: 0.4 }))
  return window
}

/** What the tests of one worker share. */
interface House {
  /** The demo data, laid down once. */
  readonly folder: string
  /** Always the same address, and one window: the browser keeps the scripts it has read, and every test would read them anew. */
  readonly port: number
  readonly window: BrowserContext
}

/**
 * A test with a `page` has a server and a database of its own, and a browser that remembers nothing. A test that changes nothing but a look of
 * its own takes a `desk`: the page of a working day, which goes from one look to the next without being read anew. A `tablet` is as a `page`,
 * and under a finger.
 */
export const test = base.extend<{ desk: Page; tablet: Page }, { house: House; workday: Page }>({
  house: [
    async ({ browser }, use) => {
      const folder = mkdtempSync(join(tmpdir(), 'hestiad-e2e-demo-'))
      const server = await serve(folder, 0)
      await server.backedUp
      await server.stop()
      const window = await windowOf(browser, server.address)
      await use({ folder, port: Number(new URL(server.address).port), window })
      await window.close()
      rmSync(folder, { recursive: true, force: true })
    },
    { scope: 'worker' }
  ],
  workday: [
    async ({ house, browser }, use) => {
      await overCopy(house.folder, 0, async (address) => {
        const window = await windowOf(browser, address)
        await use(await window.newPage())
        await window.close()
      })
    },
    { scope: 'worker' }
  ],
  desk: async ({ workday }, use) => {
    await workday.setViewportSize(test.info().project.use.viewport!)
    await use(workday)
  },
  tablet: async ({ browser, baseURL }, use) => {
    const window = await windowOf(browser, baseURL!, { hasTouch: true, isMobile: true, viewport: sizes.lying })
    await use(await window.newPage())
    await window.close()
  },
  baseURL: async ({ house }, use) => {
    await overCopy(house.folder, house.port, use)
  },
  context: async ({ house, baseURL }, use) => {
    await use(house.window)
    const page = await house.window.newPage()
    const session = await house.window.newCDPSession(page)
    await session.send('Storage.clearDataForOrigin', { origin: baseURL!, storageTypes: 'cookies,local_storage,indexeddb,cache_storage' })
    for (const open of house.window.pages()) await open.close()
  }
})

/** The steps of the work by their names. */
export const STEPS = ['Brief', 'Seats', 'Menu', 'Linens', 'Settings', 'Centerpiece', 'Florals', 'Light', 'Colors', 'Looks', 'Buy'] as const

/** Waits until the open look is on the server. */
export async function saved(page: Page): Promise<void> {
  await expect(page.locator('header .state')).toHaveText('Saved')
}

export const panel = (page: Page) => page.locator('aside.panel')
export const step = (page: Page, name: string) => page.locator('nav.rail').getByRole('link', { name, exact: false }).click()
export const ledger = (page: Page, label: string) => page.locator('footer.ledger .figure', { hasText: label }).locator('.value')

/** Opens a copy of a demo look of its own at a step, from the look that is open where one is, and waits for its figures; gives the copy's id. */
export async function open(page: Page, name: string, at = 'centerpiece'): Promise<string> {
  const file = readFileSync(new URL(`../../demo/${name}.hestiad.json`, import.meta.url), 'utf8')
  const answer = await page.request.post('/api/looks', { headers: { 'content-type': 'application/json', 'x-hestiad': '1' }, data: file })
  const { id } = (await answer.json()) as { id: string }
  if (await page.locator('footer.ledger').count()) await page.evaluate(goOn, `/looks/${id}/${at}`)
  else await page.goto(`/looks/${id}/${at}`)
  await shown(page, id)
  return id
}

/** Opens a look by its id, all of the page read anew. */
export async function openAgain(page: Page, id: string, at = 'centerpiece'): Promise<void> {
  await page.goto(`/looks/${id}/${at}`)
  await shown(page, id)
}

/** Waits until a look is open, the work of its step is there and its figures are. */
async function shown(page: Page, id: string): Promise<void> {
  await expect(page.locator(`header a[href="/api/looks/${id}/file"]`)).toBeVisible()
  await expect(panel(page).locator('> .rule + *')).toBeVisible()
  await expect(page.locator('footer.ledger .figure').first()).toBeVisible()
}

/** In the page: to an address as the browser's own buttons go there. */
function goOn(path: string): void {
  history.pushState(null, '', path)
  dispatchEvent(new PopStateEvent('popstate', { state: null }))
}

/**
 * Chooses one of many by its words: opens the list of a field, searches it where it can be searched, waits until it shows nothing else (a
 * list that grows shorter while one presses has another choice under the pointer), and presses the choice.
 */
export async function choose(field: Locator, option: string): Promise<void> {
  await expect(async () => {
    if ((await field.getAttribute('aria-expanded')) !== 'true') {
      // a list that is still closing lies over the next field, all its choices shown again: a press would choose one of them
      await expect(field.page().locator('.el-select-dropdown').filter({ visible: true })).toHaveCount(0, { timeout: 5_000 })
      await field.click({ force: true })
    }
    // its own list: another's may still be closing
    const list = field.page().locator(`[id="${await field.getAttribute('aria-controls')}"]`)
    if ((await field.getAttribute('readonly')) === null) {
      await field.fill(option)
      await expect(list.getByRole('option').filter({ hasNotText: option, visible: true })).toHaveCount(0, { timeout: 5_000 })
    }
    await list.getByRole('option', { name: option, exact: true }).click({ timeout: 10_000 })
  }).toPass()
}

/** What a field of many shows as chosen. */
export const chosenIn = (field: Locator) => field.locator('xpath=ancestor::*[contains(@class, "el-select__wrapper")]')

/** Puts the first piece that the words find on the table, and waits until it stands there. */
export async function putOn(page: Page, name: string): Promise<void> {
  await panel(page).getByRole('searchbox').fill(name)
  const placed = panel(page).locator('.placed li')
  const before = await placed.count()
  await panel(page).locator('.found li:visible').first().getByRole('button', { name: 'Put on' }).click()
  await expect(placed).toHaveCount(before + 1)
}
