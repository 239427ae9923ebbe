import { expect, test } from '@playwright/test'
import { bust, openCopy } from './workspace'

test('the kit tells how many coats hide this skin, and mixes a missing green', async ({ page }) => {
  await page.addInitScript(() => localStorage.setItem('datura.face', 'odalys'))
  await page.goto('/kit')
  await expect(page.locator('tr', { hasText: 'Chalk white' })).toContainText(/\d coats?/)
  const recipe = page.getByRole('region', { name: 'Recipe' })
  await expect(recipe).toContainText(/\d parts? .+ΔE00/)
  await page.getByLabel('Wanted L*').fill('22')
  await page.getByLabel('Wanted a*').fill('3')
  await page.getByLabel('Wanted b*').fill('-19')
  await page.keyboard.press('Tab')
  await expect(recipe).toContainText('1 part Mussel blue')
})

test('the coats lens shows a core, the light, and the colours that die in it', async ({ page }) => {
  await openCopy(page, 'kelp-bride')
  await page.getByRole('button', { name: 'Coats', exact: true }).click()
  const day = await bust(page).screenshot()
  const box = (await bust(page).boundingBox())!
  await page.mouse.click(box.x + box.width / 2, box.y + box.height * 0.31)
  const core = page.getByRole('list', { name: 'Layers from the top down' })
  await expect(core.locator('li').last()).toContainText('Bare skin')
  await expect(core.locator('li').first()).toContainText(/µm dry/)
  await expect(page.locator('.side')).toContainText('Every neighbour stays apart')
  await page.getByText('how well the base hides the skin').click()
  await expect.poll(async () => day.equals(await bust(page).screenshot())).toBe(false)
  await page.getByText('how well the base hides the skin').click()
  await page.locator('.side .n-select').first().click()
  await page.getByText('Red wash').last().click()
  await expect(page.locator('.side')).toContainText(/differ by \d+(\.\d)? ΔE00 in daylight/)
  await expect.poll(async () => day.equals(await bust(page).screenshot())).toBe(false)
  await page.getByRole('button', { name: 'Search', exact: true }).click()
  await expect(page.locator('.side')).toContainText(/\d+ paints make the whole look; no fewer can/)
})

test('the setting has a slot, a neckline and lamps, and refuses nonsense', async ({ page }) => {
  await openCopy(page, 'quay-seal')
  await page.getByRole('button', { name: 'Change the setting' }).click()
  const dialog = page.getByRole('dialog')
  await expect(dialog.getByLabel('Neckline below the notch, mm')).toHaveValue('55')
  await dialog.getByLabel('Neckline below the notch, mm').fill('62')
  await page.keyboard.press('Tab')
  await dialog.getByRole('button', { name: 'Save the setting' }).click()
  await expect(dialog).toHaveCount(0)
  const stored = await (await page.request.get('/api/settings')).json()
  const parade = stored.find((s: { id: string }) => s.id === 'night-parade')
  expect(parade.setting.necklineMm).toBe(62)
  await page.request.put('/api/settings/night-parade', {
    data: { revision: parade.revision, setting: { ...parade.setting, necklineMm: 55 } },
  })
})
