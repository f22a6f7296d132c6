import { readFileSync } from 'node:fs'
import { expect, type Page } from '@playwright/test'

/** Waits until the open look is on the server. */
export async function saved(page: Page): Promise<void> {
  await expect(page.locator('header .state')).toHaveText('Saved')
}

export const panel = (page: Page) => page.locator('aside.panel')
export const step = (page: Page, name: string) => page.locator('nav.rail').getByRole('link', { name, exact: false }).click()
export const ledger = (page: Page, label: string) => page.locator('footer.ledger .figure', { hasText: label }).locator('.value')

/** Opens a copy of a demo look of its own at a step and waits for its figures; gives the copy's id. */
export async function open(page: Page, name: string, at = 'centerpiece'): Promise<string> {
  const file = readFileSync(new URL(`../../demo/${name}.hestiad.json`, import.meta.url), 'utf8')
  const answer = await page.request.post('/api/looks', { headers: { 'content-type': 'application/json' }, data: file })
  const { id } = (await answer.json()) as { id: string }
  await openAgain(page, id, at)
  return id
}

/** Opens a look by its id. */
export async function openAgain(page: Page, id: string, at = 'centerpiece'): Promise<void> {
  await page.goto(`/looks/${id}/${at}`)
  await expect(page.locator('footer.ledger .figure').first()).toBeVisible()
}
