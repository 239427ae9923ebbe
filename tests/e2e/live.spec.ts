import { createWriteStream, mkdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { chromium, expect, test, type Browser } from '@playwright/test'

/** The device's own camera: Chromium's stand-in shows one of the demo's photos as a film, played again and again. */

const FRAMES = 30

/** A film is photos one after the other. */
async function film(path: string) {
  const picture = readFileSync(join(import.meta.dirname, '../../web/public/demo-photos/front-card.jpg'))
  const out = createWriteStream(path)
  for (let k = 0; k < FRAMES; k++) out.write(picture)
  await new Promise((done) => out.end(done))
}

let browser: Browser

test.beforeAll(async ({}, info) => {
  mkdirSync(info.project.outputDir, { recursive: true })
  const path = join(info.project.outputDir, `camera-${info.workerIndex}.mjpeg`)
  await film(path)
  const launch = info.project.use.launchOptions!
  browser = await chromium.launch({
    ...launch,
    args: [
      ...launch.args!,
      '--use-fake-ui-for-media-stream',
      '--use-fake-device-for-media-stream',
      `--use-file-for-fake-video-capture=${path}`,
    ],
  })
})

test.afterAll(() => browser.close())

test('the camera takes a photo when the head is held still, and then asks for the side', async ({
  baseURL,
}) => {
  const page = await browser.newPage({ baseURL: baseURL!, viewport: { width: 1280, height: 800 } })
  // A hint may stand for a moment only: what was told is written down as it is told.
  await page.addInitScript(() => {
    const told: string[] = ((window as never as { told: string[] }).told = [])
    new MutationObserver(() => {
      const hint = document.querySelector('.hint')?.textContent
      if (hint && told.at(-1) !== hint) told.push(hint)
    }).observe(document, { subtree: true, childList: true, characterData: true })
  })
  await page.goto('/over')
  const camera = page.getByRole('button', { name: "Use this device's camera" })
  await camera.click()
  await expect(page.getByRole('button', { name: 'Photo 1' })).toBeVisible()
  expect(await page.evaluate(() => (window as never as { told: string[] }).told)).toContain('Hold still.')
  await expect(page.getByText('Looking for the face')).toHaveCount(0)
  expect(await page.locator('circle.point').count()).toBeGreaterThan(8)

  // The next is wanted from the side; one can take what is there all the same.
  await camera.click()
  await expect(page.getByText('Turn the head farther to one side.')).toBeVisible()
  await page.getByRole('button', { name: 'Take it now' }).click()
  await expect(page.getByRole('button', { name: 'Photo 2' })).toBeVisible()

  // The camera is off once its window is shut.
  await expect(page.getByLabel("Use this device's camera").locator('video')).toHaveCount(0)
})
