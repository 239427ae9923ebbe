import { defineStore } from 'pinia'
import { ref, shallowRef, watch } from 'vue'
import { api, type DotPlan, type Handle, type Tape } from '../api/client'
import type { LENSES } from '../lenses/registry'
import type { ChartPoint } from '../lib/zones'
import { useCoats } from './coats'
import { useForm } from './form'
import { useOrder } from './order'
import { usePreferences } from './preferences'
import { useWorkspace } from './workspace'

export type Lens = (typeof LENSES)[number]['id']

const DOTS_AFTER_MS = 250
const HANDLES_AFTER_MS = 120
const TAPE_AFTER_MS = 60

/** What gets a look onto the skin: the lens, dots, handles, and the tape in the painter's hand. */
export const useMapping = defineStore('mapping', () => {
  const workspace = useWorkspace()
  const preferences = usePreferences()
  const coats = useCoats()
  const form = useForm()
  const order = useOrder()
  const lens = ref<Lens>('look')
  const toleranceMm = ref(2)
  const dots = shallowRef<DotPlan | null>(null)
  const handles = shallowRef<Handle[]>([])
  const landmarks = ref(true)
  const stretch = ref(false)
  /** Face whose bust stands beside the first; empty when none does. */
  const compared = ref('')
  /** A place that a check points at. */
  const spot = ref<ChartPoint | null>(null)
  const problem = ref('')

  const taping = ref(false)
  const tapeFrom = ref<ChartPoint | null>(null)
  const tape = shallowRef<Tape | null>(null)

  let dotsTimer = 0
  watch([lens, toleranceMm, () => workspace.plan], () => {
    window.clearTimeout(dotsTimer)
    if (lens.value !== 'map' || !workspace.plan) return
    dotsTimer = window.setTimeout(async () => {
      try {
        dots.value = await api.dots(workspace.request, toleranceMm.value)
        problem.value = ''
      } catch (error) {
        problem.value = (error as Error).message
      }
    }, DOTS_AFTER_MS)
  })

  let handlesTimer = 0
  watch([() => workspace.selected, () => workspace.plan], ([selected], [before]) => {
    if (selected !== before) handles.value = []
    window.clearTimeout(handlesTimer)
    // What is left out this time has no handles.
    if (!selected || workspace.dragging || !workspace.planPart) return
    handlesTimer = window.setTimeout(async () => {
      try {
        const found = await api.handles(workspace.request, selected)
        if (workspace.selected === selected && !workspace.dragging) handles.value = found
      } catch {
        handles.value = []
      }
    }, HANDLES_AFTER_MS)
  })

  let tapeTimer = 0
  let tapeCall: AbortController | null = null
  /** Lays the tape from where it is held to a place. */
  function layTape(to: ChartPoint) {
    const from = tapeFrom.value
    if (!from) return
    window.clearTimeout(tapeTimer)
    tapeTimer = window.setTimeout(async () => {
      tapeCall?.abort()
      tapeCall = new AbortController()
      try {
        tape.value = await api.tape(preferences.face, from, to, tapeCall.signal)
      } catch {
        // The next move of the pointer asks again.
      }
    }, TAPE_AFTER_MS)
  }

  /** First click holds the tape, the second lets go and leaves it lying. */
  function tapeAt(at: ChartPoint) {
    if (tapeFrom.value) {
      layTape(at)
      if (lens.value === 'form') void form.measure(tapeFrom.value, at)
      tapeFrom.value = null
    } else {
      tapeFrom.value = at
      tape.value = null
    }
  }

  function putTapeAway() {
    taping.value = false
    tapeFrom.value = null
    tape.value = null
  }

  watch(lens, (now) => {
    if (now !== 'map' && now !== 'form') putTapeAway()
    form.shown = now === 'form'
    order.shown = now === 'order'
    if (now !== 'map') {
      stretch.value = false
    }
    if (now !== 'coats') {
      workspace.lamp = ''
      coats.compared = null
    }
  })
  watch(
    () => workspace.id,
    () => {
      dots.value = null
      handles.value = []
      spot.value = null
    },
  )

  return {
    lens,
    toleranceMm,
    dots,
    handles,
    landmarks,
    stretch,
    compared,
    spot,
    problem,
    taping,
    tapeFrom,
    tape,
    layTape,
    tapeAt,
    putTapeAway,
  }
})
