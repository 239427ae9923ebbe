import { expect, test } from '@playwright/test'
import { readFile } from 'node:fs/promises'
import { bust, choosePart, openCopy, painted, sizeOf } from './workspace'

test('changing how far the socket reaches changes its millimetres and its picture without a reload', async ({
  page,
}) => {
  await openCopy(page, 'drowned-lamp-keeper', 'bartram')
  await choosePart(page, 'Socket')
  const before = await sizeOf(page, 'Height')
  const picture = await bust(page).screenshot()
  await page.evaluate(() => ((window as unknown as { stayed: boolean }).stayed = true))
  await page.getByLabel('Reach above the brow, mm').fill('14')
  await page.keyboard.press('Tab')
  await expect.poll(() => sizeOf(page, 'Height')).toBeGreaterThan(before + 7)
  await expect(page.locator('.sizes')).toContainText('reaches 14 mm above the brow')
  await expect.poll(async () => picture.equals(await bust(page).screenshot())).toBe(false)
  expect(await page.evaluate(() => (window as unknown as { stayed: boolean }).stayed)).toBe(true)
})

test('the same look measures differently on another face', async ({ page }) => {
  await openCopy(page)
  await choosePart(page, 'Socket')
  const odalys = await sizeOf(page, 'Width')
  await page.locator('.top .n-select').first().click()
  await page.getByText('Bartram Ebbwick').last().click()
  await expect.poll(() => sizeOf(page, 'Width')).toBeGreaterThan(odalys + 1)
})

test('undo and redo go back and forth over a change', async ({ page }) => {
  await openCopy(page)
  await choosePart(page, 'Socket')
  const field = page.getByLabel('Droop outwards, °')
  await field.fill('21')
  await page.keyboard.press('Tab')
  await expect(page.getByRole('button', { name: 'Undo' })).toBeEnabled()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(field).toHaveValue('9')
  await page.getByRole('button', { name: 'Redo' }).click()
  await expect(field).toHaveValue('21')
  await page.locator('.strip').click({ position: { x: 5, y: 5 } })
  await page.keyboard.press('Control+z')
  await expect(field).toHaveValue('9')
})

test('a click on the bust offers what can hang there, sized to the face, and hangs it', async ({ page }) => {
  const id = await openCopy(page)
  const count = (await (await page.request.get(`/api/looks/${id}`)).json()).look.parts.length
  const box = (await bust(page).boundingBox())!
  const x = box.x + box.width / 2
  let y = box.y + box.height * 0.1
  // Down the middle of the head until the program says that this is the forehead.
  for (; y < box.y + box.height / 2; y += 8) {
    await page.mouse.move(x, y)
    const zone = page.locator('.bust .zone')
    if ((await zone.count()) > 0 && (await zone.innerText()) === 'forehead') break
  }
  await page.mouse.move(x, y + 10)
  await expect(page.locator('.bust .zone')).toHaveText('forehead')
  await page.mouse.click(x, y + 10)
  const menu = page.getByRole('dialog', { name: 'forehead' })
  await expect(menu.locator('.offer').first()).toContainText(/ mm| cm²/)
  await menu.getByRole('button', { name: /Cracks/ }).click()
  await expect(page.getByRole('heading', { name: 'Cracks', exact: true })).toBeVisible()
  await expect(page.getByText('Saved', { exact: true })).toBeVisible()
  const after = (await (await page.request.get(`/api/looks/${id}`)).json()).look
  expect(after.parts).toHaveLength(count + 1)
})

test('a part can be added and removed by keyboard alone', async ({ page }) => {
  await openCopy(page)
  await page.locator('.strip').click({ position: { x: 5, y: 5 } })
  await page.keyboard.press('a')
  await page.getByLabel('Search the library').fill('nose cavity')
  await page.getByTitle('Hangs on nose').first().press('Enter')
  await expect(page.getByRole('heading', { name: 'Nose cavity' })).toBeVisible()
  await page.locator('.strip').click({ position: { x: 5, y: 5 } })
  await page.keyboard.press('Delete')
  await expect(page.getByRole('heading', { name: 'The whole look' })).toBeVisible()
})

// A bone face by keys alone: A, a few letters, Enter, and at once the next; nothing typed is lost while the library opens or closes.
test('parts are hung one after the other by letters and Enter', async ({ page }) => {
  const id = await openCopy(page)
  const before = (await (await page.request.get(`/api/looks/${id}`)).json()).look.parts.length
  await page.locator('.strip').click({ position: { x: 5, y: 5 } })
  for (const letters of ['horn', 'che', 'tear']) await page.keyboard.type(`a${letters}\n`)
  const parts = async () =>
    (await (await page.request.get(`/api/looks/${id}`)).json()).look.parts.map(
      (p: { kind: string }) => p.kind,
    )
  // A busy machine takes its time; nothing may be lost for that.
  await expect.poll(async () => (await parts()).length).toBe(before + 3)
  const added = (await parts()).slice(before)
  expect([...added].sort()).toEqual(['cheekHollow', 'horns', 'teardrops'].sort())
  await expect(page.getByLabel('Search the library')).toHaveCount(0)
})

test('the likeliest kind comes first, and arrows go on from it', async ({ page }) => {
  await openCopy(page)
  await page.keyboard.press('a')
  await page.keyboard.type('st')
  const marked = page.locator('.groups button.marked')
  await expect(marked).toHaveText(/^St/)
  const first = await marked.innerText()
  await page.keyboard.press('ArrowDown')
  await expect(marked).not.toHaveText(first)
  await page.keyboard.press('Escape')
  await expect(page.getByLabel('Search the library')).toHaveCount(0)
})

test('bust or chart can have the room alone, and a narrow page always has the bust', async ({ page }) => {
  await openCopy(page)
  const chart = page.getByLabel('Skin chart')
  const both = (await bust(page).boundingBox())!.width
  await page.getByRole('button', { name: 'Bust', exact: true }).click()
  await expect(chart).toBeHidden()
  await expect.poll(async () => (await bust(page).boundingBox())!.width).toBeGreaterThan(both + 200)
  await page.getByRole('button', { name: 'Chart', exact: true }).click()
  await expect(chart).toBeVisible()
  await expect(bust(page)).toBeHidden()
  await page.setViewportSize({ width: 390, height: 844 })
  await expect(bust(page)).toBeVisible()
})

test('every key of the help does something or says where', async ({ page }) => {
  await openCopy(page)
  await page.locator('.strip').click({ position: { x: 5, y: 5 } })
  for (const lens of ['Map', 'Form', 'Order', 'Coats', 'Paint']) {
    const button = page.getByRole('button', { name: lens, exact: true })
    const key = (await button.getAttribute('title'))!.match(/\((.)\)$/)![1]!
    await page.keyboard.press(key.toLowerCase())
    await expect(button).toHaveAttribute('aria-pressed', 'true')
  }
  await page.keyboard.press('?')
  const help = page.getByRole('dialog', { name: 'Keys' }).or(page.getByLabel('Keyboard help'))
  await expect(help.first()).toContainText('Map lens')
  await expect(help.first()).toContainText('Ctrl S')
})

test('a step of the strip shows the face after it and selects its part', async ({ page }) => {
  await openCopy(page)
  const finished = await bust(page).screenshot()
  await page.getByRole('button', { name: /^Face after step \d+ Socket \d/ }).click()
  await expect(page.getByText(/after step \d+ of \d+/)).toBeVisible()
  await expect(page.getByRole('heading', { name: 'Socket', exact: true })).toBeVisible()
  await page.keyboard.press('Escape')
  await page.mouse.move(5, 5)
  await expect.poll(async () => finished.equals(await bust(page).screenshot())).toBe(false)
  await page.getByRole('button', { name: 'show finished' }).click()
  await page.mouse.move(5, 5)
  await expect.poll(async () => finished.equals(await bust(page).screenshot())).toBe(true)
})

test('the bust turns by keys and by dragging', async ({ page }) => {
  await openCopy(page)
  await page.locator('.strip').click({ position: { x: 5, y: 5 } })
  const front = await bust(page).screenshot()
  await page.keyboard.press('2')
  await expect(page.getByRole('button', { name: '¾ left' })).toHaveAttribute('aria-pressed', 'true')
  await expect.poll(async () => front.equals(await bust(page).screenshot())).toBe(false)
  await page.keyboard.press('1')
  await expect.poll(async () => front.equals(await bust(page).screenshot())).toBe(true)
  const box = (await bust(page).boundingBox())!
  await page.mouse.move(box.x + 200, box.y + 250)
  await page.mouse.down()
  await page.mouse.move(box.x + 320, box.y + 250, { steps: 5 })
  await page.mouse.up()
  await expect(page.getByRole('dialog')).toHaveCount(0)
  await expect.poll(async () => front.equals(await bust(page).screenshot())).toBe(false)
})

test('the step sheet and the look file can be downloaded', async ({ page }) => {
  await openCopy(page)
  for (const [entry, start] of [
    ['Step sheet, A4', '%PDF'],
    ['Step sheet, Letter', '%PDF'],
    ['Look file', '{'],
  ]) {
    await page.getByRole('button', { name: 'Download' }).click()
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page.getByText(entry!, { exact: true }).click(),
    ])
    expect((await readFile((await file.path())!)).subarray(0, start!.length).toString()).toBe(start)
  }
})

test('lengths can be shown in inches', async ({ page }) => {
  await openCopy(page)
  await choosePart(page, 'Socket')
  const mm = await sizeOf(page, 'Width')
  await page.getByRole('button', { name: 'Units' }).click()
  await expect.poll(() => sizeOf(page, 'Width')).toBeCloseTo(mm / 25.4, 1)
  await page.getByLabel('Reach above the brow, in').fill('0.5')
  await page.keyboard.press('Tab')
  await expect(page.locator('.sizes')).toContainText('reaches 12.7 mm')
})

test('nonsense in a field is kept within what can be painted', async ({ page }) => {
  await openCopy(page)
  await choosePart(page, 'Socket')
  const field = page.getByLabel('Reach above the brow, mm')
  await field.fill('99999')
  await page.keyboard.press('Tab')
  await expect(field).toHaveValue('25')
  await field.fill('brow')
  await page.keyboard.press('Tab')
  await expect(field).toHaveValue('25')
  await painted(page)
})
