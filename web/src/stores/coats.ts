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

  function pointAt(place: ChartPoint, name: string) {
    zone.value = name
    at.value = place
  }

  return { at, zone, core, pointAt }
})
