import { expect, test } from '@playwright/test'

test('of four saints one is off; where and by how much stands beside its picture', async ({ page }) => {
  await page.goto('/characters/barnacle-saints')
  await expect(page.locator('.wearer')).toHaveCount(4)
  await expect(page.locator('.wearer .good')).toHaveCount(3)
  const off = page.locator('.wearer').filter({ has: page.locator('.stop') })
  await expect(off).toContainText('ΔE off Old rust')
  await expect(off.locator('.pin')).toBeVisible()
  await off.getByRole('button', { name: 'All rules' }).click()
  await expect(off.locator('.all li').first()).toContainText('Socket is there.')
})

test('a character is made from a look, tightened, and its wearer mended', async ({ page }) => {
  const stored = await (await page.request.get('/api/looks/quay-seal')).json()
  const name = `Held seal ${Date.now()}`
  await page.request.post('/api/looks', { data: { ...stored.look, name } })
  await page.goto('/characters')
  await page.getByRole('button', { name: 'New character' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Which look').first().click()
  await page.keyboard.type(name)
  await page.keyboard.press('Enter')
  await expect(dialog.getByText('Tick what every wearer must have.')).toBeVisible()
  await dialog.getByRole('button', { name: /^Make it of/ }).click()
  await expect(page).toHaveURL(/\/characters\/held-seal/)
  await expect(page.locator('.wearer .good')).toHaveCount(1)

  // A rule that the look does not keep names the wearer, and its mending is kept.
  await page.locator('summary').filter({ hasText: 'Whiskers' }).click()
  const most = page.getByLabel(/^Whiskers, .*, at most/).first()
  const least = page.getByLabel(/^Whiskers, .*, at least/).first()
  await most.fill('8')
  await least.fill('6')
  await least.press('Tab')
  await expect(page.getByText('By this change no longer right')).toBeVisible()
  await page.locator('.wearer').getByRole('button', { name: 'Mend' }).first().click()
  await expect(page.locator('.wearer .good')).toHaveCount(1)
})

test('the sheet for the crew is a file', async ({ page }) => {
  await page.goto('/characters/barnacle-saints')
  await expect(page.locator('.wearer')).toHaveCount(4)
  const coming = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Sheet for the crew' }).click()
  expect((await coming).suggestedFilename()).toMatch(/barnacle.*crew\.pdf/i)
})
