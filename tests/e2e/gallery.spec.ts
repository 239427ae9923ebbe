import { expect, test } from '@playwright/test'
import { openCopy } from './workspace'

test('looks are found by tag, production, minutes and words', async ({ page }) => {
  await page.goto('/looks')
  // Other tests copy looks at the same time, tags and all.
  const cards = page.locator('.card h2').filter({ hasNotText: /^Copy / })
  await expect(page.getByText(/looks drawn/)).toHaveCount(0)
  const filters = page.getByRole('search')
  await filters.getByRole('button', { name: 'bird', exact: true }).click()
  await expect(cards).toHaveText(['Storm cormorant'])
  await filters.getByRole('button', { name: 'Show all' }).click()
  await page.getByLabel('Find a look by its name').fill('chapel drowned')
  await expect(cards).toContainText(['Barnacle saint', 'Salt widow', 'Wreck diver'])
  await page.getByLabel('Find a look by its name').fill('')
  await page.getByLabel('Up to so many minutes').fill('3')
  await page.getByLabel('Up to so many minutes').press('Tab')
  await expect(page.getByText('No look is like that.')).toBeVisible()
})

test('two looks stand beside each other with what only one of them has', async ({ page }) => {
  await page.goto('/looks')
  for (const name of ['Kelp bride', 'Storm cormorant'])
    await page.locator('.card').filter({ hasText: name }).getByRole('button', { name: 'Compare' }).click()
  await page.locator('.compare').getByRole('button', { name: 'Compare', exact: true }).click()
  const dialog = page.getByRole('dialog')
  await expect(dialog.locator('img')).toHaveCount(2)
  await expect(dialog).toContainText('Only here:')
  await expect(dialog.locator('section').filter({ hasText: 'Storm cormorant' })).toContainText('Beak')
})

test('a tag and a production given to a look are found in the gallery, and its first save still has its picture', async ({
  page,
}) => {
  const id = await openCopy(page)
  const tag = `found ${id.slice(-6)}`
  const kept = page.waitForResponse((r) => r.request().method() === 'PUT' && r.ok())
  await page.getByLabel('Add a tag').fill(tag)
  await page.getByLabel('Add a tag').press('Enter')
  await kept
  await page.getByRole('button', { name: 'Download' }).click()
  await page.getByText('Earlier saves …').click()
  const dialog = page.getByRole('dialog')
  await dialog.locator('ol button').last().click()
  await expect(dialog.locator('figure img')).toHaveCount(2)
  await page.keyboard.press('Escape')
  await page.goto('/looks')
  await page.getByRole('search').getByRole('button', { name: tag, exact: true }).click()
  await expect(page.locator('.card')).toHaveCount(1)
})
