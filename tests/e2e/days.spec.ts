import { expect, test } from '@playwright/test'

/** A day at the booth: set up by hand, forecast, changed. */

test('an evening is set up by hand and tells waits, faces and when to close the queue', async ({ page }) => {
  await page.goto('/days')
  await page.getByRole('button', { name: 'New day' }).click()
  await expect(page).toHaveURL(/\/days\/[^/]+$/)
  for (const look of ['Quay seal', 'Kelp bride']) {
    await page.getByLabel('Another look that people want').last().click()
    await page.keyboard.type(look)
    await page.keyboard.press('Enter')
    await page.getByRole('button', { name: 'Add', exact: true }).click()
    await expect(page.getByRole('checkbox', { name: look })).toBeChecked()
  }
  const minutes = page.getByLabel('Minutes', { exact: true })
  await minutes.first().fill('5')
  await minutes.last().fill('9')
  await page.getByRole('button', { name: 'Add a painter' }).click()
  await page.getByLabel('Faces an hour').fill('20')
  await page.getByLabel('Faces an hour').blur()
  const forecast = page.getByRole('region', { name: 'What it will be like' })
  await expect(forecast.getByRole('row', { name: /^15:00/ })).toBeVisible()
  await expect(forecast.getByText(/of (5|6|7)\d who come/)).toBeVisible()
  const closes = forecast.locator('dl > div', { hasText: 'Close the queue' }).locator('dd').first()
  await expect(closes).toHaveText(/^1[456]:\d\d$/)
  await expect(forecast.getByRole('row', { name: /^One more painter/ })).toBeVisible()

  // A time is written as one likes; nonsense goes back.
  const until = page.getByLabel('Last face done by')
  await until.fill('1830')
  await until.blur()
  await expect(until).toHaveValue('18:30')
  await expect(forecast.getByRole('row', { name: /^18:00/ })).toBeVisible()
  await until.fill('noon')
  await until.blur()
  await expect(until).toHaveValue('18:30')
  await until.fill('13:00')
  await until.blur()
  await expect(forecast.getByText('A booth closes later than it opens')).toBeVisible()
})

test('the demo offers another menu with one tap', async ({ page }) => {
  await page.goto('/days/lantern-walk-stall')
  const other = page.getByRole('button', { name: 'Offer these' }).first()
  await expect(other).toBeVisible()
  const row = page.getByRole('row').filter({ has: other })
  const words = await row.locator('td').first().innerText()
  await other.click()
  await expect(page.getByRole('row', { name: words }).getByText('as it is')).toBeVisible()
  await page.getByRole('button', { name: /undo/i }).first().click()

  // On paper, for those who wait.
  await page.getByRole('button', { name: 'Menu on paper' }).click()
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByText('A5', { exact: true }).click(),
  ])
  expect(file.suggestedFilename()).toMatch(/\.pdf$/)
})
