// Takes the pictures of docs/ from the demo data. Start ./run --fresh --yes first, then: node tests/shots/shots.mjs [word]
// With a word only the pictures whose name holds it.
import { execFileSync } from 'node:child_process'
import { rmSync, writeFileSync } from 'node:fs'
import { launch } from '../chromium.mjs'

const address = process.env.DATURA_URL ?? 'http://127.0.0.1:5180'
const docs = new URL('../../docs/', import.meta.url)
const browser = await launch()

const only = process.argv[2] ?? ''

async function shot(name, path, { theme = 'paper', face = 'odalys', width = 1280, height = 800, act } = {}) {
  if (!name.includes(only)) return
  const page = await browser.newPage({ viewport: { width, height } })
  await page.addInitScript(
    ([t, f]) => {
      localStorage.setItem('datura.theme', t)
      localStorage.setItem('datura.face', f)
    },
    [theme, face],
  )
  await page.goto(address + path)
  await page.waitForLoadState('networkidle')
  await page.waitForTimeout(3500)
  if (act) {
    await act(page)
    await page.waitForTimeout(2500)
  }
  // Pictures come from the service, slowly on its first start.
  await page.waitForFunction(
    () => [...document.images].every((i) => i.complete || i.loading === 'lazy'),
    null,
    { timeout: 60_000 },
  )
  await page.waitForTimeout(1500)
  await page.screenshot({
    path: new URL(`screenshots/${name}.png`, docs).pathname,
  })
  await page.close()
}

const select = (part) => (page) => page.locator('.parts button', { hasText: part }).first().click()

await shot('looks', '/looks')
await shot('workspace', '/looks/drowned-lamp-keeper', {
  act: select('Socket'),
})
const found = async (page, photos) => {
  await page.waitForFunction(
    (n) => document.querySelectorAll('circle.point').length > 8 && !document.querySelector('.progress') && document.querySelectorAll('.tabs button').length >= n,
    photos,
    { timeout: 90_000 },
  )
  await page.getByRole('button', { name: 'The points are right' }).click()
}
await shot('photo-measure', '/faces/odalys/photos', {
  act: async (page) => {
    await page.getByRole('button', { name: /demo's two photos/ }).click()
    await found(page, 2)
    await page.getByRole('button', { name: 'Photo 1' }).click()
    await page.getByRole('button', { name: 'The points are right' }).click()
    await page.getByRole('button', { name: 'Measure', exact: true }).click()
    await page.getByRole('row', { name: /^Mouth width/ }).waitFor()
  },
})
await shot('photo-over', '/over', {
  theme: 'wings',
  act: async (page) => {
    await page.getByRole('button', { name: 'Try with a demo photo' }).click()
    await found(page, 1)
    await page.getByRole('button', { name: 'Look it over', exact: true }).click()
    await page.locator('.findings li').first().waitFor({ timeout: 30_000 })
  },
})
await shot('form', '/looks/low-tide-bones', {
  act: async (page) => {
    await page.getByRole('button', { name: 'Form', exact: true }).click()
    await page.waitForTimeout(4000)
  },
})
await shot('brief', '/new', {
  act: async (page) => {
    await page.getByLabel('The idea in your words').fill('a sad drowned one')
    await page.locator('.proposal img').nth(5).waitFor({ timeout: 60_000 })
    await page.locator('.faces ul:not(.stale)').waitFor({ timeout: 30_000 })
  },
})
await shot('characters', '/characters/barnacle-saints', {
  act: async (page) => {
    await page.locator('.wearer').nth(3).waitFor({ timeout: 60_000 })
    await page.locator('summary').first().click()
  },
})
await shot('order', '/looks/kelp-bride', {
  act: async (page) => {
    await page.keyboard.press('r')
    await page.waitForTimeout(9000)
    await page.getByRole('button', { name: /^Step 9,/ }).press('Enter')
    await page.waitForTimeout(1500)
  },
})
await shot('map', '/looks/drowned-lamp-keeper', {
  act: (page) => page.keyboard.press('m'),
})
await shot('kit', '/kit', { face: 'bartram' })
await shot('coats', '/looks/kelp-bride', {
  act: async (page) => {
    await page.keyboard.press('c')
    const box = await page.locator('.bust canvas').boundingBox()
    await page.mouse.click(box.x + box.width * 0.5, box.y + box.height * 0.31)
    await page.locator('.side .n-select').first().click()
    await page.getByText('Red wash').last().click()
  },
})
await shot('days', '/days/lantern-walk-stall')
await shot('case', '/case/chapel-run', {
  act: (page) => page.locator('.packed table').first().waitFor(),
})
await shot('book', '/book/walk-30', {
  act: (page) => page.locator('.entry-of').waitFor(),
})

const ask = async (path, body, method = 'POST') => {
  const answer = await fetch(address + path, {
    method: body ? method : 'GET',
    headers: { 'content-type': 'application/json' },
    body: body && JSON.stringify(body),
  })
  if (!answer.ok) throw new Error(`${path}: ${await answer.text()}`)
  return answer.json()
}

// A session that is behind: seven minutes gone, two steps done, and a bell that does not wait.
async function seated(lookId, slotMinutes) {
  const { look, revision } = await ask(`/api/looks/${lookId}`)
  const request = { look, faceId: 'tamsin', kitId: 'saltmarsh-box', settingId: 'night-parade' }
  const on = new Date().toISOString().slice(0, 10)
  const { id } = await ask(`/api/paintings/of-plan?lookId=${lookId}&revision=${revision}&on=${on}&chair=true&painter=Wenna`, request)
  const { painting, revision: saved } = await ask(`/api/paintings/${id}`)
  await ask(`/api/paintings/${id}`, { revision: saved, document: { ...painting, slotMinutes } }, 'PUT')
  const began = Date.now() - 210_000
  const happened = [
    ['begun', null, 0],
    ['stepDone', painting.steps[0].key, 100],
    ['stepDone', painting.steps[1].key, 195],
  ].map(([kind, step, s], k) => ({
    id: `shot-${k + 1}`,
    device: 'shot',
    number: k + 1,
    at: new Date(began + 1000 * s).toISOString(),
    kind,
    step,
    other: null,
    words: null,
    parts: [],
  }))
  await ask(`/api/paintings/${id}/events`, happened)
  return id
}

if ('chair'.includes(only)) await shot('chair', `/chair/${await seated('quay-seal', 8)}`, { width: 1280, height: 800 })

// A queue on its way; a day of its own, so that the demo's stays as it is.
async function queueing() {
  const { day } = await ask('/api/days/lantern-walk-stall')
  const { id } = await ask('/api/days', { ...day, untilMinute: 1439, name: 'Lantern walk, the evening' })
  const now = Date.now()
  const looks = day.menu.filter((l) => l.offered).map((l) => l.look)
  const event = (kind, minutes, more) => ({
    id: more.id ?? `${kind}-${more.ticket}`,
    at: new Date(now - 60_000 * minutes).toISOString(),
    kind,
    ...more,
  })
  const happened = [7, 6, 6, 5, 4, 3, 2, 2].map((m, k) =>
    event('joined', 6 + m, { id: `shot-${k + 1}`, look: looks[k % looks.length] }),
  )
  happened.push(
    event('called', 12, { ticket: 'shot-1', painter: 'Wenna' }),
    event('began', 11, { ticket: 'shot-1' }),
    event('done', 4, { ticket: 'shot-1' }),
    event('called', 3, { ticket: 'shot-2', painter: 'Wenna' }),
    event('began', 2.5, { ticket: 'shot-2' }),
    event('called', 0.4, { ticket: 'shot-3', painter: 'Corin' }),
  )
  await ask(`/api/days/${id}/queue`, happened)
  return id
}
if ('queue'.includes(only)) await shot('queue', `/days/${await queueing()}/queue`)
await shot('drills', '/drills/wenna', {
  act: async (page) => {
    await page.getByRole('button', { name: /^Left and right/ }).click()
    await page.getByRole('button', { name: 'A card of the demo' }).click()
    await page.getByRole('button', { name: 'Measure', exact: true }).click()
    await page.getByLabel('What the photo says').waitFor({ timeout: 30_000 })
    await page.locator('.packed h2').scrollIntoViewIfNeeded()
  },
})
await shot('calls', '/calls/bell-under-water', {
  act: async (page) => page.locator('.packed tbody tr').first().waitFor({ timeout: 40_000 }),
})

// The sheet and the strip come straight from the service.
const look = (await (await fetch(`${address}/api/looks/drowned-lamp-keeper`)).json()).look
const request = JSON.stringify({
  look,
  faceId: 'odalys',
  kitId: 'saltmarsh-box',
  settingId: 'night-parade',
})
const post = async (path) =>
  Buffer.from(
    await (
      await fetch(address + path, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: request,
      })
    ).arrayBuffer(),
  )
writeFileSync(new URL('figures/steps.png', docs), await post('/api/plan/strip'))
writeFileSync(new URL('figures/paint.png', docs), await post('/api/plan/paint?pixels=768'))
const pdf = new URL('screenshots/sheet.pdf', docs)
writeFileSync(pdf, await post('/api/plan/sheet?paper=A4'))
execFileSync('pdftoppm', [
  '-r',
  '75',
  '-png',
  '-f',
  '1',
  '-l',
  '1',
  pdf.pathname,
  pdf.pathname.replace('.pdf', ''),
])
rmSync(pdf)
await browser.close()
