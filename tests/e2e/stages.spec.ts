import { expect, test, type Page } from '@playwright/test'
import { openCopy } from './workspace'

const row = (page: Page, n: number) =>
  page.locator('.side li', { has: page.getByLabel(`Name of stage ${n}`, { exact: true }) })

async function put(page: Page, label: string, stage: string) {
  await page.getByLabel(label, { exact: true }).click()
  await page.locator('.n-base-select-menu:visible').getByText(stage, { exact: true }).click()
}

test('a look is cut into stages, and may be stopped after each', async ({ page }) => {
  await openCopy(page, 'wreck-diver')
  await page.getByRole('button', { name: 'Order', exact: true }).click()
  await page.getByRole('button', { name: 'Add a stage' }).click()
  await page.getByLabel('Name of stage 1').fill('For the booth')
  await page.getByLabel('Name of stage 2').fill('For the parade')
  await expect(row(page, 2)).toContainText('Nothing in it yet')

  // The last part of the list is kept for the parade.
  await page.getByRole('button', { name: 'Paint', exact: true }).click()
  const parts = page.locator('.parts button')
  await parts.last().click()
  await put(page, 'Stage', 'For the parade')
  await expect(page.locator('.strip .stop-here')).toContainText('may stop')

  // The whole is as long as its stages, and the face after the first is shown.
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Order', exact: true }).click()
  await expect(row(page, 1)).toContainText('may stop at')
  await expect(row(page, 2)).toContainText('ends at')
  await row(page, 1).getByRole('button', { name: 'Show' }).click()
  await expect(page.getByText(/after step \d+ of \d+/)).toBeVisible()

  // Without its second stage it is painted in one go again.
  await page.getByLabel('Take stage For the parade out').click()
  await expect(page.locator('.strip .stop-here')).toHaveCount(0)
  await expect(page.getByText('Painted in one go.')).toBeVisible()
})
