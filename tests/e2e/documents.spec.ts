import { expect, test, type Page } from '@playwright/test'
import { readFileSync } from 'node:fs'
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
  await expect(page.locator('.entry', { hasText: unique })).toHaveCount(1)

  await menu(page, unique, 'Earlier saves …')
  const saves = page.getByLabel('Saves, newest first').getByRole('button')
  await expect(saves).toHaveCount(2)
  await saves.nth(1).click()
  await expect(page.getByText(new RegExp(`${unique}`)).last()).toBeVisible()
  await page.getByRole('button', { name: 'Bring this one back' }).click()
  await expect(name).toHaveValue('Bartram Ebbwick (copy)')

  await name.fill(unique)
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

test('a face, a kit and a setting are saved by themselves, over a cut connection and a closed tab too', async ({
  page,
  context,
}) => {
  const cut = (method: string) => (route: import('@playwright/test').Route) =>
    route.request().method() === method ? route.abort() : route.continue()
  await page.goto('/faces/bartram')
  const name = page.getByLabel('Name of the face')
  const before = await name.inputValue()
  await page.route('**/api/faces/*', cut('PUT'))
  await name.fill('Half-measured')
  await expect(page.getByText('No connection. Kept in this browser')).toBeVisible()
  await page.close()
  const again = await context.newPage()
  await again.goto('/faces/bartram')
  await expect(again.getByLabel('Name of the face')).toHaveValue('Half-measured')
  await expect(again.locator('.entry', { hasText: 'Half-measured' })).toHaveCount(1)
  await again.getByRole('button', { name: 'Undo' }).click()
  await expect(again.locator('.entry', { hasText: before })).toHaveCount(1)

  // A paint that was begun comes back.
  await again.goto('/kit')
  await again.getByRole('button', { name: 'Add a paint' }).click()
  await again.getByLabel('Name of the paint').fill('Wrack brown')
  await again.waitForTimeout(400)
  await again.reload()
  await again.getByRole('button', { name: 'Add a paint' }).click()
  await expect(again.getByLabel('Name of the paint')).toHaveValue('Wrack brown')
  await again.getByRole('button', { name: 'Leave it' }).click()

  await openCopy(again)
  await again.getByRole('button', { name: 'Change the setting' }).click()
  const slot = again.getByLabel('Slot, min')
  const minutes = await slot.inputValue()
  await again.route('**/api/settings/*', cut('PUT'))
  await slot.fill('47')
  await again.keyboard.press('Tab')
  await expect(again.getByRole('dialog').getByText('No connection. Kept in this browser')).toBeVisible()
  await again.unroute('**/api/settings/*')
  await again.reload()
  await again.getByRole('button', { name: 'Change the setting' }).click()
  await expect(slot).toHaveValue('47')
  await expect(again.getByRole('dialog').getByText('Saved', { exact: true })).toBeVisible()
  await slot.fill(minutes)
  await again.keyboard.press('Tab')
  await again.getByRole('button', { name: 'Done' }).click()
  const stored = async () => (await again.request.get('/api/settings/night-parade')).json()
  await expect.poll(async () => (await stored()).setting.slotMinutes).toBe(Number(minutes))
})

test('a face changed here and elsewhere is decided measure by measure', async ({ page }) => {
  await page.goto('/faces/tamsin')
  await expect(page.getByLabel('Mouth width, mm')).toBeVisible()
  const address = '/api/faces/tamsin'
  const stored = await (await page.request.get(address)).json()
  const elsewhere = { ...stored.face, name: 'Tamsin of the quay' }
  await page.request.put(address, { data: { revision: stored.revision, document: elsewhere } })
  await page.getByLabel('Mouth width, mm').fill('51')
  await page.keyboard.press('Tab')
  await page.getByRole('button', { name: 'Compare and choose' }).click()
  const dialog = page.getByRole('dialog')
  await expect(dialog).toContainText('Tamsin of the quay')
  await expect(dialog).toContainText('51')
  await dialog.getByRole('button', { name: 'Go on with these' }).click()
  await expect(page.locator('.editor').getByText('Saved', { exact: true })).toBeVisible()
  const both = await (await page.request.get(address)).json()
  expect([both.face.name, both.face.measuresMm.mouthWidth]).toEqual(['Tamsin of the quay', 51])
  await page.request.put(address, { data: { revision: both.revision, document: stored.face } })
})

test('the whole studio is saved as a file and brought in again, what is here already only once', async ({
  page,
}) => {
  await page.goto('/looks')
  const saved = page.waitForEvent('download')
  await page.getByRole('link', { name: 'Whole studio (ZIP)' }).click()
  const file = await (await saved).path()
  const count = await page.locator('.card').count()
  await page
    .getByLabel('Look or studio file')
    .setInputFiles({ name: 'studio.zip', mimeType: 'application/zip', buffer: readFileSync(file) })
  await expect(page.getByText('Everything in this file is here already.')).toBeVisible()
  await expect(page.locator('.card')).toHaveCount(count)
  await page
    .getByLabel('Look or studio file')
    .setInputFiles({ name: 'studio.zip', mimeType: 'application/zip', buffer: Buffer.from('torn') })
  await expect(page.getByText('This is no studio file')).toBeVisible()
})
