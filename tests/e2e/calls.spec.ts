import { expect, test } from '@playwright/test'
import ICAL from 'ical.js'

/** Calls of a production: planned, put out, and planned again when somebody is ill. */

test('six are ready by the bell, the sheet goes out, and a sick painter changes it', async ({ page }) => {
  const demo = await (await page.request.get('/api/productions/bell-under-water')).json()
  const run = {
    ...demo.production,
    name: `Run ${Date.now()}`,
    wearers: demo.production.wearers.map((w: object) => ({ ...w, ownMinutes: 25 })),
  }
  const id = (await (await page.request.post('/api/productions', { data: run })).json()).id
  await page.goto('/days')
  await page.getByRole('link', { name: 'Productions and calls' }).click()
  await page.goto(`/calls/${id}`)
  const sheet = page.getByRole('region', { name: 'Call sheet' })
  await expect(sheet.locator('tbody tr')).toHaveCount(6)
  await expect(sheet).toContainText(/All are ready by 19:30 with \d+ %/)
  await sheet.getByRole('button', { name: 'Put the sheet out' }).click()
  await expect(sheet.getByText('This sheet is out.')).toBeVisible()
  await sheet.getByRole('checkbox', { name: 'does not come' }).last().click()
  await expect(sheet.getByRole('button', { name: /Put it out again, \d changed/ })).toBeVisible()
  await expect(sheet.locator('tbody')).not.toContainText('Corin')
  const calendar = await (await page.request.get(`/api/productions/${id}/calls.ics?of=Odalys`)).text()
  expect(calendar.match(/BEGIN:VEVENT/g)).toHaveLength(1)

  // Somebody stands in, on a face of their own; from the sheet the look opens on it.
  await sheet.getByRole('button', { name: 'Add an understudy' }).click()
  await expect(sheet.getByText(/no patch test noted. Lay it by \d/).first()).toBeVisible()
  const stand = sheet.locator('.one').last()
  await stand.getByLabel('Face', { exact: true }).fill('Tamsin')
  await page.locator('.n-base-select-option', { hasText: 'Tamsin' }).click()
  const row = sheet.locator('tbody tr').filter({ hasText: 'stands in' })
  await expect(row).toBeVisible()
  await row.getByRole('link').click()
  await expect(page).toHaveURL(/\/looks\//)
  await expect.poll(() => page.evaluate(() => localStorage.getItem('datura.face'))).toContain('tamsin')
})

test('calls and availability go through another calendar library unchanged (RFC 5545)', async ({ page }) => {
  const demo = await (await page.request.get('/api/productions/bell-under-water')).json()
  const calls = demo.production.wearers.slice(0, 3).map((w: { name: string }, k: number) => ({
    wearer: w.name,
    painter: k === 1 ? 'Corin' : 'Wenna',
    fromMinute: 960 + 40 * k,
    paintedMinute: 995 + 40 * k,
    readyMinute: 1020 + 40 * k,
  }))
  const run = { ...demo.production, name: `Run, "${Date.now()}"; sea\\shore` }
  run.performances = run.performances.map((p: object, k: number) => (k === 0 ? { ...p, calls } : p))
  const { id } = await (await page.request.post('/api/productions', { data: run })).json()
  const read = async () => {
    const text = await (await page.request.get(`/api/productions/${id}/calls.ics`)).text()
    return new ICAL.Component(ICAL.parse(text))
      .getAllSubcomponents('vevent')
      .map((c) => new ICAL.Event(c))
      .filter((e) => e.summary.includes('paint '))
  }
  const events = await read()
  expect(events).toHaveLength(3)
  events.forEach((e, k) => {
    expect(e.summary).toBe(`${run.name}: paint ${calls[k].wearer}`)
    // The house's own clock, without a zone.
    expect(e.startDate.zone).toBe(ICAL.Timezone.localTimezone)
    expect(e.startDate.toString()).toBe(`${run.performances[0].on}T${clock(calls[k].fromMinute)}:00`)
    expect(e.endDate.toString()).toBe(`${run.performances[0].on}T${clock(calls[k].paintedMinute)}:00`)
  })
  // A later sheet: the same ids, a higher sequence.
  const { revision, production } = await (await page.request.get(`/api/productions/${id}`)).json()
  production.performances[0].calls[0].fromMinute -= 10
  await page.request.put(`/api/productions/${id}`, { data: { revision, document: production } })
  const later = await read()
  expect(later.map((e) => e.uid)).toEqual(events.map((e) => e.uid))
  expect(Number(later[0]!.sequence)).toBeGreaterThan(Number(events[0]!.sequence))

  // The other way: what the library writes is read here, every week anew.
  const calendar = new ICAL.Component('vcalendar')
  calendar.updatePropertyWithValue('version', '2.0')
  calendar.updatePropertyWithValue('prodid', '-//test//EN')
  const event = new ICAL.Event(new ICAL.Component('vevent'))
  event.uid = 'choir'
  event.summary = 'Choir'
  event.startDate = ICAL.Time.fromDateTimeString('2026-12-03T18:00:00')
  event.endDate = ICAL.Time.fromDateTimeString('2026-12-03T19:30:00')
  event.component.updatePropertyWithValue('rrule', ICAL.Recur.fromString('FREQ=WEEKLY;COUNT=4'))
  calendar.addSubcomponent(event.component)
  const busy = await page.request.post('/api/productions/availability', {
    data: { calendar: calendar.toString(), days: ['2026-12-10', '2026-12-11', '2026-12-17'] },
  })
  expect(await busy.json()).toEqual([
    { on: '2026-12-10', fromMinute: 1080, untilMinute: 1170 },
    { on: '2026-12-17', fromMinute: 1080, untilMinute: 1170 },
  ])
})

const clock = (minute: number) =>
  `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`

test('another kind of file is no calendar, and nothing is lost', async ({ page }) => {
  await page.goto('/calls/bell-under-water')
  const before = await page.getByLabel('Name of the painter').first().inputValue()
  await page
    .getByLabel(/Calendar file of/)
    .first()
    .setInputFiles({ name: 'tide.ics', mimeType: 'text/calendar', buffer: Buffer.from('no calendar') })
  await expect(page.getByText(/This is no calendar file/)).toBeVisible()
  await expect(page.getByLabel('Name of the painter').first()).toHaveValue(before)
})
