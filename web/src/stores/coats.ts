import { defineStore } from 'pinia'
import { ref, shallowRef, watch } from 'vue'
import { api, type CoreLayer } from '../api/client'
import type { ChartPoint } from '../lib/zones'
import { useWorkspace } from './workspace'

const BEFORE_PIXELS = 1024

/** A core of the coats at a place the painter pointed at. */
export const useCoats = defineStore('coats', () => {
  const workspace = useWorkspace()
  const at = ref<ChartPoint | null>(null)
  const zone = ref('')
  const core = shallowRef<CoreLayer[] | null>(null)

  watch([at, () => workspace.plan, () => workspace.lamp], async () => {
    if (!at.value) {
      core.value = null
      return
    }
    try {
      core.value = await api.core(workspace.request, at.value, workspace.lamp || 'daylight')
    } catch {
      core.value = null
    }
  })
  watch(
    () => workspace.id,
    () => (at.value = null),
  )

  /** Whether the base is shown by how well it hides, instead of by its colour. */
  const showHiding = ref(false)
  const hiding = shallowRef<ImageBitmap | null>(null)
  let call: AbortController | null = null
  watch([showHiding, () => workspace.plan], async ([wanted]) => {
    call?.abort()
    if (!wanted || !workspace.plan) {
      hiding.value = null
      return
    }
    const mine = (call = new AbortController())
    try {
      const picture = await createImageBitmap(await api.baseHiding(workspace.request, mine.signal))
      if (!mine.signal.aborted) hiding.value = picture
    } catch {
      // The plan itself reports what is wrong.
    }
  })

  /** The coat before and after which the bust is shown, by its number; null shows one state. */
  const compared = ref<number | null>(null)
  /** Share of the bust's width at which before and after meet. */
  const divide = ref(0.5)
  const before = shallowRef<ImageBitmap | null>(null)
  watch([compared, () => workspace.plan, () => workspace.lamp], async ([number, plan]) => {
    if (number === null || !plan) {
      if (before.value) void workspace.showCoats(null)
      before.value = null
      return
    }
    try {
      const [earlier] = await Promise.all([
        api
          .paintCoats(workspace.request, number - 1, BEFORE_PIXELS, undefined, workspace.lamp)
          .then((b) => createImageBitmap(b)),
        workspace.showCoats(number),
      ])
      if (compared.value === number) before.value = earlier
    } catch {
      before.value = null
    }
  })
  watch(
    () => workspace.id,
    () => (compared.value = null),
  )

  function pointAt(place: ChartPoint, name: string) {
    zone.value = name
    at.value = place
  }

  return { at, zone, core, showHiding, hiding, compared, divide, before, pointAt }
})
