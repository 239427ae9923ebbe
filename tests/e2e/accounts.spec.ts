import { createHmac } from 'node:crypto'
import { expect, test, type Browser, type Page } from '@playwright/test'

// An application of its own, in which nobody has an account yet: its owner's link ends what the others' tests need.
const [origin, token] = (process.env.DATURA_ACCOUNTS ?? '').split('#')
const PASSWORD = 'kelp lamp harbour bell'

/** A code by RFC 6238. */
function code(base32: string, at = Date.now()) {
  const bits = [...base32]
    .map((c) => 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567'.indexOf(c).toString(2).padStart(5, '0'))
    .join('')
  const key = Buffer.from(bits.match(/.{8}/g)!.map((b) => parseInt(b, 2)))
  const counter = Buffer.alloc(8)
  counter.writeBigInt64BE(BigInt(Math.floor(at / 30_000)))
  const hash = createHmac('sha1', key).update(counter).digest()
  return String((hash.readUInt32BE(hash[19]! & 15) & 0x7fffffff) % 1_000_000).padStart(6, '0')
}

async function somebody(browser: Browser): Promise<Page> {
  const context = await browser.newContext({ baseURL: origin })
  await context.grantPermissions(['clipboard-read', 'clipboard-write'])
  return context.newPage()
}

async function join(page: Page, link: string, name: string) {
  await page.goto(link)
  await page.getByLabel('Your name', { exact: false }).fill(name)
  await page.getByLabel('Password', { exact: true }).fill(PASSWORD)
  await page.getByRole('button', { name: 'Make the account' }).click()
  await expect(page.getByRole('heading', { name: 'Looks', exact: true })).toBeVisible()
}

async function signIn(page: Page, name: string) {
  await page.goto('/looks')
  await page.getByLabel('Name or e-mail address').fill(name)
  await page.getByLabel('Password', { exact: true }).fill(PASSWORD)
  await page.getByRole('button', { name: 'Sign in', exact: true }).click()
}

test.describe.configure({ mode: 'serial', retries: 0 })

test('from the demo to a studio with an owner, a helper and a guest', async ({ browser }) => {
  test.skip(!origin, 'DATURA_ACCOUNTS names no application')
  const owner = await somebody(browser)
  await owner.goto('/looks')
  await owner.getByRole('link', { name: 'Demo' }).click()
  await expect(owner.getByText('Nobody has an account here yet')).toBeVisible()

  // The owner's link, once.
  await join(owner, `/join#${token}`, 'Mirren Tolley')
  const late = await somebody(browser)
  await late.goto(`/join#${token}`)
  await expect(late.getByRole('alert')).toContainText('does not work any more')
  await late.goto('/looks')
  await expect(late.getByRole('heading', { name: 'Sign in' })).toBeVisible()
  await signIn(late, 'Nobody Inparticular')
  await expect(late.getByRole('alert')).toContainText('do not belong together')

  // A helper sees and does not change.
  await owner.goto('/account')
  await owner.getByRole('button', { name: 'Studio', exact: true }).click()
  await owner.getByLabel('Invite as').click()
  await owner.getByText('Helper', { exact: true }).last().click()
  await owner.getByRole('button', { name: 'Make an invitation' }).click()
  const invitation = await owner.getByRole('status').locator('code').innerText()
  await join(late, invitation, 'Ansel Quayle')
  await expect(late.getByText('As a helper you change nothing')).toBeVisible()
  await expect(late.getByRole('button', { name: 'New look' })).toHaveCount(0)
  await late.goto('/looks/quay-seal')
  const lookName = late.getByRole('textbox', { name: 'Name of the look' })
  // What is typed before the look is there is not typed into it.
  await expect(lookName).toHaveValue('Quay seal')
  await expect(lookName).toHaveAttribute('readonly', '')
  await expect(late.getByRole('button', { name: 'Add a part' })).toHaveCount(0)
  await late.keyboard.press('a')
  await expect(late.getByRole('dialog')).toHaveCount(0)
  expect(await (await late.request.get(`${origin}/api/looks/quay-seal`)).text()).toContain('Quay seal')

  // A guest sees one look.
  await owner.reload()
  await owner.getByRole('button', { name: 'Studio', exact: true }).click()
  await owner.getByRole('button', { name: 'Make a link' }).click()
  const link = await owner.getByRole('status').locator('code').innerText()
  const guest = await somebody(browser)
  await guest.goto(link)
  await expect(guest.getByRole('heading', { level: 1 })).toBeVisible()
  await expect(guest.getByRole('img').first()).toBeVisible()
  expect(guest.url()).not.toContain('#')
  expect((await guest.request.get(`${origin}/api/looks`)).status()).toBe(403)

  // What happened is on record.
  await owner.getByRole('button', { name: 'Changes', exact: true }).click()
  await expect(owner.getByRole('cell', { name: 'Mirren Tolley' }).first()).toBeVisible()
})

test('a second step and a passkey', async ({ browser }) => {
  test.skip(!origin, 'DATURA_ACCOUNTS names no application')
  const page = await somebody(browser)
  await signIn(page, 'Mirren Tolley')
  await expect(page.getByRole('heading', { name: 'Looks', exact: true })).toBeVisible()
  await page.goto('/account')
  await page.getByLabel('Present password').fill(PASSWORD)

  const cdp = await page.context().newCDPSession(page)
  await cdp.send('WebAuthn.enable')
  const options = {
    protocol: 'ctap2',
    transport: 'internal',
    hasResidentKey: true,
    hasUserVerification: true,
    isUserVerified: true,
    automaticPresenceSimulation: true,
  } as const
  await cdp.send('WebAuthn.addVirtualAuthenticator', { options })
  await page.getByRole('button', { name: 'Add a passkey' }).click()
  await expect(page.getByText('The passkey works from now on')).toBeVisible()

  await page.getByRole('button', { name: 'Set it up' }).click()
  const key = await page.locator('.offer code').innerText()
  await page.getByLabel('Code').fill(code(key))
  await page.getByRole('button', { name: 'Confirm' }).click()
  await expect(page.getByText('Write these down')).toBeVisible()

  await page.getByRole('button', { name: 'Sign out', exact: true }).click()
  await page.getByRole('button', { name: 'Use a passkey' }).click()
  await expect(page.getByRole('heading', { name: 'Looks', exact: true })).toBeVisible()

  await page.goto('/account')
  await page.getByRole('button', { name: 'Sign out', exact: true }).click()
  // The page leads on by itself; going elsewhere at the same moment would break that off.
  await expect(page.getByRole('button', { name: 'Use a passkey' })).toBeVisible()
  await signIn(page, 'Mirren Tolley')
  await page.getByLabel('Code').fill(code(key, Date.now() + 30_000))
  await page.getByRole('button', { name: 'Sign in', exact: true }).click()
  await expect(page.getByRole('heading', { name: 'Looks', exact: true })).toBeVisible()
  await page.goto('/account')
  await page.getByLabel('Present password').fill(PASSWORD)
  await page.getByRole('button', { name: 'Turn it off' }).click()
  await expect(page.getByText('No code is asked for any more')).toBeVisible()
})
