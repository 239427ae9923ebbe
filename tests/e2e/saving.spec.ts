import { expect, test } from '@playwright/test'
import { choosePart, openCopy, painted } from './workspace'

async function droop(page: import('@playwright/test').Page, value: string) {
  await page.getByLabel('Droop outwards, °').fill(value)
  await page.keyboard.press('Tab')
}

test('every change is saved by itself', async ({ page }) => {
  const id = await openCopy(page)
  await choosePart(page, 'Socket')
  await droop(page, '17')
  await expect
    .poll(async () => (await (await page.request.get(`/api/looks/${id}`)).json()).revision)
    .toBeGreaterThan(1)
  await expect(page.getByText('Saved', { exact: true })).toBeVisible()
  const stored = await (await page.request.get(`/api/looks/${id}`)).json()
  expect(stored.look.parts.find((p: { kind: string }) => p.kind === 'socket').numbers.droop).toBe(17)
})

test('a lost connection says so, keeps the work over a reload and saves it when it is back', async ({
  page,
  context,
}) => {
  const id = await openCopy(page)
  await choosePart(page, 'Socket')
  await context.setOffline(true)
  await droop(page, '19')
  await expect(page.getByText('No connection. Kept in this browser')).toBeVisible()
  await expect(page.getByRole('alert').filter({ hasText: 'Your work is kept' }).first()).toBeVisible()
  await context.setOffline(false)
  await expect(page.getByText('Saved', { exact: true })).toBeVisible()
  const stored = await (await page.request.get(`/api/looks/${id}`)).json()
  expect(stored.look.parts.find((p: { kind: string }) => p.kind === 'socket').numbers.droop).toBe(19)
})

test('work that was never saved comes back after the browser was closed', async ({ page, context }) => {
  const id = await openCopy(page)
  await choosePart(page, 'Socket')
  await page.route('**/api/looks/*', (route) =>
    route.request().method() === 'PUT' ? route.abort() : route.continue(),
  )
  await droop(page, '23')
  await expect(page.getByText('No connection. Kept in this browser')).toBeVisible()
  await page.close()
  const again = await context.newPage()
  await again.goto(`/looks/${id}`)
  await painted(again)
  await expect(again.getByText('Saved', { exact: true })).toBeVisible()
  const stored = await (await again.request.get(`/api/looks/${id}`)).json()
  expect(stored.look.parts.find((p: { kind: string }) => p.kind === 'socket').numbers.droop).toBe(23)
})

test('two painters at one look: the second is told, and both can be kept', async ({ page }) => {
  const id = await openCopy(page)
  const stored = await (await page.request.get(`/api/looks/${id}`)).json()
  await page.request.put(`/api/looks/${id}`, {
    data: { revision: 1, document: { ...stored.look, notes: 'theirs' } },
  })
  await choosePart(page, 'Socket')
  await droop(page, '15')
  await expect(page.getByText('Changed elsewhere', { exact: true })).toBeVisible()
  await page.getByRole('button', { name: 'Save mine as a copy' }).click()
  await expect(page).not.toHaveURL(new RegExp(`${id}$`))
  const theirs = await (await page.request.get(`/api/looks/${id}`)).json()
  expect(theirs.look.notes).toBe('theirs')
  const mine = await (await page.request.get(`/api/looks/${page.url().split('/').at(-1)}`)).json()
  expect(mine.look.parts.find((p: { kind: string }) => p.kind === 'socket').numbers.droop).toBe(15)
})

test('two painters at one look: what each changed stands side by side, and both is taken', async ({
  page,
}) => {
  const id = await openCopy(page)
  const stored = await (await page.request.get(`/api/looks/${id}`)).json()
  await page.request.put(`/api/looks/${id}`, {
    data: { revision: 1, document: { ...stored.look, notes: 'theirs' } },
  })
  await choosePart(page, 'Socket')
  await droop(page, '15')
  await page.getByRole('button', { name: 'Compare and choose' }).click()
  const dialog = page.getByRole('dialog')
  await expect(dialog).toContainText('theirs')
  await expect(dialog).toContainText(/Socket.*15/)
  await dialog.getByRole('button', { name: 'Go on with these' }).click()
  await expect(page.getByText('Saved', { exact: true })).toBeVisible()
  const both = await (await page.request.get(`/api/looks/${id}`)).json()
  expect(both.revision).toBe(3)
  expect(both.look.notes).toBe('theirs')
  expect(both.look.parts.find((p: { kind: string }) => p.kind === 'socket').numbers.droop).toBe(15)
})

test('a save whose answer was lost is not taken for somebody else’s', async ({ page }) => {
  const id = await openCopy(page)
  await choosePart(page, 'Socket')
  let lost = 0
  await page.route('**/api/looks/*', async (route) => {
    if (route.request().method() !== 'PUT' || lost++ > 0) return route.continue()
    await route.fetch()
    await route.abort()
  })
  await droop(page, '17')
  await expect(page.getByText('No connection. Kept in this browser')).toBeVisible()
  await expect(page.getByText('Saved', { exact: true })).toBeVisible()
  const saves = await (await page.request.get(`/api/looks/${id}/revisions`)).json()
  expect(saves.length).toBe(2)
})

test('another tab at the same look follows what is saved, and keeps its own change when it has one', async ({
  page,
  context,
}) => {
  const id = await openCopy(page)
  const other = await context.newPage()
  await other.goto(`/looks/${id}`)
  await painted(other)
  await choosePart(page, 'Socket')
  await droop(page, '15')
  await expect(page.getByText('Saved', { exact: true })).toBeVisible()
  await choosePart(other, 'Socket')
  await expect(other.locator('[data-parameter=droop] input').first()).toHaveValue('15')
  // Cut off, the other tab keeps its draft whatever this one saves.
  await other.route('**/api/looks/*', (route) =>
    route.request().method() === 'PUT' ? route.abort() : route.continue(),
  )
  await droop(other, '21')
  await expect(other.getByText('No connection. Kept in this browser')).toBeVisible()
  await droop(page, '16')
  await expect(page.getByText('Saved', { exact: true })).toBeVisible()
  await other.unroute('**/api/looks/*')
  await other.getByRole('button', { name: 'Compare and choose' }).click()
  await expect(other.getByRole('dialog')).toContainText('21')
  await expect(other.getByRole('dialog')).toContainText('16')
})
