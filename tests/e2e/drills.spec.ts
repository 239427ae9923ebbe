import { join } from 'node:path'
import { expect, test } from '@playwright/test'

/** Practice from card to curve, on hand and arm, and the month it stands in. */

const CARD = join(import.meta.dirname, '../../web/public/demo-photos/drill-card.jpg')

test('a painted card is photographed, measured and kept, and the curve has it', async ({ page }) => {
  const demo = await (await page.request.get('/api/drills/wenna')).json()
  const { id } = await (
    await page.request.post('/api/drills', { data: { ...demo.book, name: 'Wenna' } })
  ).json()
  await page.goto(`/drills/${id}`)
  const worth = page.getByRole('region', { name: 'Worth practising' })
  await expect(worth.getByRole('heading', { name: 'Still in hand' })).toBeVisible()
  await worth.getByRole('button', { name: /^Left and right/ }).click()
  const exercise = page.getByRole('region', { name: 'Exercise' })
  const before = await exercise.locator('tbody tr').count()
  await expect(exercise.getByRole('img', { name: /^Sheet of 148 × 105 mm/ })).toBeVisible()

  // The clock runs while she paints.
  await exercise.getByRole('button', { name: 'Start the clock' }).click()
  await expect(exercise.getByRole('button', { name: /^Stop at 0:0[1-9]/ })).toBeVisible()
  await exercise.getByLabel('Photo of what you painted').setInputFiles(CARD)
  await expect(exercise.getByText(/^Took 0:0\d min/)).toBeVisible()
  await expect(exercise.getByRole('button', { name: /corner of the frame$/ })).toHaveCount(4)
  await exercise.getByRole('button', { name: 'Measure' }).click()
  const result = exercise.getByLabel('What the photo says')
  await expect(result).toContainText(/Off the line\s*0\.[3-9] mm/)
  await expect(result).toContainText('Left against right')
  await exercise.getByRole('button', { name: 'Keep it in the book' }).click()
  await expect(exercise.locator('tbody tr')).toHaveCount(before + 1)
  await expect(worth.getByText('Saved', { exact: true })).toBeVisible()
  await expect(exercise.getByRole('img', { name: /session/i })).toBeVisible()
  await page.reload()
  await worth.getByRole('button', { name: /^Left and right/ }).click()
  await expect(exercise.locator('tbody tr')).toHaveCount(before + 1)

  // A sheet of paper, true to size.
  const paper = page.waitForEvent('download')
  await exercise.getByRole('button', { name: 'Print the sheet' }).click()
  expect((await paper).suggestedFilename()).toBe('left-and-right.pdf')
  // And the whole look for one's own face, as the mirror shows it.
  const mirror = page.waitForEvent('download')
  await exercise.getByRole('button', { name: 'Sheet for the mirror' }).click()
  expect((await mirror).suggestedFilename()).toBe('barnacle-saint.pdf')
})

test('a part is laid on the hand, says what changes on the face, and a bad photo loses nothing', async ({
  page,
}) => {
  await page.goto('/drills/wenna')
  const worth = page.getByRole('region', { name: 'Worth practising' })
  await worth.getByRole('button', { name: /^Tooth row/ }).click()
  const exercise = page.getByRole('region', { name: 'Exercise' })
  await exercise.getByRole('button', { name: 'Hand', exact: true }).click()
  await expect(exercise.getByText('knuckle of the index finger')).toBeVisible()
  const changes = exercise.getByLabel('From here onto the face')
  await expect(changes).toContainText('times as large')
  const size = exercise.getByLabel('Size', { exact: true })
  await size.fill('200')
  await size.press('Tab')
  await expect(exercise.getByText('It runs over the edge')).toBeVisible()
  await expect(changes).toContainText('0.50 times as large')

  await exercise
    .getByLabel('Photo of what you painted')
    .setInputFiles({ name: 'tide.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture') })
  await expect(page.getByText(/no photo that this browser/)).toBeVisible()
  await exercise.getByLabel('Photo of what you painted').setInputFiles(CARD)
  await expect(exercise.getByText('Drag the four corners onto the places that the sheet names')).toBeVisible()
  await expect(exercise.getByRole('button', { name: /knuckle of the little finger$/ })).toBeVisible()
})

test('a newcomer begins a book, and the month shows booths, evenings and practice', async ({ page }) => {
  await page.goto('/days')
  await page.getByRole('link', { name: 'Practice', exact: true }).click()
  await page.getByRole('button', { name: 'New practice book' }).click()
  await expect(page).toHaveURL(/\/drills\/[^/]+$/)
  const name = page.getByLabel('Painter', { exact: true })
  await name.fill(`Lowenna ${Date.now()}`)
  await expect(page.getByText('Saved', { exact: true })).toBeVisible()
  await expect(page.getByRole('heading', { name: 'Tonight' })).toBeVisible()
  await expect(page.getByText('Nothing yet. Print the sheet')).toBeVisible()

  await page.goto('/days')
  await page.getByRole('link', { name: 'Calendar', exact: true }).click()
  const calendar = page.getByRole('region', { name: 'Calendar' })
  await expect(calendar.getByRole('columnheader')).toHaveCount(7)
  // To the month of the lantern walk, wherever today is.
  const wanted = calendar.getByRole('link', { name: /Lantern walk, the stall/ }).first()
  const title = calendar.getByRole('heading', { level: 1 })
  for (let k = 0; k < 60 && (await title.textContent()) !== 'December 2026'; k++)
    await calendar
      .getByRole('button', { name: Date.now() < Date.UTC(2026, 11, 1) ? 'Month after' : 'Month before' })
      .click()
  await expect(wanted).toBeVisible()
  await expect(calendar.getByRole('link', { name: 'Patch test of Merrin' }).first()).toBeVisible()
  await calendar
    .getByRole('link', { name: /The bell under water/ })
    .first()
    .click()
  await expect(page).toHaveURL(/\/calls\//)
})
