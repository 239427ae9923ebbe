import { expect, test, type Page } from '@playwright/test'
import { openCopy } from './workspace'

async function intoTheChair(page: Page) {
  await openCopy(page, 'quay-seal')
  await page.getByRole('button', { name: 'Download' }).click()
  await page.getByText('Into the chair', { exact: true }).click()
  await expect(page.locator('.chair .over')).toHaveText('Tap to begin')
  // The plan is there, not only the session.
  await expect(page.locator('.chair .with')).toBeVisible()
}

const title = (page: Page) => page.locator('.chair h1')

test('a seal is painted with one key, taken back once, and stands in the book', async ({ page }) => {
  await intoTheChair(page)
  await page.keyboard.press('PageDown')
  const first = await title(page).innerText()
  await expect(page.locator('.chair img')).toBeVisible()
  await page.keyboard.press('PageDown')
  await expect(title(page)).not.toHaveText(first)
  await page.keyboard.press('PageUp')
  await expect(title(page)).toHaveText(first)
  for (let n = 0; n < 60 && (await title(page).isVisible()); n++) await page.keyboard.press(' ')
  await expect(page.locator('.over')).toHaveText('All steps are done. Tap to end')
  await page.locator('.face').click()
  await expect(page.locator('.over')).toContainText('Ended after')
  await page.getByRole('button', { name: 'To the book' }).click()
  await expect(page.locator('.entry-of')).toContainText('In the chair')
  const went = page.getByRole('region', { name: 'How it went' })
  await expect(went).toContainText('planned')
  await expect(went.locator('tbody tr').filter({ hasText: first })).toHaveCount(1)
  const table = page.waitForEvent('download')
  await went.getByRole('button', { name: 'As a table' }).click()
  expect((await table).suggestedFilename()).toContain('.csv')
})

test('a cut line and a page loaded anew lose nothing of the session', async ({ page, context }) => {
  await intoTheChair(page)
  await page.locator('.face').click()
  await page.locator('.face').click()
  const second = await title(page).innerText()
  await context.setOffline(true)
  await page.locator('.face').click()
  await expect(title(page)).not.toHaveText(second)
  await expect(page.locator('.clock').first()).toContainText('not connected')
  const third = await title(page).innerText()
  await context.setOffline(false)
  await expect(page.locator('.clock').first()).not.toContainText('not connected', { timeout: 15_000 })
  await page.reload()
  await expect(title(page)).toHaveText(third)
  // Another device sees it at the same step.
  const id = page.url().split('/').at(-1)!
  const events = await (await page.request.get(`/api/paintings/${id}/events`)).json()
  expect(events.filter((e: { kind: string }) => e.kind === 'stepDone')).toHaveLength(2)
})

test('on a phone the step, the clock and the next thing fit the screen', async ({ page }) => {
  await intoTheChair(page)
  await page.setViewportSize({ width: 390, height: 844 })
  await page.locator('.face').click()
  const wide = await page.evaluate(() => document.documentElement.scrollWidth)
  expect(wide).toBeLessThanOrEqual(390)
  for (const button of await page.locator('.deeds button').all())
    expect((await button.boundingBox())!.height).toBeGreaterThanOrEqual(48)
})
