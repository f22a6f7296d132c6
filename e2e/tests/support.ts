import { expect, type Page } from '@playwright/test'

/** Waits until the open look is on the server. */
export async function saved(page: Page): Promise<void> {
  await expect(page.locator('header .state')).toHaveText('Saved')
}

export const panel = (page: Page) => page.locator('aside.panel')
export const step = (page: Page, name: string) => page.locator('nav.rail').getByRole('link', { name, exact: false }).click()
export const ledger = (page: Page, label: string) => page.locator('footer.ledger .figure', { hasText: label }).locator('.value')

/** Opens a look of the demo at a step and waits for its figures. */
export async function open(page: Page, id: string, at = 'centerpiece'): Promise<void> {
  await page.goto(`/looks/${id}/${at}`)
  await expect(page.locator('footer.ledger .figure').first()).toBeVisible()
}
