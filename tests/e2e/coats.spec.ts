import { expect, test, type Page } from '@playwright/test'
import { bust, choosePart, openCopy } from './workspace'

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
  await expect(dialog.getByText('Saved', { exact: true })).toBeVisible()
  const parade = async () => (await page.request.get('/api/settings/night-parade')).json()
  expect((await parade()).setting.necklineMm).toBe(62)
  await dialog.getByRole('button', { name: 'Undo' }).click()
  await expect(dialog.getByLabel('Neckline below the notch, mm')).toHaveValue('55')
  await dialog.getByRole('button', { name: 'Done' }).click()
  await expect(dialog).toHaveCount(0)
  await expect.poll(async () => (await parade()).setting.necklineMm).toBe(55)
})

/** A photo as a painter takes it: white paper at the left, the sample at the right, in yellowish light. */
async function photo(page: Page) {
  const address = await page.evaluate(() => {
    const canvas = document.createElement('canvas')
    canvas.width = 400
    canvas.height = 200
    const pen = canvas.getContext('2d')!
    pen.fillStyle = 'rgb(236, 222, 190)'
    pen.fillRect(0, 0, 200, 200)
    pen.fillStyle = 'rgb(150, 92, 60)'
    pen.fillRect(200, 0, 200, 200)
    return canvas.toDataURL('image/png')
  })
  return { name: 'skin.png', mimeType: 'image/png', buffer: Buffer.from(address.split(',')[1]!, 'base64') }
}

test('a paint is added by its card, and a card that no film gives is doubted', async ({ page }) => {
  await page.goto('/kit')
  await page.getByRole('button', { name: 'Add a paint' }).click()
  const dialog = page.getByRole('dialog')
  const name = `Harbour rust ${Date.now()}`
  await dialog.getByLabel('Name of the paint').fill(name)
  await dialog.getByLabel('Over white L*').fill('20')
  await page.keyboard.press('Tab')
  await expect(dialog.getByRole('status')).toContainText('which colour is over black')
  await dialog.getByLabel('Over white L*').fill('48')
  await page.keyboard.press('Tab')
  await expect(dialog.getByRole('status')).toHaveCount(0)
  await expect(dialog).toContainText(/coats? hides? this skin/)
  await dialog.getByRole('button', { name: 'Add to the kit' }).click()
  const row = page.locator('tr', { hasText: name })
  await expect(row).toContainText('water cake')
  await row
    .getByRole('button', { name: `Change ${name}` })
    .or(row.getByTitle(`Change ${name}`))
    .click()
  // What is changed of a paint of the kit is saved by itself.
  await dialog.getByLabel('Dries in, s').fill('75')
  await page.keyboard.press('Tab')
  await dialog.getByRole('button', { name: 'Done' }).click()
  await expect(page.locator('header').getByText('Saved', { exact: true })).toBeVisible()
  await expect(row).toContainText('75')
  await row
    .getByRole('button', { name: `Change ${name}` })
    .or(row.getByTitle(`Change ${name}`))
    .click()
  await page.getByRole('button', { name: 'Take it out of the kit' }).click()
  await expect(page.locator('tr', { hasText: name })).toHaveCount(0)
})

test('the kit tells of a wash, a shadow, and a cast to a wanted lightness', async ({ page }) => {
  await page.addInitScript(() => localStorage.setItem('datura.face', 'bartram'))
  await page.goto('/kit')
  const recipe = page.getByRole('region', { name: 'Recipe' })
  await expect(recipe).toContainText(/As a wash on this skin: .+ % of a usual coat/)
  await expect(recipe).toContainText(/For its shadows: .+part/)
  await expect(recipe).toContainText(/µm dry, \d+ % of a usual coat\. Bare skin has L\*/)
})

test('skin is taken off a photo with white paper; what is no photo is refused', async ({ page }) => {
  await page.goto('/faces/tamsin')
  const file = page.getByLabel('Photo of the bare skin')
  await file.setInputFiles({ name: 'notes.png', mimeType: 'image/png', buffer: Buffer.from('not a photo') })
  const dialog = page.getByRole('dialog')
  await expect(dialog.getByRole('alert')).toContainText('no photo that this browser can read')
  await page.keyboard.press('Escape')
  await expect(dialog).toHaveCount(0)
  await file.setInputFiles(await photo(page))
  const shown = dialog.getByLabel('The photo; click a place')
  await shown.click({ position: { x: 60, y: 80 } })
  await shown.click({ position: { x: 300, y: 80 } })
  await expect(dialog).toContainText(/L\* 4\d\.\d, a\* \d/)
  await dialog.getByRole('button', { name: 'Take this colour' }).click()
  await expect(page.getByLabel('Skin L*')).toHaveValue(/^4\d/)
  await expect(page.locator('.editor')).toContainText('Saved')
})

test('a split cake loads a sponge, and one that is not turned over is warned of', async ({ page }) => {
  await openCopy(page, 'quay-seal')
  await choosePart(page, 'Eye patch')
  const before = await bust(page).screenshot()
  await page.getByRole('button', { name: 'Load Ebb tide' }).first().click()
  await expect(page.getByLabel('Patch: parts of paint 3')).toBeVisible()
  await page.locator('details.lay summary').first().click()
  await expect(page.getByRole('img', { name: /The sponge as it is loaded/ })).toBeVisible()
  await page.getByLabel('Patch: direction of the colours').click()
  await page.getByText('outwards', { exact: true }).last().click()
  await page.getByText('turned over for the other side').click()
  await expect(page.locator('.side')).toContainText('not turned over for the wearer')
  await page.getByText('turned over for the other side').click()
  await expect(page.locator('.side')).not.toContainText('not turned over for the wearer')
  await expect.poll(async () => before.equals(await bust(page).screenshot())).toBe(false)
})

test('a cast is found for a coat by the lightness it should have', async ({ page }) => {
  await openCopy(page, 'quay-seal', 'bartram')
  await choosePart(page, 'Skin base')
  await page.locator('details.lay summary').first().click()
  await page.getByLabel('Ground: cast to lightness').fill('44')
  await page.keyboard.press('Tab')
  await page.getByRole('button', { name: 'Find the film' }).first().click()
  await expect(page.locator('.side')).toContainText('This paint takes this skin from L* 33')
  await page.getByLabel('Ground: cast to lightness').fill('28')
  await page.keyboard.press('Tab')
  await page.getByRole('button', { name: 'Find the film' }).first().click()
  await expect(page.locator('details.lay').first()).toContainText(/\d+ %, \d+(\.\d)? µm/)
  await expect(page.locator('details.lay').first()).not.toContainText('100 %,')
})

test('before and after a coat meet at a line that is dragged over the bust', async ({ page }) => {
  await openCopy(page, 'storm-cormorant')
  await page.getByRole('button', { name: 'Coats', exact: true }).click()
  await page.getByLabel('Coat to compare before and after').click()
  await page
    .getByText(/^\d+\. Skin base: ground/)
    .last()
    .click()
  const slider = page.getByRole('slider', { name: 'Before to the left, after to the right' })
  await expect(slider).toBeVisible()
  const half = await bust(page).screenshot()
  await slider.fill('0.1')
  await expect.poll(async () => half.equals(await bust(page).screenshot())).toBe(false)
  await page.getByRole('button', { name: 'Paint', exact: true }).click()
  await expect(slider).toHaveCount(0)
})

test('a lamp of the setting is moved round the head, and nothing lies over its pad', async ({ page }) => {
  await openCopy(page)
  await page.getByRole('button', { name: 'Change the setting' }).click()
  const pad = page.getByRole('dialog').getByRole('slider', { name: 'Place of amber' })
  // Waits until the dialog stands still and nothing lies over the pad.
  await pad.hover()
  const { width, height } = (await pad.boundingBox())!
  await pad.dragTo(pad, {
    sourcePosition: { x: width / 2, y: height / 2 },
    targetPosition: { x: width * 0.75, y: height * 0.25 },
  })
  // Across and up at once, neither lost to the other.
  await expect(pad).toHaveAttribute('aria-valuetext', /^[3-9]\d° to the side, [3-9]\d° up$/)
})
