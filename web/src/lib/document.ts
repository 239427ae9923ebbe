import { getCurrentScope, onScopeDispose, ref, type UnwrapNestedRefs } from 'vue'
import type { DocumentKind } from '../api/client'
import { say } from '../texts'
import { useAutosave, type Read } from './autosave'
import { freshName } from './freshName'
import { hands } from './hands'
import { useHistory } from './history'
import { merged, same, type Choice, type Piece } from './merge'
import { drafts, tabs } from './tabs'

/** A service that does not answer keeps nobody from leaving for longer. */
const LEAVE_MS = 2000

/** How the service keeps documents of one kind. */
export interface DocumentCalls<T> {
  /** As it is now, or as it was at a revision. */
  read: (id: string, revision?: number) => Promise<Read<T>>
  /** Saves on top of a revision and gives the new one. */
  save: (id: string, revision: number, value: T, key: string) => Promise<number>
  /** Keeps a new one and gives its id. */
  add: (value: T, key: string) => Promise<string>
}

/** What the screen wants to know of it. */
export interface DocumentEvents<T> {
  /** It was read, and is shown in a moment; again when it was the one that is open. */
  opened?: (value: T, again: boolean) => void
  /** The service has a new revision. */
  saved?: (id: string) => void
}

/** A document in the painter's hands: undone and done again, saved by itself, kept in the browser until it is, merged with what others saved. */
export function useDocument<T extends { name: string }>(
  kind: DocumentKind,
  empty: T,
  calls: DocumentCalls<T>,
  events: DocumentEvents<T> = {},
) {
  const history = useHistory<T>(empty)
  const value = history.now
  const id = ref('')
  /** Which opening is the newest: one that is overtaken shows nothing. */
  let openings = 0

  const saving = useAutosave<T>({
    id,
    value,
    read: calls.read,
    save: calls.save,
    keep: (of, draft) => drafts.keep(kind, of, draft),
    drop: (of) => drafts.drop(kind, of),
    told: (of, revision) => {
      tabs.saved(kind, of, revision)
      events.saved?.(of)
    },
  })

  // Another tab of this browser saved what is open here.
  const deaf = tabs.onSaved((what, of, revision) => {
    if (what !== kind || of !== id.value || revision <= saving.revision.value) return
    if (saving.state.value === 'saved') void open(of)
    else if (saving.state.value === 'waiting') void saving.collide()
  })
  if (getCurrentScope()) onScopeDispose(deaf)

  async function open(wanted: string) {
    const opening = ++openings
    const again = wanted === id.value
    saving.stop()
    id.value = ''
    const [stored, draft] = await Promise.all([calls.read(wanted), drafts.take<T>(kind, wanted)])
    if (opening !== openings) return
    events.opened?.(stored.value, again)
    saving.opened(stored.value, stored.revision)
    history.reset(stored.value)
    id.value = wanted
    if (draft) {
      // Work that never reached the service goes on top, to be saved or, when somebody else saved since, to be decided on.
      saving.resume(draft)
      history.change(draft.value)
    }
  }

  /** Leaves it; what is not saved yet is saved or stays as a draft. */
  async function close() {
    openings++
    const under = saving.state.value === 'waiting' || saving.state.value === 'saving'
    if (under) await Promise.race([saving.save(), new Promise((resolve) => setTimeout(resolve, LEAVE_MS))])
    saving.stop()
    id.value = ''
  }

  /** What is the same as before is no step of undo. */
  function change(next: T, key = '', held = false) {
    if (same(next, value.value)) return
    if (hands.mayChange()) history.change(next, key, held)
    else hands.tried()
  }

  /** After a conflict: throw the own change away and show what was saved elsewhere. */
  async function takeTheirs() {
    const of = id.value
    drafts.drop(kind, of)
    await open(of)
  }

  /** After a conflict: goes on from theirs with what was chosen of mine. */
  function take(pieces: Piece[], choices: Choice[]) {
    const both = saving.conflict.value
    if (!both) return
    const mine = value.value
    saving.settle()
    history.change(merged(both.theirs, mine, pieces, choices))
    if (choices.every((c) => c === 'theirs')) drafts.drop(kind, id.value)
  }

  /** Pressed again because nothing seemed to happen, it is still one copy. */
  let copyKey: string | undefined

  /** After a conflict: keep the own change under a new name. */
  async function saveAsCopy(): Promise<string> {
    const copy = { ...value.value, name: say('look.copy', { name: value.value.name }) }
    const copied = await calls.add(copy, (copyKey ??= freshName()))
    copyKey = undefined
    drafts.drop(kind, id.value)
    return copied
  }

  return {
    value,
    id,
    revision: saving.revision,
    saveState: saving.state,
    saveMessage: saving.message,
    conflict: saving.conflict,
    canUndo: history.canUndo,
    canRedo: history.canRedo,
    change,
    undo: history.undo,
    redo: history.redo,
    open,
    close,
    save: saving.save,
    collide: saving.collide,
    take,
    takeTheirs,
    saveAsCopy,
  }
}

/** As a screen holds it. */
export type OpenDocument<T extends { name: string }> = UnwrapNestedRefs<ReturnType<typeof useDocument<T>>>

/** What is asked of a document of any kind. */
export type SavedDocument = Pick<
  OpenDocument<{ name: string }>,
  | 'id'
  | 'revision'
  | 'value'
  | 'canUndo'
  | 'canRedo'
  | 'undo'
  | 'redo'
  | 'saveState'
  | 'saveMessage'
  | 'conflict'
  | 'save'
  | 'collide'
  | 'take'
  | 'takeTheirs'
  | 'saveAsCopy'
>
