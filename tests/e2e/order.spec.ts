import { expect, test } from '@playwright/test'
import { openCopy } from './workspace'

test('the order says its minutes, why a step stands where it does, and how short it could be', async ({
  page,
}) => {
  await openCopy(page, 'drowned-lamp-keeper')
  await page.getByRole('button', { name: 'Order', exact: true }).click()
  const side = page.locator('.side')
  await expect(side).toContainText(/\d+:\d\d min likely, \d+ to \d+ min in most sessions/)
  await expect(page.getByRole('group', { name: 'Lanes of the session' })).toBeVisible()
  await page.getByRole('button', { name: /^Step 3,/ }).press('Enter')
  await expect(page.getByRole('list', { name: 'Why here' })).toContainText(
    'the base goes under what lies on it',
  )
  await expect(side).toContainText(/No (order of these steps is|shorter order)|shorter,/)
})

test('a step goes where the rules allow it, and the rule is told where they do not', async ({ page }) => {
  await openCopy(page, 'drowned-lamp-keeper')
  await page.getByRole('button', { name: 'Order', exact: true }).click()
  const blocks = page.locator('.block')
  await expect(blocks.first()).toBeVisible()
  const [first, later] = [(await blocks.nth(0).boundingBox())!, (await blocks.nth(6).boundingBox())!]
  await page.mouse.move(later.x + later.width / 2, later.y + 10)
  await page.mouse.down()
  await page.mouse.move(first.x + 3, first.y + 10, { steps: 4 })
  await page.mouse.up()
  await expect(page.locator('.side').getByRole('alert')).toContainText('cannot go before')
  await blocks.nth(6).press('Enter')
  await page.getByRole('button', { name: 'Pin to 7' }).click()
  await expect(page.getByRole('button', { name: 'Pinned' })).toBeVisible()
})

test('the largest look is fitted into 14 minutes and painted whole again', async ({ page }) => {
  await openCopy(page, 'wreck-diver')
  await page.getByRole('button', { name: 'Order', exact: true }).click()
  const side = page.locator('.side')
  const slot = page.getByRole('slider', { name: 'Slot tried, minutes' })
  await expect(slot).toBeVisible()
  await slot.focus()
  for (let k = 0; k < 31; k++) await page.keyboard.press('ArrowLeft')
  await expect(side).toContainText(/\d+ % of the picture in [\d.]+ min, in 80 % of sessions/)
  const before = await page.locator('.strip .figure').textContent()
  await page.getByRole('button', { name: 'Paint this version' }).click()
  await expect(page.locator('.strip .figure')).not.toHaveText(before!)
  await expect(side).toContainText('Some parts are quicker or left out this time.')
  await page.getByRole('button', { name: 'Paint all of it' }).last().click()
  // The order on the screen is kept as far as it goes, which may cost some seconds; a shorter one is offered beside it.
  const minutes = (text: string | null) => {
    const [min, sec] = /(\d+):(\d\d)/
      .exec(text ?? '')!
      .slice(1)
      .map(Number)
    return min + sec / 60
  }
  await expect
    .poll(async () => minutes(await page.locator('.strip .figure').textContent()))
    .toBeGreaterThan(0.95 * minutes(before))
  expect(minutes(await page.locator('.strip .figure').textContent())).toBeLessThan(1.05 * minutes(before))
})
