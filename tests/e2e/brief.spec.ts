import { expect, test } from '@playwright/test'

// A newcomer's way: a word, a look at six faces, one taken, and the sheet.
test('from a word to a whole face in the workspace', async ({ page }) => {
  await page.goto('/looks')
  await page.getByRole('button', { name: 'New look', exact: true }).click()
  await page.getByLabel('The idea in your words').fill('a sad drowned one')
  await expect(page.locator('.proposal')).toHaveCount(6)
  await expect(page.locator('.proposal img')).toHaveCount(6)
  const first = page.locator('.proposal').first()
  await first.getByRole('button', { name: 'Why this' }).click()
  await expect(first).toContainText('tell what it is')
  await expect(first).toContainText('Brow and mouth are sad.')
  await first.getByRole('button', { name: 'Take it' }).click()
  await expect(page).toHaveURL(/\/looks\//)
  await expect(page.locator('.side')).toContainText('Under-eye bag')
})

test('a kept part is in all of the next faces, until nothing is kept', async ({ page }) => {
  const proposed: { seed: number; kinds: string[][] }[] = []
  page.on('response', async (response) => {
    if (!response.url().includes('/api/briefs/proposals') || !response.ok()) return
    const asked = JSON.parse(response.request().postData()!)
    const looks = (await response.json()).map((p: { look: unknown }) => p.look)
    proposed.push({
      seed: asked.brief.seed,
      kinds: looks.map((l: { parts: { kind: string }[] }) => l.parts.map((p) => p.kind)),
    })
  })
  await page.goto('/new')
  await page.getByLabel('The idea in your words').fill('owl')
  const first = page.locator('.proposal').first()
  await expect(first.locator('img')).toBeVisible()
  await first.getByRole('button', { name: 'Why this' }).click()
  await first.getByRole('button', { name: 'Beak', exact: true }).click()
  await expect(page.getByText('Kept in all of them: Beak')).toBeVisible()
  await expect.poll(() => proposed.at(-1)?.seed).toBe(2)
  for (const kinds of proposed.at(-1)!.kinds) expect(kinds).toContain('beak')
  await page.getByRole('button', { name: 'Keep nothing' }).click()
  await expect.poll(() => proposed.at(-1)?.seed).toBe(3)
})
