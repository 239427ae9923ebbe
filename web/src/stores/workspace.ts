import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { api, ApiProblem, type Body, type LookDocument, type PartDocument, type Plan } from '../api/client'
import { dropDraft, keepDraft, readDraft } from '../lib/drafts'
import { useHistory } from '../lib/history'
import { useCatalogue } from './catalogue'
import { usePreferences } from './preferences'

const EMPTY: LookDocument = {
  format: 'datura-look',
  version: 1,
  name: '',
  notes: '',
  mapping: 'pencil',
  parts: [],
}
const SAVE_AFTER_MS = 700
const RETRY_MS = 3000
const STRIP_AFTER_MS = 250
const PAINT_PIXELS = 1024
// Coarse while a handle moves, so that the bust follows the hand.
const DRAGGED_PIXELS = 448

export type SaveState = 'saved' | 'waiting' | 'saving' | 'offline' | 'conflict' | 'refused'

/** The look in the painter's hands: its document, its plan and pictures, and its saving. */
export const useWorkspace = defineStore('workspace', () => {
  const catalogue = useCatalogue()
  const preferences = usePreferences()
  const history = useHistory<LookDocument>(EMPTY)
  const look = history.now
  const id = ref('')
  const revision = ref(0)
  const saveState = ref<SaveState>('saved')
  const saveMessage = ref('')
  const selected = ref<string | null>(null)
  /** Steps shown on the bust; null is the finished face. */
  const shownSteps = ref<number | null>(null)
  const plan = shallowRef<Plan | null>(null)
  const planProblem = ref('')
  const body = shallowRef<Body | null>(null)
  const paint = shallowRef<ImageBitmap | null>(null)
  /** How the paint shines. */
  const finish = shallowRef<ImageBitmap | null>(null)
  const strip = ref('')
  /** Lamp the bust is seen under; empty is daylight, 'setting' the setting's own lamps. */
  const lamp = ref('')
  const busy = ref(false)
  /** Whether a handle is in the painter's hand. */
  const dragging = ref(false)
  /** Whether what is in the hand is the lamp that the painting pretends: only shades and lights change. */
  const lampHeld = ref(false)

  const part = computed(() => look.value.parts.find((p) => p.id === selected.value) ?? null)
  const planPart = computed(() => plan.value?.parts.find((p) => p.id === selected.value) ?? null)
  // Coats in the order that was on screen when the plan was asked for; a small edit keeps it.
  const onScreen = shallowRef<string[] | null>(null)
  const asks = computed(() => ({
    look: look.value,
    faceId: preferences.face,
    kitId: preferences.kit,
    settingId: preferences.setting,
    // Coarse shades and lights while something is in the hand.
    draft: dragging.value,
  }))
  const request = computed(() => ({ ...asks.value, onScreen: onScreen.value }))

  // Loading and saving ------------------------------------------------------------------------------------------

  let savedLook: LookDocument = EMPTY
  let saveTimer = 0

  async function open(lookId: string) {
    window.clearTimeout(saveTimer)
    id.value = ''
    const stored = await api.look(lookId)
    const draft = readDraft(lookId)
    selected.value = null
    shownSteps.value = null
    plan.value = null
    paint.value = null
    planProblem.value = ''
    revision.value = stored.revision
    savedLook = stored.look
    history.reset(stored.look)
    saveState.value = 'saved'
    id.value = lookId
    if (draft) {
      // Work that never reached the service goes on top, to be saved or, when somebody else saved since, to be decided on.
      revision.value = draft.revision
      history.change(draft.look)
    }
  }

  watch(look, (now) => {
    if (!id.value || now === savedLook || saveState.value === 'conflict') return
    const kept = keepDraft(id.value, { revision: revision.value, look: now })
    saveState.value = 'waiting'
    saveMessage.value = kept ? '' : 'This browser keeps no copy; do not close it before the look is saved.'
    schedule(SAVE_AFTER_MS)
  })

  function schedule(ms: number) {
    window.clearTimeout(saveTimer)
    saveTimer = window.setTimeout(save, ms)
  }

  async function save() {
    window.clearTimeout(saveTimer)
    if (!id.value || saveState.value === 'conflict' || saveState.value === 'saving') return
    const [savingId, saving] = [id.value, look.value]
    if (saving === savedLook) {
      // Undone back to what is saved: nothing to do but to forget the draft.
      dropDraft(savingId)
      saveState.value = 'saved'
      return
    }
    saveState.value = 'saving'
    try {
      const saved = await api.saveLook(savingId, revision.value, saving)
      if (id.value !== savingId) return
      revision.value = saved.revision
      savedLook = saving
      if (look.value === saving) {
        dropDraft(savingId)
        saveState.value = 'saved'
        saveMessage.value = ''
      } else {
        keepDraft(savingId, { revision: revision.value, look: look.value })
        saveState.value = 'waiting'
        schedule(SAVE_AFTER_MS)
      }
    } catch (error) {
      if (id.value !== savingId) return
      const problem = error as ApiProblem
      saveMessage.value = problem.message
      if (problem.status === 409) saveState.value = 'conflict'
      else if (problem.offline) {
        saveState.value = 'offline'
        schedule(RETRY_MS)
      } else saveState.value = 'refused'
    }
  }

  /** After a conflict: throw the own change away and show what was saved elsewhere. */
  async function takeTheirs() {
    const lookId = id.value
    dropDraft(lookId)
    await open(lookId)
  }

  /** After a conflict: keep the own change under a new name. */
  async function saveAsCopy(): Promise<string> {
    const copy = await api.addLook({ ...look.value, name: `${look.value.name} (copy)` })
    dropDraft(id.value)
    return copy.id
  }

  // Planning ----------------------------------------------------------------------------------------------------

  let planning: AbortController | null = null
  let stripTimer = 0

  async function replan() {
    if (!id.value || !catalogue.ready) return
    planning?.abort()
    const mine = (planning = new AbortController())
    busy.value = true
    try {
      onScreen.value = plan.value?.steps.map((s) => s.key) ?? null
      const asked = request.value
      if (lampHeld.value && asked.look.form) {
        const lit = await createImageBitmap(await api.formLamp(asked, mine.signal))
        if (!mine.signal.aborted) paint.value = lit
        return
      }
      const [nextPlan, picture] = await Promise.all([
        api.plan(asked, mine.signal),
        api
          .paint(
            asked,
            shownSteps.value,
            dragging.value ? DRAGGED_PIXELS : PAINT_PIXELS,
            mine.signal,
            lamp.value,
          )
          .then((b) => createImageBitmap(b)),
      ])
      if (mine.signal.aborted) return
      plan.value = nextPlan
      paint.value = picture
      planProblem.value = ''
      window.clearTimeout(stripTimer)
      stripTimer = window.setTimeout(() => void restrip(mine), STRIP_AFTER_MS)
    } catch (error) {
      if (!mine.signal.aborted) planProblem.value = (error as Error).message
    } finally {
      if (planning === mine) busy.value = false
    }
  }

  async function restrip(mine: AbortController) {
    void refinish(mine.signal)
    try {
      const pictures = await api.strip(request.value, mine.signal)
      if (mine.signal.aborted) return
      if (strip.value) URL.revokeObjectURL(strip.value)
      strip.value = URL.createObjectURL(pictures)
    } catch {
      // The plan itself reports what is wrong; without new pictures the old ones stay.
    }
  }

  async function refinish(signal?: AbortSignal) {
    try {
      finish.value = await createImageBitmap(await api.finish(request.value, shownSteps.value, signal))
    } catch {
      // Without it the paint keeps the shine it had.
    }
  }

  async function loadBody() {
    if (!preferences.face) return
    try {
      body.value = await api.body(preferences.face)
    } catch (error) {
      planProblem.value = (error as Error).message
    }
  }

  // Each drag is one step of undo.
  let drags = 0

  // While dragging one request at a time is under way, and the newest state waits for it.
  let again = false
  async function follow() {
    if (dragging.value && busy.value) {
      again = true
      return
    }
    do {
      again = false
      await replan()
    } while (again)
  }

  watch(
    [asks, id, () => catalogue.ready, () => catalogue.faces, () => catalogue.settings, lamp],
    () => void follow(),
  )
  watch(dragging, (now) => {
    if (now) drags++
    else void replan()
  })
  watch([() => preferences.face, () => catalogue.faces, id], () => void loadBody())
  watch(shownSteps, async (steps) => {
    if (!id.value) return
    try {
      const picture = await createImageBitmap(
        await api.paint(request.value, steps, PAINT_PIXELS, undefined, lamp.value),
      )
      if (shownSteps.value === steps) paint.value = picture
      void refinish()
    } catch (error) {
      planProblem.value = (error as Error).message
    }
  })

  function holdLamp(on: boolean) {
    lampHeld.value = on
    dragging.value = on
  }

  /** Shows the bust after a number of coats; null shows the steps again. */
  async function showCoats(coats: number | null) {
    const picture = await (coats === null
      ? api.paint(request.value, shownSteps.value, PAINT_PIXELS, undefined, lamp.value)
      : api.paintCoats(request.value, coats, PAINT_PIXELS, undefined, lamp.value))
    paint.value = await createImageBitmap(picture)
  }

  // Editing -----------------------------------------------------------------------------------------------------

  /** Changes a part; changes with the same key in quick succession are one step of undo. */
  function edit(partId: string, change: Partial<PartDocument>, key = '') {
    const parts = look.value.parts.map((p) => (p.id === partId ? { ...p, ...change } : p))
    history.change(
      { ...look.value, parts, kit: kitOf() },
      key && `${partId}/${key}/${dragging.value ? drags : ''}`,
      dragging.value,
    )
  }

  /** The kit in hand becomes the look's own as soon as nothing in it has to be stood in for. */
  function kitOf() {
    return plan.value && plan.value.standIns.length === 0 ? preferences.kit : look.value.kit
  }

  /** Takes the mixes that stand in for paints which this kit does not hold; from then on the look is this kit's. */
  function takeStandIns() {
    const taken = plan.value?.standIns ?? []
    const parts = look.value.parts.map((p) => {
      const mine = taken.filter((s) => s.partId === p.id)
      return mine.length === 0
        ? p
        : { ...p, paints: { ...p.paints, ...Object.fromEntries(mine.map((s) => [s.role, s.mix])) } }
    })
    history.change({ ...look.value, parts, kit: preferences.kit })
  }

  function describe(change: Partial<LookDocument>, key = '') {
    history.change(
      { ...look.value, ...change },
      key && `${key}/${dragging.value ? drags : ''}`,
      dragging.value,
    )
  }

  function freshId(kind: string) {
    const taken = new Set(look.value.parts.map((p) => p.id))
    for (let n = 1; ; n++) if (!taken.has(`${kind}-${n}`)) return `${kind}-${n}`
  }

  function add(template: PartDocument) {
    const added = { ...template, id: freshId(template.kind), seed: 1 + look.value.parts.length }
    history.change({ ...look.value, parts: [...look.value.parts, added], kit: kitOf() })
    selected.value = added.id
  }

  function duplicate(partId: string) {
    const original = look.value.parts.find((p) => p.id === partId)
    if (original) add(original)
  }

  /** A one-sided part changes sides. */
  function mirror(partId: string) {
    const part = look.value.parts.find((p) => p.id === partId)
    if (part && part.sides !== 'both') edit(partId, { sides: part.sides === 'left' ? 'right' : 'left' })
  }

  /** Moves a part by millimetres of skin: towards the wearer's left, and up. */
  function nudge(partId: string, leftMm: number, upMm: number) {
    const part = look.value.parts.find((p) => p.id === partId)
    if (!part || !plan.value?.parts.find((p) => p.id === partId)?.movable) return
    const outwards = part.sides === 'right' ? -1 : 1
    const within = (mm: number) => Math.max(-80, Math.min(80, Math.round(mm * 10) / 10))
    const moved = {
      outMm: within((part.moved?.outMm ?? 0) + outwards * leftMm),
      upMm: within((part.moved?.upMm ?? 0) + upMm),
    }
    edit(partId, { moved }, 'moved')
  }

  function remove(partId: string) {
    history.change({ ...look.value, parts: look.value.parts.filter((p) => p.id !== partId) })
    if (selected.value === partId) selected.value = null
  }

  /** Leaves the look; what is not saved yet is saved or stays as a draft. */
  async function close() {
    if (saveState.value === 'waiting') await save()
    id.value = ''
  }

  return {
    look,
    id,
    revision,
    saveState,
    saveMessage,
    selected,
    shownSteps,
    plan,
    planProblem,
    body,
    paint,
    finish,
    strip,
    lamp,
    busy,
    dragging,
    holdLamp,
    part,
    planPart,
    request,
    canUndo: history.canUndo,
    canRedo: history.canRedo,
    undo: history.undo,
    redo: history.redo,
    open,
    close,
    showCoats,
    save,
    takeTheirs,
    saveAsCopy,
    edit,
    takeStandIns,
    describe,
    add,
    duplicate,
    mirror,
    nudge,
    remove,
  }
})
