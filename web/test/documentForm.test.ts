// @vitest-environment happy-dom
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import { ApiProblem } from '../src/api/client'
import { useDocument, type DocumentCalls } from '../src/lib/document'
import { useDocumentForm } from '../src/lib/documentForm'
import { hands } from '../src/lib/hands'

interface Note {
  name: string
  sizes: Record<string, number>
}

/** A service with two notes, and what was saved of them. */
function studio() {
  const kept = new Map<string, { revision: number; value: Note }>([
    ['whelk', { revision: 1, value: { name: 'Whelk', sizes: { mouth: 50, nose: 40 } } }],
    ['limpet', { revision: 4, value: { name: 'Limpet', sizes: { mouth: 52, nose: 38 } } }],
  ])
  let there = true
  const calls: DocumentCalls<Note> = {
    read: (id) => {
      const found = kept.get(id)
      return found
        ? Promise.resolve(structuredClone(found))
        : Promise.reject(new ApiProblem(404, `There is no ${id}.`))
    },
    save: (id, revision, value) => {
      if (!there) return Promise.reject(new ApiProblem(0, 'No connection'))
      if (kept.get(id)?.revision !== revision) return Promise.reject(new ApiProblem(409, 'Changed elsewhere'))
      kept.set(id, { revision: revision + 1, value: structuredClone(value) })
      return Promise.resolve(revision + 1)
    },
    add: () => Promise.resolve('copy'),
  }
  return { kept, calls, cut: (now: boolean) => (there = !now) }
}

async function opened(id = 'whelk') {
  const service = studio()
  const doc = useDocument<Note>('faces', { name: '', sizes: {} }, service.calls)
  const form = useDocumentForm(doc)
  await doc.open(id)
  await nextTick()
  return { ...service, doc, form }
}

describe('a document in a form', () => {
  beforeEach(() => {
    localStorage.clear()
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout', 'Date'] })
  })
  afterEach(() => void vi.useRealTimers())

  it('saves what is written into a field by itself, and undo brings back what was there', async () => {
    const { doc, form, kept } = await opened()
    form.value.sizes.mouth = 55
    await nextTick()
    expect(doc.saveState.value).toBe('waiting')
    await vi.advanceTimersByTimeAsync(800)
    expect(kept.get('whelk')).toEqual({
      revision: 2,
      value: { name: 'Whelk', sizes: { mouth: 55, nose: 40 } },
    })
    doc.undo()
    await vi.advanceTimersByTimeAsync(800)
    expect(form.value.sizes.mouth).toBe(50)
    expect(kept.get('whelk')!.value.sizes.mouth).toBe(50)
  })

  it('takes letters typed into one field back in one step, and each field in its own', async () => {
    const { doc, form } = await opened()
    for (const name of ['W', 'Wr', 'Wrack']) {
      form.value.name = name
      await nextTick()
    }
    form.value.sizes.nose = 41
    await nextTick()
    doc.undo()
    await nextTick()
    expect([form.value.name, form.value.sizes.nose]).toEqual(['Wrack', 40])
    doc.undo()
    await nextTick()
    expect(form.value.name).toBe('Whelk')
  })

  it('opening changes nothing, whichever is opened after which', async () => {
    const { doc, form, kept } = await opened()
    await doc.close()
    await doc.open('limpet')
    await vi.advanceTimersByTimeAsync(5000)
    expect(form.value.name).toBe('Limpet')
    expect(doc.canUndo.value).toBe(false)
    expect([...kept.values()].map((k) => k.revision)).toEqual([1, 4])
  })

  it('of two that are opened at once the later is shown', async () => {
    const { doc, form } = await opened()
    await Promise.all([doc.open('limpet'), doc.open('whelk')])
    await nextTick()
    expect([doc.id.value, form.value.name]).toEqual(['whelk', 'Whelk'])
  })

  it('what a cut connection did not take is there when it is opened again, and is saved', async () => {
    const { doc, form, kept, cut } = await opened()
    cut(true)
    form.value.name = 'Wrack'
    await vi.advanceTimersByTimeAsync(800)
    expect(doc.saveState.value).toBe('offline')
    await doc.close()
    await doc.open('limpet')
    cut(false)
    await doc.close()
    await doc.open('whelk')
    expect(doc.value.value.name).toBe('Wrack')
    await vi.advanceTimersByTimeAsync(800)
    expect(kept.get('whelk')!.value.name).toBe('Wrack')
    expect(localStorage.length).toBe(0)
  })

  it('goes on from both when somebody else saved: theirs where they changed it, mine where I did', async () => {
    const { doc, form, kept } = await opened()
    kept.set('whelk', { revision: 2, value: { name: 'Wrack', sizes: { mouth: 50, nose: 40 } } })
    form.value.sizes.mouth = 55
    await vi.advanceTimersByTimeAsync(800)
    expect(doc.conflict.value?.theirs.name).toBe('Wrack')
    doc.take([{ path: ['sizes', 'mouth'], base: 50, mine: 55, theirs: 50 }], ['mine'])
    await vi.advanceTimersByTimeAsync(800)
    expect(kept.get('whelk')).toEqual({
      revision: 3,
      value: { name: 'Wrack', sizes: { mouth: 55, nose: 40 } },
    })
    expect(form.value.name).toBe('Wrack')
  })

  it('a document that is not there is told, and nothing of the one before is shown', async () => {
    const { doc } = await opened()
    await expect(doc.open('nobody')).rejects.toThrow('There is no nobody.')
    expect(doc.id.value).toBe('')
  })

  it('shows whoever may not change it what is there, whatever is written into it', async () => {
    const { doc, form, kept } = await opened()
    const tried = vi.spyOn(hands, 'tried')
    vi.spyOn(hands, 'mayChange').mockReturnValue(false)
    form.value.sizes.mouth = 55
    await nextTick()
    await vi.advanceTimersByTimeAsync(5000)
    await nextTick()
    expect(form.value.sizes.mouth).toBe(50)
    expect(doc.saveState.value).toBe('saved')
    expect(doc.canUndo.value).toBe(false)
    expect(kept.get('whelk')!.revision).toBe(1)
    expect(tried).toHaveBeenCalled()
    vi.restoreAllMocks()
  })
})
