import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { expect, test, type Page } from '@playwright/test'

/** A face measured and a finished face looked over from the demo's photos, by the real face finder. */

const PHOTOS = join(import.meta.dirname, '../../web/public/demo-photos')
const bring = (page: Page, name: RegExp, file: string) =>
  page.getByLabel(name).first().setInputFiles(join(PHOTOS, file))

const found = (page: Page, photos: number) =>
  expect(async () => {
    await expect(page.getByRole('button', { name: /^Photo \d/ })).toHaveCount(photos)
    await expect(page.getByText('Looking for the face')).toHaveCount(0)
    expect(await page.locator('circle.point').count()).toBeGreaterThan(8)
  }).toPass()

test('two photos and no caliper give a face', async ({ page }) => {
  const sent: string[] = []
  page.on('request', (r) => r.method() === 'POST' && sent.push(r.postData() ?? ''))
  await page.goto('/faces')
  await page.getByRole('button', { name: 'New face' }).click()
  await expect(page).toHaveURL(/\/faces\/[^/]+$/)
  await page.getByRole('button', { name: 'Measure by photos' }).click()
  await bring(page, /Bring a photo/, 'front-card.jpg')
  await found(page, 1)
  await expect(page.getByRole('button', { name: /^Corner \d of the card/ })).toHaveCount(4)
  await bring(page, /Bring a photo/, 'side.jpg')
  await found(page, 2)

  // A point is chosen and moved by the keys.
  await page.getByRole('button', { name: 'Photo 1' }).click()
  const chin = page.getByRole('button', { name: 'underside of the chin', exact: true })
  const before = Number(await chin.getAttribute('cy'))
  await chin.focus()
  await page.keyboard.press('Shift+ArrowDown')
  await expect(async () => expect(Number(await chin.getAttribute('cy'))).toBeCloseTo(before + 6, 3)).toPass()

  // White paper in the picture gives the skin's colour along.
  await page.getByRole('button', { name: 'There is white paper' }).click()
  const card = (await page.getByRole('button', { name: 'Corner 1 of the card' }).boundingBox())!
  const other = (await page.getByRole('button', { name: 'Corner 3 of the card' }).boundingBox())!
  await page.mouse.click((card.x + other.x) / 2 + 6, (card.y + other.y) / 2 + 6)
  await page.getByRole('button', { name: 'Measure', exact: true }).click()
  await expect(page.getByRole('row', { name: /^Mouth width/ })).toBeVisible()
  await expect(page.getByText('Bare skin')).toBeVisible()
  await expect(page.getByText(/Want caliper or tape/)).toBeVisible()
  await page.getByRole('button', { name: /^Take \d+ measures/ }).click()
  await expect(page).toHaveURL(/\/faces\/[^/]+$/)
  const mouth = page.getByLabel(/^Mouth width/).first()
  await expect(async () => {
    const mm = Number(await mouth.inputValue())
    // The demo's wearer has 49 mm.
    expect(Math.abs(mm - 49)).toBeLessThan(5)
  }).toPass()
  // No picture was sent, by whatever name: the largest thing is points.
  expect(Math.max(...sent.map((s) => s.length))).toBeLessThan(60_000)
})

test('a painted face is looked over, and what went wrong is named', async ({ page }) => {
  await page.goto('/over')
  const finder = page.waitForResponse(/faceFinder\.worker-.*\.js$/)
  await page.getByRole('button', { name: 'Try with a demo photo' }).click()
  // The finder alone may run what is compiled, and no script out of words; the page may neither.
  const policy = (await finder).headers()['content-security-policy']
  expect(policy).toContain("script-src 'self' 'wasm-unsafe-eval';")
  expect(policy).not.toContain("'unsafe-eval'")
  await found(page, 1)
  await page.getByRole('button', { name: 'Look it over', exact: true }).click()
  const findings = page.getByRole('listitem').filter({ hasText: 'min' })
  await expect(findings.first()).toBeVisible()
  await expect(page.getByText(/Socket/).first()).toBeVisible()
  await page.getByText('Every part').click()
  await expect(page.getByRole('columnheader', { name: 'ΔE00' })).toBeVisible()
  // Into the book, as a session that nobody had noted.
  await page.getByLabel('Which session').last().click()
  await page.getByText('A new session, today').click()
  await page.getByRole('button', { name: 'Into the book' }).click()
  await expect(page.getByText(/\d+ findings are in the book/)).toBeVisible()
  await page.getByRole('slider').press('ArrowRight')
  await page.getByRole('button', { name: 'Laid on the skin' }).click()
  await expect(page.getByRole('img', { name: 'The photo laid flat on the skin' })).toBeVisible()
})

test('what is no photo, or shows no face, is said', async ({ page }) => {
  await page.goto('/faces/odalys/photos')
  await page
    .getByLabel(/Bring a photo/)
    .first()
    .setInputFiles({ name: 'tide.heic', mimeType: 'image/heic', buffer: Buffer.from('no picture at all') })
  await expect(page.getByText(/HEIC file becomes a JPEG/)).toBeVisible()
  const logo = readFileSync(join(import.meta.dirname, '../../docs/screenshots/kit.png'))
  await page
    .getByLabel(/Bring a photo/)
    .first()
    .setInputFiles({ name: 'kit.png', mimeType: 'image/png', buffer: logo })
  await expect(page.getByText(/No face was found in kit\.png/)).toBeVisible()
  expect(await page.locator('circle.point').count()).toBeGreaterThan(11)
})
