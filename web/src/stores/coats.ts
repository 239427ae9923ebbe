import { defineStore } from 'pinia'
import { ref, shallowRef, watch } from 'vue'
import { api, type CoreLayer } from '../api/client'
import type { ChartPoint } from '../lib/zones'
import { useWorkspace } from './workspace'

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

  function pointAt(place: ChartPoint, name: string) {
    zone.value = name
    at.value = place
  }

  return { at, zone, core, showHiding, hiding, pointAt }
})
