// @vitest-environment node
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick, ref, shallowRef } from 'vue'
import { ApiProblem } from '../src/api/client'
import { useAutosave } from '../src/lib/autosave'
import type { Draft } from '../src/lib/drafts'

vi.stubGlobal('window', globalThis)

interface Note {
  text: string
}

/** A service that keeps revisions, and a browser that keeps drafts. */
function desk(save?: (revision: number, note: Note, key: string) => Promise<number>) {
  const value = shallowRef<Note>({ text: 'as read' })
  const id = ref('whelk')
  const drafts = new Map<string, Draft<Note>>()
  const sent: Note[] = []
  const theirs = { revision: 7, value: { text: 'theirs' } }
  const saving = useAutosave<Note>({
    id,
    value,
    read: (_, revision) =>
      Promise.resolve(revision === undefined ? theirs : { revision, value: { text: 'as read' } }),
    save: async (_, revision, note, key) => {
      sent.push(note)
      return save ? save(revision, note, key) : revision + 1
    },
    keep: (key, draft) => !!drafts.set(key, draft),
    drop: (key) => void drafts.delete(key),
  })
  saving.opened(value.value, 1)
  const write = async (text: string) => {
    value.value = { text }
    await nextTick()
  }
  return { value, id, drafts, sent, theirs, saving, write }
}

describe('saving by itself', () => {
  beforeEach(() => void vi.useFakeTimers())

  it('saves soon after the last change, once, and drops the draft', async () => {
    const { saving, write, sent, drafts } = desk()
    await write('a')
    await write('ab')
    expect(saving.state.value).toBe('waiting')
    expect(drafts.get('whelk')?.value.text).toBe('ab')
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
    expect([saving.state.value, drafts.get('whelk')?.value.text]).toEqual(['offline', 'a'])
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
    // What was changed after it was told is kept as well.
    expect(drafts.get('whelk')?.value.text).toBe('mine, again')
    expect(saving.conflict.value).toEqual({
      base: { text: 'as read' },
      theirs: { text: 'theirs' },
      revision: 7,
    })
  })

  it('asks nothing when somebody else saved the very same', async () => {
    const { saving, write, drafts } = desk(() => Promise.reject(new ApiProblem(409, 'Changed')))
    await write('theirs')
    await vi.advanceTimersByTimeAsync(800)
    expect([saving.state.value, saving.revision.value, drafts.size]).toEqual(['saved', 7, 0])
  })

  it('goes on from theirs when the painter has chosen', async () => {
    let stale = true
    const on: number[] = []
    const { saving, write } = desk((revision) => {
      on.push(revision)
      return stale ? Promise.reject(new ApiProblem(409, 'Changed')) : Promise.resolve(revision + 1)
    })
    await write('mine')
    await vi.advanceTimersByTimeAsync(800)
    stale = false
    saving.settle()
    await write('of both')
    await vi.advanceTimersByTimeAsync(800)
    expect(on).toEqual([1, 7])
    expect([saving.state.value, saving.revision.value]).toEqual(['saved', 8])
  })

  // The service took the save, and the answer was lost on its way.
  it('sends a save that was never answered again with its key before anything else', async () => {
    const taken = new Map<string, number>()
    let newest = 1
    let cut = true
    const { saving, write, sent } = desk((revision, _, key) => {
      if (!taken.has(key)) {
        if (revision !== newest) return Promise.reject(new ApiProblem(409, 'Changed'))
        taken.set(key, ++newest)
      }
      if (cut) return Promise.reject(new ApiProblem(0, 'No connection'))
      return Promise.resolve(taken.get(key)!)
    })
    await write('a')
    await vi.advanceTimersByTimeAsync(800)
    await write('ab')
    cut = false
    await vi.advanceTimersByTimeAsync(8000)
    expect(sent.map((n) => n.text)).toEqual(['a', 'a', 'ab'])
    expect([saving.state.value, saving.revision.value, newest]).toEqual(['saved', 3, 3])
  })

  it('keeps the key with the draft, for the page that comes after this one', async () => {
    const keys: string[] = []
    const lost = desk((_, __, key) => {
      keys.push(key)
      return Promise.reject(new ApiProblem(0, 'No connection'))
    })
    await lost.write('a')
    await vi.advanceTimersByTimeAsync(800)
    const draft = lost.drafts.get('whelk')!
    lost.saving.stop()
    const after = desk((revision, _, key) => {
      keys.push(key)
      return Promise.resolve(revision + 1)
    })
    after.saving.resume(draft)
    await after.write(draft.value.text)
    await vi.advanceTimersByTimeAsync(800)
    expect(keys[0]).toBe(keys.at(-1))
    expect([after.saving.state.value, after.drafts.size]).toEqual(['saved', 0])
  })

  it('waits as long as the service says', async () => {
    let busy = true
    const { saving, write, sent } = desk((revision) =>
      busy ? Promise.reject(new ApiProblem(503, 'Busy', {}, 20_000)) : Promise.resolve(revision + 1),
    )
    await write('a')
    await vi.advanceTimersByTimeAsync(15_000)
    expect(sent.length).toBe(1)
    busy = false
    await vi.advanceTimersByTimeAsync(7000)
    expect([saving.state.value, sent.length]).toEqual(['saved', 2])
  })

  it('leaves no draft of what was saved while the look was left, and keeps what was changed after', async () => {
    const slow = async (revision: number) => {
      await new Promise((resolve) => setTimeout(resolve, 500))
      return revision + 1
    }
    for (const [more, left] of [
      [null, undefined],
      ['ab', 'ab'],
    ] as const) {
      const { id, saving, write, drafts } = desk(slow)
      await write('a')
      const running = saving.save()
      if (more) await write(more)
      id.value = ''
      await vi.advanceTimersByTimeAsync(600)
      await running
      expect(drafts.get('whelk')?.value.text).toBe(left)
      if (left) expect(drafts.get('whelk')).toMatchObject({ revision: 2, value: { text: left } })
      expect(drafts.get('whelk')?.pending).toBeUndefined()
    }
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
