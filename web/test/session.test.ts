// @vitest-environment happy-dom
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { useSession } from '../src/stores/session'
import { api } from '../src/api/client'
import { entrance, type Role, type Session } from '../src/api/account'
import { ROLES } from '../src/lib/roles'
import { hands } from '../src/lib/hands'

let answer: (request: Request) => Response
vi.hoisted(() => {
  globalThis.fetch = ((request: Request) =>
    (globalThis as unknown as { answers: typeof fetch }).answers(request)) as typeof fetch
})
;(globalThis as unknown as { answers: (request: Request) => Promise<Response> }).answers = async (request) =>
  answer(request)

const sent: { method: string; url: string; word: string | null }[] = []
const json = (body: unknown, status = 200) =>
  new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } })

let role: Role | null
const session = (): Session => ({
  name: role && 'Mirren',
  role,
  studio: role ? { id: 'own', name: 'Quay' } : null,
  demo: false,
  studios: [],
  page: role ? `word of ${role}` : '',
})

beforeEach(() => {
  setActivePinia(createPinia())
  sent.length = 0
  role = 'painter'
  answer = (request) => {
    sent.push({
      method: request.method,
      url: new URL(request.url, 'http://x').pathname,
      word: request.headers.get('Datura-Page'),
    })
    return request.url.endsWith('/api/session') && request.method === 'GET' ? json(session()) : json({})
  }
})

describe('who works here', () => {
  it('may change by role, and nobody may who is not signed in', async () => {
    const may: [Role | null, boolean, boolean, boolean][] = [
      ['owner', true, true, true],
      ['painter', true, true, false],
      ['helper', true, false, false],
      ['guest', false, false, false],
      [null, false, false, false],
    ]
    const store = useSession()
    for (const [as, signedIn, canChange, isOwner] of may) {
      role = as
      await store.load()
      expect(hands.mayChange(), String(as)).toBe(canChange || !signedIn)
      expect([store.signedIn, store.canChange, store.isOwner], String(as)).toEqual([
        signedIn,
        canChange,
        isOwner,
      ])
    }
  })

  it('shows the word of its own page with every change and with no reading', async () => {
    const store = useSession()
    await store.load()
    await api.looks()
    await entrance.signOut()
    expect(sent).toEqual([
      { method: 'GET', url: '/api/session', word: null },
      { method: 'GET', url: '/api/looks', word: null },
      { method: 'DELETE', url: '/api/session', word: 'word of painter' },
    ])
  })

  it('learns from a refusal that it was signed out, and asks once', async () => {
    const store = useSession()
    await store.load()
    role = null
    const usual = answer
    answer = (request) =>
      request.url.endsWith('/api/looks') ? json({ detail: 'Sign in.' }, 401) : usual(request)
    await Promise.allSettled([api.looks(), api.looks(), api.looks()])
    await vi.waitFor(() => expect(store.signedIn).toBe(false))
    expect(sent.filter((s) => s.url === '/api/session')).toHaveLength(2)
    // Nobody is signed in: what is refused now tells nothing new.
    await Promise.allSettled([api.looks()])
    expect(sent.filter((s) => s.url === '/api/session')).toHaveLength(2)
  })

  it('has a word and a sentence for every role', () => {
    for (const { label, says } of Object.values(ROLES)) expect(label && says.endsWith('.')).toBeTruthy()
  })
})
