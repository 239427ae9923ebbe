// @vitest-environment node
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick, ref, shallowRef } from 'vue'
import { ApiProblem } from '../src/api/client'
import { useAutosave } from '../src/lib/autosave'

vi.stubGlobal('window', globalThis)

interface Note {
  text: string
}

/** A service that keeps revisions, and a browser that keeps drafts. */
function desk(save?: (revision: number, note: Note) => Promise<number>) {
  const value = shallowRef<Note>({ text: 'as read' })
  const id = ref('whelk')
  const drafts = new Map<string, Note>()
  const sent: Note[] = []
  const saving = useAutosave<Note>({
    id,
    value,
    save: async (_, revision, note) => {
      sent.push(note)
      return save ? save(revision, note) : revision + 1
    },
    keep: (key, _, note) => !!drafts.set(key, note),
    drop: (key) => void drafts.delete(key),
  })
  saving.opened(value.value, 1)
  const write = async (text: string) => {
    value.value = { text }
    await nextTick()
  }
  return { value, id, drafts, sent, saving, write }
}

describe('saving by itself', () => {
  beforeEach(() => void vi.useFakeTimers())

  it('saves soon after the last change, once, and drops the draft', async () => {
    const { saving, write, sent, drafts } = desk()
    await write('a')
    await write('ab')
    expect(saving.state.value).toBe('waiting')
    expect(drafts.get('whelk')?.text).toBe('ab')
    await vi.advanceTimersByTimeAsync(800)
    expect(sent.map((n) => n.text)).toEqual(['ab'])
    expect([saving.state.value, saving.revision.value, drafts.size]).toEqual(['saved', 2, 0])
  })

  it('saves one after the other, each on top of the one before', async () => {
    const on: number[] = []
    const { saving, write } = desk(async (revision) => {
      on.push(revision)
      await new Promise((resolve) => setTimeout(resolve, 500))
      return revision + 1
    })
    await write('a')
    const first = saving.save()
    await write('b')
    const second = saving.save()
    await vi.advanceTimersByTimeAsync(1500)
    await Promise.all([first, second])
    expect(on).toEqual([1, 2])
    expect(saving.state.value).toBe('saved')
  })

  it('keeps what a lost connection did not take, and tries again', async () => {
    let there = false
    const { saving, write, drafts } = desk(async (revision) => {
      if (!there) throw new ApiProblem(0, 'No connection')
      return revision + 1
    })
    await write('a')
    await vi.advanceTimersByTimeAsync(800)
    expect([saving.state.value, drafts.get('whelk')?.text]).toEqual(['offline', 'a'])
    there = true
    await vi.advanceTimersByTimeAsync(3100)
    expect([saving.state.value, drafts.size]).toEqual(['saved', 0])
  })

  it('overwrites nothing that somebody else saved', async () => {
    const { saving, write, sent, drafts } = desk(() => Promise.reject(new ApiProblem(409, 'Changed')))
    await write('mine')
    await vi.advanceTimersByTimeAsync(800)
    await write('mine, again')
    await vi.advanceTimersByTimeAsync(5000)
    await saving.save()
    expect(saving.state.value).toBe('conflict')
    expect(sent.length).toBe(1)
    expect(drafts.has('whelk')).toBe(true)
  })

  it('says what was refused and does not send it again by itself', async () => {
    const { saving, write, sent } = desk(() => Promise.reject(new ApiProblem(400, 'Give it a name.')))
    await write('')
    await vi.advanceTimersByTimeAsync(9000)
    expect([saving.state.value, saving.message.value, sent.length]).toEqual(['refused', 'Give it a name.', 1])
  })

  it('sends nothing for what was undone back to what is saved', async () => {
    const { value, saving, write, sent, drafts } = desk()
    const read = value.value
    await write('a')
    value.value = read
    await nextTick()
    await vi.advanceTimersByTimeAsync(2000)
    expect([saving.state.value, sent.length, drafts.size]).toEqual(['saved', 0, 0])
  })

  it('leaves an answer that comes after another look was opened', async () => {
    const { id, saving, write } = desk(async () => {
      await new Promise((resolve) => setTimeout(resolve, 500))
      return 9
    })
    await write('a')
    const running = saving.save()
    id.value = 'limpet'
    saving.opened({ text: 'another' }, 4)
    await vi.advanceTimersByTimeAsync(600)
    await running
    expect(saving.revision.value).toBe(4)
  })
})
