// @vitest-environment happy-dom
import { flushPromises, mount } from '@vue/test-utils'
import { NMessageProvider } from 'naive-ui'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { defineComponent, h } from 'vue'
import { documents } from '../src/api/client'
import DialogBox from '../src/components/DialogBox.vue'
import NumberField from '../src/components/NumberField.vue'
import PaintSeen from '../src/components/PaintSeen.vue'
import RemovedMenu from '../src/components/RemovedMenu.vue'
import SavesPanel from '../src/components/SavesPanel.vue'
import { useSession } from '../src/stores/session'
import type { PaintOnSkin } from '../src/api/client'

// The client takes hold of fetch when it is made, which is before any test.
let answer: (request: Request) => Promise<Response>
vi.hoisted(() => {
  globalThis.fetch = ((request: Request) =>
    (globalThis as unknown as { answers: typeof fetch }).answers(request)) as typeof fetch
})
;(globalThis as unknown as { answers: (request: Request) => Promise<Response> }).answers = (request) =>
  answer(request)

type Call = { url: string; method: string }
const calls: Call[] = []

/** Answers every request by its address; what has no answer is a fault of the test. */
function answers(of: Record<string, unknown>) {
  answer = async (request: Request) => {
    const url = request.url.replace(/^https?:\/\/[^/]+/, '')
    calls.push({ url, method: request.method })
    const found = Object.entries(of).find(([address]) => url.startsWith(address))
    if (!found) throw new Error(`no answer for ${url}`)
    return new Response(JSON.stringify(found[1]), { headers: { 'content-type': 'application/json' } })
  }
}

/** With the messages that a component may show. */
const inApp = (component: unknown, props: Record<string, unknown>) =>
  mount(
    defineComponent(
      () => () => h(NMessageProvider, () => h(component as ReturnType<typeof defineComponent>, props)),
    ),
    { attachTo: document.body },
  )

beforeEach(() => {
  calls.length = 0
  localStorage.clear()
  setActivePinia(createPinia())
})
afterEach(() => {
  document.body.innerHTML = ''
})

describe('what all kinds of documents can', () => {
  it('differs in the address alone', async () => {
    answers({ '/api/': {} })
    for (const kind of ['looks', 'faces', 'kits', 'settings'] as const) {
      await documents(kind).remove('gull', 4)
      await documents(kind).putBack('gull')
      await documents(kind).revisions('gull')
      await documents(kind).restore('gull', 2, 4)
      expect(documents(kind).file('gull')).toBe(`/api/${kind}/gull/file`)
    }
    expect(calls.slice(4, 8)).toEqual([
      { url: '/api/faces/gull?revision=4', method: 'DELETE' },
      { url: '/api/faces/gull/put-back', method: 'POST' },
      { url: '/api/faces/gull/revisions', method: 'GET' },
      { url: '/api/faces/gull/revisions/2/restore?read=4', method: 'POST' },
    ])
  })

  it('keeps signs of an id from becoming another address', () => {
    expect(documents('faces').file('a/b?c')).toBe('/api/faces/a%2Fb%3Fc/file')
  })
})

describe('what was removed', () => {
  it('is not spoken of when there is nothing', async () => {
    answers({ '/api/kits/find': [] })
    const menu = inApp(RemovedMenu, { kind: 'kits', after: 1 })
    await flushPromises()
    expect(menu.text()).toBe('')
  })

  const as = (role: string) => ({
    name: 'Mirren',
    role,
    studio: null,
    demo: false,
    studios: [],
    page: 'word',
  })

  it('is counted', async () => {
    answers({ '/api/kits/find': [{ id: 'tin', name: 'Tin', revision: 1 }], '/api/session': as('painter') })
    await useSession().load()
    const menu = inApp(RemovedMenu, { kind: 'kits', after: 1 })
    await flushPromises()
    expect(menu.text()).toContain('Removed (1)')
    expect(calls.some((c) => c.url.includes('removed=true'))).toBe(true)
  })

  it('is not offered to whoever may not put it back', async () => {
    answers({ '/api/kits/find': [{ id: 'tin', name: 'Tin', revision: 1 }], '/api/session': as('helper') })
    await useSession().load()
    const menu = inApp(RemovedMenu, { kind: 'kits', after: 1 })
    await flushPromises()
    expect(menu.text()).toBe('')
  })
})

describe('earlier saves', () => {
  const saves = [
    { revision: 3, savedAt: '2026-11-26T10:00:00Z' },
    { revision: 2, savedAt: '2026-11-26T09:00:00Z' },
  ]
  const open = async (before?: () => Promise<unknown>) => {
    answers({
      '/api/faces/gull/revisions/differences': [{ path: ['name'], before: '"Gull"', after: '"Tern"' }],
      '/api/faces/gull/revisions/2/restore': { id: 'gull', revision: 4 },
      '/api/faces/gull/revisions': saves,
    })
    const panel = mount(SavesPanel, {
      props: { show: false, kind: 'faces', id: 'gull', revision: 3, before },
      attachTo: document.body,
    })
    await panel.setProps({ show: true })
    await flushPromises()
    return panel
  }

  it('are listed once what is in the hand is kept', async () => {
    const before = vi.fn(() => Promise.resolve())
    await open(before)
    expect(before).toHaveBeenCalledOnce()
    expect(document.querySelectorAll('ol button')).toHaveLength(2)
    expect(document.querySelector<HTMLButtonElement>('ol button')!.disabled).toBe(true)
  })

  it('tell what has changed since, and are brought back against the newest', async () => {
    const panel = await open()
    document.querySelectorAll<HTMLButtonElement>('ol button')[1]!.click()
    await flushPromises()
    expect(document.body.textContent).toContain('Name Gull → Tern')
    const back = [...document.querySelectorAll('button')].find((b) =>
      b.textContent?.includes('Bring this one back'),
    )!
    back.click()
    await flushPromises()
    expect(calls.at(-1)).toEqual({ url: '/api/faces/gull/revisions/2/restore?read=3', method: 'POST' })
    expect(panel.emitted('restored')).toHaveLength(1)
    expect(panel.emitted('update:show')!.at(-1)).toEqual([false])
  })
})

describe('a dialog', () => {
  it('is named by its heading and closes by its cross', async () => {
    const box = mount(DialogBox, {
      props: { show: true, title: 'Keys', widthPx: 300 },
      attachTo: document.body,
    })
    await flushPromises()
    const dialog = document.querySelector('[role=dialog]')!
    expect(document.getElementById(dialog.getAttribute('aria-labelledby')!)!.textContent).toBe('Keys')
    document.querySelector<HTMLButtonElement>('.cross')!.click()
    expect(box.emitted('update:show')).toEqual([[false]])
  })
})

describe('a number field', () => {
  it('says its unit to those who do not see it', () => {
    const field = mount(NumberField, {
      props: { modelValue: 45, label: 'Slot', unit: 'min', min: 1, max: 720 },
    })
    expect(field.get('input').attributes('aria-label')).toBe('Slot, min')
    expect(field.text()).toContain('min')
  })

  it('is never left without a number', async () => {
    const field = mount(NumberField, {
      props: { modelValue: 45, label: 'Slot', unit: 'min', min: 1, max: 720 },
    })
    await field.get('input').setValue('')
    await field.get('input').trigger('blur')
    expect((field.emitted('update:modelValue') ?? []).flat()).not.toContain(null)
  })
})

describe('how a paint looks', () => {
  const seen = {
    overBlack: '#111',
    overWhite: '#222',
    oneCoat: '#333',
    opaque: '#444',
    coatsToHide: 2,
    card: { missOverBlack: 0.4, missOverWhite: 0.6, spreadK: 0.1, spreadS: 0.2, doubt: null },
  } as unknown as PaintOnSkin

  it('is said in coats, and one coat in the singular', () => {
    expect(mount(PaintSeen, { props: { seen } }).text()).toContain('2 coats hide')
    expect(mount(PaintSeen, { props: { seen: { ...seen, coatsToHide: 1 } } }).text()).toContain(
      '1 coat hides',
    )
    expect(mount(PaintSeen, { props: { seen: { ...seen, coatsToHide: null } } }).text()).toContain(
      'more than 8',
    )
  })

  it('is doubted aloud when its card is', () => {
    expect(mount(PaintSeen, { props: { seen } }).find('[role=status]').exists()).toBe(false)
    const doubted = { ...seen, card: { ...seen.card, doubt: 'No film gives this card.' } } as PaintOnSkin
    expect(
      mount(PaintSeen, { props: { seen: doubted } })
        .get('[role=status]')
        .text(),
    ).toBe('No film gives this card.')
  })
})
