import { expect, test } from '@playwright/test'

test('a case for forty faces is packed, and its list is a file', async ({ page }) => {
  await page.goto('/case')
  await page.getByRole('button', { name: 'New case', exact: true }).click()
  await expect(page.getByLabel('Name of the case')).toHaveValue('New case')
  await page.getByLabel('Name of the case').fill(`Forty ${Date.now()}`)
  await page.locator('.add .n-select').click()
  // Other tests' copies fill the list.
  await page.locator('.add input').fill('Kelp bride')
  await page.locator('.n-base-select-option', { hasText: 'Kelp bride' }).first().click()
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  const faces = page.getByLabel('Faces in Kelp bride', { exact: true })
  await faces.fill('40')
  await faces.press('Tab')
  const list = page.locator('.packed')
  await expect(list).toContainText('40 faces')
  const sponges = list.locator('section', { hasText: 'Clean for every colour' }).locator('li').first()
  await expect(sponges).toContainText(/\d+/)
  const before = await list.locator('tbody tr').first().locator('.n b').textContent()
  // A queue may bring more.
  await page.getByRole('switch', { name: 'Faces are only expected' }).click()
  await expect(list.locator('tbody tr').first().locator('.n b')).not.toHaveText(before!)
  const saved = page.waitForEvent('download')
  await page.getByRole('button', { name: 'As a table' }).click()
  expect((await saved).suggestedFilename()).toContain('.csv')
  const paper = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Packing list' }).click()
  await page.getByText('Letter', { exact: true }).click()
  expect((await paper).suggestedFilename()).toContain('.pdf')
})

test('what is short in the demo is said, and a phone shows it without running off the side', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto('/case/chapel-run')
  await expect(page.locator('.packed')).toContainText('120 faces')
  const wide = await page.evaluate(() => document.documentElement.scrollWidth)
  expect(wide).toBeLessThanOrEqual(390)
})
