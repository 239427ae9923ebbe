import { expect, test } from '@playwright/test'
import { openCopy } from './workspace'

test('the page breaks none of the rules that it was sent with', async ({ page }) => {
  const broken: string[] = []
  page.on('console', (said) => {
    if (/Content Security Policy|Refused to|Permissions-Policy/i.test(said.text())) broken.push(said.text())
  })
  const answer = await page.goto('/looks')
  expect(answer!.headers()['content-security-policy']).toMatch(/script-src 'self'; style-src 'self' 'nonce-/)
  await expect(page.locator('.card img').first()).toBeVisible()
  await page.goto('/kit')
  await page.getByRole('button', { name: 'Add a paint' }).click()
  await expect(page.getByRole('dialog')).toBeVisible()
  await page.goto('/faces/odalys')
  await expect(page.getByAltText('The body with these measures')).toBeVisible()
  await openCopy(page)
  for (const lens of ['Map', 'Form', 'Order', 'Coats'])
    await page.getByRole('button', { name: lens, exact: true }).click()
  await page.keyboard.press('a')
  await expect(page.getByRole('dialog')).toBeVisible()
  expect(broken).toEqual([])
})

test('another page can neither frame it nor change anything', async ({ page, baseURL }) => {
  await page.route('http://elsewhere.example/', (route) =>
    route.fulfill({
      contentType: 'text/html',
      body: `<iframe src="${baseURL}/looks"></iframe><form method="post" enctype="text/plain" action="${baseURL}/api/looks/import"><input name='{"format":"datura-look"}'></form>`,
    }),
  )
  await page.goto('http://elsewhere.example/')
  await expect.poll(() => page.frames().filter((f) => f.url().endsWith('/looks')).length).toBe(0)
  const read = await page.evaluate(
    (address) =>
      fetch(address)
        .then((a) => a.text())
        .catch(() => 'refused'),
    `${baseURL}/api/faces`,
  )
  expect(read).toBe('refused')
  const [sent] = await Promise.all([
    page.waitForResponse((r) => r.url().endsWith('/api/looks/import')),
    page.evaluate(() => document.querySelector('form')!.submit()),
  ])
  expect(sent.status()).toBe(403)
})
