import { say } from '../texts'
import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { api, type Look, type Part } from '../api/client'
import { useAutosave } from '../lib/autosave'
import { freshName } from '../lib/freshName'
import { useHistory } from '../lib/history'
import { merged, type Choice, type Piece } from '../lib/merge'
import { drafts, tabs } from '../lib/tabs'
import { useSelection } from './selection'

export const EMPTY: Look = { name: '', notes: '', mapping: 'pencil', parts: [] }

/** The look in the painter's hands: its document with undo, and its saving. */
export const useLook = defineStore('look', () => {
  const selection = useSelection()
  const history = useHistory<Look>(EMPTY)
  const look = history.now
  const id = ref('')
  /** Kit in which nothing of the look has to be stood in for; it becomes the look's own with the next change. */
  const fittingKit = ref<string | null>(null)
  const part = computed(() => look.value.parts.find((p) => p.id === selection.selected) ?? null)

  const read = async (lookId: string, at?: number) => {
    const stored = await api.look(lookId, at)
    return { revision: stored.revision, value: stored.look }
  }

  const saving = useAutosave<Look>({
    id,
    value: look,
    read,
    save: async (lookId, revision, value, key) => (await api.saveLook(lookId, revision, value, key)).revision,
    keep: (lookId, draft) => drafts.keep('looks', lookId, draft),
    drop: (lookId) => drafts.drop('looks', lookId),
    told: (lookId, revision) => tabs.saved('looks', lookId, revision),
  })

  // Another tab of this browser saved what is open here.
  tabs.onSaved((kind, lookId, revision) => {
    if (kind !== 'looks' || lookId !== id.value || revision <= saving.revision.value) return
    if (saving.state.value === 'saved') void open(lookId, selection.selected)
    else if (saving.state.value === 'waiting') void saving.collide()
  })

  async function open(lookId: string, selected: string | null = null) {
    saving.stop()
    id.value = ''
    const [stored, draft] = await Promise.all([read(lookId), drafts.take<Look>('looks', lookId)])
    selection.selected = stored.value.parts.some((p) => p.id === selected) ? selected : null
    fittingKit.value = null
    saving.opened(stored.value, stored.revision)
    history.reset(stored.value)
    id.value = lookId
    if (draft) {
      // Work that never reached the service goes on top, to be saved or, when somebody else saved since, to be decided on.
      saving.resume(draft)
      history.change(draft.value)
    }
  }

  /** Leaves the look; what is not saved yet is saved or stays as a draft. */
  async function close() {
    const under = saving.state.value === 'waiting' || saving.state.value === 'saving'
    // A service that does not answer keeps nobody: the draft is there.
    if (under) await Promise.race([saving.save(), new Promise((resolve) => setTimeout(resolve, 2000))])
    id.value = ''
  }

  /** After a conflict: throw the own change away and show what was saved elsewhere. */
  async function takeTheirs() {
    const lookId = id.value
    drafts.drop('looks', lookId)
    await open(lookId)
  }

  /** After a conflict: goes on from theirs with what was chosen of mine. */
  function take(pieces: Piece[], choices: Choice[]) {
    const both = saving.conflict.value
    if (!both) return
    const mine = look.value
    saving.settle()
    history.change(merged(both.theirs, mine, pieces, choices))
    if (choices.every((c) => c === 'theirs')) drafts.drop('looks', id.value)
  }

  /** Pressed again because nothing seemed to happen, it is still one copy. */
  let copyKey: string | undefined

  /** After a conflict: keep the own change under a new name. */
  async function saveAsCopy(): Promise<string> {
    const copy = await api.addLook(
      { ...look.value, name: say('look.copy', { name: look.value.name }) },
      (copyKey ??= freshName()),
    )
    copyKey = undefined
    drafts.drop('looks', id.value)
    return copy.id
  }

  /** Changes the look; changes with the same key in quick succession are one step of undo. */
  function describe(change: Partial<Look>, key = '') {
    history.change(
      { ...look.value, ...change },
      key && `${key}/${selection.dragging ? selection.drags : ''}`,
      selection.dragging,
    )
  }

  const describeParts = (parts: Part[], key = '') =>
    describe({ parts, kit: fittingKit.value ?? look.value.kit }, key)

  function edit(partId: string, change: Partial<Part>, key = '') {
    describeParts(
      look.value.parts.map((p) => (p.id === partId ? { ...p, ...change } : p)),
      key && `${partId}/${key}`,
    )
  }

  function freshId(kind: string) {
    const taken = new Set(look.value.parts.map((p) => p.id))
    for (let n = 1; ; n++) if (!taken.has(`${kind}-${n}`)) return `${kind}-${n}`
  }

  function add(template: Part) {
    const added = { ...template, id: freshId(template.kind), seed: 1 + look.value.parts.length }
    describeParts([...look.value.parts, added])
    selection.selected = added.id
  }

  function duplicate(partId: string) {
    const original = look.value.parts.find((p) => p.id === partId)
    if (original) add(original)
  }

  /** A one-sided part changes sides. */
  function mirror(partId: string) {
    const found = look.value.parts.find((p) => p.id === partId)
    if (found && found.sides !== 'both') edit(partId, { sides: found.sides === 'left' ? 'right' : 'left' })
  }

  function remove(partId: string) {
    describe({ parts: look.value.parts.filter((p) => p.id !== partId) })
    if (selection.selected === partId) selection.selected = null
  }

  return {
    look,
    id,
    part,
    fittingKit,
    revision: saving.revision,
    saveState: saving.state,
    saveMessage: saving.message,
    save: saving.save,
    canUndo: history.canUndo,
    canRedo: history.canRedo,
    undo: history.undo,
    redo: history.redo,
    open,
    close,
    conflict: saving.conflict,
    collide: saving.collide,
    take,
    takeTheirs,
    saveAsCopy,
    describe,
    edit,
    add,
    duplicate,
    mirror,
    remove,
  }
})
