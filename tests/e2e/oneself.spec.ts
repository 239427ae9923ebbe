import { expect, test, type Page } from '@playwright/test'
import { openCopy, painted } from './workspace'

async function paintMyself(page: Page, on: boolean) {
  await page.getByRole('button', { name: 'Change the setting' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('checkbox', { name: 'I paint myself, before a mirror' }).setChecked(on)
  await expect(dialog.getByText('Saved', { exact: true })).toBeVisible()
  await dialog.getByRole('button', { name: 'Done' }).click()
  await expect(dialog).toHaveCount(0)
}

/** How far right of the middle of the bust the label of the selected part hangs, px. */
async function labelRight(page: Page) {
  const left = await page.locator('.bust .facts').evaluate((e) => parseFloat((e as HTMLElement).style.left))
  return left - (await page.locator('.bust canvas').evaluate((e) => e.clientWidth)) / 2
}

test('who paints herself sees a mirror, in more time, and gets the other face back after', async ({
  page,
}) => {
  await openCopy(page, 'kelp-bride')
  await page.locator('.parts button', { hasText: 'Flower' }).first().click()
  const total = page.locator('.strip strong').last()
  const before = await labelRight(page)
  // The flower is on the wearer's left: on the right of whoever faces her.
  expect(before).toBeGreaterThan(10)
  const minutes = await page.locator('.side').innerText()

  try {
    await paintMyself(page, true)
    await expect(page.getByText('as in the mirror')).toBeVisible()
    await painted(page)
    await expect.poll(() => labelRight(page)).toBeLessThan(-10)
    expect(await page.locator('.side').innerText()).not.toBe(minutes)
    await expect(total).toBeVisible()
    // A click on her left in the mirror finds what is on her left.
    await page.keyboard.press('Escape')
    const box = (await page.locator('.bust canvas').boundingBox())!
    await page.mouse.move(box.x + box.width * 0.42, box.y + box.height * 0.5)
    await expect(page.locator('.bust .zone')).toBeVisible()
  } finally {
    await paintMyself(page, false)
  }
  await expect(page.getByText('as in the mirror')).toHaveCount(0)
})
