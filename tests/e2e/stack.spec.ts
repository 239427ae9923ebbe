import { expect, test, type Page } from '@playwright/test'
import { openCopy } from './workspace'

const rows = (page: Page) => page.getByRole('list', { name: 'The whole stack' }).locator('li')
const row = (page: Page, name: string) => rows(page).filter({ hasText: name })
const OUTLINES = 'Petal fan: outlines'
const PETALS = 'Petal fan: petals'

/** How many places the outlines lie below the petals; negative when they lie over them. */
const below = async (page: Page) => {
  const names = await rows(page).locator('.name').allInnerTexts()
  const at = (name: string) => names.findIndex((n) => n.startsWith(name))
  return at(OUTLINES) - at(PETALS)
}

test('the whole stack is one list: a coat is dragged under another, and laid over it again by its button', async ({
  page,
}) => {
  await openCopy(page, 'kelp-bride')
  await page.getByRole('button', { name: 'Order', exact: true }).click()
  await page.getByText('The whole stack', { exact: true }).click()
  await expect(rows(page).last()).toContainText('Skin base')
  expect(await below(page)).toBeLessThan(0)

  await row(page, PETALS).scrollIntoViewIfNeeded()
  const [from, to] = [
    (await row(page, OUTLINES).locator('.grip').boundingBox())!,
    (await row(page, PETALS).boundingBox())!,
  ]
  await page.mouse.move(from.x + 30, from.y + from.height / 2)
  await page.mouse.down()
  await page.mouse.move(to.x + 30, to.y + to.height / 2, { steps: 6 })
  await expect(row(page, PETALS)).toHaveClass(/touched/)
  await page.mouse.up()
  await expect.poll(() => below(page)).toBeGreaterThan(0)
  await expect(row(page, OUTLINES)).toContainText('laid by you')

  await page.getByRole('button', { name: `Lay ${OUTLINES} over the next` }).click()
  await expect.poll(() => below(page)).toBeLessThan(0)

  // On the whole face a base touches all there is on the face; a dot on the collar touches nothing of the petals.
  await page.getByRole('button', { name: 'Lay Skin base: ground under the next' }).click()
  await expect(page.getByText('Skin base: ground touches none of them')).toBeVisible()
})
