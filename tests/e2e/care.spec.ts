import { expect, test, type Page } from '@playwright/test'
import { openCopy, painted } from './workspace'

/** A sitter of this test's own. */
async function sitter(page: Page) {
  const { face } = await (await page.request.get('/api/faces/odalys')).json()
  const name = `Sitter ${Date.now()}-${Math.floor(Math.random() * 1e6)}`
  const added = await (await page.request.post('/api/faces', { data: { ...face, id: '', name } })).json()
  return { id: added.id as string, name }
}

const cautions = (page: Page) => page.locator('.caution')

test('what a wearer is allergic to stops the paint until the painter says why she goes on', async ({
  page,
}) => {
  const { id } = await sitter(page)
  await page.goto(`/faces/${id}`)
  await page.getByText("Wearer's card").click()
  await page.getByLabel('Another allergy').fill('wool wax')
  await page.getByLabel('Another allergy').press('Enter')
  await page.locator('details').getByRole('status').filter({ hasText: 'saved' }).waitFor()

  const look = await openCopy(page, 'kelp-bride', id)
  const stop = cautions(page).filter({ hasText: 'allergic to wool wax' })
  await expect(stop).toHaveCount(1)
  await expect(stop).toContainText('Coral lists Lanolin')

  // No sheet goes into the chair with an open stop.
  await page.getByRole('button', { name: 'Download' }).click()
  await page.getByText('Step sheet, A4', { exact: true }).click()
  await expect(page.getByText('say under each stop in your own words')).toBeVisible()

  await stop.getByRole('button', { name: 'Pass it …' }).click()
  await stop.getByLabel('Why you go on, in your own words').fill('Patch test was clean, twice')
  await stop.getByRole('button', { name: 'Pass', exact: true }).click()
  await expect(stop).toContainText('Passed: Patch test was clean, twice')
  const sheet = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Download' }).click()
  await page.getByText('Step sheet, A4', { exact: true }).click()
  expect((await sheet).suggestedFilename()).toContain('.pdf')

  // The reason is in the book, and not in the look's file.
  await page.getByRole('button', { name: 'Download' }).click()
  await page.getByText('Painted it: note in the book').click()
  await expect(page.locator('.entry-of')).toContainText('Patch test was clean, twice')
  expect(await (await page.request.get(`/api/looks/${look}/file`)).text()).not.toContain('Patch test')
})

test('a card is deleted at once and for good', async ({ page }) => {
  const { id } = await sitter(page)
  await page.goto(`/faces/${id}#card`)
  await page.locator('.n-select', { hasText: 'nobody yet' }).click()
  await page.locator('.n-base-select-option', { hasText: 'whoever answers for the child' }).click()
  await page.getByLabel('Wants', { exact: true }).fill('a seal on the cheek')
  // Gone before the pause is over: what was typed is kept all the same.
  await page.getByRole('link', { name: 'Looks' }).click()
  await page.goto(`/faces/${id}#card`)
  await expect(page.getByLabel('Wants', { exact: true })).toHaveValue('a seal on the cheek')
  await expect(page.locator('summary')).toContainText('agreed to by whoever answers for the child')
  const paper = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Print to sign' }).click()
  await page.getByText('Print to sign, A4').click()
  expect((await paper).suggestedFilename()).toBe('wearers-card.pdf')
  await page.getByRole('button', { name: 'Delete now' }).click()
  await expect(page.locator('details')).toContainText('A backup made before still holds it')
  await expect(page.getByLabel('Wants', { exact: true })).toHaveValue('')
  const { revision } = await (await page.request.get(`/api/faces/${id}/card`)).json()
  expect(revision).toBe(0)
})

test('a queue of forty is packed with what keeps it clean, and its days go into a calendar', async ({
  page,
}) => {
  await page.goto('/case')
  await page.getByRole('button', { name: 'New case' }).click()
  await expect(page.getByLabel('Name of the case')).toHaveValue('New case')
  await page.getByLabel('Name of the case').fill(`Queue ${Date.now()}`)
  await page.locator('.add .n-select').click()
  await page.locator('.add input').fill('Quay seal')
  await page.locator('.n-base-select-option', { hasText: 'Quay seal' }).first().click()
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await page.getByLabel('Faces in Quay seal', { exact: true }).fill('40')
  await page.getByLabel('Faces in Quay seal', { exact: true }).press('Tab')
  const clean = page.getByRole('region', { name: 'Between two faces' })
  await expect(clean).toContainText('faces an hour')
  await expect(clean).toContainText('needed')
  const brushes = clean.locator('tbody tr').first()
  const before = await brushes.textContent()
  await page.locator('.n-select', { hasText: 'alcohol, then dry' }).click()
  await page.locator('.n-base-select-option', { hasText: 'a washed set for every face' }).click()
  await expect(brushes).not.toHaveText(before!)
  await page.getByLabel('First evening').fill('2027-10-30')
  await page.getByLabel('First evening').blur()
  const days = page.getByRole('region', { name: 'Days' })
  await expect(days).toContainText('2027-10-28')
  await expect(days).toContainText('Patch test')
  const file = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Calendar' }).click()
  expect((await file).suggestedFilename()).toContain('.ics')
  await page.getByLabel('What was cleaned and how').fill('Sponges at 60 °C, brushes with soap')
  await page.getByRole('button', { name: 'Note it' }).click()
  await expect(page.getByRole('region', { name: 'Cleaning log' }).locator('li')).toContainText(
    'Sponges at 60 °C',
  )
  await page.getByRole('button', { name: 'What can stay at home?' }).click()
  await expect(page.getByRole('table', { name: 'tools' })).toContainText('min a face lost')
})

test('weather in the setting is said at once and leads back to the setting', async ({ page }) => {
  const { setting } = await (await page.request.get('/api/settings/night-parade')).json()
  const name = `Windy ${Date.now()}`
  const added = await (
    await page.request.post('/api/settings', {
      data: { ...setting, id: '', name, conditions: [], wearHours: null },
    })
  ).json()
  await page.addInitScript((s) => localStorage.setItem('datura.setting', s), added.id)
  await openCopy(page, 'kelp-bride')
  await expect(cautions(page).filter({ hasText: 'runs in the rain' })).toHaveCount(0)
  await page.getByRole('button', { name: 'Change the setting' }).click()
  await page.getByText('Rain', { exact: true }).click()
  await page.getByLabel('Hours it is worn, h').fill('9')
  await page.getByLabel('Hours it is worn, h').press('Tab')
  await page.getByRole('button', { name: 'Done' }).click()
  await expect(cautions(page).filter({ hasText: 'runs in the rain' })).toHaveCount(1)
  const long = cautions(page).filter({ hasText: 'worn for 9 hours' })
  await long.getByRole('button', { name: 'In the setting' }).click()
  await expect(page.getByLabel('Hours it is worn, h')).toHaveValue('9')
})

test('a lot finds every face that the pot was on, and a reaction stays with it', async ({ page }) => {
  await page.goto('/book')
  await page.getByLabel('Lot, paint, look or name').fill('C-0911')
  const found = page.locator('aside .entry')
  await expect(found.filter({ hasText: 'Merrin Oakwater' })).toHaveCount(1)
  await expect(page.locator('aside')).not.toContainText('Tamsin Roke')
  await page.getByLabel('Lot, paint, look or name').fill('S-4107')
  await expect(page.locator('aside')).toContainText('Tamsin Roke')
  await found.filter({ hasText: 'Merrin Oakwater' }).first().click()
  await expect(page.getByLabel('What was done')).toHaveValue(/left bare for three days/)
  await expect(page.getByRole('region', { name: 'Reaction' })).toContainText('a doctor at once')
})

test('how it comes off is a card for the pocket; what the kit still paints is a table', async ({ page }) => {
  await openCopy(page, 'quay-seal')
  await painted(page)
  const card = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Download' }).click()
  await page.getByText('Removal card (A6)').click()
  expect((await card).suggestedFilename()).toContain('removal.pdf')
  await page.goto('/kit')
  await page.getByRole('button', { name: 'Reckon' }).click()
  const still = page.getByRole('region', { name: 'What it still paints' })
  await expect(still.locator('tbody tr').first()).toContainText(/\d+/)
})
