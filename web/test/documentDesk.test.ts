// @vitest-environment happy-dom
import { flushPromises, mount, type VueWrapper } from '@vue/test-utils'
import { NMessageProvider } from 'naive-ui'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { defineComponent, h, ref } from 'vue'
import { createMemoryHistory, createRouter, RouterView } from 'vue-router'
import { ApiProblem } from '../src/api/client'
import type { DocumentCalls } from '../src/lib/document'
import { useDocumentDesk } from '../src/lib/documentDesk'

interface Stall {
  name: string
  faces: number
}

/** A studio with two stalls, a screen that shows one of them, and what was reckoned for which. */
async function screen(reckon: (one: Stall) => Promise<number>) {
  const kept = new Map<string, { revision: number; value: Stall }>([
    ['quay', { revision: 1, value: { name: 'Quay', faces: 40 } }],
    ['slip', { revision: 1, value: { name: 'Slip', faces: 12 } }],
  ])
  const calls: DocumentCalls<Stall> = {
    read: (id) => Promise.resolve(structuredClone(kept.get(id)!)),
    save: (id, revision, value) => {
      kept.set(id, { revision: revision + 1, value: structuredClone(value) })
      return Promise.resolve(revision + 1)
    },
    add: (value) => {
      if (refusal) return Promise.reject(new ApiProblem(400, refusal))
      kept.set('new', { revision: 1, value: structuredClone(value) })
      return Promise.resolve('new')
    },
  }
  const id = ref<string | undefined>()
  let refusal = ''
  let desk!: ReturnType<typeof useDocumentDesk<Stall, { id: string; name: string }, number>>
  const Page = defineComponent({
    props: { id: String },
    setup(props) {
      desk = useDocumentDesk({
        kind: 'days',
        path: '/days',
        id: () => props.id,
        empty: { name: '', faces: 0 },
        calls,
        all: () => Promise.resolve([...kept].map(([key, one]) => ({ id: key, name: one.value.name }))),
        reckon,
      })
      return () => h('p', desk.doc.value.name)
    },
  })
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [{ path: '/days/:id?', component: Page, props: true }],
  })
  await router.push('/days')
  const page: VueWrapper = mount(
    defineComponent(() => () => h(NMessageProvider, () => h(RouterView))),
    { global: { plugins: [router] }, attachTo: document.body },
  )
  await flushPromises()
  return { desk: () => desk, router, kept, page, id, refuse: (why: string) => (refusal = why) }
}

beforeEach(() => {
  vi.useFakeTimers()
  localStorage.clear()
  setActivePinia(createPinia())
})
afterEach(() => {
  vi.useRealTimers()
  document.body.innerHTML = ''
})

const settled = async () => {
  await vi.advanceTimersByTimeAsync(1000)
  await flushPromises()
}

describe('a list of documents with one in hand', () => {
  it('takes the first in hand where none is asked for, and reckons it', async () => {
    const { desk } = await screen((one) => Promise.resolve(2 * one.faces))
    await settled()
    expect(desk().stored.value?.id).toBe('quay')
    expect(desk().answer.value).toBe(80)
  })

  it('reckons anew after a change, and what is shown is the newest', async () => {
    const asked: number[] = []
    const { desk } = await screen((one) => {
      asked.push(one.faces)
      return Promise.resolve(one.faces)
    })
    await settled()
    desk().form.value.faces = 41
    desk().form.value.faces = 42
    await settled()
    expect(desk().answer.value).toBe(42)
    expect(asked).not.toContain(41)
  })

  it('says why it cannot be reckoned, and keeps the last answer until it can', async () => {
    const { desk } = await screen((one) =>
      one.faces > 100
        ? Promise.reject(new ApiProblem(400, 'So many faces go into no day.'))
        : Promise.resolve(one.faces),
    )
    await settled()
    desk().form.value.faces = 1000
    await settled()
    expect(desk().problem.value).toBe('So many faces go into no day.')
    expect(desk().answer.value).toBe(40)
    desk().form.value.faces = 50
    await settled()
    expect([desk().problem.value, desk().answer.value]).toEqual(['', 50])
  })

  it('goes to another by its address, and keeps a new one', async () => {
    const { desk, router } = await screen((one) => Promise.resolve(one.faces))
    await settled()
    await router.push('/days/slip')
    await settled()
    expect(desk().answer.value).toBe(12)
    await desk().made({ name: 'Steps', faces: 7 })
    await settled()
    expect(router.currentRoute.value.path).toBe('/days/new')
    expect(desk().answer.value).toBe(7)
  })

  it('puts the one in hand down while a new one is made, so that nothing typed goes into the wrong one', async () => {
    const { desk, kept } = await screen((one) => Promise.resolve(one.faces))
    await settled()
    desk().form.value.faces = 41
    await flushPromises()
    const making = desk().made({ name: 'Steps', faces: 7 })
    await flushPromises()
    expect(desk().doc.id).not.toBe('quay')
    await making
    await settled()
    expect(kept.get('quay')!.value.faces).toBe(41)
    expect(kept.get('new')!.value.faces).toBe(7)
    expect(desk().doc.id).toBe('new')
  })

  it('takes the one before in hand again when no new one could be made', async () => {
    const { desk, refuse, kept } = await screen((one) => Promise.resolve(one.faces))
    await settled()
    refuse('The studio is full: remove a stall first.')
    await desk().made({ name: 'Steps', faces: 7 })
    await settled()
    expect(document.body.textContent).toContain('The studio is full')
    expect([desk().doc.id, kept.has('new')]).toEqual(['quay', false])
    desk().form.value.faces = 43
    await settled()
    expect(kept.get('quay')!.value.faces).toBe(43)
  })
})
