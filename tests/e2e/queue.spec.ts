import { expect, test, type Page } from '@playwright/test'

/** The queue at a booth, from a tablet, with a phone that watches. */

async function booth(page: Page) {
  const demo = await (await page.request.get('/api/days/lantern-walk-stall')).json()
  const day = {
    ...demo.day,
    name: `Stall ${Date.now()}-${Math.floor(Math.random() * 1e6)}`,
    untilMinute: 1439,
    painters: [{ name: 'Wenna' }, { name: 'Corin' }],
  }
  return (await (await page.request.post('/api/days', { data: day })).json()).id as string
}

const chair = (page: Page, painter: string) => page.getByRole('region', { name: painter, exact: true })

test('tickets are given, called and painted, and a phone watches its number', async ({ page, context }) => {
  const id = await booth(page)
  await page.goto(`/days/${id}`)
  await page.getByRole('button', { name: 'The queue', exact: true }).click()
  for (let n = 1; n <= 4; n++) {
    await page.locator('.looks').getByRole('button').first().click()
    await expect(page.getByRole('status').filter({ hasText: `Number ${n}.` })).toBeVisible()
  }
  await page.getByRole('button', { name: 'Make a link' }).click()
  const link = await page.locator('.link a').first().getAttribute('href')
  const phone = await context.browser()!.newPage({ viewport: { width: 390, height: 844 } })
  await phone.goto(link!)
  await phone.getByRole('textbox', { name: 'Your number' }).fill('3')
  await phone.getByRole('button', { name: 'Watch it' }).click()
  await expect(phone.getByRole('status')).toContainText('2 are before you.')
  await chair(page, 'Wenna').getByRole('button', { name: 'Call 1' }).click()
  await chair(page, 'Corin').getByRole('button', { name: 'Call 2' }).click()
  await chair(page, 'Wenna').getByRole('button', { name: 'Sits down' }).click()
  await chair(page, 'Corin').getByRole('button', { name: 'Did not come' }).click()
  await chair(page, 'Corin').getByRole('button', { name: 'Call 3' }).click()
  await expect(phone.getByRole('status')).toContainText('It is your turn')
  await chair(page, 'Wenna').getByRole('button', { name: 'Done' }).click()
  await page.reload()
  await expect(page.getByText('1 wait, 1 are done')).toBeVisible()
  await page.getByText('After the day').click()
  await page.getByRole('button', { name: /1 faces into the book/ }).click()
  await expect(page.getByText('1 faces are in the book.')).toBeVisible()
  await page.getByRole('button', { name: 'Close the queue now' }).click()
  await expect(phone.getByText('The queue is closed.')).toBeVisible()
  await phone.close()
})

test('a cut connection loses no ticket', async ({ page, context }) => {
  const id = await booth(page)
  await page.goto(`/days/${id}/queue`)
  await page.locator('.looks').getByRole('button').first().click()
  await expect(page.getByRole('status').filter({ hasText: 'Number 1.' })).toBeVisible()
  await context.setOffline(true)
  await page.locator('.looks').getByRole('button').first().click()
  await chair(page, 'Wenna').getByRole('button', { name: 'Call 1' }).click()
  await expect(page.getByText(/The service is out of reach/)).toBeVisible()
  await expect(page.getByText('1 wait, 0 are done')).toBeVisible()
  await context.setOffline(false)
  await expect(page.getByText(/The service is out of reach/)).toBeHidden()
  const kept = await (await page.request.get(`/api/days/${id}/queue`)).json()
  expect(kept.tickets.map((t: { ticket: { state: string } }) => t.ticket.state)).toEqual([
    'called',
    'waiting',
  ])
})

test('a night that is over opens on what it came to, beside what was expected', async ({ page }) => {
  await page.goto('/days/lantern-walk-trial/queue')
  const after = page.getByRole('group').filter({ hasText: 'After the day' })
  await expect(after.getByRole('row', { name: /^Faces painted/ })).toContainText('28')
  // Who was slower than planned is said so, with how sure that is.
  await expect(after.getByRole('listitem').filter({ hasText: 'Corin' }).first()).toContainText(/1[23]\d %/)
  await after.getByRole('button', { name: /next day/i }).click()
  await expect(page).toHaveURL(/\/days\/[^/]+$/)
  await expect(page.getByLabel('Name of the day')).not.toHaveValue('Lantern walk, trial night')
})
