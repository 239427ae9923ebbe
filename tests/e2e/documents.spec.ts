import { expect, test, type Page } from '@playwright/test'
import { openCopy } from './workspace'

// The menu closes when its document is read anew just then, as it is after a save; a painter presses again.
const menu = (page: Page, name: string, entry: string) =>
  expect(async () => {
    await page.getByRole('button', { name: `More for ${name}` }).click()
    await page.getByText(entry, { exact: true }).last().click({ timeout: 4000 })
  }).toPass()

test('a face is duplicated, brought back to an earlier save, removed and put back', async ({ page }) => {
  const unique = `Gull ${Date.now()}`
  await page.goto('/faces/bartram')
  await menu(page, 'Bartram Ebbwick', 'Duplicate')
  await expect(page).not.toHaveURL(/bartram$/)
  const name = page.getByLabel('Name of the face')
  await name.fill(unique)
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByText(`${unique} is saved.`)).toBeVisible()

  await menu(page, unique, 'Earlier saves …')
  const saves = page.getByLabel('Saves, newest first').getByRole('button')
  await expect(saves).toHaveCount(2)
  await saves.nth(1).click()
  await expect(page.getByText(new RegExp(`${unique}`)).last()).toBeVisible()
  await page.getByRole('button', { name: 'Bring this one back' }).click()
  await expect(name).toHaveValue('Bartram Ebbwick (copy)')

  await name.fill(unique)
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  const entry = page.locator('.entry', { hasText: unique })
  await expect(entry).toHaveCount(1)
  await menu(page, unique, 'Remove')
  await expect(entry).toHaveCount(0)
  await page.getByRole('button', { name: 'Put it back' }).click()
  await expect(entry).toHaveCount(1)
  // And out again, so that the studio is as it was; the list of what was removed has it.
  await entry.click()
  await menu(page, unique, 'Remove')
  await expect(page.getByRole('button', { name: /^Removed \(/ })).toBeVisible()
})

test('a kit is duplicated and removed; another stands in for it', async ({ page }) => {
  await page.goto('/kit')
  await expect(page.locator('tbody tr').first()).toBeVisible()
  await menu(page, 'Saltmarsh paint box', 'Duplicate')
  await expect(page.locator('header').getByText('Saltmarsh paint box (copy)')).toBeVisible()
  await menu(page, 'Saltmarsh paint box (copy)', 'Remove')
  await expect(page.locator('header').getByText('Saltmarsh paint box', { exact: true })).toBeVisible()
})

test('a setting is duplicated, worn by the look, and removed', async ({ page }) => {
  await openCopy(page)
  await page.getByRole('button', { name: 'Change the setting' }).click()
  await menu(page, 'Night parade', 'Duplicate')
  await expect(page.getByLabel('Name of the setting')).toHaveValue('Night parade (copy)')
  await menu(page, 'Night parade (copy)', 'Remove')
  await expect(page.getByLabel('Name of the setting')).toHaveValue('Night parade')
})
