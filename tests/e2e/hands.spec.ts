import { expect, test, type Page } from '@playwright/test'
import { openCopy } from './workspace'

/** Chooses from an open list, wherever in it the choice stands. */
async function choose(page: Page, label: string, option: string) {
  await page.getByLabel(label, { exact: true }).click()
  const list = page.locator('.v-vl:visible, .n-base-select-menu:visible').last()
  for (let k = 0; k < 12; k++) {
    const found = list.getByText(option, { exact: true })
    if (await found.isVisible()) return found.click()
    await list.hover()
    await page.mouse.wheel(0, 160)
    await page.waitForTimeout(60)
  }
  throw new Error(`${label} offers no ${option}`)
}

const minutes = (page: Page) => page.locator('.strip .figure')

const seconds = (clock: string | null) => {
  const [min, s] = clock!.trim().split(' ')[0]!.split(':').map(Number)
  return 60 * min! + s!
}

test('white first, dark after, with one brush, and the minutes change', async ({ page }) => {
  await openCopy(page, 'drowned-lamp-keeper')
  await page.locator('.parts button', { hasText: 'Socket' }).first().click()
  const before = await minutes(page).textContent()

  // Another brush takes longer; flowing paint says what goes wrong with it.
  await choose(page, 'Dark heart: tool', 'round brush 1')
  await expect(minutes(page)).not.toHaveText(before!)
  await choose(page, 'Dark heart: water', 'Flowing')
  await expect(page.locator('.side')).toContainText('bleeds out of a crisp edge')
  // What cannot be is not offered.
  await page.getByLabel('Dark heart: technique', { exact: true }).click()
  await expect(page.getByText('Press and lift', { exact: true })).toBeVisible()
  await expect(page.getByText('Buff', { exact: true })).toHaveCount(0)
  await page.locator('.side h2').first().click()

  // The socket lies over the base until it is laid under it.
  await page.getByText('What lies on what').click()
  const stack = page.locator('.stack li', { hasText: 'Skin base' }).first()
  await expect(stack).toContainText('over Skin base')
  await stack.getByRole('button', { name: 'Lay under' }).click()
  await expect(stack).toContainText('under Skin base')
  await stack.getByRole('button', { name: 'As usual' }).click()
  await expect(stack).toContainText('over Skin base')

  // One brush for all.
  await page.getByRole('button', { name: 'Order', exact: true }).click()
  await page.getByRole('button', { name: 'Find the fewest' }).click()
  const one = page.locator('.side li', { hasText: 'One for all' })
  await expect(one).toBeVisible()
  const said = seconds(await one.locator('.figure').textContent())
  await one.getByRole('button', { name: 'Use' }).click()
  // An order on screen is only left for one that is clearly shorter.
  await expect
    .poll(async () => Math.abs(seconds(await minutes(page).textContent()) / said - 1))
    .toBeLessThan(0.03)
})

test('a kit without a tool has another stand in, and a part is called as its painter calls it', async ({
  page,
}) => {
  // A kit of its own: other tests paint from the demo's.
  const stored = await (await page.request.get('/api/kits/saltmarsh-box')).json()
  const kit = await (
    await page.request.post('/api/kits', { data: { ...stored.kit, id: '', name: `Tin ${Date.now()}` } })
  ).json()
  await page.addInitScript((id) => localStorage.setItem('datura.kit', id), kit.id)
  await openCopy(page, 'quay-seal')
  await page.locator('.parts button', { hasText: 'Spots' }).first().click()
  await page.getByLabel('Own name').fill('Rain on the hide')
  await expect(page.locator('.strip')).toContainText('Rain on the hide')

  await page.goto('/kit')
  await page.getByText('Every usual tool counts as owned').click()
  await page.getByRole('checkbox', { name: 'high-density sponge' }).click()
  await expect(page.getByText('25 owned')).toBeVisible()
  await page.getByRole('button', { name: 'Add a tool of my own' }).click()
  await expect(page.getByText('26 owned')).toBeVisible()
  await expect(page.getByText('Saved', { exact: true })).toBeVisible()
  await page.goBack()
  await expect(page.locator('.side')).toContainText('high-density sponge is not in the kit')
  await page.goto('/kit')
  await page.getByText('26 owned').click()
  await page.getByRole('button', { name: 'Count every usual tool again' }).click()
  await expect(page.getByText('Every usual tool counts as owned')).toBeVisible()
  await expect(page.getByText('Saved', { exact: true })).toBeVisible()
})
