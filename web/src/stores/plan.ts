import { useObjectUrl } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { LIMITS } from '../api/limits'
import { api, type Body, type Plan, type Shown } from '../api/client'
import { useLatest } from '../lib/latest'
import { useCatalogue } from './catalogue'
import { useLens } from './lens'
import { useLook } from './look'
import { usePreferences } from './preferences'
import { useSelection } from './selection'

const STRIP_AFTER_MS = 250
const PAINT_PIXELS = 1024
// Coarse while a handle moves, so that the bust follows the hand.
const DRAGGED_PIXELS = 448

/** The plan of the look in hand, on this face, with this kit, in this setting; and the pictures drawn from it. */
export const usePlan = defineStore('plan', () => {
  const catalogue = useCatalogue()
  const preferences = usePreferences()
  const lens = useLens()
  const selection = useSelection()
  const document = useLook()
  /** Steps shown on the bust; null is the finished face. */
  const shownSteps = ref<number | null>(null)
  const plan = shallowRef<Plan | null>(null)
  const problem = ref('')
  const body = shallowRef<Body | null>(null)
  const paint = shallowRef<ImageBitmap | null>(null)
  /** How the paint shines. */
  const finish = shallowRef<ImageBitmap | null>(null)
  const stripPicture = shallowRef<Blob>()
  const strip = useObjectUrl(stripPicture)
  /** Lamp the bust is seen under; empty is daylight, 'setting' the setting's own lamps. */
  const lamp = ref('')
  const planning = useLatest()
  const stripping = useLatest()

  const planPart = computed(() => plan.value?.parts.find((p) => p.id === selection.selected) ?? null)
  // Coats in the order that was on screen when the plan was asked for; a small edit keeps it.
  const onScreen = shallowRef<string[] | null>(null)
  const asks = computed(() => ({
    look: document.look,
    faceId: preferences.face,
    kitId: preferences.kit,
    settingId: preferences.setting,
    // Coarse shades and lights while something is in the hand.
    draft: selection.dragging,
  }))
  const request = computed(() => ({ ...asks.value, onScreen: onScreen.value }))

  // Colours and form are judged on a smooth film and a bare head; a dot is set on closed eyes.
  const looksAs = computed(() =>
    ['coats', 'form'].includes(lens.id) ? 'plain' : lens.id === 'map' ? 'closed' : 'alive',
  )
  const shown = computed<Shown>(() => {
    const plain = looksAs.value === 'plain'
    const step = shownSteps.value ? plan.value?.steps[shownSteps.value - 1] : undefined
    const lidsAtWork = step?.poses.some((p) => p.pose === 'eyesClosed') ?? false
    const eyes =
      looksAs.value === 'closed' || lidsAtWork
        ? 'closed'
        : shownSteps.value === null
          ? preferences.eyes
          : 'open'
    // It is tied back for the work and may fall when all is done.
    const hair = !plain && looksAs.value !== 'closed' && shownSteps.value === null ? preferences.hair : 'tied'
    return { grain: preferences.film === 'grained' && !plain, eyes: plain ? 'none' : eyes, hair }
  })
  const shownNow = () => ({ ...shown.value, grain: shown.value.grain && !selection.dragging })

  function forget() {
    shownSteps.value = null
    plan.value = null
    paint.value = null
    problem.value = ''
  }

  async function replan() {
    if (!document.id || !catalogue.ready) return
    stripping.stop()
    onScreen.value = plan.value?.steps.map((s) => s.key) ?? null
    const asked = request.value
    try {
      if (selection.lampHeld && asked.look.form) {
        const lit = await planning.ask(async (signal) => createImageBitmap(await api.formLamp(asked, signal)))
        if (lit) paint.value = lit
        return
      }
      const pixels = selection.dragging ? DRAGGED_PIXELS : PAINT_PIXELS
      const answer = await planning.ask((signal) =>
        Promise.all([
          api.plan(asked, signal),
          api
            .paint(asked, shownSteps.value, pixels, shownNow(), signal, lamp.value)
            .then((b) => createImageBitmap(b)),
        ]),
      )
      if (!answer) return
      ;[plan.value, paint.value] = answer
      document.fittingKit = answer[0].standIns.length === 0 ? preferences.kit : null
      problem.value = ''
      stripping.later(STRIP_AFTER_MS, restrip)
    } catch (error) {
      problem.value = (error as Error).message
    }
  }

  async function restrip() {
    void refinish()
    try {
      stripPicture.value =
        (await stripping.ask((signal) => api.strip(request.value, signal))) ?? stripPicture.value
    } catch {
      // The plan itself reports what is wrong; without new pictures the old ones stay.
    }
  }

  async function refinish() {
    try {
      finish.value = await createImageBitmap(await api.finish(request.value, shownSteps.value))
    } catch {
      // Without it the paint keeps the shine it had.
    }
  }

  async function loadBody() {
    if (!preferences.face) return
    try {
      body.value = await api.body(preferences.face)
    } catch (error) {
      problem.value = (error as Error).message
    }
  }

  // While dragging one request at a time is under way, and the newest state waits for it.
  let again = false
  async function follow() {
    if (selection.dragging && planning.busy.value) {
      again = true
      return
    }
    do {
      again = false
      await replan()
    } while (again)
  }

  watch(
    () => document.id,
    (now) => now && forget(),
    { flush: 'sync' },
  )
  watch(
    [
      asks,
      () => document.id,
      () => catalogue.ready,
      () => catalogue.faces,
      () => catalogue.settings,
      lamp,
      () => preferences.film,
      () => preferences.eyes,
      () => preferences.hair,
      looksAs,
    ],
    () => void follow(),
  )
  watch(
    () => selection.dragging,
    (now) => !now && void replan(),
  )
  watch([() => preferences.face, () => catalogue.faces, () => document.id], () => void loadBody())
  watch(shownSteps, async (steps) => {
    if (!document.id) return
    try {
      const picture = await createImageBitmap(
        await api.paint(request.value, steps, PAINT_PIXELS, shownNow(), undefined, lamp.value),
      )
      if (shownSteps.value === steps) paint.value = picture
      void refinish()
    } catch (error) {
      problem.value = (error as Error).message
    }
  })

  /** Shows the bust after a number of coats; null shows the steps again. */
  async function showCoats(coats: number | null) {
    const picture = await (coats === null
      ? api.paint(request.value, shownSteps.value, PAINT_PIXELS, shownNow(), undefined, lamp.value)
      : api.paintCoats(request.value, coats, PAINT_PIXELS, undefined, lamp.value))
    paint.value = await createImageBitmap(picture)
  }

  /** Takes the mixes that stand in for paints which this kit does not hold; from then on the look is this kit's. */
  function takeStandIns() {
    const taken = plan.value?.standIns ?? []
    const parts = document.look.parts.map((p) => {
      const mine = taken.filter((s) => s.partId === p.id)
      return mine.length === 0
        ? p
        : { ...p, paints: { ...p.paints, ...Object.fromEntries(mine.map((s) => [s.role, s.mix])) } }
    })
    document.describe({ parts, kit: preferences.kit })
  }

  /** Moves a part by millimetres of skin: towards the wearer's left, and up. */
  function nudge(partId: string, leftMm: number, upMm: number) {
    const part = document.look.parts.find((p) => p.id === partId)
    if (!part || !plan.value?.parts.find((p) => p.id === partId)?.movable) return
    const outwards = part.sides === 'right' ? -1 : 1
    const within = (mm: number) =>
      Math.max(LIMITS.Move.upMm.min, Math.min(LIMITS.Move.upMm.max, Math.round(mm * 10) / 10))
    const moved = {
      outMm: within((part.moved?.outMm ?? 0) + outwards * leftMm),
      upMm: within((part.moved?.upMm ?? 0) + upMm),
    }
    document.edit(partId, { moved }, 'moved')
  }

  return {
    shownSteps,
    plan,
    problem,
    body,
    paint,
    finish,
    strip,
    lamp,
    busy: planning.busy,
    /** Reckons it anew: something changed that it does not watch. */
    replan,
    planPart,
    request,
    showCoats,
    takeStandIns,
    nudge,
  }
})
