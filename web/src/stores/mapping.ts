import { defineStore } from 'pinia'
import { ref, shallowRef, watch } from 'vue'
import { api, type DotPlan, type Handle, type Tape } from '../api/client'
import { useLatest } from '../lib/latest'
import type { LENSES } from '../lenses/registry'
import type { ChartPoint } from '../lib/zones'
import { useCoats } from './coats'
import { useForm } from './form'
import { useOrder } from './order'
import { usePreferences } from './preferences'
import { useLook } from './look'
import { usePlan } from './plan'
import { useSelection } from './selection'

export type Lens = (typeof LENSES)[number]['id']

const DOTS_AFTER_MS = 250
const HANDLES_AFTER_MS = 120
const TAPE_AFTER_MS = 60

/** What gets a look onto the skin: the lens, dots, handles, and the tape in the painter's hand. */
export const useMapping = defineStore('mapping', () => {
  const lookDoc = useLook()
  const planning = usePlan()
  const selection = useSelection()
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

  const dotting = useLatest()
  watch([lens, toleranceMm, () => planning.plan], () => {
    dotting.stop()
    if (lens.value !== 'map' || !planning.plan) return
    dotting.later(DOTS_AFTER_MS, async () => {
      try {
        const found = await dotting.ask((signal) => api.dots(planning.request, toleranceMm.value, signal))
        if (found) dots.value = found
        problem.value = ''
      } catch (error) {
        problem.value = (error as Error).message
      }
    })
  })

  const holding = useLatest()
  watch([() => selection.selected, () => planning.plan], ([selected], [before]) => {
    if (selected !== before) handles.value = []
    holding.stop()
    // What is left out this time has no handles.
    if (!selected || selection.dragging || !planning.planPart) return
    holding.later(HANDLES_AFTER_MS, async () => {
      try {
        const found = await holding.ask((signal) => api.handles(planning.request, selected, signal))
        if (found && !selection.dragging) handles.value = found
      } catch {
        handles.value = []
      }
    })
  })

  const laying = useLatest()
  /** Lays the tape from where it is held to a place. */
  function layTape(to: ChartPoint) {
    const from = tapeFrom.value
    if (!from) return
    laying.later(TAPE_AFTER_MS, async () => {
      try {
        tape.value =
          (await laying.ask((signal) => api.tape(preferences.face, from, to, signal))) ?? tape.value
      } catch {
        // The next move of the pointer asks again.
      }
    })
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
      planning.lamp = ''
      coats.compared = null
    }
  })
  watch(
    () => lookDoc.id,
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
