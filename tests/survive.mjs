#!/usr/bin/env node
// ./run under a writer that never stops: the service and the database are killed in turn, a second ./run tries to start, and at the
// end every save that was acknowledged is there, once and in its order; a session in the chair goes on while the service is dead. Usage: tests/survive.mjs [kills of the service] [of the database]
import { execFileSync, spawn } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync, chmodSync } from 'node:fs'
import { createServer } from 'node:net'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'

const top = dirname(dirname(fileURLToPath(import.meta.url)))
const [services = 1, databases = 1] = process.argv.slice(2).map(Number)
const home = mkdtempSync('/tmp/datura-survive-')
chmodSync(home, 0o755)
const port = await new Promise((found) => {
  const probe = createServer().listen(0, '127.0.0.1', () => {
    const { port } = probe.address()
    probe.close(() => found(port))
  })
})
const url = `http://127.0.0.1:${port}`
const wait = (ms) => new Promise((done) => setTimeout(done, ms))
const start = () => spawn(join(top, 'run'), ['--yes'], { env: { ...process.env, DATURA_HOME: home, DATURA_URL: url, DATURA_DB: '' }, stdio: ['ignore', 'pipe', 'pipe'] })

let said = ''
const run = start()
for (const stream of [run.stdout, run.stderr]) stream.on('data', (text) => (said += text))
const ended = new Promise((done) => run.on('exit', done))

async function until(what, holds, seconds = 120) {
  for (const end = Date.now() + 1000 * seconds; Date.now() < end; await wait(100)) if (await holds().catch(() => false)) return
  throw new Error(`${what} within ${seconds} s did not come.\n${said.slice(-3000)}`)
}

const ready = () => fetch(`${url}/health/ready`, { signal: AbortSignal.timeout(2000) }).then((a) => a.ok)
const call = async (method, path, body, headers = {}) => {
  const answer = await fetch(url + path, {
    method,
    headers: { 'content-type': 'application/json', ...headers },
    body: body && JSON.stringify(body),
    signal: AbortSignal.timeout(10_000),
  })
  if (!answer.ok) throw Object.assign(new Error(await answer.text()), { status: answer.status })
  return answer.json()
}

/** A seal is painted in a browser while the service is killed under it: nothing of the session is lost or doubled. */
async function chairOutlives(kill) {
  const { chromium } = await import(join(top, 'tests/e2e/node_modules/@playwright/test/index.mjs'))
  const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] })
  try {
    const page = await browser.newPage()
    const { look, revision } = await call('GET', '/api/looks/quay-seal')
    const request = { look, faceId: 'odalys', kitId: 'saltmarsh-box', settingId: 'night-parade' }
    const { id } = await call('POST', `/api/paintings/of-plan?lookId=quay-seal&revision=${revision}&on=2026-10-31&chair=true`, request)
    await page.goto(`${url}/chair/${id}`)
    const title = page.locator('.chair h1')
    await page.locator('.chair .with').waitFor({ timeout: 30_000 })
    await page.evaluate(() => navigator.serviceWorker.ready)
    await wait(2000)
    await page.keyboard.press('PageDown')
    await page.keyboard.press('PageDown')
    kill()
    await page.keyboard.press('PageDown')
    await page.reload()
    await title.waitFor({ timeout: 30_000 })
    for (let n = 0; n < 60 && (await title.isVisible()); n++) await page.keyboard.press('PageDown')
    await page.keyboard.press('PageDown')
    const { painting } = await until('The dead service', ready).then(() => call('GET', `/api/paintings/${id}`))
    const kinds = async () => (await call('GET', `/api/paintings/${id}/events`)).map((e) => e.kind)
    await until('The end of the session', async () => (await kinds()).at(-1) === 'ended')
    const told = await kinds()
    const done = told.filter((k) => k === 'stepDone').length
    if (done !== painting.steps.length || told.length !== done + 2) throw new Error(`of ${painting.steps.length} steps the service heard ${told.join(' ')}`)
    return done
  } finally {
    await browser.close()
  }
}

let problem
try {
  await until('The first start', ready)
  const { look } = await call('GET', '/api/looks/quay-seal')
  const { id } = await call('POST', '/api/looks', { ...look, name: 'Seal that survives' })

  // Saves one number after the other, each with its own key and again and again until it is acknowledged.
  const kept = new Map()
  let writing = true
  const writer = (async () => {
    let revision = 1
    for (let n = 1; writing; n++) {
      for (;;) {
        try {
          const saved = await call('PUT', `/api/looks/${id}`, { revision, document: { ...look, name: 'Seal that survives', notes: String(n) } }, { 'Idempotency-Key': `survive-${n}` })
          revision = saved.revision
          kept.set(n, revision)
          break
        } catch (error) {
          if (error.status && error.status < 500 && error.status !== 429) throw new Error(`save ${n}: ${error.message}`)
          await wait(50)
        }
      }
    }
  })()
  const more = async () => {
    const before = kept.size
    await Promise.race([writer, until('A save', () => Promise.resolve(kept.size > before + 3))])
  }

  const service = () => Number(execFileSync('pgrep', ['-f', `^dotnet Datura.Web.dll`]).toString().trim().split('\n').find((pid) => readFileSync(`/proc/${pid}/environ`, 'utf8').includes(url)))
  const database = () => Number(readFileSync(join(home, 'data/postmaster.pid'), 'utf8').split('\n')[0])
  for (let round = 0; round < Math.max(services, databases); round++) {
    if (round < services) {
      await more()
      process.kill(service(), 'SIGKILL')
      await more()
    }

    if (round < databases) {
      process.kill(database(), 'SIGKILL')
      await more()
    }
  }

  const taps = await chairOutlives(() => process.kill(service(), 'SIGKILL'))

  const second = start()
  const code = await new Promise((done) => second.on('exit', done))
  if (code === 0) throw new Error('a second ./run of the same copy started')
  await more()

  writing = false
  await writer
  for (const [n, revision] of kept) {
    const stored = await call('GET', `/api/looks/${id}?revision=${revision}`)
    if (stored.look.notes !== String(n)) throw new Error(`save ${n} was acknowledged as ${revision}, which holds ${stored.look.notes}`)
  }

  const saves = await call('GET', `/api/looks/${id}/revisions`)
  if (saves.length !== kept.size + 1) throw new Error(`${kept.size} saves were acknowledged, ${saves.length - 1} are kept`)
  console.log(`${services} kills of the service, ${databases} of the database: ${kept.size} saves acknowledged, all kept, none twice; ${taps} steps in the chair, all kept`)
} catch (error) {
  problem = error
}

run.kill('SIGTERM')
const code = await Promise.race([ended, wait(30_000).then(() => 'it did not')])
if (!problem && code !== 0) problem = new Error(`./run ended with ${code}\n${said.slice(-3000)}`)
if (!problem && (await ready().catch(() => false))) problem = new Error('the service runs on after ./run ended')
for (const left of [home, `${home}.lock`]) rmSync(left, { recursive: true, force: true })
if (problem) {
  console.error(problem.message)
  process.exit(1)
}
