import AxeBuilder from 'axe-core'
import { expect, test, type Page } from '@playwright/test'
import { openCopy, painted } from './workspace'

test('the first screen shows the demo looks, painted', async ({ page }) => {
  await page.goto('/')
  for (const name of ['Drowned lamp keeper', 'Barnacle saint']) {
    const picture = page.getByAltText(`${name}, painted`)
    await expect(picture).toBeVisible()
    await expect.poll(() => picture.evaluate((i: HTMLImageElement) => i.naturalWidth)).toBeGreaterThan(100)
  }
})

test('a new look starts empty and says what to do first', async ({ page }) => {
  await page.goto('/looks')
  await page.getByRole('button', { name: 'New look', exact: true }).click()
  await page.getByRole('button', { name: 'Start from a bare head instead' }).click()
  await expect(page.getByText('Point at the bust').first()).toBeVisible()
})

test('a broken look file is refused with line and reason, and nothing is added', async ({ page }) => {
  await page.goto('/looks')
  await expect(page.locator('.card').first()).toBeVisible()
  const count = await page.locator('.card').count()
  await page.locator('input[type=file]').setInputFiles({
    name: 'odd.look.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{\n "format": "datura-look",\n "version": 3\n}'),
  })
  await expect(page.getByText(/Line 3: the file has version 3/)).toBeVisible()
  await expect(page.locator('.card')).toHaveCount(count)
})

test('a look that is not there says so', async ({ page }) => {
  await page.goto('/looks/nobody-home')
  await expect(page.getByText('There is no look nobody-home')).toBeVisible()
})

test('an impossible measure is named beside its field, a rare one is noted and taken', async ({ page }) => {
  await page.goto('/faces/tamsin')
  const field = page.getByLabel('Mouth width, mm')
  await field.fill('84')
  await page.keyboard.press('Tab')
  const row = page.locator('[data-measure=mouthWidth]')
  await expect(row.getByRole('alert')).toContainText('people lie between')
  await field.fill('67')
  await page.keyboard.press('Tab')
  await expect(row.getByRole('alert')).toHaveCount(0)
  await expect(row.getByRole('status')).toContainText('Measure it again')
  await field.fill('55')
  await page.keyboard.press('Tab')
  await expect(row.getByRole('status')).toHaveCount(0)
  await expect(page.locator('.editor').getByText('Saved', { exact: true })).toBeVisible()
})

test('keyboard help opens on a question mark', async ({ page }) => {
  await page.goto('/looks')
  await page.keyboard.press('?')
  await expect(page.getByText('Bust from the front')).toBeVisible()
})

for (const theme of ['paper', 'wings']) {
  test(`no serious accessibility faults in ${theme}`, async ({ page }) => {
    await page.addInitScript((t) => localStorage.setItem('datura.theme', t), theme)
    await page.goto('/looks')
    await expect(page.locator('.card img').first()).toBeVisible()
    expect(await faults(page, theme)).toEqual([])
    await page.goto('/faces/odalys')
    await expect(page.getByLabel('Face width, mm')).toBeVisible()
    expect(await faults(page, theme)).toEqual([])
    await page.goto('/kit')
    await expect(page.locator('td').first()).toBeVisible()
    expect(await faults(page, theme)).toEqual([])
    await openCopy(page)
    expect(await faults(page, theme)).toEqual([])
    for (const lens of ['Map', 'Form', 'Order', 'Coats']) {
      await page.getByRole('button', { name: lens, exact: true }).click()
      await page.waitForTimeout(1500)
      expect(await faults(page, theme)).toEqual([])
    }
  })

  test(`no serious accessibility faults on the desks of days, calls, practice, book and photos in ${theme}`, async ({
    page,
  }) => {
    await page.addInitScript((t) => localStorage.setItem('datura.theme', t), theme)
    for (const address of [
      '/days',
      '/calls',
      '/calendar',
      '/drills',
      '/case',
      '/characters',
      '/new',
      '/book',
      '/over',
    ]) {
      await page.goto(address)
      await page.waitForLoadState('networkidle')
      await expect(page.getByRole('navigation').first()).toBeVisible()
      expect(await faults(page, theme), address).toEqual([])
    }
  })

  test(`no serious accessibility faults in the dialogs in ${theme}`, async ({ page }) => {
    await page.addInitScript((t) => localStorage.setItem('datura.theme', t), theme)
    const open = async (act: () => Promise<unknown>) => {
      await act()
      await page.waitForTimeout(700)
      expect(await faults(page, theme)).toEqual([])
      await page.keyboard.press('Escape')
      await expect(page.getByRole('dialog')).toHaveCount(0)
    }
    await page.goto('/kit')
    await open(() => page.getByRole('button', { name: 'Add a paint' }).click())
    await page.goto('/faces/odalys')
    await page.getByRole('button', { name: 'More for Odalys Fenn' }).click()
    await open(() => page.getByText('Earlier saves …').click())
    await openCopy(page)
    await open(() => page.getByRole('button', { name: 'Change the setting' }).click())
    await open(() => page.keyboard.press('a'))
    await open(() => page.keyboard.press('?'))
  })
}

for (const [width, height] of [
  [1024, 768],
  [390, 844],
]) {
  test(`nothing runs off the side at ${width}×${height}`, async ({ page }) => {
    await page.setViewportSize({ width: width!, height: height! })
    for (const address of [
      '/looks',
      '/faces/odalys',
      '/days',
      '/calls',
      '/calendar',
      '/drills',
      '/looks/drowned-lamp-keeper',
    ]) {
      await page.goto(address)
      await page.waitForLoadState('networkidle')
      const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)
      expect(over, address).toBeLessThanOrEqual(0)
    }
    await painted(page)
  })
}

async function faults(page: Page, theme: string) {
  // By the browser itself: the page takes no script but its own.
  await page.evaluate(AxeBuilder.source)
  // Of one theme everything; in the other only its colours differ.
  return page.evaluate(
    async (rules) => {
      const axe = (window as unknown as { axe: typeof AxeBuilder }).axe
      const result = await axe.run(document, {
        resultTypes: ['violations'],
        ...(rules ? { runOnly: { type: 'rule' as const, values: rules } } : {}),
      })
      return result.violations
        .filter((v) => v.impact === 'serious' || v.impact === 'critical')
        .map((v) => `${v.id}: ${v.nodes.map((n) => n.html.slice(0, 160)).join(' | ')}`)
    },
    theme === 'paper' ? null : ['color-contrast'],
  )
}
