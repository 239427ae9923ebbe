import { expect, type Page } from '@playwright/test'

/** Opens a copy of a demo look on a face, so that tests do not change each other's work. */
export async function openCopy(page: Page, look = 'drowned-lamp-keeper', face = 'odalys') {
  const stored = await (await page.request.get(`/api/looks/${look}`)).json()
  const copy = { ...stored.look, name: `Copy ${Date.now()}-${Math.floor(Math.random() * 1e6)}` }
  const added = await (await page.request.post('/api/looks', { data: copy })).json()
  await openLook(page, added.id, face)
  return added.id as string
}

export async function openLook(page: Page, id: string, face = 'odalys') {
  await page.addInitScript((f) => localStorage.setItem('datura.face', f), face)
  await page.goto(`/looks/${id}`)
  await painted(page)
}

/** Waits until the plan and its strip of pictures are there. */
export async function painted(page: Page) {
  await expect(page.locator('.step .picture').first()).toHaveCSS('background-image', /blob:/)
}

/** Picks a part in the list of the whole look. */
export async function choosePart(page: Page, name: string) {
  await page.locator('.parts button', { hasText: name }).first().click()
  await expect(page.getByRole('heading', { name, exact: true })).toBeVisible()
}

/** The figure beside a label among the sizes of the selected part. */
export async function sizeOf(page: Page, label: string) {
  const row = page.locator('.sizes li', { hasText: label }).locator('.figure')
  return Number.parseFloat(await row.innerText())
}

export const bust = (page: Page) => page.locator('.bust canvas')
