import { expect, test } from '@playwright/test'
import { bust, openCopy } from './workspace'

test('the form is computed, reads, and lists its hollows and lights by name', async ({ page }) => {
  await openCopy(page, 'drowned-lamp-keeper')
  await page.getByRole('button', { name: 'Form', exact: true }).click()
  const side = page.locator('.side')
  const before = await bust(page).screenshot()
  await page.getByRole('switch', { name: 'Compute shades and lights' }).click()
  await expect(side).toContainText(/\d+ % of the form reads from [\d.]+ m; \d+ % unpainted/)
  await expect(side.getByAltText('Unpainted, wanted and painted, in the light of the setting')).toBeVisible()
  await expect(side).toContainText(/under-jaw.*tone \d.*cm²/)
  await expect(page.locator('.steps')).toContainText('Form: tone')
  await expect.poll(async () => before.equals(await bust(page).screenshot())).toBe(false)
  await page.getByRole('switch', { name: 'Compute shades and lights' }).click()
  await expect(page.locator('.steps')).not.toContainText('Form: tone')
})

test('the lamp is moved round the head by hand and by keys', async ({ page }) => {
  await openCopy(page, 'quay-seal')
  await page.getByRole('button', { name: 'Form', exact: true }).click()
  await page.getByRole('switch', { name: 'Compute shades and lights' }).click()
  const pad = page.getByRole('slider', { name: 'Lamp that the painting pretends' })
  await expect(pad).toBeVisible()
  // What the form reads like comes in above the pad and moves it.
  await expect(page.locator('.side figure img')).toBeVisible()
  await pad.scrollIntoViewIfNeeded()
  const box = (await pad.boundingBox())!
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
  await page.mouse.down()
  await page.mouse.move(box.x + 100, box.y + 40, { steps: 4 })
  await page.mouse.up()
  await expect(page.locator('.side .lamp')).toContainText('to the wearer’s left')
  await pad.press('ArrowUp')
  await expect(pad).toHaveAttribute('aria-valuetext', /to the side, \d+° up/)
})

test('a zone is sunk and its profile is taken along the tape', async ({ page }) => {
  await openCopy(page, 'quay-seal')
  await page.getByRole('button', { name: 'Form', exact: true }).click()
  await page.getByRole('switch', { name: 'Compute shades and lights' }).click()
  await page.getByLabel('Raise or sink a zone').click()
  await page.getByText('cheek hollow', { exact: true }).last().click()
  await expect(page.getByLabel('cheek hollow: height, mm', { exact: true })).toHaveValue('-3')
  await page.getByRole('button', { name: 'Lay a tape' }).click()
  const box = (await bust(page).boundingBox())!
  await page.mouse.click(box.x + box.width * 0.53, box.y + box.height * 0.5)
  await page.mouse.click(box.x + box.width * 0.62, box.y + box.height * 0.56)
  await expect(page.getByRole('img', { name: 'Height along the tape' })).toContainText(/mm of tape/)
})

test('the lamp is dragged round the head on the bust, and the plan waits until it is let go', async ({
  page,
}) => {
  await openCopy(page, 'quay-seal')
  await page.getByRole('button', { name: 'Form', exact: true }).click()
  await page.getByRole('switch', { name: 'Compute shades and lights' }).click()
  await expect(page.locator('.steps')).toContainText('Form: tone')
  const lamp = page.getByRole('button', { name: 'Lamp: drag it round the head' })
  const box = (await lamp.boundingBox())!
  const asked: string[] = []
  page.on('request', (r) => r.url().includes('/api/plan') && asked.push(new URL(r.url()).pathname))
  await page.mouse.move(box.x + 15, box.y + 15)
  await page.mouse.down()
  await page.mouse.move(box.x + 90, box.y + 70, { steps: 3 })
  await expect.poll(() => asked.some((a) => a.endsWith('/lamp.png'))).toBe(true)
  expect(asked).not.toContain('/api/plan')
  await page.mouse.up()
  await expect.poll(() => asked.includes('/api/plan')).toBe(true)
  const pad = page.getByRole('slider', { name: 'Lamp that the painting pretends' })
  await expect(pad).toHaveAttribute('aria-valuenow', /^[1-9]/)
  // One step of undo brings the lamp back.
  await page.keyboard.press('Control+z')
  await expect(pad).toHaveAttribute('aria-valuenow', '-14')
})

test('seen from afar the bust runs together', async ({ page }) => {
  await openCopy(page, 'quay-seal')
  const canvas = bust(page)
  await expect(canvas).not.toHaveCSS('filter', /blur/)
  await page.getByLabel('Seen from').first().selectOption('25')
  await expect(canvas).toHaveCSS('filter', /blur\((?!0px)/)
})
