import { defineStore } from 'pinia'
import { ref, shallowRef, watch } from 'vue'
import { api, type DotPlan, type Handle, type Tape } from '../api/client'
import { useLatest } from '../lib/latest'
import type { ChartPoint } from '../lib/zones'
import { useForm } from './form'
import { useLens } from './lens'
import { usePreferences } from './preferences'
import { useLook } from './look'
import { usePlan } from './plan'
import { useSelection } from './selection'

const DOTS_AFTER_MS = 250
const HANDLES_AFTER_MS = 120
const TAPE_AFTER_MS = 60

/** What gets a look onto the skin: dots, handles, and the tape in the painter's hand. */
export const useMapping = defineStore('mapping', () => {
  const lookDoc = useLook()
  const planning = usePlan()
  const selection = useSelection()
  const preferences = usePreferences()
  const form = useForm()
  const lens = useLens()
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
  watch([() => lens.id, toleranceMm, () => planning.plan], () => {
    dotting.stop()
    if (lens.id !== 'map' || !planning.plan) return
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
      if (lens.id === 'form') void form.measure(tapeFrom.value, at)
      tapeFrom.value = null
    } else {
      tapeFrom.value = at
      tape.value = null
    }
  }

  function putTapeAway() {
    // A length that is still on its way belongs to no tape any more.
    laying.stop()
    taping.value = false
    tapeFrom.value = null
    tape.value = null
  }

  watch(
    () => lens.id,
    (now) => {
      if (now !== 'map' && now !== 'form') putTapeAway()
      if (now !== 'map') stretch.value = false
    },
  )
  watch(
    () => lookDoc.id,
    () => {
      dots.value = null
      handles.value = []
      spot.value = null
    },
  )

  return {
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
