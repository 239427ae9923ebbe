import { expect, test, type Page } from '@playwright/test'
import { openCopy } from './workspace'

async function intoTheChair(page: Page) {
  await openCopy(page, 'quay-seal')
  await page.getByRole('button', { name: 'Download' }).click()
  await page.getByText('Into the chair', { exact: true }).click()
  await expect(page.locator('.chair .over')).toHaveText('Tap to begin')
  // The plan is there, not only the session.
  await expect(page.locator('.chair .with')).toBeVisible()
}

const title = (page: Page) => page.locator('.chair h1')
const sessionOf = (page: Page) => page.url().split('/').at(-1)!.split('?')[0]!

/** Changes something in the studio as this page would. */
async function send(page: Page, method: 'post' | 'put', path: string, data: unknown) {
  const { page: word } = await (await page.request.get('/api/session')).json()
  const answer = await page.request[method](path, { data, headers: word ? { 'Datura-Page': word } : {} })
  expect(answer.ok(), `${path}: ${answer.status()}`).toBe(true)
  return answer.json()
}

async function choose(page: Page, field: string, words: string) {
  await page.getByLabel(field, { exact: true }).last().click()
  await page.keyboard.type(words)
  await page.locator('.n-base-select-option', { hasText: words }).first().click()
}

test('a seal is painted with one key, taken back once, and stands in the book', async ({ page }) => {
  await intoTheChair(page)
  await page.keyboard.press('PageDown')
  const first = await title(page).innerText()
  await expect(page.locator('.face img')).toBeVisible()
  await page.keyboard.press('PageDown')
  await expect(title(page)).not.toHaveText(first)
  await page.keyboard.press('PageUp')
  await expect(title(page)).toHaveText(first)
  for (let n = 0; n < 60 && (await title(page).isVisible()); n++) await page.keyboard.press(' ')
  await expect(page.locator('.over')).toHaveText('All steps are done. Tap to end')
  await page.locator('.face').click()
  await expect(page.locator('.over')).toContainText('Ended after')
  await page.getByRole('button', { name: 'To the book' }).click()
  await expect(page.locator('.entry-of')).toContainText('In the chair')
  const went = page.getByRole('region', { name: 'How it went' })
  await expect(went).toContainText('planned')
  await expect(went.locator('tbody tr').filter({ hasText: first })).toHaveCount(1)
  const table = page.waitForEvent('download')
  await went.getByRole('button', { name: 'As a table' }).click()
  expect((await table).suggestedFilename()).toContain('.csv')
})

// Ten minutes for a seal, a slow hand and nothing but a pedal: what is offered is taken by holding it, the session ends before the bell,
// and the book's times are another plan than before.
test('behind time a pedal leaves out what is offered, and it ends before the bell', async ({ page }) => {
  test.slow()
  const { id: setting } = await send(page, 'post', '/api/settings', {
    id: '',
    name: `Pedal ${Date.now()}`,
    slotMinutes: 11,
    viewingDistanceM: 2,
    light: '',
    necklineMm: 0,
    confidence: 0.6,
  })
  await page.clock.install()
  await page.addInitScript((s) => localStorage.setItem('datura.setting', s), setting)
  await page.goto('/chair')
  await page.getByLabel('Painter', { exact: true }).fill('Nessa')
  await choose(page, 'Look', 'Quay seal')
  await page.getByRole('button', { name: 'Into the chair' }).click()
  await expect(page.locator('.chair .with')).toBeVisible()
  await page.keyboard.press('PageDown')
  const events = async () =>
    (await (await page.request.get(`/api/paintings/${sessionOf(page)}/events`)).json()) as { kind: string }[]
  const painting = (await (await page.request.get(`/api/paintings/${sessionOf(page)}`)).json()).painting
  expect(painting.painter).toBe('Nessa')
  expect(painting.ways.length).toBeGreaterThan(0)
  // Half as long again as planned in the first steps.
  for (const step of painting.steps.slice(0, 3)) {
    await page.clock.fastForward(Math.round(1500 * (step.seconds + step.waitSeconds)))
    await page.keyboard.press('PageDown')
  }
  const offer = page.locator('.bar .offer')
  await expect(offer).toContainText('before the bell')
  // Held, the pedal takes it up; the other one gives it back; and once more.
  const hold = async () => {
    await page.keyboard.down('PageDown')
    await page.clock.fastForward(900)
    await page.keyboard.up('PageDown')
  }
  await hold()
  await expect(offer).toBeHidden()
  await page.keyboard.press('PageUp')
  await expect(offer).toBeVisible()
  await hold()
  await expect(offer).toBeHidden()
  for (let n = 0; n < 40 && (await title(page).isVisible()); n++) {
    const key = await title(page).innerText()
    const step = painting.steps.find((s: { title: string }) => s.title === key)
    await page.clock.fastForward(Math.round(1000 * (step.seconds + step.waitSeconds)))
    if (await offer.isVisible()) await hold()
    else await page.keyboard.press('PageDown')
  }
  await expect(page.locator('.over')).toHaveText('All steps are done. Tap to end')
  await page.keyboard.press('PageDown')
  await expect(page.locator('.over')).toContainText('Ended after')
  const minutes = /Ended after (\d+):(\d+)/.exec(await page.locator('.over').innerText())!
  expect(Number(minutes[1]) + Number(minutes[2]) / 60).toBeLessThanOrEqual(11)
  await expect.poll(async () => (await events()).some((e) => e.kind === 'ended')).toBe(true)
  // The book changes the next plan: hers, where it is switched on.
  const times = await (await page.request.get('/api/book/times?painter=Nessa')).json()
  expect(times.sessions).toBe(1)
  const plan = async () => {
    const { look } = await (await page.request.get('/api/looks/quay-seal')).json()
    return (
      await send(page, 'post', '/api/plan', {
        look,
        faceId: 'odalys',
        kitId: 'saltmarsh-box',
        settingId: setting,
      })
    ).totalSeconds as number
  }
  const before = await plan()
  await page.goto('/book/times/Nessa')
  await page.getByRole('checkbox', { name: /Pedal/ }).check()
  await expect.poll(plan).not.toBe(before)
})

test('a cut line and a page loaded anew lose nothing of the session', async ({ page, context }) => {
  await intoTheChair(page)
  await page.locator('.face').click()
  await page.locator('.face').click()
  const second = await title(page).innerText()
  await context.setOffline(true)
  await page.locator('.face').click()
  await expect(title(page)).not.toHaveText(second)
  await expect(page.locator('.bar')).toContainText('not connected')
  const third = await title(page).innerText()
  await context.setOffline(false)
  await expect(page.locator('.bar')).not.toContainText('not connected')
  await page.reload()
  await expect(title(page)).toHaveText(third)
  // Another device sees it at the same step.
  const events = await (await page.request.get(`/api/paintings/${sessionOf(page)}/events`)).json()
  expect(events.filter((e: { kind: string }) => e.kind === 'stepDone')).toHaveLength(2)
})

// The whole session without the service: the page itself, its plan, its pictures and its taps; told afterwards, once each.
test('without the service the page opens again and the session runs to its end', async ({
  page,
  context,
}) => {
  test.slow()
  await intoTheChair(page)
  const id = sessionOf(page)
  await page.evaluate(() => navigator.serviceWorker.ready)
  await page.keyboard.press('PageDown')
  const steps = (await (await page.request.get(`/api/paintings/${id}`)).json()).painting.steps.length
  // All pictures are at hand.
  await expect
    .poll(() =>
      page.evaluate(
        () =>
          new Promise<number>((found) => {
            const open = indexedDB.open('datura-chair')
            open.onsuccess = () => {
              const count = open.result.transaction('pictures').objectStore('pictures').count()
              count.onsuccess = () => found(count.result)
            }
          }),
      ),
    )
    .toBeGreaterThanOrEqual(steps)
  await context.setOffline(true)
  await page.keyboard.press('PageDown')
  await page.reload()
  await expect(title(page)).toBeVisible()
  await expect(page.locator('.face img')).toBeVisible()
  for (let n = 0; n < 60 && (await title(page).isVisible()); n++) await page.keyboard.press('PageDown')
  await page.keyboard.press('PageDown')
  await expect(page.locator('.over')).toContainText('Ended after')
  await context.setOffline(false)
  const kinds = async () =>
    ((await (await page.request.get(`/api/paintings/${id}/events`)).json()) as { kind: string }[]).map(
      (e) => e.kind,
    )
  await expect.poll(async () => (await kinds()).at(-1)).toBe('ended')
  expect((await kinds()).filter((k) => k === 'stepDone')).toHaveLength(steps)
  expect((await kinds()).filter((k) => k === 'begun')).toHaveLength(1)
})

test('a chair that was left while the line was cut still tells what happened there', async ({
  page,
  context,
}) => {
  await intoTheChair(page)
  const id = sessionOf(page)
  await page.evaluate(() => navigator.serviceWorker.ready)
  await page.keyboard.press('PageDown')
  await context.setOffline(true)
  await page.keyboard.press('PageDown')
  await page.goto('about:blank')
  await context.setOffline(false)
  await page.goto('/chair')
  const kinds = async () =>
    ((await (await page.request.get(`/api/paintings/${id}/events`)).json()) as { kind: string }[]).map(
      (e) => e.kind,
    )
  await expect.poll(kinds).toEqual(['begun', 'stepDone'])
})

test('two devices see each other at once, and the simulated pedal presses keys', async ({
  page,
  context,
}) => {
  await intoTheChair(page)
  const phone = await context.newPage()
  await phone.goto(page.url())
  await expect(phone.locator('.over')).toHaveText('Tap to begin')
  const pedal = await context.newPage()
  await pedal.goto('/pedal')
  await page.locator('.face').click()
  const first = await title(page).innerText()
  await expect(phone.locator('.over')).toBeHidden({ timeout: 3500 })
  await expect(title(phone)).toHaveText(first)
  await phone.close()
  await pedal.getByRole('button', { name: 'On', exact: true }).click()
  await expect(title(page)).not.toHaveText(first)
  await pedal.getByRole('button', { name: 'Back' }).click()
  await expect(title(page)).toHaveText(first)
  // The caller sees who is at what.
  await pedal.goto('/chair')
  await expect(pedal.getByRole('region', { name: 'Sessions that are open' })).toContainText(first)
})

test('two painters each have their own steps and see whom they wait for', async ({ page, context }) => {
  const { id: setting } = await send(page, 'post', '/api/settings', {
    id: '',
    name: `Pair ${Date.now()}`,
    slotMinutes: 60,
    viewingDistanceM: 2,
    light: '',
    necklineMm: 0,
    painters: 2,
  })
  await context.addInitScript((s) => localStorage.setItem('datura.setting', s), setting)
  await page.goto('/chair')
  await page.getByLabel('Painter', { exact: true }).fill('Nessa')
  await page.getByLabel('Second painter', { exact: true }).fill('Jory')
  await choose(page, 'Look', 'Barnacle saint')
  await page.getByRole('button', { name: 'Into the chair' }).click()
  await expect(page.locator('.chair .with')).toBeVisible()
  const id = sessionOf(page)
  const { painting } = await (await page.request.get(`/api/paintings/${id}`)).json()
  expect(painting.steps.some((s: { painter: number }) => s.painter === 2)).toBe(true)
  const jory = await context.newPage()
  await jory.goto(`/chair/${id}?lane=2`)
  await page.goto(`/chair/${id}?lane=1`)
  await page.locator('.face').click()
  await expect(jory.locator('.over').or(jory.locator('.chair h1')).first()).toBeVisible()
  const mine = painting.steps.filter((s: { painter: number }) => s.painter === 1)
  const hers = painting.steps.filter((s: { painter: number }) => s.painter === 2)
  await expect(title(page)).toHaveText(mine[0].title)
  await expect(title(jory)).toHaveText(hers[0].title)
  await expect(page.getByRole('region', { name: 'The other painter' })).toContainText(
    `Jory is at ${hers[0].title}`,
  )
  await page.keyboard.press('PageDown')
  await expect(jory.getByRole('region', { name: 'The other painter' })).toContainText(
    `Nessa is at ${mine[1].title}`,
  )
  // Hers are hers: a tap here did not move her.
  await expect(title(jory)).toHaveText(hers[0].title)
})

test('steps change places where nothing lies beneath, notes and a photo are kept', async ({ page }) => {
  await intoTheChair(page)
  await page.locator('.face').click()
  await page.keyboard.press('PageDown')
  const first = await title(page).innerText()
  await page.getByRole('button', { name: 'More' }).click()
  const more = page.getByRole('region', { name: 'More' })
  await expect(more.locator('li').filter({ hasText: 'after ' }).first()).toBeVisible()
  await more.getByRole('button', { name: 'Now' }).first().click()
  await expect(title(page)).not.toHaveText(first)
  await more.getByLabel('A note').fill('left ear itches')
  await more.getByRole('button', { name: 'Keep' }).click()
  await more.locator('input[type=file]').setInputFiles({
    name: 'face.png',
    mimeType: 'image/png',
    buffer: Buffer.from(
      'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
      'base64',
    ),
  })
  const id = sessionOf(page)
  await expect
    .poll(async () => (await (await page.request.get(`/api/paintings/${id}/photos`)).json()).length)
    .toBe(1)
  await more.getByRole('button', { name: 'Stop here' }).click()
  await expect(page.locator('.over')).toContainText('Ended after')
  await page.goto(`/book/${id}`)
  await expect(page.getByRole('region', { name: 'How it went' })).toContainText('left ear itches')
  const photos = page.getByRole('region', { name: 'Photos' })
  await expect(photos.locator('img')).toHaveCount(1)
  await photos.getByRole('button', { name: 'Delete' }).click()
  await expect(photos.locator('img')).toHaveCount(0)
})

// A tap shows the next picture at once, also on a tablet six times as slow.
test('the next picture is there with the tap, on a slow tablet too', async ({ page }) => {
  await intoTheChair(page)
  const cdp = await page.context().newCDPSession(page)
  await cdp.send('Emulation.setCPUThrottlingRate', { rate: 6 })
  await page.locator('.face').click()
  await expect(page.locator('.next img')).toBeVisible()
  const ready = await page.locator('.next img').getAttribute('src')
  await page.keyboard.press('PageDown')
  await expect(page.locator('.face img')).toHaveAttribute('src', ready!)
})

for (const [width, height] of [
  [390, 844],
  [1024, 768],
] as const)
  test(`the step, the clock and the next thing fit ${width}×${height}`, async ({ page }) => {
    await page.setViewportSize({ width, height })
    await page.goto('/chair')
    await choose(page, 'Look', 'Quay seal')
    await page.getByRole('button', { name: 'Into the chair' }).click()
    await expect(page.locator('.chair .with')).toBeVisible()
    await page.locator('.face').click()
    const wide = await page.evaluate(() => document.documentElement.scrollWidth)
    expect(wide).toBeLessThanOrEqual(width)
    for (const button of await page.locator('.deeds button').all())
      expect((await button.boundingBox())!.height).toBeGreaterThanOrEqual(48)
    await expect(page.locator('.time b')).toBeInViewport()
  })
