import { expect, test, type Page } from '@playwright/test'
import { openCopy } from './workspace'

/** What the service is asked for when a picture of the paint is drawn. */
function asked(page: Page) {
  const queries: URLSearchParams[] = []
  page.on('request', (request) => {
    const url = new URL(request.url())
    if (url.pathname === '/api/plan/paint') queries.push(url.searchParams)
  })
  return () => queries.at(-1)
}

test('the finished face looks at one, or keeps its eyes closed; while a lid is painted they are closed', async ({
  page,
}) => {
  const last = asked(page)
  await openCopy(page, 'quay-seal')
  await expect.poll(() => last()?.get('eyes')).toBe('open')
  await page.getByRole('button', { name: 'Eyes open' }).click()
  await expect.poll(() => last()?.get('eyes')).toBe('closed')
  await page.getByRole('button', { name: 'Eyes closed' }).click()
  await expect.poll(() => last()?.get('eyes')).toBe('open')
  // The seal's patches lie on the lids.
  await page
    .getByRole('button', { name: /^Face after step \d+ Eye patch/ })
    .first()
    .click()
  await expect.poll(() => last()?.get('eyes')).toBe('closed')
})

test('paint shows its grain, smooth when colours are judged', async ({ page }) => {
  const last = asked(page)
  await openCopy(page, 'quay-seal')
  await expect.poll(() => last()?.get('grain')).toBe('true')
  await page.getByLabel('Seen from').first().selectOption('smooth')
  await expect.poll(() => last()?.get('grain')).toBe('false')
  await page.getByLabel('Seen from').first().selectOption('0')
  await expect.poll(() => last()?.get('grain')).toBe('true')
  await page.getByRole('button', { name: /^Coats/ }).click()
  await expect.poll(() => last()?.get('grain')).toBe('false')
  await expect.poll(() => last()?.get('eyes')).toBe('none')
})

test('a part is shown larger before it is taken, and takes colours that go with the base', async ({
  page,
}) => {
  await openCopy(page, 'barnacle-saint')
  await page.getByRole('button', { name: 'Add a part' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('button', { name: 'Jaw edge', exact: true }).hover()
  const large = dialog.getByRole('complementary', { name: 'The part, larger' })
  await expect(large).toContainText('Jaw edge')
  await expect(large.locator('img')).toHaveJSProperty('naturalWidth', 264)
  const offered = page.waitForResponse((r) => r.url().includes('/parts/jawEdge'))
  await dialog.getByRole('button', { name: 'Jaw edge', exact: true }).click()
  const answer = await offered
  expect(new URL(answer.url()).searchParams.get('over')).toBeTruthy()
  await expect(page.locator('.side')).toContainText('Jaw edge')
})

test('a card is cut: its narrowest bridge is told, and too narrow a one is said to tear', async ({
  page,
}) => {
  await openCopy(page, 'mole-otter')
  await page
    .locator('.side')
    .getByRole('button', { name: /Net print/ })
    .first()
    .click()
  await expect(page.locator('.side')).toContainText('narrowest bridge', { ignoreCase: true })
  await page.locator('.side').getByLabel('Size, mm').fill('22')
  await page.keyboard.press('Enter')
  await expect(page.locator('.side')).toContainText('tears when the card is lifted')
})

test('what drips from another part can run from its own place again', async ({ page }) => {
  await openCopy(page, 'salt-widow')
  const side = page.locator('.side')
  await side
    .getByRole('button', { name: /Drips from the lips/ })
    .first()
    .click()
  await expect(side).toContainText('from its edge')
  await side.getByLabel('Hangs', { exact: true }).click()
  // The list opens at what is chosen; what is typed finds the rest.
  await page.keyboard.type('Its own')
  await page.keyboard.press('Enter')
  await expect(side).toContainText('from the lower lid')
})
