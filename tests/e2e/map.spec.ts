import { expect, test, type Page } from '@playwright/test'
import { readFile } from 'node:fs/promises'
import { svgPathProperties } from 'svg-path-properties'
import { bust, choosePart, openCopy } from './workspace'

const map = (page: Page) => page.getByRole('button', { name: 'Map', exact: true })

async function look(page: Page, id: string) {
  return (await (await page.request.get(`/api/looks/${id}`)).json()).look
}

test('the map gives each dot by two tape distances, and fewer dots when a line may be off by more', async ({
  page,
}) => {
  await openCopy(page)
  await map(page).click()
  const head = page.locator('.side header')
  await expect(head).toContainText(/\d+ dots in all/)
  const count = async () => Number.parseInt((await head.innerText()).match(/(\d+) dots in all/)![1]!)
  const fine = await count()
  await page.locator('summary', { hasText: 'Socket' }).first().click()
  await expect(page.locator('.side li', { hasText: 'from the' }).first()).toContainText(
    /\d+ mm from the .+, \d+ mm from the .+, (above|below|towards)/,
  )
  await page.locator('.side [role=slider]').first().focus()
  for (let k = 0; k < 6; k++) await page.keyboard.press('ArrowRight')
  await expect.poll(count).toBeLessThan(fine)
})

test('dragging a handle of the socket changes its millimetres while it moves', async ({ page }) => {
  const id = await openCopy(page)
  await choosePart(page, 'Socket')
  const handle = page.locator('.bust [data-handle="downCheek"]')
  await expect(handle).toBeVisible()
  const field = page.getByLabel('Down the cheek, mm')
  const before = Number.parseFloat(await field.inputValue())
  const box = (await handle.boundingBox())!
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
  await page.mouse.down()
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2 + 12, { steps: 4 })
  await expect(page.locator('.bust .live')).toContainText(/Down the cheek \d+\.\d mm/)
  await page.mouse.up()
  await expect.poll(async () => Number.parseFloat(await field.inputValue())).toBeGreaterThan(before + 4)
  await expect(page.locator('.bust .live')).toHaveCount(0)
  // One drag is one step of undo.
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(field).toHaveValue(String(before))
  expect((await look(page, id)).parts.length).toBeGreaterThan(3)
})

test('arrow keys move the selected part by a millimetre of skin, with Shift by five', async ({ page }) => {
  const id = await openCopy(page)
  await choosePart(page, 'Nose cavity')
  await bust(page).focus()
  await page.keyboard.press('ArrowUp')
  await page.keyboard.press('Shift+ArrowRight')
  await expect(page.locator('.side')).toContainText('5 mm out, 1 mm up')
  await expect
    .poll(
      async () => (await look(page, id)).parts.find((p: { kind: string }) => p.kind === 'noseCavity').moved,
    )
    .toEqual({ outMm: 5, upMm: 1 })
  await page.getByRole('button', { name: 'Back', exact: true }).click()
  await expect(page.locator('.side')).toContainText('0 mm out, 0 mm up')
})

test('the tape between two places reads millimetres', async ({ page }) => {
  await openCopy(page)
  await map(page).click()
  await page.getByRole('button', { name: 'Tape', exact: true }).click()
  const box = (await bust(page).boundingBox())!
  const [x, y] = [box.x + box.width / 2, box.y + box.height * 0.4]
  await page.mouse.click(x, y)
  await page.mouse.move(x + 30, y + 25, { steps: 3 })
  await expect(page.locator('.bust .tape text')).toHaveText(/^\d+\.\d mm$/)
  await page.keyboard.press('Escape')
  await expect(page.locator('.bust .tape')).toHaveCount(0)
})

test('templates come as PDF and as a drawing in millimetres', async ({ page }) => {
  await openCopy(page)
  await choosePart(page, 'Socket')
  await map(page).click()
  const [pdf] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Templates, PDF' }).click(),
  ])
  expect((await readFile(await pdf.path())).subarray(0, 5).toString()).toBe('%PDF-')
  const [svg] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'SVG for a cutter' }).click(),
  ])
  const text = await readFile(await svg.path(), 'utf8')
  expect(text).toMatch(/<svg[^>]* width="[\d.]+mm"/)
  expect(text).toContain('Socket')
  const [pencil] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Pencil map' }).click(),
  ])
  expect((await readFile(await pencil.path())).subarray(1, 4).toString()).toBe('PNG')
})

test('the same look stands beside itself on another face, with what differs', async ({ page }) => {
  await openCopy(page)
  await map(page).click()
  await page.locator('.side .n-select').last().click()
  await page.getByText('Bartram Ebbwick').last().click()
  const other = page.getByRole('region', { name: 'The same look on another face' })
  await expect(other.locator('tbody tr').first()).toContainText(/(mm|cm²)/)
  await expect(other.locator('.differs').first()).toBeVisible()
})

test('a check leads to its part', async ({ page }) => {
  await openCopy(page)
  const check = page.locator('.caution', { hasText: 'Socket reaches the lash line' })
  await check.getByRole('button', { name: 'Show where' }).click()
  await expect(page.getByRole('heading', { name: 'Socket', exact: true })).toBeVisible()
  await expect(page.locator('.bust .spot')).toBeVisible()
})

test('a drawing of one’s own is laid on the skin, and one that carries a script is refused', async ({
  page,
}) => {
  const id = await openCopy(page)
  await page.keyboard.press('a')
  await page.getByLabel('Search the library').fill('own motif')
  await page.getByRole('button', { name: /Your own motif/ }).click()
  await expect(page.getByRole('heading', { name: 'Your own motif' })).toBeVisible()
  const file = page.locator('input[type=file]')
  await file.setInputFiles({
    name: 'bad.svg',
    mimeType: 'image/svg+xml',
    buffer: Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><script>x()</script></svg>'),
  })
  await expect(page.getByRole('alert')).toContainText('script')
  await file.setInputFiles('../../demo/motifs/cormorant.svg')
  await expect(page.locator('.side')).toContainText('cormorant')
  await expect
    .poll(
      async () =>
        (await look(page, id)).parts.find((p: { kind: string }) => p.kind === 'motif')?.motif?.shapes.length,
    )
    .toBeGreaterThan(4)
})

// A second opinion on imported paths: an npm library for SVG path lengths, of another make than the one that reads them.
test('imported paths are as long as another library says', async ({ page }) => {
  for (const d of [
    'M10 80C40 10 65 10 95 80S150 150 180 80',
    'M0 0h40v30H0z',
    'M10 315L110 215A30 50 0 0 1 162.55 162.45L172.55 152.45A30 50 -45 0 1 215.1 109.9L315 10',
    'm5 5q20 40 40 0t40 0',
  ]) {
    const svg = `<svg xmlns="http://www.w3.org/2000/svg"><path d="${d}" fill="none" stroke="black"/></svg>`
    const motif = await (await page.request.post('/api/motifs?name=x', { data: svg })).json()
    const points: number[] = motif.shapes[0].points
    const xs = points.filter((_, k) => k % 2 === 0)
    const ys = points.filter((_, k) => k % 2 === 1)
    let length = 0
    for (let k = 1; k < xs.length; k++) length += Math.hypot(xs[k]! - xs[k - 1]!, ys[k]! - ys[k - 1]!)
    // The card is scaled so that its longer side is 1; the library's own box gives the scale back.
    const other = new svgPathProperties(d)
    const there = Array.from({ length: 2001 }, (_, k) =>
      other.getPointAtLength((other.getTotalLength() * k) / 2000),
    )
    const side = Math.max(
      Math.max(...there.map((p) => p.x)) - Math.min(...there.map((p) => p.x)),
      Math.max(...there.map((p) => p.y)) - Math.min(...there.map((p) => p.y)),
    )
    expect(Math.abs((length * side) / other.getTotalLength() - 1)).toBeLessThan(0.01)
  }
})

test('measures that are left out are shown as estimated and follow the given ones', async ({ page }) => {
  await page.goto('/faces/odalys')
  const nose = page.locator('[data-measure="noseHeight"]')
  await expect(nose).toContainText('estimated')
  const guess = async () => Number.parseFloat((await nose.locator('input').getAttribute('placeholder'))!)
  await expect.poll(guess).toBeGreaterThan(30)
  const before = await guess()
  await page.getByLabel('Face height, mm', { exact: true }).fill('190')
  await page.getByLabel('Lower face height, mm').fill('126')
  await page.keyboard.press('Tab')
  await expect.poll(guess).toBeGreaterThan(before + 2)
  await page.getByRole('button', { name: 'Start from a mean person' }).click()
  await page.getByText('Child, about 5').click()
  await expect(page.getByLabel('Face height, mm', { exact: true })).toHaveValue('148')
})

// The rule has its strip beside the chart; what is drawn over the chart lies over all of it and nothing else.
test('lines and dots lie on the chart where its skin is', async ({ page }) => {
  await openCopy(page)
  await page.getByRole('button', { name: 'Map', exact: true }).click()
  const sheet = page.locator('.chart .sheet')
  const canvas = (await sheet.locator('canvas').boundingBox())!
  const labels = (await sheet.locator('> :nth-child(2)').boundingBox())!
  expect(Math.abs(labels.x - canvas.x)).toBeLessThan(1)
  expect(Math.abs(labels.width - canvas.width)).toBeLessThan(1)
})
