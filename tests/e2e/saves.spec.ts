import { expect, test } from '@playwright/test'
import { openLook } from './workspace'

// A look of its own, so that no other test is disturbed.
async function copyOf(request: import('@playwright/test').APIRequestContext, name: string): Promise<string> {
  const stored = (await (await request.get('/api/looks/quay-seal')).json()) as { look: object }
  const added = await request.post('/api/looks', { data: { ...stored.look, name } })
  return ((await added.json()) as { id: string }).id
}

test('an earlier save is looked at and brought back', async ({ page, request }) => {
  const id = await copyOf(request, 'Harbour seal')
  await openLook(page, id)
  await page.getByLabel('Name of the look').fill('Harbour seal, grey')
  await page.getByRole('button', { name: 'Download' }).click()
  await page.getByText('Earlier saves').click()
  const panel = page.getByRole('dialog', { name: 'Earlier saves' })
  await panel.getByRole('button', { name: 'save 1' }).click()
  await expect(panel).toContainText('Name Harbour seal → Harbour seal, grey')
  if (process.env.SHOT) await page.screenshot({ path: `${process.env.SHOT}/saves.png` })
  await panel.getByRole('button', { name: 'Bring this one back' }).click()
  await expect(page.getByLabel('Name of the look')).toHaveValue('Harbour seal')
  const saves = (await (await request.get(`/api/looks/${id}/revisions`)).json()) as unknown[]
  expect(saves.length).toBe(3)
})

test('a removed look is put back, at once or later, and found by its name', async ({ page, request }) => {
  const name = `Whelk ${Date.now()}`
  await copyOf(request, name)
  await page.goto('/looks')
  await page.getByLabel('Find a look by its name').fill(name.toLowerCase())
  const card = page.getByRole('heading', { name: name })
  await expect(card).toBeVisible()
  await expect(page.getByRole('heading', { level: 2 })).toHaveCount(1)
  const remove = async () => {
    await page.getByRole('button', { name: `More for ${name}` }).click()
    await page.getByText('Remove', { exact: true }).click()
    await expect(card).toHaveCount(0)
  }
  await remove()
  if (process.env.SHOT) await page.screenshot({ path: `${process.env.SHOT}/removed.png` })
  await page.getByRole('button', { name: 'Put it back' }).click()
  await expect(card).toBeVisible()
  await remove()
  await page.reload()
  await page.getByRole('button', { name: /^Removed \(/ }).click()
  await page.getByText(`Put back ${name}`).click()
  await page.getByLabel('Find a look by its name').fill(name.toLowerCase())
  await expect(card).toBeVisible()
})
