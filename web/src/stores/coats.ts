import { defineStore } from 'pinia'
import { ref, shallowRef, watch } from 'vue'
import { api, type CoreLayer } from '../api/client'
import { useLatest } from '../lib/latest'
import type { ChartPoint } from '../lib/zones'
import { useLook } from './look'
import { usePlan } from './plan'
import { useLens } from './lens'

const BEFORE_PIXELS = 1024

/** A core of the coats at a place the painter pointed at. */
export const useCoats = defineStore('coats', () => {
  const lookDoc = useLook()
  const planning = usePlan()
  const at = ref<ChartPoint | null>(null)
  const zone = ref('')
  const core = shallowRef<CoreLayer[] | null>(null)

  watch([at, () => planning.plan, () => planning.lamp], async () => {
    if (!at.value) {
      core.value = null
      return
    }
    try {
      core.value = await api.core(planning.request, at.value, planning.lamp || 'daylight')
    } catch {
      core.value = null
    }
  })
  watch(
    () => lookDoc.id,
    () => (at.value = null),
  )

  /** Whether the base is shown by how well it hides, instead of by its colour. */
  const showHiding = ref(false)
  const hiding = shallowRef<ImageBitmap | null>(null)
  const asking = useLatest()
  watch([showHiding, () => planning.plan], async ([wanted]) => {
    asking.stop()
    if (!wanted || !planning.plan) {
      hiding.value = null
      return
    }
    try {
      const picture = await asking.ask(async (signal) =>
        createImageBitmap(await api.baseHiding(planning.request, signal)),
      )
      if (picture) hiding.value = picture
    } catch {
      // The plan itself reports what is wrong.
    }
  })

  /** The coat before and after which the bust is shown, by its number; null shows one state. */
  const compared = ref<number | null>(null)
  /** Share of the bust's width at which before and after meet. */
  const divide = ref(0.5)
  const before = shallowRef<ImageBitmap | null>(null)
  watch([compared, () => planning.plan, () => planning.lamp], async ([number, plan]) => {
    if (number === null || !plan) {
      if (before.value) void planning.showCoats(null)
      before.value = null
      return
    }
    try {
      const [earlier] = await Promise.all([
        api
          .paintCoats(planning.request, number - 1, BEFORE_PIXELS, undefined, planning.lamp)
          .then((b) => createImageBitmap(b)),
        planning.showCoats(number),
      ])
      if (compared.value === number) before.value = earlier
    } catch {
      before.value = null
    }
  })
  watch(
    () => lookDoc.id,
    () => (compared.value = null),
  )

  const lens = useLens()
  watch(
    () => lens.id,
    (now) => {
      if (now === 'coats') return
      planning.lamp = ''
      compared.value = null
    },
  )

  function pointAt(place: ChartPoint, name: string) {
    zone.value = name
    at.value = place
  }

  return { at, zone, core, showHiding, hiding, compared, divide, before, pointAt }
})
