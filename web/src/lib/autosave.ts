import { ref, shallowRef, watch, type Ref } from 'vue'
import type { ApiProblem } from '../api/client'
import type { Draft } from './drafts'
import { same } from './merge'
import { freshName } from './freshName'
import { say } from '../texts'

const SAVE_AFTER_MS = 700
const RETRY_MS = 3000

export type SaveState = 'saved' | 'waiting' | 'saving' | 'offline' | 'conflict' | 'refused'

/** A document as it was read. */
export interface Read<T> {
  revision: number
  value: T
}

/** Somebody else saved while this painter had changes: what both started from, and what the other made of it. */
export interface Conflict<T> {
  base: T
  theirs: T
  revision: number
}

/** What is to be saved, and how. */
export interface Saving<T extends object> {
  /** Empty when nothing is open. */
  id: Ref<string>
  value: Ref<T>
  /** Saves on top of a revision and gives the new one; sent again with the same key it is the same save. */
  save: (id: string, revision: number, value: T, key: string) => Promise<number>
  /** The document as it is now, or as it was at a revision. */
  read: (id: string, revision?: number) => Promise<Read<T>>
  /** Keeps a copy until it is saved; false when there is no place for one. */
  keep: (id: string, draft: Draft<T>) => boolean
  drop: (id: string) => void
  /** Called after each save. */
  told?: (id: string, revision: number) => void
}

/** Saves a value soon after it changes, one save at a time, and keeps what could not be saved. */
export function useAutosave<T extends object>({ id, value, save: send, read, keep, drop, told }: Saving<T>) {
  const revision = ref(0)
  const state = ref<SaveState>('saved')
  const message = ref('')
  const conflict = shallowRef<Conflict<T> | null>(null)
  let saved: T = value.value
  let pending: Draft<T>['pending']
  /** The last change and whose it is: an answer may come when another document is open. */
  let latest = { id: '', value: saved }
  let timer = 0
  let running: Promise<void> | null = null

  /** Starts over with what was read. */
  function opened(now: T, at: number) {
    window.clearTimeout(timer)
    saved = now
    pending = undefined
    revision.value = at
    state.value = 'saved'
    message.value = ''
    conflict.value = null
  }

  /** After `opened`: goes on from work that was kept; the value is then changed to the draft's. */
  function resume(draft: Draft<T>) {
    revision.value = draft.revision
    pending = draft.pending
  }

  function schedule(ms: number) {
    window.clearTimeout(timer)
    timer = window.setTimeout(() => void save(), ms)
  }

  const kept = (savingId: string, what: T) =>
    keep(savingId, { revision: revision.value, value: what, pending, at: Date.now() })

  watch(value, (now) => {
    if (!id.value) return
    latest = { id: id.value, value: now }
    if (now === saved) return
    const there = kept(id.value, now)
    if (state.value === 'conflict') return
    if (state.value !== 'saving') state.value = 'waiting'
    message.value = there ? '' : say('saveState.noCopy')
    schedule(SAVE_AFTER_MS)
  })

  /** Saves now; done when everything up to now is saved or could not be. */
  async function save(): Promise<void> {
    while (running) await running
    window.clearTimeout(timer)
    if (!id.value || state.value === 'conflict') return
    running = attempt(id.value).finally(() => (running = null))
    await running
  }

  async function attempt(savingId: string) {
    if (value.value === saved && !pending) {
      // Undone back to what is saved: nothing to do but to forget the draft.
      drop(savingId)
      state.value = 'saved'
      return
    }
    state.value = 'saving'
    // A save that was never answered goes first: it may have arrived.
    const sent = (pending ??= { key: freshName(), value: value.value })
    kept(savingId, value.value)
    const on = revision.value
    let next: number
    try {
      next = await send(savingId, on, sent.value, sent.key)
    } catch (error) {
      if (id.value === savingId) await refused(savingId, error as ApiProblem)
      return
    }
    told?.(savingId, next)
    if (id.value !== savingId) {
      // Left while it was on its way. What was changed since stays as a draft on top of this save.
      if (latest.id === savingId && same(latest.value, sent.value)) drop(savingId)
      else if (latest.id === savingId) keep(savingId, { revision: next, value: latest.value, at: Date.now() })
      return
    }
    pending = undefined
    revision.value = next
    saved = sent.value
    if (same(value.value, sent.value)) {
      saved = value.value
      drop(savingId)
      state.value = 'saved'
      message.value = ''
    } else {
      kept(savingId, value.value)
      state.value = 'waiting'
      schedule(SAVE_AFTER_MS)
    }
  }

  async function refused(savingId: string, problem: ApiProblem) {
    message.value = problem.message
    if (problem.status === 409) {
      pending = undefined
      kept(savingId, value.value)
      await collide()
    } else if (problem.offline) {
      state.value = 'offline'
      schedule(problem.retryAfterMs ?? RETRY_MS)
    } else {
      pending = undefined
      state.value = 'refused'
    }
  }

  /** Somebody saved in between: asks what, and leaves it to the painter unless both made the same. */
  async function collide() {
    const savingId = id.value
    state.value = 'conflict'
    conflict.value = null
    try {
      const [base, newest] = await Promise.all([read(savingId, revision.value), read(savingId)])
      if (id.value !== savingId || state.value !== 'conflict') return
      if (same(newest.value, value.value)) {
        opened(value.value, newest.revision)
        drop(savingId)
      } else {
        conflict.value = { base: base.value, theirs: newest.value, revision: newest.revision }
      }
    } catch {
      // Still a conflict; `collide` again shows both sides when the service is back.
    }
  }

  /** Goes on from theirs; the value is then changed to what was made of both. */
  function settle() {
    const { theirs, revision: at } = conflict.value!
    opened(theirs, at)
  }

  return {
    revision,
    state,
    message,
    conflict,
    opened,
    resume,
    save,
    collide,
    settle,
    stop: () => window.clearTimeout(timer),
  }
}
