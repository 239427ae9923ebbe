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
await shot('workspace-wings', '/looks/salt-widow', {
  theme: 'wings',
  face: 'tamsin',
  act: async (page) => {
    await page.keyboard.press('2')
    await page.waitForTimeout(1500)
  },
})
await shot('cormorant', '/looks/storm-cormorant', { face: 'tamsin' })
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
await shot('pictures', '/looks/kelp-bride', {
  act: async (page) => {
    await page.getByRole('group', { name: 'Layout' }).getByRole('button', { name: 'Pictures' }).click()
    const image = page.locator('.references .place image')
    await image.waitFor()
    await page.getByRole('button', { name: 'Trace' }).click()
    const point = async ([x, y]) => {
      const box = await image.boundingBox()
      await page.mouse.click(box.x + x * box.width, box.y + y * box.height)
    }
    for (const landmark of [
      [0.28, 0.47],
      [0.72, 0.47],
      [0.5, 0.69],
    ])
      await point(landmark)
    for (const place of [
      [0.643, 0.197],
      [0.69, 0.3],
      [0.663, 0.408],
      [0.69, 0.513],
      [0.633, 0.618],
      [0.643, 0.737],
      [0.557, 0.842],
    ])
      await point(place)
  },
})
await shot('faces', '/faces/tamsin')
await shot('library', '/looks/quay-seal', {
  theme: 'wings',
  face: 'tamsin',
  act: async (page) => {
    await page.keyboard.press('a')
    await page.waitForTimeout(4000)
    await page.getByRole('dialog').getByRole('button', { name: 'Neck vertebrae' }).hover()
    await page.waitForTimeout(800)
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
await shot('case', '/case/chapel-run', {
  act: (page) => page.locator('.packed table').first().waitFor(),
})
await shot('book', '/book', {
  act: (page) => page.locator('.entry-of').waitFor(),
})
await shot('workspace-narrow', '/looks/drowned-lamp-keeper', {
  width: 390,
  height: 844,
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
const booth = new URL('screenshots/booth.pdf', docs)
writeFileSync(booth, await post('/api/plan/sheet?paper=A4&kind=booth'))
execFileSync('pdftoppm', ['-r', '75', '-png', booth.pathname, booth.pathname.replace('.pdf', '')])
rmSync(booth)
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
