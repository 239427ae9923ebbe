import { expect, test, type Page } from '@playwright/test'
import { openCopy } from './workspace'

/** A picture of two colours, made in the browser. */
async function drawing(page: Page) {
  const url = await page.evaluate(() => {
    const canvas = document.createElement('canvas')
    canvas.width = 300
    canvas.height = 400
    const pen = canvas.getContext('2d')!
    pen.fillStyle = '#8a3f2c'
    pen.fillRect(0, 0, 300, 400)
    pen.fillStyle = '#eeeeee'
    pen.fillRect(0, 0, 300, 120)
    return canvas.toDataURL('image/png')
  })
  return { name: 'rust plate.png', mimeType: 'image/png', buffer: Buffer.from(url.split(',')[1]!, 'base64') }
}

/** A place in the picture, as shares of the frame that it stands in. */
async function pointAt(page: Page, x: number, y: number) {
  const box = (await page.locator('.references .place image').boundingBox())!
  await page.mouse.click(box.x + x * box.width, box.y + y * box.height)
}

async function withPicture(page: Page) {
  await openCopy(page)
  await page.getByRole('group', { name: 'Layout' }).getByRole('button', { name: 'Pictures' }).click()
  await expect(page.getByText('No picture is pinned')).toBeVisible()
  await page.getByLabel('A picture file').setInputFiles(await drawing(page))
  await expect(page.locator('.references .place image')).toBeVisible()
}

test('a picture is pinned beside the bust, held otherwise, and is there again after a reload', async ({
  page,
}) => {
  await withPicture(page)
  const kept = page.waitForResponse((r) => r.request().method() === 'PUT' && r.ok())
  await page.getByRole('switch', { name: 'Mirror' }).click()
  await kept
  await page.reload()
  await expect(page.locator('.references .place image')).toBeVisible()
  await expect(page.getByRole('switch', { name: 'Mirror' })).toBeChecked()
  await page.getByRole('button', { name: 'Take down' }).click()
  await expect(page.getByText('No picture is pinned')).toBeVisible()
})

test('a colour off a picture is mixed and painted', async ({ page }) => {
  await withPicture(page)
  await page.locator('.parts button').first().click()
  await page.getByRole('group', { name: 'What pointing' }).getByRole('button', { name: 'A colour' }).click()
  await pointAt(page, 0.5, 0.7)
  const panel = page.locator('.references')
  await expect(panel.getByText(/ΔE00 off/)).toBeVisible()
  await expect(panel.locator('.big').first()).toHaveCSS('background-color', /rgb\(13\d, 6\d, 4\d\)/)
  const kept = page.waitForResponse((r) => r.request().method() === 'PUT' && r.ok())
  await panel.getByRole('button', { name: 'Paint it so' }).first().click()
  const body = (await (await kept).request().postDataJSON()) as { document: { parts: { paints: object }[] } }
  expect(JSON.stringify(body.document.parts[0]!.paints)).toContain('parts')
})

test('a line traced over a picture hangs on the face', async ({ page }) => {
  await withPicture(page)
  await page.getByRole('group', { name: 'What pointing' }).getByRole('button', { name: 'Trace' }).click()
  const next = page.locator('.trace .next')
  await expect(next).toContainText('outer corner of the eye, wearer’s right')
  await pointAt(page, 0.2, 0.35)
  await expect(next).toContainText('outer corner of the eye, wearer’s left')
  await pointAt(page, 0.8, 0.35)
  await expect(next).toContainText('middle of the mouth')
  await pointAt(page, 0.5, 0.75)
  await expect(next).toContainText('draw along the line')
  await pointAt(page, 0.7, 0.45)
  await pointAt(page, 0.74, 0.55)
  await pointAt(page, 0.68, 0.65)
  await expect(page.getByText('3 points')).toBeVisible()
  await page.getByRole('button', { name: 'Hang it', exact: true }).click()
  await expect(page.getByRole('complementary', { name: 'Inspector' })).toContainText('Your own line')
  await expect(page.locator('.bust [data-point]')).toHaveCount(3)
})

test('an idea of the studio’s own comes in as a file and can be named', async ({ page }) => {
  await page.goto('/new')
  await page.getByRole('button', { name: 'your own …' }).click()
  const dialog = page.getByRole('dialog')
  const saved = page.waitForEvent('download')
  await dialog
    .getByRole('link', { name: /Save .* as a file/ })
    .first()
    .click()
  const text = await (await (await saved).createReadStream()).toArray()
  const name = `Ebb warden ${Date.now()}`
  const shipped = JSON.parse(Buffer.concat(text).toString()) as { words: string[] }
  const idea = { ...shipped, name, words: [...shipped.words, 'warden'] }
  await dialog.getByLabel('Idea file').setInputFiles({
    name: 'ebb.idea.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(idea)),
  })
  await expect(dialog.getByText(name)).toBeVisible()
  await page.keyboard.press('Escape')
  await page.locator('.wish').getByRole('button', { name: name.toLowerCase() }).click()
  await expect(page.locator('.proposal').first()).toBeVisible()
  await page.getByRole('button', { name: 'your own …' }).click()
  await dialog.getByRole('button', { name: `Take ${name} out` }).click()
  await expect(dialog.getByText(name)).toHaveCount(0)
})
