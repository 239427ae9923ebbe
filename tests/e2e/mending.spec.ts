import { expect, test, type Page } from '@playwright/test'
import { openLook } from './workspace'

const order = (page: Page) => page.getByRole('button', { name: 'Order', exact: true }).click()
const step = (page: Page, title: string) => page.locator('.strip .step button', { hasText: title }).first()
const mended = (page: Page) => page.getByLabel('Preparing and mending')

/** A cream all over the face, with water colour on it. */
async function overCream(page: Page) {
  const kind = (id: string, role: string, paint: string) => ({
    id,
    kind: id,
    sides: 'both',
    unevenness: 0,
    seed: 1,
    priority: 'must',
    reserved: false,
    paints: { [role]: [{ paint, parts: 1 }] },
  })
  const parts = [kind('skinBase', 'ground', 'coral'), kind('whiskerDots', 'line', 'tarn-black')]
  const name = `Over cream ${Date.now()}-${Math.floor(Math.random() * 1e6)}`
  const look = { name, notes: '', mapping: 'freehand', wetLifts: 0, parts, kit: 'saltmarsh-box' }
  const added = await page.request.post('/api/looks', { data: look })
  expect(added.status()).toBe(201)
  await openLook(page, (await added.json()).id)
}

test('a cream is powdered by the plan; taken out it is told, and put back from there', async ({ page }) => {
  await overCream(page)
  await order(page)
  await step(page, 'Skin base').click()
  await expect(mended(page)).toContainText('Powder the cream')
  await expect(mended(page)).toContainText('proposed')
  const before = await page.locator('.inspector .figure').first().innerText()

  await mended(page).getByLabel('Take Powder the cream out').click()
  await expect(mended(page)).not.toContainText('sweep off')
  await expect.poll(() => page.locator('.inspector .figure').first().innerText()).not.toBe(before)

  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Paint', exact: true }).click()
  const told = page.locator('.caution.stop', { hasText: 'does not hold on cream' }).first()
  await expect(told).toBeVisible()
  await told.getByRole('button', { name: 'Plan it: Powder the cream' }).click()
  await expect(told).toHaveCount(0)
})

test('a step is mended, and what that takes is the painter’s', async ({ page }) => {
  await overCream(page)
  await order(page)
  await step(page, 'Whisker dots').click()
  await mended(page).getByLabel('Prepare or mend…').click()
  await page
    .locator('.n-base-select-menu:visible')
    .getByText('Even up left and right', { exact: true })
    .click()
  await expect(mended(page)).toContainText('Step back, compare left and right')
  const seconds = mended(page).getByLabel('Seconds of Even up left and right')
  await seconds.fill('90')
  await seconds.press('Enter')
  await expect(page.locator('.inspector')).toContainText(/1:3\d|1:4\d|1:5\d/)
  await page.reload()
  await order(page)
  await step(page, 'Whisker dots').click()
  await expect(mended(page).getByLabel('Seconds of Even up left and right')).toHaveValue('90')
})
