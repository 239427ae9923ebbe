import { say } from '../texts'
import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { api, type Look, type Part } from '../api/client'
import { useAutosave } from '../lib/autosave'
import { dropDraft, keepDraft, readDraft } from '../lib/drafts'
import { useHistory } from '../lib/history'
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

  const saving = useAutosave<Look>({
    id,
    value: look,
    save: async (lookId, revision, value) => (await api.saveLook(lookId, revision, value)).revision,
    keep: (lookId, revision, value) => keepDraft(lookId, { revision, look: value }),
    drop: dropDraft,
  })

  async function open(lookId: string) {
    saving.stop()
    id.value = ''
    const stored = await api.look(lookId)
    const draft = readDraft(lookId)
    selection.selected = null
    fittingKit.value = null
    saving.opened(stored.look, stored.revision)
    history.reset(stored.look)
    id.value = lookId
    if (draft) {
      // Work that never reached the service goes on top, to be saved or, when somebody else saved since, to be decided on.
      saving.revision.value = draft.revision
      history.change(draft.look)
    }
  }

  /** Leaves the look; what is not saved yet is saved or stays as a draft. */
  async function close() {
    if (saving.state.value === 'waiting') await saving.save()
    id.value = ''
  }

  /** After a conflict: throw the own change away and show what was saved elsewhere. */
  async function takeTheirs() {
    const lookId = id.value
    dropDraft(lookId)
    await open(lookId)
  }

  /** After a conflict: keep the own change under a new name. */
  async function saveAsCopy(): Promise<string> {
    const copy = await api.addLook({ ...look.value, name: say('look.copy', { name: look.value.name }) })
    dropDraft(id.value)
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
