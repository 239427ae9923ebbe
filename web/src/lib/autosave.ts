import { ref, watch, type Ref } from 'vue'
import type { ApiProblem } from '../api/client'

const SAVE_AFTER_MS = 700
const RETRY_MS = 3000

export type SaveState = 'saved' | 'waiting' | 'saving' | 'offline' | 'conflict' | 'refused'

/** What is to be saved, and how. */
export interface Saving<T extends object> {
  /** Empty when nothing is open. */
  id: Ref<string>
  value: Ref<T>
  /** Saves on top of a revision and gives the new one. */
  save: (id: string, revision: number, value: T) => Promise<number>
  /** Keeps a copy until it is saved; false when there is no place for one. */
  keep: (id: string, revision: number, value: T) => boolean
  drop: (id: string) => void
}

/** Saves a value soon after it changes, one save at a time, and keeps what could not be saved. */
export function useAutosave<T extends object>({ id, value, save: send, keep, drop }: Saving<T>) {
  const revision = ref(0)
  const state = ref<SaveState>('saved')
  const message = ref('')
  let saved: T = value.value
  let timer = 0
  let running: Promise<void> | null = null

  /** Starts over with what was read. */
  function opened(read: T, at: number) {
    window.clearTimeout(timer)
    saved = read
    revision.value = at
    state.value = 'saved'
    message.value = ''
  }

  function schedule(ms: number) {
    window.clearTimeout(timer)
    timer = window.setTimeout(() => void save(), ms)
  }

  watch(value, (now) => {
    if (!id.value || now === saved || state.value === 'conflict') return
    const kept = keep(id.value, revision.value, now)
    if (state.value !== 'saving') state.value = 'waiting'
    message.value = kept ? '' : 'This browser keeps no copy; do not close it before the look is saved.'
    schedule(SAVE_AFTER_MS)
  })

  /** Saves now; done when everything up to now is saved or could not be. */
  async function save(): Promise<void> {
    while (running) await running
    window.clearTimeout(timer)
    if (!id.value || state.value === 'conflict') return
    running = attempt(id.value, value.value).finally(() => (running = null))
    await running
  }

  async function attempt(savingId: string, saving: T) {
    if (saving === saved) {
      // Undone back to what is saved: nothing to do but to forget the draft.
      drop(savingId)
      state.value = 'saved'
      return
    }
    state.value = 'saving'
    try {
      const next = await send(savingId, revision.value, saving)
      if (id.value !== savingId) return
      revision.value = next
      saved = saving
      if (value.value === saving) {
        drop(savingId)
        state.value = 'saved'
        message.value = ''
      } else {
        keep(savingId, next, value.value)
        state.value = 'waiting'
        schedule(SAVE_AFTER_MS)
      }
    } catch (error) {
      if (id.value !== savingId) return
      const problem = error as ApiProblem
      message.value = problem.message
      if (problem.status === 409) state.value = 'conflict'
      else if (problem.offline) {
        state.value = 'offline'
        schedule(RETRY_MS)
      } else state.value = 'refused'
    }
  }

  return { revision, state, message, opened, save, stop: () => window.clearTimeout(timer) }
}
