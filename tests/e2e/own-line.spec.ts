import { expect, test, type Page } from '@playwright/test'
import { openLook } from './workspace'

const side = (page: Page) => page.locator('.side')
const chart = (page: Page) => page.locator('.chart canvas')
const points = (page: Page) => page.locator('.chart [data-point]')

/** A look with one filled part, opened. */
async function opened(page: Page, parts: object[] = []) {
  const name = `Own line ${Date.now()}-${Math.floor(Math.random() * 1e6)}`
  const look = { name, notes: '', mapping: 'freehand', wetLifts: 0, parts, kit: 'saltmarsh-box' }
  const added = await page.request.post('/api/looks', { data: look })
  expect(added.status()).toBe(201)
  const { id } = await added.json()
  if (parts.length > 0) await openLook(page, id)
  else await page.goto(`/looks/${id}`)
  return async () => (await (await page.request.get(`/api/looks/${id}`)).json()).look
}

const patch = {
  id: 'patch',
  kind: 'eyePatch',
  sides: 'both',
  unevenness: 0,
  seed: 1,
  priority: 'must',
  reserved: false,
  paints: { patch: [{ paint: 'mussel-blue', parts: 1 }] },
}
const wart = {
  ...patch,
  id: 'wart',
  kind: 'warts',
  paints: { body: [{ paint: 'rust', parts: 1 }] },
}

/** Opens the list of a field and takes one of it. */
async function choose(page: Page, field: string, option: string) {
  await side(page).getByLabel(field, { exact: true }).click()
  await page.locator('.n-base-select-menu:visible').getByText(option, { exact: true }).first().click()
}

test('a line is pointed out on the chart, carries drops, and lies right on another face', async ({
  page,
}) => {
  const saved = await opened(page)
  await page.getByRole('button', { name: 'Add a part' }).click()
  await page.getByRole('dialog').locator('input').first().fill('your own line')
  await page.keyboard.press('Enter')
  await expect(side(page)).toContainText('Point on bust or chart')
  const box = (await chart(page).boundingBox())!
  const at = (x: number, y: number) => page.mouse.click(box.x + x * box.width, box.y + y * box.height)
  for (const [k, [x, y]] of [
    [0.58, 0.24],
    [0.68, 0.32],
    [0.64, 0.42],
  ].entries()) {
    await at(x!, y!)
    await expect(points(page)).toHaveCount(k + 1)
  }
  await page.keyboard.press('Backspace')
  await expect(points(page)).toHaveCount(2)
  await at(0.62, 0.44)
  await expect(points(page)).toHaveCount(3)
  await page.keyboard.press('Enter')
  await expect(side(page)).not.toContainText('Point on bust or chart')

  await side(page).getByLabel('Carries').click()
  await page.locator('.n-base-select-menu:visible').getByText('drops', { exact: true }).click()
  await expect(side(page).locator('.sizes')).toContainText('drops')
  await expect.poll(async () => (await saved()).parts[0]?.words?.carries).toBe('drops')
  const { drawn } = (await saved()).parts[0]
  expect(drawn.points).toHaveLength(3)
  expect(drawn.points.every((p: { xMm: number }) => p.xMm > 0)).toBe(true)

  // Its points stay what they are; their place in millimetres is the other face's.
  await side(page).getByText('Point by point').click()
  const out = side(page).getByLabel('Point 2, out, mm')
  const here = await out.inputValue()
  await page.getByLabel('Face', { exact: true }).first().click()
  await page.getByText('Bartram', { exact: false }).last().click()
  await expect.poll(() => out.inputValue()).not.toBe(here)
  expect((await saved()).parts[0].drawn).toEqual(drawn)
})

test('a part hangs on another, and an edge goes with its figure', async ({ page }) => {
  const saved = await opened(page, [patch, wart])
  await side(page).getByRole('button', { name: /Warts/ }).click()
  await choose(page, 'Hangs', 'Eye patch')
  await choose(page, 'Where on it', 'At its tip')
  await expect.poll(async () => (await saved()).parts[1].hung).toMatchObject({ on: 'patch', where: 'tip' })

  await page.keyboard.press('Escape')
  await side(page)
    .getByRole('button', { name: /Eye patch/ })
    .click()
  await choose(page, 'Edge', 'Scalloped')
  await side(page).getByRole('button', { name: 'Add outline, light or shade' }).click()
  await expect(side(page).getByRole('heading', { name: 'Edge of another part' })).toBeVisible()
  await expect(side(page).locator('.sizes')).toContainText('Round it')
  await expect.poll(async () => (await saved()).parts.length).toBe(3)
  expect((await saved()).parts[0].rim).toMatchObject({ form: 'scalloped' })

  await page.keyboard.press('Escape')
  await side(page)
    .getByRole('button', { name: /Eye patch/ })
    .click()
  await page.keyboard.press('Delete')
  await expect.poll(async () => (await saved()).parts.map((p: { id: string }) => p.id)).toEqual(['wart'])
  expect((await saved()).parts[0].hung ?? null).toBeNull()
})
